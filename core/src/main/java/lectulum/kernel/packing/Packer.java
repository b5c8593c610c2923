package lectulum.kernel.packing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// Packs boxes into a storage place: biggest first, each at the lowest, foremost, leftmost free corner where it fits and
/// stands firm (extreme points after Crainic, Perboli and Tadei, INFORMS J. Comput. 20, 2008).
///
/// @param placed those that fit, with their places
/// @param out    those that do not
public record Packer(List<Placed> placed, List<Piece> out) {
    /// Part of the base that must rest on something (assumed).
    private static final double SUPPORT = 0.70;
    private static final double EPS = 1e-6;

    /// Which sides of a piece may be down.
    public enum Rule {
        ANY("any way up", new int[][]{{0, 1, 2}, {1, 0, 2}, {0, 2, 1}, {2, 0, 1}, {2, 1, 0}, {1, 2, 0}}), UP(
                "this way up", new int[][]{{0, 1, 2}, {1, 0, 2}}),
        FIXED("just so", new int[][]{{0, 1, 2}});

        private final String label;
        private final int[][] turns;

        Rule(String label, int[][] turns) {
            this.label = label;
            this.turns = turns;
        }

        public String label() {
            return label;
        }
    }

    /// A box to pack \[m\].
    public record Piece(String id, double length, double width, double height, Rule rule) {
        double volume() {
            return length * width * height;
        }

        double longest() {
            return Math.max(length, Math.max(width, height));
        }

        private double[] turned(int[] turn) {
            double[] sides = {length, width, height};
            return new double[]{sides[turn[0]], sides[turn[1]], sides[turn[2]]};
        }
    }

    /// A piece in its place: low corner from the low corner of the room, and its sides as it lies \[m\].
    public record Placed(Piece piece, double x, double y, double z, double dx, double dy, double dz) {
        boolean meets(double px, double py, double pz, double[] s) {
            return px < x + dx - EPS && x < px + s[0] - EPS && py < y + dy - EPS && y < py + s[1] - EPS
                    && pz < z + dz - EPS && z < pz + s[2] - EPS;
        }
    }

    /// @param room inner sides of the place \[m\]
    public static Packer pack(double[] room, List<Piece> pieces) {
        List<Piece> order = new ArrayList<>(pieces);
        order.sort(Comparator.comparingDouble(Piece::volume).reversed()
                .thenComparing(Comparator.comparingDouble(Piece::longest).reversed()).thenComparing(Piece::id));
        List<Placed> placed = new ArrayList<>();
        List<Piece> out = new ArrayList<>();
        List<double[]> corners = new ArrayList<>(List.of(new double[]{0, 0, 0}));
        for (Piece piece : order) {
            Placed at = place(room, piece, corners, placed);
            if (at == null) {
                out.add(piece);
            } else {
                placed.add(at);
                corners.add(new double[]{at.x + at.dx, at.y, at.z});
                corners.add(new double[]{at.x, at.y + at.dy, at.z});
                corners.add(new double[]{at.x, at.y, at.z + at.dz});
                corners.sort(Comparator.<double[]>comparingDouble(c -> c[2]).thenComparingDouble(c -> c[0])
                        .thenComparingDouble(c -> c[1]));
            }
        }
        return new Packer(List.copyOf(placed), List.copyOf(out));
    }

    /// Volume that is filled \[m³\].
    public double filled() {
        return placed.stream().mapToDouble(p -> p.piece.volume()).sum();
    }

    private static Placed place(double[] room, Piece piece, List<double[]> corners, List<Placed> placed) {
        for (double[] c : corners) {
            for (int[] turn : piece.rule.turns) {
                double[] s = piece.turned(turn);
                boolean inside = c[0] + s[0] <= room[0] + EPS && c[1] + s[1] <= room[1] + EPS
                        && c[2] + s[2] <= room[2] + EPS;
                if (inside && placed.stream().noneMatch(p -> p.meets(c[0], c[1], c[2], s))
                        && firm(c, s, placed)) {
                    return new Placed(piece, c[0], c[1], c[2], s[0], s[1], s[2]);
                }
            }
        }
        return null;
    }

    private static boolean firm(double[] c, double[] s, List<Placed> placed) {
        if (c[2] < EPS) {
            return true;
        }
        double carried = 0;
        for (Placed p : placed) {
            if (Math.abs(p.z + p.dz - c[2]) < EPS) {
                carried += Math.max(0, Math.min(c[0] + s[0], p.x + p.dx) - Math.max(c[0], p.x))
                        * Math.max(0, Math.min(c[1] + s[1], p.y + p.dy) - Math.max(c[1], p.y));
            }
        }
        return carried >= SUPPORT * s[0] * s[1] - EPS;
    }
}
