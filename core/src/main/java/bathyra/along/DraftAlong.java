package bathyra.along;

import bathyra.along.AlongStep.Chapter;
import bathyra.block.BlockDrawing;
import bathyra.block.BlockLine;
import bathyra.block.Half;
import bathyra.block.Step;
import bathyra.cutting.Contour;
import bathyra.draft.Draft;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** Tells a finished draft from its first line to its pieces. The figures are the draft's own, and what is shown is the paper as it lay at each stage of the draft. */
public final class DraftAlong {
    private static final Rule BLOCK = Rule.of("C4", "block methods");
    private static final Rule GIRTHS = Rule.of("C5", "girth plan");
    private static final Rule SURPLUS = Rule.of("C6", "taking the surplus out");
    private static final Rule CONTOUR = Rule.of("C9", "contour wedges");
    private static final Rule CUPS = Rule.of("C8", "cups");
    private static final Rule EDGES = Rule.of("C10", "edges");
    private static final Rule TRUING = Rule.of("C11", "what is looked at");
    private static final Rule FINISHING = Rule.of("C12", "finishing a piece");
    private static final double APART = 30;
    private static final double NOTHING = 0.5;

    private final Draft draft;
    private final List<AlongStep> steps = new ArrayList<>();
    private final Map<String, Vec> apart = new LinkedHashMap<>();

    private DraftAlong(Draft draft) {
        this.draft = draft;
        double x = 0;
        for (Sheet sheet : draft.cutting().whole().sheets()) {
            List<Point> all = sheet.flattened(1);
            double left = all.stream().mapToDouble(Point::x).min().orElse(0);
            double right = all.stream().mapToDouble(Point::x).max().orElse(0);
            apart.put(sheet.id(), new Vec(x - left, 0));
            x += right - left + APART;
        }
    }

    /** @param block on which it is drafted; empty for a corset, which is drafted on its levels alone */
    public static List<AlongStep> of(Draft draft, Optional<BlockDrawing> block) {
        DraftAlong along = new DraftAlong(draft);
        block.ifPresent(along::block);
        along.girths();
        along.surplus();
        along.seams();
        along.contour();
        along.cups();
        along.edges();
        along.truing();
        along.pieces();
        return List.copyOf(along.steps);
    }

    private static Length mm(double value) {
        return Length.mm(value);
    }

    private void block(BlockDrawing block) {
        for (Half half : Half.values()) {
            List<Path> drawn = new ArrayList<>();
            for (Step step : block.steps()) {
                if (step.half() == half) {
                    List<Path> lit = step.lines().stream().map(BlockLine::path).toList();
                    drawn.addAll(lit);
                    steps.add(new AlongStep(
                            Chapter.BLOCK,
                            step.title(),
                            step.words(),
                            step.figure(),
                            BLOCK,
                            Sentence.of(
                                    "Squares are laid by eye and lines run out: every line of a block is square to centre front or centre back, or it is drawn from point to point."),
                            List.copyOf(drawn),
                            lit));
                }
            }
        }
    }

    /** The levels as lines as long as the half is in cloth. @param upTo how many of them are there */
    private List<Path> levels(int upTo) {
        List<Path> lines = new ArrayList<>();
        List<LevelPlan> plans = draft.girths().levels();
        for (int i = 0; i < upTo; i++) {
            LevelPlan plan = plans.get(i);
            double y = draft.block().front(plan.level());
            lines.add(Path.of(new Line(new Point(0, y), new Point(plan.pattern().value() / 2, y))));
        }
        double top = draft.block().front(plans.get(0).level());
        double foot = draft.block().front(plans.get(plans.size() - 1).level());
        lines.add(Path.of(new Line(new Point(0, top), new Point(0, foot))));
        return lines;
    }

    private void girths() {
        List<LevelPlan> plans = draft.girths().levels();
        for (int i = 0; i < plans.size(); i++) {
            LevelPlan plan = plans.get(i);
            String level = plan.level().label().toLowerCase(Locale.ROOT);
            List<Path> drawn = levels(i + 1);
            steps.add(new AlongStep(
                    Chapter.GIRTHS,
                    plan.level().label(),
                    plan.gap().value() > NOTHING
                            ? Sentence.of(
                                    "At the {} the body measures {}; with an ease of {} the garment is worn at {}. The gap at the lacing is no cloth: rule the half in cloth, {}.",
                                    level,
                                    plan.body().length(),
                                    plan.ease().length(),
                                    plan.worn().length(),
                                    mm(plan.pattern().value() / 2))
                            : Sentence.of(
                                    "At the {} the body measures {}; with an ease of {} the garment is worn at {}. Rule its half, {}.",
                                    level,
                                    plan.body().length(),
                                    plan.ease().length(),
                                    plan.worn().length(),
                                    mm(plan.pattern().value() / 2)),
                    Optional.of(plan.pattern()),
                    GIRTHS,
                    Sentence.of(
                            "The gap is halved first and taken off the half, or it is forgotten; and ribs are drawn in as the waist is, which they are not."),
                    drawn,
                    List.of(drawn.get(i))));
        }
    }

    private void surplus() {
        for (LevelPlan plan : draft.girths().levels()) {
            Reckoned take = draft.intakes().toTake().get(plan.level());
            if (take == null || take.value() < NOTHING) {
                continue;
            }
            double y = draft.block().front(plan.level());
            double half = plan.pattern().value() / 2;
            steps.add(new AlongStep(
                    Chapter.SURPLUS,
                    plan.level().label(),
                    Sentence.of(
                            "The widest half less the half at the {} is what its seams take together, {}.",
                            plan.level().label().toLowerCase(Locale.ROOT),
                            take.length()),
                    Optional.of(take),
                    SURPLUS,
                    Sentence.of("It is shared out of the whole girth instead of the half, and comes to twice as much."),
                    levels(draft.girths().levels().size()),
                    List.of(Path.of(new Line(new Point(half, y), new Point(half + take.value(), y))))));
        }
    }

    private List<Path> outlines(PaperPattern pattern) {
        return outlines(pattern, edge -> true);
    }

    private List<Path> outlines(PaperPattern pattern, Predicate<OutlineEdge> which) {
        List<Path> paths = new ArrayList<>();
        for (Sheet sheet : pattern.sheets()) {
            Vec by = apart.getOrDefault(sheet.id(), new Vec(0, 0));
            sheet.outline().stream()
                    .filter(which)
                    .forEach(e -> paths.add(e.path().moved(by)));
        }
        return paths;
    }

    private void seams() {
        PaperPattern open = draft.cutting().contour().open();
        for (SeamPlace seam : draft.intakes().seams()) {
            Map<Level, Reckoned> at = new LinkedHashMap<>();
            for (LevelPlan plan : draft.girths().levels()) {
                if (draft.intakes().has(plan.level(), seam)) {
                    at.put(plan.level(), draft.intakes().at(plan.level(), seam));
                }
            }
            Reckoned waist = at.get(Level.WAIST);
            if (waist == null) {
                continue;
            }
            boolean side = seam.part() == SeamPlace.Part.SIDE;
            steps.add(new AlongStep(
                    Chapter.SEAMS,
                    seam.label(),
                    side
                            ? Sentence.of(
                                    "What the other seams do not take is given back at the side: {} at the waist, half of it on either block. Draw its two edges through their points.",
                                    waist.length())
                            : Sentence.of(
                                    "The {} takes {} at the waist. Set half of it off to either side of its axis at every level, and draw both edges through the points, upright at the waist.",
                                    seam.inWords(),
                                    waist.length()),
                    Optional.of(waist),
                    SURPLUS,
                    side
                            ? Sentence.of(
                                    "Half of the whole suppression is put here; the side then pinches, and the front stands away under the arm.")
                            : Sentence.of(
                                    "Both halves of an intake are drawn alike where the block asks for more of it on one side, and the grain of the panel runs off."),
                    outlines(open),
                    outlines(
                            open,
                            e -> e.seam().filter(s -> s.equals(seam.id())).isPresent()
                                    || e.name().equals(seam.id()))));
        }
    }

    private void contour() {
        for (Contour.Closed wedge : draft.cutting().contour().closed()) {
            Vec by = apart.getOrDefault(wedge.sheet(), new Vec(0, 0));
            List<Point> shape = wedge.shape().stream().map(p -> p.plus(by)).toList();
            List<Path> lit = new ArrayList<>();
            for (int i = 0; i < shape.size(); i++) {
                lit.add(Path.of(new Line(shape.get(i), shape.get((i + 1) % shape.size()))));
            }
            steps.add(new AlongStep(
                    Chapter.CONTOUR,
                    wedge.wedge().label(),
                    Sentence.of(
                            "Slash along one leg of the wedge to its point, and turn what lies beside it until the legs meet: "
                                    + Math.round(wedge.degrees() * 10) / 10.0 + "°. {}",
                            sentence(wedge.goes())),
                    Optional.empty(),
                    CONTOUR,
                    Sentence.of(
                            "The wedge is cut away instead of closed: the edge is then too short and the hollow stays."),
                    outlines(draft.cutting().contour().open()),
                    lit));
        }
    }

    private static String sentence(String words) {
        return words.isEmpty()
                ? ""
                : Character.toUpperCase(words.charAt(0)) + words.substring(1) + (words.endsWith(".") ? "" : ".");
    }

    private void cups() {
        if (!draft.commission().garment().bust().cups().isCut()) {
            return;
        }
        PaperPattern cut = draft.cutting().pattern();
        steps.add(new AlongStep(
                Chapter.CUPS,
                draft.commission().garment().bust().cups().label(),
                Sentence.of(
                        "Draw the bust circle round the apex and cut the cup out of the panels; close its wedges, and draw its seams over the apex. The arc of the cup is as long as the arc of its opening."),
                Optional.empty(),
                CUPS,
                Sentence.of(
                        "The opening is drawn as large as the cup is flat, before its wedges are closed, and the cup will not go in."),
                outlines(cut),
                outlines(cut, e -> e.role().isCup() || e.role().isBand())));
    }

    private void edges() {
        PaperPattern whole = draft.cutting().whole();
        edge(
                whole,
                "Upper edge",
                EdgeRole::isAbove,
                "The upper edge is drawn on the pattern with its seams closed there, in one calm curve, and traced off onto the pieces.");
        edge(
                whole,
                "Lower edge",
                EdgeRole::isBelow,
                "So is the lower edge, with the seams closed below the waist; at centre front it stays clear of the lap.");
    }

    private void edge(PaperPattern whole, String title, Predicate<EdgeRole> which, String words) {
        List<Path> lit = outlines(whole, e -> which.test(e.role()));
        if (!lit.isEmpty()) {
            steps.add(new AlongStep(
                    Chapter.EDGES,
                    title,
                    Sentence.of(words),
                    Optional.empty(),
                    EDGES,
                    Sentence.of(
                            "Each piece gets its edge by itself; sewn together they make a wave with a corner at every seam."),
                    outlines(whole),
                    lit));
        }
    }

    /** Where the pieces of the finished pattern lie. */
    private List<Path> finished(Predicate<OutlineEdge> which, String piece) {
        List<Path> paths = new ArrayList<>();
        for (Piece each : draft.pattern().pieces()) {
            Vec by = apart.getOrDefault(each.id(), new Vec(0, 0));
            if (piece.isEmpty() || each.id().equals(piece)) {
                each.outline().stream()
                        .filter(which)
                        .forEach(e -> paths.add(e.path().moved(by)));
            }
        }
        return paths;
    }

    private void truing() {
        List<Path> all = finished(e -> true, "");
        for (SeamJoin seam : draft.pattern().seams()) {
            SeamPair pair = SeamPair.of(draft.pattern(), seam);
            List<Path> lit = new ArrayList<>(
                    finished(e -> e.name().equals(seam.a().edge()), seam.a().piece()));
            lit.addAll(finished(e -> e.name().equals(seam.b().edge()), seam.b().piece()));
            steps.add(new AlongStep(
                    Chapter.TRUING,
                    seam.name(),
                    Sentence.of(
                            "Walk one edge along the other from mark to mark: {} and {}, which is as long as it has to be. Mark notches on both.",
                            mm(pair.a().length()),
                            mm(pair.b().length())),
                    Optional.empty(),
                    TRUING,
                    Sentence.of(
                            "The edges are compared from end to end only; they may agree there and miss each other at every level."),
                    all,
                    lit));
        }
    }

    private void pieces() {
        List<Path> all = finished(e -> true, "");
        List<Path> cut = new ArrayList<>();
        for (Piece each : draft.pattern().pieces()) {
            Vec by = apart.getOrDefault(each.id(), new Vec(0, 0));
            List<Point> line = each.cutLine();
            for (int i = 0; i + 1 < line.size(); i++) {
                cut.add(Path.of(new Line(line.get(i).plus(by), line.get(i + 1).plus(by))));
            }
        }
        steps.add(new AlongStep(
                Chapter.PIECES,
                "Allowances, grain, names",
                Sentence.of(
                        "Add the allowances, draw the grain, and write on every piece its name, its number and how often it is cut."),
                Optional.empty(),
                FINISHING,
                Sentence.of("A piece without its grain is cut as it comes to lie, and the panel twists on the body."),
                all,
                cut));
    }
}
