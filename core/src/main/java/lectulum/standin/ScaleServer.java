package lectulum.standin;

import java.io.IOException;
import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import lectulum.design.weighing.WeighPoint;

/// A small stand-in for a deck scale: a text service on this machine that reads what a hidden truth puts on its decks, with
/// noise, settling and steps. The lines are described in docs/standin/scale-protocol.md.
public final class ScaleServer implements AutoCloseable {
    /// First word of the greeting; the number is the version of the protocol.
    static final String GREETING = "SCALE 1";
    private static final double NOISE = 0.15;
    private static final double STILL = 0.004;
    private static final double FINEST = 0.001;
    private static final double COARSEST = 1000;

    private final LineService service;
    private final TrueMasses truth;
    private final double step;
    private final double fineStep;
    private final double settling;
    private final SplittableRandom random;
    private WeighPoint standing;
    private long since;

    /// @param port     0 for any that is free
    /// @param step     of the decks \[kg\]
    /// @param settling time in which what is left of a swing falls to a third \[s\]; 0 settles at once
    /// @throws IOException where the port is taken, or the step is none
    public ScaleServer(int port, TrueMasses truth, double step, double settling, long seed) throws IOException {
        if (!(step >= FINEST && step <= COARSEST)) {
            throw new IOException("The step of a scale is between 0.001 and 1000 kg.");
        }
        this.truth = truth;
        this.step = step;
        this.fineStep = Math.min(step, 0.5);
        this.settling = settling;
        this.random = new SplittableRandom(seed);
        this.service = new LineService(port, "scale-stand-in", GREETING + " unit=kg step="
                + BigDecimal.valueOf(step).toPlainString(), this::answer);
    }

    public int port() {
        return service.port();
    }

    @Override
    public void close() {
        service.close();
    }

    private synchronized String answer(String line) {
        String[] words = line.split("\\s+");
        return switch (words[0].toUpperCase(Locale.ROOT)) {
            case "STAND" -> stand(words.length > 1 ? words[1] : "");
            case "READ" -> read();
            case "QUIT" -> "BYE";
            default -> "ERR unknown " + words[0];
        };
    }

    private String stand(String name) {
        Optional<WeighPoint> point = java.util.Arrays.stream(WeighPoint.values())
                .filter(p -> word(p).equals(name.toLowerCase(Locale.ROOT))).findFirst();
        if (point.isEmpty()) {
            return "ERR no such place";
        }
        standing = point.get();
        since = System.nanoTime();
        return "OK " + word(standing);
    }

    private String read() {
        if (standing == null) {
            return "STABLE 0 kg";
        }
        double mass = truth.at(standing);
        boolean fine = standing == WeighPoint.COUPLER || standing == WeighPoint.JACK;
        double d = fine ? fineStep : step;
        double seconds = (System.nanoTime() - since) / 1e9;
        double swing = settling > 0 ? 0.3 * mass * Math.exp(-seconds / settling) : 0;
        boolean moving = Math.abs(swing) > Math.max(STILL * mass, d / 2);
        double noise = NOISE * d * (random.nextDouble() + random.nextDouble() - 1);
        double shown = Math.round((mass + swing * Math.cos(12 * seconds) + noise) / d) * d;
        return (moving ? "MOVING " : "STABLE ") + String.format(Locale.ROOT, d < 0.1 ? "%.3f" : "%.1f", shown) + " kg";
    }

    /// The word of a place in the protocol: `STEER_COUPLED` is `steer-coupled`.
    static String word(WeighPoint point) {
        return point.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
