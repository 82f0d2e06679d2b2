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
 * Documents as the program wrote them while it drafted by edition 2, and the outlines that it drew of them. They were written by that program, not
 * by this one.
 */
class SecondEditionTest {
    /** A value is kept to a ten-thousandth; nearly every point of an outline hangs on several of them. */
    private static final double SAME = 0.005;

    private static final ObjectMapper MAPPER = new ObjectMapper();

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "four-panels,true",
        "uneven-four-panels,true",
        "five-panels,true",
        "bustier,true",
        "own-split,true",
        "shoulders,false",
        "v,true",
        "underbust,false"
    })
    void keepsItsOutlines_andSaysSoOnlyWhereTodaysRulesWouldMoveThem(String name, boolean moved) throws Exception {
        Commission read = read(name);
        assertAlike(outlinesOf(read), drawn(name), true);
        assertThat(read.rules()).isEqualTo(moved ? 2 : Commission.RULES);
        assertThat(read.garment().kept().isPresent()).isEqualTo(moved);
        assertAlike(outlinesOf(read.byTodaysRules()), drawn(name), !moved);
    }

    @Test
    void whatIsMeasuredAnew_movesByTodaysRule_andIsWrittenAndReadAgain() throws Exception {
        Commission read = read("four-panels");
        double waist = read.measurements().taken().get(MeasurementKey.WAIST).millimetres();
        Commission wider = read.withMeasurements(read.measurements().with(MeasurementKey.WAIST, Length.mm(waist + 10)));
        List<PanelOutline> moved = outlinesOf(wider);
        assertAlike(moved, drawn("four-panels"), false);
        assertAlike(outlinesOf(CommissionJson.read(CommissionJson.write(wider))), moved, true);
    }

    /** It wrote down what it gave wherever it drafted: a document without that was drafted by nobody yet, or written by hand. */
    @Test
    void withoutWhatWasGiven_itIsDraftedAnew_andOneThatCouldNotBeDrafted_isTodays() throws Exception {
        ObjectNode bare = (ObjectNode) MAPPER.readTree(text("four-panels.bathyra.json"));
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

    private static List<PanelOutline> drawn(String name) throws Exception {
        return OutlinesJson.read(text(name + ".outlines.json"));
    }

    private static Commission read(String name) throws Exception {
        return CommissionJson.read(text(name + ".bathyra.json"));
    }

    private static String text(String file) throws Exception {
        try (var in = SecondEditionTest.class.getResourceAsStream("edition-2/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
