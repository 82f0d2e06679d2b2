package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.place.Level;
import java.util.List;

/** The level marks of one half add up to half of the planned pattern girth. */
final class Girths implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.levels().stream().map(level -> look(pattern, level)).toList();
    }

    private static Finding look(Pattern pattern, PatternLevel level) {
        double sum = pattern.pieces().stream()
                .flatMap(p -> p.levelMarks().stream())
                .filter(m -> m.level().equals(level.id()))
                .mapToDouble(m -> m.length())
                .sum();
        double planned = level.patternGirth() / 2;
        double off = Math.abs(sum - planned);
        boolean holds = off <= Tolerance.GIRTH;
        String name = Level.nameOf(level.id());
        return Finding.of(
                FindingKind.GIRTH,
                level.id(),
                holds ? Finding.Status.OK : Finding.Status.FAULT,
                off,
                Tolerance.GIRTH,
                holds
                        ? Sentence.of("{}: the half measures {}, as planned.", name, Length.mm(sum))
                        : Sentence.of(
                                "{}: the half measures {}, planned is {}. The draft is in error at this level.",
                                name,
                                Length.mm(sum),
                                Length.mm(planned)));
    }
}
