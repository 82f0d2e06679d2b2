package bathyra.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * When each skill comes again: five boxes (Leitner, 1972). A right answer moves a skill one box on, a wrong one back to the first; from its
 * box it comes again after 0, 1, 3, 7 or 21 days. What a learner has tried is all it needs: it is reckoned anew from the record.
 *
 * @param boxes by skill; a skill that was never tried is in none
 */
public record Repetition(Map<Skill, Box> boxes) {
    private static final int[] DAYS = {0, 1, 3, 7, 21};

    /** An answer on record. @param slip in words; empty for none */
    public record Tried(Skill skill, boolean correct, LocalDate day, String slip) {}

    /** Where a skill stands. @param number 1 to 5 @param due the day on which it comes again */
    public record Box(int number, LocalDate due, int right, int wrong) {}

    public Repetition {
        boxes = Map.copyOf(boxes);
    }

    /** @param tried from the first */
    public static Repetition of(List<Tried> tried) {
        Map<Skill, Box> boxes = new EnumMap<>(Skill.class);
        for (Tried each : tried) {
            Box was = boxes.getOrDefault(each.skill(), new Box(1, each.day(), 0, 0));
            int number = each.correct() ? Math.min(DAYS.length, was.number() + 1) : 1;
            boxes.put(
                    each.skill(),
                    new Box(
                            number,
                            each.day().plusDays(DAYS[number - 1]),
                            was.right() + (each.correct() ? 1 : 0),
                            was.wrong() + (each.correct() ? 0 : 1)));
        }
        return new Repetition(boxes);
    }

    /** Whether a skill is to be tried on a day. */
    public boolean isDue(Skill skill, LocalDate day) {
        Box box = boxes.get(skill);
        return box == null || !box.due().isAfter(day);
    }

    /** What comes next: what is due and goes wrong most, then what was never tried, then what is due first. @param there what a draft has exercises for @param random among those that are alike */
    public Skill next(List<Skill> there, LocalDate day, Random random) {
        List<Skill> mixed = new ArrayList<>(there);
        java.util.Collections.shuffle(mixed, random);
        return mixed.stream()
                .min(Comparator.comparing((Skill s) -> !isDue(s, day))
                        .thenComparing(s -> boxes.containsKey(s) ? boxes.get(s).number() : 2)
                        .thenComparing(s -> boxes.containsKey(s) ? boxes.get(s).due() : day))
                .orElseThrow();
    }
}
