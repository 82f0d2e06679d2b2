package bathyra.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Closure;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class FoldedClothTest {
    private static final double HALF = 740;

    private static List<Piece> pieces(Garment garment) {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
        return draft.pattern().pieces().stream()
                .map(p -> HandPiece.of(CutOutline.of(p), HelpLines.COARSE, Division.MILLIMETRE)
                        .piece())
                .toList();
    }

    private static List<Geometry> laid(FoldedCloth cloth) {
        List<Geometry> laid = new ArrayList<>();
        for (FoldedCloth.Row row : cloth.rows()) {
            for (FoldedCloth.Place place : row.places()) {
                laid.add(new GeometryFactory()
                        .createPolygon(place.piece().flattened(0.2).stream()
                                .map(p -> new Coordinate(p.x() + place.grain(), p.y() + row.waist()))
                                .toArray(Coordinate[]::new)));
            }
        }
        return laid;
    }

    private static String said(FoldedCloth cloth) {
        return cloth.said().stream().map(s -> s.in(LengthUnit.CM)).collect(Collectors.joining("\n"));
    }

    @Test
    void bustierWithAZip_hasItsFrontOnTheFold_andItsBackAtTheSelvedge() {
        FoldedCloth cloth = FoldedCloth.of(pieces(Garment.bustier()), HALF);
        List<FoldedCloth.Place> places =
                cloth.rows().stream().flatMap(r -> r.places().stream()).toList();
        assertThat(places).hasSize(4);
        assertThat(places.get(0).at()).isEqualTo(FoldedCloth.At.FOLD);
        assertThat(places.get(3).at()).isEqualTo(FoldedCloth.At.SELVEDGE);
        List<Geometry> laid = laid(cloth);
        assertThat(laid.get(0).getEnvelopeInternal().getMinX()).isCloseTo(0, within(1e-6));
        assertThat(laid.get(3).getEnvelopeInternal().getMaxX()).isCloseTo(HALF, within(1e-6));
        assertThat(said(cloth))
                .contains("Centre front: its centre on the fold.")
                .contains("at the selvedge; its grain")
                .contains("Row 1: its waist");
    }

    @Test
    void noPieceLiesOnAnother_norBeyondTheCloth_howeverNarrowItIs() {
        Garment laced = Garment.of(GarmentKind.CORSET).withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        for (Garment garment : List.of(Garment.bustier(), laced)) {
            for (double half : new double[] {HALF, 420, 300}) {
                FoldedCloth cloth = FoldedCloth.of(pieces(garment), half);
                List<Geometry> laid = laid(cloth);
                for (int i = 0; i < laid.size(); i++) {
                    var box = laid.get(i).getEnvelopeInternal();
                    assertThat(box.getMinX()).isGreaterThanOrEqualTo(-1e-6);
                    assertThat(box.getMaxX()).isLessThanOrEqualTo(half + 1e-6);
                    assertThat(box.getMinY()).isGreaterThan(0);
                    assertThat(box.getMaxY()).isLessThan(cloth.length());
                    for (int k = 0; k < i; k++) {
                        assertThat(laid.get(i).intersection(laid.get(k)).getArea())
                                .as(half + ": " + i + " on " + k)
                                .isLessThan(1e-6);
                    }
                }
                assertThat(laid.size() + cloth.tooWide().size())
                        .isEqualTo(pieces(garment).size());
            }
        }
    }

    @Test
    void clothThatIsTooNarrow_isSaid() {
        FoldedCloth cloth = FoldedCloth.of(pieces(Garment.bustier()), 120);
        assertThat(cloth.tooWide()).isNotEmpty();
        assertThat(cloth.said())
                .extracting(s -> s.in(LengthUnit.CM))
                .anyMatch(s -> s.contains("wider than the folded cloth"));
        assertThat(FoldedCloth.of(List.of(), HALF).said())
                .extracting((Sentence s) -> s.in(LengthUnit.CM))
                .isEmpty();
    }
}
