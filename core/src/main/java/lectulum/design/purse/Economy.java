package lectulum.design.purse;

import io.soabase.recordbuilder.core.RecordBuilder;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// A way to spend less.
///
/// @param group  of ways that exclude one another
/// @param saving of money
/// @param hours  more of one's own, negative for fewer \[s\]
/// @param loss   of use, in points of one's own
@RecordBuilder
public record Economy(String group, String name, @Means(value = "Saves", of = Quantity.MONEY, high = 1e7) double saving,
        @Means(value = "Own hours more", of = Quantity.DURATION, low = -3.6e7, high = 3.6e7) double hours,
        @Means(value = "Loss, points", of = Quantity.COUNT, high = 100) double loss) implements EconomyBuilder.With {
    public Economy {
        group = group == null ? "" : group;
        name = name == null ? "" : name;
    }
}
