package lectulum.parts;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;

/// Breaks lines of texts that the toolkit breaks wrongly. JavaFX 26 fails with an ArrayIndexOutOfBoundsException where it breaks a line within
/// something that runs from right to left, and what is laid out with it stays undone; with pictures among the letters its lines become longer
/// than their label. Labels that hold neither are left as they are.
///
/// Lines are counted in letters of a usual width, so they end a little too early or too late; a single long word may be cut.
public final class LineBreaks {
    /// What a label held before lines were broken in it, by which it is known again.
    private static final String BROKEN = "lectulum.line-breaks";
    /// Width of a letter in parts of the size of its type, on the average.
    private static final double LETTER = 0.53;
    /// Where the width is not known yet \[px\].
    private static final double USUAL = 270;
    private static final int LEAST = 12;

    private LineBreaks() {
    }

    /// Looks through everything below a root before each frame, in whatever scene it comes to stand.
    public static void watch(Parent root) {
        Runnable guard = () -> guard(root);
        root.sceneProperty().addListener((o, was, now) -> {
            if (was != null) {
                was.removePreLayoutPulseListener(guard);
            }
            if (now != null) {
                now.addPreLayoutPulseListener(guard);
            }
        });
    }

    /// Looks through everything that is shown; to be called before it is laid out.
    public static void guard(Parent root) {
        for (Node n : root.getChildrenUnmodifiable()) {
            if (n instanceof Labeled l) {
                guard(l);
            } else if (n instanceof Parent p && n.isVisible()) {
                guard(p);
            }
        }
    }

    private static void guard(Labeled label) {
        boolean broken = label.getProperties().containsKey(BROKEN);
        String text = label.getText();
        if (text == null || !broken && !label.isWrapText()) {
            return;
        }
        if (!odd(text)) {
            if (broken) {
                label.getProperties().remove(BROKEN);
                label.setWrapText(true);
            }
            return;
        }
        if (!broken || !text.equals(label.getProperties().get(BROKEN))) {
            double width = label.getWidth() > 0 ? label.getWidth() : USUAL;
            String lines = broken(text, (int) Math.max(LEAST, width / (LETTER * label.getFont().getSize())));
            label.getProperties().put(BROKEN, lines);
            label.setWrapText(false);
            label.setText(lines);
        }
    }

    /// Whether anything in a text runs from right to left, or is one of the pictures that take two places.
    static boolean odd(String text) {
        return text.codePoints().anyMatch(c -> Character.isSupplementaryCodePoint(c) || rightToLeft(c));
    }

    private static boolean rightToLeft(int c) {
        byte direction = Character.getDirectionality(c);
        return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT
                || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
    }

    /// The same in lines of so many letters at most, as far as words allow.
    static String broken(String text, int letters) {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.split("\n", -1)) {
            StringBuilder line = new StringBuilder();
            for (String word : paragraph.split(" ")) {
                if (!line.isEmpty() && line.length() + 1 + word.length() > letters) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                line.append(line.isEmpty() ? "" : " ").append(word);
            }
            lines.add(line.toString());
        }
        return String.join("\n", lines);
    }
}
