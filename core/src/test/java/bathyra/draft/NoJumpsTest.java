package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.Sample;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whatever is measured a millimetre otherwise, no point of an outline goes farther than about three (C6.2). */
class NoJumpsTest {
    /** About three: the crest itself goes two with the apex, whose depth and whose radius both hang on one tape. */
    private static final double MOST = 4.0;

    private static final int POINTS = 20;

    private static List<Garment> garments() {
        Garment corset = Garment.of(GarmentKind.CORSET);
        Garment underbust = Garment.of(GarmentKind.UNDERBUST);
        return List.of(
                Garment.bustier(),
                Garment.bustier().withUpperEdge(UpperShape.SWEETHEART),
                corset.withPanels(Panels.of(5, corset.panels().placing())),
                underbust,
                underbust.withPanels(Panels.of(8, underbust.panels().placing())));
    }

    @Test
    void millimetreOnTheTape_movesNoPointFarther() {
        Random random = new Random(62);
        int changes = 0;
        for (int i = 0; i < Sample.of(60); i++) {
            MeasurementSet body = Bodies.ordinary(random);
            for (Garment garment : garments()) {
                if (!(Drafter.draft(Bodies.commission(body, garment)) instanceof Draft before)) {
                    continue;
                }
                for (MeasurementKey key : body.taken().keySet()) {
                    Length more = Length.mm(body.taken().get(key).millimetres() + 1);
                    if (Drafter.draft(Bodies.commission(body.with(key, more), garment)) instanceof Draft after) {
                        changes++;
                        assertThat(moved(before, after))
                                .as("%s of %s, %s", key.label(), body, garment.kind())
                                .isLessThanOrEqualTo(MOST);
                    }
                }
            }
        }
        assertThat(changes).isGreaterThan(100);
    }

    static double moved(Draft before, Draft after) {
        double most = 0;
        for (Piece piece : before.pattern().pieces()) {
            Piece other = after.pattern().piece(piece.id());
            for (OutlineEdge edge : piece.outline()) {
                OutlineEdge then = other.edge(edge.name());
                for (int i = 0; i <= POINTS; i++) {
                    Point a = edge.path().at(edge.path().length() * i / POINTS).point();
                    Point b = then.path().at(then.path().length() * i / POINTS).point();
                    most = Math.max(most, a.distance(b));
                }
            }
        }
        return most;
    }
}
