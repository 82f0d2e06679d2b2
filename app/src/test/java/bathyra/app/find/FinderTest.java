package bathyra.app.find;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.find.Findable.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Things are found by the beginnings of their words. */
class FinderTest {
    private static Findable thing(String words, Kind kind) {
        return new Findable(words, kind, () -> {});
    }

    private static final Finder FINDER = new Finder(List.of(
            thing("Guide: Measure", Kind.HELP),
            thing("Zoë Harbour-Märtens · The Heron, sweetheart bustier", Kind.COMMISSION),
            thing("Waist", Kind.FIGURE),
            thing("Waist to high hip", Kind.FIGURE),
            thing("Put out: Measurements, CSV", Kind.DEED),
            thing("Measure", Kind.STAGE)));

    private static List<String> found(String typed) {
        return FINDER.find(typed, 10).stream().map(Findable::words).toList();
    }

    @Test
    void theWholeBeginningComesFirst_thenStagesAndDeeds() {
        assertThat(found("mea")).containsExactly("Measure", "Put out: Measurements, CSV", "Guide: Measure");
        assertThat(found("waist")).containsExactly("Waist", "Waist to high hip");
        assertThat(found("hip wai")).containsExactly("Waist to high hip");
    }

    @Test
    void otherWordsFindAThing_behindWhatIsCalledSo() {
        Finder finder = new Finder(List.of(
                new Findable("Settings: Size of words", "text letters inch", Kind.STAGE, () -> {}),
                thing("Work in inches", Kind.DEED)));
        assertThat(finder.find("text size", 5)).extracting(Findable::words).containsExactly("Settings: Size of words");
        assertThat(finder.find("inch", 5))
                .extracting(Findable::words)
                .containsExactly("Work in inches", "Settings: Size of words");
    }

    @Test
    void accentsHyphensAndCapitalsAreAsOneTypesThem() {
        assertThat(found("zoe mart her")).hasSize(1);
        assertThat(found("HARBOUR")).hasSize(1);
        assertThat(found("arbour")).as("not from the middle of a word").isEmpty();
        assertThat(found("   ")).isEmpty();
        assertThat(FINDER.find("m", 1)).hasSize(1);
    }
}
