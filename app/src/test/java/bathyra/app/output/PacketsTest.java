package bathyra.app.output;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.PrintSize;
import bathyra.garment.LayerKind;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class PacketsTest {
    @Test
    void everythingThatCanBePutOut_isPartOfAPacket_andPlottedByItsButton() {
        for (OutputKind kind : OutputKind.values()) {
            if (kind != OutputKind.SEND) {
                assertThat(Arrays.stream(Receiver.values()).filter(r -> r != Receiver.OWN))
                        .as(kind.label())
                        .anyMatch(receiver -> receiver.offered().contains(kind));
            }
        }
    }

    @Test
    void whatAPacketKeeps_isReadBack_butTheSheetsLeftOutBelongToOneDraft() {
        Packet table = Packets.USUAL.of(Receiver.TABLE);
        Packet changed = table.withManner(table.manner()
                        .withPaper(Paper.read("300x400"))
                        .withSize(PrintSize.HALF)
                        .withDrawn(Drawn.EYELETS, false)
                        .withLayer(LayerKind.LINING, false)
                        .withSheet("A2", false))
                .with(OutputKind.FIT_SHEET, true);
        Packets packets = Packets.USUAL.with(changed).withOwn(changed, "For Ines = the maker, #2");
        Packets read = Packets.read(packets.write(), () -> {
            throw new AssertionError("what was written is whole");
        });
        assertThat(read.of(Receiver.TABLE))
                .isEqualTo(changed.withManner(changed.manner().ofAnyDraft()));
        assertThat(read.own()).singleElement().satisfies(own -> {
            assertThat(own.name()).isEqualTo("For Ines = the maker, #2");
            assertThat(own.parts()).isEqualTo(changed.parts());
        });
        assertThat(read.of(Receiver.WEARER)).isEqualTo(Packets.USUAL.of(Receiver.WEARER));
    }

    @Test
    void aLayerOrAnotherPaper_laysTheSheetsAnew_soNoneIsLeftOut() {
        Manner manner = Manner.on(Paper.A4).withSheet("B1", false);
        assertThat(manner.leftOut()).containsExactly("B1");
        assertThat(manner.withSheet("B1", true).leftOut()).isEmpty();
        assertThat(manner.withDrawn(Drawn.LEVELS, false).leftOut()).containsExactly("B1");
        assertThat(List.of(
                        manner.withPaper(Paper.A3),
                        manner.withLayer(LayerKind.LINING, false),
                        manner.withSize(PrintSize.HALF)))
                .allMatch(m -> m.leftOut().isEmpty());
    }

    @Test
    void whatIsDamaged_isAsUsual() {
        assertThat(Packets.read(
                        "TABLE.paper=8x8\nTABLE.size=HUGE\nTABLE.parts=NONSENSE\nown=OWN-1,,OWN-1,HACK-2\n\\u12",
                        () -> {}))
                .isEqualTo(Packets.USUAL);
        Packets read = Packets.read(
                "TABLE.paper=8x8\nTABLE.size=HUGE\nTABLE.drawn=LEVELS,NONE\nown=OWN-1,,OWN-1,HACK-2", () -> {});
        assertThat(read.of(Receiver.TABLE).manner().paper()).isEqualTo(Paper.A4);
        assertThat(read.of(Receiver.TABLE).manner().size()).isEqualTo(PrintSize.FULL);
        assertThat(read.of(Receiver.TABLE).manner().drawn()).containsExactly(Drawn.LEVELS);
        assertThat(read.own()).extracting(Packet::id).containsExactly("OWN-1");
    }

    @Test
    void oneMoreOfOnesOwn_hasAnIdOfItsOwn_andOnlyThoseAreGivenUp() {
        Packet table = Packets.USUAL.of(Receiver.TABLE);
        Packets two = Packets.USUAL.withOwn(table, "one").withOwn(table, "two");
        assertThat(two.own()).extracting(Packet::id).doesNotHaveDuplicates().hasSize(2);
        assertThat(two.without("OWN-1").own()).extracting(Packet::name).containsExactly("two");
        assertThat(two.without("TABLE")).isEqualTo(two);
    }
}
