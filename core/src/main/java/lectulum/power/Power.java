package lectulum.power;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Load;
import lectulum.design.thing.Sight;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Band;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Verdict;
import lectulum.figures.Working;
import lectulum.units.Quantity;

/// What runs from the battery in a day at camp, what the battery holds and the sun brings, and how many nights that
/// lasts.
///
/// A camper without loads lasts as long as is counted; one without a battery lasts no night.
///
/// @param loads what draws power, largest first
public record Power(List<Draw> loads, Figures figures, List<Finding> findings) implements Result {

    public static final Discipline<Power> DISCIPLINE = new Discipline<Power>("power", "Power", Stage.POWER,
            Discipline.Pace.HAND,
            in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.BASE, Design.Part.SETTINGS)),
            () -> new Power(List.of(), Figures.NONE, List.of()))
            .checking(PowerRules.class, PowerRemedies::of);
    private static final double HOUR = 3600;
    /// Nights beyond which nobody counts.
    public static final double MOST_NIGHTS = 365;

    /// What one thing takes from the battery in a day.
    ///
    /// @param energy \[J\]; 0 for what runs on shore power only
    public record Draw(String thing, String name, Load load, double energy) {
    }

    /// What gives, keeps, carries or takes electricity, wherever it stands.
    public static Sight seen(Thing t) {
        return t.system() == SystemGroup.ELECTRICAL || t.load().isPresent() || t.battery().isPresent() || t.solar() > 0
                || t.features().stream().anyMatch(Electric.class::isInstance) ? Sight.UNPLACED : Sight.UNSEEN;
    }

    public static Power of(Design design) {
        Brief brief = design.brief();
        Electric.Inverter inverter = Plant.of(design).inverterOr();
        Rehearsal.MeanDay day = Rehearsal.MeanDay.of(brief);
        List<Draw> draws = new ArrayList<>();
        for (Thing thing : Rehearsal.drawing(design.things())) {
            draws.add(new Draw(thing.id(), thing.name(), thing.load().orElseThrow(),
                    day.energy(Rehearsal.appliance(thing), inverter.efficiency())));
        }
        draws.sort(Comparator.comparingDouble(Draw::energy).reversed());
        double idle = idle(design.things());
        double use = draws.stream().mapToDouble(Draw::energy).sum() + idle;
        Store store = Store.of(design.things());
        double peak = design.things().stream().mapToDouble(Thing::solar).sum();
        double sun = sun(design);
        double dark = nights(store.usable, use);
        double nights = nights(store.usable, use - sun * store.efficiency);
        Figures figures = Figures.of(List.of(use(draws, idle, use), usable(store), harvest(brief, peak, sun),
                dark(store, use, dark), nightsFigure(brief, store, use, sun, nights)));
        return new Power(List.copyOf(draws), figures, findings(brief, draws, store, use, nights));
    }

    /// What the panels bring on the mean day of the brief \[J\].
    private static double sun(Design design) {
        double sum = 0;
        for (double watts : Rehearsal.of(design).meanSun()) {
            sum += watts;
        }
        return sum * HOUR;
    }

    /// What things take from the battery in a mean day of the brief \[J\], the inverter with them.
    public static double use(Brief brief, List<Thing> things) {
        Rehearsal.MeanDay day = Rehearsal.MeanDay.of(brief);
        double passes = passes(things);
        double sum = 0;
        for (Thing thing : things) {
            if (thing.load().isPresent()) {
                sum += day.energy(Rehearsal.appliance(thing), passes);
            }
        }
        return sum + idle(things);
    }

    private static double passes(List<Thing> things) {
        return inverter(things).map(Electric.Inverter::efficiency).orElse(Plant.PASSES);
    }

    private static Optional<Electric.Inverter> inverter(List<Thing> things) {
        return things.stream().flatMap(t -> t.feature(Electric.Inverter.class).stream())
                .max(Comparator.comparingDouble(Electric.Inverter::watts));
    }

    /// What the inverter itself takes while anything runs on it \[J\].
    static double idle(List<Thing> things) {
        double longest = 0;
        for (Thing thing : things) {
            if (thing.load().isPresent() && thing.load().get().power() > 0
                    && thing.load().get().feed() == Load.Feed.INVERTER) {
                longest = Math.max(longest, thing.load().get().dailyRunning());
            }
        }
        Optional<Electric.Inverter> inverter = inverter(things);
        return inverter.map(Electric.Inverter::idle).orElse(Plant.IDLE)
                * (inverter.filter(Electric.Inverter::always).isPresent() ? 24 * HOUR : longest);
    }

    /// Nights until the store is empty; [#MOST_NIGHTS] where nothing is drawn from it.
    private static double nights(double usable, double netUse) {
        return netUse <= 0 ? MOST_NIGHTS : Math.min(MOST_NIGHTS, usable / netUse);
    }

    /// All batteries together.
    private record Store(double nominal, double usable, double efficiency, int count) {
        static Store of(List<Thing> things) {
            double nominal = 0;
            double usable = 0;
            double returned = 0;
            int count = 0;
            for (Thing thing : things) {
                if (thing.battery().isPresent()) {
                    Battery battery = thing.battery().get();
                    nominal += battery.energy();
                    usable += battery.energy() * battery.chemistry().usableDepth();
                    returned += battery.energy() * battery.chemistry().efficiency();
                    count++;
                }
            }
            return new Store(nominal, usable, nominal > 0 ? returned / nominal : 0, count);
        }
    }

    private static Figure use(List<Draw> draws, double idle, double use) {
        List<Sentence> notes = new ArrayList<>();
        draws.stream().filter(d -> d.energy() > 0).limit(3)
                .forEach(d -> notes.add(Sentence.of("{0}: {1} for {2} = {3}", d.name(), Amount.watt(d.load().power()),
                        Amount.hours(d.load().dailyRunning()), Amount.energy(d.energy()))));
        if (idle > 0) {
            notes.add(Sentence.of("The inverter itself: {0}", Amount.energy(idle)));
        }
        return Figure.of("power.day.use", "Use in a day", use, Quantity.ENERGY,
                new Working("Σ power × hours of a mean day, ÷ efficiency through the inverter",
                        Sentence.of("{0} loads: {1}", draws.size(), Amount.energy(use)), notes, "arithmetic"));
    }

    private static Figure usable(Store store) {
        return Figure.of("power.battery.usable", "Battery, usable", store.usable, Quantity.ENERGY,
                new Working("Σ nominal × usable share",
                        Sentence.of("{0} of {1} nominal", Amount.energy(store.usable), Amount.energy(store.nominal)),
                        List.of(Sentence.of("Usable share: lead 50 %, lithium iron phosphate 80 % (assumed).")),
                        "battery data sheets rule; see docs/method/power.md"));
    }

    private static Figure harvest(Brief brief, double peak, double sun) {
        return Figure.of("power.sun.harvest", "Sun in a day", sun, Quantity.ENERGY,
                new Working("Σ hours: peak power × irradiance/1000 × temperature × losses",
                        Sentence.of("{0}, month {1}, latitude {2}°, {3}: {4}", Amount.watt(peak), brief.month(),
                                brief.latitude(), brief.climate().label(), Amount.energy(sun)),
                        List.of(Sentence
                                .of("Losses: soil 5 %, wires 3 %, controller 4 %, shade by each panel (assumed).")),
                        "mean day of the month, Duffie and Beckman; see docs/method/power.md"));
    }

    private static Figure dark(Store store, double use, double nights) {
        return Figure.of("power.nightsDark", "Nights without sun", nights, Quantity.NIGHTS,
                new Working("usable / use", Sentence.of("{0} / {1} = {2}", Amount.energy(store.usable),
                        Amount.energy(use), Amount.nights(nights)), List.of(), "arithmetic"));
    }

    private static Figure nightsFigure(Brief brief, Store store, double use, double sun, double nights) {
        List<Sentence> notes = List.of(Sentence.of(use <= 0
                ? "Nothing draws power."
                : nights >= MOST_NIGHTS
                        ? "The sun keeps up with the use in a mean day of this month."
                        : "Starts full; mean days: a dark week is shorter."));
        String want = use <= 0
                ? "nothing draws power"
                : nights >= MOST_NIGHTS ? "want {0}: the sun keeps up" : "want {0}";
        Verdict verdict = nights >= brief.nights() ? Verdict.GOOD : nights < 1 ? Verdict.STOP : Verdict.WARN;
        return Figure.of("power.nights", "Off grid", nights, Quantity.NIGHTS,
                new Working("usable / (use − sun × battery efficiency)",
                        Sentence.of("{0} / ({1} − {2} × {3}) = {4}", Amount.energy(store.usable), Amount.energy(use),
                                Amount.energy(sun), Amount.share(store.efficiency), Amount.nights(nights)),
                        notes, "arithmetic"))
                .with(new Band(brief.nights(), Double.NaN, verdict,
                        Sentence.of(want, Amount.count(brief.nights()))));
    }

    private static List<Finding> findings(Brief brief, List<Draw> draws, Store store, double use, double nights) {
        List<Finding> all = new ArrayList<>();
        List<String> largest = draws.stream().filter(d -> d.energy() > 0).limit(1).map(Draw::thing).toList();
        if (use > 0 && store.count == 0) {
            all.add(Finding.of(PowerRules.POWER_NIGHTS, Subject.WHOLE, Severity.WARN,
                    Sentence.of("There is no battery to run anything"),
                    Sentence.of("The loads want {0} in a day.", Amount.energy(use)), largest));
        } else if (nights < Math.min(1, brief.nights())) {
            all.add(Finding.of(PowerRules.POWER_NIGHTS, Subject.WHOLE, Severity.WARN,
                    Sentence.of("The battery does not last one night"),
                    Sentence.of("{0} usable against {1} in a day, most of it for {2}.", Amount.energy(store.usable),
                            Amount.energy(use), draws.isEmpty() ? "nothing" : draws.getFirst().name()),
                    largest));
        } else if (nights < brief.nights()) {
            all.add(Finding.of(PowerRules.POWER_NIGHTS, Subject.WHOLE, Severity.WARN,
                    Sentence.of("The battery lasts {0}, the trip {1}", Amount.nights(nights),
                            Amount.nights(brief.nights())),
                    Sentence.of("{0} usable, {1} used in a day.", Amount.energy(store.usable), Amount.energy(use)),
                    largest));
        }
        return all;
    }
}
