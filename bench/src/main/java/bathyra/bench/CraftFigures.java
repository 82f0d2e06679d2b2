package bathyra.bench;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.UpperShape;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.truing.UnrolledEdge;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/** Where the shaping sits on ordinary bodies, measured on the finished drafts and on the form, as a table (docs/craft-figures.md). */
public final class CraftFigures {
    private static final int BODIES = 200;
    /** What belongs to a level on the form, mm above and below it. */
    private static final double ABOUT = 20;

    private static final String LIMITS = """

            What pulls lies at the side of the bust as far away as a taut band does: nearer it comes only by pressing the bust. The bust is worn under its plan because the side of the breast is pressed flat between apex and side; of that in a corset the bones over the bust hold about half. An upper edge 20 wider leaves it as it is and stands away instead. What bites below bites beside the lacing, where flat steel runs straight over the hollow of the back; without bones nothing does. Where the waist is wider than the rib, the front has less to take in at the waist than at the rib, and centre front widens. With three panels a side and a straight back edge the side seam takes all of the back's half.
            """;

    private CraftFigures() {}

    /** @param arguments the file that is written */
    public static void main(String[] arguments) throws IOException {
        StringBuilder out = new StringBuilder();
        out.append("# Where the shaping sits\n\nMeasured by `bench/run craft` on ")
                .append(BODIES)
                .append(
                        " ordinary bodies, from the finished drafts and, for what stands away and bites, from the garment on the wearer's form (mesh of 28 mm). Middle, and in brackets 5 % and 95 %.\n\n");
        out.append(
                "| design | drafted | side seam, share of the half's waist | apex seam at the rib, of (bust − underbust)/2 | centre front, waist ÷ rib | the same on bodies whose waist is under their rib | narrowest ÷ widest panel, waist | away at the side of the bust, mm | a taut band round the body alone, there, mm | worn bust less plan, mm | worn waist less plan, mm | pressed in at the bust, mm | upper edge bites, mm | lower edge bites, mm | an edge leans over 20° or swings, % of drafts | the upper edge bends oftener than its shape, % of drafts | notes a draft |\n|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|\n");
        for (Map.Entry<String, Garment> design : designs().entrySet()) {
            out.append(row(design.getKey(), design.getValue())).append('\n');
            System.out.println(design.getKey());
        }
        out.append(LIMITS);
        Files.writeString(Path.of(arguments[0]), out.toString());
    }

    private static Map<String, Garment> designs() {
        Map<String, Garment> designs = new LinkedHashMap<>();
        designs.put("bustier", Garment.bustier());
        designs.put("bustier, sweetheart", Garment.bustier().withUpperEdge(UpperShape.SWEETHEART));
        for (int panels = 4; panels <= 6; panels++) {
            designs.put("overbust corset, " + panels + " panels", panels(GarmentKind.CORSET, panels));
        }
        for (int panels = Panels.LEAST; panels <= Panels.MOST; panels++) {
            designs.put("underbust corset, " + panels + " panels", panels(GarmentKind.UNDERBUST, panels));
        }
        return designs;
    }

    private static Garment panels(GarmentKind kind, int panels) {
        Garment garment = Garment.of(kind);
        return garment.withPanels(Panels.of(panels, garment.panels().placing()));
    }

    private static String row(String name, Garment garment) {
        Random random = new Random(7);
        List<Draft> drafts = new ArrayList<>();
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            if (Drafter.draft(Bodies.commission(body, garment)) instanceof Draft draft) {
                drafts.add(draft);
            }
        }
        boolean overBust = garment.kind().isOverBust();
        List<Worn> worn = drafts.stream()
                .map(d -> Worn.cold(d, Worn.surface(d), Worn.COARSE, () -> false))
                .toList();
        double notes = drafts.stream()
                .flatMap(d -> d.with(Finding.Status.NOTE).stream())
                .filter(f -> f.kind() != FindingKind.WAIST_REDUCTION)
                .count();
        return String.format(
                Locale.ROOT,
                "| %s | %d of %d | %s | %s | %s | %s | %s | %s | %s | %s | %s | %s | %s | %s | %.1f | %.1f | %.2f |",
                name,
                drafts.size(),
                BODIES,
                spread(drafts, CraftFigures::sideShare),
                overBust ? spread(drafts, CraftFigures::apexShare) : "–",
                overBust ? spread(drafts, CraftFigures::centreFront) : "–",
                overBust
                        ? spread(drafts.stream().filter(CraftFigures::isWaisted).toList(), CraftFigures::centreFront)
                        : "–",
                spread(drafts, CraftFigures::evenness),
                overBust ? spread(worn, Worn::besideTheBust) : "–",
                overBust ? spread(worn, Worn::bridgedBesideTheBust) : "–",
                overBust ? spread(worn, w -> overPlan(w, Level.BUST)) : "–",
                spread(worn, w -> overPlan(w, Level.WAIST)),
                overBust ? spread(worn, CraftFigures::pressedAtTheBust) : "–",
                overBust ? spread(worn, w -> bites(w, "The upper")) : "–",
                spread(worn, w -> bites(w, "The lower")),
                percent(drafts, CraftFigures::leans),
                percent(drafts, CraftFigures::waves),
                notes / Math.max(1, drafts.size()));
    }

    private static <T> String spread(List<T> all, ToDoubleFunction<T> read) {
        double[] values = all.stream().mapToDouble(read).sorted().toArray();
        return values.length == 0
                ? "–"
                : String.format(
                        Locale.ROOT,
                        "%.2f (%.2f … %.2f)",
                        values[values.length / 2],
                        values[values.length / 20],
                        values[values.length * 19 / 20]);
    }

    private static double sideShare(Draft draft) {
        return draft.intakes().at(Level.WAIST, SeamPlace.SIDE).value()
                / draft.intakes().sum(Level.WAIST);
    }

    private static double apexShare(Draft draft) {
        double taken = draft.intakes().seams().stream()
                .filter(s ->
                        draft.intakes().axes().isThroughApex(s, draft.block().front(Level.BUST)))
                .mapToDouble(s -> draft.intakes().at(Level.UNDERBUST, s).value())
                .sum();
        double half = (draft.girths().at(Level.BUST).body().value()
                        - draft.girths().at(Level.UNDERBUST).body().value())
                / 2;
        return taken / half;
    }

    private static double centreFront(Draft draft) {
        Piece centre = draft.pattern().pieces().get(0);
        return width(centre, Level.WAIST) / width(centre, Level.UNDERBUST);
    }

    private static boolean isWaisted(Draft draft) {
        MeasurementSet body = draft.commission().measurements();
        return taken(body, MeasurementKey.WAIST) < taken(body, MeasurementKey.UNDERBUST);
    }

    private static double taken(MeasurementSet body, MeasurementKey key) {
        return body.find(key).orElseThrow().value();
    }

    private static double evenness(Draft draft) {
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (Piece piece : draft.pattern().pieces()) {
            if (piece.mark(Level.WAIST).isPresent()) {
                least = Math.min(least, width(piece, Level.WAIST));
                most = Math.max(most, width(piece, Level.WAIST));
            }
        }
        return least / most;
    }

    private static double width(Piece piece, Level level) {
        return piece.mark(level).map(LevelMark::length).orElse(Double.NaN);
    }

    private static double percent(List<Draft> drafts, Predicate<Draft> found) {
        return 100.0 * drafts.stream().filter(found).count() / Math.max(1, drafts.size());
    }

    private static boolean leans(Draft draft) {
        return draft.findings().stream()
                .anyMatch(f -> f.status() == Finding.Status.NOTE
                        && (f.kind() == FindingKind.EDGE_LEAN || f.kind() == FindingKind.FAIR_EDGE));
    }

    /** Once over where the back falls, once more where a dip in front is round; an underbust's edge not at all. */
    private static boolean waves(Draft draft) {
        Garment garment = draft.commission().garment();
        int own = !garment.kind().isOverBust() ? 0 : garment.upperEdge() == UpperShape.SWEETHEART ? 2 : 1;
        Level level = garment.kind().isOverBust() ? Level.BUST : Level.UNDERBUST;
        return UnrolledEdge.of(draft.panelPieces(), true, level)
                .filter(edge -> edge.inflections() > own)
                .isPresent();
    }

    /** How much wider the line of a level lies than it was planned to be worn, mm. */
    private static double overPlan(Worn worn, Level level) {
        return worn.levels().stream()
                .filter(l -> l.level() == level)
                .mapToDouble(l -> l.worn() - l.planned())
                .findFirst()
                .orElse(Double.NaN);
    }

    /** How far the body is pressed in at the most, about the bust line, mm. */
    private static double pressedAtTheBust(Worn worn) {
        double[] places = worn.rest().shape();
        double[] away = worn.away();
        double bust = worn.height(Level.BUST);
        double most = 0;
        for (int v = 0; v < away.length; v++) {
            if (Math.abs(places[3 * v + 2] - bust) < ABOUT) {
                most = Math.max(most, -away[v]);
            }
        }
        return most;
    }

    /** @param edge how the sentence about it begins */
    private static double bites(Worn worn, String edge) {
        return Sight.of(worn).stream()
                .filter(s -> s.kind() == Sight.Kind.EDGE_BITES
                        && s.sentence().in(LengthUnit.MM).startsWith(edge))
                .mapToDouble(Sight::amount)
                .max()
                .orElse(0);
    }
}
