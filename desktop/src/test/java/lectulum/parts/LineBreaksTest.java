package lectulum.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.concurrent.TimeoutException;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.Hand;
import lectulum.OddCampers;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxToolkit;

/// Texts from right to left, and pictures, in labels that break their lines.
class LineBreaksTest {
    private static final String HEBREW = "תיבה של כלים";
    private final Hand hand = new Hand();

    @BeforeAll
    static void toolkit() throws TimeoutException {
        FxToolkit.registerPrimaryStage();
    }

    @ParameterizedTest
    @CsvSource({"Move it back, false", "תיבה, true", "Move חיפה back, true", "خيمة, true", "寝台, false",
            "🏕️ 👨‍👩‍👧‍👦, true", "'', false"})
    void whatIsBrokenWronglyIsKnown(String text, boolean odd) {
        assertThat(LineBreaks.odd(text)).isEqualTo(odd);
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 8, 12, 20, 200})
    void linesAreBrokenBetweenWordsAndNothingIsLost(int letters) {
        String text = "Move " + HEBREW + " 20 mm back\nand " + HEBREW + " too";
        String lines = LineBreaks.broken(text, letters);

        assertThat(lines.replace('\n', ' ')).isEqualTo(text.replace('\n', ' '));
        assertThat(lines.lines()).allSatisfy(l -> assertThat(l.length() <= letters || !l.contains(" ")).isTrue());
    }

    /// In any width, with every odd name: guarded, it is laid out.
    @Test
    void guardedTextIsLaidOutInAnyWidth() {
        hand.interact(() -> {
            for (double width = 30; width < 400; width += 7) {
                for (String name : OddCampers.NAMES) {
                    Label label = new Label("Move " + name + " 20 mm back, then " + HEBREW + " and " + name);
                    label.setWrapText(true);
                    label.setMinHeight(VBox.USE_PREF_SIZE);
                    VBox box = new VBox(label);
                    box.setMaxWidth(width);
                    Scene scene = new Scene(box, width, 400);
                    LineBreaks.guard(box);
                    assertThatCode(() -> {
                        scene.getRoot().applyCss();
                        scene.getRoot().layout();
                    }).as(name + " in " + width).doesNotThrowAnyException();
                }
            }
        });
    }

    /// A label that says something else again breaks its lines as before.
    @Test
    void aLabelIsLeftAsItWasOnceTheTextIsGone() {
        hand.interact(() -> {
            Label label = new Label("about " + HEBREW);
            label.setWrapText(true);
            VBox box = new VBox(label);
            LineBreaks.guard(box);
            assertThat(label.isWrapText()).isFalse();
            LineBreaks.guard(box);
            assertThat(label.getText()).isEqualTo("about " + HEBREW);
            label.setText("about " + HEBREW + " and more of " + HEBREW + " and " + HEBREW + " and still more of it");
            LineBreaks.guard(box);
            assertThat(label.getText()).contains("\n");

            label.setText("about the tool box");
            LineBreaks.guard(box);
            assertThat(label.isWrapText()).isTrue();
            assertThat(label.getText()).isEqualTo("about the tool box");
        });
    }
}
