package lectulum.balance.weigh;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Forgotten;
import lectulum.balance.LoadedState;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Project;
import lectulum.design.base.EmptyMass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.SystemGroup;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.files.ProjectJson;
import lectulum.kernel.scales.HomeScales;
import lectulum.standin.TrueMasses;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A weigh day against a plan.
class WeighDayTest {
    private static Design plan() {
        return box(thing("galley", 0, 2.5, 0.2).with(new Mass(60, MassSource.GUESS, OptionalDouble.empty())),
                thing("battery", 28, 0.6, 0), thing("bed", 0, 1.5, -0.3)
                        .with(new Mass(40, MassSource.CATALOGUE, OptionalDouble.empty())));
    }

    private static Weighing weighing(Design d, Method method, TrueMasses truth) {
        List<Weighing.Entry> entries = new ArrayList<>();
        for (Weighing.Entry e : method.entries()) {
            double value = e.point() == WeighPoint.LEVER
                    ? truth.at(e.point()) / 3
                    : Math.round(truth.at(e.point()) / e.step()) * e.step();
            entries.add(e.reading(value));
        }
        LoadedState planned = LoadedState.of(d, d.loadCase("departure"));
        return new Weighing("w", "2026-05-01", "", d.loadCase("departure"), planned.mass(), planned.tongue(), entries,
                List.of(), "");
    }

    private static Weighing changed(Weighing w, int i, double value) {
        return w.with(i, w.entries().get(i).reading(value));
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void everyMethodGivesWhatItCan(Method method) {
        Design d = plan();
        TrueMasses truth = TrueMasses.of(d, d.loadCase("departure"), 3);

        WeighDay day = WeighDay.of(d, weighing(d, method, truth));

        if (method == Method.TONGUE || method == Method.LEVER) {
            assertThat(day.result().mass()).isNaN();
            assertThat(day.result().tongue()).isCloseTo(truth.tongue(), within(3 * day.result().tongueU() + 0.5));
            assertThat(day.catches()).anyMatch(c -> c.rule().id().equals("weigh.blind"));
        } else {
            assertThat(day.result().mass()).isCloseTo(truth.mass(), within(4 * day.result().massU()));
            assertThat(day.result().tongue()).isCloseTo(truth.tongue(), within(4 * day.result().tongueU()));
        }
        assertThat(day.changes()).isNotEmpty();
    }

    @Test
    void whatIsLeastSureIsChangedMost() {
        Design d = plan();
        LoadedState planned = LoadedState.of(d, d.loadCase("departure"));
        TrueMasses heavier = new TrueMasses(new Reading.Levers(2.7, 1.0, 3.0, 0.25), 900, 700, planned.mass() + 25,
                planned.tongue() - 1, 0);

        WeighDay day = WeighDay.of(d, weighing(d, Method.WHEELS, heavier));

        double galley = by(day, "galley");
        assertThat(galley).isGreaterThan(0);
        assertThat(Math.abs(by(day, "battery"))).isLessThan(Math.abs(galley));
        assertThat(day.missing().orElseThrow().mass()).isCloseTo(25, within(1.5));
    }

    private static double by(WeighDay day, String thing) {
        return day.changes().stream().filter(c -> c.thing().equals(thing)).mapToDouble(WeighDay.Change::by).findFirst()
                .orElse(0);
    }

    @Test
    void anAcceptedMassKeepsItsIntervalAndTheOldOneIsRemembered() {
        Design d = plan();
        Weighing w = weighing(d, Method.WHEELS, TrueMasses.of(d, d.loadCase("departure"), 8));
        d = d.withWeighings(List.of(w));
        WeighDay day = WeighDay.of(d, w);

        Design after = day.acceptAll(d);

        for (WeighDay.Change c : day.changes()) {
            Weighing.Accepted kept = after.weighing("w").orElseThrow().accepted(c.thing()).orElseThrow();
            assertThat(kept.before()).isEqualTo(c.before());
            if (c.thing().isEmpty()) {
                assertThat(after.base().empty().mass()).isCloseTo(c.after(), within(1e-9));
                assertThat(after.base().empty()).isInstanceOf(EmptyMass.Entered.class);
            } else {
                Mass mass = after.thing(c.thing()).orElseThrow().mass();
                assertThat(mass.source()).isEqualTo(MassSource.RECONCILED);
                assertThat(mass.standardUncertainty()).isEqualTo(c.u());
            }
        }
        LoadedState now = LoadedState.of(after, after.loadCase("departure"));
        assertThat(now.mass()).isCloseTo(day.result().mass(), within(3 * day.result().massU()));
        assertThat(now.tongue()).isCloseTo(day.result().tongue(), within(3 * day.result().tongueU() + 1));
    }

    @Test
    void itIsComparedWithWhatWasAboardThenNotWithTodaysCases() {
        Design d = plan();
        Weighing w = weighing(d, Method.WHEELS, TrueMasses.of(d, d.loadCase("departure"), 8));
        Design emptied = d.mappingCase("departure", c -> c.withPacked(0, 0).withFills(0, 0, 0));

        assertThat(WeighDay.of(emptied, w).planned().loadCase()).isEqualTo(LoadCase.DEPARTURE);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void poundsInAKilogramFieldAreFoundAndTurned(int i) {
        Design d = plan();
        TrueMasses truth = TrueMasses.of(d, d.loadCase("departure"), 3);
        Weighing good = weighing(d, Method.WHEELS, truth);
        double kg = good.entries().get(i).value().orElseThrow();
        Weighing wrong = changed(good, i, Math.round(kg / 0.45359237));

        WeighDay.Catch found = WeighDay.of(d, wrong).catches().stream()
                .filter(c -> c.rule().id().equals("weigh.pounds"))
                .findFirst().orElseThrow();

        assertThat(found.index()).isEqualTo(i);
        assertThat(found.fix().orElseThrow().value().orElseThrow()).isCloseTo(kg, within(0.5));
        assertThat(WeighDay.of(d, good).catches()).noneMatch(c -> c.rule().id().equals("weigh.pounds"));
    }

    @Test
    void oneReadingOfACoupledRigSaysItIsBlindAndWhatToReadNext() {
        Design d = plan();
        Weighing w = weighing(d, Method.SEGMENTED, TrueMasses.of(d, d.loadCase("departure"), 3));
        Weighing only = w.with(List.of(w.entries().get(2)));

        WeighDay day = WeighDay.of(d, only);

        assertThat(day.catches()).anyMatch(c -> c.rule().id().equals("weigh.blind"));
        assertThat(day.next()).isNotEmpty().first().satisfies(n -> assertThat(n.point())
                .isIn(WeighPoint.COUPLER, WeighPoint.JACK));
        assertThat(day.changes()).isEmpty();
    }

    @Test
    void aCoarseScaleAndAnEmptyOneAreSaidSo() {
        Design d = plan();
        Weighing w = new Weighing("w", "", "", LoadCase.DEPARTURE, 0, 0,
                List.of(new Weighing.Entry(WeighPoint.COUPLER, OptionalDouble.of(70), 0, 10, true),
                        new Weighing.Entry(WeighPoint.RIG, OptionalDouble.of(-5), 0, 10, true)),
                List.of(), "");

        assertThat(WeighDay.of(d, w).catches()).extracting(c -> c.rule().id()).contains("weigh.coarse",
                "weigh.negative");
    }

    /// What stands under the wheels is not the trailer: its tongue rests elsewhere.
    @Test
    void whatTheAxleCarriesIsSaidToBeNoMore() {
        Design d = plan();
        LoadedState s = LoadedState.of(d, d.loadCase("departure"));
        Weighing w = new Weighing("w", "", "", LoadCase.DEPARTURE, 0, 0,
                List.of(new Weighing.Entry(WeighPoint.TRAILER_AXLE, OptionalDouble.of(s.mass() - s.tongue()), 0, 5,
                        true),
                        new Weighing.Entry(WeighPoint.COUPLER, OptionalDouble.of(s.tongue()), 0, 5, true)),
                List.of(), "");
        WeighDay day = WeighDay.of(d, w);

        assertThat(day.catches()).filteredOn(c -> c.rule().id().equals("weigh.axle")).singleElement()
                .satisfies(c -> assertThat(c.says().text(Style.PLAIN))
                        .contains(Sentence.of("{0}", Amount.kg(day.result().mass())).text(Style.PLAIN)));
        assertThat(day.result().mass()).isCloseTo(s.mass(), within(1e-6));
    }

    /// With the nose raised by ten degrees the tongue reads half: that is no mistake of units.
    @Test
    void aRaisedNoseIsNotTakenForPounds() {
        Design d = plan();
        LoadedState s = LoadedState.of(d, d.loadCase("departure"));
        double radius = 0.48 * d.base().axle().wheelDiameter();
        double raised = HomeScales.raised(s.mass(), s.tongue(), s.roll().z(), Math.toRadians(10),
                d.base().ballToMiddle(), d.vehicle().ballHeight(), radius);
        Weighing w = new Weighing("w", "", "", LoadCase.DEPARTURE, 0, 0,
                List.of(Method.entry(WeighPoint.COUPLER).reading(Math.round(s.tongue())),
                        Method.entry(WeighPoint.COUPLER_RAISED).reading(Math.max(1, Math.round(raised)))),
                List.of(), "");

        assertThat(raised).isBetween(0.3 * s.tongue(), 0.8 * s.tongue());
        assertThat(WeighDay.of(d, w).catches()).extracting(c -> c.rule().id()).doesNotContain("weigh.pounds",
                "weigh.kilograms");
        Weighing pounds = w.with(List.of(w.entries().get(0),
                Method.entry(WeighPoint.COUPLER_RAISED).reading(Math.round(raised / 0.45359237))));
        assertThat(WeighDay.of(d, pounds).catches()).extracting(c -> c.rule().id()).contains("weigh.pounds");
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e9, -1e12})
    void whatNoScaleReadsDoesNotCount(double read) {
        Design d = plan();
        Weighing good = weighing(d, Method.WHEELS, TrueMasses.of(d, d.loadCase("departure"), 3));

        List<WeighDay.Catch> found = WeighDay.of(d, changed(good, 1, read)).catches();

        assertThat(found).filteredOn(c -> c.rule().id().equals("weigh.range")).singleElement().satisfies(c -> {
            assertThat(c.index()).isEqualTo(1);
            assertThat(c.fix().orElseThrow().used()).isFalse();
        });
        assertThat(WeighDay.of(d, good).catches()).noneMatch(c -> c.rule().id().equals("weigh.range"));
    }

    @Test
    void nothingReadSaysNothing() {
        Design d = plan();
        Weighing w = new Weighing("w", "", "", LoadCase.DEPARTURE, 0, 0, Method.SEGMENTED.entries(), List.of(), "");

        WeighDay day = WeighDay.of(d, w);

        assertThat(day.catches()).isEmpty();
        assertThat(day.changes()).isEmpty();
        assertThat(day.result().mass()).isNaN();
    }

    @Test
    void withoutAnAxleTheMassIsStillWeighed() {
        Design d = plan();
        Design none = d.with(d.base().with(d.base().axle().at(-4)));
        Weighing w = new Weighing("w", "", "", LoadCase.DEPARTURE, 0, 0,
                List.of(new Weighing.Entry(WeighPoint.TRAILER_ALONE, OptionalDouble.of(560), 0, 1, true)), List.of(),
                "");

        assertThat(WeighDay.of(none, w).result().mass()).isCloseTo(560, within(1e-6));
    }

    @Test
    void ticketsAreKeptInTheFile() throws Exception {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        assertThat(d.weighings()).hasSize(2);
        Project project = Project.of("Kept", d);

        assertThat(ProjectJson.read(ProjectJson.write(project, null)).project()).isEqualTo(project);
    }

    private static Weighing read(Design d, Object... pointsAndValues) {
        List<Weighing.Entry> entries = new ArrayList<>();
        for (int i = 0; i < pointsAndValues.length; i += 2) {
            entries.add(new Weighing.Entry((WeighPoint) pointsAndValues[i],
                    OptionalDouble.of(((Number) pointsAndValues[i + 1]).doubleValue()), 0, 10, true));
        }
        LoadedState planned = LoadedState.of(d, d.loadCase("departure"));
        return new Weighing("w", "2026-05-01", "", d.loadCase("departure"), planned.mass(), planned.tongue(), entries,
                List.of(), "");
    }

    private static List<String> rules(WeighDay day) {
        return day.catches().stream().map(c -> c.rule().id()).toList();
    }

    private static String says(WeighDay day, String rule) {
        return day.catches().stream().filter(c -> c.rule().id().equals(rule)).findFirst().orElseThrow().says()
                .text(Style.PLAIN);
    }

    @Test
    void aBrochureCannotTellTheTongue() {
        Design d = plan();
        WeighDay day = WeighDay.of(d, read(d, WeighPoint.VEHICLE_COUPLED, 1790, WeighPoint.TRAILER_AXLE, 450));

        // 1790 − kerb 1600 − person 70 − luggage 30 = 90, and 1.96 × 3 % of 1600 = 94
        assertThat(rules(day)).contains("weigh.papers", "weigh.blind");
        assertThat(says(day, "weigh.papers")).contains(Units.text(90, Quantity.MASS, Style.PLAIN))
                .contains(Units.text(94.08, Quantity.MASS, Style.PLAIN));
    }

    @Test
    void axleByAxleTheBrochureIsNoBetter() {
        Design d = plan();
        WeighDay day = WeighDay.of(d, read(d, WeighPoint.STEER_COUPLED, 890, WeighPoint.DRIVE_COUPLED, 900,
                WeighPoint.TRAILER_AXLE, 450));

        assertThat(says(day, "weigh.papers")).contains(Units.text(90, Quantity.MASS, Style.PLAIN));
    }

    @Test
    void aVehicleWeighedAloneNeedsNoBrochure() {
        Design d = plan();
        WeighDay day = WeighDay.of(d, read(d, WeighPoint.VEHICLE_COUPLED, 1790, WeighPoint.VEHICLE_ALONE, 1700,
                WeighPoint.TRAILER_AXLE, 450));

        assertThat(rules(day)).doesNotContain("weigh.papers");
        assertThat(day.result().tongue()).isCloseTo(90, within(1e-6));
    }

    @Test
    void springBarsAreAskedAboutWhenTheRigIsCoupled() {
        Design d = plan();
        Design bars = d.with(d.settings().with("bars.length", 0.7));

        assertThat(rules(WeighDay.of(bars, read(bars, WeighPoint.STEER_COUPLED, 890)))).contains("weigh.bars");
        assertThat(rules(WeighDay.of(bars, read(bars, WeighPoint.COUPLER, 80)))).doesNotContain("weigh.bars");
        assertThat(rules(WeighDay.of(d, read(d, WeighPoint.STEER_COUPLED, 890)))).doesNotContain("weigh.bars");
    }

    /// 200 kg by hand with 5 % forgotten; the scale finds 12 kg more in the middle of the body than planned.
    @Test
    void forgottenThingsAreFoundByTheScaleAndTheirShareTakenOver() {
        Design d = box(thing("lining", 200, 1.5, 0).with(SystemGroup.STRUCTURE));
        d = d.with(d.settings().with("mass.forgotten", 0.05));
        LoadedState planned = LoadedState.of(d, d.loadCase("departure"));
        double place = 2.7;
        double mass = planned.mass() + 12;
        double tongue = planned.tongue() + 12 * (1 - place / 3.0);
        Weighing w = read(d, WeighPoint.TRAILER_ALONE, mass, WeighPoint.COUPLER, tongue);
        w = w.with(0, w.entries().get(0).stepped(1)).with(1, w.entries().get(1).stepped(0.5));
        d = d.withWeighings(List.of(w));

        WeighDay day = WeighDay.of(d, w);
        WeighDay.Change forgotten = day.changes().stream().filter(c -> c.thing().equals(Forgotten.ID)).findFirst()
                .orElseThrow();
        Design after = day.accept(d, forgotten);

        assertThat(forgotten.before().value()).isCloseTo(10, within(1e-9));
        assertThat(forgotten.by()).isPositive();
        assertThat(Assumed.value(after, Assumption.MASS_FORGOTTEN)).isCloseTo(forgotten.after() / 200, within(1e-9));
        assertThat(after.weighing("w").orElseThrow().accepted(Forgotten.ID)).isPresent();
    }

    @Test
    void aBaseThatWasTakenOverKeepsTheIntervalOfTheScale() {
        Design d = plan();
        Weighing w = weighing(d, Method.WHEELS, TrueMasses.of(d, d.loadCase("departure"), 4));
        d = d.withWeighings(List.of(w));
        WeighDay day = WeighDay.of(d, w);
        WeighDay.Change base = day.changes().stream().filter(c -> c.thing().isEmpty()).findFirst().orElseThrow();

        Design after = day.accept(d, base);

        assertThat(after.base().empty().uncertainty()).hasValue(base.u());
        assertThat(LoadedState.of(after, LoadCase.BARE).certainty().mass()).isCloseTo(base.u(), within(1e-9));
        assertThat(base.u()).isLessThan(0.07 * 400);
    }

    /// The tent was soaked when it was weighed; what is taken over is its dry mass.
    @Test
    void aWetTentIsTakenOverDry() {
        Design d = plan().plus(thing("tent", 40, 1.0, 0).with(new Feature.Fabric(1.5))
                .with(new Mass(40, MassSource.GUESS, OptionalDouble.empty())));
        LoadCase wet = d.loadCase("departure").soaked(1);
        LoadedState planned = LoadedState.of(d, wet);
        Weighing w = new Weighing("w", "2026-05-01", "", wet, planned.mass(), planned.tongue(),
                List.of(new Weighing.Entry(WeighPoint.TRAILER_ALONE, OptionalDouble.of(planned.mass() + 15), 0, 1,
                        true)),
                List.of(), "");

        WeighDay.Change tent = WeighDay.of(d, w).changes().stream().filter(c -> c.thing().equals("tent")).findFirst()
                .orElseThrow();

        // it is aboard one and a half times, so its own mass grows by less than the 15 kg that were found
        assertThat(tent.by()).isPositive().isLessThan(10);
        assertThat(tent.before().value()).isEqualTo(40);
    }
}
