package vantbreeze.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final JavaClasses APPLICATION = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("vantbreeze.server");

    /** What opens a transaction by itself would be neither synced nor alone when it writes. */
    @Test
    void theStoreIsTheOnlyDoorToTheDatabase() {
        noClasses()
                .that()
                .resideOutsideOfPackage("vantbreeze.server.store")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework.transaction..", "javax.sql..", "java.sql..")
                .check(APPLICATION);
    }

    @Test
    void featuresFormNoCircle() {
        slices().matching("vantbreeze.server.(*)..").should().beFreeOfCycles().check(APPLICATION);
    }
}
