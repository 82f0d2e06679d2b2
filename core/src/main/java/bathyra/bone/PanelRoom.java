package bathyra.bone;

import bathyra.garment.Boning.PanelBone;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Where in its panel a straight bone has room beside the seams and the channels that stand there already (C13.1). */
final class PanelRoom {
    private static final int TRIES = 7;
    private static final double STEP = 0.04;
    private static final double FINE = 0.2;
    /** From a channel to the seam beside it, mm. */
    private static final double SEAM = 3;

    private final List<Panel> panels;
    private final double width;

    /** @param width how wide a channel is, mm */
    PanelRoom(List<Panel> panels, double width) {
        this.panels = panels;
        this.width = width;
    }

    /** A bone as near as it can lie to the place that the rule gives it; empty where it would lie on something, so that it is left out. */
    Optional<PanelBone> nearest(PanelBone bone, List<Channel> standing) {
        return IntStream.rangeClosed(0, TRIES)
                .boxed()
                .flatMap(i -> Stream.of(bone.share() + i * STEP, bone.share() - i * STEP))
                .distinct()
                .filter(share -> share > 0 && share < 1)
                .map(share -> new PanelBone(bone.id(), bone.piece(), share))
                .filter(b -> isClear(b, standing))
                .findFirst();
    }

    private boolean isClear(PanelBone bone, List<Channel> standing) {
        Optional<Panel> panel =
                panels.stream().filter(p -> p.piece().id().equals(bone.piece())).findFirst();
        Optional<List<Point>> line = panel.flatMap(p -> p.line(bone.share())).map(p -> p.flattened(FINE));
        return line.isPresent()
                && Stream.of(panel.get().left(), panel.get().right())
                        .allMatch(seam -> away(line.get(), seam) >= width / 2 + SEAM)
                && standing.stream()
                        .flatMap(c -> c.runs().stream())
                        .filter(run -> run.piece().equals(bone.piece()))
                        .allMatch(run -> away(line.get(), run.path()) >= width + BoneChecks.APART);
    }

    private static double away(List<Point> line, Path other) {
        return other.flattened(FINE).stream()
                .mapToDouble(p -> Shape.distance(line, p))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }
}
