package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.garment.BackShaping;
import bathyra.garment.Bust;
import bathyra.garment.Commission;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.PrincessStart;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The nearest thing that drafts, for commissions that do not: it is one change, it drafts, and it leaves everything else as it was. */
class RemediesTest {
    private static Commission refused(Garment garment) {
        Commission commission = Bodies.commission(Bodies.withArms(Bodies.nerea()), garment);
        assertThat(Drafter.draft(commission)).as("nothing to mend otherwise").isInstanceOf(Refusal.class);
        return commission;
    }

    private static Remedies.Remedy nearest(Garment garment) {
        Commission commission = refused(garment);
        Remedies.Remedy remedy = Remedies.nearest(commission, () -> false).orElseThrow();
        assertThat(Drafter.draft(commission.withGarment(remedy.garment()))).isInstanceOf(Draft.class);
        assertThat(remedy.garment()).isNotEqualTo(garment);
        return remedy;
    }

    private static String words(Remedies.Remedy remedy) {
        return remedy.words().in(LengthUnit.MM).replace('\u00a0', ' ');
    }

    private static Garment underbust() {
        return Garment.of(GarmentKind.UNDERBUST).withPanels(Panels.of(5, SeamPlacing.LANDMARKS));
    }

    /** All seams of a level locked beside what is to be taken: one of them is let go again. */
    @Test
    void locksThatLeaveNothing_oneIsGivenBackToItsRule() {
        Garment garment = underbust();
        for (SeamPlace seam : garment.seams()) {
            if (seam.part() != SeamPlace.Part.CENTRE_BACK) {
                garment =
                        garment.withIntake(new Cell(Level.WAIST, seam), Length.mm(seam.equals(SeamPlace.SIDE) ? 4 : 2));
            }
        }
        int locks = garment.intakes().size();
        Remedies.Remedy remedy = nearest(garment);
        assertThat(words(remedy)).endsWith("at the waist by the rule");
        assertThat(remedy.garment().intakes()).hasSize(locks - 1);
    }

    /** What the cutter set goes back only as far as it has to. */
    @Test
    void easeThatIsTooMuch_goesBackAPartOfTheWay() {
        Garment garment = underbust().withEase(Level.WAIST, Length.mm(-330));
        Remedies.Remedy remedy = nearest(garment);
        assertThat(words(remedy)).startsWith("ease of \u2212").contains("at the waist");
        double kept = remedy.garment().ease().get(Level.WAIST).millimetres();
        assertThat(kept).isBetween(-330.0 * 0.75 - 1, -1.0);
    }

    @Test
    void wedgeThatHasNoPlace_isLeftOpen_andNothingElseIsTouched() {
        Garment garment = Garment.bustier();
        Garment bent = garment.withBust(Bust.PRINCESS
                        .withWedge(ContourWedge.CUT_AWAY_ARMHOLE, Length.mm(10))
                        .withWedge(ContourWedge.NECKLINE, Length.mm(6)))
                .withUpperEdge(UpperShape.SWEETHEART);
        Remedies.Remedy remedy = nearest(bent);
        assertThat(words(remedy)).contains("wedge").contains("left open");
        assertThat(remedy.garment().bust().wedges()).doesNotContainKey(ContourWedge.CUT_AWAY_ARMHOLE);
        assertThat(remedy.garment().bust().wedges()).containsKey(ContourWedge.NECKLINE);
        assertThat(remedy.garment().upperEdge()).isEqualTo(UpperShape.SWEETHEART);
        assertThat(remedy.garment().bust().cups()).isEqualTo(bent.bust().cups());
    }

    /** A dart behind under a yoke: the seam behind is offered before the yoke is taken away. */
    @Test
    void dartUnderAYoke_getsItsSeamBack_beforeTheYokeGoes() {
        Garment yoke = Garment.bustier()
                .withTop(new Top(Cover.SHOULDERS, true, false, Sleeve.BAND))
                .withUpperEdge(UpperShape.ROUND);
        Garment garment =
                yoke.withBlock(yoke.block().withPrincess(PrincessStart.ARMHOLE).withBack(BackShaping.DART));
        Remedies.Remedy remedy = nearest(garment);
        assertThat(words(remedy)).isEqualTo("a princess seam behind");
        assertThat(remedy.garment().top().yoke()).isTrue();
    }

    /** Two yokes over each other: one of the two choices is taken back, whichever comes first. */
    @Test
    void yokeOverTheYokeOfTheCups_oneOfThemGoes() {
        Garment garment = Garment.bustier()
                .withTop(new Top(Cover.SHOULDERS, true, false, Sleeve.BAND))
                .withUpperEdge(UpperShape.ROUND)
                .withBust(Bust.PRINCESS.withCups(CupKind.YOKE));
        Remedies.Remedy remedy = nearest(garment);
        boolean noYoke = !remedy.garment().top().yoke();
        boolean otherCups = remedy.garment().bust().cups() != CupKind.YOKE;
        assertThat(noYoke ^ otherCups).isTrue();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void stopped_itLooksNoFurther(int after) {
        Commission commission = refused(underbust().withEase(Level.WAIST, Length.mm(-330)));
        AtomicInteger asked = new AtomicInteger();
        Optional<Remedies.Remedy> found = Remedies.nearest(commission, () -> asked.getAndIncrement() >= after);
        assertThat(found).isEmpty();
        assertThat(asked.get()).isEqualTo(after + 1);
    }

    /** A body that no garment can be drafted on has no remedy: it is not made up. */
    @Test
    void whatNoChangeMends_hasNone() {
        Commission commission = Bodies.commission(MeasurementSet.empty(), underbust());
        assertThat(Remedies.nearest(commission, () -> false)).isEmpty();
    }
}
