package bathyra.app.bones;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.workshop.InWorkshop;
import bathyra.bone.Channel;
import bathyra.garment.BoneKind;
import bathyra.garment.Closure;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.place.Level;
import bathyra.stock.PriceList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Bones stage on a corset with a busk. */
class BonesModelTest extends InWorkshop {
    private BonesModel model;

    @BeforeEach
    void open() {
        Garment corset = Garment.of(GarmentKind.CORSET);
        make(corset.withFastening(corset.fastening().with(Closure.FRONT_BUSK)));
        model = new BonesModel(workshop);
    }

    private Channel onASeam() {
        return model.bones().channels().stream()
                .filter(c -> c.place() == Channel.Place.SEAM)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void next_goesRoundAllChannels() {
        List<Channel> all = model.bones().channels();
        assertThat(model.chosen()).isEmpty();
        for (Channel channel : all) {
            model.next();
            assertThat(model.chosen()).map(Channel::id).contains(channel.id());
        }
        model.next();
        assertThat(model.chosen()).map(Channel::id).contains(all.get(0).id());
    }

    @Test
    void stop_shortensTheBoneByAsMuch_andIsHeldSoThatSomethingIsLeft() {
        Channel channel = onASeam();
        model.choose(channel.id());
        double whole = channel.finished().value();
        double before = model.stop().above().millimetres();
        model.stop(true, before + 30);
        assertThat(model.stop().above()).isEqualTo(Length.mm(Math.rint(before + 30)));
        assertThat(model.chosen().orElseThrow().finished().value()).isCloseTo(whole - 30, within(1.5));
        assertThat(undo()).contains("ends").endsWith("below the upper edge");
        model.stop(false, 100_000);
        assertThat(model.chosen().orElseThrow().finished().value()).isGreaterThanOrEqualTo(38);
        model.byRule();
        assertThat(model.chosen().orElseThrow().finished().value()).isCloseTo(whole, within(1e-6));
    }

    @Test
    void channelLeftOut_isListed_andTakenBack() {
        String id = onASeam().id();
        int count = model.bones().channels().size();
        model.choose(id);
        model.leaveOut();
        assertThat(model.bones().channel(id)).isEmpty();
        assertThat(model.chosen()).isEmpty();
        assertThat(model.leftOut()).containsExactly(id);
        model.takeBack(id);
        assertThat(model.leftOut()).isEmpty();
        assertThat(model.bones().channels()).hasSize(count);
    }

    @Test
    void kind_isOfTheChannelInHandAlone() {
        Channel channel = onASeam();
        BoneKind other = channel.kind() == BoneKind.FLAT_STEEL ? BoneKind.SPIRAL_STEEL : BoneKind.FLAT_STEEL;
        List<BoneKind> rest = kinds(channel.id());
        model.choose(channel.id());
        model.kind(other);
        assertThat(model.chosen().orElseThrow().kind()).isEqualTo(other);
        assertThat(kinds(channel.id())).isEqualTo(rest);
    }

    private List<BoneKind> kinds(String without) {
        return model.bones().channels().stream()
                .filter(c -> !c.id().equals(without))
                .map(Channel::kind)
                .toList();
    }

    @Test
    void boneInAPanel_isAddedInItsMiddle_andMovedAcrossIt() {
        model.add(draft().panelPieces().get(1));
        Channel own = model.chosen().orElseThrow();
        assertThat(own.place()).isEqualTo(Channel.Place.PANEL);
        assertThat(model.isMovable()).isTrue();
        assertThat(model.share()).isCloseTo(0.5, within(0.03));
        model.moveTo(0.4);
        assertThat(model.share()).isCloseTo(0.4, within(0.03));
        model.moveTo(7);
        assertThat(model.boning().panels())
                .anySatisfy(bone -> assertThat(bone.share()).isEqualTo(0.98));
        // Dragged further it is still one change.
        workshop.undo();
        assertThat(model.boning().panels())
                .anySatisfy(bone -> assertThat(bone.share()).isEqualTo(0.5));
    }

    @Test
    void boneOnASeam_cannotBeMovedAcross() {
        assertThat(model.isMovable()).isFalse();
        model.choose(onASeam().id());
        assertThat(model.isMovable()).isFalse();
    }

    @Test
    void level_thatTheGarmentHasNot_isAnother() {
        model.look(Level.HIP);
        assertThat(model.support().level()).isEqualTo(model.level()).isNotEqualTo(Level.HIP);
        model.look(Level.UNDERBUST);
        assertThat(model.support().level()).isEqualTo(Level.UNDERBUST);
    }

    @Test
    void shopping_isReckonedOnceADraftAndAPriceList() {
        var shopping = model.shopping();
        assertThat(model.shopping()).isSameAs(shopping);
        PriceList prices = workshop.kept().prices();
        workshop.kept().setPrices(prices.withCurrency("Kr"));
        assertThat(model.shopping()).isNotSameAs(shopping);
        model.width(Length.mm(10));
        assertThat(undo()).isEqualTo("bones 1.0 cm wide");
        assertThat(model.boning().width()).isEqualTo(Optional.of(Length.mm(10)));
    }
}
