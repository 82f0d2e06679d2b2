package bathyra.app.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.garment.Commission;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Every edition of the rules says what it drafts otherwise than the one before it. */
class EditionsTest extends InWorkshop {
    @Test
    void everyEarlierEdition_isToldWhatChangedSince_andTodaysNothing() {
        Commission today = workshop.commission();
        assertThat(Editions.said(today)).isEmpty();
        String later = "";
        for (int edition = Commission.RULES - 1; edition >= 1; edition--) {
            String said =
                    Editions.said(today.keeping(edition, Optional.empty())).orElseThrow();
            String changes = said.substring(said.indexOf(": ") + 2, said.indexOf(". What you had set"));
            assertThat(changes).endsWith(later).hasSizeGreaterThan(later.length() + 10);
            later = changes;
        }
    }
}
