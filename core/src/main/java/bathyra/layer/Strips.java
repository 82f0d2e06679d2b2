package bathyra.layer;

import bathyra.cutting.Finishing;
import bathyra.garment.Cover;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.LayerKind;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The strips that are measured off: loops, binding and casings, each length reckoned from the finished edges (C12, C13). */
final class Strips {
    private static final Rule LOOPS = Rule.of("C12", "loops");
    private static final Rule BINDING = Rule.of("C13", "both edges plus 60");
    private static final Rule CASINGS = Rule.of("C13", "channels lie on seams");
    private static final double LOOP_SPACING = 20;
    private static final double LOOP_LONG = 60;
    private static final double LOOP_WIDE = 25;
    private static final double BINDING_MORE = 60;
    private static final double BINDING_WIDE = 10;
    private static final double TURNED_IN = 8;
    private static final Rule STRAPS = Rule.of("C10", "straps");
    private static final double STRAP_WIDE = 20;
    /** Sewn in at either end, and as much to let out at the fitting. */
    private static final double SEWN_IN = 25;

    private static final double LET_OUT = 40;

    private Strips() {}

    static List<Strip> of(Pattern pattern, Garment garment, LayerKind kind, Part part) {
        int halves = part == Part.WHOLE ? 2 : 1;
        return switch (kind) {
            case LOOPS -> loops(pattern, halves);
            case BIAS_BINDING -> binding(pattern, garment, halves);
            case CASINGS -> casings(pattern, garment.boning().boneWidth().millimetres(), halves);
            case STRAPS -> straps(pattern, garment, halves);
            default -> List.of();
        };
    }

    private static Reckoned measured(String name, double millimetres, Rule rule) {
        return Given.option(name, millimetres, Quantity.LENGTH, "measured on the pieces", rule);
    }

    private static Reckoned usual(String name, double value, Rule rule) {
        return Given.option(name, value, Quantity.LENGTH, "rule", rule);
    }

    private static List<Strip> loops(Pattern pattern, int halves) {
        Optional<OutlineEdge> back = pattern.pieces().stream()
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.kind() == OutlineEdge.Kind.CLOSURE && Finishing.use(e) == EdgeUse.CENTRE_BACK)
                .findFirst();
        return back.map(edge -> {
                    int count = halves * ((int) Math.floor(edge.path().length() / LOOP_SPACING) + 1);
                    return List.of(new Strip(
                            "Loops",
                            count,
                            usual("One loop", LOOP_LONG, LOOPS),
                            usual("Width", LOOP_WIDE, LOOPS),
                            true));
                })
                .orElse(List.of());
    }

    private static List<Strip> binding(Pattern pattern, Garment garment, int halves) {
        // Both, where the cutter has it made although neither edge is without an allowance.
        List<EdgeUse> edges = List.of(EdgeUse.UPPER_EDGE, EdgeUse.LOWER_EDGE);
        List<EdgeUse> bound = edges.stream()
                .filter(use -> garment.allowance(use).millimetres() == 0)
                .toList();
        List<Strip> strips = new ArrayList<>();
        for (EdgeUse use : bound.isEmpty() ? edges : bound) {
            double half =
                    pattern.pieces().stream().mapToDouble(p -> length(p, use)).sum();
            if (half > 0) {
                String edge = use == EdgeUse.UPPER_EDGE ? "Upper edge" : "Lower edge";
                Reckoned length = measured(edge + ", one half", half, BINDING)
                        .times(halves)
                        .plus(BINDING_MORE / 2)
                        .named("Binding, " + use.label(), BINDING);
                strips.add(new Strip(
                        "Binding, " + use.label(),
                        1,
                        length,
                        usual("Finished width", BINDING_WIDE, BINDING).times(4).named("Cut width", BINDING),
                        true));
            }
        }
        return strips;
    }

    /** From the crest over the shoulder to the upper edge behind, where the seams beside the apex and in the back end; none where a shoulder holds it. */
    private static List<Strip> straps(Pattern pattern, Garment garment, int halves) {
        Optional<Reckoned> toApex = garment.fit().wearer().measurements().find(MeasurementKey.SHOULDER_TO_APEX);
        Optional<Reckoned> back = garment.fit().wearer().measurements().find(MeasurementKey.BACK_LENGTH);
        Optional<Double> crest = above(pattern, true, Level.BUST);
        Optional<Double> behind = above(pattern, false, Level.WAIST);
        boolean strapless = garment.top().cover() == Cover.STRAPLESS;
        if (!strapless || toApex.isEmpty() || back.isEmpty() || crest.isEmpty() || behind.isEmpty()) {
            return List.of();
        }
        Reckoned length = toApex.get()
                .minus(measured("Crest above the bust line", crest.get(), STRAPS))
                .plus(back.get().minus(measured("Upper edge behind, above the waist", behind.get(), STRAPS)))
                .named("From edge to edge over the shoulder", STRAPS)
                .plus(usual("Sewn in, and to let out", 2 * SEWN_IN + LET_OUT, STRAPS))
                .named("Strap", STRAPS);
        Reckoned width = usual("Finished width", STRAP_WIDE, STRAPS)
                .times(2)
                .plus(2 * TURNED_IN)
                .named("Cut width", STRAPS);
        return List.of(new Strip("Straps", halves, length, width, false));
    }

    /** How far the upper edge stands above a level at the highest seam end of the front, or at the seam nearest to centre back. */
    private static Optional<Double> above(Pattern pattern, boolean front, Level level) {
        return pattern.pieces().stream()
                .filter(p -> p.front() == front && p.mark(level).isPresent())
                .flatMap(p -> p.outline().stream()
                        .filter(e -> e.role() == EdgeRole.UPPER)
                        .map(e -> Math.min(
                                        p.mark(level).get().from().y(),
                                        p.mark(level).get().to().y())
                                - Math.min(e.path().start().y(), e.path().end().y())))
                .max(Comparator.naturalOrder());
    }

    private static double length(Piece piece, EdgeUse use) {
        return piece.outline().stream()
                .filter(e -> e.kind() == OutlineEdge.Kind.EDGE && Finishing.use(e) == use)
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    /** One on every long seam of the body; a cup takes none (C13). */
    private static List<Strip> casings(Pattern pattern, double bone, int halves) {
        Reckoned width =
                usual("Bone", bone, CASINGS).times(2).plus(2 * TURNED_IN).named("Cut width", CASINGS);
        List<Strip> strips = new ArrayList<>();
        for (SeamJoin seam : pattern.seams()) {
            boolean upright = pattern.piece(seam.a().piece()).mark(Level.WAIST).isPresent()
                    && pattern.piece(seam.b().piece()).mark(Level.WAIST).isPresent();
            if (upright
                    && !seam.a().equals(seam.b())
                    && !seam.a().role().isCup()
                    && seam.a().role() != EdgeRole.WAIST) {
                Reckoned length =
                        measured(seam.name(), pattern.edge(seam.a()).path().length(), CASINGS);
                strips.add(new Strip("Casing, " + seam.name().toLowerCase(Locale.ROOT), halves, length, width, false));
            }
        }
        return strips;
    }
}
