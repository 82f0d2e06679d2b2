package bathyra.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What was agreed on money with a wearer.
 *
 * @param agreed the price before tax that both agreed on; empty while it is the one by cost
 * @param deposit what has been paid down
 * @param rush whether it is made in a hurry
 * @param fittings how many fittings were agreed; empty for as many as the workshop includes
 * @param changes what was agreed later, each with what it costs more or less
 * @param quoted when the price was put to the wearer
 */
public record Deal(
        Optional<Double> agreed,
        double deposit,
        boolean rush,
        Optional<Integer> fittings,
        List<Change> changes,
        Optional<LocalDate> quoted) {
    /** No amount of money is larger. */
    public static final double MOST = 9_999_999;

    /** Nothing was agreed. */
    public static final Deal NONE = new Deal(Optional.empty(), 0, false, Optional.empty(), List.of(), Optional.empty());

    /** Something agreed later. @param amount what it costs more; less below 0 */
    public record Change(String what, double amount) {
        public Change {
            require(Math.abs(amount));
        }
    }

    public Deal {
        agreed.ifPresent(Deal::require);
        require(deposit);
        changes = List.copyOf(changes);
    }

    private static void require(double amount) {
        if (!(amount >= 0 && amount <= MOST)) {
            throw new IllegalArgumentException("an amount lies from 0 to " + MOST + ", was " + amount);
        }
    }

    public Deal agreed(Optional<Double> next) {
        return new Deal(next, deposit, rush, fittings, changes, quoted);
    }

    public Deal paidDown(double next) {
        return new Deal(agreed, next, rush, fittings, changes, quoted);
    }

    public Deal inAHurry(boolean next) {
        return new Deal(agreed, deposit, next, fittings, changes, quoted);
    }

    public Deal fittings(Optional<Integer> next) {
        return new Deal(agreed, deposit, rush, next, changes, quoted);
    }

    public Deal changes(List<Change> next) {
        return new Deal(agreed, deposit, rush, fittings, next, quoted);
    }

    public Deal quoted(Optional<LocalDate> next) {
        return new Deal(agreed, deposit, rush, fittings, changes, next);
    }
}
