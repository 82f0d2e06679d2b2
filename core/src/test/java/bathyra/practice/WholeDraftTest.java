package bathyra.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.UpperShape;
import bathyra.length.LengthUnit;
import bathyra.piece.EdgeRole;
import bathyra.piece.Piece;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A whole draft reckoned by hand, and the sums on the edge that belong to it. */
class WholeDraftTest {
    private static Draft draft(GarmentKind kind) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(kind)));
    }

    private static Garment shouldered() {
        Garment bustier = Garment.of(GarmentKind.BUSTIER);
        return bustier.withUpperEdge(UpperShape.fitting(Cover.SHOULDERS).get(0))
                .withTop(bustier.top().withCover(Cover.SHOULDERS));
    }

    private static WholeDraft whole(Draft draft) {
        return WholeDraft.of(Exercises.of(draft, new Random(3)));
    }

    private static Exercise edge(Draft draft, String words) {
        return EdgeSums.of(draft).stream()
                .filter(e -> e.asked().in(LengthUnit.CM).contains(words))
                .findFirst()
                .orElseThrow();
    }

    private static double measured(Draft draft, EdgeRole role) {
        return draft.panelPieces().stream()
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.role() == role)
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    @Test
    void everyFigureIsAskedOnce_inTheOrderOfTheJob() {
        Draft draft = draft(GarmentKind.CORSET);
        WholeDraft whole = whole(draft);
        assertThat(new HashSet<>(whole.all())).hasSameSizeAs(whole.all());
        assertThat(whole.all()).isSortedAccordingTo((a, b) -> a.skill().compareTo(b.skill()));
        for (Piece piece : draft.panelPieces()) {
            assertThat(whole.all().stream().map(e -> e.asked().in(LengthUnit.CM)))
                    .anyMatch(q -> q.startsWith(piece.name()));
        }
        assertThat(whole.all().get(0).skill()).isEqualTo(Skill.APEX);
        assertThat(whole.all().get(whole.all().size() - 1).skill()).isEqualTo(Skill.CUT);
    }

    @Test
    void itGoesOnToItsEnd_andCountsWhatWasRightAtOnce() {
        WholeDraft whole = whole(draft(GarmentKind.BUSTIER));
        int size = whole.all().size();
        for (int i = 0; i < size; i++) {
            assertThat(whole.isDone()).isFalse();
            assertThat(whole.asked()).contains(whole.all().get(i));
            whole = whole.next(i % 3 == 0);
        }
        assertThat(whole.isDone()).isTrue();
        assertThat(whole.asked()).isEmpty();
        assertThat(whole.right()).isEqualTo((size + 2) / 3);
        assertThat(whole.next(false).at()).as("there is nothing after the end").isEqualTo(size);
        assertThat(WholeDraft.of(Map.of()).isDone()).isTrue();
        assertThat(WholeDraft.of(Map.<Skill, List<Exercise>>of()).asked()).isEmpty();
    }

    @Test
    void theEdgeRoundTheGarment_isTwiceWhatItsPiecesMeasure() {
        for (GarmentKind kind : new GarmentKind[] {GarmentKind.CORSET, GarmentKind.BUSTIER}) {
            Draft draft = draft(kind);
            assertThat(edge(draft, "round the whole garment").answer().value())
                    .isCloseTo(2 * measured(draft, EdgeRole.UPPER), within(1e-6));
        }
        Draft blouse = (Draft) Drafter.draft(Bodies.commission(Bodies.withArms(Bodies.nerea()), shouldered()));
        assertThat(edge(blouse, "neckline measures").answer().value())
                .isCloseTo(2 * measured(blouse, EdgeRole.NECKLINE), within(1e-6));
    }

    @Test
    void theCrest_isTheHighestPointInFront_andTheBackFalls() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea(), Garment.of(GarmentKind.BUSTIER).withUpperEdge(UpperShape.SWEETHEART)));
        double crest = draft.panelPieces().stream()
                .filter(Piece::front)
                .flatMap(p -> p.outline().stream()
                        .filter(e -> e.role() == EdgeRole.UPPER)
                        .flatMap(e -> e.path().flattened(0.2).stream())
                        .map(at -> p.levelMarks().stream()
                                        .filter(m -> m.level().equals("bust"))
                                        .findFirst()
                                        .orElseThrow()
                                        .from()
                                        .y()
                                - at.y()))
                .mapToDouble(Double::doubleValue)
                .max()
                .orElseThrow();
        assertThat(edge(draft, "At centre front").answer().value()).isCloseTo(crest, within(1.0));
        assertThat(edge(draft, "to centre back it falls").answer().value()).isLessThan(crest);
    }
}
