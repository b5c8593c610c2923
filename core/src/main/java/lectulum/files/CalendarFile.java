package lectulum.files;

import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lectulum.kernel.schedule.Sessions;

/// Sessions as a calendar that any calendar reads (iCalendar, RFC 5545): floating local times, lines folded at 75 octets.
public final class CalendarFile {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss", Locale.ROOT);
    private static final int OCTETS = 75;
    /// Stamps are fixed, so that the same plan writes the same file.
    private static final String STAMP = "20260101T000000Z";

    private CalendarFile() {
    }

    /// @param sessions what is worked at, and from when to when
    public static String of(String project, List<Map.Entry<String, Sessions.Span>> sessions) {
        StringBuilder out = new StringBuilder();
        line(out, "BEGIN:VCALENDAR");
        line(out, "VERSION:2.0");
        line(out, "PRODID:-//Lectulum//Build//EN");
        for (int i = 0; i < sessions.size(); i++) {
            Sessions.Span s = sessions.get(i).getValue();
            line(out, "BEGIN:VEVENT");
            line(out, "UID:" + time(s.from()) + "-" + i + "@lectulum");
            line(out, "DTSTAMP:" + STAMP);
            line(out, "DTSTART:" + time(s.from()));
            line(out, "DTEND:" + time(s.to()));
            line(out, "SUMMARY:" + text(project + ": " + sessions.get(i).getKey()));
            line(out, "END:VEVENT");
        }
        line(out, "END:VCALENDAR");
        return out.toString();
    }

    private static String time(LocalDateTime t) {
        return TIME.format(t);
    }

    private static String text(String words) {
        return words.replace("\\", "\\\\").replace(";", "\\;").replace(",", "\\,").replaceAll("\\R", "\\\\n");
    }

    /// Folded where it is longer than a line may be, never within a character.
    private static void line(StringBuilder out, String content) {
        int used = 0;
        for (int i = 0; i < content.length();) {
            int point = content.codePointAt(i);
            String character = Character.toString(point);
            int octets = character.getBytes(StandardCharsets.UTF_8).length;
            if (used + octets > OCTETS) {
                out.append("\r\n ");
                used = 1;
            }
            out.append(character);
            used += octets;
            i += Character.charCount(point);
        }
        out.append("\r\n");
    }
}
