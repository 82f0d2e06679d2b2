package bathyra.app.begin;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.InWorkshop;
import bathyra.book.Commissions.Entry;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Closure;
import bathyra.garment.GarmentKind;
import bathyra.garment.HouseStyle;
import bathyra.garment.LengthOption;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The four questions before a new commission, without the window. */
class BeginModelTest extends InWorkshop {
    private BeginModel model;
    private int shown;

    @BeforeEach
    void open() {
        model = new BeginModel(workshop, () -> shown++);
    }

    private Entry newest() {
        return book.commissions().entries().stream()
                .max(Comparator.comparing(Entry::id))
                .orElseThrow();
    }

    @Test
    void withoutAWearer_nothingIsBegun() {
        assertThat(model.canBegin()).isFalse();
        model.wearer("  ");
        assertThat(model.canBegin()).isFalse();
        model.wearer("Ottilie Marsh");
        assertThat(model.canBegin()).isTrue();
        assertThat(shown).as("shown anew for each").isEqualTo(2);
    }

    @Test
    void theWearersOfTheLatestCommissions_areOffered_eachOnce() {
        List<String> offered = model.wearers();
        assertThat(offered).hasSizeBetween(2, 6).doesNotHaveDuplicates();
        assertThat(offered.get(0)).isEqualTo(newest().wearer());
    }

    @Test
    void aKnownWearer_bringsHerFigures_whateverTheCapitals() {
        String known = workshop.commission().wearer().name();
        model.wearer(known.toUpperCase(java.util.Locale.ROOT));
        assertThat(model.figures().orElseThrow().taken()).containsKey(MeasurementKey.BUST);
        model.wearer("Nobody Yet");
        assertThat(model.figures()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(GarmentKind.class)
    void everyKind_isOfferedBlank_andFromWhatWasMadeOfIt(GarmentKind kind) {
        model.kind(kind);
        List<BeginModel.Source> sources = model.sources();
        assertThat(sources.get(0).id()).isEqualTo("blank");
        assertThat(sources).allMatch(s -> s.garment().kind() == kind);
        assertThat(sources).extracting(BeginModel.Source::garment).doesNotHaveDuplicates();
        assertThat(sources.size()).as("the demo has some of each").isGreaterThan(1);
    }

    @Test
    void hersComeFirst_ofWhatWasMade() {
        Entry hers = book.commissions().entries().stream()
                .filter(e ->
                        book.commissions().find(e.id()).orElseThrow().garment().kind() == GarmentKind.CORSET)
                .findFirst()
                .orElseThrow();
        model.kind(GarmentKind.CORSET);
        model.wearer(hers.wearer());
        BeginModel.Source first = model.sources().stream()
                .filter(s -> s.id().startsWith("former-"))
                .findFirst()
                .orElseThrow();
        long id = Long.parseLong(first.id().substring("former-".length()));
        assertThat(book.commissions().find(id).orElseThrow().wearer().name()).isEqualTo(hers.wearer());
    }

    @Test
    void aStyleOfTheHouse_isOffered_underItsName() {
        List<HouseStyle> styles = new ArrayList<>(workshop.kept().houseStyles().get());
        styles.add(HouseStyle.of(
                "The low one",
                bathyra.garment.Garment.of(GarmentKind.UNDERBUST).withLength(LengthOption.SEAM_CAP, Length.mm(40))));
        workshop.kept().houseStyles().keep(styles);
        model.kind(GarmentKind.UNDERBUST);
        assertThat(model.sources()).anyMatch(s -> s.label().equals("The low one") && s.id().startsWith("style-"));
        model.kind(GarmentKind.BUSTIER);
        assertThat(model.sources()).noneMatch(s -> s.label().equals("The low one"));
    }

    @Test
    void theClosure_isThatOfTheDesign_untilAnotherIsChosen_andGoesWithTheKind() {
        Closure usual = model.closure();
        Closure other = usual == Closure.BACK_LACING ? Closure.BACK_ZIP : Closure.BACK_LACING;
        model.closure(other);
        assertThat(model.garment().fastening().closure()).isEqualTo(other);
        model.kind(GarmentKind.CORSET);
        assertThat(model.closure())
                .isEqualTo(model.sources().get(0).garment().fastening().closure());
    }

    @ParameterizedTest
    @EnumSource(GarmentKind.class)
    void whatIsBegun_isInHand_standsOnTheShelf_andDrafts(GarmentKind kind) {
        int before = book.commissions().entries().size();
        model.wearer(workshop.commission().wearer().name());
        model.kind(kind);
        model.begin();
        assertThat(book.commissions().entries()).hasSize(before + 1);
        assertThat(workshop.id()).isEqualTo(newest().id());
        assertThat(workshop.commission().garment().kind()).isEqualTo(kind);
        assertThat(Drafter.draft(workshop.commission())).isInstanceOf(Draft.class);
    }

    @Test
    void fromAFormerOne_itIsThatDesign_onHerFigures() {
        model.kind(GarmentKind.BUSTIER);
        BeginModel.Source former = model.sources().stream()
                .filter(s -> s.id().startsWith("former-"))
                .findFirst()
                .orElseThrow();
        model.wearer("Ottilie Marsh");
        model.source(former);
        model.begin();
        assertThat(workshop.commission().wearer().name()).isEqualTo("Ottilie Marsh");
        assertThat(workshop.commission().garment().edges())
                .isEqualTo(former.garment().edges());
        assertThat(workshop.commission().measurements().taken())
                .as("of another wearer nothing is taken over")
                .isEmpty();
    }
}
