package bathyra.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.table.Ink;
import bathyra.app.table.RecordingSurface;
import bathyra.app.table.Surface;
import bathyra.app.workshop.InWorkshop;
import bathyra.draft.Draft;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.practice.Exercise;
import bathyra.practice.Exercises;
import bathyra.practice.Skill;
import java.lang.reflect.Proxy;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The picture beside an exercise, painted where there is no window. */
class PracticeDrawingTest extends InWorkshop {
    private static final double WIDE = 700;
    private static final double HIGH = 300;

    /** Every ink its own colour, so that it can be told by what was painted. */
    private static Color ink(Ink ink) {
        return Color.hsb(360.0 * ink.ordinal() / Ink.values().length, 1, 1);
    }

    /** A line or point that was painted, with the colour that was set. */
    private record Painted(String what, Object[] numbers, Color stroke) {}

    /** What is painted, call by call. */
    private static List<Painted> painted(PracticeDrawing drawing) {
        List<Painted> all = new ArrayList<>();
        Color[] stroke = {Color.BLACK};
        var surface = (Surface) Proxy.newProxyInstance(
                PracticeDrawingTest.class.getClassLoader(), new Class<?>[] {Surface.class}, (proxy, method, args) -> {
                    if (method.getName().equals("setStroke")) {
                        stroke[0] = (Color) args[0];
                    }
                    all.add(new Painted(method.getName(), args == null ? new Object[0] : args, stroke[0]));
                    return null;
                });
        drawing.paint(surface, PracticeDrawingTest::ink, WIDE, HIGH);
        return all;
    }

    private static long strokesOf(List<Painted> all, Ink ink, String what) {
        return all.stream()
                .filter(p -> p.what().equals(what) && p.stroke().equals(ink(ink)))
                .count();
    }

    private List<Exercise> exercises() {
        return Exercises.of(draft(), new Random(5)).values().stream()
                .flatMap(List::stream)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"The Heron", "The Salt Queen", "The Tide Bride", "The Lamplighter"})
    void everyExercise_hasItsPicture_withinItsPlace(String title) {
        take(title);
        Set<Skill> seen = EnumSet.noneOf(Skill.class);
        for (Exercise exercise : exercises()) {
            seen.add(exercise.skill());
            PracticeDrawing drawing = new PracticeDrawing(draft(), exercise.at());
            RecordingSurface surface = new RecordingSurface();
            drawing.paint(surface, PracticeDrawingTest::ink, WIDE, HIGH);
            assertThat(surface.words()).as(exercise.skill().label()).containsExactly(drawing.words());
            assertThat(surface.shapes())
                    .isGreaterThanOrEqualTo(draft().pattern().pieces().size());
            for (Painted p : painted(drawing)) {
                if (p.what().equals("lineTo") || p.what().equals("moveTo")) {
                    assertThat((double) p.numbers()[0]).isBetween(0.0, WIDE);
                    assertThat((double) p.numbers()[1]).isBetween(0.0, HIGH);
                }
            }
        }
        assertThat(seen).hasSizeGreaterThan(7);
    }

    @Test
    void level_isDrawnAcrossEveryPieceThatHasIt() {
        take("The Heron");
        Exercise.At at = new Exercise.At(Optional.of(Level.WAIST), Optional.empty(), Optional.empty());
        PracticeDrawing drawing = new PracticeDrawing(draft(), at);
        assertThat(drawing.words()).isEqualTo("Waist");
        assertThat(strokesOf(painted(drawing), Ink.TEAL, "strokeLine"))
                .isEqualTo(draft().pattern().pieces().size());
    }

    @Test
    void panel_isFilled_andTheLevelDrawnOnItAlone() {
        take("The Heron");
        Exercise.At at = new Exercise.At(Optional.of(Level.WAIST), Optional.of("F2"), Optional.empty());
        PracticeDrawing drawing = new PracticeDrawing(draft(), at);
        assertThat(drawing.words()).isEqualTo("Side front, waist");
        List<Painted> all = painted(drawing);
        assertThat(strokesOf(all, Ink.TEAL, "strokeLine")).isEqualTo(1);
        assertThat(all.stream().filter(p -> p.what().equals("setFill") && p.numbers()[0].equals(ink(Ink.SEA_3))))
                .hasSize(1);
    }

    @Test
    void seam_isDrawnOnBothItsEdges() {
        take("The Heron");
        SeamJoin seam = draft().pattern().seams().get(0);
        Exercise.At at = new Exercise.At(Optional.empty(), Optional.empty(), Optional.of(seam));
        PracticeDrawing drawing = new PracticeDrawing(draft(), at);
        assertThat(drawing.words()).isEqualTo(seam.name());
        List<Painted> all = painted(drawing);
        assertThat(strokesOf(all, Ink.TEAL, "stroke")).isEqualTo(2);
        assertThat(strokesOf(all, Ink.TEAL, "strokeLine")).isZero();
    }

    /** A panel that was cut into other pieces is not there to be filled: its level is still named. */
    @Test
    void panelThatIsNoPiece_isNamedByItsLevel() {
        take("The Heron");
        Exercise.At at = new Exercise.At(Optional.of(Level.WAIST), Optional.of("B7"), Optional.empty());
        PracticeDrawing drawing = new PracticeDrawing(draft(), at);
        assertThat(drawing.words()).isEqualTo("Waist");
        assertThat(strokesOf(painted(drawing), Ink.TEAL, "strokeLine")).isZero();
    }

    @Test
    void model_showsThePictureOfWhatItAsks() {
        take("The Heron");
        PracticeModel model = new PracticeModel(workshop, Runnable::run, () -> {}, new Random(3));
        model.bringUpToDate();
        model.goOn();
        Draft of = draft();
        assertThat(model.drawing()).isPresent();
        assertThat(model.drawing().orElseThrow().words())
                .isEqualTo(new PracticeDrawing(of, model.asked().orElseThrow().at()).words());
    }
}
