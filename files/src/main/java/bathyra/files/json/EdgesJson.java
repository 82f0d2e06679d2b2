package bathyra.files.json;

import bathyra.garment.Bust;
import bathyra.garment.Choice;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.ContourWedge;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The bust and the upper edge inside a commission document: {@code upperEdge}, {@code cups} and {@code contour}. */
final class EdgesJson {
    private static final List<String> UPPER = List.of("shape", "cover", "yoke", "yokeInFrontOnly", "keyhole", "sleeve");

    private EdgesJson() {}

    static Top top(Fields upper, GarmentKind kind) {
        upper.only(UPPER);
        Cover cover = GarmentJson.choice(upper, "cover", Cover.class, Cover.STRAPLESS);
        if (kind.isPanelled() && cover != Cover.STRAPLESS) {
            upper.fault("cover", "is " + cover.id() + ", and a corset is drafted without shoulders", "strapless");
            cover = Cover.STRAPLESS;
        }
        boolean yoke = upper.truth("yoke").orElse(false);
        boolean keyhole = upper.truth("keyhole").orElse(false);
        if (yoke && !cover.hasShoulder()) {
            upper.fault(
                    "yoke",
                    "is true, and " + cover.id() + " has no shoulder that it could reach",
                    "false, or the cover shoulders or halter");
        }
        if (keyhole && !yoke) {
            upper.fault("keyhole", "is true, and there is no yoke for it", "false, or a yoke");
        }
        if (cover == Cover.STRAPLESS && upper.has("sleeve")) {
            upper.fault(
                    "sleeve",
                    "is given, and a strapless edge has nothing round the arm",
                    "leave it out, or the cover off-shoulder");
        }
        boolean inFrontOnly = upper.truth("yokeInFrontOnly").orElse(false);
        if (inFrontOnly && !yoke) {
            upper.fault("yokeInFrontOnly", "is true, and there is no yoke", "false, or a yoke");
        }
        Sleeve sleeve = GarmentJson.choice(upper, "sleeve", Sleeve.class, Sleeve.BAND);
        if (sleeve == Sleeve.SET_IN && cover != Cover.SHOULDERS) {
            upper.fault("sleeve", "is set-in, and " + cover.id() + " has no armhole for it", "the cover shoulders");
            sleeve = Sleeve.BAND;
        }
        return new Top(cover, yoke, inFrontOnly, keyhole, sleeve);
    }

    static UpperShape shape(Fields upper, GarmentKind kind, Cover cover) {
        UpperShape standard = UpperShape.STRAIGHT.under(cover);
        UpperShape shape = GarmentJson.choice(upper, "shape", UpperShape.class, standard);
        if (!kind.isOverBust() && shape != UpperShape.STRAIGHT) {
            upper.fault("shape", "is " + shape.id() + ", and an underbust corset ends below the bust", "straight");
        } else if (!shape.fits(cover)) {
            upper.fault(
                    "shape",
                    "is " + shape.id() + ", which does not go with " + cover.id(),
                    String.join(
                            " or ",
                            UpperShape.fitting(cover).stream().map(Choice::id).toList()));
        }
        return shape;
    }

    static Bust bust(Fields fields, GarmentKind kind, LengthUnit unit) {
        CupKind cups = GarmentJson.choice(fields, "cups", CupKind.class, CupKind.PRINCESS);
        Fields contour = fields.object("contour");
        contour.only(Arrays.stream(ContourWedge.values()).map(ContourWedge::id).toList());
        Map<ContourWedge, Length> wedges = new EnumMap<>(ContourWedge.class);
        for (ContourWedge wedge : ContourWedge.values()) {
            contour.length(wedge.id(), unit).ifPresent(l -> {
                GarmentJson.within(contour, wedge.id(), l, Length.mm(0), ContourWedge.MOST, unit);
                wedges.put(wedge, l);
            });
        }
        if (!kind.isOverBust() && (cups != CupKind.PRINCESS || !wedges.isEmpty())) {
            fields.fault(
                    cups != CupKind.PRINCESS ? "cups" : "contour",
                    "is given, and an underbust corset ends below the bust",
                    "leave it out");
        }
        boolean wired = fields.truth("wired").orElse(false);
        if (wired && !cups.isCut()) {
            fields.fault(
                    "wired", "is true, and princess cups have no seam under the bust for a wire", "false, or cut cups");
        }
        return new Bust(cups, wedges, wired && cups.isCut());
    }

    /** What is not as it starts is written. */
    static void write(ObjectNode out, Garment garment, LengthUnit unit) {
        ObjectNode upper =
                out.putObject("upperEdge").put("shape", garment.upperEdge().id());
        Top top = garment.top();
        if (top.cover() != Cover.STRAPLESS) {
            upper.put("cover", top.cover().id())
                    .put("yoke", top.yoke())
                    .put("keyhole", top.keyhole())
                    .put("sleeve", top.sleeve().id());
            if (top.inFrontOnly()) {
                upper.put("yokeInFrontOnly", true);
            }
        }
        if (garment.bust().cups() != CupKind.PRINCESS) {
            out.put("cups", garment.bust().cups().id());
            if (garment.bust().wired()) {
                out.put("wired", true);
            }
        }
        if (!garment.bust().wedges().isEmpty()) {
            ObjectNode contour = out.putObject("contour");
            new TreeMap<>(garment.bust().wedges())
                    .forEach((wedge, l) -> CommissionJson.put(contour, wedge.id(), l, unit));
        }
    }
}
