package lectulum.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import lectulum.analysis.Analysis;
import lectulum.analysis.Proposals;
import lectulum.analysis.Proposals.Proposal;
import lectulum.brief.draft.Taste;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.units.Style;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProposalsTest {
    /// The answers found till a search was told so often how far it is.
    private static List<Proposal> propose(Design brief, int steps) {
        AtomicInteger told = new AtomicInteger();
        return Proposals.of(brief, 1, () -> told.get() >= steps, p -> told.incrementAndGet());
    }

    /// The brief of the three starting campers is the same couple for two nights.
    @Nested
    @TestInstance(TestInstance.Lifecycle.PER_CLASS)
    class OfTheStarts {
        private final Map<Taste, List<Integer>> stops = new EnumMap<>(Taste.class);
        private final List<Double> parts = new ArrayList<>();
        private final List<Proposal> answers = Proposals.of(Campers.start(CamperType.TEARDROP, "x").design(), 1,
                () -> false, p -> {
                    stops.computeIfAbsent(p.best().taste(), t -> new ArrayList<>())
                            .add(p.best().drawn().stops().size());
                    parts.add(p.part());
                });

        @Test
        void theBestSoFarGetsNoWorse() {
            assertThat(stops).containsOnlyKeys(Proposals.TASTES);
            stops.values().forEach(of -> assertThat(of).isSortedAccordingTo(Comparator.reverseOrder()));
            assertThat(parts).isSorted().allMatch(p -> p > 0 && p <= 1);
        }

        @ParameterizedTest
        @EnumSource(value = Taste.class, names = {"LIGHT", "CHEAP", "COMFORTABLE"})
        void anAnswerBeatsOrEqualsTheShippedStartsInItsOwnMeasure(Taste taste) {
            beatsOrEquals(answers.get(Proposals.TASTES.indexOf(taste)));
        }

        /// All three meet the whole brief, so that nothing but the measure tells them apart.
        @ParameterizedTest
        @EnumSource(value = Taste.class, names = {"LIGHT", "CHEAP"})
        void noOtherAnswerIsBetterByAMeasureThanTheOneNamedAfterIt(Taste taste) {
            Measure m = Proposals.measure(taste);
            double own = answers.get(Proposals.TASTES.indexOf(taste)).value();

            assertThat(answers).allSatisfy(a -> assertThat(a.drawn().unmet()).isEmpty());
            assertThat(answers).allSatisfy(a -> assertThat(own).isLessThanOrEqualTo(
                    m.of(Analysis.of(a.drawn().design())) * 1.05));
        }
    }

    private static void beatsOrEquals(Proposal answer) {
        Measure m = Proposals.measure(answer.taste());
        assertThat(answer.drawn().sound()).isTrue();
        assertThat(answer.lacks()).isEmpty();
        for (CamperType type : CamperType.values()) {
            double start = m.of(Analysis.of(Campers.start(type, "x").design()));
            if (m.more()) {
                assertThat(answer.value()).as(type.label()).isGreaterThanOrEqualTo(start);
            } else {
                assertThat(answer.value()).as(type.label()).isLessThanOrEqualTo(start);
            }
        }
    }

    @Test
    void theSameSeedGivesTheSameAnswer() {
        Design brief = Briefs.all().get("a table for four");

        assertThat(propose(brief, 15).stream().map(p -> p.drawn().design()).toList())
                .isEqualTo(propose(brief, 15).stream().map(p -> p.drawn().design()).toList());
    }

    @Test
    void stoppedItGivesTheBestByThen() {
        AtomicInteger told = new AtomicInteger();

        List<Proposal> answers = Proposals.of(Briefs.all().get("six adults"), 1, () -> told.get() >= 3,
                p -> told.incrementAndGet());

        assertThat(told.get()).isEqualTo(3);
        assertThat(answers).extracting(Proposal::taste).isEqualTo(Proposals.TASTES);
        assertThat(answers).allMatch(a -> !a.drawn().design().things().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"nobody", "a budget of one"})
    void whatCannotBeMetIsSaid(String brief) {
        Proposal answer = propose(Briefs.all().get(brief), 12).getLast();

        if (brief.equals("nobody")) {
            assertThat(answer.lacks()).isEmpty();
        } else {
            assertThat(answer.lacks()).isNotEmpty();
            assertThat(answer.lacks()).allSatisfy(l -> assertThat(l.text(Style.PLAIN)).isNotBlank());
        }
    }

    @Test
    void aLowGarageAndStandingHeightExcludeEachOtherByWhatLacks() {
        Proposal answer = propose(Briefs.all().get("a small car and a low garage"), 2).getFirst();

        // 1.87 m inside over 0.18 m of ground, 0.10 m of frame and 0.02 m of floor, 0.03 m of roof, 0.03 m of springs and
        // 0.05 m under the door: 2.28 m under a door of 2.00 m.
        assertThat(answer.lacks().getFirst().text(Style.PLAIN).replace('\u00a0', ' '))
                .contains("2.280 m under a door of 2.000 m")
                .contains("280 mm lacks").contains("lifting roof");
    }
}
