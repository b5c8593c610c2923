package lectulum.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.weighing.WeighPoint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// The stand-in of a deck scale over its real lines.
class ScaleTest {
    private static final Design CAMPER = Campers.demo("dunlin").orElseThrow().design();
    private static final TrueMasses TRUTH = TrueMasses.of(CAMPER, CAMPER.loadCase("departure"), 5);

    private static ScaleServer server(double step, double settling) throws IOException {
        return new ScaleServer(0, TRUTH, step, settling, 1);
    }

    @ParameterizedTest
    @EnumSource(WeighPoint.class)
    void readsTheHiddenTruthToItsStep(WeighPoint point) throws IOException {
        try (ScaleServer server = server(5, 0); ScaleClient client = new ScaleClient("localhost", server.port())) {
            assertThat(client.step()).isEqualTo(5);
            assertThat(client.stand(point)).isTrue();

            ScaleClient.Shown shown = client.read();

            assertThat(shown.stable()).isTrue();
            assertThat(shown.kg()).isCloseTo(TRUTH.at(point), within(5.0));
        }
    }

    @Test
    void itSwingsAWhileAfterSomethingStandsOnIt() throws Exception {
        try (ScaleServer server = server(5, 0.05); ScaleClient client = new ScaleClient("localhost", server.port())) {
            client.stand(WeighPoint.RIG);
            assertThat(client.read().stable()).isFalse();

            ScaleClient.Shown shown = client.read();
            // It settles after a twentieth of a second; how often it can be asked until then is the machine's affair.
            long giveUp = System.nanoTime() + 10_000_000_000L;
            while (!shown.stable() && System.nanoTime() < giveUp) {
                shown = client.read();
            }
            assertThat(shown.stable()).isTrue();
            assertThat(shown.kg()).isCloseTo(TRUTH.at(WeighPoint.RIG), within(15.0));
        }
    }

    @Test
    void itAnswersEveryLineAndServesOneClientAfterTheOther() throws IOException {
        try (ScaleServer server = server(10, 0)) {
            for (int k = 0; k < 3; k++) {
                try (Socket s = new Socket(InetAddress.getLoopbackAddress(), server.port());
                        var in = new BufferedReader(
                                new InputStreamReader(s.getInputStream(), StandardCharsets.UTF_8));
                        var out = new PrintWriter(s.getOutputStream(), true, StandardCharsets.UTF_8)) {
                    assertThat(in.readLine()).isEqualTo("SCALE 1 unit=kg step=10.0");
                    out.println("READ");
                    assertThat(in.readLine()).matches("STABLE [0-9.]+ kg");
                    out.println("STAND moon");
                    assertThat(in.readLine()).isEqualTo("ERR no such place");
                    out.println("stand coupler");
                    assertThat(in.readLine()).isEqualTo("OK coupler");
                    out.println("dance");
                    assertThat(in.readLine()).startsWith("ERR unknown");
                    out.println("");
                    assertThat(in.readLine()).startsWith("ERR unknown");
                    out.println("QUIT");
                    assertThat(in.readLine()).isEqualTo("BYE");
                }
            }
        }
    }

    @Test
    void theSameSeedHidesTheSameTruthAndAnotherAnother() {
        assertThat(TrueMasses.of(CAMPER, CAMPER.loadCase("departure"), 5)).isEqualTo(TRUTH);
        assertThat(TrueMasses.of(CAMPER, CAMPER.loadCase("departure"), 6).mass()).isNotEqualTo(TRUTH.mass());
        assertThat(TRUTH.at(WeighPoint.LEFT_WHEELS) + TRUTH.at(WeighPoint.RIGHT_WHEELS))
                .isCloseTo(TRUTH.mass() - TRUTH.tongue(), within(1e-9));
    }

    @Test
    void whatIsNoScaleIsSaidSo() throws IOException {
        try (ServerSocket other = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Thread.ofPlatform().daemon().start(() -> {
                try (Socket s = other.accept()) {
                    s.getOutputStream().write("HELLO\n".getBytes(StandardCharsets.UTF_8));
                } catch (IOException e) {
                    // The test ends before.
                }
            });
            assertThatThrownBy(() -> new ScaleClient("localhost", other.getLocalPort()))
                    .isInstanceOf(IOException.class).hasMessageContaining("is no scale");
        }
        assertThatThrownBy(() -> new ScaleClient("localhost", 1)).isInstanceOf(IOException.class)
                .hasMessage("No scale answers at localhost:1.");
    }

    /// A device that counts in pounds is read in kilograms: 100 lb are 45.36 kg.
    @Test
    void aDeviceInPoundsIsTurned() throws IOException {
        try (ServerSocket device = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Thread.ofPlatform().daemon().start(() -> {
                try (Socket s = device.accept();
                        var in = new BufferedReader(
                                new InputStreamReader(s.getInputStream(), StandardCharsets.UTF_8));
                        var out = new PrintWriter(s.getOutputStream(), true, StandardCharsets.UTF_8)) {
                    out.println("SCALE 1 unit=lb step=20");
                    for (String line = in.readLine(); line != null; line = in.readLine()) {
                        out.println(line.equals("READ") ? "STABLE 100 lb" : "ERR unknown " + line);
                    }
                } catch (IOException e) {
                    // The test ends before.
                }
            });
            try (ScaleClient client = new ScaleClient("localhost", device.getLocalPort())) {
                assertThat(client.step()).isCloseTo(9.0718474, within(1e-9));
                assertThat(client.stand(WeighPoint.RIG)).as("somebody has to drive").isFalse();
                assertThat(client.read().kg()).isCloseTo(45.359237, within(1e-9));
            }
        }
    }
}
