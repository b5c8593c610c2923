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

/// The other end of a text service that answers one line with one line.
final class LineClient implements AutoCloseable {
    private static final int PATIENCE = 3000;

    private final Socket socket = new Socket();
    private final BufferedReader in;
    private final PrintWriter out;
    private final Matcher greeting;
    private final String what;

    /// @param what     what it should be, such as "scale"
    /// @param greeting that it must say
    /// @throws IOException with a sentence where nothing answers, or something else
    LineClient(String host, int port, String what, Pattern greeting) throws IOException {
        this.what = what;
        String line;
        try {
            socket.connect(new InetSocketAddress(host, port), PATIENCE);
            socket.setSoTimeout(PATIENCE);
            in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            out = new PrintWriter(socket.getOutputStream(), true, StandardCharsets.UTF_8);
            line = in.readLine();
        } catch (IOException e) {
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

    String ask(String line) throws IOException {
        out.println(line);
        String answer = in.readLine();
        if (answer == null) {
            throw new IOException("The " + what + " hung up.");
        }
        return answer;
    }

    /// @throws IOException where the answer is not of that form
    Matcher ask(String line, Pattern form) throws IOException {
        String answer = ask(line);
        Matcher m = form.matcher(answer);
        if (!m.matches()) {
            throw new IOException("The " + what + " said: " + answer);
        }
        return m;
    }

    @Override
    public void close() throws IOException {
        out.println("QUIT");
        socket.close();
    }
}
