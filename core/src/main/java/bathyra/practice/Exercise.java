package bathyra.practice;

import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import bathyra.reckon.Formula;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Slips;
import java.util.List;
import java.util.Optional;

/**
 * Something to reckon on a draft.
 *
 * @param skill what is practised; exercises of one skill take each other's turns
 * @param asked the question with every figure that is needed
 * @param answer with its derivation
 * @param thought what to think of first
 */
public record Exercise(Skill skill, Sentence asked, Reckoned answer, Sentence thought) {
    /** How deep a hint goes. */
    public enum Depth {
        THOUGHT,
        WORDS,
        FIGURES
    }

    /** What was said of an answer. @param slip that gives it; empty when it is right or no slip is known */
    public record Verdict(boolean correct, Optional<Sentence> slip) {}

    /** A hint in words. @param unit in which the learner reckons */
    public String hint(Depth depth, LengthUnit unit) {
        return switch (depth) {
            case THOUGHT -> thought.in(unit);
            case WORDS -> sentence(Formula.inWords(answer, unit));
            case FIGURES -> Formula.inFigures(answer, unit);
        };
    }

    private static String sentence(String words) {
        return words.isEmpty()
                ? "It is given."
                : Character.toUpperCase(words.charAt(0)) + words.substring(1) + (words.endsWith(".") ? "" : ".");
    }

    /** Looks at an answer. @param mm as it was answered @param division of the tape, mm: an answer counts within one of them */
    public Verdict look(double mm, double division) {
        if (Math.abs(mm - answer.value()) <= division) {
            return new Verdict(true, Optional.empty());
        }
        return new Verdict(
                false,
                slips().stream()
                        .filter(s -> Math.abs(s.value() - mm) <= division)
                        .findFirst()
                        .map(Slips.Slip::sentence));
    }

    private List<Slips.Slip> slips() {
        return Slips.of(answer);
    }
}
