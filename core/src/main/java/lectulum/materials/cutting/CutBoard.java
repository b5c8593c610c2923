package lectulum.materials.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import lectulum.design.Design;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Sketch;

/// The plan of one ware as a drawing whose pieces can be taken hold of.
///
/// @param frames of sticks or sheets, in their order \[m\]
/// @param spots  of pieces, uppermost last
public record CutBoard(Lot lot, List<Frame> frames, List<Spot> spots, Sketch sketch) {
    private static final double BETWEEN = 0.17;
    private static final double THICK = 0.1;
    private static final double APART = 0.15;
    private static final int FEW = 6;

    public CutBoard {
        frames = List.copyOf(frames);
        spots = List.copyOf(spots);
    }

    /// A stick or sheet on the drawing.
    public record Frame(int laid, double x, double y, double wide, double high) {
    }

    /// A piece on the drawing.
    public record Spot(int laid, int put, double x, double y, double wide, double high) {
    }

    public static CutBoard of(Lot lot) {
        Sketch.Board board = new Sketch.Board("How they are cut");
        List<Frame> frames = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        boolean sheet = lot.ware().sheet();
        int columns = !sheet ? 1 : lot.laid().size() > FEW ? 4 : Math.clamp(lot.laid().size(), 1, 3);
        double wide = lot.laid().stream().mapToDouble(l -> l.source().length()).max().orElse(0) + APART;
        double high = sheet
                ? lot.laid().stream().mapToDouble(l -> l.source().width()).max().orElse(0) + APART
                : BETWEEN;
        List<String> sizes = CutStudies.marks(lot);
        for (int i = 0; i < lot.laid().size(); i++) {
            Lot.Laid l = lot.laid().get(i);
            double x = i % columns * wide;
            double y = -(i / columns) * high;
            Frame f = new Frame(i, x, y, l.source().length(), sheet ? l.source().width() : THICK);
            frames.add(f);
            board.box(l.cut() ? Sketch.Pen.SOLID : Sketch.Pen.THIN, x, y, x + f.wide, y + f.high);
            for (int k = 0; k < l.puts().size(); k++) {
                Lot.Put p = l.puts().get(k);
                Spot s = new Spot(i, k, x + p.x(), y + p.y(), p.along(), sheet ? p.across() : THICK);
                spots.add(s);
                piece(board, lot, l, p, s, sheet ? CutStudies.mark(sizes, lot.pieces().get(p.piece())) : "");
            }
        }
        return new CutBoard(lot, frames, spots, board.done());
    }

    private static void piece(Sketch.Board board, Lot lot, Lot.Laid l, Lot.Put p, Spot s, String mark) {
        CutPiece piece = lot.pieces().get(p.piece());
        Sketch.Pen pen = l.kept() ? Sketch.Pen.MAIN : Sketch.Pen.AREA;
        UnaryOperator<double[]> at = at(piece, p, s.x - p.x(), s.y - p.y());
        if (piece.outline().isEmpty()) {
            board.box(pen, s.x, s.y, s.x + s.wide, s.y + s.high);
        } else {
            board.area(pen, piece.outline().stream().map(at).toArray(double[][]::new));
        }
        for (double[] h : piece.holes()) {
            double[] a = at.apply(new double[]{h[0], h[1]});
            double[] b = at.apply(new double[]{h[2], h[3]});
            board.box(Sketch.Pen.DASHED, Math.min(a[0], b[0]), Math.min(a[1], b[1]), Math.max(a[0], b[0]),
                    Math.max(a[1], b[1]));
        }
        board.name(s.x + s.wide / 2, s.y + s.high / 2,
                mark.isEmpty() ? Sentence.of("{0}", Amount.m(p.along())) : Sentence.of("{0}", mark));
    }

    /// From a piece to where it lies, turned where it lies across.
    private static UnaryOperator<double[]> at(CutPiece piece, Lot.Put p, double x, double y) {
        boolean turned = piece.turnedAs(p);
        return q -> turned
                ? new double[]{x + p.x() + piece.width() - q[1], y + p.y() + q[0]}
                : new double[]{x + p.x() + q[0], y + p.y() + q[1]};
    }

    /// The uppermost piece at a place of the drawing.
    public Optional<Spot> spot(double x, double y) {
        return spots.reversed().stream().filter(s -> x >= s.x && x <= s.x + s.wide && y >= s.y && y <= s.y + s.high)
                .findFirst();
    }

    /// The stick or sheet at a place of the drawing; the nearest one where a piece is held over none.
    public Optional<Frame> frame(double x, double y) {
        return frames.stream().filter(f -> x >= f.x - APART / 2 && x <= f.x + f.wide + APART / 2
                && y >= f.y - BETWEEN / 4 && y <= f.y + f.high + BETWEEN / 4).findFirst();
    }

    /// Where a piece would come to lie.
    ///
    /// @param to    number of the stick or sheet
    /// @param ghost on the drawing: left, lower edge, width, height \[m\]
    public record Landing(int to, ByHand.Landing at, double[] ghost) {
        public boolean free() {
            return at.free();
        }
    }

    /// Where a piece comes to lie that is let go at a place of the drawing; empty over no stick or sheet.
    ///
    /// @param gripX from its left edge to where it is held \[m\]
    /// @param gripY from its lower edge
    public Optional<Landing> landing(Spot s, double x, double y, double gripX, double gripY, boolean turned) {
        return frame(x, y).map(f -> {
            ByHand.Landing l = ByHand.land(lot, s.laid, s.put, f.laid, x - gripX - f.x, y - gripY - f.y, turned);
            return new Landing(f.laid, l, new double[]{f.x + l.x(), f.y + l.y(), l.along(),
                    lot.ware().sheet() ? l.across() : THICK});
        });
    }

    /// The project with a piece where it was let go.
    public UnaryOperator<Design> moved(Spot s, Landing to) {
        return ByHand.moved(lot, s.laid, s.put, to.to, to.at);
    }

    /// The project with a piece on the next stick or sheet that has room for it, upwards or downwards; empty where none has.
    public Optional<UnaryOperator<Design>> carried(Spot s, int by) {
        for (int to = s.laid + by; to >= 0 && to < lot.laid().size(); to += by) {
            for (boolean turned : new boolean[]{false, true}) {
                Optional<ByHand.Landing> l = ByHand.room(lot, s.laid, s.put, to, turned);
                if (l.isPresent()) {
                    return Optional.of(ByHand.moved(lot, s.laid, s.put, to, l.get()));
                }
            }
        }
        return Optional.empty();
    }

    /// What a piece is and where it lies, for somebody who does not see it.
    public Sentence says(Spot s) {
        Lot.Put p = lot.laid().get(s.laid).puts().get(s.put);
        CutPiece piece = lot.pieces().get(p.piece());
        return lot.ware().sheet()
                ? Sentence.of("{0}: {1} by {2}, on sheet {3}", piece.where(), Amount.m(p.along()), Amount.m(p.across()),
                        s.laid + 1)
                : Sentence.of("{0}: {1}, on stick {2}", piece.where(), Amount.m(p.along()), s.laid + 1);
    }
}
