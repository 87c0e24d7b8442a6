package app.fluss.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("app.fluss.core");

    @Test
    void coreComputesAndDoesNothingElse() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "java.io..",
                        "java.nio.file..",
                        "java.net..",
                        "java.sql..",
                        "java.time..",
                        "javafx..",
                        "java.awt..",
                        "java.util.concurrent..")
                .because("core has no files, clocks, threads or interface")
                .check(CORE);
    }

    @Test
    void importsPointOneWay() {
        noClasses()
                .that()
                .resideInAPackage("app.fluss.core.frame..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("app.fluss.core.measure..", "app.fluss.core.compare..", "app.fluss.core.finding..")
                .check(CORE);
        noClasses()
                .that()
                .resideInAPackage("app.fluss.core.measure..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("app.fluss.core.compare..", "app.fluss.core.finding..")
                .check(CORE);
        noClasses()
                .that()
                .resideInAPackage("app.fluss.core.compare..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("app.fluss.core.finding..")
                .check(CORE);
    }
}
