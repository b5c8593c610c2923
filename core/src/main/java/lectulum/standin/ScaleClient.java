package lectulum.standin;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lectulum.design.WeighPoint;

/// Reads a scale that speaks the text lines of docs/standin/scale-protocol.md: the stand-in, or a device.
public final class ScaleClient implements AutoCloseable {
    private static final int PATIENCE = 3000;
    private static final Pattern GREETING = Pattern.compile(Pattern.quote(ScaleServer.GREETING)
            + " unit=(kg|lb) step=([0-9.]+)");
    private static final Pattern READING = Pattern.compile("(STABLE|MOVING) (-?[0-9.]+) (kg|lb)");
    private static final double POUND = lectulum.units.Units.POUND;

    private final Socket socket = new Socket();
    private final BufferedReader in;
    private final PrintWriter out;
    private final double step;

    /// @throws IOException with a sentence where nothing answers, or something that is no scale
    public ScaleClient(String host, int port) throws IOException {
        try {
            socket.connect(new InetSocketAddress(host, port), PATIENCE);
            socket.setSoTimeout(PATIENCE);
            in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            out = new PrintWriter(socket.getOutputStream(), true, StandardCharsets.UTF_8);
            String line = in.readLine();
            Matcher greeting = GREETING.matcher(line == null ? "" : line);
            if (!greeting.matches()) {
                throw new IOException("What answers at " + host + ":" + port + " is no scale.");
            }
            step = Double.parseDouble(greeting.group(2)) * (greeting.group(1).equals("lb") ? POUND : 1);
        } catch (IOException e) {
            socket.close();
            throw e.getMessage() != null && e.getMessage().endsWith("is no scale.")
                    ? e
                    : new IOException("No scale answers at " + host + ":" + port + ".", e);
        }
    }

    /// What the display says.
    ///
    /// @param kg     \[kg\]
    /// @param stable whether it has come to rest
    public record Shown(double kg, boolean stable) {
    }

    /// Step of the display \[kg\].
    public double step() {
        return step;
    }

    /// Asks the stand-in to put something on the decks. A device cannot: then somebody has to drive.
    ///
    /// @return whether it was done
    public boolean stand(WeighPoint point) throws IOException {
        return ask("STAND " + ScaleServer.word(point)).startsWith("OK");
    }

    public Shown read() throws IOException {
        String line = ask("READ");
        Matcher m = READING.matcher(line);
        if (!m.matches()) {
            throw new IOException("The scale said: " + line);
        }
        return new Shown(Double.parseDouble(m.group(2)) * (m.group(3).equals("lb") ? POUND : 1),
                m.group(1).equals("STABLE"));
    }

    private String ask(String line) throws IOException {
        out.println(line);
        String answer = in.readLine();
        if (answer == null) {
            throw new IOException("The scale hung up.");
        }
        return answer;
    }

    @Override
    public void close() throws IOException {
        out.println("QUIT");
        socket.close();
    }
}
