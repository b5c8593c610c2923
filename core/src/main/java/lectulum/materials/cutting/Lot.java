package lectulum.materials.cutting;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.kernel.cutting.Guillotine;
import lectulum.kernel.cutting.Sheets;
import lectulum.kernel.cutting.Sticks;

/// All that is cut from one ware, and how.
///
/// @param id      stable, `cut.timber`, `cut.sheets.0`
/// @param pieces  that are wanted
/// @param laid    sticks or sheets with what is cut from them: those kept by hand first
/// @param left    places of pieces that nothing is long or wide enough for
/// @param gone    pieces of plans kept by hand that the design has no more
/// @param cost    of what is bought for it
/// @param bound   no plan that keeps what is kept costs less
/// @param proven  whether none costs less
/// @param free    what the plan without anything kept would cost; empty where nothing is kept
/// @param saved   by what is there already; empty where nothing is there
/// @param kerf    \[m\]
/// @param trim    off each stick, or off every edge of a sheet \[m\]
public record Lot(String id, Ware ware, List<CutPiece> pieces, List<Laid> laid, List<Integer> left, int gone,
        double cost, double bound, boolean proven, OptionalDouble free, OptionalDouble saved, double kerf,
        double trim) {
    private static final double LEAST_LONG = 0.3;
    private static final double LEAST_WIDE = 0.2;

    public Lot {
        pieces = List.copyOf(pieces);
        laid = List.copyOf(laid);
        left = List.copyOf(left);
    }

    /// A kind of stick or sheet that can be had.
    ///
    /// @param stock id of the stock it is; empty for the usual sizes
    /// @param width of a sheet, 0 for a stick \[m\]
    /// @param place where it lies or who sells it; empty for any yard
    public record Source(String stock, double length, double width, double price, int available, boolean own,
            String place) {
    }

    /// A stick or sheet with what is cut from it.
    ///
    /// @param kept whether it was laid by hand
    /// @param cut  whether it is cut already
    public record Laid(Source source, boolean kept, boolean cut, List<Put> puts) {
        public Laid {
            puts = List.copyOf(puts);
        }
    }

    /// A piece where it lies.
    ///
    /// @param piece  its place in the list of pieces
    /// @param along  as it lies \[m\]
    /// @param across as it lies \[m\]; 0 on a stick
    /// @param within place in the list of pieces of the one from whose waste it is cut; −1 for none
    public record Put(int piece, double x, double y, double along, double across, int within) {
    }

    /// Bought, not there already.
    public long bought() {
        return laid.stream().filter(l -> !l.source.own).count();
    }

    /// Of all sticks or sheets, how much becomes pieces.
    public double yield() {
        double in = laid.stream().flatMap(l -> l.puts.stream()).mapToDouble(p -> ware.sheet()
                ? pieces.get(p.piece).area()
                : pieces.get(p.piece).length()).sum();
        double all = laid.stream()
                .mapToDouble(l -> ware.sheet() ? l.source.length * l.source.width : l.source.length).sum();
        return all > 0 ? in / all : 0;
    }

    /// What is left of a stick behind its last cut \[m\].
    public double rest(Laid l) {
        double in = l.puts.stream().mapToDouble(p -> p.along + kerf).sum();
        return Math.max(0, l.source.length - trim - in);
    }

    /// Whether what is on it can be cut: within it, a kerf apart, sheets edge to edge.
    public boolean possible(Laid l) {
        if (!ware.sheet()) {
            double in = l.puts.stream().mapToDouble(p -> p.along + kerf).sum();
            return l.puts.isEmpty() || in <= l.source.length - trim + kerf + 1e-6;
        }
        return saws(l).isPresent() && l.puts.stream().filter(p -> p.within >= 0).allMatch(p -> inWaste(l, p));
    }

    /// Whether a piece lies in the waste of the one it is laid into.
    private boolean inWaste(Laid l, Put p) {
        return l.puts.stream().filter(h -> h.piece == p.within).findFirst().filter(h -> {
            CutPiece host = pieces.get(h.piece);
            double x = p.x - h.x;
            double y = p.y - h.y;
            double[] box = host.turnedAs(h)
                    ? new double[]{y, host.width() - x - p.along, y + p.across, host.width() - x}
                    : new double[]{x, y, x + p.along, y + p.across};
            return host.clear(box, kerf);
        }).isPresent();
    }

    /// What is left over in one piece and worth keeping \[m\]: its length, or length and width of the largest rectangle that nothing
    /// is cut from; nothing where it is too small.
    ///
    /// @param keep rests of sticks are kept from this length on; of sheets from 0.3 by 0.2 m
    public double[] rest(Laid l, double keep) {
        if (!ware.sheet()) {
            double rest = rest(l);
            return rest >= keep ? new double[]{rest} : new double[0];
        }
        double[] best = new double[0];
        List<Double> xs = edges(l, true);
        List<Double> ys = edges(l, false);
        for (double x1 : xs) {
            for (double y1 : ys) {
                for (double x2 : xs) {
                    for (double y2 : ys) {
                        double w = x2 - kerf - x1;
                        double h = y2 - kerf - y1;
                        if (Math.max(w, h) >= LEAST_LONG && Math.min(w, h) >= LEAST_WIDE
                                && (best.length == 0 || w * h > best[0] * best[1] + 1e-9) && empty(l, x1, y1, w, h)) {
                            best = new double[]{Math.max(w, h), Math.min(w, h)};
                        }
                    }
                }
            }
        }
        return best;
    }

    /// Where rests may begin, and where they end a kerf before.
    private List<Double> edges(Laid l, boolean along) {
        double end = (along ? l.source.length : l.source.width) - trim + kerf;
        return Stream.concat(Stream.of(trim, end), l.puts.stream().flatMap(p -> along
                ? Stream.of(p.x, p.x + p.along + kerf)
                : Stream.of(p.y, p.y + p.across + kerf))).distinct().sorted().toList();
    }

    private boolean empty(Laid l, double x, double y, double w, double h) {
        return l.puts.stream().noneMatch(p -> x < p.x + p.along + kerf - 1e-9 && p.x < x + w + kerf - 1e-9
                && y < p.y + p.across + kerf - 1e-9 && p.y < y + h + kerf - 1e-9);
    }

    /// The cuts of a sheet in their order; empty where it cannot be cut edge to edge.
    public Optional<List<Guillotine.Saw>> saws(Laid l) {
        return Guillotine.cuts(new Sheets.Cut(new Sheets.Sheet("", l.source.length, l.source.width, 0, 1),
                l.puts.stream().filter(p -> p.within < 0)
                        .map(p -> new Sheets.Placed(p.piece, p.x, p.y, p.along, p.across)).toList()),
                kerf, trim);
    }

    /// Where sticks go, to the last millimetre.
    ///
    /// @param keep a rest is kept from this length on \[m\]
    public Sticks.Account account(double keep) {
        return Sticks.account(laid.stream()
                .map(l -> new Sticks.Cut(new Sticks.Stock("", l.source.length, 0, 1),
                        l.puts.stream().map(Put::piece).toList()))
                .toList(), pieces.stream().map(CutPiece::length).toList(), kerf, trim, keep);
    }
}
