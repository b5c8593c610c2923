package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Every rule of every discipline.
class RulesTest {
    private static List<Rule> all() {
        return Disciplines.ALL.stream().flatMap(d -> d.rules().stream()).distinct().toList();
    }

    @Test
    void eachHasAnIdOfItsOwnAndAsksSomething() {
        assertThat(all()).hasSizeGreaterThan(160);
        assertThat(all()).extracting(Rule::id).doesNotHaveDuplicates().allMatch(id -> id.matches("[a-zA-Z.-]+"));
        assertThat(all()).extracting(Rule::asks).doesNotHaveDuplicates().noneMatch(String::isBlank);
    }

    /// Two findings under one id could not be accepted one by one: no id may be the beginning of another's whole name.
    @Test
    void noIdCanBeTakenForAnotherWithASubject() {
        for (Rule rule : all()) {
            assertThat(all().stream().filter(r -> r != rule).map(Rule::id)
                    .filter(id -> id.startsWith(rule.id() + "."))).as(rule.id()).isEmpty();
        }
    }

    /// What a discipline says, it lists; where it says so is the page its rules name.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void everyDisciplineSaysOnlyWhatItLists(String demo) {
        Random chance = new Random(5);
        Set<Rule> heard = new HashSet<>();
        Design design = Campers.demo(demo).orElseThrow().design();
        for (int i = 0; i < 25; i++) {
            Analysis analysis = Analysis.of(design);
            for (Discipline<?> d : Disciplines.ALL) {
                for (Finding f : analysis.of(d).findings()) {
                    assertThat(d.rules()).as(f.id()).contains(f.rule());
                    heard.add(f.rule());
                }
            }
            assertThat(analysis.findings()).extracting(Finding::id).doesNotHaveDuplicates();
            design = thrown(design, chance);
        }
        assertThat(heard).hasSizeGreaterThan(15);
    }

    private static Design thrown(Design design, Random chance) {
        List<Thing> things = new ArrayList<>(design.things());
        Thing t = things.get(chance.nextInt(things.size()));
        double dx = chance.nextGaussian();
        double dy = 0.4 * chance.nextGaussian();
        return design.mapping(t.id(), x -> x.with(x.place().moved(dx, dy, 0.1 * chance.nextGaussian())));
    }

    /// A check that nobody ever heard may as well be broken.
    @Test
    void eachIsHeardInADemonstrationOrNamedInATest() throws IOException {
        Set<Rule> heard = new HashSet<>();
        Campers.all().forEach(d -> Analysis.of(d).findings().forEach(f -> heard.add(f.rule())));
        String tests;
        try (Stream<Path> files = Files.walk(Path.of("src/test/java"))) {
            tests = files.filter(f -> f.toString().endsWith("Test.java")).map(RulesTest::text)
                    .collect(Collectors.joining());
        }

        assertThat(all()).filteredOn(r -> !heard.contains(r)).isNotEmpty().allSatisfy(r -> assertThat(
                Stream.of("\"" + r.id() + "\"", "\"" + r.id() + ".", r.getClass().getSimpleName() + "." + r)
                        .filter(tests::contains))
                .as(r.id()).isNotEmpty());
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// Where no change of the plan is ever offered it is said what is done instead; what is said so brings no remedy.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void whatNothingIsOfferedForSaysWhatIsDoneInstead(String demo) {
        Analysis analysis = Analysis.of(Campers.demo(demo).orElseThrow().design());

        for (Finding f : analysis.findings()) {
            boolean tried = Disciplines.ALL.stream().anyMatch(d -> d.remedies(analysis, f).findAny().isPresent());
            assertThat(f.rule().byHand().isPresent()).as(f.id()).isNotEqualTo(tried);
            assertThat(f.rule().unmended()).endsWith(".");
        }
        assertThat(all()).flatExtracting(r -> r.byHand().stream().toList()).hasSizeGreaterThan(60)
                .allMatch(why -> why.endsWith("."));
    }

    /// Ids are what files and reports keep: each finding is called by its rule and what it is about.
    @Test
    void anIdNamesTheRuleAndWhatItIsAbout() {
        Analysis analysis = Analysis.of(Campers.demo("nightjar").orElseThrow().design());

        assertThat(analysis.findings()).isNotEmpty().allSatisfy(f -> assertThat(f.id())
                .isEqualTo(f.about().key().isEmpty() ? f.rule().id() : f.rule().id() + "." + f.about().key()));
        assertThat(analysis.findings()).allMatch(f -> f.stage() == f.rule().stage());
    }

    /// What is shown where a discipline failed, or has not been worked out yet, says nothing and never throws.
    @Test
    void whatCouldNotBeWorkedOutSaysNothing() {
        assertThat(Disciplines.ALL).allSatisfy(d -> {
            assertThat(d.nothing().figures().all()).as(d.id()).isEmpty();
            assertThat(d.nothing().findings()).as(d.id()).isEmpty();
        });
    }
}
