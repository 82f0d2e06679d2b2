package bathyra.foreign;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.fit.Cloth;
import bathyra.fit.FormSurface;
import bathyra.fit.OnForm;
import bathyra.fit.Worn;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import bathyra.measure.Softness;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * A pattern that says nothing of its levels, put round a body by two heights on one piece. The lines of a draft bend a little at every seam, those
 * that are carried run square to the grain: hence some millimetres.
 */
class LevelledTest {
    private static final Draft DRAFT = (Draft) Drafter.draft(Bodies.commission(
            Bodies.nerea(),
            Garment.bustier()
                    .withUpperEdge(UpperShape.SWEETHEART)
                    .withLowerEdge(LowerShape.HIP)
                    .withFastening(Fastening.ZIP)));
    private static final Pattern BARE = with(
            DRAFT.pattern(),
            DRAFT.pattern().pieces().stream().map(p -> p.withLevels(List.of())).toList());

    private static Pattern with(Pattern pattern, List<Piece> pieces) {
        return new Pattern(pattern.title(), pattern.method(), List.of(), pieces, pattern.seams(), pattern.waistToLap());
    }

    /** How deep two levels lie on a piece, as one measures them on the paper. */
    private static Map<Level, Double> depths(Piece drafted) {
        Map<Level, Double> depths = new EnumMap<>(Level.class);
        double top = drafted.upright().flattened(0.1).stream()
                .mapToDouble(Point::y)
                .min()
                .orElseThrow();
        for (Level level : List.of(Level.UNDERBUST, Level.WAIST)) {
            depths.put(level, drafted.upright().mark(level).orElseThrow().from().y() - top);
        }
        return depths;
    }

    private static Piece first() {
        return DRAFT.pattern().pieces().get(0);
    }

    private static Levelled levelled(Pattern drawn) {
        return Levelled.of(drawn, first().id(), depths(first()), false);
    }

    private static double length(Pattern pattern, Level level) {
        return pattern.pieces().stream()
                .flatMap(p -> p.mark(level).stream())
                .mapToDouble(LevelMark::length)
                .sum();
    }

    private static String said(List<Sentence> sentences) {
        return sentences.stream().map(s -> s.in(LengthUnit.CM)).reduce("", (a, b) -> a + b + "\n");
    }

    @Test
    void twoHeights_onOnePiece_areCarriedToAllOthers() {
        Levelled found = levelled(BARE);
        assertThat(said(found.faults())).isEmpty();
        for (Level level : List.of(Level.UNDERBUST, Level.WAIST)) {
            assertThat(length(found.pattern(), level))
                    .as(level.id())
                    .isCloseTo(length(DRAFT.pattern(), level), within(3.0));
        }
        assertThat(found.pattern().pieces()).hasSameSizeAs(DRAFT.pattern().pieces());
        assertThat(Levelled.isMarked(found.pattern())).isTrue();
        assertThat(Levelled.isMarked(BARE)).isFalse();
    }

    @Test
    void drawnTheOtherWayRound_orInAnotherOrder_itIsTheSame() {
        List<Piece> over = new ArrayList<>();
        for (Piece piece : BARE.pieces()) {
            Piece mirrored = piece.mapped(p -> new Point(-p.x(), p.y()));
            List<OutlineEdge> back = new ArrayList<>(mirrored.outline().stream()
                    .map(e -> new OutlineEdge(
                            e.name(), e.kind(), e.seam(), e.path().reversed()))
                    .toList());
            Collections.reverse(back);
            over.add(mirrored.withOutline(back));
        }
        Collections.reverse(over);
        Levelled found = levelled(with(BARE, over));
        assertThat(said(found.faults())).isEmpty();
        Levelled asDrafted = levelled(BARE);
        assertThat(found.pattern().pieces().stream().map(Piece::id).toList())
                .isEqualTo(asDrafted.pattern().pieces().stream().map(Piece::id).toList());
        for (Piece piece : found.pattern().pieces()) {
            LevelMark mark = piece.mark(Level.WAIST).orElseThrow();
            assertThat(mark.from().x()).as(piece.name()).isLessThan(mark.to().x());
        }
    }

    @Test
    void theMiddles_areNamed_fromTopToHem() {
        Pattern found = Levelled.of(BARE, first().id(), depths(first()), true).pattern();
        Piece front = found.pieces().get(0);
        Piece back = found.pieces().get(found.pieces().size() - 1);
        assertThat(front.outline()).anyMatch(e -> e.kind() == OutlineEdge.Kind.FOLD);
        double laced = back.outline().stream()
                .filter(e -> e.kind() == OutlineEdge.Kind.CLOSURE)
                .mapToDouble(e -> e.path().length())
                .sum();
        double drafted = DRAFT.pattern().piece(back.id()).outline().stream()
                .filter(e -> e.kind() == OutlineEdge.Kind.CLOSURE)
                .mapToDouble(e -> e.path().length())
                .sum();
        assertThat(laced).isCloseTo(drafted, within(1e-6));
    }

    @Test
    void worn_itLiesAsTheDraftDoes_thatItWas() {
        FormSurface body = new FormSurface(Worn.form(DRAFT), Softness.BETWEEN);
        Cloth cloth = Cloth.of(DRAFT.commission().garment());
        OnForm known = OnForm.laid(DRAFT.pattern(), cloth, 0, body, () -> false);
        OnForm asked = OnForm.laid(levelled(BARE).pattern(), cloth, 0, body, () -> false);
        assertThat(asked.rest().settled()).isTrue();
        for (Level level : List.of(Level.UNDERBUST, Level.WAIST)) {
            assertThat(asked.girth(level).orElseThrow())
                    .as(level.id())
                    .isCloseTo(known.girth(level).orElseThrow(), within(5.0));
        }
        assertThat(asked.girth(Level.BUST)).isEmpty();
    }

    @Test
    void whatCannotBe_isSaid_withTheWayOut() {
        assertThat(said(Levelled.of(BARE, first().id(), Map.of(Level.WAIST, 300.0), false)
                        .faults()))
                .contains("two levels");
        assertThat(said(Levelled.of(BARE, first().id(), Map.of(Level.WAIST, 200.0, Level.UNDERBUST, 300.0), false)
                        .faults()))
                .contains("wrong way round")
                .contains("20.0");
        assertThat(said(Levelled.of(BARE, first().id(), Map.of(Level.WAIST, 3000.0, Level.UNDERBUST, 200.0), false)
                        .faults()))
                .contains("no cloth");
        Pattern alone = new Pattern("", "", List.of(), BARE.pieces(), List.of(), BARE.waistToLap());
        assertThat(said(levelled(alone).faults())).contains("sewn to nothing");
    }

    @Test
    void aPieceThatIsSewnToNothing_isLeftOut_andSaid() {
        List<Piece> more = new ArrayList<>(BARE.pieces());
        more.add(first().withId("pocket").called("Pocket", false).withLevels(List.of()));
        Levelled found = levelled(with(BARE, more));
        assertThat(found.pattern().pieces()).hasSameSizeAs(BARE.pieces());
        assertThat(said(found.notes())).contains("\"Pocket\"");
    }
}
