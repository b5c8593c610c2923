package lectulum.materials.skins;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.air.Cabin;
import lectulum.assumed.Substances;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;

/// The layers of every side with their area, and the panels that they are cut to: no larger than a sheet, joints on studs where
/// there are any.
///
/// @param layers in the order of the sides, from inside
/// @param panels as rectangles about them
public record ShellSheets(List<Layer> layers, List<Panel> panels) {
    private static final int STEPS = 64;
    private static final double LOW = 0.02;
    private static final double SMALL = 1e-6;

    public ShellSheets {
        layers = List.copyOf(layers);
        panels = List.copyOf(panels);
    }

    /// One layer of one side.
    ///
    /// @param role lining, insulation or skin
    /// @param area that it covers, openings taken off \[m²\]
    /// @param x    of its middle behind the front of the body \[m\]
    public record Layer(Wall.Side side, String role, Substance substance, double thick, double area, double x) {
        public double mass() {
            return area * thick * Substances.of(substance).density();
        }

        public double price() {
            return area * thick * Substances.of(substance).price();
        }
    }

    /// A piece of sheet.
    ///
    /// @param side    where it goes
    /// @param outline where it is cut to the roof, from its lower left corner \[m\]; empty for a rectangle
    /// @param holes   openings that lie within it: left, lower, right, upper edge \[m\]
    public record Panel(String side, Substance substance, double thick, double width, double height,
            List<double[]> outline, List<double[]> holes) {
    }

    /// @param sheetLong of a sheet \[m\]
    /// @param sheetWide \[m\]
    public static ShellSheets of(Design d, double sheetLong, double sheetWide) {
        Body body = Body.of(d.base());
        List<Layer> layers = new ArrayList<>();
        List<Panel> panels = new ArrayList<>();
        if (!body.open()) {
            Cabin cabin = Cabin.of(d, Mode.ROAD);
            for (Wall w : d.envelope().walls()) {
                new Side(d, body, w, area(cabin, w.side()), sheetLong, sheetWide).add(layers, panels);
            }
        }
        return new ShellSheets(layers, panels);
    }

    /// Along the roof from front to rear \[m\].
    public static double roofLine(Body body) {
        double sum = 0;
        int steps = 128;
        for (int i = 0; i < steps; i++) {
            double a = body.length() * i / steps;
            double b = body.length() * (i + 1) / steps;
            sum += Math.hypot(b - a, body.roofInside().at(b) - body.roofInside().at(a));
        }
        return sum;
    }

    private static double area(Cabin cabin, Wall.Side side) {
        return Math.max(0, cabin.faces().stream().filter(f -> f.side() == side).mapToDouble(Cabin.Face::area).sum());
    }

    /// Adds one side.
    private record Side(Design d, Body body, Wall w, double area, double sheetLong, double sheetWide) {

        void add(List<Layer> layers, List<Panel> panels) {
            List<double[]> rectangles = rectangles();
            layer(layers, panels, "lining", w.lining(), w.liningThick(), area, rectangles);
            layer(layers, panels, "insulation", w.insulation(), w.insulationThick(), area * (1 - share()), List.of());
            layer(layers, panels, "skin", w.skin(), w.skinThick(), area, rectangles);
        }

        private void layer(List<Layer> layers, List<Panel> panels, String role, Substance s, double thick, double area,
                List<double[]> rectangles) {
            if (s == Substance.NONE || s == Substance.AIR || thick <= 0 || area <= 0) {
                return;
            }
            layers.add(new Layer(w.side(), role, s, thick, area, middle()));
            for (double[] r : rectangles) {
                for (double[] p : cut(r[0], r[1])) {
                    List<double[]> outline = outline(p);
                    double high = outline.stream().mapToDouble(q -> q[1]).max().orElse(p[1]);
                    if (high > LOW) {
                        panels.add(new Panel(w.side().label() + " " + role, s, thick, p[0], high, outline,
                                r.length > 2 ? holes(p, r[2]) : List.of()));
                    }
                }
            }
        }

        /// Part of the area that studs take, by the frame where it is known.
        private double share() {
            return w.share().orElseGet(() -> framing().filter(f -> f.studs().size() > 1)
                    .map(f -> Math.min(0.6, f.width() * (f.studs().size() - 1)
                            / (f.studs().getLast() - f.studs().getFirst())))
                    .orElse(w.studs() == Wall.Studs.NONE ? 0.0 : w.studs() == Wall.Studs.METAL ? 0.06 : 0.15));
        }

        private Optional<Carcass.Framing> framing() {
            return Optional.ofNullable(d.base().carcass().framing().get(switch (w.side()) {
                case ROOF -> Carcass.Face.ROOF;
                case SIDES -> Carcass.Face.LEFT;
                case FRONT -> Carcass.Face.FRONT;
                case REAR -> Carcass.Face.REAR;
                case FLOOR -> Carcass.Face.FLOOR;
            }));
        }

        /// Along the camper \[m\].
        private double middle() {
            double sum = 0;
            double moment = 0;
            for (int i = 0; i < STEPS; i++) {
                double a = body.length() * i / STEPS;
                double b = body.length() * (i + 1) / STEPS;
                double of = w.side() == Wall.Side.SIDES
                        ? body.roofInside().at((a + b) / 2)
                        : Math.hypot(b - a, body.roofInside().at(b) - body.roofInside().at(a));
                sum += of;
                moment += of * (a + b) / 2;
            }
            return switch (w.side()) {
                case FRONT -> 0;
                case REAR -> body.length();
                case FLOOR -> body.length() / 2;
                case SIDES, ROOF -> sum > 0 ? moment / sum : body.length() / 2;
            };
        }

        /// Rectangles about the faces of the side \[m\]: along, across, and which side it is.
        private List<double[]> rectangles() {
            double length = body.length();
            double width = 2 * body.halfWidth();
            double high = body.roofInside().highest();
            return switch (w.side()) {
                case SIDES -> List.of(new double[]{length, high, -1}, new double[]{length, high, 1});
                case ROOF -> List.of(new double[]{roofLine(body), width});
                case FLOOR -> List.of(new double[]{length, width});
                case FRONT -> List.of(new double[]{width, body.roofInside().at(Math.min(0.02, length))});
                case REAR -> List.of(new double[]{width, body.roofInside().at(length - Math.min(0.02, length))});
            };
        }

        /// A face in pieces that a sheet holds, whichever way of laying it gives fewer.
        private List<double[]> cut(double along, double across) {
            if (along <= 0.05 || across <= 0.05) {
                return List.of();
            }
            List<double[]> lying = pieces(along, across, sheetLong, sheetWide);
            List<double[]> standing = pieces(along, across, sheetWide, sheetLong);
            double down = sheets(lying);
            double up = sheets(standing);
            return up < down - SMALL || up < down + SMALL && standing.size() < lying.size() ? standing : lying;
        }

        /// A piece of a side under the roof; empty where the roof does not cut it.
        private List<double[]> outline(double[] p) {
            boolean below = w.side() == Wall.Side.SIDES;
            List<double[]> line = new ArrayList<>(List.of(new double[]{0, 0}, new double[]{p[0], 0}));
            boolean cut = false;
            for (int i = STEPS; below && i >= 0; i--) {
                double x = p[0] * i / STEPS;
                double z = Math.clamp(body.roofInside().at(p[2] + x) - p[3], 0, p[1]);
                cut |= z < p[1] - 1e-6;
                line.add(new double[]{x, z});
            }
            return cut ? List.copyOf(line) : List.of();
        }

        /// Openings of one side that lie within a piece of it.
        private List<double[]> holes(double[] p, double side) {
            List<double[]> all = new ArrayList<>();
            for (Thing t : d.things()) {
                Solid s = Solid.of(t.size(), t.place());
                if (t.mount() == Mount.SET_IN && t.has(Feature.Opening.class) && !t.place().away()
                        && t.place().y() * side > body.halfWidth() / 2 && s.reachX() > s.reachY()
                        && s.minX() >= p[2] && s.maxX() <= p[2] + p[0] && s.z1() >= p[3] && s.z2() <= p[3] + p[1]) {
                    all.add(new double[]{s.minX() - p[2], s.z1() - p[3], s.maxX() - p[2], s.z2() - p[3]});
                }
            }
            return all;
        }

        /// How many sheets they take, each kind by itself.
        private double sheets(List<double[]> pieces) {
            double sum = 0;
            for (double[] p : pieces) {
                double lying = Math.floor(sheetLong / p[0] + SMALL) * Math.floor(sheetWide / p[1] + SMALL);
                double standing = Math.floor(sheetLong / p[1] + SMALL) * Math.floor(sheetWide / p[0] + SMALL);
                sum += 1 / Math.max(1, Math.max(lying, standing));
            }
            return sum;
        }

        private List<double[]> pieces(double along, double across, double mostAlong, double mostAcross) {
            int rows = (int) Math.ceil(across / mostAcross - SMALL);
            List<double[]> all = new ArrayList<>();
            double from = 0;
            while (from < along - SMALL) {
                double to = Math.min(along, joint(from, from + mostAlong, along));
                for (int k = 0; k < rows; k++) {
                    all.add(new double[]{to - from, across / rows, from, k * across / rows});
                }
                from = to;
            }
            return all;
        }

        /// The farthest stud that a sheet reaches, or its end.
        private double joint(double from, double reach, double end) {
            if (reach >= end - SMALL) {
                return end;
            }
            boolean lengthways = w.side() == Wall.Side.SIDES || w.side() == Wall.Side.ROOF
                    || w.side() == Wall.Side.FLOOR;
            return framing().filter(f -> lengthways).stream().flatMap(f -> f.studs().stream())
                    .filter(s -> s > from + 0.3 && s <= reach + SMALL).max(Double::compare).orElse(reach);
        }
    }
}
