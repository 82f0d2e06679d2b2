package bathyra.app.pieces;

import bathyra.app.reckoning.Card;
import bathyra.layer.SewingOrder;
import java.util.List;

/** In which order the seams are sewn; the drawing beside it carries the same numbers. */
final class OrderCard {
    void show(Card card, List<SewingOrder.Step> steps) {
        card.begin("Sewing order");
        if (steps.isEmpty()) {
            card.words("Nothing is sewn in this layer by itself.");
            return;
        }
        card.words("Each number stands on the two edges that meet in that step.");
        for (SewingOrder.Step step : steps) {
            card.words(step.number() + "  " + step.seam().name(), "check-name");
            card.words(step.words() + ".");
        }
    }
}
