package lectulum.standin;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import lectulum.power.Recalibration;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Reads the lines of a battery monitor (docs/standin/monitor-protocol.md) and sums them by hour and by day. What cannot be
/// right is dropped and counted; what is not known is left alone.
public final class MonitorLog {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final double MOST_VOLTS = 80;
    private static final double MOST_AMPS = 5000;
    private static final Duration BACKWARDS = Duration.ofSeconds(5);
    private static final double UNRELIABLE = 0.05;
    private static final double FULL = 0.99;
    private static final int LONG_FULL = 4;
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final double SECONDS = 3600;

    private final Map<Long, Sum> pv = new TreeMap<>();
    private final Map<String, Map<Long, Sum>> loads = new TreeMap<>();
    private final Map<Long, Sum> full = new TreeMap<>();
    private final Map<String, Integer> unknown = new HashMap<>();
    private Instant last;
    private Instant first;
    private long number;
    private int lines;
    private int dropped;
    private int gaps;
    private double charge;
    private double atFull;
    private double lowestState = 1;
    private double atLowest;
    private boolean wasFull;
    private Instant lastBattery;
    private boolean ended;

    /// One that has heard nothing yet.
    public MonitorLog() {
        // Everything stands at nothing.
    }

    /// A mean in the making.
    private static final class Sum {
        private double sum;
        private int n;

        void add(double x) {
            sum += x;
            n++;
        }

        double mean() {
            return n > 0 ? sum / n : 0;
        }
    }

    /// Takes one line.
    public void add(String line) {
        if (line.isBlank()) {
            return;
        }
        lines++;
        if (!taken(line)) {
            dropped++;
        }
    }

    private boolean taken(String line) {
        JsonNode node;
        Instant t;
        try {
            node = MAPPER.readTree(line);
            t = Instant.parse(node.path("t").asString(""));
        } catch (JacksonException | DateTimeParseException e) {
            return false;
        }
        if (!node.isObject() || last != null && t.isBefore(last.minus(BACKWARDS))) {
            return false;
        }
        String kind = node.path("k").asString("");
        boolean good = switch (kind) {
            case "hello", "gap", "alt", "ac", "temp" -> true;
            case "bye" -> ended = true;
            case "batt" -> battery(node, t);
            case "pv" -> number(node, "w").isPresent() && added(pv, t, number(node, "w").getAsDouble());
            case "load" -> load(node, t);
            default -> {
                unknown.merge(kind.length() > 20 ? "?" : kind, 1, Integer::sum);
                yield true;
            }
        };
        if (good) {
            first = first == null ? t : first;
            last = last == null || t.isAfter(last) ? t : last;
            long n = node.path("n").asLong(number + 1);
            gaps += number > 0 && n > number + 1 ? 1 : 0;
            number = n;
        }
        return good;
    }

    private static OptionalDouble number(JsonNode node, String key) {
        JsonNode v = node.path(key);
        return v.isNumber() && Double.isFinite(v.asDouble()) ? OptionalDouble.of(v.asDouble()) : OptionalDouble.empty();
    }

    private static boolean added(Map<Long, Sum> to, Instant t, double x) {
        if (Math.abs(x) > 1e5) {
            return false;
        }
        to.computeIfAbsent(Math.floorDiv(t.getEpochSecond(), 3600), k -> new Sum()).add(x);
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

    public int lines() {
        return lines;
    }

    public int dropped() {
        return dropped;
    }

    public int gaps() {
        return gaps;
    }

    /// Kinds of lines that this program does not know, and how many came.
    public Map<String, Integer> unknown() {
        return Map.copyOf(unknown);
    }

    /// Whether too much of it was bad to be trusted.
    public boolean unreliable() {
        return lines > 0 && dropped > UNRELIABLE * lines;
    }

    /// Whether the other end said that it is done.
    public boolean ended() {
        return ended;
    }

    /// Whole days that it covers.
    public int days() {
        return first == null ? 0 : (int) Duration.between(first, last).toDays();
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
        if (first == null) {
            return all;
        }
        long start = Math.floorDiv(first.getEpochSecond(), 3600);
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
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(host, port), (int) PATIENCE.toMillis());
            Lines in = new Lines(socket);
            String line = in.next(PATIENCE);
            while (line != null && !stop.getAsBoolean() && !log.ended()) {
                log.add(line);
                line = in.next(PATIENCE);
            }
        } catch (java.net.SocketTimeoutException e) {
            if (log.lines() == 0) {
                throw new IOException("What answers at " + host + ":" + port + " says nothing.", e);
            }
        } catch (IOException | IllegalArgumentException e) {
            if (log.lines() == 0) {
                throw new IOException("No monitor answers at " + host + ":" + port + ".", e);
            }
        }
        return log;
    }
}
