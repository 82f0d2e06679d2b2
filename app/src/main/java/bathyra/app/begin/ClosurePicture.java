package bathyra.app.begin;

import bathyra.garment.Closure;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/** How a garment is closed, as a small drawing: the two edges, and what holds them. */
final class ClosurePicture extends StackPane {
    private static final String EDGES = "M20 2 V38 M44 2 V38 ";
    private static final String ZIP =
            "M30 2 V38 M34 2 V38 M28 6 H36 M28 12 H36 M28 18 H36 M28 24 H36 M28 30 H36 M28 36 H36 ";
    private static final String LACING =
            "M20 5 L44 13 M44 5 L20 13 M20 13 L44 21 M44 13 L20 21 M20 21 L44 29 M44 21 L20 29 M20 29 L44 37 M44 29 L20 37 ";
    private static final String LOOPS =
            "M20 6 C38 2 38 12 20 9 M20 15 C38 11 38 21 20 18 M20 24 C38 20 38 30 20 27 M20 33 C38 29 38 39 20 36 M44 7 h1 M44 16 h1 M44 25 h1 M44 34 h1 ";
    private static final String BUSK =
            "M28 2 V38 M36 2 V38 M28 8 H33 M28 16 H33 M28 24 H33 M28 32 H33 M32 8 h3 M32 16 h3 M32 24 h3 M32 32 h3 ";

    ClosurePicture(Closure closure) {
        SVGPath path = new SVGPath();
        path.getStyleClass().add("sketch");
        path.setContent(
                switch (closure) {
                    case BACK_ZIP -> EDGES + ZIP;
                    case BACK_LACING -> EDGES + LACING;
                    case BACK_LOOPS -> EDGES + LOOPS;
                    case FRONT_BUSK -> EDGES + BUSK;
                    case SIDE_ZIP ->
                        "M8 2 C14 12 14 28 8 38 M50 2 C44 12 44 28 50 38 M46 8 h5 M45 14 h5 M44 20 h5 M45 26 h5 M46 32 h5 ";
                });
        setMinSize(64, 40);
        getChildren().add(path);
    }
}
