package lectulum.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads what people type from a tape, a scale or a receipt: `1220`, `1.22 m`, `48 3/4"`, `4' 0 1/2"`, `48+3/4`,
/// `128 lb 4 oz`, `2x4`.
///
/// Terms are added and subtracted. A number may have a decimal point or a decimal comma. A fraction, or a foot or
/// inch mark, makes the bare numbers of the same line inches; otherwise a bare number is in the small unit of the
/// chosen system (millimetres or inches for lengths). `48-3/4` is the tape's way of writing 48¾; `48 - 3/4`
/// subtracts. `2x4` is the thin face of dressed timber (38 mm), `4x2` its wide face (89 mm), per the American
/// Softwood Lumber Standard.
public final class TapeEntry {
    private static final Map<String, Double> LENGTHS = Map.ofEntries(Map.entry("mm", 0.001), Map.entry("cm", 0.01),
            Map.entry("m", 1.0), Map.entry("in", Units.INCH), Map.entry("inch", Units.INCH),
            Map.entry("\"", Units.INCH), Map.entry("ft", Units.FOOT), Map.entry("'", Units.FOOT));
    private static final Map<String, Double> MASSES = Map.of("kg", 1.0, "g", 0.001, "t", 1000.0, "lb", Units.POUND,
            "lbs", Units.POUND, "oz", Units.POUND / 16);
    private static final Map<String, Double> VOLUMES = Map.of("l", Units.LITRE, "ml", 1e-6, "m³", 1.0, "m3", 1.0,
            "gal", Units.GALLON, "qt", Units.GALLON / 4, "ft³", Units.FOOT * Units.FOOT * Units.FOOT, "ft3",
            Units.FOOT * Units.FOOT * Units.FOOT);
    private static final Map<String, Double> DISTANCES = Map.of("km", Units.KILOMETRE, "m", 1.0, "mi", Units.MILE,
            "miles", Units.MILE, "mile", Units.MILE);
    private static final Map<String, Double> AREAS = Map.of("m²", 1.0, "m2", 1.0, "ft²", Units.FOOT * Units.FOOT, "ft2",
            Units.FOOT * Units.FOOT);
    private static final Map<String, Double> SPACES = Map.of("m³", 1.0, "m3", 1.0, "ft³",
            Units.FOOT * Units.FOOT * Units.FOOT, "ft3", Units.FOOT * Units.FOOT * Units.FOOT);
    private static final Map<String, Double> ENERGIES = Map.of("wh", Units.WATT_HOUR, "kwh", 1000 * Units.WATT_HOUR,
            "j", 1.0);
    private static final Map<String, Double> POWERS = Map.of("w", 1.0, "kw", 1000.0);
    private static final Map<String, Double> VOLTAGES = Map.of("v", 1.0, "mv", 0.001);
    private static final Map<String, Double> CURRENTS = Map.of("a", 1.0, "ma", 0.001);
    private static final Map<String, Double> RESISTANCES = Map.of("mω", 0.001, "ω", 1.0, "mohm", 0.001, "ohm", 1.0);
    private static final Map<String, Double> CHARGES = Map.of("ah", Units.HOUR);
    private static final Map<String, Double> DURATIONS = Map.of("h", Units.HOUR, "min", 60.0, "s", 1.0);
    private static final Map<String, Double> FORCES = Map.of("n", 1.0, "kn", 1000.0, "lbf",
            Units.POUND_FORCE);
    private static final Map<String, Double> MOMENTS = Map.of("nm", 1.0, "lbfft", Units.POUND_FOOT, "lbft",
            Units.POUND_FOOT);
    private static final Map<String, Double> STIFFNESSES = Map.of("n/mm", 1000.0, "n/m", 1.0, "lbf/in",
            Units.POUND_FORCE / Units.INCH);
    private static final Map<String, Double> SPEEDS = Map.of("km/h", 1 / 3.6, "mph", Units.MILE_AN_HOUR, "m/s", 1.0);
    private static final Map<String, Double> FREQUENCIES = Map.of("hz", 1.0);
    private static final Map<String, Double> STRESSES = Map.of("mpa", 1e6, "psi", Units.PSI, "ksi", 1000 * Units.PSI);
    private static final Pattern DEGREES = Pattern.compile("([+-]?\\d+(?:\\.\\d+)?)\\s*°?\\s*([cfCF])?");
    private static final Map<String, Double> ANGLES = Map.of("°", Math.PI / 180, "deg", Math.PI / 180, "rad", 1.0);
    private static final Map<String, Double> SHARES = Map.of("%", 0.01);
    private static final Map<String, Double> COUNTS = Map.of("nights", 1.0, "night", 1.0, "days", 1.0, "day", 1.0);
    private static final Map<String, Double> MONEYS = Map.of("€", 1.0, "$", 1.0, "£", 1.0, "eur", 1.0, "usd", 1.0);

    private static final double CUBIC_FOOT = Units.FOOT * Units.FOOT * Units.FOOT;
    private static final double US_U = 5.678263;
    private static final double US_LOSS = 1.8 * 0.29307107;
    private static final Map<String, Double> PRESSURES = Map.of("pa", 1.0, "kpa", 1000.0, "bar", 1e5, "mbar", 100.0,
            "psi", Units.PSI, "inwc", 249.0889);
    private static final Map<String, Double> WATER_FLOWS = Map.of("l/min", Units.LITRE / 60, "l/h", Units.LITRE / 3600,
            "gal/min", Units.GALLON / 60, "gpm", Units.GALLON / 60);
    private static final Map<String, Double> AIR_FLOWS = Map.of("m³/h", 1 / Units.HOUR, "m3/h", 1 / Units.HOUR, "cfm",
            CUBIC_FOOT / 60, "l/s", Units.LITRE);
    private static final Map<String, Double> FREE_AREAS = Map.of("cm²", 1e-4, "cm2", 1e-4, "in²",
            Units.INCH * Units.INCH, "in2", Units.INCH * Units.INCH, "m²", 1.0, "m2", 1.0, "mm²", 1e-6, "mm2", 1e-6);
    private static final Map<String, Double> U_VALUES = Map.of("w/m²k", 1.0, "w/m2k", 1.0, "btu/hft²°f", US_U,
            "btu/hft2f", US_U);
    private static final Map<String, Double> HEAT_LOSSES = Map.of("w/k", 1.0, "btu/h°f", US_LOSS, "btu/hf", US_LOSS);
    private static final Map<String, Double> SMALL_MASSES = Map.of("g", 1e-3, "kg", 1.0, "oz", Units.POUND / 16, "lb",
            Units.POUND);

    /// Dressed thickness of nominal 1, 2, 3, 4, 6, 8 inch softwood, dry \[m\] (American Softwood Lumber Standard).
    private static final Map<String, Double> DRESSED = Map.of("1", 0.019, "2", 0.038, "3", 0.064, "4", 0.089, "6",
            0.140, "8", 0.184);

    private static final double NEARLY = 0.0012;
    private static final Pattern LUMBER = Pattern.compile("([1-8])x([1-8])(?![\\d.])");
    private static final Pattern TERM = Pattern.compile(
            "(?:(\\d+)/(\\d+)|(\\d+(?:\\.\\d+)?|\\.\\d+)(?:[ -](\\d+)/(\\d+))?) ?(\"|'|%|°|[€$£]|\\p{L}+[²³23]?(?:/[\\p{L}°²³23]+)?)?");
    private static final Pattern AMBIGUOUS_COMMA = Pattern.compile("\\b[1-9]\\d{0,2},\\d{3}\\b");
    private static final Pattern THOUSANDS = Pattern.compile("\\b(\\d{1,3})((?: \\d{3})+)\\b(?!/)");

    private TapeEntry() {
    }

    /// Reads one typed quantity.
    ///
    /// @param low  smallest value that can be meant, SI; −∞ for none
    /// @param high largest value that can be meant, SI; +∞ for none
    public static Entry read(String typed, Quantity quantity, Style style, double low, double high) {
        OptionalDouble value = value(typed, quantity, style);
        if (value.isEmpty()) {
            return new Entry.Refused("Not understood. " + example(quantity, style));
        }
        double v = value.getAsDouble();
        if (v < low || v > high) {
            return new Entry.Refused(outside(v, quantity, style, low, high));
        }
        return new Entry.Read(v);
    }

    /// Reads one typed quantity of any size.
    public static Entry read(String typed, Quantity quantity, Style style) {
        return read(typed, quantity, style, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /// The size that dressed timber is called by \[m\]: 50.8 mm for one of 38 mm; any other size as it is.
    public static double nominal(double actual) {
        return DRESSED.entrySet().stream().filter(e -> Math.abs(e.getValue() - actual) < NEARLY)
                .mapToDouble(e -> Integer.parseInt(e.getKey()) * Units.INCH).findFirst().orElse(actual);
    }

    private static OptionalDouble value(String typed, Quantity quantity, Style style) {
        String line = tidy(typed);
        if (quantity == Quantity.TEMPERATURE) {
            return temperature(line, style);
        }
        if (line.isEmpty() || line.length() > 80 || AMBIGUOUS_COMMA.matcher(line).find()) {
            return OptionalDouble.empty();
        }
        if (quantity == Quantity.DURATION && line.matches("\\d{1,3}:[0-5]\\d")) {
            String[] parts = line.split(":");
            return OptionalDouble.of(Integer.parseInt(parts[0]) * 3600.0 + Integer.parseInt(parts[1]) * 60.0);
        }
        List<Term> terms = terms(line.replace(',', '.'), quantity);
        if (terms.isEmpty()) {
            return OptionalDouble.empty();
        }
        double bare = bareUnit(terms, quantity, style.system());
        double sum = 0;
        for (Term term : terms) {
            sum += term.sign * term.number * (Double.isNaN(term.factor) ? bare : term.factor);
        }
        return Double.isFinite(sum) ? OptionalDouble.of(sum) : OptionalDouble.empty();
    }

    /// The only scale with another zero: `-5`, `-5 °C`, `23 °F`.
    private static OptionalDouble temperature(String line, Style style) {
        Matcher m = DEGREES.matcher(line.replace(',', '.'));
        if (!m.matches()) {
            return OptionalDouble.empty();
        }
        double number = Double.parseDouble(m.group(1));
        boolean fahrenheit = m.group(2) == null
                ? style.system() == UnitSystem.US
                : m.group(2).equalsIgnoreCase("f");
        return OptionalDouble.of(fahrenheit ? (number - 32) / 1.8 : number);
    }

    /// One number with its sign; the factor is NaN where no unit was typed.
    private record Term(int sign, double number, double factor, boolean fraction, boolean imperial) {
    }

    /// Empty where any part of the line is not understood.
    private static List<Term> terms(String line, Quantity quantity) {
        List<Term> terms = new ArrayList<>();
        int at = 0;
        int sign = 1;
        boolean wanted = true;
        while (at < line.length()) {
            char c = line.charAt(at);
            if (c == ' ') {
                at++;
            } else if (c == '+' || c == '-') {
                sign = c == '-' ? -1 : 1;
                wanted = true;
                at++;
            } else {
                Matcher lumber = LUMBER.matcher(line).region(at, line.length());
                Matcher number = TERM.matcher(line).region(at, line.length());
                if (quantity == Quantity.LENGTH && lumber.lookingAt() && DRESSED.containsKey(lumber.group(1))) {
                    terms.add(new Term(sign, DRESSED.get(lumber.group(1)), 1, false, false));
                    at = lumber.end();
                } else if (number.lookingAt() && (wanted || continues(terms, number))) {
                    Term term = term(sign, number, quantity);
                    if (term == null) {
                        return List.of();
                    }
                    terms.add(term);
                    at = number.end();
                } else {
                    return List.of();
                }
                wanted = false;
            }
        }
        return wanted ? List.of() : terms;
    }

    /// Feet go on with inches, pounds with ounces, hours with minutes: `4' 6"`, `128 lb 4 oz`, `1 h 20 min`.
    private static boolean continues(List<Term> terms, Matcher number) {
        double before = terms.getLast().factor;
        String unit = number.group(6);
        return before == Units.FOOT && (unit == null || "\"".equals(unit) || "in".equals(unit))
                || before == Units.POUND && "oz".equals(unit) || before == Units.HOUR && "min".equals(unit)
                || terms.getLast().imperial && number.group(1) != null;
    }

    /// Null where the unit does not belong to the quantity or a denominator is zero.
    private static Term term(int sign, Matcher m, Quantity quantity) {
        boolean fraction = m.group(1) != null || m.group(4) != null;
        double number = m.group(3) == null ? 0 : Double.parseDouble(m.group(3));
        if (fraction) {
            boolean alone = m.group(1) != null;
            double below = Double.parseDouble(m.group(alone ? 2 : 5));
            if (below == 0) {
                return null;
            }
            number += Double.parseDouble(m.group(alone ? 1 : 4)) / below;
        }
        String unit = m.group(6);
        if (unit == null) {
            return new Term(sign, number, Double.NaN, fraction, false);
        }
        Double factor = units(quantity).get(unit);
        boolean imperial = factor != null && (factor == Units.INCH || factor == Units.FOOT);
        return factor == null ? null : new Term(sign, number, factor, fraction, imperial);
    }

    private static double bareUnit(List<Term> terms, Quantity quantity, UnitSystem system) {
        boolean us = system == UnitSystem.US;
        return switch (quantity) {
            case LENGTH, RUN, DEFLECTION -> {
                boolean metric = terms.stream().anyMatch(t -> !Double.isNaN(t.factor) && !t.imperial);
                boolean inches = terms.stream().anyMatch(t -> t.imperial || t.fraction);
                yield inches && !metric ? Units.INCH : metric || !us ? 0.001 : Units.INCH;
            }
            case MASS -> us ? Units.POUND : 1;
            case VOLUME -> us ? Units.GALLON : Units.LITRE;
            case DISTANCE -> us ? Units.MILE : Units.KILOMETRE;
            case AREA -> us ? Units.FOOT * Units.FOOT : 1;
            case SPACE -> us ? Units.FOOT * Units.FOOT * Units.FOOT : 1;
            case STOWAGE -> us ? Units.FOOT * Units.FOOT * Units.FOOT : Units.LITRE;
            case ENERGY -> Units.WATT_HOUR;
            case DURATION, CHARGE -> Units.HOUR;
            case RESISTANCE -> 0.001;
            case ANGLE, SKEW -> Math.PI / 180;
            case SHARE -> 0.01;
            case FORCE -> us ? Units.POUND_FORCE : 1;
            case MOMENT -> us ? Units.POUND_FOOT : 1;
            case STIFFNESS -> us ? Units.POUND_FORCE / Units.INCH : 1000;
            case SPEED -> us ? Units.MILE_AN_HOUR : 1 / 3.6;
            case STRESS -> us ? Units.PSI : 1e6;
            case PRESSURE -> us ? Units.PSI : 1000;
            case WATER_FLOW -> us ? Units.GALLON / 60 : Units.LITRE / 60;
            case AIR_FLOW -> us ? CUBIC_FOOT / 60 : 1 / Units.HOUR;
            case FREE_AREA -> us ? Units.INCH * Units.INCH : 1e-4;
            case U_VALUE -> us ? US_U : 1;
            case HEAT_LOSS -> us ? US_LOSS : 1;
            case SMALL_MASS -> us ? Units.POUND / 16 : 1e-3;
            case POWER, VOLTAGE, CURRENT, NIGHTS, DAYS, COUNT, MONEY, TEMPERATURE, FREQUENCY -> 1;
        };
    }

    private static Map<String, Double> units(Quantity quantity) {
        return switch (quantity) {
            case LENGTH, RUN, DEFLECTION -> LENGTHS;
            case MASS -> MASSES;
            case VOLUME, STOWAGE -> VOLUMES;
            case DISTANCE -> DISTANCES;
            case AREA -> AREAS;
            case SPACE -> SPACES;
            case ENERGY -> ENERGIES;
            case POWER -> POWERS;
            case VOLTAGE -> VOLTAGES;
            case CURRENT -> CURRENTS;
            case RESISTANCE -> RESISTANCES;
            case CHARGE -> CHARGES;
            case DURATION -> DURATIONS;
            case FORCE -> FORCES;
            case MOMENT -> MOMENTS;
            case STIFFNESS -> STIFFNESSES;
            case SPEED -> SPEEDS;
            case FREQUENCY -> FREQUENCIES;
            case STRESS -> STRESSES;
            case PRESSURE -> PRESSURES;
            case WATER_FLOW -> WATER_FLOWS;
            case AIR_FLOW -> AIR_FLOWS;
            case FREE_AREA -> FREE_AREAS;
            case U_VALUE -> U_VALUES;
            case HEAT_LOSS -> HEAT_LOSSES;
            case SMALL_MASS -> SMALL_MASSES;
            case TEMPERATURE -> Map.of();
            case ANGLE, SKEW -> ANGLES;
            case SHARE -> SHARES;
            case NIGHTS, DAYS, COUNT -> COUNTS;
            case MONEY -> MONEYS;
        };
    }

    private static String tidy(String typed) {
        String line = typed.strip().toLowerCase(Locale.ROOT).replace('\u2212', '-').replace('\u2013', '-')
                .replaceAll("[\\u00a0\\u2009\\u202f\\s]+", " ").replaceAll("''|[\u201c\u201d\u2033]", "\"")
                .replaceAll("[\u2018\u2019\u2032]", "'").replace("×", "x")
                .replace("·", "").replaceAll("in ?w\\.? ?c\\.?", "inwc");
        Matcher thousands = THOUSANDS.matcher(line);
        return thousands.replaceAll(m -> m.group(1) + m.group(2).replace(" ", ""));
    }

    private static String example(Quantity quantity, Style style) {
        boolean us = style.system() == UnitSystem.US;
        return switch (quantity) {
            case LENGTH, RUN, DEFLECTION ->
                us ? "Try 48 3/4\", 4' 0 1/2\" or 1220 mm." : "Try 1220, 1.22 m or 48 3/4\".";
            case MASS -> us ? "Try 27.5 lb or 27 lb 8 oz." : "Try 12.5 or 27 lb 8 oz.";
            case STOWAGE -> us ? "Try 2.5 ft³ or 60 L." : "Try 60.";
            case VOLUME -> us ? "Try 16 gal or 60 L." : "Try 60 or 16 gal.";
            case DISTANCE -> us ? "Try 4000 mi." : "Try 6000 km.";
            case AREA -> us ? "Try 32 ft²." : "Try 3.2 m².";
            case SPACE -> us ? "Try 300 ft³." : "Try 8.5 m³.";
            case ENERGY -> "Try 1200 Wh or 1.2 kWh.";
            case POWER -> "Try 45 W.";
            case VOLTAGE -> "Try 12.8 V.";
            case CURRENT -> "Try 15 A.";
            case RESISTANCE -> "Try 6 mΩ.";
            case CHARGE -> "Try 100 Ah.";
            case DURATION -> "Try 1.5, 90 min or 1:30.";
            case STIFFNESS -> us ? "Try 240 lbf/in." : "Try 42.";
            case SPEED -> us ? "Try 55 mph." : "Try 90.";
            case FREQUENCY -> "Try 1.5.";
            case MOMENT -> us ? "Try 40 lbf·ft." : "Try 60.";
            case STRESS -> us ? "Try 36000 psi." : "Try 235.";
            case FORCE -> us ? "Try 45 lbf or 200 N." : "Try 200 N.";
            case TEMPERATURE -> us ? "Try 23 °F." : "Try -5 °C.";
            case ANGLE, SKEW -> "Try 90.";
            case SHARE -> "Try 30 or 30 %.";
            case NIGHTS, DAYS, COUNT -> "Try a number such as 3.";
            case PRESSURE -> us ? "Try 40 psi." : "Try 280 kPa or 2.8 bar.";
            case WATER_FLOW -> us ? "Try 1.5 gal/min." : "Try 5.7 L/min.";
            case AIR_FLOW -> us ? "Try 500 cfm." : "Try 900 m³/h.";
            case FREE_AREA -> us ? "Try 16 in²." : "Try 100 cm².";
            case U_VALUE -> us ? "Try 0.2 BTU/h·ft²·°F." : "Try 1.1 W/m²K.";
            case HEAT_LOSS -> us ? "Try 1.4 BTU/h·°F." : "Try 0.75 W/K.";
            case SMALL_MASS -> us ? "Try 8 oz." : "Try 250 g.";
            case MONEY -> "Try 249.90.";
        };
    }

    private static String outside(double v, Quantity quantity, Style style, double low, double high) {
        String read = Units.text(v, quantity, style);
        if (v < low) {
            boolean nothing = low > 0 && Units.text(low, quantity, style).equals(Units.text(0, quantity, style));
            return nothing
                    ? "It must be more than " + Units.text(0, quantity, style) + "."
                    : read + " is less than " + Units.text(low, quantity, style) + ", the least that makes sense here.";
        }
        String hint = quantity == Quantity.LENGTH && style.system() == UnitSystem.US
                && v / Units.INCH * 0.001 <= high ? " For millimetres add mm." : "";
        return read + " is more than " + Units.text(high, quantity, style) + ", the most that makes sense here." + hint;
    }
}
