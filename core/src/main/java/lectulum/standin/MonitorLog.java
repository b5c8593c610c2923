package lectulum.standin;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import lectulum.power.Recalibration;
import tools.jackson.databind.JsonNode;

/// Reads the lines of a battery monitor (docs/standin/monitor-protocol.md) and sums them by hour and by day.
public final class MonitorLog extends TimedLog {
    private static final double MOST_VOLTS = 80;
    private static final double MOST_AMPS = 5000;
    private static final double FULL = 0.99;
    private static final int LONG_FULL = 4;

    private final Map<Long, Sum> pv = new TreeMap<>();
    private final Map<String, Map<Long, Sum>> loads = new TreeMap<>();
    private final Map<Long, Sum> full = new TreeMap<>();
    private double charge;
    private double atFull;
    private double lowestState = 1;
    private double atLowest;
    private boolean wasFull;
    private Instant lastBattery;

    /// One that has heard nothing yet.
    public MonitorLog() {
        // Everything stands at nothing.
    }

    @Override
    Taken take(String kind, JsonNode node, Instant t) {
        return switch (kind) {
            case "gap", "alt", "ac", "temp" -> Taken.GOOD;
            case "batt" -> taken(battery(node, t));
            case "pv" -> taken(number(node, "w").isPresent() && added(pv, t, number(node, "w").getAsDouble()));
            case "load" -> taken(load(node, t));
            default -> Taken.UNKNOWN;
        };
    }

    private static Taken taken(boolean good) {
        return good ? Taken.GOOD : Taken.BAD;
    }

    private static boolean added(Map<Long, Sum> to, Instant t, double x) {
        if (Math.abs(x) > 1e5) {
            return false;
        }
        to.computeIfAbsent(hour(t), k -> new Sum()).add(x);
        return true;
    }

    private boolean load(JsonNode node, Instant t) {
        String id = node.path("id").asString("");
        OptionalDouble w = number(node, "w");
        return !id.isEmpty() && w.isPresent()
                && added(loads.computeIfAbsent(id, k -> new TreeMap<>()), t, w.getAsDouble());
    }

    private boolean battery(JsonNode node, Instant t) {
        OptionalDouble v = number(node, "v");
        OptionalDouble i = number(node, "i");
        if (v.isEmpty() || i.isEmpty() || Math.abs(v.getAsDouble()) > MOST_VOLTS
                || Math.abs(i.getAsDouble()) > MOST_AMPS) {
            return false;
        }
        if (lastBattery != null) {
            double hours = Math.min(1, Duration.between(lastBattery, t).toSeconds() / SECONDS);
            charge += i.getAsDouble() * Math.max(0, hours);
        }
        lastBattery = t;
        OptionalDouble soc = number(node, "soc");
        if (soc.isPresent()) {
            double s = soc.getAsDouble();
            added(full, t, s >= FULL ? 1 : 0);
            if (s >= FULL) {
                wasFull = true;
                atFull = charge;
                lowestState = s;
                atLowest = charge;
            } else if (wasFull && s < lowestState) {
                lowestState = s;
                atLowest = charge;
            }
        }
        return true;
    }

    /// What was measured, by whole days.
    public Recalibration.Measured measured() {
        Map<String, List<Double>> energy = new TreeMap<>();
        loads.forEach((id, hours) -> energy.put(id, days(hours, false)));
        return new Recalibration.Measured(energy, days(pv, true), Math.max(0, atFull - atLowest),
                wasFull ? 1 - lowestState : 0);
    }

    /// Sums of the days that have all their hours.
    ///
    /// @param told whether a day on which the battery was full for long while the sun shone tells nothing
    private List<Double> days(Map<Long, Sum> hours, boolean told) {
        List<Double> all = new ArrayList<>();
        long start = start();
        for (int d = 0; d < days(); d++) {
            double sum = 0;
            int known = 0;
            int filled = 0;
            for (long h = start + 24L * d; h < start + 24L * (d + 1); h++) {
                Sum s = hours.get(h);
                known += s != null ? 1 : 0;
                sum += s != null ? s.mean() : 0;
                boolean sunny = s != null && s.mean() > 0;
                filled += told && sunny && full.containsKey(h) && full.get(h).mean() > 0.5 ? 1 : 0;
            }
            if (known == 24) {
                all.add(told && filled >= LONG_FULL ? Double.NaN : sum);
            }
        }
        return all;
    }

    /// Reads a monitor until it says goodbye, falls silent, or is stopped.
    ///
    /// @param stop asked between lines
    /// @throws IOException with a sentence where nothing answers
    public static MonitorLog read(String host, int port, BooleanSupplier stop) throws IOException {
        MonitorLog log = new MonitorLog();
        log.listen("monitor", host, port, stop);
        return log;
    }
}
