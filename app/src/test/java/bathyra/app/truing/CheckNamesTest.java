package bathyra.app.truing;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class CheckNamesTest {
    private final Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea().with(MeasurementKey.WAIST_TO_LAP, Length.mm(190)),
            Garment.bustier().withEase(Level.WAIST, Length.mm(-80))));

    @Test
    void title_ofEveryCheck_isInTheCuttersWords() {
        assertThat(draft.findings()).allSatisfy(f -> assertThat(CheckNames.title(f.id())).isNotEqualTo(f.id()));
        assertThat(draft.findings()).extracting(Finding::id).contains("waist-reduction", "seated-length", "intake-cap");
    }

    @Test
    void worst_isTheSmallestWhereALeastIsAsked_andTheLargestElse() {
        List<Finding> widths = draft.findings().stream().filter(f -> f.id().equals("panel-width")).toList();
        assertThat(CheckNames.worst("panel-width", widths).value()).isEqualTo(widths.stream().mapToDouble(Finding::value).min().orElseThrow());
        List<Finding> girths = draft.findings().stream().filter(f -> f.id().equals("girth")).toList();
        assertThat(CheckNames.worst("girth", girths).value()).isEqualTo(girths.stream().mapToDouble(Finding::value).max().orElseThrow());
    }

    @Test
    void summary_isASentenceWithItsUnit_inBothUnits() {
        draft.findings().stream().collect(Collectors.groupingBy(Finding::id)).forEach((id, all) -> {
            for (LengthUnit unit : List.of(LengthUnit.CM, LengthUnit.IN)) {
                assertThat(CheckNames.summary(id, all, unit)).as(id).matches("(?s).*[.?]”?").doesNotContain("{}");
            }
        });
    }
}
