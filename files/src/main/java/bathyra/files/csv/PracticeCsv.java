package bathyra.files.csv;

import bathyra.practice.Repetition;
import bathyra.practice.Skill;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** How a class gets on: {@code learner,skill,box,due,right,wrong}, one row a learner and skill that was tried. */
public final class PracticeCsv {
    private PracticeCsv() {}

    /** @param learners where each stands, by name */
    public static String write(Map<String, Repetition> learners) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("learner", "skill", "box", "due", "right", "wrong");
            for (Map.Entry<String, Repetition> each : learners.entrySet()) {
                for (Skill skill : Skill.values()) {
                    Repetition.Box box = each.getValue().boxes().get(skill);
                    if (box != null) {
                        printer.printRecord(
                                CsvText.defused(each.getKey()),
                                skill.label(),
                                box.number(),
                                box.due(),
                                box.right(),
                                box.wrong());
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a text in memory is always writable", e);
        }
        return out.toString();
    }
}
