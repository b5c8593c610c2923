package lectulum.materials.finish;

import java.util.ArrayList;
import java.util.List;
import lectulum.kernel.takeoff.Joints;

/// What is laid in strips from a roll, or in bars along edges.
final class Strips {
    private static final double SMALL = 1e-9;

    private Strips() {
    }

    /// Area of the strips that cover a rectangle with laps \[m²\]: along it or across it, whichever takes less.
    ///
    /// @param wide of the roll \[m\]
    /// @param lap  of one strip over the next \[m\], less than the width
    static double area(double length, double width, double wide, double lap) {
        return Math.min(one(length, width, wide, lap), one(width, length, wide, lap));
    }

    private static double one(double along, double across, double wide, double lap) {
        if (along <= 0 || across <= 0 || wide <= lap) {
            return 0;
        }
        double strips = across <= wide + SMALL ? 1 : Math.ceil((across - lap) / (wide - lap) - SMALL);
        return strips * along * wide;
    }

    /// Bars that cover edges end to end: whole ones, and rests that are cut from shared bars, the longest first.
    static double bars(List<Double> edges, double bar) {
        double whole = 0;
        List<Double> rests = new ArrayList<>();
        for (double e : edges) {
            double n = Math.floor(e / bar + SMALL);
            whole += n;
            if (e - n * bar > SMALL) {
                rests.add(e - n * bar);
            }
        }
        return whole + (rests.isEmpty() ? 0 : Joints.rolls(rests, 0, bar).orElse(rests.size()));
    }
}
