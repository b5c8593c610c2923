package lectulum.design.wiring;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// Things that share a fuse and a wire.
///
/// @param things ids; one that another circuit has too, or that is not there, does not count
/// @param fuse   the user's own rating \[A\]; empty for the one that fits
/// @param size   the user's own size by its name; empty for the one that fits
/// @param before whether it goes off before the main switch: what must never be dead
/// @param control label on its switch; empty for none
public record Circuit(String id, String name, List<String> things, Loss loss,
        @Means(value = "Fuse", of = Quantity.CURRENT, low = 1, high = 400) OptionalDouble fuse, String size,
        boolean before, String control) {
    public Circuit {
        id = id == null ? "" : id;
        name = name == null ? "" : name;
        things = things == null ? List.of() : List.copyOf(things);
        loss = loss == null ? Loss.BY_KIND : loss;
        fuse = fuse == null ? OptionalDouble.empty() : fuse;
        size = size == null ? "" : size;
        control = control == null ? "" : control;
    }

    /// A circuit of which nothing is set.
    public Circuit(String id, String name, List<String> things) {
        this(id, name, things, Loss.BY_KIND, OptionalDouble.empty(), "", false, "");
    }

    /// How many volts it may lose.
    public enum Loss {
        BY_KIND("by what hangs on it"), CRITICAL("little"), ORDINARY("more");

        private final String label;

        Loss(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Circuit named(String other) {
        return new Circuit(id, other, things, loss, fuse, size, before, control);
    }

    public Circuit with(List<String> others) {
        return new Circuit(id, name, others, loss, fuse, size, before, control);
    }

    public Circuit with(Loss other) {
        return new Circuit(id, name, things, other, fuse, size, before, control);
    }

    /// @param amps NaN for the one that fits
    public Circuit fused(double amps) {
        return new Circuit(id, name, things, loss,
                Double.isNaN(amps) ? OptionalDouble.empty() : OptionalDouble.of(amps), size, before, control);
    }

    public Circuit sized(String other) {
        return new Circuit(id, name, things, loss, fuse, other, before, control);
    }

    public Circuit beforeSwitch(boolean yes) {
        return new Circuit(id, name, things, loss, fuse, size, yes, control);
    }

    public Circuit switched(String label) {
        return new Circuit(id, name, things, loss, fuse, size, before, label);
    }
}
