package lectulum.power;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.units.Units;

/// A larger battery, shorter hours, each as much as the trip needs.
final class PowerRemedies {
    /// Batteries are proposed in steps of 10 Ah at 12.8 V \[J\].
    private static final double BATTERY_STEP = 128 * Units.WATT_HOUR;

    private PowerRemedies() {
    }

    static Stream<Remedy> of(Known known, PowerRules rule, Finding finding) {
        return switch (rule) {
            case POWER_NIGHTS -> Stream.concat(largerBattery(known).stream(), shorterHours(known).stream());
        };
    }

    /// What must come out of the battery in a day, the sun taken off \[J\].
    private static double net(Known known, double efficiency) {
        return known.of(Power.DISCIPLINE).figures().value("power.day.use")
                - known.of(Power.DISCIPLINE).figures().value("power.sun.harvest") * efficiency;
    }

    private static Optional<Remedy> largerBattery(Known known) {
        Design d = known.design();
        Optional<Thing> first = d.things().stream().filter(t -> t.battery().filter(b -> b.energy() > 0).isPresent())
                .findFirst();
        return first.map(thing -> {
            Battery battery = thing.battery().orElseThrow();
            double wanted = d.brief().nights() * net(known, battery.chemistry().efficiency());
            double short_ = wanted - known.of(Power.DISCIPLINE).figures().value("power.battery.usable");
            return battery(thing, battery.energy() + short_ / battery.chemistry().usableDepth());
        });
    }

    /// A battery that holds at least so much, in whole steps, with what it then weighs more.
    static Remedy battery(Thing thing, double least) {
        Battery battery = thing.battery().orElseThrow();
        double energy = Math.ceil(least / BATTERY_STEP - 1e-9) * BATTERY_STEP;
        double k = energy / battery.energy();
        return new Remedy(
                Sentence.of("{0}: {1} instead of {2} ({3} more)", thing.name(), Amount.energy(energy),
                        Amount.energy(battery.energy()), Amount.kg((k - 1) * thing.mass().value())),
                new Edit("Larger battery", design -> design.mapping(thing.id(),
                        t -> Mend.grown(t, k).with(new Battery(energy, battery.chemistry())))));
    }

    private static Optional<Remedy> shorterHours(Known known) {
        double nights = known.design().brief().nights();
        double efficiency = known.design().things().stream().flatMap(t -> t.battery().stream()).findFirst()
                .map(b -> b.chemistry().efficiency()).orElse(0.0);
        double tooMuch = net(known, efficiency)
                - known.of(Power.DISCIPLINE).figures().value("power.battery.usable") / nights;
        return known.of(Power.DISCIPLINE).loads().stream().filter(l -> l.energy() > tooMuch)
                .max(Comparator.comparingDouble(Power.Draw::energy)).map(draw -> {
                    Load load = draw.load();
                    double ratio = (draw.energy() - tooMuch) / draw.energy();
                    double hours = Math.floor(load.dailyRunning() * ratio / 360) * 360;
                    return new Remedy(
                            Sentence.of("Run {0} {1} a day instead of {2}", draw.name(), Amount.hours(hours),
                                    Amount.hours(load.dailyRunning())),
                            new Edit("Shorter hours: " + draw.name(), d -> d.mapping(draw.thing(),
                                    t -> t.with(load.withDailyRunning(hours)))));
                });
    }
}
