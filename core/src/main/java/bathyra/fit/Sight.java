package bathyra.fit;

import bathyra.form.Form;
import bathyra.form.Heights;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Something that one would see at a fitting (C22).
 *
 * @param amount how far, mm; of pressure kPa
 * @param azimuth where, from centre front, radians
 * @param height over the waist, mm
 */
public record Sight(Kind kind, double amount, double azimuth, double height, Sentence sentence) {
    /** What is seen. */
    public enum Kind {
        EDGE_AWAY,
        EDGE_BITES,
        AWAY,
        PRESSES,
        /** Cloth stands up beside itself: a piece is too wide there. */
        FOLD_UPRIGHT,
        /** Cloth lies in a fold across: a piece is too long there. */
        FOLD_ACROSS,
        /** A flat bone that would have to bend within the cloth. */
        BONE_BENT,
        BONE_END,
        BONE_ON_HIP;

        /** Whether its amount is kPa and not mm. */
        public boolean isPressure() {
            return this == PRESSES;
        }
    }

    /** More than this is seen, mm. */
    private static final double SEEN = 4;

    /** kPa: past it ribs feel it. */
    private static final double HARD = 3;
    /** Two places so near belong to one sight. */
    private static final double NEAR = 0.45;

    private static final double NEAR_HEIGHT = 70;
    private static final int MOST = 6;
    private static final int OF_A_KIND = 3;

    /** Everything that would be seen on one half, the worst first. */
    public static List<Sight> of(Worn worn) {
        List<Sight> found = new ArrayList<>();
        double[] away = worn.away();
        Set<Integer> edge = new HashSet<>();
        for (OutlineVertices each : edges(worn)) {
            for (int v : each.vertices()) {
                edge.add(v);
                atEdge(worn, each.upper(), v, away[v]).ifPresent(found::add);
            }
        }
        double[] pressure = worn.pressures();
        for (int v = 0; v < away.length; v++) {
            if (!edge.contains(v)) {
                inside(worn, v, away[v]).ifPresent(found::add);
                pressing(worn, v, pressure[v]).ifPresent(found::add);
            }
        }
        for (Fold fold : Fold.of(worn)) {
            found.add(folded(worn.form(), fold));
        }
        for (BoneReading bone : BoneReading.of(worn)) {
            boned(worn, bone, found);
        }
        return worst(found);
    }

    private static Sight folded(Form form, Fold fold) {
        boolean upright = fold.way() == Fold.Way.UPRIGHT;
        return new Sight(
                upright ? Kind.FOLD_UPRIGHT : Kind.FOLD_ACROSS,
                fold.surplus(),
                fold.azimuth(),
                fold.height(),
                Sentence.of(
                        (upright ? "A fold stands upright " : "A fold lies across ")
                                + where(form, fold.azimuth()) + ", " + level(form, fold.height())
                                + (upright ? ": {} too wide there." : ": {} too long there."),
                        Length.mm(fold.surplus())));
    }

    private static void boned(Worn worn, BoneReading bone, List<Sight> found) {
        double[][] line = bone.line();
        String name = "The bone \u201c" + bone.channel().label() + "\u201d";
        if (bone.isBentEdgewise()) {
            found.add(at(
                    worn,
                    Kind.BONE_BENT,
                    bone.edgewise(),
                    line[line.length / 2],
                    Sentence.of(
                            name
                                    + " is flat steel and would bend edgewise, by {} on {} of its length: take spiral steel there.",
                            Length.mm(bone.edgewise()),
                            Length.mm(BoneReading.CHORD))));
        }
        for (BoneReading.End end : List.of(bone.top(), bone.bottom())) {
            String which = end == bone.top() ? "upper" : "lower";
            double azimuth = azimuth(worn, end.at());
            if (end.bites() || end.standsOff() && !isHollow(worn, azimuth, end.at()[2])) {
                found.add(at(
                        worn,
                        Kind.BONE_END,
                        Math.abs(end.away()),
                        end.at(),
                        Sentence.of(
                                name + (end.bites() ? " bites in by {} with its " : " stands {} off with its ") + which
                                        + " end.",
                                Length.mm(Math.abs(end.away())))));
            }
        }
        if (bone.hipBone()) {
            double[] lowest = line[line.length - 1];
            found.add(at(
                    worn,
                    Kind.BONE_ON_HIP,
                    SEEN,
                    lowest,
                    Sentence.of(name + " presses on the crest of the hip bone: end it above, or place it beside.")));
        }
    }

    private static Sight at(Worn worn, Kind kind, double amount, double[] at, Sentence sentence) {
        return new Sight(kind, amount, azimuth(worn, at), at[2], sentence);
    }

    private static double azimuth(Worn worn, double[] at) {
        return Math.abs(Math.atan2(at[0], at[1] - worn.form().axis(at[2])));
    }

    private record OutlineVertices(boolean upper, List<Integer> vertices) {}

    private static List<OutlineVertices> edges(Worn worn) {
        List<OutlineVertices> edges = new ArrayList<>();
        for (PieceMesh cut : worn.sewing().pieces().values()) {
            for (OutlineEdge edge : cut.piece().outline()) {
                if (edge.role() == EdgeRole.UPPER || edge.role() == EdgeRole.LOWER) {
                    List<Integer> vertices = new ArrayList<>();
                    for (int local : cut.edges().get(edge.name())) {
                        vertices.add(worn.sewing().vertex(cut.piece(), local));
                    }
                    edges.add(new OutlineVertices(edge.role() == EdgeRole.UPPER, vertices));
                }
            }
        }
        return edges;
    }

    private static double azimuth(Worn worn, int v) {
        double[] x = worn.rest().shape();
        return azimuth(worn, new double[] {x[3 * v], x[3 * v + 1], x[3 * v + 2]});
    }

    /** Between the breasts cloth always bridges: nobody would call that standing away. */
    private static boolean isHollow(Worn worn, double azimuth, double z) {
        Form form = worn.form();
        return azimuth < form.apexAzimuth() && z > form.heights().underbust() - 20;
    }

    private static Optional<Sight> atEdge(Worn worn, boolean upper, int v, double away) {
        double z = worn.rest().shape()[3 * v + 2];
        double azimuth = azimuth(worn, v);
        String edge = upper ? "upper edge" : "lower edge";
        if (away > SEEN && !isHollow(worn, azimuth, z)) {
            return Optional.of(new Sight(
                    Kind.EDGE_AWAY,
                    away,
                    azimuth,
                    z,
                    Sentence.of(
                            "The " + edge + " stands {} away " + where(worn.form(), azimuth) + ".", Length.mm(away))));
        }
        return away < -SEEN
                ? Optional.of(new Sight(
                        Kind.EDGE_BITES,
                        -away,
                        azimuth,
                        z,
                        Sentence.of(
                                "The " + edge + " bites in by {} " + where(worn.form(), azimuth) + ".",
                                Length.mm(-away))))
                : Optional.empty();
    }

    private static Optional<Sight> inside(Worn worn, int v, double away) {
        double z = worn.rest().shape()[3 * v + 2];
        double azimuth = azimuth(worn, v);
        return away > SEEN && !isHollow(worn, azimuth, z)
                ? Optional.of(new Sight(
                        Kind.AWAY,
                        away,
                        azimuth,
                        z,
                        Sentence.of(
                                "It stands {} away " + where(worn.form(), azimuth) + ", " + level(worn.form(), z) + ".",
                                Length.mm(away))))
                : Optional.empty();
    }

    private static Optional<Sight> pressing(Worn worn, int v, double pressure) {
        double z = worn.rest().shape()[3 * v + 2];
        double azimuth = azimuth(worn, v);
        boolean ribs = z > 20 && worn.form().breastShare(azimuth, z) == 0;
        return ribs && pressure > HARD
                ? Optional.of(new Sight(
                        Kind.PRESSES,
                        pressure,
                        azimuth,
                        z,
                        Sentence.of("It presses hard on the ribs " + where(worn.form(), azimuth) + ", "
                                + level(worn.form(), z) + ".")))
                : Optional.empty();
    }

    private static String where(Form form, double azimuth) {
        double apex = form.apexAzimuth();
        if (azimuth < apex / 2) {
            return "at centre front";
        }
        if (azimuth < apex * 1.25) {
            return "by the apex";
        }
        if (azimuth < 0.42 * Math.PI) {
            return "between the apex and the side";
        }
        return azimuth < 0.58 * Math.PI
                ? "at the side"
                : azimuth < 0.88 * Math.PI ? "between the side and the back" : "at centre back";
    }

    private static String level(Form form, double z) {
        Heights h = form.heights();
        double[] heights = {h.hip(), h.highHip(), 0, h.underbust(), h.bust(), h.upper()};
        String[] names = {
            "at the hip", "at the high hip", "at the waist", "under the bust", "at the bust", "above the bust"
        };
        int best = 0;
        for (int i = 1; i < heights.length; i++) {
            best = Math.abs(z - heights[i]) < Math.abs(z - heights[best]) ? i : best;
        }
        return names[best];
    }

    private static boolean isNear(Sight a, Sight b) {
        return Math.abs(a.azimuth() - b.azimuth()) < NEAR && Math.abs(a.height() - b.height()) < NEAR_HEIGHT;
    }

    /** Of each place where several vertices say the same the worst, and no more than one can take in. */
    private static List<Sight> worst(List<Sight> found) {
        List<Sight> kept = new ArrayList<>();
        List<Sight> sorted = found.stream()
                .sorted(Comparator.comparingDouble((Sight s) -> s.kind().isPressure() ? s.amount() * 2 : s.amount())
                        .reversed())
                .toList();
        for (Sight each : sorted) {
            boolean known = kept.stream()
                    .anyMatch(k -> k.kind() == each.kind()
                            && (isNear(k, each)
                                    || k.sentence()
                                            .pattern()
                                            .equals(each.sentence().pattern())));
            known |= each.kind() == Kind.BONE_END
                    && kept.stream()
                            .anyMatch(k ->
                                    (k.kind() == Kind.EDGE_BITES || k.kind() == Kind.EDGE_AWAY) && isNear(k, each));
            long alike = kept.stream().filter(k -> k.kind() == each.kind()).count();
            if (!known && alike < OF_A_KIND && kept.size() < MOST) {
                kept.add(each);
            }
        }
        return kept;
    }
}
