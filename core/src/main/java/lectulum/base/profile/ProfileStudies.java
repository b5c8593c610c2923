package lectulum.base.profile;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Sheet;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.brief.Person;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.bodies.Needs;
import lectulum.kernel.mechanisms.HatchSwing;
import lectulum.kernel.profile.Bending;
import lectulum.kernel.profile.Outline;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.Faces;
import lectulum.space.ProfileLine;
import lectulum.space.Solid;
import lectulum.units.Quantity;
import lectulum.units.Units;

/// Areas and lengths of the shell, whether its skin bends that far, the rear hatch and its swing, and the lifting top.
public final class ProfileStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("shell", "Profile and skin", Stage.BASE,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Bodies.DISCIPLINE)))
            .checking(ProfileRules.class, ProfileRemedies::of);

    /// Added to a skin length when ordering \[m\] (assumed).
    private static final double LAP = 0.05;
    /// How far behind the open lip a cook stands \[m\] (assumed).
    private static final double COOK = 0.20;

    private ProfileStudies() {
    }

    public static List<Study> of(Design design, Bodies bodies) {
        List<Study> studies = new ArrayList<>();
        studies.add(areas(design, bodies.road()));
        design.base().carcass().hatch().flatMap(h -> swing(bodies.road(), h))
                .ifPresent(s -> studies.add(hatch(design, s)));
        design.base().carcass().lift().ifPresent(l -> studies.add(lift(design, bodies, l)));
        return studies;
    }

    private static Study areas(Design design, Body body) {
        Base base = design.base();
        Study.Notebook book = new Study.Notebook("shell", Stage.BASE, "Shell", "");
        double width = base.shell().width();
        double length = base.shell().length();
        double side;
        double skin;
        if (body.profile().isPresent()) {
            ProfileLine line = body.profile().get();
            side = line.outline().area();
            skin = line.skin();
            bend(design, line, book);
        } else {
            double high = base.shell().height();
            side = length * high;
            skin = body.open() ? 0 : length + 2 * high;
        }
        String source = "plane geometry (Green's theorem for arcs, Gauss quadrature for curves)";
        book.figure("shell.sideArea", "One side wall", side, Quantity.AREA, "½∮(x dz − z dx)",
                Sentence.of("over {0} of length", Amount.m(length)), source);
        book.figure("shell.roofLength", "Skin over front, roof and rear", skin, Quantity.LENGTH, "outline − floor",
                Sentence.of("order {0} with a lap of {1}", Amount.m(skin + LAP), Amount.m(LAP)), source);
        double openings = design.things().stream().filter(t -> t.mount() == Mount.SET_IN && !t.place().away())
                .filter(t -> t.has(Feature.Opening.class) || t.has(Aired.Glazing.class) || t.has(Aired.Vent.class))
                .mapToDouble(t -> Faces.area(body, t)).sum();
        double walls = 2 * side + skin * width;
        book.figure("shell.wallNet", "Walls and roof less openings", Math.max(0, walls - openings), Quantity.AREA,
                "2 × side + skin × width − Σ openings",
                Sentence.of("{0} − {1}", new Amount(walls, Quantity.AREA), new Amount(openings, Quantity.AREA)),
                source);
        double high = frontal(design, body);
        book.figure("shell.frontal", "Seen from ahead", high, Quantity.AREA, "∪ body, wheels, things on it",
                Sentence.of("on the road"), "union of rectangles by strips");
        return book.sketch(profile(design, body)).done();
    }

    /// Whether arcs fit between the corners, and the skin bends that far.
    private static void bend(Design design, ProfileLine line, Study.Notebook book) {
        line.crowded().ifPresent((Outline.Crowded c) -> book.say(ProfileRules.SHELL_ARCS, Severity.STOP,
                Sentence.of("The arcs at points {0} and {1} do not fit", c.node() + 1, c.next() + 1),
                Sentence.of(
                        "They need {0} of an edge of {1}; with {2} each they fit. Until then smaller ones are drawn.",
                        Amount.m(c.need()), Amount.m(c.have()), Amount.m(c.largest()))));
        Optional<double[]> tightest = line.tightest();
        tightest.ifPresent(t -> book.figure("shell.tightest", "Tightest bend", t[2], Quantity.LENGTH,
                "least radius of curvature",
                Sentence.of("{0} behind the front, {1} above the floor", Amount.m(t[0]), Amount.m(t[1])),
                "arcs, and 400 places on each curve"));
        Optional<Sheet> sheet = design.base().carcass().skin().flatMap(s -> Sheet.find(s.sheet()));
        if (sheet.isEmpty() || tightest.isEmpty()) {
            return;
        }
        Carcass.Skin skin = design.base().carcass().skin().orElseThrow();
        double least = sheet.get().least(skin.across());
        double r = tightest.get()[2];
        String way = skin.across() ? "across the grain" : "along the grain";
        book.figure("shell.skinRadius", "The skin bends to", least, Quantity.LENGTH, "table of least radii",
                Sentence.of("{0}, {1}", sheet.get().label(), way),
                "plywood trade tables; others assumed: try an offcut");
        book.figure("shell.strain", "Strain of its outer face, %", 100 * Bending.strain(sheet.get().thickness(), r),
                Quantity.COUNT, "t/(2R), in percent", Sentence.of("{0} over 2 × {1}",
                        Amount.m(sheet.get().thickness()), Amount.m(r)),
                "bending of thin plates");
        if (skin.layers() > 1) {
            book.figure("shell.springBack", "Form to glue it over", r * r / Bending.sprungBack(r, skin.layers()),
                    Quantity.LENGTH, "R = R_form n²/(n² − 1)", Sentence.of("{0} layers", skin.layers()),
                    "beam theory of glued laminations");
        }
        if (r < least - 1e-9) {
            kerfs(design, sheet.get().thickness(), r, book);
            String thinner = Sheet.all().stream().filter(s -> s.least(true) <= r)
                    .max(Comparator.comparingDouble(Sheet::thickness)).map(s -> s.label() + " would do; ").orElse("");
            book.say(ProfileRules.SHELL_RADIUS, Severity.WARN, Sentence.of("The skin does not bend that far"),
                    Double.isInfinite(least)
                            ? Sentence.of("{0} does not bend {1}. Turn the sheet.", sheet.get().label(), way)
                            : Sentence.of(
                                    "{0} {1} bends to {2}; the profile asks {3} at {4} behind the front. {5}or kerf"
                                            + " the inside, or draw a larger radius.",
                                    sheet.get().label(), way,
                                    Amount.m(least),
                                    Amount.m(r), Amount.m(tightest.get()[0]), thinner));
        }
    }

    /// Saw cuts on the inside that let the sheet close round its tightest bend.
    private static void kerfs(Design design, double thickness, double radius, Study.Notebook book) {
        double kerf = Assumed.value(design, Assumption.BEND_KERF);
        double left = Assumed.value(design, Assumption.BEND_LEFT);
        Optional<Bending.Kerfs> cuts = Bending.kerfs(Math.PI / 2, thickness, left, kerf, radius);
        if (cuts.isEmpty()) {
            book.absent("shell.kerfs", "Saw cuts in a quarter turn", Quantity.COUNT, "Φ (t − s)/k",
                    "the sheet is no thicker than what a saw cut leaves");
            return;
        }
        Sentence how = Sentence.of("kerf {0}, {1} of {2} left, radius {3}", Amount.m(kerf), Amount.m(left),
                Amount.m(thickness), Amount.m(radius));
        book.figure("shell.kerfs", "Saw cuts in a quarter turn", cuts.get().count(), Quantity.COUNT, "Φ (t − s)/k", how,
                "a kerf that just closes");
        book.figure("shell.kerfSpacing", "Saw cuts apart", cuts.get().spacing(), Quantity.LENGTH, "R Φ/count", how,
                "a kerf that just closes");
        book.note("Kerfs weaken a sheet: fill them with glue, and never kerf the outer skin.");
    }

    private static Sketch profile(Design design, Body body) {
        Sketch.Board board = new Sketch.Board("Side");
        double[] xs = body.roofOutside().xs();
        double[] zs = body.roofOutside().zs();
        List<double[]> line = new ArrayList<>();
        line.add(new double[]{xs[0], 0});
        for (int i = 0; i < xs.length; i++) {
            line.add(new double[]{xs[i], zs[i]});
        }
        line.add(new double[]{xs[xs.length - 1], 0});
        board.path(Sketch.Pen.SOLID, line.toArray(double[][]::new), true, Sentence.of(""));
        return board.done();
    }

    /// Area of body, wheels and everything outside seen from ahead, by strips \[m²\].
    private static double frontal(Design design, Body body) {
        Base base = design.base();
        List<double[]> boxes = new ArrayList<>();
        double floor = base.floorHeight();
        boxes.add(new double[]{-body.halfWidth(), floor - base.floor(), body.halfWidth(), body.heightAboveGround()});
        for (int side = -1; side <= 1; side += 2) {
            double y = side * base.axle().track() / 2;
            boxes.add(new double[]{y - base.axle().tyreWidth() / 2, 0, y + base.axle().tyreWidth() / 2,
                    base.axle().wheelDiameter()});
        }
        for (Thing t : design.things()) {
            if (t.mount() == Mount.OUTSIDE && !t.place().away()) {
                Solid s = Solid.of(t.size(), t.place());
                boxes.add(new double[]{s.minY(), floor + s.z1(), s.maxY(), floor + s.z2()});
            }
        }
        double[] cuts = boxes.stream().flatMapToDouble(b -> java.util.stream.DoubleStream.of(b[0], b[2])).sorted()
                .distinct().toArray();
        double area = 0;
        for (int i = 1; i < cuts.length; i++) {
            double middle = (cuts[i - 1] + cuts[i]) / 2;
            area += (cuts[i] - cuts[i - 1]) * covered(boxes, middle);
        }
        return area;
    }

    private static double covered(List<double[]> boxes, double y) {
        List<double[]> here = boxes.stream().filter(b -> y > b[0] && y < b[2])
                .sorted(Comparator.comparingDouble(b -> b[1])).toList();
        double high = 0;
        double top = Double.NEGATIVE_INFINITY;
        for (double[] b : here) {
            high += Math.max(0, b[3] - Math.max(b[1], top));
            top = Math.max(top, b[3]);
        }
        return high;
    }

    /// The hatch as what turns: the profile behind the hinge. Heights above the floor; empty where nothing lies behind it.
    public static Optional<HatchSwing> swing(Body body, Carcass.Hatch hatch) {
        double z = body.roofOutside().at(hatch.hinge());
        List<double[]> outline = new ArrayList<>();
        outline.add(new double[]{hatch.hinge(), z});
        List<double[]> line = body.profile().map(ProfileLine::overhead).orElseGet(() -> square(body));
        for (double[] q : line) {
            boolean behind = q[0] > hatch.hinge() + 1e-6;
            if (behind && q[1] > hatch.sill()) {
                outline.add(q);
            } else if (behind && outline.size() > 1) {
                double[] p = outline.getLast();
                double t = (p[1] - hatch.sill()) / (p[1] - q[1]);
                outline.add(new double[]{p[0] + t * (q[0] - p[0]), hatch.sill()});
                break;
            }
        }
        return outline.size() < 3
                ? Optional.empty()
                : Optional.of(new HatchSwing(outline.getFirst(), outline, hatch.open()));
    }

    /// The roof and the upright rear wall of a body without a profile.
    private static List<double[]> square(Body body) {
        if (body.open()) {
            return List.of();
        }
        double high = body.roofOutside().at(body.length());
        return List.of(new double[]{body.length(), high}, new double[]{body.length(), 0});
    }

    /// Things that are fixed to the hatch and move with it: set into it, or standing on its outside. The leaf itself, a thing
    /// with struts, is none of them.
    public static List<Thing> onHatch(Design design, HatchSwing swing) {
        return design.things().stream().filter(t -> !t.has(Feature.Lid.class)).filter(t -> switch (t.mount()) {
            case SET_IN -> swing.carries(t.place().x(), t.place().z() + t.size().height() / 2, 0.12);
            case OUTSIDE -> t.fix() == Fix.FIXED && swing.carries(t.place().x(),
                    t.place().z() + t.size().height() / 2, 0.06 + t.size().height() / 2 + t.size().length() / 2)
                    && t.place().z() + t.size().height() > swing.outline().getLast()[1];
            default -> false;
        }).toList();
    }

    private static Study hatch(Design design, HatchSwing swing) {
        Study.Notebook book = new Study.Notebook("shell.hatch", Stage.BASE, "Rear hatch", "");
        double floor = design.base().floorHeight();
        String source = "rotation of the rigid outline about the hinge";
        double[] lip = swing.lip();
        book.figure("shell.hatch.rear", "Reaches back to", design.base().tongueLength() + swing.farthestRear(),
                Quantity.LENGTH, "max H_x + r cos", Sentence.of("behind the ball; {0} behind the body",
                        Amount.m(swing.farthestRear() - design.base().shell().length())),
                source);
        book.figure("shell.hatch.top", "Reaches up to", floor + swing.highest(), Quantity.LENGTH, "max H_z + r sin",
                Sentence.of("above the ground"), source);
        OptionalDouble head = swing.headroom(lip[0] - COOK);
        double room = head.isPresent() ? floor + head.getAsDouble() : floor + lip[1];
        book.figure("shell.hatch.headroom", "Headroom under it", room, Quantity.LENGTH,
                "lowest of the open hatch above the cook",
                Sentence.of("{0} inside its lip", Amount.m(COOK)), source);
        double tallest = design.brief().people().stream().mapToDouble(Person::height).max().orElse(0);
        double need = new Needs(tallest).standing();
        if (tallest > 0 && room < need) {
            book.say(ProfileRules.SHELL_HATCH_HEADROOM, Severity.WARN,
                    Sentence.of("Nobody of {0} stands under the hatch", Amount.m(tallest)),
                    Sentence.of("It leaves {0} at {1} open; {2} is needed.", Amount.m(room),
                            new Amount(swing.open(), Quantity.ANGLE), Amount.m(need)));
        }
        List<Thing> carried = onHatch(design, swing);
        double mass = carried.stream().mapToDouble(t -> t.mass().value()).sum();
        if (mass > 0) {
            book.figure("shell.hatch.carried", "Things fixed to it weigh", mass, Quantity.MASS, "Σm",
                    Sentence.of(String.join(", ", carried.stream().map(Thing::name).toList())), "sum");
        }
        double blocked = Double.POSITIVE_INFINITY;
        Thing by = null;
        for (Thing t : design.things()) {
            if (t.mount() == Mount.OUTSIDE && !t.at(Mode.CAMP).away() && !carried.contains(t)) {
                Solid s = Solid.of(t.size(), t.at(Mode.CAMP));
                Optional<Double> at = swing.blockedBy(s.minX(), s.z1(), s.maxX(), s.z2());
                if (at.isPresent() && at.get() < blocked) {
                    blocked = at.get();
                    by = t;
                }
            }
        }
        if (by != null) {
            book.say(ProfileRules.SHELL_HATCH_BLOCKED, Severity.STOP,
                    Sentence.of("{0} stops the hatch at {1}", by.name(), new Amount(blocked, Quantity.ANGLE)),
                    Sentence.of("It should open {0}. Move it away from the hinge, or open the hatch less.",
                            new Amount(swing.open(), Quantity.ANGLE)),
                    List.of(by.id()));
        }
        Sketch.Board board = new Sketch.Board("Shut and open");
        board.path(Sketch.Pen.SOLID, swing.outline()).path(Sketch.Pen.MAIN, swing.at(swing.open()));
        for (int i = 1; i < 6; i++) {
            board.path(Sketch.Pen.DASHED, List.of(swing.hinge(), last(swing.at(swing.open() * i / 6))));
        }
        board.line(Sketch.Pen.THIN, swing.hinge()[0] - 0.4, -floor, lip[0] + 0.5, -floor);
        if (tallest > 0) {
            double x = lip[0] - COOK;
            board.line(Sketch.Pen.DASHED, x, -floor, x, -floor + need);
            board.dot(x, -floor + need, Sentence.of("{0}", Amount.m(need)));
        }
        board.dot(swing.hinge()[0], swing.hinge()[1], Sentence.of("hinge"));
        return book.sketch(board.done()).note("Set the hinge at the highest place of the roof or behind it, never on a"
                + " slope that drains into it.").done();
    }

    private static double[] last(List<double[]> line) {
        return line.getLast();
    }

    private static Study lift(Design design, Bodies bodies, Carcass.Lift l) {
        Study.Notebook book = new Study.Notebook("shell.lift", Stage.BASE, "Lifting top", "");
        Body road = bodies.road();
        Body camp = bodies.in(Mode.CAMP);
        double length = road.length();
        double width = 2 * road.halfWidth();
        double wall = design.base().wall();
        int layers = l.layers(width - 2 * wall, length - 2 * wall);
        double stack = layers * l.panel();
        book.figure("shell.lift.height", "Standing height in camp", camp.roofInside().highest(), Quantity.LENGTH,
                "roof + rise", Sentence.of("{0} + {1}", Amount.m(camp.roofInside().highest() - l.rise()),
                        Amount.m(l.rise())),
                "sum");
        book.figure("shell.lift.road", "Clear height on the road", road.roofInside().highest(), Quantity.LENGTH,
                "roof − folded panels", Sentence.of("{0} − {1}", Amount.m(road.roofInside().highest() + stack),
                        Amount.m(stack)),
                "sum");
        book.figure("shell.lift.stack", "Folded panels take", stack, Quantity.LENGTH,
                "layers × panel", Sentence.of("{0} layers of {1}, panels {2} high", layers, Amount.m(l.panel()),
                        Amount.m(l.panelHeight())),
                "a pair of panels lies in one layer where twice its height fits inside");
        if (l.panelHeight() < l.rise() - 1e-9) {
            book.say(ProfileRules.SHELL_LIFT_GAP, Severity.WARN,
                    Sentence.of("The side panels are too low for the raised top"),
                    Sentence.of("They stand {0} high; it rises {1}: {2} stays open.", Amount.m(l.panelHeight()),
                            Amount.m(l.rise()), Amount.m(l.rise() - l.panelHeight())));
        }
        book.figure("shell.lift.force", "Each lifter carries", (l.mass() * Units.GRAVITY + l.drag()) / l.lifters(),
                Quantity.FORCE, "(m g + seal drag)/n", Sentence.of("{0} and {1} on {2}", Amount.kg(l.mass()),
                        new Amount(l.drag(), Quantity.FORCE), l.lifters()),
                "statics");
        book.figure("shell.lift.panels", "Panels", 2 * (length + width) * l.panelHeight(), Quantity.AREA,
                "2 (L + W) × panel height", Sentence.of("{0} round", Amount.m(2 * (length + width))), "plane geometry");
        double tallest = design.brief().people().stream().mapToDouble(Person::height).max().orElse(0);
        double need = new Needs(tallest).standing();
        if (tallest > 0 && camp.roofInside().highest() < need) {
            book.say(ProfileRules.SHELL_LIFT_LOW, Severity.NOTE,
                    Sentence.of("The raised top is too low to stand under"),
                    Sentence.of("It gives {0}; {1} needs {2}. A rise of {3} would do.",
                            Amount.m(camp.roofInside().highest()), Amount.m(tallest), Amount.m(need),
                            Amount.m(l.rise() + need - camp.roofInside().highest())));
        }
        double drawn = Assumed.value(design, Assumption.MINUTES_LIFT);
        return book.note("Raising or lowering it takes {0}.", Amount.hours(drawn))
                .caution("Lock a raised top before anyone is under or in it.").done();
    }

    /// Height of the outside, from its true arcs and curves \[m\].
    private static double top(Body body, double x) {
        return body.profile().map(p -> p.outline().top(x)).filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble).orElseGet(() -> body.roofOutside().at(x));
    }

    /// One row of an offset table.
    ///
    /// @param x      behind the front of the body \[m\]
    /// @param z      outside, above the floor \[m\]
    /// @param inside clear height \[m\]; NaN where there is none
    /// @param slope  of the outside \[rad\]
    public record Offset(double x, double z, double inside, double slope) {
    }

    /// Heights of the profile every `step` from the front, and at every point of it.
    ///
    /// @param step > 0 \[m\]
    public static List<Offset> offsets(Base base, double step) {
        Body body = Body.of(base);
        List<Double> xs = new ArrayList<>();
        for (double x = 0; x < body.length(); x += step) {
            xs.add(x);
        }
        xs.add(body.length());
        if (base.shell() instanceof Shell.Profile p) {
            p.points().forEach(q -> xs.add(q.x()));
        }
        base.carcass().hatch().ifPresent(h -> xs.add(h.hinge()));
        return xs.stream().map(x -> Math.round(x * 1e6) / 1e6).sorted().distinct().map(x -> {
            double e = 1e-5;
            double from = Math.max(0, x - e);
            double to = Math.min(body.length(), x + e);
            double slope = Math.atan2(top(body, to) - top(body, from), to - from);
            boolean within = x >= body.insideFront() && x <= body.insideRear();
            return new Offset(x, top(body, x), within ? body.roofInside().at(x) : Double.NaN, slope);
        }).toList();
    }
}
