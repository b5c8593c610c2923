package lectulum.assumed;

import java.util.List;
import java.util.stream.Stream;
import lectulum.design.Design;

/// How large a way out has to be, by region: a start for the assumed values, which stay editable.
///
/// @param large longer clear side \[m\]
/// @param small shorter clear side \[m\]
/// @param apart of two on one wall \[m\]
public record EscapeRule(String label, double large, double small, double apart) {
    private static final List<EscapeRule> TABLE = Table.rows("escapes").stream()
            .map(row -> new EscapeRule(row.get("label"), Table.number(row, "large_mm") / 1000,
                    Table.number(row, "small_mm") / 1000, Table.number(row, "apart_mm") / 1000))
            .toList();
    private static final String OWN = "own values";

    /// The shipped rules, and after them what the design has where that is none of them.
    public static List<EscapeRule> choices(Design design) {
        EscapeRule now = of(design);
        return TABLE.contains(now) ? TABLE : Stream.concat(TABLE.stream(), Stream.of(now)).toList();
    }

    /// The rule whose values the design has; its own values else.
    public static EscapeRule of(Design design) {
        EscapeRule own = new EscapeRule(OWN, Assumed.value(design, Assumption.EXIT_LARGE),
                Assumed.value(design, Assumption.EXIT_SMALL),
                Assumed.value(design, Assumption.EXIT_APART));
        return TABLE.stream().filter(r -> r.large == own.large && r.small == own.small && r.apart == own.apart)
                .findFirst().orElse(own);
    }

    /// The design judged by this rule.
    public Design in(Design design) {
        return design.with(design.settings().with(Assumption.EXIT_LARGE.id(), large)
                .with(Assumption.EXIT_SMALL.id(), small).with(Assumption.EXIT_APART.id(),
                        apart));
    }
}
