package lectulum.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import lectulum.analysis.Analysis;
import lectulum.analysis.Proposals;
import lectulum.analysis.Proposals.Proposal;
import lectulum.brief.draft.Taste;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProposalsTest {
    private static Proposal propose(Design brief, Taste taste) {
        return Proposals.of(brief, taste, 1, () -> false, p -> {
        });
    }

    /// The brief of the three starting campers is the same couple for two nights.
    @ParameterizedTest
    @EnumSource(value = Taste.class, names = {"LIGHT", "CHEAP", "COMFORTABLE"})
    void anAnswerBeatsOrEqualsTheShippedStartsInItsOwnMeasure(Taste taste) {
        Design brief = Campers.start(CamperType.TEARDROP, "x").design();

        Proposal answer = propose(brief, taste);

        Measure m = Proposals.measure(taste);
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

        assertThat(propose(brief, Taste.LIGHT).drawn().design())
                .isEqualTo(propose(brief, Taste.LIGHT).drawn().design());
    }

    /// The search only ever keeps what is better.
    @Test
    void theBestSoFarGetsNoWorse() {
        List<Integer> stops = new ArrayList<>();
        List<Double> parts = new ArrayList<>();

        Proposals.of(Briefs.all().get("a small car and a low garage"), Taste.LIGHT, 7, () -> false, p -> {
            stops.add(p.best().drawn().stops().size());
            parts.add(p.part());
        });

        for (int i = 1; i < stops.size(); i++) {
            assertThat(stops.get(i)).isLessThanOrEqualTo(stops.get(i - 1));
            assertThat(parts.get(i)).isBetween(parts.get(i - 1), 1.0);
        }
    }

    @Test
    void stoppedItGivesTheBestByThen() {
        AtomicInteger told = new AtomicInteger();

        Proposal answer = Proposals.of(Briefs.all().get("six adults"), Taste.CHEAP, 1, () -> told.get() >= 3,
                p -> told.incrementAndGet());

        assertThat(told.get()).isBetween(3, 5);
        assertThat(answer.drawn().design().things()).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"nobody", "a budget of one"})
    void whatCannotBeMetIsSaid(String brief) {
        Proposal answer = propose(Briefs.all().get(brief), Taste.COMFORTABLE);

        if (brief.equals("nobody")) {
            assertThat(answer.lacks()).isEmpty();
        } else {
            assertThat(answer.lacks()).isNotEmpty();
            assertThat(answer.lacks()).allSatisfy(l -> assertThat(l.text(Style.PLAIN)).isNotBlank());
        }
    }

    @Test
    void aLowGarageAndStandingHeightExcludeEachOtherByWhatLacks() {
        AtomicInteger told = new AtomicInteger();

        Proposal answer = Proposals.of(Briefs.all().get("a small car and a low garage"), Taste.LIGHT, 1,
                () -> told.get() >= 2, p -> told.incrementAndGet());

        // 1.87 m inside over 0.18 m of ground, 0.10 m of frame and 0.02 m of floor, 0.03 m of roof, 0.03 m of springs and
        // 0.05 m under the door: 2.28 m under a door of 2.00 m.
        assertThat(answer.lacks().getFirst().text(Style.PLAIN).replace('\u00a0', ' '))
                .contains("2.280 m under a door of 2.000 m")
                .contains("280 mm lacks").contains("lifting roof");
    }
}
