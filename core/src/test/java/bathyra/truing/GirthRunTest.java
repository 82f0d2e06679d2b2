package bathyra.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.CutCount;
import bathyra.piece.CuttingLine;
import bathyra.piece.Grain;
import bathyra.piece.LevelMark;
import bathyra.piece.Markings;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import bathyra.piece.PieceTitle;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class GirthRunTest {
    /** A piece 100 mm wide at both levels, 200 mm apart, whose right edge swings out between them. */
    private static Pattern swinging(double out) {
        Path right = Path.of(
                new Cubic(new Point(100, 0), new Point(100 + out, 60), new Point(100 + out, 140), new Point(100, 200)));
        List<OutlineEdge> outline = List.of(
                new OutlineEdge(
                        "upper-edge",
                        OutlineEdge.Kind.EDGE,
                        Optional.empty(),
                        Path.of(new Line(new Point(0, 0), new Point(100, 0)))),
                new OutlineEdge("side", OutlineEdge.Kind.SEAM, Optional.empty(), right),
                new OutlineEdge(
                        "lower-edge",
                        OutlineEdge.Kind.EDGE,
                        Optional.empty(),
                        Path.of(new Line(new Point(100, 200), new Point(0, 200)))),
                new OutlineEdge(
                        "centre-front",
                        OutlineEdge.Kind.FOLD,
                        Optional.empty(),
                        Path.of(new Line(new Point(0, 200), new Point(0, 0)))));
        List<LevelMark> marks = List.of(
                new LevelMark("underbust", new Point(0, 0), new Point(100, 0)),
                new LevelMark("waist", new Point(0, 200), new Point(100, 200)));
        Piece piece = new Piece(
                new PieceTitle("F1", "Front", 1, true),
                new CutCount(2, false),
                outline,
                new Markings(marks, List.of(), new Grain(new Point(10, 180), new Point(10, 20))),
                CuttingLine.of(List.of()));
        List<PatternLevel> levels = List.of(
                new PatternLevel("underbust", 200, 0, 0, 200, 100, 0),
                new PatternLevel("waist", 200, 0, 0, 200, 100, 0));
        return new Pattern("", "panel", levels, List.of(piece), List.of(), OptionalDouble.empty());
    }

    private static Finding between(double out) {
        return new WidthsBetween().look(swinging(out)).get(0);
    }

    @Test
    void run_isMeasuredFromEdgeToEdge_atEvenSteps() {
        double[] run = GirthRun.of(swinging(8)).orElseThrow().between().get(0);
        assertThat(run).hasSize(GirthRun.STEPS + 1);
        assertThat(run[0]).isEqualTo(100, within(1e-6));
        assertThat(run[GirthRun.STEPS / 2])
                .as("a cubic reaches three quarters of its handles")
                .isEqualTo(106, within(0.1));
        assertThat(run[GirthRun.STEPS]).isEqualTo(100, within(1e-6));
    }

    @Test
    void withinOneInAHundred_holds_andBeyondIsNotedWithItsSize() {
        assertThat(between(1.2).status()).isEqualTo(Finding.Status.OK);
        assertThat(between(8).status()).isEqualTo(Finding.Status.NOTE);
        assertThat(between(8).value()).isEqualTo(5, within(0.1));
        assertThat(between(-8).value()).as("pinched").isEqualTo(5, within(0.1));
    }

    @Test
    void theLevelsOfADraft_areWhatTheirMarksMeasure() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)));
        List<double[]> between = GirthRun.of(draft.pattern()).orElseThrow().between();
        for (int i = 0; i < between.size(); i++) {
            assertThat(between.get(i)[0])
                    .isEqualTo(draft.pattern().levels().get(i).patternGirth() / 2, within(0.2));
        }
    }
}
