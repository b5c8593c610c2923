package lectulum.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumption;
import lectulum.balance.weigh.Method;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Gear;
import lectulum.design.envelope.Substance;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Plumbed;
import lectulum.design.logbook.Journey;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Thing;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.design.workshop.HandPlan;
import lectulum.design.workshop.Stock;
import lectulum.design.workshop.Supply;
import lectulum.design.workshop.Workshop;
import lectulum.space.OnTop;

/// What else the demonstrations could become: variants with what their plans do without.
final class Alternatives {
    private static final double MINUTE = 60;
    private static final double LITRES_A_MINUTE = 60_000;

    private Alternatives() {
    }

    /// Nightjar on a site for a frosty month: warm water, a hose to the site's tap, a second tank under the floor, cloth
    /// in resin over the roof, spring bars for a vehicle that sinks, offcuts of another build, an offer for a ready-made one,
    /// a third weighing with the nose raised, and what a summer had taught by then.
    static Design winter(Design plan) {
        Design d = Placements.add(plan, "nightjar-winter");
        d = with(d, "Cupboard over the galley", new Feature.Screwed(Carcass.Face.LEFT, 3, 0.812));
        d = with(d, "Sink", new Plumbed.WaterTap(Plumbed.Use.SINK, 4 / LITRES_A_MINUTE, true));
        d = with(d, "Can of spring water", new Plumbed.Cans(1, true));
        List<Receipt> receipts = new ArrayList<>(d.purse().receipts());
        receipts.add(Receipt.of("line-old", "Skirt against the wind", Receipt.State.QUOTE, 240)
                .withDate("2025-03-08").withShop("sail loft"));
        List<Weighing> weighed = new ArrayList<>(d.weighings());
        weighed.add(raised());
        return settled(d,
                Map.ofEntries(Map.entry(Assumption.GLASS_LAYERS, 1.0), Map.entry(Assumption.BARS_LENGTH, 0.74),
                        Map.entry(Assumption.BARS_RATED, 2700.0), Map.entry(Assumption.CAMP_JACK_OUT, 0.25),
                        Map.entry(Assumption.CAMP_JACK_IN, 0.10), Map.entry(Assumption.SAVE_TARGET, 5000.0),
                        Map.entry(Assumption.PAINT_HARDENER, 4.0), Map.entry(Assumption.PAINT_SHOP, 18.0),
                        Map.entry(Assumption.DEAL_DOWN, 0.0), Map.entry(Assumption.DEAL_QUOTED, 239.0)))
                .with(d.purse().withReceipts(receipts)).withWeighings(weighed)
                .with(workshop(d.workshop()))
                .withLogbook(d.logbook().withJourneys(List.of(struck("ridge", "2026-07-04", 38),
                        struck("moor", "2026-08-01", 31), struck("dam", "2026-09-05", 27))));
    }

    /// New plywood and screws from the shop, and what was left of another build: a bar and a board that is cut already.
    private static Workshop workshop(Workshop w) {
        Stock plywood = new Stock("new", Stock.Form.SHEET, Substance.PLYWOOD, 2.50, 1.25, 0.012, OptionalDouble.empty(),
                OptionalDouble.of(2), OptionalDouble.empty(), false, "shed", 41, "2026-08-01");
        Stock bar = new Stock("bar", Stock.Form.STICK, Substance.STEEL, 3.0, 0.025, 0.025, OptionalDouble.of(2),
                OptionalDouble.empty(), OptionalDouble.empty(), true, "rack", 0, "");
        Stock board = new Stock("board", Stock.Form.SHEET, Substance.PLYWOOD, 1.25, 0.90, 0.018, OptionalDouble.of(1),
                OptionalDouble.empty(), OptionalDouble.empty(), true, "shed", 0, "");
        return w.withStock(List.of(plywood, bar, board))
                .withSupplies(List.of(new Supply("screws", Supply.Goods.SCREWS, 200, OptionalDouble.of(4),
                        OptionalDouble.of(1), OptionalDouble.of(430), false, "shed", 8.90, "2026-08-01")))
                .withKept(List.of(new HandPlan(Stock.Form.STICK, Substance.STEEL, 3.0, 0.025, 0.025, true, false,
                        List.of()),
                        new HandPlan(Stock.Form.SHEET, Substance.PLYWOOD, 1.25, 0.90, 0.018, true, true,
                                List.of(new HandPlan.Laid(0, 0, 0.853, 0.498)))));
    }

    /// Wheel by wheel before the winter, then once more with the coupler on a high prop.
    private static Weighing raised() {
        List<Weighing.Entry> read = new ArrayList<>();
        for (Map.Entry<WeighPoint, Double> e : List.of(Map.entry(WeighPoint.LEFT_WHEELS, 548.0),
                Map.entry(WeighPoint.RIGHT_WHEELS, 528.0), Map.entry(WeighPoint.COUPLER, 121.0),
                Map.entry(WeighPoint.COUPLER_RAISED, 60.0))) {
            read.add(Method.entry(e.getKey()).reading(e.getValue()));
        }
        return new Weighing("w3", "2026-09-12", "ready for winter", LoadCase.DEPARTURE, 1190, 118, read, List.of(), "");
    }

    private static Journey struck(String name, String date, double minutes) {
        return Journey.of("trip-" + name, name, date, 2, 2).withStriking(OptionalDouble.of(minutes * MINUTE));
    }

    /// Dunlin in one stiff skin: two layers of plywood that its nose bends too far, cut with a saw from inside, and a lamp on
    /// the hatch.
    static Design stiff(Design plan) {
        Base b = plan.base();
        return Placements.add(plan.with(b.with(b.carcass().withSkin(Optional.of(new Carcass.Skin("softwood-ply-9", true,
                2))))), "dunlin-stiff");
    }

    /// Chamois on two axles, each sprung by itself and guided by a bar, behind a vehicle on soft rear tyres.
    static Design tandem(Design single) {
        Base b = single.base();
        double x = b.axle().x() + 0.02;
        Base two = b.with(new Axle(x, 2, 0.84, b.axle().track(), 0.70, 0.205, true, 216))
                .with(new EmptyMass.Entered(402, 1.05, -0.24, x, MassSource.CATALOGUE));
        Gear gear = b.carcass().gear().withGuide(Optional.of(new Gear.Guide(Gear.Guide.Kind.BAR, 0.92, 0.03)))
                .withTapes(List.of(new Gear.Tapes(2.836, 2.834, 1.36, 0.001), new Gear.Tapes(3.647, 3.649, 1.36, 0)));
        return settled(single.with(two.with(two.carcass().with(gear))),
                Map.of(Assumption.SPRING_TORSION, 1.0, Assumption.ROAD_FRONT, 14.0, Assumption.ROAD_REAR, 9.0));
    }

    /// Chamois with a top that lifts, to stand up beneath it, cooled by a unit in the window and by ice.
    static Design lifting(Design single) {
        Base b = single.base();
        return OnTop.risen(Placements.add(single, "chamois-top").with(b.with(b.carcass()
                .withLift(Optional.of(new Carcass.Lift(0.74, 0.018, 154, 60, 4, OptionalDouble.empty()))))));
    }

    private static Design with(Design d, String name, Feature feature) {
        return d.things().stream().filter(t -> t.name().equals(name)).findFirst().map(Thing::id)
                .map(id -> d.mapping(id, t -> t.with(feature)))
                .orElseThrow(() -> new IllegalStateException("no " + name));
    }

    private static Design settled(Design d, Map<Assumption, Double> values) {
        Design next = d;
        for (Map.Entry<Assumption, Double> v : values.entrySet()) {
            next = next.with(next.settings().with(v.getKey().id(), v.getValue()));
        }
        return next;
    }
}
