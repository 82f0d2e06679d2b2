package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.BadDocument;
import bathyra.files.json.PatternJson;
import bathyra.garment.BackShaping;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.geometry.Vec;
import bathyra.piece.Dart;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.truing.Truing;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Darts inside pieces go out with the pattern and come back with it. */
class DartsDocumentTest {
    private final Draft draft = darted();

    private static Draft darted() {
        Garment garment = Garment.bustier().withLowerEdge(LowerShape.HIP);
        return (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea(), garment.withBlock(garment.block().withBack(BackShaping.DART))));
    }

    private static Dart dart(Pattern pattern) {
        return pattern.piece("B1").darts().get(0);
    }

    private String document() {
        return PatternJson.write(draft.pattern(), draft.findings(), "test");
    }

    @Test
    void dart_comesBackAsItWas() throws BadDocument {
        Pattern read = PatternJson.read(document());
        Dart was = dart(draft.pattern());
        Dart is = dart(read);
        assertThat(is.name()).isEqualTo(was.name());
        for (double share = 0; share <= 1; share += 0.05) {
            assertThat(is.one()
                            .at(share * is.one().length())
                            .point()
                            .distance(was.one().at(share * was.one().length()).point()))
                    .isLessThan(1e-3);
        }
        assertThat(is.width()).isCloseTo(was.width(), within(1e-3));
        assertThat(Truing.look(read))
                .filteredOn(f -> f.subject().equals("B1-Back waist dart"))
                .singleElement()
                .satisfies(f -> assertThat(f.value()).isLessThan(0.1));
    }

    /** What somebody moved by hand in the document is found: one leg of a dart no longer meets the other. */
    @Test
    void legMadeLonger_isFound() throws BadDocument {
        Piece back = draft.pattern().piece("B1");
        Dart was = back.darts().get(0);
        Piece spoilt = back.darted(List.of(
                new Dart(was.name(), was.one(), was.other().mapped(p -> p.plus(new Vec(0, (p.y() - 400) * 0.05))))));
        Pattern pattern = new Pattern(
                "spoilt",
                draft.pattern().method(),
                draft.pattern().levels(),
                draft.pattern().pieces().stream()
                        .map(p -> p.id().equals("B1") ? spoilt : p)
                        .toList(),
                draft.pattern().seams(),
                draft.pattern().waistToLap());
        Pattern read = PatternJson.read(PatternJson.write(pattern, List.of(), "test"));
        assertThat(Truing.look(read))
                .filteredOn(f -> f.subject().equals("B1-Back waist dart"))
                .singleElement()
                .satisfies(f -> assertThat(f.value()).isBetween(10.0, 30.0))
                .extracting(f -> f.status().name())
                .isEqualTo("FAULT");
    }

    @Test
    void legThatIsNoPath_isSaid_withThePieceAndTheDart() {
        String text = document();
        int legs = text.indexOf("\"legs\"");
        String spoilt = text.substring(0, legs) + text.substring(legs).replaceFirst("\"M\"", "\"L\"");
        assertThat(catchThrowableOfType(BadDocument.class, () -> PatternJson.read(spoilt)))
                .hasMessageContaining("pieces.B1.Back waist dart");
    }

    @Test
    void cuttingPlan_drawsLegsAndFold_turnedWithThePiece() {
        CuttingPlan plan = CuttingPlan.of(draft);
        CuttingPlan.Cut back = plan.cuts().stream()
                .filter(c -> c.id().equals("B1"))
                .findFirst()
                .orElseThrow();
        assertThat(back.darts()).hasSize(3);
        Dart upright = back.piece().darts().get(0);
        assertThat(upright.width()).isCloseTo(dart(draft.pattern()).width(), within(1e-6));
    }

    /** In every layer that is cut by the piece the dart is drawn. */
    @Test
    void everyLayerOfThePiece_hasItsDart() {
        CuttingPlan plan = CuttingPlan.of(draft);
        assertThat(plan.layers()).isNotEmpty();
        plan.layers().stream()
                .flatMap(l -> l.pieces().stream())
                .filter(p -> p.id().equals("B1"))
                .forEach(p -> assertThat(p.darts()).as(p.name()).hasSize(1));
        assertThat(plan.layers().stream().flatMap(l -> l.pieces().stream()).filter(p -> p.id().equals("B1")))
                .isNotEmpty();
    }
}
