package lectulum.power;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import lectulum.discipline.Study;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;
import lectulum.kernel.weather.Band;
import lectulum.units.Quantity;

/// How long the bank alone lasts from each day of a month on: a full battery at midnight, somebody there, no source, in the
/// weather of the year.
///
/// @param nights from each day on, to the first hour in which something is not had; [#MOST] where none comes
record Autonomy(List<Double> nights) {
    /// Days beyond which nobody counts.
    static final int MOST = 60;
    /// Days that are looked at first: most banks are empty by then.
    private static final int SOON = 8;
    private static final int DAY = 24;
    private static final String SOURCE = "hourly simulation over a seeded year; see docs/method/power.md";

    Autonomy {
        nights = List.copyOf(nights);
    }

    /// @param year  of the weather, hour by hour
    /// @param month counted from 0
    static Autonomy of(Rehearsal r, Bank bank, Hours year, int month) {
        int days = year.count() / DAY;
        Simulation alone = r.alone(bank);
        List<Double> all = IntStream.range(0, days).filter(d -> Band.month(d + 1) == month)
                .mapToObj(d -> {
                    double soon = from(alone, year, d, SOON);
                    return soon < SOON ? soon : from(alone, year, d, MOST);
                }).toList();
        return new Autonomy(all);
    }

    private static double from(Simulation alone, Hours year, int day, int days) {
        int n = days * DAY;
        double[] air = new double[n];
        byte[] season = new byte[n];
        for (int h = 0; h < n; h++) {
            int at = (day * DAY + h) % year.count();
            air[h] = year.air()[at];
            season[h] = year.season()[at];
        }
        boolean[] here = new boolean[n];
        Arrays.fill(here, true);
        int first = alone.firstEmpty(new Hours(air, new double[n], here, new double[n], new boolean[n], season), 1);
        return first < 0 ? days : first / (double) DAY;
    }

    double least() {
        return nights.stream().mapToDouble(x -> x).min().orElse(0);
    }

    double mean() {
        return nights.stream().mapToDouble(x -> x).average().orElse(0);
    }

    /// @param wanted nights of the brief
    Study study(double wanted) {
        Study.Notebook book = new Study.Notebook("power-alone", Stage.POWER,
                "The battery alone", "");
        Sentence numbers = Sentence.of("a full battery at midnight, somebody there, neither sun nor shore nor vehicle");
        book.figure("power.alone.least", "From the worst day of the month on", least(), Quantity.NIGHTS,
                "least of the days", numbers, SOURCE);
        book.figure("power.alone.mean", "From a usual day on", mean(), Quantity.NIGHTS, "mean of the days", numbers,
                SOURCE);
        double[] x = new double[nights.size()];
        double[] y = new double[nights.size()];
        for (int i = 0; i < x.length; i++) {
            x[i] = i + 1.0;
            y[i] = nights.get(i);
        }
        book.chart(new Chart("Nights from each day of the month on", "day", Quantity.COUNT, "", Quantity.NIGHTS,
                List.of(new Chart.Curve("battery alone", x, y)), List.of(new Chart.Limit("trip", wanted))));
        return book.done();
    }
}
