package bathyra.app.making;

import bathyra.app.reckoning.TypedNumber;
import bathyra.app.workshop.Workshop;
import bathyra.plan.Progress;
import bathyra.plan.StepOrder;
import bathyra.workplan.Task;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is done to the order of the steps, each as one change: one moved, left out, added; the order kept for the garments to come. */
final class StepOrdering {
    private final Workshop workshop;
    private final MakingModel model;

    StepOrdering(Workshop workshop, MakingModel model) {
        this.workshop = workshop;
        this.model = model;
    }

    /** A step of the cutter's own, behind the step in hand. @return what is wrong with it */
    Optional<String> add(String label, String text) {
        OptionalDouble minutes = TypedNumber.read(text, "", 0, Progress.MOST);
        if (!label.isBlank() && minutes.isPresent()) {
            model.step().ifPresent(at -> add(label.strip(), minutes.getAsDouble(), at.task()));
            return Optional.empty();
        }
        return Optional.of("Type what is done, and its minutes from 0 to " + (int) Progress.MOST + ".");
    }

    private void add(String label, double minutes, Task behind) {
        StepOrder with = model.plan().order().adding(label, minutes, behind.by());
        String id = with.own().get(with.own().size() - 1).id();
        List<String> order = new ArrayList<>(model.work().orElseThrow().order());
        order.add(order.indexOf(behind.id()) + 1, id);
        model.order(label + ", a step more", with.ordered(order));
    }

    /** Moves the step in hand before or behind its neighbour. */
    void move(int by) {
        model.step().ifPresent(s -> {
            List<String> order = new ArrayList<>(model.work().orElseThrow().order());
            int at = order.indexOf(s.task().id());
            if (at + by >= 0 && at + by < order.size()) {
                Collections.swap(order, at, at + by);
                model.order(
                        "“" + s.task().label() + "” " + (by < 0 ? "earlier" : "later"),
                        model.plan().order().ordered(order));
                model.choose(s.task());
            }
        });
    }

    /** Leaves the step in hand out; one of the cutter's own goes. */
    void leaveOut() {
        model.step().ifPresent(s -> {
            model.chooseNext();
            model.order(
                    "without “" + s.task().label() + "”",
                    model.plan().order().without(s.task().id()));
        });
    }

    /** Takes every step in again that was left out. */
    void takeIn() {
        model.order("every step again", model.plan().order().whole());
    }

    /** Keeps this order of working for the garments to come. */
    void keepOrder() {
        workshop.kept().setHouse(workshop.kept().house().ordering(model.plan().order()));
    }

    /** Works in the order that was kept. */
    void useOrder() {
        model.order("the order of the house", workshop.kept().house().order());
    }

    /** The order that is kept, and whether this garment follows it. */
    boolean followsHouse() {
        return model.plan().order().equals(workshop.kept().house().order());
    }
}
