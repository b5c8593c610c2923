package lectulum;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import lectulum.figures.Stage;
import lectulum.stage.StageUnit;
import lectulum.stage.Stages;
import org.junit.jupiter.api.Test;

/// Views compute nothing, and every stage is there.
class ViewsTest {
    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("lectulum.app", "lectulum.parts", "lectulum.sheet", "lectulum.stage", "lectulum.window",
                    "lectulum.workbench");

    /// Formulas of the kernel are static methods; its records may be shown.
    @Test
    void viewsCallNoFormula() {
        noClasses().should().callMethodWhere(new DescribedPredicate<JavaCall<?>>("a formula of the kernel") {
            @Override
            public boolean test(JavaCall<?> call) {
                return call.getTargetOwner().getPackageName().startsWith("lectulum.kernel")
                        && !call.getTargetOwner().isEnum()
                        && call.getTarget().resolveMember().map(m -> m.getModifiers().contains(JavaModifier.STATIC))
                                .orElse(false);
            }
        }).check(DESKTOP);
    }

    @Test
    void stagesAskTheWindowThroughTheirHostOnly() {
        noClasses().that().resideInAPackage("lectulum.stage..").should().dependOnClassesThat()
                .resideInAnyPackage("lectulum.window..", "lectulum.app..").check(DESKTOP);
    }

    @Test
    void everyStageOfTheRailIsBuiltAndInOrder() {
        assertThat(Stages.ALL.stream().map(StageUnit::stage).toList()).isEqualTo(List.of(Stage.values()));
    }
}
