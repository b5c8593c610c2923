package lectulum.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import lectulum.demo.Campers;
import lectulum.files.ProjectFile;

/// Whether the window keeps what it should forget: edits for so many minutes, and what is in use after each.
///
/// `WindowMemory MINUTES SEED` ends with 1 where the last ten minutes use more than the first ten by a tenth, and with 3 where anything failed.
public final class WindowMemory {
    private static final long MINUTE = 60_000;
    private static final int FIRST = 10;
    private static final double MORE = 1.1;

    private WindowMemory() {
    }

    public static void main(String[] args) throws Exception {
        int minutes = Integer.parseInt(args[0]);
        Path folder = Files.createTempDirectory("lectulum-memory");
        Path file = folder.resolve("camper.lectulum.json");
        ProjectFile.save(file, Campers.demo("nightjar").orElseThrow(), null);
        WindowRobot robot = WindowRobot.in(file, folder.resolve("home"), Long.parseLong(args[1]));
        long began = System.currentTimeMillis();
        long early = 0;
        long late = 0;
        int edits = 0;
        for (int minute = 1; minute <= minutes; minute++) {
            while (System.currentTimeMillis() - began < minute * MINUTE) {
                robot.edit(++edits);
            }
            long used = used();
            early = minute <= FIRST ? Math.max(early, used) : early;
            late = minute > minutes - FIRST ? Math.max(late, used) : late;
            System.out.printf("%3d min  %6d edits  %4d MB%n", minute, edits, used >> 20);
        }
        boolean grows = minutes > 2 * FIRST && late > MORE * early;
        System.out.println(grows ? "IT GROWS" : "it does not grow");
        System.exit(grows ? 1 : 0);
    }

    private static long used() throws InterruptedException {
        long least = Long.MAX_VALUE;
        for (int i = 0; i < 3; i++) {
            System.gc();
            Thread.sleep(200);
            least = Math.min(least, Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory());
        }
        return least;
    }
}
