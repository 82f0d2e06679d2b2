package bathyra.garment;

import java.util.Arrays;
import java.util.stream.Collectors;

/** Whom the garment is for. */
public record Wearer(String name, Experience experience) {
    private static final int MOST = 200;

    /** A name or a title as it is entered: without spaces round it, single ones inside, and no longer than a line can ever be. */
    public static String tidy(String name) {
        String tidy = name.strip().replaceAll("\\s+", " ");
        return tidy.length() > MOST ? tidy.substring(0, MOST).strip() : tidy;
    }

    /** The same wearer under the initials, for what leaves the workshop. */
    public Wearer byInitials() {
        return new Wearer(initials(), experience);
    }

    /** The first letter of each part of the name: {@code N. H.}. */
    public String initials() {
        return Arrays.stream(name.strip().split("[\\s-]+"))
                .filter(part -> !part.isEmpty())
                .map(part -> part.substring(0, part.offsetByCodePoints(0, 1)) + ".")
                .collect(Collectors.joining(" "));
    }
}
