package lectulum.layout;

import lectulum.design.Mode;
import lectulum.space.Solid;

/// Something that cannot be where it is.
public sealed interface Fault {
    Mode mode();

    /// How far it has to move \[m\], > 0.
    double amount();

    /// The thing that has to move.
    String thing();

    /// Two things in one place.
    ///
    /// @param level the least level shift of `thing` that parts them
    record Overlap(Mode mode, String thing, String other, double amount, Solid.Shift level) implements Fault {
    }

    /// A thing that passes through the shell, or a wheel arch.
    ///
    /// @param through what it passes through
    /// @param dx      unit direction back to where it may be
    record Outside(Mode mode, String thing, double amount, Boundary through, double dx, double dy,
            double dz) implements Fault {
    }

    /// What a thing can pass through.
    enum Boundary {
        FRONT("the front wall"), REAR("the rear wall"), LEFT("the left wall"), RIGHT("the right wall"), ROOF(
                "the roof"),
        FLOOR("the floor"), ARCH("a wheel arch"), BODY("the body from outside");

        private final String label;

        Boundary(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
