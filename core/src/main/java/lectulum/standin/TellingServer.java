package lectulum.standin;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;

/// A stand-in that tells everyone who connects the same lines from the beginning, then hangs up. On this machine only.
public final class TellingServer implements AutoCloseable {
    private final ServerSocket socket;
    private final Consumer<Consumer<String>> tells;
    private volatile boolean closed;

    /// @param port  0 for any that is free
    /// @param tells says its lines to whoever takes them
    /// @throws IOException where the port is taken
    public TellingServer(String name, int port, Consumer<Consumer<String>> tells) throws IOException {
        this.tells = tells;
        this.socket = new ServerSocket(port, 4, InetAddress.getLoopbackAddress());
        Thread.ofVirtual().name(name).start(this::serve);
    }

    public int port() {
        return socket.getLocalPort();
    }

    private void serve() {
        while (!closed) {
            try (Socket client = socket.accept()) {
                OutputStream out = client.getOutputStream();
                tells.accept(line -> {
                    try {
                        out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
                    } catch (IOException e) {
                        throw new Gone(e);
                    }
                });
                out.flush();
            } catch (Gone | IOException e) {
                // Whoever listened has gone; the next one hears it from the beginning.
            }
        }
    }

    private static final class Gone extends RuntimeException {
        private static final long serialVersionUID = 1;

        Gone(IOException cause) {
            super(cause);
        }
    }

    @Override
    public void close() {
        closed = true;
        try {
            socket.close();
        } catch (IOException e) {
            // It is closed either way.
        }
    }
}
