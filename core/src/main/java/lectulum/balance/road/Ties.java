package lectulum.balance.road;

import java.util.List;
import lectulum.assumed.Assumption;
import lectulum.balance.Rig;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.kernel.lashing.Lashing;
import lectulum.units.Quantity;
import lectulum.units.Units;

/// What has to be tied before it is driven: how many straps, rated for what, by the schools of practice.
public final class Ties {
    private Ties() {
    }

    /// Ties that 49 CFR 393.110 asks of cargo of that length and mass that nothing blocks.
    public static int fewest(double length, double mass) {
        if (length <= 1.52) {
            return mass > 500 ? 2 : 1;
        }
        return length <= 3.04 ? 2 : 2 + (int) Math.ceil((length - 3.04) / 3.04);
    }

    /// What straps from the body to a thing must be rated for together \[kg\], by the school that is set.
    ///
    /// By half the mass such a strap counts half, so their ratings add up to the whole mass. By EN 12195-1 they are what direct
    /// lashing pulls them with.
    private static double rated(Rig rig, double mass, int ties, double forward, double mu) {
        double half = mass;
        double direct = ties * Lashing.force(mass, forward, mu, ties, Math.toRadians(45), Math.toRadians(30))
                / Units.GRAVITY;
        return switch ((int) Math.round(rig.assumed(Assumption.TIE_SCHOOL))) {
            case 1 -> half;
            case 2 -> direct;
            default -> Math.max(half, direct);
        };
    }

    private static String school(Rig rig) {
        return switch ((int) Math.round(rig.assumed(Assumption.TIE_SCHOOL))) {
            case 1 -> "half of the mass (49 CFR 393.106); a strap from body to thing counts half";
            case 2 -> "EN 12195-1, direct lashing at 45° and 30°";
            default -> "the stricter of half-mass rule and EN 12195-1";
        };
    }

    /// A thing with what it holds when the camper leaves \[kg\].
    private static double riding(Rig rig, Thing t) {
        return rig.departure().loadCase().massOf(t);
    }

    static Study study(Rig rig) {
        Study.Notebook book = new Study.Notebook("ties", Stage.BALANCE, "What has to be tied", "");
        double rough = rig.assumed(Assumption.TIE_ROUGH);
        double forward = rig.assumed(Assumption.TIE_FORWARD) * rough;
        double mu = rig.assumed(Assumption.TIE_FRICTION);
        List<Thing> loose = rig.design.things().stream()
                .filter(t -> t.fix() == Fix.LOOSE && t.mount() == Mount.INSIDE && !t.at(Mode.ROAD).away())
                .filter(t -> !t.has(Feature.Carried.class))
                .sorted(java.util.Comparator.comparingDouble((Thing t) -> -riding(rig, t))).toList();
        if (loose.isEmpty()) {
            return book.note("Nothing loose stands by itself on the floor.").done();
        }
        double heaviest = riding(rig, loose.getFirst());
        double direct = Lashing.force(heaviest, forward, mu, 2, Math.toRadians(45), Math.toRadians(30));
        double over = Lashing.topOver(heaviest, forward, mu, 2, Math.toRadians(60), 1.25);
        book.figure("ties.direct", "Each of two straps, " + loose.getFirst().name(), direct, Quantity.FORCE,
                "(c − 0.75μ)m g/n(cos α cos β + 0.75 μ sin α)", Sentence.of("{0}, α 45°, β 30°, {1} g",
                        Amount.kg(heaviest), RoadStudies.two(forward)),
                "EN 12195-1");
        book.figure("ties.over", "Each of two straps over it, tight to", over, Quantity.FORCE,
                "f(c − μ)m g/(2 n μ sin α)", Sentence.of("α 60°, friction {0}", RoadStudies.two(mu)), "EN 12195-1");
        double aside = rig.assumed(Assumption.TIE_SIDE) * rough;
        book.figure("ties.side", "Each of two straps, sideways and back", Lashing.force(heaviest, aside, mu, 2,
                Math.toRadians(45), Math.toRadians(30)), Quantity.FORCE, "(c − 0.75μ)m g/n(cos α cos β + 0.75 μ sin α)",
                Sentence.of("{0}, α 45°, β 30°, {1} g", Amount.kg(heaviest), RoadStudies.two(aside)), "EN 12195-1");
        book.figure("ties.wll", "Straps together rated at least", heaviest / 2, Quantity.MASS, "m/2",
                Sentence.of("half-mass rule"), "49 CFR 393.106");
        for (Thing t : loose.stream().limit(6).toList()) {
            double mass = riding(rig, t);
            double needs = Math.max(0, forward - mu) * mass * Units.GRAVITY;
            double change = mass * (rig.body.insideRear() - rig.body.insideFront())
                    / rig.axle / 2;
            int ties = fewest(Math.max(t.size().length(), t.size().width()), mass);
            double together = rated(rig, mass, ties, forward, mu);
            book.figure("ties." + t.id() + ".count", t.name() + ": straps, at least", ties, Quantity.COUNT,
                    "1 to 1.52 m and 500 kg, 2 to 3.04 m, one more for each 3.04 m begun",
                    Sentence.of("{0} long, {1}", Amount.m(Math.max(t.size().length(), t.size().width())),
                            Amount.kg(mass)),
                    "49 CFR 393.110, cargo that nothing blocks");
            book.figure("ties." + t.id() + ".rated", t.name() + ": straps rated together at least", together,
                    Quantity.MASS, "Σ working load", Sentence.of("{0}", school(rig)), "49 CFR 393.106, EN 12195-1");
            if (needs > 0 && mass >= 5) {
                book.say(RoadRules.TIE, Subject.thing(t.id()), Severity.NOTE,
                        Sentence.of("{0} is free to slide", t.name()),
                        Sentence.of("{0} needs {1} forwards, or a snug place: {3}, rated {4}. Sliding half the floor"
                                + " it changes the tongue by {2}.", Amount.kg(mass), new Amount(needs, Quantity.FORCE),
                                Amount.kg(change), ties == 1 ? "one strap" : ties + " straps together",
                                Amount.kg(together)),
                        List.of(t.id()));
            }
        }
        return book.caution("No gaps: what slides half a metre before it stops hits with many times its weight.")
                .done();
    }
}
