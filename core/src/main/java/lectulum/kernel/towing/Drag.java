package lectulum.kernel.towing;

/// What a trailer costs in fuel beyond the vehicle alone: air against what stands out beside the vehicle and what rides in
/// its wake, and the rolling of its tyres. A rough estimate, good to about a third either way: no wind, level road, one
/// steady speed (F = ½ρv²·ΔC_dA + C_rr·m·g; Hucho, *Aerodynamics of Road Vehicles*).
///
/// @param exposed frontal area that the vehicle does not cover \[m²\], ≥ 0
/// @param shade   frontal area behind the vehicle \[m²\], ≥ 0
/// @param beside  drag of the exposed area \[1\], ≥ 0
/// @param behind  drag of the area in the wake \[1\], ≥ 0
/// @param rolling resistance of the tyres \[1\], ≥ 0
/// @param mass    on its wheels and on the ball \[kg\], ≥ 0
public record Drag(double exposed, double shade, double beside, double behind, double rolling, double mass) {
    /// Density of air at 15 °C at sea level \[kg/m³\] (ISA).
    private static final double AIR = 1.225;
    private static final double G = 9.80665;
    /// How far off it may be, as a part of it (assumed).
    public static final double DOUBT = 0.35;

    /// Heat in a cubic metre of fuel \[J/m³\], lower heating value.
    public enum Fuel {
        PETROL(32e9), DIESEL(36e9);

        private final double heat;

        Fuel(double heat) {
            this.heat = heat;
        }
    }

    /// Drag area that the trailer adds \[m²\].
    public double area() {
        return beside * exposed + behind * shade;
    }

    /// Force at a speed \[N\].
    ///
    /// @param speed \[m/s\]
    public double force(double speed) {
        return 0.5 * AIR * speed * speed * area() + rolling * mass * G;
    }

    /// Fuel for a distance \[m³\].
    ///
    /// @param speed    \[m/s\]
    /// @param distance \[m\]
    /// @param share    of its heat that becomes work, > 0
    public double fuel(double speed, double distance, Fuel fuel, double share) {
        return force(speed) * distance / (share * fuel.heat);
    }
}
