package bathyra.app.plotter;

import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a plotter was told to draw, read from its language; commands that move no pen are passed over.
 *
 * @param strokes every line drawn with the pen down
 * @param words what is written
 * @param raised how far the pen travelled raised, mm
 * @param lifts how often it was lifted
 */
public record Plot(List<Stroke> strokes, List<Words> words, double raised, int lifts) {
    private static final double STEPS = 40;
    private static final char END_OF_TEXT = 3;
    private static final double DOWN_SPEED = 300;
    private static final double UP_SPEED = 500;
    private static final double LIFT_SECONDS = 0.08;
    private static final Pattern COMMAND = Pattern.compile("([A-Za-z]{2})([^A-Za-z;" + END_OF_TEXT + "]*)");
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(?:\\.\\d+)?");
    /** Farther than this no plotter reaches, mm. */
    private static final double FARTHEST = 50_000;

    /** One line. @param points mm, y up as the plotter counts */
    public record Stroke(int pen, List<Point> points) {
        double length() {
            double sum = 0;
            for (int i = 1; i < points.size(); i++) {
                sum += points.get(i - 1).distance(points.get(i));
            }
            return sum;
        }
    }

    /** Words and where they begin. */
    public record Words(Point at, String text) {}

    public Plot {
        strokes = List.copyOf(strokes);
        words = List.copyOf(words);
    }

    /** How far the pen travelled on the paper, mm. */
    public double drawn() {
        return strokes.stream().mapToDouble(Stroke::length).sum();
    }

    /** How long it takes, seconds, at the usual speeds: 300 mm/s drawing, 500 mm/s raised, a twelfth of a second a lift. */
    public double seconds() {
        return drawn() / DOWN_SPEED + raised / UP_SPEED + lifts * LIFT_SECONDS;
    }

    /** Reads a plot. What is no command is passed over, as a plotter does. */
    public static Plot read(String text) {
        Reader reader = new Reader();
        int at = 0;
        Matcher command = COMMAND.matcher(text);
        while (at < text.length() && command.find(at)) {
            String name = command.group(1).toUpperCase(java.util.Locale.ROOT);
            if (name.equals("LB")) {
                int from = command.start() + 2;
                int end = text.indexOf(END_OF_TEXT, from);
                int to = end < 0 ? text.length() : end;
                reader.words.add(new Words(reader.pen, text.substring(from, to)));
                at = to + 1;
            } else {
                reader.obey(name, command.group(2));
                at = Math.max(command.end(), at + 1);
            }
        }
        reader.lift();
        return new Plot(reader.strokes, reader.words, reader.raised, reader.lifts);
    }

    /** The state of the plotter while it reads. */
    private static final class Reader {
        private final List<Stroke> strokes = new ArrayList<>();
        private final List<Words> words = new ArrayList<>();
        private final List<Point> line = new ArrayList<>();
        private Point pen = new Point(0, 0);
        private boolean down;
        private boolean relative;
        private int number = 1;
        private double raised;
        private int lifts;

        private void obey(String name, String arguments) {
            switch (name) {
                case "PU" -> {
                    lift();
                    move(arguments);
                }
                case "PD" -> {
                    if (!down) {
                        down = true;
                        line.add(pen);
                    }
                    move(arguments);
                }
                case "PA" -> {
                    relative = false;
                    move(arguments);
                }
                case "PR" -> {
                    relative = true;
                    move(arguments);
                }
                case "SP" -> {
                    lift();
                    Matcher digits = NUMBER.matcher(arguments);
                    number = digits.find() ? (int) Double.parseDouble(digits.group()) : 0;
                }
                case "IN" -> {
                    lift();
                    relative = false;
                }
                default -> {
                    // Sizes and styles of letters move no pen.
                }
            }
        }

        private void lift() {
            if (down) {
                if (line.size() > 1) {
                    strokes.add(new Stroke(number, List.copyOf(line)));
                }
                line.clear();
                down = false;
                lifts++;
            }
        }

        private void move(String arguments) {
            Matcher digits = NUMBER.matcher(arguments);
            while (digits.find()) {
                double x = Double.parseDouble(digits.group()) / STEPS;
                if (!digits.find()) {
                    return;
                }
                double y = Double.parseDouble(digits.group()) / STEPS;
                double toX = relative ? pen.x() + x : x;
                double toY = relative ? pen.y() + y : y;
                if (!(Math.abs(toX) <= FARTHEST && Math.abs(toY) <= FARTHEST)) {
                    continue;
                }
                Point to = new Point(toX, toY);
                if (down) {
                    line.add(to);
                } else {
                    raised += pen.distance(to);
                }
                pen = to;
            }
        }
    }
}
