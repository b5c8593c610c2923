package lectulum.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import lectulum.analysis.Analysis;
import lectulum.analysis.Concepts;
import lectulum.analysis.FindPlace;
import lectulum.analysis.Proposals;
import lectulum.analysis.Remedies;
import lectulum.assumed.Chemistries;
import lectulum.balance.Balance;
import lectulum.bench.Measured.Budget;
import lectulum.build.Plan;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Climate;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Load;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Stage;
import lectulum.files.ProjectFile;
import lectulum.files.ReceiptsCsv;
import lectulum.kernel.cutting.Sheets;
import lectulum.kernel.cutting.Sticks;
import lectulum.kernel.electric.Appliance;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;
import lectulum.kernel.electric.SolarArray;
import lectulum.kernel.electric.Supply;
import lectulum.kernel.flow.PipeNetwork;
import lectulum.kernel.flow.PumpCurve;
import lectulum.kernel.schedule.Trials;
import lectulum.kernel.towing.Sway;
import lectulum.layout.Layout;
import lectulum.log.Diary;
import lectulum.materials.cutting.CutPlans;
import lectulum.materials.framing.StickStudies;
import lectulum.materials.joinery.JoineryStudies;
import lectulum.materials.skins.SheetStudies;
import lectulum.money.Money;
import lectulum.power.wiring.Harness;
import lectulum.power.wiring.TakeOff;
import lectulum.power.wiring.Volts;
import lectulum.sheet.CutAwayView;
import lectulum.sheet.SheetView;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.trip.Rehearsals;
import lectulum.units.Day;
import lectulum.weather.Weather;
import lectulum.workbench.Workbench;

/// Measures what the budgets are about, on generated campers of 500 and 5 000 things and on the fullest demonstration:
/// a drag step to figures and to the painted sheet, a cold analysis, remedies, opening a file. Prints one table with the
/// budgets, whether they are met, and how each median stands to that of the run kept last. Takes a little over two minutes: a third of one
/// for the three answers to a brief, and a quarter for an analysis of 5 000 things that the drags start from.
///
/// `Bench --compare|--keep FILE`: the file holds the kept run; `--keep` keeps this one in its place.
public final class Bench {
    private static final int[] SIZES = {500, 5000};
    private static final int RUNS = 300;
    private static final int MOST_WARM_UP = 1000;
    private static final int LEAST = 3;
    private static final long WARM_UP_NANOS = 700_000_000L;
    /// What many disciplines take part in is compiled later.
    private static final long LONG_WARM_UP_NANOS = 6_000_000_000L;
    private static final long MEASURE_NANOS = 800_000_000L;

    private final Map<String, Double> kept;
    private final List<Measured> all = new ArrayList<>();

    private Bench(Map<String, Double> kept) {
        this.kept = kept;
    }

    public static void main(String[] args) throws Exception {
        boolean keep = args.length > 0 && args[0].equals("--keep");
        Path file = Path.of(args.length > 1 ? args[1] : "last.csv");
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        Bench bench = new Bench(Measured.kept(file));
        System.out.println(Measured.header());
        for (int size : SIZES) {
            bench.size(size);
        }
        bench.remedies();
        bench.brief();
        bench.power();
        bench.outing();
        bench.add("pipes of 30 taps, all open", 30, pipes(), Budget.median(10));
        bench.cutting();
        bench.books();
        bench.add("sway at 40 speeds", 0, sway(), Optional.empty());
        long over = bench.all.stream().filter(m -> m.verdict().equals("OVER")).count();
        System.out.println(over == 0 ? "every budget is met" : over + " budgets are not met");
        if (keep) {
            Measured.keep(file, bench.all);
        }
        System.exit(0);
    }

    private void add(String what, int things, double[] millis, Optional<Budget> budget) {
        Measured m = Measured.of(what, things, millis, budget);
        all.add(m);
        System.out.println(m.row(kept));
    }

    private void size(int size) throws Exception {
        Project project = generated(size);
        Design design = project.design();
        Workbench work = shown(() -> new Workbench(project));
        Optional<Budget> none = Optional.empty();
        add("drag step to figures", size, dragToFigures(work), size == 500 ? Budget.median(4) : none);
        add("drag step to painted sheet", size, dragToSheet(work, "t7"),
                size == 500 ? Budget.most95(16) : Budget.most95(50));
        if (size <= 500) {
            // No budget asks for these of 5 000 things, of which a whole analysis takes a dozen seconds.
            add("cut-away painted", size, cutAway(work), Budget.median(100));
            add("fit check, three modes", size, fit(design), none);
            add("balance, all load cases", size, balance(design), none);
            add("cold full analysis", size, cold(design), Budget.most95(50));
            add("what follows when a drag ends", size, whole(design, work.state().analysis()), none);
            add("find a place", size, find(work.state().analysis()), none);
        }
        add("open a saved file", size, open(project), size == 5000 ? Budget.most95(1000) : none);
    }

    /// Perfect cuts put in disorder: sticks that must be proven, sheets that must come within one of the bound; and the take-off of
    /// a whole camper, with its cutting plans.
    private void cutting() throws Exception {
        List<List<Double>> sticks = new ArrayList<>();
        List<List<Sheets.Piece>> sheets = new ArrayList<>();
        for (int i = 1; i <= 5; i++) {
            sticks.add(Cuts.sticks(7919L * i, 14, 6000, 3, 300, 1100));
            sheets.add(Cuts.sheets(7919L * i, 10, 20, 100));
        }
        add("some 100 sticks, proven", 0, time(i -> {
            Sticks.Plan p = Sticks.of(sticks.get(i % 5), List.of(new Sticks.Stock("6 m", 6, 10, Sticks.ENDLESS)), 0.003,
                    0,
                    () -> false);
            if (!p.proven() || p.bought() != 14) {
                throw new IllegalStateException("not proven: " + p.bought());
            }
        }), Budget.median(1000));
        add("200 panels on ten sheets", 0, time(i -> {
            Sheets.Plan p = Sheets.of(sheets.get(i % 5),
                    List.of(new Sheets.Sheet("sheet", 2.44, 1.22, 30, Sheets.ENDLESS)),
                    0.003, 0, new Sheets.Effort(1, 20_000, () -> false));
            if (p.cuts().size() > 11) {
                throw new IllegalStateException("more than one beyond the bound: " + p.cuts().size());
            }
        }), Budget.median(2000));
        Design dunlin = Campers.demo("dunlin").orElseThrow().design();
        Analysis other = Analysis.of(Campers.demo("chamois").orElseThrow().design());
        add("take-off and cutting plans", 0, time(i -> {
            Analysis a = other.peek(dunlin.with(dunlin.settings().with("cut.kerf", 0.003 + 1e-6 * (i % 100))));
            a.of(CutPlans.DISCIPLINE);
            a.of(StickStudies.DISCIPLINE);
            a.of(SheetStudies.DISCIPLINE);
            a.of(JoineryStudies.DISCIPLINE);
        }), Budget.median(100));
    }

    /// Receipts, tasks and entries by the thousand.
    private void books() throws Exception {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        String table = Books.receipts(5000);
        add("import of 5 000 receipts", 0, time(i -> ReceiptsCsv.read(table, Purse.NONE, '.', Day.Order.DAY_FIRST)),
                Budget.median(1000));
        List<Receipt> lines = ReceiptsCsv.read(Books.receipts(2000), Purse.NONE, '.', Day.Order.DAY_FIRST).taken();
        Design bought = d.with(d.purse().withReceipts(lines));
        add("money of 2 000 lines", 0, time(i -> Money.of(bought)), Budget.median(20));
        Design planned = d.with(Books.works(100)).with(d.purse().withReceipts(List.of()));
        add("a plan of 100 tasks", 0, time(i -> Plan.of(planned)), Budget.median(50));
        List<Trials.Job> jobs = Books.jobs(150);
        add("10 000 trials of 150 tasks", 0, time(i -> Trials.of(jobs, 0.15, 10_000, i)), Budget.median(1000));
        Design told = d.withLogbook(Books.log(5000));
        add("a word in 5 000 entries", 0, time(i -> Diary.found(told, "number 4" + i % 1000)), Budget.median(50));
    }

    /// Every concept of a brief, and one answer to it.
    private void brief() throws Exception {
        Design chamois = Campers.demo("chamois").orElseThrow().design();
        add("concepts of one brief", 0, time(i -> Concepts.of(chamois, () -> false, d -> {
        })), Budget.median(2000));
        add("three answers to a brief", 0, new double[]{once(() -> Proposals.of(chamois, 1, () -> false, p -> {
        }))}, Budget.median(90_000));
    }

    /// A camper with so many devices of 40 W, each on a circuit of its own along raceways.
    private static Design wired(int circuits) {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        SplittableRandom random = new SplittableRandom(5);
        Thing lamp = Catalogue.shipped().find("radio").orElseThrow();
        for (int i = 0; i < circuits; i++) {
            d = d.plus(lamp.withId("load-" + i).with(new Load(40, 3600, Load.Feed.BATTERY))
                    .with(new Placement(0.8 + 3 * random.nextDouble(), 1.6 * random.nextDouble() - 0.8,
                            1.5 * random.nextDouble(), 0)));
        }
        return d;
    }

    /// A year by the hour of a bank with forty loads, the weather known.
    private void power() throws Exception {
        Weather weather = Weather.of(new Weather.Place(Climate.MARITIME, 48, 1));
        SolarArray array = new SolarArray(200, 0, 50, 0.05, 2, true, 30);
        int n = Weather.HOURS;
        Hours hours = new Hours(new double[n], new double[n], new boolean[n], new double[n], new boolean[n]);
        for (int h = 0; h < n; h++) {
            hours.air()[h] = weather.air(h);
            hours.sun()[h] = array.power(weather.sun(h), weather.air(h), 13.5);
            hours.occupied()[h] = h / 24 % 7 > 4;
        }
        List<Appliance> loads = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double[] day = new double[24];
            day[i % 24] = 1;
            day[(i + 5) % 24] = 0.5;
            loads.add(new Appliance(5 + i, 1, i % 5 == 0 ? Appliance.Feed.INVERTER : Appliance.Feed.BATTERY, day,
                    i % 7 == 0 ? Appliance.When.ALWAYS : Appliance.When.CAMPED, Appliance.ALL, i % 3, false));
        }
        Simulation year = new Simulation(
                new Bank(Chemistries.of(Battery.Chemistry.LITHIUM_IRON), 200, 12, 1, 1), loads, Supply.SUN);
        add("a year of power by the hour", 40, time(i -> year.run(hours, 1)), Budget.median(8));
        Design wired = wired(60);
        add("wires of circuits, routed and sized", 60, time(i -> Harness.of(wired)), Budget.median(30));
        Harness harness = Harness.of(wired);
        add("volts of circuits, solved", 60, time(i -> Volts.of(wired, harness)), Budget.median(30));
        add("drag of the battery with circuits, painted", 60,
                dragToSheet(shown(() -> new Workbench(Project.of("wired", wired))), "cells"),
                Budget.most95(16));
        add("take-off and checks of circuits", 60, time(i -> TakeOff.of(wired, harness)), Budget.median(20));
    }

    /// Fourteen days and, beside them, the three trips that ship with every project.
    private void outing() throws Exception {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Design own = Rehearsals.with(d, new Outing("bench", "Bench", Collections.nCopies(14, OutingDay.USUAL)));
        Analysis first = Analysis.of(own);
        add("14 days and three more trips rehearsed", 0, time(i -> first.peek(own.mapping("cells",
                t -> t.with(t.place().moved(0.001 * (i % 50), 0, 0)))).of(Rehearsals.DISCIPLINE)), Budget.median(50));
    }

    /// A main with a branch and a tap every half metre.
    private static double[] pipes() throws Exception {
        List<PipeNetwork.Node> nodes = new ArrayList<>(List.of(new PipeNetwork.Node("m0", 0)));
        List<PipeNetwork.Pipe> runs = new ArrayList<>();
        List<PipeNetwork.Tap> taps = new ArrayList<>();
        for (int i = 1; i <= 30; i++) {
            nodes.add(new PipeNetwork.Node("m" + i, 0));
            nodes.add(new PipeNetwork.Node("b" + i, 0.9));
            runs.add(new PipeNetwork.Pipe("m" + i, "m" + (i - 1), "m" + i, 0.5, 0.0123, 20, 15, false));
            runs.add(new PipeNetwork.Pipe("b" + i, "m" + i, "b" + i, 1, 0.0095, 60, 15, false));
            taps.add(PipeNetwork.Tap.rated("t" + i, "b" + i, 8e-5, 138e3, 1));
        }
        PipeNetwork net = new PipeNetwork(nodes, runs,
                PipeNetwork.Source.pump("m0", 0.3, PumpCurve.USUAL, 170e3, 310e3));
        return time(i -> net.solve(taps));
    }

    private static double once(Runnable work) {
        long began = System.nanoTime();
        work.run();
        return (System.nanoTime() - began) / 1e6;
    }

    /// Remedies of the page with most to mend, one finding after another as the window asks for them.
    private void remedies() throws Exception {
        Analysis nightjar = Analysis.of(Campers.demo("nightjar").orElseThrow().design());
        List<Finding> page = nightjar.findings(Stage.LAYOUT);
        add("all remedies of a page, Nightjar", 0,
                time(LONG_WARM_UP_NANOS, i -> page.forEach(f -> Remedies.of(nightjar, f))),
                Budget.median(1000));
        add("the first three of them", 0, time(LONG_WARM_UP_NANOS / 3, i -> {
            int[] found = {0};
            for (int k = 0; k < page.size() && found[0] < 3; k++) {
                int before = found[0];
                List<Remedy> all = Remedies.of(nightjar, page.get(k), () -> found[0] >= 3,
                        some -> found[0] = before + some.size());
                found[0] = before + all.size();
            }
        }), Budget.median(200));
    }

    /// A cargo body filled from the catalogue on shelves, cell by cell; every twentieth thing is too large for its cell
    /// and overlaps its neighbours.
    private static Project generated(int size) {
        SplittableRandom random = new SplittableRandom(size);
        Design design = Campers.start(CamperType.CARGO, "Bench").design();
        List<Thing> kinds = Catalogue.shipped().things().stream().filter(t -> t.mount() == Mount.INSIDE).toList();
        double length = design.base().shell().length() - 0.1;
        double width = design.base().shell().width() - 0.1;
        double height = 1.8;
        double cell = Math.cbrt(length * width * height / size) * 0.98;
        int along = (int) (length / cell);
        int across = (int) (width / cell);
        List<Thing> things = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            Thing kind = kinds.get(random.nextInt(kinds.size()));
            double side = cell * (i % 20 == 19 ? 1.15 : 0.55 + 0.4 * random.nextDouble());
            double x = 0.05 + cell * (0.5 + i % along);
            double y = -width / 2 + cell * (0.5 + i / along % across);
            double z = Math.min(height - side, cell * (i / along / across));
            things.add(kind.withId("t" + i).with(new Size(side, side, side)).with(new Placement(x, y, z, 0)));
        }
        return Project.of("Bench", design.withThings(things));
    }

    private interface Step {
        void run(int i) throws Exception;
    }

    /// Runs a step until it is warm, then measures it; fewer runs where it is slow.
    private static double[] time(Step step) throws Exception {
        return time(WARM_UP_NANOS, step);
    }

    private static double[] time(long warmUp, Step step) throws Exception {
        long from = System.nanoTime();
        for (int i = 0; i == 0 || i < MOST_WARM_UP && System.nanoTime() - from < warmUp; i++) {
            step.run(i);
        }
        List<Double> millis = new ArrayList<>();
        long began = System.nanoTime();
        while (millis.size() < LEAST || millis.size() < RUNS && System.nanoTime() - began < MEASURE_NANOS) {
            long start = System.nanoTime();
            step.run(millis.size());
            millis.add((System.nanoTime() - start) / 1e6);
        }
        return millis.stream().mapToDouble(d -> d).toArray();
    }

    private static Design moved(Design design, int i) {
        return design.mapping("t7", t -> t.with(t.place().moved(0.001 * (i % 50), 0, 0)));
    }

    private static double[] dragToFigures(Workbench work) throws Exception {
        Analysis first = work.state().analysis();
        return time(LONG_WARM_UP_NANOS / 2, i -> first.sketch(moved(first.given(), i)));
    }

    private static double[] cold(Design design) throws Exception {
        return time(LONG_WARM_UP_NANOS / 2, i -> Analysis.of(moved(design, i)));
    }

    private static double[] balance(Design design) throws Exception {
        return time(i -> Balance.of(moved(design, i)));
    }

    /// Damping at 40 speeds.
    private static double[] sway() throws Exception {
        Sway sway = new Sway(new Sway.Rig(830, 690, 2.67, 1.02, 740, 2.5678, 2.87, 838), Sway.Tyres.USUAL, 0);
        return time(i -> {
            for (int k = 0; k < 40; k++) {
                sway.at(8 + 0.8 * k);
            }
        });
    }

    /// Every overlap and everything through the shell in all three modes, from placements.
    private static double[] fit(Design design) throws Exception {
        Design modes = design.mapping("t7", t -> t.placed(Mode.CAMP, t.place().moved(0.05, 0, 0)).placed(Mode.NIGHT,
                t.place().moved(0, 0.05, 0)));
        return time(i -> Layout.of(modes.mapping("t7", t -> t.with(t.place().moved(0.001 * (i % 50), 0, 0)))));
    }

    /// What is worked out when a drag ends.
    private static double[] whole(Design design, Analysis first) throws Exception {
        return time(i -> first.next(moved(design, i)));
    }

    /// The best five places of one thing.
    private static double[] find(Analysis analysis) throws Exception {
        return time(i -> FindPlace.of(analysis, "t7", 5, () -> false));
    }

    /// Done on the interface thread.
    private static <T> T shown(Callable<T> work) throws Exception {
        FutureTask<T> task = new FutureTask<>(work);
        Platform.runLater(task);
        return task.get();
    }

    private static Scene scene(Region view) {
        StackPane root = new StackPane(view);
        Theme.PAPER.dress(root);
        return new Scene(root, 846, 676);
    }

    /// A preview through the workbench, laid out and rendered to pixels, as a drag does it in the window.
    private static double[] dragToSheet(Workbench bench, String thing) throws Exception {
        return shown(() -> {
            Scene scene = scene(new SheetView(bench, Theme.PAPER, Stages::look));
            bench.select(List.of(thing));
            WritableImage image = new WritableImage(846, 676);
            double[] millis = time(LONG_WARM_UP_NANOS / 2, i -> {
                bench.preview(bench.moving(0.001 * (i % 50), 0, 0));
                scene.getRoot().layout();
                scene.snapshot(image);
            });
            bench.preview(new Edit("back", d -> d));
            return millis;
        });
    }

    /// The cut-away as it is turned.
    private static double[] cutAway(Workbench bench) throws Exception {
        return shown(() -> {
            CutAwayView view = new CutAwayView(bench, () -> Theme.PAPER);
            Scene scene = scene(view);
            WritableImage image = new WritableImage(846, 676);
            return time(i -> {
                view.lookFrom(40 + i % 100);
                scene.getRoot().layout();
                scene.snapshot(image);
            });
        });
    }

    private static double[] open(Project project) throws Exception {
        Path file = Files.createTempFile("bench", ProjectFile.ENDING);
        try {
            ProjectFile.save(file, project, null);
            return time(i -> ProjectFile.open(file));
        } finally {
            Files.deleteIfExists(file);
            Files.deleteIfExists(file.resolveSibling(file.getFileName() + ".previous"));
        }
    }
}
