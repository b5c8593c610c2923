package lectulum.assumed;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import lectulum.design.brief.Climate;
import lectulum.kernel.weather.Band;
import org.apache.commons.csv.CSVRecord;

/// What each climate brings, from its table.
public final class Climates {
    private static final Map<Climate, Band> TABLE = read();

    private Climates() {
    }

    public static Band of(Climate climate) {
        return TABLE.get(climate);
    }

    private static Map<Climate, Band> read() {
        Map<Climate, Band> table = new EnumMap<>(Climate.class);
        for (CSVRecord r : Table.rows("climates")) {
            table.put(Climate.valueOf(r.get("climate")), new Band(
                    Arrays.stream(r.get("clearness").split(" ")).mapToDouble(Double::parseDouble).toArray(),
                    Table.number(r, "cloud"), Table.number(r, "mean_C"), Table.number(r, "year_swing_K"),
                    Table.number(r, "day_swing_K"), Table.number(r, "deviation_K")));
        }
        return table;
    }
}
