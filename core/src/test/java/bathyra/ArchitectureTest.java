package bathyra;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The core computes and does nothing else; a package knows only what comes before it in the order of the work. */
class ArchitectureTest {
    private static final String[] ORDER = {"bathyra.geometry..", "bathyra.measure..", "bathyra.girth..", "bathyra.block..", "bathyra.panel..", "bathyra.piece..", "bathyra.paper..", "bathyra.cutting..", "bathyra.layer..", "bathyra.draft..", "bathyra.bone..", "bathyra.lay..", "bathyra.bill.."};
    private final JavaClasses core = new ClassFileImporter().withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("bathyra");

    @Test
    void core_hasNoInterfaceCodeAndNoInputOrOutput() {
        noClasses().should().dependOnClassesThat().resideInAnyPackage("javafx..", "java.io..", "java.nio..", "java.sql..", "java.awt..").check(core);
    }

    @Test
    void packages_knowOnlyWhatComesBeforeThem() {
        for (int i = 0; i < ORDER.length; i++) {
            for (int j = i + 1; j < ORDER.length; j++) {
                noClasses().that().resideInAPackage(ORDER[i]).should().dependOnClassesThat().resideInAPackage(ORDER[j]).check(core);
            }
        }
    }
}
