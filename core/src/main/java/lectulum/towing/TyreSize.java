package lectulum.towing;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What is written on a tyre: `205/75R14` or `31x10.5R15`.
///
/// @param diameter outer \[m\]
/// @param width    of the section \[m\]
public record TyreSize(double diameter, double width) {
    private static final double INCH = 0.0254;
    private static final Pattern METRIC = Pattern
            .compile("[A-Z]{0,2}\\s*(\\d{3})\\s*/\\s*(\\d{2})\\s*[A-Z]{0,2}\\s*-?\\s*(\\d{1,2}(?:\\.\\d)?)");
    private static final Pattern INCHES = Pattern
            .compile("(\\d{2}(?:\\.\\d+)?)\\s*X\\s*(\\d{1,2}(?:\\.\\d+)?)\\s*[R-]?\\s*(\\d{1,2}(?:\\.\\d)?)");

    /// Empty where it is no tyre size.
    public static Optional<TyreSize> read(String text) {
        String line = text.strip().toUpperCase(java.util.Locale.ROOT).replace(',', '.').replace('×', 'X');
        Matcher metric = METRIC.matcher(line);
        if (metric.matches()) {
            double width = Integer.parseInt(metric.group(1)) / 1000.0;
            double rim = Double.parseDouble(metric.group(3)) * INCH;
            return Optional.of(new TyreSize(rim + 2 * width * Integer.parseInt(metric.group(2)) / 100.0, width));
        }
        Matcher inches = INCHES.matcher(line);
        return inches.matches()
                ? Optional.of(new TyreSize(Double.parseDouble(inches.group(1)) * INCH,
                        Double.parseDouble(inches.group(2)) * INCH))
                : Optional.empty();
    }
}
