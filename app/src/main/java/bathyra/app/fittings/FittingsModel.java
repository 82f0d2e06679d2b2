package bathyra.app.fittings;

import bathyra.app.work.Latest;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.correction.Elsewhere;
import bathyra.correction.Proposal;
import bathyra.correction.Rest;
import bathyra.draft.Draft;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Picture;
import bathyra.fitting.Setting;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Level;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.slf4j.LoggerFactory;

/** What can be done on the Fittings stage: which fitting and which mark are in hand, what would become of them, and the draft made from them. */
public final class FittingsModel {
    /** Where the book keeps what the workshop allows for cloth and bones, mm. */
    private static final String HOUSE_CLOTH = "house-cloth";
    /** From calico to coutil 5 at the waist, and 5 for the bones (C15.5). */
    private static final Length CLOTH_AND_BONES = Length.mm(10);

    private final Workshop workshop;
    private final KeptDrafts kept;
    private final Latest work;
    private final Runnable changed;
    private int fitting;
    private int mark;
    private MarkKind tool = MarkKind.PINCH;
    private Side side = Side.BOTH;
    private Optional<Key> of = Optional.empty();
    private Optional<Known> known = Optional.empty();
    private boolean working;

    /** What was asked. */
    private record Key(long commission, Commission state, int fitting, int mark) {}

    /**
     * What became of it.
     *
     * @param all of every mark that is followed
     * @param one of the mark in hand alone
     * @param elsewhere what the mark in hand moves
     */
    private record Known(Key key, Optional<Proposal> all, Optional<Proposal> one, List<Elsewhere> elsewhere) {}

    /** @param later runs a deed on the window's thread @param changed told there when something else is to be shown */
    FittingsModel(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.kept = new KeptDrafts(workshop);
        this.work = new Latest(later);
        this.changed = changed;
    }

    Commission commission() {
        return workshop.commission();
    }

    List<Fitting> fittings() {
        return commission().fittings();
    }

    /** The fitting in hand: the chosen one, else the last. */
    Optional<Fitting> fitting() {
        Optional<Fitting> chosen =
                fittings().stream().filter(f -> f.number() == fitting).findFirst();
        return chosen.or(() -> fittings().isEmpty()
                ? Optional.empty()
                : Optional.of(fittings().get(fittings().size() - 1)));
    }

    /** The one before the one in hand. */
    Optional<Fitting> before() {
        return fitting()
                .flatMap(f ->
                        fittings().stream().filter(o -> o.number() < f.number()).reduce((a, b) -> b));
    }

    Optional<Mark> mark() {
        return fitting().flatMap(f -> f.mark(mark));
    }

    void choose(Fitting which) {
        workshop.letGo();
        fitting = which.number();
        mark = 0;
        workshop.showing().again();
    }

    /** Takes a mark in hand; none for 0. */
    void choose(int which) {
        workshop.letGo();
        mark = which;
        workshop.showing().again();
    }

    MarkKind tool() {
        return tool;
    }

    void tool(MarkKind next) {
        tool = next;
        workshop.showing().again();
    }

    Side side() {
        return side;
    }

    /** On both halves, the right one, the left one, and both again. */
    void nextSide() {
        side = side == Side.BOTH ? Side.RIGHT : side == Side.RIGHT ? Side.LEFT : Side.BOTH;
        workshop.showing().again();
    }

    /** Begins a fitting of today. */
    void begin(FittingKind kind) {
        int number = 1 + fittings().stream().mapToInt(Fitting::number).max().orElse(0);
        Fitting begun = Fitting.begun(number, kind, LocalDate.now());
        begun = begun.in(begun.setting()
                .with(Setting.Field.VERSION, kept.inHand())
                .lacedTo(
                        commission().garment().fastening().closure().isLaced()
                                ? Optional.of(commission().garment().gap().length())
                                : Optional.empty()));
        List<Fitting> next = new ArrayList<>(fittings());
        next.add(begun);
        fitting = number;
        mark = 0;
        workshop.once(kind.label() + " fitting", commission().withFittings(next));
    }

    /** Takes the fitting in hand away, with what the draft follows of it. */
    void remove() {
        fitting().ifPresent(f -> {
            mark = 0;
            workshop.once(
                    "fitting " + f.number() + " taken away",
                    commission()
                            .withFittings(fittings().stream()
                                    .filter(o -> o.number() != f.number())
                                    .toList())
                            .withAdjustments(commission().adjustments().stream()
                                    .filter(a -> a.fitting() != f.number())
                                    .toList()));
        });
    }

    private void change(String label, String thing, UnaryOperator<Fitting> change) {
        fitting()
                .ifPresent(f -> workshop.change(
                        label,
                        commission()
                                .withFittings(fittings().stream()
                                        .map(o -> o.number() == f.number() ? change.apply(o) : o)
                                        .toList()),
                        InHand.of("fitting-" + f.number() + "-" + thing)));
    }

    private void once(String label, UnaryOperator<Fitting> change) {
        workshop.letGo();
        change(label, "once", change);
        workshop.letGo();
    }

    void setting(Setting.Field field, String text) {
        change(
                "fitting: " + field.label().toLowerCase(Locale.ROOT),
                field.id(),
                f -> f.in(f.setting().with(field, text)));
    }

    void setting(String label, UnaryOperator<Setting> change) {
        once("fitting: " + label, f -> f.in(change.apply(f.setting())));
    }

    void said(String text) {
        change("what the wearer said", "said", f -> f.saying(text));
    }

    void toDo(String text) {
        change("to do before the next fitting", "todo", f -> f.toDo(text));
    }

    void day(LocalDate day) {
        once("day of the fitting", f -> f.on(Optional.of(day)));
    }

    /** Puts a mark down and takes it in hand. */
    void put(Spot spot, Length amount) {
        Fitting f = fitting().orElseThrow();
        int number = f.nextMark();
        Mark put = Mark.put(number, tool, spot, amount).on(side);
        workshop.letGo();
        mark = number;
        change("mark " + number + ": " + put.kind().seen(), thing(number), o -> o.with(put));
    }

    private static String thing(int mark) {
        return "mark-" + mark;
    }

    /** Changes the mark in hand; changes that follow each other are one. */
    void mark(UnaryOperator<Mark> next) {
        mark().ifPresent(m -> change(
                "mark " + m.number() + ": " + m.kind().seen() + " "
                        + LengthText.say(next.apply(m).amount(), workshop.unit()),
                thing(m.number()),
                f -> f.changing(m.number(), next)));
    }

    /** The measured gap at a place; the mark that has it is made with the first reading, and agreed: what was measured is no matter of opinion. */
    void gapRead(Spot at, Length reading) {
        Fitting f = fitting().orElseThrow();
        int number = gap(at).map(Mark::number).orElse(f.nextMark());
        String label = "gap " + LengthText.say(reading, workshop.unit());
        change(
                label,
                thing(number),
                o -> o.mark(number).isPresent()
                        ? o.changing(number, g -> g.of(reading))
                        : o.with(Mark.put(number, MarkKind.GAP, at, reading).decided(Decision.AGREED, "")));
    }

    /** The gap at a place was not measured after all. */
    void gapAway(Spot at) {
        gap(at).ifPresent(m -> once("gap taken away", f -> f.without(m.number())));
    }

    /** The reading of a gap at a place. */
    Optional<Mark> gap(Spot at) {
        return fitting().flatMap(f -> f.marks().stream()
                .filter(m -> m.kind() == MarkKind.GAP && m.spot().level().equals(at.level()))
                .findFirst());
    }

    /** Whether what cloth and bones take is still to be allowed for: a toile has neither. */
    boolean isClothToCome() {
        return fitting()
                .filter(f ->
                        f.kind() == FittingKind.TOILE && f.marks().stream().noneMatch(m -> m.kind() == MarkKind.CLOTH))
                .isPresent();
    }

    /** What the workshop allows for cloth and bones: what it allowed last. */
    Length houseCloth() {
        return workshop.book().place(HOUSE_CLOTH).flatMap(FittingsModel::kept).orElse(CLOTH_AND_BONES);
    }

    /** Nothing where what was kept is no length any more. */
    private static Optional<Length> kept(String mm) {
        try {
            return Optional.of(Length.mm(Double.parseDouble(mm)));
        } catch (NumberFormatException e) {
            LoggerFactory.getLogger(FittingsModel.class).warn("what cloth and bones take could not be read", e);
            return Optional.empty();
        }
    }

    /** Puts down what cloth and bones take, at the waist, to be agreed like any mark. */
    void allowForCloth() {
        Fitting f = fitting().orElseThrow();
        int number = f.nextMark();
        Mark put = Mark.put(number, MarkKind.CLOTH, Spot.at(Level.WAIST), houseCloth());
        workshop.letGo();
        mark = number;
        change("mark " + number + ": " + put.kind().seen(), thing(number), o -> o.with(put));
    }

    private void keepHouseCloth(Mark of) {
        if (of.kind() == MarkKind.CLOTH && of.decision().isFollowed()) {
            workshop.book().keepPlace(HOUSE_CLOTH, Double.toString(of.amount().millimetres()));
        }
    }

    void decide(Decision decision) {
        mark().ifPresent(m -> {
            once(
                    "mark " + m.number() + " " + decision.label(),
                    f -> f.changing(m.number(), o -> o.decided(decision, o.reason())));
            mark().ifPresent(this::keepHouseCloth);
        });
    }

    void reason(String text) {
        mark().ifPresent(m -> change(
                "why mark " + m.number(),
                "why-" + m.number(),
                f -> f.changing(m.number(), o -> o.decided(o.decision(), text))));
    }

    void seen(String text) {
        mark().ifPresent(m -> change(
                "words of mark " + m.number(), "seen-" + m.number(), f -> f.changing(m.number(), o -> o.saying(text))));
    }

    void takeAway() {
        mark().ifPresent(m -> {
            mark = 0;
            once("mark " + m.number() + " taken away", f -> f.without(m.number()));
        });
    }

    /** Works out beside the window what becomes of the marks, unless that is known. */
    void bringUpToDate() {
        kept.forget();
        Optional<Fitting> f = fitting();
        Optional<Key> asked = f.map(o -> new Key(
                workshop.id(),
                commission(),
                o.number(),
                mark().map(Mark::number).orElse(0)));
        if (asked.equals(of)) {
            return;
        }
        of = asked;
        if (asked.isEmpty()) {
            work.stop();
            known = Optional.empty();
            working = false;
            return;
        }
        working = true;
        Key key = asked.get();
        work.begin("fitting", run -> ask(key, f.get(), run), () -> {
            working = false;
            changed.run();
        });
    }

    private void ask(Key key, Fitting f, Latest.Run run) {
        Optional<Proposal> one = f.mark(key.mark()).flatMap(m -> Proposal.ofOne(key.state(), f, m));
        List<Elsewhere> elsewhere =
                one.map(p -> Elsewhere.between(p.before(), p.draft())).orElse(List.of());
        if (run.isOver()) {
            return;
        }
        Optional<Proposal> all = Proposal.of(key.state(), f);
        run.show(() -> {
            known = Optional.of(new Known(key, all, one, elsewhere));
            working = false;
            changed.run();
        });
    }

    boolean isWorking() {
        return working;
    }

    private Optional<Known> known() {
        return known.filter(k -> k.key().commission() == workshop.id()
                && fitting().filter(f -> f.number() == k.key().fitting()).isPresent());
    }

    /** What would be made of every mark that is followed; the last answer while a new one is worked out. */
    Optional<Proposal> proposal() {
        return known().flatMap(Known::all);
    }

    /** What would be made of the mark in hand alone. */
    Optional<Proposal> one() {
        return known().filter(k -> k.key().mark() == mark).flatMap(Known::one);
    }

    List<Elsewhere> elsewhere() {
        return known().filter(k -> k.key().mark() == mark).map(Known::elsewhere).orElse(List.of());
    }

    /** What was tried on. */
    Optional<Draft> tried() {
        return proposal().map(Proposal::before).or(workshop::draft);
    }

    /** What was asked of the fitting before, and what is left of it. */
    List<Rest> rest() {
        return before().flatMap(first -> fitting()
                        .map(next -> Rest.of(
                                first,
                                next,
                                commission().adjustments(),
                                commission().garment().gap().length())))
                .orElse(List.of());
    }

    /** Whether the draft follows the fitting as it stands. */
    boolean isFollowed() {
        return fitting().isPresent()
                && proposal()
                        .filter(p -> own(p.commission()).equals(own(commission())))
                        .isPresent();
    }

    private List<Adjustment> own(Commission of) {
        int number = fitting().orElseThrow().number();
        return of.adjustments().stream().filter(a -> a.fitting() == number).toList();
    }

    /** The drafts that were made from fittings. */
    KeptDrafts kept() {
        return kept;
    }

    /** Makes the next draft from what was agreed. */
    void make() {
        kept.make(
                fitting().orElseThrow().number(),
                proposal().orElseThrow().commission().adjustments());
    }

    /** Adds a picture to the fitting in hand. @return why it was not added */
    Optional<String> add(Picture picture) {
        List<Picture> has = fitting().map(Fitting::pictures).orElse(List.of());
        if (has.stream().anyMatch(p -> p.id().equals(picture.id()))) {
            return Optional.of("This picture is in the notebook already.");
        }
        if (has.size() >= Picture.COUNT_MOST) {
            return Optional.of("A fitting keeps " + Picture.COUNT_MOST + " pictures. Take one out first.");
        }
        List<Picture> next = new ArrayList<>(has);
        next.add(picture);
        once("picture", f -> f.showing(next));
        return Optional.empty();
    }

    /** A picture under another name, or with a mark's place on it. */
    void change(Picture picture) {
        change(
                "picture",
                "picture-" + picture.id(),
                f -> f.showing(f.pictures().stream()
                        .map(p -> p.id().equals(picture.id()) ? picture : p)
                        .toList()));
    }

    void takeOut(Picture picture) {
        once(
                "picture taken out",
                f -> f.showing(f.pictures().stream()
                        .filter(p -> !p.id().equals(picture.id()))
                        .toList()));
    }

    /** Switches what the draft follows off, or on again. */
    void turn(Adjustment which, boolean on) {
        workshop.letGo();
        workshop.once(
                "mark " + which.mark() + " of fitting " + which.fitting() + (on ? " followed again" : " switched off"),
                commission()
                        .withAdjustments(commission().adjustments().stream()
                                .map(a -> a.equals(which) ? a.turned(on) : a)
                                .toList()));
    }

    /** Nobody looks any more. */
    void giveUp() {
        if (working) {
            work.stop();
            of = Optional.empty();
            working = false;
        }
    }
}
