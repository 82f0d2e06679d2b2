package bathyra.garment;

import bathyra.place.Level;
import bathyra.reckon.Overridden;
import bathyra.reckon.Reckoned;
import java.util.Map;
import java.util.Optional;

/**
 * What an earlier edition of the rules gave a commission, so that it keeps its outlines. What is drafted is given + today's rule at today's
 * figures − today's rule at the figures for which it was given: figures that stay give the outline that was, a figure that changes moves it
 * by today's rule. A choice made anew goes by today's rule alone.
 *
 * @param edition the edition of the rules that gave it
 * @param then what it gave, and for what
 * @param more what was given less what today's rules give at those figures for those choices, of the half in hand
 * @param moreOnRight the same of the right half
 */
public record Kept(int edition, Ruled then, RuleValues more, Optional<RuleValues> moreOnRight) {

    /** Whether today's rules give all that it was given. */
    public boolean isNothing() {
        return more.isEmpty() && moreOnRight.map(RuleValues::isEmpty).orElse(true);
    }

    /** The same for the right half of an uneven body. */
    Kept ofRightHalf() {
        return new Kept(edition, then, moreOnRight.orElse(more), moreOnRight);
    }

    Reckoned length(LengthOption option, Garment garment, Reckoned byRule) {
        boolean same = sameKind(garment)
                && garment.block().equals(then.choices().block())
                && garment.edges().equals(then.choices().edges());
        return kept(byRule, same, more.lengths(), option);
    }

    Reckoned gap(Garment garment, Reckoned byRule) {
        return more.gap()
                .filter(m -> sameFit(garment))
                .map(m -> kept(byRule, m))
                .orElse(byRule);
    }

    /** The ease of a level. @param byRule what today's rule gives */
    public Reckoned ease(Level level, Garment garment, Reckoned byRule) {
        return kept(byRule, sameFit(garment), more.ease(), level);
    }

    /** What of a level lies in front. @param byRule what today's rule gives */
    public Reckoned share(Level level, Garment garment, Reckoned byRule) {
        return kept(byRule, sameKind(garment), more.shares(), level);
    }

    Reckoned split(SplitOption option, Garment garment, Reckoned byRule) {
        return kept(byRule, sameSeams(garment), more.splits(), option);
    }

    private <K> Reckoned kept(Reckoned byRule, boolean applies, Map<K, Double> values, K key) {
        return applies && values.containsKey(key) ? kept(byRule, values.get(key)) : byRule;
    }

    /** A value as it was given, which today's rule would give otherwise. @param by how much it differs */
    public Reckoned kept(Reckoned byRule, double by) {
        return new Overridden(byRule.value() + by, byRule, "kept as edition " + edition + " of the rules gave it");
    }

    private boolean sameKind(Garment garment) {
        return garment.kind() == then.choices().kind();
    }

    private boolean sameFit(Garment garment) {
        return sameKind(garment)
                && garment.row() == then.choices().row()
                && garment.fastening().closure() == then.choices().fastening().closure()
                && garment.fit().stretch().equals(then.choices().fit().stretch());
    }

    /** Whether the seams are the same and stand where they stood by rule. */
    public boolean sameSeams(Garment garment) {
        return sameKind(garment)
                && garment.panels().front() == then.choices().panels().front()
                && garment.panels().back() == then.choices().panels().back()
                && garment.panels().placing() == then.choices().panels().placing();
    }

    /** Whether what the seams take is shared by the same then.choices(). */
    public boolean sameSharing(Garment garment) {
        return sameSeams(garment)
                && garment.block().equals(then.choices().block())
                && garment.school() == then.choices().school()
                && garment.sharing().preset() == then.choices().sharing().preset()
                && garment.sharing().apexShare().equals(then.choices().sharing().apexShare())
                && garment.top().cover() == then.choices().top().cover();
    }
}
