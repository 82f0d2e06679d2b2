package bathyra.cutting;

import static bathyra.cutting.Styled.draft;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Draft;
import bathyra.garment.Closure;
import bathyra.garment.EdgeAt;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LayerKind;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.piece.Mark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a sheet becomes when it is finished: allowances, notches, marks, how often it is cut (C12). Measured on the cut line, not read from what made it. */
class FinishingTest {
    private static final Garment CORSET =
            Garment.of(GarmentKind.CORSET).withPanels(Panels.of(5, SeamPlacing.LANDMARKS));

    /** How far the cut line runs outside the middle of an edge, straight outwards, mm. */
    private static double outside(Piece piece, String edge) {
        Path path = piece.edge(edge).path();
        Path.Place middle = path.at(path.length() / 2);
        double nearest = Double.POSITIVE_INFINITY;
        List<Point> cut = piece.cutLine();
        for (int i = 1; i < cut.size(); i++) {
            nearest = Math.min(
                    nearest,
                    Path.of(new Line(cut.get(i - 1), cut.get(i)))
                            .nearest(middle.point())
                            .point()
                            .distance(middle.point()));
        }
        return nearest;
    }

    @Test
    void everyEdge_hasTheAllowanceOfItsUse() {
        Draft draft = draft(CORSET);
        Garment garment = draft.commission().garment();
        for (Piece piece : draft.pattern().pieces()) {
            for (OutlineEdge edge : piece.outline()) {
                double asked = garment.allowance(Finishing.use(edge)).millimetres();
                assertThat(piece.allowances().get(edge.name()))
                        .as(piece.id() + " " + edge.name())
                        .isEqualTo(asked);
                assertThat(outside(piece, edge.name()))
                        .as(piece.id() + " " + edge.name())
                        .isCloseTo(asked, within(0.3));
            }
        }
    }

    /** One edge may have a width of its own; the edge that is sewn to it keeps its own. */
    @Test
    void ownAllowance_isOfThatEdgeAlone() {
        Garment own = CORSET.withFinish(CORSET.finish().withEdge(new EdgeAt("F2", "side"), Optional.of(Length.mm(34))));
        List<Piece> pieces = draft(own).pattern().pieces();
        Piece front =
                pieces.stream().filter(p -> p.id().equals("F2")).findFirst().orElseThrow();
        String side = front.outline().stream().map(OutlineEdge::name).anyMatch("side"::equals) ? "F2" : "F3";
        Garment given =
                CORSET.withFinish(CORSET.finish().withEdge(new EdgeAt(side, "side"), Optional.of(Length.mm(34))));
        Draft draft = draft(given);
        assertThat(outside(draft.pattern().piece(side), "side")).isCloseTo(34, within(0.3));
        Piece back = draft.pattern().pieces().stream()
                .filter(p -> !p.front()
                        && p.outline().stream().anyMatch(e -> e.name().equals("side")))
                .findFirst()
                .orElseThrow();
        assertThat(outside(back, "side"))
                .isCloseTo(CORSET.allowance(EdgeUse.SIDE).millimetres(), within(0.3));
    }

    /** A layer of its own width is cut by its own line; the draft's own pieces are not touched by it. */
    @Test
    void layer_mayHaveAnotherWidth() {
        Draft draft = draft(CORSET);
        Garment wider = CORSET.withFinish(CORSET.finish()
                .withLayer(
                        LayerKind.LINING,
                        CORSET.finish()
                                .layer(LayerKind.LINING)
                                .withEdge(new EdgeAt("F1", "front-1"), Optional.of(Length.mm(22)))));
        Piece piece = draft.pattern().piece("F1");
        Piece lining = Finishing.cut(piece, Optional.of(LayerKind.LINING), wider);
        assertThat(outside(lining, "front-1")).isCloseTo(22, within(0.3));
        assertThat(outside(Finishing.cut(piece, Optional.empty(), wider), "front-1"))
                .isCloseTo(CORSET.allowance(EdgeUse.SEAM).millimetres(), within(0.3));
    }

    /** Every level but the upper line is notched where it meets a seam, and the notches of both sides of a seam stand as far down. */
    @Test
    void notches_stand_whereLevelsMeetSeams_alikeOnBothEdges() {
        Draft draft = draft(CORSET);
        draft.pattern().seams().forEach(seam -> {
            List<Double> one = notches(draft, seam.a().piece(), seam.a().edge());
            List<Double> other = notches(draft, seam.b().piece(), seam.b().edge());
            assertThat(one).as(seam.name()).hasSameSizeAs(other).isNotEmpty();
            for (int i = 0; i < one.size(); i++) {
                assertThat(one.get(i)).as(seam.name()).isCloseTo(other.get(i), within(0.6));
            }
        });
    }

    private static List<Double> notches(Draft draft, String id, String edge) {
        Piece piece = draft.pattern().piece(id);
        Path path = piece.edge(edge).path();
        boolean down = path.start().y() < path.end().y();
        return piece.notches().stream()
                .filter(n -> n.edge().equals(edge))
                .map(n -> path.nearest(n.at()).arc())
                .map(arc -> down ? arc : path.length() - arc)
                .sorted()
                .toList();
    }

    /** Single in front, double behind the side: at the side itself single, for front and back meet there. */
    @Test
    void notches_areDouble_behindTheSideAlone() {
        for (Piece piece : draft(CORSET).pattern().pieces()) {
            for (Notch notch : piece.notches()) {
                boolean behind = notch.edge().startsWith("back") || notch.edge().startsWith("centre-back");
                assertThat(notch.twofold()).as(piece.id() + " " + notch.edge()).isEqualTo(behind);
            }
        }
    }

    /** Where centre front is closed by a busk each half is cut by itself; where it lies on the fold once. */
    @ParameterizedTest
    @EnumSource(
            value = Closure.class,
            names = {"BACK_LACING", "BACK_ZIP", "SIDE_ZIP"})
    void centreFront_isCutOnTheFold_whenItDoesNotOpen(Closure closure) {
        Garment garment = Garment.bustier();
        Piece front = draft(garment.withFastening(garment.fastening().with(closure)))
                .pattern()
                .piece("F1");
        assertThat(front.onFold()).isTrue();
        assertThat(front.count()).isEqualTo(1);
        assertThat(front.edge("centre-front").kind()).isEqualTo(OutlineEdge.Kind.FOLD);
        assertThat(front.allowances().get("centre-front")).isZero();
        // On the fold the thread lies along it.
        assertThat(front.grain().from().x()).isCloseTo(front.grain().to().x(), within(1e-6));
    }

    @Test
    void apex_isMarkedOnBothPiecesOfItsSeam_whereItLies() {
        Draft draft = draft(Garment.bustier());
        List<Piece> marked = draft.pattern().pieces().stream()
                .filter(p -> p.marks().stream().anyMatch(m -> m.kind() == Mark.Kind.APEX))
                .toList();
        assertThat(marked).extracting(Piece::id).containsExactly("F1", "F2");
        for (Piece piece : marked) {
            Point at = piece.marks().stream()
                    .filter(m -> m.kind() == Mark.Kind.APEX)
                    .findFirst()
                    .orElseThrow()
                    .at();
            assertThat(piece.edge("princess-front").path().nearest(at).point().distance(at))
                    .isLessThan(0.5);
            assertThat(piece.mark(Level.BUST).orElseThrow().from().y()).isCloseTo(at.y(), within(30.0));
        }
    }

    /** To be measured, not to be cut: the panels before they are cut apart carry no allowance. */
    @Test
    void uncutPanels_haveNoCutLine() {
        Draft draft = draft(Garment.bustier().withLowerEdge(LowerShape.HIP));
        List<Piece> uncut = Finishing.uncut(draft.cutting().whole());
        assertThat(uncut).hasSize(4).allSatisfy(p -> {
            assertThat(p.allowances()).isEmpty();
            assertThat(p.levelMarks()).isNotEmpty();
        });
    }
}
