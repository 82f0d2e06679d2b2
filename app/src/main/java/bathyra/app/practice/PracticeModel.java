package bathyra.app.practice;

import bathyra.app.output.AllOrNone;
import bathyra.app.work.Latest;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.csv.PracticeCsv;
import bathyra.files.pdf.PracticeSheet;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.practice.Exercise;
import bathyra.practice.Exercises;
import bathyra.practice.Repetition;
import bathyra.practice.Skill;
import bathyra.practice.WholeDraft;
import bathyra.size.Size;
import bathyra.size.SizeChart;
import bathyra.size.SizeCharts;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import org.slf4j.LoggerFactory;

/** A session of practice: who reckons, on whose body, what is asked, and where each skill stands. */
final class PracticeModel {
    /** Whose figures are reckoned with. */
    enum Source {
        COMMISSION("This commission"),
        MADE_UP("A made-up body");

        private final String label;

        Source(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /** In which order is asked. */
    enum Course {
        DUE("What is due"),
        WHOLE("The whole draft");

        private final String label;

        Course(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    private static final String LEARNER = "learner";
    /** Under this word the record tells these attempts from those of drafting along. */
    private static final String RECORD = "practice";

    private static final int NAME_MOST = 60;
    private static final double GIRTH_DIFFERS = 20;
    private static final int ON_A_SHEET = 12;

    private final Workshop workshop;
    private final Runnable changed;
    private final Latest drafting;
    private final Random random;
    private Source source = Source.COMMISSION;
    private Optional<Draft> draft = Optional.empty();
    private Map<Skill, List<Exercise>> exercises = new EnumMap<>(Skill.class);
    private Optional<WholeDraft> whole = Optional.empty();
    private Optional<Exercise> asked = Optional.empty();
    /** Whether what is asked was right at the first try. */
    private boolean atOnce;

    private Optional<Exercise.Verdict> verdict = Optional.empty();
    private int hints;
    private List<Repetition.Tried> tried = List.of();
    private String said = "";

    /** @param later runs a deed on the window's thread */
    PracticeModel(Workshop workshop, Consumer<Runnable> later, Runnable changed, Random random) {
        this.workshop = workshop;
        this.changed = changed;
        this.drafting = new Latest(later);
        this.random = random;
        read();
    }

    String learner() {
        return workshop.book().place(LEARNER).orElse("");
    }

    void learner(String name) {
        String own = name.strip();
        if (own.length() <= NAME_MOST && !own.equals(learner())) {
            workshop.book().keepPlace(LEARNER, own);
            read();
            changed.run();
        }
    }

    /** What the learner has tried, from the first. */
    private void read() {
        tried = tried(learner());
    }

    private List<Repetition.Tried> tried(String person) {
        List<Repetition.Tried> all = new ArrayList<>();
        workshop.book().practice().of(person).stream()
                .filter(a -> a.school().equals(RECORD))
                .forEach(a -> Skill.ofId(a.step())
                        .ifPresent(skill -> all.add(
                                0,
                                new Repetition.Tried(
                                        skill, a.correct(), a.made().toLocalDate(), a.slip()))));
        return all;
    }

    Repetition repetition() {
        return Repetition.of(tried);
    }

    Source source() {
        return source;
    }

    Course course() {
        return whole.isPresent() ? Course.WHOLE : Course.DUE;
    }

    /** Reckons a whole draft from its beginning, or what is due again. */
    void course(Course next) {
        whole = next == Course.WHOLE ? Optional.of(WholeDraft.of(exercises)) : Optional.empty();
        ask();
    }

    /** The whole draft that is being reckoned, if one is. */
    Optional<WholeDraft> whole() {
        return whole;
    }

    /** On to the next; after the last of a whole draft from its beginning. */
    void goOn() {
        whole = whole.map(w -> w.isDone() ? WholeDraft.of(exercises) : w.next(atOnce));
        ask();
    }

    /** The pattern with what is asked about; empty while nothing is asked. */
    Optional<PracticeDrawing> drawing() {
        return asked.flatMap(e -> draft.map(d -> new PracticeDrawing(d, e.at())));
    }

    Optional<Exercise> asked() {
        return asked;
    }

    Optional<Exercise.Verdict> verdict() {
        return verdict;
    }

    int hints() {
        return hints;
    }

    String said() {
        return said;
    }

    /** Makes the exercises of the commission in hand, unless they are there. */
    void bringUpToDate() {
        if (source == Source.COMMISSION && !draft.equals(workshop.half())) {
            take(workshop.half());
        }
    }

    void from(Source next) {
        source = next;
        if (next == Source.COMMISSION) {
            drafting.stop();
            take(workshop.half());
        } else {
            another();
        }
    }

    /** Another body that nobody has. */
    void another() {
        Commission design = workshop.commission();
        MeasurementSet body = madeUp(random);
        drafting.begin(
                "draft for practice",
                run -> {
                    var outcome = Drafter.draft(
                            new Commission(design.title(), design.units(), design.wearer(), body, design.garment()));
                    run.show(() -> take(outcome instanceof Draft made ? Optional.of(made) : workshop.half()));
                },
                () -> take(workshop.half()));
    }

    /** A body between the sizes of a made-up chart. */
    static MeasurementSet madeUp(Random random) {
        List<SizeChart> charts = SizeCharts.invented();
        List<Size> sizes = charts.get(random.nextInt(charts.size())).sizes();
        MeasurementSet body = sizes.get(random.nextInt(sizes.size())).measurements();
        double more = Math.rint(random.nextDouble() * 2 * GIRTH_DIFFERS - GIRTH_DIFFERS);
        for (MeasurementKey key : List.of(
                MeasurementKey.BUST,
                MeasurementKey.UNDERBUST,
                MeasurementKey.WAIST,
                MeasurementKey.HIGH_HIP,
                MeasurementKey.HIP)) {
            body = body.with(key, Length.mm(body.taken().get(key).millimetres() + more));
        }
        return body;
    }

    private void take(Optional<Draft> next) {
        draft = next;
        exercises = next.map(d -> Exercises.of(d, random)).orElseGet(() -> new EnumMap<>(Skill.class));
        whole = whole.map(w -> WholeDraft.of(exercises));
        ask();
    }

    /** Asks what comes next in the whole draft, or what is due. */
    private void ask() {
        verdict = Optional.empty();
        hints = 0;
        said = "";
        atOnce = false;
        asked = whole.isPresent() ? whole.get().asked() : due();
        changed.run();
    }

    private Optional<Exercise> due() {
        List<Skill> there = List.copyOf(exercises.keySet());
        if (there.isEmpty()) {
            return Optional.empty();
        }
        List<Exercise> own = exercises.get(repetition().next(there, LocalDate.now(), random));
        Exercise next = own.get(random.nextInt(own.size()));
        return Optional.of(
                asked.filter(next::equals).isPresent() && own.size() > 1
                        ? own.get((own.indexOf(next) + 1) % own.size())
                        : next);
    }

    /** Shows one hint more. */
    void hint() {
        hints = Math.min(Exercise.Depth.values().length, hints + 1);
        changed.run();
    }

    /** Looks at an answer, in either unit, and keeps what came of it. */
    void answer(String text) {
        Exercise exercise = asked.orElseThrow();
        LengthText.Reading reading = LengthText.read(text, workshop.unit());
        if (reading instanceof LengthText.Unread unread) {
            said = unread.reason();
            changed.run();
            return;
        }
        Length length = ((LengthText.Read) reading).length();
        // A tape is read to its smallest division.
        double division = workshop.unit().isInches() ? 25.4 / 16 : 1;
        Exercise.Verdict looked = exercise.look(length.millimetres(), division);
        boolean first = verdict.isEmpty();
        verdict = Optional.of(looked);
        said = "";
        if (first) {
            atOnce = isOwn(looked);
        }
        if (first || !looked.correct()) {
            keep(exercise, LengthText.say(length, workshop.unit()), looked);
        }
        changed.run();
    }

    private void keep(Exercise exercise, String answer, Exercise.Verdict looked) {
        String slip = looked.slip().map(s -> s.in(workshop.unit())).orElse("");
        boolean own = isOwn(looked);
        workshop.book().practice().keep(learner(), RECORD, exercise.skill().id(), answer, own, slip);
        List<Repetition.Tried> next = new ArrayList<>(tried);
        next.add(new Repetition.Tried(exercise.skill(), own, LocalDate.now(), slip));
        tried = next;
    }

    /** With the figures before one's eyes it is no answer of one's own. */
    private boolean isOwn(Exercise.Verdict looked) {
        return looked.correct() && hints < Exercise.Depth.values().length;
    }

    /** How everybody stands, as a table. */
    void writeClass(Path file) {
        Map<String, Repetition> all = new LinkedHashMap<>();
        for (String person : workshop.book().practice().everybody()) {
            Repetition own = Repetition.of(tried(person));
            if (!own.boxes().isEmpty()) {
                all.put(person.isEmpty() ? "(no name)" : person, own);
            }
        }
        write(file, PracticeCsv.write(all).getBytes(StandardCharsets.UTF_8), "The class is in ");
    }

    /** A sheet of exercises with the teacher's answers. */
    void writeSheet(Path file) {
        List<Exercise> chosen = new ArrayList<>();
        List<Skill> skills = List.copyOf(exercises.keySet());
        for (int i = 0; i < ON_A_SHEET && !skills.isEmpty(); i++) {
            List<Exercise> own = exercises.get(skills.get(i % skills.size()));
            chosen.add(own.get(random.nextInt(own.size())));
        }
        try {
            write(
                    file,
                    PracticeSheet.write("Sums on " + workshop.commission().title(), chosen, workshop.unit()),
                    "The sheet is in ");
        } catch (IOException e) {
            failed(e, file);
        }
    }

    private void write(Path file, byte[] bytes, String words) {
        try {
            AllOrNone.write(Map.of(file, bytes));
            said = words + file.getFileName() + ".";
            changed.run();
        } catch (IOException e) {
            failed(e, file);
        }
    }

    private void failed(IOException e, Path file) {
        LoggerFactory.getLogger(PracticeModel.class).warn("writing practice", e);
        said = file.getFileName() + " could not be written. Choose a place that you may write to, with room.";
        changed.run();
    }
}
