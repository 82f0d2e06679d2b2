package bathyra.files.svg;

import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.geometry.Cubic;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.Notch;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** A pattern as an SVG drawing at full size: one user unit is one millimetre, one group a piece. */
public final class SvgPattern {
    private static final double MARGIN = 10;
    /** Where the name of a level stands on its mark, mm. */
    private static final double LEVEL_INSET = 3;

    private static final double LEVEL_ABOVE = 1;
    /** About the width of a letter of the labels, mm. */
    private static final double LETTER = 3.1;
    /** A row wider than this goes on below; screens and cutters differ, paper does not matter here. */
    private static final double WIDEST = 2400;

    private SvgPattern() {}

    /** The whole drawing, the pieces of each layer laid apart from centre front to centre back. */
    public static String write(CuttingPlan plan) {
        SheetLayout layout = SheetLayout.of(plan, WIDEST);
        double width = layout.width() + 2 * MARGIN;
        double height = layout.height() + 2 * MARGIN;
        StringBuilder out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        out.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"%.3f %.3f %.3f %.3f\" data-title=\"%s\" data-seams=\"%s\">\n",
                width,
                height,
                -MARGIN,
                -MARGIN,
                width,
                height,
                Xml.escaped(plan.pattern().title()),
                Xml.escaped(seams(plan))));
        out.append("<title>")
                .append(Xml.escaped(plan.pattern().title()))
                .append("</title>\n<style>")
                .append(
                        "path{fill:none;stroke:#17242E}.sew{stroke-width:.5}.cut{stroke-width:.3;stroke-dasharray:4 3}.grain{stroke-width:.4}")
                .append(
                        ".notch,.mark{stroke-width:.5}.bone{stroke-width:.6;stroke:#7A550F;stroke-dasharray:8 2 1 2}.level{stroke-width:.25;stroke-dasharray:3 2}.text{font:6px Lato,sans-serif;fill:#17242E}.number{font-size:14px}.level-name{font-size:4px}</style>\n");
        for (CuttingPlan.Cut cut : plan.cuts()) {
            piece(out, cut, layout.shift(cut.id()), plan.pattern().title());
        }
        return out.append("</svg>\n").toString();
    }

    private static void piece(StringBuilder out, CuttingPlan.Cut cut, Vec shift, String title) {
        Piece piece = cut.piece();
        // The layers beside the draft's own carry their name in front, so that each id is there once.
        String id = cut.id().equals(piece.id()) ? "piece-" + piece.id() : cut.id();
        out.append("<g id=\"")
                .append(Xml.escaped(id))
                .append("\" class=\"piece ")
                .append(String.join(
                        " ", cut.layers().stream().map(l -> "layer-" + l.id()).toList()))
                .append("\" data-piece=\"")
                .append(Xml.escaped(piece.id()))
                .append("\" data-name=\"")
                .append(Xml.escaped(piece.name()))
                .append("\" data-order=\"")
                .append(piece.order())
                .append("\" data-block=\"")
                .append(piece.front() ? "front" : "back")
                .append("\" data-cut=\"")
                .append(piece.count())
                .append(piece.onFold() ? " fold" : "")
                .append("\">\n");
        tag(out, "cut", "", polygon(piece.cutLine(), shift));
        tag(
                out,
                "sew",
                " data-edges=\"" + Xml.escaped(edges(piece)) + "\"",
                data(piece.path().moved(shift)) + "Z");
        for (LevelMark mark : piece.levelMarks()) {
            tag(
                    out,
                    "level",
                    " data-level=\"" + Xml.escaped(mark.level()) + "\"",
                    line(mark.from().plus(shift), mark.to().plus(shift)));
            text(
                    out,
                    new Point(
                            mark.from().x() + shift.dx() + LEVEL_INSET,
                            mark.from().y() + shift.dy() - LEVEL_ABOVE),
                    "text level-name",
                    SheetLayout.levelName(mark));
        }
        cut.bones().forEach(bone -> tag(out, "bone", "", data(bone.moved(shift))));
        cut.darts().forEach(dart -> tag(out, "dart", "", data(dart.moved(shift))));
        for (Notch notch : piece.notches()) {
            SheetLayout.strokes(piece, notch)
                    .forEach(s -> tag(
                            out,
                            "notch",
                            "",
                            line(s.start().plus(shift), s.end().plus(shift))));
        }
        for (Mark mark : piece.marks()) {
            tag(
                    out,
                    "mark " + mark.kind().id(),
                    "",
                    SheetLayout.strokes(mark).stream()
                            .map(s -> line(s.start().plus(shift), s.end().plus(shift)))
                            .reduce("", String::concat));
        }
        tag(
                out,
                "grain",
                "",
                SheetLayout.grain(piece).stream()
                        .map(s -> line(s.start().plus(shift), s.end().plus(shift)))
                        .reduce("", String::concat));
        Point at = SheetLayout.labelAt(piece).plus(shift);
        text(out, at, "text number", Integer.toString(piece.order()));
        int row = 1;
        int letters =
                (int) Math.max(8, piece.mark(Level.WAIST).map(m -> m.length()).orElse(60.0) * 0.6 / LETTER);
        for (String words : List.of(piece.name(), cut.words(), title)) {
            for (String line : broken(words, letters)) {
                text(out, new Point(at.x(), at.y() + 8 * row++), "text", line);
            }
        }
        out.append("</g>\n");
    }

    /** Which edges are sewn together, so that the drawing can be read back and checked. */
    private static String seams(CuttingPlan plan) {
        Set<String> drawn = plan.cuts().stream().map(CuttingPlan.Cut::id).collect(Collectors.toSet());
        return plan.pattern().seams().stream()
                .filter(s -> drawn.contains(s.a().piece()) && drawn.contains(s.b().piece()))
                .map(s -> s.id() + "|" + s.a().piece() + "/" + s.a().edge() + "|" + s.b().piece() + "/" + s.b().edge()
                        + "|" + s.name().replaceAll("[|;]", ","))
                .collect(Collectors.joining(";"));
    }

    /** The edges of the sewing line in its order: name, kind and of how many stretches each is made. */
    private static String edges(Piece piece) {
        return String.join(
                ";",
                piece.outline().stream()
                        .map(e -> e.name() + " " + e.kind().id() + " "
                                + e.path().segments().size())
                        .toList());
    }

    private static List<String> broken(String words, int letters) {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : words.split(" ")) {
            if (!line.isEmpty() && line.length() + 1 + word.length() > letters) {
                lines.add(line);
                line = word;
            } else {
                line = line.isEmpty() ? word : line + " " + word;
            }
        }
        lines.add(line);
        return lines;
    }

    private static void tag(StringBuilder out, String type, String more, String data) {
        out.append("<path class=\"")
                .append(type)
                .append("\"")
                .append(more)
                .append(" d=\"")
                .append(data)
                .append("\"/>\n");
    }

    private static void text(StringBuilder out, Point at, String type, String words) {
        out.append(String.format(
                Locale.ROOT,
                "<text class=\"%s\" x=\"%.2f\" y=\"%.2f\">%s</text>\n",
                type,
                at.x(),
                at.y(),
                Xml.escaped(words)));
    }

    private static String line(Point a, Point b) {
        return "M" + xy(a) + "L" + xy(b);
    }

    private static String polygon(List<Point> points, Vec shift) {
        StringBuilder data = new StringBuilder();
        for (Point point : points.subList(0, points.size() - 1)) {
            data.append(data.isEmpty() ? "M" : "L").append(xy(point.plus(shift)));
        }
        return data.append("Z").toString();
    }

    /** The path data of a path. */
    static String data(Path path) {
        StringBuilder data = new StringBuilder("M" + xy(path.start()));
        for (Segment segment : path.segments()) {
            if (segment instanceof Cubic cubic) {
                data.append("C")
                        .append(xy(cubic.control1()))
                        .append(" ")
                        .append(xy(cubic.control2()))
                        .append(" ")
                        .append(xy(cubic.end()));
            } else {
                data.append("L").append(xy(segment.end()));
            }
        }
        return data.toString();
    }

    private static String xy(Point point) {
        return String.format(Locale.ROOT, "%.4f,%.4f", point.x(), point.y());
    }
}
