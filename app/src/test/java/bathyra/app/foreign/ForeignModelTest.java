package bathyra.app.foreign;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.InWorkshop;
import bathyra.files.json.PatternJson;
import bathyra.finding.Finding;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A pattern from elsewhere without the window: here one of our own that went out as a document and comes back. */
class ForeignModelTest extends InWorkshop {
    private ForeignModel model;
    private Path file;

    @BeforeEach
    void open() throws Exception {
        model = new ForeignModel(workshop, Runnable::run, () -> {});
        file = folder.resolve("from-elsewhere.json");
        Files.writeString(file, PatternJson.write(draft().pattern(), List.of(), "test"), StandardCharsets.UTF_8);
    }

    @Test
    void ourOwnPattern_isTaken_withItsSeams_andHolds() {
        model.take(file);
        assertThat(model.faults()).isEmpty();
        assertThat(model.name()).isEqualTo("from-elsewhere.json");
        assertThat(model.drawing()).as("a document is no drawing").isEmpty();
        assertThat(model.pattern().orElseThrow().pieces())
                .extracting(Piece::id)
                .isEqualTo(draft().pattern().pieces().stream().map(Piece::id).toList());
        assertThat(model.seam()).isPresent();
        assertThat(model.troubles()).noneMatch(f -> f.status() == Finding.Status.FAULT);
        assertThat(model.document("test")).contains("\"bathyra-pattern\"");
    }

    @Test
    void fileThatIsNone_isSaid_andNothingIsLeftOfTheFormer() throws Exception {
        model.take(file);
        Path none = folder.resolve("none.json");
        Files.writeString(none, "{ \"format\": ");
        model.take(none);
        assertThat(model.pattern()).isEmpty();
        assertThat(model.faults()).isNotEmpty();
        assertThat(model.findings()).isEmpty();
        assertThat(model.seam()).isEmpty();
        model.take(folder.resolve("nowhere.json"));
        assertThat(model.faults()).singleElement().asString().contains("could not be read");
    }

    @Test
    void seams_areLookedAtInTurn_takenApart_andSewnAgain() {
        model.take(file);
        List<SeamJoin> all = model.pattern().orElseThrow().seams();
        SeamJoin first = model.seam().orElseThrow();
        for (int i = 0; i < all.size(); i++) {
            model.nextSeam();
        }
        assertThat(model.seam()).as("once round").contains(first);
        model.unsew();
        assertThat(model.pattern().orElseThrow().seams())
                .hasSize(all.size() - 1)
                .doesNotContain(first);
        assertThat(model.pattern().orElseThrow().edge(first.a()).kind())
                .as("what is sewn to nothing is an edge")
                .isEqualTo(OutlineEdge.Kind.EDGE);
        assertThat(model.isSewing()).isFalse();
        model.startSewing();
        assertThat(model.isSewing()).as("no edge is in hand").isFalse();
        model.choose(first.a());
        model.startSewing();
        assertThat(model.isSewing()).isTrue();
        model.choose(first.b());
        assertThat(model.pattern().orElseThrow().seams()).hasSize(all.size());
        assertThat(model.isSewing()).isFalse();
        assertThat(model.seam().orElseThrow().a().equals(first.a())
                        || model.seam().orElseThrow().b().equals(first.a()))
                .isTrue();
    }

    @Test
    void edges_areTakenInTurn_pieceByPiece() {
        model.take(file);
        int edges = model.pattern().orElseThrow().pieces().stream()
                .mapToInt(p -> p.outline().size())
                .sum();
        model.nextEdge();
        SeamJoin.Ref first = model.chosen().orElseThrow();
        assertThat(model.piece().id()).isEqualTo(first.piece());
        assertThat(model.edge().name()).isEqualTo(first.edge());
        for (int i = 0; i < edges; i++) {
            model.nextEdge();
        }
        assertThat(model.chosen()).contains(first);
    }

    @Test
    void piece_isCalled_andToldFrontFromBack() {
        model.take(file);
        model.nextEdge();
        model.call("  Middle panel ", false);
        assertThat(model.piece().name()).isEqualTo("Middle panel");
        assertThat(model.piece().front()).isFalse();
        model.call("  ", true);
        assertThat(model.piece().name()).as("no name leaves it as it is").isEqualTo("Middle panel");
        assertThat(model.piece().front()).isTrue();
    }

    @Test
    void depths_areTheWearers_untilOthersAreSaid() {
        model.take(file);
        model.nextEdge();
        double waist = model.waist();
        double hip = model.hip();
        assertThat(hip).isGreaterThan(waist + 100);
        model.depths(waist + 12, hip + 7);
        assertThat(model.waist()).isEqualTo(waist + 12);
        assertThat(model.hip()).isEqualTo(hip + 7);
    }

    @Test
    void blockWhoseEdgesNobodyNamed_isNotTraced_andItIsSaidWhy() {
        model.take(file);
        model.nextEdge();
        var before = workshop.commission();
        assertThat(model.asBlock()).isPresent();
        assertThat(workshop.commission()).isEqualTo(before);
    }

    @Test
    void drawing_isMeasured_onceItIsSaidInWhat() throws Exception {
        Path svg = folder.resolve("square.svg");
        Files.writeString(svg, """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 400 400">
                  <path d="M 50 50 L 250 50 L 250 350 L 50 350 Z" fill="none" stroke="black"/>
                </svg>
                """);
        model.take(svg);
        assertThat(model.drawing()).isPresent();
        if (model.unit().isEmpty()) {
            assertThat(model.pattern())
                    .as("nobody has said what it is measured in")
                    .isEmpty();
        }
        for (var unit : bathyra.foreign.DrawnUnit.values()) {
            model.measuredIn(unit);
            assertThat(model.unit()).contains(unit);
            assertThat(model.pattern().isPresent())
                    .as("taken, or said why not")
                    .isEqualTo(model.faults().isEmpty());
        }
    }
}
