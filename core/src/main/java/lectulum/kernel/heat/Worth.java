package lectulum.kernel.heat;

import java.util.List;

/// What insulation on some surfaces saves, weighs, costs and takes.
///
/// @param loss    less of it \[W/K\]
/// @param fuel    saved in a season \[m³\]
/// @param mass    \[kg\]
/// @param cost    in money
/// @param space   taken from the room \[m³\]
/// @param seasons until the fuel has paid for it; infinite where the fuel costs nothing or none is saved
public record Worth(double loss, double fuel, double mass, double cost, double space, double seasons) {

    /// A surface that is insulated.
    ///
    /// @param before U-value \[W/(m² K)\]
    /// @param after  U-value
    /// @param thick  of the insulation \[m\]
    /// @param density of it \[kg/m³\]
    /// @param price  of a square metre
    public record Surface(double area, double before, double after, double thick, double density, double price) {
    }

    /// @param colder     outside than inside while it is heated \[K\]
    /// @param seconds    of a night
    /// @param nights     of a season
    /// @param efficiency of the heater
    /// @param heating    value of its fuel \[J/m³\]
    /// @param fuelPrice  of a cubic metre
    public static Worth of(List<Surface> surfaces, double colder, double seconds, double nights, double efficiency,
            double heating, double fuelPrice) {
        double loss = 0;
        double mass = 0;
        double cost = 0;
        double space = 0;
        for (Surface s : surfaces) {
            loss += s.area * (s.before - s.after);
            mass += s.area * s.thick * s.density;
            cost += s.area * s.price;
            space += s.area * s.thick;
        }
        double fuel = loss * colder * seconds * nights / (efficiency * heating);
        double saved = fuel * fuelPrice;
        return new Worth(loss, fuel, mass, cost, space, saved > 0 ? cost / saved : Double.POSITIVE_INFINITY);
    }
}
