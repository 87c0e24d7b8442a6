package app.fluss.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

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

    @Test
    void viewsDoNotReachBelowTheModel() {
        mayNotUse("app.examine", "app.fluss.files.log..", "java.sql..");
        mayNotUse("app.compare", "app.fluss.files.log..", "java.sql..");
        mayNotUse("app.theme", "app.fluss.files..", "app.fluss.app.model..", "app.fluss.app.shell..");
        mayNotUse("app.model", "app.fluss.app.shell..", "app.fluss.app.examine..", "app.fluss.app.compare..");
    }
}
