package lectulum.standin;

import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads a level that speaks the text lines of docs/standin/level-protocol.md: the stand-in, or a device.
public final class LevelClient implements AutoCloseable {
    private static final Pattern GREETING = Pattern.compile(Pattern.quote(LevelServer.GREETING) + " unit=deg");
    private static final Pattern READING = Pattern
            .compile("PITCH (-?[0-9]{1,3}(?:\\.[0-9]{1,6})?) ROLL (-?[0-9]{1,3}(?:\\.[0-9]{1,6})?) deg");

    private final LineClient line;

    /// @throws IOException with a sentence where nothing answers, or something that is no level
    public LevelClient(String host, int port) throws IOException {
        line = new LineClient(host, port, "level", GREETING);
    }

    /// @param pitch nose up positive \[rad\]
    /// @param roll  right side down positive \[rad\]
    public record Stands(double pitch, double roll) {
    }

    public Stands read() throws IOException {
        Matcher m = line.ask("READ", READING);
        return new Stands(Math.toRadians(Double.parseDouble(m.group(1))),
                Math.toRadians(Double.parseDouble(m.group(2))));
    }

    @Override
    public void close() throws IOException {
        line.close();
    }
}
