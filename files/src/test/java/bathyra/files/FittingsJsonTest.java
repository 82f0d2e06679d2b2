package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Picture;
import bathyra.fitting.Setting;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Fittings and what they found, written into a commission document and read back (C15.1). */
class FittingsJsonTest {
    private static Commission commission(LengthUnit unit) {
        Fitting fitting = Fitting.begun(2, FittingKind.CLOTH, LocalDate.of(2026, 11, 16))
                .in(Setting.UNNOTED
                        .with(Setting.Field.BY, "Idris Vale")
                        .with(Setting.Field.OVER, "a thin vest")
                        .lacedTo(Optional.of(Length.mm(50)))
                        .worn(OptionalInt.of(20))
                        .pinned(true))
                .saying("Sitting, the end of the busk presses.")
                .toDo("Pad the end of the busk.")
                .with(Mark.put(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), Length.mm(6.35))
                        .on(Side.LEFT)
                        .saying("stands away")
                        .decided(Decision.HALVED, "it was cold"))
                .with(Mark.put(2, MarkKind.FOLD, Spot.on(SeamPlace.back(1), Length.mm(-31)), Length.mm(4))
                        .running(FoldRun.BEHIND))
                .with(Mark.put(4, MarkKind.APEX, Spot.at(Level.BUST), Length.mm(-8))
                        .across(Length.mm(5)))
                .showing(List.of(new Picture("0a1b2c3d4e5f", "side", List.of(new Picture.Dot(2, 0.25, 0.5)))));
        List<Adjustment> adjustments = List.of(
                new Adjustment(
                        2,
                        1,
                        Side.LEFT,
                        new Change.Pinch(new Cell(Level.WAIST, SeamPlace.SIDE), Length.mm(3.175)),
                        Optional.of(Length.mm(41)),
                        true),
                new Adjustment(
                        2,
                        3,
                        Side.RIGHT,
                        new Change.Wedge(ContourWedge.ARMHOLE, Length.mm(-3.5)),
                        Optional.of(Length.mm(10)),
                        true),
                new Adjustment(
                        2,
                        9,
                        Side.BOTH,
                        new Change.Drawn(DrawnEdge.BACK_NECKLINE, Length.mm(12)),
                        Optional.of(Length.mm(45)),
                        true),
                new Adjustment(
                        2, 2, Side.BOTH, new Change.Fold(true, Level.WAIST, Length.mm(4)), Optional.empty(), false),
                new Adjustment(
                        2,
                        4,
                        Side.BOTH,
                        new Change.Figure(MeasurementKey.SHOULDER_TO_APEX, Length.mm(-8)),
                        Optional.empty(),
                        true),
                new Adjustment(
                        2, 5, Side.BOTH, new Change.Girth(Level.HIGH_HIP, Length.mm(20)), Optional.empty(), true),
                new Adjustment(
                        2, 6, Side.BOTH, new Change.Share(Level.UNDERBUST, Length.mm(10)), Optional.empty(), true),
                new Adjustment(
                        2,
                        7,
                        Side.RIGHT,
                        new Change.PinchBetween(SeamPlace.back(1), Length.mm(31), Length.mm(2)),
                        Optional.empty(),
                        true),
                new Adjustment(
                        2,
                        8,
                        Side.BOTH,
                        new Change.Edge(true, 0.4, Length.mm(80), Length.mm(-12)),
                        Optional.empty(),
                        true));
        return new Commission(
                        "The Salt Queen",
                        unit,
                        new Wearer("Maren Achterberg", Experience.SEASONED),
                        new MeasurementSet(Map.of(MeasurementKey.WAIST, Length.mm(700))),
                        Garment.of(GarmentKind.CORSET))
                .withFittings(List.of(fitting))
                .withAdjustments(adjustments);
    }

    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void everythingComesBack_inEveryUnit(LengthUnit unit) throws BadDocument {
        Commission commission = commission(unit);
        Commission back = CommissionJson.read(CommissionJson.write(commission));
        assertThat(back.fittings()).isEqualTo(commission.fittings());
        assertThat(back.adjustments()).isEqualTo(commission.adjustments());
        // What was found is no figure off the tape and no choice of the cutter's.
        assertThat(back.measurements().taken())
                .isEqualTo(commission.measurements().taken());
        assertThat(CommissionJson.write(back)).isEqualTo(CommissionJson.write(commission));
    }

    @Test
    void aCommissionWithoutFittings_hasNoneInItsDocument() {
        Commission plain = commission(LengthUnit.CM).withFittings(List.of()).withAdjustments(List.of());
        assertThat(CommissionJson.write(plain)).doesNotContain("fittings").doesNotContain("adjustments");
    }

    @Test
    void picturesStayInTheBook_whenADocumentIsPutOut() {
        Commission commission = commission(LengthUnit.CM);
        assertThat(CommissionJson.write(commission)).contains("0a1b2c3d4e5f");
        assertThat(CommissionJson.write(commission.withoutPictures())).doesNotContain("pictures");
    }

    @Test
    void whatIsWrong_isNamedWithItsField() {
        String text = CommissionJson.write(commission(LengthUnit.MM));
        assertRefused(text.replace("\"kind\" : \"apex\"", "\"kind\" : \"bulge\""), "marks.2.kind", "bulge");
        assertRefused(text.replaceFirst("\"amount\" : [0-9.]+", "\"amount\" : \"wide\""), "amount", "wide");
        assertRefused(text.replace("\"decision\" : \"halved\"", "\"decision\" : \"perhaps\""), "decision", "perhaps");
        assertRefused(text.replace("\"minutes\" : 20", "\"minutes\" : 2000"), "minutes", "2000");
        assertRefused(text.replace("\"kind\" : \"girth\"", "\"kind\" : \"width\""), "adjustments.5.kind", "width");
        assertRefused(text.replaceFirst("\"reach\" : [0-9.]+", "\"reach\" : 2"), "reach", "");
        assertRefused(text.replace("\"number\" : 4", "\"number\" : 1"), "number", "twice");
    }

    private static void assertRefused(String text, String field, String words) {
        assertThatThrownBy(() -> CommissionJson.read(text))
                .isInstanceOf(BadDocument.class)
                .hasMessageContaining(field)
                .hasMessageContaining(words);
    }
}
