package lectulum.power;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Season;
import lectulum.design.feature.Electric;
import lectulum.design.thing.DayStrip;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.kernel.electric.Appliance;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;
import lectulum.kernel.electric.Supply;
import lectulum.kernel.weather.Band;
import lectulum.kernel.weather.SolarDay;
import lectulum.weather.Weather;

/// Bank, loads and sources of a design as the hourly simulation takes them.
///
/// A load without hours of its own runs its part of every hour. A load that runs all day, or is said to, runs in storage too; every other
/// while somebody is there.
final class Rehearsal {
    private static final int LEAVES = 9;
    private static final double HOUR = 3600;
    private static final double DAY = 86_400;

    private final Brief brief;
    private final Design design;
    private final Plant plant;
    private final List<Thing> drawing;
    private final List<Appliance> loads;
    private final Supply supply;

    private Rehearsal(Design d, RoadCharge road) {
        this.brief = d.brief();
        this.design = d;
        this.plant = Plant.of(d);
        this.drawing = drawing(d.things());
        this.loads = drawing.stream().map(t -> appliance(t)).toList();
        Electric.Inverter inverter = plant.inverterOr();
        Supply supplied = Supply.SUN.withInverter(inverter.idle(), inverter.efficiency(), inverter.always())
                .withPlace(plant.inside(), Assumed.value(d, Assumption.BATTERY_ROOM),
                        Assumed.value(d, Assumption.BATTERY_HEATER))
                .withDriving(road.watts()).withShore(plant.charge(Electric.From.SHORE));
        this.supply = plant.generator().flatMap(t -> t.feature(Electric.Generator.class))
                .map(g -> supplied.withGenerator(Math.min(Plant.CHARGER * g.watts(),
                        plant.charge(Electric.From.GENERATOR) + plant.charge(Electric.From.SHORE)))
                        .withGeneratorHours(g.hours(), g.until(), g.starts(), g.stops()))
                .orElse(supplied);
    }

    /// Standing: with nothing from the vehicle.
    static Rehearsal of(Design design) {
        return of(design, RoadCharge.NONE);
    }

    static Rehearsal of(Design design, RoadCharge road) {
        return new Rehearsal(design, road);
    }

    static List<Thing> drawing(List<Thing> things) {
        return things.stream().filter(t -> t.load().filter(l -> l.power() > 0 || l.standby() > 0).isPresent())
                .toList();
    }

    /// A load by its hours, its weather and its seasons.
    static Appliance appliance(Thing t) {
        Load l = t.load().orElseThrow();
        Electric.Draws draws = t.feature(Electric.Draws.class).orElse(Electric.Draws.USUAL);
        Optional<Electric.Cools> cools = t.feature(Electric.Cools.class);
        Optional<Electric.Heats> heats = t.feature(Electric.Heats.class);
        DayStrip strip = l.strip();
        double part = Math.min(1, l.dailyRunning() / HOUR / strip.count());
        double[] day = new double[24];
        for (int h = 0; h < day.length; h++) {
            day[h] = !strip.has(h) ? 0 : cools.isPresent() ? 1 : part;
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
        Appliance.Duty duty = cools.<Appliance.Duty>map(c -> new Appliance.Duty.Cooling(part, c.perKelvin(), c.least()))
                .or(() -> heats.filter(x -> x.balance() > x.design())
                        .map(x -> new Appliance.Duty.Heating(x.balance(), x.design())))
                .orElse(Appliance.ALL);
        return new Appliance(l.power(), 1, feed, day, when, duty, l.standby(), draws.isolated(),
                new double[]{draws.summer(), draws.between(), draws.winter()});
    }

    /// As [Hours] counts them.
    private static byte season(int month, double latitude) {
        return switch (Season.of(month, latitude)) {
            case SUMMER -> 0;
            case SPRING, AUTUMN -> 1;
            case WINTER -> 2;
        };
    }

    /// A mean day of the brief, somebody there all the time.
    ///
    /// @param air by the hour \[°C\]
    record MeanDay(double[] air, byte season) {
        static MeanDay of(Brief brief) {
            return new MeanDay(Sun.air(brief.latitude(), brief.month(), brief.climate()),
                    Rehearsal.season(brief.month(), brief.latitude()));
        }

        /// What a load takes from the battery in it \[J\].
        ///
        /// @param passes efficiency of the inverter
        double energy(Appliance a, double passes) {
            double sum = 0;
            for (int h = 0; h < air.length; h++) {
                sum += a.mean(h, air[h], true, 0, season);
            }
            return switch (a.feed()) {
                case BATTERY -> sum * HOUR;
                case INVERTER -> sum * HOUR / passes;
                case SHORE -> 0;
            };
        }
    }

    Optional<Bank> bank() {
        return plant.bank();
    }

    Plant plant() {
        return plant;
    }

    Supply supply() {
        return supply;
    }

    /// How many kinds of battery there are.
    int kinds() {
        return plant.kinds();
    }

    List<Thing> drawing() {
        return drawing;
    }

    List<Appliance> loads() {
        return loads;
    }

    double peak() {
        return plant.peak();
    }

    Simulation simulation(Bank of) {
        return new Simulation(of, loads, supply);
    }

    /// From the bank alone: neither vehicle nor shore nor generator.
    Simulation alone(Bank of) {
        return new Simulation(of, loads, supply.withDriving(0).withShore(0).withGenerator(0));
    }

    /// With loads that are so many times what they are taken for.
    Simulation simulation(Bank of, double[] times) {
        List<Appliance> others = new ArrayList<>();
        for (int i = 0; i < loads.size(); i++) {
            others.add(loads.get(i).times(times[i]));
        }
        return new Simulation(of, others, supply);
    }

    /// Without one of the loads.
    Simulation without(Bank of, int load) {
        List<Appliance> others = new ArrayList<>(loads);
        others.remove(load);
        return new Simulation(of, others, supply);
    }

    /// With one load running so many times as long.
    Simulation longer(Bank of, int load, double times) {
        List<Appliance> others = new ArrayList<>(loads);
        others.set(load, others.get(load).longer(times));
        return new Simulation(of, others, supply);
    }

    /// What the panels put into the bank in an hour, tilts and controller counted \[W\].
    private double watts(List<Plant.Field> fields, double most, double air, double volts,
            ToDoubleFunction<Plant.Field> on) {
        double sum = 0;
        for (Plant.Field f : fields) {
            sum += f.array().power(on.applyAsDouble(f), air, volts);
        }
        return Math.min(sum, most);
    }

    /// Mean hours of the month of the brief \[W\].
    double[] meanSun() {
        SolarDay day = Sun.day(brief.latitude(), brief.month());
        SolarDay.Irradiance sun = day.hours(Sun.clearness(brief.latitude(), brief.month(), brief.climate()), 0);
        double[] air = Sun.air(brief.latitude(), brief.month(), brief.climate());
        List<Plant.Field> fields = plant.fields(1);
        double[] watts = new double[24];
        for (int h = 0; h < watts.length; h++) {
            int hour = h;
            watts[h] = watts(fields, plant.most(), air[h], plant.charging(),
                    f -> day.tilted(sun, hour, 0, f.tilt(), f.heading()));
        }
        return watts;
    }

    /// Mean days of the month of the brief, one after another, somebody there all the time.
    ///
    /// @param sun whether it shines
    Hours meanDays(int days, boolean sun) {
        double[] air = Sun.air(brief.latitude(), brief.month(), brief.climate());
        double[] watts = sun ? meanSun() : new double[24];
        int n = 24 * days;
        double[] allAir = new double[n];
        double[] allWatts = new double[n];
        boolean[] here = new boolean[n];
        Arrays.fill(here, true);
        byte[] season = new byte[n];
        Arrays.fill(season, season(brief.month(), brief.latitude()));
        for (int h = 0; h < n; h++) {
            allAir[h] = air[h % 24];
            allWatts[h] = watts[h % 24];
        }
        return new Hours(allAir, allWatts, here, new double[n], new boolean[n], season);
    }

    /// A trip of mean days: on the road in the morning of the first and of the last.
    ///
    /// @param road hours of it
    Hours trip(int days, double road) {
        Hours h = meanDays(days, true);
        for (int day : new int[]{0, days - 1}) {
            for (int k = 0; k < Math.ceil(road); k++) {
                h.driving()[24 * day + Math.min(23, LEAVES + k)] = Math.min(1, road - k);
            }
        }
        return h;
    }

    /// The year of the brief in its weather.
    Hours year(Weather weather) {
        return yearOf(weather, 1);
    }

    /// The same with panels of another size; where there are none, of a usual make.
    ///
    /// @param peak \[W\]
    Hours year(Weather weather, double peak) {
        return yearOf(weather, plant.peak() > 0 ? peak / plant.peak() : peak);
    }

    private Hours yearOf(Weather weather, double times) {
        List<Plant.Field> fields = plant.peak() > 0
                ? plant.fields(times)
                : times > 1 ? List.of(new Plant.Field(Panels.of(times), 0, 0)) : List.of();
        double most = plant.most() * Math.max(1, times);
        double[] air = new double[Weather.HOURS];
        double[] watts = new double[Weather.HOURS];
        for (int h = 0; h < Weather.HOURS; h++) {
            int hour = h;
            air[h] = weather.air(h);
            watts[h] = weather.sun(h) > 0
                    ? watts(fields, most, air[h], plant.charging(), f -> weather.sun(hour, f.tilt(), f.heading()))
                    : 0;
        }
        byte[] season = new byte[Weather.HOURS];
        for (int h = 0; h < Weather.HOURS; h++) {
            season[h] = season(Band.month(h / 24 + 1) + 1, brief.latitude());
        }
        YearPlan plan = YearPlan.of(brief, design);
        return new Hours(air, watts, plan.occupied(), plan.driving(), plan.shore(), season);
    }
}
