package lectulum.kernel.heat;

/// A cabin as air and mass: steps of a quarter of an hour, each solved exactly.
///
/// Air loses to outside through windows and with the air that changes, and passes heat to the inner side of walls and
/// furniture; those pass it to outside through the walls. After the idea of ISO 52016.
///
/// @param air     heat of the air and light things \[J/K\]
/// @param mass    heat of walls and furniture \[J/K\]
/// @param windows \[W/K\]
/// @param change  with the air that changes \[W/K\]
/// @param inner   between air and mass \[W/K\]
/// @param outer   between mass and outside \[W/K\]
public record TwoNodes(double air, double mass, double windows, double change, double inner, double outer) {
    /// \[s\]
    public static final double STEP = 900;
    /// Passed by a surface to the air of a room \[W/(m² K)\].
    public static final double FILM = 7.7;
    /// Of the air by the floor \[J/(m² K)\] (ISO 52016).
    public static final double AIR_A_FLOOR = 10_000;
    /// Of furniture by its mass \[J/(kg K)\].
    public static final double FURNITURE = 1500;

    /// @param opaque     Σ area × U of walls, roof and floor \[W/K\]
    /// @param opaqueArea \[m²\]
    public static TwoNodes of(double floorArea, double mass, double windows, double change, double opaque,
            double opaqueArea) {
        double inner = FILM * opaqueArea;
        return new TwoNodes(AIR_A_FLOOR * floorArea, mass, windows, change, inner,
                1 / Math.max(1e-9, 1 / opaque - 1 / inner));
    }

    /// @param air  \[°C\]
    /// @param mass \[°C\]
    public record State(double air, double mass) {
    }

    /// What goes on round it in a step, at its middle.
    ///
    /// @param outside \[°C\]
    /// @param skin    what the sun makes of outside for the walls \[°C\]
    /// @param gains   of people, devices and sun through windows, half to the air \[W\]
    public record Round(double outside, double skin, double gains) {
    }

    /// What a heater or cooler does.
    ///
    /// @param set    \[°C\]; NaN for none
    /// @param most   \[W\], negative for a cooler
    /// @param toAir  part that goes to the air: 1 of a blower, 0.5 of a radiant heater
    public record Thermostat(double set, double most, double toAir) {
        public static final Thermostat OFF = new Thermostat(Double.NaN, 0, 1);
    }

    /// @param power given in the step, negative where it cooled \[W\]
    public record Stepped(State state, double power) {
    }

    /// One step: free where that does, else with as much power as brings the air to where it is set, or all of it.
    public Stepped step(State from, Round round, Thermostat t) {
        State free = run(from, round, 0, t.toAir);
        if (Double.isNaN(t.set) || t.most == 0 || t.most > 0 && free.air >= t.set || t.most < 0 && free.air <= t.set) {
            return new Stepped(free, 0);
        }
        State one = run(from, round, 1, t.toAir);
        double wanted = (t.set - free.air) / (one.air - free.air);
        double power = t.most > 0 ? Math.min(t.most, wanted) : Math.max(t.most, wanted);
        return new Stepped(run(from, round, power, t.toAir), power);
    }

    private State run(State from, Round r, double power, double toAir) {
        double a11 = -(windows + change + inner) / air;
        double a12 = inner / air;
        double a21 = inner / mass;
        double a22 = -(outer + inner) / mass;
        double b1 = ((windows + change) * r.outside + 0.5 * r.gains + toAir * power) / air;
        double b2 = (outer * r.skin + 0.5 * r.gains + (1 - toAir) * power) / mass;
        double det = a11 * a22 - a12 * a21;
        double end1 = -(a22 * b1 - a12 * b2) / det;
        double end2 = -(a11 * b2 - a21 * b1) / det;
        double half = (a11 + a22) / 2;
        double root = Math.sqrt(Math.max(0, half * half - det));
        double e1 = Math.exp((half + root) * STEP);
        double e2 = Math.exp((half - root) * STEP);
        double s = root > 1e-15 ? (e1 - e2) / (2 * root) : STEP * e1;
        double c = (e1 + e2) / 2;
        double d1 = from.air - end1;
        double d2 = from.mass - end2;
        double k11 = c + (a11 - half) * s;
        double k22 = c + (a22 - half) * s;
        return new State(end1 + k11 * d1 + a12 * s * d2, end2 + a21 * s * d1 + k22 * d2);
    }

    /// Heat that leaves it at a state \[W\]: what every hour's balance is checked with.
    public double lost(State s, Round r) {
        return (windows + change) * (s.air - r.outside) + outer * (s.mass - r.skin);
    }

    /// Heat it holds above 0 °C \[J\].
    public double held(State s) {
        return air * s.air + mass * s.mass;
    }

    /// A daily swing of temperature, warmest at three in the afternoon \[°C\].
    ///
    /// @param hour of the day
    public static double swing(double mean, double amplitude, double hour) {
        return mean + amplitude * Math.cos(2 * Math.PI * (hour - 15) / 24);
    }
}
