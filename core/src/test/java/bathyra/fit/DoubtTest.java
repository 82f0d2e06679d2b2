package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.measure.MeasurementSet;
import java.util.List;
import org.junit.jupiter.api.Test;

class DoubtTest {
    private static final MeasurementSet BODY = Bodies.nerea();
    private static final Worn ROUGH = rough();

    private static Worn rough() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(BODY, Garment.bustier()));
        return Worn.cold(draft, Worn.surface(draft), Worn.COARSE, () -> false);
    }

    @Test
    void whatHangs_isOfWhatIsSeen_andHangsOnAFigureThatNobodyTook() {
        List<Sight> seen = Sight.of(ROUGH);
        List<Doubt> doubts = Doubt.of(ROUGH, () -> false);
        assertThat(doubts).isNotEmpty().allSatisfy(doubt -> {
            assertThat(BODY.isTaken(doubt.key())).as(doubt.key().key()).isFalse();
            assertThat(doubt.hanging()).isNotEmpty().isSubsetOf(seen);
        });
    }

    @Test
    void stopped_itGivesWhatItHasFound() {
        assertThat(Doubt.of(ROUGH, () -> true)).isEmpty();
    }
}
