package bathyra.panel;

import bathyra.garment.Garment;
import java.util.ArrayList;
import java.util.List;

/** What the panels of a half are called, from centre front to centre back. */
public final class PanelNames {
    private static final String[] ORDER = {"First", "Second", "Third", "Fourth", "Fifth", "Sixth"};

    private PanelNames() {}

    public static List<String> of(Garment garment) {
        if (!garment.kind().isPanelled()) {
            return List.of("Centre front", "Side front", "Side back", "Centre back");
        }
        List<String> names = new ArrayList<>();
        int front = garment.panels().front();
        int back = garment.panels().back();
        for (int i = 1; i <= front; i++) {
            names.add(
                    front == 1
                            ? "Front"
                            : i == 1 ? "Centre front" : i == front ? "Side front" : ORDER[i - 1] + " front");
        }
        for (int i = back; i >= 1; i--) {
            names.add(back == 1 ? "Back" : i == 1 ? "Centre back" : i == back ? "Side back" : ORDER[i - 1] + " back");
        }
        return names;
    }
}
