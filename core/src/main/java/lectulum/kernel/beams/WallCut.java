package lectulum.kernel.beams;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What a hole in a framed wall, roof or floor cuts, and the header it then needs.
///
/// Holes are cut once: mark from two existing edges, drill pilots from inside, look at what is behind, then cut. Structural
/// openings need a competent person.
///
/// @param studs  middles of studs, ribs or rafters along the wall \[m\], ascending
/// @param stud   width of one \[m\]
/// @param gap    clearance round the hole \[m\]
public record WallCut(double[] studs, double stud, double gap) {
    /// Clearance round a cut hole \[m\] (assumed).
    public static final double GAP = 0.006;
    /// A hole is not moved further than this \[m\] (assumed).
    public static final double MOST_SHIFT = 0.40;

    /// A header over the hole.
    ///
    /// @param span   clear, between the faces of the nearest whole studs \[m\]
    /// @param moment \[Nm\]
    /// @param modulus section modulus it needs \[m³\]
    public record Header(double span, double moment, double modulus) {
    }

    /// Another place for the hole.
    ///
    /// @param by  shift along the wall \[m\]
    /// @param cut studs that it would cut
    public record Shift(double by, int cut) {
    }

    /// Indices of the studs that are cut.
    public List<Integer> cut(double from, double to) {
        List<Integer> cut = new ArrayList<>();
        for (int i = 0; i < studs.length; i++) {
            if (studs[i] + stud / 2 > from - gap + 1e-9 && studs[i] - stud / 2 < to + gap - 1e-9) {
                cut.add(i);
            }
        }
        return cut;
    }

    /// The header; empty where there is no whole stud on one side, which then has to be framed to the corner post.
    ///
    /// @param even   load along the roof \[N/m\]
    /// @param point  load in the middle \[N\]
    /// @param allows stress \[Pa\]
    public Optional<Header> header(double from, double to, double even, double point, double allows) {
        List<Integer> cut = cut(from, to);
        double left = Double.NEGATIVE_INFINITY;
        double right = Double.POSITIVE_INFINITY;
        for (int i = 0; i < studs.length; i++) {
            if (!cut.contains(i) && studs[i] < (from + to) / 2) {
                left = Math.max(left, studs[i] + stud / 2);
            } else if (!cut.contains(i)) {
                right = Math.min(right, studs[i] - stud / 2);
            }
        }
        if (Double.isInfinite(left) || Double.isInfinite(right)) {
            return Optional.empty();
        }
        double span = right - left;
        double moment = even * span * span / 8 + point * span / 4;
        return Optional.of(new Header(span, moment, moment / allows));
    }

    /// The shift that cuts fewest studs, and of those the least: an edge of the hole clear of a stud's face.
    ///
    /// @param low  the hole must stay behind this \[m\]
    /// @param high and before this \[m\]
    public Shift best(double from, double to, double low, double high) {
        List<Double> candidates = new ArrayList<>(List.of(0.0));
        for (double s : studs) {
            candidates.add(s + stud / 2 + gap - from);
            candidates.add(s - stud / 2 - gap - to);
        }
        return candidates.stream()
                .filter(d -> Math.abs(d) <= MOST_SHIFT && from + d >= low - 1e-9 && to + d <= high + 1e-9 || d == 0)
                .map(d -> new Shift(d, cut(from + d, to + d).size()))
                .min(Comparator.comparingInt(Shift::cut).thenComparingDouble(s -> Math.abs(s.by))).orElseThrow();
    }

    /// The least shift that brings every hole of a bracket onto some stud, with its edge distance; empty where none up to
    /// 0.40 m does: then a rail across two studs.
    ///
    /// @param holes along the wall \[m\]
    /// @param edge  of the hole from the edge of the stud \[m\]
    public Optional<Double> ontoStuds(double[] holes, double edge) {
        List<Double> candidates = new ArrayList<>(List.of(0.0));
        double room = stud / 2 - edge;
        for (double hole : holes) {
            for (double s : studs) {
                candidates.add(s + room - hole);
                candidates.add(s - room - hole);
            }
        }
        return candidates.stream().filter(d -> Math.abs(d) <= MOST_SHIFT).filter(d -> {
            for (double hole : holes) {
                boolean held = false;
                for (double s : studs) {
                    held |= Math.abs(hole + d - s) <= room + 1e-9;
                }
                if (!held) {
                    return false;
                }
            }
            return true;
        }).min(Comparator.comparingDouble(Math::abs));
    }
}
