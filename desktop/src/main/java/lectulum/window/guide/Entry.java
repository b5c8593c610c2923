package lectulum.window.guide;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/// Something that is found by its name beside what stands in the guide: a command, a figure, a check.
///
/// @param name   what it is found by, and called
/// @param detail in few words what it is now
/// @param open   what is done when it is chosen
public record Entry(String name, String detail, Runnable open) {

    /// Those that hold all typed words somewhere in their name or detail.
    static List<Entry> find(List<Entry> all, String typed, int most) {
        List<String> words = Arrays.asList(typed.toLowerCase(Locale.ROOT).strip().split("\\s+"));
        return all.stream().filter(e -> {
            String text = (e.name + " " + e.detail).toLowerCase(Locale.ROOT);
            return words.stream().allMatch(text::contains);
        }).limit(most).toList();
    }
}
