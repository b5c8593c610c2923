package lectulum.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Logbook;
import lectulum.design.works.Job;
import lectulum.design.works.Works;
import lectulum.kernel.schedule.Pert;
import lectulum.kernel.schedule.Trials;

/// Receipts, tasks and entries of nobody, as many as are asked for; the same each time.
final class Books {
    private static final double HOUR = 3600;
    private static final int SHOPS = 40;
    /// Tasks before one, of which it waits for one or two.
    private static final int NEAR = 3;

    private Books() {
    }

    /// A table of receipts, some of the same product.
    static String receipts(int rows) {
        SplittableRandom random = new SplittableRandom(1);
        StringBuilder text = new StringBuilder("date,shop,description,qty,pack,unit_price,tax,freight,paid\n");
        for (int i = 0; i < rows; i++) {
            text.append(String.format(Locale.ROOT, "2026-%02d-%02d,shop %d,part %d,%d,1,%d.%02d,0.19,%d,%s%n",
                    1 + random.nextInt(12), 1 + random.nextInt(28), random.nextInt(SHOPS), random.nextInt(rows / 2),
                    1 + random.nextInt(9), 1 + random.nextInt(90), random.nextInt(100), random.nextInt(9),
                    random.nextBoolean() ? "yes" : "no"));
        }
        return text.toString();
    }

    /// Tasks of one's own, each of which waits for one of the last three, a quarter of which dry for a day.
    static Works works(int tasks) {
        SplittableRandom random = new SplittableRandom(2);
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < tasks; i++) {
            jobs.add(Job.own("own-" + i, "task " + i, 8 * HOUR)
                    .withAfter(i < NEAR ? List.of() : List.of("own-" + (i - 1 - random.nextInt(NEAR))))
                    .withDrying(i % 4 == 0 ? 24 * HOUR : 0));
        }
        return Works.NONE.withStart("2027-03-01").withJobs(jobs);
    }

    /// Tasks for trials, each of which waits for two of the last three.
    static List<Trials.Job> jobs(int tasks) {
        SplittableRandom random = new SplittableRandom(3);
        return IntStream.range(0, tasks).mapToObj(i -> new Trials.Job("t" + i, Pert.usual(8), 0, i < NEAR
                ? List.of()
                : List.of("t" + (i - 1 - random.nextInt(NEAR)), "t" + (i - 1 - random.nextInt(NEAR))))).toList();
    }

    static Logbook log(int entries) {
        return Logbook.NONE.withEntries(IntStream.range(0, entries).mapToObj(i -> LogEntry.of("entry-" + i,
                "2027-01-01", LogEntry.Kind.WORK, "sanded and oiled number " + i)).toList());
    }
}
