package lectulum.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.Variant;
import lectulum.figures.Figure;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The variants of the demonstrations.
class AlternativesTest {
    private static Design variant(String demo, String id) {
        return Campers.demo(demo).orElseThrow().variants().stream().filter(v -> v.id().equals(id)).map(Variant::design)
                .findFirst().orElseThrow();
    }

    private static Set<String> figures(Design d) {
        return Analysis.of(d).figures().all().stream().map(Figure::id).collect(Collectors.toSet());
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void aDemonstrationOpensAtItsPlanWithItsVariantsBesideIt(String key) throws UnreadableFile {
        Project p = Campers.demo(key).orElseThrow();

        assertThat(p.current()).isEqualTo("plan");
        assertThat(p.variants()).hasSizeGreaterThan(1).extracting(Variant::id).doesNotHaveDuplicates();
        assertThat(p.variants()).extracting(Variant::name).doesNotHaveDuplicates();
        assertThat(ProjectJson.read(ProjectJson.write(p, null)).project()).isEqualTo(p);
    }

    /// Each shows what its plan does not have.
    @ParameterizedTest
    @CsvSource({"nightjar, winter, bars.force", "nightjar, winter, pipe.site", "nightjar, winter, weigh.height",
            "nightjar, winter, glass.mass", "dunlin, stiff, shell.springBack", "chamois, tandem, torsion.front",
            "chamois, tandem, gear.parallel", "chamois, top, shell.lift.height"})
    void aVariantHasWhatItsPlanLacks(String demo, String id, String figure) {
        assertThat(figures(variant(demo, "plan"))).doesNotContain(figure);
        assertThat(figures(variant(demo, id))).contains(figure);
    }

    /// Nothing that is worked out of them fails, and nothing overlaps or stands through the shell that does not in the plan.
    @Test
    void noVariantIsCarelesslyDrawn() {
        for (String key : List.of("nightjar", "dunlin", "chamois")) {
            Set<String> planned = said(variant(key, "plan"));
            for (Variant v : Campers.demo(key).orElseThrow().variants()) {
                assertThat(said(v.design())).as(key + " " + v.id()).isSubsetOf(planned);
            }
        }
    }

    private static Set<String> said(Design d) {
        return Analysis.of(d).findings().stream().map(f -> f.id()).filter(id -> id.startsWith("layout.overlap")
                || id.startsWith("layout.outside") || id.startsWith("analysis.")).collect(Collectors.toSet());
    }

    @Test
    void allAreTheVariantsOfAll() {
        assertThat(Campers.all()).hasSize(7).contains(variant("chamois", "top"), variant("nightjar", "plan"));
    }
}
