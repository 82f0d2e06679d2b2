package bathyra.files.pdf;

import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.practice.Exercise;
import bathyra.reckon.Formula;
import java.io.IOException;
import java.util.List;

/** Exercises for a class on paper: the questions with room to reckon, and after them the teacher's answers with how each comes about. */
public final class PracticeSheet extends RunningPage {
    private static final double LEFT = 18;
    private static final double RIGHT = 192;
    private static final double FOOT = 278;
    private static final double SIZE = 10.5;
    private static final double ROW = 5.2;
    private static final double TO_RECKON = 16;

    private final String title;
    private final List<Exercise> exercises;
    private final LengthUnit unit;

    private PracticeSheet(String title, List<Exercise> exercises, LengthUnit unit) {
        super(LEFT, RIGHT, FOOT);
        this.title = title;
        this.exercises = exercises;
        this.unit = unit == LengthUnit.MM ? LengthUnit.CM : unit;
    }

    public static byte[] write(String title, List<Exercise> exercises, LengthUnit unit) throws IOException {
        return new PracticeSheet(title, exercises, unit).bytes(title);
    }

    @Override
    protected void all() throws IOException {
        head(title);
        for (int i = 0; i < exercises.size(); i++) {
            room(2 * ROW + TO_RECKON);
            words(face.bold(), SIZE, (i + 1) + "   " + exercises.get(i).skill().label(), RIGHT - LEFT, ROW);
            words(face.plain(), SIZE, exercises.get(i).asked().in(unit), RIGHT - LEFT, ROW);
            y += TO_RECKON;
        }
        room(FOOT);
        head(title + ": the teacher's answers");
        for (int i = 0; i < exercises.size(); i++) {
            Exercise each = exercises.get(i);
            room(4 * ROW);
            words(
                    face.bold(),
                    SIZE,
                    (i + 1) + "   " + LengthText.say(each.answer().length(), unit),
                    RIGHT - LEFT,
                    ROW);
            words(face.plain(), SIZE, each.asked().in(unit), RIGHT - LEFT, ROW);
            words(face.plain(), SIZE, Formula.inFigures(each.answer(), unit), RIGHT - LEFT, ROW);
            y += 3;
        }
    }

    private void head(String words) throws IOException {
        words(face.title(), 18, words, RIGHT - LEFT, 8);
        y += 3;
    }
}
