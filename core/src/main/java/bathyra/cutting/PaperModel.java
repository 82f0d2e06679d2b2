package bathyra.cutting;

import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.paper.Slash;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The cup, or the bust region where no cup is cut, as parts to be cut out of paper and glued along tabs: so that its shape can be looked
 * at before cloth is cut.
 *
 * @param parts at full size
 */
public record PaperModel(List<Part> parts) {
    private static final double TOOTH = 22;
    private static final double BETWEEN = 3;
    private static final double DEEP = 13;
    private static final double SLANT = 5;
    private static final double CHORD = 0.1;

    /**
     * One part.
     *
     * @param outline closed, mm
     * @param tabs each a run of four points that stands on an edge, to be folded under its neighbour
     */
    public record Part(String name, List<Point> outline, List<List<Point>> tabs) {}

    public PaperModel {
        parts = List.copyOf(parts);
    }

    /** @return empty parts when there is no cup */
    public static PaperModel of(Cutting cutting, Garment garment) {
        if (cutting.apex().isEmpty()) {
            return new PaperModel(List.of());
        }
        PaperPattern pattern = garment.bust().cups().isCut() ? cutting.pattern() : region(cutting, garment);
        Map<String, Sheet> sheets = new LinkedHashMap<>();
        for (Sheet sheet : pattern.sheets()) {
            boolean cup = PieceRole.of(sheet.id()) == PieceRole.CUP
                    || sheet.id().equals(PieceRole.YOKE.id(1))
                            && garment.bust().cups().isCut();
            if (cup) {
                sheets.put(sheet.id(), sheet);
            }
        }
        List<Part> parts = new ArrayList<>();
        for (Sheet sheet : sheets.values()) {
            List<List<Point>> tabs = new ArrayList<>();
            for (SeamJoin seam : pattern.seams()) {
                if (seam.a().piece().equals(sheet.id())
                        && sheets.containsKey(seam.b().piece())
                        && !seam.a().equals(seam.b())) {
                    tabs.addAll(tabs(sheet.edge(seam.a().edge()).path()));
                }
            }
            parts.add(new Part(sheet.name(), sheet.flattened(CHORD), tabs));
        }
        return new PaperModel(parts);
    }

    /** What of the panels lies within the circle; the whole panels where the circle does not fit on them. */
    private static PaperPattern region(Cutting cutting, Garment garment) {
        Apex apex = cutting.apex().orElseThrow();
        Sheet inner = cutting.whole().sheet(apex.inner());
        Sheet outer = cutting.whole().sheet(apex.outer());
        try {
            CupLine line = CupLine.of(
                    cutting.whole(), apex, cutting.cup().orElseThrow().radius().value(), garment);
            inner = Slash.along(inner, line.inner(), Cups.INNER).along();
            outer = Slash.along(outer, line.outer(), Cups.OUTER).along();
        } catch (NotDraftable e) {
            // A model of the whole panels shows the bust as well.
            inner = cutting.whole().sheet(apex.inner());
        }
        return new PaperPattern(
                List.of(inner.named("C1", inner.name()), outer.named("C2", outer.name())),
                List.of(new SeamJoin(
                        "CS",
                        "Seam over the apex",
                        new SeamJoin.Ref("C1", apex.seam()),
                        new SeamJoin.Ref("C2", apex.seam()))));
    }

    /** Teeth along an edge, so that it can be bent while it is glued. */
    private static List<List<Point>> tabs(Path edge) {
        List<List<Point>> tabs = new ArrayList<>();
        double length = edge.length();
        int n = Math.max(1, (int) Math.round(length / (TOOTH + BETWEEN)));
        double each = length / n;
        for (int i = 0; i < n; i++) {
            Path.Place from = edge.at(i * each + BETWEEN / 2);
            Path.Place to = edge.at((i + 1) * each - BETWEEN / 2);
            double slant = Math.min(SLANT, each / 4);
            // Outlines run clockwise: outside lies to the left.
            tabs.add(List.of(
                    from.point(),
                    out(from).plus(from.tangent().times(slant)),
                    out(to).plus(to.tangent().times(-slant)),
                    to.point()));
        }
        return tabs;
    }

    private static Point out(Path.Place place) {
        Vec out = place.tangent().turned(-Math.PI / 2);
        return place.point().plus(out.times(DEEP));
    }
}
