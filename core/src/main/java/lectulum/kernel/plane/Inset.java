package lectulum.kernel.plane;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/// What is left of an area when a margin along its edge is taken away.
///
/// Corners keep a mitre, hollows are rounded to within a thousandth of the margin. Nothing is left of an area that is
/// nowhere twice as wide as the margin, and of one whose outline crosses itself the largest part.
public final class Inset {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final int QUARTER = 18;

    private Inset() {
    }

    /// The largest part of what is left within a rectangle, as its outer line; empty where nothing is.
    ///
    /// @param outline closed, at least three points \[x, y\]
    /// @param margin  ≥ 0
    public static List<double[]> of(List<double[]> outline, double margin, double minX, double minY, double maxX,
            double maxY) {
        if (outline.size() < 3 || !(maxX > minX) || !(maxY > minY)) {
            return List.of();
        }
        Coordinate[] ring = new Coordinate[outline.size() + 1];
        for (int i = 0; i < outline.size(); i++) {
            ring[i] = new Coordinate(outline.get(i)[0], outline.get(i)[1]);
        }
        ring[outline.size()] = ring[0].copy();
        BufferParameters mitred = new BufferParameters(QUARTER, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE,
                8);
        Geometry area = FACTORY.createPolygon(ring).buffer(0);
        Geometry left = BufferOp.bufferOp(area, -margin, mitred)
                .intersection(FACTORY.toGeometry(new Envelope(minX, maxX, minY, maxY)));
        Polygon largest = null;
        for (int i = 0; i < left.getNumGeometries(); i++) {
            if (left.getGeometryN(i) instanceof Polygon p && !p.isEmpty()
                    && (largest == null || p.getArea() > largest.getArea())) {
                largest = p;
            }
        }
        List<double[]> line = new ArrayList<>();
        if (largest != null) {
            Coordinate[] outer = largest.getExteriorRing().getCoordinates();
            for (int i = 0; i < outer.length - 1; i++) {
                line.add(new double[]{outer[i].x, outer[i].y});
            }
        }
        return line;
    }
}
