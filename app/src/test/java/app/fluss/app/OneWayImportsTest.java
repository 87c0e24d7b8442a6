package app.fluss.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import app.fluss.files.study.Study;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class OneWayImportsTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("app.fluss");

    private static void mayNotUse(String from, String... others) {
        noClasses()
                .that()
                .resideInAPackage("app.fluss." + from + "..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(others)
                .check(ALL);
    }

    @Test
    void importsPointOneWay() {
        mayNotUse("core", "app.fluss.sim..", "app.fluss.files..", "app.fluss.app..", "javafx..");
        mayNotUse("sim", "app.fluss.files..", "app.fluss.app..", "javafx..");
        mayNotUse("files", "app.fluss.app..", "app.fluss.devices..", "javafx..");
        mayNotUse("devices", "app.fluss.files..", "app.fluss.sim..", "app.fluss.app..", "javafx..");
    }

    /// Calls to the study belong to the models, which know what study an edit was made for. The demo makes a study, and
    /// the program opens one.
    @Test
    void noViewUsesTheStudy() {
        noClasses()
                .that()
                .resideInAPackage("app.fluss.app..")
                .and()
                .resideOutsideOfPackages("app.fluss.app", "app.fluss.app.model", "app.fluss.app.demo")
                .should()
                .dependOnClassesThat()
                .areAssignableTo(Study.class)
                .check(ALL);
    }

    @Test
    void packagesMakeNoCircles() {
        slices().matching("app.fluss.(*).(**)").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void viewsDoNotReachBelowTheModel() {
        mayNotUse("app.examine", "app.fluss.files.log..", "java.sql..");
        mayNotUse("app.compare", "app.fluss.files.log..", "java.sql..");
        // How things look is shared with what draws without a window; what a study holds is not.
        mayNotUse(
                "app.theme",
                "app.fluss.files.study..",
                "app.fluss.files.log..",
                "app.fluss.files.share..",
                "app.fluss.app.model..",
                "app.fluss.app.shell..");
        mayNotUse("app.model", "app.fluss.app.shell..", "app.fluss.app.examine..", "app.fluss.app.compare..");
    }
}
