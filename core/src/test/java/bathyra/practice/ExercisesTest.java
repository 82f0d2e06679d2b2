package bathyra.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ExercisesTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 30);

    private static Draft corset() {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)));
    }

    private static Map<Skill, List<Exercise>> exercises() {
        return Exercises.of(corset(), new Random(1));
    }

    @Test
    void everySkill_hasExercises_whoseQuestionHoldsWhatTheAnswerNeeds() {
        Map<Skill, List<Exercise>> all = exercises();
        assertThat(all.keySet()).contains(Skill.values());
        all.values()
                .forEach(list -> list.forEach(e -> {
                    assertThat(e.look(e.answer().value(), 1).correct()).isTrue();
                    assertThat(e.asked().in(LengthUnit.CM)).endsWith("?");
                    for (Exercise.Depth depth : Exercise.Depth.values()) {
                        assertThat(e.hint(depth, LengthUnit.CM)).isNotBlank();
                    }
                    assertThat(e.hint(Exercise.Depth.FIGURES, LengthUnit.CM)).contains("=");
                }));
    }

    @Test
    void theAnswers_areTheDraftsOwnFigures() {
        Draft draft = corset();
        Exercise half = exercises().get(Skill.PATTERN).stream()
                .filter(e -> e.asked().in(LengthUnit.CM).contains("at the waist"))
                .findFirst()
                .orElseThrow();
        assertThat(half.answer().value())
                .isCloseTo(draft.girths().at(Level.WAIST).pattern().value() / 2, within(1e-6));
        Exercise surplus = exercises().get(Skill.SURPLUS).stream()
                .filter(e -> e.asked().in(LengthUnit.CM).contains("at the waist"))
                .findFirst()
                .orElseThrow();
        assertThat(surplus.answer().value())
                .isCloseTo(draft.intakes().toTake().get(Level.WAIST).value(), within(1e-6));
    }

    @Test
    void slips_areToldByName_andAnAnswerInTheOtherUnitIsOne() {
        Exercise half = exercises().get(Skill.PATTERN).get(0);
        double whole = half.answer().value() * 2;
        assertThat(half.look(whole, 1).slip().orElseThrow().in(LengthUnit.CM)).contains("was not halved");
        double gap = corset().girths().at(Level.UPPER).gap().value();
        assertThat(half.look(half.answer().value() + gap / 2, 1)
                        .slip()
                        .orElseThrow()
                        .in(LengthUnit.CM))
                .containsIgnoringCase("lacing gap");
        assertThat(half.look(half.answer().value() * 2.54, 1)
                        .slip()
                        .orElseThrow()
                        .in(LengthUnit.CM))
                .contains("inches");
        assertThat(half.look(half.answer().value() + 3.3, 1).slip()).isEmpty();
        Exercise quarter = exercises().get(Skill.QUARTER).get(0);
        assertThat(quarter.look(quarter.answer().value() * 2, 1)
                        .slip()
                        .orElseThrow()
                        .in(LengthUnit.CM))
                .contains("halved, not quartered");
    }

    @Test
    void aRightAnswer_movesASkillABoxOn_aWrongOneBack_andItComesAgainAfterItsDays() {
        Repetition once = Repetition.of(List.of(tried(Skill.PATTERN, true, 0)));
        assertThat(once.boxes().get(Skill.PATTERN).number()).isEqualTo(2);
        assertThat(once.isDue(Skill.PATTERN, DAY)).isFalse();
        assertThat(once.isDue(Skill.PATTERN, DAY.plusDays(1))).isTrue();
        Repetition often = Repetition.of(
                List.of(tried(Skill.PATTERN, true, 0), tried(Skill.PATTERN, true, 1), tried(Skill.PATTERN, true, 4)));
        assertThat(often.boxes().get(Skill.PATTERN)).isEqualTo(new Repetition.Box(4, DAY.plusDays(11), 3, 0));
        Repetition back = Repetition.of(List.of(tried(Skill.PATTERN, true, 0), tried(Skill.PATTERN, false, 1)));
        assertThat(back.boxes().get(Skill.PATTERN)).isEqualTo(new Repetition.Box(1, DAY.plusDays(1), 1, 1));
    }

    private static Repetition.Tried tried(Skill skill, boolean correct, int day) {
        return new Repetition.Tried(skill, correct, DAY.plusDays(day), "");
    }

    @Test
    void whatGoesWrong_comesAgainFirst_thenWhatWasNeverTried() {
        Repetition some = Repetition.of(List.of(tried(Skill.WORN, true, 0), tried(Skill.SHARE, false, 0)));
        List<Skill> there = List.of(Skill.WORN, Skill.SHARE, Skill.CUT);
        assertThat(some.next(there, DAY, new Random(1))).isEqualTo(Skill.SHARE);
        Repetition mended = Repetition.of(
                List.of(tried(Skill.WORN, true, 0), tried(Skill.SHARE, false, 0), tried(Skill.SHARE, true, 0)));
        assertThat(mended.next(there, DAY, new Random(1))).isEqualTo(Skill.CUT);
        Map<Skill, Integer> turns = new EnumMap<>(Skill.class);
        Random random = new Random(2);
        for (int i = 0; i < 200; i++) {
            turns.merge(new Repetition(Map.of()).next(List.of(Skill.values()), DAY, random), 1, Integer::sum);
        }
        assertThat(turns).hasSize(Skill.values().length);
    }
}
