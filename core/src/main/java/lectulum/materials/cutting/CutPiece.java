package lectulum.materials.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import lectulum.kernel.takeoff.Panel;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/// Something that is cut from a stick or a sheet.
///
/// @param where   it goes
/// @param length  along its grain \[m\]
/// @param width   across it \[m\]; 0 for what is cut from a stick
/// @param turns   whether its grain may run either way
/// @param outline where it is no rectangle, from its lower left corner \[m\]; empty otherwise
/// @param holes   that are cut out of it: left, lower, right, upper edge \[m\]
public record CutPiece(String where, double length, double width, boolean turns, List<double[]> outline,
        List<double[]> holes) {
    public CutPiece {
        outline = List.copyOf(outline);
        holes = List.copyOf(holes);
    }

    /// By value, corners too.
    @Override
    public boolean equals(Object o) {
        return o instanceof CutPiece p && where.equals(p.where) && length == p.length && width == p.width
                && turns == p.turns && same(outline, p.outline) && same(holes, p.holes);
    }

    private static boolean same(List<double[]> a, List<double[]> b) {
        return Arrays.deepEquals(a.toArray(), b.toArray());
    }

    @Override
    public int hashCode() {
        return Objects.hash(where, length, width, turns, outline.size(), holes.size());
    }

    /// A piece of a stick.
    static CutPiece stick(String where, double length) {
        return new CutPiece(where, length, 0, false, List.of(), List.of());
    }

    /// \[m²\]
    public double area() {
        double all = outline.isEmpty() ? length * width : new Panel(outline, List.of()).area();
        return all - holes.stream().mapToDouble(h -> (h[2] - h[0]) * (h[3] - h[1])).sum();
    }

    /// Whether it lies across its stock.
    boolean turnedAs(Lot.Put p) {
        return width > 0 && Math.abs(p.along() - length) > Math.abs(p.along() - width);
    }

    /// Whether something beside it leaves its own shape alone: in its waste, a saw's width from it.
    ///
    /// @param box left, lower, right, upper edge of the other, from the lower left corner of this one \[m\]
    boolean clear(double[] box, double kerf) {
        GeometryFactory of = new GeometryFactory();
        List<double[]> around = outline.isEmpty()
                ? List.of(new double[]{0, 0}, new double[]{length, 0}, new double[]{length, width},
                        new double[]{0, width})
                : outline;
        Geometry shape = of.createPolygon(ring(around)).buffer(0);
        for (double[] h : holes) {
            shape = shape.difference(of.toGeometry(new Envelope(h[0], h[2], h[1], h[3])));
        }
        return shape.distance(of.toGeometry(new Envelope(box[0], box[2], box[1], box[3]))) >= kerf - 2e-5;
    }

    private static Coordinate[] ring(List<double[]> points) {
        Coordinate[] ring = new Coordinate[points.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            double[] p = points.get(i % points.size());
            ring[i] = new Coordinate(p[0], p[1]);
        }
        return ring;
    }

    /// Rectangles within the box about it that are not of it: beside its upper corners and in its holes, largest first
    /// \[m\]: left, lower edge, width, height.
    List<double[]> drops(double kerf, double least) {
        List<double[]> all = new ArrayList<>();
        for (double[] h : holes) {
            double[] d = Panel.openingDrop(h[2] - h[0], h[3] - h[1], kerf, 0);
            all.add(new double[]{h[0] + kerf, h[1] + kerf, d[0], d[1]});
        }
        if (!outline.isEmpty()) {
            double[] left = Panel.cornerDrop(chain(false), kerf);
            all.add(new double[]{0, width - left[1], left[0], left[1]});
            double[] right = Panel.cornerDrop(chain(true), kerf);
            all.add(new double[]{length - right[0], width - right[1], right[0], right[1]});
        }
        all.removeIf(d -> d[2] < least || d[3] < least);
        all.sort(Comparator.comparingDouble(d -> -d[2] * d[3]));
        return all;
    }

    /// Its edge from one side up to its highest place, which is as high as the box about it.
    private List<double[]> chain(boolean fromRight) {
        List<double[]> upper = outline.stream().filter(p -> p[1] > 0).map(p -> new double[]{
                fromRight ? length - p[0] : p[0], p[1]}).sorted(Comparator.comparingDouble(p -> p[0])).toList();
        List<double[]> rising = new ArrayList<>();
        double top = Double.NEGATIVE_INFINITY;
        rising.add(new double[]{0, upper.isEmpty() || upper.getFirst()[0] > 1e-9 ? 0 : upper.getFirst()[1]});
        for (double[] p : upper) {
            if (p[1] < top) {
                break;
            }
            top = p[1];
            rising.add(p);
        }
        return rising;
    }
}
