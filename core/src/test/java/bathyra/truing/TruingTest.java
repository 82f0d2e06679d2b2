package bathyra.truing;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import bathyra.length.LengthUnit;
import bathyra.piece.CuttingLine;
import bathyra.piece.Markings;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Each check is shown a pattern that holds and the same pattern spoilt just past the limit. */
class TruingTest {
    private final Pattern good = ((Draft) Drafter.draft(Bodies.commission(
                    Bodies.nerea(),
                    Garment.bustier().withUpperEdge(UpperShape.SWEETHEART).withLowerEdge(LowerShape.HIP))))
            .pattern();

    private static List<Finding> faults(Pattern pattern, String id) {
        return Truing.look(pattern).stream()
                .filter(f -> f.id().equals(id) && f.status() != Finding.Status.OK)
                .toList();
    }

    private Pattern with(String piece, UnaryOperator<Piece> spoil) {
        return new Pattern(
                good.title(),
                good.method(),
                good.levels(),
                good.pieces().stream()
                        .map(p -> p.id().equals(piece) ? spoil.apply(p) : p)
                        .toList(),
                good.seams(),
                good.waistToLap());
    }

    private static Piece withEdge(Piece p, String name, UnaryOperator<Path> change) {
        List<OutlineEdge> outline = p.outline().stream()
                .map(e -> e.name().equals(name)
                        ? new OutlineEdge(e.name(), e.kind(), e.seam(), change.apply(e.path()))
                        : e)
                .toList();
        return new Piece(
                p.title(),
                p.cut(),
                outline,
                new Markings(p.levelMarks(), p.notches(), p.grain()),
                CuttingLine.of(p.cutLine()));
    }

    @Test
    void look_atAGoodPattern_findsNoFault() {
        assertThat(Truing.look(good))
                .allSatisfy(f ->
                        assertThat(f.status()).as(f.id() + " " + f.subject()).isEqualTo(Finding.Status.OK));
        assertThat(Truing.look(good))
                .extracting(Finding::id)
                .contains(
                        "seam-length",
                        "side-seam",
                        "girth",
                        "joined-edge",
                        "square-centre",
                        "curvature",
                        "panel-width",
                        "crossing",
                        "closed-outline",
                        "fair-edge");
    }

    @Test
    void seamLength_isSeenOnlyPastHalfAMillimetre() {
        for (double off : new double[] {0.45, 0.55}) {
            Pattern longer = with(
                    "F2",
                    p -> withEdge(
                            p,
                            "side",
                            path -> path.then(Path.of(new Line(
                                    path.end(),
                                    path.end().plus(path.endTangent().times(off)))))));
            assertThat(faults(longer, "seam-length").isEmpty())
                    .as("off by " + off)
                    .isEqualTo(off < 0.5);
        }
    }

    @Test
    void seamLength_lookedAtBetweenMarks_seesAMarkThatSlippedThoughTheTotalIsRight() {
        Pattern slipped = with(
                "F1",
                p -> new Piece(
                        p.title(),
                        p.cut(),
                        p.outline(),
                        new Markings(
                                p.levelMarks().stream()
                                        .map(m -> m.level().equals("waist")
                                                ? new bathyra.piece.LevelMark(
                                                        "waist", m.from(), m.to().plus(new Vec(0, 0.8)))
                                                : m)
                                        .toList(),
                                p.notches(),
                                p.grain()),
                        CuttingLine.of(p.cutLine())));
        assertThat(faults(slipped, "seam-length")).extracting(Finding::subject).containsExactly("S1");
    }

    @Test
    void girth_isHeldAgainstThePlan() {
        for (double off : new double[] {1.9, 2.1}) {
            List<PatternLevel> levels = good.levels().stream()
                    .map(l -> l.id().equals("waist")
                            ? new PatternLevel(
                                    l.id(),
                                    l.bodyGirth(),
                                    l.ease(),
                                    l.lacingGap(),
                                    l.patternGirth() + off,
                                    l.frontHalf(),
                                    l.backHalf())
                            : l)
                    .toList();
            Pattern planned =
                    new Pattern(good.title(), good.method(), levels, good.pieces(), good.seams(), good.waistToLap());
            assertThat(faults(planned, "girth").isEmpty())
                    .as("half off by " + off / 2)
                    .isEqualTo(off / 2 < 1);
        }
    }

    @Test
    void joinedEdge_thatTurnsAtASeam_isFoundWithItsSeam() {
        Pattern bent = with(
                "F2",
                p -> withEdge(p, "upper-edge", path -> {
                    List<Segment> segments = new ArrayList<>(path.segments());
                    Cubic first = (Cubic) segments.get(0);
                    Vec leaving = first.start().to(first.control1()).turned(Math.toRadians(7));
                    segments.set(
                            0, new Cubic(first.start(), first.start().plus(leaving), first.control2(), first.end()));
                    return new Path(segments);
                }));
        assertThat(faults(bent, "joined-edge")).extracting(Finding::subject).containsExactly("S1-upper");
    }

    @Test
    void squareCentre_thatIsNot_isFound() {
        Pattern oblique = with(
                "F1",
                p -> withEdge(p, "upper-edge", path -> {
                    Point to = path.end();
                    return Path.of(new Line(path.start(), to));
                }));
        assertThat(faults(oblique, "square-centre"))
                .extracting(Finding::subject)
                .containsExactly("F1-upper");
    }

    @Test
    void curvature_ofATightHollow_isFound() {
        Pattern hollow = with(
                "F1",
                p -> withEdge(p, "upper-edge", path -> {
                    Point a = path.start();
                    Point b = path.end();
                    return Path.of(new Cubic(a, new Point(b.x(), a.y() + 60), new Point(a.x(), b.y() + 60), b));
                }));
        assertThat(faults(hollow, "curvature")).extracting(Finding::subject).containsExactly("F1");
    }

    @Test
    void aCornerThatNobodyDrew_isFoundWithItsPlace_andADeclaredOneIsNot() {
        Point[] at = new Point[1];
        Pattern bent = with(
                "F2",
                p -> withEdge(p, "lower-edge", path -> {
                    at[0] = path.at(path.length() / 2).point().plus(new Vec(0, 8));
                    return Path.of(new Line(path.start(), at[0]), new Line(at[0], path.end()));
                }));
        assertThat(notes(bent)).singleElement().satisfies(f -> {
            assertThat(f.subject()).isEqualTo("F2");
            assertThat(f.value()).isGreaterThan(5);
            assertThat(f.place().orElseThrow().at().distance(at[0])).isLessThan(0.1);
        });
        Pattern declared = new Pattern(
                bent.title(),
                bent.method(),
                bent.levels(),
                bent.pieces().stream()
                        .map(p -> p.id().equals("F2") ? p.declaring(new Piece.Corner(at[0], 170)) : p)
                        .toList(),
                bent.seams(),
                bent.waistToLap());
        assertThat(notes(declared)).isEmpty();
    }

    private static List<Finding> notes(Pattern pattern) {
        return Truing.look(pattern).stream()
                .filter(f -> f.id().equals("kink") && f.status() == Finding.Status.NOTE)
                .toList();
    }

    @Test
    void panelWidth_underABoneChannel_isFoundWithWhereItIs() {
        Pattern narrow = with(
                "B1",
                p -> withEdge(p, "centre-back", path -> {
                    Point top = path.start();
                    Point bottom = path.end();
                    Point middle = p.mark("waist").orElseThrow().from().plus(new Vec(20, 0));
                    return Path.of(new Line(top, middle), new Line(middle, bottom));
                }));
        assertThat(faults(narrow, "panel-width")).singleElement().satisfies(f -> {
            assertThat(f.subject()).isEqualTo("B1");
            assertThat(f.value()).isLessThan(25);
            assertThat(f.place()).isPresent();
        });
    }

    @Test
    void crossing_ofAnEdgeWithItsNeighbour_isFound() {
        Pattern crossed = with(
                "B1",
                p -> withEdge(p, "centre-back", path -> {
                    Point middle = p.mark("waist").orElseThrow().from().plus(new Vec(-30, 0));
                    return Path.of(new Line(path.start(), middle), new Line(middle, path.end()));
                }));
        assertThat(faults(crossed, "crossing")).extracting(Finding::subject).contains("B1");
    }

    @Test
    void closedOutline_withAGap_isFound() {
        Pattern open = with("F1", p -> withEdge(p, "lower-edge", path -> path.moved(new Vec(0, 0.2))));
        assertThat(faults(open, "closed-outline")).extracting(Finding::subject).containsExactly("F1");
    }

    @Test
    void seatedLength_pastTheLap_isANoteWithTheAmount() {
        Pattern seated = new Pattern(
                good.title(), good.method(), good.levels(), good.pieces(), good.seams(), OptionalDouble.of(190));
        assertThat(faults(seated, "seated-length")).singleElement().satisfies(f -> {
            assertThat(f.status()).isEqualTo(Finding.Status.NOTE);
            assertThat(f.sentence().in(LengthUnit.CM).replace('\u00a0', ' '))
                    .contains("it reaches 23.1 cm below the waist")
                    .contains("dig in by 4.1 cm");
        });
    }
}
