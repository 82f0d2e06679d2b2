package bathyra.app.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Showing.Subject;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The parts of the workshop: where one was, who is told what, what is compared, what is done on the book. */
class WorkshopPartsTest extends InWorkshop {
    @Test
    void whoShowsTheCommission_isNotToldOfALook_orOfPrices() {
        List<String> told = new ArrayList<>();
        workshop.showing().on(() -> told.add("commission"), Subject.COMMISSION);
        workshop.showing().on(() -> told.add("prices"), Subject.PRICES);
        workshop.showing().on(() -> told.add("look"), Subject.LOOK, Subject.COMMISSION);
        workshop.showing().again();
        assertThat(told).containsExactly("look");
        told.clear();
        workshop.kept().setPrices(workshop.kept().prices().withCurrency("Kr"));
        assertThat(told).containsExactly("prices");
        told.clear();
        workshop.naming().title("Another");
        assertThat(told).containsExactly("commission", "look");
    }

    @Test
    void whoIsToldMayShowAnotherThing_withoutEnd() {
        int[] times = {0};
        workshop.showing()
                .on(
                        () -> {
                            if (times[0]++ < 3) {
                                workshop.showing().again();
                            }
                        },
                        Subject.LOOK);
        workshop.showing().again();
        assertThat(times[0]).isEqualTo(4);
    }

    @Test
    void whereOneWas_isFoundAgain_whatLayOverItIsNot() throws Exception {
        workshop.whereabouts().goTo(Stage.BONES);
        workshop.whereabouts().darkProperty().set(true);
        workshop.whereabouts().open(Over.BOOK);
        workshop.whereabouts().ruleProperty().set(Optional.of(Rule.of("C6", "excess")));
        workshop.close();
        book = bathyra.book.WorkshopBook.open(book.file());
        Workshop again = new Workshop(book);
        assertThat(again.whereabouts().stageProperty().get()).isEqualTo(Stage.BONES);
        assertThat(again.whereabouts().darkProperty().get()).isTrue();
        assertThat(again.whereabouts().isOpen(Over.BOOK)).isFalse();
        assertThat(again.whereabouts().ruleProperty().get()).isEmpty();
    }

    @Test
    void goingToAStage_leavesWhatLiesOverIt() {
        workshop.whereabouts().open(Over.BOOK);
        workshop.whereabouts().open(Over.FOREIGN);
        workshop.whereabouts().ruleProperty().set(Optional.of(Rule.of("C6", "excess")));
        workshop.whereabouts().goTo(Stage.LAY);
        assertThat(workshop.whereabouts().isOpen(Over.BOOK)).isFalse();
        assertThat(workshop.whereabouts().isOpen(Over.FOREIGN)).isFalse();
        assertThat(workshop.whereabouts().ruleProperty().get()).isEmpty();
    }

    @Test
    void comparison_laysAnotherStateBeside_untilAnotherCommissionIsTaken() {
        var other = workshop.commission()
                .withMeasurements(workshop.commission().measurements().with(MeasurementKey.WAIST, Length.mm(760)));
        workshop.comparison().with("wider", other);
        assertThat(workshop.comparison().compared())
                .map(Comparison.Compared::name)
                .contains("wider");
        assertThat(workshop.comparison().ghost()).isPresent();
        assertThat(workshop.comparison().compared().orElseThrow().draft().commission())
                .isEqualTo(other);
        take("The Harbour");
        assertThat(workshop.comparison().compared()).isEmpty();
        workshop.comparison()
                .with(
                        "without a bust",
                        workshop.commission()
                                .withMeasurements(
                                        workshop.commission().measurements().without(MeasurementKey.BUST)));
        assertThat(workshop.comparison().compared())
                .as("a state that gives no draft")
                .isEmpty();
    }

    /** What was kept is compared as it was drawn, not as it would be drawn today. */
    @Test
    void versionIsComparedByTheOutlinesThatWereKeptWithIt() throws Exception {
        book.versions().keep(workshop.id(), "First", workshop.commission());
        var version = book.versions().of(workshop.id()).get(0);
        workshop.comparison().with(Optional.of(version));
        var drawn = workshop.comparison().ghost().orElseThrow();
        double length = drawn.get(0).edges().get(0).path().length();
        workshop.comparison()
                .with(Optional.of(new bathyra.book.Versions.Version(
                        version.id(),
                        version.name(),
                        version.made(),
                        version.commission()
                                .withMeasurements(version.commission()
                                        .measurements()
                                        .with(MeasurementKey.FRONT_LENGTH, Length.mm(450))),
                        version.draft())));
        assertThat(workshop.comparison()
                        .ghost()
                        .orElseThrow()
                        .get(0)
                        .edges()
                        .get(0)
                        .path()
                        .length())
                .isEqualTo(length);
    }

    @Test
    void newCommission_isBegunInTheUnitInUse_atTheMeasuringPage() {
        workshop.naming().unit(bathyra.length.LengthUnit.IN);
        workshop.whereabouts().goTo(Stage.LAY);
        int count = book.commissions().entries().size();
        workshop.deeds().begin();
        assertThat(book.commissions().entries()).hasSize(count + 1);
        assertThat(workshop.unit()).isEqualTo(bathyra.length.LengthUnit.IN);
        assertThat(workshop.whereabouts().stageProperty().get()).isEqualTo(Stage.MEASURE);
        assertThat(workshop.draft()).isEmpty();
        assertThat(workshop.commission().measurements().taken()).isEmpty();
    }

    @Test
    void designForAnotherWearer_keepsTheDesign_andNoFigure() {
        take("The Harbour");
        var design = garment();
        long id = workshop.id();
        workshop.deeds().duplicateFor(id, "  Orla   Penhallow ");
        assertThat(workshop.id()).isNotEqualTo(id);
        assertThat(workshop.commission().wearer().name()).isEqualTo("Orla Penhallow");
        assertThat(garment().forWearer(design.fit().wearer())).isEqualTo(design);
        assertThat(workshop.commission().measurements().taken()).isEmpty();
    }

    @Test
    void anotherName_isTheWearersInTheWholeBook_andOnTheTable() {
        String was = workshop.commission().wearer().name();
        workshop.deeds().renameEverywhere(was, "Nerea Holloway-Sands");
        assertThat(workshop.commission().wearer().name()).isEqualTo("Nerea Holloway-Sands");
        assertThat(book.commissions().entries()).noneMatch(e -> e.wearer().equals(was));
    }

    @Test
    void changeAfterAnother_withTheSameThingInHand_isTheSameChange() {
        var first = workshop.commission();
        InHand thing = InHand.of(MeasurementKey.WAIST);
        for (int mm = 721; mm <= 730; mm++) {
            workshop.change(
                    "waist " + mm,
                    workshop.commission()
                            .withMeasurements(
                                    workshop.commission().measurements().with(MeasurementKey.WAIST, Length.mm(mm))),
                    thing);
        }
        assertThat(workshop.before(thing)).isEqualTo(first);
        assertThat(workshop.isInHand(thing)).isTrue();
        assertThat(undo()).isEqualTo("waist 730");
        workshop.undo();
        assertThat(workshop.commission()).isEqualTo(first);
        assertThat(workshop.redoLabelProperty().get()).isEqualTo("waist 730");
        workshop.redo();
        assertThat(workshop.commission().measurements().taken()).containsEntry(MeasurementKey.WAIST, Length.mm(730));
    }

    @Test
    void withdrawing_takesBackAllOfTheThingInHand_andNothingBefore() {
        workshop.naming().title("Kelp");
        InHand thing = InHand.of("option");
        workshop.change("a", workshop.commission().withGarment(garment().withKind(GarmentKind.CORSET)), thing);
        workshop.change("b", workshop.commission().withGarment(garment().withKind(GarmentKind.UNDERBUST)), thing);
        workshop.withdraw(InHand.of("another"));
        assertThat(garment().kind()).isEqualTo(GarmentKind.UNDERBUST);
        workshop.withdraw(thing);
        assertThat(garment().kind()).isEqualTo(GarmentKind.BUSTIER);
        assertThat(undo()).isEqualTo("title to Kelp");
        assertThat(workshop.redoLabelProperty().get()).isEmpty();
    }
}
