package app.fluss.core;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("app.fluss.core");

    @Test
    void coreComputesAndDoesNothingElse() {
        noClasses()
                .should()
                .dependOnClassesThat(resideInAnyPackage(
                                "java.io..",
                                "java.nio.file..",
                                "java.net..",
                                "java.sql..",
                                "java.time..",
                                "javafx..",
                                "java.awt..",
                                "java.util.concurrent..")
                        .and(not(type(LocalDate.class))))
                .because("core has no files, clocks, threads or interface; a date is a value")
                .check(CORE);
        noClasses().should().callMethod(LocalDate.class, "now").check(CORE);
    }

    @Test
    void packagesMakeNoCircles() {
        slices().matching("app.fluss.core.(**)").should().beFreeOfCycles().check(CORE);
    }
}
