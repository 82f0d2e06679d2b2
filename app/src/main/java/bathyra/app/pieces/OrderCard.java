package bathyra.app.pieces;

import bathyra.app.reckoning.Card;
import bathyra.layer.SewingOrder;
import bathyra.piece.Pattern;
import java.util.List;

/** In which order the seams are sewn; the drawing beside it carries the same numbers. */
final class OrderCard {
    void show(Card card, Pattern pattern) {
        List<SewingOrder.Step> steps = SewingOrder.of(pattern);
        List<String> darts = SewingOrder.darts(pattern);
        card.begin("Sewing order");
        if (steps.isEmpty() && darts.isEmpty()) {
            card.words("Nothing is sewn in this layer by itself.");
            return;
        }
        darts.forEach(dart -> card.words("First  " + dart + ".", "check-name"));
        if (steps.isEmpty()) {
            return;
        }
        card.words("Each number stands on the two edges that meet in that step.");
        for (SewingOrder.Step step : steps) {
            card.words(step.number() + "  " + step.seam().name(), "check-name");
            card.words(step.words() + ".");
        }
    }
}
