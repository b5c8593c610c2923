package lectulum.standin;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.function.UnaryOperator;

/// A text service on this machine that greets and then answers one line with one line; `BYE` hangs up.
///
/// It holds a few clients at a time: one more takes the place of the one that was silent longest. A line that is too long,
/// a client that says nothing for long, and one that does not take its answers are hung up on.
final class LineService implements AutoCloseable {
    /// Clients served at a time.
    static final int MOST_CLIENTS = 16;
    private static final Duration SILENCE = Duration.ofMinutes(30);
    private static final Duration DEFAULT_STALL = Duration.ofSeconds(5);

    private final ServerSocket socket;
    private final String greeting;
    private final UnaryOperator<String> answers;
    private final Duration stall;
    private final Deque<Client> clients = new ArrayDeque<>();

    /// @param port 0 for any that is free
    /// @throws IOException where the port is taken
    LineService(int port, String name, String greeting, UnaryOperator<String> answers) throws IOException {
        this(port, name, greeting, answers, DEFAULT_STALL);
    }

    /// @param stall how long a client may leave an answer untaken
    LineService(int port, String name, String greeting, UnaryOperator<String> answers, Duration stall)
            throws IOException {
        if (port < 0 || port > 65_535) {
            throw new IOException("A port is a number from 0 to 65535.");
        }
        this.socket = new ServerSocket(port, 64, InetAddress.getLoopbackAddress());
        this.greeting = greeting;
        this.answers = answers;
        this.stall = stall;
        Thread.ofPlatform().daemon().name(name).start(this::serve);
        Thread.ofPlatform().daemon().name(name + " watch").start(this::watch);
    }

    int port() {
        return socket.getLocalPort();
    }

    /// Clients that are connected.
    int clients() {
        synchronized (clients) {
            return clients.size();
        }
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
                Client client = new Client(socket.accept());
                synchronized (clients) {
                    if (clients.size() == MOST_CLIENTS) {
                        clients.stream().min(Comparator.comparingLong(c -> c.heard)).ifPresent(this::hangUp);
                    }
                    clients.add(client);
                }
                Thread.ofPlatform().daemon().name("stand-in client").start(client::talk);
            } catch (IOException e) {
                pause();
            }
        }
        synchronized (clients) {
            clients.forEach(Client::close);
        }
    }

    /// Hangs up on clients that do not take what they are told.
    private void watch() {
        while (!socket.isClosed()) {
            pause();
            long late = System.nanoTime() - stall.toNanos();
            synchronized (clients) {
                clients.stream().filter(c -> c.telling != 0 && c.telling - late < 0).forEach(Client::close);
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void hangUp(Client client) {
        synchronized (clients) {
            clients.remove(client);
        }
        client.close();
    }

    private final class Client {
        private final Socket line;
        private volatile long heard = System.nanoTime();
        private volatile long telling;

        Client(Socket line) {
            this.line = line;
        }

        void talk() {
            try {
                Lines in = new Lines(line);
                OutputStream out = line.getOutputStream();
                tell(out, greeting);
                for (String asked = in.next(SILENCE); asked != null; asked = in.next(SILENCE)) {
                    heard = System.nanoTime();
                    String answer = answers.apply(asked.strip());
                    tell(out, answer);
                    if (answer.equals("BYE")) {
                        break;
                    }
                }
            } catch (IOException e) {
                // The client went away, or was hung up on: the next one is served.
            } finally {
                hangUp(this);
            }
        }

        private void tell(OutputStream out, String text) throws IOException {
            telling = System.nanoTime() | 1;
            out.write((text + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
            telling = 0;
        }

        void close() {
            try {
                line.close();
            } catch (IOException gone) {
                // It is closed all the same.
            }
        }
    }
}
