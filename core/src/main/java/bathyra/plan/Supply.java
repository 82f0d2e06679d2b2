package bathyra.plan;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;

/**
 * How it stands with one of the materials of a garment.
 *
 * @param amount how much of it is from the shelf, in the unit of the bill: claimed while it is ordered or ready, taken once it is used; 0 where it was bought for this garment
 * @param comes when what was ordered comes
 */
public record Supply(State state, double amount, Optional<LocalDate> comes) {
    /** How far it has come. */
    public enum State {
        MISSING("missing"),
        ORDERED("ordered"),
        READY("ready"),
        USED("used");

        private final String id;

        State(String id) {
            this.id = id;
        }

        /** The word, in files too. */
        public String id() {
            return id;
        }

        public static Optional<State> ofId(String id) {
            return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
        }
    }

    public static final Supply MISSING = new Supply(State.MISSING, 0, Optional.empty());
    public static final Supply READY = new Supply(State.READY, 0, Optional.empty());

    /** No amount is larger. */
    public static final double MOST = 1e6;

    public Supply {
        if (!(amount >= 0 && amount <= MOST)) {
            throw new IllegalArgumentException("an amount lies from 0 to " + MOST + ", was " + amount);
        }
    }

    public static Supply ordered(Optional<LocalDate> comes) {
        return ordered(0, comes);
    }

    /** The rest of it is ordered. @param amount that is claimed of what is on the shelf */
    public static Supply ordered(double amount, Optional<LocalDate> comes) {
        return new Supply(State.ORDERED, amount, comes);
    }

    /** It lies ready. @param amount that is claimed of what is on the shelf; 0 where it was bought for this garment */
    public static Supply ready(double amount) {
        return new Supply(State.READY, amount, Optional.empty());
    }

    /** The same once it is cut or sewn in, or not after all. */
    public Supply used(boolean next) {
        return new Supply(next ? State.USED : State.READY, amount, comes);
    }

    /** Whether it can be worked with. */
    public boolean isHere() {
        return state == State.READY || state == State.USED;
    }
}
