package lectulum.power;

import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.layout.FreePlace;

/// More panels where the roof has room, or a larger battery.
final class YearRemedies {
    private static final String PANEL = "solar-panel-100-w";
    private static final int MOST_PANELS = 4;

    private YearRemedies() {
    }

    static Stream<Remedy> of(Known known, YearRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case POWER_YEAR -> Stream.concat(
                    IntStream.rangeClosed(1, MOST_PANELS).mapToObj(n -> panels(d, n)).flatMap(Optional::stream),
                    DoubleStream.of(1.5, 2, 3).mapToObj(k -> larger(d, k)).flatMap(Optional::stream));
        };
    }

    private static Optional<Remedy> panels(Design d, int count) {
        Thing panel = Catalogue.shipped().find(PANEL).orElseThrow();
        Design next = d;
        for (int i = 0; i < count; i++) {
            Thing named = panel.withId(next.freeId("solar-panel"));
            var at = FreePlace.find(next, named);
            if (at.isEmpty()) {
                return Optional.empty();
            }
            next = next.plus(named.with(at.get()));
        }
        boolean without = next.things().stream().noneMatch(t -> t.has(Electric.Controller.class));
        Optional<Thing> controller = without
                ? SourceRemedies.controller(next, count * panel.solar()).map(t -> strung(t, count))
                : Optional.empty();
        Design more = controller.map(next::plus).orElse(next);
        return Optional.of(new Remedy(Sentence.of("{0} more of panels on the roof: {1}, {2}",
                Amount.watt(count * panel.solar()), Amount.kg(count * panel.mass().value()),
                Amount.money(count * panel.cost().forecast())),
                new Edit("More panels", x -> x.withThings(more.things()))));
    }

    /// In series by two or three, so that hot panels still start the controller.
    private static Thing strung(Thing controller, int panels) {
        Electric.Controller c = controller.feature(Electric.Controller.class).orElseThrow();
        return controller.with(c.inSeries(panels == 3 ? 3 : Math.min(2, panels)));
    }

    private static Optional<Remedy> larger(Design d, double k) {
        return d.things().stream().filter(t -> t.battery().filter(b -> b.energy() > 0).isPresent()).findFirst()
                .map(t -> {
                    Battery b = t.battery().orElseThrow();
                    return new Remedy(Sentence.of("{0}: {1} instead of {2} ({3} more)", t.name(),
                            Amount.energy(k * b.energy()), Amount.energy(b.energy()),
                            Amount.kg((k - 1) * t.mass().value())),
                            new Edit("Larger battery", x -> x.mapping(t.id(),
                                    o -> Mend.grown(o, k).with(new Battery(k * b.energy(), b.chemistry())))));
                });
    }
}
