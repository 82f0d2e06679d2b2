package bathyra.fit;

import bathyra.bone.BonePlan;
import bathyra.bone.BonedPart;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.draft.Draft;
import bathyra.garment.BoneKind;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The bones of a draft as rods in its mesh (C13, C21). */
final class Boned {
    private static final double BUSK = 1.5e5;
    private static final double ZIP = 1_000;
    private static final double SHORTEST = 1;

    private Boned() {}

    static Rods rods(Draft draft, Sewing sewing) {
        List<Rods.Rod> rods = new ArrayList<>();
        Bones bones = BonePlan.of(draft);
        for (Channel channel : bones.channels()) {
            // On a seam both halves of a channel lie at the same place.
            Channel.Run run = channel.runs().get(0);
            PieceMesh cut = sewing.pieces().get(run.piece());
            if (cut != null) {
                rods.add(rod(Optional.of(channel), cut, run.path(), stiffness(channel.kind()), sewing));
            }
        }
        for (PieceMesh cut : sewing.pieces().values()) {
            for (OutlineEdge edge : cut.piece().outline()) {
                boolean hangs = cut.piece().role().isSkirt() && cut.piece().front();
                if (edge.kind() == OutlineEdge.Kind.CLOSURE && !hangs) {
                    double stiffness = closing(cut.piece(), bones, sewing);
                    if (stiffness > 0) {
                        // A zip goes on into a skirt, a busk does not.
                        Path path = cut.piece().front()
                                ? BonedPart.of(
                                        draft.commission().garment(), cut.piece(), SeamPair.downwards(edge.path()))
                                : edge.path();
                        rods.add(rod(Optional.empty(), cut, path, stiffness, sewing));
                    }
                }
            }
        }
        return new Rods(rods.stream().filter(r -> r.vertices().length > 2).toList());
    }

    private static double closing(Piece piece, Bones bones, Sewing sewing) {
        return piece.front() ? bones.busk().isPresent() ? BUSK : 0 : sewing.gap() > 0 ? 0 : ZIP;
    }

    /** N·mm². */
    private static double stiffness(BoneKind kind) {
        return switch (kind) {
            case FLAT_STEEL -> 15_000;
            case SPIRAL_STEEL -> 9_000;
            case SYNTHETIC, PLASTIC -> 3_000;
        };
    }

    private static Rods.Rod rod(Optional<Channel> channel, PieceMesh cut, Path path, double stiffness, Sewing sewing) {
        int steps = Math.max(1, (int) Math.round(path.length() / sewing.spacing()));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            Point p = path.at(path.length() * i / steps).point();
            if (points.isEmpty() || points.get(points.size() - 1).distance(p) > SHORTEST) {
                points.add(p);
            }
        }
        int[][] vertices = new int[points.size()][3];
        double[][] weights = new double[points.size()][];
        double[] lengths = new double[points.size() - 1];
        for (int i = 0; i < points.size(); i++) {
            PieceMesh.Place place = cut.place(points.get(i));
            weights[i] = place.weights();
            for (int k = 0; k < 3; k++) {
                vertices[i][k] = sewing.vertex(cut.piece(), place.corners()[k]);
            }
            if (i > 0) {
                lengths[i - 1] = points.get(i - 1).distance(points.get(i));
            }
        }
        return new Rods.Rod(channel, stiffness, vertices, weights, lengths);
    }
}
