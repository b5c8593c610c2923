package lectulum.theme;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.Parent;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Severity;
import lectulum.figures.Verdict;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Paint;
import lectulum.papers.Typeface;

/// A set of colours by token, read from the same style sheet that the controls use, so that the drawing and the window
/// never differ.
public final class Theme {
    private static final Pattern TOKEN = Pattern.compile("-l-([a-z-]+):\\s*(#[0-9A-Fa-f]{6})\\s*;");

    public static final Theme PAPER = new Theme("paper");
    public static final Theme SHED = new Theme("shed");

    private static boolean fontsLoaded;

    private final String name;
    private final Map<String, Color> colours = new HashMap<>();
    private final Map<String, Ink> inks = new HashMap<>();

    private Theme(String name) {
        this.name = name;
        Matcher tokens = TOKEN.matcher(text(name + ".css"));
        while (tokens.find()) {
            Color colour = Color.web(tokens.group(2));
            colours.put(tokens.group(1), colour);
            inks.put(tokens.group(1), new Ink(colour.getRed(), colour.getGreen(), colour.getBlue(), 1));
        }
    }

    /// The sign of the program, for windows and lists of them.
    public static Image icon() {
        return new Image(Theme.class.getResource("lectulum.png").toExternalForm());
    }

    /// The colour of a token, such as `ink`.
    public Color colour(String token) {
        Color colour = colours.get(token);
        if (colour == null) {
            throw new IllegalArgumentException("no colour token " + token);
        }
        return colour;
    }

    public Color colour(SystemGroup system) {
        return colour(system.name().toLowerCase(Locale.ROOT));
    }

    /// The colour of a token, to draw with.
    public Ink ink(String token) {
        Ink ink = inks.get(token);
        if (ink == null) {
            throw new IllegalArgumentException("no colour token " + token);
        }
        return ink;
    }

    public Ink ink(SystemGroup system) {
        return ink(system.name().toLowerCase(Locale.ROOT));
    }

    /// What a surface of a thing looks like.
    ///
    /// @param system the thing belongs to, whose colour its body has
    public Ink ink(Paint paint, SystemGroup system) {
        return switch (paint) {
            case BODY -> ink("inside").toward(ink(system), 0.32);
            case FRONT -> ink("inside").toward(ink(system), 0.15);
            case CLOTH -> ink("inside").toward(ink(system), 0.40);
            case INK -> ink("ink").faded(0.85);
            case FAINT -> ink("ink").faded(0.40);
            default -> ink("of-" + paint.name().toLowerCase(Locale.ROOT));
        };
    }

    public Color colour(Verdict verdict) {
        return colour(switch (verdict) {
            case NONE -> "faint";
            case GOOD -> "good";
            case WARN -> "warn";
            case STOP -> "accent";
        });
    }

    /// Style class of a mark for a severity.
    public static String mark(Severity severity) {
        return "mark-" + severity.name().toLowerCase(Locale.ROOT);
    }

    /// Puts this theme on everything under `root`.
    public void dress(Parent root) {
        loadFonts();
        root.getStylesheets().setAll(sheet(name + ".css"), sheet("look.css"));
    }

    public static Font font(double size) {
        loadFonts();
        return Font.font("Lato", size);
    }

    public static Font bold(double size) {
        loadFonts();
        return Font.font("Lato", FontWeight.BOLD, size);
    }

    private static synchronized void loadFonts() {
        if (!fontsLoaded) {
            fontsLoaded = true;
            for (Typeface face : List.of(Typeface.REGULAR, Typeface.BOLD)) {
                try (InputStream in = face.open()) {
                    Font.loadFont(in, 13);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
        }
    }

    private static String sheet(String file) {
        return Theme.class.getResource(file).toExternalForm();
    }

    private static String text(String file) {
        try (InputStream in = Theme.class.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
