package lectulum.power;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;
import lectulum.kernel.weather.Band;
import lectulum.units.Quantity;
import lectulum.weather.Weather;

/// A year of 8 760 hours in the weather of the brief: when it is empty, what the sun brings, what frost keeps out, how long
/// the battery lives, and which load breaks it.
public final class YearStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-year", "Power of a year",
            Stage.POWER, in -> of(in.seeing(Power::seen, Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Weather.DISCIPLINE), in.of(RoadCharge.DISCIPLINE), in::stillWanted))
            .checking(YearRules.class, YearRemedies::of);

    private static final double HOUR = 3600;
    private static final double KILO = 1000;
    private static final int MONTHS = 12;
    /// Loads that are left out one by one, the largest first.
    private static final int LOOKED_AT = 4;
    /// A day that uses less of the battery wears it no more than standing \[1\].
    private static final double SHALLOW = 0.02;
    private static final String SOURCE = "hourly simulation over a seeded year; see docs/method/power.md";

    private YearStudies() {
    }

    static List<Study> of(Design design, Weather weather, RoadCharge road, Runnable stillWanted) {
        Rehearsal r = Rehearsal.of(design, road);
        Study.Notebook book = new Study.Notebook("power-year", Stage.POWER, "A year of it", "");
        Optional<Bank> has = r.bank();
        if (has.isEmpty()) {
            return List.of(book.note("There is no battery to take through a year.").done());
        }
        Bank bank = has.get();
        Hours hours = r.year(weather);
        Simulation simulation = r.simulation(bank);
        Simulation.Course course = simulation.course(hours, 1);
        Simulation.Outcome o = course.outcome();
        Simulation.Trace t = course.trace();
        int occupied = 0;
        for (boolean here : hours.occupied()) {
            occupied += here ? 1 : 0;
        }
        book.figure("power.year.empty", "Empty while somebody is there", o.emptyOccupied() * HOUR, Quantity.DURATION,
                "hours in which something is not had", Sentence.of("of {0} with somebody there, {1} in all",
                        Amount.hours(occupied * HOUR), Amount.hours(o.emptyHours() * HOUR)),
                SOURCE);
        energy(book, "power.year.use", "Wanted", o.load(), "Σ over the hours");
        energy(book, "power.year.sun", "Sun used", o.sunUsed(), "Σ over the hours");
        if (!r.plant().chargers(Electric.From.VEHICLE).isEmpty()
                || !r.plant().chargers(Electric.From.RELAY).isEmpty()) {
            energy(book, "power.year.driving", "From the vehicle", o.driving(), "Σ over the hours");
        }
        if (o.shore() + o.shoreLoads() > 0) {
            book.figure("power.year.shore", "From the mains", (o.shore() + o.shoreLoads()) * HOUR, Quantity.ENERGY,
                    "Σ over the hours", Sentence.of("{0} of it through the battery, {1} straight",
                            Amount.energy(o.shore() * HOUR), Amount.energy(o.shoreLoads() * HOUR)),
                    SOURCE);
        }
        if (r.plant().generator().isPresent()) {
            energy(book, "power.year.generator", "From the generator", o.generator(), "Σ over the hours");
        }
        energy(book, "power.year.curtailed", "Sun that nothing took", o.curtailed(), "available − used");
        energy(book, "power.year.unmet", "Wanted and not had", o.unmet(), "Σ over the hours");
        book.figure("power.year.least", "Lowest state of charge", o.least(), Quantity.SHARE, "least over the hours",
                Sentence.of("of {0} nominal", Amount.energy(bank.energy() * HOUR)), SOURCE);
        book.figure("power.year.frozen", "Frost keeps it from charging", o.frozen() * HOUR, Quantity.DURATION,
                "hours with sun left over and the battery too cold",
                Sentence.of("{0} below freezing", bank.chemistry().frost() ? "must not be charged" : "takes half"),
                SOURCE);
        double wear = wear(bank, t);
        book.figure("power.year.life", "Years that the battery lives, about",
                Math.min(bank.chemistry().years(), 1 / wear),
                Quantity.COUNT, "min (age, 1 / Σ 1/cycles(depth of the day))",
                Sentence.of("years; of age it lives {0}", Amount.count(bank.chemistry().years())),
                "data-sheet cycles, assumed");
        breaking(book, r, bank, hours, o, stillWanted);
        if (o.emptyOccupied() > 0) {
            book.say(YearRules.POWER_YEAR, Severity.NOTE,
                    Sentence.of("In a year it is empty for {0} while somebody is there",
                            Amount.hours(o.emptyOccupied() * HOUR)),
                    Sentence.of("{0} are not had. The year is one that the climate could bring; another differs.",
                            Amount.energy(o.unmet() * HOUR)));
        }
        if (o.frozen() > 0 && bank.chemistry().frost()) {
            book.note("In storage a lithium battery may be disconnected full; charging it in frost is what harms it.");
        }
        stillWanted.run();
        return List.of(book.chart(months(t, hours)).chart(lowest(t)).done(),
                Autonomy.of(r, bank, hours, design.brief().month() - 1).study(design.brief().nights()));
    }

    private static void energy(Study.Notebook book, String id, String label, double wattHours, String formula) {
        book.figure(id, label, wattHours * HOUR, Quantity.ENERGY, formula,
                Sentence.of("{0}", Amount.energy(wattHours * HOUR)), SOURCE);
    }

    /// What would change most if one load stayed at home.
    private static void breaking(Study.Notebook book, Rehearsal r, Bank bank, Hours hours, Simulation.Outcome all,
            Runnable stillWanted) {
        if (all.emptyHours() == 0) {
            return;
        }
        int best = -1;
        Simulation.Outcome least = all;
        List<Integer> largest = new ArrayList<>();
        for (int i = 0; i < r.drawing().size(); i++) {
            largest.add(i);
        }
        largest.sort(java.util.Comparator.comparingDouble(
                i -> -r.drawing().get(i).load().orElseThrow().power()
                        * r.drawing().get(i).load().orElseThrow().dailyRunning()));
        for (int i : largest.subList(0, Math.min(LOOKED_AT, largest.size()))) {
            stillWanted.run();
            Simulation.Outcome o = r.without(bank, i).run(hours, 1);
            if (o.emptyOccupied() < least.emptyOccupied()
                    || o.emptyOccupied() == least.emptyOccupied() && o.emptyHours() < least.emptyHours()) {
                least = o;
                best = i;
            }
        }
        if (best >= 0) {
            book.note("What breaks it: without {0} it would be empty for {1} instead of {2} while somebody is there.",
                    r.drawing().get(best).name(), Amount.hours(least.emptyOccupied() * HOUR),
                    Amount.hours(all.emptyOccupied() * HOUR));
        }
    }

    private static double wear(Bank bank, Simulation.Trace t) {
        double wear = 0;
        for (int d = 0; d < t.state().length / 24; d++) {
            double low = 1;
            double high = 0;
            for (int h = 24 * d; h < 24 * d + 24; h++) {
                low = Math.min(low, t.state()[h]);
                high = Math.max(high, t.state()[h]);
            }
            if (high - low >= SHALLOW) {
                wear += 1 / bank.cycles(high - low);
            }
        }
        return wear;
    }

    private static Chart months(Simulation.Trace t, Hours hours) {
        double[] wanted = new double[MONTHS];
        double[] sun = new double[MONTHS];
        double[] used = new double[MONTHS];
        for (int h = 0; h < t.load().length; h++) {
            int m = Band.month(h / 24 + 1);
            wanted[m] += t.load()[h] / KILO;
            sun[m] += hours.sun()[h] / KILO;
            used[m] += t.sun()[h] / KILO;
        }
        return new Chart("Energy by month", "month", Quantity.COUNT, "kWh", Quantity.COUNT,
                List.of(byMonth("wanted", wanted), byMonth("sun could give", sun), byMonth("sun taken", used)),
                List.of());
    }

    private static Chart lowest(Simulation.Trace t) {
        double[] low = new double[MONTHS];
        java.util.Arrays.fill(low, 1);
        for (int h = 0; h < t.state().length; h++) {
            int m = Band.month(h / 24 + 1);
            low[m] = Math.min(low[m], t.state()[h]);
        }
        return new Chart("Lowest state of charge by month", "month", Quantity.COUNT, "", Quantity.SHARE,
                List.of(byMonth("battery", low)), List.of());
    }

    private static Chart.Curve byMonth(String name, double[] of) {
        double[] x = new double[MONTHS];
        for (int m = 0; m < MONTHS; m++) {
            x[m] = m + 1;
        }
        return new Chart.Curve(name, x, of);
    }
}
