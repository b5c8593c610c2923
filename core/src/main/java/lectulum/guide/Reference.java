package lectulum.guide;

/// Where a topic stands.
///
/// @param page   of the guide, as `guide/power`
/// @param anchor of a heading on it, its words in small letters joined by hyphens; empty for the whole page
public record Reference(String page, String anchor) {
    /// The first page.
    public static final Reference FIRST = new Reference("guide/index", "");

    @Override
    public String toString() {
        return anchor.isEmpty() ? page : page + "#" + anchor;
    }
}
