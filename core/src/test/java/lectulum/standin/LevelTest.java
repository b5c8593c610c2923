package lectulum.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The stand-in of a level over its real lines.
class LevelTest {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void saysHowItStandsToItsNoise(long seed) throws IOException {
        try (LevelServer server = new LevelServer(0, seed);
                LevelClient client = new LevelClient("localhost", server.port())) {
            for (int i = 0; i < 5; i++) {
                LevelClient.Stands s = client.read();
                assertThat(Math.toDegrees(s.pitch())).isCloseTo(server.truth()[0], within(0.06));
                assertThat(Math.toDegrees(s.roll())).isCloseTo(server.truth()[1], within(0.06));
            }
        }
    }

    @Test
    void aScaleIsNoLevelAndALevelNoScale() throws IOException {
        try (LevelServer level = new LevelServer(0, 1)) {
            assertThatThrownBy(() -> new ScaleClient("localhost", level.port())).hasMessageContaining("is no scale");
        }
        assertThatThrownBy(() -> new LevelClient("localhost", 1)).hasMessage("No level answers at localhost:1.");
    }
}
