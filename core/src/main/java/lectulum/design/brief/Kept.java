package lectulum.design.brief;

import java.util.OptionalDouble;
import lectulum.design.Means;

/// Where it stands when nobody travels, and what it has to fit under on the way there. Empty for what is no limit.
///
/// @param height of the door, or of what it stands under \[m\]
/// @param width  of the door or of the place \[m\]
/// @param length from the tip of the coupler to the rearmost part \[m\]
/// @param branch lowest branch or arch on the usual way \[m\]
public record Kept(
        @Means(value = "Door height", low = 0.5, high = 6, says = "null for no limit") OptionalDouble height,
        @Means(value = "Door width", low = 0.5, high = 6, says = "null for no limit") OptionalDouble width,
        @Means(value = "Place length", low = 1, high = 20, says = "coupler to rear end; null for no limit") OptionalDouble length,
        @Means(value = "Lowest branch", low = 1, high = 6, says = "null for no limit") OptionalDouble branch) {
    /// Out in the open.
    public static final Kept ANYWHERE = new Kept(null, null, null, null);

    public Kept {
        height = height == null ? OptionalDouble.empty() : height;
        width = width == null ? OptionalDouble.empty() : width;
        length = length == null ? OptionalDouble.empty() : length;
        branch = branch == null ? OptionalDouble.empty() : branch;
    }
}
