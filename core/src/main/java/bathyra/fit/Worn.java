package bathyra.fit;

import bathyra.draft.Draft;
import bathyra.fit.Settling.Rest;
import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.form.Tape;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.paper.Sheet;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;

/** A garment as it sits on the wearer's form, and what is read off it (C22). It was worked out from the tape and not seen: the toile decides. */
public final class Worn extends OnForm {
    /** Up to so much it is said not to press, to press lightly, to press firmly, kPa; these are house words (C22). */
    static final double NOT_AT_ALL = 0.05;

    static final double LIGHT = 1;
    static final double FIRM = 3;
    /** A change so small that it is worth going on from the shape before settles in fewer. */
    private static final int WARM_ROUNDS = 30;

    private static final double WARM = 1e-5;
    private static final double UNDER_THE_LINE = 20;
    private static final double PAST_APEX = 1.15;
    private static final double BEHIND_SIDE = 2.1;

    private final Draft draft;

    private Worn(Draft draft, FormSurface surface, Sewing sewing, Draping draping, Settling settling, Rest rest) {
        super(surface, sewing, draping, settling, rest);
        this.draft = draft;
    }

    /** The form of a draft's wearer; with lungs full where the garment is made for that. */
    public static Form form(Draft draft) {
        return form(draft.commission());
    }

    /** The form of a commission's wearer; with lungs full where its garment is made for that. */
    public static Form form(Commission commission) {
        return Modelling.of(
                Tape.of(commission.measurements(), commission.garment().isLungsFull()));
    }

    /**
     * Puts a draft on a form: coarse first, then fine.
     *
     * @param stop asked before each round; what there is then is given, and said not to be settled
     */
    public static Worn of(Draft draft, FormSurface surface, BooleanSupplier stop) {
        Worn coarse = cold(draft, surface, COARSE, stop);
        return stop.getAsBoolean() ? coarse : coarse.finer(FINE, stop);
    }

    /** The form of a draft's wearer as a body that gives way as that wearer's does. */
    public static FormSurface surface(Draft draft) {
        return new FormSurface(
                form(draft), draft.commission().measurements().occasion().softness());
    }

    private static Cloth cloth(Draft draft) {
        return Cloth.of(draft.commission().garment());
    }

    /** Puts a draft on a form at one spacing, from its level lines. */
    public static Worn cold(Draft draft, FormSurface surface, double spacing, BooleanSupplier stop) {
        Draft sewn = draft.asSewn();
        Sewing sewing = Sewing.of(sewn.pattern(), spacing, gap(draft));
        Draping draping = new Draping(sewing, surface.form(), upperOver(draft));
        Mesh mesh = sewing.mesh();
        Settling settling = new Settling(mesh, cloth(draft), Boned.rods(sewn, sewing), surface, spacing);
        Rest rest = settling.settle(draping.start(mesh), COLD, ENOUGH, ROUNDS, stop);
        return new Worn(draft, surface, sewing, draping, settling, rest);
    }

    /** The same on a finer mesh, begun from this shape. */
    public Worn finer(double spacing, BooleanSupplier stop) {
        return begunFromHere(draft, surface(), spacing, PROLONGED, ROUNDS, stop);
    }

    /**
     * A draft that was changed a little, or the same on a body that was, begun from this shape.
     *
     * @return nothing where the pieces are others, so that it has to begin from its level lines
     */
    public Optional<Worn> changed(Draft next, FormSurface body, BooleanSupplier stop) {
        boolean same = next.cutting().seamed().sheets().stream()
                .map(Sheet::id)
                .collect(Collectors.toSet())
                .equals(sewing().pieces().keySet());
        return same
                ? Optional.of(begunFromHere(next, body, sewing().spacing(), WARM, WARM_ROUNDS, stop))
                : Optional.empty();
    }

    private Worn begunFromHere(
            Draft next, FormSurface body, double spacing, double damping, int most, BooleanSupplier stop) {
        Draft seamed = next.asSewn();
        Sewing sewn = Sewing.of(seamed.pattern(), spacing, gap(next));
        Draping from = new Draping(sewn, body.form(), upperOver(next));
        Mesh mesh = sewn.mesh();
        Settling settled = new Settling(mesh, cloth(next), Boned.rods(seamed, sewn), body, spacing);
        double[] start = from.start(mesh);
        carry(sewn, start);
        return new Worn(next, body, sewn, from, settled, settled.settle(start, damping, ENOUGH, most, stop));
    }

    /** The pull that holds a laced back as it is, on the average of its length, N/m; nothing where it is not laced. */
    public OptionalDouble lacingPull() {
        Map<Integer, Double> edge = sewing().lacing();
        if (sewing().gap() <= 0 || edge.isEmpty()) {
            return OptionalDouble.empty();
        }
        double[] held = settling().heldBy(rest().shape());
        double force = 0;
        double length = 0;
        for (Map.Entry<Integer, Double> each : edge.entrySet()) {
            force += held[each.getKey()];
            length += each.getValue();
        }
        return OptionalDouble.of(Math.max(0, force / length * PER_METRE));
    }

    /**
     * How the back opens when it is laced with one cord instead of being held at its gap.
     *
     * @param pull of the cord, N/m
     * @return nothing where it is not laced
     */
    public Optional<Lacing> laced(double pull, BooleanSupplier stop) {
        Map<Integer, Double> edge = sewing().lacing();
        if (sewing().gap() <= 0 || edge.isEmpty()) {
            return Optional.empty();
        }
        int[] vertices = edge.keySet().stream().mapToInt(Integer::intValue).toArray();
        double[] lengths =
                edge.values().stream().mapToDouble(Double::doubleValue).toArray();
        Settling free = new Settling(
                mesh().freed(edge.keySet()),
                cloth(draft),
                Boned.rods(draft, sewing()),
                new Cord(vertices, lengths, pull / PER_METRE),
                surface(),
                sewing().spacing());
        Rest next = free.settle(rest().shape(), PROLONGED, ENOUGH, ROUNDS, stop);
        double[] held = settling().heldBy(rest().shape());
        List<Lacing.Gap> gaps = new ArrayList<>();
        for (int i = 0; i < vertices.length; i++) {
            gaps.add(new Lacing.Gap(
                    next.shape()[3 * vertices[i] + 2],
                    Math.max(0, 2 * next.shape()[3 * vertices[i]]),
                    held[vertices[i]] / lengths[i] * PER_METRE,
                    0));
        }
        gaps.sort(Comparator.comparingDouble(Lacing.Gap::height).reversed());
        return Optional.of(new Lacing(pull, gaps, next.settled()));
    }

    private static double gap(Draft draft) {
        Garment garment = draft.commission().garment();
        return garment.fastening().closure().isLaced()
                ? draft.girths().at(Level.WAIST).gap().value()
                : 0;
    }

    private static double upperOver(Draft draft) {
        var front = draft.block().heights().front();
        return front.containsKey(Level.UPPER) && front.containsKey(Level.BUST)
                ? front.get(Level.BUST).value() - front.get(Level.UPPER).value()
                : USUAL_UPPER;
    }

    /**
     * What is read at a level.
     *
     * @param body the wearer's girth, mm
     * @param planned the girth that the garment was planned to be worn at
     * @param lies the girth of its line as it sits, with its gap, mm
     * @param pulls N for each metre of height
     * @param presses kPa, over the height of the band
     * @param front how far the line lies above where the draft means it, at centre front, mm
     * @param side the same at the side
     */
    public record LevelReading(
            Level level,
            double body,
            double planned,
            Reckoned lies,
            Reckoned pulls,
            Reckoned presses,
            Reckoned front,
            Reckoned side) {
        public double worn() {
            return lies.value();
        }

        public double tension() {
            return pulls.value();
        }

        public double pressure() {
            return presses.value();
        }

        public double ridesFront() {
            return front.value();
        }

        public double ridesSide() {
            return side.value();
        }
    }

    /** The readings of all levels that the pieces are marked with, from the top. */
    public List<LevelReading> levels() {
        return new LevelReadings(this, sewing(), draping(), settling()).all();
    }

    /** How far it stands away at the most under the arm, between the apex and behind the side, from the underbust up, mm. */
    public double besideTheBust() {
        double[] away = away();
        return mostBesideTheBust((v, azimuth, z) -> away[v]);
    }

    /** How far a taut band round the body would stand away there: nothing that pulls lies closer without pressing the bust, mm. */
    public double bridgedBesideTheBust() {
        return mostBesideTheBust((v, azimuth, z) -> form().taut(azimuth, z) - form().radius(azimuth, z));
    }

    /** Reads something at a vertex. */
    private interface AtVertex {
        double read(int v, double azimuth, double z);
    }

    private double mostBesideTheBust(AtVertex reading) {
        double[] x = rest().shape();
        double most = 0;
        for (int v = 0; v < mesh().count(); v++) {
            double z = x[3 * v + 2];
            double azimuth = Math.atan2(x[3 * v], x[3 * v + 1] - form().axis(z));
            if (z > form().heights().underbust() - UNDER_THE_LINE
                    && azimuth > PAST_APEX * form().apexAzimuth()
                    && azimuth < BEHIND_SIDE) {
                most = Math.max(most, reading.read(v, azimuth, z));
            }
        }
        return most;
    }

    /** What room the breast has, of a garment that goes over it. */
    public Optional<CupRoom> cup() {
        return draft.commission().garment().kind().isOverBust()
                ? Optional.of(CupRoom.of(this, settling().stretchedArea(rest().shape())))
                : Optional.empty();
    }

    public Draft draft() {
        return draft;
    }

    /** In a word how hard it presses (C22). */
    public static String pressing(double kilopascals) {
        return kilopascals < NOT_AT_ALL
                ? "not at all"
                : kilopascals < LIGHT ? "light" : kilopascals < FIRM ? "firm" : "hard";
    }

    /** What every picture and sheet says beside its figures: what they rest on. */
    public String assumed() {
        return assumed(draft.commission().measurements());
    }
}
