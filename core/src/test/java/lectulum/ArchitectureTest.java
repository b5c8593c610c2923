package lectulum;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import lectulum.analysis.Disciplines;
import org.junit.jupiter.api.Test;

/// What knows what. The rules hold for packages to come: none is named that could be forgotten.
class ArchitectureTest {
    /// What is no discipline: it stands beside or above them.
    private static final List<String> OTHERS = List.of("units", "kernel", "figures", "design", "discipline", "analysis",
            "assumed", "catalogue", "symbols", "files", "papers", "standin", "demo", "guide");
    private static final List<String> CLOCKS = List.of("now", "systemUTC", "systemDefaultZone");
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("lectulum");

    @Test
    void coreKnowsNoInterfaceToolkit() {
        noClasses().should().dependOnClassesThat()
                .resideInAnyPackage("javafx..", "java.awt..", "javax.swing..").check(CORE);
    }

    @Test
    void theKernelKnowsNothingOfOursButUnits() {
        classes().that().resideInAPackage("lectulum.kernel..").should().onlyDependOnClassesThat()
                .resideInAnyPackage("lectulum.kernel..", "lectulum.units..", "java.lang..", "java.util..",
                        "java.math..", "java.time..",
                        "org.hipparchus..", "org.locationtech.jts..", "org.jgrapht..")
                .check(CORE);
    }

    @Test
    void noTwoPackagesKnowEachOther() {
        slices().matching("lectulum.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void disciplinesReadNoFilesAndNoClockAndAreNotWiredByHand() {
        noClasses().that().resideInAnyPackage(disciplines()).or().resideInAnyPackage("lectulum.kernel..",
                "lectulum.design..", "lectulum.figures..", "lectulum.discipline..").should().dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.nio.file..", "lectulum.files..",
                        "lectulum.papers..", "lectulum.standin..", "lectulum.analysis..")
                .check(CORE);
        // Days are values; what day it is stands in the project.
        noClasses().that().resideInAnyPackage(disciplines()).or().resideInAnyPackage("lectulum.kernel..",
                "lectulum.design..", "lectulum.figures..", "lectulum.discipline..", "lectulum.units..").should()
                .callMethodWhere(DescribedPredicate.describe("read a clock",
                        call -> call.getTargetOwner().getPackageName().startsWith("java.time")
                                && CLOCKS.contains(call.getName())))
                .orShould().callMethod(System.class, "currentTimeMillis")
                .check(CORE);
    }

    private static String[] disciplines() {
        return CORE.stream().map(c -> c.getPackageName().split("\\.")).filter(p -> p.length > 1).map(p -> p[1])
                .distinct().filter(p -> !OTHERS.contains(p)).map(p -> "lectulum." + p + "..").toArray(String[]::new);
    }

    @Test
    void everyPackageSaysWhatItAnswers() {
        TreeSet<String> silent = new TreeSet<>();
        CORE.stream().map(JavaClass::getPackageName).forEach(silent::add);
        CORE.stream().filter(c -> c.getSimpleName().equals("package-info")).map(JavaClass::getPackageName)
                .forEach(silent::remove);

        assertThat(silent).isEmpty();
    }

    @Test
    void everyPackageIsInTheTreeOfTheContributors() throws IOException {
        String tree = Files.readString(Path.of("..", "CONTRIBUTING.md"));
        List<String> names = CORE.stream().map(JavaClass::getPackageName).distinct()
                .map(p -> p.substring(p.lastIndexOf('.') + 1)).toList();

        assertThat(names).allMatch(n -> tree.lines().anyMatch(l -> l.strip().startsWith(n + " ")));
    }

    @Test
    void everyDisciplineIsListedOnce() {
        Stream<String> ids = Disciplines.ALL.stream().map(d -> d.id());

        assertThat(ids).doesNotHaveDuplicates();
        assertThat(CORE.stream().flatMap(c -> c.getFields().stream())
                .filter(f -> f.getName().equals("DISCIPLINE") && f.getRawType().getSimpleName().equals("Discipline"))
                .map(f -> f.getOwner().reflect()).map(ArchitectureTest::discipline))
                .isNotEmpty().allMatch(Disciplines.ALL::contains);
    }

    private static Object discipline(Class<?> owner) {
        try {
            return owner.getField("DISCIPLINE").get(null);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(owner + " keeps its discipline to itself", e);
        }
    }
}
