package lectulum.papers;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lectulum.base.walls.WallStudies;
import lectulum.design.Design;
import lectulum.design.base.Carcass.Face;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.kernel.profile.Outline;
import lectulum.kernel.profile.Piece;
import lectulum.papers.Template.Contour;
import lectulum.papers.Template.Use;
import lectulum.space.Body;

/// The panels of a camper that a full-size template can be made of: its side with the inside line, every other face with
/// its holes, and the faces of a thing.
public final class Panels {
    private Panels() {
    }

    /// A panel by name.
    ///
    /// @param key stable: `profile`, `roof`, `thing.galley.side`
    public record Panel(String key, String name, Template template) {
    }

    /// All panels of the body, and those of the given things.
    public static List<Panel> of(Design design, List<Thing> things) {
        Body body = Body.of(design.base());
        Map<Face, List<WallStudies.Hole>> holes = WallStudies.holes(design, body);
        List<Panel> panels = new ArrayList<>();
        panels.add(new Panel("profile", "Side of the body", side(design, body, holes.getOrDefault(Face.LEFT, List.of()),
                "Side of the body, outside face of the left wall")));
        panels.add(new Panel("profile-right", "Right side, with its own holes",
                side(design, body, holes.getOrDefault(Face.RIGHT, List.of()),
                        "Right side of the body, inside face of the right wall")));
        for (Face face : List.of(Face.ROOF, Face.FLOOR, Face.FRONT, Face.REAR)) {
            boolean skip = body.open() && face == Face.ROOF;
            if (!skip) {
                panels.add(new Panel(face.name().toLowerCase(java.util.Locale.ROOT),
                        Character.toUpperCase(face.label().charAt(0)) + face.label().substring(1),
                        flat(design, body, face, holes.getOrDefault(face, List.of()))));
            }
        }
        for (Thing t : things.stream().filter(t -> t.mount() != Mount.SPREAD).toList()) {
            double l = t.size().length();
            double w = t.size().width();
            double h = t.size().height();
            panels.add(thing(t, "side", l, h));
            panels.add(thing(t, "top", l, w));
            panels.add(thing(t, "end", w, h));
        }
        return panels;
    }

    public static Optional<Panel> find(Design design, String key) {
        return of(design, design.things()).stream().filter(p -> p.key.equals(key)).findFirst();
    }

    private static Panel thing(Thing t, String which, double w, double h) {
        String name = t.name() + ", " + which;
        return new Panel("thing." + t.id() + "." + which, name,
                new Template(name, "", List.of(new Contour(Use.CUT, name, box(0, 0, w, h)))));
    }

    static List<Piece> box(double x1, double y1, double x2, double y2) {
        return List.of(new Piece.Line(x1, y1, x2, y1), new Piece.Line(x2, y1, x2, y2), new Piece.Line(x2, y2, x1, y2),
                new Piece.Line(x1, y2, x1, y1));
    }

    private static Template side(Design design, Body body, List<WallStudies.Hole> holes, String title) {
        List<Contour> contours = new ArrayList<>();
        Outline outline = body.profile().map(p -> p.outline()).orElseGet(() -> new Outline(box(0, 0,
                design.base().shell().length(), design.base().shell().height())));
        contours.add(new Contour(Use.CUT, "outside", outline.pieces()));
        contours.add(new Contour(Use.GUIDE, "inside", inside(body)));
        design.base().carcass().hatch().ifPresent(h -> {
            double z = body.roofOutside().at(h.hinge());
            contours.add(
                    new Contour(Use.GUIDE, "hinge", List.of(new Piece.Line(h.hinge(), z - 0.06, h.hinge(), z + 0.02))));
        });
        double axle = design.base().axle().x();
        contours.add(new Contour(Use.GUIDE, "axle", List.of(new Piece.Line(axle, 0, axle, 0.08))));
        holes.forEach(
                h -> contours.add(new Contour(Use.HOLE, h.thing().name(), box(h.from(), h.low(), h.to(), h.high()))));
        double floor = design.base().floor();
        double end = design.base().shell().length();
        if (floor > 0) {
            contours.add(new Contour(Use.GUIDE, "underside of the floor",
                    List.of(new Piece.Line(0, -floor, end, -floor))));
        }
        return new Template(title, "front at the left", contours, List.of("The level line is the top of the floor.",
                String.format(Locale.ROOT,
                        "Does the wall cover the edge of the floor? Then cut it %.0f mm lower, to the"
                                + " guide.",
                        floor * 1000)));
    }

    private static List<Piece> inside(Body body) {
        if (body.open()) {
            return List.of();
        }
        List<Piece> pieces = new ArrayList<>();
        double from = body.insideFront();
        double to = body.insideRear();
        double[] before = {from, 0};
        List<Double> places = new ArrayList<>();
        places.add(from);
        for (double x : body.roofInside().xs()) {
            if (x > from && x < to) {
                places.add(x);
            }
        }
        places.add(to);
        for (int i = 0; i <= places.size(); i++) {
            double x = i == places.size() ? to : places.get(i);
            double[] now = {x, i == places.size() ? 0 : Math.max(0, body.roofInside().at(x))};
            if (Math.hypot(now[0] - before[0], now[1] - before[1]) > 1e-9) {
                pieces.add(new Piece.Line(before[0], before[1], now[0], now[1]));
            }
            before = now;
        }
        return pieces;
    }

    private static Template flat(Design design, Body body, Face face, List<WallStudies.Hole> holes) {
        List<Contour> contours = new ArrayList<>();
        boolean level = face == Face.ROOF || face == Face.FLOOR;
        Unrolled unrolled = level ? Unrolled.FLAT : Unrolled.of(design, body, face);
        if (unrolled.bent()) {
            return unrolled.template(design, face, holes);
        }
        if (level) {
            List<double[]> plan = face == Face.ROOF ? body.planOutside() : body.planInside();
            List<Piece> outline = new ArrayList<>();
            for (int i = 0; i < plan.size(); i++) {
                double[] a = plan.get(i);
                double[] b = plan.get((i + 1) % plan.size());
                outline.add(new Piece.Line(a[0], -a[1], b[0], -b[1]));
            }
            contours.add(new Contour(Use.CUT, "", outline));
        } else {
            double half = body.halfWidth() - design.base().wall();
            double high = body.open() ? design.base().shell().height() : body.roofInside().highest();
            contours.add(new Contour(Use.CUT, "", box(-half, 0, half, high)));
        }
        for (WallStudies.Hole h : holes) {
            contours.add(new Contour(Use.HOLE, h.thing().name(), level
                    ? box(h.from(), -h.high(), h.to(), -h.low())
                    : box(h.from(), h.low(), h.to(), h.high())));
        }
        return new Template(face.label() + (level ? ", seen from above" : ", seen from behind"),
                level ? "front at the left" : "", contours);
    }
}
