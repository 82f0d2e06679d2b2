package bathyra.paper;

import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.EdgeRole;
import bathyra.piece.SeamJoin;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How the sheets lie on the joined pattern: each against one that lies already, the seam between them closed at its upper or its lower end. */
public final class Joined {
    /** Two seam ends are laid on each other along so much of their length, mm. */
    private static final double ALONG = 12;

    private Joined() {}

    /** @return how each sheet is laid, by its id; the first lies as it was drafted */
    public static Map<String, Motion> at(PaperPattern pattern, boolean upper) {
        Map<String, Motion> laid = new HashMap<>();
        laid.put(pattern.sheets().get(0).id(), Motion.STILL);
        // Where front and back meet at the shoulder, the upper edge runs through there; the side is closed only for
        // what that does not reach.
        boolean shoulder = pattern.seams().stream().anyMatch(s -> s.a().role() == EdgeRole.SHOULDER);
        if (upper && shoulder) {
            lay(
                    pattern,
                    pattern.seams().stream()
                            .filter(s -> s.a().role() != EdgeRole.SIDE)
                            .toList(),
                    laid,
                    true);
        }
        lay(pattern, pattern.seams(), laid, upper);
        return laid;
    }

    /** Lays each sheet along the first seam that joins it to one that lies already. */
    private static void lay(PaperPattern pattern, List<SeamJoin> seams, Map<String, Motion> laid, boolean upper) {
        boolean more = true;
        while (more) {
            more = false;
            for (SeamJoin seam : seams) {
                String a = seam.a().piece();
                String b = seam.b().piece();
                if (laid.containsKey(a) != laid.containsKey(b)) {
                    boolean forth = laid.containsKey(a);
                    laid.put(
                            forth ? b : a,
                            closed(
                                    pattern,
                                    forth ? seam.a() : seam.b(),
                                    laid.get(forth ? a : b),
                                    forth ? seam.b() : seam.a(),
                                    upper));
                    more = true;
                }
            }
        }
    }

    private static Motion closed(
            PaperPattern pattern, SeamJoin.Ref lies, Motion partner, SeamJoin.Ref comes, boolean upper) {
        Path own = pattern.sheet(lies.piece()).edge(lies.edge()).path();
        boolean down = own.start().y() <= own.end().y();
        Path near = partner.apply(down ? own : own.reversed());
        // Outlines run clockwise: sewn edges run against each other.
        Path other = pattern.sheet(comes.piece()).edge(comes.edge()).path();
        Path far = down ? other.reversed() : other;
        double at = upper ? 0 : near.length();
        double there = upper ? 0 : far.length();
        return Motion.laying(end(far, there), along(far, there), end(near, at), along(near, at));
    }

    private static Point end(Path path, double at) {
        return path.at(at).point();
    }

    private static Vec along(Path path, double at) {
        double from = at == 0 ? 0 : path.length() - ALONG;
        return path.at(from).point().to(path.at(from + ALONG).point()).unit();
    }
}
