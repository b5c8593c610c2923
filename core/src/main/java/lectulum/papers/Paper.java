package lectulum.papers;

/// What a template is printed on.
public enum Paper {
    A4("A4", 0.210, 0.297), LETTER("Letter", 0.2159, 0.2794), A3("A3", 0.297, 0.420), ROLL_610("Roll, 610 mm", 0.610,
            Double.POSITIVE_INFINITY),
    ROLL_914("Roll, 914 mm", 0.914, Double.POSITIVE_INFINITY);

    private static final double POINTS = 72 / 0.0254;
    private final String label;
    private final double small;
    private final double large;

    Paper(String label, double small, double large) {
        this.label = label;
        this.small = small;
        this.large = large;
    }

    public String label() {
        return label;
    }

    /// Whether it has no end.
    boolean rolled() {
        return !Double.isFinite(large);
    }

    /// Short and long side for a drawing of that size \[m\]; a roll is cut off where the drawing ends.
    double[] sides(double width, double height, double margin) {
        if (Double.isFinite(large)) {
            return new double[]{small, large};
        }
        double long1 = Math.max(width, height) + 2 * margin + 0.001;
        return new double[]{small, Math.max(small, long1)};
    }

    /// Of a sheet standing upright \[pt\]; of a roll that of a sheet of A4.
    public double[] points() {
        double[] sides = (rolled() ? A4 : this).sides(0.1, 0.1, 0);
        return new double[]{sides[0] * POINTS, sides[1] * POINTS};
    }
}
