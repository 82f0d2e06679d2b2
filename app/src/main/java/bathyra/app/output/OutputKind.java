package bathyra.app.output;

/** What can be put out. */
public enum OutputKind {
    PDF_A4("PDF, A4 sheets", "pdf", Source.DRAFT),
    PDF_LETTER("PDF, letter sheets", "pdf", Source.DRAFT),
    PDF_A3("PDF, A3 sheets", "pdf", Source.DRAFT),
    PDF_A0("PDF, A0 sheets", "pdf", Source.DRAFT),
    PDF_ROLL("PDF, one length off a roll", "pdf", Source.DRAFT),
    SVG("SVG drawing", "svg", Source.DRAFT),
    DXF("DXF drawing", "dxf", Source.DRAFT),
    PLOT("Plotter file", "hpgl", Source.DRAFT),
    SEND("Send to the plotter", "", Source.DRAFT),
    JSON("Pattern document", "json", Source.DRAFT),
    CUTTING_LIST("Cutting list, CSV", "csv", Source.DRAFT),
    GIRTH_PLAN("Girth plan, CSV", "csv", Source.DRAFT),
    SHOPPING("Shopping list of bones, CSV", "csv", Source.DRAFT),
    LAY_SVG("Lays of all layers, SVG", "svg", Source.DRAFT),
    BILL_PDF("Bill, PDF", "pdf", Source.DRAFT),
    BILL_CSV("Bill, CSV", "csv", Source.DRAFT),
    PAPER_MODEL("Paper model of the cup, half size", "pdf", Source.DRAFT),
    BLOCK_FULL("Block with its steps, full size on A4", "pdf", Source.BLOCK),
    BLOCK_HALF("Block with its steps, half size", "pdf", Source.BLOCK),
    BLOCK_QUARTER("Block with its steps, quarter size", "pdf", Source.BLOCK),
    BLOCK_JSON("Block, pattern document", "json", Source.BLOCK),
    SHEET_BLANK("Measuring sheet, blank", "pdf", Source.FIGURES),
    SHEET_FILLED("Measuring sheet, filled", "pdf", Source.FIGURES),
    MEASUREMENTS("Measurements, CSV", "csv", Source.FIGURES),
    COMMISSION("Commission document", "bathyra.json", Source.FIGURES);

    /** What something is put out from. */
    enum Source {
        DRAFT,
        BLOCK,
        FIGURES
    }

    private final String label;
    private final String ending;
    private final Source source;

    OutputKind(String label, String ending, Source source) {
        this.label = label;
        this.ending = ending;
        this.source = source;
    }

    public String label() {
        return label;
    }

    String ending() {
        return ending;
    }

    Source source() {
        return source;
    }

    /** Whether it is cut out: a pattern at full size, with its layers. */
    boolean isPattern() {
        return ordinal() <= GIRTH_PLAN.ordinal();
    }

    /** Whether a new part of the menu begins with it. */
    public boolean beginsPart() {
        return this != PDF_A4
                && (this == SVG || this == JSON || this == SHOPPING || values()[ordinal() - 1].source != source);
    }
}
