package lectulum.standin;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The other end of a text service that answers one line with one line.
final class LineClient implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(3);
    private static final int MOST_QUOTED = 60;

    private final Socket socket = new Socket();
    private final Lines in;
    private final OutputStream out;
    private final Matcher greeting;
    private final String what;

    /// @param what     what it should be, such as "scale"
    /// @param greeting that it must say
    /// @throws IOException with a sentence where nothing answers, or something else
    LineClient(String host, int port, String what, Pattern greeting) throws IOException {
        this.what = what;
        String line;
        try {
            socket.connect(new InetSocketAddress(host, port), (int) PATIENCE.toMillis());
            in = new Lines(socket);
            out = socket.getOutputStream();
            line = in.next(PATIENCE);
        } catch (IOException | IllegalArgumentException e) {
            socket.close();
            throw new IOException("No " + what + " answers at " + host + ":" + port + ".", e);
        }
        this.greeting = greeting.matcher(line == null ? "" : line);
        if (!this.greeting.matches()) {
            socket.close();
            throw new IOException("What answers at " + host + ":" + port + " is no " + what + ".");
        }
    }

    /// A group of the greeting.
    String greeted(int group) {
        return greeting.group(group);
    }

    /// Asks, and waits a few seconds for the answer.
    ///
    /// @throws IOException with a sentence where none comes
    String ask(String line) throws IOException {
        String answer;
        try {
            say(line);
            answer = in.next(PATIENCE);
        } catch (IOException e) {
            throw new IOException("The " + what + " gives no answer that can be read.", e);
        }
        if (answer == null) {
            throw new IOException("The " + what + " hung up.");
        }
        return answer;
    }

    private void say(String line) throws IOException {
        out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    /// @throws IOException where the answer is not of that form
    Matcher ask(String line, Pattern form) throws IOException {
        String answer = ask(line);
        Matcher m = form.matcher(answer);
        if (!m.matches()) {
            throw new IOException("The " + what + " said: "
                    + (answer.length() > MOST_QUOTED ? answer.substring(0, MOST_QUOTED) + "…" : answer));
        }
        return m;
    }

    @Override
    public void close() throws IOException {
        try (socket) {
            say("QUIT");
        }
    }
}
