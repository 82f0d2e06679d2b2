package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.HealthRecord;
import bathyra.garment.HealthRecord.Age;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class LacingRuleTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 3);

    private static Draft draft(Commission commission) {
        return (Draft) Drafter.draft(commission);
    }

    /** The waist of the body is 720 and its underbust 785: so large the paper is there, edge to edge, whatever was chosen. */
    @ParameterizedTest
    @EnumSource(GarmentKind.class)
    void restricted_ribAndWaistAreTheBodys_whateverTheCutterSet(GarmentKind kind) {
        Garment tight = Garment.of(kind)
                .withFastening(Fastening.ZIP.with(Closure.BACK_LACING).withGap(Optional.of(Length.mm(60))))
                .withEase(Level.WAIST, Length.mm(-90))
                .withEase(Level.UNDERBUST, Length.mm(-30));
        Commission commission = Bodies.commission(Bodies.nerea(), tight);
        assertThat(draft(commission).girths().at(Level.WAIST).pattern().value()).isCloseTo(720 - 90 - 60, within(1e-9));
        Draft obeyed = draft(commission.withAnswers(Optional.empty(), true));
        assertThat(obeyed.girths().at(Level.WAIST).pattern().value()).isEqualTo(720);
        assertThat(obeyed.girths().at(Level.UNDERBUST).pattern().value()).isEqualTo(785);
        double waist = obeyed.pattern().pieces().stream()
                        .flatMap(p -> p.levelMarks().stream())
                        .filter(m -> m.level().equals("waist"))
                        .mapToDouble(m -> m.length())
                        .sum()
                * 2;
        assertThat(waist).as("measured on the pieces").isCloseTo(720, within(1.0));
        assertThat(obeyed.pattern().title()).endsWith(", not to be laced");
        assertThat(obeyed.findings()).anyMatch(f -> f.id().equals("no-lacing"));
        assertThat(obeyed.waistReduction()).isZero();
    }

    @Test
    void restricted_whatIsWiderThanTheBodyStays() {
        Commission loose = Bodies.commission(Bodies.nerea(), Garment.bustier().withEase(Level.WAIST, Length.mm(20)))
                .withAnswers(Optional.empty(), true);
        assertThat(draft(loose).girths().at(Level.WAIST).pattern().value()).isEqualTo(740);
    }

    @ParameterizedTest
    @CsvSource({"UNDER_16, false, true", "YOUTH, false, true", "ADULT, false, false", "ADULT, true, true"})
    void under18OrPregnant_forbidsLacing(Age age, boolean pregnant, boolean forbidden) {
        assertThat(new HealthRecord(age, pregnant, true, true, Optional.of(true), DAY).forbidsLacing())
                .isEqualTo(forbidden);
    }

    @Test
    void surgeryOrIllness_asksForADoctorsWord_andForbidsNothing() {
        HealthRecord unasked = new HealthRecord(Age.ADULT, false, true, false, Optional.of(false), DAY);
        assertThat(unasked.lacksDoctor()).isTrue();
        assertThat(unasked.forbidsLacing()).isFalse();
        assertThat(new HealthRecord(Age.ADULT, false, false, true, Optional.of(true), DAY).lacksDoctor())
                .isFalse();
        assertThat(new HealthRecord(Age.ADULT, false, false, false, Optional.empty(), DAY).lacksDoctor())
                .isFalse();
    }

    /** 3 % of 720 is 21.6. */
    @ParameterizedTest
    @CsvSource({"-21, false", "-22, true"})
    void asks_wherTheWaistIsDrawnInByMoreThanThreePercent(double ease, boolean asks) {
        Garment zipped = Garment.bustier().withEase(Level.WAIST, Length.mm(ease));
        assertThat(LacingRule.asks(draft(Bodies.commission(Bodies.nerea(), zipped))))
                .isEqualTo(asks);
    }

    @Test
    void asks_whereverAGapIsSet_andWhereTheFiguresSuggestIt() {
        Garment laced = Garment.bustier()
                .withFastening(Fastening.ZIP.with(Closure.BACK_LACING))
                .withEase(Level.WAIST, Length.mm(0));
        assertThat(LacingRule.asks(draft(Bodies.commission(Bodies.nerea(), laced))))
                .isTrue();
        MeasurementSet nerea = Bodies.nerea();
        assertThat(LacingRule.suggests(nerea)).isFalse();
        assertThat(LacingRule.suggests(nerea.with(MeasurementKey.WAIST, Length.mm(865))))
                .as("80 over the underbust of 785")
                .isTrue();
        assertThat(LacingRule.suggests(nerea.with(MeasurementKey.WAIST, Length.mm(864))))
                .isFalse();
        assertThat(LacingRule.suggests(nerea.with(MeasurementKey.HIP, Length.mm(757))))
                .as("720 is over 0.95 of 757")
                .isTrue();
        assertThat(LacingRule.suggests(nerea.with(MeasurementKey.WAIST_TO_LAP, Length.mm(79))))
                .isTrue();
    }
}
