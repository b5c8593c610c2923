package lectulum.trip;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.ToDoubleFunction;
import lectulum.design.outing.OutingDay;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.units.Quantity;

/// A rehearsal as it is shown: its curves, what fails, and every trip beside the others.
public final class RehearsalStudies {
    private static final double DAY = 24.0;

    private RehearsalStudies() {
    }

    /// The curves of one trip and what fails on it.
    public static Study of(Rehearsal r) {
        Study.Notebook book = new Study.Notebook("rehearsal", Stage.TRIP, r.outing().name(), "");
        if (r.hours().isEmpty()) {
            return book.note("It has no days. Add one.").done();
        }
        if (r.stops().isEmpty()) {
            book.note("Nothing fails on it.");
        } else {
            Listing.Maker table = new Listing.Maker("What fails, in this order").words("When", "What");
            for (Rehearsal.Stop s : r.stops()) {
                table.row(when(s.day()), what(s.what()));
            }
            book.listing(table.done());
        }
        chart(book, r, "Battery", "", Quantity.SHARE, List.of("charge"), List.of(Rehearsal.Hour::charge));
        chart(book, r, "Water", "", Quantity.VOLUME, List.of("fresh", "grey", "toilet"),
                List.of(Rehearsal.Hour::fresh, Rehearsal.Hour::grey, Rehearsal.Hour::black));
        chart(book, r, "Warmth", "", Quantity.TEMPERATURE, List.of("inside", "outside"),
                List.of(Rehearsal.Hour::inside, Rehearsal.Hour::outside));
        chart(book, r, "Gas", "", Quantity.MASS, List.of("gas"), List.of(Rehearsal.Hour::gas));
        chart(book, r, "Fuel of the heater", "", Quantity.VOLUME, List.of("fuel"), List.of(Rehearsal.Hour::fuel));
        chart(book, r, "Carbon dioxide inside", "ppm", Quantity.COUNT, List.of("carbon dioxide"),
                List.of(Rehearsal.Hour::dioxide));
        chart(book, r, "Damp inside", "", Quantity.SHARE, List.of("damp"), List.of(Rehearsal.Hour::humid));
        chart(book, r, "Food and ice", "", Quantity.MASS, List.of("food", "ice"),
                List.of(Rehearsal.Hour::food, Rehearsal.Hour::ice));
        chart(book, r, "On the ball", "", Quantity.MASS, List.of("tongue"), List.of(Rehearsal.Hour::tongue));
        chart(book, r, "Loaded", "", Quantity.MASS, List.of("trailer"), List.of(Rehearsal.Hour::mass));
        return book.done();
    }

    /// What is so at the end of an hour.
    public static Listing at(Rehearsal r, int hour) {
        Listing.Maker table = new Listing.Maker("").words("What").numbers("then");
        if (hour < 0 || hour >= r.hours().size()) {
            return table.done();
        }
        Rehearsal.Hour h = r.hours().get(hour);
        table.row("When", when((hour + 1) / DAY));
        row(table, "Battery", h.charge(), Quantity.SHARE);
        row(table, "Sun used", h.sun(), Quantity.POWER);
        row(table, "Wanted", h.load(), Quantity.POWER);
        row(table, "Fresh water", h.fresh(), Quantity.VOLUME);
        row(table, "Grey water", h.grey(), Quantity.VOLUME);
        row(table, "Toilet", h.black(), Quantity.VOLUME);
        row(table, "Gas", h.gas(), Quantity.MASS);
        row(table, "Fuel of the heater", h.fuel(), Quantity.VOLUME);
        row(table, "Food", h.food(), Quantity.MASS);
        row(table, "Ice", h.ice(), Quantity.MASS);
        row(table, "Heater gives", h.heat(), Quantity.POWER);
        row(table, "Inside", h.inside(), Quantity.TEMPERATURE);
        row(table, "Outside", h.outside(), Quantity.TEMPERATURE);
        table.row("Carbon dioxide", Sentence.of("{0} ppm", Amount.count(Math.rint(h.dioxide() / 10) * 10)));
        row(table, "Damp inside", h.humid(), Quantity.SHARE);
        row(table, "Loaded", h.mass(), Quantity.MASS);
        row(table, "On the ball", h.tongue(), Quantity.MASS);
        return table.done();
    }

    private static void row(Listing.Maker table, String name, double value, Quantity q) {
        if (!Double.isNaN(value)) {
            table.row(name, new Amount(value, q));
        }
    }

    /// What is left at the end of each day.
    public static Listing days(Rehearsal r) {
        Listing.Maker table = new Listing.Maker("").words("Day").numbers("on the road", "outside", "charge left",
                "fresh left");
        for (int k = 0; k < r.outing().days().size() && (k + 1) * (int) DAY <= r.hours().size(); k++) {
            List<Rehearsal.Hour> hours = r.hours().subList(k * (int) DAY, (k + 1) * (int) DAY);
            Rehearsal.Hour last = hours.getLast();
            OutingDay day = r.outing().days().get(k);
            DoubleSummaryStatistics outside = hours.stream().mapToDouble(Rehearsal.Hour::outside).summaryStatistics();
            table.row(
                    day.site() == OutingDay.Site.SOCKET ? Sentence.of("{0}, socket", k + 1) : Sentence.of("{0}", k + 1),
                    day.driving() > 0 ? new Amount(day.driving(), Quantity.DURATION) : "–",
                    Sentence.of("{0} to {1}", new Amount(outside.getMin(), Quantity.TEMPERATURE),
                            new Amount(outside.getMax(), Quantity.TEMPERATURE)),
                    cell(last.charge(), Quantity.SHARE), cell(last.fresh(), Quantity.VOLUME));
        }
        return table.done();
    }

    /// Every trip beside the others.
    public static Listing beside(Rehearsals all) {
        Listing.Maker table = table("Trip");
        all.all().forEach(r -> row(table, Sentence.of("{0}", r.outing().name()), r));
        return table.done();
    }

    /// The trips that two designs share, each as it goes with the one and with the other.
    public static Listing against(String one, Rehearsals ones, String other, Rehearsals others) {
        Listing.Maker table = table("Trip and variant");
        for (Rehearsal r : ones.all()) {
            others.of(r.outing().id()).ifPresent(x -> {
                row(table, Sentence.of("{0}: {1}", r.outing().name(), one), r);
                row(table, Sentence.of("{0}: {1}", r.outing().name(), other), x);
            });
        }
        return table.done();
    }

    private static Listing.Maker table(String what) {
        return new Listing.Maker("").words(what, "First that fails").numbers("days", "lowest charge",
                "lowest inside", "fresh water left");
    }

    private static void row(Listing.Maker table, Sentence name, Rehearsal r) {
        double charge = r.hours().stream().mapToDouble(Rehearsal.Hour::charge).filter(x -> !Double.isNaN(x)).min()
                .orElse(Double.NaN);
        double inside = r.hours().stream().mapToDouble(Rehearsal.Hour::inside).min().orElse(Double.NaN);
        table.row(name,
                r.stops().isEmpty()
                        ? Sentence.of("nothing")
                        : Sentence.of("{0}, {1}", what(r.stops().getFirst().what()),
                                when(r.stops().getFirst().day())),
                r.outing().days().size(), cell(charge, Quantity.SHARE), cell(inside, Quantity.TEMPERATURE),
                cell(r.hours().isEmpty() ? Double.NaN : r.hours().getLast().fresh(), Quantity.VOLUME));
    }

    private static Object cell(double value, Quantity q) {
        return Double.isNaN(value) ? "–" : new Amount(value, q);
    }

    private static Sentence when(double day) {
        int hour = (int) Math.floor(day % 1 * DAY + 1e-6);
        return Sentence.of("day {0}, {1} o'clock", (int) Math.floor(day + 1e-9) + 1, hour);
    }

    private static Sentence what(TripRules rule) {
        return Sentence.of(switch (rule) {
            case POWER -> "something is not had";
            case FRESH -> "fresh water is gone";
            case GREY -> "the grey tank is full";
            case BLACK -> "the toilet is full";
            case GAS -> "gas is gone";
            case FUEL -> "the heater's fuel is gone";
            case FOOD -> "the food is gone";
            case ICE -> "the ice has melted";
            case COLD -> "below {0} inside";
            case HOT -> "above {1} inside";
            case TONGUE -> "the tongue leaves its band";
            case EMPTY -> "no days";
        }, new Amount(Rehearsal.FREEZING, Quantity.TEMPERATURE), new Amount(Rehearsal.STIFLING, Quantity.TEMPERATURE));
    }

    private static void chart(Study.Notebook book, Rehearsal r, String title, String unit, Quantity q,
            List<String> names,
            List<ToDoubleFunction<Rehearsal.Hour>> reads) {
        List<Chart.Curve> curves = new ArrayList<>();
        double[] x = new double[r.hours().size()];
        for (int h = 0; h < x.length; h++) {
            x[h] = (h + 1) / DAY;
        }
        for (int i = 0; i < names.size(); i++) {
            double[] y = r.hours().stream().mapToDouble(reads.get(i)).toArray();
            if (java.util.Arrays.stream(y).noneMatch(Double::isNaN)) {
                curves.add(new Chart.Curve(names.get(i), x, y));
            }
        }
        if (!curves.isEmpty()) {
            book.chart(new Chart(title, "day", Quantity.COUNT, unit, q, curves, List.of()));
        }
    }
}
