package bathyra.app.cups;

import bathyra.app.glossary.Tried;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.TriedChoices;
import bathyra.app.workshop.Workshop;
import bathyra.cutting.Cutting;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.garment.Bust;
import bathyra.garment.Commission;
import bathyra.garment.ContourSet;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.UnderbustSchool;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What can be done on the Cups stage: the kind of cup, its radius and limits, the wedges round the apex, and the contour. */
public final class CupsModel {
    private static final double INTAKE_MOST = 160;
    private final Workshop workshop;
    private Commission schoolsOf;
    private List<School> schools = List.of();

    public CupsModel(Workshop workshop) {
        this.workshop = workshop;
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    public Bust bust() {
        return garment().bust();
    }

    /** The sheets of the half in view; empty when nothing is drafted or no seam passes over the apex. */
    public Optional<Cutting> cutting() {
        return workshop.half()
                .map(Draft::cutting)
                .filter(c -> c.apex().isPresent() && c.cup().isPresent());
    }

    private void once(String label, Garment next) {
        workshop.letGo();
        workshop.once(label, workshop.commission().withGarment(next));
    }

    public void kind(CupKind next) {
        if (next != bust().cups()) {
            once("cups: " + next.label().toLowerCase(Locale.ROOT), garment().withBust(bust().withCups(next)));
        }
    }

    /** Closes a wedge at its usual width, or opens it again. */
    public void toggle(ContourWedge wedge) {
        boolean closed = bust().wedges().containsKey(wedge);
        String name = "contour, " + wedge.label().toLowerCase(Locale.ROOT);
        once(name + (closed ? " left open" : " closed"), with(garment(), wedge, !closed));
    }

    private static Garment with(Garment garment, ContourWedge wedge, boolean closed) {
        return garment.withBust(
                closed
                        ? garment.bust().withWedge(wedge, wedge.standard())
                        : garment.bust().withoutWedge(wedge));
    }

    /** What closing a wedge, or leaving it open, would do. */
    List<Tried> tried(ContourWedge wedge) {
        return new TriedChoices(workshop)
                .switched(g -> g.bust().wedges().containsKey(wedge), (g, closed) -> with(g, wedge, closed));
    }

    /** Sets the width of a wedge; beyond its range nothing happens and a sentence says why. */
    public Optional<String> width(ContourWedge wedge, String text) {
        LengthText.Reading reading = LengthText.read(text, workshop.unit());
        if (reading instanceof LengthText.Unread unread) {
            return Optional.of(unread.reason());
        }
        Length length = ((LengthText.Read) reading).length();
        if (!length.isWithin(Length.mm(0), ContourWedge.MOST)) {
            return Optional.of(wedge.label() + ": up to " + LengthText.say(ContourWedge.MOST, workshop.unit())
                    + " can be closed.");
        }
        once(
                "contour, " + wedge.label().toLowerCase(Locale.ROOT) + " " + LengthText.say(length, workshop.unit()),
                garment().withBust(bust().withWedge(wedge, length)));
        return Optional.empty();
    }

    public void usual(ContourSet set) {
        once("contour: " + set.label().toLowerCase(Locale.ROOT), garment().withBust(bust().withSet(set.wedges())));
    }

    /** Lays a wire under each cup, or takes it away. */
    public void wires(boolean wired) {
        once(wired ? "cups with wires" : "cups without wires", garment().withBust(bust().withWires(wired)));
    }

    public void open() {
        once("contour left open", garment().withBust(bust().withoutWedges()));
    }

    private double step() {
        return workshop.unit().step();
    }

    /** The bust radius, dragged at the rim: it is a measurement, and so becomes one. */
    public void radius(double mm) {
        double held = Math.max(55, Math.min(150, Math.rint(mm / step()) * step()));
        Length length = Length.mm(held);
        workshop.change(
                "bust radius " + LengthText.say(length, workshop.unit()),
                workshop.commission()
                        .withMeasurements(
                                workshop.commission().measurements().with(MeasurementKey.APEX_TO_UNDERBUST, length)),
                InHand.of("bust-radius"));
    }

    /** A length of a rule, dragged on the drawing and held within its range. */
    public void length(LengthOption option, double mm) {
        double held = Math.max(
                option.least().millimetres(), Math.min(option.most().millimetres(), Math.rint(mm / step()) * step()));
        workshop.change(
                option.label().toLowerCase(Locale.ROOT) + " " + LengthText.say(Length.mm(held), workshop.unit()),
                workshop.commission().withGarment(garment().withLength(option, Length.mm(held))),
                InHand.of(option.id()));
    }

    /** What the seam over the apex takes out at a level, dragged. */
    public void intake(Level level, double mm) {
        double held = Math.max(0, Math.min(INTAKE_MOST, Math.rint(mm / step()) * step()));
        Cell cell = new Cell(level, seam());
        Length before = garment().beforePins(cell, Length.mm(held));
        Garment next = workshop.selection().rightHalfProperty().get()
                ? garment().withRightIntake(cell, before)
                : garment().withIntake(cell, before);
        workshop.change(
                cell.seam().inWords() + " at the " + level.label().toLowerCase(Locale.ROOT) + " "
                        + LengthText.say(Length.mm(held), workshop.unit()),
                workshop.commission().withGarment(next),
                InHand.of("cup-" + level.id()));
    }

    public double intake(Level level) {
        return workshop.half().map(d -> d.intakes().at(level, seam()).value()).orElse(0.0);
    }

    private SeamPlace seam() {
        return SeamPlace.ofId(cutting().orElseThrow().apex().orElseThrow().seam())
                .orElseThrow();
    }

    /** A school's cup beside the own one. */
    public record School(String name, double depth, double underBust) {}

    /** The depth that each school would give this cup. While the wedge under the bust is dragged they stay: no school asks for it. */
    public List<School> schools() {
        if (garment().kind().isPanelled()) {
            return List.of();
        }
        Commission byRule = workshop.commission()
                .withGarment(garment().withoutIntake(new Cell(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT)));
        if (!byRule.equals(schoolsOf)) {
            schoolsOf = byRule;
            schools = drafted(byRule);
        }
        return schools;
    }

    private static List<School> drafted(Commission byRule) {
        List<School> schools = new ArrayList<>();
        for (UnderbustSchool school : UnderbustSchool.values()) {
            Outcome outcome = Drafter.draft(byRule.withGarment(byRule.garment().withSchool(school)));
            if (outcome instanceof Draft draft && draft.cutting().cup().isPresent()) {
                schools.add(new School(
                        school.label(),
                        draft.cutting().cup().get().depth().value(),
                        draft.intakes()
                                .at(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT)
                                .value()));
            }
        }
        return schools;
    }
}
