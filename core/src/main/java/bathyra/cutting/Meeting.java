package bathyra.cutting;

import bathyra.finding.NotDraftable;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import java.util.Optional;

/**
 * Where a seam that is carried up meets the edge above. How the panel at the side lies follows from where the seam meets the edge, and the
 * edge from how the panel lies.
 *
 * @param up the edge of the seam nearer the centre, upwards and beyond the edge
 * @param partner its other edge, upwards
 * @param flank the side seam of the panel at the side, downwards from the underarm
 */
record Meeting(Path up, Path partner, Path flank, Drawing drawing) {
    private static final int LEAST_ROUNDS = 6;
    private static final int ROUNDS = 60;
    private static final int SECANTS = 24;
    private static final double SHRINKS = 0.9;
    private static final double LEAST_STEP = 0.1;
    private static final double FLAT = 1e-12;

    /** Draws the edge for an underarm and a direction of the side seam on the joined pattern. */
    interface Drawing {
        TopLine line(Point underarm, Vec down) throws NotDraftable;
    }

    /**
     * The meeting.
     *
     * @param laid how the panel at the side lies with the two seam edges on each other there
     * @param here along the seam, mm
     * @param there along the edge, mm
     * @param off how far the edge then misses the underarm, mm
     */
    record Met(TopLine line, Motion laid, double here, double there, double off) {}

    /** @param start how the panel at the side lies to begin with; empty where the seam does not meet the edge */
    Optional<Met> found(Motion start) throws NotDraftable {
        Optional<Met> stepped = byHalvedSteps(start);
        return stepped.isEmpty() || stepped.get().off() <= Tolerance.CHORD ? stepped : bySecants(stepped.get());
    }

    /** Where the seam bends much at its end whole steps swing to and fro: then they are halved. */
    private Optional<Met> byHalvedSteps(Motion start) throws NotDraftable {
        Motion laid = start;
        Optional<Met> met = Optional.empty();
        double off = Double.POSITIVE_INFINITY;
        double at = Double.NaN;
        double step = 1;
        for (int round = 0; round < LEAST_ROUNDS || off > Tolerance.CHORD && round < ROUNDS; round++) {
            met = met(laid);
            if (met.isEmpty()) {
                return met;
            }
            double here = met.get().here();
            at = Double.isNaN(at) ? here : at + step * (here - at);
            laid = laidAt(at);
            double before = off;
            off = met.get().off();
            step = off > before * SHRINKS ? Math.max(LEAST_STEP, step / 2) : step;
        }
        return met;
    }

    /** What halved steps do not come near: the place that is its own answer, by the secant of the last two trials. */
    private Optional<Met> bySecants(Met first) throws NotDraftable {
        double before = first.here();
        Optional<Met> answer = met(laidAt(before));
        if (answer.isEmpty()) {
            return Optional.of(first);
        }
        double missedBefore = answer.get().here() - before;
        double at = before + missedBefore / 2;
        Met best = first;
        for (int round = 0; round < SECANTS; round++) {
            answer = met(laidAt(Math.max(0, Math.min(up.length(), at))));
            if (answer.isEmpty()) {
                return Optional.of(best);
            }
            double missed = answer.get().here() - at;
            best = answer.get().off() < best.off() ? answer.get() : best;
            double slope = missed - missedBefore;
            if (best.off() <= Tolerance.CHORD || Math.abs(slope) < FLAT) {
                return Optional.of(best);
            }
            double next = at - missed * (at - before) / slope;
            before = at;
            missedBefore = missed;
            at = next;
        }
        return Optional.of(best);
    }

    private Optional<Met> met(Motion laid) throws NotDraftable {
        TopLine line =
                drawing.line(laid.inverse().apply(flank.start()), laid.inverse().apply(flank.startTangent()));
        return up.crossing(line.whole()).map(c -> {
            Motion there = laidAt(c.here());
            return new Met(
                    line,
                    there,
                    c.here(),
                    c.there(),
                    there.apply(line.whole().end()).distance(flank.start()));
        });
    }

    /** How the panel at the side lies when the two seam edges are laid on each other at one place. */
    private Motion laidAt(double arc) {
        Path.Place here = up.at(arc);
        Path.Place there = partner.at(arc);
        return Motion.laying(here.point(), here.tangent(), there.point(), there.tangent());
    }
}
