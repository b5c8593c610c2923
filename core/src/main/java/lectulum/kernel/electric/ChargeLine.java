package lectulum.kernel.electric;

/// The line from the tow vehicle: through a converter, or straight.
///
/// @param resistance of both conductors warm and all contacts \[Ω\], > 0
public record ChargeLine(double resistance) {
    /// What flows.
    ///
    /// @param in   volts at the trailer's end \[V\]
    /// @param amps in the line \[A\]
    /// @param out  into the battery \[W\]
    public record Flow(double in, double amps, double out) {
        /// Turned to heat in the line \[W\].
        public double loss(double resistance) {
            return amps * amps * resistance;
        }
    }

    /// With a converter, which lowers its current where the line would fall below the voltage at which it stops.
    ///
    /// @param source     volts of the vehicle \[V\]
    /// @param amps       the converter gives \[A\]
    /// @param volts      it gives them at \[V\]
    /// @param efficiency of the converter
    /// @param stops      volts below which it takes no more \[V\]
    public Flow converted(double source, double amps, double volts, double efficiency, double stops) {
        double wanted = amps * volts / efficiency;
        double root = source * source - 4 * resistance * wanted;
        double in = root >= 0 ? (source + Math.sqrt(root)) / 2 : Double.NaN;
        if (root >= 0 && in >= stops) {
            return new Flow(in, (source - in) / resistance, amps * volts);
        }
        double held = Math.max(stops, source / 2);
        double current = source > held ? (source - held) / resistance : 0;
        return new Flow(held, current, held * current * efficiency);
    }

    /// Straight onto the battery: what flows is nobody's choice \[A\].
    ///
    /// @param source  volts of the vehicle \[V\]
    /// @param battery volts of the battery at rest \[V\]
    /// @param inside  resistance of the battery \[Ω\]
    public double straight(double source, double battery, double inside) {
        return (source - battery) / (resistance + inside);
    }
}
