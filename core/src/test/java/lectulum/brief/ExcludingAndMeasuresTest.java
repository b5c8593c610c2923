package lectulum.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.balance.Balance;
import lectulum.balance.Limit;
import lectulum.brief.draft.Concept;
import lectulum.brief.draft.Drafts;
import lectulum.brief.draft.Plan;
import lectulum.brief.draft.Taste;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Headroom;
import lectulum.design.brief.Kept;
import lectulum.design.brief.Person;
import lectulum.design.brief.Terrain;
import lectulum.design.brief.Travel;
import lectulum.design.vehicle.Rating;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import lectulum.units.Units;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ExcludingAndMeasuresTest {
    private static final Design START = Campers.start(CamperType.CARGO, "x").design();

    private static Design kept(double height, double length) {
        return START.with(START.brief().withKept(new Kept(height > 0 ? OptionalDouble.of(height) : null, null,
                length > 0 ? OptionalDouble.of(length) : null, null)));
    }

    private static List<String> excluded(Design d) {
        return Excluding.of(d).stream().map(Excluding::id).toList();
    }

    @Nested
    class Exclusions {
        /// 1.75 m needs 1.80 m inside; over 0.18 + 0.10 + 0.02 m, with 0.03 m of roof, 0.03 m of springs and 0.05 m of air it
        /// is 2.21 m.
        @ParameterizedTest
        @CsvSource({"2.20, true", "2.22, false", "2.00, true", "3.00, false"})
        void standingAndADoorExcludeEachOtherBelowTheStack(double door, boolean excludes) {
            Design d = kept(door, 0);
            Design stands = d.with(d.brief().withHeadroom(Headroom.STANDING));

            assertThat(excluded(stands).contains("stand-door")).isEqualTo(excludes);
            assertThat(excluded(d)).as("sitting asks for less").doesNotContain("stand-door");
        }

        @Test
        void whatLacksIsTheDifference() {
            Design d = kept(2.0, 0);
            Excluding e = Excluding.of(d.with(d.brief().withHeadroom(Headroom.STANDING))).getFirst();

            assertThat(e.lack()).isEqualTo(0.21, within(1e-9));
        }

        /// A track wants 0.14 m more under it than a road.
        @Test
        void roughGroundTakesHeightFromTheDoor() {
            Design d = kept(2.3, 0);
            Design stands = d.with(d.brief().withHeadroom(Headroom.STANDING));
            Design rough = stands.with(stands.brief().withTravel(Travel.USUAL.withTerrain(Terrain.TRACK)));

            assertThat(excluded(stands)).isEmpty();
            assertThat(excluded(rough)).containsExactly("stand-door");
        }

        @ParameterizedTest
        @CsvSource({"4, 3.49, true", "4, 3.51, false", "5, 4.79, true", "5, 4.81, false"})
        void sleepersAndAShortPlaceExcludeEachOther(int people, double place, boolean excludes) {
            List<Person> many = new ArrayList<>();
            for (int i = 0; i < people; i++) {
                many.add(Briefs.adult(i, 1.75, 75));
            }
            Design d = kept(0, place);

            assertThat(excluded(d.with(d.brief().withPeople(many))).contains("sleepers-place")).isEqualTo(excludes);
        }

        @Test
        void nobodyIsExcludedFromNothing() {
            Design d = kept(0.6, 1.0);

            assertThat(excluded(d.with(d.brief().withPeople(List.of()).withHeadroom(Headroom.STANDING)))).isEmpty();
        }

        @Test
        void whatExcludesIsAFindingOfTheBrief() {
            Design d = kept(2.0, 0);
            Design stands = d.with(d.brief().withHeadroom(Headroom.STANDING));

            assertThat(Analysis.of(stands).findings()).anyMatch(f -> f.id().equals("brief.excludes.stand-door"));
            assertThat(Analysis.of(d).findings()).noneMatch(f -> f.id().startsWith("brief.excludes"));
        }
    }

    static Stream<String> briefs() {
        return Stream.of("a usual couple", "a family behind 100 kg of tongue", "a week in the boreal winter");
    }

    @Nested
    class Measures {
        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void eachIsTheFigureThatOtherPagesShow(String demo) {
            Analysis a = Analysis.of(Campers.demo(demo).orElseThrow().design());

            assertThat(Measure.COST.of(a)).isEqualTo(value(a, "money.forecast"));
            assertThat(Measure.OVER.of(a)).isEqualTo(value(a, "outside.height"));
            assertThat(Measure.MASS.of(a)).isEqualTo(value(a, "balance.departure.mass"));
            assertThat(Measure.TONGUE.of(a)).isEqualTo(value(a, "balance.departure.tongue"));
            assertThat(Measure.BERTHS.of(a)).isEqualTo(value(a, "layout.sleep.honest"));
            assertThat(Measure.LAYOUT.of(a)).isEqualTo(value(a, "layout.score"));
            assertThat(Measure.NIGHTS.of(a))
                    .isEqualTo(Math.min(value(a, "power.nights"), value(a, "water.days")));
            assertThat(Measure.SETUP.of(a)).isEqualTo(value(a, "layout.change.road-camp.minutes")
                    + value(a, "layout.change.camp-night.minutes"));
        }

        /// The tightest limit of the vehicle, found a second way.
        @Test
        void whatIsLeftOfTheTowLimitIsOfTheTightest() {
            Analysis a = Analysis.of(Campers.demo("nightjar").orElseThrow().design());
            Limit tightest = null;
            for (Limit l : a.of(Balance.DISCIPLINE).state(LoadCase.DEPARTURE.id()).orElseThrow().limits()) {
                if (!l.rating().trailer() && (tightest == null || l.margin() < tightest.margin())) {
                    tightest = l;
                }
            }

            assertThat(Measure.TOW.of(a)).isEqualTo(tightest.left());
            Analysis unknown = Analysis.of(START);
            assertThat(Measure.TOW.of(unknown)).as("no rating of the vehicle is known").isNaN();
        }

        @Test
        void anEstimateIsShownWithNoMoreDigitsThanItHas() {
            assertThat(Measure.COST.shown(6713)).isEqualTo(6700);
            assertThat(Measure.HOURS.shown(118 * Units.HOUR)).isEqualTo(120 * Units.HOUR, within(1e-6));
            assertThat(Measure.FUEL.shown(0.1234)).isEqualTo(0.125, within(1e-9));
            assertThat(Measure.MASS.shown(604.2)).isEqualTo(604.2);
            assertThat(Measure.SETUP.text(0, Style.PLAIN)).isEqualTo("0\u00a0min");
            assertThat(Measure.INSIDE.text(Double.NaN, Style.PLAIN)).isEqualTo("–");
            assertThat(Measure.DEMANDS.shown(17 / 18.0)).isEqualTo(0.94);
        }

        /// 5.4 kg is told as 5 kg and as 12 lb (11.9).
        @Test
        void aDifferenceHasItsSignAndWholeUnits() {
            Style us = new Style(UnitSystem.US, "$");

            assertThat(Measure.MASS.difference(600.1, 605.5, Style.PLAIN)).isEqualTo("+5\u00a0kg");
            assertThat(Measure.MASS.difference(605.5, 600.1, us)).isEqualTo("−12\u00a0lb");
            assertThat(Measure.MASS.difference(600, 600.4, Style.PLAIN)).isEqualTo("=");
            assertThat(Measure.COST.difference(5010, 5120, Style.PLAIN)).startsWith("+100");
            assertThat(Measure.INSIDE.difference(Double.NaN, 2, Style.PLAIN)).isEqualTo("–");
        }

        private static double value(Analysis a, String id) {
            return a.figures().find(id).orElseThrow().value().orElseThrow();
        }
    }

    @Nested
    class RunningGear {
        @ParameterizedTest
        @EnumSource(Concept.class)
        void theAxleStandsWhereEveryTripKeepsItsTongue(Concept concept) {
            Design d = Drafts.draw(Briefs.all().get("a usual couple"), concept, Plan.of(Taste.USUAL));

            Analysis.of(d).of(Balance.DISCIPLINE).states().stream().filter(s -> s.trip())
                    .forEach(s -> assertThat(s.share()).as(s.loadCase().name()).isBetween(0.10, 0.15));
        }

        @ParameterizedTest
        @EnumSource(Concept.class)
        void noRatingOfTheTrailerIsExceeded(Concept concept) {
            Design d = Drafts.draw(Briefs.all().get("frost, heat and tracks"), concept, Plan.of(Taste.COMFORTABLE));

            Analysis.of(d).of(Balance.DISCIPLINE).states().stream().flatMap(s -> s.limits().stream())
                    .filter(l -> l.rating().trailer())
                    .forEach(l -> assertThat(l.margin()).as(l.rating().label()).isNotNegative());
        }

        /// Over 750 kg, or over what the vehicle tows without, it has brakes.
        @ParameterizedTest
        @MethodSource("lectulum.brief.ExcludingAndMeasuresTest#briefs")
        void whatIsHeavyIsBraked(String brief) {
            for (Concept concept : Concept.values()) {
                Design d = Drafts.draw(Briefs.all().get(brief), concept, Plan.of(Taste.USUAL));
                double plate = d.base().rating(Rating.GROSS_PLATE).orElseThrow();

                assertThat(Analysis.of(d).findings()).as(concept.label())
                        .noneMatch(f -> f.rule().id().equals("brakes.needed"));
                assertThat(d.base().axle().count()).as(plate + " kg").isEqualTo(plate > 2000 ? 2 : 1);
            }
        }

        @Test
        void aTapedRatingOfTheVehicleIsNotPassedForAPlateThatWouldFit() {
            Design brief = Briefs.all().get("a small car and a low garage");

            for (Concept concept : Concept.values()) {
                Analysis a = Analysis.of(Drafts.draw(brief, concept, Plan.of(Taste.LIGHT)));
                double plate = a.design().base().rating(Rating.GROSS_PLATE).orElseThrow();
                if (Measure.MASS.of(a) * 1.01 < 750) {
                    assertThat(plate).as(concept.label()).isLessThanOrEqualTo(750);
                }
            }
        }
    }
}
