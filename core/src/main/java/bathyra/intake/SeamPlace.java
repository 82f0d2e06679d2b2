package bathyra.intake;

import java.util.Arrays;
import java.util.Optional;

/** Where a four-panel half takes its surplus out, from centre front to centre back. */
public enum SeamPlace {
    PRINCESS_FRONT("princess-front", "Princess front"),
    SIDE("side", "Side"),
    PRINCESS_BACK("princess-back", "Princess back"),
    CENTRE_BACK("centre-back", "Centre back");

    private final String id;
    private final String label;

    SeamPlace(String id, String label) {
        this.id = id;
        this.label = label;
    }

    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    public static Optional<SeamPlace> ofId(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }
}
