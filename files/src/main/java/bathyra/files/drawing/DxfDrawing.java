package bathyra.files.drawing;

import bathyra.files.drawing.DxfPairs.Entity;
import bathyra.files.json.BadDocument;
import bathyra.foreign.DrawnUnit;
import bathyra.foreign.ForeignDrawing;
import bathyra.foreign.ForeignLine.Role;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Reads the lines of a drawing-exchange file: lines, polylines with their bulges, arcs, circles, ellipses and splines, also in blocks
 * that are inserted, once or in rows and columns. What lies in a plane seen from below is mirrored; what lies in any other is refused. Its y runs up and is turned over. Layers by number mean what they do in the trade: 1 cut, 14 sew, 4 notch,
 * 7 grain, 8 inside.
 */
final class DxfDrawing {
    private static final int DEPTH_MOST = 8;
    private static final int INSERTS_MOST = 5_000;
    private static final Set<String> QUIET =
            Set.of("TEXT", "MTEXT", "POINT", "ATTDEF", "ATTRIB", "SEQEND", "VERTEX", "SECTION", "ENDSEC", "VIEWPORT");

    private static final Set<String> ON_SHEET = Set.of("LINE", "SPLINE", "ELLIPSE");
    private static final double FLAT = 1e-6;

    private final Lines lines = new Lines();
    private final Map<String, Block> blocks = new HashMap<>();
    private final Map<String, Integer> leftOut = new HashMap<>();
    private Optional<DrawnUnit> unit = Optional.empty();
    private int inserts;
    private int count;

    private DxfDrawing() {}

    /** What is inserted as one. @param x of the point that comes to lie where it is inserted */
    private record Block(double x, double y, List<Entity> entities) {}

    /** @throws BadDocument when it is no such drawing */
    static ForeignDrawing read(String text) throws BadDocument {
        DxfDrawing drawing = new DxfDrawing();
        List<Entity> entities = DxfPairs.read(text);
        List<Entity> sheet = drawing.sections(entities);
        drawing.draw(sheet, new AffineTransform(1, 0, 0, -1, 0, 0), "", 0);
        List<String> notes = new ArrayList<>();
        drawing.leftOut.forEach((what, n) -> notes.add(n + " of the kind " + what + " left out: no line of a piece."));
        return new ForeignDrawing("", drawing.unit, drawing.lines.all(), notes);
    }

    /** Sorts the file into its blocks and the sheet. @return what lies on the sheet */
    private List<Entity> sections(List<Entity> entities) throws BadDocument {
        List<Entity> sheet = new ArrayList<>();
        List<Entity> block = null;
        String section = "";
        for (Entity each : entities) {
            if (each.type().equals("SECTION")) {
                section = each.text(2);
                if (section.equals("HEADER")) {
                    unit(each);
                }
            } else if (each.type().equals("ENDSEC")) {
                section = "";
            } else if (section.equals("BLOCKS") && each.type().equals("BLOCK")) {
                block = new ArrayList<>();
                blocks.putIfAbsent(each.text(2), new Block(each.figure(10, 0), each.figure(20, 0), block));
            } else if (section.equals("BLOCKS") && each.type().equals("ENDBLK")) {
                block = null;
            } else if (section.equals("BLOCKS") && block != null) {
                block.add(each);
            } else if (section.equals("ENTITIES")) {
                sheet.add(each);
            }
        }
        return sheet;
    }

    private void unit(Entity header) throws BadDocument {
        int at = header.values().indexOf("$INSUNITS");
        if (at >= 0 && at + 1 < header.values().size()) {
            unit = switch ((int) header.figureAt(at + 1)) {
                case 1 -> Optional.of(DrawnUnit.IN);
                case 2 -> Optional.of(DrawnUnit.FT);
                case 4 -> Optional.of(DrawnUnit.MM);
                case 5 -> Optional.of(DrawnUnit.CM);
                case 6 -> Optional.of(DrawnUnit.M);
                default -> Optional.empty();
            };
        }
    }

    private void draw(List<Entity> entities, AffineTransform way, String group, int depth) throws BadDocument {
        for (int i = 0; i < entities.size(); i++) {
            Entity each = entities.get(i);
            if (each.type().equals("INSERT")) {
                insert(each, way, depth);
            } else if (each.type().equals("POLYLINE")) {
                i = polyline(entities, i, way, group);
            } else {
                Optional<Shape> shape = DxfShapes.of(each);
                if (shape.isPresent()) {
                    // Lines and splines are given on the sheet itself, whatever their plane.
                    put(each, shape.get(), ON_SHEET.contains(each.type()) ? way : seen(each, way), group);
                } else if (!QUIET.contains(each.type())) {
                    leftOut.merge(SvgDrawing.shortened(each.type()), 1, Integer::sum);
                }
            }
        }
    }

    private void insert(Entity insert, AffineTransform way, int depth) throws BadDocument {
        Block block = blocks.get(insert.text(2));
        if (block == null) {
            throw new BadDocument("line " + (insert.line() + 1) + ": inserts the block "
                    + SvgDrawing.shortened(insert.text(2)) + ", which the file does not hold; the whole drawing");
        }
        int columns = Math.max(1, insert.whole(70));
        int rows = Math.max(1, insert.whole(71));
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                if (depth >= DEPTH_MOST || ++inserts > INSERTS_MOST) {
                    throw new BadDocument("block " + SvgDrawing.shortened(insert.text(2))
                            + ": is inserted too often or in itself; blocks of plain lines");
                }
                AffineTransform inside = seen(insert, way);
                inside.translate(insert.figure(10, 0), insert.figure(20, 0));
                inside.rotate(Math.toRadians(insert.figure(50, 0)));
                inside.translate(column * insert.figure(44, 0), row * insert.figure(45, 0));
                inside.scale(insert.figure(41, 1), insert.figure(42, 1));
                inside.translate(-block.x(), -block.y());
                draw(block.entities(), inside, insert.text(2) + (inserts == 1 ? "" : "#" + inserts), depth + 1);
            }
        }
    }

    /**
     * The way of an entity's own plane, by its extrusion (codes 210 to 230): the sheet from above, or from below, where x runs the other way.
     *
     * @throws BadDocument when it lies in another plane
     */
    private static AffineTransform seen(Entity entity, AffineTransform way) throws BadDocument {
        double x = entity.figure(210, 0);
        double y = entity.figure(220, 0);
        double z = entity.figure(230, 1);
        if (Math.abs(x) > FLAT || Math.abs(y) > FLAT || z == 0) {
            throw new BadDocument("line " + (entity.line() + 1) + ": " + SvgDrawing.shortened(entity.type())
                    + " does not lie flat on the sheet; a flat drawing");
        }
        AffineTransform own = new AffineTransform(way);
        if (z < 0) {
            own.scale(-1, 1);
        }
        return own;
    }

    /** An old polyline with its vertices behind it. @return where it ends */
    private int polyline(List<Entity> entities, int from, AffineTransform way, String group) throws BadDocument {
        Entity head = entities.get(from);
        List<double[]> points = new ArrayList<>();
        int at = from + 1;
        while (at < entities.size() && entities.get(at).type().equals("VERTEX")) {
            Entity vertex = entities.get(at);
            // The points of a spline's frame lie off the curve.
            if ((vertex.whole(70) & 16) == 0) {
                points.add(new double[] {vertex.figure(10, 0), vertex.figure(20, 0), vertex.figure(42, 0)});
            }
            at++;
        }
        if (points.size() > 1) {
            Path2D shape = DxfShapes.bulged(points, (head.whole(70) & 1) == 1);
            put(head, shape, seen(head, way), group);
        }
        return at < entities.size() && entities.get(at).type().equals("SEQEND") ? at : at - 1;
    }

    private void put(Entity entity, Shape shape, AffineTransform way, String group) throws BadDocument {
        count++;
        String layer = entity.text(8);
        String block = group.replaceFirst("#\\d+$", "");
        String name =
                block.isEmpty() ? (layer.isEmpty() || layer.equals("0") ? "" : layer + ", ") + "line " + count : block;
        lines.add(name, group, role(layer), shape, way, List.of());
    }

    private static Role role(String layer) {
        return switch (layer) {
            case "1" -> Role.CUT;
            case "14" -> Role.SEW;
            case "4" -> Role.NOTCH;
            case "7" -> Role.GRAIN;
            case "8" -> Role.INSIDE;
            default -> Role.UNKNOWN;
        };
    }
}
