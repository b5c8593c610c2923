package lectulum.design.brief;

/// How freely water is used: litres per person and day, and the share of each that returns as grey water
/// (assumed defaults, see docs/method/water.md).
public enum WaterStyle {
    FRUGAL("frugal", 2.5, 0.8, 0.8, 0.7, 0), NORMAL("normal", 2.5, 1.5, 2.0, 2.0, 2.0), SHOWERS("daily showers", 2.5,
            1.5, 3.0, 3.0, 15);

    private static final double COOK_TO_GREY = 0.30;
    private static final double DISHES_TO_GREY = 0.90;
    private static final double WASH_TO_GREY = 0.95;

    private final String label;
    private final double drink;
    private final double cook;
    private final double dishes;
    private final double wash;
    private final double shower;

    WaterStyle(String label, double drink, double cook, double dishes, double wash, double shower) {
        this.label = label;
        this.drink = drink;
        this.cook = cook;
        this.dishes = dishes;
        this.wash = wash;
        this.shower = shower;
    }

    public String label() {
        return label;
    }

    /// Drunk, where it is no warmer than 25 °C \[m³ per person and day\].
    public double drink() {
        return drink * 1e-3;
    }

    public double cook() {
        return cook * 1e-3;
    }

    public double dishes() {
        return dishes * 1e-3;
    }

    public double wash() {
        return wash * 1e-3;
    }

    public double shower() {
        return shower * 1e-3;
    }

    /// Part of what is drawn for cooking, for dishes, and for washing and showers, that comes back.
    public static double[] returned() {
        return new double[]{COOK_TO_GREY, DISHES_TO_GREY, WASH_TO_GREY};
    }

    /// Fresh water drawn per person and day \[m³\].
    public double fresh() {
        return (drink + cook + dishes + wash + shower) * 1e-3;
    }

    /// Grey water made per person and day \[m³\].
    public double grey() {
        return (cook * COOK_TO_GREY + dishes * DISHES_TO_GREY + (wash + shower) * WASH_TO_GREY) * 1e-3;
    }
}
