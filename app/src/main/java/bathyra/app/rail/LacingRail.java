package bathyra.app.rail;

import bathyra.app.table.Ink;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.app.workshop.Showing.Subject;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import java.util.EnumMap;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.shape.StrokeLineCap;

/** The stages of the job as pairs of eyelets with a cord: tight when done, slack when to be looked at, unlaced when it cannot be. */
public final class LacingRail extends PaintedPane {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final double MIDDLE = 31;
    private static final double FIRST = 98;
    private static final double STEP_MOST = 64;
    /** What stands above the first eyelet and below the last. */
    private static final double ENDS = 140;
    /** So many steps the whole rail has. */
    private static final int STEPS = 11;

    /** Where the tabs begin, beside the eyelets. */
    private static final double BESIDE = 56;

    private enum Lacing {
        TIGHT(3),
        SLACK(8),
        UNLACED(13.5);

        private final double gap;

        Lacing(double gap) {
            this.gap = gap;
        }
    }

    private final Workshop workshop;
    private final Map<Stage, Button> tabs = new EnumMap<>(Stage.class);
    private final Map<Stage, Lacing> lacing = new EnumMap<>(Stage.class);

    public LacingRail(Workshop workshop) {
        this.workshop = workshop;
        getStyleClass().add("rail");
        Label wordmark = new Label("Bathyra");
        wordmark.getStyleClass().add("wordmark");
        wordmark.relocate(52, 14);
        getChildren().add(wordmark);
        for (Stage stage : Stage.values()) {
            Button tab = new Button();
            tab.setId("stage-" + stage.name().toLowerCase(java.util.Locale.ROOT));
            tab.getStyleClass().setAll("rail-stage");
            tab.setOnAction(e -> workshop.whereabouts().goTo(stage));
            tabs.put(stage, tab);
            getChildren().add(tab);
        }
        workshop.showing().on(this::show, Subject.COMMISSION);
        workshop.whereabouts().stageProperty().addListener((o, was, now) -> show());
        // While a page lies over them no stage is the one in view.
        workshop.whereabouts().overProperty().addListener((o, was, now) -> show());
        workshop.selection().rightHalfProperty().addListener((o, was, now) -> show());
        show();
    }

    private void show() {
        Map<Stage, Lacing> was = Map.copyOf(lacing);
        for (Stage stage : Stage.values()) {
            String why = workshop.isDrafting() && stage != Stage.MEASURE
                    ? ""
                    : workshop.progress().standing().at(stage);
            lacing.put(
                    stage,
                    stage != Stage.MEASURE && workshop.draft().isEmpty()
                            ? Lacing.UNLACED
                            : why.isEmpty() ? Lacing.TIGHT : Lacing.SLACK);
            Button tab = tabs.get(stage);
            String said = stage.label() + (why.isEmpty() ? "" : ", " + why);
            if (!said.equals(tab.getAccessibleText())) {
                tab.setGraphic(lines(stage, why, tab));
                tab.setAccessibleText(said);
            }
            tab.pseudoClassStateChanged(SELECTED, workshop.whereabouts().isAt(stage));
        }
        if (!was.equals(lacing)) {
            repaint();
        }
    }

    private static VBox lines(Stage stage, String why, Button tab) {
        Label name = new Label(stage.label());
        Label reason = new Label(why);
        reason.getStyleClass().add("why");
        name.textFillProperty().bind(tab.textFillProperty());
        name.fontProperty().bind(tab.fontProperty());
        VBox lines = why.isEmpty() ? new VBox(name) : new VBox(-2, name, reason);
        lines.setAlignment(Pos.CENTER_LEFT);
        return lines;
    }

    /** How far apart the stages stand: on a low screen closer. */
    private double step() {
        return Math.min(STEP_MOST, (getHeight() - ENDS) / STEPS);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        tabs.forEach((stage, tab) -> {
            double high = Math.min(tab.prefHeight(-1), step());
            tab.resizeRelocate(BESIDE, Math.rint(y(stage.ordinal()) - high / 2), tab.prefWidth(-1), high);
        });
    }

    @Override
    protected double computePrefWidth(double height) {
        return BESIDE + tabs.get(Stage.MEASURE).prefWidth(-1);
    }

    @Override
    protected double computeMinWidth(double height) {
        return computePrefWidth(height);
    }

    /** Half the opening at a height, one soft curve down the rail. */
    private double gap(double y) {
        double at = (y - FIRST) / step();
        int last = Stage.values().length - 1;
        double open = at > last + 0.4 ? Lacing.UNLACED.gap : 0;
        if (open > 0) {
            return lacing.get(Stage.values()[last]).gap
                    + (open - lacing.get(Stage.values()[last]).gap) * Math.min(1, (at - last - 0.4) * 1.2);
        }
        int above = (int) Math.max(0, Math.min(last, Math.floor(at)));
        int below = Math.min(last, above + 1);
        double share = Math.max(0, Math.min(1, at - above));
        share = share * share * (3 - 2 * share);
        return lacing.get(Stage.values()[above]).gap * (1 - share) + lacing.get(Stage.values()[below]).gap * share;
    }

    @Override
    protected void paint(Surface g) {
        if (getHeight() <= 0 || lacing.isEmpty()) {
            return;
        }
        double height = getHeight();
        g.setFill(palette().of(Ink.CLOTH));
        g.fillRect(0, 0, getWidth(), height);
        g.beginPath();
        for (double y = 0; y <= height; y += 4) {
            if (y == 0) {
                g.moveTo(MIDDLE - gap(y), y);
            } else {
                g.lineTo(MIDDLE - gap(y), y);
            }
        }
        for (double y = height; y >= 0; y -= 4) {
            g.lineTo(MIDDLE + gap(y), y);
        }
        g.closePath();
        g.setFill(palette().of(Ink.SEA_4));
        g.fill();
        g.setStroke(palette().of(Ink.CORD));
        g.setGlobalAlpha(0.28);
        g.setLineDashes(4, 3);
        g.setLineWidth(1);
        for (int side = -1; side <= 1; side += 2) {
            g.beginPath();
            for (double y = 0; y <= height; y += 6) {
                double x = MIDDLE + side * (gap(y) + 20);
                if (y == 0) {
                    g.moveTo(x, y);
                } else {
                    g.lineTo(x, y);
                }
            }
            g.stroke();
        }
        g.setGlobalAlpha(1);
        g.setLineDashes();
        cords(g);
        for (Stage stage : Stage.values()) {
            eyelets(g, stage);
        }
    }

    private double y(int index) {
        return FIRST + step() * index;
    }

    private double eyelet(int index) {
        return lacing.get(Stage.values()[index]).gap + 8;
    }

    private void cords(Surface g) {
        g.setLineCap(StrokeLineCap.ROUND);
        int laced = 0;
        while (laced < Stage.values().length && lacing.get(Stage.values()[laced]) != Lacing.UNLACED) {
            laced++;
        }
        if (laced == 0) {
            return;
        }
        cord(g, () -> g.strokeLine(MIDDLE - eyelet(0), y(0), MIDDLE + eyelet(0), y(0)));
        for (int i = 0; i + 1 < laced; i++) {
            int at = i;
            boolean slack =
                    lacing.get(Stage.values()[i]) == Lacing.SLACK || lacing.get(Stage.values()[i + 1]) == Lacing.SLACK;
            for (int side = 1; side >= -1; side -= 2) {
                int from = side;
                cord(
                        g,
                        () -> stretch(
                                g,
                                MIDDLE + from * eyelet(at),
                                y(at),
                                MIDDLE - from * eyelet(at + 1),
                                y(at + 1),
                                slack ? from * 15 : 0));
            }
        }
        int last = laced - 1;
        for (int side = -1; side <= 1; side += 2) {
            int from = side;
            double x = MIDDLE + from * eyelet(last);
            double drop = from < 0 ? 42 : 50;
            cord(g, () -> {
                g.beginPath();
                g.moveTo(x, y(last));
                g.bezierCurveTo(x + from * 6, y(last) + 18, x - from * 8, y(last) + 30, x - from * 6, y(last) + drop);
                g.stroke();
            });
            g.setStroke(palette().of(Ink.BRASS_LIGHT));
            g.setLineWidth(3);
            g.strokeLine(x - from * 6, y(last) + drop, x - from * 5, y(last) + drop + 8);
        }
    }

    private static void stretch(Surface g, double x1, double y1, double x2, double y2, double bulge) {
        g.beginPath();
        g.moveTo(x1, y1);
        g.bezierCurveTo(x1 + bulge, y1 + (y2 - y1) * 0.36, x2 - bulge, y1 + (y2 - y1) * 0.64, x2, y2);
        g.stroke();
    }

    private void cord(Surface g, Runnable line) {
        g.setStroke(palette().of(Ink.DEEP));
        g.setLineWidth(4.8);
        line.run();
        g.setStroke(palette().of(Ink.CORD));
        g.setLineWidth(3);
        line.run();
    }

    private void eyelets(Surface g, Stage stage) {
        double y = y(stage.ordinal());
        for (int side = -1; side <= 1; side += 2) {
            double x = MIDDLE + side * eyelet(stage.ordinal());
            if (lacing.get(stage) == Lacing.UNLACED) {
                g.setStroke(palette().of(Ink.BRASS_LIGHT));
                g.setLineWidth(1.4);
                g.strokeOval(x - 5.8, y - 5.8, 11.6, 11.6);
            } else {
                g.setFill(palette().of(Ink.BRASS_LIGHT));
                g.fillOval(x - 5.8, y - 5.8, 11.6, 11.6);
                g.setFill(palette().of(Ink.DEEP));
                g.fillOval(x - 3.4, y - 3.4, 6.8, 6.8);
                g.setFill(palette().of(Ink.CORD));
                g.fillOval(x - 2.4, y - 2.4, 4.8, 4.8);
            }
        }
    }
}
