package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Bust;
import bathyra.garment.Commission;
import bathyra.garment.CupKind;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.UpperShape;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a plan gives to think about before cloth is cut: each said at its limit and not before it, from the finished draft. */
class AdviceTest {
    private static Draft drafted(Commission commission) {
        return (Draft) Drafter.draft(commission);
    }

    private static Draft drafted(Garment garment) {
        return drafted(Bodies.commission(Bodies.nerea(), garment));
    }

    private static List<Finding> of(Draft draft, FindingKind kind) {
        return draft.findings().stream().filter(f -> f.kind() == kind).toList();
    }

    private static Finding only(Draft draft, FindingKind kind) {
        assertThat(of(draft, kind)).as(kind.id()).hasSize(1);
        return of(draft, kind).get(0);
    }

    private static String words(Finding finding) {
        return finding.sentence().in(LengthUnit.MM).replace('\u00a0', ' ');
    }

    /** A waist drawn in by a share of the body's. */
    private static Commission drawnIn(double share, Experience experience) {
        Garment garment = Garment.of(GarmentKind.UNDERBUST);
        double waist = Bodies.nerea()
                .find(bathyra.measure.MeasurementKey.WAIST)
                .orElseThrow()
                .value();
        Commission commission = Bodies.commission(
                Bodies.nerea(), garment.withEase(Level.WAIST, Length.mm(Math.rint(-share * waist * 10) / 10)));
        return commission.withWearer(new Wearer(commission.wearer().name(), experience));
    }

    @ParameterizedTest
    @CsvSource({
        "0.07, FIRST, false",
        "0.09, FIRST, true",
        "0.14, SEASONED, false",
        "0.16, SEASONED, true",
        "0.21, SEASONED, true"
    })
    void aWaistDrawnIn_isAskedAbout_pastTheWearersShare(double share, Experience experience, boolean asked) {
        Draft draft = drafted(drawnIn(share, experience));
        assertThat(draft.girths().waistReductionShare()).isCloseTo(share, within(0.002));
        List<Finding> said = of(draft, FindingKind.WAIST_REDUCTION);
        assertThat(said).hasSize(asked ? 1 : 0);
        if (asked) {
            assertThat(words(said.get(0)))
                    .contains("No figure makes a reduction safe")
                    .contains(LacingRule.QUESTION);
            assertThat(said.get(0).limit())
                    .as("of the natural waist")
                    .isLessThan(said.get(0).value() + 1e-9);
        }
    }

    @ParameterizedTest
    @EnumSource(Experience.class)
    void pastAFifth_everybodyIsAsked(Experience experience) {
        Finding said = only(drafted(drawnIn(0.21, experience)), FindingKind.WAIST_REDUCTION);
        assertThat(words(said)).contains("past 20 % ask before going on");
    }

    /** Whatever the cap, it is said of exactly those seams that take more than it at the waist, with what they take. */
    @ParameterizedTest
    @CsvSource({"BUSTIER, 26", "BUSTIER, 40", "CORSET, 26", "CORSET, 60", "UNDERBUST, 26", "UNDERBUST, 35"})
    void aSeamOverItsCap_saysSo_andOneAtItDoesNot(GarmentKind kind, double mm) {
        double cap = Math.max(mm, LengthOption.SEAM_CAP.least().millimetres());
        Draft draft = drafted(Garment.of(kind).withLength(LengthOption.SEAM_CAP, Length.mm(cap)));
        for (SeamPlace seam : draft.intakes().seams()) {
            if (seam.part() == SeamPlace.Part.FRONT || seam.part() == SeamPlace.Part.BACK) {
                double takes = draft.intakes().at(Level.WAIST, seam).value();
                List<Finding> said = of(draft, FindingKind.INTAKE_CAP).stream()
                        .filter(f -> f.subject().equals(seam.id()))
                        .toList();
                assertThat(said).as(seam.id() + " takes " + takes).hasSize(takes > cap + 1e-6 ? 1 : 0);
                said.forEach(f -> {
                    assertThat(f.value()).isCloseTo(takes, within(1e-9));
                    assertThat(words(f)).contains("over its cap").contains("Share it wider");
                });
            }
        }
    }

    @Test
    void aLockThatMakesASeamRiseAndFallAndRise_isNoted_withTheLevel() {
        Garment garment = Garment.of(GarmentKind.UNDERBUST).withLowerEdge(bathyra.garment.LowerShape.HIP);
        Draft draft = drafted(garment);
        SeamPlace seam = draft.intakes().seams().stream()
                .filter(s -> s.part() == SeamPlace.Part.BACK)
                .findFirst()
                .orElseThrow();
        assertThat(of(draft, FindingKind.INTAKE_SWING))
                .as("by its rules no seam swings")
                .isEmpty();
        double waist = draft.intakes().at(Level.WAIST, seam).value();
        Outcome outcome = Drafter.draft(Bodies.commission(
                Bodies.nerea(),
                garment.withIntake(new Cell(Level.HIGH_HIP, seam), Length.mm(Math.rint(waist + 8)))
                        .withIntake(new Cell(Level.HIP, seam), Length.mm(Math.rint(waist - 6)))));
        if (outcome instanceof Draft swung) {
            assertThat(swung.intakes().at(Level.HIGH_HIP, seam).value()).isGreaterThan(waist + 5);
        } else {
            assertThat(((Refusal) outcome).cause()).isNotEqualTo(Refusal.Cause.PROGRAM);
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = CupKind.class,
            names = {"TWO_PART", "THREE_PART"})
    void whatTheCircleOfTheBreastAsks_isMeasuredOnTheSheets(CupKind cups) {
        Garment garment = Garment.bustier().withUpperEdge(UpperShape.SWEETHEART).withBust(Bust.PRINCESS.withCups(cups));
        Finding usual = only(drafted(garment), FindingKind.COVERAGE);
        assertThat(usual.value()).isPositive();
        Outcome low = Drafter.draft(Bodies.commission(
                Bodies.nerea(), garment.withLength(LengthOption.COVERAGE, LengthOption.COVERAGE.least())));
        if (low instanceof Draft lower) {
            Finding less = only(lower, FindingKind.COVERAGE);
            assertThat(less.value()).as("a lower edge covers less").isLessThanOrEqualTo(usual.value() + 1e-6);
            assertThat(less.status() == Finding.Status.NOTE).isEqualTo(less.value() < less.limit() - 2);
        }
    }

    @Test
    void anUpperEdge_isMeasuredAlongTheFinishedEdge_againstItsPlan() {
        Draft draft = drafted(Garment.bustier());
        Finding edge = only(draft, FindingKind.EDGE_LENGTH);
        double half = draft.pattern().pieces().stream()
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().equals("upper-edge"))
                .mapToDouble(e -> e.path().length())
                .sum();
        assertThat(edge.value()).isCloseTo(2 * half, within(0.5));
        assertThat(edge.limit())
                .isCloseTo(draft.girths().at(Level.UPPER).pattern().value(), within(1e-6));
        assertThat(of(drafted(Garment.of(GarmentKind.UNDERBUST)), FindingKind.EDGE_LENGTH))
                .as("an underbust has none")
                .isEmpty();
    }

    @Test
    void notesOfADefaultGarment_areFew_andNoneIsAFault() {
        for (GarmentKind kind : GarmentKind.values()) {
            Draft draft = drafted(Garment.of(kind));
            assertThat(draft.with(Finding.Status.FAULT)).as(kind.id()).isEmpty();
            assertThat(draft.with(Finding.Status.NOTE).stream()
                            .filter(f -> f.kind() != FindingKind.WAIST_REDUCTION)
                            .map(AdviceTest::words)
                            .toList())
                    .as(kind.id())
                    .hasSizeLessThanOrEqualTo(2);
            assertThat(draft.findings())
                    .allSatisfy(f -> assertThat(words(f)).isNotBlank().doesNotContain("{}"));
        }
    }
}
