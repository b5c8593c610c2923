package lectulum.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lectulum.demo.Campers;
import lectulum.files.Home;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import lectulum.files.UnreadableFile;

/// The real window, killed while somebody edits and saves in it: the file is whole and no older than what it said was saved,
/// and what was edited more than five seconds before the kill is offered again.
final class WindowKills {
    private static final Pattern EDITED = Pattern.compile("edit (\\d+) (\\d+)");
    private static final Pattern SAVED = Pattern.compile("saved (\\d+)");
    /// Unsaved work is kept at least so often \[ms\].
    private static final long KEPT = 5000;
    private static final int LONGEST = 9000;
    private static final int START = 60_000;

    private final List<String> faults = new ArrayList<>();
    private final Path folder;
    private final SplittableRandom dice;
    private long behind;
    private int edits;

    private WindowKills(Path folder, long seed) {
        this.folder = folder;
        this.dice = new SplittableRandom(seed);
    }

    /// What was found.
    ///
    /// @param faults what was lost
    /// @param behind the oldest edit that was lost with a kill was made so long before it \[ms\]
    /// @param edits  that were made in all
    record Found(List<String> faults, long behind, int edits) {
    }

    static Found run(Path folder, int kills, long seed) throws IOException, InterruptedException {
        WindowKills all = new WindowKills(folder, seed);
        for (int i = 0; i < kills; i++) {
            all.kill(i, seed * 7919 + i);
        }
        return new Found(all.faults, all.behind, all.edits);
    }

    private void kill(int which, long seed) throws IOException, InterruptedException {
        Path home = Files.createDirectories(folder.resolve("home-" + which));
        Path file = folder.resolve("camper-" + which + ".lectulum.json");
        ProjectFile.save(file, Campers.demo(List.of("dunlin", "nightjar", "chamois").get(which % 3)).orElseThrow(),
                null);
        Path said = folder.resolve("said-" + which + ".txt");
        Path failed = folder.resolve("failed-" + which + ".txt");
        Process window = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx256m", "-Dglass.platform=Headless", "-Dprism.order=sw", "-Djava.awt.headless=true", "-cp",
                System.getProperty("java.class.path"), WindowRobot.class.getName(), file.toString(), home.toString(),
                String.valueOf(seed), "1").redirectError(failed.toFile())
                .redirectOutput(said.toFile()).start();
        long began = System.currentTimeMillis();
        while (window.isAlive() && Files.size(said) == 0 && System.currentTimeMillis() - began < START) {
            Thread.sleep(20);
        }
        Thread.sleep(200 + dice.nextInt(LONGEST));
        boolean lived = window.isAlive();
        long killed = System.currentTimeMillis();
        window.destroyForcibly();
        window.waitFor();
        if (!lived) {
            faults.add("kill " + which + ": the window ended by itself, "
                    + Files.readAllLines(failed).stream().filter(l -> l.contains("Exception") || l.contains("Error"))
                            .findFirst()
                            .orElse("without a word"));
        }
        judge(which, file, home, Files.readString(said), killed);
    }

    private void judge(int which, Path file, Path home, String said, long killed) throws IOException {
        int saved = 0;
        int owed = 0;
        List<long[]> made = new ArrayList<>();
        for (String line : said.lines().toList()) {
            Matcher edit = EDITED.matcher(line);
            Matcher save = SAVED.matcher(line);
            if (edit.matches()) {
                made.add(new long[]{Long.parseLong(edit.group(1)), Long.parseLong(edit.group(2))});
                owed = killed - made.getLast()[1] > KEPT ? (int) made.getLast()[0] : owed;
            } else if (save.matches()) {
                saved = Math.max(saved, Integer.parseInt(save.group(1)));
            }
        }
        edits += made.size();
        int there;
        try {
            there = WindowRobot.number(ProjectFile.open(file).project().design());
        } catch (UnreadableFile half) {
            faults.add("kill " + which + ": half a file was left");
            return;
        }
        if (there < saved) {
            faults.add("kill " + which + ": " + saved + " was saved, " + there + " is there");
        }
        int kept = Journal.leftBehind(new Home(home).journals()).stream()
                .mapToInt(l -> WindowRobot.number(l.read().project().design())).max().orElse(0);
        int had = Math.max(there, kept);
        if (had < owed) {
            faults.add("kill " + which + ": " + owed + " was edited long before, " + had + " is left");
        }
        made.stream().filter(m -> m[0] > had).mapToLong(m -> killed - m[1]).max()
                .ifPresent(age -> behind = Math.max(behind, age));
    }
}
