package bathyra.app.output;

import static bathyra.app.output.OutputKind.*;

import bathyra.files.sheet.Paper;
import java.util.List;

/** Who receives what is put out, with what goes to them as a rule and what can go with it. */
public enum Receiver {
    TABLE(
            "My cutting table",
            "sheets to glue, cover, lists",
            Paper.A4,
            List.of(PATTERN),
            List.of(
                    PROJECT,
                    PAPER_MODEL,
                    FITTING_SHEET,
                    FIT_SHEET,
                    FORM_SHEETS,
                    FITTING_SLIPS,
                    OLD_OVER_NEW,
                    BLOCK_PIECES,
                    BLOCK_FULL,
                    BLOCK_HALF,
                    BLOCK_QUARTER)),
    PRINT_SHOP("The print shop", "off the roll, in one length", Paper.ROLL, List.of(PATTERN), List.of(CUTTING_LIST)),
    PLOTTER("The plotter", "pen and knife, 91 cm roll", Paper.ROLL, List.of(PLOT), List.of()),
    MAKER(
            "The maker",
            "plan, cuts, bones, lays",
            Paper.A4,
            List.of(JOB_CARD, CUTTING_LIST, SHOPPING, LAY_SVG),
            List.of(PATTERN, HANGER_LABEL, CALENDAR, PLAN_DOCUMENT, GIRTH_PLAN, SHEET_BLANK)),
    WEARER(
            "The wearer",
            "figures, care, bill",
            Paper.A4,
            List.of(SHEET_FILLED, CARE_SHEET, BILL_PDF),
            List.of(FITTING_RECORD, CALENDAR)),
    PROGRAM(
            "Another program",
            "outlines and figures",
            Paper.A4,
            List.of(DXF, SVG, JSON, MEASUREMENTS),
            List.of(
                    COMMISSION,
                    CUTTING_LIST,
                    GIRTH_PLAN,
                    SHOPPING,
                    BILL_CSV,
                    FITTING_CSV,
                    FIT_SVG,
                    FORM_OBJ,
                    PLAN_DOCUMENT,
                    BLOCK_DXF,
                    BLOCK_JSON)),
    OWN("A packet of my own", "from any of the parts", Paper.A4, List.of(PATTERN), List.of());

    private final String title;
    private final String words;
    private final Paper paper;
    private final List<OutputKind> usual;
    private final List<OutputKind> more;

    Receiver(String title, String words, Paper paper, List<OutputKind> usual, List<OutputKind> more) {
        this.title = title;
        this.words = words;
        this.paper = paper;
        this.usual = usual;
        this.more = more;
    }

    public String title() {
        return title;
    }

    public String words() {
        return words;
    }

    Paper paper() {
        return paper;
    }

    /** What goes to them as a rule. */
    List<OutputKind> usual() {
        return usual;
    }

    /** What can go to them, in the order in which it is put out. */
    public List<OutputKind> offered() {
        if (this == OWN) {
            return java.util.Arrays.stream(OutputKind.values())
                    .filter(kind -> kind != SEND)
                    .toList();
        }
        return java.util.stream.Stream.concat(usual.stream(), more.stream()).toList();
    }
}
