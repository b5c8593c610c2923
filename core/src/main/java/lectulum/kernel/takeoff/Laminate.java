package lectulum.kernel.takeoff;

/// Glass cloth in resin.
///
/// @param glass  \[kg\]
/// @param soaked resin in the cloth \[kg\]
/// @param fill   resin that levels it \[kg\]
public record Laminate(double glass, double soaked, double fill) {

    /// @param area    \[m²\]
    /// @param cloth   \[kg/m²\]
    /// @param overlap part more of it
    /// @param part    of glass in the laminate by weight
    /// @param level   resin that fills its weave \[kg/m²\]
    public static Laminate of(double area, double cloth, int layers, double overlap, double part, double level) {
        double glass = area * (1 + overlap) * cloth * layers;
        return new Laminate(glass, glass * (1 - part) / part, area * level);
    }

    /// Resin that is mixed \[kg\].
    public double mixed(double loss) {
        return (soaked + fill) / (1 - loss);
    }

    /// Mass that stays \[kg\].
    public double mass() {
        return glass + soaked + fill;
    }
}
