package bathyra.app.hand;

import bathyra.app.home.Version;
import bathyra.app.output.AllOrNone;
import bathyra.app.work.Latest;
import bathyra.app.workshop.Workshop;
import bathyra.bill.Lays;
import bathyra.draft.Draft;
import bathyra.files.csv.OffsetsCsv;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.HandSheets;
import bathyra.finding.Finding;
import bathyra.garment.Cloth;
import bathyra.garment.LayerKind;
import bathyra.hand.Controls;
import bathyra.hand.CutOutline;
import bathyra.hand.Division;
import bathyra.hand.FoldedCloth;
import bathyra.hand.HandDrawn;
import bathyra.hand.HandPiece;
import bathyra.hand.HandStep;
import bathyra.hand.HelpLines;
import bathyra.hand.Offsets;
import bathyra.hand.Rounding;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.truing.Truing;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.LoggerFactory;

/** The pieces of the draft as figures to draw from: which piece, how its figures are given, how far it is drawn. */
final class HandModel {
    /** How large a piece is drawn. */
    enum Size {
        FULL("Full", 1),
        HALF("Half", 0.5),
        QUARTER("Quarter", 0.25);

        private final String label;
        private final double factor;

        Size(String label, double factor) {
            this.label = label;
            this.factor = factor;
        }

        String label() {
            return label;
        }

        double factor() {
            return factor;
        }
    }

    /** Which line is drawn. */
    enum Line {
        NET("Net"),
        CUT("With allowances");

        private final String label;

        Line(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /** A piece as it is given, with everything that follows from it. */
    record Given(HandPiece hand, Controls controls, List<HandStep> steps) {}

    /** What was asked for. */
    private record Asked(Draft draft, HelpLines lines, Division division, Line line, Size size) {}

    private final Workshop workshop;
    private final Runnable changed;
    private final Latest costing;
    private HelpLines lines = HelpLines.COARSE;
    private Optional<Division> division = Optional.empty();
    private Line line = Line.NET;
    private Size size = Size.FULL;
    private int index;
    private Optional<Asked> asked = Optional.empty();
    private final Map<Integer, Given> given = new HashMap<>();
    private final TickedSteps done;
    private Optional<Rounding> rounding = Optional.empty();
    private Optional<FoldedCloth> onFold = Optional.empty();
    private Optional<Asked> finding = Optional.empty();
    private Optional<HandDrawn> drawn = Optional.empty();
    private String said = "";

    /** @param later runs a deed on the window's thread */
    HandModel(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.done = new TickedSteps(workshop);
        this.changed = changed;
        this.costing = new Latest(later);
    }

    private Draft draft() {
        return workshop.half().orElseThrow();
    }

    boolean isThere() {
        return workshop.half().isPresent();
    }

    List<Piece> pieces() {
        return draft().pattern().pieces();
    }

    HelpLines lines() {
        return lines;
    }

    Division division() {
        boolean inches = workshop.unit().isInches();
        return division.filter(d -> d.isInches() == inches).orElseGet(() -> Division.of(workshop.unit()));
    }

    Line line() {
        return line;
    }

    Size size() {
        return size;
    }

    int index() {
        return Math.min(index, pieces().size() - 1);
    }

    /** The piece that was brought back. */
    Optional<HandDrawn> brought() {
        return drawn;
    }

    /** Its edges on the sheet of the piece in hand. */
    Optional<List<bathyra.geometry.Path>> drawnEdges() {
        return drawn.filter(d -> d.piece().isPresent()).map(d -> d.edges());
    }

    /** A figure as it is drawn, mm. */
    double drawn(double mm) {
        return division().rounded(mm * size.factor());
    }

    int steps(int which) {
        return given(which).steps().size();
    }

    String said() {
        return said;
    }

    /** The unit in which figures of this division are read. */
    LengthUnit unit() {
        return switch (division()) {
            case EIGHTH -> LengthUnit.IN;
            case SIXTEENTH -> LengthUnit.IN_16;
            case HALF_MILLIMETRE -> LengthUnit.MM;
            default -> LengthUnit.CM;
        };
    }

    /** A figure as the tape gives it at the size that is drawn. */
    String say(double mm) {
        return LengthText.figure(Length.mm(division().rounded(mm * size.factor())), unit());
    }

    /** A figure of a step, which is as the tape gives it already. */
    String tell(double mm) {
        return LengthText.figure(Length.mm(mm), unit());
    }

    Given inHand() {
        return given(index());
    }

    private Given given(int which) {
        Asked now = new Asked(draft(), lines, division(), line, size);
        if (asked.filter(a -> a.draft() == now.draft() && a.equals(now)).isEmpty()) {
            asked = Optional.of(now);
            given.clear();
            rounding = Optional.empty();
            onFold = Optional.empty();
            finding = Optional.empty();
            drawn = Optional.empty();
        }
        return given.computeIfAbsent(which, i -> {
            Piece piece = pieces().get(i);
            HandPiece hand = hand(piece, now);
            Controls controls = Controls.of(hand, draft().pattern());
            return new Given(hand, controls, HandStep.of(hand, controls, now.division(), size.factor()));
        });
    }

    /** What the division costs over all pieces; empty while it is found out. */
    Optional<Rounding> rounding() {
        given(index());
        Asked now = asked.orElseThrow();
        if (rounding.isEmpty() && !finding.equals(asked)) {
            finding = asked;
            List<Piece> pieces = List.copyOf(pieces());
            Optional<Cloth> onCloth = isDrawnOnCloth() ? Optional.of(cloth()) : Optional.empty();
            costing.begin(
                    "what rounding costs",
                    run -> {
                        List<HandPiece> hands =
                                pieces.stream().map(p -> hand(p, now)).toList();
                        Rounding cost = Rounding.of(hands, now.division());
                        Optional<FoldedCloth> lies = onCloth.map(c -> folded(hands, c));
                        run.show(() -> {
                            rounding = Optional.of(cost);
                            onFold = lies;
                            changed.run();
                        });
                    },
                    () -> finding = Optional.empty());
        }
        return rounding;
    }

    private static HandPiece hand(Piece piece, Asked asked) {
        return HandPiece.of(asked.line() == Line.CUT ? CutOutline.of(piece) : piece, asked.lines(), asked.division());
    }

    /** How many steps of a piece are done. */
    int done(int which) {
        return Math.min(done.of(key(which)), given(which).steps().size());
    }

    private String key(int which) {
        return workshop.id() + "-" + pieces().get(which).id() + "-" + lines + "-" + line;
    }

    /** The step in hand; empty when all are done. */
    Optional<HandStep> step() {
        List<HandStep> steps = inHand().steps();
        int at = done(index());
        return at < steps.size() ? Optional.of(steps.get(at)) : Optional.empty();
    }

    void next() {
        go(done(index()) + 1);
    }

    void back() {
        go(done(index()) - 1);
    }

    void go(int step) {
        done.tick(key(index()), Math.max(0, Math.min(step, inHand().steps().size())));
        changed.run();
    }

    void piece(int which) {
        if (which >= 0 && which < pieces().size()) {
            index = which;
            drawn = Optional.empty();
            changed.run();
        }
    }

    void lines(HelpLines next) {
        lines = next;
        changed.run();
    }

    void divide(Division next) {
        division = Optional.of(next);
        changed.run();
    }

    void line(Line next) {
        line = next;
        changed.run();
    }

    void size(Size next) {
        size = next;
        changed.run();
    }

    /** Where the pieces lie on folded cloth, for those who draw on it: with their allowances, at full size. */
    Optional<FoldedCloth> folded() {
        return isDrawnOnCloth() ? Optional.of(folded(List.copyOf(sheets().keySet()), cloth())) : Optional.empty();
    }

    /** Whether one draws on the cloth itself. */
    boolean isDrawnOnCloth() {
        return line == Line.CUT && size == Size.FULL;
    }

    /** The same for the card, found beside the window with what rounding costs; empty until then. */
    Optional<FoldedCloth> foldedFound() {
        return onFold;
    }

    private static FoldedCloth folded(List<HandPiece> hands, Cloth cloth) {
        return FoldedCloth.of(hands.stream().map(HandPiece::piece).toList(), cloth.width() / 2 - cloth.selvedge());
    }

    /** The cloth that is seen, which one draws on. */
    Cloth cloth() {
        return Lays.use(
                        workshop.commission(),
                        LayerKind.FASHION,
                        workshop.kept().prices())
                .cloth();
    }

    private Map<HandPiece, Controls> sheets() {
        Map<HandPiece, Controls> sheets = new LinkedHashMap<>();
        for (int i = 0; i < pieces().size(); i++) {
            sheets.put(given(i).hand(), given(i).controls());
        }
        return sheets;
    }

    /** Puts every piece out as a sheet to copy from. */
    void putOut(Path file) {
        try {
            HandSheets.Heading heading =
                    new HandSheets.Heading(draft().pattern().title(), division(), size.factor(), line == Line.CUT);
            write(
                    file,
                    HandSheets.write(
                            sheets(), heading, Rounding.of(List.copyOf(sheets().keySet()), division()), folded()),
                    "The sheets are in ");
        } catch (IOException e) {
            failed(e, file);
        }
    }

    /** Writes the figures of all pieces as a table. */
    void writeFigures(Path file) {
        try {
            write(file, OffsetsCsv.write(sheets()).getBytes(StandardCharsets.UTF_8), "The figures are in ");
        } catch (IOException e) {
            failed(e, file);
        }
    }

    private void write(Path file, byte[] bytes, String words) throws IOException {
        AllOrNone.write(Map.of(file, bytes));
        said = words + file.getFileName() + ".";
        changed.run();
    }

    private void failed(IOException e, Path file) {
        LoggerFactory.getLogger(HandModel.class).warn("writing figures", e);
        said = file.getFileName() + " could not be written. Choose a place that you may write to, with room.";
        changed.run();
    }

    /** Makes pieces again of figures that were measured on paper, and looks at them. */
    void bringBack(Path file) {
        try {
            OffsetsCsv.Read read = OffsetsCsv.read(Files.readAllBytes(file));
            if (!read.faults().isEmpty()) {
                said = "Nothing was taken in. " + String.join(" ", read.faults());
            } else {
                take(read.pieces());
            }
        } catch (IOException e) {
            LoggerFactory.getLogger(HandModel.class).warn("reading figures", e);
            said = file.getFileName() + " could not be read. Look whether it is there and whether you may read it.";
        }
        changed.run();
    }

    private void take(List<Offsets> figures) {
        Optional<Offsets> own = figures.stream()
                .filter(f -> pieces().stream().anyMatch(p -> p.id().equals(f.piece())))
                .min(Comparator.comparing(
                        f -> !f.piece().equals(pieces().get(index()).id())));
        if (own.isEmpty()) {
            said = "None of its pieces is one of this pattern: "
                    + String.join(", ", pieces().stream().map(Piece::id).toList()) + ".";
            return;
        }
        for (int i = 0; i < pieces().size(); i++) {
            if (pieces().get(i).id().equals(own.get().piece())) {
                index = i;
            }
        }
        line = Line.NET;
        given(index());
        HandDrawn back = HandDrawn.of(pieces().get(index()), own.get());
        drawn = Optional.of(back);
        said = back.faults().stream()
                .map(f -> f.in(workshop.unit()))
                .findFirst()
                .orElse("");
    }

    /** Writes the pattern with the drawn piece in its place, as a document that can be taken in again. */
    void keepDrawn(Path file) {
        Pattern with =
                HandDrawn.in(draft().pattern(), drawn.flatMap(HandDrawn::piece).orElseThrow());
        try {
            write(
                    file,
                    PatternJson.write(with, Truing.look(with), Version.number()).getBytes(StandardCharsets.UTF_8),
                    "The pattern with it is in ");
        } catch (IOException e) {
            failed(e, file);
        }
    }

    /** What the checks say of the pattern with the drawn piece in it, that they did not say before. */
    List<Sentence> found() {
        return drawn.flatMap(HandDrawn::piece)
                .map(p -> HandDrawn.look(draft().pattern(), p).stream()
                        .filter(f -> f.status() != Finding.Status.OK)
                        .filter(f -> draft().findings().stream()
                                .noneMatch(was -> was.kind() == f.kind()
                                        && was.subject().equals(f.subject())
                                        && was.status() == f.status()))
                        .map(Finding::sentence)
                        .toList())
                .orElse(List.of());
    }
}
