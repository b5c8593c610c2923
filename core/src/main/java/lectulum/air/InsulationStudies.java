package lectulum.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Substances;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.envelope.Envelope;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Aired;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.fuel.Fuel;
import lectulum.kernel.heat.Steady;
import lectulum.kernel.heat.Worth;
import lectulum.units.Quantity;
import lectulum.weather.Outside;

/// The same cabin without insulation, with it in the roof alone, in roof and walls, and everywhere: what each brings and takes.
public final class InsulationStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("air-wrap", "Insulation, side by side",
            Stage.AIR,
            in -> of(in.withOpenings(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.ENVELOPE,
                    Design.Part.SETTINGS)));
    private static final double USUAL = 0.025;
    private static final double NIGHT_HOURS = 12;
    private static final double MOST_THICK = 0.4;
    private static final Set<Wall.Side> ROOF = Set.of(Wall.Side.ROOF);
    private static final Set<Wall.Side> ROOF_AND_WALLS = Set.of(Wall.Side.ROOF, Wall.Side.SIDES, Wall.Side.FRONT,
            Wall.Side.REAR);

    private InsulationStudies() {
    }

    /// Every insulation so many times as thick.
    static Envelope thicker(Envelope e, double k) {
        return new Envelope(e.walls().stream()
                .map(w -> w.insulation() == Substance.NONE
                        ? w
                        : w.withInsulationThick(Math.min(MOST_THICK, k * w.insulationThick())))
                .toList());
    }

    /// Insulation only on these sides: as thick as it is drawn, or 25 mm of foam where none is.
    static Envelope only(Envelope e, Set<Wall.Side> sides) {
        return new Envelope(e.walls().stream().map(w -> {
            boolean has = w.insulation() != Substance.NONE && w.insulation() != Substance.AIR
                    && w.insulationThick() > 0;
            if (!sides.contains(w.side())) {
                return w.withInsulation(Substance.NONE).withInsulationThick(0);
            }
            return has ? w : w.withInsulation(Substance.XPS).withInsulationThick(USUAL);
        }).toList());
    }

    static List<Study> of(Design d) {
        Study.Notebook book = new Study.Notebook("air-wrap", Stage.AIR, "How much insulation", "");
        Cabin now = Cabin.of(d, Mode.NIGHT);
        if (now.open() || !now.known()) {
            return List.of(book.note("Say first what the walls are built of, under Walls.").done());
        }
        Listing.Maker table = new Listing.Maker("").words("").numbers("as drawn", "none", "roof only", "roof and walls",
                "everywhere");
        List<Design> others = List.of(d, d.with(only(d.envelope(), Set.of())), d.with(only(d.envelope(), ROOF)),
                d.with(only(d.envelope(), ROOF_AND_WALLS)), d.with(only(d.envelope(), Set.of(Wall.Side.values()))));
        List<Option> options = others.stream().map(InsulationStudies::option).toList();
        Option bare = options.get(1);
        row(table, "Cabin loses", options, o -> new Amount(o.steady.all(), Quantity.HEAT_LOSS));
        row(table, "Heater to buy", options, o -> Amount.watt(o.steady.size(o.inside, o.outside)));
        row(table, "People alone warm it by", options, o -> Sentence.of("{0} K",
                Amount.count(Math.rint(10 * o.people / o.steady.all()) / 10)));
        row(table, "Fuel in a year's nights", options, o -> new Amount(o.fuel, Quantity.VOLUME));
        row(table, "saved against none", options, o -> new Amount(against(d, bare, o).fuel(), Quantity.VOLUME));
        row(table, "Coldest wall between studs", options, o -> new Amount(o.coldest, Quantity.TEMPERATURE));
        row(table, "Insulation weighs", options, o -> Amount.kg(o.mass));
        row(table, "and costs about", options, o -> Amount.money(Math.rint(o.cost)));
        row(table, "Space that it takes", options, o -> Amount.stowage(o.space));
        double price = Assumed.value(d, Assumption.AIR_PRICE);
        if (price > 0) {
            row(table, "Paid back after", options, o -> {
                double years = against(d, bare, o).seasons();
                return Double.isFinite(years)
                        ? Sentence.of("{0} years", Amount.count(Math.rint(10 * years) / 10))
                        : "never";
            });
        }
        book.listing(table.done());
        double nights = Assumed.value(d, Assumption.AIR_NIGHTS);
        book.note(Sentence.of(
                "{0} nights of {1} h at {2} below the warmth wanted, burnt as diesel. Insulation at the price"
                        + " of its table; a side that has none is taken with {3} of foam.",
                Amount.count(nights),
                Amount.count(NIGHT_HOURS), Sentence.of("{0} K", Amount.count(mean(d))), Amount.sag(USUAL)));
        return List.of(book.done());
    }

    private static void row(Listing.Maker table, String name, List<Option> options,
            java.util.function.Function<Option, Object> read) {
        Object[] cells = new Object[options.size() + 1];
        cells[0] = name;
        for (int i = 0; i < options.size(); i++) {
            cells[i + 1] = read.apply(options.get(i));
        }
        table.row(cells);
    }

    /// What an option brings against no insulation at all.
    private static Worth against(Design d, Option bare, Option o) {
        List<Worth.Surface> surfaces = new ArrayList<>();
        for (int i = 0; i < o.faces.size(); i++) {
            Cabin.Face f = o.faces.get(i);
            Wall w = d.with(o.envelope).envelope().wall(f.side()).orElse(null);
            boolean has = w != null && w.insulation() != Substance.NONE && w.insulation() != Substance.AIR
                    && w.insulationThick() > 0 && f.build().isPresent();
            if (has) {
                Substances.Entry e = Substances.of(w.insulation());
                surfaces.add(new Worth.Surface(f.area(), bare.faces.get(i).u(), f.u(), w.insulationThick(), e.density(),
                        e.price() * w.insulationThick()));
            }
        }
        return Worth.of(surfaces, mean(d), NIGHT_HOURS * 3600, Assumed.value(d, Assumption.AIR_NIGHTS), o.efficiency,
                Fuel.DIESEL.byVolume(), 1000 * Assumed.value(d, Assumption.AIR_PRICE));
    }

    private record Option(Steady steady, double inside, double outside, double people, double fuel, double coldest,
            double mass, double cost, double space, double efficiency, Envelope envelope, List<Cabin.Face> faces) {
    }

    /// Half as cold as the coldest night, by which a usual one is colder outside \[K\].
    private static double mean(Design d) {
        return Math.max(0, (Assumed.value(d, Assumption.AIR_NIGHT) - Outside.coldest(d)) * 0.6);
    }

    private static Option option(Design d) {
        Cabin c = Cabin.of(d, Mode.NIGHT);
        double inside = Assumed.value(d, Assumption.AIR_DAY);
        double outside = Outside.coldest(d);
        Steady s = c.steady(true);
        double people = Sleepers.of(d.brief(), Sleepers.Doing.ASLEEP).heat();
        double efficiency = WarmthStudies.heaters(d).stream().findFirst()
                .map(t -> t.feature(Aired.RoomHeater.class).orElseThrow().efficiency()).orElse(0.8);
        double heat = Math.max(0, s.all() * mean(d) - people) * NIGHT_HOURS * 3600
                * Assumed.value(d, Assumption.AIR_NIGHTS);
        double mass = 0;
        double cost = 0;
        double space = 0;
        double coldest = inside;
        for (Cabin.Face f : c.faces()) {
            Wall w = d.envelope().wall(f.side()).orElse(null);
            if (w == null || f.build().isEmpty()) {
                continue;
            }
            coldest = Math.min(coldest, f.build().get().temperatures(inside, outside, false).getFirst());
            if (w.insulation() != Substance.NONE && w.insulation() != Substance.AIR && w.insulationThick() > 0) {
                Substances.Entry e = Substances.of(w.insulation());
                double volume = f.area() * w.insulationThick();
                mass += volume * e.density();
                cost += volume * e.price();
                space += volume;
            }
        }
        return new Option(s, inside, outside, people, heat / (efficiency * Fuel.DIESEL.byVolume()), coldest, mass, cost,
                space, efficiency, d.envelope(), c.faces());
    }
}
