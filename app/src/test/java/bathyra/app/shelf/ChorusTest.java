package bathyra.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.book.Commissions.Entry;
import bathyra.draft.Bodies;
import bathyra.files.json.PatternJson;
import bathyra.finding.Finding;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.truing.Truing;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A chorus of invented wearers, some of whom cannot be drafted as they were measured. */
class ChorusTest {
    @TempDir
    private Path folder;

    private static Commission of(String wearer, MeasurementSet set) {
        return new Commission(
                "Chorus, first row", LengthUnit.CM, new Wearer(wearer, Experience.FIRST), set, Garment.bustier());
    }

    private static List<Commission> many(int count) {
        Random random = new Random(12);
        List<Commission> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(of("Singer " + i, Bodies.random(random)));
        }
        return all;
    }

    @Test
    void draft_tellsWhoIsCleanWhoNeedsALookAndWhoCannotBeDrafted() {
        Commission tight = of("A", Bodies.nerea());
        tight = tight.withGarment(tight.garment().withLength(LengthOption.SEAM_CAP, Length.mm(40)));
        List<Chorus.Part> parts = Chorus.draft(
                List.of(tight, of("B", Bodies.nerea().without(MeasurementKey.WAIST))), n -> {}, () -> false);
        assertThat(parts.get(0).isDrafted()).isTrue();
        assertThat(parts.get(0).isClean())
                .as("its princess seam takes more than the cutter's cap")
                .isFalse();
        assertThat(parts.get(0).says(LengthUnit.CM).replace('\u00a0', ' '))
                .startsWith("Princess front takes 4.9 cm at the waist, 0.9 cm over its cap of 4.0 cm.");
        assertThat(parts.get(1).isDrafted()).isFalse();
        assertThat(parts.get(1).says(LengthUnit.CM)).startsWith("Waist is absent and this garment needs it.");
    }

    @Test
    void draft_stopsWhenAsked_andTellsHowFarItIs() {
        List<Integer> told = new ArrayList<>();
        List<Chorus.Part> parts = Chorus.draft(many(20), told::add, () -> told.size() >= 7);
        assertThat(parts).hasSize(7);
        assertThat(told).containsExactly(1, 2, 3, 4, 5, 6, 7);
    }

    @Test
    void write_makesAFolderForEachWhoDrafts_withASoundPattern() throws Exception {
        List<Chorus.Part> parts = Chorus.draft(many(12), n -> {}, () -> false);
        long drafted = parts.stream().filter(Chorus.Part::isDrafted).count();
        assertThat(Chorus.write(parts, folder, "2026-11-23", "test", n -> {}, () -> false))
                .isEqualTo((int) drafted);
        try (Stream<Path> made = Files.list(folder)) {
            List<Path> folders = made.toList();
            assertThat(folders).hasSize((int) drafted).allSatisfy(own -> {
                assertThat(own.resolve("pattern.pdf")).isNotEmptyFile();
                assertThat(Truing.look(PatternJson.read(Files.readString(own.resolve("pattern.json")))))
                        .noneMatch(f -> f.status() == Finding.Status.FAULT);
            });
        }
    }

    @Test
    void aWaistDrawnInPastTheTopLevel_isNotPutOut_andSaysWhy() throws Exception {
        Commission tight =
                of("A", Bodies.nerea()).withGarment(Garment.bustier().withEase(Level.WAIST, Length.mm(-160)));
        List<Chorus.Part> parts = Chorus.draft(List.of(tight), n -> {}, () -> false);
        assertThat(parts.get(0).isDrafted()).isFalse();
        assertThat(parts.get(0).says(LengthUnit.CM)).startsWith("The waist is drawn in past the top level.");
        assertThat(Chorus.write(parts, folder, "2026-11-23", "test", n -> {}, () -> false))
                .isZero();
    }

    @Test
    void write_putsOutInitials_whenTheNamesAreNotAskedFor() throws Exception {
        List<Chorus.Part> parts =
                Chorus.draft(List.of(of("Nerea Holloway", Bodies.nerea())), n -> {}, () -> false).stream()
                        .map(Chorus.Part::byInitials)
                        .toList();
        assertThat(Chorus.write(parts, folder, "2026-11-23", "test", n -> {}, () -> false))
                .isEqualTo(1);
        assertThat(folder.resolve("n-h").resolve("pattern.pdf")).isNotEmptyFile();
    }

    @Test
    void write_thatIsStopped_leavesNothingBehind() throws Exception {
        List<Chorus.Part> parts = Chorus.draft(many(6), n -> {}, () -> false);
        List<Integer> told = new ArrayList<>();
        assertThat(Chorus.write(parts, folder, "2026-11-23", "test", told::add, () -> told.size() >= 2))
                .isZero();
        try (Stream<Path> made = Files.list(folder)) {
            assertThat(made).isEmpty();
        }
    }

    @Test
    void names_areSafeOnEverySystem_andEachIsGivenOnce() {
        Set<String> taken = new HashSet<>();
        assertThat(Chorus.name("Séraphine O'Müller-Vale", taken)).isEqualTo("séraphine-omüller-vale");
        assertThat(Chorus.name("../../etc/passwd", taken)).isEqualTo("etcpasswd");
        assertThat(Chorus.name("A. B.", taken)).isEqualTo("a-b");
        assertThat(Chorus.name("A B", taken)).isEqualTo("a-b-2");
        assertThat(Chorus.name("???", taken)).isEqualTo("wearer");
        assertThat(Chorus.name("x".repeat(300), taken)).hasSize(60);
    }

    @Test
    void wearers_areTakenOnce_withTheirNewestCommission() {
        assertThat(Chorus.wearers(List.of(
                                new Entry(1, "a", "Nerea", Optional.empty(), "", false),
                                new Entry(2, "b", "Ottoline", Optional.empty(), "", false),
                                new Entry(3, "c", "Nerea", Optional.empty(), "", false),
                                new Entry(4, "d", "Tamsin", Optional.empty(), "", true)))
                        .values())
                .extracting(Entry::id)
                .containsExactly(3L, 2L);
    }

    @Test
    void onTheBody_theWorstOfEachWearerIsTold_andStoppingLeavesTheRestAsTheyWere() {
        List<Chorus.Part> parts = Chorus.draft(many(4), n -> {}, () -> false);
        List<Integer> told = new ArrayList<>();
        List<Chorus.Part> looked = Chorus.onTheBody(parts, told::add, () -> told.size() >= 2);
        assertThat(looked).hasSameSizeAs(parts);
        assertThat(looked.subList(0, 2).stream().filter(Chorus.Part::isDrafted))
                .allSatisfy(p -> assertThat(p.worst()).isPresent());
        assertThat(looked.subList(2, 4)).allSatisfy(p -> assertThat(p.worst()).isEmpty());
    }
}
