package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.design.Design;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Measured;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.kernel.electric.Sizing;
import lectulum.power.TestRules;
import lectulum.units.Quantity;

/// The day the wiring is tested: one device on, volts at the battery and at the device against what its wires must lose. What
/// is lost beyond that is a bad joint.
public final class TestStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-test", "Test of the wiring",
            Stage.POWER,
            in -> studies(in.seeing(Wired::seen, Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS,
                    Design.Part.WIRING,
                    Design.Part.BASE), in.of(Wired.DISCIPLINE)))
            .checking(TestRules.class);

    private static final double BAND = 0.05;
    private static final double BAND_PART = 0.005;
    private static final double EXTRA = 0.010;
    private static final double RATIO = 1.5;
    private static final double MAIN = 0.0015;

    private TestStudies() {
    }

    /// One device on the test sheet.
    ///
    /// @param amps     that it should draw \[A\]
    /// @param path     resistance of all wires and contacts from the battery and back \[Ω\]
    /// @param expected at the device \[V\]; empty until the battery was measured
    /// @param extra    that its joints add \[Ω\]; empty until the device was measured
    /// @param bad      whether a joint has to be made again
    public record Line(Thing thing, double amps, double path, Measured measured, OptionalDouble expected,
            OptionalDouble extra, boolean bad) {
    }

    /// Every device that a circuit feeds, in the order of the circuits.
    public static List<Line> lines(Design d, Wired w) {
        List<Line> all = new ArrayList<>();
        double before = 0;
        for (Run.Kind kind : List.of(Run.Kind.MAIN, Run.Kind.FEEDER)) {
            for (Run r : w.harness().of(kind)) {
                before += loop(r, r.cut()) + Harness.BOLTED + (kind == Run.Kind.MAIN ? MAIN : 0);
            }
        }
        for (Run r : w.harness().of(Run.Kind.CIRCUIT)) {
            if (r.wire().isEmpty()) {
                continue;
            }
            double path = before + HarnessMaker.contacts(r.kind(), r.returns());
            for (Run.Leg leg : r.legs()) {
                path += loop(r, leg.cut());
                Optional<Thing> at = d.thing(leg.to());
                if (at.isPresent()) {
                    all.add(line(d, w, at.get(), path));
                }
            }
        }
        return all;
    }

    private static double loop(Run r, double cut) {
        return r.wire().map(x -> r.conductors() * cut * x.resistance(20)).orElse(0.0);
    }

    private static Line line(Design d, Wired w, Thing t, double path) {
        double watts = d.things().stream()
                .filter(x -> x.id().equals(t.id()) || t.id().equals(w.harness().plugged().get(x.id())))
                .mapToDouble(x -> x.load().map(l -> l.power()).orElse(0.0)).sum();
        double amps = watts / w.harness().volts();
        Measured m = d.wiring().measured(t.id());
        double drew = m.amps().orElse(amps);
        OptionalDouble expected = m.battery().isPresent()
                ? OptionalDouble.of(m.battery().getAsDouble() - drew * path)
                : OptionalDouble.empty();
        boolean told = expected.isPresent() && m.volts().isPresent() && drew > 0;
        OptionalDouble extra = told
                ? OptionalDouble.of(Sizing.extra(expected.getAsDouble(), m.volts().getAsDouble(), drew))
                : OptionalDouble.empty();
        boolean bad = told
                && expected.getAsDouble() - m.volts().getAsDouble() > BAND + BAND_PART * expected.getAsDouble()
                && (extra.getAsDouble() > EXTRA || (extra.getAsDouble() + path) / path > RATIO);
        return new Line(t, amps, path, m, expected, extra, bad);
    }

    private static List<Study> studies(Design d, Wired w) {
        Study.Notebook book = new Study.Notebook("power-test", Stage.POWER, "Test of the wiring", "");
        List<Line> lines = lines(d, w);
        for (Line l : lines) {
            if (!l.bad()) {
                continue;
            }
            double ratio = (l.extra().getAsDouble() + l.path()) / l.path();
            book.say(TestRules.JOINT, Subject.thing(l.thing().id()), Severity.WARN,
                    Sentence.of("{0}: {1} extra", l.thing().name(),
                            new Amount(l.extra().getAsDouble(), Quantity.RESISTANCE)),
                    Sentence.of(
                            "{0} were expected at it, {1} are there: {2} times the resistance of its wires. Step along"
                                    + " the way with the meter; where the difference jumps, the joint is made again.",
                            new Amount(l.expected().getAsDouble(), Quantity.VOLTAGE),
                            new Amount(l.measured().volts().getAsDouble(), Quantity.VOLTAGE),
                            Amount.count(Math.rint(10 * ratio) / 10)),
                    List.of(l.thing().id()));
        }
        long measured = lines.stream().filter(l -> l.extra().isPresent()).count();
        book.figure("test.measured", "Devices measured", measured, Quantity.COUNT, "with battery, device and amps",
                Sentence.of("of {0}", lines.size()), "test sheet");
        return List.of(book.done());
    }
}
