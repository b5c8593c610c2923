package lectulum.power;

import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.kernel.electric.Bank;
import lectulum.units.Quantity;

/// How full the bank is by its volts, where they were read so that they say it: hours after the last current, no source on.
public final class RestStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-rest", "Battery at rest",
            Stage.POWER, in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS)));
    /// What an ordinary voltmeter may be off by \[V\] (assumed).
    private static final double METER = 0.02;
    /// A current of less than so much of the charge in an hour counts as none.
    private static final double IDLE = 1.0 / 50;
    private static final double RESTED = 2 * 3600;
    private static final String ID = "test.rest";
    private static final String LABEL = "Charged, by its volts at rest";
    private static final String FORMULA = "table of volts at rest, between its points";
    private static final String SOURCE = "volts of a class of 12 V at 25 °C, assumed; the data sheet rules";

    private RestStudies() {
    }

    static List<Study> of(Design d) {
        Study.Notebook book = new Study.Notebook("power-rest", Stage.POWER, "Battery at rest", "");
        Optional<Bank> bank = Plant.of(d).bank();
        double volts = Assumed.value(d, Assumption.REST_VOLTS);
        if (bank.isEmpty() || volts <= 0) {
            return List.of(book.note(bank.isEmpty()
                    ? "There is no battery."
                    : "Read the volts of the battery in the morning, before anything is switched on, and type them.")
                    .done());
        }
        Optional<String> why = refused(d, bank.get());
        if (why.isPresent()) {
            return List.of(book.absent(ID, LABEL, Quantity.SHARE, FORMULA, why.get())
                    .note("These volts do not tell it: {0}.", why.get()).done());
        }
        Bank b = bank.get();
        double state = b.chemistry().stateAt(volts / b.classes());
        double low = b.chemistry().stateAt((volts - METER) / b.classes());
        double high = b.chemistry().stateAt((volts + METER) / b.classes());
        book.figure(ID, LABEL, state, Quantity.SHARE, FORMULA, Sentence.of("{0}, {1}", volts(volts),
                b.chemistry().name()), SOURCE);
        return List.of(book.note("A voltmeter that is off by {0} says {1} to {2}.", volts(METER), Amount.share(low),
                Amount.share(high)).done());
    }

    /// Why a reading says nothing of the charge; empty where it does.
    private static Optional<String> refused(Design d, Bank bank) {
        if (Assumed.value(d, Assumption.REST_SOURCE) >= 0.5) {
            return Optional.of("a source is on: its volts are read, not those of the battery");
        }
        if (Assumed.value(d, Assumption.REST_AMPS) >= IDLE * bank.charge()) {
            return Optional.of("a current runs: more than a fiftieth of its charge an hour");
        }
        return Assumed.value(d, Assumption.REST_TIME) < RESTED
                ? Optional.of("it has not rested for two hours")
                : Optional.empty();
    }

    private static Amount volts(double volts) {
        return new Amount(volts, Quantity.VOLTAGE);
    }
}
