package bathyra.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.BackShaping;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.length.LengthUnit;
import bathyra.piece.Dart;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The dart inside a piece by hand: drawn from its figures it is the dart again. */
class HandDartTest {
    private static final Draft DARTED = darted();

    private static Draft darted() {
        Garment garment = Garment.bustier().withLowerEdge(LowerShape.HIP);
        return (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea(), garment.withBlock(garment.block().withBack(BackShaping.DART))));
    }

    private static HandPiece back(HelpLines lines) {
        return HandPiece.of(DARTED.pattern().piece("B1"), lines, Division.MILLIMETRE);
    }

    /** A leg joined from its figures with a ruler. */
    private static Path joined(HandDart dart, ToDoubleFunction<HandDart.Place> leg) {
        List<Segment> lines = new ArrayList<>();
        for (int i = 1; i < dart.places().size(); i++) {
            HandDart.Place from = dart.places().get(i - 1);
            HandDart.Place to = dart.places().get(i);
            lines.add(new Line(
                    new Point(leg.applyAsDouble(from), -from.up()), new Point(leg.applyAsDouble(to), -to.up())));
        }
        return new Path(lines);
    }

    /** With a line every two or four centimetres both legs are their figures within a millimetre, joined with the ruler alone. */
    @ParameterizedTest
    @EnumSource(
            value = HelpLines.class,
            names = {"FINE", "COARSE"})
    void legsJoinedFromTheFigures_areTheLegs(HelpLines lines) {
        HandPiece hand = back(lines);
        HandDart drawn = HandDart.of(hand).get(0);
        Dart dart = hand.piece().darts().get(0);
        Path one = joined(drawn, HandDart.Place::one);
        Path other = joined(drawn, HandDart.Place::other);
        for (double share = 0; share <= 1; share += 0.02) {
            Point on = dart.one().at(share * dart.one().length()).point();
            assertThat(one.nearest(on).point().distance(on)).isLessThan(1.0);
            Point beside = dart.other().at(share * dart.other().length()).point();
            assertThat(other.nearest(beside).point().distance(beside)).isLessThan(1.0);
        }
        assertThat(one.length()).isCloseTo(other.length(), within(0.5));
    }

    @Test
    void figuresRun_fromOneEndToTheOther_andItIsWidestBetween() {
        HandDart dart = HandDart.of(back(HelpLines.FINE)).get(0);
        assertThat(dart.name()).isEqualTo("Back waist dart");
        List<HandDart.Place> places = dart.places();
        for (int i = 1; i < places.size(); i++) {
            assertThat(places.get(i).up()).isLessThan(places.get(i - 1).up());
        }
        HandDart.Place first = places.get(0);
        HandDart.Place last = places.get(places.size() - 1);
        assertThat(first.one()).isCloseTo(first.other(), within(0.3));
        assertThat(last.one()).isCloseTo(last.other(), within(0.3));
        double widest = places.stream()
                .mapToDouble(p -> Math.abs(p.one() - p.other()))
                .max()
                .orElseThrow();
        assertThat(widest).isCloseTo(back(HelpLines.FINE).piece().darts().get(0).width(), within(1.0));
    }

    @Test
    void steps_haveTheDart_afterTheOutlineIsJoined() {
        HandPiece hand = back(HelpLines.COARSE);
        List<HandStep> steps = HandStep.of(hand, Controls.of(hand, DARTED.pattern()), Division.MILLIMETRE, 1);
        List<HandStep> darts =
                steps.stream().filter(s -> s.kind() == HandStep.Kind.DART).toList();
        assertThat(darts).hasSameSizeAs(HandDart.of(hand).get(0).places());
        assertThat(darts.get(0).figures()).hasSize(1);
        assertThat(darts.get(0).words().in(LengthUnit.CM)).contains("its legs meet");
        assertThat(darts.get(1).figures()).hasSize(2);
        assertThat(darts.get(1).words().in(LengthUnit.CM)).contains("prick both its legs");
        assertThat(steps.indexOf(darts.get(0)))
                .isGreaterThan(steps.stream().map(HandStep::kind).toList().indexOf(HandStep.Kind.JOIN));
        darts.stream().flatMap(s -> s.figures().stream()).forEach(f -> assertThat(f.mm())
                .isCloseTo(Division.MILLIMETRE.rounded(f.mm()), within(1e-9)));
    }

    @Test
    void atHalfSize_figuresAreHalf_andAPieceWithoutDartsHasNone() {
        HandPiece hand = back(HelpLines.COARSE);
        Controls controls = Controls.of(hand, DARTED.pattern());
        HandStep full = first(HandStep.of(hand, controls, Division.HALF_MILLIMETRE, 1));
        HandStep half = first(HandStep.of(hand, controls, Division.HALF_MILLIMETRE, 0.5));
        assertThat(half.figures().get(0).mm()).isCloseTo(full.figures().get(0).mm() / 2, within(0.3));
        HandPiece front = HandPiece.of(DARTED.pattern().piece("F1"), HelpLines.COARSE, Division.MILLIMETRE);
        assertThat(HandDart.of(front)).isEmpty();
    }

    private static HandStep first(List<HandStep> steps) {
        return steps.stream()
                .filter(s -> s.kind() == HandStep.Kind.DART)
                .findFirst()
                .orElseThrow();
    }
}
