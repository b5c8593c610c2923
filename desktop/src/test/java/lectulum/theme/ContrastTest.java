package lectulum.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Text can be read in both themes: 4.5 to 1 at the least, as WCAG 2 asks for text of usual size, 3 to 1 for marks and edges that tell something.
class ContrastTest {
    private static final double TEXT = 4.5;
    private static final double MARK = 3;

    private static Map<String, Color> tokens(String sheet) throws IOException {
        try (var in = ContrastTest.class.getResourceAsStream("/lectulum/theme/" + sheet)) {
            String css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            Map<String, Color> tokens = new HashMap<>();
            Matcher m = Pattern.compile("(-l-[\\w-]+):\\s*(#[0-9A-Fa-f]{6})").matcher(css);
            while (m.find()) {
                tokens.put(m.group(1), Color.web(m.group(2)));
            }
            return tokens;
        }
    }

    /// WCAG 2: of 0 to 1, for sRGB.
    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double v) {
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    private static double contrast(Color a, Color b) {
        double high = Math.max(luminance(a), luminance(b));
        double low = Math.min(luminance(a), luminance(b));
        return (high + 0.05) / (low + 0.05);
    }

    @Test
    void blackOnWhiteIsTwentyOneToOne() {
        assertThat(contrast(Color.BLACK, Color.WHITE)).isCloseTo(21, within(1e-9));
        assertThat(contrast(Color.web("#777777"), Color.WHITE)).isCloseTo(4.48, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(strings = {"paper.css", "shed.css"})
    void textCanBeReadOnEveryGround(String sheet) throws IOException {
        Map<String, Color> t = tokens(sheet);
        for (String ground : new String[]{"-l-paper", "-l-panel", "-l-rail"}) {
            for (String text : new String[]{"-l-ink", "-l-faint", "-l-accent", "-l-good", "-l-warn", "-l-select"}) {
                assertThat(contrast(t.get(text), t.get(ground))).as(sheet + ": " + text + " on " + ground)
                        .isGreaterThanOrEqualTo(TEXT);
            }
        }
        for (String text : new String[]{"-l-bar-ink", "-l-bar-faint", "-l-bar-good", "-l-bar-warn", "-l-bar-stop"}) {
            assertThat(contrast(t.get(text), t.get("-l-bar"))).as(sheet + ": " + text).isGreaterThanOrEqualTo(TEXT);
        }
        assertThat(contrast(t.get("-l-ink"), t.get("-l-inside"))).isGreaterThanOrEqualTo(TEXT);
        assertThat(contrast(t.get("-l-ink"), t.get("-l-vehicle"))).isGreaterThanOrEqualTo(TEXT);
    }

    /// Each system has a hatch besides its colour; its lines are seen on the sheet.
    @ParameterizedTest
    @ValueSource(strings = {"paper.css", "shed.css"})
    void marksOfTheSystemsAreSeen(String sheet) throws IOException {
        Map<String, Color> t = tokens(sheet);
        for (String mark : new String[]{"-l-sleeping", "-l-seating", "-l-galley", "-l-cold", "-l-water", "-l-heat",
                "-l-electrical", "-l-openings", "-l-cargo", "-l-outside", "-l-structure"}) {
            assertThat(contrast(t.get(mark), t.get("-l-inside"))).as(sheet + ": " + mark).isGreaterThanOrEqualTo(MARK);
        }
    }

    /// What the focus is drawn with differs from what is beside it.
    @ParameterizedTest
    @ValueSource(strings = {"paper.css", "shed.css"})
    void theFocusIsSeen(String sheet) throws IOException {
        Map<String, Color> t = tokens(sheet);
        assertThat(contrast(t.get("-l-select"), t.get("-l-panel"))).isGreaterThanOrEqualTo(MARK);
        assertThat(contrast(t.get("-l-select"), t.get("-l-paper"))).isGreaterThanOrEqualTo(MARK);
    }
}
