package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.OutlinesJson;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.piece.PanelOutline;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Documents as the program wrote them while it drafted by an earlier edition, and the outlines that it drew of them. They were written by that
 * program, not by this one.
 */
class EarlierEditionsTest {
    /** A value is kept to a ten-thousandth; nearly every point of an outline hangs on several of them. */
    private static final double SAME = 0.005;

    private static final ObjectMapper MAPPER = new ObjectMapper();

    @ParameterizedTest(name = "edition {0}, {1}")
    @CsvSource({
        "2,four-panels,true",
        "2,uneven-four-panels,true",
        "2,five-panels,true",
        "2,bustier,true",
        "2,own-split,true",
        "2,shoulders,false",
        "2,v,true",
        "2,underbust,false",
        "3,five-panels,true",
        "3,uneven-five-panels,true",
        "3,six-panels,false",
        "3,locked,true",
        "3,bustier,true",
        "3,bustier-as-before,false",
        "3,shoulders,true",
        "3,underbust-four-panels,true"
    })
    void keepsItsOutlines_andSaysSoOnlyWhereTodaysRulesWouldMoveThem(int edition, String name, boolean moved)
            throws Exception {
        Commission read = read(edition, name);
        List<PanelOutline> drawn = drawn(edition, name);
        assertAlike(outlinesOf(read), drawn, true);
        assertThat(read.rules()).isEqualTo(moved ? edition : Commission.RULES);
        assertThat(read.garment().kept().isPresent()).isEqualTo(moved);
        assertAlike(outlinesOf(read.byTodaysRules()), drawn, !moved);
    }

    @ParameterizedTest(name = "edition {0}, {1}")
    @CsvSource({"2,four-panels", "3,five-panels"})
    void whatIsMeasuredAnew_movesByTodaysRule_andIsWrittenAndReadAgain(int edition, String name) throws Exception {
        Commission read = read(edition, name);
        double waist = read.measurements().taken().get(MeasurementKey.WAIST).millimetres();
        Commission wider = read.withMeasurements(read.measurements().with(MeasurementKey.WAIST, Length.mm(waist + 10)));
        List<PanelOutline> moved = outlinesOf(wider);
        assertAlike(moved, drawn(edition, name), false);
        assertAlike(outlinesOf(CommissionJson.read(CommissionJson.write(wider))), moved, true);
    }

    /** It wrote down what it gave wherever it drafted: a document without that was drafted by nobody yet, or written by hand. */
    @Test
    void withoutWhatWasGiven_itIsDraftedAnew_andOneThatCouldNotBeDrafted_isTodays() throws Exception {
        ObjectNode bare = (ObjectNode) MAPPER.readTree(text(2, "four-panels.bathyra.json"));
        bare.remove("given");
        assertThat(CommissionJson.read(bare.toString()).isDraftedAnew()).isTrue();
        ((ObjectNode) bare.get("measurements")).remove("bustGirth");
        Commission begun = CommissionJson.read(bare.toString());
        assertThat(begun.rules()).isEqualTo(Commission.RULES);
        assertThat(begun.isDraftedAnew()).isFalse();
    }

    private static void assertAlike(List<PanelOutline> these, List<PanelOutline> those, boolean alike) {
        assertThat(these).hasSameSizeAs(those);
        boolean all = true;
        for (int i = 0; i < these.size(); i++) {
            all &= these.get(i).panel().equals(those.get(i).panel())
                    && these.get(i).isAs(those.get(i), SAME);
        }
        assertThat(all).isEqualTo(alike);
    }

    private static List<PanelOutline> outlinesOf(Commission commission) {
        Draft draft = (Draft) Drafter.draft(commission);
        List<PanelOutline> outlines = new ArrayList<>(draft.panelOutlines());
        draft.rightHalf().ifPresent(right -> outlines.addAll(right.panelOutlines()));
        return outlines;
    }

    private static List<PanelOutline> drawn(int edition, String name) throws Exception {
        return OutlinesJson.read(text(edition, name + ".outlines.json"));
    }

    private static Commission read(int edition, String name) throws Exception {
        return CommissionJson.read(text(edition, name + ".bathyra.json"));
    }

    private static String text(int edition, String file) throws Exception {
        try (var in = EarlierEditionsTest.class.getResourceAsStream("edition-" + edition + "/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
