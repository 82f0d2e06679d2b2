package bathyra.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.json.BadDocument;
import bathyra.files.svg.SvgPattern;
import bathyra.finding.Finding;
import bathyra.foreign.DrawnUnit;
import bathyra.foreign.ForeignDrawing;
import bathyra.foreign.Sewing;
import bathyra.foreign.Taken;
import bathyra.foreign.Taking;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.UpperShape;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.truing.Truing;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrawingsTest {
    private static final double CLOSE = 0.05;
    private final Draft bustier = (Draft)
            Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier().withUpperEdge(UpperShape.SWEETHEART)));
    private final Draft corset =
            (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)));

    private static Pattern taken(ForeignDrawing drawing) {
        Taken taken = Taking.take(drawing, drawing.unit().orElseThrow());
        assertThat(taken.faults()).isEmpty();
        return taken.pattern();
    }

    /** Compares the outlines where they lie on the sheet. */
    private static void assertSameOutlines(CuttingPlan plan, Pattern read) {
        SheetLayout layout = SheetLayout.of(plan, 2400);
        assertThat(read.pieces()).hasSameSizeAs(plan.cuts());
        for (int i = 0; i < plan.cuts().size(); i++) {
            CuttingPlan.Cut cut = plan.cuts().get(i);
            Vec shift = layout.shift(cut.id());
            assertThat(Shape.apart(
                            moved(cut.piece().flattened(0.01), shift),
                            read.pieces().get(i).flattened(0.01)))
                    .as(cut.id())
                    .isLessThan(CLOSE);
            assertThat(Shape.apart(
                            moved(cut.piece().cutLine(), shift),
                            read.pieces().get(i).cutLine()))
                    .as(cut.id())
                    .isLessThan(CLOSE);
        }
    }

    private static List<Point> moved(List<Point> points, Vec by) {
        return points.stream().map(p -> p.plus(by)).toList();
    }

    @Test
    void ownSvg_readBack_isTheSamePatternWithItsEdgesLevelsAndSeams() throws BadDocument {
        for (Draft draft : List.of(bustier, corset)) {
            CuttingPlan plan = CuttingPlan.of(draft, kind -> kind.id().equals("fashion"));
            Pattern read = taken(DrawingFile.svg(SvgPattern.write(plan)));
            assertSameOutlines(plan, read);
            assertThat(read.title()).isEqualTo(draft.pattern().title());
            assertThat(read.seams()).isEqualTo(draft.pattern().seams());
            for (Piece piece : draft.pattern().pieces()) {
                assertThat(read.piece(piece.id()).outline())
                        .extracting(e -> e.name() + e.kind())
                        .isEqualTo(piece.outline().stream()
                                .map(e -> e.name() + e.kind())
                                .toList());
                assertThat(read.piece(piece.id()).notches()).hasSameSizeAs(piece.notches());
                assertThat(read.piece(piece.id()).cutWords()).isEqualTo(piece.cutWords());
            }
            assertThat(Truing.lookAtForeign(read).stream().filter(f -> f.status() == Finding.Status.FAULT))
                    .isEmpty();
            assertThat(Truing.lookAtForeign(read))
                    .extracting(Finding::id)
                    .contains("seam-length", "joined-edge", "side-seam", "curvature");
        }
    }

    @Test
    void ownDxf_readBack_hasTheSameOutlines_andItsSeamsAgree() throws BadDocument {
        for (Draft draft : List.of(bustier, corset)) {
            CuttingPlan plan = CuttingPlan.of(draft, kind -> kind.id().equals("fashion"));
            Pattern read = Sewing.suggested(taken(DrawingFile.dxf(DxfPattern.write(plan))));
            assertSameOutlines(plan, read);
            assertThat(read.seams()).hasSameSizeAs(draft.pattern().seams());
            assertThat(Truing.lookAtForeign(read).stream().filter(f -> f.status() == Finding.Status.FAULT))
                    .isEmpty();
        }
    }

    @Test
    void aBendInADxf_isSeenThroughItsShortLines() throws BadDocument {
        CuttingPlan plan = CuttingPlan.of(bustier, kind -> kind.id().equals("fashion"));
        Pattern read = taken(DrawingFile.dxf(DxfPattern.write(plan)));
        double[] drafted = tightest(bustier.pattern());
        double[] found = tightest(read);
        for (int i = 0; i < drafted.length; i++) {
            assertThat(found[i]).as("piece " + i).isCloseTo(drafted[i], within(0.35 * drafted[i]));
        }
    }

    private static double[] tightest(Pattern pattern) {
        return pattern.pieces().stream()
                .mapToDouble(p -> p.outline().stream()
                        .mapToDouble(e -> e.path().tightest())
                        .min()
                        .orElseThrow())
                .toArray();
    }

    @Test
    void svg_withoutAUnit_doesNotSayOne_withMillimetresItDoes() throws BadDocument {
        String box = "<svg xmlns='http://www.w3.org/2000/svg' %s><rect x='1' y='2' width='10' height='30'/></svg>";
        assertThat(DrawingFile.svg(String.format(box, "")).unit()).isEmpty();
        assertThat(DrawingFile.svg(String.format(box, "width='100' height='100' viewBox='0 0 100 100'"))
                        .unit())
                .as("bare figures are dots of a screen that nobody knows")
                .isEmpty();
        ForeignDrawing said = DrawingFile.svg(String.format(box, "width='100cm' height='100cm' viewBox='0 0 100 100'"));
        assertThat(said.unit()).contains(DrawnUnit.MM);
        assertThat(Taking.size(said, DrawnUnit.MM))
                .as("a unit of the drawing is a centimetre")
                .containsExactly(100, 300);
    }

    @Test
    void svg_transformsNestAndTurn_andPlainShapesAreRead() throws BadDocument {
        ForeignDrawing drawing = DrawingFile.svg(
                "<svg xmlns='http://www.w3.org/2000/svg' width='500mm' height='500mm' viewBox='0 0 500 500'><g transform='translate(100 50)'>"
                        + "<polygon id='sleeve' transform='rotate(90)' points='0,0 200,0 200,100 0,100'/></g><circle cx='300' cy='300' r='50'/><g display='none'><rect width='400' height='400'/></g>"
                        + "<defs><rect width='90' height='90'/></defs><use href='#sleeve'/><image href='file:///etc/hostname'/></svg>");
        Pattern pattern = taken(drawing);
        assertThat(pattern.pieces()).hasSize(2);
        Piece sleeve = pattern.pieces().stream()
                .filter(p -> p.name().equals("sleeve"))
                .findFirst()
                .orElseThrow();
        // Turned a quarter clockwise about 0,0 and moved: x from 0 to 100, y from 50 to 250.
        assertThat(sleeve.flattened(1))
                .allSatisfy(p -> assertThat(p.x()).isBetween(-0.01, 100.01))
                .anySatisfy(p -> assertThat(p.y()).isCloseTo(250, within(0.01)));
        assertThat(drawing.leftOut())
                .anyMatch(n -> n.equals("1 element use left out: what a drawing refers to is not looked up."))
                .anyMatch(n -> n.startsWith("1 element image"));
    }

    @ParameterizedTest
    @CsvSource({"1, IN", "4, MM", "5, CM", "6, M"})
    void dxf_saysItsUnitByNumber(int code, DrawnUnit unit) throws BadDocument {
        assertThat(DrawingFile.dxf(dxf("9\n$INSUNITS\n70\n" + code + "\n", "")).unit())
                .contains(unit);
        assertThat(DrawingFile.dxf(dxf("", "")).unit()).isEmpty();
        assertThat(DrawingFile.dxf(dxf("9\n$INSUNITS\n70\n0\n", "")).unit()).isEmpty();
    }

    private static String dxf(String header, String entities) {
        return "0\nSECTION\n2\nHEADER\n" + header
                + "0\nENDSEC\n0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nHALF\n10\n0\n20\n0\n0\nLINE\n8\n0\n10\n0\n20\n0\n11\n100\n21\n0\n0\nENDBLK\n0\nENDSEC\n"
                + "0\nSECTION\n2\nENTITIES\n" + entities + "0\nENDSEC\n0\nEOF\n";
    }

    @Test
    void dxf_bulgesArcsAndSplines_haveTheirLengths() throws BadDocument {
        // A half circle by its bulge of 1 over a chord of 100: length 50π. A quarter of radius 80: 40π. A whole circle:
        // 2π·30.
        // A spline of degree 1 through 0,0 and 60,80 is a line of 100. An ellipse of half axes 60 and 60 is a circle.
        ForeignDrawing drawing = DrawingFile.dxf(dxf(
                "",
                "0\nLWPOLYLINE\n8\na\n90\n2\n70\n0\n10\n0\n20\n0\n42\n1\n10\n100\n20\n0\n"
                        + "0\nARC\n8\na\n10\n0\n20\n0\n40\n80\n50\n0\n51\n90\n0\nCIRCLE\n8\na\n10\n0\n20\n0\n40\n30\n"
                        + "0\nSPLINE\n8\na\n71\n1\n40\n0\n40\n0\n40\n1\n40\n1\n10\n0\n20\n0\n10\n60\n20\n80\n"
                        + "0\nELLIPSE\n8\na\n10\n0\n20\n0\n11\n60\n21\n0\n40\n1\n41\n0\n42\n6.283185307179586\n"));
        List<Double> lengths =
                drawing.lines().stream().map(l -> l.path().length()).toList();
        double[] wanted = {50 * Math.PI, 40 * Math.PI, 60 * Math.PI, 100, 120 * Math.PI};
        for (int i = 0; i < wanted.length; i++) {
            assertThat(lengths.get(i)).as("line " + i).isCloseTo(wanted[i], within(0.001));
        }
        // A positive bulge turns counterclockwise seen with y up: the half circle from 0,0 to 100,0 runs below the
        // chord, which is down on the paper.
        Path half = drawing.lines().get(0).path();
        assertThat(half.at(half.length() / 2).point().y()).isCloseTo(50, within(0.001));
    }

    @Test
    void dxf_insertedBlocks_areTurnedAndScaled_andOneInItselfIsRefused() throws BadDocument {
        ForeignDrawing drawing = DrawingFile.dxf(dxf("", "0\nINSERT\n2\nHALF\n10\n10\n20\n20\n41\n2\n42\n2\n50\n90\n"));
        Path line = drawing.lines().get(0).path();
        assertThat(line.start()).isEqualTo(new Point(10, -20));
        assertThat(line.end().distance(new Point(10, -220))).isLessThan(1e-6);
        String looped = dxf("", "0\nINSERT\n2\nHALF\n").replace("0\nLINE\n", "0\nINSERT\n2\nHALF\n0\nLINE\n");
        assertThat(catchThrowableOfType(BadDocument.class, () -> DrawingFile.dxf(looped))
                        .faults())
                .containsExactly("block HALF: is inserted too often or in itself; blocks of plain lines");
    }

    private static Path inserted(String base, String insert) throws BadDocument {
        return DrawingFile.dxf(dxf("", insert).replace("0\nBLOCK\n2\nHALF\n", "0\nBLOCK\n2\nHALF\n" + base))
                .lines()
                .get(0)
                .path();
    }

    @Test
    void aBlocksBasePoint_liesWhereItIsInserted() throws BadDocument {
        Path plain = inserted("", "0\nINSERT\n2\nHALF\n10\n10\n20\n20\n");
        Path based = inserted("10\n3\n20\n4\n", "0\nINSERT\n2\nHALF\n10\n10\n20\n20\n");
        assertThat(based.start())
                .isEqualTo(new Point(plain.start().x() - 3, plain.start().y() + 4));
    }

    @Test
    void anInsertSeenFromBelow_isMirrored_andOneThatLeansIsRefused() throws BadDocument {
        Path plain = inserted("", "0\nINSERT\n2\nHALF\n10\n10\n20\n20\n");
        Path below = inserted("", "0\nINSERT\n2\nHALF\n10\n10\n20\n20\n230\n-1\n");
        assertThat(below.end())
                .isEqualTo(new Point(-plain.end().x(), plain.end().y()));
        assertThat(faults(dxf("", "0\nINSERT\n2\nHALF\n210\n1\n230\n0\n"), false))
                .singleElement()
                .asString()
                .contains("INSERT does not lie flat on the sheet; a flat drawing");
    }

    @Test
    void rowsAndColumns_areAllDrawn_withinABound() throws BadDocument {
        int once = DrawingFile.dxf(dxf("", "0\nINSERT\n2\nHALF\n")).lines().size();
        assertThat(DrawingFile.dxf(dxf("", "0\nINSERT\n2\nHALF\n70\n3\n71\n2\n44\n500\n45\n400\n"))
                        .lines())
                .hasSize(6 * once);
        assertThat(faults(dxf("", "0\nINSERT\n2\nHALF\n70\n30000\n71\n30000\n"), false))
                .singleElement()
                .asString()
                .startsWith("block HALF: is inserted too often");
    }

    @Test
    void figuresFarFromAnyPiece_areRefusedWithTheirLine() {
        assertThat(faults(dxf("", "0\nLINE\n10\n1e400\n20\n0\n11\n1\n21\n1\n"), false))
                .singleElement()
                .asString()
                .contains("lies further off than any piece");
    }

    @Test
    void filesThatAreNoDrawings_areRefusedInOneSentence() {
        assertThat(faults("<html/>", true))
                .containsExactly("drawing: begins with html, which is no SVG; an SVG drawing");
        assertThat(faults("<svg><path d='M0 0 L10", true))
                .singleElement()
                .asString()
                .startsWith("drawing: is no whole SVG, line 1 cannot be read");
        assertThat(faults("<svg><path id='cup' d='M0 0 X10'/></svg>", true))
                .singleElement()
                .asString()
                .startsWith("cup: its line cannot be read, it begins M0 0 X10");
        assertThat(faults("<svg><path id='cup' d='L10 10L100 100z'/></svg>", true))
                .singleElement()
                .asString()
                .startsWith("cup: its line cannot be read, it begins L10 10L100 100z");
        assertThat(faults("<svg><path id='cup' d='z'/></svg>", true))
                .singleElement()
                .asString()
                .startsWith("cup: its line cannot be read, it begins z");
        assertThat(faults("hello", false)).singleElement().asString().startsWith("line 1: hello is no group code");
        assertThat(faults("0\nSECTION\n2\nENTITIES\n0\nLINE\n10\ntwo\n0\nENDSEC\n0\nEOF\n", false))
                .singleElement()
                .asString()
                .contains("two is no figure; a plain figure");
        assertThat(faults("0\nSECTION\n2\nENTITIES\n0\nINSERT\n2\nGONE\n0\nENDSEC\n0\nEOF\n", false))
                .singleElement()
                .asString()
                .contains("inserts the block GONE, which the file does not hold");
    }

    private static List<String> faults(String text, boolean svg) {
        return catchThrowableOfType(BadDocument.class, () -> {
                    if (svg) {
                        DrawingFile.svg(text);
                    } else {
                        DrawingFile.dxf(text);
                    }
                })
                .faults();
    }
}
