package bathyra.bench;

import bathyra.app.form.Raster;
import bathyra.app.form.Stand;
import bathyra.app.form.WornFigure;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.fit.FormSurface;
import bathyra.fit.Worn;
import bathyra.garment.Closure;
import bathyra.garment.CupKind;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Forms and garments on them: how long each takes, how far it comes to rest, and what it costs on finer meshes. */
public final class Fits {
    private static final int BODIES = 200;
    private static final int GARMENTS = 60;
    private static final int PICTURES = 60;

    private Fits() {}

    public static void main(String[] arguments) {
        forms();
        Draft draft =
                drafted(Garment.bustier().withUpperEdge(UpperShape.SWEETHEART)).orElseThrow();
        one(draft);
        rest();
    }

    private static java.util.Optional<Draft> drafted(Garment garment) {
        return Drafter.draft(Bodies.commission(Bodies.nerea(), garment)) instanceof Draft draft
                ? java.util.Optional.of(draft)
                : java.util.Optional.empty();
    }

    private static double millis(Runnable work) {
        long from = System.nanoTime();
        work.run();
        return (System.nanoTime() - from) / 1e6;
    }

    private static void say(String what, double[] times) {
        Arrays.sort(times);
        System.out.printf(
                Locale.ROOT,
                "%s: middle %.1f ms, 95 %% %.1f, most %.1f%n",
                what,
                times[times.length / 2],
                times[times.length * 95 / 100],
                times[times.length - 1]);
    }

    private static void forms() {
        Random random = new Random(20);
        List<Draft> drafts = new ArrayList<>();
        while (drafts.size() < BODIES) {
            if (Drafter.draft(Bodies.commission(Bodies.ordinary(random), Garment.of(GarmentKind.UNDERBUST)))
                    instanceof Draft draft) {
                drafts.add(draft);
            }
        }
        double[] times = new double[BODIES];
        for (int round = 0; round < 2; round++) {
            for (int i = 0; i < BODIES; i++) {
                Draft draft = drafts.get(i);
                times[i] = millis(() -> Worn.form(draft));
            }
        }
        say("a form of an ordinary body", times);
    }

    private static void one(Draft draft) {
        Worn rough = Worn.cold(draft, Worn.surface(draft), Worn.COARSE, () -> false);
        Worn worn = rough.finer(Worn.FINE, () -> false);
        int rounds = 9;
        double[] first = new double[rounds];
        double[] cold = new double[rounds];
        double[] warm = new double[rounds];
        Draft wider = drafted(draft.commission().garment().withEase(Level.WAIST, Length.mm(-6)))
                .orElseThrow();
        for (int i = 0; i < rounds; i++) {
            first[i] = millis(() -> Worn.cold(draft, Worn.surface(draft), Worn.COARSE, () -> false));
            cold[i] = millis(() -> Worn.of(draft, Worn.surface(draft), () -> false));
            FormSurface surface = Worn.surface(wider);
            warm[i] = millis(() -> worn.changed(wider, surface, () -> false));
        }
        say("first picture (form, rough mesh)", first);
        say("cold (form, rough, fine)", cold);
        say("after a change of 4 mm, from the shape before", warm);
        Stand stand = Stand.bare(worn.form());
        double[] away = worn.away();
        double[] full = new double[PICTURES];
        double[] half = new double[PICTURES];
        for (int i = 0; i < PICTURES; i++) {
            double turn = i * 0.1;
            Raster[] kept = new Raster[1];
            full[i] = millis(() -> kept[0] = WornFigure.of(stand, worn, away, stand.fitting(turn, 430, 540), 430, 540));
            half[i] = millis(() -> kept[0] = WornFigure.of(stand, worn, away, stand.fitting(turn, 215, 270), 215, 270));
        }
        say("the map at 430 × 540", full);
        say("the map at 215 × 270", half);
        for (double h : new double[] {20, 14, 10, 7}) {
            Worn[] kept = new Worn[1];
            double time = millis(() -> kept[0] = rough.finer(h, () -> false));
            System.out.printf(
                    Locale.ROOT,
                    "h = %.0f: %d vertices, %.0f ms, %d rounds, worn waist %.2f mm%n",
                    h,
                    kept[0].mesh().count(),
                    time,
                    kept[0].rest().rounds(),
                    kept[0].levels().stream()
                            .filter(l -> l.level() == Level.WAIST)
                            .findFirst()
                            .orElseThrow()
                            .worn());
        }
        System.gc();
        long before = used();
        Worn held = Worn.of(draft, Worn.surface(draft), () -> false);
        System.gc();
        System.out.printf(
                Locale.ROOT,
                "memory held by one fit: %.1f MB (%d vertices)%n",
                (used() - before) / 1e6,
                held.mesh().count());
    }

    private static long used() {
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    /** Many garments on many bodies to the residual. */
    private static void rest() {
        List<Garment> garments = List.of(
                Garment.bustier().withUpperEdge(UpperShape.SWEETHEART),
                Garment.bustier()
                        .withUpperEdge(UpperShape.SWEETHEART)
                        .withFastening(Fastening.ZIP.with(Closure.BACK_LACING)),
                Garment.of(GarmentKind.CORSET),
                Garment.of(GarmentKind.UNDERBUST),
                Garment.bustier()
                        .withBust(bathyra.garment.Bust.PRINCESS.withCups(CupKind.TWO_PART))
                        .withUpperEdge(UpperShape.SWEETHEART));
        Random random = new Random(18);
        int settled = 0;
        int done = 0;
        double worst = 0;
        while (done < GARMENTS) {
            Outcome outcome =
                    Drafter.draft(Bodies.commission(Bodies.ordinary(random), garments.get(done % garments.size())));
            if (outcome instanceof Draft draft) {
                Worn worn = Worn.of(draft, Worn.surface(draft), () -> false);
                settled += worn.rest().settled() ? 1 : 0;
                worst = Math.max(worst, worn.rest().residual());
                done++;
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%d of %d garments on ordinary bodies came to rest under 0.05 N; the worst was left with %.2f N%n",
                settled,
                done,
                worst);
    }
}
