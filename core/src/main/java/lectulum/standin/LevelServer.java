package lectulum.standin;

import java.io.IOException;
import java.util.Locale;
import java.util.SplittableRandom;

/// A small stand-in for a level on the camper: a text service on this machine that says how it stands on a made-up site,
/// with a little noise. The lines are described in docs/standin/level-protocol.md.
public final class LevelServer implements AutoCloseable {
    static final String GREETING = "LEVEL 1";
    private static final double STEEPEST = 4;
    private static final double NOISE = 0.05;

    private final LineService service;
    private final SplittableRandom random;
    private final double pitch;
    private final double roll;

    /// @param port 0 for any that is free
    /// @param seed which site it stands on
    /// @throws IOException where the port is taken
    public LevelServer(int port, long seed) throws IOException {
        random = new SplittableRandom(seed);
        pitch = STEEPEST * (2 * random.nextDouble() - 1);
        roll = STEEPEST * (2 * random.nextDouble() - 1);
        service = new LineService(port, "level-stand-in", GREETING + " unit=deg", this::answer);
    }

    public int port() {
        return service.port();
    }

    /// How it truly stands: nose up, right side down \[°\].
    public double[] truth() {
        return new double[]{pitch, roll};
    }

    private synchronized String answer(String line) {
        return switch (line.toUpperCase(Locale.ROOT)) {
            case "READ" -> String.format(Locale.ROOT, "PITCH %.2f ROLL %.2f deg", pitch + noise(), roll + noise());
            case "QUIT" -> "BYE";
            default -> "ERR unknown " + line;
        };
    }

    private double noise() {
        return NOISE * (2 * random.nextDouble() - 1);
    }

    @Override
    public void close() {
        service.close();
    }
}
