package lectulum.analysis;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.brief.WaterStyle;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Load;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.power.Power;
import lectulum.units.Units;
import lectulum.water.Water;

/// Larger batteries and tanks, shorter hours and thriftier ways, each as large as the trip needs.
final class SupplyRemedies {
    /// Batteries are proposed in steps of 10 Ah at 12.8 V \[J\], tanks in steps of 5 L \[m³\].
    private static final double BATTERY_STEP = 128 * Units.WATT_HOUR;
    private static final double TANK_STEP = 5 * Units.LITRE;

    private SupplyRemedies() {
    }

    static Stream<Remedy> of(Analysis analysis, String finding) {
        return switch (finding) {
            case "power.nights" -> Stream.concat(largerBattery(analysis).stream(), shorterHours(analysis).stream());
            case "water.fresh" -> Stream.concat(
                    largerTank(analysis, Tank.Use.FRESH, analysis.figures().value("water.day.use") / Water.USABLE),
                    thriftier(analysis.design()).stream());
            case "water.grey" -> Stream.concat(
                    largerTank(analysis, Tank.Use.GREY, analysis.figures().value("water.day.grey")),
                    thriftier(analysis.design()).stream());
            default -> Stream.empty();
        };
    }

    /// What must come out of the battery in a day, the sun taken off \[J\].
    private static double net(Analysis analysis, double efficiency) {
        return analysis.figures().value("power.day.use")
                - analysis.figures().value("power.sun.harvest") * efficiency;
    }

    private static Optional<Remedy> largerBattery(Analysis analysis) {
        Design d = analysis.design();
        Optional<Thing> first = d.things().stream().filter(t -> t.battery().filter(b -> b.energy() > 0).isPresent())
                .findFirst();
        return first.map(thing -> {
            Battery battery = thing.battery().orElseThrow();
            double wanted = d.brief().nights() * net(analysis, battery.chemistry().efficiency());
            double short_ = wanted - analysis.figures().value("power.battery.usable");
            double energy = Math.ceil((battery.energy() + short_ / battery.chemistry().usableDepth()) / BATTERY_STEP)
                    * BATTERY_STEP;
            double k = energy / battery.energy();
            double heavier = (k - 1) * thing.mass().value();
            return new Remedy(
                    Sentence.of("{0}: {1} instead of {2} ({3} more)", thing.name(), Amount.energy(energy),
                            Amount.energy(battery.energy()), Amount.kg(heavier)),
                    new Edit("Larger battery", design -> design.mapping(thing.id(), t -> grown(t, k)
                            .with(new Battery(energy, battery.chemistry())))));
        });
    }

    /// Mass and price of a store grow with what it holds.
    private static Thing grown(Thing t, double k) {
        return t.with(new Mass(t.mass().value() * k, t.mass().source(), java.util.OptionalDouble.empty()))
                .with(new Cost(t.cost().planned() * k, t.cost().paid()));
    }

    private static Optional<Remedy> shorterHours(Analysis analysis) {
        double nights = analysis.design().brief().nights();
        double efficiency = analysis.design().things().stream().flatMap(t -> t.battery().stream()).findFirst()
                .map(b -> b.chemistry().efficiency()).orElse(0.0);
        double tooMuch = net(analysis, efficiency) - analysis.figures().value("power.battery.usable") / nights;
        return analysis.of(Power.DISCIPLINE).loads().stream().filter(l -> l.energy() > tooMuch)
                .max(Comparator.comparingDouble(Power.Draw::energy)).map(draw -> {
                    Load load = draw.load();
                    double ratio = (draw.energy() - tooMuch) / draw.energy();
                    double hours = Math.floor(load.dailyRunning() * ratio / 360) * 360;
                    return new Remedy(
                            Sentence.of("Run {0} {1} a day instead of {2}", draw.name(), Amount.hours(hours),
                                    Amount.hours(load.dailyRunning())),
                            new Edit("Shorter hours: " + draw.name(), d -> d.mapping(draw.thing(),
                                    t -> t.with(new Load(load.power(), hours, load.feed())))));
                });
    }

    private static Stream<Remedy> largerTank(Analysis analysis, Tank.Use use, double daily) {
        Design d = analysis.design();
        double all = d.things().stream().flatMap(t -> t.tank().stream()).filter(t -> t.use() == use)
                .mapToDouble(Tank::capacity).sum();
        double missing = d.brief().nights() * daily - all;
        Optional<Thing> first = d.things().stream()
                .filter(t -> t.tank().filter(k -> k.use() == use && k.capacity() > 0).isPresent()).findFirst();
        return first.stream().flatMap(thing -> {
            double capacity = Math.ceil((thing.tank().orElseThrow().capacity() + missing) / TANK_STEP) * TANK_STEP;
            double k = capacity / thing.tank().orElseThrow().capacity();
            Size s = thing.size();
            return Stream
                    .of(new Size(s.length(), s.width(), s.height() * k),
                            new Size(s.length() * k, s.width(), s.height()))
                    .map(size -> new Remedy(
                            Sentence.of("{0}: {1} instead of {2}, {3} × {4} × {5}", thing.name(),
                                    Amount.litres(capacity), Amount.litres(thing.tank().orElseThrow().capacity()),
                                    Amount.m(size.length()), Amount.m(size.width()), Amount.m(size.height())),
                            new Edit("Larger tank", design -> design.mapping(thing.id(),
                                    t -> grown(t, k).with(size).with(new Tank(use, capacity))))));
        });
    }

    private static Optional<Remedy> thriftier(Design d) {
        WaterStyle now = d.brief().water();
        if (now == WaterStyle.FRUGAL) {
            return Optional.empty();
        }
        WaterStyle less = WaterStyle.values()[now.ordinal() - 1];
        return Optional.of(new Remedy(
                Sentence.of("Use water in the {0} way: {1} a person and day", less.label(),
                        Amount.litres(less.fresh())),
                new Edit("Water style " + less.label(), design -> design.with(design.brief().with(less)))));
    }
}
