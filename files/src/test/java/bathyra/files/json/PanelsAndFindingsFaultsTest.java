package bathyra.files.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bathyra.draft.Bodies;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Side;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Documents whose panels, shares or findings of fittings cannot be: each fault with its place and what to write instead, and nothing taken in by half. */
class PanelsAndFindingsFaultsTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    private static Commission corset() {
        return Bodies.commission(
                Bodies.nerea(), Garment.of(GarmentKind.CORSET).withPanels(Panels.of(5, SeamPlacing.LANDMARKS)));
    }

    private static String spoilt(Commission commission, Consumer<ObjectNode> how) throws Exception {
        ObjectNode root = (ObjectNode) JSON.readTree(CommissionJson.write(commission));
        how.accept(root);
        return root.toString();
    }

    private static List<String> faults(String text) {
        BadDocument bad = catchThrowableOfType(BadDocument.class, () -> CommissionJson.read(text));
        assertThat(bad).as(text).isNotNull();
        return bad.faults();
    }

    private static ObjectNode garment(ObjectNode root) {
        return (ObjectNode) root.get("garment");
    }

    @ParameterizedTest
    @CsvSource({
        "panelsPerSide, 2, garment.panelsPerSide",
        "panelsPerSide, 40, garment.panelsPerSide",
        "frontPanels, 0, garment.frontPanels",
        "frontPanels, 5, garment.frontPanels",
        "apexShare, 1.5, garment.apexShare",
        "apexShare, -0.1, garment.apexShare"
    })
    void panelsThatCannotBe_areNamed_withTheirRange(String key, double value, String place) throws Exception {
        String text = spoilt(corset(), root -> {
            if (value == Math.rint(value)) {
                garment(root).put(key, (int) value);
            } else {
                garment(root).put(key, value);
            }
        });
        assertThat(faults(text))
                .anySatisfy(f -> assertThat(f).startsWith(place + ": is ").contains("from "));
    }

    @Test
    void seamsThatTheCorsetHasNot_areNamed() throws Exception {
        String text = spoilt(
                corset(),
                root -> garment(root).putObject("seams").putObject("front-7").put("lean", 3));
        assertThat(faults(text)).anySatisfy(f -> assertThat(f).contains("front-7"));
        String leaning = spoilt(
                corset(),
                root -> garment(root).putObject("seams").putObject("front-1").put("lean", 80));
        assertThat(faults(leaning)).anySatisfy(f -> assertThat(f).contains("garment.seams.front-1.lean: is 80"));
    }

    @Test
    void capBeyondWhatASeamTakes_isNamed() throws Exception {
        String text = spoilt(
                corset(),
                root -> garment(root).putObject("caps").putObject("waist").put("front-1", 9_000));
        assertThat(faults(text)).anySatisfy(f -> assertThat(f).startsWith("garment.caps.waist.front-1"));
    }

    @Test
    void bustier_hasNoPanelsOfACorset() throws Exception {
        Commission bustier = Bodies.commission(Bodies.nerea(), Garment.bustier());
        String text = spoilt(bustier, root -> garment(root).put("panelsPerSide", 6));
        assertThat(faults(text)).anySatisfy(f -> assertThat(f).contains("a bustier has 4"));
        String back = spoilt(bustier, root -> ((ObjectNode) garment(root).get("options")).put("back-shaping", "pleat"));
        assertThat(faults(back))
                .anySatisfy(f -> assertThat(f).contains("back-shaping").contains("dart"));
    }

    private static Commission found() {
        return corset().withAdjustments(List.of(
                new Adjustment(
                        1,
                        1,
                        Side.BOTH,
                        new Change.Pinch(new Cell(Level.WAIST, SeamPlace.SIDE), Length.mm(6)),
                        Optional.of(Length.mm(40)),
                        true),
                new Adjustment(
                        1, 2, Side.LEFT, new Change.Wedge(ContourWedge.NECKLINE, Length.mm(5)), Optional.empty(), true),
                new Adjustment(
                        1, 3, Side.BOTH, new Change.Drawn(DrawnEdge.HEM, Length.mm(-8)), Optional.empty(), true)));
    }

    private static ObjectNode adjustment(ObjectNode root, int i) {
        return (ObjectNode) root.get("adjustments").get(i);
    }

    @Test
    void whatFittingsFound_isReadAsItWasWritten() throws Exception {
        assertThat(CommissionJson.read(CommissionJson.write(found())).adjustments())
                .isEqualTo(found().adjustments());
    }

    @ParameterizedTest
    @CsvSource({
        "0, kind, squeeze",
        "0, level, knee",
        "0, seam, hem",
        "1, wedge, elbow",
        "2, edge, brim",
        "1, side, middle"
    })
    void findingsThatCannotBe_areNamed_withWhatIsKnown(int which, String key, String value) throws Exception {
        String text = spoilt(found(), root -> adjustment(root, which).put(key, value));
        assertThat(faults(text))
                .anySatisfy(f -> assertThat(f).contains("adjustments").contains(key));
    }

    @ParameterizedTest
    @CsvSource({"0, level", "0, seam", "1, wedge", "0, kind"})
    void whatIsMissing_isNamed(int which, String key) throws Exception {
        String text = spoilt(found(), root -> adjustment(root, which).remove(key));
        assertThat(faults(text)).anySatisfy(f -> assertThat(f).contains(key));
    }

    @Test
    void unknownField_isNamed_withTheNearest() throws Exception {
        String text = spoilt(found(), root -> adjustment(root, 1).put("wegde", "neckline"));
        assertThat(faults(text)).anySatisfy(f -> assertThat(f).contains("wegde").contains("wedge"));
    }
}
