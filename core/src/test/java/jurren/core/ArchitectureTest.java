package jurren.core;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

@Tag("long")
class ArchitectureTest {
    /** Each may use those before it. docs/architecture.md tells why. */
    private static final List<String> ORDER = List.of(
            "stop",
            "memo",
            "geometry",
            "nest",
            "material",
            "blank",
            "lettering",
            "trace",
            "art",
            "layer",
            "register",
            "finish",
            "way",
            "hold",
            "load",
            "cut",
            "job",
            "snag",
            "weed",
            "plan",
            "run",
            "cure",
            "dryrun");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("jurren.core");

    @Test
    void packagesDependInOneDirection() {
        var layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String name : ORDER) {
            layers = layers.layer(name).definedBy("jurren.core." + name + "..");
        }
        for (int i = 0; i < ORDER.size() - 1; i++) {
            layers = layers.whereLayer(ORDER.get(i))
                    .mayOnlyBeAccessedByLayers(
                            ORDER.subList(i + 1, ORDER.size()).toArray(String[]::new));
        }
        layers.whereLayer(ORDER.getLast()).mayNotBeAccessedByAnyLayer().check(CORE);
        slices().matching("jurren.core.(*)..").should().beFreeOfCycles().check(CORE);
        assertThat(CORE.stream()
                        .map(c -> c.getPackageName().replace("jurren.core.", "").replaceAll("\\..*", ""))
                        .distinct())
                .as("no package outside the order")
                .allMatch(ORDER::contains);
    }

    @Test
    void onlyGeometryKnowsTheGeometryLibrary() {
        noClasses()
                .that()
                .resideOutsideOfPackage("jurren.core.geometry..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.locationtech..")
                .check(CORE);
        classes()
                .that()
                .resideInAPackage("jurren.core.geometry..")
                .and()
                .arePublic()
                .should()
                .notHaveFullyQualifiedName("jurren.core.geometry.Jts")
                .check(CORE);
    }

    @Test
    void theCoreKnowsNoInterfaceAndNoFileFormats() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..",
                        "com.fasterxml..",
                        "org.apache..",
                        "org.w3c..",
                        "org.xml..",
                        "java.nio.file..",
                        "java.net..")
                .check(CORE);
    }
}
