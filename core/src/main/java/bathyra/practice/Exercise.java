package bathyra.practice;

import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
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
 * @param at where on the pattern it lies
 */
public record Exercise(Skill skill, Sentence asked, Reckoned answer, Sentence thought, At at) {
    /**
     * Where on a pattern something lies, to be shown beside the question.
     *
     * @param level whose line it is, if it is one
     * @param piece on which it lies, if it lies on one
     * @param edges that are walked against each other, if it is a seam
     */
    public record At(Optional<Level> level, Optional<String> piece, Optional<SeamJoin> edges) {
        static At level(Level level) {
            return new At(Optional.of(level), Optional.empty(), Optional.empty());
        }

        static At piece(String piece, Level level) {
            return new At(Optional.of(level), Optional.of(piece), Optional.empty());
        }

        static At seam(SeamJoin seam) {
            return new At(Optional.empty(), Optional.empty(), Optional.of(seam));
        }
    }

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
