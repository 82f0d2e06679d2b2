package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.finding.FindingKind;
import bathyra.garment.EaseHere;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Room given or taken between the levels (C5.1), measured on the finished pieces. */
class EaseHereTest {
    private static final int BODIES = Sample.of(200);

    static Stream<Garment> designs() {
        return Stream.of(
                Garment.bustier(),
                Garment.of(GarmentKind.CORSET).withPanels(Panels.of(5, SeamPlacing.LANDMARKS)),
                Garment.of(GarmentKind.UNDERBUST));
    }

    private static EaseHere line(double above, double ease) {
        return new EaseHere(Length.mm(above), Optional.empty(), Length.mm(ease));
    }

    @ParameterizedTest
    @MethodSource("designs")
    void theHalfMeasuresWhatIsGivenMoreThanTheStraightRun(Garment design) {
        Random random = new Random(7);
        int drafted = 0;
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            double ease = random.nextDouble(-14, 24);
            Outcome outcome = Drafter.draft(Bodies.commission(body, design.withBetween(List.of(line(-30, ease)))));
            if (outcome instanceof Draft draft) {
                drafted++;
                Finished.holds(draft);
                // By hand: between waist and high hip the plan is the straight run, and half of the ease lies on this
                // half.
                double waist = draft.girths().at(Level.WAIST).pattern().value() / 2;
                double hip = draft.girths().at(Level.HIGH_HIP).pattern().value() / 2;
                double down = 30
                        / (draft.block().front(Level.HIGH_HIP) - draft.block().front(Level.WAIST));
                assertThat(half(draft, "waist-30")).isCloseTo(waist + (hip - waist) * down + ease / 2, within(1.0));
                assertThat(draft.girths().at(Level.WAIST).pattern().value() / 2)
                        .isCloseTo(half(draft, "waist"), within(1.0));
            } else {
                Finished.isReasonable((Refusal) outcome);
            }
        }
        assertThat(drafted).isGreaterThanOrEqualTo(BODIES * 9 / 10);
    }

    private static double half(Draft draft, String line) {
        return draft.pattern().pieces().stream()
                .flatMap(p -> p.mark(line).stream())
                .mapToDouble(LevelMark::length)
                .sum();
    }

    @ParameterizedTest
    @MethodSource("designs")
    void inOneSeam_onlyThePiecesBesideItChange(Garment design) {
        MeasurementSet body = Bodies.ordinary(new Random(3));
        Draft plain = (Draft) Drafter.draft(Bodies.commission(body, design));
        EaseHere pinch = new EaseHere(Length.mm(-30), Optional.of(SeamPlace.SIDE), Length.mm(-12));
        Draft pinched = (Draft) Drafter.draft(Bodies.commission(body, design.withBetween(List.of(pinch))));
        List<String> changed = new ArrayList<>();
        double taken = 0;
        for (Piece piece : plain.pattern().pieces()) {
            double was = width(piece);
            double now = width(pinched.pattern().piece(piece.id()));
            taken += was - now;
            if (Math.abs(was - now) > 0.2) {
                changed.add(piece.id());
            }
        }
        assertThat(changed).hasSize(2);
        assertThat(taken).isCloseTo(6, within(0.3));
    }

    /** With a ruler along a line 30 under the waist mark. */
    private static double width(Piece piece) {
        LevelMark waist = piece.mark(Level.WAIST).orElseThrow();
        Vec along = waist.from().to(waist.to()).unit();
        Point middle = waist.from()
                .plus(along.times(waist.length() / 2))
                .plus(along.turned(Math.PI / 2).times(30));
        double[] at = {along(piece, middle, along.times(-1)), along(piece, middle, along)};
        return at[0] + at[1];
    }

    private static double along(Piece piece, Point from, Vec way) {
        Path ruler = Path.of(new Line(from, from.plus(way.times(400))));
        return piece.outline().stream()
                .flatMap(e -> e.path().crossing(ruler).stream())
                .mapToDouble(Path.Crossing::there)
                .min()
                .orElseThrow();
    }

    @Test
    void farFromTheLine_nothingMoves() {
        Random random = new Random(11);
        Garment design = Garment.of(GarmentKind.UNDERBUST);
        MeasurementSet body = Bodies.ordinary(random);
        Draft plain = (Draft) Drafter.draft(Bodies.commission(body, design));
        Draft eased = (Draft) Drafter.draft(Bodies.commission(body, design.withBetween(List.of(line(-35, 20)))));
        for (Level level : List.of(Level.UNDERBUST, Level.WAIST)) {
            for (Piece piece : plain.pattern().pieces()) {
                double was = piece.mark(level).orElseThrow().length();
                assertThat(eased.pattern()
                                .piece(piece.id())
                                .mark(level)
                                .orElseThrow()
                                .length())
                        .isCloseTo(was, within(0.05));
            }
        }
    }

    @Test
    void aLineOnALevelBeyondTheGarmentOrOnAnother_isRefusedWithTheWayOut() {
        MeasurementSet body = Bodies.ordinary(new Random(3));
        assertRefused(body, List.of(line(8, 10)), "set the ease of that level instead");
        assertRefused(body, List.of(line(-300, 10)), "lies beyond the levels");
        assertRefused(body, List.of(line(-30, 10), line(-40, 10)), "make them one");
        assertRefused(
                body,
                List.of(new EaseHere(Length.mm(-30), Optional.of(SeamPlace.front(7)), Length.mm(5))),
                "this garment has not");
    }

    private static void assertRefused(MeasurementSet body, List<EaseHere> lines, String words) {
        Outcome outcome = Drafter.draft(
                Bodies.commission(body, Garment.of(GarmentKind.UNDERBUST).withBetween(lines)));
        assertThat(outcome).isInstanceOf(Refusal.class);
        assertThat(((Refusal) outcome).reasons()).singleElement().satisfies(f -> {
            assertThat(f.kind()).isEqualTo(FindingKind.EASE_HERE);
            assertThat(f.sentence().in(LengthUnit.CM)).contains(words);
        });
    }
}
