package lectulum.standin;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;

/// A text service on this machine that greets and then answers one line with one line; `BYE` hangs up.
final class LineService implements AutoCloseable {
    private final ServerSocket socket;
    private final String greeting;
    private final UnaryOperator<String> answers;

    /// @param port 0 for any that is free
    /// @throws IOException where the port is taken
    LineService(int port, String name, String greeting, UnaryOperator<String> answers) throws IOException {
        this.socket = new ServerSocket(port, 8, InetAddress.getLoopbackAddress());
        this.greeting = greeting;
        this.answers = answers;
        Thread.ofPlatform().daemon().name(name).start(this::serve);
    }

    int port() {
        return socket.getLocalPort();
    }

    @Override
    public void close() {
        try {
            socket.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void serve() {
        while (!socket.isClosed()) {
            try {
                Socket client = socket.accept();
                Thread.ofPlatform().daemon().name("stand-in client").start(() -> talk(client));
            } catch (IOException e) {
                return;
            }
        }
    }

    private void talk(Socket client) {
        try (client;
                var in = new BufferedReader(new InputStreamReader(client.getInputStream(), StandardCharsets.UTF_8));
                var out = new PrintWriter(client.getOutputStream(), true, StandardCharsets.UTF_8)) {
            out.println(greeting);
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                String answer = answers.apply(line.strip());
                out.println(answer);
                if (answer.equals("BYE")) {
                    return;
                }
            }
        } catch (IOException e) {
            // The client went away: the next one is served.
        }
    }
}
