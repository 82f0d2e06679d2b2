package bathyra.finding;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import bathyra.truing.Truing;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class FindingKindTest {
    private final Draft draft = (Draft) Drafter.draft(Bodies.commission(
            Bodies.nerea().with(MeasurementKey.WAIST_TO_LAP, Length.mm(190)),
            Garment.bustier().withLowerEdge(LowerShape.HIP).withEase(Level.WAIST, Length.mm(-80))));

    @Test
    void everyKind_hasAnIdOfItsOwn_andANameInTheCuttersWords() {
        assertThat(FindingKind.values()).extracting(FindingKind::id).doesNotHaveDuplicates();
        assertThat(FindingKind.values()).allSatisfy(kind -> {
            assertThat(FindingKind.ofId(kind.id())).contains(kind);
            assertThat(kind.title()).isNotBlank().isNotEqualTo(kind.id());
            assertThat(kind.isShownAt(kind.step())).isTrue();
        });
        assertThat(draft.findings()).extracting(Finding::id).contains("waist-reduction", "seated-length", "intake-cap");
    }

    @Test
    void whatADocumentAnswers_isWhatTheChecksFindInIt() {
        List<Finding> checked = Truing.lookAtForeign(draft.pattern());
        assertThat(checked)
                .allSatisfy(f -> assertThat(f.kind().isOfDocument()).as(f.id()).isTrue());
        List<FindingKind> ofDocument = checked.stream().map(Finding::kind).toList();
        assertThat(draft.findings())
                .filteredOn(f -> !ofDocument.contains(f.kind()))
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.kind().isOfDocument()).as(f.id()).isFalse());
    }

    @Test
    void worst_isTheSmallestWhereALeastIsAsked_andTheLargestElse() {
        List<Finding> widths = of(FindingKind.PANEL_WIDTH);
        assertThat(FindingKind.PANEL_WIDTH.worst(widths).value())
                .isEqualTo(widths.stream().mapToDouble(Finding::value).min().orElseThrow());
        List<Finding> girths = of(FindingKind.GIRTH);
        assertThat(FindingKind.GIRTH.worst(girths).value())
                .isEqualTo(girths.stream().mapToDouble(Finding::value).max().orElseThrow());
    }

    private List<Finding> of(FindingKind kind) {
        return draft.findings().stream().filter(f -> f.kind() == kind).toList();
    }

    @Test
    void summary_isASentenceWithItsUnit_inBothUnits_andTheLimitIsTheChecksOwn() {
        draft.findings().stream().collect(Collectors.groupingBy(Finding::kind)).forEach((kind, all) -> {
            for (LengthUnit unit : List.of(LengthUnit.CM, LengthUnit.IN)) {
                assertThat(kind.summary(all, unit))
                        .as(kind.id())
                        .matches("(?s).*[.?]”?")
                        .doesNotContain("{");
            }
        });
        assertThat(FindingKind.JOINED_EDGE.summary(of(FindingKind.JOINED_EDGE), LengthUnit.CM))
                .endsWith(Math.round(Tolerance.JOIN_DEGREES) + "° allowed.");
        assertThat(FindingKind.SQUARE_CENTRE.summary(of(FindingKind.SQUARE_CENTRE), LengthUnit.CM))
                .endsWith(Math.round(Tolerance.SQUARE_DEGREES) + "° allowed.");
    }
}
