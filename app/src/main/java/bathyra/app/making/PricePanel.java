package bathyra.app.making;

import bathyra.app.reckoning.Deed;
import bathyra.app.table.Ink;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.money.MoneyWriting;
import bathyra.money.Price;
import bathyra.money.Spent;
import bathyra.reckon.Reckoned;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is spent against the price, as one tape as long as the price, and in figures. */
final class PricePanel extends VBox {
    private static final double TAPE = 34;
    private static final double HATCH = 7;

    private final PriceModel model;
    private final Label agreed = new Label();
    private final Tape tape = new Tape();
    private final GridPane figures = new GridPane();
    private Optional<Spent> spent = Optional.empty();
    private Optional<Price> price = Optional.empty();

    /** @param open shows the price on the card */
    PricePanel(PriceModel model, Runnable open) {
        super(4);
        this.model = model;
        Label head = new Label("Spent against the price");
        head.getStyleClass().add("section-head");
        head.setWrapText(true);
        head.setMinHeight(Region.USE_PREF_SIZE);
        agreed.getStyleClass().add("quiet");
        agreed.setId("price-agreed");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox above = new HBox(10, head, space, Deed.button("open-price", "The price", open));
        above.setAlignment(Pos.BASELINE_LEFT);
        ColumnConstraints words = new ColumnConstraints();
        words.setHgrow(Priority.ALWAYS);
        ColumnConstraints money = new ColumnConstraints(74);
        money.setHalignment(HPos.RIGHT);
        figures.getColumnConstraints().addAll(words, money, money);
        figures.getStyleClass().add("price-figures");
        getStyleClass().addAll("strip", "making-price");
        getChildren().addAll(above, tape, agreed, figures);
    }

    void refresh() {
        spent = model.spent();
        price = model.price();
        figures.getChildren().clear();
        MoneyWriting writing = model.writing();
        if (spent.isEmpty() || price.isEmpty()) {
            agreed.setText("The bill is being made");
            tape.show();
            return;
        }
        double asked = price.get().beforeTax().value();
        double leaves = spent.get().leaves(asked);
        agreed.setText((model.deal().agreed().isPresent() ? "agreed " : "by cost ")
                + writing.say(asked)
                + (leaves < 0 ? ", short by " + writing.figure(-leaves) : ", leaves " + writing.figure(leaves)));
        Price.Cost soFar = spent.get().soFar();
        Price.Cost planned = spent.get().planned();
        head();
        line(1, soFar.cloth(), planned.cloth(), writing);
        line(2, soFar.notions(), planned.notions(), writing);
        line(3, soFar.hours(), planned.hours(), writing);
        line(4, soFar.all(), planned.all(), writing);
        tape.show();
    }

    private void head() {
        Label so = new Label("spent");
        Label all = new Label("planned");
        so.getStyleClass().add("quiet");
        all.getStyleClass().add("quiet");
        figures.add(so, 1, 0);
        figures.add(all, 2, 0);
    }

    private void line(int row, Reckoned soFar, Reckoned planned, MoneyWriting writing) {
        figures.add(new Label(soFar.name()), 0, row);
        Label so = new Label(writing.figure(soFar.value()));
        so.getStyleClass().add("figure-strong");
        figures.add(so, 1, row);
        figures.add(new Label(writing.figure(planned.value())), 2, row);
    }

    /** As long as what is asked; beyond its end lies what is spent more. */
    private final class Tape extends PaintedPane {
        private Tape() {
            super(TAPE);
            setAccessibleText("What is spent against the price");
        }

        private void show() {
            repaint();
        }

        @Override
        protected void paint(Surface g) {
            g.clearRect(0, 0, getWidth(), TAPE);
            double top = 6;
            double deep = TAPE - 14;
            g.setFill(palette().of(Ink.BRASS));
            g.fillRect(0, top, getWidth(), deep);
            g.setFill(palette().of(Ink.TAPE));
            g.fillRect(1, top + 1, getWidth() - 2, deep - 2);
            if (spent.isEmpty() || price.isEmpty()) {
                return;
            }
            Price.Cost soFar = spent.get().soFar();
            double whole = Math.max(
                    price.get().beforeTax().value(), spent.get().planned().all().value());
            double scale = whole > 0 ? (getWidth() - 2) / whole : 0;
            double at = 1;
            at = part(g, at, soFar.cloth().value() * scale, Ink.SHALLOW, top, deep);
            at = part(g, at, soFar.notions().value() * scale, Ink.BRASS_LIGHT, top, deep);
            part(g, at, soFar.hours().value() * scale, Ink.LINE, top, deep);
            double planned = 1 + spent.get().planned().all().value() * scale;
            hatch(g, planned, getWidth() - 1, top, deep);
            g.setFill(palette().of(Ink.TEAL));
            g.fillPolygon(new double[] {planned - 5, planned + 5, planned}, new double[] {0, 0, top + 2}, 3);
            g.setStroke(palette().of(Ink.TEAL));
            g.setLineWidth(1.4);
            g.setLineDashes();
            g.strokeLine(planned, top, planned, top + deep);
        }

        private double part(Surface g, double x, double width, Ink ink, double top, double deep) {
            g.setFill(palette().of(ink));
            g.fillRect(x, top + 1, width, deep - 2);
            return x + width;
        }

        /** What the price leaves. */
        private void hatch(Surface g, double from, double to, double top, double deep) {
            g.setStroke(palette().of(Ink.KELP));
            g.setLineWidth(1);
            g.setLineDashes();
            g.beginPath();
            for (double x = from; x + deep <= to; x += HATCH) {
                g.moveTo(x, top);
                g.lineTo(x + deep, top + deep);
            }
            g.stroke();
        }
    }
}
