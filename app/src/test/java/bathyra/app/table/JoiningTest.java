package bathyra.app.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.UpperShape;
import bathyra.geometry.Path;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How the pieces lie on the table. */
class JoiningTest {
    private final Draft draft = (Draft)
            Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier().withUpperEdge(UpperShape.SWEETHEART)));

    private Path laid(Map<String, Placement> places, SeamJoin.Ref ref) {
        return places.get(ref.piece())
                .of(SeamPair.downwards(draft.pattern().edge(ref).path()));
    }

    @Test
    void apart_noTwoPiecesMeet() {
        Map<String, Placement> places = Joining.APART.place(draft);
        double right = Double.NEGATIVE_INFINITY;
        for (var piece : draft.pattern().pieces()) {
            Placement place = places.get(piece.id());
            assertThat(piece.cutLine())
                    .allSatisfy(p -> assertThat(place.of(p).y()).isEqualTo(p.y()));
            double left = piece.cutLine().stream()
                    .mapToDouble(p -> place.of(p).x())
                    .min()
                    .orElseThrow();
            assertThat(left).isGreaterThan(right);
            right = piece.cutLine().stream()
                    .mapToDouble(p -> place.of(p).x())
                    .max()
                    .orElseThrow();
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Joining.class,
            names = {"ABOVE", "BELOW"})
    void joined_everySeamMeetsAtItsEnd(Joining joining) {
        Map<String, Placement> places = joining.place(draft);
        for (SeamJoin seam : draft.pattern().seams()) {
            Path a = laid(places, seam.a());
            Path b = laid(places, seam.b());
            double distance = joining == Joining.ABOVE
                    ? a.start().distance(b.start())
                    : a.end().distance(b.end());
            assertThat(distance).isLessThan(1e-9);
        }
    }

    @Test
    void joined_theUpperEdgeRunsStraightOnOverEverySeam() {
        Map<String, Placement> places = Joining.ABOVE.place(draft);
        List<Path> edges = draft.pattern().pieces().stream()
                .map(p -> places.get(p.id()).of(p.edge("upper-edge").path()))
                .toList();
        for (int i = 0; i + 1 < edges.size(); i++) {
            double turn = Math.toDegrees(
                    edges.get(i).endTangent().angleTo(edges.get(i + 1).startTangent()));
            // The seam's own bend over the first centimetre is what remains: at the crest each edge bends upright.
            assertThat(Math.abs(turn))
                    .as("after " + draft.pattern().pieces().get(i).name())
                    .isLessThan(10);
        }
    }

    @Test
    void placement_andBack_isTheSamePlace() {
        Placement place = Joining.ABOVE.place(draft).get("B1");
        draft.pattern().piece("B1").cutLine().forEach(p -> {
            assertThat(place.back(place.of(p)).x()).isCloseTo(p.x(), within(1e-9));
            assertThat(place.back(place.of(p)).y()).isCloseTo(p.y(), within(1e-9));
        });
    }
}
