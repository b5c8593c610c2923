package lectulum.materials.framing;

import java.util.List;
import java.util.stream.DoubleStream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.kernel.cutting.Sticks;

/// What sticks can be bought, and the saw.
///
/// @param timber lengths \[m\]
/// @param bar    length of metal bars \[m\]
/// @param kerf   \[m\]
/// @param trim   off each stick \[m\]
/// @param keep   rests are kept from \[m\]
public record Yard(List<Double> timber, double bar, double kerf, double trim, double keep) {
    /// States that are looked at for a cheaper purchase.
    public static final long SEARCHED = 15_000;

    public Yard {
        timber = List.copyOf(timber);
    }

    public static Yard of(Design d) {
        return new Yard(DoubleStream.of(Assumed.value(d, Assumption.CUT_SHORT), Assumed.value(d, Assumption.CUT_MIDDLE),
                Assumed.value(d, Assumption.CUT_LONG)).distinct().sorted().boxed().toList(),
                Assumed.value(d, Assumption.CUT_BAR), Assumed.value(d, Assumption.CUT_KERF),
                Assumed.value(d, Assumption.CUT_TRIM), Assumed.value(d, Assumption.CUT_KEEP));
    }

    /// Sticks of a kind of bar, as many as are wanted.
    public List<Sticks.Stock> sticks(ShellFrame.Bar b) {
        return (b.metal() ? List.of(bar) : timber).stream()
                .map(l -> new Sticks.Stock(Math.round(l * 1000) + " mm", l, Math.round(100 * l * b.price()) / 100.0,
                        Sticks.ENDLESS))
                .toList();
    }

    /// How a kind of bar is cut at least cost.
    public Sticks.Plan plan(ShellFrame f, ShellFrame.Bar b) {
        return Sticks.of(f.of(b).stream().map(ShellFrame.Piece::length).toList(), sticks(b), kerf, trim, SEARCHED,
                () -> false);
    }

    /// Of all that is bought.
    public double cost(ShellFrame f) {
        return f.bars().stream().mapToDouble(b -> plan(f, b).cost()).sum();
    }
}
