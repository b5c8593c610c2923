package lectulum.water;

import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.brief.WaterStyle;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.units.Units;

/// Larger tanks and thriftier ways, each as much as the trip needs.
final class WaterRemedies {
    /// Tanks are proposed in steps of 5 L \[m³\].
    private static final double TANK_STEP = 5 * Units.LITRE;

    private WaterRemedies() {
    }

    static Stream<Remedy> of(Known known, WaterRules rule, Finding finding) {
        return switch (rule) {
            case WATER_FRESH -> Stream.concat(
                    largerTank(known, Tank.Use.FRESH,
                            known.of(Water.DISCIPLINE).figures().value("water.day.use") / drawn(known)),
                    thriftier(known.design()).stream());
            case WATER_GREY -> Stream.concat(
                    largerTank(known, Tank.Use.GREY, known.of(Water.DISCIPLINE).figures().value("water.day.grey")),
                    thriftier(known.design()).stream());
            case WATER_WASTE -> largerTank(known, Tank.Use.BLACK,
                    Water.capacity(known.design().things(), Tank.Use.BLACK)
                            / known.of(Water.DISCIPLINE).figures().value("water.waste.days"));
        };
    }

    private static Stream<Remedy> largerTank(Known known, Tank.Use use, double daily) {
        Design d = known.design();
        double all = d.things().stream().flatMap(t -> t.tank().stream()).filter(t -> t.use() == use)
                .mapToDouble(Tank::capacity).sum();
        double missing = d.brief().nights() * daily - all;
        Optional<Thing> first = d.things().stream()
                .filter(t -> t.tank().filter(k -> k.use() == use && k.capacity() > 0).isPresent()).findFirst();
        return first.stream().flatMap(thing -> {
            double capacity = Math.ceil((thing.tank().orElseThrow().capacity() + missing) / TANK_STEP) * TANK_STEP;
            return Mend.tank(thing, capacity);
        });
    }

    /// Part of the tanks that is reached.
    private static double drawn(Known known) {
        double all = Water.capacity(known.design().things(), Tank.Use.FRESH);
        double usable = known.of(Water.DISCIPLINE).figures().value("water.fresh.usable");
        return all > 0 && usable > 0 ? usable / all : Water.USABLE;
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
