package lectulum.window;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Locale;
import lectulum.files.Journal;

/// What is said about work that was kept: what it is, from when, and how its file differs.
public record Kept(Journal.Left left) {
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM,
            FormatStyle.SHORT).withLocale(Locale.UK);

    public String sentence() {
        String name = left.read().project().name();
        String when = date(left.kept());
        String what = left.givenUp()
                ? "“" + name + "” was left without saving on " + when
                        + ". It can be had back until you discard something"
                        + " else."
                : "Unsaved work on “" + name + "” was kept on " + when + ".";
        return what + left.against().map(Kept::against).orElse("");
    }

    private static String against(Journal.Against file) {
        String name = file.file().getFileName().toString();
        if (file.gone()) {
            return " Its file " + name + " is not there any more.";
        }
        String differs = file.differences().isEmpty()
                ? " Nothing in it is different."
                : " Against the file: " + String.join("; ", file.differences()) + ".";
        return (file.newer()
                ? " Its file " + name + " is newer: it was written on " + date(file.written()) + "."
                : " Its file " + name + " was written on " + date(file.written()) + ".") + differs;
    }

    private static String date(Instant when) {
        return DATE.format(when.atZone(ZoneId.systemDefault()));
    }
}
