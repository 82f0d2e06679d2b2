package bathyra.along;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.along.AlongStep.Chapter;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Bodies;
import bathyra.draft.Choices;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DraftAlongTest {
    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static List<AlongStep> along(Draft draft) {
        return DraftAlong.of(
                draft,
                BlockDrafter.draft(
                                draft.commission().measurements(),
                                draft.commission().garment())
                        .drawing());
    }

    @Test
    void theChapters_followTheWork_andEveryStepShowsSomething() {
        for (Garment garment : List.of(
                Garment.bustier(),
                Garment.of(GarmentKind.CORSET),
                Garment.bustier().withBust(Garment.bustier().bust().withCups(CupKind.THREE_PART)))) {
            List<AlongStep> steps = along(draft(garment));
            assertThat(steps).extracting(AlongStep::chapter).isSortedAccordingTo(Comparator.naturalOrder());
            for (AlongStep step : steps) {
                assertThat(step.words().in(LengthUnit.CM)).as(step.title()).isNotBlank();
                assertThat(step.mistake().in(LengthUnit.CM)).isNotBlank();
                if (step.chapter() != Chapter.BLOCK) {
                    assertThat(step.lit())
                            .as(step.chapter() + " " + step.title())
                            .isNotEmpty();
                    assertThat(step.drawn()).isNotEmpty();
                }
            }
        }
    }

    @Test
    void aCorset_hasNoBlockToFollow_andItsFiguresAreTheDrafts() {
        Draft draft = draft(Garment.of(GarmentKind.CORSET));
        List<AlongStep> steps = DraftAlong.of(draft, Optional.empty());
        assertThat(steps).noneMatch(s -> s.chapter() == Chapter.BLOCK);
        AlongStep waist = steps.stream()
                .filter(s -> s.chapter() == Chapter.SURPLUS && s.title().equals(Level.WAIST.label()))
                .findFirst()
                .orElseThrow();
        assertThat(waist.figure().orElseThrow().value())
                .isCloseTo(draft.intakes().toTake().get(Level.WAIST).value(), within(1e-9));
        assertThat(waist.lit().get(0).length())
                .isCloseTo(draft.intakes().toTake().get(Level.WAIST).value(), within(1e-6));
        assertThat(steps.stream().filter(s -> s.chapter() == Chapter.TRUING))
                .hasSize(draft.pattern().seams().size());
        assertThat(steps.stream()
                        .filter(s -> s.chapter() == Chapter.SEAMS && s.title().equals("Side")))
                .singleElement()
                .satisfies(s -> assertThat(s.words().in(LengthUnit.CM)).contains("given back at the side"));
    }

    @Test
    void everyDesign_canBeFollowed() {
        Random random = new Random(7);
        List<Choices.Combination> designs = Choices.pairwise(7, true);
        int followed = 0;
        for (int i = 0; i < Sample.of(400); i++) {
            var outcome = Drafter.draft(
                    Choices.commission(designs.get(random.nextInt(designs.size())), Bodies.random(random)));
            if (outcome instanceof Draft draft) {
                assertThat(along(draft)).isNotEmpty();
                followed++;
            }
        }
        assertThat(followed).isPositive();
    }
}
