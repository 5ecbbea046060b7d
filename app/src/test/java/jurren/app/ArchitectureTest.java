package jurren.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("jurren");

    @Test
    void modulesDependInOneDirection() {
        layeredArchitecture().consideringOnlyDependenciesInLayers()
                .layer("core").definedBy("jurren.core..").layer("formats").definedBy("jurren.formats..")
                .layer("standins").definedBy("jurren.standins..").layer("app").definedBy("jurren.app..")
                .whereLayer("app").mayNotBeAccessedByAnyLayer()
                .whereLayer("standins").mayOnlyBeAccessedByLayers("app")
                .whereLayer("formats").mayOnlyBeAccessedByLayers("standins", "app")
                .whereLayer("core").mayOnlyBeAccessedByLayers("formats", "standins", "app").check(ALL);
    }

    @Test
    void onlyTheWindowKnowsJavaFx() {
        noClasses().that().resideOutsideOfPackage("jurren.app..")
                .should().dependOnClassesThat().resideInAPackage("javafx..").check(ALL);
        noClasses().that().resideInAPackage("jurren.app.cli..")
                .should().dependOnClassesThat().resideInAPackage("javafx..").check(ALL);
    }

    @Test
    void benchesDoNotKnowEachOtherNorTheWindowAndComputeNothing() {
        for (String bench : List.of("blank", "art", "layers", "loads", "cut", "finish")) {
            noClasses().that().resideInAPackage("jurren.app.bench." + bench + "..")
                    .should().dependOnClassesThat(com.tngtech.archunit.base.DescribedPredicate.describe("another bench or the window",
                            c -> c.getPackageName().startsWith("jurren.app.window")
                                    || c.getPackageName().startsWith("jurren.app.bench.")
                                    && !c.getPackageName().equals("jurren.app.bench." + bench))).check(ALL);
        }
        noClasses().that().resideInAPackage("jurren.app..").and().resideOutsideOfPackages("jurren.app.session..")
                .should().dependOnClassesThat().haveFullyQualifiedName("jurren.core.plan.Planner")
                .because("plans are worked out at one desk").check(ALL.that(
                        com.tngtech.archunit.base.DescribedPredicate.describe("not the command line",
                                c -> !c.getPackageName().startsWith("jurren.app.cli"))));
        noClasses().that().resideInAPackage("jurren.app.bench..").or().resideInAPackage("jurren.app.edgeview..")
                .should().dependOnClassesThat().haveSimpleName("Separation").check(ALL);
    }

    @Test
    void everyPackageSaysWhatItIsFor() throws IOException {
        for (String module : List.of("core", "formats", "standins", "app")) {
            Path sources = Path.of("..", module, "src/main/java");
            try (Stream<Path> files = Files.walk(sources)) {
                assertThat(files.filter(p -> p.toString().endsWith(".java")).map(Path::getParent).distinct())
                        .isNotEmpty().allSatisfy(p -> assertThat(p.resolve("package-info.java")).exists());
            }
        }
    }
}
