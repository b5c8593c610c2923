package lectulum.power;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Chemistries;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.thing.Battery;
import lectulum.design.thing.DayStrip;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.kernel.electric.Appliance;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;
import lectulum.kernel.electric.SolarArray;
import lectulum.kernel.electric.Supply;
import lectulum.weather.Weather;

/// Bank, loads and sources of a design as the hourly simulation takes them.
///
/// All batteries are one bank of 12 V of the kind that stores most; a bank of two kinds is told as a fault. A load without
/// hours of its own runs its part of every hour. A load that runs all day, or is said to, runs in storage too; every other
/// while somebody is there.
final class Rehearsal {
    private static final double CLASS = 12;
    private static final double WATT_HOUR = 3600;

    private final Brief brief;
    private final Optional<Bank> bank;
    private final List<Thing> drawing;
    private final List<Appliance> loads;
    private final SolarArray array;
    private final Supply supply;
    private final int kinds;

    private Rehearsal(Design d) {
        this.brief = d.brief();
        Map<Battery.Chemistry, Double> stored = new EnumMap<>(Battery.Chemistry.class);
        for (Thing t : d.things()) {
            t.battery().filter(b -> b.energy() > 0)
                    .ifPresent(b -> stored.merge(b.chemistry(), b.energy() / WATT_HOUR, Double::sum));
        }
        this.kinds = stored.size();
        double energy = stored.values().stream().mapToDouble(e -> e).sum();
        this.bank = stored.entrySet().stream().max(Comparator.comparingDouble(Map.Entry::getValue))
                .map(e -> Chemistries.of(e.getKey())).map(c -> new Bank(c, energy / c.nominal(), CLASS, 1, 1));
        this.drawing = d.things().stream()
                .filter(t -> t.load().filter(l -> l.power() > 0 || l.standby() > 0).isPresent()).toList();
        this.loads = drawing.stream().map(t -> appliance(t.load().orElseThrow())).toList();
        this.array = Panels.of(d.things().stream().mapToDouble(Thing::solar).sum());
        this.supply = Supply.SUN.withInverter(Power.INVERTER_IDLE, Power.INVERTER, false)
                .withPlace(Assumed.value(d, Assumption.BATTERY_INSIDE) >= 0.5,
                        Assumed.value(d, Assumption.BATTERY_ROOM), Assumed.value(d, Assumption.BATTERY_HEATER));
    }

    static Rehearsal of(Design design) {
        return new Rehearsal(design);
    }

    private static Appliance appliance(Load l) {
        DayStrip strip = l.strip();
        double part = Math.min(1, l.dailyRunning() / WATT_HOUR / strip.count());
        double[] day = new double[24];
        for (int h = 0; h < day.length; h++) {
            day[h] = strip.has(h) ? part : 0;
        }
        Appliance.Feed feed = switch (l.feed()) {
            case BATTERY -> Appliance.Feed.BATTERY;
            case INVERTER -> Appliance.Feed.INVERTER;
            case SHORE -> Appliance.Feed.SHORE;
        };
        Appliance.When when = l.always() ? Appliance.When.ALWAYS : switch (l.when()) {
            case DRIVING -> Appliance.When.DRIVING;
            case CAMP -> Appliance.When.CAMPED;
            case ALWAYS, BY_HOURS, OCCUPIED -> Appliance.When.OCCUPIED;
        };
        return new Appliance(l.power(), 1, feed, day, when, Appliance.ALL, l.standby(), false);
    }

    Optional<Bank> bank() {
        return bank;
    }

    /// How many kinds of battery there are.
    int kinds() {
        return kinds;
    }

    List<Thing> drawing() {
        return drawing;
    }

    double peak() {
        return array.peak();
    }

    Simulation simulation(Bank of) {
        return new Simulation(of, loads, supply);
    }

    /// Without one of the loads.
    Simulation without(Bank of, int load) {
        List<Appliance> others = new ArrayList<>(loads);
        others.remove(load);
        return new Simulation(of, others, supply);
    }

    /// Mean days of the month of the brief, one after another, somebody there all the time.
    ///
    /// @param sun whether it shines
    Hours meanDays(int days, boolean sun) {
        double volts = bank.map(Bank::charging).orElse(Panels.CHARGING);
        double[] air = Sun.air(brief.latitude(), brief.month(), brief.climate());
        double[] watts = sun
                ? Sun.hours(array, volts, brief.latitude(), brief.month(), brief.climate())
                : new double[24];
        int n = 24 * days;
        double[] allAir = new double[n];
        double[] allWatts = new double[n];
        boolean[] here = new boolean[n];
        Arrays.fill(here, true);
        for (int h = 0; h < n; h++) {
            allAir[h] = air[h % 24];
            allWatts[h] = watts[h % 24];
        }
        return new Hours(allAir, allWatts, here, new double[n], new boolean[n]);
    }

    /// The year of the brief in its weather.
    Hours year(Weather weather) {
        return year(weather, array.peak());
    }

    /// The same with panels of another size.
    ///
    /// @param peak \[W\]
    Hours year(Weather weather, double peak) {
        SolarArray of = Panels.of(peak);
        double volts = bank.map(Bank::charging).orElse(Panels.CHARGING);
        double[] air = new double[Weather.HOURS];
        double[] watts = new double[Weather.HOURS];
        for (int h = 0; h < Weather.HOURS; h++) {
            air[h] = weather.air(h);
            watts[h] = weather.sun(h) > 0 ? of.power(weather.sun(h), air[h], volts) : 0;
        }
        return new Hours(air, watts, YearPlan.occupied(brief), new double[Weather.HOURS], new boolean[Weather.HOURS]);
    }
}
