package lectulum.kernel.gear;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What is written on a tyre: its size, and behind it what it may carry and how fast.
///
/// Read are metric sizes with or without a profile (`205/75R14`, `185R14C 102/100Q`, `ST225/75D15`, `195/70R14 XL 96N`),
/// flotation sizes in inches (`31x10.5R15LT`), and old inch and bias sizes (`4.80-8`, `6.50R16`). Sizes without a profile
/// are about right only: 0.80 of the width for metric ones, 0.90 for inch ones on rims up to 13 in, 1.00 above (assumed
/// from size tables; the maker's diameter wins).
///
/// @param diameter  outer \[m\]
/// @param width     of the section \[m\]
/// @param exact     whether the profile stands on it
/// @param loadIndex as a single tyre
/// @param speed     that its symbol allows \[m/s\]
/// @param passenger whether it is a passenger tyre; those for light trucks, vans and trailers say so
public record TyreSize(double diameter, double width, boolean exact, OptionalInt loadIndex, OptionalDouble speed,
        boolean passenger) {
    private static final double INCH = 0.0254;
    private static final double SMALLEST = 0.25;
    private static final double LARGEST = 1.3;
    private static final double FULL_PROFILE = 0.80;
    private static final double SMALL_RIM = 13;
    private static final double SMALL_PROFILE = 0.90;
    private static final double LARGE_PROFILE = 1.00;
    private static final Map<String, Integer> KILOMETRES = Map.ofEntries(Map.entry("F", 80), Map.entry("G", 90),
            Map.entry("J", 100), Map.entry("K", 110), Map.entry("L", 120), Map.entry("M", 130), Map.entry("N", 140),
            Map.entry("P", 150), Map.entry("Q", 160), Map.entry("R", 170), Map.entry("S", 180), Map.entry("T", 190),
            Map.entry("U", 200), Map.entry("H", 210), Map.entry("V", 240));
    private static final String FOR = "(P|LT|ST)?\\s*";
    private static final String RIM = "(\\d{1,2}(?:\\.\\d)?)";
    private static final String AFTER = "\\s*(C|CP|LT|ST)?\\s*(?:XL|RF|EXTRA LOAD|REINFORCED)?"
            + "(?:\\s*\\d{1,2}\\s*PR)?(?:\\s+(\\d{2,3})(?:\\s*/\\s*\\d{2,3})?\\s*([A-Z])?)?(?:\\s+.*)?";
    private static final Pattern METRIC = Pattern
            .compile(FOR + "(\\d{3})\\s*/\\s*(\\d{2})\\s*(?:ZR|[RBD-])?\\s*" + RIM + AFTER);
    private static final Pattern FULL = Pattern.compile(FOR + "(\\d{3})\\s*(?:S?R|[BD-])\\s*" + RIM + AFTER);
    private static final Pattern FLOTATION = Pattern.compile(
            FOR + "(\\d{2}(?:\\.\\d+)?)\\s*X\\s*(\\d{1,2}(?:\\.\\d+)?)\\s*[RBD-]?\\s*" + RIM + AFTER);
    private static final Pattern OLD = Pattern
            .compile(FOR + "(\\d{1,2}\\.\\d{1,2})(?:\\s*/\\s*\\d\\.\\d{1,2})?\\s*[R-]\\s*" + RIM + AFTER);

    /// Empty where it is no tyre size.
    public static Optional<TyreSize> read(String text) {
        String line = text.strip().toUpperCase(Locale.ROOT).replace(',', '.').replace('×', 'X').replace('–', '-');
        Matcher m = METRIC.matcher(line);
        if (m.matches()) {
            double width = Integer.parseInt(m.group(2)) / 1000.0;
            return sized(rim(m, 4) + 2 * width * Integer.parseInt(m.group(3)) / 100.0, width, true, m, 5);
        }
        m = FULL.matcher(line);
        if (m.matches()) {
            double width = Integer.parseInt(m.group(2)) / 1000.0;
            return sized(rim(m, 3) + 2 * width * FULL_PROFILE, width, false, m, 4);
        }
        m = FLOTATION.matcher(line);
        if (m.matches()) {
            return sized(Double.parseDouble(m.group(2)) * INCH, Double.parseDouble(m.group(3)) * INCH, true, m, 5);
        }
        m = OLD.matcher(line);
        if (m.matches()) {
            double width = Double.parseDouble(m.group(2)) * INCH;
            double profile = Double.parseDouble(m.group(3)) <= SMALL_RIM ? SMALL_PROFILE : LARGE_PROFILE;
            return sized(rim(m, 3) + 2 * width * profile, width, false, m, 4);
        }
        return Optional.empty();
    }

    private static double rim(Matcher m, int group) {
        return Double.parseDouble(m.group(group)) * INCH;
    }

    /// @param after group of what the tyre is for, behind the rim; index and symbol follow it
    private static Optional<TyreSize> sized(double diameter, double width, boolean exact, Matcher m, int after) {
        if (diameter < SMALLEST || diameter > LARGEST) {
            return Optional.empty();
        }
        boolean passenger = m.group(after) == null && (m.group(1) == null || m.group(1).equals("P"));
        OptionalInt index = m.group(after + 1) == null
                ? OptionalInt.empty()
                : OptionalInt.of(Integer.parseInt(m.group(after + 1)));
        Integer fast = m.group(after + 2) == null ? null : KILOMETRES.get(m.group(after + 2));
        return Optional.of(new TyreSize(diameter, width, exact, index,
                fast == null ? OptionalDouble.empty() : OptionalDouble.of(fast / 3.6), passenger));
    }
}
