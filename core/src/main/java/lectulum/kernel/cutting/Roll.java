package lectulum.kernel.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;

/// Pieces with a nap cut from a roll: as little of its length as can be found, and less than which none takes. Pieces are laid along a
/// skyline; a few of them also by plans of straight cuts, which reach a bound of areas more often.
///
/// @param pieces where they lie, x along the roll
/// @param left   places of pieces that are wider than the roll
/// @param length that is used \[m\]
/// @param rows   that is used where pieces are laid in rows, the longest first \[m\]
/// @param bound  no plan uses less \[m\]
public record Roll(List<Sheets.Placed> pieces, List<Integer> left, double length, double rows, double bound) {
    private static final long FILLINGS = 400;
    private static final int STEPS = 8;
    /// Pieces up to which plans of straight cuts are tried too.
    private static final int FEW = 60;
    private static final double SMALL = 1e-6;

    public Roll {
        pieces = List.copyOf(pieces);
        left = List.copyOf(left);
    }

    /// Whether nothing shorter is possible.
    public boolean proven() {
        return length <= bound + SMALL;
    }

    /// @param pieces along the roll and across it \[m\]; none is turned
    /// @param width  of the roll \[m\]
    public static Roll of(List<double[]> pieces, double width, BooleanSupplier stop) {
        List<Integer> fit = new ArrayList<>();
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            boolean fits = pieces.get(i)[0] > 0 && pieces.get(i)[1] > 0 && pieces.get(i)[1] <= width + SMALL;
            (fits ? fit : left).add(i);
        }
        List<Sheets.Placed> rows = rows(pieces, fit, width);
        double bound = bound(pieces, fit, width);
        List<Sheets.Placed> best = Skyline.of(fit.stream().map(pieces::get).toList(), width, bound, stop).stream()
                .map(p -> new Sheets.Placed(fit.get(p.piece()), p.x(), p.y(), p.width(), p.height())).toList();
        best = end(best) <= end(rows) ? best : rows;
        double length = Math.max(bound, end(best));
        double low = bound;
        double high = length;
        for (int step = 0; step < STEPS && fit.size() <= FEW && length > bound + SMALL
                && !stop.getAsBoolean(); step++) {
            // First the bound itself, then halves of what is between.
            double now = step == 0 ? bound : (low + high) / 2;
            List<Sheets.Placed> laid = laid(pieces, fit, width, now, stop);
            if (!laid.isEmpty() && end(laid) < length) {
                best = laid;
                length = Math.max(bound, end(laid));
                high = length;
            } else {
                low = now;
            }
        }
        return new Roll(best, left, fit.isEmpty() ? 0 : length, end(rows), bound);
    }

    private static List<Sheets.Placed> laid(List<double[]> pieces, List<Integer> fit, double width, double length,
            BooleanSupplier stop) {
        Sheets.Plan plan = Sheets.of(fit.stream().map(i -> new Sheets.Piece(pieces.get(i)[0], pieces.get(i)[1], false))
                .toList(), List.of(new Sheets.Sheet("roll", length + SMALL, width + SMALL, 1, 1)), 0, 0,
                new Sheets.Effort(1, FILLINGS, stop));
        return plan.left().isEmpty() && plan.cuts().size() == 1
                ? plan.cuts().getFirst().pieces().stream()
                        .map(p -> new Sheets.Placed(fit.get(p.piece()), p.x(), p.y(), p.width(), p.height())).toList()
                : List.of();
    }

    /// First-fit decreasing height: rows as long as their first piece.
    private static List<Sheets.Placed> rows(List<double[]> pieces, List<Integer> fit, double width) {
        List<double[]> rows = new ArrayList<>();
        List<Sheets.Placed> laid = new ArrayList<>();
        List<Integer> order = new ArrayList<>(fit);
        order.sort(Comparator.comparingDouble((Integer i) -> -pieces.get(i)[0]));
        double end = 0;
        for (int i : order) {
            double[] p = pieces.get(i);
            double[] row = rows.stream().filter(r -> r[1] + p[1] <= width + SMALL).findFirst().orElse(null);
            if (row == null) {
                row = new double[]{end, 0};
                rows.add(row);
                end += p[0];
            }
            laid.add(new Sheets.Placed(i, row[0], row[1], p[0], p[1]));
            row[1] += p[1];
        }
        return laid;
    }

    private static double end(List<Sheets.Placed> laid) {
        return laid.stream().mapToDouble(p -> p.x() + p.width()).max().orElse(0);
    }

    /// The largest of the area over the width, the longest piece, and all pieces that are wider than half of the roll.
    private static double bound(List<double[]> pieces, List<Integer> fit, double width) {
        double area = 0;
        double longest = 0;
        double wide = 0;
        for (int i : fit) {
            double[] p = pieces.get(i);
            area += p[0] * p[1];
            longest = Math.max(longest, p[0]);
            wide += p[1] > width / 2 + SMALL ? p[0] : 0;
        }
        return Math.max(area / width, Math.max(longest, wide));
    }
}
