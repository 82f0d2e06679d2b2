package bathyra.panel;

import bathyra.block.Block;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.girth.GirthPlan;
import bathyra.girth.Level;
import bathyra.intake.IntakeTable;
import bathyra.intake.SeamPlace;
import bathyra.measure.Length;
import bathyra.measure.Sentence;
import bathyra.truing.Finding;
import bathyra.truing.NotDraftable;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * The four panels of a half, from centre front to centre back, with their long edges walked against each other (C7).
 *
 * @param residual how far the worst stretch of any seam is from its partner after walking, mm
 */
public record PanelSet(Panel centreFront, Panel sideFront, Panel sideBack, Panel centreBack, double residual) {
    /** The panels in wearing order. */
    public List<Panel> panels() {
        return List.of(centreFront, sideFront, sideBack, centreBack);
    }

    /**
     * Order of work: centre front; side front walked from the apex; side back from the waist, against the side front;
     * centre back (C7.3).
     *
     * @throws NotDraftable when a panel would have no width or a seam cannot be walked
     */
    public static PanelSet cut(Block block, GirthPlan girths, IntakeTable intakes, Garment garment) throws NotDraftable {
        List<Level> levels = girths.levels().stream().map(l -> l.level()).toList();
        Widths widths = new Widths(block, girths, intakes, garment);
        for (Level level : levels) {
            widths.require(level);
        }
        double sheetBack = girths.widestFront().value();
        double sheetEnd = sheetBack + girths.widestBack().value();

        SeamEdge.Rounding straight = rounding(garment, Vec.DOWN);
        Map<Level, Point> frontNodes = nodes(levels, widths::centreFront, block::front);
        SeamEdge frontEdge = SeamEdge.through(frontNodes, Optional.of(straight.fittedTo(frontNodes)));
        Panel centreFront = new Panel(upright(levels, block), frontEdge);

        // The part above the apex is turned by the closed dart; the seam passes the apex half way between the two legs.
        double turn = Math.asin(Math.min(1, block.sideDart().value() / widths.sideFront(Level.BUST)));
        Walking.Walked princess = Walking.against(frontEdge,
                nodes(levels, l -> widths.centreFront(l) + intakes.at(l, SeamPlace.PRINCESS_FRONT).value(), block::front),
                Level.BUST, Optional.of(rounding(garment, Vec.DOWN.turned(turn / 2))));
        Panel sideFront = across(levels, princess.edge(), widths::sideFront, block::side, "Side front");

        Walking.Walked side = Walking.against(sideFront.right(),
                nodes(levels, l -> sheetBack + intakes.sideBack().get(l).value(), block::side), Level.WAIST, Optional.empty());
        Panel sideBack = across(levels, side.edge(), widths::sideBack, l -> backDepth(block, l, 1 - block.backAxis().value() / girths.at(l).backHalf().value()), "Side back");

        Walking.Walked princessBack = Walking.against(sideBack.right(),
                nodes(levels, l -> sheetEnd - intakes.at(l, SeamPlace.CENTRE_BACK).value() - widths.centreBack(l), block::side),
                Level.WAIST, Optional.empty());
        Panel centreBack = across(levels, princessBack.edge(), widths::centreBack, l -> backDepth(block, l, 1), "Centre back");

        double residual = Math.max(princess.residual(), Math.max(side.residual(), princessBack.residual()));
        if (residual > Tolerance.SEAM) {
            throw new NotDraftable(Finding.mm("seam-length", "frontLength", Finding.Status.FAULT, residual, Tolerance.SEAM, Sentence.of(
                    "Two edges of a seam stay {} apart however they are walked. Look at frontLength, backLength and shoulderToApex, or lower the intakes.",
                    Length.mm(residual))));
        }
        return new PanelSet(centreFront, sideFront, sideBack, centreBack, residual)
                .carriedUpTo(block.crest().value());
    }

    private PanelSet carriedUpTo(double crest) {
        double above = centreFront.right().reachUpTo(crest);
        if (above < Tolerance.COINCIDENT) {
            return this;
        }
        return new PanelSet(new Panel(centreFront.left(), centreFront.right().carriedUp(above)),
                new Panel(sideFront.left().carriedUp(above), sideFront.right()), sideBack, centreBack, residual);
    }

    /** On the back the upper line falls evenly from the underarm to centre back. */
    private static double backDepth(Block block, Level level, double share) {
        double side = block.side(level);
        return level == Level.UPPER ? side + (block.centreBackTop().value() - side) * share : side;
    }

    private static SeamEdge.Rounding rounding(Garment garment, Vec direction) {
        return new SeamEdge.Rounding(direction, garment.length(LengthOption.DART_END).value(), garment.length(LengthOption.APEX_RADIUS).value(), 1);
    }

    private static SeamEdge upright(List<Level> levels, Block block) {
        return SeamEdge.through(nodes(levels, l -> 0, block::front), Optional.empty());
    }

    /** The far edge of a panel: each level's width away from the near edge, measured along the line between the two. */
    private static Panel across(List<Level> levels, SeamEdge left, ToDoubleFunction<Level> width, ToDoubleFunction<Level> depth, String panel)
            throws NotDraftable {
        Map<Level, Point> nodes = new EnumMap<>(Level.class);
        for (Level level : levels) {
            Point from = left.nodes().get(level);
            double fall = depth.applyAsDouble(level) - from.y();
            double w = width.applyAsDouble(level);
            if (Math.abs(fall) > 0.9 * w) {
                throw new NotDraftable(Finding.mm("panel-width", "backLength", Finding.Status.FAULT, w, Math.abs(fall), Sentence.of(
                        panel + " is {} wide at the " + level.label().toLowerCase(java.util.Locale.ROOT)
                                + " while its level line falls {}. Take frontLength and backLength again.", Length.mm(w), Length.mm(Math.abs(fall)))));
            }
            nodes.put(level, new Point(from.x() + Math.sqrt(w * w - fall * fall), from.y() + fall));
        }
        return new Panel(left, SeamEdge.through(nodes, Optional.empty()));
    }

    private static Map<Level, Point> nodes(List<Level> levels, ToDoubleFunction<Level> x, ToDoubleFunction<Level> y) {
        Map<Level, Point> nodes = new EnumMap<>(Level.class);
        levels.forEach(l -> nodes.put(l, new Point(x.applyAsDouble(l), y.applyAsDouble(l))));
        return nodes;
    }
}
