package lectulum.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Stand-ins and their clients hold against the other side, whatever it does.
@Timeout(60)
class HostileTest {
    private static LineService echo(Duration stall) throws IOException {
        return new LineService(0, "echo", "HELLO", line -> line.equals("QUIT") ? "BYE" : line, stall);
    }

    private static Socket to(int port) throws IOException {
        return new Socket(InetAddress.getLoopbackAddress(), port);
    }

    private static void send(Socket socket, String text) throws IOException {
        socket.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
    }

    private static String next(Lines lines) throws IOException {
        return lines.next(Duration.ofSeconds(10));
    }

    @Test
    void anEndlessLineIsHungUpOn() throws IOException {
        try (LineService service = echo(Duration.ofSeconds(5)); Socket client = to(service.port())) {
            Lines lines = new Lines(client);
            assertThat(next(lines)).isEqualTo("HELLO");
            send(client, "x".repeat(Lines.LONGEST + 1));
            assertThat(gone(lines)).isTrue();
        }
    }

    private static boolean gone(Lines lines) {
        try {
            return next(lines) == null;
        } catch (IOException reset) {
            return true;
        }
    }

    @Test
    void aClientThatNeverReadsIsHungUpOnAndOthersAreServed() throws IOException {
        try (LineService service = echo(Duration.ofMillis(300)); Socket deaf = to(service.port())) {
            String line = "x".repeat(Lines.LONGEST - 1) + "\n";
            boolean hungUp = false;
            try {
                for (int i = 0; i < 200_000; i++) {
                    send(deaf, line);
                }
            } catch (IOException e) {
                hungUp = true;
            }
            assertThat(hungUp).isTrue();
            try (Socket other = to(service.port())) {
                assertThat(next(new Lines(other))).isEqualTo("HELLO");
            }
        }
    }

    @Test
    void aThousandIdleClientsTakeNoMoreThanAFewPlaces() throws IOException {
        List<Socket> idle = new ArrayList<>();
        try (LineService service = echo(Duration.ofSeconds(5))) {
            for (int i = 0; i < 1000; i++) {
                idle.add(to(service.port()));
            }
            try (Socket real = to(service.port())) {
                Lines lines = new Lines(real);
                assertThat(next(lines)).isEqualTo("HELLO");
                send(real, "a\n");
                assertThat(next(lines)).isEqualTo("a");
                assertThat(service.clients()).isLessThanOrEqualTo(LineService.MOST_CLIENTS);
            }
        } finally {
            for (Socket socket : idle) {
                socket.close();
            }
        }
    }

    /// A server that greets as a scale and then says one thing for ever.
    private static ServerSocket server(String greeting, String then, boolean forever) throws IOException {
        ServerSocket server = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
        Thread.ofPlatform().daemon().start(() -> {
            try (Socket client = server.accept(); OutputStream out = client.getOutputStream()) {
                out.write(greeting.getBytes(StandardCharsets.UTF_8));
                do {
                    out.write(then.getBytes(StandardCharsets.UTF_8));
                    out.flush();
                } while (forever);
                client.getInputStream().readAllBytes();
            } catch (IOException e) {
                // The client hung up, as it should.
            }
        });
        return server;
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "SCALE 1 unit=kg step=1.2.3\n", "SCALE 1 unit=kg step=...\n", "SCALE 1\n"})
    void whatIsNoScaleIsSaidInASentence(String greeting) throws IOException {
        try (ServerSocket server = server(greeting, "", false)) {
            assertThatThrownBy(() -> new ScaleClient("localhost", server.getLocalPort()))
                    .isInstanceOf(IOException.class)
                    .hasMessageContaining("localhost");
        }
    }

    @Test
    void garbageForEverIsNotRead() throws IOException {
        try (ServerSocket server = server("", "garbage", true)) {
            assertThatThrownBy(() -> new ScaleClient("localhost", server.getLocalPort()))
                    .isInstanceOf(IOException.class)
                    .hasMessage("No scale answers at localhost:" + server.getLocalPort() + ".");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"STABLE 1.2.3 kg\n", "STABLE ... kg\n", "STABLE 99999999999999999999 kg\n", ""})
    void aReadingThatIsNoneIsSaidInASentence(String reading) throws IOException {
        try (ServerSocket server = server("SCALE 1 unit=kg step=5\n", reading, false);
                ScaleClient client = new ScaleClient("localhost", server.getLocalPort())) {
            assertThatThrownBy(client::read).isInstanceOf(IOException.class).hasMessageStartingWith("The scale");
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -5, Double.NaN, Double.POSITIVE_INFINITY, 1e9})
    void aStepThatIsNoneIsSaidInASentence(double step) {
        assertThatThrownBy(() -> new ScaleServer(0, null, step, 0, 1)).hasMessageContaining("step of a scale");
    }

    @Test
    void aPortThatIsNoneIsSaidInASentence() {
        assertThatThrownBy(() -> new LevelServer(70_000, 1)).hasMessageContaining("0 to 65535");
    }
}
