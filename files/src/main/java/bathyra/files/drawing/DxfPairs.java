package bathyra.files.drawing;

import bathyra.files.json.BadDocument;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.OptionalDouble;

/** The entities of a drawing-exchange file: each begins with a pair of code 0 and holds the pairs up to the next. */
final class DxfPairs {
    private static final int ENTITIES_MOST = 2_000_000;
    private static final int FIGURE_MOST = 60;
    private static final double FAR = 1e7;
    private static final String BINARY = " Binary DXF";

    private DxfPairs() {}

    /** One entity. @param line of the file in which it begins */
    record Entity(String type, List<Integer> codes, List<String> values, int line) {
        String text(int code) {
            int at = codes.indexOf(code);
            return at < 0 ? "" : values.get(at);
        }

        boolean has(int code) {
            return codes.contains(code);
        }

        double figure(int code, double otherwise) throws BadDocument {
            int at = codes.indexOf(code);
            return at < 0 ? otherwise : figureAt(at);
        }

        int whole(int code) throws BadDocument {
            return (int) figure(code, 0);
        }

        double figureAt(int at) throws BadDocument {
            OptionalDouble figure = parsed(values.get(at));
            if (figure.isEmpty()) {
                throw new BadDocument("line " + (line + 2 * at + 3) + ": " + SvgDrawing.shortened(values.get(at))
                        + " is no figure; a plain figure");
            }
            if (Math.abs(figure.getAsDouble()) > FAR) {
                throw new BadDocument("line " + (line + 2 * at + 3) + ": " + SvgDrawing.shortened(values.get(at))
                        + " lies further off than any piece; figures under " + (long) FAR);
            }
            return figure.getAsDouble();
        }

        /** All figures of a code, in their order. */
        List<Double> figures(int code) throws BadDocument {
            List<Double> all = new ArrayList<>();
            for (int i = 0; i < codes.size(); i++) {
                if (codes.get(i) == code) {
                    all.add(figureAt(i));
                }
            }
            return all;
        }

        private static OptionalDouble parsed(String text) {
            try {
                double value = text.length() > FIGURE_MOST ? Double.NaN : Double.parseDouble(text);
                return Double.isNaN(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
            } catch (NumberFormatException e) {
                return OptionalDouble.empty();
            }
        }
    }

    /** @throws BadDocument when it is no text of pairs */
    static List<Entity> read(String text) throws BadDocument {
        if (text.substring(0, Math.min(40, text.length())).contains(BINARY)) {
            throw new BadDocument("drawing: is a binary DXF; one saved as text (ASCII)");
        }
        List<Entity> entities = new ArrayList<>();
        Entity now = null;
        int at = 0;
        // Line by line: a file of nothing but line ends is refused at the first of them.
        Iterator<String> lines = text.lines().iterator();
        while (lines.hasNext()) {
            int code = code(lines.next(), at);
            if (!lines.hasNext()) {
                break;
            }
            String value = lines.next().strip();
            int begun = at;
            at += 2;
            if (code == 999) {
                continue;
            }
            if (code == 0) {
                if (entities.size() >= ENTITIES_MOST) {
                    throw new BadDocument(
                            "drawing: has more than " + ENTITIES_MOST + " parts; the outlines of the pieces alone");
                }
                now = new Entity(value, new ArrayList<>(), new ArrayList<>(), begun);
                entities.add(now);
                if (value.equals("EOF")) {
                    return entities;
                }
            } else if (now == null) {
                throw new BadDocument("drawing: does not begin with a section; a DXF drawing saved as text");
            } else {
                now.codes().add(code);
                now.values().add(value);
            }
        }
        throw new BadDocument("drawing: breaks off at line " + (at + 1) + " before its end; the whole file");
    }

    private static int code(String text, int line) throws BadDocument {
        String figure = text.strip();
        if (!figure.matches("-?\\d{1,4}")) {
            throw new BadDocument("line " + (line + 1) + ": " + SvgDrawing.shortened(figure)
                    + " is no group code; a DXF drawing saved as text");
        }
        return Integer.parseInt(figure);
    }
}
