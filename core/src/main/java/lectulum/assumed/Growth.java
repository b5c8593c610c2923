package lectulum.assumed;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.brief.Person;

/// How tall somebody will be: the median of the age in the table, times how tall the person is for the present age. Who is
/// of unknown age, or as old as the last row, stays as tall.
public final class Growth {
    private static final List<Row> TABLE = Table.rows("growth").stream()
            .map(r -> new Row(Table.number(r, "age"), Table.number(r, "stature_m"))).toList();

    private record Row(double age, double stature) {
    }

    private Growth() {
    }

    /// Stature of somebody in some years \[m\]; what was said of the person for the years of use holds from then on.
    ///
    /// @param years from now, ≥ 0
    /// @param use   years after which the person's own later height holds
    public static double stature(Person p, double years, double use) {
        OptionalDouble own = p.later();
        return own.isPresent() && years >= use ? own.getAsDouble() : byTable(p, years);
    }

    /// Stature by the table alone \[m\].
    public static double byTable(Person p, double years) {
        if (p.age().isEmpty()) {
            return p.height();
        }
        double age = Math.max(0, p.age().getAsDouble());
        return p.height() * Math.max(1, median(age + Math.max(0, years)) / median(age));
    }

    /// Whether somebody still grows.
    public static boolean grows(Person p) {
        return p.age().isPresent() && p.age().getAsDouble() < TABLE.getLast().age - 1;
    }

    /// Median stature at an age in years \[m\], straight between the rows.
    static double median(double age) {
        Row before = TABLE.getFirst();
        for (Row row : TABLE) {
            if (row.age >= age) {
                return row.age <= before.age
                        ? row.stature
                        : before.stature + (row.stature - before.stature) * (age - before.age) / (row.age - before.age);
            }
            before = row;
        }
        return before.stature;
    }
}
