package lectulum.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
import lectulum.analysis.Analysis;
import lectulum.analysis.FindPlace;
import lectulum.balance.Balance;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.CamperType;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.Mount;
import lectulum.design.Placement;
import lectulum.design.Project;
import lectulum.design.Size;
import lectulum.design.Thing;
import lectulum.files.ProjectFile;
import lectulum.journey.Journey;
import lectulum.layout.Layout;
import lectulum.sheet.SheetView;
import lectulum.theme.Theme;
import lectulum.towing.Sway;
import lectulum.workbench.Workbench;

/// Measures what the budgets are about, on generated designs of 100, 500 and 5 000 things: one drag step to figures,
/// one drag step to the painted sheet, a cold analysis, and opening a file. Prints median and 95th percentile in
/// milliseconds after a warm-up.
public final class Bench {
    private static final int[] SIZES = {100, 500, 5000};
    private static final int WARM_UP = 150;
    private static final int RUNS = 300;

    private Bench() {
    }

    public static void main(String[] args) throws Exception {
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        System.out.printf("%-34s %8s %10s %10s %10s%n", "", "things", "median ms", "95 % ms", "worst ms");
        for (int size : args.length > 0 ? new int[]{Integer.parseInt(args[0])} : SIZES) {
            Project project = generated(size);
            int runs = size > 1000 ? RUNS / 3 : RUNS;
            print("drag step to figures", size, dragToFigures(project, runs));
            print("drag step to painted sheet", size, dragToSheet(project, runs));
            print("cold full analysis", size, cold(project.design(), runs));
            print("fit check, three modes", size, fit(project.design(), runs));
            print("balance, all load cases", size, balance(project.design(), runs));
            print("trip, camp, hitch, turn, road", size, journey(project.design(), Math.max(20, runs / 10)));
            print("living, workshop and score", size, whole(project.design(), Math.max(20, runs / 10)));
            print("find a place", size, find(project.design()));
            print("open a saved file", size, open(project));
        }
        print("sway at 40 speeds", 1, sway());
        System.exit(0);
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

    private static double[] time(int runs, Step step) throws Exception {
        for (int i = 0; i < WARM_UP; i++) {
            step.run(i);
        }
        double[] millis = new double[runs];
        for (int i = 0; i < runs; i++) {
            long from = System.nanoTime();
            step.run(i);
            millis[i] = (System.nanoTime() - from) / 1e6;
        }
        return millis;
    }

    private static Design moved(Design design, int i) {
        return design.mapping("t7", t -> t.with(t.place().moved(0.001 * (i % 50), 0, 0)));
    }

    private static double[] dragToFigures(Project project, int runs) throws Exception {
        Analysis first = Analysis.of(project.design());
        return time(runs, i -> first.sketch(moved(project.design(), i)));
    }

    private static double[] cold(Design design, int runs) throws Exception {
        return time(runs, i -> Analysis.of(moved(design, i)));
    }

    private static double[] balance(Design design, int runs) throws Exception {
        return time(runs, i -> Balance.of(moved(design, i)));
    }

    private static double[] journey(Design design, int runs) throws Exception {
        Analysis first = Analysis.of(design);
        return time(runs, i -> Journey.of(first.design(), first.layout(), first.balance(), first.water()));
    }

    /// Damping at 40 speeds.
    private static double[] sway() throws Exception {
        Sway sway = new Sway(new Sway.Rig(830, 690, 2.67, 1.02, 740, 2.5678, 2.87, 838), Sway.Tyres.USUAL, 0);
        return time(RUNS, i -> {
            for (int k = 0; k < 40; k++) {
                sway.at(8 + 0.8 * k);
            }
        });
    }

    /// Every overlap and everything through the shell in all three modes, from placements.
    private static double[] fit(Design design, int runs) throws Exception {
        Design modes = design.mapping("t7", t -> t.placed(Mode.CAMP, t.place().moved(0.05, 0, 0)).placed(Mode.NIGHT,
                t.place().moved(0, 0.05, 0)));
        return time(runs, i -> Layout.of(modes.mapping("t7", t -> t.with(t.place().moved(0.001 * (i % 50), 0, 0)))));
    }

    /// What is worked out when a drag ends.
    private static double[] whole(Design design, int runs) throws Exception {
        Analysis first = Analysis.of(design);
        return time(runs, i -> first.next(moved(design, i)));
    }

    /// The best five places of one thing.
    private static double[] find(Design design) throws Exception {
        Analysis analysis = Analysis.of(design);
        double[] millis = new double[7];
        for (int i = 0; i < millis.length; i++) {
            long from = System.nanoTime();
            FindPlace.of(analysis, "t7", 5, () -> false);
            millis[i] = (System.nanoTime() - from) / 1e6;
        }
        return millis;
    }

    /// A preview through the workbench, laid out and rendered to pixels, as a drag does it in the window.
    private static double[] dragToSheet(Project project, int runs) throws Exception {
        FutureTask<double[]> task = new FutureTask<>(() -> {
            Workbench bench = new Workbench(project);
            SheetView sheet = new SheetView(bench, Theme.PAPER);
            StackPane root = new StackPane(sheet);
            Theme.PAPER.dress(root);
            Scene scene = new Scene(root, 846, 676);
            bench.select(List.of("t7"));
            WritableImage image = new WritableImage(846, 676);
            return time(runs, i -> {
                bench.preview(bench.moving(0.001 * (i % 50), 0, 0));
                root.layout();
                scene.snapshot(image);
            });
        });
        Platform.runLater(task);
        return task.get();
    }

    private static double[] open(Project project) throws IOException {
        Path file = Files.createTempFile("bench", ProjectFile.ENDING);
        try {
            ProjectFile.save(file, project, null);
            double[] millis = new double[7];
            for (int i = 0; i < millis.length; i++) {
                long from = System.nanoTime();
                ProjectFile.open(file);
                millis[i] = (System.nanoTime() - from) / 1e6;
            }
            System.out.printf(Locale.ROOT, "%-34s %8.1f MB%n", "file size", Files.size(file) / 1e6);
            return millis;
        } finally {
            Files.deleteIfExists(file);
            Files.deleteIfExists(file.resolveSibling(file.getFileName() + ".previous"));
        }
    }

    private static void print(String what, int size, double[] millis) {
        Arrays.sort(millis);
        System.out.printf(Locale.ROOT, "%-34s %8d %10.2f %10.2f %10.2f%n", what, size, millis[millis.length / 2],
                millis[(int) (millis.length * 0.95)], millis[millis.length - 1]);
    }
}
