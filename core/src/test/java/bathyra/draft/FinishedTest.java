package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Garment;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** The measure itself is measured: it has to go red. */
class FinishedTest {
    private final Pattern sound =
            ((Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier()))).pattern();

    private Pattern with(UnaryOperator<Piece> change) {
        List<Piece> pieces = new ArrayList<>(sound.pieces());
        pieces.set(1, change.apply(pieces.get(1)));
        return new Pattern(sound.title(), sound.method(), sound.levels(), pieces, sound.seams(), sound.waistToLap());
    }

    @Test
    void aPieceGrownByTwoHundredths_isFound() {
        assertThatThrownBy(() -> Finished.holds(with(p -> p.mapped(at -> new Point(at.x() * 1.02, at.y() * 1.02)))))
                .isInstanceOf(AssertionError.class)
                .hasMessageContaining("seam");
    }

    @Test
    void anEdgeThatEndsBesideTheNext_isFound() {
        assertThatThrownBy(() -> Finished.holds(with(p -> p.withOutline(replaced(p.outline(), 0, e -> {
                    Point end = e.path().end();
                    return List.of(new Line(e.path().start(), new Point(end.x() + 0.1, end.y())));
                })))))
                .isInstanceOf(AssertionError.class)
                .hasMessageContaining("from ");
    }

    @Test
    void anOutlineThatCrossesItself_isFound() {
        assertThatThrownBy(() -> Finished.holds(with(p -> p.withOutline(replaced(p.outline(), 0, e -> {
                    Point start = e.path().start();
                    Point far = new Point(start.x() + 400, start.y() + 130);
                    return List.of(
                            new Line(start, far),
                            new Line(far, new Point(start.x() - 400, start.y() + 140)),
                            new Line(
                                    new Point(start.x() - 400, start.y() + 140),
                                    e.path().end()));
                })))))
                .isInstanceOf(AssertionError.class)
                .hasMessageContaining("crosses itself");
    }

    @Test
    void anySentence_isNoReason() {
        Finding empty = Finding.of(
                FindingKind.SEAM_LENGTH,
                "F1",
                Finding.Status.FAULT,
                3,
                0.5,
                Sentence.of("It does not work. Try something else."));
        assertThatThrownBy(() -> Finished.isReasonable(new Refusal(Refusal.Cause.PATTERN, List.of(empty))))
                .isInstanceOf(AssertionError.class);
    }

    private static List<OutlineEdge> replaced(
            List<OutlineEdge> outline, int at, Function<OutlineEdge, List<Segment>> way) {
        List<OutlineEdge> next = new ArrayList<>(outline);
        OutlineEdge edge = outline.get(at);
        next.set(at, new OutlineEdge(edge.name(), edge.kind(), edge.seam(), new Path(way.apply(edge))));
        return next;
    }
}
