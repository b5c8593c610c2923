package lectulum.papers;

import java.io.IOException;
import java.util.Locale;
import lectulum.base.profile.ProfileStudies;
import lectulum.design.base.Base;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/// Heights of the profile along the body as CSV, for drawing it from a datum with a tape: every 50 mm or 2 in, and at
/// every point of it.
public final class OffsetTable {
    private static final double METRIC_STEP = 0.05;
    private static final double INCH_STEP = 2 * 0.0254;
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();

    private OffsetTable() {
    }

    /// @param inches rows every 2 in instead of every 50 mm; values are in mm all the same
    public static String write(Base base, boolean inches) throws IOException {
        StringBuilder text = new StringBuilder();
        CSVPrinter csv = new CSVPrinter(text, FORMAT);
        csv.printRecord("x_mm_behind_front", "z_mm_outside", "z_mm_inside", "slope_deg");
        for (ProfileStudies.Offset o : ProfileStudies.offsets(base, inches ? INCH_STEP : METRIC_STEP)) {
            csv.printRecord(mm(o.x()), mm(o.z()), Double.isNaN(o.inside()) ? "" : mm(o.inside()),
                    String.format(Locale.ROOT, "%.2f", Math.toDegrees(o.slope())));
        }
        return text.toString();
    }

    private static String mm(double metres) {
        return String.format(Locale.ROOT, "%.1f", metres * 1000);
    }
}
