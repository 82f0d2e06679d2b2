package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.pdf.HandSheets;
import bathyra.garment.BackShaping;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LowerShape;
import bathyra.garment.SkirtShaping;
import bathyra.garment.UpperShape;
import bathyra.hand.Controls;
import bathyra.hand.Division;
import bathyra.hand.HandPiece;
import bathyra.hand.HelpLines;
import bathyra.hand.Rounding;
import bathyra.piece.Piece;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The sheets to copy a piece from, read back: every figure is there, whole, on the paper, and over no other. */
class HandSheetsTest {
    /** What glyphs may reach over each other, points. */
    private static final double KERNED = 0.6;

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.withArms(Bodies.nerea()), garment));
    }

    static Stream<Draft> drafts() {
        Garment bustier = Garment.bustier();
        return Stream.of(
                draft(Garment.of(GarmentKind.CORSET)),
                draft(bustier.withBlock(bustier.block().withBack(BackShaping.DART))),
                draft(bustier.withLowerEdge(LowerShape.PEPLUM)),
                draft(bustier.withLowerEdge(LowerShape.POINTED_BASQUE).withSkirt(SkirtShaping.DARTS)),
                draft(bustier.withUpperEdge(UpperShape.fitting(Cover.SHOULDERS).get(0))
                        .withTop(bustier.top().withCover(Cover.SHOULDERS))));
    }

    private static Map<HandPiece, Controls> sheets(Draft draft, HelpLines lines, Division division) {
        Map<HandPiece, Controls> sheets = new LinkedHashMap<>();
        for (Piece piece : draft.pattern().pieces()) {
            HandPiece hand = HandPiece.of(piece, lines, division);
            sheets.put(hand, Controls.of(hand, draft.pattern()));
        }
        return sheets;
    }

    private static PDDocument written(Draft draft, Map<HandPiece, Controls> sheets, Division division)
            throws IOException {
        return Loader.loadPDF(HandSheets.write(
                sheets,
                new HandSheets.Heading(draft.pattern().title(), division, 1, false),
                Rounding.of(List.copyOf(sheets.keySet()), division),
                Optional.empty()));
    }

    /** Every sign of a page where it stands. */
    private static List<TextPosition> signs(PDDocument pdf, int page) throws IOException {
        List<TextPosition> all = new ArrayList<>();
        PDFTextStripper stripper = new PDFTextStripper() {
            @Override
            protected void processTextPosition(TextPosition sign) {
                if (!sign.getUnicode().isBlank()) {
                    all.add(sign);
                }
            }
        };
        stripper.setStartPage(page + 1);
        stripper.setEndPage(page + 1);
        stripper.getText(pdf);
        return all;
    }

    private static boolean overlap(TextPosition a, TextPosition b) {
        double apart = Math.abs(a.getYDirAdj() - b.getYDirAdj());
        return apart < Math.min(a.getHeightDir(), b.getHeightDir()) * 0.7
                && a.getXDirAdj() + a.getWidthDirAdj() > b.getXDirAdj() + KERNED
                && b.getXDirAdj() + b.getWidthDirAdj() > a.getXDirAdj() + KERNED;
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void noWordLiesOverAnother_norBeyondThePaper(Draft draft) throws IOException {
        for (Division division : new Division[] {Division.MILLIMETRE, Division.SIXTEENTH}) {
            Map<HandPiece, Controls> sheets = sheets(draft, HelpLines.FINE, division);
            try (PDDocument pdf = written(draft, sheets, division)) {
                for (int page = 0; page < pdf.getNumberOfPages(); page++) {
                    List<TextPosition> signs = signs(pdf, page);
                    var paper = pdf.getPage(page).getMediaBox();
                    for (int i = 0; i < signs.size(); i++) {
                        TextPosition sign = signs.get(i);
                        assertThat((double) sign.getXDirAdj()).isBetween(10.0, paper.getWidth() - 10.0);
                        assertThat((double) sign.getYDirAdj()).isBetween(10.0, paper.getHeight() - 10.0);
                        for (int k = i + 1; k < signs.size(); k++) {
                            if (overlap(sign, signs.get(k))) {
                                throw new AssertionError("page " + (page + 1) + ": " + sign.getUnicode() + " at "
                                        + sign.getXDirAdj() + ", " + sign.getYDirAdj() + " lies over "
                                        + signs.get(k).getUnicode());
                            }
                        }
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void everyCorner_andEveryNotch_standsOnItsSheet(Draft draft) throws IOException {
        Map<HandPiece, Controls> sheets = sheets(draft, HelpLines.COARSE, Division.MILLIMETRE);
        try (PDDocument pdf = written(draft, sheets, Division.MILLIMETRE)) {
            assertThat(pdf.getNumberOfPages()).isGreaterThanOrEqualTo(sheets.size());
            String all = new PDFTextStripper().getText(pdf).replace('\u00a0', ' ');
            int ups = all.split(" up, | down, ", -1).length - 1;
            assertThat(ups)
                    .as("a corner is so much up or down, and so much aside")
                    .isGreaterThanOrEqualTo(sheets.keySet().stream()
                            .mapToInt(h -> h.offsets()
                                    .rounded(Division.MILLIMETRE)
                                    .corners()
                                    .size())
                            .sum());
            long notches =
                    sheets.values().stream().mapToLong(c -> c.notches().size()).sum();
            assertThat(all.split("(?m)^(Two notches|Notch) on ", -1).length - 1).isGreaterThanOrEqualTo((int) notches);
        }
    }
}
