package bathyra.garment;

import bathyra.fitting.Found;
import java.util.Optional;

/**
 * How tight the garment starts: its row of the table, the rib it is fitted to, and what a stretching cloth gives (C5).
 *
 * @param row the row of starting eases; empty for the one of its kind and closure
 * @param lungsFull whether the underbust is fitted to the rib with lungs full; empty for what the row asks
 * @param stretch the stretch test of the cloth, used by the row for stretch cloth
 * @param waistGirthDrops whether the girth of the waist moves down with a dropped styled waist (C3)
 * @param give how the cloth answers to being pulled; empty for what the row means
 * @param wearer whom it is for: a row begins with a share of the waist, and an edge with lengths, that suit (C5.1, C10.2)
 * @param found what fittings found that the plan cannot say (C15)
 */
public record Fit(
        Optional<EaseRow> row,
        Optional<Boolean> lungsFull,
        Optional<Stretch> stretch,
        boolean waistGirthDrops,
        Optional<ClothGive> give,
        Figure wearer,
        Found found) {
    /** The row of its kind, no stretch. */
    public static final Fit BY_KIND = new Fit(
            Optional.empty(), Optional.empty(), Optional.empty(), false, Optional.empty(), Figure.NOBODY, Found.NONE);

    public Fit with(EaseRow next) {
        return new Fit(Optional.of(next), Optional.empty(), stretch, waistGirthDrops, give, wearer, found);
    }

    public Fit withLungsFull(boolean full) {
        return new Fit(row, Optional.of(full), stretch, waistGirthDrops, give, wearer, found);
    }

    public Fit withStretch(Optional<Stretch> next) {
        return new Fit(row, lungsFull, next, waistGirthDrops, give, wearer, found);
    }

    public Fit withWaistGirthDropping(boolean drops) {
        return new Fit(row, lungsFull, stretch, drops, give, wearer, found);
    }

    public Fit withGive(ClothGive next) {
        return new Fit(row, lungsFull, stretch, waistGirthDrops, Optional.of(next), wearer, found);
    }

    public Fit forWearer(Figure next) {
        return new Fit(row, lungsFull, stretch, waistGirthDrops, give, next, found);
    }

    public Fit finding(Found next) {
        return new Fit(row, lungsFull, stretch, waistGirthDrops, give, wearer, next);
    }
}
