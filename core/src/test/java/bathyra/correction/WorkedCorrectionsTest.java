package bathyra.correction;

import static bathyra.correction.Tried.agreed;
import static bathyra.correction.Tried.bustier;
import static bathyra.correction.Tried.corset;
import static bathyra.correction.Tried.draft;
import static bathyra.correction.Tried.fitting;
import static bathyra.correction.Tried.half;
import static bathyra.correction.Tried.made;
import static bathyra.correction.Tried.width;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Setting;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.Piece;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The table of what becomes of what was seen (C15.4), by hand, on two bodies. */
class WorkedCorrectionsTest {
    static List<MeasurementSet> bodies() {
        return List.of(Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680)), Bodies.large());
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void gapAtTheWaist70_planned50_makesTheWaist20Wider_andTheGapStays(MeasurementSet body) {
        Commission commission = corset(body);
        double planned = commission.garment().gap().value();
        Proposal made = made(commission, fitting(agreed(1, MarkKind.GAP, Spot.at(Level.WAIST), planned + 20)));
        assertThat(2 * half(made.draft(), Level.WAIST) - 2 * half(made.before(), Level.WAIST))
                .isCloseTo(20, within(0.05));
        assertThat(made.draft().commission().garment().gap().value()).isEqualTo(planned);
        // The hip was as planned and stays so; nothing of the waist is felt there.
        assertThat(half(made.draft(), Level.HIGH_HIP)).isCloseTo(half(made.before(), Level.HIGH_HIP), within(0.05));
        assertThat(half(made.draft(), Level.UNDERBUST)).isCloseTo(half(made.before(), Level.UNDERBUST), within(0.05));
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void gapInAV_takesFromTheTop_andGivesToTheHip(MeasurementSet body) {
        Commission round = corset(body);
        Commission commission = round.withGarment(round.garment().withLowerEdge(LowerShape.HIGH_HIP));
        double planned = commission.garment().gap().value();
        Proposal made = made(
                commission,
                fitting(
                        agreed(1, MarkKind.GAP, Spot.at(Level.UPPER), planned - 20),
                        agreed(2, MarkKind.GAP, Spot.at(Level.HIGH_HIP), planned + 30)));
        assertThat(2 * half(made.draft(), Level.UPPER) - 2 * half(made.before(), Level.UPPER))
                .isCloseTo(-20, within(0.05));
        assertThat(2 * half(made.draft(), Level.HIGH_HIP) - 2 * half(made.before(), Level.HIGH_HIP))
                .isCloseTo(30, within(0.05));
        assertThat(GapShape.of(fitting(
                        agreed(1, MarkKind.GAP, Spot.at(Level.UPPER), planned - 20),
                        agreed(2, MarkKind.GAP, Spot.at(Level.HIGH_HIP), planned + 30))))
                .isEqualTo(GapShape.WIDER_BELOW);
    }

    @Test
    void aGapWhoseMiddleRunsAside_isSkewed_howeverEvenItIs() {
        Fitting straight = fitting(
                agreed(1, MarkKind.GAP, Spot.at(Level.UPPER), 50).across(Length.mm(4)),
                agreed(2, MarkKind.GAP, Spot.at(Level.HIGH_HIP), 52).across(Length.mm(-5)));
        assertThat(GapShape.of(straight)).isEqualTo(GapShape.PARALLEL);
        Fitting skewed = fitting(
                agreed(1, MarkKind.GAP, Spot.at(Level.UPPER), 50).across(Length.mm(9)),
                agreed(2, MarkKind.GAP, Spot.at(Level.WAIST), 51),
                agreed(3, MarkKind.GAP, Spot.at(Level.HIGH_HIP), 52).across(Length.mm(-8)));
        assertThat(GapShape.of(skewed)).isEqualTo(GapShape.SKEWED);
        assertThat(GapShape.SKEWED.meaning(skewed).in(LengthUnit.CM).replace('\u00a0', ' '))
                .contains("runs 1.7 cm to one side");
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void pinch6AtTheUnderbustInTheApexSeam_isTakenThereAlone(MeasurementSet body) {
        Commission commission = bustier(body);
        Proposal made = made(
                commission, fitting(agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.PRINCESS_FRONT, Level.UNDERBUST), 6)));
        assertThat(made.draft()
                                .intakes()
                                .at(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT)
                                .value()
                        - made.before()
                                .intakes()
                                .at(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT)
                                .value())
                .isCloseTo(6, within(1e-6));
        assertThat(half(made.before(), Level.UNDERBUST) - half(made.draft(), Level.UNDERBUST))
                .isCloseTo(6, within(0.05));
        assertOthersStay(made, List.of("F1", "F2"), Level.UNDERBUST);
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void pinch10AtTheSideAtTheWaist_isTheSides_notTheApexSeams(MeasurementSet body) {
        Commission commission = bustier(body);
        Proposal made = made(commission, fitting(agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 10)));
        Draft was = made.before();
        Draft is = made.draft();
        assertThat(half(was, Level.WAIST) - half(is, Level.WAIST)).isCloseTo(10, within(0.05));
        assertThat(width(was, "F2", Level.WAIST) - width(is, "F2", Level.WAIST)).isCloseTo(5, within(0.05));
        assertThat(width(was, "B2", Level.WAIST) - width(is, "B2", Level.WAIST)).isCloseTo(5, within(0.05));
        assertOthersStay(made, List.of("F2", "B2"), Level.WAIST);
    }

    /** The other panels, and the same ones at the other levels, are as wide as they were. */
    private static void assertOthersStay(Proposal made, List<String> moved, Level at) {
        for (Piece panel : made.before().panelPieces()) {
            for (Level level : Tried.levels(made.before())) {
                if (level != at || !moved.contains(panel.id())) {
                    assertThat(width(made.draft(), panel.id(), level))
                            .as("%s at %s", panel.id(), level)
                            .isCloseTo(width(panel, level), within(0.05));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void apex8LowAnd5Out_movesTheTwoFigures_andTheRibStays(MeasurementSet body) {
        Commission commission = bustier(body);
        Mark mark = agreed(1, MarkKind.APEX, Spot.at(Level.BUST), 8).across(Length.mm(5));
        Proposal made = made(commission, fitting(mark));
        Point was = made.before().cutting().apex().orElseThrow().atInner();
        Point is = made.draft().cutting().apex().orElseThrow().atInner();
        assertThat(is.x() - was.x()).isCloseTo(5, within(0.1));
        assertThat(is.y() - was.y()).isCloseTo(8, within(0.1));
        MeasurementSet now = made.draft().commission().measurements();
        assertThat(now.find(MeasurementKey.SHOULDER_TO_UNDERBUST).orElseThrow().value())
                .isEqualTo(body.find(MeasurementKey.SHOULDER_TO_UNDERBUST)
                        .orElseThrow()
                        .value());
        assertThat(now.find(MeasurementKey.SHOULDER_TO_APEX).orElseThrow().value()
                        - body.find(MeasurementKey.SHOULDER_TO_APEX)
                                .orElseThrow()
                                .value())
                .isCloseTo(8, within(0.1));
        assertThat(now.taken()).isEqualTo(body.taken());
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void cupFoldsAboveTheApex8_isTakenInAboveIt(MeasurementSet body) {
        Proposal made = made(
                bustier(body), fitting(agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.PRINCESS_FRONT, Level.UPPER), 8)));
        assertThat(half(made.before(), Level.UPPER) - half(made.draft(), Level.UPPER))
                .isCloseTo(8, within(0.3));
        assertThat(half(made.before(), Level.BUST) - half(made.draft(), Level.BUST))
                .isCloseTo(0, within(0.05));
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void flesh10OverTheEdge_raisesTheEdge10_whereItWasSeen(MeasurementSet body) {
        Commission commission = corset(body);
        Proposal made = made(commission, fitting(agreed(1, MarkKind.EDGE, Spot.onEdge(true, 0.5), 10)));
        assertThat(edge(made.draft(), true, 0.5) - edge(made.before(), true, 0.5))
                .isCloseTo(10, within(0.5));
        assertThat(edge(made.draft(), true, 0.02)).isCloseTo(edge(made.before(), true, 0.02), within(0.5));
        assertThat(edge(made.draft(), true, 0.98)).isCloseTo(edge(made.before(), true, 0.98), within(0.5));
    }

    private static double edge(Draft draft, boolean upper, double place) {
        return Measured.edge(draft.panelPieces(), upper, place).orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void ridge12AboveTheWaistAllRound_shortensEveryPanelBetweenRibAndWaist(MeasurementSet body) {
        Commission commission = corset(body);
        Mark mark = agreed(1, MarkKind.FOLD, above(commission, 0.4), 12).running(FoldRun.ROUND);
        Proposal made = made(commission, fitting(mark));
        assertThat(long_(made.before(), true) - long_(made.draft(), true)).isCloseTo(12, within(0.5));
        assertThat(long_(made.before(), false) - long_(made.draft(), false)).isCloseTo(12, within(0.5));
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void ridge10AtCentreBack_isFoldedOutThere_toNothingAtTheSide(MeasurementSet body) {
        Commission commission = corset(body);
        Mark mark = agreed(1, MarkKind.FOLD, above(commission, 0.4), 10).running(FoldRun.BEHIND);
        Proposal made = made(commission, fitting(mark));
        assertThat(long_(made.before(), false) - long_(made.draft(), false)).isCloseTo(10, within(0.5));
        assertThat(long_(made.before(), true)).isCloseTo(long_(made.draft(), true), within(0.05));
        assertThat(side(made.draft())).isCloseTo(side(made.before()), within(0.5));
    }

    private static Spot above(Commission commission, double share) {
        Draft draft = draft(commission);
        double rib = draft.block().front(Level.WAIST) - draft.block().front(Level.UNDERBUST);
        return new Spot(Length.mm(rib * share), 0.9, Optional.empty(), Optional.empty());
    }

    /** From rib to waist along centre front, or centre back. */
    private static double long_(Draft draft, boolean front) {
        List<Piece> panels = draft.panelPieces();
        Piece panel = front ? panels.get(0) : panels.get(panels.size() - 1);
        Point rib = front
                ? panel.mark(Level.UNDERBUST).orElseThrow().from()
                : panel.mark(Level.UNDERBUST).orElseThrow().to();
        Point waist = front
                ? panel.mark(Level.WAIST).orElseThrow().from()
                : panel.mark(Level.WAIST).orElseThrow().to();
        return rib.distance(waist);
    }

    private static double side(Draft draft) {
        return draft.panelPieces().stream()
                .filter(Piece::front)
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().equals("side"))
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void hemDigsIn15_isCutAwayAtCentreFront(MeasurementSet body) {
        Commission commission = corset(body);
        Proposal made = made(commission, fitting(agreed(1, MarkKind.DIGS, Spot.onEdge(false, 0), 15)));
        assertThat(edge(made.draft(), false, 0) - edge(made.before(), false, 0)).isCloseTo(15, within(0.5));
        assertThat(edge(made.draft(), false, 0.9)).isCloseTo(edge(made.before(), false, 0.9), within(0.1));
    }

    /** A waist edge follows the waist: a mark there is kept open, with where it is changed instead. */
    @Test
    void anEdgeAtTheWaist_isNotCutAway_andSaysWhereItIsChanged() {
        Commission round = Tried.bustier(Bodies.nerea());
        Draft draft = Tried.draft(round.withGarment(round.garment().withLowerEdge(LowerShape.WAIST)));
        Mark mark = agreed(1, MarkKind.DIGS, Spot.onEdge(false, 0), 15);
        Becoming becoming = Corrections.of(draft, fitting(mark), mark);
        assertThat(becoming.changes()).isEmpty();
        assertThat(becoming.open().orElseThrow().in(LengthUnit.CM)).contains("choose another lower edge on Edges");
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void sideSeam10ForwardAtTheRib_givesTheFront10(MeasurementSet body) {
        Proposal made = made(corset(body), fitting(agreed(1, MarkKind.PLUMB, Spot.at(Level.UNDERBUST), 10)));
        assertThat(front(made.draft()) - front(made.before())).isCloseTo(10, within(0.05));
        assertThat(half(made.draft(), Level.UNDERBUST)).isCloseTo(half(made.before(), Level.UNDERBUST), within(0.05));
    }

    private static double front(Draft draft) {
        return draft.panelPieces().stream()
                .filter(Piece::front)
                .mapToDouble(p -> width(p, Level.UNDERBUST))
                .sum();
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void pins32_andAGapOf20_keepTheGap_andThePins(MeasurementSet body) {
        Commission commission = corset(body);
        double planned = commission.garment().gap().value();
        Proposal made = made(
                commission,
                fitting(
                        agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 10),
                        agreed(2, MarkKind.PINCH, Spot.on(SeamPlace.front(2), Level.WAIST), 6),
                        agreed(3, MarkKind.GAP, Spot.at(Level.WAIST), planned - 20)));
        assertThat(2 * half(made.draft(), Level.WAIST) - 2 * half(made.before(), Level.WAIST))
                .isCloseTo(-20, within(0.05));
        assertThat(made.said())
                .extracting(s -> s.in(LengthUnit.MM))
                .anyMatch(s -> s.contains("the pins keep their places"));
        double shared = took(made, SeamPlace.front(1));
        assertThat(took(made, SeamPlace.SIDE)).isGreaterThan(took(made, SeamPlace.front(2)));
        assertThat(took(made, SeamPlace.front(2))).isGreaterThan(shared);
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void whatClothAndBonesTake_isGivenOnTopOfGapAndPins(MeasurementSet body) {
        Commission commission = corset(body);
        double planned = commission.garment().gap().value();
        Mark cloth = agreed(3, MarkKind.CLOTH, Spot.at(Level.WAIST), 10);
        Mark pin = agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 6);
        Mark gap = agreed(2, MarkKind.GAP, Spot.at(Level.WAIST), planned - 20);
        assertThat(given(made(commission, fitting(cloth)))).isCloseTo(10, within(0.05));
        assertThat(given(made(commission, fitting(pin, cloth)))).isCloseTo(10 - 12, within(0.05));
        assertThat(given(made(commission, fitting(pin, gap, cloth)))).isCloseTo(10 - 20, within(0.05));
    }

    /** By how much the waist is wider, all round. */
    private static double given(Proposal made) {
        return 2 * half(made.draft(), Level.WAIST) - 2 * half(made.before(), Level.WAIST);
    }

    private static double took(Proposal made, SeamPlace seam) {
        return made.draft().intakes().at(Level.WAIST, seam).value()
                - made.before().intakes().at(Level.WAIST, seam).value();
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void leftAndRightUnderSixApart_areTakenAlike_otherwiseTheHalvesAreDraftedApart(MeasurementSet body) {
        Commission commission = bustier(body);
        Spot side = Spot.on(SeamPlace.SIDE, Level.WAIST);
        Proposal alike = made(
                commission,
                fitting(
                        agreed(1, MarkKind.PINCH, side, 10).on(Side.LEFT),
                        agreed(2, MarkKind.PINCH, side, 6).on(Side.RIGHT)));
        assertThat(alike.draft().rightHalf()).isEmpty();
        assertThat(half(alike.before(), Level.WAIST) - half(alike.draft(), Level.WAIST))
                .isCloseTo(8, within(0.05));
        Proposal apart = made(
                commission,
                fitting(
                        agreed(1, MarkKind.PINCH, side, 12).on(Side.LEFT),
                        agreed(2, MarkKind.PINCH, side, 4).on(Side.RIGHT)));
        Draft right = apart.draft().rightHalf().orElseThrow();
        assertThat(half(apart.before(), Level.WAIST) - half(apart.draft(), Level.WAIST))
                .isCloseTo(12, within(0.05));
        assertThat(half(apart.before(), Level.WAIST) - half(right, Level.WAIST)).isCloseTo(4, within(0.05));
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void aLockedSounding_isMovedOnlyWithASentence(MeasurementSet body) {
        Commission plain = bustier(body);
        Cell cell = new Cell(Level.WAIST, SeamPlace.PRINCESS_FRONT);
        Commission locked = plain.withGarment(plain.garment().withIntake(cell, Length.mm(32)));
        Proposal made =
                made(locked, fitting(agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.PRINCESS_FRONT, Level.WAIST), 6)));
        assertThat(made.draft()
                        .intakes()
                        .at(Level.WAIST, SeamPlace.PRINCESS_FRONT)
                        .value())
                .isCloseTo(38, within(1e-6));
        assertThat(made.said())
                .extracting(s -> s.in(LengthUnit.MM).replace('\u00a0', ' '))
                .anyMatch(s -> s.contains("locked at 32.0 mm") && s.contains("38.0 mm"));
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void whoIsNotToBeLaced_isDraftedWithoutWhatDrawsIn(MeasurementSet body) {
        Commission commission = corset(body);
        double planned = commission.garment().gap().value();
        Proposal made = made(
                commission,
                fitting(
                        agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 10),
                        agreed(2, MarkKind.GAP, Spot.at(Level.UNDERBUST), planned + 12),
                        agreed(3, MarkKind.EDGE, Spot.onEdge(true, 1), -12)));
        Draft restricted = draft(made.commission().withAnswers(Optional.empty(), true));
        for (Level level : List.of(Level.UNDERBUST, Level.WAIST)) {
            assertThat(2 * half(restricted, level))
                    .isCloseTo(restricted.girths().at(level).body().value(), within(0.1));
        }
        assertThat(edge(restricted, true, 1))
                .isLessThan(edge(draft(commission.withAnswers(Optional.empty(), true)), true, 1) - 11);
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void aPinchBetweenTheLevels_isMeasuredThere(MeasurementSet body) {
        Commission commission = corset(body);
        Spot spot = above(commission, 0.5);
        Proposal made = made(commission, fitting(agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, spot.above()), 8)));
        for (Level level : Tried.levels(made.before())) {
            assertThat(half(made.draft(), level)).as(level.id()).isCloseTo(half(made.before(), level), within(0.05));
        }
        assertThat(made.commission().adjustments()).hasSize(1);
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void withdrawnTheOutlinesAreAsTheyWere_andItsOppositeUndoesIt(MeasurementSet body) {
        Commission commission = bustier(body);
        Proposal made = made(commission, fitting(agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 10)));
        Draft back = draft(made.commission().withAdjustments(List.of()));
        assertThat(back.pattern().pieces()).isEqualTo(made.before().pattern().pieces());
        Draft off = draft(made.commission()
                .withAdjustments(made.commission().adjustments().stream()
                        .map(a -> a.turned(false))
                        .toList()));
        assertThat(off.pattern().pieces()).isEqualTo(made.before().pattern().pieces());
        Proposal opposite = Proposal.of(
                        made.commission(),
                        new Fitting(
                                2,
                                FittingKind.TOILE,
                                Optional.empty(),
                                Setting.UNNOTED,
                                "",
                                "",
                                List.of(agreed(1, MarkKind.LET_OUT, Spot.on(SeamPlace.SIDE, Level.WAIST), 10)),
                                List.of()))
                .orElseThrow();
        for (Level level : Tried.levels(made.before())) {
            assertThat(half(opposite.draft(), level)).isCloseTo(half(made.before(), level), within(0.1));
        }
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void aCorrectionStays_whenTheWaistIsTakenAnew(MeasurementSet body) {
        Commission commission = bustier(body);
        Proposal made = made(commission, fitting(agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 10)));
        double waist = body.find(MeasurementKey.WAIST).orElseThrow().value() + 15;
        MeasurementSet anew = body.with(MeasurementKey.WAIST, Length.mm(waist));
        Draft with = draft(made.commission().withMeasurements(anew));
        Draft without = draft(commission.withMeasurements(anew));
        assertThat(half(without, Level.WAIST) - half(with, Level.WAIST)).isCloseTo(10, within(0.05));
        assertThat(with.commission().garment().length(LengthOption.WAIST_DART).value())
                .isEqualTo(without.commission()
                        .garment()
                        .length(LengthOption.WAIST_DART)
                        .value());
    }
}
