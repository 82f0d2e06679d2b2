package bathyra.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Bust;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.PrincessStart;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;

/** Garments in one style or another, drafted on one body. */
final class Styled {
    static final Garment SWEETHEART = Garment.bustier().withUpperEdge(UpperShape.SWEETHEART);

    static Draft draft(Garment garment) {
        Outcome outcome = Drafter.draft(Bodies.commission(nerea(), garment));
        assertThat(outcome).as(said(outcome)).isInstanceOf(Draft.class);
        return (Draft) outcome;
    }

    static String said(Outcome outcome) {
        return outcome instanceof Refusal r
                ? r.reasons().get(0).sentence().in(LengthUnit.CM).replace('\u00a0', ' ')
                : "";
    }

    static String refused(Garment garment) {
        Outcome outcome = Drafter.draft(Bodies.commission(nerea(), garment));
        assertThat(outcome).isInstanceOf(Refusal.class);
        return said(outcome);
    }

    static MeasurementSet nerea() {
        return Bodies.nerea()
                .with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410))
                .with(MeasurementKey.AROUND_SHOULDERS, Length.mm(1010))
                .with(MeasurementKey.TOP_EDGE_WIDTH, Length.mm(290))
                .with(MeasurementKey.UPPER_ARM, Length.mm(280));
    }

    static Garment with(Cover cover, UpperShape shape, PrincessStart start) {
        Garment garment =
                Garment.bustier().withTop(Top.STRAPLESS.withCover(cover)).withUpperEdge(shape);
        return garment.withBlock(garment.block().withPrincess(start));
    }

    static Garment cups(CupKind kind) {
        return SWEETHEART.withBust(Bust.PRINCESS.withCups(kind));
    }

    /** How long the shoulder is in front, or behind, over all its pieces, mm. */
    static double shoulder(Draft draft, boolean front) {
        return draft.pattern().pieces().stream()
                .filter(p -> p.front() == front)
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().startsWith("shoulder"))
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    private Styled() {}
}
