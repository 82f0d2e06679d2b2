package bathyra.app.craft;

import bathyra.app.craft.CraftText.Block;
import bathyra.app.craft.CraftText.Kind;
import bathyra.app.keyboard.PlaceKey;
import bathyra.app.stage.Scroll;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Bounds;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** The rules that the program follows, opened at one of them. Words can be looked for; Escape leads back to where one was. */
public final class CraftPage extends BorderPane {
    private static final String FOUND = "craft-found";
    /** How much of what stands before the found rule stays in view, pixels. */
    private static final double BEFORE = 60;

    private final CraftText text;
    private final List<Node> nodes = new ArrayList<>();
    private final VBox page = new VBox();
    private final Scroll scroll = Scroll.down(page);
    private final TextField search = new TextField();
    private int last = -1;

    /** The rules, opened at one of them. @param back leads back to where one was */
    public static CraftPage rules(CraftText text, Rule rule, Runnable back) {
        CraftPage page = new CraftPage("craft", "The rules that the program follows", text, back);
        text.find(rule).ifPresent(page::show);
        return page;
    }

    /** The guide. @param back closes it */
    public static CraftPage guide(Runnable back) {
        return new CraftPage("guide", "Guide", CraftText.guide(), back);
    }

    /** Opens it at a heading, if there is one of these words. */
    public void open(String heading) {
        text.heading(heading).ifPresent(this::show);
    }

    private CraftPage(String id, String title, CraftText text, Runnable back) {
        this.text = text;
        setId(id);
        getStyleClass().add("craft");
        page.getStyleClass().add("craft-page");
        for (Block block : text.blocks()) {
            Node node = node(block);
            nodes.add(node);
            page.getChildren().add(node);
        }
        scroll.setFocusTraversable(true);
        scroll.setId(id + "-scroll");
        setTop(bar(id, title, back));
        setCenter(scroll);
        addEventHandler(javafx.scene.input.KeyEvent.KEY_PRESSED, e -> {
            if (PlaceKey.CLOSE.isPressed(e)) {
                back.run();
                e.consume();
            }
        });
    }

    private HBox bar(String id, String title, Runnable back) {
        Button close = new Button(id.equals("guide") ? "Close" : "Back");
        close.setId(id + "-back");
        close.getStyleClass().add("primary");
        close.setOnAction(e -> back.run());
        Label name = new Label(title);
        name.getStyleClass().add("section-head");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        search.setId(id + "-search");
        search.setPromptText("Look for a word");
        search.setAccessibleText("Look for a word here; Enter goes on to the next place");
        search.setOnAction(e -> next());
        HBox bar = new HBox(close, name, space, search);
        bar.getStyleClass().add("craft-bar");
        return bar;
    }

    private void next() {
        String wanted = search.getText().strip().toLowerCase(Locale.ROOT);
        for (int i = 1; i <= nodes.size() && !wanted.isEmpty(); i++) {
            int at = Math.floorMod(last + i, nodes.size());
            if (text.blocks().get(at).words().toLowerCase(Locale.ROOT).contains(wanted)) {
                show(at);
                return;
            }
        }
    }

    /** Brings a block into view and marks it. */
    private void show(int index) {
        if (last >= 0) {
            nodes.get(last).getStyleClass().remove(FOUND);
        }
        last = index;
        Node node = nodes.get(index);
        node.getStyleClass().add(FOUND);
        if (getScene() != null) {
            reveal(node);
        }
    }

    @Override
    protected void layoutChildren() {
        boolean first = scroll.getViewportBounds().getHeight() <= 0;
        super.layoutChildren();
        if (first && last >= 0) {
            // Where it lies is known once the page has been laid out.
            applyCss();
            scroll.layout();
            page.layout();
            reveal(nodes.get(last));
        }
    }

    private void reveal(Node node) {
        Bounds at = node.getBoundsInParent();
        double hidden = page.getHeight() - scroll.getViewportBounds().getHeight();
        if (hidden > 0) {
            scroll.setVvalue(Math.max(0, Math.min(1, (at.getMinY() - BEFORE) / hidden)));
        }
    }

    private static Node node(Block block) {
        if (block.kind() == Kind.ROW || block.kind() == Kind.HEAD_ROW) {
            HBox row = new HBox();
            row.getStyleClass().add(block.kind() == Kind.ROW ? "craft-row" : "craft-head-row");
            for (int i = 0; i < block.cells().size(); i++) {
                TextFlow cell = flow(block.cells().get(i));
                cell.getStyleClass().add(i == 0 ? "craft-first-cell" : "craft-cell");
                row.getChildren().add(cell);
            }
            return row;
        }
        TextFlow flow = flow(block.cells().get(0));
        if (block.kind() == Kind.ITEM) {
            Text dot = new Text("•  ");
            dot.getStyleClass().add("craft-text");
            flow.getChildren().add(0, dot);
        }
        flow.getStyleClass()
                .add(
                        switch (block.kind()) {
                            case TITLE -> "craft-title";
                            case SECTION -> "craft-section";
                            case SUBSECTION -> "craft-subsection";
                            case ITEM -> "craft-item";
                            default -> "craft-words";
                        });
        return flow;
    }

    private static TextFlow flow(List<CraftText.Span> spans) {
        TextFlow flow = new TextFlow();
        StringBuilder all = new StringBuilder();
        for (CraftText.Span span : spans) {
            Text words = new Text(span.words());
            words.getStyleClass().add(span.strong() ? "craft-rule" : "craft-text");
            flow.getChildren().add(words);
            all.append(span.words());
        }
        flow.setAccessibleRole(AccessibleRole.TEXT);
        flow.setAccessibleText(all.toString());
        return flow;
    }
}
