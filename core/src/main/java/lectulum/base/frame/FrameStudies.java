package lectulum.base.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Strength;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.balance.Tandem;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Stuff;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.kernel.beams.FrameBeam;
import lectulum.kernel.beams.Section;
import lectulum.kernel.statics.Part;
import lectulum.units.Quantity;

/// The trailer frame under what it carries when the camper leaves: moment, stress and sag.
public final class FrameStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("frame", "Frame", Stage.BASE,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.VEHICLE, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.CASES, Design.Part.SETTINGS), in.of(Balance.DISCIPLINE)).stream().toList())
            .checking(FrameRules.class, FrameRemedies::of);

    private FrameStudies() {
    }

    /// Nothing without rails, or without an axle behind the ball.
    public static Optional<Study> of(Design design, Balance balance) {
        Optional<FrameBeam> beam = beam(design, balance);
        return beam.map(b -> study(design, b));
    }

    public static Optional<FrameBeam> beam(Design design, Balance balance) {
        Optional<Carcass.Frame> frame = design.base().carcass().frame();
        Optional<LoadedState> loaded = balance.state(LoadCase.DEPARTURE.id());
        Base base = design.base();
        double end = base.tongueLength() + base.shell().length();
        if (frame.isEmpty() || loaded.isEmpty() || base.ballToAxle() <= 0.1 || base.ballToAxle() >= end) {
            return Optional.empty();
        }
        List<FrameBeam.Point> points = new ArrayList<>();
        List<FrameBeam.Line> lines = new ArrayList<>();
        for (Part p : loaded.get().parts()) {
            double from = Math.max(0, p.x() - p.lx() / 2);
            double to = Math.min(end, p.x() + p.lx() / 2);
            boolean spread = p.lx() > 0.05 && to - from > 0.05 && Math.abs((from + to) / 2 - p.x()) < 1e-6;
            if (spread) {
                lines.add(new FrameBeam.Line(from, to, p.mass()));
            } else {
                points.add(new FrameBeam.Point(p.x(), p.mass()));
            }
        }
        Carcass.Frame f = frame.get();
        List<FrameBeam.Member> members = List.of(member(f.tongue(), Math.min(end, f.until())), member(f.rails(), end));
        return Optional
                .of(FrameBeam.of(points, lines, hangers(base, f), members, Assumed.value(design, Assumption.SHOCK)));
    }

    /// Two to an axle, which share what it carries.
    private static List<FrameBeam.Hanger> hangers(Base base, Carcass.Frame f) {
        List<Double> axles = Tandem.places(base.axle(), base.ballToMiddle());
        List<FrameBeam.Hanger> hangers = new ArrayList<>();
        for (int i = 0; i < axles.size(); i++) {
            double share = axles.size() == 1 ? 1 : i == 0 ? base.axle().frontShare() : 1 - base.axle().frontShare();
            hangers.add(new FrameBeam.Hanger(axles.get(i) - f.hangers(), share / 2));
            hangers.add(new FrameBeam.Hanger(axles.get(i) + f.hangers(), share / 2));
        }
        return hangers;
    }

    private static FrameBeam.Member member(Carcass.Member m, double until) {
        Section s = Section.of(m.form(), m.width(), m.height(), m.wall());
        return new FrameBeam.Member(until, m.count() * s.inertia() * Strength.of(Stuff.STEEL).elasticity(),
                m.count() * s.modulus());
    }

    private static Study study(Design design, FrameBeam b) {
        Study.Notebook book = new Study.Notebook("frame", Stage.BASE, "Trailer frame", "");
        Carcass.Frame f = design.base().carcass().frame().orElseThrow();
        int worst = b.worst();
        double axle = design.base().ballToAxle();
        int deep = b.deepest(axle);
        double shock = Assumed.value(design, Assumption.SHOCK);
        double reserve = Assumed.value(design, Assumption.FRAME_RESERVE);
        String source = "Euler–Bernoulli beam, M/EI integrated twice in 4000 steps";
        int bent = mostBent(b);
        book.figure("frame.moment", "Largest moment", Math.abs(b.moment()[bent]), Quantity.MOMENT, "max |M(x)|",
                Sentence.of("{0} behind the ball", Amount.m(b.x()[bent])), source);
        book.figure("frame.stress", "Largest stress", b.stress()[worst], Quantity.STRESS, "max n |M|/Z",
                Sentence.of("{0} behind the ball; dynamic factor {1}, yield {2}", Amount.m(b.x()[worst]),
                        Amount.count(shock), Amount.stress(f.yield())),
                source);
        book.figure("frame.sag", "Sag between ball and axle", -b.sag()[deep], Quantity.DEFLECTION, "∬ M/EI",
                Sentence.of("{0} behind the ball", Amount.m(b.x()[deep])), source);
        book.figure("frame.tip", "Rear end sags", -b.sag()[b.sag().length - 1], Quantity.DEFLECTION, "∬ M/EI",
                Sentence.of("at {0}", Amount.m(b.x()[b.x().length - 1])), source);
        double limit = f.yield() / reserve;
        if (b.stress()[worst] > limit) {
            book.say(FrameRules.FRAME_STRESS, b.stress()[worst] > f.yield() ? Severity.STOP : Severity.WARN,
                    Sentence.of("The frame is stressed to {0}", Amount.stress(b.stress()[worst])),
                    Sentence.of("{0} behind the ball, with a dynamic factor of {1}; the limit is {2}. Take a higher"
                            + " section, put another beside it, or move load off the rear.", Amount.m(b.x()[worst]),
                            Amount.count(shock), Amount.stress(limit)));
        }
        double allowed = axle / Assumed.value(design, Assumption.FRAME_SAG);
        if (-b.sag()[deep] > allowed) {
            book.say(FrameRules.FRAME_SAG, Severity.NOTE, Sentence.of("The frame sags {0}", Amount.sag(-b.sag()[deep])),
                    Sentence.of("{0} of its length is {1}.",
                            "1/" + Math.round(Assumed.value(design, Assumption.FRAME_SAG)),
                            Amount.sag(allowed)));
        }
        return book
                .chart(new Chart("Stress along the frame", "behind the ball", Quantity.LENGTH, "stress",
                        Quantity.STRESS,
                        List.of(new Chart.Curve("stress", thin(b.x()), thin(b.stress()))),
                        List.of(new Chart.Limit("limit", limit))))
                .chart(new Chart("Sag, up is up", "behind the ball", Quantity.LENGTH, "sag", Quantity.DEFLECTION,
                        List.of(new Chart.Curve("sag", thin(b.x()), thin(b.sag()))), List.of()))
                .caution("Frames, welds, couplings and axles need a competent person and local approval.").done();
    }

    private static int mostBent(FrameBeam b) {
        int most = 0;
        for (int i = 1; i < b.moment().length; i++) {
            most = Math.abs(b.moment()[i]) > Math.abs(b.moment()[most]) ? i : most;
        }
        return most;
    }

    private static double[] thin(double[] values) {
        int step = 20;
        double[] out = new double[values.length / step + 1];
        for (int i = 0; i < out.length; i++) {
            out[i] = values[i * step];
        }
        return out;
    }
}
