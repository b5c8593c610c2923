package lectulum.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import lectulum.assumed.Labour;
import lectulum.balance.Forgotten;
import lectulum.base.Raising;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.base.Shell;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.WaterStyle;
import lectulum.design.brief.Wish;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.Working;
import lectulum.kernel.bodies.Needs;
import lectulum.kernel.finance.Bill;
import lectulum.money.Lines;
import lectulum.power.Power;
import lectulum.space.Solid;
import lectulum.units.Quantity;
import lectulum.water.Water;

/// What each ability costs, and what the camper comes to bare, usable and full.
///
/// Bare keeps what serves no ability; usable adds what serves one that must be; full has all but what serves only what is
/// not wanted. Each sum is that of the design which has just those things, so that it is what an analysis of that design
/// gives.
///
/// @param had   abilities of the design as it stands
/// @param costs what each is or would be, by ability
/// @param sums  by tier
public record Tiers(Abilities had, Map<Ability, Cost> costs, Map<Tier, Sum> sums, Figures figures)
        implements
            Result {

    public static final Discipline<Tiers> DISCIPLINE = new Discipline<>("tiers", "What each wish costs", Stage.BRIEF,
            Discipline.Pace.REST,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.VEHICLE, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.CASES, Design.Part.SETTINGS, Design.Part.PURSE)),
            () -> new Tiers(new Abilities(Set.of(), Map.of()), Map.of(), Map.of(), Figures.NONE));

    /// How much of it is built.
    public enum Tier {
        BARE("bare", "What serves no ability on the list: shell, beds, doors, what is packed."), USABLE("usable",
                "Bare, with what must be."),
        FULL("full", "All but what only serves what is not wanted."), NOW("as drawn", "Everything that is drawn.");

        private final String label;
        private final String says;

        Tier(String label, String says) {
            this.label = label;
            this.says = says;
        }

        public String label() {
            return label;
        }

        public String says() {
            return says;
        }
    }

    /// What a camper comes to.
    ///
    /// @param mass   at departure \[kg\]
    /// @param money  forecast
    /// @param energy used in a day \[J\]
    /// @param water  used in a day \[m³\]
    /// @param hours  own time for the things in it \[s\]
    public record Sum(double mass, double money, double energy, double water, double hours) {
        private Sum paying(double all) {
            return new Sum(mass, all, energy, water, hours);
        }

        private Sum minus(Sum other) {
            return new Sum(mass - other.mass, money - other.money, energy - other.energy, water - other.water,
                    hours - other.hours);
        }
    }

    /// What one ability takes.
    ///
    /// @param given  whether the design has it; else it is what the catalogue would give
    /// @param things names of what gives it, or would
    /// @param more   what the full camper is more with it than without
    /// @param length of the body that it takes \[m\]
    public record Cost(boolean given, List<String> things, Sum more, double length) {
    }

    public static Tiers of(Design design) {
        Abilities had = Abilities.of(design);
        Stands lines = new Stands(design, had);
        Map<Ability, Cost> costs = new EnumMap<>(Ability.class);
        Set<Ability> full = all(design.brief());
        for (Ability ability : Ability.values()) {
            costs.put(ability, cost(design, had, lines, ability, full));
        }
        Map<Tier, Sum> sums = new EnumMap<>(Tier.class);
        for (Tier tier : Tier.values()) {
            Sum things = tier == Tier.NOW ? lines.drawn() : lines.sum(kept(design.brief(), tier));
            sums.put(tier, things.paying(Lines.forecast(tier(design, tier))));
        }
        return new Tiers(had, costs, sums, Figures.of(figures(costs, sums)));
    }

    /// The design with the things of a tier only.
    public static Design tier(Design design, Tier tier) {
        if (tier == Tier.NOW) {
            return design;
        }
        Design kept = with(design, Abilities.of(design), kept(design.brief(), tier));
        return kept.with(design.purse().withReceipts(design.purse().receipts().stream()
                .filter(r -> design.thing(r.thing()).isPresent()
                        ? kept.thing(r.thing()).isPresent()
                        : r.thing().equals(Receipt.BASE) || r.tier().compareTo(need(tier)) <= 0)
                .toList()));
    }

    /// The least essential lines that a tier takes along of those that hang on no thing.
    private static Bill.Tier need(Tier tier) {
        return switch (tier) {
            case BARE, USABLE -> Bill.Tier.ESSENTIAL;
            case FULL -> Bill.Tier.COMFORT;
            case NOW -> Bill.Tier.LUXURY;
        };
    }

    /// The design without what serves only some abilities.
    static Design without(Design design, Set<Ability> gone) {
        Set<Ability> kept = EnumSet.allOf(Ability.class);
        kept.removeAll(gone);
        Design left = with(design, Abilities.of(design), kept);
        return left.with(design.purse().withReceipts(design.purse().receipts().stream()
                .filter(r -> design.thing(r.thing()).isEmpty() || left.thing(r.thing()).isPresent()).toList()));
    }

    private static Set<Ability> kept(Brief brief, Tier tier) {
        return switch (tier) {
            case BARE -> Set.of();
            case USABLE -> wished(brief, Wish.MUST);
            case FULL, NOW -> all(brief);
        };
    }

    private static Set<Ability> wished(Brief brief, Wish wish) {
        Set<Ability> all = EnumSet.noneOf(Ability.class);
        brief.wishes().forEach((ability, w) -> {
            if (w == wish) {
                all.add(ability);
            }
        });
        return all;
    }

    private static Set<Ability> all(Brief brief) {
        Set<Ability> all = EnumSet.allOf(Ability.class);
        all.removeAll(wished(brief, Wish.NOT));
        return all;
    }

    private static boolean stays(Set<Ability> serves, Set<Ability> kept) {
        return serves.isEmpty() || serves.stream().anyMatch(kept::contains);
    }

    /// The design less what serves only abilities that are not kept, and, where the toilet goes, without its flushing.
    private static Design with(Design design, Abilities had, Set<Ability> kept) {
        return design.with(asked(design.brief(), kept)).withThings(design.things().stream()
                .filter(t -> stays(had.serves().getOrDefault(t.id(), Set.of()), kept)).toList());
    }

    private static Brief asked(Brief brief, Set<Ability> kept) {
        Brief asked = kept.contains(Ability.TOILET) ? brief : brief.with(Toilet.NONE);
        return !kept.contains(Ability.SHOWER) && asked.water() == WaterStyle.SHOWERS
                ? asked.with(WaterStyle.NORMAL)
                : asked;
    }

    /// Own time for all things of a design \[s\].
    public static double hours(Design design) {
        return Labour.hours(design);
    }

    /// What each thing adds, looked up once, since every ability is summed with and without.
    private static final class Stands {
        private final Design design;
        private final List<Thing> things;
        /// One bit for each ability that a thing serves.
        private final int[] serves;
        private final double[] mass;
        private final double[] money;
        private final double base;
        private final double[] hours;

        Stands(Design design, Abilities had) {
            this.design = design;
            this.things = design.things();
            this.serves = new int[things.size()];
            this.mass = new double[things.size()];
            this.money = new double[things.size()];
            this.hours = new double[things.size()];
            LoadCase departure = design.loadCase(LoadCase.DEPARTURE.id());
            Map<String, Double> paid = new HashMap<>();
            Lines.of(design).forEach(l -> paid.put(l.id(), l.forecast()));
            this.base = paid.getOrDefault(Receipt.BASE, 0.0);
            double forgotten = departure.builtIn() ? Forgotten.share(design) : 0;
            for (int i = 0; i < things.size(); i++) {
                Thing t = things.get(i);
                serves[i] = bits(had.serves().getOrDefault(t.id(), Set.of()));
                mass[i] = departure.times(t) * Math.max(0, t.mass().value()) + departure.contents(t)
                        + forgotten * Forgotten.made(t);
                money[i] = paid.getOrDefault(t.id(), 0.0);
                hours[i] = Labour.of(t).by(design.brief().effort());
            }
        }

        private static int bits(Set<Ability> abilities) {
            int bits = 0;
            for (Ability a : abilities) {
                bits |= 1 << a.ordinal();
            }
            return bits;
        }

        /// Which things stay where some abilities do.
        private boolean[] in(Set<Ability> abilities) {
            boolean[] in = new boolean[things.size()];
            int bits = bits(abilities);
            for (int i = 0; i < in.length; i++) {
                in[i] = serves[i] == 0 || (serves[i] & bits) != 0;
            }
            return in;
        }

        private List<Thing> those(boolean[] in) {
            return IntStream.range(0, in.length).filter(i -> in[i]).mapToObj(things::get).toList();
        }

        List<Thing> kept(Set<Ability> abilities) {
            return those(in(abilities));
        }

        /// What stays where some abilities do, and goes where only the others do.
        List<Thing> only(Set<Ability> abilities, Set<Ability> others) {
            boolean[] in = in(abilities);
            boolean[] still = in(others);
            for (int i = 0; i < in.length; i++) {
                in[i] &= !still[i];
            }
            return those(in);
        }

        Sum sum(Set<Ability> abilities) {
            boolean[] in = in(abilities);
            return sum(in, those(in), asked(design.brief(), abilities));
        }

        Sum drawn() {
            boolean[] in = new boolean[things.size()];
            Arrays.fill(in, true);
            return sum(in, things, design.brief());
        }

        private Sum sum(boolean[] in, List<Thing> kept, Brief asked) {
            double m = design.base().empty().mass();
            double c = base;
            double h = 0;
            for (int i = 0; i < in.length; i++) {
                if (in[i]) {
                    m += mass[i];
                    c += money[i];
                    h += hours[i];
                }
            }
            return new Sum(m, c, Power.use(design.brief(), kept), Water.use(asked), h);
        }
    }

    private static Cost cost(Design design, Abilities had, Stands lines, Ability ability, Set<Ability> full) {
        if (ability == Ability.STAND_UP) {
            return standing(design, had.given().contains(ability));
        }
        Set<Ability> on = EnumSet.noneOf(Ability.class);
        on.addAll(full);
        Set<Ability> off = EnumSet.copyOf(EnumSet.allOf(Ability.class));
        off.retainAll(full);
        on.add(ability);
        off.remove(ability);
        if (had.given().contains(ability)) {
            List<Thing> gone = lines.only(on, off);
            return new Cost(true, gone.stream().map(Thing::name).toList(), lines.sum(on).minus(lines.sum(off)),
                    floor(gone));
        }
        List<Thing> there = lines.kept(off);
        List<Thing> added = Abilities.row(ability).things().stream()
                .filter(t -> t.role() != Role.BUILT_IN || there.stream().noneMatch(x -> stands(x, t))).toList();
        return new Cost(false, added.stream().map(Thing::name).toList(), added(design, ability, there, added),
                Abilities.row(ability).floor());
    }

    /// What things of the catalogue would add to those that are there.
    private static Sum added(Design design, Ability ability, List<Thing> there, List<Thing> added) {
        Stands more = new Stands(design.withThings(added), new Abilities(Set.of(), Map.of()));
        Sum alone = more.drawn();
        List<Thing> both = new ArrayList<>(there);
        both.addAll(added);
        Brief brief = design.brief();
        Brief asks = switch (ability) {
            case TOILET -> brief.with(Toilet.CASSETTE);
            case SHOWER -> brief.with(WaterStyle.SHOWERS);
            default -> brief;
        };
        return new Sum(alone.mass - design.base().empty().mass(), alone.money - more.base,
                Power.use(brief, both) - Power.use(brief, there), Water.use(asks) - Water.use(brief), alone.hours);
    }

    /// Whether what is there already does for what the catalogue would add.
    static boolean stands(Thing there, Thing added) {
        return there.symbol().equals(added.symbol()) && !added.symbol().isEmpty()
                && there.tank().map(t -> t.use()).equals(added.tank().map(t -> t.use()));
    }

    /// Length of the body that things on the floor take \[m\].
    private static double floor(List<Thing> things) {
        return things.stream().filter(t -> t.mount() == Mount.INSIDE && t.place().z() < 0.1).mapToDouble(t -> {
            Solid s = Solid.of(t.size(), t.place());
            return s.maxX() - s.minX();
        }).max().orElse(0);
    }

    /// What the height to stand in costs over the height to sit up on a bed.
    private static Cost standing(Design design, boolean given) {
        double tallest = design.brief().tallest();
        Shell shell = design.base().shell();
        double sitting = 0.5 + new Needs(Math.max(0.5, tallest)).sitUp();
        double inside = shell.height() - design.base().roof();
        double from = given ? sitting : Math.max(sitting, Math.min(inside, new Needs(tallest).standing()));
        double to = given ? inside : new Needs(tallest).standing();
        double skin = tallest > 0 ? Math.max(0, to - from) * 2 * (shell.length() + shell.width()) : 0;
        return new Cost(given, List.of("walls from " + round(from) + " to " + round(Math.max(from, to)) + " m inside"),
                new Sum(Raising.SKIN_MASS * skin, Raising.SKIN_MONEY * skin, 0, 0, Raising.SKIN_HOURS * skin), 0);
    }

    private static String round(double metres) {
        return String.format(Locale.ROOT, "%.2f", metres);
    }

    private static List<Figure> figures(Map<Ability, Cost> costs, Map<Tier, Sum> sums) {
        List<Figure> all = new ArrayList<>();
        sums.forEach((tier, s) -> add(all, "brief." + tier.name().toLowerCase(Locale.ROOT) + ".",
                capital(tier.label()), s, "Σ over the things that are kept", Sentence.of("{0}", tier.says())));
        costs.forEach((ability, c) -> {
            String id = "brief.wish." + ability.name().toLowerCase(Locale.ROOT).replace('_', '-') + ".";
            Sentence of = Sentence.of(c.given ? "in the design: {0}" : "from the catalogue: {0}",
                    c.things.isEmpty() ? "nothing of its own" : String.join(", ", c.things));
            add(all, id, capital(ability.label()), c.more, "full with it − full without it", of);
            all.add(Figure.of(id + "length", capital(ability.label()) + ", length", c.length, Quantity.LENGTH,
                    new Working("along the body, of what stands on the floor", of, List.of(), "geometry, or assumed")));
        });
        return all;
    }

    private static void add(List<Figure> all, String id, String label, Sum s, String formula, Sentence numbers) {
        String source = "sum; hours assumed, see docs/method/brief.md";
        all.add(Figure.of(id + "mass", label + ", mass", s.mass, Quantity.MASS,
                new Working(formula, numbers, List.of(), source)));
        all.add(Figure.of(id + "money", label + ", cost", s.money, Quantity.MONEY,
                new Working(formula, numbers, List.of(), source)));
        all.add(Figure.of(id + "energy", label + ", use in a day", s.energy, Quantity.ENERGY,
                new Working(formula, numbers, List.of(), source)));
        all.add(Figure.of(id + "water", label + ", water in a day", s.water, Quantity.VOLUME,
                new Working(formula, numbers, List.of(), source)));
        all.add(Figure.of(id + "hours", label + ", own time", s.hours, Quantity.DURATION,
                new Working(formula, numbers, List.of(Sentence.of("Own time is assumed by what a thing is; {0} for a"
                        + " trade that is not known.", Amount.share(Labour.LEARNING))), source)));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
