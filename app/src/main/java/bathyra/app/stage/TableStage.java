package bathyra.app.stage;

import bathyra.app.reckoning.Card;
import bathyra.app.table.Drawing;
import bathyra.app.table.Table;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;

/**
 * A stage with the cutter's table in the middle, a strip below it and the reckoning beside it. It shows the draft of the
 * workshop while it is on the screen, says when that is an older one, and teaches what to do when there is none yet.
 */
public abstract class TableStage extends BorderPane {
    protected final Workshop workshop;
    protected final Table table;
    protected final Card card = new Card();
    private final Label kept = new Label("The last good draft is shown: the present figures give none");
    private final StackPane frame;
    private long shownId = -1;

    protected TableStage(Workshop workshop, String tableId, String tableName) {
        this.workshop = workshop;
        this.table = new Table(workshop::unit);
        card.onRule(rule -> workshop.whereabouts().ruleProperty().set(Optional.of(rule)));
        table.setId(tableId);
        table.setAccessibleText(tableName);
        kept.getStyleClass().add("kept-draft");
        kept.setVisible(false);
        frame = new StackPane(table, kept);
        frame.setMinWidth(0);
        StackPane.setAlignment(kept, Pos.TOP_CENTER);
        StackPane.setMargin(kept, new Insets(34, 0, 0, 0));
        setRight(Scroll.filling(card));
    }

    /** Puts the strip under the table, and slips on the table; then shows what there is. */
    protected void arrange(Node strip, List<? extends Node> slips) {
        frame.getChildren().addAll(slips);
        setCenter(new BorderPane(frame, null, null, strip, null));
        workshop.showing().whileShown(this, this::show);
        show();
    }

    /** Lays a drawing on the table; the view moves only when another commission is taken in hand. */
    protected void lay(Drawing drawing) {
        table.lay(drawing);
        if (shownId != workshop.id()) {
            shownId = workshop.id();
            table.fit();
        }
    }

    protected final void show() {
        kept.setVisible(isKept());
        if (hasDrawing()) {
            showDraft();
        } else if (workshop.isDrafting()) {
            card.begin("Drafting …");
        } else {
            table.clear();
            showNothing();
        }
        card.end();
    }

    /** Whether there is something to lay on the table. */
    protected boolean hasDrawing() {
        return workshop.draft().isPresent();
    }

    /** Whether what lies there is older than the figures. */
    protected boolean isKept() {
        return workshop.refusal().isPresent() && workshop.draft().isPresent();
    }

    /** Shows what lies on the table, which there is. */
    protected abstract void showDraft();

    /** Teaches what this stage is for when there is no draft yet. */
    protected abstract void showNothing();

    /** The empty state: what the stage is for and one button to begin. */
    protected void teach(String title, String words) {
        card.begin(title);
        card.words(words);
        Button go = new Button("Go to Measure");
        go.getStyleClass().add("primary");
        go.setOnAction(e -> workshop.whereabouts().stageProperty().set(Stage.MEASURE));
        card.add(go);
    }
}
