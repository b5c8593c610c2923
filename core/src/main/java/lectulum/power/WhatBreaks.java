package lectulum.power;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;
import lectulum.kernel.weather.SplitMix;
import lectulum.units.Quantity;
import lectulum.weather.Weather;

/// What breaks a year and what would just hold it: each load left at home in turn, the years that the same climate brings,
/// loads that differ from what they are taken for, and the least panels and the least battery without an empty hour.
///
/// Some hundred years by the hour, so it belongs off the interface thread; it stops within one of them.
public final class WhatBreaks {
    private static final double HOUR = 3600;
    private static final int YEARS = 20;
    private static final int DRAWS = 200;
    private static final int HALVINGS = 20;
    private static final double LEAST_PANELS = 20;
    private static final double MOST_PANELS = 3000;
    private static final double STEP = 10;
    private static final double MOST_CHARGE = 1000;
    private static final double LONGER = 24;
    private static final String SOURCE = "hourly simulation over seeded years; see docs/method/power.md";

    private final Design design;
    private final Rehearsal own;
    private final Bank bank;
    private final Map<Integer, Weather> weathers = new HashMap<>();
    private final List<Hours> years = new ArrayList<>();
    private final BooleanSupplier stop;
    private final DoubleConsumer progress;
    private int done;
    private final int all;

    private WhatBreaks(Design design, Rehearsal own, Bank bank, BooleanSupplier stop, DoubleConsumer progress) {
        this.design = design;
        this.own = own;
        this.bank = bank;
        this.stop = stop;
        this.progress = progress;
        this.all = YEARS + DRAWS + 2 * own.drawing().size() * HALVINGS;
    }

    /// @param stop     ends it early
    /// @param progress is told how far it is, 0 to 1
    /// @return empty where it was stopped, or nothing stores power
    public static Optional<Study> of(Design design, RoadCharge road, BooleanSupplier stop,
            DoubleConsumer progress) {
        Rehearsal own = Rehearsal.of(design, road);
        return own.bank().flatMap(b -> new WhatBreaks(design, own, b, stop, progress).study());
    }

    private boolean stopped() {
        progress.accept(Math.min(1, ++done / (double) all));
        return stop.getAsBoolean();
    }

    private Optional<Study> study() {
        int[] empty = new int[YEARS];
        for (int i = 0; i < YEARS; i++) {
            if (stopped()) {
                return Optional.empty();
            }
            years.add(own.year(weather(i)));
            empty[i] = own.simulation(bank).run(years.get(i), 1).emptyOccupied();
        }
        Study.Notebook book = new Study.Notebook("power-breaks", Stage.POWER, "What breaks it", "");
        int[] sorted = empty.clone();
        Arrays.sort(sorted);
        book.figure("power.spread.good", "A good year: empty for", sorted[YEARS / 10] * HOUR, Quantity.DURATION,
                "a tenth of years are better", Sentence.of("{0} years of the same climate", YEARS), SOURCE);
        book.figure("power.spread.middle", "A middling year", sorted[YEARS / 2] * HOUR, Quantity.DURATION,
                "half of years are better", Sentence.of("{0} years of the same climate", YEARS), SOURCE);
        book.figure("power.spread.bad", "A bad year", sorted[YEARS - 1 - YEARS / 10] * HOUR, Quantity.DURATION,
                "a tenth of years are worse", Sentence.of("{0} years of the same climate", YEARS), SOURCE);
        if (!sure(book)) {
            return Optional.empty();
        }
        least(book);
        Optional<Listing> blame = blame();
        blame.ifPresent(book::listing);
        return blame.map(l -> book.chart(spread(sorted)).done());
    }

    private static Chart spread(int[] sorted) {
        double[] x = new double[sorted.length];
        double[] y = new double[sorted.length];
        for (int i = 0; i < sorted.length; i++) {
            x[i] = i + 1;
            y[i] = sorted[i];
        }
        return new Chart("Empty hours of years, the best first", "years", Quantity.COUNT, "hours", Quantity.COUNT,
                List.of(new Chart.Curve("while somebody is there", x, y)), List.of());
    }

    /// How many trips pass without an empty hour, loads and weather as they may be.
    private boolean sure(Study.Notebook book) {
        SplitMix chance = new SplitMix(YEARS);
        double[] sigma = own.drawing().stream().mapToDouble(t -> t.feature(Electric.Draws.class)
                .map(Electric.Draws::known).orElse(Electric.Known.GUESS).error()).toArray();
        int trips = 0;
        int well = 0;
        for (int i = 0; i < DRAWS; i++) {
            if (stopped()) {
                return false;
            }
            double[] times = new double[sigma.length];
            for (int k = 0; k < times.length; k++) {
                times[k] = Math.max(0, 1 + sigma[k] * chance.normal());
            }
            Hours hours = years.get(i % YEARS);
            Simulation.Trace trace = own.simulation(bank, times).trace(hours, 1);
            int h = 0;
            while (h < hours.count()) {
                if (!hours.occupied()[h]) {
                    h++;
                    continue;
                }
                boolean had = true;
                while (h < hours.count() && hours.occupied()[h]) {
                    had &= trace.unmet()[h] <= 0;
                    h++;
                }
                trips++;
                well += had ? 1 : 0;
            }
        }
        double wish = Assumed.value(design, Assumption.YEAR_SURE);
        if (trips > 0) {
            book.figure("power.spread.trips", "Trips that pass without an empty hour", well / (double) trips,
                    Quantity.SHARE, "trips without / trips",
                    Sentence.of("{0} draws of loads and weather; {1} are wished", DRAWS, Amount.share(wish)), SOURCE);
        }
        return true;
    }

    private boolean holds(Hours hours, Bank of) {
        return own.simulation(of).run(hours, 1).emptyOccupied() == 0;
    }

    private Hours panels(double watts) {
        return own.year(weather(0), watts);
    }

    /// The year of the brief, and those after it by their number.
    private Weather weather(int later) {
        return weathers.computeIfAbsent(later, n -> Weather.of(new Weather.Place(design.brief().climate(),
                design.brief().latitude(), Math.round(Assumed.value(design, Assumption.WEATHER_SEED)) + n)));
    }

    /// The smallest panels, and the smallest battery, with which the year has no empty hour while somebody is there.
    private void least(Study.Notebook book) {
        int low = (int) (LEAST_PANELS / STEP);
        int high = (int) (MOST_PANELS / STEP);
        if (holds(panels(high * STEP), bank)) {
            while (low < high) {
                int middle = (low + high) / 2;
                if (holds(panels(middle * STEP), bank)) {
                    high = middle;
                } else {
                    low = middle + 1;
                }
            }
            book.figure("power.least.panels", "Panels that would just do", low * STEP, Quantity.POWER,
                    "bisection on a grid of 10 W", Sentence.of("with the battery as it is"), SOURCE);
        } else {
            book.absent("power.least.panels", "Panels that would just do", Quantity.POWER, "bisection",
                    "none, with this battery");
        }
        Hours hours = years.getFirst();
        double least = 1;
        double most = MOST_CHARGE;
        if (holds(hours, sized(most))) {
            while (most - least > 1) {
                double middle = (least + most) / 2;
                if (holds(hours, sized(middle))) {
                    most = middle;
                } else {
                    least = middle;
                }
            }
            book.figure("power.least.charge", "Battery that would just do", Math.ceil(most) * HOUR, Quantity.CHARGE,
                    "bisection on Ah", Sentence.of("with the panels as they are"), SOURCE);
        } else {
            book.absent("power.least.charge", "Battery that would just do", Quantity.CHARGE, "bisection",
                    "none below 1 000 Ah");
        }
    }

    private Bank sized(double charge) {
        return new Bank(bank.chemistry(), charge, bank.volts(), bank.series(), 1);
    }

    /// Each load left at home in turn, what saves most first; and how long each could run.
    private Optional<Listing> blame() {
        Hours hours = years.getFirst();
        Simulation.Outcome with = own.simulation(bank).run(hours, 1);
        record Without(Thing thing, Simulation.Outcome outcome, double longest) {
        }
        List<Without> rows = new ArrayList<>();
        for (int i = 0; i < own.drawing().size(); i++) {
            Thing t = own.drawing().get(i);
            if (t.load().orElseThrow().feed() == Load.Feed.SHORE) {
                continue;
            }
            double least = 0;
            double most = LONGER;
            for (int k = 0; k < HALVINGS / 2; k++) {
                if (stopped()) {
                    return Optional.empty();
                }
                double middle = (least + most) / 2;
                if (own.longer(bank, i, middle).run(hours, 1).emptyOccupied() == 0) {
                    least = middle;
                } else {
                    most = middle;
                }
            }
            rows.add(new Without(t, own.without(bank, i).run(hours, 1), least));
        }
        rows.sort(Comparator.comparingInt((Without w) -> w.outcome.emptyOccupied())
                .thenComparingInt(w -> w.outcome.emptyHours()).thenComparingDouble(w -> w.outcome.unmet()));
        Listing.Maker table = new Listing.Maker("One load left at home").words("Without")
                .numbers("empty, somebody there", "empty in all", "not had", "may run in a day");
        table.row("nothing left", Amount.hours(with.emptyOccupied() * HOUR), Amount.hours(with.emptyHours() * HOUR),
                Amount.energy(with.unmet() * HOUR), "");
        for (Without w : rows) {
            Load l = w.thing.load().orElseThrow();
            double may = Math.min(l.strip().count() * HOUR, w.longest * l.dailyRunning());
            table.row(w.thing.name(), Amount.hours(w.outcome.emptyOccupied() * HOUR),
                    Amount.hours(w.outcome.emptyHours() * HOUR), Amount.energy(w.outcome.unmet() * HOUR),
                    l.dailyRunning() > 0 ? Amount.hours(Math.rint(may / 360) * 360) : "–");
        }
        return Optional.of(table.done());
    }
}
