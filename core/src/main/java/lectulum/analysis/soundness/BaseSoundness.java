package lectulum.analysis.soundness;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import lectulum.design.base.Carcass;
import lectulum.design.base.Gear;
import lectulum.design.base.Shell;
import lectulum.design.base.Survey;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.kernel.beams.Section;
import lectulum.space.ProfileLine;

/// Leaves out parts of framing and survey whose numbers cannot be meant, and draws a box for a profile that is no body;
/// each says so.
final class BaseSoundness {
    private final List<Finding> findings;

    BaseSoundness(List<Finding> findings) {
        this.findings = findings;
    }

    Carcass carcass(Carcass c) {
        Map<Carcass.Face, Carcass.Framing> framing = new EnumMap<>(Carcass.Face.class);
        c.framing().forEach((face, f) -> kept(Optional.of(f), BaseSoundness::framing, "framing." + face,
                "The framing of the " + face.label()).ifPresent(k -> framing.put(face, k)));
        return new Carcass(framing,
                kept(c.lift(),
                        l -> in(l.rise(), 0, 1.5) && in(l.panel(), 0, 0.1) && in(l.mass(), 0, 400)
                                && in(l.drag(), 0, 2000) && in(l.lifters(), 1, 8),
                        "lift", "The lifting top"),
                kept(c.hatch(), h -> in(h.hinge(), 0, 12) && in(h.open(), 0.05, 3.1), "hatch", "The hatch"),
                kept(c.skin(), s -> s.sheet() != null && in(s.layers(), 1, 8), "skin", "The skin"),
                kept(c.frame(),
                        f -> member(f.tongue()) && member(f.rails()) && in(f.until(), 0, 8) && in(f.hangers(), 0.05, 1)
                                && in(f.yield(), 5e7, 2e9),
                        "frame", "The frame"),
                gear(c.gear()));
    }

    private Gear gear(Gear g) {
        List<Gear.Tapes> tapes = new ArrayList<>();
        for (int i = 0; i < g.tapes().size(); i++) {
            kept(Optional.of(g.tapes().get(i)),
                    t -> in(t.left(), 0.3, 14) && in(t.right(), 0.3, 14) && in(t.between(), 0.3, 3)
                            && in(t.offset(), -0.3, 0.3),
                    "gear.tapes." + i, "The tapes to axle " + (i + 1)).ifPresent(tapes::add);
        }
        return new Gear(
                kept(g.springs(),
                        s -> in(s.leaf(), 0.2, 2) && in(s.free(), 0, 0.3 * s.leaf())
                                && in(s.laden(), -0.1 * s.leaf(), 0.3 * s.leaf())
                                && in(s.bump(), -0.3 * s.leaf(), 0.3 * s.leaf()) && in(s.shackle(), 0.02, 0.4)
                                && in(s.rise(), -0.3, 0.3) && in(s.angle(), -1, 1.4) && in(s.hangers(), 0, 2.5),
                        "gear.springs", "The springs"),
                kept(g.guide(), u -> in(u.arm(), 0.05, 2.5) && in(u.offset(), -0.4, 1), "gear.guide",
                        "The guide of the axle"),
                kept(g.guard(), u -> in(u.length(), 0.2, 3) && in(u.inside(), 0, 2), "gear.guard",
                        "The mudguard"),
                tapes);
    }

    private static boolean framing(Carcass.Framing f) {
        return f.studs().size() <= 200 && f.studs().stream().allMatch(s -> in(s, -2, 14)) && in(f.width(), 0.005, 0.3)
                && in(f.depth(), 0.003, 0.4);
    }

    private static boolean member(Carcass.Member m) {
        return m != null && in(m.width(), 0.01, 0.3) && in(m.height(), 0.01, 0.4)
                && (!m.form().hollow() || in(m.wall(), 0.0005, 0.1)) && in(m.count(), 1, 6)
                && Section.possible(m.form(), m.width(), m.height(), m.wall());
    }

    Survey survey(Survey s) {
        List<Survey.Station> stations = new ArrayList<>();
        for (int i = 0; i < s.stations().size(); i++) {
            kept(Optional.of(s.stations().get(i)),
                    t -> in(t.at(), 0, 12) && in(t.widthLow(), 0.3, 3) && in(t.widthHigh(), 0.3, 3)
                            && in(t.left(), 0.2, 4) && in(t.right(), 0.2, 4) && in(t.bow(), -0.1, 0.1),
                    "survey.station." + i, "Station " + (i + 1) + " of the survey").ifPresent(stations::add);
        }
        return new Survey(
                kept(s.tapes(),
                        t -> in(t.front(), 0.3, 12) && in(t.left(), 0.3, 12) && in(t.right(), 0.3, 12)
                                && in(t.diagonalA(), 0.3, 15) && in(t.diagonalB(), 0.3, 15)
                                && (t.rear() == 0 || in(t.rear(), 0.3, 12)),
                        "survey.tapes", "One of the six tapes"),
                kept(s.lean(),
                        l -> in(l.height(), 0.2, 4) && post(l.frontLeft()) && post(l.frontRight())
                                && post(l.rearLeft()) && post(l.rearRight()),
                        "survey.lean", "The lean of the posts"),
                stations,
                kept(s.frame(),
                        f -> in(f.length(), 0.1, 6) && in(f.width(), 0.1, 3) && in(f.centre(), -1, 13)
                                && in(f.low(), 0, 4) && in(f.high(), f.low(), 4) && in(f.guide(), 0, 0.2),
                        "survey.frame", "The rigid frame"),
                kept(s.chain(),
                        c -> link(c.whole()) && c.taken().stream().allMatch(BaseSoundness::link) && in(c.need(), 0, 15),
                        "survey.chain", "A size of the chain"),
                kept(s.trace(),
                        t -> t.file() != null && in(t.x1(), -20, 20) && in(t.x2(), -20, 20) && in(t.z1(), -20, 20)
                                && in(t.z2(), -20, 20) && Math.hypot(t.u2() - t.u1(), t.v2() - t.v1()) > 1e-3,
                        "survey.trace", "The photograph"));
    }

    private static boolean post(Survey.Post p) {
        return p != null && in(p.back(), -0.3, 0.3) && in(p.right(), -0.3, 0.3);
    }

    private static boolean link(Survey.Link l) {
        return l != null && in(l.size(), 0, 15) && in(l.count(), 0, 20) && in(l.tolerance(), 0, 1);
    }

    /// The points of a profile, or of a low box in their place.
    List<Shell.Profile.Point> profile(List<Shell.Profile.Point> points) {
        boolean numbers = points.stream()
                .allMatch(p -> in(p.x(), -1, 12) && in(p.z(), 0, 4) && in(p.radius(), 0, 20));
        double length = points.stream().mapToDouble(Shell.Profile.Point::x).max().orElse(0);
        if (numbers && length >= 0.5 && ProfileLine.of(points).isPresent()) {
            return points;
        }
        Optional<int[]> crossing = numbers ? ProfileLine.crossing(points) : Optional.empty();
        findings.add(Finding.of("sound.base.shell.points", Stage.BASE, Severity.STOP,
                crossing.isPresent()
                        ? Sentence.of("The profile crosses itself")
                        : Sentence.of("The profile is no body"),
                crossing.isPresent()
                        ? Sentence
                                .of("The edge from point {0} crosses the one from point {1}. Until it is mended, a"
                                        + " box is drawn.", crossing.get()[0] + 1, crossing.get()[1] + 1)
                        : Sentence.of("It needs two points at least {0} apart, none twice, all possible. Until it is"
                                + " mended, a box is drawn.", Amount.m(0.5)),
                List.of()));
        double l = Double.isFinite(length) ? Math.clamp(length, 0.5, 12) : 0.5;
        double h = points.stream().mapToDouble(Shell.Profile.Point::z).filter(z -> in(z, 0.2, 4)).max().orElse(0.5);
        return List.of(new Shell.Profile.Point(0, h, true, 0), new Shell.Profile.Point(l, h, true, 0));
    }

    private <T> Optional<T> kept(Optional<T> part, Predicate<T> sound, String id, String whose) {
        if (part.isPresent() && !sound.test(part.get())) {
            findings.add(Finding.of("sound.base." + id, Stage.BASE, Severity.STOP,
                    Sentence.of("{0} cannot be right", whose),
                    Sentence.of("A number in it is out of range. Until it is mended, it is left out."), List.of()));
            return Optional.empty();
        }
        return part;
    }

    private static boolean in(double value, double low, double high) {
        return value >= low && value <= high;
    }
}
