package lectulum;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private final JavaClasses core = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("lectulum");

    @Test
    void coreKnowsNoInterfaceToolkit() {
        noClasses().should().dependOnClassesThat()
                .resideInAnyPackage("javafx..", "java.awt..", "javax.swing..").check(core);
    }

    @Test
    void disciplinesReadNoFilesAndNoClock() {
        noClasses().that()
                .resideInAnyPackage("lectulum.layout..", "lectulum.balance..", "lectulum.power..", "lectulum.water..",
                        "lectulum.materials..", "lectulum.money..")
                .should().dependOnClassesThat().resideInAnyPackage("java.io..", "java.nio.file..", "java.time..",
                        "lectulum.files..", "lectulum.analysis..")
                .check(core);
    }
}
