package bathyra.files.json;

import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Side;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What fittings found and the draft follows, inside a commission document: {@code adjustments} (C15.4). */
final class AdjustmentsJson {
    static final String FIELD = "adjustments";
    private static final Length MOST = Length.mm(400);
    private static final Length REACH_LEAST = Length.mm(10);
    private static final Length REACH_MOST = Length.mm(400);
    private static final Length FARTHEST = Length.mm(600);

    /** The kinds of change by their words. */
    private enum Kind {
        FIGURE("figure"),
        GIRTH("girth"),
        CLOTH("cloth"),
        SHARE("side-seam"),
        PINCH("pinch"),
        PINCH_BETWEEN("pinch-between"),
        EDGE("edge"),
        WEDGE("wedge"),
        DRAWN("drawn-edge"),
        FOLD("fold");

        private final String id;

        Kind(String id) {
            this.id = id;
        }
    }

    private AdjustmentsJson() {}

    static List<Adjustment> read(Fields root, LengthUnit unit) {
        List<Adjustment> all = new ArrayList<>();
        for (Fields each : root.objects(FIELD)) {
            each.only(List.of(
                    "fitting",
                    "mark",
                    "side",
                    "kind",
                    "by",
                    "was",
                    "on",
                    "measurement",
                    "level",
                    "seam",
                    "above",
                    "upper",
                    "place",
                    "reach",
                    "behind",
                    "wedge",
                    "edge"));
            Optional<Change> change = change(each, unit);
            change.ifPresent(c -> all.add(new Adjustment(
                    each.whole("fitting").orElse(0),
                    each.whole("mark").orElse(0),
                    FittingsJson.choice(each, "side", Side.values(), Side::id, Side.BOTH),
                    c,
                    each.length("was", unit),
                    each.truth("on").orElse(true))));
        }
        if (all.size() > Adjustment.COUNT_MOST) {
            root.fault(FIELD, "has " + all.size() + " lines", Adjustment.COUNT_MOST + " at the most");
        }
        return all;
    }

    private static Optional<Change> change(Fields each, LengthUnit unit) {
        Optional<String> text = each.text("kind");
        Optional<Kind> kind = text.flatMap(
                t -> Arrays.stream(Kind.values()).filter(k -> k.id.equals(t)).findFirst());
        if (kind.isEmpty()) {
            each.fault(
                    "kind",
                    text.map(t -> "is " + t).orElse("is missing"),
                    String.join(
                            " or ", Arrays.stream(Kind.values()).map(k -> k.id).toList()));
            return Optional.empty();
        }
        Length by = length(each, "by", negative(MOST), MOST, unit).orElse(Length.mm(0));
        return switch (kind.get()) {
            case FIGURE -> measurement(each).map(key -> new Change.Figure(key, by));
            case GIRTH -> level(each).map(level -> new Change.Girth(level, by));
            case CLOTH -> level(each).map(level -> new Change.Cloth(level, by));
            case SHARE -> level(each).map(level -> new Change.Share(level, by));
            case PINCH ->
                level(each).flatMap(level -> seam(each).map(seam -> new Change.Pinch(new Cell(level, seam), by)));
            case PINCH_BETWEEN ->
                seam(each).flatMap(seam -> length(each, "above", negative(FARTHEST), FARTHEST, unit)
                        .map(above -> new Change.PinchBetween(seam, above, by)));
            case EDGE ->
                length(each, "reach", REACH_LEAST, REACH_MOST, unit)
                        .map(reach -> new Change.Edge(each.truth("upper").orElse(true), place(each), reach, by));
            case WEDGE -> wedge(each).map(wedge -> new Change.Wedge(wedge, by));
            case DRAWN -> drawn(each).map(edge -> new Change.Drawn(edge, by));
            case FOLD ->
                level(each).map(level -> new Change.Fold(each.truth("behind").orElse(true), level, by));
        };
    }

    private static Length negative(Length length) {
        return Length.mm(-length.millimetres());
    }

    private static Optional<Length> length(Fields each, String key, Length least, Length most, LengthUnit unit) {
        Optional<Length> length = each.length(key, unit);
        length.ifPresentOrElse(
                l -> GarmentJson.within(each, key, l, least, most, unit),
                () -> each.fault(key, "is missing", GarmentJson.range(least, most, unit)));
        return length;
    }

    private static Optional<DrawnEdge> drawn(Fields each) {
        Optional<DrawnEdge> edge = each.text("edge").flatMap(DrawnEdge::ofId);
        if (edge.isEmpty()) {
            each.fault(
                    "edge",
                    "is none of the known",
                    String.join(
                            ", ",
                            Arrays.stream(DrawnEdge.values()).map(DrawnEdge::id).toList()));
        }
        return edge;
    }

    private static Optional<ContourWedge> wedge(Fields each) {
        Optional<ContourWedge> wedge = each.text("wedge").flatMap(ContourWedge::ofId);
        if (wedge.isEmpty()) {
            each.fault(
                    "wedge",
                    "is none of the known",
                    String.join(
                            ", ",
                            Arrays.stream(ContourWedge.values())
                                    .map(ContourWedge::id)
                                    .toList()));
        }
        return wedge;
    }

    private static double place(Fields each) {
        double place = each.share("place").orElse(-1.0);
        if (!(place >= 0 && place <= 1)) {
            each.fault("place", "is missing or out of range", "0 at centre front to 1 at centre back");
        }
        return place;
    }

    private static Optional<MeasurementKey> measurement(Fields each) {
        Optional<MeasurementKey> key = each.text("measurement").flatMap(MeasurementKey::ofKey);
        if (key.isEmpty()) {
            each.fault("measurement", "is missing or unknown", "a measurement such as shoulderToApex");
        }
        return key;
    }

    private static Optional<Level> level(Fields each) {
        if (!each.has("level")) {
            each.fault("level", "is missing", "a level such as waist");
        }
        return FittingsJson.level(each, "level");
    }

    private static Optional<SeamPlace> seam(Fields each) {
        if (!each.has("seam")) {
            each.fault("seam", "is missing", "a seam such as side or front-2");
        }
        return FittingsJson.seam(each);
    }

    static void write(ObjectNode root, List<Adjustment> adjustments, LengthUnit unit) {
        if (adjustments.isEmpty()) {
            return;
        }
        ArrayNode all = root.putArray(FIELD);
        for (Adjustment each : adjustments) {
            ObjectNode out = all.addObject();
            out.put("fitting", each.fitting()).put("mark", each.mark());
            if (each.side() != Side.BOTH) {
                out.put("side", each.side().id());
            }
            write(out, each.change(), unit);
            CommissionJson.put(out, "by", each.change().by(), unit);
            each.was().ifPresent(was -> CommissionJson.put(out, "was", was, unit));
            if (!each.on()) {
                out.put("on", false);
            }
        }
    }

    private static void write(ObjectNode out, Change change, LengthUnit unit) {
        if (change instanceof Change.Figure figure) {
            out.put("kind", Kind.FIGURE.id).put("measurement", figure.key().key());
        } else if (change instanceof Change.Girth girth) {
            out.put("kind", Kind.GIRTH.id).put("level", girth.level().id());
        } else if (change instanceof Change.Cloth cloth) {
            out.put("kind", Kind.CLOTH.id).put("level", cloth.level().id());
        } else if (change instanceof Change.Share share) {
            out.put("kind", Kind.SHARE.id).put("level", share.level().id());
        } else if (change instanceof Change.Pinch pinch) {
            out.put("kind", Kind.PINCH.id)
                    .put("level", pinch.cell().level().id())
                    .put("seam", pinch.cell().seam().id());
        } else if (change instanceof Change.PinchBetween pinch) {
            out.put("kind", Kind.PINCH_BETWEEN.id).put("seam", pinch.seam().id());
            CommissionJson.put(out, "above", pinch.above(), unit);
        } else if (change instanceof Change.Edge edge) {
            out.put("kind", Kind.EDGE.id).put("upper", edge.upper()).put("place", edge.place());
            CommissionJson.put(out, "reach", edge.reach(), unit);
        } else if (change instanceof Change.Wedge wedge) {
            out.put("kind", Kind.WEDGE.id).put("wedge", wedge.wedge().id());
        } else if (change instanceof Change.Drawn drawn) {
            out.put("kind", Kind.DRAWN.id).put("edge", drawn.edge().id());
        } else if (change instanceof Change.Fold fold) {
            out.put("kind", Kind.FOLD.id)
                    .put("behind", fold.behind())
                    .put("level", fold.after().id());
        }
    }
}
