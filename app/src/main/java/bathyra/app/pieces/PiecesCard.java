package bathyra.app.pieces;

/** What the card of the Pieces stage is turned to. */
enum PiecesCard {
    CHECKS("Checks"),
    EDGE("Edge"),
    LAYERS("Layers"),
    ORDER("Order"),
    PRINT("Print");

    private final String label;

    PiecesCard(String label) {
        this.label = label;
    }

    String label() {
        return label;
    }
}
