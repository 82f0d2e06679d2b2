package bathyra.block;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Steps that every school takes alike. */
final class Levels {
    private Levels() {}

    /** Marks a level on the centre line; the line is drawn when its width is known. */
    static void mark(DraftingTable t, String letter, String label, Reckoned depth) {
        t.point(letter + "c", label + " at the centre", DraftingTable.nought(), depth);
        t.line(BlockLine.Kind.CONSTRUCTION, "O", letter + "c");
        t.step(
                label,
                depth,
                Sentence.of(
                        "From O go down {} along the centre and square across: the " + label.toLowerCase(Locale.ROOT)
                                + ".",
                        depth.length()));
    }

    /** The points of names, in order, without those that fall together with the one before or lie above it. */
    static List<Point> corners(DraftingTable t, String... names) {
        List<Point> corners = new ArrayList<>();
        for (String name : names) {
            Point at = t.at(name);
            if (corners.isEmpty() || at.y() > corners.get(corners.size() - 1).y() + 1e-6) {
                corners.add(at);
            }
        }
        return corners;
    }

    static BlockDart diamond(DraftingTable t, String label, Reckoned width, String givenBack) {
        return new BlockDart(
                label, t.point("W1").half(), t.at("W1"), t.at("W2"), List.of(t.at("Da"), t.at("Db")), width, givenBack);
    }

    static NotDraftable noSideDart(Reckoned width) {
        return new NotDraftable(Finding.of(
                FindingKind.SIDE_DART,
                MeasurementKey.FRONT_LENGTH.key(),
                Finding.Status.FAULT,
                width.value(),
                0,
                Sentence.of(
                        "The front is {} longer than the back; a front that is no longer leaves no side bust dart to draft. Take {} and {} again.",
                        width.length(),
                        MeasurementKey.FRONT_LENGTH,
                        MeasurementKey.BACK_LENGTH)));
    }

    /** A tape that a rule would have put elsewhere, with a note (C4.2): the tape wins from {@code apart} on. */
    static Reckoned tapeOrRule(
            DraftingTable t, MeasurementKey key, boolean taken, Reckoned tape, Reckoned rule, double apart) {
        if (!taken || Math.abs(tape.value() - rule.value()) <= apart) {
            return rule;
        }
        t.note(Finding.of(
                FindingKind.TAPE_WINS,
                key.key(),
                Finding.Status.NOTE,
                Math.abs(tape.value() - rule.value()),
                apart,
                Sentence.of(
                        key.label()
                                + ": the rule gives {}, the tape {}. They differ by {}, more than {}: the tape is drafted.",
                        rule.length(),
                        tape.length(),
                        Length.mm(Math.abs(tape.value() - rule.value())),
                        Length.mm(apart))));
        return tape;
    }
}
