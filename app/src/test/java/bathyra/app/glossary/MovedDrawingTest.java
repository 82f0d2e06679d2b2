package bathyra.app.glossary;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.reckoning.OptionField.Setting;
import bathyra.app.table.RecordingSurface;
import bathyra.app.workshop.InWorkshop;
import bathyra.app.workshop.Settings;
import bathyra.garment.Commission;
import bathyra.garment.EdgeUse;
import bathyra.garment.LengthOption;
import bathyra.geometry.Point;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The small drawing under a figure's words: what the figure does to the pattern. */
class MovedDrawingTest extends InWorkshop {
    private static final double WIDE = 300;
    private static final double HIGH = 170;

    private Optional<MovedDrawing> drawn(LengthOption option) {
        return drawn(new Settings(workshop).length(option));
    }

    private static Optional<MovedDrawing> drawn(Setting setting) {
        return setting.tries().get().stream()
                .flatMap(t -> MovedDrawing.of(t).stream())
                .findFirst();
    }

    private static double top(List<List<Point>> lines) {
        return lines.stream().flatMap(List::stream).mapToDouble(Point::y).min().orElseThrow();
    }

    private static double length(List<List<Point>> lines) {
        double sum = 0;
        for (List<Point> line : lines) {
            for (int i = 1; i < line.size(); i++) {
                sum += line.get(i - 1).distance(line.get(i));
            }
        }
        return sum;
    }

    private static double foot(List<List<Point>> lines) {
        return -top(lines.stream()
                .map(l -> l.stream().map(p -> new Point(p.x(), -p.y())).toList())
                .toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"The Heron", "The Salt Queen", "The Tide Bride", "The Lamplighter"})
    void whatAnyLengthDoes_isDrawnWithinItsPlace_andChangesNothing(String title) {
        take(title);
        Commission before = workshop.commission();
        List<LengthOption> seen = new ArrayList<>();
        for (LengthOption option : LengthOption.values()) {
            drawn(option).ifPresent(drawing -> {
                seen.add(option);
                RecordingSurface surface = new RecordingSurface();
                drawing.paint(surface, ink -> Color.BLACK, WIDE, HIGH);
                assertThat(surface.words()).as(option.id()).containsExactly(drawing.words());
                assertThat(surface.shapes())
                        .isGreaterThanOrEqualTo(
                                drawing.now().size() + drawing.moved().size());
            });
        }
        assertThat(seen).as("lengths that this garment shows").hasSizeGreaterThan(8);
        assertThat(workshop.commission()).isEqualTo(before);
        assertThat(workshop.undoLabelProperty().get()).isEmpty();
    }

    @Test
    void aLowerEdgeFurtherDown_isDrawnFurtherDown_byThatMuch() {
        take("The Salt Queen");
        MovedDrawing drawing = drawn(LengthOption.FRONT_LENGTH_BELOW).orElseThrow();
        assertThat(drawing.words().replace('\u00a0', ' ')).isEqualTo("dashed: 1.0 cm more");
        assertThat(foot(drawing.then()) - foot(drawing.now())).isBetween(5.0, 12.0);
        assertThat(top(drawing.then())).isEqualTo(top(drawing.now()));
        assertThat(length(drawing.moved()))
                .as("what does not move is not drawn twice")
                .isPositive()
                .isLessThan(length(drawing.then()) * 2 / 3);
    }

    /** On the bustier centre front already stands as low as the underarm lets it: more of its dip moves nothing, less does. */
    @Test
    void whereMoreMovesNothing_lessIsDrawn() {
        take("The Heron");
        assertThat(drawn(LengthOption.EDGE_DIP)
                        .or(() -> drawn(LengthOption.SWEETHEART_DIP))
                        .orElseThrow()
                        .words())
                .endsWith("less");
    }

    @Test
    void whatHasNoRoomForMore_isTriedWithLess_inInchesWithHalfAnInch() {
        take("The Salt Queen");
        workshop.once(
                "front",
                workshop.commission()
                        .withGarment(workshop.commission()
                                .garment()
                                .withLength(LengthOption.FRONT_LENGTH_BELOW, LengthOption.FRONT_LENGTH_BELOW.most())));
        workshop.naming().unit(LengthUnit.IN);
        Tried tried = new Settings(workshop)
                .length(LengthOption.FRONT_LENGTH_BELOW)
                .tries()
                .get()
                .get(0);
        assertThat(tried.words().replace('\u00a0', ' ')).isEqualTo("½ in less");
    }

    @Test
    void easeMovesEveryPanel_anAllowanceOnlyTheLineThatIsCut() {
        take("The Salt Queen");
        MovedDrawing ease = drawn(new Settings(workshop).ease(Level.WAIST)).orElseThrow();
        assertThat(ease.now()).hasSameSizeAs(ease.then());
        for (int i = 0; i < ease.now().size(); i++) {
            assertThat(ease.then().get(i)).isNotEqualTo(ease.now().get(i));
        }
        MovedDrawing seam =
                drawn(new Settings(workshop).allowance(EdgeUse.SEAM)).orElseThrow();
        assertThat(seam.now().get(0))
                .as("the cutting line")
                .isNotEqualTo(ease.now().get(0));
    }

    @Test
    void whatCannotBeDrafted_hasNoDrawing() {
        take("The Salt Queen");
        Commission now = workshop.commission();
        Commission none = now.withMeasurements(MeasurementSet.empty());
        assertThat(MovedDrawing.of(new Tried(now, none, "much more"))).isEmpty();
        assertThat(MovedDrawing.of(new Tried(none, now, "much less"))).isEmpty();
        assertThat(MovedDrawing.of(new Tried(now, now, "nothing")))
                .as("nothing moves")
                .isEmpty();
    }
}
