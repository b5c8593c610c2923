package lectulum.analysis;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Sheet;
import lectulum.base.walls.WallStudies;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.base.Survey;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.beams.WallCut;
import lectulum.kernel.survey.SixTapes;
import lectulum.layout.Layout;
import lectulum.layout.keeping.Keeping;
import lectulum.layout.moving.StrutStudies;
import lectulum.layout.outside.OutsideStudies;
import lectulum.layout.people.Comfort;
import lectulum.layout.people.People;
import lectulum.space.Body;
import lectulum.space.Faces;
import lectulum.space.Solid;
import lectulum.space.TrueShape;
import lectulum.units.Quantity;

/// What would mend the findings about shell, holes, mechanisms, loading and what is around the camper. Candidates only:
/// every one is judged by all checks before it is offered.
final class WorkshopRemedies {
    private static final Set<String> RULES = Set.of("survey", "shell", "cut", "mount", "lid", "lift", "slide", "bearer",
            "leg", "hung", "cable", "hoist", "tambour", "load", "out", "frame", "bunk", "seat", "worktop", "park",
            "floor", "gear");

    private WorkshopRemedies() {
    }

    static boolean knows(String finding) {
        return RULES.contains(finding.substring(0, Math.max(0, finding.indexOf('.'))));
    }

    static Stream<Remedy> of(Analysis analysis, Finding finding) {
        Design d = analysis.design();
        String id = finding.id();
        Optional<Thing> thing = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        return switch (id.substring(0, Math.max(0, id.indexOf('.')))) {
            case "survey" -> survey(d, id);
            case "shell" -> shell(d, id);
            case "cut", "mount" -> thing.stream().flatMap(t -> alongTheWall(analysis, t));
            case "lid" -> thing.stream().flatMap(t -> lid(d, t));
            case "lift" -> thing.stream().flatMap(t -> rising(d, t, id));
            case "slide" -> thing.stream().flatMap(t -> slide(t));
            case "park" -> thing.stream().flatMap(t -> shorter(t));
            case "bearer", "leg", "hung", "cable", "hoist", "tambour" -> thing.stream().flatMap(t -> parts(d, t));
            case "load" -> thing.stream().flatMap(t -> loading(t, id));
            case "out" -> outside(d, thing, id);
            case "frame" -> frame(d);
            case "gear" -> GearRemedies.of(d, id);
            case "floor" -> thing.stream().flatMap(t -> steps(analysis, t));
            case "bunk" -> bunk(analysis, finding);
            case "seat", "worktop" -> thing.stream().flatMap(t -> height(analysis, t, id));
            default -> Stream.empty();
        };
    }

    private static Remedy feature(Thing t, Feature feature, Sentence says) {
        return new Remedy(says, new Edit("Change " + t.name(), d -> d.mapping(t.id(), x -> x.with(feature))));
    }

    private static Remedy base(Sentence says, String name, UnaryOperator<lectulum.design.base.Base> change) {
        return new Remedy(says, new Edit(name, d -> d.with(change.apply(d.base()))));
    }

    /// Readings that would close the six tapes; a narrower frame.
    private static Stream<Remedy> survey(Design d, String id) {
        Survey s = d.base().survey();
        if (id.equals("survey.residual") && s.tapes().isPresent()) {
            return TrueShape.tapes(s.tapes().get()).closings().stream()
                    .sorted(java.util.Comparator.comparing((SixTapes.Closing c) -> !c.slip())
                            .thenComparingDouble(c -> Math.abs(c.change())))
                    .map(c -> base(Sentence.of("Take the {0} as {1}", c.name(), Amount.m(c.value())),
                            "Correct the " + c.name(), b -> b.with(s.with(Optional.of(closed(s.tapes().get(), c))))));
        }
        if (id.equals("survey.tight") && s.frame().isPresent()) {
            Survey.Rigid f = s.frame().get();
            double free = 2 * (f.guide() + Assumed.value(d, "clear.rising"));
            return Body.of(d.base()).shape().box().stream().map(b -> {
                double clear = b
                        .best(new lectulum.kernel.survey.LeaningBox.Frame(f.length(), f.centre(), f.low(), f.high()))
                        .width();
                double width = Math.floor((clear - free) * 1000) / 1000;
                return base(Sentence.of("Make the frame {0} wide", Amount.m(width)), "Narrower frame",
                        x -> x.with(s.withFrame(Optional.of(new Survey.Rigid(f.length(), width, f.centre(), f.low(),
                                f.high(), f.guide())))));
            });
        }
        return Stream.empty();
    }

    private static Survey.Tapes closed(Survey.Tapes t, SixTapes.Closing c) {
        double v = c.value();
        return switch (c.name()) {
            case "front width" -> new Survey.Tapes(v, t.left(), t.right(), t.diagonalA(), t.diagonalB(), t.rear());
            case "left side" -> new Survey.Tapes(t.front(), v, t.right(), t.diagonalA(), t.diagonalB(), t.rear());
            case "right side" -> new Survey.Tapes(t.front(), t.left(), v, t.diagonalA(), t.diagonalB(), t.rear());
            case "diagonal front left to rear right" -> new Survey.Tapes(t.front(), t.left(), t.right(), v,
                    t.diagonalB(), t.rear());
            case "diagonal front right to rear left" -> new Survey.Tapes(t.front(), t.left(), t.right(),
                    t.diagonalA(), v, t.rear());
            default -> new Survey.Tapes(t.front(), t.left(), t.right(), t.diagonalA(), t.diagonalB(), v);
        };
    }

    private static Stream<Remedy> shell(Design d, String id) {
        Carcass c = d.base().carcass();
        if (id.equals("shell.arcs") && d.base().shell() instanceof Shell.Profile p) {
            return lectulum.space.ProfileLine.of(p.points()).flatMap(lectulum.space.ProfileLine::crowded).stream()
                    .map(w -> base(Sentence.of("Round both with {0}", Amount.m(floor(w.largest()))), "Smaller arcs",
                            b -> b.with(new Shell.Profile(p.width(),
                                    IntStream.range(0, p.points().size()).mapToObj(i -> {
                                        Shell.Profile.Point q = p.points().get(i);
                                        return i == w.node() || i == w.next()
                                                ? new Shell.Profile.Point(q.x(), q.z(), q.corner(),
                                                        Math.min(q.radius(), floor(w.largest())))
                                                : q;
                                    }).toList()))));
        }
        if (id.equals("shell.radius")) {
            return c.skin().stream().flatMap(s -> Sheet.all().stream()
                    .flatMap(sheet -> Stream.of(true, false).filter(a -> a || sheet.along().isPresent())
                            .map(across -> new Carcass.Skin(sheet.id(), across, s.layers())))
                    .filter(x -> !x.equals(s)).map(x -> base(
                            Sentence.of("Skin it with {0}, bent {1} the grain",
                                    Sheet.find(x.sheet()).map(Sheet::label).orElse(""),
                                    x.across() ? "across" : "along"),
                            "Other skin", b -> b.with(c.withSkin(Optional.of(x))))));
        }
        if (id.startsWith("shell.hatch")) {
            return c.hatch().stream()
                    .flatMap(h -> DoubleStream.of(-5, -10, -15, -20, 5, 10, 15, 20, 25).mapToObj(
                            by -> new Carcass.Hatch(h.hinge(), h.open() + Math.toRadians(by)))
                            .filter(x -> x.open() > 0.3 && x.open() < 2.2)
                            .map(x -> base(Sentence.of("Open the hatch to {0}", new Amount(x.open(), Quantity.ANGLE)),
                                    "Hatch angle", b -> b.with(c.withHatch(Optional.of(x))))));
        }
        if (id.equals("shell.lift.low")) {
            return c.lift().stream().flatMap(l -> IntStream.rangeClosed(1, 12).mapToObj(i -> new Carcass.Lift(
                    l.rise() + 0.05 * i, l.panel(), l.mass(), l.drag(), l.lifters())))
                    .map(l -> base(Sentence.of("Raise the top by {0}", Amount.m(l.rise())), "Rise of the top",
                            b -> b.with(c.withLift(Optional.of(l)))));
        }
        return Stream.empty();
    }

    private static double floor(double metres) {
        return Math.floor(metres * 1000) / 1000;
    }

    /// A hole or a hung thing moved along its wall.
    private static Stream<Remedy> alongTheWall(Analysis analysis, Thing t) {
        Design d = analysis.design();
        Carcass.Face face = Faces.of(analysis.of(Layout.DISCIPLINE).body(), t, Mode.ROAD);
        Carcass.Framing f = d.base().carcass().framing().get(face);
        Solid s = Solid.of(t.size(), t.place());
        if (t.has(Feature.Screwed.class)) {
            face = t.feature(Feature.Screwed.class).orElseThrow().to();
            f = d.base().carcass().framing().get(face);
        }
        boolean across = face == Carcass.Face.FRONT || face == Carcass.Face.REAR;
        Stream<Double> shifts = Stream.of(0.05, -0.05, 0.1, -0.1, 0.15, -0.15, 0.2, -0.2, 0.3, -0.3, 0.4, -0.4);
        if (f != null && !f.studs().isEmpty()) {
            double from = across ? s.minY() : s.minX();
            double to = across ? s.maxY() : s.maxX();
            WallCut cut = new WallCut(f.studs().stream().mapToDouble(x -> x).toArray(), f.width(), WallCut.GAP);
            double best = cut.best(from, to, -20, 20).by();
            double onto = WallStudies.shift(f, s, Assumed.value(d, "stud.edge")).orElse(0.0);
            double row = WallStudies.ontoMembers(d, t).orElse(0.0);
            shifts = Stream.concat(Stream.of(row, best, onto).filter(x -> Math.abs(x) > 1e-4), shifts);
        }
        return shifts.map(by -> across
                ? LayoutRemedies.move(t, Mode.ROAD, Math.abs(by), 0, Math.signum(by), 0)
                : LayoutRemedies.move(t, Mode.ROAD, Math.abs(by), Math.signum(by), 0, 0));
    }

    private static Stream<Remedy> lid(Design d, Thing t) {
        Feature.Lid f = t.feature(Feature.Lid.class).orElseThrow();
        return StrutStudies.chosen(d, t, f).stream().map(b -> feature(t, b,
                Sentence.of("{0} struts of {1}, {2} long, body mount at {3} out and {4} down", b.struts(),
                        new Amount(b.force(), Quantity.FORCE), Amount.m(b.extended()), Amount.m(b.bodyX()),
                        Amount.m(-b.bodyZ()))));
    }

    private static Stream<Remedy> rising(Design d, Thing t, String id) {
        Feature.Rising r = t.feature(Feature.Rising.class).orElseThrow();
        if (id.startsWith("lift.unlocked.")) {
            return Stream.of(feature(t, new Feature.Rising(r.low(), r.high(), r.centre(), r.frontX(), r.frontZ(),
                    r.frontBed(), r.rearX(), r.rearZ(), r.rearBed(), r.frontForce(), r.rearForce(), r.ratio(),
                    r.stroke(), r.extended(), r.depth(), r.play(), true),
                    Sentence.of("Give it pins for the road and ledges for the night")));
        }
        return StrutStudies.chosen(d, t, r).stream()
                .map(b -> feature(t, b, Sentence.of("Front struts of {0}, rear struts of {1}",
                        new Amount(b.frontForce(), Quantity.FORCE), new Amount(b.rearForce(), Quantity.FORCE))));
    }

    private static Stream<Remedy> slide(Thing t) {
        Feature.Rails r = t.feature(Feature.Rails.class).orElseThrow();
        Feature.Drawer f = t.feature(Feature.Drawer.class).orElseThrow();
        double third = Math.ceil(f.travel() / 3 * 1000) / 1000;
        Stream<Remedy> stronger = DoubleStream.of(1.25, 1.5, 2, 3).map(k -> Math.ceil(k * r.rated() / 5) * 5)
                .mapToObj(rated -> feature(t, new Feature.Rails(Math.max(r.overlap(), third), rated, r.stiffness()),
                        Sentence.of("Runners for {0} with {1} left in", Amount.kg(rated),
                                Amount.m(Math.max(r.overlap(), third)))));
        return Stream.concat(stronger, shorter(t));
    }

    private static Stream<Remedy> shorter(Thing t) {
        return t.feature(Feature.Drawer.class).stream().flatMap(f -> DoubleStream.of(0.8, 0.6, 0.4)
                .map(k -> Math.round(k * f.travel() * 100) / 100.0)
                .mapToObj(travel -> feature(t, new Feature.Drawer(f.face(), travel),
                        Sentence.of("Pull it out only {0}", Amount.m(travel)))));
    }

    private static Stream<Remedy> parts(Design d, Thing t) {
        return t.features().stream().flatMap(f -> switch (f) {
            case Feature.Bearers b -> Stream.concat(
                    DoubleStream.of(1.25, 1.5, 2).map(k -> Math.ceil(k * b.thick() * 1000) / 1000)
                            .mapToObj(thick -> feature(t,
                                    b.sized(b.count(), thick),
                                    Sentence.of("Bars {0} thick", Amount.m(thick)))),
                    Stream.of(feature(t,
                            b.sized(2 * b.count(), b.thick()),
                            Sentence.of("{0} bars", 2 * b.count()))));
            case Feature.Leg l -> Stream.concat(
                    DoubleStream.of(1.25, 1.5, 2).map(k -> Math.ceil(k * l.thick() * 1000) / 1000)
                            .mapToObj(thick -> feature(t,
                                    new Feature.Leg(l.length(), thick, Math.max(thick, l.wide()), l.stuff(), l.load(),
                                            true),
                                    Sentence.of("A leg {0} thick that locks", Amount.m(thick)))),
                    Stream.of(feature(t, new Feature.Leg(l.length(), l.thick(), l.wide(), l.stuff(), l.load(), true),
                            Sentence.of("A lock over centre"))));
            case Feature.Hung h -> IntStream.of(2, 3, 4).mapToObj(k -> feature(t,
                    new Feature.Hung(h.off(), h.rows(), k * h.top(), k * h.all(), h.pull(), h.shear()),
                    Sentence.of("{0} fixings, {1} of them above", k * h.all(), k * h.top())));
            case Feature.Cables c -> Stream.of(45, 60, 75).map(Math::toRadians)
                    .flatMap(a -> IntStream.of(1, 2).mapToObj(k -> feature(t,
                            new Feature.Cables(k * c.lines(), Math.max(a, c.angle()), c.strength()),
                            Sentence.of("{0} cables, {1} above the level", k * c.lines(),
                                    new Amount(Math.max(a, c.angle()), Quantity.ANGLE)))));
            case Feature.Hoist h -> Stream.of(1.0, 1.5, 2.0, 3.0)
                    .map(k -> feature(t,
                            new Feature.Hoist(h.lines(), h.sheaves(), h.drum(), h.crank(), k * h.gear(), true),
                            Sentence.of("A gear of {0} that holds by itself", Amount.count(k * h.gear()))));
            case Feature.RollFront r -> DoubleStream.of(0.8, 0.6, 0.4)
                    .map(k -> Math.round(k * r.slat() * 1000) / 1000.0)
                    .mapToObj(slat -> feature(t,
                            new Feature.RollFront(slat, r.thick(), r.groove(), r.radius(), r.opening(), r.overlap(),
                                    Math.max(r.run(), r.opening() + r.overlap()), Math.max(r.exit(), slat)),
                            Sentence.of("Slats of {0}, parked in {1}, with a rail that comes off", Amount.m(slat),
                                    Amount.m(Math.max(r.run(), r.opening() + r.overlap())))));
            default -> Stream.<Remedy>empty();
        });
    }

    private static Stream<Remedy> loading(Thing t, String id) {
        Optional<Feature.Carried> carried = t.feature(Feature.Carried.class);
        if (carried.isEmpty()) {
            return Stream.empty();
        }
        Feature.Carried c = carried.get();
        Stream<Remedy> straps = IntStream.rangeClosed(1, 4).mapToObj(k -> feature(t, c.over(c.ramp(), c.straps() + k),
                Sentence.of("{0} straps forwards", c.straps() + k)));
        Stream<Remedy> ramps = IntStream.rangeClosed(1, 20)
                .mapToObj(k -> Math.round((c.ramp() + 0.2 * k) * 100) / 100.0)
                .map(r -> feature(t, c.over(r, c.straps()), Sentence.of("A ramp of {0}", Amount.m(r))));
        Stream<Remedy> both = IntStream.rangeClosed(1, 4)
                .mapToObj(k -> feature(t, c.over(c.ramp(), c.straps() + k).heldBack(c.backStraps() + k),
                        Sentence.of("{0} straps forwards, {1} rearwards", c.straps() + k, c.backStraps() + k)));
        boolean tied = Stream.of("load.lash.", "load.sum.", "load.rings.", "load.aside.").anyMatch(id::startsWith);
        return tied ? Stream.concat(straps, both) : ramps;
    }

    private static Stream<Remedy> outside(Design d, Optional<Thing> thing, String id) {
        if (id.startsWith("out.ladder")) {
            return thing.stream().flatMap(t -> t.feature(Feature.FoldOut.class).stream()
                    .map(f -> feature(t, f.set(f.drop(), ladder(d, t)),
                            Sentence.of("Set the ladder's foot {0} out", Amount.m(ladder(d, t))))));
        }
        return thing.stream().flatMap(t -> t.feature(Feature.FoldOut.class).stream()
                .flatMap(f -> DoubleStream.of(0.1, 0.2, 0.3, 0.4, 0.5, 0.6).mapToObj(more -> feature(t,
                        f.set(f.drop() + more, f.ladder()),
                        Sentence.of("Drop its edge by {0}", Amount.m(f.drop() + more))))));
    }

    private static double ladder(Design d, Thing t) {
        double rail = OutsideStudies.ladderTop(d, t);
        double slope = (Assumed.value(d, "ladder.low") + Assumed.value(d, "ladder.high")) / 2;
        return Math.round(rail / Math.tan(slope) * 100) / 100.0;
    }

    private static Stream<Remedy> frame(Design d) {
        Carcass c = d.base().carcass();
        return c.frame().stream().flatMap(f -> Stream.of(1.25, 1.5, 2.0).flatMap(k -> Stream.of(
                base(Sentence.of("Rails {0} high", Amount.m(k * f.rails().height())), "Higher rails",
                        b -> b.with(
                                c.withFrame(Optional.of(new Carcass.Frame(f.tongue(), f.until(), higher(f.rails(), k),
                                        f.hangers(), f.yield()))))),
                base(Sentence.of("Tongue and rails {0} high", Amount.m(k * f.rails().height())), "Higher frame",
                        b -> b.with(c.withFrame(Optional.of(new Carcass.Frame(higher(f.tongue(), k), f.until(),
                                higher(f.rails(), k), f.hangers(), f.yield()))))))));
    }

    private static Carcass.Member higher(Carcass.Member m, double k) {
        return m.high(Math.round(k * m.height() * 1000) / 1000.0);
    }

    /// An upper bed hung where both can sit up, with what it lies on.
    private static Stream<Remedy> bunk(Analysis analysis, Finding finding) {
        Design d = analysis.design();
        return analysis.of(People.DISCIPLINE).comfort().bunks().stream()
                .filter(b -> finding.things().contains(b.upper()))
                .map((Comfort.Bunks b) -> {
                    Thing upper = d.thing(b.upper()).orElseThrow();
                    Solid top = Solid.of(upper.size(), upper.at(Mode.NIGHT));
                    double now = top.z2() - b.thick();
                    double by = Math.round((b.best().underside() - now) * 1000) / 1000.0;
                    List<String> both = d.things().stream().filter(t -> {
                        Solid s = Solid.of(t.size(), t.at(Mode.NIGHT));
                        return t.solid() && s.z1() >= now - 0.001 && s.z2() <= top.z2() + 0.001
                                && s.levelApartFrom(top).depth() > 0.1;
                    }).map(Thing::id).toList();
                    return new Remedy(
                            Sentence.of("Hang {0} {1} {2}", upper.name(), Amount.m(Math.abs(by)),
                                    by > 0 ? "higher" : "lower"),
                            new Edit("Hang " + upper.name(),
                                    x -> Keeping.moved(x, both, Mode.NIGHT, 0, 0, by)));
                });
    }

    /// Steps that ride under the floor and stand before the door in camp.
    private static Stream<Remedy> steps(Analysis analysis, Thing door) {
        Design d = analysis.design();
        double side = Math.signum(door.place().y()) == 0 ? 1 : Math.signum(door.place().y());
        return Stream.of("step-double-folding", "step-folding").flatMap(id -> Catalogue.shipped().find(id).stream())
                .flatMap(step -> DoubleStream.of(0, 0.6, -0.6, 0.9, -0.9, 1.2, -1.2).mapToObj(off -> {
                    double under = -d.base().floor() - step.size().height() - 0.01;
                    Placement road = new Placement(door.place().x() + off, side * 0.3, under, 0);
                    Placement camp = new Placement(door.place().x(),
                            side * (analysis.of(Layout.DISCIPLINE).body().halfWidth() + step.size().width() / 2 + 0.01),
                            -d.base().floorHeight(), 0);
                    return new Remedy(Sentence.of("Add {0} before {1}", step.name(), door.name()),
                            new Edit("Add a step", x -> x.plus(step.withId(x.freeId("step")).with(road)
                                    .placed(Mode.CAMP, camp))));
                }));
    }

    /// A seat or a table of another height.
    private static Stream<Remedy> height(Analysis analysis, Thing t, String id) {
        double top = Solid.of(t.size(), t.at(Mode.CAMP)).z2();
        return DoubleStream.of(-0.05, 0.05, -0.1, 0.1, -0.15, 0.15, -0.2, 0.2).mapToObj(by -> {
            double high = Math.round((t.size().height() + by) * 1000) / 1000.0;
            return new Remedy(Sentence.of("Build {0} with its top at {1}", t.name(), Amount.m(top + by)),
                    new Edit("Height of " + t.name(), d -> d.mapping(t.id(), x -> x.with(
                            new lectulum.design.thing.Size(x.size().length(), x.size().width(),
                                    Math.max(0.02, high))))));
        });
    }
}
