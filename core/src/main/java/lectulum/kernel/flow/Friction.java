package lectulum.kernel.flow;

/// Friction of a fluid in a round pipe that it fills.
public final class Friction {
    /// Roughness of drawn and plastic pipe \[m\].
    public static final double SMOOTH = 1.5e-6;
    private static final double LAMINAR = 2000;
    private static final double TURBULENT = 4000;

    private Friction() {
    }

    /// Darcy's friction factor: laminar below Re 2000, Swamee and Jain (1976) above 4000, a straight line between.
    ///
    /// @param reynolds > 0
    /// @param relative roughness over diameter
    public static double factor(double reynolds, double relative) {
        if (reynolds < LAMINAR) {
            return 64 / reynolds;
        }
        if (reynolds > TURBULENT) {
            return swameeJain(reynolds, relative);
        }
        double low = 64 / LAMINAR;
        return low + (reynolds - LAMINAR) / (TURBULENT - LAMINAR) * (swameeJain(TURBULENT, relative) - low);
    }

    private static double swameeJain(double reynolds, double relative) {
        double log = Math.log10(relative / 3.7 + 5.74 / Math.pow(reynolds, 0.9));
        return 0.25 / (log * log);
    }

    /// Pressure that a pipe takes \[Pa\], with the sign of the flow.
    ///
    /// @param flow     \[m³/s\]
    /// @param diameter inside \[m\], > 0
    /// @param lengths  of the pipe and its fittings, in diameters
    /// @param density  \[kg/m³\]
    /// @param viscosity \[Pa s\]
    public static double loss(double flow, double diameter, double lengths, double density, double viscosity) {
        if (flow == 0) {
            return 0;
        }
        double v = Math.abs(flow) / (Math.PI * diameter * diameter / 4);
        double re = density * v * diameter / viscosity;
        return Math.signum(flow) * factor(re, SMOOTH / diameter) * lengths * density * v * v / 2;
    }
}
