package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bathyra.draft.Bodies;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.fitting.Found;
import bathyra.garment.BackShaping;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Closure;
import bathyra.garment.ClothGive;
import bathyra.garment.Commission;
import bathyra.garment.EaseHere;
import bathyra.garment.EaseRow;
import bathyra.garment.EdgeUse;
import bathyra.garment.Fastening;
import bathyra.garment.Figure;
import bathyra.garment.Fit;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Gore;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.PrincessStart;
import bathyra.garment.SeamAxis;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Sharing;
import bathyra.garment.SplitOption;
import bathyra.garment.Spoken;
import bathyra.garment.Stretch;
import bathyra.garment.UnderbustSchool;
import bathyra.garment.Weighting;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.Occasion;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CommissionJsonTest {
    private static final String GOOD = """
            {"format":"bathyra-commission","version":1,"title":"The Heron","units":"cm","wearer":{"name":"Nerea Holloway","experience":"first"},
             "measurements":{"bustGirth":91.0,"underbustGirth":"30 7/8 in","waistGirth":"72,0 cm"},
             "garment":{"kind":"bustier","ease":{"underbust":-1.5},"options":{"dart-end":1.9,"underbust-intake":"table"}}}""";

    private static List<String> faults(String document) {
        return catchThrowableOfType(BadDocument.class, () -> CommissionJson.read(document))
                .faults();
    }

    @Test
    void read_lengthsInTheDocumentsUnitAndInTheirOwn() throws BadDocument {
        Commission commission = CommissionJson.read(GOOD);
        assertThat(commission.measurements().taken())
                .containsEntry(MeasurementKey.BUST, Length.mm(910))
                .containsEntry(MeasurementKey.WAIST, Length.mm(720));
        assertThat(commission
                        .measurements()
                        .taken()
                        .get(MeasurementKey.UNDERBUST)
                        .millimetres())
                .isEqualTo(30.875 * 25.4);
        assertThat(commission.garment().ease()).containsEntry(Level.UNDERBUST, Length.mm(-15));
        assertThat(commission.garment().lengths()).containsEntry(LengthOption.DART_END, Length.mm(19));
        assertThat(commission.garment().school()).isEqualTo(UnderbustSchool.TABLE);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"boning\":{\"kinds\":{\"on-princes-front\":\"flat-steel\"}} | garment.boning.kinds: on-princes-front is no channel of a garment; nearest is on-princess-front",
                "\"boning\":{\"without\":[\"side\"]} | garment.boning.without: side is no channel of a garment; nearest is on-side",
                "\"boning\":{\"stops\":{\"lacing-iner\":{\"above\":1}}} | garment.boning.stops: lacing-iner is no channel of a garment; nearest is lacing-inner",
                "\"boning\":{\"panels\":[{\"id\":\"own-1\",\"piece\":\"F9\",\"at\":0.5}]} | garment.boning.panels.piece: F9 is no piece of a garment; nearest is F1",
                "\"finish\":{\"grains\":{\"H1\":\"panel\"}} | garment.finish.grains: H1 is no piece of a garment; nearest is B1",
                "\"finish\":{\"topMarks\":[\"\"]} | garment.finish.topMarks: an empty name is no piece of a garment; nearest is B1",
                "\"finish\":{\"edges\":{\"F2/sidee\":1}} | garment.finish.edges: sidee is no edge of a garment; nearest is side",
                "\"finish\":{\"layers\":{\"lining\":{\"without\":[\"F22\"]}}} | garment.finish.layers.lining.without: F22 is no piece of a garment; nearest is F2",
                "\"upperEdge\":{\"sleeve\":\"band\"} | garment.upperEdge.sleeve: is given, and a strapless edge has nothing round the arm; leave it out, or the cover off-shoulder"
            })
    void read_aNameOfNoGarment_isRefusedWithTheNearest(String choice, String fault) {
        assertThat(faults(GOOD.replace("\"kind\":\"bustier\"", "\"kind\":\"bustier\"," + choice)))
                .containsExactly(fault);
    }

    /** What this garment has not may be there again after the next choice. */
    @Test
    void read_aNameOfAnotherGarment_isKept() throws BadDocument {
        Commission commission = CommissionJson.read(GOOD.replace(
                "\"kind\":\"bustier\"", "\"kind\":\"bustier\",\"boning\":{\"without\":[\"on-front-4\",\"own-12\"]}"));
        assertThat(commission.garment().boning().without()).containsExactlyInAnyOrder("on-front-4", "own-12");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"bustGirth\":91.0 | \"bustGirth\":null | measurements.bustGirth: is null; a number or a text in quotes",
                "\"bustGirth\":91.0 | \"bustGirth\":1e400 | measurements.bustGirth: is too large a number; one under 10000000",
                "\"version\":1 | \"version\":1,\"spoken\":{\"date\":\"2026-01-01\",\"reduction\":3} | spoken.reduction: is 3; up to 1"
            })
    void read_aFault_isToldInTheWordsOfTheDocument(String good, String bad, String fault) {
        assertThat(faults(GOOD.replace(good, bad))).containsExactly(fault);
    }

    @Test
    void read_textsWithoutEnd_areRefusedByName() {
        assertThat(faults(GOOD.replace("The Heron", "x".repeat(501))))
                .containsExactly("title: has 501 characters; at most 500");
    }

    @Test
    void read_anUnknownKey_isRefusedWithTheNearest() {
        assertThat(faults(GOOD.replace("waistGirth", "waistGrith")))
                .containsExactly("measurements.waistGrith: is not known; nearest is waistGirth");
        assertThat(faults(GOOD.replace("\"ease\"", "\"eas\"")))
                .containsExactly("garment.eas: is not known; nearest is ease");
    }

    @Test
    void read_manyFaults_namesEachOnItsOwnLine() {
        assertThat(faults(GOOD.replace("91.0", "36.0")
                        .replace("\"bustier\"", "\"cloak\"")
                        .replace("72,0 cm", "a hand")))
                .containsExactlyInAnyOrder(
                        "measurements.bustGirth: Bust is 36.0 cm; plausible is from 65.0 cm to 160.0 cm. It looks like a figure in inches: type in behind it.; from 65.0 cm to 160.0 cm",
                        "measurements.waistGirth: is no length: \"a hand\"; a number in cm, or a text such as \"37 1/2 in\" or \"92,5 cm\"",
                        "garment.kind: is cloak; bustier or corset or underbust");
    }

    @Test
    void read_whatIsNoDocument_saysWhere() {
        assertThat(faults("{\"format\":")).singleElement().asString().startsWith("document: is no JSON at line 1");
        assertThat(faults("[]")).containsExactly("document: is no JSON object; a document begins with {");
        assertThat(faults("")).hasSize(1);
        assertThat(faults(GOOD.replace("\"version\":1", "\"version\":2")))
                .containsExactly("version: is newer than this program; 1");
        assertThat(faults(GOOD.replace("\"title\"", "\"units\":\"mm\",\"title\"")))
                .singleElement()
                .asString()
                .contains("Duplicate");
    }

    @Test
    void read_whatBelongsToAnotherKind_isRefusedByName() {
        assertThat(
                        faults(
                                GOOD.replace(
                                        "\"kind\":\"bustier\"",
                                        "\"kind\":\"bustier\",\"closure\":\"ribbons\",\"panelsPerSide\":6,\"apexShare\":0.5,\"method\":\"panel\"")))
                .containsExactlyInAnyOrder(
                        "garment.closure: is ribbons; back-zip or back-lacing or back-loops or front-busk or side-zip",
                                "garment.panelsPerSide: is 6, and a bustier has 4; 4, or kind corset",
                        "garment.apexShare: is for corsets; leave it out, or kind corset",
                                "garment.method: is panel, and a bustier is drafted on a block; quarter, proportion, shoulder-dart or doubled-dart");
        assertThat(
                        faults(
                                GOOD.replace(
                                        "\"kind\":\"bustier\"",
                                        "\"kind\":\"underbust\",\"upperEdge\":{\"shape\":\"sweetheart\"},\"easeRow\":\"bustier-zip\",\"panelsPerSide\":9")))
                .contains(
                        "garment.upperEdge.shape: is sweetheart, and an underbust corset ends below the bust; straight",
                        "garment.easeRow: is bustier-zip; underbust-moderate or corset-moderate or corset-strong or stage or stretch",
                        "garment.panelsPerSide: is 9; from 3 to 8");
        assertThat(
                        faults(
                                GOOD.replace(
                                        "\"kind\":\"bustier\"",
                                        "\"kind\":\"corset\",\"panelsPerSide\":5,\"frontPanels\":5,\"seams\":{\"front-9\":{}},\"weights\":{\"side\":-1},\"caps\":{\"waist\":{\"side\":40}},\"stretch\":{\"across\":5}")))
                .contains(
                        "garment.frontPanels: is 5; from 1 to 4, so that the back keeps one",
                        "garment.weights.side: is -1.0; from 0.0 to 5.0",
                        "garment.stretch: is no stretch test; a pulled or returned sample measures from the relaxed one to three times that")
                .anyMatch(f -> f.startsWith("garment.seams.front-9"))
                .anyMatch(f -> f.startsWith("garment.caps.waist.side: is 40.0 cm"));
    }

    @Test
    void write_andReadACorset_keepsEverySeamLockWeightAndCap() throws BadDocument {
        Garment garment = Garment.of(GarmentKind.CORSET)
                .withPanels(new Panels(
                        4, 3, SeamPlacing.LANDMARKS, Map.of("front-2", new SeamAxis(Optional.of(0.41), 3.5, -8))))
                .withIntake(new Cell(Level.WAIST, SeamPlace.front(2)), Length.mm(21))
                .withSplit(SplitOption.of(SeamPlace.back(1)).orElseThrow(), 0.4)
                .withSharing(new Sharing(
                        Weighting.FLAT_FRONT,
                        Map.of("back-2", 1.25, "side", 0.0),
                        Optional.of(0.55),
                        Map.of(new Cell(Level.WAIST, SeamPlace.SIDE), Length.mm(38))))
                .withFit(new Fit(
                        Optional.of(EaseRow.STRETCH),
                        Optional.of(true),
                        Optional.of(new Stretch(Length.mm(100), Length.mm(135), Length.mm(110), Length.mm(102), 0.7)),
                        true,
                        Optional.of(ClothGive.GIVES),
                        Figure.NOBODY,
                        Found.NONE))
                .withLowerEdge(LowerShape.POINTED)
                .withGores(List.of(
                        new Gore("F2", false, 0.4, Length.mm(63.5), Length.mm(38.1)),
                        new Gore("B1", true, 0.5, Length.mm(50.8), Length.mm(25.4))))
                .withBetween(List.of(
                        new EaseHere(Length.mm(38.1), Optional.empty(), Length.mm(9.525)),
                        new EaseHere(Length.mm(-41.275), Optional.of(SeamPlace.SIDE), Length.mm(-6.35))));
        for (LengthUnit unit : LengthUnit.values()) {
            Commission commission = Bodies.commission(Bodies.nerea(), garment).withUnits(unit);
            String text = CommissionJson.write(commission);
            assertThat(CommissionJson.readBack(text)).isEqualTo(commission);
            assertThat(CommissionJson.read(text)).isEqualTo(commission);
        }
    }

    @Test
    void read_girthsThatCannotBe_areRefusedByName() {
        assertThat(faults(GOOD.replace("\"kind\":\"bustier\"", "\"kind\":\"bustier\",\"lacingGap\":3")))
                .containsExactly("garment.lacingGap: is not 0, and a zip leaves no gap; 0");
        assertThat(faults(GOOD.replace("\"kind\":\"bustier\"", "\"kind\":\"bustier\",\"frontShare\":{\"waist\":0.9}")))
                .containsExactly("garment.frontShare.waist: is 0.9; from 0.35 to 0.65 of the girth in front");
        assertThat(faults(GOOD.replace("\"kind\":\"bustier\"", "\"kind\":\"bustier\",\"method\":\"tailor\"")))
                .singleElement()
                .asString()
                .isEqualTo("garment.method: is tailor; quarter or proportion or shoulder-dart or doubled-dart");
        String line = "\"kind\":\"bustier\",\"easeHere\":[{\"aboveWaist\":%s,\"seam\":\"%s\"%s}]";
        assertThat(faults(GOOD.replace("\"kind\":\"bustier\"", line.formatted("50", "front-3", ""))))
                .containsExactlyInAnyOrder(
                        "garment.easeHere.0.aboveWaist: is 50.0 cm; from −35.0 cm to 35.0 cm",
                        "garment.easeHere.0.ease: is missing; from −8.0 cm to 8.0 cm",
                        "garment.easeHere.0.seam: is front-3; princess-front or side or princess-back or centre-back, or leave it out for all seams");
        assertThat(faults(GOOD.replace("\"title\"", "\"spoken\":{\"date\":\"yesterday\",\"reduction\":0.2},\"title\"")))
                .anyMatch(f -> f.startsWith("spoken.date: is yesterday; a day such as"));
    }

    @Test
    void write_andRead_giveTheSameCommission_inEveryUnit() throws BadDocument {
        Garment garment = Garment.bustier()
                .withIntake(new Cell(Level.WAIST, SeamPlace.SIDE), Length.mm(61.3))
                .withAllowance(EdgeUse.SIDE, Length.mm(31.75))
                .withLength(LengthOption.DART_END, Length.mm(19))
                .withEase(Level.WAIST, Length.mm(-17.3))
                .withBlock(BlockChoice.QUARTER
                        .withMethod(BlockMethod.DOUBLED_DART)
                        .withBase(BlockMethod.SHOULDER_DART)
                        .withPrincess(PrincessStart.NECK)
                        .withBack(BackShaping.DART))
                .withFastening(Fastening.ZIP
                        .with(Closure.BACK_LACING)
                        .withGap(Optional.of(Length.mm(47.3)))
                        .withShare(Level.HIP, Optional.of(0.455)));
        Random random = new Random(4);
        for (int i = 0; i < 200; i++) {
            Commission commission = Bodies.commission(Bodies.random(random), garment)
                    .withUnits(LengthUnit.values()[i % 4])
                    .withSpoken(Optional.of(new Spoken(LocalDate.of(2026, 11, 3), 0.213)))
                    .withSizes(Optional.of("House sizes"));
            assertThat(CommissionJson.readBack(CommissionJson.write(commission)))
                    .isEqualTo(commission);
        }
    }

    @Test
    void write_roundFiguresInInches_staysReadable() {
        Commission commission = Bodies.commission(Bodies.nerea(), Garment.bustier());
        assertThat(CommissionJson.write(commission)).contains("\"bustGirth\" : 91.0");
    }

    @Test
    void readBack_keepsAFigureOutOfRange_thatReadRefuses() throws BadDocument {
        String text = CommissionJson.write(
                Bodies.commission(Bodies.nerea().with(MeasurementKey.BUST, Length.cm(36)), Garment.bustier()));
        assertThat(CommissionJson.readBack(text).measurements().taken())
                .containsEntry(MeasurementKey.BUST, Length.mm(360));
        assertThatThrownBy(() -> CommissionJson.read(text)).isInstanceOf(BadDocument.class);
    }

    @Test
    void splits_areReadHeldToTheirRangeAndWritten() throws BadDocument {
        String half = GOOD.replace("\"dart-end\":1.9", "\"princess-split\":0.5,\"back-split\":0.25");
        Commission commission = CommissionJson.read(half);
        assertThat(commission.garment().split(SplitOption.PRINCESS_FRONT).value())
                .isEqualTo(0.5);
        assertThat(commission.garment().split(SplitOption.PRINCESS_BACK).value())
                .isEqualTo(0.25);
        assertThat(CommissionJson.readBack(CommissionJson.write(commission))).isEqualTo(commission);
        Commission upper = CommissionJson.read(half.replace("\"back-split\"", "\"princess-upper-split\""));
        assertThat(upper.garment().split(SplitOption.PRINCESS_UPPER).value()).isEqualTo(0.25);
        assertThat(upper.garment().split(SplitOption.PRINCESS_FRONT).value()).isEqualTo(0.5);
        assertThat(CommissionJson.readBack(CommissionJson.write(upper))).isEqualTo(upper);
        assertThat(faults(half.replace("0.25", "0.05")))
                .containsExactly("garment.options.back-split: is 0.05; from 0.1 to 0.9 towards the centre");
        assertThat(faults(half.replace("0.25", "\"half\"")))
                .containsExactly("garment.options.back-split: is no number: \"half\"; a share such as 0.33");
    }

    @Test
    void ranges_ofEasesIntakesAndAllowances_areNamedWithWhatIsAccepted() {
        assertThat(faults(GOOD.replace("\"underbust\":-1.5", "\"underbust\":-45")))
                .containsExactly("garment.ease.underbust: is −45.0 cm; from −40.0 cm to 40.0 cm");
        assertThat(faults(GOOD.replace("\"ease\"", "\"allowances\":{\"side\":9},\"ease\"")))
                .containsExactly("garment.allowances.side: is 9.0 cm; from 0.0 cm to 8.0 cm");
        assertThat(faults(GOOD.replace("\"ease\"", "\"intakes\":{\"bust\":{\"princess-front\":1}},\"ease\"")))
                .containsExactly(
                        "garment.intakes.bust.princess-front: cannot be set: the seam passes through the apex; leave it out");
    }

    @Test
    void measuring_isReadAndWritten() throws BadDocument {
        Occasion occasion = Occasion.UNNOTED
                .on(LocalDate.of(2026, 11, 3))
                .by("Idris Vale")
                .over("a leotard")
                .breathing(Occasion.Breath.FULL);
        Commission commission = Bodies.commission(
                Bodies.nerea()
                        .on(occasion)
                        .withRight(MeasurementKey.WAIST_TO_HIP, Optional.of(Length.mm(233)))
                        .confirming(MeasurementKey.BUST, true),
                Garment.bustier());
        assertThat(CommissionJson.read(CommissionJson.write(commission))).isEqualTo(commission);
        assertThat(CommissionJson.write(Bodies.commission(Bodies.nerea(), Garment.bustier())))
                .doesNotContain("measuring");
    }

    @Test
    void measuring_thatIsWrong_isRefusedByField() {
        String wrong = GOOD.replace(
                "\"garment\":",
                "\"measuring\":{\"date\":\"3.11.\",\"breath\":\"held\",\"right\":{\"apexSpan\":18},\"confirmed\":[\"bust\"]},\"garment\":");
        assertThat(faults(wrong))
                .containsExactlyInAnyOrder(
                        "measuring.date: is no date: 3.11.; year-month-day, such as 2026-11-03",
                        "measuring.breath: is held; rest or full",
                        "measuring.right.apexSpan: has no left and right; leave it out",
                        "measuring.confirmed: names bust, which is no measurement; keys of measurements");
    }

    @Test
    void outOfRange_isRead_whenItWasConfirmed() throws BadDocument {
        String odd = GOOD.replace("\"72,0 cm\"", "47.0");
        assertThat(faults(odd)).singleElement().asString().startsWith("measurements.waistGirth: Waist is 47.0 cm");
        assertThat(CommissionJson.read(odd.replace(
                                "\"garment\":", "\"measuring\":{\"confirmed\":[\"waistGirth\"]},\"garment\":"))
                        .measurements()
                        .taken())
                .containsEntry(MeasurementKey.WAIST, Length.mm(470));
    }

    /** The first edition wrote its rules out as if they were choices; the second drafts such a commission anew, and says so. */
    @Test
    void documentWithoutAnEdition_isReadByTodays_butWhatTheCutterChoseStands() throws BadDocument {
        String first = CommissionJson.write(
                        Bodies.commission(Bodies.nerea(), Garment.bustier().withSchool(UnderbustSchool.EXCESS)))
                .replaceFirst("\\s*\"rules\" : \\d+,", "");
        assertThat(first).doesNotContain("rules");
        Commission read = CommissionJson.read(first);
        assertThat(read.rules()).isEqualTo(1);
        assertThat(read.garment().school()).isEqualTo(UnderbustSchool.BODY);
        String table = CommissionJson.write(
                        Bodies.commission(Bodies.nerea(), Garment.bustier().withSchool(UnderbustSchool.TABLE)))
                .replaceFirst("\\s*\"rules\" : \\d+,", "");
        assertThat(CommissionJson.read(table).garment().school()).isEqualTo(UnderbustSchool.TABLE);
        Garment corset = Garment.of(GarmentKind.CORSET);
        String shared = CommissionJson.write(Bodies.commission(
                        Bodies.nerea(), corset.withSharing(corset.sharing().withApexShare(Sharing.APEX_SHARE))))
                .replaceFirst("\\s*\"rules\" : \\d+,", "");
        assertThat(CommissionJson.read(shared).garment().sharing().apexShare()).isEmpty();
    }

    @Test
    void edition_isKept_andANewerOneIsRefused() throws BadDocument {
        Commission excess = Bodies.commission(Bodies.nerea(), Garment.bustier().withSchool(UnderbustSchool.EXCESS));
        assertThat(CommissionJson.read(CommissionJson.write(excess))).isEqualTo(excess);
        assertThat(CommissionJson.read(CommissionJson.write(excess.keeping(1, Optional.empty())))
                        .rules())
                .isEqualTo(1);
        String newer = CommissionJson.write(excess)
                .replace("\"rules\" : " + Commission.RULES, "\"rules\" : " + (Commission.RULES + 1));
        assertThatThrownBy(() -> CommissionJson.read(newer))
                .isInstanceOfSatisfying(BadDocument.class, e -> assertThat(e.faults())
                        .containsExactly("rules: is an edition newer than this program's; 1 to " + Commission.RULES));
    }
}
