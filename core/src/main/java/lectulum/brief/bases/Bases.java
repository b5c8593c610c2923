package lectulum.brief.bases;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Shell;
import lectulum.design.brief.Candidate;
import lectulum.design.thing.Cost;
import lectulum.design.thing.MassSource;
import lectulum.design.vehicle.Rating;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.Working;
import lectulum.units.Quantity;

/// The candidates of a brief, each with what it comes to and what the planned build leaves of it. No candidate gives
/// nothing.
public record Bases(List<Judged> all, Figures figures) implements Result {

    public static final Discipline<Bases> DISCIPLINE = new Discipline<>("bases", "Bases to build on", Stage.BRIEF,
            Discipline.Pace.REST,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.SETTINGS), in.of(Balance.DISCIPLINE)),
            () -> new Bases(List.of(), Figures.NONE));

    /// From this age on a used base is looked at twice \[years\] (assumed).
    private static final double OLD = 20;

    /// One candidate.
    ///
    /// @param money   until it rolls and is sound
    /// @param hours   own time until then \[s\]
    /// @param payload left of its weakest rating with the planned build in it \[kg\]; empty where no rating is known
    /// @param risks   what speaks against it
    /// @param out     whether something rules it out
    public record Judged(Candidate candidate, double money, double hours, OptionalDouble payload, List<Sentence> risks,
            boolean out) {
    }

    static Bases of(Design design, Balance balance) {
        double build = balance.state(LoadCase.DEPARTURE.id()).map(LoadedState::mass).orElse(0.0)
                - design.base().empty().mass();
        List<Judged> all = design.brief().candidates().stream().map(c -> judged(design, c, Math.max(0, build)))
                .toList();
        List<Figure> figures = new ArrayList<>();
        for (Judged j : all) {
            String id = "base.choice." + j.candidate.id() + ".";
            String name = j.candidate.name();
            figures.add(Figure.of(id + "money", name + ", until it rolls", j.money, Quantity.MONEY,
                    new Working("price + rework + faults + fetching",
                            Sentence.of("{0} + {1} and what was found", Amount.money(j.candidate.price()),
                                    Amount.money(j.candidate.rework())),
                            List.of(), "faults assumed; see docs/method/brief.md")));
            figures.add(Figure.of(id + "hours", name + ", own time until it rolls", j.hours, Quantity.DURATION,
                    new Working("entered + faults", Sentence.of("{0}", Amount.hours(j.hours)), List.of(), "assumed")));
            Working w = new Working("weakest rating − empty − planned build",
                    Sentence.of("{0} empty, {1} of build at departure", Amount.kg(j.candidate.mass()),
                            Amount.kg(Math.max(0, build))),
                    List.of(), "the plate rules");
            figures.add(j.payload.isPresent()
                    ? Figure.of(id + "payload", name + ", left after the build", j.payload.getAsDouble(), Quantity.MASS,
                            w)
                    : Figure.absent(id + "payload", name + ", left after the build", Quantity.MASS,
                            "no rating is known", w));
        }
        return new Bases(all, Figures.of(figures));
    }

    private static Judged judged(Design design, Candidate c, double build) {
        double money = c.price() + c.rework()
                + c.distance() * 2 * Assumed.value(design, Assumption.FETCH_COST) / 1000;
        double hours = c.hours();
        List<Sentence> risks = new ArrayList<>();
        boolean out = false;
        for (Map.Entry<Candidate.Fault, Candidate.Seen> e : c.faults().entrySet()) {
            Faults.Row row = Faults.of(e.getKey());
            money += row.money(e.getValue());
            hours += row.hours(e.getValue());
            boolean rules = row.out() && e.getValue() == Candidate.Seen.BAD;
            out |= rules;
            if (e.getValue() != Candidate.Seen.GOOD) {
                risks.add(rules
                        ? Sentence.of("{0}: bad, this rules it out", row.label())
                        : Sentence.of("{0}: {1}, about {2} and {3}", row.label(), e.getValue().label(),
                                Amount.money(row.money(e.getValue())), Amount.hours(row.hours(e.getValue()))));
            }
        }
        OptionalDouble weakest = DoubleStream.concat(c.gross().stream(), c.axle().stream()).min();
        OptionalDouble payload = weakest.isPresent()
                ? OptionalDouble.of(weakest.getAsDouble() - c.mass() - build)
                : OptionalDouble.empty();
        if (weakest.isEmpty()) {
            risks.add(Sentence.of("No rating is known: an absent one is unknown, never fine."));
        } else if (payload.getAsDouble() < 0) {
            risks.add(Sentence.of("The planned build is {0} too heavy for it", Amount.kg(-payload.getAsDouble())));
        }
        if (c.gross().isEmpty() && c.axle().isPresent()) {
            risks.add(Sentence.of("No plate: a bigger axle is no bigger trailer until it is certified."));
        }
        if (c.kind().used() && c.faults().size() < Candidate.Fault.values().length) {
            risks.add(Sentence.of("{0} of {1} points are not looked at yet",
                    Candidate.Fault.values().length - c.faults().size(), Candidate.Fault.values().length));
        }
        c.age().ifPresent(age -> {
            if (age >= OLD) {
                risks.add(Sentence.of("{0} years old: parts and papers may be hard to find", Amount.count(age)));
            }
        });
        if (c.length() + 0.08 < bedLength(design)) {
            risks.add(Sentence.of("{0} inside is too short for the tallest to lie along it", Amount.m(c.length())));
        }
        return new Judged(c, money, hours, payload, List.copyOf(risks), out);
    }

    private static double bedLength(Design design) {
        return design.brief().tallest() > 0 ? design.brief().tallest() + 0.16 : 0;
    }

    /// The design built on a candidate: shell, mass, ratings and price are the candidate's, its axle in the same part of the
    /// length, nothing of it paid yet; what is not known of it stays as it was.
    public static Design on(Design design, Candidate c) {
        Base b = design.base();
        Judged judged = judged(design, c, 0);
        Shell shell = b.shell().resized(c.length() + 2 * b.wall(), c.width() + 2 * b.wall(),
                b.shell() instanceof Shell.Tray ? c.height() : c.height() + b.roof());
        double part = b.shell().length() > 0 ? b.axle().x() / b.shell().length() : 0.55;
        Axle axle = b.axle().at(part * shell.length());
        Base on = b.with(shell).with(axle)
                .with(new EmptyMass.Entered(c.mass(), shell.length() * 0.45, b.empty().z(), axle.x(),
                        MassSource.CATALOGUE))
                .with(Rating.GROSS_PLATE, c.gross()).with(Rating.AXLE, c.axle())
                .with(new Cost(Math.round(judged.money), OptionalDouble.empty()));
        return design.with(on).with(design.settings().with(Assumption.HOURS_BASE.id(), judged.hours));
    }
}
