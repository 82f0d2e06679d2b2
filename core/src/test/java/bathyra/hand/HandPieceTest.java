package bathyra.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Choices;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.LengthUnit;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class HandPieceTest {
    private static Draft corset() {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)));
    }

    private static Draft bustier() {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier()));
    }

    @ParameterizedTest
    @EnumSource(HelpLines.class)
    void aFairCurveThroughTheFigures_keepsToThePiece_byAnothersSpline(HelpLines lines) {
        for (Draft draft : List.of(corset(), bustier())) {
            for (Piece piece : draft.pattern().pieces()) {
                HandPiece hand = HandPiece.of(piece, lines, Division.MILLIMETRE);
                assertThat(off(hand, hand.offsets()))
                        .as(piece.id() + " " + lines)
                        .isLessThan(lines.keeps() + 0.02);
                assertThat(off(hand, hand.offsets().rounded(Division.MILLIMETRE)))
                        .as(piece.id() + " " + lines + ", rounded")
                        .isLessThan(1 + 0.5 + 0.05);
            }
        }
    }

    @Test
    void everyPieceOfEveryDesign_isGiven_andKept() {
        Random random = new Random(24);
        List<Choices.Combination> designs = Choices.pairwise(24, true);
        int pieces = 0;
        for (int i = 0; i < Sample.of(600); i++) {
            var outcome = Drafter.draft(
                    Choices.commission(designs.get(random.nextInt(designs.size())), Bodies.random(random)));
            if (outcome instanceof Draft draft) {
                for (Piece piece : draft.pattern().pieces()) {
                    HandPiece hand = HandPiece.of(piece, HelpLines.COARSE, Division.MILLIMETRE);
                    assertThat(hand.off(hand.offsets()).values())
                            .as(() -> piece.id() + " of " + draft.commission().garment())
                            .allMatch(off -> off <= HelpLines.COARSE.keeps());
                    pieces++;
                }
            }
        }
        assertThat(pieces).isGreaterThan(Sample.of(600));
    }

    /** How far the piece drawn from its figures lies from it: corners, heights and ordinates alone, joined by the library's natural spline over chord lengths. */
    private static double off(HandPiece hand, Offsets figures) {
        double worst = 0;
        for (int i = 0; i < figures.corners().size(); i++) {
            Offsets.Corner from = figures.corners().get(i);
            Offsets.Corner to =
                    figures.corners().get((i + 1) % figures.corners().size());
            List<double[]> points = new ArrayList<>();
            points.add(new double[] {from.right(), from.up()});
            List<Offsets.Ordinate> beside = figures.ordinates().stream()
                    .filter(o -> o.edge().equals(from.edge()))
                    .toList();
            double run = Math.hypot(to.right() - from.right(), to.up() - from.up());
            if (!beside.isEmpty()) {
                double dx = (to.right() - from.right()) / run;
                double dy = (to.up() - from.up()) / run;
                // Out is to the left as one goes round clockwise, with up for y.
                beside.forEach(o -> points.add(new double[] {
                    from.right() + dx * o.along() - dy * o.out(), from.up() + dy * o.along() + dx * o.out()
                }));
            } else if (Math.abs(to.up() - from.up()) >= run / 2) {
                boolean up = to.up() > from.up();
                figures.heights().stream()
                        .filter(h -> h.left() == up
                                && h.up() > Math.min(from.up(), to.up()) + 1e-6
                                && h.up() < Math.max(from.up(), to.up()) - 1e-6)
                        .sorted(Comparator.comparingDouble(h -> up ? h.up() : -h.up()))
                        .forEach(h -> points.add(new double[] {up ? -h.out() : h.out(), h.up()}));
            }
            points.add(new double[] {to.right(), to.up()});
            worst = Math.max(worst, off(points, hand.piece().edge(from.edge()).path()));
        }
        return worst;
    }

    private static double off(List<double[]> points, Path edge) {
        double[] t = new double[points.size()];
        double[] x = new double[points.size()];
        double[] y = new double[points.size()];
        for (int i = 0; i < t.length; i++) {
            x[i] = points.get(i)[0];
            y[i] = points.get(i)[1];
            t[i] = i == 0 ? 0 : t[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        double worst = 0;
        PolynomialSplineFunction ofX = t.length > 2 ? new SplineInterpolator().interpolate(t, x) : null;
        PolynomialSplineFunction ofY = t.length > 2 ? new SplineInterpolator().interpolate(t, y) : null;
        for (int i = 0; i <= 100; i++) {
            double at = Math.min(t[t.length - 1], t[t.length - 1] * i / 100);
            Point drawn = ofX == null
                    ? new Point(x[0] + (x[1] - x[0]) * i / 100, -(y[0] + (y[1] - y[0]) * i / 100))
                    : new Point(ofX.value(at), -ofY.value(at));
            worst = Math.max(worst, edge.nearest(drawn).point().distance(drawn));
        }
        return worst;
    }

    @Test
    void heights_areExactOnTheFinishedCurves_andCountedFromTheWaist() {
        Piece piece = corset().pattern().pieces().get(1);
        HandPiece hand = HandPiece.of(piece, HelpLines.COARSE, Division.MILLIMETRE);
        assertThat(hand.levels()).containsKey(0.0).containsValue(Level.WAIST.label());
        for (Offsets.Height height : hand.offsets().heights()) {
            Point at = new Point(height.right(), -height.up());
            assertThat(hand.piece().outline().stream()
                            .mapToDouble(e -> e.path().nearest(at).point().distance(at))
                            .min()
                            .orElseThrow())
                    .isLessThan(1e-5);
        }
        HandPiece.Row waist =
                hand.rows().stream().filter(r -> r.up() == 0).findFirst().orElseThrow();
        assertThat(waist.across().orElseThrow())
                .isCloseTo(hand.piece().mark(Level.WAIST).orElseThrow().length(), within(0.5));
        double grain = hand.piece().grain().from().x();
        assertThat(grain).isCloseTo(0, within(1e-9));
    }

    @Test
    void controls_areMeasuredOnThePiece_andNotchesCountedFromTheWaist() {
        Draft draft = corset();
        Piece piece = draft.pattern().pieces().get(1);
        HandPiece hand = HandPiece.of(piece, HelpLines.COARSE, Division.MILLIMETRE);
        Controls controls = Controls.of(hand, draft.pattern());
        assertThat(controls.edges()).hasSize(piece.outline().size());
        for (Controls.Edge edge : controls.edges()) {
            OutlineEdge own = piece.edge(edge.name());
            assertThat(edge.length()).isCloseTo(own.path().length(), within(1e-6));
            assertThat(edge.partner().isPresent()).isEqualTo(own.kind() == OutlineEdge.Kind.SEAM);
            edge.plate()
                    .ifPresent(p -> assertThat(p).isLessThanOrEqualTo(own.path().tightest()));
        }
        assertThat(controls.notches()).hasSize(piece.notches().size());
        assertThat(controls.notches())
                .filteredOn(n -> n.fromWaist() && Math.abs(n.up()) < 0.5)
                .as("a notch on the waist")
                .isNotEmpty();
        double longest = Math.max(controls.falling(), controls.rising());
        List<Point> corners =
                piece.outline().stream().map(e -> e.path().start()).toList();
        assertThat(longest)
                .isLessThanOrEqualTo(corners.stream()
                                .flatMap(a -> corners.stream().map(a::distance))
                                .max(Double::compare)
                                .orElseThrow()
                        + 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"MILLIMETRE,0.5,1.2", "EIGHTH,1.6,4"})
    void whatRoundingCosts_isFoundOnThePieces_seamBySeam_andAcrossTheHalf(Division division, double each, double seam) {
        Draft draft = corset();
        List<HandPiece> all = draft.pattern().pieces().stream()
                .map(p -> HandPiece.of(p, HelpLines.COARSE, division))
                .toList();
        Rounding cost = Rounding.of(all, division);
        assertThat(cost.worstSeam()).isBetween(0.001, seam);
        for (var level : cost.levels().entrySet()) {
            double sum = 0;
            int sides = 0;
            for (HandPiece hand : all) {
                for (HandPiece.Row row : hand.rows()) {
                    if (row.level().equals(java.util.Optional.of(level.getKey()))
                            && row.across().isPresent()) {
                        sum += division.rounded(row.left().orElseThrow())
                                + division.rounded(row.right().orElseThrow())
                                - row.across().get();
                        sides += 2;
                    }
                }
            }
            assertThat(level.getValue()).isCloseTo(sum, within(1e-9));
            assertThat(Math.abs(sum)).isLessThanOrEqualTo(sides * each);
        }
        assertThat(cost.worstLevel()).isPresent();
    }

    @Test
    void theSteps_goFromTheGrainUpwardsThenDownwards_thenCornersEdgesAndMeasures() {
        Draft draft = corset();
        HandPiece hand = HandPiece.of(draft.pattern().pieces().get(0), HelpLines.COARSE, Division.MILLIMETRE);
        List<HandStep> steps = HandStep.of(hand, Controls.of(hand, draft.pattern()), Division.MILLIMETRE, 1);
        assertThat(steps).extracting(HandStep::kind).isSortedAccordingTo(Comparator.naturalOrder());
        List<Double> heights = steps.stream()
                .flatMap(s -> s.row().stream())
                .map(HandPiece.Row::up)
                .toList();
        assertThat(heights.stream().filter(h -> h >= 0)).isSorted();
        assertThat(heights.get(heights.size() - 1))
                .isEqualTo(hand.rows().get(hand.rows().size() - 1).up());
        assertThat(steps.get(3).words().in(LengthUnit.CM)).startsWith("Go").contains("up the grain from the waist");
        steps.stream().flatMap(s -> s.figures().stream()).forEach(f -> assertThat(f.mm())
                .isCloseTo(Division.MILLIMETRE.rounded(f.mm()), within(1e-9)));
    }

    @Test
    void atHalfSize_everyFigureIsHalf() {
        HandPiece hand = HandPiece.of(corset().pattern().pieces().get(0), HelpLines.FINE, Division.MILLIMETRE);
        Offsets half = hand.offsets().times(0.5);
        assertThat(half.heights().get(0).out())
                .isCloseTo(hand.offsets().heights().get(0).out() / 2, within(1e-12));
        assertThat(Redrawn.of(half)
                        .edges()
                        .get(hand.piece().outline().get(0).name())
                        .length())
                .isCloseTo(
                        Redrawn.of(hand.offsets())
                                        .edges()
                                        .get(hand.piece().outline().get(0).name())
                                        .length()
                                / 2,
                        within(1e-6));
    }
}
