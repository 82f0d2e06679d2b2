package bathyra.files.json;

import java.util.List;

/** A document that cannot be read; one line a fault: {@code field: what is wrong; what is accepted}. */
public final class BadDocument extends Exception {
    private final List<String> faults;

    public BadDocument(List<String> faults) {
        super(String.join("\n", faults));
        this.faults = List.copyOf(faults);
    }

    public BadDocument(String fault) {
        this(List.of(fault));
    }

    public List<String> faults() {
        return faults;
    }
}
