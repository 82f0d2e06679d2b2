package bathyra.files.pdf;

import bathyra.garment.Commission;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.workplan.Seasoning;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** What the wearer takes home with the garment, A5: how it is cared for, how it is worn in, and when it is taken off at once (C16.6, C17). */
public final class CareSheet {
    private static final double WIDTH = 148;
    private static final double HEIGHT = 210;
    private static final double LEFT = 12;
    private static final double RIGHT = 136;
    private static final double SIZE = 9.5;
    private static final double LINE = 4.8;
    private static final List<String> CARE = List.of(
            "Put a thin layer between the garment and the skin, and air it for a day after each wearing.",
            "Never wash it with its steel in it. Wipe the lining with a damp cloth; spots go to a cleaner who is told what is inside.",
            "Keep it flat, or hang it over a rail by its waist, away from sun and damp.",
            "Do not iron over bones, wires or eyelets.");
    private static final List<String> LACED = List.of(
            "Unlace the back until it is slack before you open or close the front: a busk that is forced bends or tears out.",
            "Lace from both ends towards the waist, little by little, and even the cord out.");

    private final Pen pen;
    private final Typeface face;
    private double y = 18;

    private CareSheet(Pen pen, Typeface face) {
        this.pen = pen;
        this.face = face;
    }

    public static byte[] write(Commission commission) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            try (PDPageContentStream stream = new PDPageContentStream(document, Pages.add(document, WIDTH, HEIGHT))) {
                new CareSheet(new Pen(stream, HEIGHT), face).all(commission);
            }
            Pages.entitled(document, "Care and wearing in");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void all(Commission commission) throws IOException {
        for (String line : Typeface.broken(face.title(), 16, commission.title(), RIGHT - LEFT)) {
            pen.text(LEFT, y, face.title(), 16, line);
            y += 7;
        }
        boolean laced = commission.garment().fastening().closure().isLaced() && !commission.restricted();
        head("How to care for it");
        words(CARE);
        if (laced) {
            words(LACED);
            wearingIn(commission);
        }
        if (commission.restricted()) {
            head("Not to be laced");
            words(List.of("It was made to close edge to edge, without drawing in. It stays so."));
        }
        head("Cautions");
        words(List.of(Cautions.LACING));
    }

    private void wearingIn(Commission commission) throws IOException {
        LengthUnit unit = commission.units() == LengthUnit.MM ? LengthUnit.CM : commission.units();
        head("How to wear it in");
        for (Seasoning.Wearing wearing : Seasoning.of(commission).wearings()) {
            words(List.of(wearing.number() + ". For " + wearing.minutes() + " minutes, the back "
                    + LengthText.say(wearing.gap(), unit) + " open."));
        }
        words(
                List.of(
                        "Then as it was planned, with the back "
                                + LengthText.say(commission.garment().gap().length(), unit)
                                + " open. A day without it lies between two wearings. Where it hurts, stop, and show it to your maker."));
    }

    private void head(String title) throws IOException {
        y += 4;
        pen.text(LEFT, y, face.title(), 12, title);
        y += 6;
    }

    private void words(List<String> all) throws IOException {
        for (String each : all) {
            for (String line : Typeface.broken(face.plain(), SIZE, each, RIGHT - LEFT)) {
                pen.text(LEFT, y, face.plain(), SIZE, line);
                y += LINE;
            }
            y += 1;
        }
    }
}
