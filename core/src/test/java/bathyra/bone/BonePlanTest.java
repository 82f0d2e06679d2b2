package bathyra.bone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.finding.Finding;
import bathyra.garment.BoneKind;
import bathyra.garment.Boning;
import bathyra.garment.Boning.PanelBone;
import bathyra.garment.Boning.Stop;
import bathyra.garment.Closure;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.piece.Mark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

class BonePlanTest {
    private static final Garment CORSET = Garment.of(GarmentKind.CORSET);
    private static final Garment BUSKED =
            CORSET.withFastening(CORSET.fastening().with(Closure.FRONT_BUSK));

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static Bones bones(Garment garment, UnaryOperator<Boning> change) {
        return BonePlan.of(draft(garment.withBoning(change.apply(garment.boning()))));
    }

    private static Finding only(Bones bones, String id, Finding.Status status) {
        List<Finding> found =
                bones.with(status).stream().filter(f -> f.id().equals(id)).toList();
        assertThat(found).as(id).hasSize(1);
        return found.get(0);
    }

    /** How far the channel's sides stick out of the piece, mm: its outline built here from the run's own points, at every 3 mm. */
    private static double out(Draft draft, Channel channel) {
        double worst = 0;
        for (Channel.Run run : channel.runs()) {
            Piece piece = draft.pattern().piece(run.piece());
            List<Point> ring = piece.flattened(0.02);
            List<Point> line = run.path().flattened(0.05);
            for (int i = 1; i < line.size(); i++) {
                Vec along = line.get(i - 1).to(line.get(i));
                Vec side = along.turned(Math.PI / 2).times(channel.width() / 2 / Math.hypot(along.dx(), along.dy()));
                for (int sign = -1; sign <= 1; sign += 2) {
                    if (run.half() == 0 || run.half() == sign) {
                        Point p = line.get(i).plus(side.times(sign));
                        // Past its ends the edges cut a channel off.
                        boolean inMiddle = p.y() > line.get(0).y() + channel.width()
                                && p.y() < line.get(line.size() - 1).y() - channel.width();
                        worst = inMiddle && !Shape.contains(ring, p) ? Math.max(worst, Shape.away(ring, p)) : worst;
                    }
                }
            }
        }
        return worst;
    }

    @Test
    void channels_lieWithinTheirPieces_neverOnACupNorOverTheApex_onSixtyBodies() {
        Random random = new Random(5);
        int drafted = 0;
        int channels = 0;
        int faults = 0;
        for (int round = 0; round < 60; round++) {
            Garment garment = round % 3 == 0 ? Garment.bustier() : round % 3 == 1 ? CORSET : BUSKED;
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.random(random), garment));
            if (!(outcome instanceof Draft draft)) {
                continue;
            }
            drafted++;
            Bones bones = BonePlan.of(draft);
            List<String> said = bones.with(Finding.Status.FAULT).stream()
                    .filter(f -> f.id().equals("channel-fit"))
                    .map(Finding::subject)
                    .toList();
            for (Channel channel : bones.channels()) {
                channels++;
                assertThat(channel.runs())
                        .allSatisfy(run -> assertThat(run.piece()).matches("[FB]\\d.*"));
                double out = out(draft, channel);
                if (said.contains(channel.id())) {
                    faults++;
                } else {
                    assertThat(out).as(channel.id() + " of body " + round).isLessThan(0.8);
                }
                apexes(draft, channel).forEach(apex -> assertThat(channel.runs()
                                .get(0)
                                .path()
                                .nearest(apex)
                                .point()
                                .distance(apex))
                        .as(channel.id() + " keeps off the bust")
                        .isGreaterThan(draft.block().bustRadius().value() - 1.5));
            }
        }
        assertThat(drafted).isGreaterThan(40);
        assertThat(faults).as("channels that have no room and say so").isLessThan(channels / 50);
    }

    /** The apexes that a seam channel would run over. */
    private static List<Point> apexes(Draft draft, Channel channel) {
        List<Point> all = new ArrayList<>();
        if (channel.place() == Channel.Place.SEAM) {
            Piece piece = draft.pattern().piece(channel.runs().get(0).piece());
            piece.marks().stream()
                    .filter(m -> m.kind() == Mark.Kind.APEX)
                    .map(Mark::at)
                    .filter(at -> piece.outline().stream()
                            .anyMatch(e -> e.name().equals(channel.id().substring(3))
                                    && e.path().isNear(at, 1)))
                    .forEach(all::add);
        }
        return all;
    }

    @Test
    void lengths_areTheChannelLessItsClearances_downToFive() {
        for (Garment garment : List.of(Garment.bustier(), CORSET, BUSKED)) {
            for (Channel channel : BonePlan.of(draft(garment)).channels()) {
                double finished = channel.runs().get(0).path().length();
                assertThat(channel.finished().value()).isCloseTo(finished, within(1e-6));
                assertThat(channel.cut().value() % 5).isZero();
                assertThat(finished - channel.cut().value()).isBetween(12.0, 25.0);
            }
        }
    }

    @Test
    void straightLines_areFlatSteel_andCurvedOnesSpiral_andALightBustierSynthetic() {
        for (Channel channel : BonePlan.of(draft(BUSKED)).channels()) {
            double most = channel.runs().stream()
                    .mapToDouble(r -> bow(r.path()))
                    .max()
                    .orElseThrow();
            assertThat(channel.kind())
                    .as(channel.id())
                    .isEqualTo(most > 3 ? BoneKind.SPIRAL_STEEL : BoneKind.FLAT_STEEL);
        }
        assertThat(BonePlan.of(draft(Garment.bustier())).channels())
                .allSatisfy(c -> assertThat(c.kind()).isEqualTo(BoneKind.SYNTHETIC));
    }

    @Test
    void bonesWithinPanels_areStraight_andLieOnNothing() {
        Random random = new Random(13);
        int within = 0;
        for (int i = 0; i < 24; i++) {
            Garment garment = Garment.of(i % 2 == 0 ? GarmentKind.CORSET : GarmentKind.UNDERBUST)
                    .withPanels(Panels.of(3 + i % 3, SeamPlacing.values()[0]));
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment));
            if (outcome instanceof Draft draft) {
                Bones bones = BonePlan.of(draft);
                assertThat(bones.findings()).allSatisfy(f -> assertThat(f.status())
                        .as(f.sentence().in(LengthUnit.MM))
                        .isEqualTo(Finding.Status.OK));
                for (Channel channel : bones.channels()) {
                    if (channel.place() == Channel.Place.PANEL) {
                        within++;
                        assertThat(bow(channel.runs().get(0).path())).isLessThan(0.01);
                    }
                }
            }
        }
        assertThat(within).isGreaterThan(24);
    }

    private static double bow(Path path) {
        List<Point> line = path.flattened(0.05);
        Point from = line.get(0);
        Point to = line.get(line.size() - 1);
        return line.stream()
                .mapToDouble(p ->
                        Math.abs((to.x() - from.x()) * (p.y() - from.y()) - (to.y() - from.y()) * (p.x() - from.x()))
                                / from.distance(to))
                .max()
                .orElseThrow();
    }

    @Test
    void moreReduction_isCarriedByMoreBones_andTheSharesAddUpToIt() {
        Garment mild = CORSET.withEase(Level.WAIST, Length.mm(-20));
        Garment strong = CORSET.withEase(Level.WAIST, Length.mm(-110));
        assertThat(BonePlan.of(draft(strong)).channels().size())
                .isGreaterThan(BonePlan.of(draft(mild)).channels().size());
        Support waist = BonePlan.of(draft(strong)).support().stream()
                .filter(s -> s.level() == Level.WAIST)
                .findFirst()
                .orElseThrow();
        double carried = waist.loads().stream()
                        .mapToDouble(Support.Load::carried)
                        .sum()
                + waist.hanging().stream().mapToDouble(Support.Hanging::part).sum();
        assertThat(carried).isCloseTo(waist.reduction(), within(1e-6));
        assertThat(waist.reduction()).isCloseTo(55, within(1e-6));
    }

    @Test
    void aChannelLeftOut_leavesAGapInSupport_thatIsSaid() {
        Bones without = bones(CORSET, b -> BonePlan.of(draft(CORSET)).channels().stream()
                .filter(c -> c.place() == Channel.Place.SEAM || c.place() == Channel.Place.PANEL)
                .map(Channel::id)
                .reduce(b, Boning::without, (x, y) -> y));
        assertThat(without.with(Finding.Status.NOTE)).anySatisfy(f -> {
            assertThat(f.id()).isEqualTo("bone-support");
            assertThat(f.sentence().in(LengthUnit.CM)).contains("no bone is nearer than");
        });
    }

    /** Above the bust line the seam over the apex shapes the breast: no bone stands there, and none is missed. */
    @Test
    void aBustierAsItBegins_missesNoBoneOverTheBust() {
        Random random = new Random(13);
        for (int i = 0; i < 10; i++) {
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.ordinary(random), Garment.bustier()));
            if (outcome instanceof Draft draft) {
                assertThat(BonePlan.of(draft).findings())
                        .filteredOn(f -> f.status() != Finding.Status.OK)
                        .noneMatch(f -> f.sentence().in(LengthUnit.MM).contains("princess front"));
            }
        }
    }

    @Test
    void whatACutterPlaced_staysAtItsShareOfThePanel_whenTheDraftChanges() {
        UnaryOperator<Boning> own = b -> b.withPanel(new PanelBone("own-1", "B1", 0.3));
        for (int waist : new int[] {20, 60, 100}) {
            Garment garment = CORSET.withEase(Level.WAIST, Length.mm(-waist));
            Draft draft = draft(garment.withBoning(own.apply(garment.boning())));
            Channel channel = BonePlan.of(draft).channel("own-1").orElseThrow();
            var mark = draft.pattern().piece("B1").mark("waist").orElseThrow();
            Point at = channel.runs()
                    .get(0)
                    .path()
                    .nearest(mark.from().between(mark.to(), 0.3))
                    .point();
            assertThat((at.x() - mark.from().x()) / (mark.to().x() - mark.from().x()))
                    .isCloseTo(0.3, within(0.02));
            assertThat(channel.byHand()).isTrue();
        }
    }

    @Test
    void theBonesByRule_neverLieOnEachOther() {
        Random random = new Random(7);
        for (int i = 0; i < 20; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            for (int panels = 4; panels <= 6; panels++) {
                Garment corset = Garment.of(GarmentKind.CORSET).withPanels(Panels.of(panels, SeamPlacing.LANDMARKS));
                if (Drafter.draft(Bodies.commission(body, corset)) instanceof Draft draft) {
                    assertThat(BonePlan.of(draft).findings())
                            .filteredOn(f -> f.status() != Finding.Status.OK)
                            .isEmpty();
                }
            }
        }
    }

    @Test
    void aChannelAtTheVeryEdge_sticksOut_andOneOnAnother_clashes() {
        Bones edge = bones(CORSET, b -> b.withPanel(new PanelBone("own-1", "B1", 0.02)));
        assertThat(only(edge, "channel-fit", Finding.Status.FAULT).sentence().in(LengthUnit.CM))
                .contains("sticks out")
                .contains("Move it");
        Bones two = bones(CORSET, b -> b.withPanel(new PanelBone("own-1", "B1", 0.5))
                .withPanel(new PanelBone("own-2", "B1", 0.52)));
        assertThat(two.with(Finding.Status.FAULT)).anySatisfy(f -> {
            assertThat(f.id()).isEqualTo("channel-clash");
            assertThat(f.subject()).contains("own-1").contains("own-2");
        });
        assertThat(BonePlan.of(draft(CORSET)).with(Finding.Status.FAULT)).isEmpty();
    }

    @Test
    void aChannelInAPanelThatIsGone_isKeptAndSaid() {
        Bones bones = bones(CORSET, b -> b.withPanel(new PanelBone("own-1", "B99", 0.5)));
        assertThat(bones.channel("own-1")).isEmpty();
        assertThat(only(bones, "channel-place", Finding.Status.NOTE).sentence().in(LengthUnit.CM))
                .contains("B99");
    }

    @Test
    void aChannelThatEndsSooner_hasItsEndStitchedAcross_andItsBoneShorterByAsMuch() {
        Channel whole = BonePlan.of(draft(CORSET)).channel("lacing-outer").orElseThrow();
        Channel sooner = bones(CORSET, b -> b.withStop("lacing-outer", new Stop(Length.mm(40), Length.mm(0))))
                .channel("lacing-outer")
                .orElseThrow();
        assertThat(sooner.finished().value()).isCloseTo(whole.finished().value() - 40, within(0.01));
        assertThat(whole.cut().value() - sooner.cut().value()).isBetween(35.0, 40.0);
    }

    @Test
    void aBuskLongerThanTheFront_isAFaultThatNamesOneThatFits() {
        Bones bones = bones(BUSKED, b -> b.withBusk(Optional.of(Length.mm(450))));
        double front = bones.busk().orElseThrow().front().value();
        double fits = Math.floor((front - 20) / 25) * 25;
        assertThat(only(bones, "busk-length", Finding.Status.FAULT).sentence().in(LengthUnit.MM))
                .contains("longer than")
                .contains(String.format("Take %.1f", fits));
        assertThat(BonePlan.of(draft(BUSKED)).busk().orElseThrow().length().value())
                .isEqualTo(fits);
    }

    @Test
    void eyeletsCloserThanTheirRims_areAFault() {
        Bones bones = bones(CORSET, b -> b.withEyelets(Optional.of(Length.mm(8))));
        assertThat(only(bones, "eyelet-spacing", Finding.Status.FAULT)
                        .sentence()
                        .in(LengthUnit.MM))
                .contains("overlap")
                .contains("is usual");
        assertThat(BonePlan.of(draft(CORSET)).with(Finding.Status.FAULT)).isEmpty();
    }

    @Test
    void eyelets_standElevenFromTheEnds_twelveAtTheWaist_andEvenlyBetween_measuredFromPointToPoint() {
        Draft draft = draft(CORSET);
        Eyelets eyelets = BonePlan.of(draft).eyelets().orElseThrow();
        List<Double> apart = new ArrayList<>();
        for (int i = 1; i < eyelets.points().size(); i++) {
            apart.add(eyelets.points().get(i - 1).distance(eyelets.points().get(i)));
        }
        assertThat(apart.get(eyelets.spacesAbove())).isCloseTo(12, within(0.3));
        assertThat(apart.subList(0, eyelets.spacesAbove())).allSatisfy(d -> assertThat(d)
                .isCloseTo(eyelets.above().value(), within(0.5))
                .isBetween(18.0, 27.0));
        assertThat(apart.subList(eyelets.spacesAbove() + 1, apart.size()))
                .allSatisfy(d -> assertThat(d).isCloseTo(eyelets.below().value(), within(0.5)));
        Point waist = draft.pattern()
                .piece(eyelets.piece())
                .mark("waist")
                .orElseThrow()
                .to();
        assertThat((eyelets.points().get(eyelets.spacesAbove()).y()
                                + eyelets.points()
                                        .get(eyelets.spacesAbove() + 1)
                                        .y())
                        / 2)
                .isCloseTo(waist.y(), within(1.0));
    }
}
