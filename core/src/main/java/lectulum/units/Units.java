package lectulum.units;

import java.util.Locale;

/// The one formatter: SI numbers to what a builder reads, in either unit system.
///
/// Exact factors: 1 in = 0.0254 m, 1 lb = 0.45359237 kg, 1 US gal = 3.785411784 L (international yard and pound
/// agreement; US gallon of 231 cubic inches).
public final class Units {
    /// Length of an inch \[m\].
    public static final double INCH = 0.0254;
    /// Length of a foot \[m\].
    public static final double FOOT = 12 * INCH;
    /// Mass of a pound \[kg\].
    public static final double POUND = 0.45359237;
    /// Standard gravity \[m/s²\].
    public static final double GRAVITY = 9.80665;
    /// Weight of a pound \[N\].
    public static final double POUND_FORCE = POUND * GRAVITY;
    /// A pound to the square inch \[Pa\].
    /// Heat a square foot, an hour and a degree Fahrenheit in one watt a square metre and kelvin; the same without the area.
    private static final double US_U = 1 / 5.678263;
    private static final double US_LOSS = 1 / (1.8 * 0.29307107);
    private static final double INCH_OF_WATER = 249.0889;
    public static final double PSI = POUND_FORCE / (INCH * INCH);
    /// A mile an hour \[m/s\].
    public static final double MILE_AN_HOUR = 5280 * FOOT / 3600;
    /// A pound on an arm of a foot \[N·m\].
    public static final double POUND_FOOT = POUND_FORCE * FOOT;
    /// Volume of a US gallon \[m³\].
    public static final double GALLON = 3.785411784e-3;
    /// Volume of a litre \[m³\].
    public static final double LITRE = 1e-3;
    /// Energy of a watt-hour \[J\].
    public static final double WATT_HOUR = 3600;
    /// Length of a minute \[s\].
    public static final double MINUTE = 60;
    /// Length of an hour \[s\].
    public static final double HOUR = 3600;

    /// From here on a length is entered in metres, not in millimetres \[m\].
    /// From here on a tape is read to whole inches \[m\].
    private static final double LONG = 50 * FOOT;
    static final double KILOMETRE = 1000;
    static final double MILE = 1609.344;
    private static final double FAR = 20;
    /// From so many days or nights on, tenths are not shown.
    private static final double WEEKS = 20;
    private static final char GROUP = '\u00a0';
    private static final char MINUS = '\u2212';

    private Units() {
    }

    /// A quantity as it stands in a sentence, the tally or a table.
    ///
    /// @param value SI value; a value that is not finite is shown as a dash
    public static Shown show(double value, Quantity quantity, Style style) {
        if (!Double.isFinite(value)) {
            return new Shown("–", "");
        }
        boolean us = style.system() == UnitSystem.US;
        return switch (quantity) {
            case MASS -> us ? new Shown(rounded(value / POUND), "lb") : new Shown(rounded(value), "kg");
            case LENGTH -> us ? new Shown(feetAndInches(value).replace(' ', '\u00a0'), "") : metricLength(value);
            case RUN -> us
                    ? new Shown(feetAndInches(Math.rint(value / INCH) * INCH).replace(' ', '\u00a0'), "")
                    : new Shown(decimals(value, 2), "m");
            case DISTANCE -> us
                    ? new Shown(rounded(value / MILE), "mi")
                    : new Shown(rounded(value / KILOMETRE), "km");
            case AREA -> us
                    ? new Shown(decimals(value / (FOOT * FOOT), 1), "ft²")
                    : new Shown(decimals(value, 2), "m²");
            case VOLUME -> us ? new Shown(rounded(value / GALLON), "gal") : new Shown(rounded(value / LITRE), "L");
            case STOWAGE -> us
                    ? new Shown(trimmed(value / (FOOT * FOOT * FOOT), 1), "ft³")
                    : new Shown(rounded(value / LITRE), "L");
            case SPACE -> us
                    ? new Shown(decimals(value / (FOOT * FOOT * FOOT), 0), "ft³")
                    : new Shown(decimals(value, 1), "m³");
            case ENERGY -> energy(value / WATT_HOUR);
            case POWER -> new Shown(rounded(value), "W");
            case VOLTAGE -> new Shown(trimmed(value, Math.abs(value) < 20 ? 2 : 1), "V");
            case CURRENT -> new Shown(trimmed(value, Math.abs(value) < 10 ? 2 : 1), "A");
            case RESISTANCE ->
                new Shown(trimmed(value * 1000, Math.abs(value) < 0.01 ? 2 : Math.abs(value) < 0.1 ? 1 : 0),
                        "mΩ");
            case CHARGE -> new Shown(trimmed(value / HOUR, 1), "Ah");
            case DURATION -> minutes(value, 3 * HOUR)
                    ? new Shown(trimmed(value / MINUTE, 1), "min")
                    : new Shown(trimmed(value / HOUR, Math.abs(value) < 10 * HOUR ? 2 : 1), "h");
            case FORCE -> us ? new Shown(rounded(value / POUND_FORCE), "lbf") : new Shown(rounded(value), "N");
            case MOMENT -> us ? new Shown(rounded(value / POUND_FOOT), "lbf·ft") : new Shown(rounded(value), "N·m");
            case STRESS -> us ? new Shown(decimals(value / PSI, 0), "psi") : new Shown(rounded(value / 1e6), "MPa");
            case STIFFNESS -> us
                    ? new Shown(rounded(value * INCH / POUND_FORCE), "lbf/in")
                    : new Shown(rounded(value / 1000), "N/mm");
            case SPEED -> us
                    ? new Shown(decimals(value / MILE_AN_HOUR, 0), "mph")
                    : new Shown(decimals(value * 3.6, 0), "km/h");
            case FREQUENCY -> new Shown(decimals(value, 1), "Hz");
            case DEFLECTION -> us
                    ? new Shown(trimmed(value / INCH, 3), "in")
                    : new Shown(trimmed(value * 1000, 1), "mm");
            case TEMPERATURE -> us
                    ? new Shown(decimals(value * 1.8 + 32, 0), "°F")
                    : new Shown(decimals(value, 0), "°C");
            case ANGLE -> new Shown(decimals(Math.toDegrees(value), 1), "°");
            case SKEW -> new Shown(decimals(Math.toDegrees(value), 2), "°");
            case SHARE -> new Shown(trimmed(value * 100, 1), "%");
            case NIGHTS -> new Shown(counted(value), value == 1 ? "night" : "nights");
            case DAYS -> new Shown(counted(value), value == 1 ? "day" : "days");
            case COUNT -> new Shown(trimmed(value, 2), "");
            case PRESSURE -> pressure(value, us);
            case WATER_FLOW -> us
                    ? new Shown(trimmed(value / GALLON * MINUTE, 2), "gal/min")
                    : new Shown(trimmed(value / LITRE * MINUTE, 1), "L/min");
            case AIR_FLOW -> us
                    ? new Shown(rounded(value / (FOOT * FOOT * FOOT) * MINUTE), "cfm")
                    : new Shown(rounded(value * HOUR), "m³/h");
            case FREE_AREA -> us
                    ? new Shown(rounded(value / (INCH * INCH)), "in²")
                    : new Shown(rounded(value * 1e4), "cm²");
            case U_VALUE -> us
                    ? new Shown(decimals(value * US_U, 3), "BTU/h·ft²·°F")
                    : new Shown(decimals(value, 2), "W/m²K");
            case HEAT_LOSS -> us
                    ? new Shown(rounded(value * US_LOSS), "BTU/h·°F")
                    : new Shown(rounded(value), "W/K");
            case SMALL_MASS -> us
                    ? new Shown(rounded(value / POUND * 16), "oz")
                    : new Shown(rounded(value * 1000), "g");
            case MONEY -> new Shown(Math.abs(value) < 100 ? trimmedMoney(value) : decimals(value, 0), style.currency());
        };
    }

    /// A quantity as one text.
    public static String text(double value, Quantity quantity, Style style) {
        return show(value, quantity, style).text();
    }

    /// How many of the unit that is shown make one of SI \[1\]: an axis with round ticks is divided in it. Temperatures are
    /// divided in kelvins.
    ///
    /// @param span of the axis in SI; short lengths are divided in inches, long ones in feet
    public static double shownPerSi(Quantity quantity, double span, Style style) {
        boolean us = style.system() == UnitSystem.US;
        return switch (quantity) {
            case MASS -> us ? 1 / POUND : 1;
            case LENGTH, RUN -> us ? 1 / (span < 5 * FOOT ? INCH : FOOT) : 1;
            case DEFLECTION -> us ? 1 / INCH : 1000;
            case DISTANCE -> us ? 1 / MILE : 1 / KILOMETRE;
            case SPEED -> us ? 1 / MILE_AN_HOUR : 3.6;
            case ANGLE, SKEW -> Math.toDegrees(1);
            case FORCE -> us ? 1 / POUND_FORCE : 1;
            case MOMENT -> us ? 1 / POUND_FOOT : 1;
            case STRESS -> us ? 1 / PSI : 1e-6;
            case VOLUME -> us ? 1 / GALLON : 1 / LITRE;
            case ENERGY -> 1 / WATT_HOUR;
            case PRESSURE -> us ? 1 / PSI : 1e-3;
            case WATER_FLOW -> us ? MINUTE / GALLON : MINUTE / LITRE;
            case AIR_FLOW -> us ? MINUTE / (FOOT * FOOT * FOOT) : HOUR;
            case FREE_AREA -> us ? 1 / (INCH * INCH) : 1e4;
            case U_VALUE -> us ? US_U : 1;
            case HEAT_LOSS -> us ? US_LOSS : 1;
            case SMALL_MASS -> us ? 16 / POUND : 1000;
            case DURATION, CHARGE -> 1 / HOUR;
            case RESISTANCE -> 1000;
            default -> 1;
        };
    }

    /// Whether a duration is better said in minutes: below an hour, and up to a limit where it is whole minutes but not hundredths of an
    /// hour.
    private static boolean minutes(double value, double limit) {
        double size = Math.abs(value);
        return size < HOUR && value != 0
                || size < limit && whole(size / MINUTE) && !whole(100 * size / HOUR);
    }

    private static boolean whole(double value) {
        return Math.abs(value - Math.rint(value)) < 1e-9 * (1 + value);
    }

    /// A quantity at the tick of an axis: no digits that say nothing, metres from a tenth of one on, and the unit only where
    /// the axis does not bear it (lengths, angles).
    public static String tick(double value, Quantity quantity, Style style) {
        return switch (quantity) {
            case LENGTH -> {
                boolean metres = style.system() == UnitSystem.METRIC && Math.abs(value) > 0.0999;
                yield Math.abs(value) < 1e-9
                        ? "0"
                        : metres ? trimmed(value, 3) + "\u00a0m" : text(value, quantity, style);
            }
            case ANGLE -> trimmed(Math.toDegrees(value), 1) + "°";
            case SKEW -> trimmed(Math.toDegrees(value), 2) + "°";
            case COUNT -> text(value, quantity, style);
            default -> show(value, quantity, style).number();
        };
    }

    /// A change of a quantity, always with its sign; no change is a plain zero.
    public static String change(double value, Quantity quantity, Style style) {
        // A difference of temperatures has no zero of its own.
        Shown size = quantity == Quantity.TEMPERATURE
                ? new Shown(decimals(Math.abs(value) * (style.system() == UnitSystem.US ? 1.8 : 1), 0), "°")
                : show(Math.abs(value), quantity, style);
        boolean nothing = size.number().chars().noneMatch(c -> c >= '1' && c <= '9');
        return nothing ? "0" : (value < 0 ? MINUS : '+') + size.number();
    }

    /// A quantity as it stands in an entry field, the unit at the end: as many digits as a builder would write. The field
    /// keeps the exact value until something else is typed.
    public static String entry(double value, Quantity quantity, Style style) {
        boolean us = style.system() == UnitSystem.US;
        return switch (quantity) {
            case MASS -> us ? graded(value / POUND) + " lb" : graded(value) + " kg";
            case LENGTH -> us
                    ? feetAndInches(Math.abs(value) < LONG ? value : Math.rint(value / INCH) * INCH)
                    : Math.abs(value) < FAR ? plain(value * 1000, 1) + " mm" : plain(value, 4) + " m";
            case RUN -> us ? feetAndInches(value) : plain(value, 3) + " m";
            case DISTANCE -> us ? graded(value / MILE) + " mi" : graded(value / KILOMETRE) + " km";
            case AREA -> us ? graded(value / (FOOT * FOOT)) + " ft²" : plain(value, 3) + " m²";
            case VOLUME -> us ? graded(value / GALLON) + " gal" : graded(value / LITRE) + " L";
            case STOWAGE -> us ? plain(value / (FOOT * FOOT * FOOT), 3) + " ft³" : plain(value / LITRE, 2) + " L";
            case SPACE -> us ? plain(value / (FOOT * FOOT * FOOT), 2) + " ft³" : plain(value, 3) + " m³";
            case ENERGY -> plain(value / WATT_HOUR, 1) + " Wh";
            case POWER -> plain(value, 1) + " W";
            case VOLTAGE -> plain(value, 2) + " V";
            case CURRENT -> plain(value, 2) + " A";
            case RESISTANCE -> plain(value * 1000, 3) + " mΩ";
            case CHARGE -> plain(value / HOUR, 1) + " Ah";
            case DURATION -> minutes(value, 10 * HOUR)
                    ? plain(value / MINUTE, 2) + " min"
                    : plain(value / HOUR, 3) + " h";
            case FORCE -> us ? graded(value / POUND_FORCE) + " lbf" : graded(value) + " N";
            case MOMENT -> us ? graded(value / POUND_FOOT) + " lbf·ft" : graded(value) + " N·m";
            case STRESS -> us ? plain(value / PSI, 0) + " psi" : plain(value / 1e6, 2) + " MPa";
            case STIFFNESS -> us ? graded(value * INCH / POUND_FORCE) + " lbf/in" : graded(value / 1000) + " N/mm";
            case SPEED -> us ? plain(value / MILE_AN_HOUR, 1) + " mph" : plain(value * 3.6, 1) + " km/h";
            case FREQUENCY -> plain(value, 2) + " Hz";
            case DEFLECTION -> us ? plain(value / INCH, 4) + " in" : plain(value * 1000, 2) + " mm";
            case TEMPERATURE -> us ? plain(value * 1.8 + 32, 1) + " °F" : plain(value, 1) + " °C";
            case ANGLE, SKEW -> plain(Math.toDegrees(value), 2) + "°";
            case SHARE -> plain(value * 100, 2) + " %";
            case NIGHTS, DAYS, COUNT -> plain(value, 2);
            case PRESSURE -> us ? plain(value / PSI, 2) + " psi" : plain(value / 1000, 2) + " kPa";
            case WATER_FLOW -> us
                    ? plain(value / GALLON * MINUTE, 2) + " gal/min"
                    : plain(value / LITRE * MINUTE, 2) + " L/min";
            case AIR_FLOW -> us
                    ? plain(value / (FOOT * FOOT * FOOT) * MINUTE, 1) + " cfm"
                    : plain(value * HOUR, 1) + " m³/h";
            case FREE_AREA -> us ? plain(value / (INCH * INCH), 1) + " in²" : plain(value * 1e4, 1) + " cm²";
            case U_VALUE -> us ? plain(value * US_U, 3) + " BTU/h·ft²·°F" : plain(value, 2) + " W/m²K";
            case HEAT_LOSS -> us ? plain(value * US_LOSS, 2) + " BTU/h·°F" : plain(value, 2) + " W/K";
            case SMALL_MASS -> us ? plain(value / POUND * 16, 1) + " oz" : plain(value * 1000, 1) + " g";
            case MONEY -> plain(value, 2);
        };
    }

    /// Thousands of pascals, or single ones of a draught; pounds a square inch, or inches of water.
    private static Shown pressure(double value, boolean us) {
        boolean small = Math.abs(value) < 1000;
        if (us) {
            return small
                    ? new Shown(trimmed(value / INCH_OF_WATER, 2), "in WC")
                    : new Shown(trimmed(value / PSI, 1), "psi");
        }
        return small ? new Shown(rounded(value), "Pa") : new Shown(trimmed(value / 1000, 1), "kPa");
    }

    /// Two decimals below a hundred, one below a thousand, none above.
    private static String graded(double value) {
        double size = Math.abs(value);
        return plain(value, size < 99.995 ? 2 : size < 999.95 ? 1 : 0);
    }

    /// Feet, inches and sixteenths as on a tape: `4' 0 1/2"`, `7 1/16"`, `-3"`.
    static String feetAndInches(double metres) {
        long sixteenths = Math.round(Math.abs(metres) / INCH * 16);
        long feet = sixteenths / (12 * 16);
        long inches = sixteenths / 16 % 12;
        long numerator = sixteenths % 16;
        var text = new StringBuilder();
        if (metres < 0 && sixteenths > 0) {
            text.append(MINUS);
        }
        if (feet > 0) {
            text.append(feet).append("' ");
        }
        if (inches > 0 || numerator == 0 || feet > 0) {
            text.append(inches);
        }
        if (numerator > 0) {
            long divisor = Long.lowestOneBit(numerator);
            boolean alone = feet == 0 && inches == 0;
            text.append(alone ? "" : " ").append(numerator / divisor).append('/').append(16 / divisor);
        }
        return text.append('"').toString();
    }

    private static Shown metricLength(double metres) {
        double size = Math.abs(metres);
        return size < 0.9995
                ? new Shown(decimals(metres * 1000, 0), "mm")
                : new Shown(decimals(metres, size < 9.9995 ? 3 : 2), "m");
    }

    private static Shown energy(double wattHours) {
        return Math.abs(wattHours) >= 9999.5
                ? new Shown(decimals(wattHours / 1000, 1), "kWh")
                : new Shown(decimals(wattHours, 0), "Wh");
    }

    /// Two decimals below 1, one below 10, none above: about what a builder's scale or jug resolves.
    private static String rounded(double value) {
        double size = Math.abs(value);
        return size == 0 ? "0" : decimals(value, size < 0.995 ? 2 : size < 9.95 ? 1 : 0);
    }

    private static String trimmedMoney(double value) {
        return value == Math.rint(value) ? decimals(value, 0) : decimals(value, 2);
    }

    private static String trimmed(double value, int places) {
        String text = decimals(value, places);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }

    private static String plain(double value, int places) {
        return trimmed(value, places).replace(String.valueOf(GROUP), "").replace(MINUS, '-');
    }

    /// Days and nights: of a stay of weeks nobody knows the tenth of a day.
    private static String counted(double value) {
        return trimmed(value, Math.abs(value) < WEEKS ? 1 : 0);
    }

    private static String decimals(double value, int places) {
        String digits = String.format(Locale.ROOT, "%." + places + "f", Math.abs(value));
        int point = digits.indexOf('.');
        var text = new StringBuilder(digits);
        for (int i = (point < 0 ? digits.length() : point) - 3; i > 0; i -= 3) {
            text.insert(i, GROUP);
        }
        boolean zero = digits.chars().noneMatch(c -> c >= '1' && c <= '9');
        return value < 0 && !zero ? MINUS + text.toString() : text.toString();
    }
}
