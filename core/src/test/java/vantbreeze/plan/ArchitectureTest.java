package vantbreeze.plan;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.Architectures;
import java.util.List;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    /** Each package may use those before it. */
    private static final List<String> ORDER = List.of(
            "measure",
            "material",
            "structure",
            "fold",
            "catalogue",
            "layer",
            "part",
            "post",
            "sheet",
            "make",
            "operation",
            "plan");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("vantbreeze");

    @Test
    void packagesFormLayers() {
        Architectures.LayeredArchitecture layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String name : ORDER) {
            layers = layers.layer(name).definedBy("vantbreeze." + name);
        }
        for (int i = 0; i < ORDER.size(); i++) {
            String[] later = ORDER.subList(i + 1, ORDER.size()).toArray(String[]::new);
            layers = later.length == 0
                    ? layers.whereLayer(ORDER.get(i)).mayNotBeAccessedByAnyLayer()
                    : layers.whereLayer(ORDER.get(i)).mayOnlyBeAccessedByLayers(later);
        }
        layers.check(CORE);
        slices().matching("vantbreeze.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void theCoreKnowsNoFrameworkAndNoJson() {
        ArchRuleDefinition.classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("vantbreeze..", "java..", "org.locationtech.jts..", "org.ejml..")
                .check(CORE);
    }

    @Test
    void noFoldIsNamedOutsideTheCatalogue() {
        ArchRuleDefinition.noClasses()
                .that()
                .resideOutsideOfPackage("vantbreeze.catalogue")
                .should()
                .dependOnClassesThat()
                .implement("vantbreeze.catalogue.FoldDesign")
                .check(CORE);
    }
}
