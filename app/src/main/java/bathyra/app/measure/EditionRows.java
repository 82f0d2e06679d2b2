package bathyra.app.measure;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.workshop.Editions;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.garment.Commission;

/** What the card says of a commission that an earlier edition of the rules made, and what one can do about it. */
final class EditionRows {
    private static final String TODAYS = "edition " + Commission.RULES + " of the rules";

    private EditionRows() {}

    static void write(Card card, Workshop workshop) {
        Commission commission = workshop.commission();
        Editions.said(commission)
                .ifPresent(words -> card.words(words, commission.isDraftedAnew() ? "caution" : "quiet"));
        if (commission.isDraftedAnew()) {
            card.add(Deed.button("edition-read", "Read; it may be so", () -> take(workshop)));
        } else if (commission.rules() < Commission.RULES) {
            card.add(Deed.button("edition-ghost", "Show what " + TODAYS + " moves", () -> {
                workshop.whereabouts().stageProperty().set(Stage.SEAMS);
                workshop.comparison().with(TODAYS, commission.byTodaysRules());
            }));
            card.add(Deed.button("edition-take", "Take " + TODAYS, () -> take(workshop)));
        }
    }

    private static void take(Workshop workshop) {
        workshop.once(TODAYS, workshop.commission().byTodaysRules());
    }
}
