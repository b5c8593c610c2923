package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Wires;
import lectulum.design.Design;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Fault;
import lectulum.kernel.electric.Wire;
import lectulum.power.Plant;

/// What flows through shorts: at each fuse, from a bank whose cells are new and warm, for what it must break; at each far
/// end, through all the cable, for whether the fuse blows at once.
final class Faults {
    private final Design design;
    private final Plant plant;
    private final List<Run> runs;

    Faults(Design design, Plant plant, List<Run> runs) {
        this.design = design;
        this.plant = plant;
        this.runs = runs;
    }

    /// The runs with their prospective currents and the kinds of their fuses.
    List<Run> told() {
        Optional<Bank> bank = plant.bank();
        if (bank.isEmpty()) {
            return runs;
        }
        boolean backed = backed(bank.get());
        return runs.stream().map(r -> told(bank.get(), r, backed)).toList();
    }

    private Run told(Bank bank, Run r, boolean backed) {
        if (r.kind() == Run.Kind.PANELS || r.wire().isEmpty()) {
            return r;
        }
        double open = bank.chemistry().resting() * bank.classes();
        List<Fault.Stretch> before = before(r);
        double atFuse = Fault.current(open, bank.resistance() / 2, before);
        List<Fault.Stretch> all = new ArrayList<>(before);
        r.wire().ifPresent(w -> all.add(new Fault.Stretch(w.area(), r.cut())));
        double atEnd = Fault.current(open, bank.resistance(), all);
        double rating = r.choice().orElseThrow().fuse();
        double breaks = backed && r.kind() != Run.Kind.MAIN ? 0 : atFuse;
        Optional<Fault.Family> family = Fault.breaking(Wires.FUSES, rating, volts(bank), breaks);
        return new Run(r.id(), r.number(), r.name(), r.kind(), r.from(), r.legs(), r.amps(), r.continuous(), r.limit(),
                r.celsius(), r.loaded(), r.returns(), r.before(), r.choice(), family, atFuse, atEnd, r.own());
    }

    /// Whether a main fuse that breaks what the bank gives stands before all others: those behind it need to break only what
    /// it lets through.
    private boolean backed(Bank bank) {
        return !design.wiring().unfused() && runs.stream().filter(r -> r.kind() == Run.Kind.MAIN)
                .anyMatch(r -> r.choice().filter(c -> Fault.breaking(Wires.FUSES, c.fuse(), volts(bank), Fault.current(
                        bank.chemistry().resting() * bank.classes(), bank.resistance() / 2, before(r))).isPresent())
                        .isPresent());
    }

    /// Volts that a fuse must stand: those of the bank while it is charged.
    private static double volts(Bank bank) {
        return bank.chemistry().absorption() * bank.classes();
    }

    /// Cable between the bank and the fuse of a run.
    private List<Fault.Stretch> before(Run r) {
        List<Fault.Stretch> way = new ArrayList<>();
        Optional<Run> main = runs.stream().filter(x -> x.kind() == Run.Kind.MAIN).findFirst();
        Optional<Run> feeder = runs.stream().filter(x -> x.kind() == Run.Kind.FEEDER).findFirst();
        if (r.kind() == Run.Kind.MAIN || main.isEmpty()) {
            double at = design.wiring().mainAt();
            r.wire().ifPresent(w -> way.add(new Fault.Stretch(w.area(), at)));
            return way;
        }
        main.flatMap(Faults::stretch).ifPresent(way::add);
        if (r.kind() == Run.Kind.CIRCUIT) {
            feeder.flatMap(Faults::stretch).ifPresent(way::add);
        }
        return way;
    }

    private static Optional<Fault.Stretch> stretch(Run r) {
        return r.wire().map((Wire w) -> new Fault.Stretch(w.area(), r.cut()));
    }
}
