package lectulum.kernel.beams;

import java.util.List;
import lectulum.units.Units;

/// The trailer frame as one beam on the ball and on its spring hangers: moment, stress and sag along it.
///
/// The axle's reaction is shared evenly by the hangers. Sagging moments are positive. Sag is found by integrating M/EI
/// twice in 4000 steps and taking out the line from ball to axle; up is positive. A competent person must approve frames,
/// welds and couplings.
///
/// @param tongue reaction at the ball \[N\]
/// @param axle   reaction of all hangers \[N\]
/// @param x      stations \[m\]
/// @param moment at them \[Nm\]
/// @param sag    at them \[m\]
/// @param stress at them, with the dynamic factor \[Pa\]
public record FrameBeam(double tongue, double axle, double[] x, double[] moment, double[] sag, double[] stress) {
    private static final int STEPS = 4000;

    /// @param mass \[kg\]
    public record Point(double x, double mass) {
    }

    /// A mass spread evenly from one place to another.
    public record Line(double from, double to, double mass) {
    }

    /// What the frame is made of up to a place.
    ///
    /// @param until     \[m\]
    /// @param stiffness E·I of all members side by side \[N m²\]
    /// @param modulus   their section modulus \[m³\]
    public record Member(double until, double stiffness, double modulus) {
    }

    /// @param hangers places of the spring hangers \[m\], at least one; the axle's reaction is shared evenly
    /// @param members in order of x, the last one to the rear end
    /// @param shock   dynamic factor: 2.0 road, 2.5 gravel, 3.0 rough (assumed)
    public static FrameBeam of(List<Point> points, List<Line> lines, double[] hangers, List<Member> members,
            double shock) {
        return of(points, lines,
                java.util.Arrays.stream(hangers).mapToObj(x -> new Hanger(x, 1.0 / hangers.length)).toList(), members,
                shock);
    }

    /// A spring hanger.
    ///
    /// @param share of the axles' reaction that it brings into the frame; those of all hangers add up to 1
    public record Hanger(double x, double share) {
    }

    /// The same with hangers that take different parts.
    public static FrameBeam of(List<Point> points, List<Line> lines, List<Hanger> hangers, List<Member> members,
            double shock) {
        double end = members.getLast().until;
        double axleAt = hangers.stream().mapToDouble(h -> h.x * h.share).sum();
        double weight = 0;
        double first = 0;
        for (Point p : points) {
            weight += p.mass * Units.GRAVITY;
            first += p.mass * Units.GRAVITY * p.x;
        }
        for (Line l : lines) {
            weight += l.mass * Units.GRAVITY;
            first += l.mass * Units.GRAVITY * (l.from + l.to) / 2;
        }
        double axle = first / axleAt;
        double tongue = weight - axle;
        double[] x = new double[STEPS + 1];
        double[] moment = new double[STEPS + 1];
        double[] stress = new double[STEPS + 1];
        double[] bend = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            x[i] = end * i / STEPS;
            double m = tongue * x[i];
            for (Hanger hanger : hangers) {
                m += axle * hanger.share * Math.max(0, x[i] - hanger.x);
            }
            for (Point p : points) {
                m -= p.mass * Units.GRAVITY * Math.max(0, x[i] - p.x);
            }
            for (Line l : lines) {
                double over = Math.clamp(x[i] - l.from, 0, l.to - l.from);
                m -= l.mass * Units.GRAVITY / (l.to - l.from) * over * (x[i] - l.from - over / 2);
            }
            Member member = member(members, x[i]);
            moment[i] = m;
            stress[i] = shock * Math.abs(m) / member.modulus;
            bend[i] = m / member.stiffness;
        }
        return new FrameBeam(tongue, axle, x, moment, sag(x, bend, axleAt), stress);
    }

    private static Member member(List<Member> members, double x) {
        return members.stream().filter(m -> x < m.until).findFirst().orElse(members.getLast());
    }

    private static double[] sag(double[] x, double[] bend, double axleAt) {
        double step = x[1];
        double[] y = new double[x.length];
        double slope = 0;
        for (int i = 1; i < x.length; i++) {
            double next = slope + step * (bend[i - 1] + bend[i]) / 2;
            y[i] = y[i - 1] + step * (slope + next) / 2;
            slope = next;
        }
        double at = axleAt / step;
        int i = Math.min((int) at, x.length - 2);
        double tilt = (y[i] + (at - i) * (y[i + 1] - y[i])) / axleAt;
        for (int k = 0; k < y.length; k++) {
            y[k] -= tilt * x[k];
        }
        return y;
    }

    /// Station with the highest stress.
    public int worst() {
        int worst = 0;
        for (int i = 1; i < stress.length; i++) {
            worst = stress[i] > stress[worst] ? i : worst;
        }
        return worst;
    }

    /// Station with the deepest sag between ball and axle.
    ///
    /// @param axleAt \[m\]
    public int deepest(double axleAt) {
        int deepest = 0;
        for (int i = 1; i < sag.length && x[i] <= axleAt; i++) {
            deepest = sag[i] < sag[deepest] ? i : deepest;
        }
        return deepest;
    }
}
