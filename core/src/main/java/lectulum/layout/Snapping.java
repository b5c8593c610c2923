package lectulum.layout;

import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.space.Solid;

/// Brings a dragged thing to the nearest wall, floor, roof, neighbour or middle line within reach.
///
/// @param dx    shift along the camper after snapping \[m\]
/// @param lineX where it caught, behind the body front \[m\]
/// @param lineY where it caught, right of the middle \[m\]
/// @param lineZ where it caught, above the floor \[m\]
public record Snapping(double dx, double dy, double dz, OptionalDouble lineX, OptionalDouble lineY,
        OptionalDouble lineZ) {

    /// @param moved ids of what is dragged; the edges of all of them together are snapped
    /// @param reach how far an edge is caught \[m\]; 0 catches nothing
    public static Snapping of(Design design, Mode mode, Collection<String> moved, double dx, double dy, double dz,
            double reach) {
        List<Thing> group = design.things().stream().filter(t -> moved.contains(t.id())).toList();
        if (group.isEmpty() || reach <= 0) {
            return new Snapping(dx, dy, dz, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
        }
        Extent extent = new Extent();
        group.forEach(t -> extent.add(Solid.of(t.size(), t.at(mode))));
        Body body = Body.of(design.base(), mode);
        boolean inside = group.stream().allMatch(t -> t.mount() != Mount.OUTSIDE);
        Catch x = new Catch(extent.x1 + dx, extent.x2 + dx, reach);
        Catch y = new Catch(extent.y1 + dy, extent.y2 + dy, reach);
        Catch z = new Catch(extent.z1 + dz, extent.z2 + dz, reach);
        walls(design, body, inside, extent, dx, x, y, z);
        for (Thing thing : design.things()) {
            if (thing.solid() && !moved.contains(thing.id())) {
                Solid solid = Solid.of(thing.size(), thing.at(mode));
                x.see(solid.minX());
                x.see(solid.maxX());
                y.see(solid.minY());
                y.see(solid.maxY());
                z.see(solid.z1());
                z.see(solid.z2());
            }
        }
        return new Snapping(dx + x.shift(), dy + y.shift(), dz + z.shift(), x.line(), y.line(), z.line());
    }

    private static void walls(Design design, Body body, boolean inside, Extent extent, double dx, Catch x, Catch y,
            Catch z) {
        if (inside) {
            x.see(body.insideFront());
            x.see(body.insideRear());
            y.see(Math.min(body.clearRight(extent.x1 + dx, extent.z1), body.clearRight(extent.x2 + dx, extent.z2)));
            y.see(-Math.min(body.clearLeft(extent.x1 + dx, extent.z1), body.clearLeft(extent.x2 + dx, extent.z2)));
            z.see(0);
            z.see(body.clearHeight(extent.x1 + dx, extent.x2 + dx));
        } else {
            x.see(0);
            x.see(body.length());
            y.see(body.halfWidth());
            y.see(-body.halfWidth());
            z.see(-design.base().floor());
            z.see(body.roofOutside().highest());
        }
        y.seeMiddle(0);
    }

    /// Bounds of several solids.
    private static final class Extent {
        private double x1 = Double.POSITIVE_INFINITY;
        private double x2 = Double.NEGATIVE_INFINITY;
        private double y1 = Double.POSITIVE_INFINITY;
        private double y2 = Double.NEGATIVE_INFINITY;
        private double z1 = Double.POSITIVE_INFINITY;
        private double z2 = Double.NEGATIVE_INFINITY;

        void add(Solid s) {
            x1 = Math.min(x1, s.minX());
            x2 = Math.max(x2, s.maxX());
            y1 = Math.min(y1, s.minY());
            y2 = Math.max(y2, s.maxY());
            z1 = Math.min(z1, s.z1());
            z2 = Math.max(z2, s.z2());
        }
    }

    /// Looks for the line nearest to one of two edges.
    private static final class Catch {
        private final double low;
        private final double high;
        private double best;
        private double shift;
        private double line = Double.NaN;

        Catch(double low, double high, double reach) {
            this.low = low;
            this.high = high;
            this.best = reach;
        }

        void see(double at) {
            offer(at - low, at);
            offer(at - high, at);
        }

        void seeMiddle(double at) {
            offer(at - (low + high) / 2, at);
        }

        private void offer(double by, double at) {
            if (Math.abs(by) < best) {
                best = Math.abs(by);
                shift = by;
                line = at;
            }
        }

        double shift() {
            return shift;
        }

        OptionalDouble line() {
            return Double.isNaN(line) ? OptionalDouble.empty() : OptionalDouble.of(line);
        }
    }
}
