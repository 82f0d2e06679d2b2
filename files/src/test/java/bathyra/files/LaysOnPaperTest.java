package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.svg.SvgLay;
import bathyra.garment.Closure;
import bathyra.garment.Cloth;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.lay.AutoLay;
import bathyra.lay.Laying;
import bathyra.layer.Layer;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** Two hundred lays, read back from the pictures that were written of them. */
class LaysOnPaperTest {
    private static final GeometryFactory SHAPES = new GeometryFactory();
    private static final double CLOSE = 0.02;

    private static Draft draft(Random random) {
        Garment corset = Garment.of(GarmentKind.CORSET);
        List<Garment> garments = List.of(
                Garment.bustier(),
                corset,
                corset.withFastening(corset.fastening().with(Closure.FRONT_BUSK)));
        while (true) {
            if (Drafter.draft(Bodies.commission(Bodies.random(random), garments.get(random.nextInt(3))))
                    instanceof Draft draft) {
                return draft;
            }
        }
    }

    private static Element root(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(svg)))
                .getDocumentElement();
    }

    private static List<Polygon> laid(Element root) {
        List<Polygon> all = new ArrayList<>();
        NodeList paths = root.getElementsByTagName("path");
        for (int i = 0; i < paths.getLength(); i++) {
            Element path = (Element) paths.item(i);
            if (path.getAttribute("class").equals("laid")) {
                List<Coordinate> ring = new ArrayList<>();
                for (String pair :
                        path.getAttribute("d").replace("Z", "").substring(1).split("L")) {
                    String[] xy = pair.split(",");
                    ring.add(new Coordinate(Double.parseDouble(xy[0]), Double.parseDouble(xy[1])));
                }
                ring.add(ring.get(0));
                all.add(SHAPES.createPolygon(ring.toArray(Coordinate[]::new)));
            }
        }
        return all;
    }

    @Test
    void noTwoPiecesOverlap_andNoneLeavesTheCloth() throws Exception {
        Random random = new Random(77);
        int lays = 0;
        while (lays < Sample.of(200)) {
            Draft draft = draft(random);
            for (Layer layer : CuttingPlan.of(draft).layers()) {
                double gap = random.nextInt(12);
                Cloth cloth = new Cloth(
                        "Cloth",
                        600 + random.nextInt(1000),
                        random.nextInt(40),
                        random.nextBoolean(),
                        random.nextDouble() * 0.08,
                        random.nextDouble() * 0.08,
                        10);
                Laying laying = Laying.of(layer, cloth, random.nextBoolean(), gap);
                if (layer.pieces().isEmpty() || !laying.hindrances().isEmpty()) {
                    continue;
                }
                lays++;
                Element root = root(SvgLay.write(
                        AutoLay.lay(laying, random.nextLong(), 30, p -> {}, () -> false), "A lay & its <pieces>"));
                List<Polygon> pieces = laid(root);
                assertThat(pieces).hasSize(laying.pieces().size());
                Element bolt = (Element) root.getElementsByTagName("rect").item(0);
                double width = Double.parseDouble(bolt.getAttribute("width"));
                double length = Double.parseDouble(bolt.getAttribute("height"));
                for (int i = 0; i < pieces.size(); i++) {
                    var box = pieces.get(i).getEnvelopeInternal();
                    assertThat(box.getMinX()).isGreaterThanOrEqualTo(-CLOSE);
                    assertThat(box.getMinY()).isGreaterThanOrEqualTo(-CLOSE);
                    assertThat(box.getMaxX()).isLessThanOrEqualTo(width + CLOSE);
                    assertThat(box.getMaxY()).isLessThanOrEqualTo(length + CLOSE);
                    for (int k = i + 1; k < pieces.size(); k++) {
                        assertThat(pieces.get(i).disjoint(pieces.get(k))
                                        || gap == 0
                                                && pieces.get(i)
                                                                .intersection(pieces.get(k))
                                                                .getArea()
                                                        < CLOSE)
                                .as("lay %d, pieces %d and %d", lays, i, k)
                                .isTrue();
                        assertThat(pieces.get(i).distance(pieces.get(k))).isGreaterThanOrEqualTo(gap - CLOSE);
                    }
                }
            }
        }
    }
}
