package bathyra.app.workshop;

import bathyra.garment.Commission;
import bathyra.garment.Wearer;
import bathyra.length.LengthUnit;
import java.util.Optional;

/** What the commission in hand is called, whose it is and in what units it is worked. Each is a change that can be undone. */
public final class Naming {
    private final Workshop workshop;

    Naming(Workshop workshop) {
        this.workshop = workshop;
    }

    /** Renames the commission; a blank name changes nothing. */
    public void title(String title) {
        if (!title.isBlank()) {
            String tidy = Wearer.tidy(title);
            workshop.once("title to " + tidy, workshop.commission().withTitle(tidy));
        }
    }

    /** Renames the wearer; a blank name changes nothing. */
    public void wearer(String name) {
        if (!name.isBlank()) {
            String tidy = Wearer.tidy(name);
            Commission commission = workshop.commission();
            workshop.once(
                    "wearer to " + tidy,
                    commission
                            .withWearer(new Wearer(tidy, commission.wearer().experience()))
                            .withAnswers(Optional.empty(), commission.restricted()));
        }
    }

    /** Works in another unit; no length changes by that. */
    public void unit(LengthUnit unit) {
        Commission commission = workshop.commission();
        workshop.once("units " + commission.units().symbol() + " → " + unit.symbol(), commission.withUnits(unit));
    }
}
