package bathyra.files.svg;

import bathyra.files.fit.FitDrawing;
import bathyra.files.fit.FitDrawing.View;
import bathyra.fit.Closeness;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A garment on its wearer's form as an SVG drawing: from the front, the side and the back, from above at three heights, with its figures. */
public final class SvgFit {
    private static final double MARGIN = 30;
    private static final double APART = 40;
    private static final double HEAD = 70;
    private static final double ROW = 26;
    private static final double COLUMN = 130;
    private static final double ABOVE = 330;
    private static final double HATCH = 11;
    private static final int SIZE = 16;
    private static final int TITLE_SIZE = 26;
    /** How each type of line is drawn, as attributes: every reader knows those, not every one a style sheet. */
    private static final Map<String, String> DRAWN = Map.ofEntries(
            Map.entry("body", "fill=\"#DCEBE8\" stroke=\"#0F5C66\""),
            Map.entry("level", "fill=\"none\" stroke=\"#0F5C66\" stroke-width=\"0.6\" stroke-dasharray=\"6 4\""),
            Map.entry("seam", "fill=\"none\" stroke=\"#17242E\" stroke-width=\"1\""),
            Map.entry("edge", "fill=\"none\" stroke=\"#17242E\" stroke-width=\"2\""),
            Map.entry("cut", "fill=\"none\" stroke=\"#17242E\" stroke-width=\"2\""),
            Map.entry("section", "fill=\"none\" stroke=\"#0F5C66\" stroke-dasharray=\"6 4\""),
            Map.entry("hatch", "fill=\"none\" stroke=\"#B4452B\" stroke-width=\"0.8\""),
            Map.entry("touches", "fill=\"#FFFDF6\" stroke=\"none\""),
            Map.entry("near", "fill=\"#E9F1EC\" stroke=\"none\""),
            Map.entry("off", "fill=\"#DCEBE8\" stroke=\"none\""),
            Map.entry("away", "fill=\"#BBD9D6\" stroke=\"none\""),
            Map.entry("far", "fill=\"#8FBFBD\" stroke=\"none\""),
            Map.entry("presses", "fill=\"#FBE4D9\" stroke=\"none\""),
            Map.entry("presses-more", "fill=\"#F4CDBB\" stroke=\"none\""),
            Map.entry("presses-most", "fill=\"#ECBBA8\" stroke=\"none\""));

    private SvgFit() {}

    public static String write(Worn worn) {
        FitDrawing drawing = new FitDrawing(worn);
        LengthUnit unit = worn.draft().commission().units() == LengthUnit.MM
                ? LengthUnit.CM
                : worn.draft().commission().units();
        double tall = worn.form().heights().above() - worn.form().heights().below();
        double wide = 0;
        for (View view : View.values()) {
            wide = Math.max(
                    wide,
                    2
                            * drawing.body(view).stream()
                                    .mapToDouble(p -> Math.abs(p.x()))
                                    .max()
                                    .orElse(0));
        }
        List<Worn.LevelReading> levels = worn.levels();
        List<Sight> sights = Sight.of(worn);
        double width = 2 * MARGIN + 3 * wide + 2 * APART;
        double height = HEAD + tall + 2 * APART + ABOVE + ROW * (levels.size() + sights.size() + 5);
        StringBuilder out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        out.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.0fmm\" height=\"%.0fmm\" viewBox=\"0 0 %.0f %.0f\">\n",
                width,
                height,
                width,
                height));
        out.append("<title>")
                .append(Xml.escaped(worn.draft().commission().title()))
                .append(", on the body</title>\n");
        text(out, MARGIN, 40, "title", worn.draft().commission().title() + ", on the body");
        double top = HEAD + worn.form().heights().above();
        double x = MARGIN + wide / 2;
        for (View view : View.values()) {
            view(out, drawing, view, x, top, wide);
            x += wide + APART;
        }
        double y = HEAD + tall + APART;
        above(out, drawing, MARGIN + wide / 2, y, wide + APART);
        figures(out, levels, sights, unit, worn, y + ABOVE);
        return out.append("</svg>\n").toString();
    }

    private static void view(StringBuilder out, FitDrawing drawing, View view, double x, double y, double wide) {
        out.append(String.format(
                Locale.ROOT,
                "<g id=\"%s\" transform=\"translate(%.2f,%.2f)\">\n",
                view.name().toLowerCase(Locale.ROOT),
                x,
                y));
        path(out, "body", drawing.body(view), true);
        for (double z : drawing.worn().form().lines().values()) {
            path(out, "level", List.of(new Point(-wide / 2, -z), new Point(wide / 2, -z)), false);
        }
        for (Map.Entry<Closeness, List<Point[]>> each : drawing.cloth(view).entrySet()) {
            String name = each.getKey().name().toLowerCase(Locale.ROOT).replace('_', '-');
            triangles(out, name, each.getValue());
            if (each.getKey().isPressing()) {
                lines(out, FitDrawing.hatch(each.getValue(), HATCH));
            }
        }
        drawing.lines(view, true).forEach(line -> path(out, "seam", line, false));
        drawing.lines(view, false).forEach(line -> path(out, "edge", line, false));
        out.append("</g>\n");
        text(out, x - wide / 2, y - drawing.worn().form().heights().above() - 8, "", view.label());
    }

    private static void above(StringBuilder out, FitDrawing drawing, double x, double y, double step) {
        double at = x;
        for (String level : drawing.cuts()) {
            double z = drawing.worn().form().lines().get(level);
            List<Point> section = drawing.section(z);
            double back = section.stream().mapToDouble(Point::y).min().orElse(0);
            out.append(String.format(
                    Locale.ROOT, "<g class=\"above\" transform=\"translate(%.2f,%.2f)\">\n", at, y + 20 - back));
            path(out, "section", section, true);
            drawing.clothAt(z).forEach(line -> path(out, "cut", line, false));
            out.append("</g>\n");
            text(out, at - 60, y + 8, "", "From above, " + level);
            at += step;
        }
    }

    private static void figures(
            StringBuilder out,
            List<Worn.LevelReading> levels,
            List<Sight> sights,
            LengthUnit unit,
            Worn worn,
            double from) {
        double y = from;
        row(out, y, "", "Body", "Planned", "Garment", "Pulls, N/m");
        for (Worn.LevelReading reading : levels) {
            y += ROW;
            row(
                    out,
                    y,
                    reading.level().label(),
                    figure(reading.body(), unit),
                    figure(reading.planned(), unit),
                    figure(reading.worn(), unit),
                    String.format(Locale.ROOT, "%.0f", reading.tension()));
        }
        y += ROW;
        for (Sight sight : sights) {
            y += ROW;
            text(out, MARGIN, y, "finding", sight.sentence().in(unit));
        }
        y += ROW;
        text(out, MARGIN, y, "", worn.assumed());
    }

    private static String figure(double mm, LengthUnit unit) {
        return LengthText.say(Length.mm(mm), unit);
    }

    private static void row(StringBuilder out, double y, String... cells) {
        for (int i = 0; i < cells.length; i++) {
            text(out, MARGIN + i * COLUMN, y, "", cells[i]);
        }
    }

    private static void text(StringBuilder out, double x, double y, String type, String words) {
        out.append(String.format(
                Locale.ROOT,
                "<text%s font-family=\"Lato, sans-serif\" font-size=\"%d\" fill=\"#17242E\" x=\"%.1f\" y=\"%.1f\">%s</text>\n",
                type.isEmpty() ? "" : " class=\"" + type + "\"",
                type.equals("title") ? TITLE_SIZE : SIZE,
                x,
                y,
                Xml.escaped(words)));
    }

    private static void path(StringBuilder out, String type, List<Point> points, boolean closed) {
        out.append("<path class=\"")
                .append(type)
                .append("\" ")
                .append(DRAWN.get(type))
                .append(" d=\"");
        for (int i = 0; i < points.size(); i++) {
            at(out, i == 0 ? 'M' : 'L', points.get(i));
        }
        out.append(closed ? "Z\"/>\n" : "\"/>\n");
    }

    private static void triangles(StringBuilder out, String type, List<Point[]> triangles) {
        out.append("<path class=\"")
                .append(type)
                .append("\" ")
                .append(DRAWN.get(type))
                .append(" d=\"");
        for (Point[] t : triangles) {
            at(out, 'M', t[0]);
            at(out, 'L', t[1]);
            at(out, 'L', t[2]);
            out.append('Z');
        }
        out.append("\"/>\n");
    }

    private static void lines(StringBuilder out, List<List<Point>> lines) {
        out.append("<path class=\"hatch\" ").append(DRAWN.get("hatch")).append(" d=\"");
        for (List<Point> line : lines) {
            at(out, 'M', line.get(0));
            at(out, 'L', line.get(1));
        }
        out.append("\"/>\n");
    }

    private static void at(StringBuilder out, char command, Point p) {
        out.append(command).append(Math.rint(p.x() * 10) / 10).append(',').append(Math.rint(p.y() * 10) / 10);
    }
}
