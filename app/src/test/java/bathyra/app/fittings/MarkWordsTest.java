package bathyra.app.fittings;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.InWorkshop;
import bathyra.correction.Corrections;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How marks are spoken of, in the list, on the toile and on the card, on the demo's first commission. */
class MarkWordsTest extends InWorkshop {
    private static final Spot NECK = new Spot(Length.mm(190), 0.1, Optional.empty(), Optional.of(Level.UPPER));
    private final MarkWords words = new MarkWords(LengthUnit.CM);

    @BeforeEach
    void heron() {
        take("The Heron");
    }

    private static Mark mark(MarkKind kind, Spot spot, double mm) {
        return Mark.put(1, kind, spot, Length.mm(mm));
    }

    private static String plain(String said) {
        return said.replace('\u00a0', ' ');
    }

    private String seen(Mark mark) {
        return plain(words.seen(mark));
    }

    private String tag(Mark mark) {
        return plain(words.tag(mark));
    }

    private String how(Mark mark) {
        Fitting fitting = Fitting.begun(1, FittingKind.TOILE, LocalDate.of(2026, 11, 30));
        return plain(words.howItCame(mark, fitting, draft()));
    }

    @Test
    void whatWasSeen_isSaidWithItsPlaceAndItsAmount() {
        Spot rib = Spot.on(SeamPlace.PRINCESS_FRONT, Level.UNDERBUST);
        assertThat(seen(mark(MarkKind.PINCH, rib, 6)))
                .endsWith("pinched 0.6 cm")
                .contains("underbust");
        assertThat(seen(mark(MarkKind.LET_OUT, rib, 4))).endsWith("let out 0.4 cm");
        assertThat(seen(mark(MarkKind.EDGE, Spot.onEdge(true, 0.4), -12))).endsWith("1.2 cm lower");
        assertThat(seen(mark(MarkKind.EDGE, Spot.onEdge(true, 0.4), 12))).endsWith("1.2 cm higher");
        assertThat(seen(mark(MarkKind.WEDGE, NECK, 6))).isEqualTo("Wedge at the upper edge, 0.6 cm");
        assertThat(seen(mark(MarkKind.FOLD, Spot.at(Level.WAIST), 8).running(FoldRun.BEHIND)))
                .startsWith("Folds ")
                .endsWith("0.8 cm");
    }

    @Test
    void sideOfAHalf_isSaidWithIt() {
        Mark both = mark(MarkKind.WEDGE, NECK, 6);
        assertThat(seen(both.on(Side.LEFT))).isEqualTo(seen(both) + ", " + Side.LEFT.label());
    }

    @Test
    void apex_isSaidByWhatMoved() {
        Mark down = mark(MarkKind.APEX, Spot.at(Level.BUST), 8);
        assertThat(seen(down)).isEqualTo("Apex 0.8 cm lower");
        assertThat(seen(down.of(Length.mm(-8)))).isEqualTo("Apex 0.8 cm higher");
        assertThat(seen(down.across(Length.mm(5)))).isEqualTo("Apex 0.8 cm lower, 0.5 cm out");
        assertThat(seen(down.of(Length.mm(0)).across(Length.mm(-5)))).isEqualTo("Apex 0.5 cm in");
    }

    @Test
    void tagsOnTheToile_areShort() {
        assertThat(tag(mark(MarkKind.WEDGE, NECK, 6))).isEqualTo("wedge 0.6 cm");
        assertThat(tag(mark(MarkKind.PLUMB, Spot.on(SeamPlace.SIDE, Level.WAIST), -10)))
                .isEqualTo("1.0 cm behind");
        assertThat(tag(mark(MarkKind.APEX, Spot.at(Level.BUST), 8))).isEqualTo("0.8 cm lower");
        assertThat(tag(mark(MarkKind.NOTE, Spot.at(Level.WAIST), 0))).isEqualTo("note");
    }

    /** On the card it is said which contour wedge was meant, for that follows from the place. */
    @Test
    void wedge_isNamedOnTheCard_byWhereItLies() {
        assertThat(how(mark(MarkKind.WEDGE, NECK, 6)))
                .startsWith("Neckline: middle of the front upper edge, to the apex.")
                .contains("on top of the contour");
        assertThat(how(mark(MarkKind.WEDGE, Spot.on(SeamPlace.SIDE, Level.UPPER), 6)))
                .startsWith("Side: underarm in");
    }

    @Test
    void fromAndTo_isTheFigureThatItChanges() {
        Mark agreed = mark(MarkKind.WEDGE, NECK, 6).decided(Decision.AGREED, "");
        Fitting fitting = Fitting.begun(1, FittingKind.TOILE, LocalDate.of(2026, 11, 30));
        assertThat(plain(words.fromTo(Corrections.of(draft(), fitting, agreed))))
                .isEqualTo("0.0 → 0.6 cm");
        assertThat(plain(words.fromTo(Corrections.of(draft(), fitting, mark(MarkKind.NOTE, NECK, 0)))))
                .isEmpty();
    }

    /** Every kind has words for the list, the toile and the card, and none of them speaks of nothing. */
    @ParameterizedTest
    @EnumSource(MarkKind.class)
    void everyKind_isSpokenOf(MarkKind kind) {
        Mark mark = mark(kind, Spot.on(SeamPlace.PRINCESS_FRONT, Level.UNDERBUST), 6);
        assertThat(Stream.of(seen(mark), tag(mark), how(mark)))
                .allSatisfy(said -> assertThat(said).isNotBlank().doesNotContain("null", "Optional", "{}"));
        assertThat(how(mark)).endsWith(".");
    }

    @Test
    void inInches_amountsAreEighths() {
        MarkWords inches = new MarkWords(LengthUnit.IN);
        assertThat(plain(inches.tag(mark(MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 6.35))))
                .isEqualTo("pinched ¼ in");
    }
}
