package bathyra.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Gore;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.PieceRole;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Gores and gussets set into slits (C8.2), measured on the finished pieces. */
class GoresTest {
    private static final int BODIES = Sample.of(200);
    private static final Garment CORSET = Garment.of(GarmentKind.CORSET).withLowerEdge(LowerShape.HIGH_HIP);

    private static Gore hip(String panel, double height, double width) {
        return new Gore(panel, false, 0.5, Length.mm(height), Length.mm(width));
    }

    private static Gore gusset(String panel, double height, double width) {
        return new Gore(panel, true, 0.5, Length.mm(height), Length.mm(width));
    }

    private static Draft draft(MeasurementSet body, Garment garment) {
        Outcome outcome = Drafter.draft(Bodies.commission(body, garment));
        assertThat(outcome)
                .as(() -> outcome instanceof Refusal r ? r.reasons().toString() : "")
                .isInstanceOf(Draft.class);
        return (Draft) outcome;
    }

    private static double half(Draft draft, String level) {
        return draft.pattern().pieces().stream()
                .flatMap(p -> p.mark(level).stream())
                .mapToDouble(LevelMark::length)
                .sum();
    }

    @Test
    void slitAndPieceAreAlike_theGirthStays_andTheSpringMoves() {
        Random random = new Random(8);
        int looked = 0;
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            if (!(Drafter.draft(Bodies.commission(body, CORSET)) instanceof Draft plain)) {
                continue;
            }
            Outcome outcome = Drafter.draft(Bodies.commission(body, CORSET.withGores(List.of(hip("F3", 55, 24)))));
            if (!(outcome instanceof Draft set)) {
                // A panel that has no spring cannot give any.
                assertThat(((Refusal) outcome).reasons().get(0).kind()).isEqualTo(FindingKind.PANEL_WIDTH);
                continue;
            }
            looked++;
            Finished.holds(set);
            Piece gore = set.pattern().piece("G1");
            Piece panel = set.pattern().piece("F3");
            double slit = slit(panel);
            for (OutlineEdge edge : gore.outline()) {
                if (edge.role() == EdgeRole.GORE) {
                    assertThat(edge.path().length()).isCloseTo(slit, within(0.01));
                }
            }
            assertThat(gore.outline()
                            .get(0)
                            .path()
                            .end()
                            .distance(gore.outline().get(2).path().start()))
                    .as("as wide at the edge as was asked")
                    .isCloseTo(24, within(1.0));
            assertThat(half(set, "high-hip")).isCloseTo(half(plain, "high-hip"), within(1.0));
            assertThat(half(set, "waist")).isCloseTo(half(plain, "waist"), within(0.05));
            double gave =
                    plain.pattern().piece("F3").mark("high-hip").orElseThrow().length()
                            - panel.mark("high-hip").orElseThrow().length();
            assertThat(gave)
                    .as("half of it from the panel itself, half from its neighbours")
                    .isCloseTo(12, within(2.0));
            assertThat(gore.marks()).anyMatch(m -> m.kind() == Mark.Kind.POINT);
            assertThat(panel.marks()).anyMatch(m -> m.kind() == Mark.Kind.POINT);
        }
        assertThat(looked).isGreaterThan(BODIES / 2);
    }

    private static double slit(Piece panel) {
        return panel.outline().stream()
                .filter(e -> e.role() == EdgeRole.SLIT)
                .mapToDouble(e -> e.path().length())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aGusset_opensInTheUpperEdge() {
        MeasurementSet body = Bodies.ordinary(new Random(8));
        Draft set = draft(body, CORSET.withGores(List.of(gusset("F3", 60, 30))));
        Finished.holds(set);
        assertThat(set.pattern().piece("G1").role()).isEqualTo(PieceRole.GORE);
        assertThat(half(set, "upper")).isCloseTo(half(draft(body, CORSET), "upper"), within(1.0));
        assertThat(set.pattern().seams()).anyMatch(s -> s.name().equals("Bust gusset"));
    }

    @Test
    void twoGoresInOnePanel_andGoresInEveryPanel_areDrafted() {
        MeasurementSet body = Bodies.ordinary(new Random(4));
        Garment wide = CORSET.withPanels(Panels.of(3, SeamPlacing.LANDMARKS));
        Gore left = new Gore("B1", false, 0.3, Length.mm(55), Length.mm(15));
        Gore right = new Gore("B1", false, 0.7, Length.mm(55), Length.mm(15));
        Finished.holds(draft(body, wide.withGores(List.of(left, right))));
        Finished.holds(draft(body, CORSET.withGores(List.of(hip("F2", 50, 18), hip("B3", 50, 20), hip("B2", 50, 18)))));
    }

    @Test
    void whatCannotBe_isRefusedWithTheWayOut() {
        MeasurementSet body = Bodies.ordinary(new Random(8));
        assertRefused(body, CORSET.withGores(List.of(hip("F7", 50, 20))), "no such panel");
        assertRefused(body, CORSET.withGores(List.of(hip("F3", 250, 20))), "from the waist");
        assertRefused(
                body,
                CORSET.withLowerEdge(LowerShape.WAIST).withGores(List.of(hip("F3", 50, 20))),
                "ends at the waist");
        assertRefused(
                body, Garment.of(GarmentKind.UNDERBUST).withGores(List.of(gusset("F2", 50, 20))), "over the bust");
    }

    private static void assertRefused(MeasurementSet body, Garment garment, String words) {
        Outcome outcome = Drafter.draft(Bodies.commission(body, garment));
        assertThat(outcome).isInstanceOf(Refusal.class);
        Finding reason = ((Refusal) outcome).reasons().get(0);
        assertThat(reason.kind()).isEqualTo(FindingKind.GORE);
        assertThat(reason.sentence().in(LengthUnit.CM)).contains(words);
    }
}
