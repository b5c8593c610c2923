package lectulum.kernel.electric;

import java.util.Locale;

/// What is crimped to the ends of wires, by the classes of barrels that connectors are sold in.
public final class Ends {
    private static final double RED = 1.5;
    private static final double BLUE = 2.7;
    private static final double YELLOW = 6.7;

    private Ends() {
    }

    /// What a wire meets at one end.
    public sealed interface End {
        /// A threaded stud.
        ///
        /// @param metric its thread \[mm\]
        record Stud(double metric) implements End {
        }

        /// A blade to push onto.
        ///
        /// @param width \[mm\]
        record Tab(double width) implements End {
        }

        /// A receptacle that takes a blade.
        record TabInside(double width) implements End {
        }

        /// A screw that clamps.
        record Clamp() implements End {
        }

        /// A wire that comes out of the device.
        ///
        /// @param area of it \[mm²\]
        record Lead(double area) implements End {
        }

        /// A connector of its own.
        record Plug() implements End {
        }
    }

    /// Of the barrel: R, B, Y by the colour it is sold in, L for a lug.
    public static char barrel(double area) {
        return area <= RED ? 'R' : area <= BLUE ? 'B' : area <= YELLOW ? 'Y' : 'L';
    }

    private static String colour(char barrel) {
        return switch (barrel) {
            case 'R' -> "red";
            case 'B' -> "blue";
            default -> "yellow";
        };
    }

    /// What is bought for one end of a wire, in the words it is asked for at a counter.
    public static String terminal(Wire wire, End end) {
        char of = barrel(wire.area());
        boolean lug = of == 'L';
        return switch (end) {
            case End.Stud s -> (lug ? "lug " : "ring ") + wire.name() + " × M" + plain(s.metric);
            case End.Tab t -> lug
                    ? "lug " + wire.name() + " to tab"
                    : "female disconnect, " + colour(of) + ", " + plain(t.width) + " mm";
            case End.TabInside t -> lug
                    ? "lug " + wire.name() + " to tab"
                    : "male disconnect, " + colour(of) + ", " + plain(t.width) + " mm";
            case End.Clamp c -> "ferrule " + wire.name();
            case End.Lead l -> {
                char other = barrel(l.area);
                yield lug || other == 'L'
                        ? "reducing splice " + wire.name()
                        : of == other
                                ? "butt connector, " + colour(of)
                                : "step-down butt connector, " + colour(larger(of, other)) + " to "
                                        + colour(smaller(of, other));
            }
            case End.Plug p -> "connector half " + wire.name();
        };
    }

    /// Whether a sleeve is shrunk over it.
    public static boolean sleeved(End end) {
        return !(end instanceof End.Clamp) && !(end instanceof End.Plug);
    }

    private static char larger(char a, char b) {
        return "RBY".indexOf(a) > "RBY".indexOf(b) ? a : b;
    }

    private static char smaller(char a, char b) {
        return larger(a, b) == a ? b : a;
    }

    private static String plain(double value) {
        return value == Math.rint(value)
                ? String.valueOf((long) value)
                : String.format(Locale.ROOT, "%.1f", value);
    }
}
