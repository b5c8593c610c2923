package lectulum.kernel.profile;

/// The plan of a nose: its floor and its wall.
///
/// @param width of the body behind it \[m\], > 0
/// @param depth \[m\], > 0
/// @param flat  width of the flat at the tip of a vee \[m\]; no meaning for the others
public record Nose(Form form, double width, double depth, double flat) {

    /// How the nose is rounded.
    public enum Form {
        VEE, ARC, ELLIPSE
    }

    /// Floor of the nose \[m²\].
    public double area() {
        return switch (form) {
            case VEE -> (width + flat) * depth / 2;
            case ARC -> {
                double angle = angle();
                yield radius() * radius() * (angle - Math.sin(angle)) / 2;
            }
            case ELLIPSE -> Math.PI * width * depth / 4;
        };
    }

    /// Length of its wall \[m\]; for the ellipse by Ramanujan's approximation.
    public double wall() {
        return switch (form) {
            case VEE -> flat + 2 * Math.hypot(depth, (width - flat) / 2);
            case ARC -> radius() * angle();
            case ELLIPSE -> {
                double p = width / 2;
                double q = depth;
                double h = (p - q) / (p + q) * ((p - q) / (p + q));
                yield Math.PI / 2 * (p + q) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));
            }
        };
    }

    private double radius() {
        return (width * width / 4 + depth * depth) / (2 * depth);
    }

    private double angle() {
        double half = 2 * Math.asin(Math.min(1, width / (2 * radius())));
        return depth > width / 2 ? 2 * Math.PI - half : half;
    }
}
