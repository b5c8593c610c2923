package lectulum.brief.height;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.balance.RigPicture;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.design.brief.Kept;
import lectulum.design.brief.Travel;
import lectulum.design.thing.Mount;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.bodies.Needs;
import lectulum.kernel.plane.Covered;
import lectulum.kernel.towing.Drag;
import lectulum.layout.Layout;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// The stack of heights, and what the front of the camper costs in fuel.
public final class HeightStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("height", "Height and drag", Stage.BRIEF,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.VEHICLE, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.SETTINGS), in.of(Bodies.DISCIPLINE), in.of(Balance.DISCIPLINE)));

    private static final int POINTS = 18;
    private static final double SLOWEST = 14;
    private static final double STEP = 1;
    /// Lowest part of the vehicle above the ground \[m\] (assumed).
    private static final double UNDER_VEHICLE = 0.18;
    /// A nosed or curved front is met with so much of the drag of a flat one (assumed).
    private static final double SLEEK = 0.7;

    private HeightStudies() {
    }

    static List<Study> of(Design design, Bodies bodies, Balance balance) {
        return List.of(stack(design, bodies), drag(design, bodies.road(), balance));
    }

    private static Study stack(Design design, Bodies bodies) {
        Study.Notebook book = new Study.Notebook("stack", Stage.BRIEF, "From the ground to the top", "");
        Base base = design.base();
        Body road = bodies.road();
        double top = Layout.highest(design, road);
        boolean open = base.shell() instanceof Shell.Tray;
        String source = "sum, on the road";
        book.figure("height.floor", "Floor above the ground", base.floorHeight(), Quantity.LENGTH, "as entered",
                Sentence.of("{0}", Amount.m(base.floorHeight())), "entered on Base");
        if (!open) {
            double inside = road.roofInside().highest();
            book.figure("height.inside", "Highest inside, on the road", inside, Quantity.LENGTH, "outside − roof",
                    Sentence.of("{0} − {1}", Amount.m(base.shell().height()), Amount.m(base.shell().height() - inside)),
                    source);
            double camp = bodies.in(Mode.CAMP).roofInside().highest();
            if (camp > inside + 1e-6) {
                book.figure("height.raised", "Highest inside, in camp", camp, Quantity.LENGTH, "the top raised",
                        Sentence.of("{0} more", Amount.m(camp - inside)), "sum");
            }
            double tallest = design.brief().tallest();
            if (tallest > 0) {
                double need = new Needs(tallest).standing();
                book.figure("height.stand", "Over the head of the tallest, in camp", camp - tallest, Quantity.LENGTH,
                        "inside − stature", Sentence.of("{0} − {1}; {2} is needed to stand", Amount.m(camp),
                                Amount.m(tallest), Amount.m(need)),
                        "brief: who travels");
            }
        }
        book.figure("height.kit", "On the roof", Math.max(0, top - road.heightAboveGround()), Quantity.LENGTH,
                "highest − body", Sentence.of("{0} − {1}", Amount.m(top), Amount.m(road.heightAboveGround())), source);
        book.figure("height.top", "Highest point", top, Quantity.LENGTH, "floor + body + what is on it",
                Sentence.of("{0} of body over the floor", Amount.m(road.heightAboveGround() - base.floorHeight())),
                source);
        Kept kept = design.brief().kept();
        double stands = top + Assumed.value(design, Assumption.DROOP);
        kept.height().ifPresentOrElse(
                door -> book.note("The door where it is kept is {0} high; unloaded it stands {1}: {2}.", Amount.m(door),
                        Amount.m(stands), door >= stands ? "it goes in" : "it does not"),
                () -> book.note("No door is given on the brief: it may be as high as the road allows."));
        kept.branch().ifPresent(low -> book.note("The lowest branch or arch on the way is {0}: {1} over it.",
                Amount.m(low), Amount.m(Math.max(0, low - top))));
        return book.sketch(picture(design, road, top, kept)).done();
    }

    private static Sketch picture(Design design, Body body, double top, Kept kept) {
        Sketch.Board board = new Sketch.Board("From behind");
        double half = Math.max(body.halfWidth(), (design.base().axle().track() + design.base().axle().tyreWidth()) / 2);
        double wide = half + 0.9;
        board.line(Sketch.Pen.SOLID, -wide, 0, wide, 0);
        new RigPicture(design, body, board).trailerFromBehind(p -> new double[]{p[0], p[1]});
        for (Solid s : outside(design).stream().filter(s -> s.z1() > design.base().shell().height() - 0.05).toList()) {
            board.box(Sketch.Pen.SOLID, s.minY(), design.base().floorHeight() + s.z1(), s.maxY(),
                    design.base().floorHeight() + s.z2());
        }
        board.dimension(-half - 0.25, 0, -half - 0.25, design.base().floorHeight(),
                Sentence.of("{0}", Amount.m(design.base().floorHeight())));
        board.dimension(half + 0.25, 0, half + 0.25, top, Sentence.of("{0}", Amount.m(top)));
        kept.height().ifPresent(h -> {
            board.line(Sketch.Pen.DASHED, -wide, h, wide, h);
            board.name(-wide + 0.4, h + 0.06, Sentence.of("door {0}", Amount.m(h)));
        });
        kept.branch().ifPresent(h -> {
            board.line(Sketch.Pen.DASHED, -wide, h, wide, h);
            board.name(wide - 0.4, h + 0.06, Sentence.of("branch {0}", Amount.m(h)));
        });
        return board.done();
    }

    private static List<Solid> outside(Design design) {
        return design.things().stream().filter(t -> t.mount() == Mount.OUTSIDE && !t.place().away())
                .map(t -> Solid.of(t.size(), t.place())).toList();
    }

    /// What the air meets of it from ahead, above the ground: y1, z1, y2, z2.
    private static List<double[]> front(Design design, Body body) {
        Base base = design.base();
        List<double[]> all = new ArrayList<>();
        double floor = base.floorHeight();
        all.add(new double[]{-body.halfWidth(), floor - base.floor(), body.halfWidth(), body.heightAboveGround()});
        double tyre = base.axle().tyreWidth() / 2;
        for (int side : new int[]{-1, 1}) {
            double y = side * base.axle().track() / 2;
            all.add(new double[]{y - tyre, 0, y + tyre, Math.max(0.1, base.axle().wheelDiameter())});
        }
        for (Solid s : outside(design)) {
            all.add(new double[]{s.minY(), Math.max(0, floor + s.z1()), s.maxY(), Math.max(0, floor + s.z2())});
        }
        return all;
    }

    /// What a camper adds to the resistance of its vehicle.
    public static Drag drag(Design design, Body body, double mass) {
        List<double[]> front = front(design, body);
        double whole = Covered.area(front);
        double height = Assumed.value(design, Assumption.AIR_HEIGHT);
        double half = Assumed.value(design, Assumption.TOW_HALF);
        double[] vehicle = {-half, UNDER_VEHICLE, half, height > 0 ? height : usual(design)};
        double shade = Covered.area(front.stream().map(r -> Covered.within(r, vehicle)).toList());
        boolean sleek = design.base().shell() instanceof Shell.Profile || design.base().shell() instanceof Shell.Nosed;
        return new Drag(Math.max(0, whole - shade), shade,
                Assumed.value(design, Assumption.AIR_EXPOSED) * (sleek ? SLEEK : 1),
                Assumed.value(design, Assumption.AIR_SHADE), Assumed.value(design, Assumption.AIR_ROLLING), mass);
    }

    private static double usual(Design design) {
        return switch (design.vehicle().looks()) {
            case CAR -> 1.45;
            case ESTATE -> 1.65;
            case PICKUP -> 1.80;
        };
    }

    /// Fuel that a camper takes in a year beyond the vehicle alone \[m³\], at the speed of the road.
    public static double fuelInAYear(Design design, Drag drag) {
        return fuel(design, drag, Assumed.value(design, Assumption.ROAD_SPEED), design.brief().travel().distance());
    }

    private static double fuel(Design design, Drag drag, double speed, double distance) {
        boolean diesel = design.vehicle().papers().diesel();
        return drag.fuel(speed, distance, diesel ? Drag.Fuel.DIESEL : Drag.Fuel.PETROL,
                Assumed.value(design, diesel ? Assumption.AIR_DIESEL : Assumption.AIR_PETROL));
    }

    private static Study drag(Design design, Body body, Balance balance) {
        Study.Notebook book = new Study.Notebook("drag", Stage.BRIEF, "Its front, and the fuel it takes", "");
        Optional<LoadedState> departure = balance.state(LoadCase.DEPARTURE.id());
        double mass = departure.map(LoadedState::mass).orElse(0.0);
        Drag drag = drag(design, body, mass);
        Travel travel = design.brief().travel();
        double speed = Assumed.value(design, Assumption.ROAD_SPEED);
        String source = "½ρv²ΔCdA + Crr·m·g; drag of vehicles with caravans after Hucho; see docs/method/brief.md";
        book.figure("drag.front", "Frontal area", drag.exposed() + drag.shade(), Quantity.AREA,
                "body, wheels and what is outside, each place once",
                Sentence.of("{0} of it stand out beside the vehicle", new Amount(drag.exposed(), Quantity.AREA)),
                "geometry");
        book.figure("drag.exposed", "Of it, not covered by the vehicle", drag.exposed(), Quantity.AREA,
                "front − what the vehicle covers",
                Sentence.of("{0} − {1}", new Amount(drag.exposed() + drag.shade(), Quantity.AREA),
                        new Amount(drag.shade(), Quantity.AREA)),
                "geometry");
        book.figure("drag.force", "Pull it adds", drag.force(speed), Quantity.FORCE, "½ρv²ΔCdA + Crr·m·g",
                Sentence.of("at {0}, with {1}", new Amount(speed, Quantity.SPEED), Amount.kg(mass)), source);
        book.figure("drag.hundred", "Fuel it adds on 100 km (62 mi)", fuel(design, drag, speed, 1e5), Quantity.VOLUME,
                "pull × distance/(share that becomes work × heat in the fuel)",
                Sentence.of("{0}, at {1}", design.vehicle().papers().diesel() ? "diesel" : "petrol",
                        new Amount(speed, Quantity.SPEED)),
                source);
        double year = fuelInAYear(design, drag);
        book.figure("drag.year", "Fuel it adds in a year", year, Quantity.VOLUME, "the same over the distance a year",
                Sentence.of("{0} a year; {1} to {2} with what is not known", new Amount(travel.distance(),
                        Quantity.DISTANCE), Amount.litres(year * (1 - Drag.DOUBT)),
                        Amount.litres(year * (1 + Drag.DOUBT))),
                source);
        double slower = fuel(design, drag, speed - 10 / 3.6, travel.distance());
        book.note("A rough estimate: {0} to {1} a year. {2} slower saves {3}.", Amount.litres(year * (1 - Drag.DOUBT)),
                Amount.litres(year * (1 + Drag.DOUBT)), new Amount(10 / 3.6, Quantity.SPEED),
                Amount.litres(year - slower));
        double[] x = new double[POINTS];
        double[] y = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            x[i] = SLOWEST + i * STEP;
            y[i] = fuel(design, drag, x[i], 1e5);
        }
        return book.chart(new Chart("Fuel it adds on 100 km (62 mi), over speed", "speed", Quantity.SPEED, "",
                Quantity.VOLUME, List.of(new Chart.Curve("estimate", x, y)), List.of())).done();
    }
}
