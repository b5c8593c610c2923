package lectulum.standin;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;

/// Lines of text from a socket, with limits on their length and on the time they take.
final class Lines {
    /// The longest line that is read \[bytes\].
    static final int LONGEST = 400;

    private final Socket socket;
    private final InputStream in;
    private final byte[] buffer = new byte[LONGEST];
    private int from;
    private int to;

    Lines(Socket socket) throws IOException {
        this.socket = socket;
        this.in = socket.getInputStream();
    }

    /// The next line without its end; null where the other side hung up.
    ///
    /// @param within time for the whole line, however it drips
    /// @throws IOException where the line is longer than [#LONGEST] or takes longer than that
    String next(Duration within) throws IOException {
        long end = System.nanoTime() + within.toNanos();
        var line = new ByteArrayOutputStream();
        for (int c = read(end); c != '\n'; c = read(end)) {
            if (c < 0) {
                return line.size() == 0 ? null : line.toString(StandardCharsets.UTF_8);
            }
            if (line.size() == LONGEST) {
                throw new IOException("a line of more than " + LONGEST + " characters");
            }
            if (c != '\r') {
                line.write(c);
            }
        }
        return line.toString(StandardCharsets.UTF_8);
    }

    private int read(long end) throws IOException {
        if (from == to) {
            long left = (end - System.nanoTime()) / 1_000_000;
            if (left <= 0) {
                throw new SocketTimeoutException("no whole line in time");
            }
            socket.setSoTimeout((int) Math.min(left, Integer.MAX_VALUE));
            from = 0;
            to = Math.max(0, in.read(buffer));
            if (to == 0) {
                return -1;
            }
        }
        return buffer[from++] & 0xff;
    }
}
