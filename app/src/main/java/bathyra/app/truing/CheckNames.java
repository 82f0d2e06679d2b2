package bathyra.app.truing;

import bathyra.finding.Finding;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What the checks are called on the screen, and what a group of them says in one sentence. */
public final class CheckNames {
    private CheckNames() {}

    public static String title(String id) {
        return switch (id) {
            case "seam-length" -> "Seams";
            case "cup-arc" -> "Cups";
            case "coverage" -> "Coverage";
            case "uneven-halves" -> "Two halves";
            case "side-seam" -> "Side seam";
            case "girth" -> "Girths";
            case "width-between" -> "Between levels";
            case "joined-edge" -> "Joined edges";
            case "square-centre" -> "Corners";
            case "straight-fold" -> "Folds";
            case "curvature" -> "Curves";
            case "panel-width" -> "Widths";
            case "crossing" -> "Crossings";
            case "fair-edge" -> "Fair edges";
            case "closed-outline" -> "Outlines";
            case "seated-length" -> "Centre front, lower edge";
            case "intake-cap" -> "Intake over its cap";
            case "intake-swing" -> "Intake swings";
            case "edge-lean" -> "Edge leans";
            case "spring" -> "Gives back";
            case "stretch" -> "Stretch test";
            case "channel-fit" -> "Channels in their panels";
            case "channel-clash" -> "Channels apart";
            case "channel-place" -> "Placed by hand";
            case "bone-support" -> "Support";
            case "bone-stock", "busk-stock" -> "Stock";
            case "busk-length" -> "Busk";
            case "eyelet-spacing" -> "Eyelets";
            case "lay" -> "Lay";
            case "allowance" -> "Allowances";
            case "upside-down" -> "Top and bottom";
            case "partner" -> "Partners";
            case "notch-partner" -> "Notches";
            case "outline" -> "Drawing";
            case "waist-reduction" -> "Waist reduction";
            case "no-lacing" -> "Not to be laced";
            case "edge-length" -> "Upper edge";
            case "no-effect" -> "Without effect";
            case "held-length" -> "Held back";
            default -> id;
        };
    }

    /** The finding nearest to its limit: the smallest where a least is asked, else the largest. */
    public static Finding worst(String id, List<Finding> findings) {
        Comparator<Finding> byValue = Comparator.comparingDouble(Finding::value);
        return id.equals("curvature") || id.equals("panel-width") ? findings.stream().min(byValue).orElseThrow() : findings.stream().max(byValue).orElseThrow();
    }

    public static String summary(String id, List<Finding> findings, LengthUnit unit) {
        int count = findings.size();
        Finding worst = worst(id, findings);
        String value = LengthText.fineFigure(Length.mm(worst.value()), LengthUnit.MM) + " mm";
        String limit = LengthText.fineFigure(Length.mm(worst.limit()), LengthUnit.MM) + " mm";
        String degrees = String.format(Locale.ROOT, "%.1f°", worst.value());
        return switch (id) {
            case "seam-length" -> "Alike to " + value + " between all marks; " + limit + " allowed.";
            case "girth" -> count + " levels as planned, to " + value + "; " + limit + " allowed.";
            case "joined-edge" -> "Straight on over each seam, within " + degrees + "; 5° allowed.";
            case "square-centre" -> "Centre front and back square, within " + degrees + "; 2° allowed.";
            case "width-between" -> count + " stretches run from level to level without bulging.";
            case "crossing" -> "No edge meets itself or a neighbour.";
            case "straight-fold" -> count == 1 ? "The fold is straight, to " + value + "." : count + " folds are straight, to " + value + ".";
            case "fair-edge" -> count + " pieces run fair.";
            case "closed-outline" -> count + " outlines closed.";
            case "allowance" -> "Every allowance of " + count + " pieces has room.";
            case "upside-down" -> count + " pieces can be told from their ends, or are marked.";
            case "partner" -> count + " sewn edges have their partner.";
            case "notch-partner" -> "On " + count + " seams every notch meets one.";
            case "held-length" -> findings.stream().map(f -> f.sentence().in(unit)).collect(Collectors.joining(" "));
            default -> worst.sentence().in(unit);
        };
    }
}
