package bathyra.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.garment.BlockMethod;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.PrincessStart;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.EdgeRole;
import bathyra.piece.Mark;
import bathyra.piece.Piece;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the princess seam takes above the bust where there is a shoulder (C6.3), measured on the finished pieces. */
class UpperEndTest {
    private static final int BODIES = Sample.of(200);

    private static Garment with(PrincessStart start) {
        Garment garment = Garment.bustier()
                .withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS))
                .withUpperEdge(UpperShape.ROUND);
        return garment.withBlock(garment.block().withPrincess(start));
    }

    private static Draft draft(MeasurementSet body, Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(body, garment));
    }

    private static final MeasurementSet BODY =
            Bodies.withArms(Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680)));

    /** The seam on a piece from its upper end down, as it lies on the paper. */
    private static Path seam(Draft draft, String piece) {
        Path path = draft.cutting()
                .whole()
                .sheet(piece)
                .edge(SeamPlace.PRINCESS_FRONT.id())
                .path();
        return path.start().y() < path.end().y() ? path : path.reversed();
    }

    private static Point top(Draft draft, String piece) {
        return seam(draft, piece).start();
    }

    /** How far apart, square to the seam, its ends lie when the side panel is turned back about the apex by the side dart that was closed. */
    private static double taken(Draft draft) {
        Apex apex = draft.cutting().apex().orElseThrow();
        double wide = draft.panels().panels().get(1).width(Level.BUST);
        double turn = Math.asin(draft.block().sideDart().value() / wide);
        Motion opened = Motion.about(apex.atInner(), turn)
                .then(new Motion(1, 0, apex.atInner().to(apex.atOuter())));
        Vec between = opened.apply(top(draft, "F1")).to(top(draft, "F2"));
        return between.dot(opened.apply(seam(draft, "F1").startTangent()).turned(-Math.PI / 2));
    }

    @ParameterizedTest
    @EnumSource(value = PrincessStart.class, names = "NONE", mode = EnumSource.Mode.EXCLUDE)
    void theSeamTakesAtItsEndWhatItTakesAtTheUpperLine_andTheShouldersStayAlike(PrincessStart start) {
        Random random = new Random(5);
        int looked = 0;
        int near = 0;
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            if (!(Drafter.draft(Bodies.commission(body, with(start))) instanceof Draft draft)) {
                continue;
            }
            looked++;
            double upper = draft.intakes().own(Level.UPPER, SeamPlace.PRINCESS_FRONT);
            assertThat(upper).isGreaterThan(0);
            // Where the seam comes into the armhole nearly along it, the place of meeting leaps: there it is met as
            // nearly as it goes.
            assertThat(taken(draft)).isCloseTo(upper, within(1.5));
            near += Math.abs(taken(draft) - upper) <= 1 ? 1 : 0;
            assertThat(shoulder(draft, true)).isCloseTo(shoulder(draft, false), within(0.5));
            Finished.holds(draft);
        }
        assertThat(looked).isGreaterThan(BODIES * 9 / 10);
        assertThat(near).isGreaterThanOrEqualTo(looked - looked / 50);
    }

    private static double shoulder(Draft draft, boolean front) {
        return draft.pattern().pieces().stream()
                .filter(p -> p.front() == front)
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.role() == EdgeRole.SHOULDER)
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    @Test
    void whatTheCutterTakesMore_isTakenAtTheEnd_andGivenBackAtTheShouldersOuterEnd() {
        Draft plain = draft(BODY, with(PrincessStart.SHOULDER));
        double has = plain.intakes().at(Level.UPPER, SeamPlace.PRINCESS_FRONT).value();
        Draft more = draft(
                BODY,
                with(PrincessStart.SHOULDER)
                        .withIntake(new Cell(Level.UPPER, SeamPlace.PRINCESS_FRONT), Length.mm(has + 12)));
        assertThat(taken(more) - taken(plain)).isCloseTo(12, within(1.0));
        assertThat(shoulder(more, true)).isCloseTo(shoulder(plain, true), within(0.1));
    }

    @Test
    void upperLess_worksWithShoulders() {
        Draft some = draft(BODY, with(PrincessStart.ARMHOLE).withLength(LengthOption.UPPER_LESS, Length.mm(30)));
        Draft all = draft(BODY, with(PrincessStart.ARMHOLE).withLength(LengthOption.UPPER_LESS, Length.mm(0)));
        assertThat(taken(all)).isGreaterThan(taken(some) + 5);
    }

    @Test
    void theShoulderDartOfItsSchool_arrivesWhole() {
        Garment school = with(PrincessStart.SHOULDER);
        Draft draft = draft(BODY, school.withBlock(school.block().withMethod(BlockMethod.SHOULDER_DART)));
        MeasurementSet tape = BODY;
        double difference = tape.find(MeasurementKey.BUST).orElseThrow().value()
                - tape.find(MeasurementKey.UNDERBUST).orElseThrow().value();
        double dart = Math.min(90, Math.max(25, 0.45 * difference));
        // By hand: what closing the side dart opens at the dart's length, and what the seam takes besides.
        double reach = tape.find(MeasurementKey.SHOULDER_TO_APEX).orElseThrow().value() - 19;
        double wide = tape.find(MeasurementKey.BUST).orElseThrow().value() / 4
                + 13
                - tape.find(MeasurementKey.APEX_SPAN).orElseThrow().value() / 2;
        double opened = draft.block().sideDart().value() * reach / wide;
        assertThat(opened + taken(draft)).isGreaterThanOrEqualTo(dart - 0.5);
    }

    @Test
    void theDoubledDart_arrivesWhole() {
        Garment doubled = with(PrincessStart.SHOULDER);
        Draft draft = draft(BODY, doubled.withBlock(doubled.block().withMethod(BlockMethod.DOUBLED_DART)));
        // Two darts of 25 and 5 more on either side, as on the block.
        assertThat(draft.intakes().at(Level.WAIST, SeamPlace.PRINCESS_FRONT).value())
                .isGreaterThanOrEqualTo(Math.min(
                        60,
                        draft.girths().widestFront().value()
                                - draft.girths().at(Level.WAIST).frontHalf().value()));
    }

    @Test
    void aSplayedSeam_endsFartherOut_onBothEdges() {
        for (Garment garment : new Garment[] {with(PrincessStart.SHOULDER), Garment.bustier()}) {
            Draft upright = draft(BODY, garment);
            Draft splayed = draft(BODY, garment.withLength(LengthOption.UPPER_SPLAY, Length.mm(25)));
            double out = top(splayed, "F1").x() - top(upright, "F1").x();
            // Without a shoulder both edges must stay alike in length from the apex up: not all of it can be given.
            assertThat(out).isBetween(garment.top().cover() == Cover.STRAPLESS ? 5.0 : 15.0, 40.0);
            assertThat(top(splayed, "F2").x() - top(upright, "F2").x()).isBetween(5.0, 40.0);
            Finished.holds(splayed);
        }
    }

    @Test
    void noShoulderIsTakenForASideSeam() {
        Draft draft = draft(BODY, with(PrincessStart.SHOULDER));
        assertThat(draft.findings())
                .filteredOn(f -> f.id().equals("side-seam"))
                .singleElement()
                .satisfies(f -> assertThat(f.subject()).doesNotStartWith("SH"));
        assertThat(draft.pattern().pieces()).extracting(Piece::marks).anyMatch(m -> m.stream()
                .anyMatch(k -> k.kind() == Mark.Kind.APEX));
    }
}
