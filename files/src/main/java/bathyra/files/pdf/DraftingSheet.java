package bathyra.files.pdf;

import bathyra.block.BlockDart;
import bathyra.block.BlockDrawing;
import bathyra.block.BlockEdge;
import bathyra.block.BlockLayout;
import bathyra.block.BlockLine;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.block.PrincessCut;
import bathyra.block.Step;
import bathyra.files.sheet.Paper;
import bathyra.garment.Commission;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A block to print: the drawing with its named points at full, half or quarter size, and all steps of drafting it. */
public final class DraftingSheet {
    private static final double MARGIN = 12;
    private static final double OVERLAP = 10;
    private static final double HEAD = 26;
    private static final double APART = 40;
    private static final double SQUARE = 50;
    private static final double STEP_SIZE = 9;
    private static final double ROW = 4.4;
    private static final Paper STEPS = Paper.A4;

    /** How large the drawing is printed. */
    public enum Scale {
        FULL("full size", 1, 11),
        HALF("half size", 2, 8),
        QUARTER("quarter size", 4, 5);

        private final String label;
        private final double divisor;
        private final double names;

        Scale(String label, double divisor, double names) {
            this.label = label;
            this.divisor = divisor;
            this.names = names;
        }

        public String label() {
            return label;
        }
    }

    private final PDDocument document;
    private final Typeface face;
    private final BlockDrawing drawing;
    private final Commission commission;
    private final Scale scale;
    private final String date;
    private final BlockLayout layout;

    private DraftingSheet(PDDocument document, BlockDrawing drawing, Commission commission, Scale scale, String date)
            throws IOException {
        this.document = document;
        this.face = Typeface.in(document);
        this.drawing = drawing;
        this.commission = commission;
        this.scale = scale;
        this.date = date;
        this.layout = new BlockLayout(drawing, APART);
    }

    /** The whole document: the drawing first, on A4 sheets at full size and on one sheet otherwise, then the steps on A4. */
    public static byte[] write(BlockDrawing drawing, Commission commission, Scale scale, String date)
            throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            DraftingSheet sheet = new DraftingSheet(document, drawing, commission, scale, date);
            Point[] block = sheet.layout.extent();
            sheet.drawing(
                    block[1].x() - block[0].x(), block[1].y() - block[0].y(), pen -> sheet.sheet(pen, block[0].y()));
            List<PrincessCut> cuts = Arrays.stream(Half.values())
                    .flatMap(h -> PrincessCut.of(
                            drawing, h, commission.garment().block().princess())
                            .stream())
                    .toList();
            if (!cuts.isEmpty()) {
                sheet.panels(cuts);
            }
            sheet.steps();
            Pages.entitled(
                    document, commission.title() + ", " + drawing.method().label());
            Pages.unscaled(document);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private Pen page(double width, double height, PDPageContentStream[] stream) throws IOException {
        PDPage page = Pages.add(document, width, height);
        stream[0] = new PDPageContentStream(document, page);
        return new Pen(stream[0], height);
    }

    /** Draws on a sheet that begins at the pen's origin. */
    private interface Content {
        void draw(Pen pen) throws IOException;
    }

    /** @param across the width of what is drawn, at full size @param down its height */
    private void drawing(double across, double down, Content content) throws IOException {
        double width = Math.max(across / scale.divisor, SQUARE + 90) + MARGIN;
        double height = HEAD + down / scale.divisor + MARGIN;
        boolean tiled = scale == Scale.FULL;
        double tileWidth = tiled ? Paper.A4.width() - 2 * MARGIN : width;
        double tileHeight = tiled ? Paper.A4.height() - 2 * MARGIN : height;
        for (int row = 0; row == 0 || row * (tileHeight - OVERLAP) + OVERLAP < height; row++) {
            for (int column = 0; column == 0 || column * (tileWidth - OVERLAP) + OVERLAP < width; column++) {
                PDPageContentStream[] stream = new PDPageContentStream[1];
                Pen pen = page(tileWidth + 2 * MARGIN, tileHeight + 2 * MARGIN, stream);
                try (PDPageContentStream open = stream[0]) {
                    pen.save();
                    pen.clip(MARGIN, MARGIN, tileWidth, tileHeight);
                    pen.origin(MARGIN - column * (tileWidth - OVERLAP), MARGIN - row * (tileHeight - OVERLAP));
                    content.draw(pen);
                    pen.restore();
                    pen.origin(0, 0);
                    if (tiled) {
                        frame(pen, tileWidth, tileHeight, (char) ('A' + row) + Integer.toString(column + 1));
                    }
                }
            }
        }
    }

    private void frame(Pen pen, double width, double height, String name) throws IOException {
        pen.grey(0.45);
        pen.stroke(0.2);
        pen.rect(MARGIN, MARGIN, width, height);
        pen.stroke(0.15, 1, 2);
        pen.line(new Point(MARGIN + width - OVERLAP, MARGIN), new Point(MARGIN + width - OVERLAP, MARGIN + height));
        pen.line(new Point(MARGIN, MARGIN + height - OVERLAP), new Point(MARGIN + width, MARGIN + height - OVERLAP));
        pen.text(MARGIN, MARGIN - 3, face.bold(), 10, name);
        pen.grey(0);
    }

    private Point onPaper(Half half, Point p, double top) {
        Point placed = layout.place(half, p);
        return new Point(placed.x() / scale.divisor + MARGIN / 2, (placed.y() - top) / scale.divisor + HEAD);
    }

    private void head(Pen pen) throws IOException {
        pen.grey(0);
        pen.text(0, 6, face.title(), 14, commission.title());
        pen.text(
                0,
                12,
                face.plain(),
                STEP_SIZE,
                commission.wearer().name() + " · " + drawing.method().label() + " · " + date + " · " + scale.label
                        + " · no allowances");
    }

    /** The panels of the princess seams, side by side from centre front to centre back. */
    private void panels(List<PrincessCut> cuts) throws IOException {
        List<Path> panels = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (PrincessCut cut : cuts) {
            boolean front = cut.half() == Half.FRONT;
            panels.add(front ? cut.centre() : cut.side());
            panels.add(front ? cut.side() : cut.centre());
            names.addAll(front ? List.of("Centre front", "Side front") : List.of("Side back", "Centre back"));
        }
        List<Path> placed = new ArrayList<>();
        double x = 0;
        double lowest = 0;
        for (int i = 0; i < panels.size(); i++) {
            boolean back = i >= 2 || cuts.get(0).half() == Half.BACK;
            Path turned = back ? panels.get(i).mapped(p -> new Point(-p.x(), p.y())) : panels.get(i);
            List<Point> points = turned.flattened(1);
            double left = points.stream().mapToDouble(Point::x).min().orElse(0);
            double top = points.stream().mapToDouble(Point::y).min().orElse(0);
            placed.add(turned.moved(new Vec(x - left, -top)));
            x += points.stream().mapToDouble(Point::x).max().orElse(0) - left + APART;
            lowest =
                    Math.max(lowest, points.stream().mapToDouble(Point::y).max().orElse(0) - top);
        }
        drawing(x, lowest, pen -> {
            head(pen);
            pen.text(
                    0,
                    17,
                    face.plain(),
                    STEP_SIZE,
                    commission.garment().block().princess().label() + ": the panels, darts closed into the seam");
            for (int i = 0; i < placed.size(); i++) {
                Path panel = placed.get(i)
                        .mapped(p -> new Point(p.x() / scale.divisor + MARGIN / 2, p.y() / scale.divisor + HEAD));
                pen.stroke(0.45);
                pen.path(panel);
                Point at = inside(panel.flattened(1));
                double wide = Typeface.width(face.bold(), scale.names, names.get(i));
                pen.text(at.x() - wide / 2, at.y(), face.bold(), scale.names, names.get(i));
            }
        });
    }

    /** The middle of a panel a little below its own middle, where it is cut across. */
    private static Point inside(List<Point> panel) {
        double top = panel.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = panel.stream().mapToDouble(Point::y).max().orElse(0);
        double y = top + (bottom - top) * 0.55;
        List<Double> crossings = new ArrayList<>();
        for (int i = 0; i + 1 < panel.size(); i++) {
            Point a = panel.get(i);
            Point b = panel.get(i + 1);
            if (a.y() < y != b.y() < y) {
                crossings.add(a.x() + (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()));
            }
        }
        crossings.sort(null);
        return new Point((crossings.get(0) + crossings.get(1)) / 2, y);
    }

    private void sheet(Pen pen, double top) throws IOException {
        head(pen);
        if (scale == Scale.FULL) {
            square(pen, onPaper(Half.FRONT, drawing.point(Half.FRONT, "Cc").at(), top));
        }
        for (Step step : drawing.steps()) {
            for (BlockLine line : step.lines()) {
                if (line.kind() != BlockLine.Kind.EDGE) {
                    pen.stroke(
                            0.15,
                            line.kind() == BlockLine.Kind.LEVEL ? new float[] {3, 1.5f} : new float[] {0.6f, 1.2f});
                    path(pen, line.half(), line.path(), top);
                }
            }
        }
        for (Half half : Half.values()) {
            pen.stroke(0.45);
            for (BlockEdge edge : drawing.outline(half)) {
                path(pen, half, edge.path(), top);
            }
        }
        for (BlockDart dart : drawing.darts()) {
            pen.stroke(0.3);
            for (Point tip : dart.tips()) {
                pen.line(onPaper(dart.half(), dart.a(), top), onPaper(dart.half(), tip, top));
                pen.line(onPaper(dart.half(), dart.b(), top), onPaper(dart.half(), tip, top));
            }
        }
        for (BlockPoint point : drawing.points()) {
            Point at = onPaper(point.half(), point.at(), top);
            pen.stroke(0.3);
            pen.line(new Point(at.x() - 1, at.y()), new Point(at.x() + 1, at.y()));
            pen.line(new Point(at.x(), at.y() - 1), new Point(at.x(), at.y() + 1));
            pen.text(at.x() + 1, at.y() - 1, face.plain(), scale == Scale.FULL ? 8 : 6, point.name());
        }
    }

    /** Measured on the paper before anything is cut or traced. It lies inside the front, beside its centre. */
    private void square(Pen pen, Point chest) throws IOException {
        pen.stroke(0.25);
        pen.rect(chest.x() + 6, chest.y() - SQUARE - 6, SQUARE, SQUARE);
        pen.text(chest.x() + 10, chest.y() - 32, face.plain(), 9, "50 mm: measure");
        pen.text(chest.x() + 10, chest.y() - 27, face.plain(), 9, "before cutting");
    }

    private void path(Pen pen, Half half, Path path, double top) throws IOException {
        pen.path(path.mapped(p -> onPaper(half, p, top)));
    }

    private void steps() throws IOException {
        LengthUnit unit = commission.units() == LengthUnit.MM ? LengthUnit.CM : commission.units();
        double wide = STEPS.width() - 2 * MARGIN - 14;
        PDPageContentStream[] stream = new PDPageContentStream[1];
        Pen pen = page(STEPS.width(), STEPS.height(), stream);
        pen.text(MARGIN, MARGIN + 6, face.title(), 16, drawing.method().label() + ", step by step");
        double y = MARGIN + 14;
        int number = 1;
        for (Step step : drawing.steps()) {
            List<String> lines =
                    Typeface.broken(face.plain(), STEP_SIZE, step.words().in(unit) + shrunk(step, unit), wide);
            if (y + (lines.size() + 1) * ROW > STEPS.height() - MARGIN) {
                stream[0].close();
                pen = page(STEPS.width(), STEPS.height(), stream);
                y = MARGIN + 6;
            }
            pen.text(MARGIN, y, face.bold(), STEP_SIZE, number++ + "");
            pen.text(MARGIN + 10, y, face.bold(), STEP_SIZE, step.half().label() + ": " + step.title());
            y += ROW;
            for (String line : lines) {
                pen.text(MARGIN + 10, y, face.plain(), STEP_SIZE, line);
                y += ROW;
            }
            y += 1.6;
        }
        stream[0].close();
    }

    /** What the ruler shows on a sheet that is smaller than the body. */
    private String shrunk(Step step, LengthUnit unit) {
        return scale == Scale.FULL || step.figure().isEmpty()
                ? ""
                : " At " + scale.label + ": "
                        + LengthText.say(Length.mm(step.figure().get().value() / scale.divisor), unit) + ".";
    }
}
