package bathyra.bench;

import bathyra.app.fittings.PictureTaking;
import bathyra.correction.Elsewhere;
import bathyra.correction.Proposal;
import bathyra.draft.Bodies;
import bathyra.draft.Drafter;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/** What a mark of a fitting costs beside a redraft, in one run; and a picture of 12 megapixels. */
public final class Fittings {
    private static final int WIDE = 4000;
    private static final int HIGH = 3000;

    private Fittings() {}

    public static void main(String[] arguments) throws Exception {
        Commission corset = Bodies.commission(
                Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680)), Garment.of(GarmentKind.CORSET));
        Fitting none = Fitting.begun(1, FittingKind.TOILE, LocalDate.of(2026, 11, 16));
        double redraft = Turns.median(() -> Drafter.draft(corset));
        Turns.say("redraft of a corset", redraft, redraft);
        for (Mark mark : List.of(
                Mark.put(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), Length.mm(8)),
                Mark.put(1, MarkKind.EDGE, Spot.onEdge(true, 0.3), Length.mm(-12)),
                Mark.put(1, MarkKind.GAP, Spot.at(Level.WAIST), Length.mm(62)))) {
            Turns.say(
                    "preview of a mark, " + mark.kind().id(),
                    Turns.median(() ->
                            Proposal.ofOne(corset, none, mark).map(p -> Elsewhere.between(p.before(), p.draft()))),
                    redraft);
        }
        Fitting seven = none;
        for (int i = 1; i <= 7; i++) {
            seven = seven.with(
                    Mark.put(i, MarkKind.PINCH, Spot.on(SeamPlace.front(1 + i % 2), Level.WAIST), Length.mm(3))
                            .decided(Decision.AGREED, ""));
        }
        Fitting all = seven;
        Turns.say("seven marks, all of them", Turns.median(() -> Proposal.of(corset, all)), redraft);
        Path file = Files.createTempFile("picture", ".jpg");
        ImageIO.write(noise(), "jpeg", file.toFile());
        Turns.say("a picture of 12 megapixels taken", Turns.median(() -> PictureTaking.taken(file)), redraft);
        Files.delete(file);
    }

    private static BufferedImage noise() {
        BufferedImage picture = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(1);
        for (int y = 0; y < HIGH; y++) {
            for (int x = 0; x < WIDE; x++) {
                int grey = (x / 9 + y / 7 + random.nextInt(24)) & 0xff;
                picture.setRGB(x, y, grey << 16 | grey << 8 | grey);
            }
        }
        return picture;
    }
}
