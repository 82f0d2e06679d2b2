package bathyra.app.seams;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.TriedChoices;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Cure;
import bathyra.draft.Draft;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.Panels;
import bathyra.garment.SeamAxis;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Sharing;
import bathyra.garment.Weighting;
import bathyra.intake.SeamAxes;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Cell;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What can be done with the panels of a corset: how many there are, where the seams stand, and how the surplus is shared out. */
public final class PanelsModel {
    /** Two seams come no nearer to each other than this share of their block. */
    private static final double APART = 0.04;

    private static final double WEIGHT_STEP = 0.05;

    private final Workshop workshop;

    public PanelsModel(Workshop workshop) {
        this.workshop = workshop;
    }

    TriedChoices tried() {
        return new TriedChoices(workshop);
    }

    public Garment garment() {
        return workshop.commission().garment();
    }

    /** Whether the garment in hand is drafted in panels, so that its seams can be placed. */
    public boolean isPanelled() {
        return garment().kind().isPanelled();
    }

    /** Whether a seam can be placed, leaned and left out. */
    public boolean isMovable(SeamPlace seam) {
        return isPanelled() && (seam.part() == SeamPlace.Part.FRONT || seam.part() == SeamPlace.Part.BACK);
    }

    private void change(String what, Garment next, InHand thing) {
        workshop.change(what, workshop.commission().withGarment(next), thing);
    }

    private void once(String what, Garment next) {
        workshop.letGo();
        change(what, next, InHand.once());
        workshop.letGo();
    }

    public void panels(int perSide) {
        if (perSide >= Panels.LEAST
                && perSide <= Panels.MOST
                && perSide != garment().panels().perSide()) {
            once(
                    garment().panels().perSide() + " → " + perSide + " panels a side",
                    garment().withPanels(Panels.of(perSide, garment().panels().placing())));
        }
    }

    public void place(SeamPlacing placing) {
        once(
                "seams placed: " + placing.label().toLowerCase(Locale.ROOT),
                garment().withPanels(garment().panels().placed(placing)));
    }

    public void share(Weighting preset) {
        once(
                "shared out: " + preset.label().toLowerCase(Locale.ROOT),
                garment().withSharing(garment().sharing().with(preset)));
    }

    public void apexShare(double share) {
        double held = Math.rint(share * 100) / 100;
        change(
                String.format(
                        Locale.ROOT,
                        "apex share %.2f → %.2f",
                        workshop.before(InHand.of("apex-share"))
                                .garment()
                                .sharing()
                                .apexShare()
                                .orElse(Sharing.APEX_SHARE),
                        held),
                garment().withSharing(garment().sharing().withApexShare(held)),
                InHand.of("apex-share"));
    }

    /** The weight by which a seam shares in the surplus. */
    public double weight(SeamPlace seam) {
        return workshop.half()
                .filter(d -> d.intakes().seams().contains(seam))
                .map(d -> d.intakes().axes().weight(garment(), seam))
                .orElse(0.0);
    }

    /** Draws a weight; changes in one drag are one. */
    public void weigh(SeamPlace seam, double weight) {
        double held = Math.min(Sharing.WEIGHT_MOST, Math.max(0, Math.rint(weight / WEIGHT_STEP) * WEIGHT_STEP));
        change(
                String.format(Locale.ROOT, "weight of %s to %.2f", seam.inWords(), held),
                garment().withSharing(garment().sharing().withWeight(seam, Optional.of(held))),
                InHand.of("weight-" + seam.id()));
    }

    /** Where a seam stands on its block's paper, 0 to 1. */
    public double at(SeamPlace seam) {
        SeamAxes axes = workshop.half().orElseThrow().intakes().axes();
        double x = axes.of(seam).at();
        return seam.part() == SeamPlace.Part.FRONT ? x / axes.front() : (x - axes.front()) / axes.back();
    }

    /** Moves a seam. @param x distance from centre front on the paper, mm; it stays between its neighbours */
    public void move(SeamPlace seam, double x) {
        Optional<Draft> draft =
                workshop.half().filter(d -> d.intakes().seams().equals(garment().seams()));
        if (draft.isEmpty() || !isMovable(seam)) {
            return;
        }
        SeamAxes axes = draft.get().intakes().axes();
        List<SeamPlace> seams = garment().seams();
        int i = seams.indexOf(seam);
        double left = i == 0 ? 0 : axes.of(seams.get(i - 1)).at();
        double right = axes.of(seams.get(i + 1)).at();
        boolean front = seam.part() == SeamPlace.Part.FRONT;
        double block = front ? axes.front() : axes.back();
        double held = Math.min(right - APART * block, Math.max(left + APART * block, x));
        double share = Math.round((front ? held : held - axes.front()) / block * 1000) / 1000.0;
        SeamAxis axis = garment().panels().axis(seam).at(share);
        change(
                seam.inWords() + " to "
                        + LengthText.say(
                                Length.mm(front ? share * block : axes.front() + share * block), workshop.unit())
                        + " from centre front",
                garment().withPanels(garment().panels().withAxis(seam, axis)),
                InHand.of("axis-" + seam.id()));
    }

    public void lean(SeamPlace seam, double degrees) {
        SeamAxis axis = garment().panels().axis(seam).leaning(Math.rint(degrees * 2) / 2);
        change(
                String.format(Locale.ROOT, "%s leans %.1f°", seam.inWords(), axis.lean()),
                garment().withPanels(garment().panels().withAxis(seam, axis)),
                InHand.of("lean-" + seam.id()));
    }

    public void bow(SeamPlace seam, double millimetres) {
        SeamAxis axis = garment().panels().axis(seam).bowed(Math.rint(millimetres));
        change(
                seam.inWords() + " bows by " + LengthText.say(Length.mm(axis.bow()), workshop.unit()),
                garment().withPanels(garment().panels().withAxis(seam, axis)),
                InHand.of("bow-" + seam.id()));
    }

    /** Puts a seam's axis back where the placing has it, upright and straight. */
    public void placed(SeamPlace seam) {
        once(
                seam.inWords() + " back to its place",
                garment().withPanels(garment().panels().withAxis(seam, SeamAxis.PLACED)));
    }

    public boolean canAdd() {
        return isPanelled() && garment().panels().canAdd();
    }

    /** Adds a seam. @param x distance from centre front on the paper, mm @return the new seam; empty where there is no room */
    public Optional<SeamPlace> add(double x) {
        if (!canAdd() || workshop.half().isEmpty()) {
            return Optional.empty();
        }
        SeamAxes axes = workshop.half().get().intakes().axes();
        boolean front = x < axes.front();
        SeamPlace.Part part = front ? SeamPlace.Part.FRONT : SeamPlace.Part.BACK;
        int number = 1
                + (int) axes.axes().stream()
                        .filter(a -> a.seam().part() == part && a.at() < x)
                        .count();
        double share =
                Math.min(1 - APART, Math.max(APART, front ? x / axes.front() : (x - axes.front()) / axes.back()));
        SeamPlace seam = front ? SeamPlace.front(number) : SeamPlace.back(number);
        once(
                "one more seam " + (front ? "in front" : "behind"),
                garment().withSeam(part, number, Math.round(share * 1000) / 1000.0));
        return Optional.of(seam);
    }

    /** Adds a seam in the middle of the panel in front of a seam. */
    public void addBeside(SeamPlace seam) {
        workshop.half().ifPresent(draft -> {
            List<SeamPlace> seams = draft.intakes().seams();
            int i = seams.indexOf(seam);
            double left =
                    i <= 0 ? 0 : draft.intakes().axes().of(seams.get(i - 1)).at();
            add((left + draft.intakes().axes().of(seam).at()) / 2);
        });
    }

    public boolean canRemove(SeamPlace seam) {
        return isPanelled() && garment().panels().canRemove(seam);
    }

    public void remove(SeamPlace seam) {
        if (canRemove(seam)) {
            once(seam.inWords() + " left out", garment().withoutSeam(seam));
        }
    }

    /** @param cap empty for none */
    public void cap(Cell cell, Optional<Length> cap) {
        change(
                "cap of " + SeamsModel.name(cell),
                garment().withSharing(garment().sharing().withCap(cell, cap)),
                InHand.of("cap-" + cell));
    }

    public void apply(Cure cure) {
        once(cure.deed().in(workshop.unit()).toLowerCase(Locale.ROOT), cure.garment());
    }

    /** Lays the spread by the preset alone under this one, as a ghost and in figures. */
    public void comparePreset() {
        Commission now = workshop.commission();
        Garment bare = garment();
        for (Cell cell : garment().intakes().keySet()) {
            bare = bare.withoutIntake(cell);
        }
        bare = bare.withSharing(new Sharing(bare.sharing().preset(), Map.of(), Optional.empty(), Map.of()));
        workshop.comparison()
                .with("the preset, " + bare.sharing().preset().label().toLowerCase(Locale.ROOT), now.withGarment(bare));
    }
}
