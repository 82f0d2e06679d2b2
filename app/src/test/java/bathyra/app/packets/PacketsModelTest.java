package bathyra.app.packets;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.output.Packet;
import bathyra.app.output.Packets;
import bathyra.app.output.Receiver;
import bathyra.app.stage.Files;
import bathyra.app.workshop.InWorkshop;
import bathyra.book.Sent;
import bathyra.files.sheet.Paper;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.piece.PanelOutline;
import bathyra.piece.Piece;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Output page without its window: which packet, what is in it, where it goes, what an older one lacks. */
class PacketsModelTest extends InWorkshop {
    private static final Clock MORNING = Clock.fixed(Instant.parse("2026-12-03T07:00:00Z"), ZoneOffset.UTC);

    private PacketsModel model;

    @BeforeEach
    void open() {
        model = begin();
    }

    private PacketsModel begin() {
        return new PacketsModel(workshop, new Output(workshop, Files.always(folder)), MORNING, () -> {});
    }

    @Test
    void everyReceiver_hasAPacket_andTheOneInHandIsRemembered() {
        assertThat(model.packets()).extracting(Packet::receiver).contains(Receiver.TABLE, Receiver.MAKER);
        assertThat(model.chosen().receiver()).isEqualTo(Receiver.TABLE);
        Packet maker = model.packets().stream()
                .filter(p -> p.receiver() == Receiver.MAKER)
                .findFirst()
                .orElseThrow();
        model.choose(maker.id());
        assertThat(begin().chosen()).isEqualTo(maker);
        model.choose("a packet that was taken away");
        assertThat(model.chosen().receiver()).isEqualTo(Receiver.TABLE);
    }

    @Test
    void howAPacketIsMade_isKept_forThatPacketAlone() {
        Packet other = model.packets().get(1);
        model.manner(m -> m.on(Paper.A3));
        assertThat(begin().chosen().manner().paper()).isEqualTo(Paper.A3);
        assertThat(begin().packets().get(1)).isEqualTo(other);
    }

    @Test
    void packetsOfOnesOwn_comeAndGo_upToAsManyAsFindRoom() {
        int before = model.packets().size();
        while (model.canAdd()) {
            model.add();
            assertThat(model.chosen().receiver()).isEqualTo(Receiver.OWN);
        }
        assertThat(model.packets()).hasSize(before + Packets.OWN_MOST);
        model.remove();
        assertThat(model.canAdd()).isTrue();
        assertThat(model.chosen().receiver()).isEqualTo(Receiver.TABLE);
        assertThat(begin().packets()).hasSize(before + Packets.OWN_MOST - 1);
    }

    @Test
    void partsThatNeedADraft_areHindered_withoutOne() {
        assertThat(model.parts()).contains(OutputKind.PATTERN);
        assertThat(model.layers()).isNotEmpty();
        assertThat(model.plan(model.chosen())).isPresent();
        workshop.once(
                "no waist",
                workshop.commission()
                        .withMeasurements(workshop.commission().measurements().without(MeasurementKey.WAIST)));
        assertThat(model.hindrance(OutputKind.PATTERN)).isPresent();
        assertThat(model.parts()).doesNotContain(OutputKind.PATTERN);
        assertThat(model.laid(model.chosen())).isEmpty();
    }

    @Test
    void folder_isNamedAfterCommissionDayAndPacket_andTheBaseIsKept() {
        assertThat(model.base()).isEqualTo(folder.toAbsolutePath().resolve("packets"));
        model.base(folder.resolve("elsewhere"));
        assertThat(begin().folder().toString())
                .startsWith(folder.resolve("elsewhere").toString())
                .contains("The-Heron")
                .contains("2026-12-03-");
    }

    @Test
    void packetThatIsAbout_isHeldAgainstTheDraft_pieceByPiece() {
        assertThat(model.former()).isEmpty();
        List<PanelOutline> outlines =
                draft().pattern().pieces().stream().map(PanelOutline::of).toList();
        book.sent().keep(workshop.id(), model.chosen().id(), new Sent.Out(LocalDate.of(2026, 11, 1), outlines));
        Sent.Out former = model.former().orElseThrow();
        assertThat(former.day()).isEqualTo(LocalDate.of(2026, 11, 1));
        assertThat(model.changedSince(former)).isEmpty();
        workshop.once(
                "wider",
                workshop.commission()
                        .withMeasurements(
                                workshop.commission().measurements().with(MeasurementKey.WAIST, Length.mm(732))));
        assertThat(model.changedSince(former))
                .extracting(Piece::id)
                .as("a wider waist moves what is shaped there; centre front takes none of it")
                .containsExactly("F2", "B2", "B1");
        assertThat(model.made()).as("nothing was made now").isEmpty();
        model.showFormer(true);
        assertThat(model.isShowingFormer()).isTrue();
        model.choose(model.packets().get(1).id());
        assertThat(model.isShowingFormer()).as("another packet").isFalse();
    }
}
