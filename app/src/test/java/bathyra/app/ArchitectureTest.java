package bathyra.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The rooms of the window: a stage knows the workshop and what it draws with, the shell knows the stages, and nothing knows the shell but the commands. */
class ArchitectureTest {
    private static final String[] STAGES = {
        "measure", "block", "girths", "seams", "cups", "edges", "bones", "fit", "lay", "fittings", "making"
    };
    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("bathyra.app");

    @Test
    void rooms_formNoCircle() {
        slices().matching("bathyra.app.(*)..").should().beFreeOfCycles().check(APP);
        // The program's own start stands over all rooms.
        noClasses()
                .that()
                .resideInAPackage("bathyra.app.*..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("bathyra.app")
                .check(APP);
    }

    @Test
    void stages_doNotKnowEachOther() {
        for (String stage : STAGES) {
            for (String other : STAGES) {
                if (!stage.equals(other)) {
                    noClasses()
                            .that()
                            .resideInAPackage("bathyra.app." + stage)
                            .should()
                            .dependOnClassesThat()
                            .resideInAPackage("bathyra.app." + other)
                            .check(APP);
                }
            }
        }
    }

    @Test
    void nothingButTheCommands_knowsTheShell() {
        noClasses()
                .that()
                .resideOutsideOfPackages("bathyra.app", "bathyra.app.shell", "bathyra.app.command")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("bathyra.app.shell")
                .check(APP);
    }

    /** Their styles are left out of what the build lays beside the classes: they would stand there bare. */
    @Test
    void controlsWhoseStyleIsLeftOut_areNowhere() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching(
                        "javafx\\.scene\\.(chart\\..*|web\\..*|control\\.(Table|Tree|Color|Pagination|Accordion|TitledPane"
                                + "|Tab|Split|Spinner|Hyperlink|ChoiceBox|ToolBar|MenuBar|Alert|Dialog|Radio|Password).*)")
                .because(
                        "BuiltStyles leaves out their style: take it out of what it calls unused, and out of this rule")
                .check(APP);
    }

    @Test
    void models_knowNoNodes() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Model")
                .and()
                .resideInAPackage("bathyra.app..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("javafx.scene..")
                .check(APP);
    }
}
