package lectulum.standin;

import java.io.IOException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import lectulum.power.TrueTrip;

/// A small stand-in for a battery monitor: lines of JSON over a local port that tell a made-up trip in fast time, once to
/// everyone who connects. The lines are described in docs/standin/monitor-protocol.md.
public final class MonitorServer implements AutoCloseable {
    static final int MINUTES = 10;
    static final Instant START = Instant.parse("2031-07-18T00:00:00Z");
    private static final double VOLT_NOISE = 0.01;
    private static final double AMP_NOISE = 0.05;
    private final TellingServer server;

    /// @param port 0 for any that is free
    /// @throws IOException where the port is taken
    public MonitorServer(int port, TrueTrip trip, long seed) throws IOException {
        this.server = new TellingServer("monitor-stand-in", port, to -> tell(trip, seed, to));
    }

    public int port() {
        return server.port();
    }

    /// All lines of a trip.
    static void tell(TrueTrip trip, long seed, Consumer<String> to) {
        SplittableRandom chance = new SplittableRandom(seed);
        to.accept(String.format(Locale.ROOT,
                "{\"t\":\"%s\",\"k\":\"hello\",\"name\":\"monitor stand-in\",\"version\":1,\"units\":\"SI\",\"n\":1}",
                START));
        int n = 1;
        for (int h = 0; h < trip.hours().size(); h++) {
            TrueTrip.Hour hour = trip.hours().get(h);
            double amps = (hour.sun() - hour.load()) / trip.volts();
            for (int m = 0; m < 60; m += MINUTES) {
                Instant t = START.plus(60L * h + m, ChronoUnit.MINUTES);
                double v = trip.volts() * (0.97 + 0.05 * hour.state()) + VOLT_NOISE * chance.nextGaussian();
                to.accept(String.format(Locale.ROOT,
                        "{\"t\":\"%s\",\"k\":\"batt\",\"v\":%.3f,\"i\":%.3f,\"soc\":%.4f,\"temp\":%.1f,\"n\":%d}", t, v,
                        amps + AMP_NOISE * chance.nextGaussian(), hour.state(), hour.air(), ++n));
                to.accept(String.format(Locale.ROOT, "{\"t\":\"%s\",\"k\":\"pv\",\"w\":%.2f,\"n\":%d}", t, hour.sun(),
                        ++n));
                for (Map.Entry<String, Double> load : hour.loads().entrySet()) {
                    to.accept(String.format(Locale.ROOT,
                            "{\"t\":\"%s\",\"k\":\"load\",\"id\":\"%s\",\"w\":%.3f,\"n\":%d}",
                            t, load.getKey().replaceAll("[^A-Za-z0-9._-]", ""), load.getValue(), ++n));
                }
            }
        }
        to.accept(String.format(Locale.ROOT, "{\"t\":\"%s\",\"k\":\"bye\",\"n\":%d}",
                START.plus(trip.hours().size(), ChronoUnit.HOURS), ++n));
    }

    @Override
    public void close() {
        server.close();
    }
}
