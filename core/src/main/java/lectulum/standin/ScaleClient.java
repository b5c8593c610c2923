package lectulum.standin;

import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lectulum.design.weighing.WeighPoint;
import lectulum.units.Units;

/// Reads a scale that speaks the text lines of docs/standin/scale-protocol.md: the stand-in, or a device.
public final class ScaleClient implements AutoCloseable {
    private static final String NUMBER = "([0-9]{1,7}(?:\\.[0-9]{1,9})?)";
    private static final Pattern GREETING = Pattern.compile(Pattern.quote(ScaleServer.GREETING)
            + " unit=(kg|lb) step=" + NUMBER);
    private static final Pattern READING = Pattern.compile("(STABLE|MOVING) (-?)" + NUMBER + " (kg|lb)");

    private final LineClient line;

    /// @throws IOException with a sentence where nothing answers, or something that is no scale
    public ScaleClient(String host, int port) throws IOException {
        line = new LineClient(host, port, "scale", GREETING);
    }

    /// What the display says.
    ///
    /// @param kg     \[kg\]
    /// @param stable whether it has come to rest
    public record Shown(double kg, boolean stable) {
    }

    /// Step of the display \[kg\].
    public double step() {
        return inKilograms(line.greeted(2), line.greeted(1));
    }

    private static double inKilograms(String number, String unit) {
        return Double.parseDouble(number) * (unit.equals("lb") ? Units.POUND : 1);
    }

    /// Asks the stand-in to put something on the decks. A device cannot: then somebody has to drive.
    ///
    /// @return whether it was done
    public boolean stand(WeighPoint point) throws IOException {
        return line.ask("STAND " + ScaleServer.word(point)).startsWith("OK");
    }

    public Shown read() throws IOException {
        Matcher m = line.ask("READ", READING);
        return new Shown(inKilograms(m.group(2) + m.group(3), m.group(4)), m.group(1).equals("STABLE"));
    }

    @Override
    public void close() throws IOException {
        line.close();
    }
}
