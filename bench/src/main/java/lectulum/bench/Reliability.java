package lectulum.bench;

import com.sun.management.OperatingSystemMXBean;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.Variant;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import lectulum.units.Style;
import lectulum.units.UnitSystem;

/// Tries what must never go wrong: damaged files open or say why not, and whatever opens is analysed, shown in both unit
/// systems, and is the same project when it was saved and opened again; so is whatever random edits make of a camper.
///
/// And a program that is killed while it saves leaves a whole file, no older than the last that it said was saved, and a
/// previous version that is another one.
///
/// The real window that is killed while somebody edits in it loses nothing saved, and of what is unsaved five seconds at most.
///
/// Tables and lines of devices that are garbled are read row by row, and what is wrong is said; what is taken from them leaves a camper
/// that can be worked out.
///
/// `Reliability [damaged files] [edits] [kills] [seed] [garbled tables] [windows]`; by seed, so that a fault can be had again.
public final class Reliability {
    private static final Style US = new Style(UnitSystem.US, "$");
    private static final long SLOW_NANOS = 5_000_000_000L;
    private static final OperatingSystemMXBean MACHINE = ManagementFactory
            .getPlatformMXBean(OperatingSystemMXBean.class);
    private static final long SAID_EVERY_NANOS = 60_000_000_000L;
    private static final int LINE = 40;
    /// Every so many edits, all that is remembered is compared with a fresh analysis; of very many edits so many are, spread evenly.
    private static final int COMPARED = 2;
    private static final int EDITS_COMPARED = 10_000;
    /// The same of damaged files, of which all are compared until there are so many.
    private static final int FILES_COMPARED = 2_000;
    /// Every so many tables, the camper with what was taken from one is worked out.
    private static final int LOOKED_AT = 25;
    /// Places of a kind whose numbers are put to extremes.
    private static final int EACH = 2;

    private final Map<String, Integer> faults = new TreeMap<>();
    private final Map<String, String> first = new TreeMap<>();
    private int refused;
    private int opened;
    private int windowEdits;
    private long behind;
    private int extremes;
    private int extremesRefused;
    private long slowest;
    private long said = System.nanoTime();

    /// What was found.
    ///
    /// @param faults  kinds of faults with how often, and where the first of each was
    /// @param refused damaged files that were refused with a sentence
    /// @param opened  damaged files that were opened
    /// @param extremes numbers that were put to extremes
    /// @param behindSeconds how long before a kill of the window the oldest edit was made that was lost with it
    public record Found(Map<String, Integer> faults, Map<String, String> first, int refused, int opened,
            int extremes, int extremesRefused, double slowestSeconds, double behindSeconds, int windowEdits) {
    }

    public static void main(String[] args) throws Exception {
        int files = args.length > 0 ? Integer.parseInt(args[0]) : 20_000;
        int edits = args.length > 1 ? Integer.parseInt(args[1]) : 20_000;
        int kills = args.length > 2 ? Integer.parseInt(args[2]) : 200;
        long seed = args.length > 3 ? Long.parseLong(args[3]) : 1;
        int tables = args.length > 4 ? Integer.parseInt(args[4]) : 20_000;
        int windows = args.length > 5 ? Integer.parseInt(args[5]) : 20;
        int extremes = args.length > 6 ? Integer.parseInt(args[6]) : 2000;
        Found found = new Reliability().run(new Counts(files, edits, kills, tables, windows, extremes), seed);
        System.out.printf("%d damaged files: %d refused with a sentence, %d opened; slowest %.1f s%n", files,
                found.refused, found.opened, found.slowestSeconds);
        System.out.printf("%d numbers at extremes: %d refused%n", found.extremes, found.extremesRefused);
        System.out.printf("%d random edits, %d kills, %d garbled tables and lines%n", edits, kills, tables);
        System.out.printf("%d windows killed after %d edits, the oldest that was lost %.1f s before%n", windows,
                found.windowEdits, found.behindSeconds);
        found.faults.forEach((kind, count) -> System.out.printf("%6d  %s%n        first: %s%n", count, kind,
                found.first.get(kind)));
        System.out.println(found.faults.isEmpty() ? "no faults" : "FAULTS");
        System.exit(found.faults.isEmpty() ? 0 : 1);
    }

    /// How much is tried.
    ///
    /// @param files  damaged files
    /// @param edits  random edits
    /// @param kills  of a program that saves
    /// @param tables garbled tables and lines of devices
    /// @param windows that are killed while somebody edits in them
    /// @param extremes numbers of the files that are put to extremes, evenly spread over all of them
    public record Counts(int files, int edits, int kills, int tables, int windows, int extremes) {
    }

    public Found run(Counts counts, long seed) throws IOException, InterruptedException {
        // What is loaded and compiled at the first use is no slowness of a file.
        campers().forEach(p -> look(p, "the campers as they are"));
        damaged(counts.files, seed);
        extremes(counts.extremes);
        edited(counts.edits, seed);
        garbled(counts.tables, seed);
        killed(counts.kills, seed);
        windows(counts.windows, seed);
        return new Found(faults, first, refused, opened, extremes, extremesRefused, slowest / 1e9, behind / 1e3,
                windowEdits);
    }

    private static List<Project> campers() {
        return List.of("nightjar", "dunlin", "chamois").stream().map(k -> Campers.demo(k).orElseThrow()).toList();
    }

    /// A damaged camper is worked out from the whole one, as an edit of it would be: what the damage does not touch is not worked out
    /// again. Then everything is, and must be the same; of very many files not each time.
    private void damaged(int files, long seed) {
        List<Project> campers = campers();
        List<String> whole = campers.stream().map(p -> ProjectJson.write(p, null)).toList();
        List<Analysis> sound = campers.stream().map(p -> Analysis.of(p.design())).toList();
        int compared = Math.max(1, files / FILES_COMPARED);
        for (int i = 0; i < files; i++) {
            String where = "file " + i + " of seed " + seed;
            int camper = i % whole.size();
            String text = new Damage(seed * 1_000_003 + i).of(whole.get(camper));
            Optional<Analysis> found = Optional.empty();
            Began began = Began.now();
            try {
                ProjectJson.Read read = ProjectJson.read(text);
                opened++;
                Analysis analysis = sound.get(camper).next(read.project().design());
                show(analysis, where);
                again(read, where);
                found = Optional.of(analysis);
            } catch (UnreadableFile said) {
                refused++;
            } catch (Throwable fault) {
                note(fault, where);
            }
            timed(began, where);
            if (opened % compared == 0) {
                found.ifPresent(a -> fromNothing(a, where));
            }
        }
    }

    /// One number of a camper at a time, in every variant that ships.
    private void extremes(int most) {
        List<Variant> variants = campers().stream().flatMap(p -> p.variants().stream()).toList();
        Extremes kinds = new Extremes(EACH);
        List<String> whole = variants.stream().map(v -> ProjectJson.write(Project.of(v.name(), v.design()), null))
                .toList();
        List<List<Extremes.Extreme>> all = whole.stream().map(kinds::of).toList();
        double step = Math.max(1, all.stream().mapToInt(List::size).sum() / (double) Math.max(1, most));
        double next = most == 0 ? Double.POSITIVE_INFINITY : 0;
        int passed = 0;
        for (int i = 0; i < variants.size(); i++) {
            Analysis sound = Analysis.of(variants.get(i).design());
            for (Extremes.Extreme e : all.get(i)) {
                if (passed++ >= next) {
                    next += step;
                    extreme(whole.get(i), sound, e, variants.get(i).name() + ": " + e);
                }
            }
        }
    }

    private void extreme(String whole, Analysis sound, Extremes.Extreme extreme, String where) {
        Began began = Began.now();
        extremes++;
        try {
            show(sound.next(ProjectJson.read(extreme.in(whole)).project().design()), where);
        } catch (UnreadableFile said) {
            extremesRefused++;
        } catch (Throwable fault) {
            note(fault, where);
        }
        timed(began, where);
    }

    private void fromNothing(Analysis analysis, String where) {
        Began began = Began.now();
        try {
            compare(analysis, where);
        } catch (Throwable fault) {
            note(fault, where);
        }
        timed(began, where);
    }

    private void edited(int edits, long seed) {
        RandomEdits random = new RandomEdits(seed);
        Project start = campers().getFirst();
        List<Design> all = Campers.all();
        Design design = start.design();
        Optional<Analysis> last = Optional.empty();
        int compared = Math.max(COMPARED, edits / EDITS_COMPARED);
        for (int i = 0; i < edits; i++) {
            String where = "edit " + i + " of seed " + seed;
            if (i % LINE == 0) {
                design = all.get(i / LINE % all.size());
                last = Optional.empty();
            }
            design = random.next(design);
            Design now = design;
            Began began = Began.now();
            try {
                Analysis analysis = last.map(a -> a.next(now)).orElseGet(() -> Analysis.of(now));
                show(analysis, where);
                if (i % compared == 0) {
                    compare(analysis, where);
                }
                last = Optional.of(i % 3 == 0 ? analysis.sketch(random.next(now)) : analysis);
                if (i % LINE == LINE - 1) {
                    again(ProjectJson.read(ProjectJson.write(start.with(now), null)), where);
                }
            } catch (Throwable fault) {
                note(fault, where);
                last = Optional.empty();
            }
            timed(began, where);
        }
    }

    private void garbled(int tables, long seed) throws IOException {
        Design camper = Campers.demo("dunlin").orElseThrow().design();
        Path folder = Files.createTempDirectory("lectulum-tables");
        List<GarbledRead> all = GarbledRead.all(camper, folder);
        for (int i = 0; i < tables; i++) {
            GarbledRead read = all.get(i % all.size());
            String where = "table " + i + " (" + read.name() + ") of seed " + seed;
            Began began = Began.now();
            try {
                Design with = read.taken(new Garble(seed * 7_000_003 + i).of(read.text()), i);
                if (i % LOOKED_AT == 0 && with != camper) {
                    look(Project.of("table", with), where);
                }
            } catch (IOException said) {
                if (said.getMessage() == null || said.getMessage().isBlank()) {
                    count("refused without a word: " + read.name(), where);
                }
            } catch (Throwable fault) {
                note(fault, where);
            }
            timed(began, where);
        }
        empty(folder);
    }

    private static void empty(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path p : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(p);
            }
        }
    }

    private void killed(int kills, long seed) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("lectulum-kills");
        Path file = folder.resolve("camper.lectulum.json");
        SplittableRandom dice = new SplittableRandom(seed);
        int said = 0;
        for (int i = 0; i < kills; i++) {
            String where = "kill " + i + " of seed " + seed;
            Path out = folder.resolve("said.txt");
            Files.deleteIfExists(out);
            Process saver = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-Xshare:auto", "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"),
                    Saver.class.getName(), file.toString(), String.valueOf(said + 1))
                    .redirectError(ProcessBuilder.Redirect.DISCARD).redirectOutput(out.toFile()).start();
            while (saver.isAlive() && Files.size(out) == 0) {
                Thread.sleep(2);
            }
            Thread.sleep(dice.nextInt(60));
            saver.destroyForcibly();
            saver.waitFor();
            for (String line : Files.readString(out).split("\n", -1)) {
                said = line.matches("\\d+") ? Math.max(said, Integer.parseInt(line)) : said;
            }
            said = Math.max(said, left(file, said, where));
        }
        empty(folder);
    }

    private void windows(int windows, long seed) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("lectulum-windows");
        WindowKills.Found found = WindowKills.run(folder, windows, seed);
        found.faults().forEach(f -> count(f.substring(f.indexOf(':') + 2).replaceAll("\\d+", "N"), f));
        behind = found.behind();
        windowEdits = found.edits();
        empty(folder);
    }

    /// What a killed program left.
    ///
    /// @param said number of the last project that it said was saved
    /// @return number of the one in the file
    private int left(Path file, int said, String where) throws IOException {
        int number = said;
        try {
            number = Integer.parseInt(ProjectFile.open(file).project().name());
            if (number < said) {
                count("a saved project was lost", where);
            }
            Path previous = file.resolveSibling(file.getFileName() + ".previous");
            if (Files.exists(previous)) {
                int before = Integer.parseInt(ProjectFile.open(previous).project().name());
                if (before >= number) {
                    count("the previous version is not an older one", where);
                }
            } else if (number > 2) {
                count("the previous version is missing", where);
            }
        } catch (UnreadableFile half) {
            count("half a file was left", where);
        }
        return number;
    }

    private void look(Project project, String where) {
        show(Analysis.of(project.design()), where);
    }

    private void compare(Analysis analysis, String where) {
        Alike.differences(analysis, Analysis.of(analysis.given()))
                .forEach(d -> count("remembered wrongly: " + d, where));
    }

    private void show(Analysis analysis, String where) {
        for (Figure f : analysis.figures().all()) {
            f.text(Style.PLAIN);
            f.text(US);
        }
        for (Finding f : analysis.findings()) {
            f.title().text(Style.PLAIN);
            f.detail().text(US);
            if (f.id().startsWith("analysis.")) {
                count("a discipline failed: " + f.id() + ", " + f.detail().text(Style.PLAIN), where);
            }
        }
    }

    private void again(ProjectJson.Read read, String where) throws UnreadableFile {
        ProjectJson.Read back = ProjectJson.read(ProjectJson.write(read.project(), read.tree()));
        if (!back.project().equals(read.project())) {
            count("not the same when saved and opened again", where);
        }
    }

    /// When something began, by the clock and by the processor.
    private record Began(long clock, long worked) {
        static Began now() {
            return new Began(System.nanoTime(), MACHINE.getProcessCpuTime());
        }
    }

    private void timed(Began began, String where) {
        Began ended = Began.now();
        long took = ended.clock - began.clock;
        slowest = Math.max(slowest, took);
        if (took > SLOW_NANOS) {
            // Much less by the processor means that the machine stood still, or that something waits.
            count("slower than 5 s", "%s, %.1f s, of them %.1f of the processor".formatted(where, took / 1e9,
                    (ended.worked - began.worked) / 1e9));
        }
        if (ended.clock - said > SAID_EVERY_NANOS) {
            said = ended.clock;
            System.out.println(where + (faults.isEmpty() ? "" : ", " + faults));
        }
    }

    private void note(Throwable fault, String where) {
        StackTraceElement[] trace = fault.getStackTrace();
        String at = java.util.Arrays.stream(trace).filter(e -> e.getClassName().startsWith("lectulum.")).findFirst()
                .map(StackTraceElement::toString).orElse("");
        String says = String.valueOf(fault.getMessage()).replaceAll("\\s+", " ");
        count(fault.getClass().getSimpleName() + ": " + says.substring(0, Math.min(80, says.length())) + " at " + at,
                where);
    }

    private void count(String kind, String where) {
        faults.merge(kind, 1, Integer::sum);
        if (first.putIfAbsent(kind, where) == null) {
            System.out.println(kind + ": " + where);
        }
    }
}
