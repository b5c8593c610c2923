package lectulum.materials.framing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Substances;
import lectulum.base.profile.ProfileStudies;
import lectulum.design.Design;
import lectulum.design.envelope.Substance;
import lectulum.kernel.takeoff.Panel;
import lectulum.space.Body;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferParameters;

/// The rib of a rear hatch: a strip under the profile from the hinge to the lip, sawn from sheet or bent from tube.
///
/// @param outline in the side view of the body \[x, z\] \[m\]
/// @param blank   the same as it is cut, its longer side along the sheet, from its lower left corner \[m\]
/// @param line    from the hinge to the lip \[x, z\] \[m\]
record HatchRib(List<double[]> outline, List<double[]> blank, List<double[]> line) {
    private static final double FINE = 1e-4;

    HatchRib {
        outline = List.copyOf(outline);
        blank = List.copyOf(blank);
        line = List.copyOf(line);
    }

    /// Empty without a hatch, or where its line is too short for a rib of that depth.
    ///
    /// @param depth of the rib, from the profile inwards \[m\]
    static Optional<HatchRib> of(Design d, double depth) {
        Body body = Body.of(d.base());
        return d.base().carcass().hatch().filter(h -> body.profile().isPresent() && depth > 0)
                .flatMap(h -> ProfileStudies.swing(body, h)).map(s -> s.outline()).filter(l -> l.size() > 1)
                .flatMap(l -> strip(l, depth));
    }

    private static Optional<HatchRib> strip(List<double[]> line, double depth) {
        GeometryFactory of = new GeometryFactory();
        List<double[]> closed = new ArrayList<>(line);
        closed.add(new double[]{line.getFirst()[0], line.getLast()[1]});
        closed.add(line.getFirst());
        Geometry inside = of.createPolygon(coordinates(closed)).buffer(0);
        Geometry band = of.createLineString(coordinates(line)).buffer(depth, 8, BufferParameters.CAP_FLAT);
        Geometry rib = largest(band.intersection(inside));
        if (rib.getArea() < FINE) {
            return Optional.empty();
        }
        List<double[]> outline = points(rib.getBoundary().getGeometryN(0));
        Coordinate[] box = MinimumAreaRectangle.getMinimumRectangle(rib).getCoordinates();
        if (box.length < 4) {
            return Optional.empty();
        }
        int longer = box[0].distance(box[1]) >= box[1].distance(box[2]) ? 0 : 1;
        double turn = Math.atan2(box[longer + 1].y - box[longer].y, box[longer + 1].x - box[longer].x);
        List<double[]> blank = outline.stream().map(p -> new double[]{p[0] * Math.cos(turn) + p[1] * Math.sin(turn),
                p[1] * Math.cos(turn) - p[0] * Math.sin(turn)}).toList();
        double left = blank.stream().mapToDouble(p -> p[0]).min().orElse(0);
        double low = blank.stream().mapToDouble(p -> p[1]).min().orElse(0);
        return Optional.of(new HatchRib(outline,
                blank.stream().map(p -> new double[]{p[0] - left, p[1] - low}).toList(), line));
    }

    private static Geometry largest(Geometry g) {
        Geometry best = g.getNumGeometries() > 0 ? g.getGeometryN(0) : g;
        for (int i = 1; i < g.getNumGeometries(); i++) {
            best = g.getGeometryN(i).getArea() > best.getArea() ? g.getGeometryN(i) : best;
        }
        return best;
    }

    private static Coordinate[] coordinates(List<double[]> points) {
        return points.stream().map(p -> new Coordinate(p[0], p[1])).toArray(Coordinate[]::new);
    }

    private static List<double[]> points(Geometry ring) {
        List<double[]> all = new ArrayList<>();
        Coordinate[] c = ring.getCoordinates();
        for (int i = 0; i + 1 < c.length; i++) {
            all.add(new double[]{c[i].x, c[i].y});
        }
        return all;
    }

    /// Along the profile \[m\].
    double length() {
        double sum = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            sum += Math.hypot(line.get(i + 1)[0] - line.get(i)[0], line.get(i + 1)[1] - line.get(i)[1]);
        }
        return sum;
    }

    /// \[m²\]
    double area() {
        return new Panel(outline, List.of()).area();
    }

    /// \[x, z\] \[m\]
    double[] centre() {
        return new Panel(outline, List.of()).centre();
    }

    /// Of one that is sawn from plywood \[kg\].
    double mass(double thick) {
        return area() * thick * Substances.of(Substance.PLYWOOD).density();
    }
}
