package lectulum.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.Growth;
import lectulum.assumed.Labour;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.Shell;
import lectulum.design.brief.Ability;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Effort;
import lectulum.design.brief.Headroom;
import lectulum.design.brief.Kept;
import lectulum.design.brief.Person;
import lectulum.design.brief.SecondUse;
import lectulum.design.brief.Season;
import lectulum.design.brief.Skill;
import lectulum.design.brief.Terrain;
import lectulum.design.brief.Travel;
import lectulum.design.brief.Wish;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.units.Style;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class NeedsTest {
    private static final Design START = Campers.start(CamperType.CARGO, "x").design();

    private static Demand demand(Design d, String id) {
        return Analysis.of(d).of(Demands.DISCIPLINE).all().stream().filter(x -> x.id().equals(id)).findFirst()
                .orElseThrow(() -> new AssertionError("no demand " + id));
    }

    private static String has(Demand d) {
        return d.says().text(Style.PLAIN).replace('\u00a0', ' ');
    }

    private static List<String> findings(Design d) {
        return Analysis.of(d).findings().stream().map(Finding::id).toList();
    }

    @Nested
    class Children {
        /// The table's medians: ten years 1.38 m, fifteen 1.65 m. A child of 1.45 m at ten is taller than most and stays so.
        @Test
        void growByTheTableAndKeepTheirPlaceInIt() {
            Person child = Briefs.child(1, 1.45, 35, 10);

            assertThat(Growth.stature(child, 5, 5)).isEqualTo(1.45 * 1.65 / 1.38, within(1e-9));
            assertThat(Growth.stature(child, 0, 5)).isEqualTo(1.45, within(1e-9));
        }

        @Test
        void growAsWasSaidInPlaceOfTheTable() {
            Person child = new Person("c", "C", 1.38, 32, OptionalDouble.of(10), OptionalDouble.of(1.80));

            assertThat(Growth.stature(child, 6, 6)).isEqualTo(1.80);
            assertThat(Growth.stature(child, 2, 6)).isEqualTo(1.38 * 1.50 / 1.38, within(1e-9));
        }

        @ParameterizedTest
        @CsvSource({"30, 20", "19, 5", "18, 10"})
        void adultsStayAsTheyAre(double age, double years) {
            Person adult = Briefs.child(1, 1.75, 70, age);

            assertThat(Growth.stature(adult, years, 99)).isEqualTo(1.75, within(1e-9));
        }

        @Test
        void neverShrink() {
            Person tall = Briefs.child(1, 1.40, 40, 4);
            double last = 0;
            for (double years = 0; years < 16; years += 0.5) {
                double now = Growth.stature(tall, years, 99);
                assertThat(now).isGreaterThanOrEqualTo(last);
                last = now;
            }
        }

        @Test
        void whoWillBeTallerByOwnWordOutgrowsTheBedInTheYearsOfUse() {
            Design d = START.with(START.brief()
                    .withPeople(List.of(new Person("k", "Kit", 1.70, 60, OptionalDouble.empty(),
                            OptionalDouble.of(1.95))))
                    .withTravel(Travel.USUAL.withYears(3)));

            assertThat(findings(d)).contains("sleep.growth.k");
            assertThat(findings(START.with(START.brief().withPeople(List.of(new Person("k", "Kit", 1.70, 60))))))
                    .doesNotContain("sleep.growth.k");
        }
    }

    @Nested
    class Heights {
        @Test
        void standingIsHeldAgainstTheTallestAndTheRoof() {
            // Inside 1.97 − 0.04 = 1.93 m; 1.90 m tall needs 1.95 m.
            Design tall = START.with(START.brief().withPeople(List.of(Briefs.adult(1, 1.90, 80)))
                    .withHeadroom(Headroom.STANDING));

            assertThat(demand(tall, "stand").met()).isFalse();
            assertThat(has(demand(tall, "stand"))).isEqualTo("20 mm too low to stand");
            assertThat(findings(tall)).contains("brief.stand");
            Design fits = START.with(tall.brief().withPeople(List.of(Briefs.adult(1, 1.88, 80))));
            assertThat(demand(fits, "stand").met()).isTrue();
            assertThat(findings(fits)).doesNotContain("brief.stand");
        }

        @Test
        void lyingAsksNothingOfTheRoof() {
            Design d = START.with(START.brief().withHeadroom(Headroom.LYING));

            assertThat(Analysis.of(d).of(Demands.DISCIPLINE).all()).noneMatch(x -> x.id().equals("stand")
                    || x.id().equals("sit"));
        }

        /// Over all 0.54 + 1.89 and the fan of 0.13: 2.56 m; unloaded 0.03 more; 0.05 stays free.
        @Test
        void theDoorIsHeldAgainstTheHeightUnloaded() {
            Design low = START.with(START.brief().withKept(new Kept(OptionalDouble.of(2.62), null, null, null)));
            Design high = START.with(START.brief().withKept(new Kept(OptionalDouble.of(2.64), null, null, null)));

            assertThat(demand(low, "door").met()).isFalse();
            assertThat(has(demand(low, "door"))).isEqualTo("20 mm too high for the door");
            assertThat(findings(low)).contains("out.limit.garage");
            assertThat(demand(high, "door").met()).isTrue();
            assertThat(findings(high)).doesNotContain("out.limit.garage");
        }

        @ParameterizedTest
        @CsvSource({"1.70, 3.20, out.limit.door", "3.00, 3.20, out.limit.deep"})
        void widthAndLengthAreHeldAgainstThePlace(double width, double length, String rule) {
            Design d = START.with(START.brief().withKept(
                    new Kept(null, OptionalDouble.of(width), OptionalDouble.of(length), OptionalDouble.of(2.4))));

            assertThat(findings(d)).contains(rule, "out.limit.branch");
        }

        /// Floor at 0.54, 0.035 thick, a tank 0.24 below the floor's top: 0.30 m.
        @ParameterizedTest
        @EnumSource(Terrain.class)
        void clearanceIsThatOfTheLowestPart(Terrain terrain) {
            Design d = START.with(START.brief().withTravel(Travel.USUAL.withTerrain(terrain)));

            assertThat(demand(d, "ground").met()).isEqualTo(terrain.clearance() <= 0.30);
        }
    }

    @Nested
    class Others {
        /// 0.75 + 0.10 by 0.85 · 0.60 + 0.10: 0.85 by 0.61 m. The aisle beside the bed is 0.43 m wide, the floor before it
        /// 0.59 m long: no place; a small dog has one.
        @Test
        void aDogNeedsFloorAtNight() {
            Design large = START.with(START.brief().withDogs(List.of(new Dog("d", "Rolf", 0.75, 0.60, 30))));
            Design small = START.with(START.brief().withDogs(List.of(new Dog("d", "Pip", 0.35, 0.30, 6))));

            assertThat(demand(large, "dog.d").met()).isFalse();
            assertThat(findings(large)).contains("brief.dog.d");
            assertThat(demand(small, "dog.d").met()).isTrue();
        }

        @Test
        void aSecondUseAsksForFloorPayloadAndRings() {
            Design d = START.with(START.brief().withUses(List.of(SecondUse.Kind.HAULING.usual())));

            assertThat(findings(d)).contains("brief.floor.hauling", "brief.anchors.hauling");
            Design light = START.with(START.brief().withUses(List.of(
                    new SecondUse(SecondUse.Kind.HAULING, 0.4, 0.4, 10, 0))));
            assertThat(findings(light)).noneMatch(id -> id.startsWith("brief.floor") || id.startsWith("brief.anchors"));
        }

        @Test
        void mustAndNotAreHeldAgainstTheThings() {
            Design d = START.with(START.brief().with(Ability.SHOWER, Wish.MUST).with(Ability.COLD_FOOD, Wish.NOT)
                    .with(Ability.COOK_INSIDE, Wish.MUST));

            assertThat(findings(d)).contains("brief.must.shower", "brief.not.cold-food")
                    .doesNotContain("brief.must.cook-inside");
        }

        @Test
        void coldAndHotNightsAskForHeatAndAir() {
            Design d = START.with(START.brief().withTravel(
                    Travel.USUAL.withColdest(OptionalDouble.of(-5)).withHottest(OptionalDouble.of(30))));

            assertThat(findings(d)).contains("brief.cold").doesNotContain("brief.hot");
            Design warm = d.with(d.brief().withTravel(Travel.USUAL.withColdest(OptionalDouble.of(12))));
            assertThat(findings(warm)).doesNotContain("brief.cold");
        }

        @Test
        void nobodyIsSaidAndAsksNothingOfBeds() {
            Design d = START.with(START.brief().withPeople(List.of()));

            assertThat(findings(d)).contains("brief.nobody");
            assertThat(Analysis.of(d).of(Demands.DISCIPLINE).all()).noneMatch(x -> x.id().equals("beds"));
        }

        @Test
        void anOpenTrayHasNoInsideToStandIn() {
            Design d = START.with(START.base().with(new Shell.Tray(3, 1.7, 0.5))).with(START.brief()
                    .withHeadroom(Headroom.STANDING));

            assertThat(has(demand(d, "stand"))).isEqualTo("no inside to stand in");
        }

        @Test
        void monthsAreTheLargerOfTimeAndMoney() {
            double weekly = 8 * 3600;
            double months = Math.ceil(2 * Demands.hours(START) / weekly / 4.348) / 2;
            assertThat(value(START, "brief.months")).isEqualTo(months);

            Design poor = START.with(START.brief().withEffort(new Effort(OptionalDouble.of(100), weekly, List.of())));
            double still = value(poor, "money.forecast") - value(poor, "money.paid");
            assertThat(value(poor, "brief.months")).isEqualTo(Math.ceil(2 * still / 100) / 2);
            assertThat(findings(poor)).contains("brief.months");
        }
    }

    private static double value(Design d, String id) {
        return Analysis.of(d).figures().find(id).orElseThrow().value().orElseThrow();
    }

    @Test
    void aTradeThatIsNotKnownTakesLonger() {
        var galley = Catalogue.shipped().find("galley-block-small").orElseThrow();
        Effort none = new Effort(OptionalDouble.empty(), 3600, List.of());

        assertThat(Labour.of(galley).by(none.with(Skill.WOOD, true))).isEqualTo(22 * 3600.0);
        assertThat(Labour.of(galley).by(none)).isEqualTo(22 * 3600 * 1.6, within(1e-6));
        assertThat(Labour.of(Catalogue.shipped().find("clothes-bag").orElseThrow()).by(none)).isZero();
    }

    @Nested
    class OfSeasons {
        private final Design d = Campers.start(CamperType.CARGO, "x").design();

        private Design travelled(double latitude, int month, Season... seasons) {
            return d.with(d.brief().withLatitude(latitude).withMonth(month)
                    .withTravel(d.brief().travel().withSeasons(List.of(seasons))));
        }

        private List<Finding> said(Design of) {
            return Analysis.of(of).findings().stream().filter(f -> f.id().equals("brief.season")).toList();
        }

        @Test
        void areHalfAYearAwayInTheSouth() {
            assertThat(Season.WINTER.months(50)).containsExactly(12, 1, 2);
            assertThat(Season.WINTER.months(-35)).containsExactly(6, 7, 8);
            assertThat(Season.AUTUMN.months(-35)).containsExactly(3, 4, 5);
        }

        @Test
        void noneIsNoDemand() {
            assertThat(said(travelled(50, 6))).isEmpty();
            assertThat(Analysis.of(travelled(50, 6)).of(Demands.DISCIPLINE).all())
                    .noneMatch(x -> x.id().equals("season"));
        }

        /// December is the darkest month of the northern winter, June of the southern.
        @ParameterizedTest
        @CsvSource({"50, 6, December", "-35, 1, June"})
        void theDarkestMonthIsNamedAndCanBeTaken(double latitude, int month, String darkest) {
            Design of = travelled(latitude, month, Season.SUMMER, Season.WINTER);
            List<Finding> said = said(of);

            assertThat(said).hasSize(1);
            assertThat(said.getFirst().title().text(Style.PLAIN)).contains(darkest);
            Remedy remedy = Remedies.of(Analysis.of(of), said.getFirst()).getFirst();
            Design mended = remedy.edit().apply(of);
            assertThat(said(mended)).isEmpty();
            assertThat(mended.brief().month()).isEqualTo(darkest.equals("June") ? 6 : 12);
        }

        /// North of the polar circle the sun gives nothing in December; whatever is darker than nothing is not another month.
        @Test
        void thePolarNightIsAMonthLikeOthers() {
            assertThat(said(travelled(72, 12, Season.WINTER))).isEmpty();
            assertThat(said(travelled(72, 6, Season.WINTER))).hasSize(1);
        }
    }
}
