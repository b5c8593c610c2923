package lectulum.kernel.electric;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Bezels on a panel, row by row \[mm\].
///
/// @param height of the panel
/// @param placed in the given order
public record CutOut(double height, List<Placed> placed) {
    private static final double MARGIN = 15;
    private static final double GAP = 10;

    /// A part with its bezel.
    public record Bezel(String name, double width, double height) {
    }

    /// @param x of its centre from the left
    /// @param y of its centre from the top
    public record Placed(Bezel bezel, double x, double y) {
    }

    /// From the left, a new row where there is no room, each part in the middle of its row and each row of the panel.
    ///
    /// @return empty where one is too wide
    public static Optional<CutOut> of(List<Bezel> bezels, double width) {
        List<List<Bezel>> rows = new ArrayList<>();
        double x = Double.POSITIVE_INFINITY;
        for (Bezel b : bezels) {
            if (b.width > width - 2 * MARGIN) {
                return Optional.empty();
            }
            if (x + b.width > width - MARGIN) {
                rows.add(new ArrayList<>());
                x = MARGIN;
            }
            rows.getLast().add(b);
            x += b.width + GAP;
        }
        List<Placed> placed = new ArrayList<>();
        double top = MARGIN;
        for (List<Bezel> row : rows) {
            double high = row.stream().mapToDouble(Bezel::height).max().orElse(0);
            double wide = row.stream().mapToDouble(Bezel::width).sum() + GAP * (row.size() - 1);
            double at = (width - wide) / 2;
            for (Bezel b : row) {
                placed.add(new Placed(b, at + b.width / 2, top + high / 2));
                at += b.width + GAP;
            }
            top += high + GAP;
        }
        return Optional.of(new CutOut(bezels.isEmpty() ? 2 * MARGIN : top - GAP + MARGIN, List.copyOf(placed)));
    }
}
