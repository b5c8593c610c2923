package lectulum.power;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Chart;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;
import lectulum.units.Quantity;

/// The trip of the brief hour by hour, in mean days of its month: what the battery does, what the sun gives.
///
/// Without a battery there is no trip to run, which is said.
public final class OffGridStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-trip", "Power of a trip",
            Stage.POWER,
            in -> of(in.seeing(Power::seen, Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Power.DISCIPLINE), in.of(RoadCharge.DISCIPLINE)))
            .checking(OffGridRules.class, OffGridStudies::remedies);

    private static final double HOUR = 3600;
    private static final int LONGEST = 14;
    /// Days beyond which nobody counts.
    private static final int MOST_DAYS = 60;
    /// Nights by which two ways to reckon may differ without a word, as they are shown to a tenth.
    private static final double APART = 0.05;
    private static final String SOURCE = "hourly simulation; see docs/method/power.md";

    private OffGridStudies() {
    }

    static List<Study> of(Design design, Power byDays, RoadCharge road) {
        Rehearsal r = Rehearsal.of(design, road);
        Study.Notebook book = new Study.Notebook("power-trip", Stage.POWER, "The trip, hour by hour", "");
        unreadable(book, r);
        Optional<Bank> bank = r.bank();
        if (bank.isEmpty()) {
            return List.of(book.note("There is no battery: nothing runs away from a socket. Add one on the sheet.")
                    .done());
        }
        int days = Math.clamp((int) Math.ceil(design.brief().nights()) + 1, 2, LONGEST);
        Hours hours = r.trip(days, Assumed.value(design, Assumption.YEAR_DRIVE) / HOUR);
        Simulation simulation = r.simulation(bank.get());
        Simulation.Course course = simulation.course(hours, 1);
        Simulation.Outcome o = course.outcome();
        Simulation.Trace t = course.trace();
        book.figure("power.trip.least", "Lowest state of charge", o.least(), Quantity.SHARE, "least over the hours",
                Sentence.of("{0} days from a full battery, mean days of the month of the brief", days), SOURCE);
        book.figure("power.trip.end", "Back home with", o.end(), Quantity.SHARE, "state after the last hour",
                Sentence.of("{0} days from a full battery, mean days of the month of the brief", days), SOURCE);
        double served = nights(book, "power.trip.nights", "Until something is not had", simulation,
                r.meanDays(MOST_DAYS, true));
        told(book, byDays.figures().value("power.nights"), served);
        nights(book, "power.trip.dark", "From the battery alone", r.alone(bank.get()), r.meanDays(MOST_DAYS, false));
        book.figure("power.trip.curtailed", "Sun that nothing took", o.curtailed() * HOUR, Quantity.ENERGY,
                "available − used", Sentence.of("{0} of {1}", Amount.energy(o.curtailed() * HOUR),
                        Amount.energy(o.sunAvailable() * HOUR)),
                SOURCE);
        book.figure("power.trip.unmet", "Wanted and not had", o.unmet() * HOUR, Quantity.ENERGY, "Σ unmet",
                Sentence.of("in {0} hours", o.emptyHours()), SOURCE);
        if (o.driving() > 0) {
            energy(book, "power.trip.driving", "From the vehicle", o.driving());
        }
        if (o.generatorHours() > 0) {
            book.figure("power.trip.generator", "The generator runs", o.generatorHours() * HOUR, Quantity.DURATION,
                    "hours below its start, in the hours it may be heard",
                    Sentence.of("{0} from it", Amount.energy(o.generator() * HOUR)), SOURCE);
        }
        if (o.overCurrent() > 0) {
            book.say(OffGridRules.POWER_CURRENT, Severity.NOTE,
                    Sentence.of("All together would draw more than the battery may give"),
                    Sentence.counted(o.overCurrent(),
                            "In one hour of the trip; it gives {1} A. Run heavy things one after another, or take a"
                                    + " larger bank.",
                            "In {0} hours of the trip; it gives {1} A. Run heavy things one after another, or take a"
                                    + " larger bank.",
                            Amount.count(Math.round(bank.get().chemistry().discharge() * bank.get().charge()))));
        }
        if (r.kinds() > 1) {
            book.say(OffGridRules.POWER_MIXED, Severity.WARN, Sentence.of("Batteries of two kinds in one bank"),
                    Sentence.of("They are charged and rest at other volts, so one is never full and the other is"
                            + " overcharged. Keep one kind, one age, one type."));
        }
        return List.of(book.chart(charge(t)).chart(watts(t, hours, o.curtailed())).caution(
                "Never charge frozen lead or lithium below freezing. Fuse every cable at its source; batteries can weld."
                        + " Mains belongs to a licensed electrician.")
                .done());
    }

    private static void energy(Study.Notebook book, String id, String label, double wattHours) {
        book.figure(id, label, wattHours * HOUR, Quantity.ENERGY, "Σ over the hours",
                Sentence.of("{0}", Amount.energy(wattHours * HOUR)), SOURCE);
    }

    /// A bank that may give more, of the same kind.
    private static Stream<Remedy> remedies(Known known, OffGridRules rule, Finding finding) {
        return switch (rule) {
            case POWER_CURRENT -> known.design().things().stream()
                    .filter(t -> t.battery().filter(b -> b.energy() > 0).isPresent()).limit(1)
                    .flatMap(t -> DoubleStream.of(1.25, 1.5, 2, 3).mapToObj(k -> PowerRemedies.battery(t,
                            k * t.battery().orElseThrow().energy())));
            case POWER_MIXED, POWER_HOURS -> Stream.empty();
        };
    }

    private static void unreadable(Study.Notebook book, Rehearsal r) {
        r.drawing().stream().filter(t -> t.load().orElseThrow().unreadable())
                .forEach(t -> book.say(OffGridRules.POWER_HOURS, Subject.thing(t.id()), Severity.NOTE,
                        Sentence.of("The hours of {0} are not understood", t.name()),
                        Sentence.of(
                                "'{0}' is no span of hours; it is taken to run at any hour. Type 20-23 or 7-9 20-24.",
                                t.load().orElseThrow().hours()),
                        List.of(t.id())));
    }

    /// Why that is not what the tally says.
    private static void told(Study.Notebook book, double byDays, double served) {
        if (byDays < MOST_DAYS && Math.abs(byDays - served) > APART) {
            book.note(
                    "Off grid, in the tally, reckons with whole mean days: {0}. Here every hour has to be served, from a full"
                            + " battery at midnight on; the first that is not comes after {1}.",
                    Amount.nights(byDays),
                    Amount.nights(served));
        }
    }

    private static double nights(Study.Notebook book, String id, String label, Simulation simulation, Hours hours) {
        int first = simulation.run(hours, 1).firstEmpty();
        double nights = first < 0 ? MOST_DAYS : first / 24.0;
        book.figure(id, label, nights, Quantity.NIGHTS, "first hour that is not served / 24",
                first < 0
                        ? Sentence.of("not within {0} days", MOST_DAYS)
                        : Sentence.of("hour {0}, from midnight of the first day on", first),
                SOURCE + "; heavy currents, charging and self-discharge counted");
        return nights;
    }

    private static Chart charge(Simulation.Trace t) {
        int n = t.state().length;
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        y[0] = 1;
        for (int h = 0; h < n; h++) {
            x[h + 1] = h + 1;
            y[h + 1] = t.state()[h];
        }
        return new Chart("State of charge", "hours", Quantity.COUNT, "", Quantity.SHARE,
                List.of(new Chart.Curve("battery", x, y)), List.of());
    }

    private static Chart watts(Simulation.Trace t, Hours hours, double curtailed) {
        int n = t.state().length;
        List<Chart.Curve> curves = new ArrayList<>();
        curves.add(steps("wanted", t.load()));
        if (curtailed > 0) {
            curves.add(steps("sun could give", hours.sun()));
        }
        curves.add(steps("sun taken", t.sun()));
        some(curves, "vehicle", t.driving());
        some(curves, "shore", t.shore());
        some(curves, "generator", t.fuel());
        return new Chart("Power, hour by hour", "hours", Quantity.COUNT, "", Quantity.POWER, curves, List.of());
    }

    private static void some(List<Chart.Curve> curves, String name, double[] hourly) {
        if (Arrays.stream(hourly).anyMatch(w -> w > 0)) {
            curves.add(steps(name, hourly));
        }
    }

    /// Hour means as steps.
    private static Chart.Curve steps(String name, double[] hourly) {
        double[] x = new double[2 * hourly.length];
        double[] y = new double[2 * hourly.length];
        for (int h = 0; h < hourly.length; h++) {
            x[2 * h] = h;
            x[2 * h + 1] = h + 1;
            y[2 * h] = hourly[h];
            y[2 * h + 1] = hourly[h];
        }
        return new Chart.Curve(name, x, y);
    }
}
