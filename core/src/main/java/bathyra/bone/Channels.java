package bathyra.bone;

import bathyra.cutting.Finishing;
import bathyra.draft.Draft;
import bathyra.garment.BoneKind;
import bathyra.garment.Boning;
import bathyra.garment.Boning.PanelBone;
import bathyra.garment.Boning.Stop;
import bathyra.garment.Closure;
import bathyra.garment.Cover;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.EdgeRole;
import bathyra.piece.Mark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Places channels on the finished pieces: by rule, and as the cutter says (C13). */
final class Channels {
    private static final Rule LENGTHS = Rule.of("C13", "cut length");
    private static final Rule WIDTH = Rule.of("C13", "width 5, 7 or 10");
    /** A channel is wider than its bone by the room that it needs to slide in. */
    static final double EASE = 3;

    private static final double BOUND = 6;
    private static final double TURNED = 10;
    private static final double STEP = 5;
    /** A line that leaves its chord by more than this curves sideways; flat steel would buckle. The figure is the program's own. */
    private static final double STRAIGHT = 3;
    /** Beside a zip its teeth and tape need room. */
    private static final double ZIP = 14;
    /** Beside a busk its width needs room. */
    private static final double BUSK = 18;

    private static final String INSIDE_EYELETS = "lacing-inner";
    private static final double ON_EDGE = 1;
    private static final double FOUND = 0.05;

    private final Draft draft;
    private final Pattern pattern;
    private final Garment garment;
    private final Boning boning;
    private final Part part;
    private final List<Panel> panels;
    private final List<Channel> channels = new ArrayList<>();

    Channels(Draft draft, Part part) {
        this.draft = draft;
        this.pattern = draft.pattern();
        this.garment = draft.commission().garment();
        this.boning = garment.boning();
        this.part = part;
        this.panels = Panel.of(pattern);
    }

    /** How wide the bones are. */
    static Reckoned boneWidth(Garment garment) {
        return Given.option(
                "Bone width",
                garment.boning().boneWidth().millimetres(),
                Quantity.LENGTH,
                garment.boning().width().isPresent() ? "yours" : "rule",
                WIDTH);
    }

    /** How wide a channel for such a bone is, mm. */
    static double channelWidth(Garment garment) {
        return boneWidth(garment).value() + EASE;
    }

    /** Those on seams, at the closings and at the centre; then as many inside the panels as the reduction asks; then the cutter's own. */
    List<Channel> placed() {
        onSeams();
        atTheFront();
        behind();
        clearOfTheEyelets();
        PanelRoom room = new PanelRoom(panels, channelWidth(garment));
        // The rule's first bones stand on seams; where one would carry too much, the panel beside it takes another.
        for (PanelBone bone : PanelRule.of(draft, panels, channels, channelWidth(garment))) {
            if (!boning.without().contains(bone.id())
                    && boning.panels().stream().noneMatch(own -> own.id().equals(bone.id()))) {
                room.nearest(bone, channels).ifPresent(b -> inPanel(b, false));
            }
        }
        boning.panels().forEach(bone -> inPanel(bone, true));
        channels.sort((a, b) -> Double.compare(x(a), x(b)));
        return channels;
    }

    /** How far a channel stands from centre front on the sheet of the half, for their order. */
    private static double x(Channel channel) {
        Path path = channel.runs().get(0).path();
        return path.at(path.length() / 2).point().x();
    }

    /** Nothing is cased on a dart, nor where a dart lies on the garment that is sewn. */
    private boolean isDart(OutlineEdge edge) {
        return garment.isDartedBehind() && edge.role() == EdgeRole.PRINCESS_BACK;
    }

    private void onSeams() {
        for (SeamJoin seam : pattern.seams()) {
            boolean body = panels.stream()
                            .anyMatch(p -> p.piece().id().equals(seam.a().piece()))
                    && panels.stream()
                            .anyMatch(p -> p.piece().id().equals(seam.b().piece()));
            OutlineEdge edge = pattern.edge(seam.a());
            if (!body
                    || seam.a().equals(seam.b())
                    || isDart(edge)
                    || !isUpright(edge.path())
                    || garment.fastening().closure() == Closure.SIDE_ZIP && Finishing.use(edge) == EdgeUse.SIDE) {
                continue;
            }
            SeamPair pair = SeamPair.of(pattern, seam);
            Piece piece = pattern.piece(seam.a().piece());
            String id = "on-" + seam.a().edge();
            Stop stop = boning.stops()
                    .getOrDefault(
                            id,
                            new Stop(
                                    Length.mm(Math.max(belowTheBust(piece, pair.a()), belowTheArm(piece, pair.a()))),
                                    Length.mm(0)));
            double above = Math.min(stop.above().millimetres(), pair.totalA());
            double below = Math.min(stop.below().millimetres(), pair.totalA() - above);
            if (pair.totalA() - above - below < STEP) {
                continue;
            }
            // Both edges run down. Of the piece nearer centre front what lies to the right of its edge as it runs is
            // inside, of its partner what lies to the left.
            List<Channel.Run> runs = List.of(
                    new Channel.Run(seam.a().piece(), pair.a().between(above, pair.totalA() - below), 1),
                    new Channel.Run(
                            seam.b().piece(),
                            pair.b().between(Math.min(above, pair.totalB() - STEP), pair.totalB() - below),
                            -1));
            add(
                    id,
                    seam.name() + " seam",
                    Channel.Place.SEAM,
                    runs,
                    2,
                    above,
                    below,
                    boning.stops().containsKey(id));
        }
    }

    private static boolean isUpright(Path path) {
        return Math.abs(path.end().y() - path.start().y())
                > Math.abs(path.end().x() - path.start().x());
    }

    /** Where a seam runs over the apex its bone stops below the circle of the bust: nothing stiff lies over the fullest point. */
    private double belowTheBust(Piece piece, Path edge) {
        Optional<Point> apex = piece.marks().stream()
                .filter(m -> m.kind() == Mark.Kind.APEX && edge.isNear(m.at(), ON_EDGE))
                .map(Mark::at)
                .findFirst();
        if (apex.isEmpty()) {
            return 0;
        }
        double radius = draft.block().bustRadius().value();
        // Below the apex a seam only goes away from it: the place is found by halving.
        double within = edge.nearest(apex.get()).arc();
        double beyond = edge.length();
        if (edge.end().distance(apex.get()) < radius) {
            return beyond;
        }
        while (beyond - within > FOUND) {
            double middle = (within + beyond) / 2;
            if (edge.at(middle).point().distance(apex.get()) < radius) {
                within = middle;
            } else {
                beyond = middle;
            }
        }
        return beyond;
    }

    /** A garment that goes on to the shoulder holds up by itself there: its bones end at the upper line. How far down an edge that lies, mm. */
    private double belowTheArm(Piece piece, Path path) {
        if (garment.top().cover() == Cover.STRAPLESS
                || piece.mark(Level.UPPER.id()).isEmpty()) {
            return 0;
        }
        Point from = piece.mark(Level.UPPER.id()).get().from();
        Point to = piece.mark(Level.UPPER.id()).get().to();
        double arc = 0;
        while (arc < path.length() && from.to(to).cross(from.to(path.at(arc).point())) < 0) {
            arc += 1;
        }
        return arc >= path.length() ? 0 : arc;
    }

    private void atTheFront() {
        if (panels.isEmpty()) {
            return;
        }
        Panel first = panels.get(0);
        if (garment.fastening().closure().opensInFront()) {
            first.beside(true, BUSK + channelWidth(garment) / 2)
                    .ifPresent(path -> add(
                            "beside-busk",
                            "Beside the busk",
                            Channel.Place.CENTRE_FRONT,
                            List.of(new Channel.Run(first.piece().id(), path, 0)),
                            2,
                            0,
                            0,
                            false));
        } else if (part != Part.RIGHT
                && first.piece().outline().stream()
                        .anyMatch(e -> Finishing.use(e) == EdgeUse.FOLD || e.kind() == OutlineEdge.Kind.FOLD)) {
            add(
                    "centre-front",
                    "Centre front",
                    Channel.Place.CENTRE_FRONT,
                    List.of(new Channel.Run(first.piece().id(), first.left(), -1)),
                    1,
                    0,
                    0,
                    false);
        }
    }

    private void behind() {
        if (panels.isEmpty()) {
            return;
        }
        Panel last = panels.get(panels.size() - 1);
        double width = channelWidth(garment);
        if (garment.fastening().closure().isLaced()) {
            LacingEdge edge = LacingEdge.of(garment);
            last.beside(false, edge.outer())
                    .ifPresent(path -> add(
                            "lacing-outer",
                            "Lacing, at the edge",
                            Channel.Place.LACING,
                            List.of(new Channel.Run(last.piece().id(), path, 0)),
                            2,
                            0,
                            0,
                            false));
            last.beside(false, edge.inner())
                    .ifPresent(path -> add(
                            INSIDE_EYELETS,
                            "Lacing, inside the eyelets",
                            Channel.Place.LACING,
                            List.of(new Channel.Run(last.piece().id(), path, 0)),
                            2,
                            0,
                            0,
                            false));
        } else if (garment.fastening().closure() == Closure.BACK_ZIP) {
            last.beside(false, ZIP + width / 2)
                    .ifPresent(path -> add(
                            "beside-zip",
                            "Beside the zip",
                            Channel.Place.BESIDE_ZIP,
                            List.of(new Channel.Run(last.piece().id(), path, 0)),
                            2,
                            0,
                            0,
                            false));
        }
    }

    /** Where the last panel is too narrow for two, the bone inside the eyelets does the work of the one on its seam, unless the cutter has set that one. */
    private void clearOfTheEyelets() {
        channels.stream()
                .filter(c -> c.id().equals(INSIDE_EYELETS))
                .findFirst()
                .ifPresent(inner -> channels.removeIf(seam -> seam.place() == Channel.Place.SEAM
                        && !boning.stops().containsKey(seam.id())
                        && BoneChecks.tooNear(seam, inner).isPresent()));
    }

    private void inPanel(PanelBone bone, boolean byHand) {
        panels.stream()
                .filter(p -> p.piece().id().equals(bone.piece()))
                .findFirst()
                .flatMap(p -> p.line(bone.share()))
                .ifPresent(path -> {
                    String name = pattern.piece(bone.piece()).name();
                    add(
                            bone.id(),
                            "In the " + name.toLowerCase(Locale.ROOT),
                            Channel.Place.PANEL,
                            List.of(new Channel.Run(bone.piece(), path, 0)),
                            2,
                            0,
                            0,
                            byHand);
                });
    }

    /** @param above how far below the upper edge the first run begins, so far as the run itself is cut off already; the same for below */
    private void add(
            String id,
            String label,
            Channel.Place place,
            List<Channel.Run> whole,
            int count,
            double above,
            double below,
            boolean byHand) {
        if (boning.without().contains(id)) {
            return;
        }
        List<Channel.Run> runs = whole.stream().map(this::boned).toList();
        double top = above;
        double bottom = below;
        Stop stop = boning.stops().get(id);
        Path path = runs.get(0).path();
        double arm = place == Channel.Place.SEAM
                ? 0
                : belowTheArm(pattern.piece(whole.get(0).piece()), path);
        if (place != Channel.Place.SEAM && (stop != null || arm > 0)) {
            top = stop != null ? stop.above().millimetres() : arm;
            bottom = stop != null ? stop.below().millimetres() : 0;
            if (path.length() - top - bottom < STEP) {
                return;
            }
            runs = List.of(new Channel.Run(
                    whole.get(0).piece(),
                    path.between(top, path.length() - bottom),
                    whole.get(0).half()));
        }
        Reckoned finished = Given.option(
                "Finished channel", runs.get(0).path().length(), Quantity.LENGTH, "measured on the pieces", LENGTHS);
        Reckoned cut = finished.minus(clearance("Clearance above", EdgeUse.UPPER_EDGE, top > 0))
                .minus(clearance("Clearance below", EdgeUse.LOWER_EDGE, bottom > 0))
                .atLeast(0)
                .named("Room for the bone", LENGTHS)
                .roundedDown(STEP)
                .named("Bone, cut", LENGTHS);
        int times = part == Part.WHOLE ? count : 1;
        channels.add(new Channel(
                id,
                label,
                place,
                runs,
                channelWidth(garment),
                kind(id, runs),
                times,
                finished,
                cut,
                byHand || stop != null));
    }

    /** Bound edges are stitched close, turned ones take up more; an end inside the panel is stitched across. */
    private Reckoned clearance(String name, EdgeUse edge, boolean insidePanel) {
        boolean bound = insidePanel || garment.allowance(edge).millimetres() == 0;
        return Given.option(
                name,
                bound ? BOUND : TURNED,
                Quantity.LENGTH,
                insidePanel ? "ends inside the panel" : bound ? "edge bound" : "edge turned",
                LENGTHS);
    }

    private BoneKind kind(String id, List<Channel.Run> runs) {
        BoneKind own = boning.kinds().get(id);
        if (own != null) {
            return own;
        }
        if (garment.kind() == GarmentKind.BUSTIER
                && !garment.fastening().closure().isLaced()) {
            return BoneKind.SYNTHETIC;
        }
        return runs.stream().mapToDouble(r -> sag(r.path())).max().orElse(0) > STRAIGHT
                ? BoneKind.SPIRAL_STEEL
                : BoneKind.FLAT_STEEL;
    }

    private Channel.Run boned(Channel.Run run) {
        return new Channel.Run(run.piece(), BonedPart.of(garment, pattern.piece(run.piece()), run.path()), run.half());
    }

    /** How far a line leaves its chord at the most, mm. */
    static double sag(Path path) {
        Point from = path.start();
        Point to = path.end();
        double chord = from.distance(to);
        return path.flattened(0.2).stream()
                .mapToDouble(p -> Math.abs(from.to(p).cross(from.to(to))) / chord)
                .max()
                .orElse(0);
    }

    /** Every level line of the half in one row, for the support: the pieces and where each begins, mm from centre front. */
    static Map<String, Double> beginnings(Pattern pattern, Level level) {
        Map<String, Double> at = new LinkedHashMap<>();
        double run = 0;
        for (Piece piece : pattern.pieces()) {
            if (piece.mark(level.id()).isPresent()) {
                at.put(piece.id(), run);
                run += piece.mark(level.id()).get().length();
            }
        }
        return at;
    }
}
