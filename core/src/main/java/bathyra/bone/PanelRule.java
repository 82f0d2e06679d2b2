package bathyra.bone;

import bathyra.draft.Draft;
import bathyra.garment.Boning.PanelBone;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How many channels stand inside the panels: as long as one bone would carry more of the waist's reduction than it should, the panel beside
 * it that has most room takes another, so that they spread evenly over what the girth plan takes in (C13). How much a bone should carry is
 * the program's own figure.
 */
final class PanelRule {
    /** What one bone should carry of half the waist's reduction at the most, mm. */
    static final double CARRIES = 6;

    private static final int A_PANEL = 2;
    private static final int ROUNDS = 24;
    /** Room beside a channel for its stitching and the next one, mm. */
    private static final double BESIDE = 6;

    private PanelRule() {}

    static List<PanelBone> of(Draft draft, List<Panel> panels, List<Channel> onEdges, double width) {
        int[] in = new int[panels.size()];
        boolean[] full = new boolean[panels.size()];
        List<Support.Bearer> edges = Support.bearers(draft, Level.WAIST, onEdges, List.of());
        for (int round = 0; round < ROUNDS; round++) {
            List<Support.Bearer> bearers = new ArrayList<>(edges);
            bearers.addAll(Support.bearers(draft, Level.WAIST, List.of(), bones(panels, in)));
            Optional<Support.Load> heaviest = Support.share(draft, Level.WAIST, bearers).stream()
                    .max(Comparator.comparingDouble(Support.Load::carried));
            if (heaviest.isEmpty() || heaviest.get().carried() <= CARRIES) {
                break;
            }
            int panel = widest(panels, in, full, heaviest.get().at(), draft, width);
            if (panel < 0) {
                break;
            }
            in[panel]++;
            full[panel] = in[panel] >= A_PANEL;
        }
        return bones(panels, in);
    }

    /** The channels of every panel, evenly across it. */
    private static List<PanelBone> bones(List<Panel> panels, int[] in) {
        List<PanelBone> bones = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            for (int n = 1; n <= in[i]; n++) {
                bones.add(new PanelBone(
                        "in-" + panels.get(i).piece().id() + "-" + n,
                        panels.get(i).piece().id(),
                        (double) n / (in[i] + 1)));
            }
        }
        return bones;
    }

    /** Of the two panels at a place the one that has most room for one more; less than nothing when neither has. */
    private static int widest(List<Panel> panels, int[] in, boolean[] full, double at, Draft draft, double width) {
        int best = -1;
        double most = 2 * (width + BESIDE);
        double run = 0;
        for (int i = 0; i < panels.size(); i++) {
            double waist = panels.get(i).waist();
            boolean beside = at >= run - width && at <= run + waist + width;
            double room = waist / (in[i] + 1);
            // At a lacing edge two bones and the eyelets stand in the panel already.
            double taken = i == panels.size() - 1
                            && draft.commission()
                                    .garment()
                                    .fastening()
                                    .closure()
                                    .isLaced()
                    ? LacingEdge.of(draft.commission().garment()).inner()
                    : 0;
            if (beside && !full[i] && room - taken > most) {
                most = room - taken;
                best = i;
            }
            run += waist;
        }
        return best;
    }
}
