package bathyra.lay;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Lays pieces by itself: irregular strip packing by bottom-left placement, the order of the pieces improved by a local search. Each piece
 * goes where it reaches least far along the cloth (B. S. Baker, E. G. Coffman, R. L. Rivest, "Orthogonal Packings in Two Dimensions",
 * SIAM Journal on Computing 9, 1980; for irregular outlines the cloth is kept in columns, after J. A. Bennell, J. F. Oliveira, "The geometry of
 * nesting problems", European Journal of Operational Research 184, 2008). Two pieces change places or one goes elsewhere in the order; a
 * worse lay is taken now and then, less and less often (simulated annealing, S. Kirkpatrick, C. D. Gelatt, M. P. Vecchi, Science 220, 1983). An open cloth is
 * tried in mirrored halves first. The same seed and number of rounds give the same lay.
 */
public final class AutoLay {
    /** As many rounds find nearly all that can be found for one garment. */
    public static final int ROUNDS = 2500;

    private static final double COARSE = 8;
    private static final double FINE = 4;
    private static final int LOOKED_AT_FINELY = 6;
    /** At the start a lay longer by this share is taken in about one of three rounds. */
    private static final double HEAT = 0.012;

    private static final double COOL = 1e-4;
    /** No lay is shorter than its longest piece: there the search ends, mm. */
    private static final double SHORTEST = 0.5;

    /** How many of the rounds an open cloth is tried in mirrored halves as well, and how much of the time they take. */
    private static final double MIRRORED = 0.5;

    private static final double MIRRORED_SHARE = 0.15;
    private static final double TOLD = 0.02;

    private final Laying laying;
    private final Random random;

    /**
     * How far it has come.
     *
     * @param best the best lay so far
     * @param share of the rounds done, 0 to 1
     */
    public record Progress(Lay best, double share) {}

    private AutoLay(Laying laying, long seed) {
        this.laying = laying;
        this.random = new Random(seed);
    }

    /**
     * Lays the pieces.
     *
     * @param rounds how often another order is tried
     * @param seen gets the first lay at once, every better one, and the best so far after every fiftieth of the way
     * @param cancelled asked after every round; the best so far stands then
     */
    public static Lay lay(Laying laying, long seed, int rounds, Consumer<Progress> seen, BooleanSupplier cancelled) {
        Best best = new Best(seen);
        Optional<Laying> half = Mirrored.half(laying);
        half.ifPresent(h -> new AutoLay(h, seed)
                .search(
                        (int) (rounds * MIRRORED),
                        p -> best.take(Mirrored.whole(p.best(), laying), p.share() * MIRRORED_SHARE),
                        cancelled));
        double begun = half.isPresent() ? MIRRORED_SHARE : 0;
        if (best.lay == null || best.lay.length() > best.lay.least() + SHORTEST) {
            new AutoLay(laying, seed)
                    .search(rounds, p -> best.take(p.best(), begun + p.share() * (1 - begun)), cancelled);
        }
        return best.lay;
    }

    /** The shortest lay of both searches; told when a shorter one is found, and now and then how far it has come. */
    private static final class Best {
        private final Consumer<Progress> seen;
        private Lay lay;
        private double told;

        Best(Consumer<Progress> seen) {
            this.seen = seen;
        }

        void take(Lay next, double share) {
            boolean shorter = lay == null || next.length() < lay.length() - 1e-9;
            if (shorter) {
                lay = next;
            }
            if (shorter || share >= told + TOLD) {
                told = share;
                seen.accept(new Progress(lay, share));
            }
        }
    }

    /** An order of pieces with the lay that it gives. */
    private record Try(List<Integer> order, Lay lay) {}

    /** Tells every better lay, the first at once. */
    private void search(int rounds, Consumer<Progress> seen, BooleanSupplier cancelled) {
        Table coarse = new Table(COARSE);
        Try now = starts(coarse).stream()
                .min(Comparator.comparingDouble(t -> t.lay().length()))
                .orElseThrow();
        List<Try> good = new ArrayList<>(List.of(now));
        seen.accept(new Progress(now.lay(), 0));
        double least = now.lay().least();
        for (int round = 0;
                round < rounds && !cancelled.getAsBoolean() && good.get(0).lay().length() > least + SHORTEST;
                round++) {
            List<Integer> order = changed(now.order());
            Try next = new Try(order, coarse.lay(order));
            double heat = HEAT * Math.pow(COOL / HEAT, (double) round / rounds);
            double worse =
                    (next.lay().length() - now.lay().length()) / now.lay().length();
            if (worse <= 0 || random.nextDouble() < Math.exp(-worse / heat)) {
                now = next;
                if (next.lay().length() < good.get(0).lay().length() - 1e-9) {
                    good.add(0, next);
                }
            }
            seen.accept(new Progress(good.get(0).lay(), (double) round / rounds));
        }
        finest(good, seen, cancelled);
    }

    /** The best orders once more in narrower columns, which waste less beside the outlines. */
    private void finest(List<Try> good, Consumer<Progress> seen, BooleanSupplier cancelled) {
        Table fine = new Table(FINE);
        for (Try each : good.subList(0, Math.min(LOOKED_AT_FINELY, good.size()))) {
            if (!cancelled.getAsBoolean()) {
                seen.accept(new Progress(fine.lay(each.order()), 1));
            }
        }
    }

    /** Orders that are good to begin with: the largest, the longest, the widest first, and as they are sewn. */
    private List<Try> starts(Table table) {
        List<Integer> sewn = new ArrayList<>();
        for (int i = 0; i < laying.pieces().size(); i++) {
            sewn.add(i);
        }
        List<Try> starts = new ArrayList<>();
        List<Comparator<LayPiece>> by = List.of(
                Comparator.comparingDouble(LayPiece::area).reversed(),
                Comparator.comparingDouble(LayPiece::height).reversed(),
                Comparator.comparingDouble(LayPiece::width).reversed());
        starts.add(new Try(sewn, table.lay(sewn)));
        for (Comparator<LayPiece> each : by) {
            List<Integer> order = new ArrayList<>(sewn);
            order.sort((a, b) ->
                    each.compare(laying.pieces().get(a), laying.pieces().get(b)));
            starts.add(new Try(order, table.lay(order)));
        }
        return starts;
    }

    private List<Integer> changed(List<Integer> order) {
        List<Integer> next = new ArrayList<>(order);
        int from = random.nextInt(next.size());
        int to = random.nextInt(next.size());
        if (random.nextBoolean()) {
            Collections.swap(next, from, to);
        } else {
            next.add(to, next.remove(from));
        }
        return next;
    }

    /** The cloth in columns of one width, with every piece's profile in it. */
    private final class Table {
        private final List<List<Profile>> profiles = new ArrayList<>();
        private final Columns columns;

        Table(double column) {
            columns = new Columns(laying.width(), laying.gap() / 2, column);
            for (LayPiece piece : laying.pieces()) {
                List<Profile> ways = new ArrayList<>(List.of(Profile.of(piece, false, laying.gap(), column)));
                if (piece.mayTurn() && !piece.atFold()) {
                    ways.add(Profile.of(piece, true, laying.gap(), column));
                }
                profiles.add(ways);
            }
        }

        Lay lay(List<Integer> order) {
            columns.clear();
            Placed[] placed = new Placed[order.size()];
            for (int i : order) {
                LayPiece piece = laying.pieces().get(i);
                Columns.Spot best = null;
                Profile way = null;
                double end = Double.POSITIVE_INFINITY;
                for (Profile profile : profiles.get(i)) {
                    Columns.Spot spot = columns.lowest(profile, piece, end);
                    if (spot != null) {
                        best = spot;
                        way = profile;
                        end = spot.y() + piece.height();
                    }
                }
                columns.take(way, best);
                placed[i] = new Placed(piece, columns.x(best), best.y(), way.turned(), 0);
            }
            return new Lay(List.of(placed), laying.width(), laying.folded());
        }
    }
}
