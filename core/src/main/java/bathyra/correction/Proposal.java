package bathyra.correction;

import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.Mark;
import bathyra.garment.Commission;
import bathyra.length.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The draft that would be made from the marks of a fitting that are followed.
 *
 * @param commission with what is followed
 * @param before what was cut: the commission as it stands without this fitting
 * @param draft what would be made
 * @param open by number, the marks that nothing is moved for although they were agreed, each with the reason
 * @param said what the cutter has to know: conflicts, halves that were settled, a second toile
 */
public record Proposal(
        Commission commission, Draft before, Draft draft, Map<Integer, Sentence> open, List<Sentence> said) {
    public Proposal {
        open = Map.copyOf(open);
        said = List.copyOf(said);
    }

    /** A commission as it stood before a fitting: without what that fitting found. */
    public static Commission before(Commission commission, int fitting) {
        return commission.withAdjustments(commission.adjustments().stream()
                .filter(a -> a.fitting() < fitting)
                .toList());
    }

    /**
     * All marks that are followed, in their order (C15.2). What the draft cannot follow is left open with the reason; the rest stands.
     *
     * @return empty when the commission does not draft without the fitting either
     */
    public static Optional<Proposal> of(Commission commission, Fitting fitting) {
        Commission base = before(commission, fitting.number());
        if (!(Drafter.draft(base) instanceof Draft before)) {
            return Optional.empty();
        }
        Halves.Settled settled = Halves.of(fitting);
        Map<Integer, Sentence> open = new TreeMap<>();
        List<Becoming> becoming = new ArrayList<>();
        for (Mark mark : settled.marks()) {
            Becoming each = Corrections.of(before, fitting, mark);
            if (each.changes().isEmpty()) {
                each.open().ifPresent(why -> open.put(mark.number(), why));
            } else {
                becoming.add(each);
            }
        }
        becoming.sort(Comparator.comparing(Becoming::order));
        Commission now = base;
        Draft draft = before;
        for (Becoming each : becoming) {
            Sought.Answer answer = followed(draft, now, each);
            if (answer.why().isPresent()) {
                open.put(each.mark().number(), answer.why().get());
                continue;
            }
            List<Adjustment> all = new ArrayList<>(now.adjustments());
            all.addAll(answer.changes());
            now = now.withAdjustments(all);
            draft = answer.draft().orElseThrow();
        }
        List<Sentence> said = new ArrayList<>(settled.said());
        said.addAll(Conflicts.of(before, own(now, fitting)));
        return Optional.of(new Proposal(now, before, draft, open, said));
    }

    private static List<Adjustment> own(Commission commission, Fitting fitting) {
        return commission.adjustments().stream()
                .filter(a -> a.fitting() == fitting.number())
                .toList();
    }

    /** A girth that pins use already has the sum; what is measured of it is not its own alone. */
    private static Sought.Answer followed(Draft now, Commission from, Becoming each) {
        boolean usesTheSame = each.changes().stream().anyMatch(a -> isPinched(a.change(), from, a.fitting()));
        return usesTheSame ? Sought.asIs(from, each.changes()) : Sought.of(now, from, each.changes());
    }

    private static boolean isPinched(Change change, Commission from, int fitting) {
        return change instanceof Change.Pinch pinch
                && from.adjustments().stream()
                        .anyMatch(a -> a.fitting() == fitting
                                && a.change() instanceof Change.Girth girth
                                && girth.level() == pinch.cell().level());
    }

    /** One mark alone as it would be if it were agreed: the draft with it and without it. */
    public static Optional<Proposal> ofOne(Commission commission, Fitting fitting, Mark mark) {
        Mark agreed = mark.decision().isFollowed() ? mark : mark.decided(Decision.AGREED, mark.reason());
        return of(commission, fitting.with(List.of(agreed)));
    }

    /** Whether a commission follows a fitting already. */
    public static boolean isFollowed(Commission commission, int fitting) {
        return commission.adjustments().stream().anyMatch(a -> a.fitting() == fitting);
    }
}
