package bathyra.app.bones;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Joining;
import bathyra.app.table.Lettering;
import bathyra.app.table.LevelBands;
import bathyra.app.table.Placement;
import bathyra.bone.BoneOutline;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The boning map: the panels with their channels, the busk and the eyelets in brass. */
final class BonesDrawing implements Drawing {
    private static final double EYELET = 4;
    private static final double RING = 13;
    private static final double NUMBER_AT = 0.82;
    private static final double BADGE = 9;
    private final Draft draft;
    private final Bones bones;
    private final LengthUnit unit;
    private final Optional<String> chosen;
    private final Level level;
    private final Optional<Finding> finding;
    private final Map<String, Placement> places;
    private final LevelBands bands;

    BonesDrawing(
            Draft draft,
            Bones bones,
            LengthUnit unit,
            Optional<String> chosen,
            Level level,
            Optional<Finding> finding) {
        this.draft = draft;
        this.bones = bones;
        this.unit = unit;
        this.chosen = chosen;
        this.level = level;
        this.finding = finding;
        this.places = Joining.apart(draft.pattern());
        this.bands = new LevelBands(draft);
    }

    @Override
    public Point[] extent() {
        List<Point> all = new ArrayList<>();
        draft.pattern().pieces().forEach(p -> p.cutLine()
                .forEach(point -> all.add(places.get(p.id()).of(point))));
        return Drawing.around(all);
    }

    @Override
    public double tagRoom() {
        return 104;
    }

    @Override
    public double footRoom() {
        return 34;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        bands.paint(brush, width, height);
        bands.levels().forEach(l -> tag(brush, l));
        draft.pattern().pieces().forEach(p -> piece(brush, p));
        int number = 1;
        for (Channel channel : bones.channels()) {
            channel(brush, channel, number++);
        }
        bones.eyelets().ifPresent(e -> e.points()
                .forEach(p -> eyelet(brush, places.get(e.piece()).of(p))));
        finding.flatMap(Finding::place).ifPresent(place -> {
            Point at = places.get(place.piece()).of(place.at());
            brush.stroke(Ink.AMBER, 2.4);
            brush.context()
                    .strokeOval(brush.view().x(at.x()) - RING, brush.view().y(at.y()) - RING, 2 * RING, 2 * RING);
        });
    }

    private void tag(Brush brush, Level each) {
        double y = bands.y(brush.view(), each);
        brush.stroke(Ink.LINE, each == level ? 1.6 : 1);
        brush.context().strokeLine(34, y, 116, y);
        brush.text(
                each.label(),
                34,
                y - 6,
                Ink.TEAL,
                each == level ? Lettering.levelSelected() : Lettering.level(),
                TextAlignment.LEFT);
    }

    private void piece(Brush brush, Piece piece) {
        Placement place = places.get(piece.id());
        brush.follow(place.of(piece.path()), true);
        brush.fill(Ink.CHART);
        brush.context().fill();
        brush.stroke(Ink.LINE, 1, 4, 3);
        for (LevelMark mark : piece.levelMarks()) {
            brush.line(place.of(mark.from()), place.of(mark.to()));
        }
        for (OutlineEdge edge : piece.outline()) {
            if (edge.kind() == OutlineEdge.Kind.FOLD) {
                brush.stroke(Ink.INK_2, 1.6, 9, 3, 2, 3);
            } else {
                brush.stroke(Ink.INK, 1.4);
            }
            brush.path(place.of(edge.path()));
        }
    }

    private void channel(Brush brush, Channel channel, int number) {
        boolean inHand = chosen.equals(Optional.of(channel.id()));
        for (Channel.Run run : channel.runs()) {
            Placement place = places.get(run.piece());
            List<Point> area =
                    BoneOutline.of(run, channel.width()).stream().map(place::of).toList();
            brush.fill(Ink.BRASS_LIGHT);
            brush.polygon(area, true);
            brush.stroke(inHand ? Ink.TEAL : Ink.BRASS_TEXT, inHand ? 2.4 : 1);
            brush.polygon(area, false);
        }
        Channel.Run first = channel.runs().get(0);
        Point at = places.get(first.piece())
                .of(first.path().at(first.path().length() * NUMBER_AT).point());
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        brush.fill(inHand ? Ink.TEAL : Ink.BRASS_TEXT);
        brush.context().fillOval(x - BADGE, y - BADGE, 2 * BADGE, 2 * BADGE);
        brush.text(
                Integer.toString(number),
                x,
                y + 4.5,
                inHand ? Ink.ON_TEAL : Ink.CHART,
                Lettering.ruler(),
                TextAlignment.CENTER);
    }

    private static void eyelet(Brush brush, Point at) {
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        brush.fill(Ink.DEEP);
        brush.context().fillOval(x - EYELET / 2, y - EYELET / 2, EYELET, EYELET);
        brush.stroke(Ink.BRASS, 1.6);
        brush.context().strokeOval(x - EYELET, y - EYELET, 2 * EYELET, 2 * EYELET);
    }

    /** The channel nearest to a place of the table, if one is near. */
    Optional<String> channelAt(Point table, double reach) {
        Optional<String> best = Optional.empty();
        double least = reach;
        for (Channel channel : bones.channels()) {
            for (Channel.Run run : channel.runs()) {
                double distance = run.path()
                        .nearest(places.get(run.piece()).back(table))
                        .point()
                        .distance(places.get(run.piece()).back(table));
                if (distance < least + channel.width() / 4) {
                    least = distance;
                    best = Optional.of(channel.id());
                }
            }
        }
        return best;
    }

    /** Where a place of the table lies on the piece of a channel. */
    Point onPiece(Channel channel, Point table) {
        return places.get(channel.runs().get(0).piece()).back(table);
    }

    /** A place of a channel's first run on the table. @param share how far down it, 0 to 1 */
    Point on(Channel channel, double share) {
        Path path = channel.runs().get(0).path();
        return places.get(channel.runs().get(0).piece())
                .of(path.at(path.length() * share).point());
    }

    @Override
    public String under(Point paper, double reach) {
        return channelAt(paper, reach)
                .flatMap(bones::channel)
                .map(c -> c.label() + ": " + c.kind().label().toLowerCase(Locale.ROOT) + ", cut "
                        + LengthText.say(c.cut().length(), unit))
                .orElse("");
    }
}
