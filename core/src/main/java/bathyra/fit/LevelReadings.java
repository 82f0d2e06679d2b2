package bathyra.fit;

import bathyra.fit.Worn.LevelReading;
import bathyra.geometry.Motion;
import bathyra.geometry.Point;
import bathyra.girth.LevelPlan;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.reckon.Derived;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Reads a worn garment at its levels (C22). */
final class LevelReadings {
    /** A tension is read over so much to either side of a level, mm: at a single vertex it means nothing. */
    private static final double BAND = 12;

    private static final Rule RULE = Rule.of("C22", "as it sits");
    /** Of a newton on a square millimetre. */
    private static final double KILOPASCAL = 1000;

    private final Worn worn;
    private final Sewing sewing;
    private final Draping draping;
    private final Settling settling;

    LevelReadings(Worn worn, Sewing sewing, Draping draping, Settling settling) {
        this.worn = worn;
        this.sewing = sewing;
        this.draping = draping;
        this.settling = settling;
    }

    /** The readings of all levels that the pieces are marked with, from the top. */
    List<LevelReading> all() {
        List<LevelReading> readings = new ArrayList<>();
        for (LevelPlan plan : worn.draft().girths().levels()) {
            Level level = plan.level();
            List<Piece> marked = sewing.pattern().pieces().stream()
                    .filter(p -> p.mark(level).isPresent())
                    .toList();
            if (marked.isEmpty()) {
                continue;
            }
            Band band = band(level);
            readings.add(new LevelReading(
                    level,
                    plan.body().value(),
                    plan.worn().value(),
                    girth(level, marked),
                    band.pulls(level),
                    band.presses(level),
                    rides(level, marked.get(0), 0),
                    ridesAtSide(level)));
        }
        return readings;
    }

    /** Both halves of the line on every piece, each as it was cut and as it is stretched, and the gap. */
    private Reckoned girth(Level level, List<Piece> marked) {
        List<Reckoned> lines = new ArrayList<>();
        for (Piece piece : marked) {
            LevelMark mark = piece.mark(level).orElseThrow();
            double cut = mark.from().distance(mark.to());
            Reckoned paper = Given.option(piece.name(), cut, Quantity.LENGTH, "on paper", RULE);
            Reckoned stretch = Given.option(
                    "Stretch of " + piece.name(),
                    worn.length(piece, mark) / cut,
                    Quantity.RATIO,
                    "as it lies ÷ on paper",
                    RULE);
            lines.add(paper.times(stretch));
        }
        Reckoned both = Derived.sum(lines).times(2);
        return (sewing.gap() > 0
                        ? both.plus(Given.option("Gap", sewing.gap(), Quantity.LENGTH, "as planned", RULE))
                        : both)
                .named(level.label() + ", as it sits", RULE);
    }

    /** How far a level line lies above where the draft means it: as far up the form, from the waist, as it lies above the waist on the paper. */
    private Reckoned rides(Level level, Piece piece, double share) {
        LevelMark mark = piece.mark(level).orElseThrow();
        Point there = mark.from().between(mark.to(), share);
        double[] at = new double[3];
        worn.at(sewing.pieces().get(piece.id()), there, at, 0);
        Optional<LevelMark> waist = piece.mark(Level.WAIST);
        if (waist.isEmpty()) {
            return rises(at[2], draping.height(level));
        }
        double up = waist.get().from().between(waist.get().to(), share).y() - there.y();
        double azimuth = Math.atan2(at[0], at[1] - worn.form().axis(at[2]));
        return rises(at[2], worn.form().along(azimuth, 0, up));
    }

    private static Reckoned rises(double lies, double meant) {
        return Given.option("Height of the line", lies, Quantity.LENGTH, "over the waist, as it lies", RULE)
                .minus(Given.option("Height in the draft", meant, Quantity.LENGTH, "carried up the form", RULE))
                .named("Lies higher than drafted", RULE);
    }

    private Reckoned ridesAtSide(Level level) {
        Optional<Piece> beside = sewing.pattern().pieces().stream()
                .filter(p -> !p.front() && p.mark(level).isPresent())
                .findFirst();
        return beside.map(p -> rides(level, p, 0)).orElseGet(() -> rises(0, 0));
    }

    /**
     * What is read on the cloth within the band of a level.
     *
     * @param pull N for each mm of height, on the average of its area
     * @param load what the body bears, N
     * @param area on which it bears it, mm²
     */
    private record Band(double pull, double load, double area) {
        Reckoned pulls(Level level) {
            return Given.option("Pull on a millimetre", pull, Quantity.RATIO, "mean by the line, N/mm", RULE)
                    .times(OnForm.PER_METRE)
                    .named("Pull at the " + level.label().toLowerCase(Locale.ROOT), RULE);
        }

        Reckoned presses(Level level) {
            Reckoned bears = Given.option("Load", load, Quantity.RATIO, "by the line, N", RULE);
            Reckoned on = Given.option("Area", area == 0 ? 1 : area, Quantity.RATIO, "as it lies, mm²", RULE);
            return bears.over(on)
                    .times(KILOPASCAL)
                    .named("Pressure at the " + level.label().toLowerCase(Locale.ROOT), RULE);
        }
    }

    private Band band(Level level) {
        double force = 0;
        double area = 0;
        double pushed = 0;
        double pushedArea = 0;
        double[] stretched = settling.stretchedArea(worn.rest().shape());
        Mesh mesh = settling.mesh();
        int t = 0;
        boolean[] seen = new boolean[mesh.count()];
        for (PieceMesh cut : sewing.pieces().values()) {
            Optional<LevelMark> mark = cut.piece().mark(level);
            Motion upright = cut.piece().uprightTurn();
            for (int i = 0; i < cut.triangles().size(); i++) {
                int[] corners = cut.triangles().get(i);
                if (worn.isSewnFlat(cut, corners)) {
                    continue;
                }
                int at = t++;
                if (mark.isEmpty() || away(cut, corners, mark.get()) > BAND) {
                    continue;
                }
                double[] f = settling.membrane().stretch(at, worn.rest().shape());
                double[] s = settling.membrane().tension(f);
                Point along = upright.apply(mark.get().to());
                Point from = upright.apply(mark.get().from());
                double angle = Math.atan2(along.y() - from.y(), along.x() - from.x());
                double cos = Math.cos(angle);
                double sin = Math.sin(angle);
                double second = s[0] * cos * cos + s[1] * sin * sin + 2 * s[2] * sin * cos;
                double stretch = 0;
                for (int axis = 0; axis < 3; axis++) {
                    double way = f[axis] * cos + f[3 + axis] * sin;
                    stretch += way * way;
                }
                force += settling.membrane().area(at) * second * Math.sqrt(stretch);
                area += settling.membrane().area(at);
                for (int corner : corners) {
                    int v = sewing.vertex(cut.piece(), corner);
                    if (!seen[v]) {
                        seen[v] = true;
                        pushed += settling.contact().pressure(worn.rest().shape(), v)
                                * settling.contact().area(v);
                        pushedArea += stretched[v];
                    }
                }
            }
        }
        return new Band(area == 0 ? 0 : force / area, pushed, pushedArea);
    }

    private static double away(PieceMesh cut, int[] corners, LevelMark mark) {
        double x = 0;
        double y = 0;
        for (int corner : corners) {
            x += cut.points().get(corner).x() / 3;
            y += cut.points().get(corner).y() / 3;
        }
        Point a = mark.from();
        return Math.abs(a.to(mark.to()).unit().cross(a.to(new Point(x, y))));
    }
}
