package jurren.app;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.layer.CrossSection;
import jurren.core.material.Process;
import jurren.core.plan.Planner;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

class ArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("jurren");

    @Test
    void modulesDependInOneDirection() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("core")
                .definedBy("jurren.core..")
                .layer("formats")
                .definedBy("jurren.formats..")
                .layer("standins")
                .definedBy("jurren.standins..")
                .layer("app")
                .definedBy("jurren.app..")
                .whereLayer("app")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("standins")
                .mayOnlyBeAccessedByLayers("app")
                .whereLayer("formats")
                .mayOnlyBeAccessedByLayers("app")
                .whereLayer("core")
                .mayOnlyBeAccessedByLayers("formats", "standins", "app")
                .check(ALL);
    }

    @Test
    void onlyTheWindowKnowsJavaFx() {
        noClasses()
                .that()
                .resideOutsideOfPackage("jurren.app..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("javafx..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("jurren.app.cli..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("javafx..")
                .check(ALL);
    }

    @Test
    void benchesDoNotKnowEachOtherNorTheWindowAndComputeNothing() {
        for (String bench : List.of("blank", "art", "layers", "loads", "cut", "finish")) {
            noClasses()
                    .that()
                    .resideInAPackage("jurren.app.bench." + bench + "..")
                    .should()
                    .dependOnClassesThat(describe(
                            "another bench or the window",
                            c -> c.getPackageName().startsWith("jurren.app.window")
                                    || c.getPackageName().startsWith("jurren.app.bench.")
                                            && !c.getPackageName().equals("jurren.app.bench." + bench)))
                    .check(ALL);
        }
        noClasses()
                .that()
                .resideOutsideOfPackages("jurren.app.session..", "jurren.app.cli..", "jurren.core..", "jurren.perf..")
                .should()
                .callMethod(Planner.class, "plan", Job.class, Shop.class)
                .because("plans are worked out at one desk")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("jurren.app.bench..")
                .or()
                .resideInAPackage("jurren.app.edgeview..")
                .should()
                .dependOnClassesThat()
                .haveSimpleName("Separation")
                .check(ALL);
    }

    /** Whoever wants to know what follows from a process asks the plan. */
    @Test
    void onlyWaysKnowOneProcessFromAnother() {
        noClasses()
                .that()
                .resideOutsideOfPackages("jurren.core.way..", "jurren.core.material..")
                .should()
                .accessFieldWhere(
                        describe("it is one process", f -> f.getTargetOwner().isEquivalentTo(Process.class)))
                .check(ALL);
        noClasses()
                .that()
                .resideOutsideOfPackage("jurren.core.way..")
                .should()
                .dependOnClassesThat(describe(
                        "a way of its own", c -> c.getPackageName().matches("jurren\\.core\\.way\\.(?!known).+")))
                .check(ALL);
    }

    /** No package needs, by whatever way round, one that needs it. */
    @Test
    void noPackagesGoRoundInARing() {
        slices().matching("jurren.(**)").should().beFreeOfCycles().check(ALL);
    }

    /** What a view draws it was given, or asked the desk for. */
    @Test
    void viewsComputeNoGeometry() {
        for (String operation : List.of(
                "weld",
                "minus",
                "intersect",
                "grown",
                "warped",
                "filled",
                "simplified",
                "enclosedBy",
                "thinnest",
                "narrowestNeck")) {
            noClasses()
                    .that()
                    .resideInAnyPackage("jurren.app..")
                    .and()
                    .doNotHaveSimpleName("MarksDesk")
                    .should()
                    .callMethodWhere(target(owner(type(Region.class))).and(target(name(operation))))
                    .because("geometry is worked out with the plan, or at the desk")
                    .check(ALL);
        }
        noClasses()
                .that()
                .resideInAPackage("jurren.app..")
                .and()
                .doNotHaveSimpleName("EdgeView")
                .should()
                .callMethodWhere(target(owner(type(CrossSection.class))).and(target(name("of"))))
                .check(ALL);
    }

    /** Threads of one's own would not be stopped, counted or closed. */
    @Test
    void workBesideTheWindowGoesOverTheDesk() {
        noClasses()
                .that()
                .resideInAPackage("jurren.app..")
                .and()
                .resideOutsideOfPackages("jurren.app.desk..", "jurren.app.cutter..", "jurren.app.cli..")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.util.concurrent.ExecutorService")
                .check(ALL);
    }

    /** Figures and keywords are the same on every machine, whatever language it speaks. */
    @Test
    void nothingDependsOnTheMachinesLanguage() {
        noClasses()
                .should()
                .callMethod(String.class, "format", String.class, Object[].class)
                .orShould()
                .callMethod(String.class, "formatted", Object[].class)
                .orShould()
                .callMethod(String.class, "toLowerCase")
                .orShould()
                .callMethod(String.class, "toUpperCase")
                .check(ALL);
    }

    @Test
    void everyPackageSaysWhatItIsFor() throws IOException {
        for (String module : List.of("core", "formats", "standins", "app")) {
            Path sources = Path.of("..", module, "src/main/java");
            try (Stream<Path> files = Files.walk(sources)) {
                assertThat(files.filter(p -> p.toString().endsWith(".java"))
                                .map(Path::getParent)
                                .distinct())
                        .isNotEmpty()
                        .allSatisfy(
                                p -> assertThat(p.resolve("package-info.java")).exists());
            }
        }
    }
}
