package lectulum.figures.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// Places names and numbers on a drawing so that none covers another.
///
/// Greedy by rank, then by the order in which they came, so that the same drawing always gets the same labels: each takes the
/// first of its places that is free. One that finds none is dropped, or stands at its first place where it must be read.
/// The work grows with the square of the number of labels; 500 take about a millisecond.
public final class Labels {
    private static final double PADDING = 3;
    private static final double[][] AROUND = {{0, -1}, {0, 1}, {1, 0}, {-1, 0}, {1, -1}, {-1, -1}, {1, 1}, {-1, 1}};
    private static final double[] FAR = {18, 32, 50};

    private final Box paper;
    private final List<Box> taken = new ArrayList<>();
    private final List<Wanted> wanted = new ArrayList<>();

    /// What is read first is placed first.
    public enum Rank {
        /// Names of small things.
        MINOR,
        /// Names of things.
        NAME,
        /// Somebody.
        PERSON,
        /// What is selected.
        CHOSEN,
        /// A number of a stage.
        FIGURE,
        /// A measured length.
        DIMENSION,
        /// By how much something is wrong.
        FAULT
    }

    /// A rectangle in pixels.
    public record Box(double x, double y, double width, double height) {
        public boolean meets(Box o) {
            return x < o.x + o.width && o.x < x + width && y < o.y + o.height && o.y < y + height;
        }

        public boolean holds(double px, double py) {
            return px >= x && px <= x + width && py >= y && py <= y + height;
        }

        boolean within(Box o) {
            return x >= o.x && y >= o.y && x + width <= o.x + o.width && y + height <= o.y + o.height;
        }
    }

    /// How far a label may go from where it belongs.
    public enum Roam {
        /// Nowhere else.
        STAY,
        /// Along the line it belongs to.
        SLIDE,
        /// Beside the place.
        BESIDE,
        /// Anywhere near, with a line to the place.
        LEAD
    }

    /// A label that is wanted.
    ///
    /// @param width  of the text \[px\]
    /// @param size   of the letters \[px\]
    /// @param x      where it belongs \[px\]
    /// @param room   width that it may cover \[px\]; infinite where that does not matter
    /// @param dx     half of the line that it may slide along, or half of the size of what it may stand beside \[px\]
    /// @param dy     the same, down
    /// @param must   whether it is drawn even where nothing is free
    public record Wanted(String text, double width, double size, double x, double y, double room, Rank rank, Roam roam,
            double dx, double dy, boolean must) {
    }

    /// A label at its place.
    ///
    /// @param led whether it stands so far off that a line leads to where it belongs
    public record Placed(Wanted of, double x, double y, Box box, boolean led) {
    }

    /// @param paper what may be written on
    public Labels(Box paper) {
        this.paper = paper;
    }

    public void want(Wanted label) {
        wanted.add(label);
    }

    /// Keeps labels off a place.
    public void reserve(Box box) {
        taken.add(box);
    }

    /// Places all that were wanted, and forgets them; their places stay taken.
    public List<Placed> place() {
        List<Wanted> order = new ArrayList<>(wanted);
        order.sort(Comparator.comparing(Wanted::rank).reversed());
        wanted.clear();
        List<Placed> placed = new ArrayList<>();
        for (Wanted w : order) {
            place(w).ifPresent(p -> {
                placed.add(p);
                taken.add(p.box);
            });
        }
        return placed;
    }

    private Optional<Placed> place(Wanted w) {
        if (w.text.isBlank()) {
            return Optional.empty();
        }
        boolean narrow = w.width + 2 * PADDING > w.room;
        if (!narrow && free(at(w, w.x, w.y))) {
            return Optional.of(new Placed(w, w.x, w.y, at(w, w.x, w.y), false));
        }
        for (double[] spot : spots(w)) {
            Box box = at(w, spot[0], spot[1]);
            if (free(box)) {
                boolean led = w.roam == Roam.LEAD
                        && Math.hypot(spot[0] - w.x, spot[1] - w.y) > w.size && !box.holds(w.x, w.y);
                return Optional.of(new Placed(w, spot[0], spot[1], box, led));
            }
        }
        if (!w.must) {
            return Optional.empty();
        }
        double x = Math.clamp(w.x, paper.x + w.width / 2 + PADDING,
                Math.max(paper.x + w.width / 2 + PADDING, paper.x + paper.width - w.width / 2 - PADDING));
        double y = Math.clamp(w.y, paper.y + w.size, Math.max(paper.y + w.size, paper.y + paper.height - w.size));
        return Optional.of(new Placed(w, x, y, at(w, x, y), false));
    }

    private boolean free(Box box) {
        return box.within(paper) && taken.stream().noneMatch(box::meets);
    }

    private static Box at(Wanted w, double x, double y) {
        return new Box(x - w.width / 2 - PADDING, y - 0.7 * w.size, w.width + 2 * PADDING, 1.4 * w.size);
    }

    private static List<double[]> spots(Wanted w) {
        List<double[]> spots = new ArrayList<>();
        switch (w.roam) {
            case STAY -> {
            }
            case SLIDE -> {
                for (double t : new double[]{0.3, -0.3, 0.6, -0.6, 0.85, -0.85}) {
                    spots.add(new double[]{w.x + t * w.dx, w.y + t * w.dy});
                }
                for (double off : new double[]{1.5, -1.5, 3, -3}) {
                    double along = Math.hypot(w.dx, w.dy);
                    double nx = along > 0 ? -w.dy / along : 0;
                    double ny = along > 0 ? w.dx / along : 1;
                    double by = off * w.size + Math.signum(off) * Math.abs(nx) * w.width / 2;
                    spots.add(new double[]{w.x + nx * by, w.y + ny * by});
                }
            }
            case BESIDE -> beside(w, spots, 4);
            case LEAD -> {
                beside(w, spots, 4);
                for (double far : FAR) {
                    beside(w, spots, far);
                }
            }
        }
        return spots;
    }

    private static void beside(Wanted w, List<double[]> spots, double gap) {
        for (double[] way : AROUND) {
            spots.add(new double[]{w.x + way[0] * (w.dx + w.width / 2 + PADDING + gap),
                    w.y + way[1] * (w.dy + 0.7 * w.size + gap)});
        }
    }
}
