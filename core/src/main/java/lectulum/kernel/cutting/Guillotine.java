package lectulum.kernel.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// Checks a cut sheet, and finds the cuts that part its pieces: each from edge to edge of what is in hand.
public final class Guillotine {
    private static final double SMALL = 2e-6;

    private Guillotine() {
    }

    /// A cut.
    ///
    /// @param upright whether it runs along y
    /// @param at      where its kerf begins \[m\]
    /// @param from    along it \[m\]
    /// @param to      along it \[m\]
    /// @param depth   0 for one through the whole sheet
    public record Saw(boolean upright, double at, double from, double to, int depth) {
    }

    /// The cuts in the order in which they are made; empty where pieces lie over one another, nearer than a kerf, outside, or cannot
    /// be parted edge to edge.
    public static Optional<List<Saw>> cuts(Sheets.Cut cut, double kerf, double trim) {
        List<Saw> all = new ArrayList<>();
        double w = cut.sheet().width() - trim;
        double h = cut.sheet().height() - trim;
        for (Sheets.Placed p : cut.pieces()) {
            if (p.x() < trim - SMALL || p.y() < trim - SMALL || p.x() + p.width() > w + SMALL
                    || p.y() + p.height() > h + SMALL) {
                return Optional.empty();
            }
        }
        return part(cut.pieces(), trim, trim, w, h, kerf, 0, all) ? Optional.of(all) : Optional.empty();
    }

    private static boolean part(List<Sheets.Placed> pieces, double x1, double y1, double x2, double y2, double kerf,
            int depth, List<Saw> all) {
        if (pieces.isEmpty()) {
            return true;
        }
        if (pieces.size() == 1) {
            trimmed(pieces.getFirst(), x1, y1, x2, y2, depth, all);
            return true;
        }
        for (boolean upright : new boolean[]{true, false}) {
            List<Sheets.Placed> order = new ArrayList<>(pieces);
            order.sort(Comparator.comparingDouble(p -> low(p, upright)));
            double reach = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < order.size() - 1; i++) {
                reach = Math.max(reach, high(order.get(i), upright));
                if (low(order.get(i + 1), upright) >= reach + kerf - SMALL) {
                    double after = low(order.get(i + 1), upright);
                    int mark = all.size();
                    all.add(upright
                            ? new Saw(true, reach, y1, y2, depth)
                            : new Saw(false, reach, x1, x2, depth));
                    List<Sheets.Placed> first = order.subList(0, i + 1);
                    List<Sheets.Placed> rest = order.subList(i + 1, order.size());
                    boolean ok = upright
                            ? part(first, x1, y1, reach, y2, kerf, depth + 1, all)
                                    && part(rest, Math.min(after, reach + kerf), y1, x2, y2, kerf, depth + 1, all)
                            : part(first, x1, y1, x2, reach, kerf, depth + 1, all)
                                    && part(rest, x1, Math.min(after, reach + kerf), x2, y2, kerf, depth + 1, all);
                    if (ok) {
                        return true;
                    }
                    all.subList(mark, all.size()).clear();
                    // Parts that can be parted at all can be parted from any cut through all of them: no other is tried.
                    return false;
                }
            }
        }
        return false;
    }

    /// What is left beside a last piece.
    private static void trimmed(Sheets.Placed p, double x1, double y1, double x2, double y2, int depth, List<Saw> all) {
        if (p.x() > x1 + SMALL) {
            all.add(new Saw(true, x1, y1, y2, depth));
        }
        if (p.x() + p.width() < x2 - SMALL) {
            all.add(new Saw(true, p.x() + p.width(), y1, y2, depth));
        }
        if (p.y() > y1 + SMALL) {
            all.add(new Saw(false, y1, p.x(), p.x() + p.width(), depth));
        }
        if (p.y() + p.height() < y2 - SMALL) {
            all.add(new Saw(false, p.y() + p.height(), p.x(), p.x() + p.width(), depth));
        }
    }

    private static double low(Sheets.Placed p, boolean upright) {
        return upright ? p.x() : p.y();
    }

    private static double high(Sheets.Placed p, boolean upright) {
        return upright ? p.x() + p.width() : p.y() + p.height();
    }
}
