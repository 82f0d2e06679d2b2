package bathyra.app.bones;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.bone.Bones;
import bathyra.bone.Support;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/** What each bone carries of the reduction at one level, from centre front to centre back, as bars; what hangs in coral. */
final class SupportChart extends PaintedPane {
    private static final double HEIGHT = 104;
    private static final double LEFT = 96;
    private static final double RIGHT = 26;
    private static final double BASE = 80;
    private static final double TALL = 56;
    private static final double BAR = 10;
    private Support support;
    private Bones bones;
    private LengthUnit unit = LengthUnit.CM;
    private String chosen = "";

    SupportChart() {
        super(HEIGHT);
        setId("support-chart");
    }

    void show(Bones nextBones, Support next, LengthUnit nextUnit, String nextChosen) {
        bones = nextBones;
        support = next;
        unit = nextUnit;
        chosen = nextChosen;
        setAccessibleText("At the " + next.level().label().toLowerCase(Locale.ROOT) + " "
                + LengthText.say(Length.mm(next.reduction()), unit) + " of the half are drawn in; "
                + next.loads().size() + " bones carry " + LengthText.say(Length.mm(next.carried()), unit)
                + (next.hanging().isEmpty()
                        ? "."
                        : ", and " + next.hanging().size() + " seams have no bone near them."));
        repaint();
    }

    @Override
    protected void paint(Surface g) {
        g.clearRect(0, 0, getWidth(), HEIGHT);
        if (support == null || getWidth() < LEFT + RIGHT) {
            return;
        }
        double scale = (getWidth() - LEFT - RIGHT) / support.width();
        double most = Math.max(
                3,
                support.loads().stream()
                        .mapToDouble(Support.Load::carried)
                        .max()
                        .orElse(0));
        g.setTextBaseline(VPos.BASELINE);
        g.setStroke(palette().of(Ink.LINE));
        g.setLineWidth(1.2);
        g.strokeLine(LEFT, BASE, LEFT + support.width() * scale, BASE);
        text(g, "carried", LEFT - 10, BASE - TALL / 2, Ink.INK_2, TextAlignment.RIGHT);
        text(g, "front", LEFT - 10, BASE + 18, Ink.INK_2, TextAlignment.RIGHT);
        for (Support.Load load : support.loads()) {
            double x = LEFT + load.at() * scale;
            double tall = Math.max(1.5, load.carried() / most * TALL);
            boolean inHand = load.channel().equals(chosen);
            g.setFill(palette().of(inHand ? Ink.TEAL : Ink.BRASS_LIGHT));
            g.fillRect(x - BAR / 2, BASE - tall, BAR, tall);
            g.setStroke(palette().of(inHand ? Ink.TEAL : Ink.BRASS_TEXT));
            g.setLineWidth(1);
            g.strokeRect(x - BAR / 2, BASE - tall, BAR, tall);
            if (load.carried() >= most / 12) {
                text(
                        g,
                        LengthText.fineFigure(Length.mm(load.carried()), LengthUnit.MM),
                        x,
                        BASE - tall - 5,
                        Ink.INK,
                        TextAlignment.CENTER);
            }
            text(
                    g,
                    Integer.toString(number(load.channel())),
                    x,
                    BASE + 18,
                    inHand ? Ink.TEAL : Ink.BRASS_TEXT,
                    TextAlignment.CENTER);
        }
        for (Support.Hanging hanging : support.hanging()) {
            double x = LEFT + hanging.at() * scale;
            double tall = Math.max(6, hanging.part() / most * TALL);
            g.setStroke(palette().of(Ink.CORAL));
            g.setLineWidth(1.6);
            g.setLineDashes(4, 3);
            g.strokeRect(x - BAR, BASE - tall, 2 * BAR, tall);
            g.setLineDashes();
            text(
                    g,
                    LengthText.fineFigure(Length.mm(hanging.part()), LengthUnit.MM) + " hangs",
                    x,
                    BASE - tall - 5,
                    Ink.CORAL_TEXT,
                    TextAlignment.CENTER);
        }
    }

    private int number(String channel) {
        return bones.channels().stream().map(c -> c.id()).toList().indexOf(channel) + 1;
    }

    private void text(Surface g, String words, double x, double y, Ink ink, TextAlignment alignment) {
        g.setFont(Lettering.figure());
        g.setFill(palette().of(ink));
        g.setTextAlign(alignment);
        g.fillText(words, x, y);
    }
}
