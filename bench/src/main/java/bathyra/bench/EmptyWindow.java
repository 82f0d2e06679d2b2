package bathyra.bench;

import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;

/** The toolkit's empty window, closed after as many frames as the program's own start-up measurement waits for. */
public final class EmptyWindow {
    private EmptyWindow() {}

    /** Started by {@link EmptyWindow}, which is no application class, as the program is. */
    public static final class Shown extends Application {
        @Override
        public void start(Stage stage) {
            stage.setScene(new Scene(new Pane(), 1280, 800));
            stage.show();
            new AnimationTimer() {
                private int frames;

                @Override
                public void handle(long now) {
                    if (++frames == 3) {
                        stop();
                        Platform.exit();
                    }
                }
            }.start();
        }
    }

    public static void main(String[] arguments) {
        Application.launch(Shown.class);
    }
}
