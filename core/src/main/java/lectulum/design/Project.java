package lectulum.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// All that one file holds: the variants of one camper, which of them is worked on, and the pinned design that changes
/// are measured against.
@RecordBuilder
public record Project(String name, List<Variant> variants, @Means("Variant worked on") String current,
        Optional<Design> pinned) implements ProjectBuilder.With {

    public Project {
        name = name == null ? "" : name;
        variants = List.copyOf(variants);
        pinned = pinned == null ? Optional.empty() : pinned;
    }

    /// A project with one variant, pinned as it is.
    public static Project of(String name, Design design) {
        return new Project(name, List.of(new Variant("plan", "plan", design)), "plan", Optional.of(design));
    }

    public Variant variant() {
        return variants.stream().filter(v -> v.id().equals(current)).findFirst().orElse(variants.getFirst());
    }

    public Design design() {
        return variant().design();
    }

    /// The project with another design in the current variant.
    public Project with(Design design) {
        String id = variant().id();
        return withVariants(variants.stream().map(v -> v.id().equals(id) ? v.with(design) : v).toList());
    }

    public Project named(String newName) {
        return withName(newName);
    }

    public Project pinning(Design design) {
        return withPinned(Optional.of(design));
    }

    /// A copy of the current variant under a new name, which becomes the current one.
    public Project copyingVariant(String newName) {
        int number = variants.size() + 1;
        while (hasVariant("variant-" + number)) {
            number++;
        }
        List<Variant> more = new ArrayList<>(variants);
        more.add(new Variant("variant-" + number, newName, design()));
        return withVariants(more).withCurrent("variant-" + number);
    }

    public Project switchedTo(String variantId) {
        return hasVariant(variantId) ? new Project(name, variants, variantId, pinned) : this;
    }

    /// The project without its current variant; unchanged where it is the only one.
    public Project withoutVariant() {
        if (variants.size() < 2) {
            return this;
        }
        String gone = variant().id();
        List<Variant> rest = variants.stream().filter(v -> !v.id().equals(gone)).toList();
        return withVariants(rest).withCurrent(rest.getFirst().id());
    }

    private boolean hasVariant(String id) {
        return variants.stream().anyMatch(v -> v.id().equals(id));
    }
}
