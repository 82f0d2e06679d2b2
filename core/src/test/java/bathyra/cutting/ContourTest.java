package bathyra.cutting;

import static bathyra.cutting.Styled.SWEETHEART;
import static bathyra.cutting.Styled.draft;
import static bathyra.cutting.Styled.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Draft;
import bathyra.draft.Finished;
import bathyra.finding.Finding;
import bathyra.garment.Bust;
import bathyra.garment.Closure;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.length.Length;
import bathyra.piece.Mark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.ContourWedge;
import bathyra.truing.Truing;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Contour wedges, held against what the finished sheets measure. */
class ContourTest {
    /** What a wedge takes goes into the seam: the corner that the cloth makes at the apex is smaller by its angle. */
    @ParameterizedTest
    @EnumSource(
            value = ContourWedge.class,
            names = {"NECKLINE", "ARMHOLE", "STRAPLESS_TOP", "BETWEEN"})
    void wedgeAtTheApex_opensTheUpperSeamByItsAngle(ContourWedge wedge) {
        Draft before = draft(SWEETHEART);
        Draft after = draft(SWEETHEART.withBust(Bust.PRINCESS.withWedge(wedge, wedge.standard())));
        double closed = after.cutting().contour().closed().stream()
                .mapToDouble(Contour.Closed::degrees)
                .sum();
        double more = Math.toDegrees(after.cutting().cup().orElseThrow().upper().value()
                - before.cutting().cup().orElseThrow().upper().value());
        assertThat(more).isCloseTo(closed, within(0.05));
        Finished.holds(after);
    }

    @Test
    void sideWedge_comesOffTheGirth_andTheSheetsMeasureWhatThePlanSays() {
        Draft plain = draft(SWEETHEART);
        Draft taken = draft(SWEETHEART.withBust(Bust.PRINCESS.withWedge(ContourWedge.SIDE, Length.mm(10))));
        double upper = taken.pattern().levels().get(0).patternGirth();
        assertThat(plain.pattern().levels().get(0).patternGirth() - upper).isBetween(30.0, 45.0);
        double measured = taken.pattern().pieces().stream()
                        .flatMap(p -> p.mark("upper").stream())
                        .mapToDouble(m -> m.length())
                        .sum()
                * 2;
        assertThat(measured).isCloseTo(upper, within(1.0));
    }

    @Test
    void betweenTheBreasts_makesCentreFrontASeam() {
        Draft draft = draft(SWEETHEART.withBust(Bust.PRINCESS.withWedge(ContourWedge.BETWEEN, Length.mm(10))));
        Piece front = draft.pattern().pieces().get(0);
        assertThat(front.onFold()).isFalse();
        assertThat(front.edge("centre-front").kind()).isEqualTo(OutlineEdge.Kind.SEAM);
        assertThat(refused(SWEETHEART
                        .withFastening(Fastening.ZIP.with(Closure.FRONT_BUSK))
                        .withBust(Bust.PRINCESS.withWedge(ContourWedge.BETWEEN, Length.mm(10)))))
                .contains("busk needs it straight");
    }

    @Test
    void hollowALittleTighterThanCanBeSewn_isMarkedForClipping_andNoted() {
        Garment corset = Garment.of(GarmentKind.CORSET)
                .withPanels(Panels.of(8, SeamPlacing.LANDMARKS))
                .withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        Draft draft = draft(corset.withBust(Bust.PRINCESS.withWedge(ContourWedge.ARMHOLE, Length.mm(36))));
        Finding noted = draft.findings().stream()
                .filter(f -> f.id().equals("curvature") && f.status() == Finding.Status.NOTE)
                .findFirst()
                .orElseThrow();
        assertThat(noted.value()).isBetween(6.0, 12.0);
        Piece piece = draft.pattern().piece(noted.subject());
        assertThat(piece.marks())
                .anyMatch(m -> m.kind() == Mark.Kind.CLIP
                        && m.at().distance(noted.place().orElseThrow().at()) < 6);
        Pattern unmarked = new Pattern(
                "",
                "panel",
                draft.pattern().levels(),
                draft.pattern().pieces().stream().map(p -> p.marking(List.of())).toList(),
                draft.pattern().seams(),
                draft.pattern().waistToLap());
        assertThat(Truing.look(unmarked))
                .as("without its mark it is a fault")
                .anyMatch(f -> f.id().equals("curvature") && f.status() == Finding.Status.FAULT);
    }

    @ParameterizedTest
    @CsvSource({"NECKLINE, 30", "STRAPLESS_TOP, 30"})
    void wedgeWiderThanItsEdge_isSaidWithTheWidestThatWorks(ContourWedge wedge, double width) {
        Garment corset = Garment.of(GarmentKind.CORSET)
                .withPanels(Panels.of(8, SeamPlacing.LANDMARKS))
                .withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        String said = refused(corset.withBust(Bust.PRINCESS.withWedge(wedge, Length.mm(width))));
        assertThat(said).satisfiesAnyOf(s -> assertThat(s).contains("can be closed"), s -> assertThat(s)
                .contains("bends to a radius"));
    }
}
