package lectulum.standin;

import java.io.IOException;
import java.time.Instant;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import lectulum.trip.Learnt;
import tools.jackson.databind.JsonNode;

/// Reads the lines of tank senders and of a weather station (docs/standin/camp-protocol.md) and keeps their means by hour.
public final class CampLog extends TimedLog {
    private static final double MOST_LITRES = 5000;
    private static final double MOST_OHMS = 1e5;
    private static final double COLDEST = -60;
    private static final double HOTTEST = 80;
    private static final double MOST_WATTS = 50_000;
    private static final double LITRES = 1000;

    private final Map<String, Map<Long, Sum>> litres = new TreeMap<>();
    private final Map<String, Map<Long, Sum>> ohms = new TreeMap<>();
    private final Map<Long, Sum> inside = new TreeMap<>();
    private final Map<Long, Sum> outside = new TreeMap<>();
    private final Map<Long, Sum> heat = new TreeMap<>();

    /// One that has heard nothing yet.
    public CampLog() {
        // Everything stands at nothing.
    }

    @Override
    Taken take(String kind, JsonNode node, Instant t) {
        return switch (kind) {
            case "tank" -> tank(node, t);
            case "air" -> air(node, t);
            case "heat" -> put(heat, t, number(node, "w"), 0, MOST_WATTS) ? Taken.GOOD : Taken.BAD;
            default -> Taken.UNKNOWN;
        };
    }

    private Taken tank(JsonNode node, Instant t) {
        String id = node.path("id").asString("");
        if (id.isEmpty()) {
            return Taken.BAD;
        }
        boolean told = node.has("ohms")
                ? put(ohms.computeIfAbsent(id, k -> new TreeMap<>()), t, number(node, "ohms"), 0, MOST_OHMS)
                : put(litres.computeIfAbsent(id, k -> new TreeMap<>()), t, number(node, "l"), 0, MOST_LITRES);
        return told ? Taken.GOOD : Taken.BAD;
    }

    private Taken air(JsonNode node, Instant t) {
        OptionalDouble in = number(node, "in");
        OptionalDouble out = number(node, "out");
        if (!fits(in, COLDEST, HOTTEST) || !fits(out, COLDEST, HOTTEST)) {
            return Taken.BAD;
        }
        put(inside, t, in, COLDEST, HOTTEST);
        put(outside, t, out, COLDEST, HOTTEST);
        return Taken.GOOD;
    }

    private static boolean fits(OptionalDouble x, double low, double high) {
        return x.isPresent() && x.getAsDouble() >= low && x.getAsDouble() <= high;
    }

    private static boolean put(Map<Long, Sum> to, Instant t, OptionalDouble x, double low, double high) {
        if (!fits(x, low, high)) {
            return false;
        }
        to.computeIfAbsent(hour(t), k -> new Sum()).add(x.getAsDouble());
        return true;
    }

    /// What was told, hour by hour from the first one on.
    public Learnt.Told told() {
        int hours = 24 * days();
        Map<String, double[]> volumes = new TreeMap<>();
        litres.forEach((id, by) -> volumes.put(id, series(by, hours, 1 / LITRES)));
        Map<String, double[]> resistances = new TreeMap<>();
        ohms.forEach((id, by) -> resistances.put(id, series(by, hours, 1)));
        return new Learnt.Told(volumes, resistances, series(inside, hours, 1), series(outside, hours, 1),
                series(heat, hours, 1));
    }

    /// NaN in an hour of which nothing was heard.
    private double[] series(Map<Long, Sum> by, int hours, double times) {
        double[] all = new double[hours];
        for (int h = 0; h < hours; h++) {
            Sum s = by.get(start() + h);
            all[h] = s == null ? Double.NaN : s.mean() * times;
        }
        return all;
    }

    /// Reads tank senders, then a weather station, each until it says goodbye, falls silent, or is stopped.
    ///
    /// @param stop asked between lines
    /// @throws IOException with a sentence where nothing answers
    public void read(String device, String host, int port, BooleanSupplier stop) throws IOException {
        listen(device, host, port, stop);
    }
}
