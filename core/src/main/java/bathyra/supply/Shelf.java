package bathyra.supply;

import bathyra.house.Kept;
import bathyra.plan.Plan;
import bathyra.plan.Supply;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is on the shelf now. It is what was counted less what the garments took: a garment that gives something back, because its cutting was
 * taken back, puts it there again.
 *
 * @param kept what the workshop keeps
 * @param taken how much of each the garments have taken
 * @param claimed how much of each lies ready for one of them and is not cut yet, or waits for the rest that is ordered
 */
public record Shelf(List<Kept> kept, Map<String, Double> taken, Map<String, Double> claimed) {
    /** What is missing by less is not missing. */
    private static final double ENOUGH = 1e-6;

    public Shelf {
        kept = List.copyOf(kept);
        taken = Map.copyOf(taken);
        claimed = Map.copyOf(claimed);
    }

    /** @param plans of all garments that were ever made */
    public static Shelf of(List<Kept> kept, Collection<Plan> plans) {
        Map<String, Double> taken = new LinkedHashMap<>();
        Map<String, Double> claimed = new LinkedHashMap<>();
        for (Plan plan : plans) {
            plan.shelf().forEach((what, supply) -> {
                if (supply.state() == Supply.State.USED) {
                    taken.merge(what, supply.amount(), Double::sum);
                } else if (supply.state() != Supply.State.MISSING) {
                    claimed.merge(what, supply.amount(), Double::sum);
                }
            });
        }
        return new Shelf(kept, taken, claimed);
    }

    private double taken(String what) {
        return taken.getOrDefault(what, 0.0);
    }

    public Optional<Kept> find(String what) {
        return kept.stream().filter(k -> k.what().equals(what)).findFirst();
    }

    /** How much of it is there; less than nothing where more was taken than was counted. */
    public double there(Kept item) {
        return Math.round((item.counted() - taken(item.what())) * 1000) / 1000.0;
    }

    /** How much of it is there and not claimed. */
    public double free(Kept item) {
        return Math.round((there(item) - claimed.getOrDefault(item.what(), 0.0)) * 1000) / 1000.0;
    }

    /**
     * How it then stands with a thing that is ordered for several garments: what lies free is claimed first, and the rest of each is ordered.
     *
     * @param needed for each garment, those first that need it soonest
     * @param comes when what is ordered comes
     * @return one for each
     */
    public List<Supply> ordering(String what, List<Double> needed, Optional<LocalDate> comes) {
        double free = Math.max(0, find(what).map(this::free).orElse(0.0));
        List<Supply> supplies = new ArrayList<>();
        for (double each : needed) {
            double claimed = Math.min(free, each);
            free -= claimed;
            supplies.add(claimed >= each - ENOUGH ? Supply.ready(claimed) : Supply.ordered(claimed, comes));
        }
        return supplies;
    }

    /** Whether so little is there that it should be bought. */
    public boolean runsOut(Kept item) {
        return free(item) < item.least();
    }

    /** What is kept of something when so much of it was counted just now. */
    public Kept counted(Kept item, double now) {
        return new Kept(item.what(), item.unit(), now + taken(item.what()), item.least(), item.supplier());
    }
}
