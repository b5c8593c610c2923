package lectulum.assumed;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import lectulum.design.thing.Battery;
import lectulum.kernel.electric.Chemistry;
import org.apache.commons.csv.CSVRecord;

/// What each kind of battery does, from its table.
public final class Chemistries {
    private static final Map<Battery.Chemistry, Chemistry> TABLE = read();

    private Chemistries() {
    }

    public static Chemistry of(Battery.Chemistry kind) {
        return TABLE.get(kind);
    }

    private static Map<Battery.Chemistry, Chemistry> read() {
        Map<Battery.Chemistry, Chemistry> table = new EnumMap<>(Battery.Chemistry.class);
        for (CSVRecord r : Table.rows("chemistries")) {
            Battery.Chemistry kind = Battery.Chemistry.valueOf(r.get("chemistry"));
            table.put(kind, new Chemistry(kind.label(), n(r, "nominal_V"), n(r, "charging_V"), n(r, "resting_V"),
                    n(r, "depth"), n(r, "peukert"), n(r, "rate_h"), n(r, "efficiency"), n(r, "charge_C"),
                    n(r, "discharge_C"), n(r, "resistance_mohm") / 1000, n(r, "loss_30_days"), n(r, "taper"),
                    n(r, "cycles"), n(r, "cycles_depth"), n(r, "wear"), n(r, "years"), n(r, "kg_per_kWh"),
                    n(r, "absorption_V"), n(r, "float_V"), n(r, "boost_mA_per_Ah"), n(r, "float_mA_per_Ah"),
                    r.get("frost").equals("yes"), pairs(r.get("cold")), pairs(r.get("rest"))));
        }
        return table;
    }

    private static double n(CSVRecord row, String column) {
        return Table.number(row, column);
    }

    private static double[][] pairs(String words) {
        return Arrays.stream(words.split(" "))
                .map(w -> Arrays.stream(w.split(":")).mapToDouble(Double::parseDouble).toArray())
                .toArray(double[][]::new);
    }
}
