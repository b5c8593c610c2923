package lectulum.power;

import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Table;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Running;
import lectulum.units.Quantity;

/// "Can I run it?": one thing of the user's own, and those that people ask for, every day of the month of the brief.
public final class RunningStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-run", "Can I run it", Stage.POWER,
            in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Power.DISCIPLINE)));

    private static final double HOUR = 3600;
    private static final double WARM = 25;
    private static final String SOURCE = "current, day and bank; see docs/method/power.md";

    private RunningStudies() {
    }

    static List<Study> of(Design design, Power power) {
        Rehearsal r = Rehearsal.of(design);
        Study.Notebook own = new Study.Notebook("power-run-own", Stage.POWER, "Your own", "");
        Study.Notebook usual = new Study.Notebook("power-run-usual", Stage.POWER, "What people ask for", "");
        if (r.bank().isEmpty()) {
            return List.of(own.note("There is no battery: nothing runs away from a socket.").done());
        }
        Bank bank = r.bank().get();
        double base = power.figures().value("power.day.use") / HOUR;
        double sun = power.figures().value("power.sun.harvest") / HOUR;
        Electric.Inverter has = r.plant().inverterOr();
        double asked = Assumed.value(design, Assumption.RUN_INVERTER);
        double most = asked > 0 ? asked : r.plant().inverter().isPresent() ? has.watts() : 0;
        Running.Inverter inverter = new Running.Inverter(most > 0 ? most : Double.POSITIVE_INFINITY,
                most > 0 ? has.surge() * most : Double.POSITIVE_INFINITY, has.idle(), has.efficiency());
        Running.Wish wish = new Running.Wish(Assumed.value(design, Assumption.RUN_WATTS),
                Assumed.value(design, Assumption.RUN_SURGE), Assumed.value(design, Assumption.RUN_HOURS) / HOUR,
                Assumed.value(design, Assumption.RUN_MAINS) >= 0.5);
        Running mine = Running.of(bank, inverter, wish, base, sun, r.peak(), WARM);
        own.note(said(mine, wish, inverter, bank));
        Sentence numbers = Sentence.of("{0} at the battery", Amount.watt(mine.dc()));
        own.figure("power.run.share", "Current, of what the battery may give", mine.amps() / mostAmps(bank),
                Quantity.SHARE, "P/V / (C × Ah)", numbers, SOURCE);
        own.figure("power.run.need", "Takes in a day", mine.need() * HOUR, Quantity.ENERGY, "P × φ × hours", numbers,
                SOURCE);
        own.figure("power.run.sun", "The sun left over carries it", mine.sunHours() * HOUR, Quantity.DURATION,
                "(sun × efficiency − day) / (P × φ)", numbers, SOURCE);
        own.figure("power.run.bank", "A full battery carries it", mine.bankHours() * HOUR, Quantity.DURATION,
                "usable / (P × φ)", numbers, SOURCE);
        if (Double.isFinite(mine.panels())) {
            own.figure("power.run.panels", "Panels for every day with it", mine.panels(), Quantity.POWER,
                    "panels × (day + need) / (sun × efficiency)", numbers, SOURCE);
        }
        own.figure("power.run.store", "Battery for a day with it", mine.forDay() * bank.voltage() * HOUR,
                Quantity.ENERGY, "(day + need) / depth", numbers, SOURCE);
        own.figure("power.run.amps", "Battery that gives its current", mine.forAmps() * bank.voltage() * HOUR,
                Quantity.ENERGY, "current / most a battery of its kind gives", numbers, SOURCE);
        for (var row : Table.rows("machines")) {
            Running.Wish w = new Running.Wish(Table.number(row, "watts"), Table.number(row, "surge"),
                    Table.number(row, "hours"), row.get("mains").equals("yes"));
            usual.note(Sentence.of("{0}, {1} for {2} a day: {3}", row.get("name"), Amount.watt(w.watts()),
                    Amount.hours(w.hours() * HOUR),
                    said(Running.of(bank, inverter, w, base, sun, r.peak(), WARM), w, inverter, bank)));
        }
        return List.of(own.done(), usual.caution("Mains wiring, inverters and shore power belong to a licensed"
                + " electrician. Nothing that burns or heats runs unwatched where people sleep.").done());
    }

    /// Two digits are as many as it has.
    private static Amount hours(double hours) {
        return Amount.hours(HOUR * (hours < 10 ? Math.rint(hours * 10) / 10 : Math.rint(hours)));
    }

    private static double mostAmps(Bank bank) {
        return bank.chemistry().discharge() * bank.charge();
    }

    private static Sentence said(Running r, Running.Wish w, Running.Inverter inverter, Bank bank) {
        boolean small = w.onMains()
                && (w.watts() > inverter.most() || w.watts() * w.surge() > inverter.surge());
        return switch (r.verdict()) {
            case YES -> Sentence.of("yes, every day of the month: the sun left over carries {0}.",
                    hours(r.sunHours()));
            case BATTERY_FIRST -> Sentence.of("yes from a full battery, which carries {0} of it, but not every day.",
                    hours(r.bankHours()));
            case NO_ENERGY -> Double.isFinite(r.panels())
                    ? Sentence.of("not for so long: a full battery carries {0}. Every day wants {1} of panels.",
                            hours(r.bankHours()), Amount.watt(Math.rint(r.panels() / 10) * 10))
                    : Sentence.of("not for so long: a full battery carries {0}, and no sun fills it.",
                            hours(r.bankHours()));
            case NO_POWER -> small
                    ? Sentence.of("no: the inverter gives {0}, {1} to start.", Amount.watt(inverter.most()),
                            Amount.watt(inverter.surge()))
                    : Sentence.of("no: it draws {0} A, and the battery may give {1} A.",
                            Amount.count(Math.round(r.amps())),
                            Amount.count(Math.round(mostAmps(bank))));
        };
    }
}
