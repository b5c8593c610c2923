package lectulum.brief;

import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import lectulum.assumed.Assumption;
import lectulum.balance.Balance;
import lectulum.balance.Limit;
import lectulum.balance.LoadedState;
import lectulum.balance.road.RoadStudies;
import lectulum.balance.turning.TurningStudies;
import lectulum.brief.height.HeightStudies;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.discipline.Known;
import lectulum.figures.Figures;
import lectulum.layout.Layout;
import lectulum.layout.change.ChangeOvers;
import lectulum.layout.outside.OutsideStudies;
import lectulum.layout.people.People;
import lectulum.layout.score.LayoutScore;
import lectulum.money.Money;
import lectulum.power.Power;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;
import lectulum.water.Water;

/// What campers are compared by. Each reads the result of the discipline that works it out for every other page.
public enum Measure {
    DEMANDS("Demands met", Quantity.SHARE, true, Assumption.WISH_DEMANDS, Measure::met),
    MASS("Loaded", Quantity.MASS, false, Assumption.WISH_MASS,
            k -> loaded(k).map(LoadedState::mass).orElse(Double.NaN)),
    TONGUE("Tongue", Quantity.MASS, false, null, k -> loaded(k).map(LoadedState::tongue).orElse(Double.NaN)),
    TOW("Left of its tow limit", Quantity.MASS, true, null, Measure::towLeft),
    BERTHS("Honest adult berths", Quantity.COUNT, true, null, k -> k.of(People.DISCIPLINE).sleeping().honest()),
    INSIDE("Height inside, camp", Quantity.LENGTH, true, Assumption.WISH_INSIDE, Measure::inside),
    OVER("Height over all", Quantity.LENGTH, false, null,
            k -> Layout.highest(k.design(), k.of(Bodies.DISCIPLINE).road())),
    LENGTH("Length over all", Quantity.LENGTH, false, null,
            k -> known(k.of(OutsideStudies.DISCIPLINE).figures(), "outside.length")),
    TURN("Turns until they touch", Quantity.ANGLE, true, null,
            k -> known(k.of(TurningStudies.DISCIPLINE).figures(), "outside.turn")),
    SWAY("Damping of the swing", Quantity.COUNT, true, null,
            k -> known(k.of(RoadStudies.DISCIPLINE).figures(), "sway.damping")),
    FRONT("Frontal area", Quantity.AREA, false, null, k -> figure(k.of(HeightStudies.DISCIPLINE).figures(),
            "drag.front")),
    FUEL("Extra fuel a year", Quantity.VOLUME, false, Assumption.WISH_FUEL,
            k -> figure(k.of(HeightStudies.DISCIPLINE).figures(), "drag.year")),
    COST("Cost", Quantity.MONEY, false, Assumption.WISH_COST, k -> figure(k.of(Money.DISCIPLINE).figures(),
            "money.forecast")),
    HOURS("Own time", Quantity.DURATION, false, Assumption.WISH_HOURS, k -> Demands.hours(k.design())),
    SETUP("Set up for the night", Quantity.DURATION, false, Assumption.WISH_SETUP, Measure::setup),
    NIGHTS("Nights off grid", Quantity.NIGHTS, true, Assumption.WISH_NIGHTS, Measure::nights),
    LAYOUT("Layout score", Quantity.COUNT, true, Assumption.WISH_LAYOUT,
            k -> figure(k.of(LayoutScore.DISCIPLINE).figures(), "layout.score"));

    private final String label;
    private final Quantity quantity;
    private final boolean more;
    private final Optional<Assumption> weight;
    private final ToDoubleFunction<Known> read;

    Measure(String label, Quantity quantity, boolean more, Assumption weight, ToDoubleFunction<Known> read) {
        this.label = label;
        this.quantity = quantity;
        this.more = more;
        this.weight = Optional.ofNullable(weight);
        this.read = read;
    }

    public String label() {
        return label;
    }

    /// The label in a word or two, for the head of a column.
    public String brief() {
        return switch (this) {
            case OVER -> "Over all";
            case INSIDE -> "Inside";
            case FUEL -> "Fuel/year";
            case NIGHTS -> "Nights";
            case SETUP -> "Set up";
            case LAYOUT -> "Layout";
            case LENGTH -> "Length";
            case TURN -> "Turns";
            case SWAY -> "Swing dies";
            default -> label;
        };
    }

    public Quantity quantity() {
        return quantity;
    }

    /// Whether more of it is better.
    public boolean more() {
        return more;
    }

    /// How much it counts where campers are weighed against each other; empty for what does not.
    public Optional<Assumption> weight() {
        return weight;
    }

    /// Its value for a camper, SI; NaN where there is none.
    public double of(Known camper) {
        return read.applyAsDouble(camper);
    }

    /// A value with no more digits than an estimate has.
    public double shown(double value) {
        return switch (this) {
            case DEMANDS -> Math.rint(value * 100) / 100;
            case COST -> Math.rint(value / 50) * 50;
            case HOURS -> Math.rint(value / Units.HOUR / 5) * 5 * Units.HOUR;
            case SWAY -> Math.rint(value * 100) / 100;
            case TURN -> Math.toRadians(Math.rint(Math.toDegrees(value)));
            case FUEL -> Math.rint(value / Units.LITRE / 5) * 5 * Units.LITRE;
            default -> value;
        };
    }

    /// As it stands in a table; a dash where there is none.
    public String text(double value, Style style) {
        if (Double.isNaN(value)) {
            return "–";
        }
        return this == SETUP && value == 0 ? "0\u00a0min" : Units.text(shown(value), quantity, style);
    }

    /// By how much one value is more than another, with its sign and no more digits than an estimate has; `=` for the same,
    /// a dash where one has none. Masses are told in whole kilograms or pounds.
    public String difference(double from, double to, Style style) {
        if (Double.isNaN(from) || Double.isNaN(to)) {
            return "–";
        }
        double by = shown(to) - shown(from);
        if (quantity == Quantity.MASS) {
            double unit = Units.shownPerSi(quantity, 1, style);
            by = Math.rint(by * unit) / unit;
        }
        if (Math.abs(by) < 1e-9) {
            return "=";
        }
        String size = Units.text(Math.abs(by), quantity, style);
        String whole = quantity == Quantity.MASS ? size.replaceFirst("[.,]0(?=\\D)", "") : size;
        return (by > 0 ? "+" : "−") + whole;
    }

    private static double met(Known k) {
        Demands demands = k.of(Demands.DISCIPLINE);
        return demands.all().isEmpty()
                ? 1
                : demands.all().stream().filter(Demand::met).count() / (double) demands.all().size();
    }

    private static Optional<LoadedState> loaded(Known k) {
        return k.of(Balance.DISCIPLINE).state(LoadCase.DEPARTURE.id());
    }

    private static double towLeft(Known k) {
        return loaded(k).stream().flatMap(s -> s.limits().stream()).filter(l -> !l.rating().trailer())
                .min(Comparator.comparingDouble(Limit::margin)).map(Limit::left).orElse(Double.NaN);
    }

    private static double inside(Known k) {
        Body camp = k.of(Bodies.DISCIPLINE).in(Mode.CAMP);
        return camp.open() ? Double.NaN : camp.roofInside().highest();
    }

    private static double setup(Known k) {
        Figures f = k.of(ChangeOvers.DISCIPLINE).figures();
        return figure(f, "layout.change.road-camp.minutes") + figure(f, "layout.change.camp-night.minutes");
    }

    private static double nights(Known k) {
        double power = figure(k.of(Power.DISCIPLINE).figures(), "power.nights");
        Design d = k.design();
        return d.brief().people().isEmpty()
                ? power
                : Math.min(power, figure(k.of(Water.DISCIPLINE).figures(), "water.days"));
    }

    private static double figure(Figures figures, String id) {
        double value = known(figures, id);
        return Double.isNaN(value) ? 0 : value;
    }

    private static double known(Figures figures, String id) {
        OptionalDouble value = figures.find(id).map(f -> f.value()).orElse(OptionalDouble.empty());
        return value.orElse(Double.NaN);
    }
}
