package bathyra.app.foreign;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.InWorkshop;
import bathyra.files.json.PatternJson;
import bathyra.geometry.Point;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A pattern from elsewhere on the body of the wearer in hand, without the window. */
class TriedOnTest extends InWorkshop {
    private static final int PATIENCE_MS = 60_000;
    private final ConcurrentLinkedQueue<Runnable> later = new ConcurrentLinkedQueue<>();
    private ForeignModel model;

    @BeforeEach
    void open() {
        model = new ForeignModel(workshop, later::add, () -> {});
    }

    private void take(Pattern pattern) throws Exception {
        Path file = folder.resolve("elsewhere.json");
        Files.writeString(file, PatternJson.write(pattern, List.of(), "test"), StandardCharsets.UTF_8);
        model.take(file);
        assertThat(model.faults()).isEmpty();
    }

    private static Pattern bare(Pattern pattern) {
        return new Pattern(
                pattern.title(),
                pattern.method(),
                List.of(),
                pattern.pieces().stream().map(p -> p.withLevels(List.of())).toList(),
                pattern.seams(),
                pattern.waistToLap());
    }

    private void until(BooleanSupplier done) throws InterruptedException {
        long end = System.currentTimeMillis() + PATIENCE_MS;
        while (!done.getAsBoolean() && System.currentTimeMillis() < end) {
            Runnable next = later.poll();
            if (next == null) {
                Thread.sleep(10);
            } else {
                next.run();
            }
        }
        assertThat(done.getAsBoolean()).isTrue();
    }

    @Test
    void aPatternThatIsMarked_isPutOn_withoutAQuestion() throws Exception {
        take(draft().pattern());
        assertThat(model.isMarked()).isTrue();
        model.tryOn();
        assertThat(model.tried().isWorking()).isTrue();
        assertThat(model.tried().said()).as("nothing is read yet").isEmpty();
        until(() -> model.tried().seen().isPresent());
        assertThat(model.tried().isWorking()).isFalse();
        assertThat(model.tried().said())
                .anyMatch(s -> s.startsWith("Waist: it goes round"))
                .anyMatch(s -> s.contains("stands away"))
                .anyMatch(s -> s.contains("not seen: the toile decides"));
    }

    @Test
    void oneWithoutLevels_isAskedForTwoHeights_onThePieceInHand() throws Exception {
        take(bare(draft().pattern()));
        assertThat(model.isMarked()).isFalse();
        Piece piece = model.pattern().orElseThrow().pieces().get(1);
        model.choose(new SeamJoin.Ref(piece.id(), piece.outline().get(0).name()));
        Piece drafted = draft().pattern().piece(piece.id());
        double top = drafted.flattened(0.1).stream().mapToDouble(Point::y).min().orElseThrow();
        model.tried().waist(drafted.mark(Level.WAIST).orElseThrow().from().y() - top);
        double rib = drafted.mark(Level.UNDERBUST).orElseThrow().from().y() - top;
        assertThat(model.tried().second()).isEqualTo(Level.UNDERBUST);
        assertThat(model.tried().depth())
                .as("as far from the waist as on the wearer's form")
                .isBetween(rib - 25, rib + 25);
        model.tried().depth(rib);
        model.tryOn();
        until(() -> model.tried().seen().isPresent());
        assertThat(model.tried().said())
                .anyMatch(s -> s.startsWith("Waist: it goes round"))
                .anyMatch(s -> s.startsWith("Underbust: it goes round"))
                .noneMatch(s -> s.contains("Is it one whole half"));
        model.unsew();
        assertThat(model.tried().seen()).as("sewn otherwise it lies otherwise").isEmpty();
    }

    @Test
    void heightsThatCannotBe_areSaid_andNothingIsPutOn() throws Exception {
        take(bare(draft().pattern()));
        model.tried().waist(100);
        model.tried().depth(300);
        model.tryOn();
        assertThat(model.tried().isWorking()).isFalse();
        assertThat(model.tried().faults()).singleElement().asString().contains("wrong way round");
        model.tried().second(Level.HIP);
        assertThat(model.tried().depth()).as("below the waist").isGreaterThan(100);
    }

    @Test
    void halfAHalf_isAskedAfter() throws Exception {
        Pattern whole = draft().pattern();
        List<Piece> some = whole.pieces().subList(0, 2);
        List<String> ids = some.stream().map(Piece::id).toList();
        take(new Pattern(
                whole.title(),
                whole.method(),
                whole.levels(),
                some,
                whole.seams().stream()
                        .filter(s -> ids.contains(s.a().piece()) && ids.contains(s.b().piece()))
                        .toList(),
                whole.waistToLap()));
        model.tryOn();
        until(() -> model.tried().seen().isPresent());
        assertThat(model.tried().said()).anyMatch(s -> s.contains("Is it one whole half"));
    }
}
