package lectulum.parts;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import lectulum.design.Design;
import lectulum.design.Meaning;
import lectulum.design.Range;

/// Rows of a form for the numbers of one part of the design: each is called, measured and limited as the part itself says.
///
/// @param <P> the part
public final class PartRows<P extends Record> {
    private final Form form;
    private final Class<P> type;
    private final Function<Design, Optional<P>> read;
    private final BiFunction<Design, P, Design> write;

    /// @param read  the part, where the design has it
    /// @param write the design with another in its place
    public PartRows(Form form, Class<P> type, Function<Design, Optional<P>> read, BiFunction<Design, P, Design> write) {
        this.form = form;
        this.type = type;
        this.read = read;
        this.write = write;
    }

    /// A number under its own name.
    public PartRows<P> row(String name) {
        return row(name, Meaning.of(type, name).label());
    }

    /// A number under another name, where the form has several of the kind.
    public PartRows<P> row(String name, String label) {
        return row(name, label, Range.of(type, name));
    }

    /// A number that other numbers of the part keep in a narrower range.
    public PartRows<P> row(String name, String label, Range range) {
        Meaning m = Meaning.of(type, name);
        form.quantity(label, range, d -> value(d, m), (d, v) -> with(d, m, v));
        return this;
    }

    /// A number that may be unknown: emptying the field says so.
    public PartRows<P> unknownRow(String name, String label) {
        Meaning m = Meaning.of(type, name);
        form.optional(label, Range.of(type, name), d -> value(d, m), (d, v) -> with(d, m, v));
        return this;
    }

    /// @param none what an empty field means
    public PartRows<P> unknownRow(String name, String label, String none) {
        Meaning m = Meaning.of(type, name);
        form.optional(label, Range.of(type, name), none, d -> value(d, m), (d, v) -> with(d, m, v));
        return this;
    }

    private double value(Design d, Meaning m) {
        return read.apply(d).map(p -> m.number(p).orElse(Double.NaN)).orElse(Double.NaN);
    }

    private Design with(Design d, Meaning m, double v) {
        return read.apply(d).map(p -> write.apply(d, m.with(p, v))).orElse(d);
    }
}
