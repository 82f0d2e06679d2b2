package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.girth.GirthPlan;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the rules of an edition gave a commission, in its document. */
class GivenJsonTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** What the rules gave is written with every document, so that a later edition leaves its outlines as they are (F5). */
    @Test
    void whatTheRulesGave_isWritten_andKeptWhereTheEditionIsEarlier() throws Exception {
        Commission today = Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET))
                .withUnits(LengthUnit.MM);
        String text = CommissionJson.write(today);
        assertThat(MAPPER.readTree(text).at("/given/ease/waist").asDouble()).isEqualTo(-43.2);
        assertThat(MAPPER.readTree(text).at("/given/measurements/waistGirth").asDouble())
                .isEqualTo(MAPPER.readTree(text).at("/measurements/waistGirth").asDouble());
        assertThat(CommissionJson.read(text))
                .as("today's edition gives what it gives")
                .isEqualTo(today);

        ObjectNode earlier = (ObjectNode) MAPPER.readTree(text);
        earlier.put("rules", 1);
        ((ObjectNode) earlier.at("/given/ease")).put("waist", -52);
        ((ObjectNode) earlier.at("/given/lengths")).put("underarm-lowering", 16).put("gone-since", 4);
        Commission read = CommissionJson.read(earlier.toString());
        assertThat(read.rules()).isEqualTo(1);
        assertThat(read.garment().length(LengthOption.UNDERARM_LOWERING).value())
                .isEqualTo(16);
        assertThat(read.garment().lengths()).isEmpty();
        assertThat(GirthPlan.of(read.measurements(), read.garment())
                        .at(Level.WAIST)
                        .ease()
                        .value())
                .isEqualTo(-52);

        Commission wider = read.withMeasurements(read.measurements().with(MeasurementKey.WAIST, Length.mm(740)));
        Commission again = CommissionJson.read(
                CommissionJson.write(wider.withGarment(wider.garment().withEase(Level.BUST, Length.mm(6)))));
        assertThat(again.garment().kept().orElseThrow().then())
                .as("what was given, and for which figures and choices, stays as it was")
                .isEqualTo(read.garment().kept().orElseThrow().then());
    }

    @Test
    void unevenHalves_areGivenTheirOwn() throws Exception {
        MeasurementSet body = Bodies.nerea();
        MeasurementSet uneven = body.withRight(
                MeasurementKey.WAIST,
                Optional.of(Length.mm(body.taken().get(MeasurementKey.WAIST).millimetres() / 2 + 9)));
        ObjectNode earlier = (ObjectNode) MAPPER.readTree(CommissionJson.write(
                Bodies.commission(uneven, Garment.of(GarmentKind.UNDERBUST)).withUnits(LengthUnit.MM)));
        earlier.put("rules", 1);
        double side = earlier.at("/given/right/sideFront/waist").asDouble();
        assertThat(side).isNotEqualTo(earlier.at("/given/sideFront/waist").asDouble());
        ((ObjectNode) earlier.at("/given/right/sideFront")).put("waist", side + 2);
        double front = earlier.at("/given/right/soundings/waist/front-1").asDouble();
        ((ObjectNode) earlier.at("/given/right/soundings/waist")).put("front-1", front - 2);
        Draft draft = (Draft) Drafter.draft(CommissionJson.read(earlier.toString()));
        Draft right = draft.rightHalf().orElseThrow();
        assertThat(right.intakes().sideFront().get(Level.WAIST).value()).isCloseTo(side + 2, within(1e-4));
        assertThat(right.intakes().at(Level.WAIST, SeamPlace.front(1)).value()).isCloseTo(front - 2, within(1e-4));
        assertThat(draft.intakes().sideFront().get(Level.WAIST).value())
                .isCloseTo(earlier.at("/given/sideFront/waist").asDouble(), within(1e-4));
    }
}
