package bathyra;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The core computes and does nothing else; a package knows only what comes before it in the order of the work. */
class ArchitectureTest {
    /** Every package of the core, each after those that it knows. */
    private static final List<String> ORDER = List.of(
            "geometry",
            "length",
            "edge",
            "finding",
            "reckon",
            "measure",
            "place",
            "fitting",
            "plan",
            "house",
            "garment",
            "form",
            "stock",
            "block",
            "girth",
            "piece",
            "intake",
            "panel",
            "paper",
            "truing",
            "foreign",
            "cutting",
            "draft",
            "correction",
            "layer",
            "bone",
            "lay",
            "bill",
            "workplan",
            "workload",
            "supply",
            "money",
            "fit",
            "hand",
            "size",
            "practice",
            "along");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("bathyra");

    @Test
    void core_hasNoInterfaceCodeAndNoInputOrOutput() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "java.io..", "java.nio..", "java.sql..", "java.awt..")
                .check(CORE);
    }

    @Test
    void packages_formNoCircle() {
        slices().matching("bathyra.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void packages_knowOnlyWhatComesBeforeThem() {
        assertThat(CORE.stream()
                        .map(JavaClass::getPackageName)
                        .map(name -> name.substring("bathyra.".length()))
                        .collect(Collectors.toSet()))
                .containsExactlyInAnyOrderElementsOf(ORDER);
        for (int i = 0; i < ORDER.size(); i++) {
            for (int j = i + 1; j < ORDER.size(); j++) {
                noClasses()
                        .that()
                        .resideInAPackage("bathyra." + ORDER.get(i))
                        .should()
                        .dependOnClassesThat()
                        .resideInAPackage("bathyra." + ORDER.get(j))
                        .check(CORE);
            }
        }
    }
}
