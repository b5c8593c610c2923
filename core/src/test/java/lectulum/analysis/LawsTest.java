package lectulum.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.build.Task;
import lectulum.build.Tasks;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.Person;
import lectulum.design.envelope.Envelope;
import lectulum.design.purse.Purse;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.works.Job;
import lectulum.design.works.Works;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What must hold of every camper, whatever is in it: sums that scale, losses that only rise with the cold, people who only need more.
class LawsTest {
    private static final double HOUR = 3600;

    private static Design demo(String key) {
        return Campers.demo(key).orElseThrow().design();
    }

    /// A figure before and after a change; only what it rests on is worked out.
    private record Change(Analysis before, Analysis after) {
        static Change of(Design d, UnaryOperator<Design> edit) {
            Analysis before = Analysis.of(d);
            return new Change(before, before.peek(edit.apply(d)));
        }

        double was(String figure) {
            return before.figures().value(figure);
        }

        double is(String figure) {
            return after.figures().value(figure);
        }

        boolean has(String figure) {
            return before.figures().find(figure).filter(f -> f.value().isPresent()).isPresent()
                    && after.figures().find(figure).filter(f -> f.value().isPresent()).isPresent();
        }

        void times(String figure, double factor) {
            assertThat(is(figure)).as(figure).isCloseTo(factor * was(figure),
                    within(1e-6 * (1 + Math.abs(was(figure)))));
        }

        void noLess(String figure) {
            if (has(figure)) {
                assertThat(is(figure)).as(figure)
                        .isGreaterThanOrEqualTo(was(figure) - 1e-9 * (1 + Math.abs(was(figure))));
            }
        }

        void noMore(String figure) {
            if (has(figure)) {
                assertThat(is(figure)).as(figure).isLessThanOrEqualTo(was(figure) + 1e-9 * (1 + Math.abs(was(figure))));
            }
        }

        void same(String figure) {
            if (has(figure)) {
                assertThat(is(figure)).as(figure).isCloseTo(was(figure), within(1e-9 * (1 + Math.abs(was(figure)))));
            }
        }
    }

    private static UnaryOperator<Design> things(UnaryOperator<Thing> change) {
        return d -> d.withThings(d.things().stream().map(change).toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void oneMorePersonNeedsMoreOfEverything(String key) {
        Change c = Change.of(demo(key), d -> {
            List<Person> people = new ArrayList<>(d.brief().people());
            people.add(new Person("guest", "Guest", 1.7, 70));
            return d.with(d.brief().withPeople(people));
        });
        int people = demo(key).brief().people().size();

        // children use less than a grown-up
        if (demo(key).brief().people().stream().allMatch(p -> p.age().isEmpty())) {
            c.times("water.day.use", (people + 1.0) / people);
        }
        assertThat(c.is("water.day.use")).isGreaterThan(c.was("water.day.use"));
        c.noMore("water.fresh.days");
        c.noMore("water.days");
        c.noLess("air.damp.vapour");
        c.noLess("air.damp.humid");
        c.noLess("air.breath.need");
        c.noLess("air.breath.shut");
        c.noMore("air.breath.sealed");
        c.same("money.forecast");
        c.same("balance.dry.mass");
        c.same("air.loss.walls");
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void pricesThatDoubleDoubleTheirSums(String key) {
        Design d = demo(key).withPurse(Purse.NONE);
        Change c = Change.of(d, x -> things(t -> t.with(new Cost(2 * t.cost().planned(), t.cost().paid().isPresent()
                ? OptionalDouble.of(2 * t.cost().paid().getAsDouble())
                : OptionalDouble.empty()))).apply(x.with(x.base().with(new Cost(2 * x.base().cost().planned(),
                        x.base().cost().paid().isPresent()
                                ? OptionalDouble.of(2 * x.base().cost().paid().getAsDouble())
                                : OptionalDouble.empty())))));

        for (String figure : List.of("money.planned", "money.paid", "money.forecast", "money.replacement",
                "money.galley.forecast", "money.contingency", "cash.open")) {
            if (c.has(figure)) {
                c.times(figure, 2);
            }
        }
        c.same("balance.departure.mass");
        c.same("power.day.use");
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void storesThatDoubleLastTwiceAsLong(String key) {
        Change battery = Change.of(demo(key), things(t -> t.battery().isEmpty()
                ? t
                : t.with(new Battery(2 * t.battery().get().energy(), t.battery().get().chemistry()))));
        Change tanks = Change.of(demo(key), things(t -> t.tank().isEmpty()
                ? t
                : t.with(new Tank(t.tank().get().use(), 2 * t.tank().get().capacity()))));

        battery.times("power.battery.usable", 2);
        battery.times("power.nightsDark", Math.min(2, 365 / battery.was("power.nightsDark")));
        battery.noLess("power.nights");
        battery.noLess("power.trip.least");
        battery.noMore("power.trip.unmet");
        battery.same("power.day.use");
        tanks.same("water.day.use");
        tanks.noLess("water.days");
        tanks.noLess("balance.departure.mass");
        tanks.same("balance.empty.mass");
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void panelsThatDoubleBringTwiceTheSun(String key) {
        Change c = Change.of(demo(key), things(t -> t.withSolar(2 * t.solar())));

        c.times("power.sun.harvest", 2);
        c.noLess("power.nights");
        c.same("power.nightsDark");
        c.noLess("power.trip.least");
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void thickerInsulationLosesLessAndWeighsMore(String key) {
        Change c = Change.of(demo(key), d -> d.with(new Envelope(d.envelope().walls().stream()
                .map(w -> w.withInsulationThick(w.insulationThick() + 0.02)).toList())));

        c.noMore("air.loss.walls");
        c.noMore("air.loss");
        c.noMore("air.heat.load");
        c.noMore("air.roof.u");
        c.noLess("air.roof.mass");
        c.noLess("air.roof.inside");
        c.noLess("skin.mass");
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void tenDegreesColderCostWhatTenDegreesLose(String key) {
        Design d = demo(key);
        double coldest = Math.min(0, d.brief().travel().coldest().orElse(0));
        UnaryOperator<Design> at = x -> x.with(x.brief().withTravel(x.brief().travel()
                .withColdest(OptionalDouble.of(coldest))));
        Change c = Change.of(at.apply(d), x -> x.with(x.brief().withTravel(x.brief().travel()
                .withColdest(OptionalDouble.of(coldest - 10)))));

        assertThat(c.is("air.heat.load") - c.was("air.heat.load")).isCloseTo(10 * c.was("air.loss"), within(1e-6));
        c.same("air.loss.walls");
        c.noMore("air.night.least");
        c.same("water.day.use");
    }

    /// Twice the hours of every task: twice the sums and paths, and no earlier end.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void tasksTwiceAsLongTakeTwiceAsLong(String key) {
        Design d = demo(key).withLogbook(lectulum.design.logbook.Logbook.NONE).withPurse(Purse.NONE)
                .with(Works.NONE.withStart("2027-03-01"));
        Change c = Change.of(d, x -> {
            List<Job> jobs = new ArrayList<>();
            for (Task t : Tasks.of(x)) {
                jobs.add(Job.usual(t.id()).withHours(OptionalDouble.of(2 * t.hours() * HOUR)));
            }
            return x.with(x.works().withJobs(jobs));
        });

        c.times("build.hours", 2);
        c.times("build.left", 2);
        c.times("build.path", 2);
        assertThat(c.is("build.path.p80")).isCloseTo(2 * c.was("build.path.p80"), within(2 * HOUR));
        c.noLess("build.days");
        c.noLess("build.p80");
    }

    /// Every thing heavier by a tenth: what they weigh rises by a tenth of it in every load case, and the mass on the wheels and the ball is
    /// all there is.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void whatBearsIsWhatWeighs(String key) {
        Change c = Change.of(demo(key),
                things(t -> t.with(new Mass(1.1 * t.mass().value(), t.mass().source(), OptionalDouble.empty()))));
        for (String load : List.of("dry", "departure", "midway", "homeward", "empty")) {
            for (Analysis a : List.of(c.before, c.after)) {
                double mass = a.figures().value("balance." + load + ".mass");
                assertThat(a.figures().value("balance." + load + ".tongue")
                        + a.figures().value("balance." + load + ".axle")).as(load).isCloseTo(mass, within(1e-6 * mass));
                assertThat(a.figures().value("balance." + load + ".right")
                        + a.figures().value("balance." + load + ".left")).as(load)
                        .isCloseTo(a.figures().value("balance." + load + ".axle"), within(1e-6 * mass));
            }
            c.noLess("balance." + load + ".mass");
        }
        assertThat(c.is("materials.mass")).isCloseTo(1.1 * c.was("materials.mass"),
                within(1e-6 * c.was("materials.mass")));
    }
}
