package lectulum.trip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.air.Cabin;
import lectulum.air.Sleepers;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.Range;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.kernel.maths.Belief;
import lectulum.kernel.stores.Reserve;
import lectulum.water.Senders;
import lectulum.water.WaterUse;

/// The plan against what tank senders and a weather station told: use of water, and what walls and panes lose.
///
/// Use: what left the fresh tanks on each whole day, what was filled up added back. Loss: heater and sleepers against the
/// difference to outside between midnight and six, when the walls have settled; the air that changes is taken off. Both are
/// normal: use is sure to 15 % before and 25 % a day, loss to 20 % before and 10 % a night (assumed).
///
/// @param planned  use of a day, whatever was measured before \[m³\]
/// @param days     use of each day that could be told \[m³\]
/// @param use      of the plan, after these days and what was measured before; empty without a day
/// @param nights   loss of walls and panes of each night that could be told, of that of the plan
/// @param loss     of that of the plan, after these nights; empty without a night
public record Learnt(double planned, List<Double> days, Optional<Belief> use, List<Double> nights,
        Optional<Belief> loss) {
    private static final int DAY = 24;
    private static final int SETTLED = 6;
    private static final double FILLED = 0.004;
    /// A tank with less than this in it may have run dry \[m³\].
    private static final double DRY = 0.001;
    /// Less of a difference tells nothing \[K\].
    private static final double COLD = 4;
    private static final double LOSS_PRIOR = 0.20;
    private static final double LOSS_NIGHT = 0.10;
    private static final double LEAST = 0.3;
    private static final double MOST = 3;

    public Learnt {
        days = List.copyOf(days);
        nights = List.copyOf(nights);
    }

    /// What was told, hour by hour; NaN in an hour of which nothing was heard.
    ///
    /// @param volumes by the id of a tank \[m³\]
    /// @param ohms    by the id of a tank
    /// @param inside  \[°C\]
    /// @param outside \[°C\]
    /// @param heat    of the heater \[W\]
    public record Told(Map<String, double[]> volumes, Map<String, double[]> ohms, double[] inside, double[] outside,
            double[] heat) {
        int days() {
            return Math.max(inside.length, Math.max(longest(volumes), longest(ohms))) / DAY;
        }

        private static int longest(Map<String, double[]> all) {
            return all.values().stream().mapToInt(x -> x.length).max().orElse(0);
        }
    }

    public static Learnt of(Design d, Told told) {
        double planned = WaterUse.styled(d).fresh();
        List<Double> days = days(d, told);
        List<Reserve.Trip> trips = new ArrayList<>(before(d));
        days.stream().filter(x -> planned > 0).forEach(x -> trips.add(new Reserve.Trip(x / planned, 1)));
        Optional<Belief> use = days.isEmpty() || planned <= 0
                ? Optional.empty()
                : Optional.of(Reserve.learnt(new Belief(1, Reserve.PERSON), trips, Reserve.DAY));
        List<Double> nights = nights(d, told);
        Optional<Belief> loss = nights.isEmpty()
                ? Optional.empty()
                : Optional.of(new Belief(1, LOSS_PRIOR)
                        .with(nights.stream().map(x -> new Belief(x, LOSS_NIGHT)).toList()));
        return new Learnt(planned, days, use, nights, loss);
    }

    private static List<Reserve.Trip> before(Design d) {
        double days = Assumed.value(d, Assumption.WATER_MEASURED_DAYS);
        return days > 0 ? List.of(new Reserve.Trip(Assumed.value(d, Assumption.WATER_MEASURED), days)) : List.of();
    }

    /// Of each day on which every fresh tank was told in every hour and none may have run dry.
    private static List<Double> days(Design d, Told told) {
        List<double[]> tanks = new ArrayList<>();
        for (Thing t : d.things()) {
            if (t.tank().filter(k -> k.use() == Tank.Use.FRESH).isPresent()) {
                tanks.add(level(t, told));
            }
        }
        List<Double> all = new ArrayList<>();
        for (int day = 0; day < told.days() && !tanks.isEmpty(); day++) {
            double used = 0;
            for (double[] level : tanks) {
                used += used(level, day);
            }
            if (!Double.isNaN(used) && used > 0) {
                all.add(used);
            }
        }
        return all;
    }

    /// By its litres, or by what its sender read; the water that stays in it taken off.
    private static double[] level(Thing t, Told told) {
        double stays = Senders.stays(t);
        double[] litres = told.volumes.get(t.id());
        double[] ohms = told.ohms.get(t.id());
        if (litres != null) {
            return Arrays.stream(litres).map(x -> x - stays).toArray();
        }
        return ohms == null
                ? new double[0]
                : Arrays.stream(ohms).map(x -> Senders.volume(t, x).orElse(Double.NaN) - stays).toArray();
    }

    /// From the last hour of the day before to the last of the day, an hour in which it was filled up taken as the others; NaN
    /// where it cannot be told.
    private static double used(double[] level, int day) {
        if (day == 0 || (day + 1) * DAY > level.length) {
            return Double.NaN;
        }
        double used = 0;
        int filling = 0;
        for (int h = day * DAY; h < (day + 1) * DAY; h++) {
            double fell = level[h - 1] - level[h];
            if (Double.isNaN(fell) || level[h] < DRY) {
                return Double.NaN;
            }
            if (-fell > FILLED) {
                filling++;
            } else {
                used += fell;
            }
        }
        return used * DAY / (DAY - filling);
    }

    /// Of each night but the first in which the heater ran and all was told: on the first the walls are still cold.
    private static List<Double> nights(Design d, Told told) {
        Cabin cabin = Cabin.of(d, Mode.NIGHT);
        double walls = cabin.opaque() + cabin.glazed(true);
        List<Double> all = new ArrayList<>();
        if (!cabin.known() || walls <= 0) {
            return all;
        }
        double people = Sleepers.of(d.brief(), Sleepers.Doing.ASLEEP).heat();
        for (int day = 1; (day + 1) * DAY <= told.inside.length; day++) {
            night(told, day, people, cabin.changing(), walls).ifPresent(all::add);
        }
        return all;
    }

    private static OptionalDouble night(Told told, int day, double people, double air, double walls) {
        double heat = 0;
        double difference = 0;
        for (int h = day * DAY; h < day * DAY + SETTLED; h++) {
            double between = told.inside[h] - told.outside[h];
            if (Double.isNaN(between) || Double.isNaN(told.heat[h]) || told.heat[h] <= 0) {
                return OptionalDouble.empty();
            }
            heat += told.heat[h] + people;
            difference += between;
        }
        if (difference < COLD * SETTLED) {
            return OptionalDouble.empty();
        }
        double ratio = (heat / difference - air) / walls;
        return ratio > LEAST && ratio < MOST ? OptionalDouble.of(ratio) : OptionalDouble.empty();
    }

    /// Mean of the days, of the plan.
    public double meanUse() {
        return days.stream().mapToDouble(x -> x / planned).average().orElse(1);
    }

    /// Mean of the nights, of the plan.
    public double meanLoss() {
        return nights.stream().mapToDouble(x -> x).average().orElse(1);
    }

    /// Whether anything of it could be told.
    public boolean any() {
        return use.isPresent() || loss.isPresent();
    }

    /// Takes what was found into the plan: water by its measured days, loss as it is now believed.
    public Edit taken() {
        return new Edit("Take what was measured", d -> {
            Design next = d;
            if (use.isPresent()) {
                double was = Assumed.value(d, Assumption.WATER_MEASURED_DAYS);
                double all = was + days.size();
                double joined = (Assumed.value(d, Assumption.WATER_MEASURED) * was + meanUse() * days.size()) / all;
                next = set(set(next, Assumption.WATER_MEASURED, joined), Assumption.WATER_MEASURED_DAYS, all);
            }
            if (loss.isPresent()) {
                next = set(next, Assumption.AIR_MEASURED,
                        Assumed.value(d, Assumption.AIR_MEASURED) * loss.get().value());
            }
            return next;
        });
    }

    private static Design set(Design d, Assumption what, double value) {
        Range r = Assumed.entry(what).range();
        return d.with(d.settings().with(what.id(), Math.clamp(value, r.low(), r.high())));
    }
}
