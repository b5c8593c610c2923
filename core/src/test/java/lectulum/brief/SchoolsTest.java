package lectulum.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.analysis.Schools;
import lectulum.analysis.Schools.Compared;
import lectulum.analysis.Schools.Weighed;
import lectulum.base.BaseWork;
import lectulum.brief.draft.Concept;
import lectulum.brief.draft.Drafts;
import lectulum.brief.draft.Plan;
import lectulum.brief.draft.Rolling;
import lectulum.brief.draft.Taste;
import lectulum.brief.schools.Question;
import lectulum.brief.schools.Way;
import lectulum.brief.schools.Ways;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Shell;
import lectulum.design.brief.CamperType;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Severity;
import lectulum.kernel.bodies.Needs;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What builders differ about: the ways of each question, and what each changes.
class SchoolsTest {
    private static final Design CARGO = Campers.start(CamperType.CARGO, "x").design();

    static Stream<Design> campers() {
        return Stream.concat(
                Stream.of("nightjar", "dunlin", "chamois").map(n -> Campers.demo(n).orElseThrow().design()),
                Stream.of(CamperType.values()).map(t -> Campers.start(t, "x").design()));
    }

    private static Way way(Design d, Question question, String id) {
        return Ways.of(d, question).stream().filter(w -> w.id().equals(id)).findFirst().orElseThrow();
    }

    private static Design taken(Design d, Question question, String id) {
        return way(d, question, id).edit().orElseThrow().apply(d);
    }

    @Nested
    class EveryQuestion {
        @ParameterizedTest
        @MethodSource("lectulum.brief.SchoolsTest#campers")
        void hasOneWayThatIsDrawnAndOthersThatAreNot(Design d) {
            for (Question q : Question.values()) {
                List<Way> ways = Ways.of(d, q);

                assertThat(ways).as(q.label()).hasSizeBetween(2, 4);
                assertThat(ways.stream().filter(Way::now)).as(q.label()).hasSize(1);
                assertThat(ways.stream().map(Way::id)).doesNotHaveDuplicates();
                assertThat(ways).allSatisfy(w -> assertThat(w.now() || w.edit().isPresent() || !w.lacks().isEmpty())
                        .as(w.label()).isTrue());
            }
        }

        /// Taken, a way is the one that is drawn.
        @ParameterizedTest
        @MethodSource("lectulum.brief.SchoolsTest#campers")
        void isAnsweredByTheWayThatIsTaken(Design d) {
            for (Question q : Question.values()) {
                if (q == Question.TONGUE) {
                    continue;
                }
                for (Way w : Ways.of(d, q)) {
                    w.edit().ifPresent(e -> assertThat(way(e.apply(d), q, w.id()).now())
                            .as(q.label() + ": " + w.label()).isTrue());
                }
            }
        }

        @Test
        void ofWallsDoesNotAriseInAnOpenTray() {
            Design tray = Drafts.draw(CARGO, Concept.LOW_TRAY, Plan.of(Taste.USUAL));

            for (Question q : List.of(Question.HEIGHT, Question.WINDOWS, Question.INSULATION)) {
                assertThat(Ways.of(tray, q)).as(q.label()).isEmpty();
            }
            assertThat(Ways.of(CARGO.with(CARGO.brief().withPeople(List.of())), Question.HEIGHT))
                    .as("nobody stands").isEmpty();
        }
    }

    @Nested
    class TheTrailer {
        @Test
        void standsAsHighAsTheTallestNeeds() {
            double standing = new Needs(CARGO.brief().tallest()).standing();

            for (String way : List.of("stand", "lift")) {
                Design d = way(CARGO, Question.HEIGHT, way).edit().map(e -> e.apply(CARGO)).orElse(CARGO);
                assertThat(Measure.INSIDE.of(Analysis.of(d))).as(way).isGreaterThanOrEqualTo(standing - 1e-9);
            }
        }

        /// The roof stays as low over the road, whatever it does in camp.
        @Test
        void aRoofThatLiftsIsNoHigherOnTheRoad() {
            Design low = taken(CARGO, Question.HEIGHT, way(CARGO, Question.HEIGHT, "low").now() ? "stand" : "low");
            Design lift = taken(low, Question.HEIGHT, "lift");

            assertThat(lift.base().shell().height()).isLessThanOrEqualTo(low.base().shell().height() + 1e-9);
            assertThat(lift.base().empty().mass()).isGreaterThan(0);
        }

        /// 0.3 m more in front of the axle: the same moment about it on a longer lever, T' = T L/(L + 0.3).
        @Test
        void aLongerTongueCarriesLess() {
            Analysis before = Analysis.of(CARGO);
            Analysis after = Analysis.of(taken(CARGO, Question.TONGUE, "long"));
            double lever = CARGO.base().ballToMiddle();

            assertThat(Measure.TONGUE.of(after))
                    .isCloseTo(Measure.TONGUE.of(before) * lever / (lever + 0.3), within(1e-6));
            assertThat(Measure.LENGTH.of(after) - Measure.LENGTH.of(before)).isCloseTo(0.3, within(1e-9));
        }

        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin"})
        void aSecondAxleWeighsWhatItWeighsAndNoMoreOnTheBall(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            Design two = taken(d, Question.AXLES, "two");

            assertThat(two.base().axle().count()).isEqualTo(2);
            assertThat(two.base().empty().mass() - d.base().empty().mass())
                    .isCloseTo(Rolling.SECOND_MASS, within(1e-9));
            assertThat(Measure.TONGUE.of(Analysis.of(two))).isCloseTo(Measure.TONGUE.of(Analysis.of(d)), within(0.5));
            assertThat(two.base().rating(Rating.AXLE).orElse(0)).isEqualTo(2 * d.base().rating(Rating.AXLE).orElse(0));
            Design one = taken(two, Question.AXLES, "one");
            assertThat(one.base().empty().mass()).isCloseTo(d.base().empty().mass(), within(1e-9));
            assertThat(one.base().cost().forecast()).isCloseTo(d.base().cost().forecast(), within(1e-9));
        }

        @Test
        void ballLoadByASchoolIsInTheBandOfTheSchool() {
            Design europe = taken(CARGO, Question.BAND, "europe");

            assertThat(europe.brief().tongueHigh()).isEqualTo(0.07);
            assertThat(Measure.TONGUE.of(Analysis.of(europe)) / Measure.MASS.of(Analysis.of(europe)))
                    .isBetween(0.03, 0.08);
        }
    }

    @Nested
    class WorkOnTheBase {
        /// 100 kg over the axle of a base of 300 kg centred 1 m before it.
        @Test
        void movesTheCentreByItsMoment() {
            EmptyMass.Entered empty = new EmptyMass.Entered(300, 1.0, 0.4, 2.0,
                    lectulum.design.thing.MassSource.CATALOGUE);
            Design d = CARGO.with(CARGO.base().with(empty));

            EmptyMass after = new BaseWork(100, 2.0, 0.0, 0, 0).on(d).base().empty();

            assertThat(after.mass()).isEqualTo(400);
            assertThat(((EmptyMass.Entered) after).x()).isCloseTo(1.25, within(1e-12));
            assertThat(after.z()).isCloseTo(0.3, within(1e-12));
        }

        /// Over the axle nothing comes on the coupler; at the front of the body, a lever of 2.0 of 3.5 m does.
        @Test
        void isSharedByTheReadingsOfAScale() {
            Design d = CARGO.with(CARGO.base().withTongueLength(1.5).with(new EmptyMass.Weighed(50, 350, 0.4, 2.0)));

            EmptyMass.Weighed over = (EmptyMass.Weighed) new BaseWork(70, 2.0, 0, 0, 0).on(d).base().empty();
            EmptyMass.Weighed front = (EmptyMass.Weighed) new BaseWork(70, 0.0, 0, 0, 0).on(d).base().empty();

            assertThat(over.tongue()).isEqualTo(50);
            assertThat(over.axle()).isEqualTo(420);
            assertThat(front.tongue()).isCloseTo(90, within(1e-9));
            assertThat(front.axle()).isCloseTo(380, within(1e-9));
        }

        @Test
        void neverCostsOrTakesLessThanNothing() {
            Design less = new BaseWork(-1e6, 0, 0, -1e6, -1e9).on(CARGO);

            assertThat(less.base().empty()).isEqualTo(CARGO.base().empty());
            assertThat(less.base().cost().forecast()).isZero();
            assertThat(Analysis.of(less).findings()).isNotNull();
        }
    }

    @Nested
    class Compare {
        private final Design nightjar = Campers.demo("nightjar").orElseThrow().design();
        private final Analysis analysis = Analysis.of(nightjar);

        /// Measured on the fly is the same as from a fresh analysis of what would be taken.
        @ParameterizedTest
        @EnumSource(value = Question.class, names = {"HEIGHT", "BRAKES", "COLD", "POWER"})
        void measuresWhatAFreshAnalysisMeasures(Question question) {
            Compared c = Schools.compared(analysis, question).orElseThrow();

            for (Weighed w : c.ways()) {
                if (w.possible()) {
                    Design d = w.way().edit().map(e -> e.apply(nightjar)).orElse(nightjar);
                    Analysis fresh = Analysis.of(d);
                    for (Measure m : Measure.values()) {
                        assertThat(w.measures().get(m)).as(w.way().label() + ", " + m.label()).isEqualTo(m.of(fresh));
                    }
                }
            }
        }

        @Test
        void whatItRaisesTheCamperHasNot() {
            Weighed without = Schools.compared(analysis, Question.BRAKES).orElseThrow().ways().getFirst();

            assertThat(without.raised()).anyMatch(f -> f.id().equals("brakes.needed") && f.severity() == Severity.STOP);
            assertThat(without.raised())
                    .noneMatch(f -> analysis.findings().stream().anyMatch(o -> o.id().equals(f.id())));
        }

        @Test
        void stopsWhenNothingMoreIsWanted() {
            List<Compared> told = new java.util.ArrayList<>();

            List<Compared> all = Schools.of(analysis, () -> told.size() >= 2, told::add);

            assertThat(all).isEqualTo(told).hasSize(2);
        }

        /// In a camper in which all is nonsense.
        @Test
        void neverThrows() {
            Design odd = CARGO.with(CARGO.base().with(new Shell.Box(0.01, 0.01, 0.01))
                    .with(CARGO.base().axle().withMass(0)));

            assertThat(Schools.of(Analysis.of(odd), () -> false, c -> {
            })).isNotEmpty();
        }
    }
}
