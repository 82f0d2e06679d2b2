package bathyra.app.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Spoils a text as a slip, a broken transfer, an odd program or an enemy would; the same seed spoils it the same way. */
final class Mutator {
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");
    private static final List<String> FIGURES = List.of(
            "0",
            "-0",
            "-1",
            "1e400",
            "-1e300",
            "1e-320",
            "NaN",
            "99999999999999999999",
            "2147483648",
            "0.0000001",
            "1e7",
            "-40",
            "5000",
            "1/0",
            "½",
            "null",
            "\"\"",
            "{}",
            "[]");
    private static final List<String> GRAFTS = List.of(
            "",
            "\u0000",
            "\uFEFF",
            "{",
            "}",
            "[",
            "]",
            "\"",
            ",",
            ":",
            "<",
            ">",
            "&#x0;",
            "]]>",
            "{}",
            "${x}",
            "%s%n",
            "../../",
            "\r",
            "\u2028",
            "\uD83E\uDDF5",
            "null",
            "true",
            "\n0\nINSERT\n",
            "<g transform='scale(1e9)'>",
            "M",
            "z",
            "PD",
            ";",
            "\u0003",
            "\u202e");
    private static final int LONG = 3_000;
    private static final int TALL = 400;

    private static final Pattern FIELD = Pattern.compile("\"(\\w+)\"\\s*:\\s*\"([^\"]*)\"");

    private final Random random;
    private final Map<String, List<String>> choices = new TreeMap<>();

    /** @param good what is spoilt: of each choice in it every other one is known */
    Mutator(long seed, List<String> good) {
        random = new Random(seed);
        for (String text : good) {
            FIELD.matcher(text).results().forEach(field -> {
                List<String> known = choices.computeIfAbsent(field.group(1), k -> new ArrayList<>());
                if (!known.contains(field.group(2))) {
                    known.add(field.group(2));
                }
            });
        }
    }

    /** One to four faults at random places: half of the texts keep their form and say something else, which gets past the reader. */
    String spoilt(String good) {
        String text = good;
        boolean gently = random.nextBoolean();
        for (int i = 0; i <= random.nextInt(4); i++) {
            text = text.isEmpty() ? "x" : gently ? other(text) : fault(text);
        }
        return text;
    }

    /** Another choice, or a figure a little off. */
    private String other(String text) {
        List<MatchResult> fields = FIELD.matcher(text)
                .results()
                .filter(field -> choices.getOrDefault(field.group(1), List.of()).size() > 1)
                .toList();
        if (!fields.isEmpty() && random.nextInt(3) > 0) {
            MatchResult one = fields.get(random.nextInt(fields.size()));
            List<String> known = choices.get(one.group(1));
            return text.substring(0, one.start(2))
                    + known.get(random.nextInt(known.size()))
                    + text.substring(one.end(2));
        }
        List<MatchResult> figures = NUMBER.matcher(text).results().toList();
        if (figures.isEmpty()) {
            return fault(text);
        }
        MatchResult one = figures.get(random.nextInt(figures.size()));
        double near = Double.parseDouble(one.group()) * (1 + 0.3 * random.nextGaussian());
        return text.substring(0, one.start())
                + (one.group().contains(".")
                        ? String.format(Locale.ROOT, "%.3f", near)
                        : String.valueOf(Math.round(near)))
                + text.substring(one.end());
    }

    private String fault(String text) {
        int from = random.nextInt(text.length());
        int to = Math.min(text.length(), from + random.nextInt(14));
        return switch (random.nextInt(9)) {
            case 0 -> text.substring(0, from);
            case 1 -> text.substring(0, from) + GRAFTS.get(random.nextInt(GRAFTS.size())) + text.substring(to);
            case 2 -> text.substring(0, to) + text.substring(from);
            case 3 -> text.substring(0, from) + (char) (32 + random.nextInt(90)) + text.substring(from + 1);
            case 4 ->
                text.substring(0, from) + text.substring(from, to).repeat(random.nextInt(LONG)) + text.substring(to);
            case 5 -> lines(text);
            default -> figure(text);
        };
    }

    /** A figure becomes another: what mostly gets past the form of a document. */
    private String figure(String text) {
        List<MatchResult> all = NUMBER.matcher(text).results().toList();
        if (all.isEmpty()) {
            return text;
        }
        MatchResult one = all.get(random.nextInt(all.size()));
        String other = random.nextBoolean()
                ? FIGURES.get(random.nextInt(FIGURES.size()))
                : all.get(random.nextInt(all.size())).group();
        return text.substring(0, one.start()) + other + text.substring(one.end());
    }

    /** A line is lost, doubled, put elsewhere, or stands hundreds of times. */
    private String lines(String text) {
        String[] lines = text.split("\n", -1);
        int a = random.nextInt(lines.length);
        int b = random.nextInt(lines.length);
        String line = lines[a];
        lines[a] = switch (random.nextInt(4)) {
            case 0 -> "";
            case 1 -> line + "\n" + line;
            case 2 -> lines[b];
            default -> (line + "\n").repeat(1 + random.nextInt(TALL));
        };
        lines[b] = random.nextBoolean() ? line : lines[b];
        return String.join("\n", lines);
    }
}
