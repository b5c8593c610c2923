package lectulum.units;

/// What a number measures. Inside the program every number is in the SI unit named here; other units exist only
/// where people read and type.
public enum Quantity {
    /// Mass, and a load meaning "what a scale under that point would read" \[kg\].
    MASS("kg"),
    /// Length \[m\].
    LENGTH("m"),
    /// Length of a wire or a hose as it is cut \[m\], shown to a centimetre or an inch.
    RUN("m"),
    /// Length of a road \[m\], shown in kilometres or miles.
    DISTANCE("m"),
    /// Area \[m²\].
    AREA("m²"),
    /// Volume of tanks \[m³\].
    VOLUME("m³"),
    /// Volume of a locker or a box and of what goes into it \[m³\].
    STOWAGE("m³"),
    /// Space in a body \[m³\].
    SPACE("m³"),
    /// Energy \[J\], shown in watt-hours.
    ENERGY("J"),
    /// Power \[W\].
    POWER("W"),
    /// Electric tension \[V\].
    VOLTAGE("V"),
    /// Electric current \[A\].
    CURRENT("A"),
    /// Electric resistance \[Ω\], shown in milliohms.
    RESISTANCE("Ω"),
    /// Electric charge \[C\], shown in ampere-hours.
    CHARGE("C"),
    /// Duration \[s\], shown in hours.
    DURATION("s"),
    /// Force \[N\].
    FORCE("N"),
    /// Moment of a force \[N·m\].
    MOMENT("N·m"),
    /// Stress in a material \[Pa\], shown in megapascals.
    STRESS("Pa"),
    /// Stiffness of a spring \[N/m\], shown per millimetre.
    STIFFNESS("N/m"),
    /// Speed \[m/s\], shown in kilometres or miles an hour.
    SPEED("m/s"),
    /// Frequency \[Hz\].
    FREQUENCY("Hz"),
    /// A small length by which something gives way under load \[m\].
    DEFLECTION("m"),
    /// Temperature \[°C\].
    TEMPERATURE("°C"),
    /// Plane angle \[rad\], shown in degrees.
    ANGLE("rad"),
    /// A small turn out of true: shown to a hundredth of a degree.
    SKEW("rad"),
    /// A part of a whole \[1\], shown in percent.
    SHARE("1"),
    /// Nights, counted \[1\].
    NIGHTS("nights"),
    /// Days, counted \[1\].
    DAYS("days"),
    /// A plain count \[1\].
    COUNT("1"),
    /// Pressure over or under that of the air outside \[Pa\].
    PRESSURE("Pa"),
    /// Water that runs \[m³/s\].
    WATER_FLOW("m³/s"),
    /// Air that moves \[m³/s\].
    AIR_FLOW("m³/s"),
    /// A small opening, free of what stands in it \[m²\].
    FREE_AREA("m²"),
    /// Heat that passes a square metre for each kelvin \[W/(m² K)\].
    U_VALUE("W/(m²·K)"),
    /// Heat lost for each kelvin \[W/K\].
    HEAT_LOSS("W/K"),
    /// Water on a pane, gas for a shower \[kg\].
    SMALL_MASS("kg"),
    /// Money in the currency of the project.
    MONEY("money");

    private final String si;

    Quantity(String si) {
        this.si = si;
    }

    /// The SI unit (or the counted noun) in which the program and its files hold this quantity.
    public String si() {
        return si;
    }
}
