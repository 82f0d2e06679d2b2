package bathyra.app.foreign;

import bathyra.app.form.Stand;
import bathyra.app.form.WornPicture;
import bathyra.app.work.Latest;
import bathyra.app.workshop.Workshop;
import bathyra.fit.Cloth;
import bathyra.fit.FormSurface;
import bathyra.fit.OnForm;
import bathyra.fit.Worn;
import bathyra.foreign.Levelled;
import bathyra.form.Form;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;

/** A pattern from elsewhere on the body of the wearer in hand: two heights are asked for on one piece, unless the pattern is marked with them. */
final class TriedOn {
    /** Besides the waist one of these is asked for. */
    static final List<Level> SECOND = List.of(Level.BUST, Level.UNDERBUST, Level.HIGH_HIP, Level.HIP);
    /** A half that goes round much less or more of the body than this is no half, as a share. */
    private static final double ALL_ROUND_LEAST = 0.75;

    private static final double ALL_ROUND_MOST = 1.35;
    private static final double USUAL_WAIST = 200;

    private final Workshop workshop;
    private final Latest work;
    private final Runnable changed;
    private Level second = Level.UNDERBUST;
    private OptionalDouble waist = OptionalDouble.empty();
    private OptionalDouble other = OptionalDouble.empty();
    private OptionalDouble gap = OptionalDouble.empty();
    private Optional<WornPicture.Seen> seen = Optional.empty();
    private List<Sentence> said = List.of();
    private List<Sentence> faults = List.of();
    private boolean working;
    private Optional<Commission> of = Optional.empty();
    private Optional<Form> form = Optional.empty();

    /** @param later runs a deed on the window's thread @param changed told there when something else is to be shown */
    TriedOn(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.work = new Latest(later);
        this.changed = changed;
    }

    Level second() {
        return second;
    }

    void second(Level next) {
        second = next;
        other = OptionalDouble.empty();
    }

    /** How deep the waist lies below the top of the piece in hand, mm. */
    double waist() {
        return waist.orElse(USUAL_WAIST);
    }

    void waist(double mm) {
        waist = OptionalDouble.of(mm);
    }

    /** How deep the second level lies; until it is said, as far from the waist as on the wearer's form, mm. */
    double depth() {
        return other.orElseGet(() -> Math.max(0, waist() - height(form(), second)));
    }

    void depth(double mm) {
        other = OptionalDouble.of(mm);
    }

    /** How far the edges behind stay apart, mm; until it is said, as the draft in hand is laced. */
    double gap() {
        return gap.orElseGet(() -> workshop.half()
                .filter(d -> d.commission().garment().fastening().closure().isLaced())
                .map(d -> d.girths().at(Level.WAIST).gap().value())
                .orElse(0.0));
    }

    void gap(double mm) {
        gap = OptionalDouble.of(mm);
    }

    private static double height(Form form, Level level) {
        return switch (level) {
            case BUST -> form.heights().bust();
            case UNDERBUST -> form.heights().underbust();
            case HIGH_HIP -> form.heights().highHip();
            case HIP -> form.heights().hip();
            case UPPER, WAIST -> 0;
        };
    }

    /** The form of the wearer in hand, made once: the fields ask for it whenever they are shown. */
    private Form form() {
        Commission commission = workshop.commission();
        if (form.isEmpty() || !of.equals(Optional.of(commission))) {
            of = Optional.of(commission);
            form = Optional.of(Worn.form(commission));
        }
        return form.get();
    }

    /** Puts it on. @param piece the one on which the heights were measured */
    void ask(Pattern pattern, String piece) {
        forget();
        Levelled ready = Levelled.isMarked(pattern)
                ? new Levelled(pattern, List.of(), List.of())
                : Levelled.of(pattern, piece, depths(), gap() > 0);
        faults = ready.faults();
        if (!faults.isEmpty()) {
            return;
        }
        working = true;
        Commission commission = workshop.commission();
        double open = gap();
        work.begin("a pattern from elsewhere on the form", run -> wear(ready, commission, open, run), this::failed);
    }

    private Map<Level, Double> depths() {
        Map<Level, Double> depths = new EnumMap<>(Level.class);
        depths.put(Level.WAIST, waist());
        depths.put(second, depth());
        return depths;
    }

    private void wear(Levelled ready, Commission commission, double open, Latest.Run run) {
        Form form = Worn.form(commission);
        FormSurface body =
                new FormSurface(form, commission.measurements().occasion().softness());
        OnForm worn = OnForm.laid(ready.pattern(), Cloth.of(commission.garment()), open, body, run::isOver);
        WornPicture.Seen next = WornPicture.Seen.of(Stand.bare(form), worn, worn.away(), false);
        List<Sentence> sentences = new ArrayList<>(ready.notes());
        sentences.addAll(read(worn));
        run.show(() -> {
            seen = Optional.of(next);
            said = sentences;
            working = false;
            changed.run();
        });
    }

    private void failed() {
        faults = List.of(
                Sentence.of(
                        "This pattern could not be put on the form. Look which edges are sewn together; the log in the data folder says more."));
        working = false;
        changed.run();
    }

    /** What is read of it at every level that it is marked with, and how near it lies. */
    private static List<Sentence> read(OnForm worn) {
        List<Sentence> sentences = new ArrayList<>();
        for (Level level : Level.values()) {
            worn.girth(level).ifPresent(girth -> sentences.add(at(worn, level, girth)));
        }
        double most = 0;
        double least = 0;
        for (double each : worn.away()) {
            most = Math.max(most, each);
            least = Math.min(least, each);
        }
        sentences.add(Sentence.of(
                "It stands away by {} at the most, and presses in by up to {}.", Length.mm(most), Length.mm(-least)));
        if (!worn.rest().settled()) {
            sentences.add(Sentence.of("It did not wholly come to rest: read it with care."));
        }
        return sentences;
    }

    private static Sentence at(OnForm worn, Level level, double girth) {
        double body = worn.form().girth(worn.height(level));
        String half = girth < ALL_ROUND_LEAST * body || girth > ALL_ROUND_MOST * body
                ? " Is it one whole half, with all its pieces?"
                : "";
        return Sentence.of(
                level.label() + ": it goes round {}; the body there is {} round." + half,
                Length.mm(girth),
                Length.mm(body));
    }

    /** Another pattern, or the same sewn otherwise. */
    void forget() {
        work.stop();
        seen = Optional.empty();
        said = List.of();
        faults = List.of();
        working = false;
    }

    Optional<WornPicture.Seen> seen() {
        return seen;
    }

    boolean isWorking() {
        return working;
    }

    /** Why it cannot be put on, and what to do. */
    List<String> faults() {
        return faults.stream().map(s -> s.in(workshop.unit())).toList();
    }

    /** What was read, and what the reading rests on. */
    List<String> said() {
        if (seen.isEmpty()) {
            return List.of();
        }
        List<String> words =
                new ArrayList<>(said.stream().map(s -> s.in(workshop.unit())).toList());
        words.add(String.format(
                Locale.ROOT,
                "Without bones, in the cloth of this commission%s. %s",
                gap() > 0 ? ", " + LengthText.say(Length.mm(gap()), workshop.unit()) + " open behind" : "",
                OnForm.assumed(workshop.commission().measurements())));
        return words;
    }
}
