package lectulum.standin;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Lines of JSON with a time and a kind, as devices on a camper tell them. What cannot be right is dropped and counted; what
/// is not known is left alone.
public abstract class TimedLog {
    static final double SECONDS = 3600;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final Duration BACKWARDS = Duration.ofSeconds(5);
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    /// What lies further behind the first line is a clock that is wrong: nobody tells of so long a time in one go.
    private static final Duration LONGEST = Duration.ofDays(3 * 366);
    private static final double UNRELIABLE = 0.05;
    private static final int NAMED = 20;

    private final Map<String, Integer> unknown = new HashMap<>();
    private Instant last;
    private Instant first;
    private long number;
    private int lines;
    private int dropped;
    private int gaps;
    private boolean ended;

    TimedLog() {
        // Nothing was heard yet.
    }

    /// What a kind of line does to the sums.
    enum Taken {
        GOOD, BAD, UNKNOWN
    }

    /// A mean in the making.
    static final class Sum {
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

    /// Takes a line of a kind of its own.
    abstract Taken take(String kind, JsonNode node, Instant t);

    /// Takes one line.
    public final void add(String line) {
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
        if (!node.isObject() || last != null && t.isBefore(last.minus(BACKWARDS))
                || first != null && t.isAfter(first.plus(LONGEST))) {
            return false;
        }
        String kind = node.path("k").asString("");
        boolean good = switch (kind) {
            case "hello" -> true;
            case "bye" -> ended = true;
            default -> switch (take(kind, node, t)) {
                case GOOD -> true;
                case BAD -> false;
                case UNKNOWN -> {
                    unknown.merge(kind.length() > NAMED ? "?" : kind, 1, Integer::sum);
                    yield true;
                }
            };
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

    static OptionalDouble number(JsonNode node, String key) {
        JsonNode v = node.path(key);
        return v.isNumber() && Double.isFinite(v.asDouble()) ? OptionalDouble.of(v.asDouble()) : OptionalDouble.empty();
    }

    /// The hour since 1970 that a time lies in.
    static long hour(Instant t) {
        return Math.floorDiv(t.getEpochSecond(), (long) SECONDS);
    }

    public final int lines() {
        return lines;
    }

    public final int dropped() {
        return dropped;
    }

    public final int gaps() {
        return gaps;
    }

    /// Kinds of lines that this program does not know, and how many came.
    public final Map<String, Integer> unknown() {
        return Map.copyOf(unknown);
    }

    /// Whether too much of it was bad to be trusted.
    public final boolean unreliable() {
        return lines > 0 && dropped > UNRELIABLE * lines;
    }

    /// Whether the other end said that it is done.
    public final boolean ended() {
        return ended;
    }

    /// What came, in a sentence.
    public final String heard() {
        return lines + " lines, " + days() + (days() == 1 ? " whole day" : " whole days")
                + (dropped > 0 ? ", " + dropped + " lines dropped that cannot be right" : "")
                + (gaps > 0 ? ", " + gaps + " gaps" : "")
                + (unreliable() ? ". Too many are bad: this is not to be trusted." : ".");
    }

    /// Whole days that it covers.
    public final int days() {
        return first == null ? 0 : (int) Duration.between(first, last).toDays();
    }

    /// Hour of its first line; 0 before it.
    final long start() {
        return first == null ? 0 : hour(first);
    }

    /// Listens to a device until it says goodbye, falls silent, or is stopped.
    ///
    /// @param device as a sentence names it
    /// @param stop   asked between lines
    /// @throws IOException with a sentence where nothing answers
    final void listen(String device, String host, int port, BooleanSupplier stop) throws IOException {
        int before = lines;
        ended = false;
        last = null;
        number = 0;
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(host, port), (int) PATIENCE.toMillis());
            Lines in = new Lines(socket);
            String line = in.next(PATIENCE);
            while (line != null && !stop.getAsBoolean() && !ended) {
                add(line);
                line = in.next(PATIENCE);
            }
        } catch (java.net.SocketTimeoutException e) {
            if (lines == before) {
                throw new IOException("What answers at " + host + ":" + port + " says nothing.", e);
            }
        } catch (IOException | IllegalArgumentException e) {
            if (lines == before) {
                throw new IOException("No " + device + " answers at " + host + ":" + port + ".", e);
            }
        }
    }
}
