package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lectulum.Told;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.thing.Fix;
import lectulum.design.vehicle.Rating;
import lectulum.discipline.Study;
import lectulum.figures.Figure;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Everything the checks, figures and studies say reads as a sentence: nothing is left open, nothing is no number.
class SentencesTest {
    /// As in "1 things".
    private static final Pattern ONE_OF_SEVERAL = Pattern.compile("(?<![\\d.,/\u2212\\-\\h])\\b1\\h[a-z]{3,}s\\b");

    static Stream<Design> designs() {
        return Stream.concat(Campers.demos().stream().map(d -> Campers.demo(d.key()).orElseThrow().design()),
                Stream.of(CamperType.values()).map(t -> Campers.start(t, "New").design())).flatMap(SentencesTest::bent);
    }

    /// A camper as it is, and spoiled in ways that make many checks speak.
    private static Stream<Design> bent(Design d) {
        Design overloaded = d.with(d.base().with(Rating.AXLE, OptionalDouble.of(200)).with(Rating.GROSS_PLATE,
                OptionalDouble.of(250)).with(Rating.TYRE, OptionalDouble.of(60)));
        Design light = d.with(d.base().with(d.base().axle().at(d.base().axle().x() - 0.5)));
        Design loose = d.withThings(d.things().stream().map(t -> t.with(Fix.LOOSE)).toList());
        Design fast = d.with(d.settings().with("road.speed", 44).with("tyre.speed", 20).with("tyre.age", 12)
                .with("site.roll", 0.3).with("site.pitch", -0.3).with("bars.length", 0.8).with("coupler.size", 0.06))
                .with(d.vehicle().withBall(0.05));
        Design empty = d.withThings(List.of());
        return Stream.of(d, overloaded, light, loose, fast, empty);
    }

    private static List<Sentence> sentences(Analysis a) {
        List<Sentence> all = new ArrayList<>();
        a.findings().forEach(f -> {
            all.add(f.title());
            all.add(f.detail());
        });
        for (Figure f : a.figures().all()) {
            all.add(f.working().numbers());
            all.addAll(f.working().notes());
            all.add(f.band().says());
        }
        for (Stage stage : Stage.values()) {
            for (Study s : Told.studies(a, stage)) {
                all.addAll(s.notes());
            }
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("designs")
    void everythingThatIsSaidReadsWell(Design d) {
        Analysis a = Analysis.of(d);

        for (UnitSystem system : UnitSystem.values()) {
            Style style = new Style(system, "€");
            for (Sentence s : sentences(a)) {
                assertThat(s.text(style)).as(s.template()).doesNotContainPattern("\\{\\d}").doesNotContain("NaN")
                        .doesNotContain("Infinity").doesNotContain("Optional").doesNotContain("null")
                        .doesNotContain("  ").doesNotContain("..").doesNotContain(" ,")
                        .doesNotContainPattern(ONE_OF_SEVERAL);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("designs")
    void aFindingHasATitleADetailAndAStage(Design d) {
        assertThat(Analysis.of(d).findings()).allSatisfy(f -> {
            assertThat(f.title().text(Style.PLAIN)).isNotBlank().doesNotEndWith(".");
            assertThat(f.detail().text(Style.PLAIN)).isNotBlank().endsWith(".");
            assertThat(f.stage()).isNotNull();
        });
    }

    @ParameterizedTest
    @MethodSource("designs")
    void aFigureIsANumberOrSaysWhyNot(Design d) {
        assertThat(Analysis.of(d).figures().all()).allSatisfy(f -> {
            if (f.value().isPresent()) {
                assertThat(f.value().getAsDouble()).as(f.id()).isFinite();
            } else {
                assertThat(f.reason()).as(f.id()).isNotBlank();
            }
            assertThat(f.label()).isNotBlank();
        });
    }

    @ParameterizedTest
    @MethodSource("designs")
    void noIdStandsTwice(Design d) {
        Analysis a = Analysis.of(d);

        assertThat(a.findings().stream().map(f -> f.id())).doesNotHaveDuplicates();
        assertThat(a.figures().all().stream().map(Figure::id)).doesNotHaveDuplicates();
    }
}
