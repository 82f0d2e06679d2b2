package bathyra.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Choices;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.LengthUnit;
import bathyra.piece.CutCount;
import bathyra.piece.CuttingLine;
import bathyra.piece.Grain;
import bathyra.piece.Mark;
import bathyra.piece.Markings;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.OutlineEdge.Kind;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.PieceTitle;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What is looked at before cloth is cut, on shapes with plain corners. */
class BeforeCuttingTest {
    private static Piece piece(String id, double allowance, Kind kind, double... xy) {
        List<OutlineEdge> outline = new ArrayList<>();
        Map<String, Double> widths = new HashMap<>();
        for (int i = 0; i < xy.length; i += 2) {
            String name = "edge" + (i / 2 + 1);
            outline.add(new OutlineEdge(
                    name,
                    kind,
                    Optional.empty(),
                    Path.of(new Line(
                            new Point(xy[i], xy[i + 1]),
                            new Point(xy[(i + 2) % xy.length], xy[(i + 3) % xy.length])))));
            widths.put(name, allowance);
        }
        List<Point> ring = new ArrayList<>();
        outline.forEach(e -> ring.add(e.path().start()));
        ring.add(ring.get(0));
        return new Piece(
                new PieceTitle(id, "Piece " + id, 1, true),
                new CutCount(2, false),
                outline,
                new Markings(List.of(), List.of(), new Grain(new Point(10, 90), new Point(10, 10))),
                new CuttingLine(ring, widths));
    }

    private static List<Finding> look(Piece... pieces) {
        return Truing.beforeCutting(new Pattern("", "", List.of(), List.of(pieces), List.of(), OptionalDouble.empty()));
    }

    private static Finding only(List<Finding> findings, String id) {
        return findings.stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void allowancesInASlotThatIsTooNarrow_areAFault_withWhatThereIsRoomFor() {
        // A slot 20 wide and 80 deep: allowances of 13 from both its walls overlap by 6; there is room for 10 on either
        // side.
        double[] slotted = {0, 0, 60, 0, 60, 80, 80, 80, 80, 0, 140, 0, 140, 200, 0, 200};
        Finding tight = only(look(piece("P", 13, Kind.EDGE, slotted)), "allowance");
        assertThat(tight.status()).isEqualTo(Finding.Status.FAULT);
        assertThat(tight.value()).isCloseTo(6, within(0.01));
        assertThat(tight.sentence().in(LengthUnit.MM).replace('\u00a0', ' '))
                .isEqualTo(
                        "Piece P, " + tight.sentence().in(LengthUnit.MM).replaceFirst("^Piece P, ([a-z0-9]+):.*$", "$1")
                                + ": its allowance runs into another of the same piece by 6.0 mm. There is room for 10.0 mm on either side; narrow it, or leave it 0 and bind or face the edge.");
        assertThat(tight.place()).isPresent();
        assertThat(only(look(piece("P", 9.9, Kind.EDGE, slotted)), "allowance").status())
                .isEqualTo(Finding.Status.OK);
    }

    @Test
    void piecesThatLookAlikeAtBothEnds_areDraftedWithTheirTopMarked() {
        Pattern pattern =
                ((Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)))).pattern();
        List<Piece> marked = pattern.pieces().stream()
                .filter(p -> p.marks().stream().anyMatch(m -> m.kind() == Mark.Kind.TOP))
                .toList();
        assertThat(marked).extracting(Piece::front).containsOnly(false);
        assertThat(Truing.beforeCutting(pattern).stream().filter(f -> f.id().equals("upside-down")))
                .hasSize(pattern.pieces().size())
                .allMatch(f -> f.status() == Finding.Status.OK);
    }

    @Test
    void aPieceThatIsAlikeAtBothEnds_isNoted_untilItsTopIsMarked() {
        Piece strip = piece("P", 10, Kind.EDGE, 0, 0, 60, 0, 60, 300, 0, 300);
        Finding note = only(look(strip), "upside-down");
        assertThat(note.status()).isEqualTo(Finding.Status.NOTE);
        assertThat(note.sentence().in(LengthUnit.MM)).endsWith("so it could be sewn in upside down. Mark its top.");
        assertThat(only(look(strip.marking(List.of(new Mark(Mark.Kind.TOP, new Point(30, 0))))), "upside-down")
                        .status())
                .isEqualTo(Finding.Status.OK);
    }

    @Test
    void ends_thatDifferByTenMillimetres_canBeToldApart() {
        // The foot of the piece is wider than its head by 8 on one side, then by 12: only the second shows on the
        // table.
        assertThat(only(look(piece("P", 0, Kind.EDGE, 0, 0, 60, 0, 68, 300, 0, 300)), "upside-down")
                        .status())
                .isEqualTo(Finding.Status.NOTE);
        assertThat(only(look(piece("P", 0, Kind.EDGE, 0, 0, 60, 0, 72, 300, 0, 300)), "upside-down")
                        .status())
                .isEqualTo(Finding.Status.OK);
    }

    @Test
    void aGrainLineThatLeavesItsPiece_isNoted_withHowFar() {
        assertThat(only(look(piece("P", 0, Kind.EDGE, 0, 0, 60, 0, 60, 300, 0, 300)), "grain")
                        .status())
                .isEqualTo(Finding.Status.OK);
        Finding outside = only(look(piece("P", 0, Kind.EDGE, 22, 0, 82, 0, 82, 300, 22, 300)), "grain");
        assertThat(outside.status()).isEqualTo(Finding.Status.NOTE);
        assertThat(outside.value()).isCloseTo(12, within(0.01));
        assertThat(outside.sentence().in(LengthUnit.MM).replace('\u00a0', ' '))
                .isEqualTo(
                        "Piece P: the grain line reaches 12.0 mm past the outline and is cut away there. Draw it inside the piece.");
    }

    @Test
    void everyPieceOfEveryKindOfGarment_carriesItsGrainLineInside() {
        List<Choices.Combination> rows = Choices.pairwise(8, true);
        for (int i = 0; i < rows.size(); i += 4) {
            if (Drafter.draft(Choices.commission(rows.get(i), Bodies.withArms(Bodies.nerea())))
                    instanceof Draft draft) {
                assertThat(Truing.beforeCutting(draft.pattern()))
                        .filteredOn(f -> f.kind() == FindingKind.GRAIN)
                        .hasSameSizeAs(draft.pattern().pieces())
                        .allSatisfy(f -> assertThat(f.status())
                                .as(f.sentence().in(LengthUnit.MM))
                                .isEqualTo(Finding.Status.OK));
            }
        }
    }

    @Test
    void anEdgeWithoutAPartner_isAFaultOfAForeignPattern() {
        Pattern alone = new Pattern(
                "",
                "",
                List.of(),
                List.of(piece("P", 0, Kind.SEAM, 0, 0, 60, 0, 72, 300, 0, 300)),
                List.of(),
                OptionalDouble.empty());
        assertThat(Truing.lookAtForeign(alone).stream().filter(f -> f.id().equals("partner")))
                .hasSize(4)
                .allSatisfy(f -> {
                    assertThat(f.status()).isEqualTo(Finding.Status.FAULT);
                    assertThat(f.sentence().in(LengthUnit.MM))
                            .endsWith(
                                    "no edge is named that it is sewn to. Name its partner under seams, or call it an edge.");
                });
    }

    @Test
    void notchesOfASeam_areCounted_andPairedInTheirOrder() {
        Piece left = piece("L", 0, Kind.EDGE, 0, 0, 60, 0, 60, 300, 0, 300);
        Piece right = piece("R", 0, Kind.EDGE, 0, 0, 60, 0, 60, 300, 0, 300);
        SeamJoin seam = new SeamJoin("S1", "Middle", new SeamJoin.Ref("L", "edge2"), new SeamJoin.Ref("R", "edge4"));
        Piece marked = notched(left, "edge2", 60, 100, 200);
        Pattern uneven = new Pattern(
                "",
                "",
                List.of(),
                List.of(marked, notched(right, "edge4", 0, 100)),
                List.of(seam),
                OptionalDouble.empty());
        Finding note = only(Truing.lookAtForeign(uneven), "notch-partner");
        assertThat(note.sentence().in(LengthUnit.MM))
                .isEqualTo(
                        "Middle: 2 notches on Piece L and 1 notch on Piece R. The edges are compared from end to end only; add what is missing.");
        Pattern slipped = new Pattern(
                "",
                "",
                List.of(),
                List.of(marked, notched(right, "edge4", 0, 100, 203)),
                List.of(seam),
                OptionalDouble.empty());
        assertThat(SeamPair.of(slipped, seam).worst())
                .as("as long in all, 3 apart at the second notch")
                .isCloseTo(3, within(1e-6));
        assertThat(only(Truing.lookAtForeign(slipped), "seam-length").status()).isEqualTo(Finding.Status.FAULT);
    }

    private static Piece notched(Piece piece, String edge, double x, double... ys) {
        List<Notch> notches = new ArrayList<>();
        for (double y : ys) {
            notches.add(new Notch(edge, new Point(x, y), false, ""));
        }
        return new Piece(
                new PieceTitle(piece.id(), piece.name(), 1, true),
                new CutCount(2, false),
                piece.outline(),
                new Markings(List.of(), notches, piece.grain()),
                CuttingLine.of(List.of()));
    }

    @Test
    void theJoinedRun_laysBothCornersOnOnePlace_seamOnSeam() {
        Pattern pattern = ((Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier()))).pattern();
        for (SeamJoin seam : pattern.seams()) {
            for (boolean top : new boolean[] {true, false}) {
                JoinedRun run = JoinedRun.at(pattern, seam, top, 40);
                assertThat(run.degrees()).as(seam.name()).isCloseTo(180, within(5.0));
                assertThat(run.edgeA().get(0).distance(run.edgeB().get(0))).isLessThan(1e-6);
                assertThat(run.edgeA().get(run.edgeA().size() - 1).x())
                        .as("the front lies left")
                        .isNegative();
                assertThat(run.edgeB().get(run.edgeB().size() - 1).x()).isPositive();
                assertThat(Math.signum(run.seamA().get(run.seamA().size() - 1).y()))
                        .isEqualTo(top ? 1.0 : -1.0);
            }
        }
    }
}
