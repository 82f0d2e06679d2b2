package bathyra.block;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Path;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The checks of a whole block (C11), measured on its finished outlines. */
public final class BlockTruing {
    private static final double ALIKE = 0.5;
    private static final double STRAIGHT_ON = 5;
    private static final double SQUARE = 2;
    private static final double NARROWEST = 25;
    private static final double FLAT = 0.05;

    private BlockTruing() {}

    public static List<Finding> look(BlockDrawing drawing) {
        List<Finding> findings = new ArrayList<>();
        findings.add(alike(drawing, BlockEdge.Name.SIDE, FindingKind.SIDE_SEAM, "Side seam"));
        findings.add(alike(drawing, BlockEdge.Name.SHOULDER, FindingKind.SHOULDER_SEAM, "Shoulder seam"));
        for (BlockDart dart : drawing.darts()) {
            findings.add(legs(dart));
            if (dart.tips().size() > 1) {
                findings.add(room(drawing, dart));
            }
        }
        findings.add(through(drawing, BlockEdge.Name.NECK, BlockEdge.Name.SHOULDER, "Neck over the shoulder seam"));
        findings.add(
                through(drawing, BlockEdge.Name.SHOULDER, BlockEdge.Name.ARMHOLE, "Armhole over the shoulder seam"));
        findings.add(through(drawing, BlockEdge.Name.ARMHOLE, BlockEdge.Name.SIDE, "Armhole over the side seam"));
        for (Half half : Half.values()) {
            findings.add(square(drawing, half));
            findings.add(crossing(drawing, half));
        }
        return findings;
    }

    private static Finding alike(BlockDrawing drawing, BlockEdge.Name edge, FindingKind kind, String name) {
        double front = drawing.length(Half.FRONT, edge);
        double back = drawing.length(Half.BACK, edge);
        double apart = Math.abs(front - back);
        return Finding.of(
                kind,
                edge.name().toLowerCase(Locale.ROOT),
                apart <= ALIKE ? Finding.Status.OK : Finding.Status.FAULT,
                apart,
                ALIKE,
                Sentence.of(
                        name + ": front {}, back {}, {} apart. True them at the edge.",
                        Length.mm(front),
                        Length.mm(back),
                        Length.mm(apart)));
    }

    private static Finding legs(BlockDart dart) {
        double worst = dart.tips().stream()
                .mapToDouble(tip -> Math.abs(tip.distance(dart.a()) - tip.distance(dart.b())))
                .max()
                .orElse(0);
        return Finding.of(
                FindingKind.DART_LEGS,
                dart.label(),
                worst <= ALIKE ? Finding.Status.OK : Finding.Status.FAULT,
                worst,
                ALIKE,
                Sentence.of(
                        dart.label() + ", " + dart.half().label().toLowerCase(Locale.ROOT)
                                + ": the legs differ by {}. They are sewn together and must be alike.",
                        Length.mm(worst)));
    }

    /** A dart in the middle needs its ends on their sides of the waist, and cloth on both sides. */
    private static Finding room(BlockDrawing drawing, BlockDart dart) {
        Path outline = drawing.closed(dart.half());
        double above = dart.a().y() - dart.tips().get(0).y();
        double below = dart.tips().get(1).y() - dart.a().y();
        double beside = Math.min(
                outline.nearest(dart.a()).point().distance(dart.a()),
                outline.nearest(dart.b()).point().distance(dart.b()));
        double least = Math.min(Math.min(above, below), beside);
        return Finding.of(
                FindingKind.DART_ROOM,
                dart.label(),
                least >= NARROWEST ? Finding.Status.OK : Finding.Status.FAULT,
                least,
                NARROWEST,
                Sentence.of(
                        dart.label() + ", " + dart.half().label().toLowerCase(Locale.ROOT)
                                + ": {} are left beside, above or below it; {} are needed. Look at {}, {}, {} and {}, or make the dart smaller.",
                        Length.mm(least),
                        Length.mm(NARROWEST),
                        MeasurementKey.APEX_SPAN,
                        MeasurementKey.WAIST,
                        MeasurementKey.FRONT_LENGTH,
                        MeasurementKey.WAIST_TO_HIP));
    }

    private static Finding through(BlockDrawing drawing, BlockEdge.Name first, BlockEdge.Name second, String name) {
        double sum =
                corner(drawing.outline(Half.FRONT), first, second) + corner(drawing.outline(Half.BACK), first, second);
        double off = Math.abs(sum - 180);
        return Finding.of(
                FindingKind.JOINED_EDGE,
                name,
                off <= STRAIGHT_ON ? Finding.Status.OK : Finding.Status.FAULT,
                off,
                STRAIGHT_ON,
                Sentence.of(name + ": sewn together it turns by " + Math.round(off * 10) / 10.0
                        + "°. Draw both halves square to the seam."));
    }

    /** The angle inside the outline, in degrees, where one edge ends and another begins. */
    private static double corner(List<BlockEdge> outline, BlockEdge.Name first, BlockEdge.Name second) {
        for (int i = 0; i + 1 < outline.size(); i++) {
            if (outline.get(i).name() == first && outline.get(i + 1).name() == second) {
                return 180
                        - Math.toDegrees(outline.get(i)
                                .path()
                                .endTangent()
                                .angleTo(outline.get(i + 1).path().startTangent()));
            }
        }
        throw new IllegalArgumentException("no " + first + " before " + second);
    }

    private static Finding square(BlockDrawing drawing, Half half) {
        List<BlockEdge> outline = drawing.outline(half);
        double angle = 180
                - Math.toDegrees(outline.get(outline.size() - 1)
                        .path()
                        .endTangent()
                        .angleTo(outline.get(0).path().startTangent()));
        double off = Math.abs(angle - 90);
        return Finding.of(
                FindingKind.SQUARE_CENTRE,
                half.label(),
                off <= SQUARE ? Finding.Status.OK : Finding.Status.FAULT,
                off,
                SQUARE,
                Sentence.of("Neck at the centre, " + half.label().toLowerCase(Locale.ROOT) + ": "
                        + Math.round(off * 10) / 10.0 + "° off square."));
    }

    private static Finding crossing(BlockDrawing drawing, Half half) {
        int crossings = Shape.crossing(drawing.closed(half).flattened(FLAT)).isPresent() ? 1 : 0;
        return new Finding(
                FindingKind.CROSSING,
                half.label(),
                crossings == 0 ? Finding.Status.OK : Finding.Status.FAULT,
                crossings,
                0,
                crossings == 0
                        ? Sentence.of("{}: the outline does not cross itself.", half.label())
                        : Sentence.of(
                                "{}: the outline crosses itself. Look at {}, {}, the lengths, and the options of the armhole.",
                                half.label(),
                                MeasurementKey.SHOULDER_WIDTH,
                                MeasurementKey.BUST),
                Optional.empty());
    }
}
