package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.UpperShape;
import bathyra.geometry.Cubic;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.panel.SeamEdge;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.truing.UnrolledEdge;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Edges without waves, above, below and along the seams (C7.7, C10.1), on finished drafts. */
class CalmEdgesTest {
    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    /** Over the bust line, or over the rib where the edge dips below that. */
    private static UnrolledEdge upper(List<Piece> panels) {
        return UnrolledEdge.of(panels, true, Level.BUST)
                .or(() -> UnrolledEdge.of(panels, true, Level.UNDERBUST))
                .orElseThrow();
    }

    /** Once over where the back falls; a dip that is round in front once more. */
    @Test
    void upperEdgeOnTheClosedGarment_bendsOverNoOftenerThanItsShape() {
        Garment corset = Garment.of(GarmentKind.CORSET);
        Map<Garment, Integer> own = Map.of(
                Garment.bustier(),
                1,
                Garment.bustier().withUpperEdge(UpperShape.SWEETHEART),
                2,
                Garment.bustier().withUpperEdge(UpperShape.V),
                1,
                corset,
                1,
                corset.withPanels(Panels.of(4, corset.panels().placing())),
                1,
                Garment.of(GarmentKind.UNDERBUST),
                0);
        Random random = new Random(10);
        int looked = 0;
        int over = 0;
        for (int i = 0; i < Sample.of(60); i++) {
            var body = Bodies.ordinary(random);
            for (Map.Entry<Garment, Integer> each : own.entrySet()) {
                if (Drafter.draft(Bodies.commission(body, each.getKey())) instanceof Draft draft) {
                    looked++;
                    over += upper(draft.panelPieces()).inflections() > each.getValue() ? 1 : 0;
                }
            }
        }
        assertThat(looked).isGreaterThan(10);
        assertThat(over).as("of %d", looked).isLessThanOrEqualTo(looked / 20);
    }

    @Test
    void aHumpOnOnePanel_isSeen() {
        Draft draft = draft(Garment.bustier());
        List<Piece> panels = new ArrayList<>(draft.panelPieces());
        int calm = upper(panels).inflections();
        Piece back = panels.get(2);
        panels.set(
                2,
                back.withOutline(back.outline().stream()
                        .map(e -> e.name().equals("upper-edge") ? humped(e) : e)
                        .toList()));
        assertThat(upper(panels).inflections()).isGreaterThan(calm);
    }

    private static OutlineEdge humped(OutlineEdge edge) {
        Cubic cubic = (Cubic) edge.path().segments().get(0);
        Vec up = new Vec(0, -14);
        return new OutlineEdge(
                edge.name(),
                edge.kind(),
                edge.seam(),
                Path.of(new Cubic(
                        cubic.start(),
                        cubic.control1().plus(up),
                        cubic.control2().plus(up),
                        cubic.end())));
    }

    /** A level edge lies as high over the bust line at each seam, measured along it. */
    @Test
    void straightEdge_isLevelFromCentreFrontToTheCrest_alongTheSeams() {
        Draft draft = draft(Garment.of(GarmentKind.CORSET));
        List<UnrolledEdge.Stretch> stretches = upper(draft.panelPieces()).stretches();
        double centre = stretches.get(0).line().get(0).y();
        List<Point> front = stretches.get(0).line();
        assertThat(front.get(front.size() - 1).y()).isCloseTo(centre, within(0.05));
        assertThat(front).allSatisfy(p -> assertThat(p.y()).isCloseTo(centre, within(0.5)));
    }

    @Test
    void unrolledEdge_needsWholePanels() {
        Draft draft = draft(Garment.bustier().withLowerEdge(LowerShape.WAIST));
        assertThat(UnrolledEdge.of(draft.panelPieces(), false, Level.HIP)).isEmpty();
        assertThat(UnrolledEdge.of(draft.panelPieces(), false, Level.WAIST)).isPresent();
    }

    /** A leg bends where the dart would end, and from there to the upper line it is a straight line. */
    @Test
    void legAboveTheApex_isStraightAsADart() {
        SeamEdge leg = draft(Garment.bustier()).panels().panels().get(1).left();
        Point top = leg.nodes().get(Level.UPPER);
        double apex = leg.above() + leg.arcs().get(Level.BUST);
        Point bends = leg.path().at(apex - 26).point();
        for (double arc = leg.above(); arc < apex - 26; arc += 2) {
            Point p = leg.path().at(arc).point();
            double off = Math.abs(top.to(p).cross(top.to(bends).unit()));
            assertThat(off).isLessThan(0.6);
        }
    }

    @Test
    void edgeThatLeansTooFar_isNotedWithItsPlace_onBustiersToo() {
        Draft draft = draft(Garment.bustier().withIntake(new Cell(Level.UNDERBUST, SeamPlace.SIDE), Length.mm(70)));
        Finding lean = draft.findings().stream()
                .filter(f -> f.kind() == FindingKind.EDGE_LEAN && f.subject().equals("side"))
                .findFirst()
                .orElseThrow();
        assertThat(lean.value()).isGreaterThan(lean.limit());
        assertThat(lean.limit()).isEqualTo(20);
        assertThat(lean.place()).isPresent();
        assertThat(draft(Garment.of(GarmentKind.UNDERBUST)).findings())
                .noneMatch(f -> f.kind() == FindingKind.EDGE_LEAN);
    }

    /** A closed dart fans the lines of a piece out: half way between two of them level lies half way. */
    @Test
    void betweenTwoLines_whatIsLevelTurnsEvenlyFromTheOneToTheOther() {
        Garment corset = Garment.of(GarmentKind.CORSET);
        Draft draft = draft(corset.withPanels(Panels.of(5, corset.panels().placing())));
        Piece piece = draft.pattern().piece("F3");
        Path side = piece.edge("side").path();
        LevelMark bust = piece.mark(Level.BUST).orElseThrow();
        LevelMark rib = piece.mark(Level.UNDERBUST).orElseThrow();
        double fan = Math.abs(
                Math.toDegrees(bust.from().to(bust.to()).angleTo(rib.from().to(rib.to()))));
        assertThat(fan).as("the side dart was closed").isGreaterThan(5);
        LevelSquares squares = LevelSquares.of(piece, side);
        double atBust = side.nearest(bust.to()).arc();
        double atRib = side.nearest(rib.to()).arc();
        assertThat(degrees(squares.at(atBust), squares.at(atRib))).isCloseTo(fan, within(0.01));
        assertThat(degrees(squares.at(atBust), squares.at((atBust + atRib) / 2)))
                .isCloseTo(fan / 2, within(0.01));
        assertThat(squares.nearest(atRib + (atBust - atRib) * 0.4)).isEqualTo("underbust");
    }

    private static double degrees(Vec one, Vec other) {
        return Math.abs(Math.toDegrees(one.angleTo(other)));
    }

    /** A hem that is wide on purpose swings out: that is no lean of its seams. */
    @Test
    void flaredHem_isNoLean() {
        for (LowerShape hem : List.of(LowerShape.FLARED, LowerShape.SKIRT)) {
            Garment garment = Garment.bustier()
                    .withLowerEdge(hem)
                    .withLength(
                            hem == LowerShape.SKIRT ? LengthOption.SKIRT_SPREAD : LengthOption.FLARE, Length.mm(160));
            assertThat(draft(garment).findings()).noneMatch(f -> f.kind() == FindingKind.EDGE_LEAN);
        }
    }

    /** On its way to a crest, around the neck or off the shoulder a seam turns once more, whether or not the upper line is left on the piece. */
    @ParameterizedTest
    @EnumSource(
            value = UpperShape.class,
            names = {"SWEETHEART", "V", "PLUNGE", "SCOOP", "SQUARE"})
    void seamToACrest_runsFair(UpperShape shape) {
        assertFair(Garment.bustier().withUpperEdge(shape));
    }

    @Test
    void seamOffTheShoulder_runsFair() {
        Garment bustier = Garment.bustier();
        assertFair(bustier.withTop(bustier.top().withCover(Cover.OFF_SHOULDER)));
    }

    private static void assertFair(Garment garment) {
        Random random = new Random(7);
        for (int i = 0; i < 8; i++) {
            Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment));
            assertThat(draft.findings())
                    .filteredOn(f -> f.kind() == FindingKind.FAIR_EDGE)
                    .allMatch(f -> f.status() == Finding.Status.OK);
        }
    }
}
