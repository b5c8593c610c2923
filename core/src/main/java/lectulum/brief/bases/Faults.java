package lectulum.brief.bases;

import java.util.EnumMap;
import java.util.Map;
import lectulum.assumed.Table;
import lectulum.design.brief.Candidate;
import lectulum.units.Units;
import org.apache.commons.csv.CSVRecord;

/// What is looked at on a used base, and what each fault costs (assumed).
public final class Faults {
    private static final Map<Candidate.Fault, Row> TABLE = read();

    private Faults() {
    }

    /// @param look how it is looked at, in a sentence
    /// @param out  whether a bad one rules the base out
    public record Row(String label, String look, double wornMoney, double wornHours, double badMoney, double badHours,
            boolean out) {
        /// Money to mend what was found.
        public double money(Candidate.Seen seen) {
            return seen == Candidate.Seen.GOOD ? 0 : seen == Candidate.Seen.WORN ? wornMoney : badMoney;
        }

        /// Own time to mend it \[s\].
        public double hours(Candidate.Seen seen) {
            return seen == Candidate.Seen.GOOD ? 0 : seen == Candidate.Seen.WORN ? wornHours : badHours;
        }
    }

    public static Row of(Candidate.Fault fault) {
        return TABLE.get(fault);
    }

    private static Map<Candidate.Fault, Row> read() {
        Map<Candidate.Fault, Row> table = new EnumMap<>(Candidate.Fault.class);
        for (CSVRecord r : Table.rows("faults")) {
            table.put(Candidate.Fault.valueOf(r.get("fault")),
                    new Row(r.get("label"), r.get("look"), Table.number(r, "worn_money"),
                            Table.number(r, "worn_hours") * Units.HOUR, Table.number(r, "bad_money"),
                            Table.number(r, "bad_hours") * Units.HOUR, r.get("out").equals("yes")));
        }
        return table;
    }
}
