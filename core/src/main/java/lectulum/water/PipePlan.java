package lectulum.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Spot;
import lectulum.kernel.flow.Drain;
import lectulum.kernel.flow.LowPoints;
import lectulum.kernel.flow.PipeBends;
import lectulum.kernel.flow.PipeNetwork;
import lectulum.kernel.flow.PumpCurve;
import lectulum.space.Body;

/// How a camper is plumbed: a suction line from the tank to the pump, a cold main along a wall, one branch to each tap, a hot
/// main beside it from the heater, waste pipes to the grey tank.
///
/// The main runs at one height along the wall that is chosen; a branch leaves it where its tap stands, goes across and rises. Pipes
/// of a real camper may find shorter ways: lengths are those of this plan, and it says so.
///
/// @param runs   pipes, each with its corners
/// @param net    the cold side; empty without anything that feeds it
/// @param taps   open taps of the net, in order along the main
/// @param hot    the hot line to each tap that has one
/// @param heated the cold side with the heater, its feed and the hot lines; empty without one
/// @param wastes pipes to the grey tank
/// @param suction line to the pump
public record PipePlan(List<PipeRun> runs, Optional<PipeNetwork> net, List<PipeNetwork.Tap> taps, List<Hot> hot,
        Optional<PipeNetwork> heated, List<Waste> wastes, Optional<PipeNetwork.Pipe> suction) {
    private static final double PRESSURE = 138_000;
    /// A regulator gives 10 kPa less for every litre a minute (assumed) \[Pa per m³/s\].
    private static final double SITE_FALL = 10_000 * 60_000.0;
    private static final double L_MIN = 1e-3 / 60;
    private static final double ELBOW = 30;
    private static final double ELBOW_INSERT = 60;
    private static final double TEE = 60;
    private static final double TEE_INSERT = 90;
    private static final double ENDS = 60;
    private static final double HEATER = 80;
    private static final double CHECK = 100;
    private static final double STRAINER = 120;
    private static final double DIRTY = 3;
    /// In the hot line \[°C\].
    private static final double HOT = 50;
    private static final double SUCTION_BORE = 0.0127;
    private static final double WALL_OFF = 0.05;
    /// Height of a spout over the thing, where it is drawn.
    private static final double SPOUT = 0.25;
    private static final double HEAD = 1.9;
    private static final double INLET = 0.03;
    private static final double TRAP = 0.05;

    public PipePlan {
        runs = List.copyOf(runs);
        taps = List.copyOf(taps);
        hot = List.copyOf(hot);
        wastes = List.copyOf(wastes);
    }

    /// What a pipe is for.
    public enum Kind {
        SUCTION("suction"), COLD("cold"), HOT("hot"), WASTE("waste"), CITY("from the site");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// A pipe along its corners.
    ///
    /// @param bore    inside \[m\]
    /// @param outside diameter \[m\]
    public record PipeRun(String id, Kind kind, String name, List<Spot> corners, double bore, double outside) {
        public PipeRun {
            corners = List.copyOf(corners);
        }

        public double length() {
            double sum = 0;
            for (int i = 1; i < corners.size(); i++) {
                sum += corners.get(i).to(corners.get(i - 1));
            }
            return sum;
        }

        /// Water in it \[m³\].
        public double volume() {
            return length() * Math.PI * bore * bore / 4;
        }

        /// With its bends and fittings.
        public PipeBends bends(boolean hose) {
            return PipeBends.of(corners.stream().map(s -> new double[]{s.x(), s.y(), s.z()}).toList(), outside, true,
                    hose ? PipeBends.HOSE : PipeBends.PIPE);
        }
    }

    /// Length of a pipe that runs under the floor \[m\].
    static double under(PipeRun r) {
        double sum = 0;
        for (int i = 1; i < r.corners.size(); i++) {
            Spot a = r.corners.get(i - 1);
            Spot b = r.corners.get(i);
            if (Math.max(a.z(), b.z()) < 0) {
                sum += a.to(b);
            } else if (Math.min(a.z(), b.z()) < 0) {
                sum += a.to(b) * -Math.min(a.z(), b.z()) / Math.abs(a.z() - b.z());
            }
        }
        return sum;
    }

    /// A hot line.
    ///
    /// @param dead water in it that has cooled \[m³\]
    /// @param open its hot side, open
    public record Hot(String tap, String name, double dead, PipeNetwork.Tap open) {
    }

    /// A waste pipe.
    ///
    /// @param inflow of its taps \[m³/s\]
    public record Waste(String thing, String name, Drain drain, double inflow) {
    }

    public static PipePlan of(Design d, double cold) {
        return new Maker(d, cold).made();
    }

    /// The cold side behind a site's inlet, where there is one, in place of tank and pump.
    ///
    /// @param pressure of the site \[Pa\]
    public Optional<PipeNetwork> onSite(Design d, double pressure) {
        return net.flatMap(n -> d.things().stream().filter(t -> t.has(Plumbed.CityInlet.class)).findFirst().map(t -> {
            double set = t.feature(Plumbed.CityInlet.class).map(Plumbed.CityInlet::set).orElse(0.0);
            double z = t.place().z() + t.size().height() / 2;
            return new PipeNetwork(n.nodes().stream().filter(x -> !x.id().equals("tank")).toList(),
                    n.pipes().stream().filter(x -> !x.id().equals("suction")).toList(),
                    PipeNetwork.Source.city("main.0", z, pressure, set > 0 ? set : pressure, SITE_FALL));
        }));
    }

    /// Points and pipes for what stays in them when they are drained.
    public record Standing(List<LowPoints.Vertex> vertices, List<LowPoints.Edge> edges) {
    }

    /// Fresh water pipes as a graph of their corners; corners that meet are one.
    public Standing standing() {
        List<LowPoints.Vertex> vertices = new ArrayList<>();
        List<LowPoints.Edge> edges = new ArrayList<>();
        for (PipeRun r : runs) {
            if (r.kind == Kind.WASTE) {
                continue;
            }
            String before = "";
            for (Spot s : r.corners) {
                String id = String.format(java.util.Locale.ROOT, "%.3f %.3f %.3f", s.x(), s.y(), s.z());
                if (vertices.stream().noneMatch(v -> v.id().equals(id))) {
                    vertices.add(new LowPoints.Vertex(id, s.x(), s.y(), s.z()));
                }
                if (!before.isEmpty() && !before.equals(id)) {
                    edges.add(new LowPoints.Edge(before, id, r.bore));
                }
                before = id;
            }
        }
        return new Standing(vertices, edges);
    }

    /// Lays it out.
    private static final class Maker {
        private final Design d;
        private final double cold;
        private final double bore;
        private final boolean insert;
        private final double main;
        private final double wall;
        private final List<PipeRun> runs = new ArrayList<>();
        private final List<PipeNetwork.Node> nodes = new ArrayList<>();
        private final List<PipeNetwork.Pipe> pipes = new ArrayList<>();
        private final List<PipeNetwork.Tap> taps = new ArrayList<>();
        private final List<Hot> hot = new ArrayList<>();
        private final List<PipeNetwork.Node> hotNodes = new ArrayList<>();
        private final List<PipeNetwork.Pipe> hotPipes = new ArrayList<>();
        private final List<Waste> wastes = new ArrayList<>();

        Maker(Design d, double cold) {
            this.d = d;
            this.cold = cold;
            this.bore = Assumed.value(d, Assumption.PIPE_BORE) * 1e-3;
            this.insert = Assumed.value(d, Assumption.PIPE_INSERT) >= 0.5;
            this.main = Assumed.value(d, Assumption.PIPE_HEIGHT);
            Body body = Body.of(d.base());
            double side = Assumed.value(d, Assumption.PIPE_SIDE) < 0 ? -1 : 1;
            this.wall = side * Math.max(0, body.halfWidth() - d.base().wall() - WALL_OFF);
        }

        private double outside() {
            return bore + 0.0036;
        }

        private double elbows(int n) {
            return n * (insert ? ELBOW_INSERT : ELBOW);
        }

        private double tee() {
            return insert ? TEE_INSERT : TEE;
        }

        private static Spot middle(Thing t) {
            var p = t.at(Mode.ROAD);
            return new Spot(p.x(), p.y(), p.z() + t.size().height() / 2);
        }

        /// Where water leaves a tap.
        private static Spot spout(Thing t) {
            var p = t.at(Mode.ROAD);
            Plumbed.WaterTap w = t.feature(Plumbed.WaterTap.class).orElseThrow();
            double z = switch (w.use()) {
                case SINK, BASIN -> p.z() + t.size().height() + SPOUT / 2;
                case SHOWER -> Math.max(p.z() + SPOUT, Math.min(HEAD, p.z() + HEAD));
                case OUTSIDE -> p.z() + t.size().height() / 2;
                case TOILET -> p.z() + t.size().height();
            };
            return new Spot(p.x(), p.y(), z);
        }

        PipePlan made() {
            List<Thing> tapped = d.things().stream()
                    .filter(t -> t.has(Plumbed.WaterTap.class) && !t.at(Mode.ROAD).away())
                    .sorted(Comparator.comparingDouble(t -> t.place().x())).toList();
            Optional<Thing> pump = d.things().stream().filter(t -> t.has(Plumbed.WaterPump.class)).findFirst();
            Optional<Thing> tank = Tanks.of(d, Tank.Use.FRESH).stream()
                    .max(Comparator.comparingDouble(t -> t.tank().orElseThrow().capacity()));
            waste(tapped);
            if (tapped.isEmpty() || tank.isEmpty()) {
                return done(Optional.empty(), Optional.empty());
            }
            Spot from = middle(tank.get());
            double level = tank.get().place().z() + tank.get().size().height() / 2;
            if (pump.isEmpty()) {
                Spot out = new Spot(from.x(), from.y(), tank.get().place().z() + INLET);
                mainLine(out, tapped);
                return done(Optional.of(new PipeNetwork(nodes, pipes, PipeNetwork.Source.gravity("main.0", level))),
                        Optional.empty());
            }
            Spot at = middle(pump.get());
            Plumbed.WaterPump p = pump.get().feature(Plumbed.WaterPump.class).orElseThrow();
            Spot outlet = new Spot(from.x(), from.y(), tank.get().place().z() + INLET);
            List<Spot> way = outlet.z() < 0 ? risen(outlet, at) : corners(outlet, at);
            PipeRun suction = new PipeRun("suction", Kind.SUCTION, "From the tank", way, SUCTION_BORE,
                    SUCTION_BORE + 0.005);
            runs.add(suction);
            double strainer = d.things().stream().flatMap(t -> t.feature(Plumbed.Strainer.class).stream())
                    .mapToDouble(s -> s.dirty() ? DIRTY * STRAINER : STRAINER).sum();
            PipeNetwork.Pipe line = new PipeNetwork.Pipe("suction", "tank", "main.0", suction.length(), SUCTION_BORE,
                    ENDS + strainer + elbows(Math.max(0, way.size() - 2)), cold, false);
            nodes.add(new PipeNetwork.Node("tank", at.z()));
            pipes.add(line);
            mainLine(at, tapped);
            double k = p.flow() / (11.3 * L_MIN);
            PumpCurve curve = new PumpCurve(PumpCurve.USUAL.points().stream()
                    .map(q -> new PumpCurve.Point(q.rise() * p.off() / 310_000, q.flow() * k)).toList());
            return done(Optional.of(new PipeNetwork(nodes, pipes,
                    PipeNetwork.Source.pump("tank", level, curve, p.on(), p.off()))), Optional.of(line));
        }

        private PipePlan done(Optional<PipeNetwork> net, Optional<PipeNetwork.Pipe> suction) {
            Optional<PipeNetwork> heated = hot.isEmpty()
                    ? Optional.empty()
                    : net.map(n -> new PipeNetwork(
                            Stream.concat(n.nodes().stream(), hotNodes.stream()).toList(),
                            Stream.concat(n.pipes().stream(), hotPipes.stream()).toList(), n.source()));
            return new PipePlan(runs, net, taps, hot, heated, wastes, suction);
        }

        /// From one place to another along x, across, and up.
        private static List<Spot> corners(Spot a, Spot b) {
            List<Spot> all = new ArrayList<>(List.of(a));
            for (Spot s : List.of(new Spot(b.x(), a.y(), a.z()), new Spot(b.x(), b.y(), a.z()), b)) {
                if (s.to(all.getLast()) > 1e-6) {
                    all.add(s);
                }
            }
            return all;
        }

        /// From under the floor straight up through it, and on.
        private static List<Spot> risen(Spot a, Spot b) {
            List<Spot> all = new ArrayList<>(List.of(a));
            all.addAll(corners(new Spot(a.x(), a.y(), INLET), b));
            return all;
        }

        /// The cold main from a place along the wall to every tap's place on it, a branch to each, the hot line beside it.
        private void mainLine(Spot from, List<Thing> tapped) {
            nodes.add(new PipeNetwork.Node("main.0", from.z()));
            Spot start = new Spot(from.x(), wall, main);
            List<Spot> first = corners(from, start);
            List<Thing> before = tapped.stream().filter(t -> t.place().x() < from.x())
                    .sorted(Comparator.comparingDouble(t -> -t.place().x())).toList();
            List<Thing> behind = tapped.stream().filter(t -> t.place().x() >= from.x()).toList();
            runs.add(new PipeRun("main.in", Kind.COLD, "To the taps", first, bore, outside()));
            nodes.add(new PipeNetwork.Node("main.wall", main));
            pipes.add(new PipeNetwork.Pipe("main.in", "main.0", "main.wall", runs.getLast().length(), bore,
                    elbows(Math.max(0, first.size() - 2)) + ENDS / 2, cold, false));
            Optional<Thing> boiler = d.things().stream().filter(t -> t.has(Plumbed.Boiler.class)).findFirst();
            boiler.filter(b -> tapped.stream().anyMatch(Maker::hot)).ifPresent(b -> feed(middle(b), start));
            for (List<Thing> way : List.of(before, behind)) {
                String last = "main.wall";
                double at = from.x();
                for (Thing t : way) {
                    last = branch(t, last, at, boiler);
                    at = t.place().x();
                }
            }
        }

        private static boolean hot(Thing t) {
            return t.feature(Plumbed.WaterTap.class).filter(Plumbed.WaterTap::hot).isPresent();
        }

        /// Cold water to the heater, from where the main meets the wall; a check valve keeps hot water from it.
        private void feed(Spot heater, Spot start) {
            List<Spot> way = corners(start, heater);
            PipeRun run = new PipeRun("feed", Kind.COLD, "To the heater", way, bore, outside());
            runs.add(run);
            hotNodes.add(new PipeNetwork.Node("heater", heater.z()));
            hotPipes.add(new PipeNetwork.Pipe("feed", "main.wall", "heater", Math.max(0.01, run.length()), bore,
                    tee() + CHECK + HEATER + elbows(Math.max(0, way.size() - 2)) + ENDS, cold, false));
        }

        private String branch(Thing t, String last, double at, Optional<Thing> boiler) {
            String node = "main." + t.id();
            Spot out = spout(t);
            nodes.add(new PipeNetwork.Node(node, main));
            nodes.add(new PipeNetwork.Node(t.id(), out.z()));
            double along = Math.abs(out.x() - at);
            Spot leaves = new Spot(out.x(), wall, main);
            runs.add(new PipeRun("main." + t.id(), Kind.COLD, "Main", List.of(new Spot(at, wall, main), leaves),
                    bore, outside()));
            pipes.add(new PipeNetwork.Pipe(node, last, node, Math.max(0.01, along), bore, tee() / 3, cold, false));
            List<Spot> way = corners(leaves, out);
            PipeRun run = new PipeRun("branch." + t.id(), Kind.COLD, t.name(), way, bore, outside());
            runs.add(run);
            pipes.add(new PipeNetwork.Pipe("branch." + t.id(), node, t.id(), Math.max(0.01, run.length()), bore,
                    tee() + elbows(Math.max(0, way.size() - 2)) + ENDS / 2, cold, false));
            Plumbed.WaterTap w = t.feature(Plumbed.WaterTap.class).orElseThrow();
            taps.add(PipeNetwork.Tap.rated(t.id(), t.id(), w.flow(), PRESSURE, 1));
            if (w.hot() && boiler.isPresent()) {
                Spot heater = middle(boiler.get());
                Spot above = new Spot(heater.x(), wall, main + 0.04);
                List<Spot> hotWay = new ArrayList<>(corners(heater, above));
                List<Spot> onward = corners(above, out);
                hotWay.addAll(onward.subList(1, onward.size()));
                PipeRun hotRun = new PipeRun("hot." + t.id(), Kind.HOT, t.name() + ", hot", hotWay, bore, outside());
                runs.add(hotRun);
                String end = "hot." + t.id();
                hotNodes.add(new PipeNetwork.Node(end, out.z()));
                hotPipes.add(new PipeNetwork.Pipe(end, "heater", end, Math.max(0.01, hotRun.length()), bore,
                        elbows(Math.max(0, hotWay.size() - 2)) + ENDS, HOT, false));
                hot.add(new Hot(t.id(), t.name(), hotRun.volume(),
                        PipeNetwork.Tap.rated(end, end, w.flow(), PRESSURE, 1)));
            }
            return node;
        }

        private void waste(List<Thing> tapped) {
            Optional<Thing> grey = Tanks.of(d, Tank.Use.GREY).stream()
                    .max(Comparator.comparingDouble(t -> t.tank().orElseThrow().capacity()));
            double size = Assumed.value(d, Assumption.PIPE_DRAIN);
            if (grey.isEmpty()) {
                return;
            }
            Spot into = new Spot(grey.get().place().x(), grey.get().place().y(),
                    grey.get().place().z() + grey.get().size().height() - INLET);
            for (Thing t : tapped) {
                Plumbed.WaterTap w = t.feature(Plumbed.WaterTap.class).orElseThrow();
                if (!w.use().drains()) {
                    continue;
                }
                Spot from = new Spot(t.place().x(), t.place().y(), t.place().z() - TRAP);
                Spot under = new Spot(from.x(), from.y(), Math.max(into.z() + 0.02 * Math.hypot(into.x() - from.x(),
                        into.y() - from.y()), Math.min(from.z(), 0.02)));
                double fall = Math.min(under.z(), from.z()) - into.z();
                wastes.add(new Waste(t.id(), t.name(), new Drain(into.x() - from.x(), into.y() - from.y(), -fall, size),
                        w.flow()));
                runs.add(new PipeRun("waste." + t.id(), Kind.WASTE, t.name(),
                        List.of(from, new Spot(from.x(), from.y(), into.z() + fall),
                                new Spot(into.x(), from.y(), into.z() + fall / 2), into),
                        size, size + 0.005));
            }
        }

    }
}
