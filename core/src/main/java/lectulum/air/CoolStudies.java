package lectulum.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.envelope.Envelope;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Aired;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.air.Vapour;
import lectulum.kernel.heat.ClearSky;
import lectulum.kernel.heat.Cooling;
import lectulum.kernel.heat.Steady;
import lectulum.kernel.heat.TwoNodes;
import lectulum.units.Quantity;

/// Cooling: what the sun makes of the hottest afternoon, the size of an air conditioner, how long it takes, what a fan does.
public final class CoolStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("air-cool", "Cooling", Stage.AIR,
            in -> of(in.seeing(Vents::seen, Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.ENVELOPE, Design.Part.SETTINGS), in.of(Cabin.DISCIPLINE)))
            .checking(CoolRules.class, CoolStudies::remedies);
    private static final double SWING = 8;
    /// Damp of a hot afternoon's air, and of a cooled room.
    private static final double HUMID_OUT = 0.35;
    private static final double HUMID_IN = 0.50;
    private static final int DAY_NORTH = 202;
    private static final int DAY_SOUTH = 21;
    private static final double SOAKED = 40;
    private static final double LARGE = 1.5;
    private static final String SOURCE = "ASHRAE clear sky and sol-air temperature; see docs/method/air.md";

    private CoolStudies() {
    }

    static List<Study> of(Design d, Cabin c) {
        return Stream.concat(afternoon(d, c).stream(), ColdBoxes.of(d).stream()).toList();
    }

    private static List<Study> afternoon(Design d, Cabin c) {
        Study.Notebook book = new Study.Notebook("air-cool", Stage.AIR, "The hottest afternoon", "");
        if (c.open() || !c.known()) {
            return List.of(book.note(c.open()
                    ? "There is no cabin to keep cool: the body is open."
                    : "Say first what the walls are built of, under Walls.").done());
        }
        Summer s = new Summer(d, c);
        int worst = s.worst();
        Cooling load = s.load(worst);
        double out = s.outside(worst);
        double size = load.size(out);
        book.figure("air.cool.load", "Comes in at the worst hour", load.total(), Quantity.POWER,
                "Σ A U (Tsol − Ti) + panes + sun through panes + air + people",
                Sentence.of("at {0} o'clock: {1} warm, {2} damp", worst, Amount.watt(load.sensible()),
                        Amount.watt(load.latent())),
                SOURCE);
        book.figure("air.cool.size", "Air conditioner to buy", size, Quantity.POWER,
                "total × 1.10 / (1 − 0.015 (Te − 35))",
                Sentence.of("{0} BTU an hour by its plate",
                        Amount.count(Math.rint(size / Cooling.BTU_HOUR / 100) * 100)),
                "assumed reserve");
        book.figure("air.cool.roof", "The roof's skin is like air of", s.skin(s.roof(), worst), Quantity.TEMPERATURE,
                "Te + α I / he − 63 nz / he", Sentence.of("{0} outside", new Amount(out, Quantity.TEMPERATURE)),
                SOURCE);
        fans(d, c, s, worst, book);
        List<Thing> coolers = d.things().stream().filter(t -> t.has(Aired.Cooler.class)).toList();
        coolers.stream().findFirst().ifPresent(t -> cooler(t, s, load, size, out, book));
        Listing.Maker table = new Listing.Maker("The same roof in another colour").words("Roof").numbers("skin",
                "comes in", "to buy");
        d.envelope().wall(Wall.Side.ROOF).ifPresent(w -> {
            for (Wall.Finish f : List.of(Wall.Finish.WHITE, Wall.Finish.WHITE_DIRTY, Wall.Finish.MID, Wall.Finish.DARK,
                    Wall.Finish.BARE)) {
                Design other = d.with(d.envelope().with(w.withFinish(f)));
                Summer x = new Summer(other, Cabin.of(other, Mode.NIGHT));
                int hour = x.worst();
                Cooling l = x.load(hour);
                table.row(Sentence.of(f == w.finish() ? "{0} (as drawn)" : "{0}", f.label()),
                        new Amount(x.skin(x.roof(), hour), Quantity.TEMPERATURE), Amount.watt(l.total()),
                        Amount.watt(l.size(x.outside(hour))));
            }
        });
        book.listing(table.done());
        return List
                .of(book.chart(s.chart()).caution("An air conditioner on a roof needs a support that is rated for it,"
                        + " and current from a socket or a generator.").done());
    }

    private static void fans(Design d, Cabin c, Summer s, int hour, Study.Notebook book) {
        double gains = s.load(hour).sensible() - c.steady(false).all() * (s.outside(hour) - s.inside);
        Vents v = Vents.of(d);
        double flow = v.fans().stream().mapToDouble(t -> {
            Aired.Fan f = t.feature(Aired.Fan.class).orElseThrow();
            return lectulum.kernel.air.Openings.fan(f.flow(), f.pressure(), v.low()).flow();
        }).sum();
        double alone = Cooling.withFan(s.outside(hour), gains, c.opaque() + c.glazed(false),
                flow + c.changes() * c.volume() / 3600, c.altitude());
        book.figure("air.cool.fan", v.fans().isEmpty() ? "Without fan or cooler inside" : "With the fan alone inside",
                alone,
                Quantity.TEMPERATURE, "Te + sun and people / (walls + air moved)",
                Sentence.of("{0} moved; never below outside", new Amount(flow, Quantity.AIR_FLOW)), SOURCE);
    }

    private static void cooler(Thing t, Summer s, Cooling load, double size, double out, Study.Notebook book) {
        Aired.Cooler cooler = t.feature(Aired.Cooler.class).orElseThrow();
        double current = load.total() / cooler.performance();
        book.figure("air.cool.current", t.name() + " then takes",
                Math.min(current, cooler.power() / cooler.performance()),
                Quantity.POWER, "cooling / COP", Sentence.of("{0} for a watt", Amount.count(cooler.performance())),
                "its plate");
        Optional<Double> reached = s.pullDown(cooler.power());
        if (reached.isPresent()) {
            book.figure("air.cool.time", "Until it is cool", reached.get(), Quantity.DURATION,
                    "two nodes, from a soaked cabin", Sentence.of("from {0} at four in the afternoon",
                            new Amount(SOAKED, Quantity.TEMPERATURE)),
                    SOURCE);
        } else {
            book.absent("air.cool.time", "Until it is cool", Quantity.DURATION, "two nodes, from a soaked cabin",
                    "not before night");
        }
        if (cooler.power() < size) {
            book.say(CoolRules.COOLER, Severity.WARN,
                    Sentence.of("{0} cools by {1}; the hottest afternoon asks for {2}", t.name(),
                            Amount.watt(cooler.power()), Amount.watt(size)),
                    Sentence.of(
                            "{0} outside, {1} o'clock. A white roof, shade or thicker walls make it enough sooner than"
                                    + " a larger one.",
                            new Amount(out, Quantity.TEMPERATURE), s.worst()),
                    List.of(t.id()));
        } else if (cooler.power() > LARGE * size) {
            book.say(CoolRules.COOLER, Severity.NOTE,
                    Sentence.of("{0} cools by {1}; {2} would do", t.name(), Amount.watt(cooler.power()),
                            Amount.watt(size)),
                    Sentence.of("One that is far too large runs in short bursts and leaves the air damp."),
                    List.of(t.id()));
        }
    }

    /// The hottest day at the place of the brief.
    static final class Summer {
        private final Design d;
        private final Cabin cabin;
        private final double hottest;
        private final double inside;
        private final int day;
        private final int month;
        private final double bearing;
        private final double shade;
        private final Sleepers people;

        Summer(Design d, Cabin c) {
            this.d = d;
            this.cabin = c;
            this.hottest = Assumed.value(d, Assumption.AIR_SUMMER);
            this.inside = Assumed.value(d, Assumption.AIR_COOL);
            this.day = d.brief().south() ? DAY_SOUTH : DAY_NORTH;
            this.month = d.brief().south() ? 1 : 7;
            this.bearing = Assumed.value(d, Assumption.AIR_BEARING);
            this.shade = Assumed.value(d, Assumption.AIR_TREES);
            this.people = Sleepers.of(d.brief(), Sleepers.Doing.SEATED);
        }

        /// At the middle of an hour, warmest at three \[°C\].
        double outside(double hour) {
            return TwoNodes.swing(hottest - SWING, SWING, hour);
        }

        private double sun(double nx, double ny, double nz, double hour) {
            return ClearSky.on(ClearSky.Facing.ofBody(nx, ny, nz, bearing), d.brief().latitude(), day, month, hour,
                    shade);
        }

        Optional<Cabin.Face> roof() {
            return cabin.faces().stream().filter(f -> f.side() == Wall.Side.ROOF).findFirst();
        }

        /// What outside is like for a wall \[°C\].
        double skin(Cabin.Face f, double hour) {
            return f.side() == Wall.Side.FLOOR || f.build().isEmpty()
                    ? outside(hour)
                    : ClearSky.solAir(outside(hour), f.absorbs(), sun(f.nx(), f.ny(), f.nz(), hour), f.nz(), f.skin());
        }

        double skin(Optional<Cabin.Face> f, double hour) {
            return f.map(x -> skin(x, hour)).orElse(outside(hour));
        }

        /// Mean of the walls by what they pass \[°C\].
        double skin(double hour) {
            double sum = cabin.faces().stream().mapToDouble(f -> f.loss() * skin(f, hour)).sum();
            return cabin.opaque() > 0 ? sum / cabin.opaque() : outside(hour);
        }

        /// Sun through panes \[W\].
        double glass(double hour) {
            return cabin.panes().stream()
                    .mapToDouble(p -> p.area() * p.gain() * sun(p.nx(), p.ny(), p.nz(), hour)).sum();
        }

        Cooling load(double hour) {
            double out = outside(hour);
            double sensible = cabin.faces().stream().mapToDouble(f -> f.loss() * (skin(f, hour) - inside)).sum()
                    + cabin.glazed(false) * (out - inside) + glass(hour) + cabin.changing() * (out - inside)
                    + people.heat();
            double air = Steady.pressure(cabin.altitude());
            double latent = Cooling.latent(cabin.changes(), cabin.volume(), cabin.altitude(),
                    Vapour.ratio(HUMID_OUT * Vapour.saturated(out), air),
                    Vapour.ratio(HUMID_IN * Vapour.saturated(inside), air)) + people.latent();
            return new Cooling(Math.max(0, sensible), latent);
        }

        /// Hour in which most comes in.
        int worst() {
            int worst = 15;
            for (int h = 0; h < 24; h++) {
                worst = load(h).total() > load(worst).total() ? h : worst;
            }
            return worst;
        }

        /// From four o'clock on until the air is as cool as wanted \[s\]; empty where that takes until midnight.
        Optional<Double> pullDown(double power) {
            TwoNodes nodes = cabin.nodes(false, cabin.changing());
            TwoNodes.State s = new TwoNodes.State(Math.max(outside(16), SOAKED - 2), SOAKED);
            for (int i = 0; i < 32; i++) {
                double hour = 16 + (i + 0.5) / 4;
                s = nodes.step(s, new TwoNodes.Round(outside(hour), skin(hour), people.heat() + glass(hour)),
                        new TwoNodes.Thermostat(inside, -power, 1)).state();
                if (s.air() <= inside + 1e-6) {
                    return Optional.of((i + 1) * TwoNodes.STEP);
                }
            }
            return Optional.empty();
        }

        Chart chart() {
            double[] x = new double[25];
            double[] all = new double[25];
            double[] glass = new double[25];
            for (int h = 0; h < x.length; h++) {
                x[h] = h;
                all[h] = load(h).total();
                glass[h] = glass(h);
            }
            return new Chart("What comes in through the day", "o'clock", Quantity.COUNT, "", Quantity.POWER,
                    List.of(new Chart.Curve("all", x, all), new Chart.Curve("sun through panes", x, glass)), List.of());
        }
    }

    private static Stream<Remedy> remedies(Known known, CoolRules rule, Finding finding) {
        return switch (rule) {
            case COOLER -> cooler(known.design(), known.of(Cabin.DISCIPLINE), finding);
            case ICE -> finding.things().stream().flatMap(id -> known.design().thing(id).stream())
                    .flatMap(t -> ColdBoxes.ice(known.design(), t));
        };
    }

    private static Stream<Remedy> cooler(Design d, Cabin c, Finding finding) {
        List<Remedy> all = new ArrayList<>();
        d.envelope().wall(Wall.Side.ROOF).filter(w -> w.finish() != Wall.Finish.WHITE).ifPresent(w -> all.add(
                new Remedy(Sentence.of("A white roof"), new Edit("White roof", x -> x.with(x.envelope().with(
                        x.envelope().wall(Wall.Side.ROOF).orElse(w).withFinish(Wall.Finish.WHITE)))))));
        all.add(Mend.assumed(Assumption.AIR_TREES, 0.6, Sentence.of("Camp in the shade of trees")));
        all.add(new Remedy(Sentence.of("Insulation one and a half times as thick"), new Edit("Thicker insulation",
                x -> x.with(thicker(x.envelope())))));
        Summer s = new Summer(d, c);
        double size = s.load(s.worst()).size(s.outside(s.worst()));
        double stock = Math.ceil(size / 250) * 250;
        finding.things().stream().flatMap(id -> d.thing(id).stream()).findFirst()
                .flatMap(t -> t.feature(Aired.Cooler.class).map(k -> Mend.feature(t,
                        new Aired.Cooler(Math.min(8000, stock), k.performance()),
                        Sentence.of("One that cools by {0}", Amount.watt(stock)))))
                .ifPresent(all::add);
        return all.stream();
    }

    private static Envelope thicker(Envelope e) {
        return InsulationStudies.thicker(e, 1.5);
    }
}
