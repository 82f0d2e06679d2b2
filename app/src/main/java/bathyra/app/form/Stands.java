package bathyra.app.form;

import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.form.Tape;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.MeasurementSet.Part;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Works out, beside the window, the body that is drawn for a set of figures; of many that are asked for the last is the one that comes. */
public final class Stands {
    private static final Logger LOG = LoggerFactory.getLogger(Stands.class);
    private static final double USUAL_SHOULDERS = 400;
    /** An ordinary body, where these are absent and a form is to be drawn all the same. */
    private static final Map<MeasurementKey, Double> ORDINARY =
            Map.of(MeasurementKey.WAIST, 720.0, MeasurementKey.UNDERBUST, 785.0);

    private final Consumer<Runnable> later;
    private final ExecutorService work =
            new ThreadPoolExecutor(0, 1, 10, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), Stands::thread);
    private volatile MeasurementSet asked = MeasurementSet.empty();

    /** @param later runs a deed on the window's thread */
    public Stands(Consumer<Runnable> later) {
        this.later = later;
    }

    private static Thread thread(Runnable run) {
        Thread thread = new Thread(run, "form");
        thread.setDaemon(true);
        return thread;
    }

    /** Asks for the body of a set; it is given on the window's thread, unless another was asked for since. */
    public void ask(MeasurementSet set, Consumer<Stand> then) {
        asked = set;
        work.execute(() -> {
            if (asked == set) {
                of(set).ifPresent(stand -> later.accept(() -> {
                    if (asked == set) {
                        then.accept(stand);
                    }
                }));
            }
        });
    }

    /** The body of a set, drawn within what is plausible whatever was typed; nothing where its figures make no body at all. */
    public static Optional<Stand> of(MeasurementSet set) {
        MeasurementSet drawn = drawn(set);
        try {
            Form left = Modelling.of(Tape.of(drawn.of(drawn.isUneven() ? Part.LEFT : Part.WHOLE), false));
            Form right = drawn.isUneven() || !drawn.right().isEmpty()
                    ? Modelling.of(Tape.of(drawn.of(Part.RIGHT), false))
                    : left;
            Length shoulders = drawn.taken().getOrDefault(MeasurementKey.SHOULDER_WIDTH, Length.mm(USUAL_SHOULDERS));
            return isBody(left) && isBody(right)
                    ? Optional.of(
                            Stand.whole(left, right, shoulders.millimetres()).prepared())
                    : Optional.empty();
        } catch (RuntimeException e) {
            LOG.info("these figures make no body: {}", e.toString());
            return Optional.empty();
        }
    }

    private static MeasurementSet drawn(MeasurementSet set) {
        Map<MeasurementKey, Length> taken = new EnumMap<>(MeasurementKey.class);
        set.taken().forEach((key, length) -> taken.put(key, plausible(key, length.millimetres())));
        Map<MeasurementKey, Length> right = new EnumMap<>(MeasurementKey.class);
        set.right()
                .forEach((key, length) -> right.put(
                        key,
                        key.isHalved()
                                ? Length.mm(
                                        plausible(key, 2 * length.millimetres()).millimetres() / 2)
                                : plausible(key, length.millimetres())));
        ORDINARY.forEach((key, mm) -> taken.putIfAbsent(key, Length.mm(mm)));
        return new MeasurementSet(taken, right, set.confirmed(), set.occasion());
    }

    private static Length plausible(MeasurementKey key, double mm) {
        return Length.mm(Math.max(key.least().millimetres(), Math.min(key.most().millimetres(), mm)));
    }

    /** Whether every place of it can be drawn. */
    private static boolean isBody(Form form) {
        for (double z = form.heights().below(); z <= form.heights().above(); z += 20) {
            for (double azimuth = 0; azimuth <= Math.PI; azimuth += 0.5) {
                double radius = form.radius(azimuth, z);
                if (!(radius > 10 && radius < 1000)) {
                    return false;
                }
            }
        }
        return form.heights().above() > form.heights().bust();
    }
}
