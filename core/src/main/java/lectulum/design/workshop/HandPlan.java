package lectulum.design.workshop;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import lectulum.design.Means;
import lectulum.design.envelope.Substance;

/// A stick or a sheet whose plan is kept as it was laid by hand, or that is cut already.
///
/// @param width of the section of a stick, or across the sheet \[m\]
/// @param thick of the section of a stick, or of the sheet \[m\]
/// @param own   whether it is one of those that are there
/// @param cut   whether it is cut already
@RecordBuilder
public record HandPlan(Stock.Form form, Substance of, @Means(value = "Long", low = 0.1, high = 15) double length,
        @Means(value = "Wide", low = 0.003, high = 3.2) double width,
        @Means(value = "Thick", low = 0.0002, high = 0.2) double thick, boolean own, boolean cut,
        List<Laid> pieces) implements HandPlanBuilder.With {
    public HandPlan {
        form = form == null ? Stock.Form.STICK : form;
        of = of == null ? Substance.SOFTWOOD : of;
        pieces = pieces == null ? List.of() : List.copyOf(pieces);
    }

    /// A piece on it.
    ///
    /// @param x     from its left end \[m\]
    /// @param y     from its lower edge, 0 on a stick \[m\]
    /// @param along as it lies, along the stock \[m\]
    /// @param across as it lies, 0 on a stick \[m\]
    public record Laid(@Means(value = "From the left", high = 15) double x,
            @Means(value = "From below", high = 3.2) double y, @Means(value = "Along", high = 15) double along,
            @Means(value = "Across", high = 3.2) double across) {
    }
}
