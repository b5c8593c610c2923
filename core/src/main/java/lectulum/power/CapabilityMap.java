package lectulum.power;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import lectulum.assumed.Chemistries;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Thing;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Chemistry;
import lectulum.kernel.electric.Hours;
import lectulum.weather.Weather;

/// How empty a year is for panels and batteries of other sizes, all loads as they are. Each cell is a year by the hour, so it
/// belongs off the interface thread. More panel never empties more for the same battery.
///
/// @param panels   sizes \[W\], rising, the present one among them
/// @param stores   nominal energies \[Wh\], rising, the present one among them
/// @param cells    row by row: for each store all panels; fewer where it was stopped
/// @param cheapest of those that are never empty while somebody is there
/// @param lightest of them
public record CapabilityMap(List<Double> panels, List<Double> stores, List<Cell> cells, Optional<Cell> cheapest,
        Optional<Cell> lightest) {
    private static final int COLUMNS = 8;
    private static final int ROWS = 7;
    private static final double LEAST_PANELS = 600;
    private static final double LEAST_STORE = 2600;
    private static final double WATT_HOUR = 3600;
    private static final double CLASS = 12;

    /// One pair of sizes.
    ///
    /// @param empty hours of the year in which something is not had while somebody is there
    /// @param money of panels and cells of that size, by the catalogue
    /// @param mass  of them \[kg\]
    /// @param now   whether it is what is drawn
    public record Cell(double watts, double store, int empty, double money, double mass, boolean now) {
    }

    /// @param stop     ends it early: the rows done by then are given
    /// @param progress is told how far it is, 0 to 1
    public static CapabilityMap of(Design design, Weather weather, RoadCharge road, BooleanSupplier stop,
            DoubleConsumer progress) {
        Rehearsal own = Rehearsal.of(design, road);
        double peak = own.peak();
        double energy = own.bank().map(Bank::energy).orElse(0.0);
        List<Double> panels = sizes(0, Math.max(LEAST_PANELS, 2 * peak), COLUMNS, peak);
        List<Double> stores = sizes(1, Math.max(LEAST_STORE, 2 * energy), ROWS, energy);
        Battery.Chemistry kind = kind(design);
        Thing cells = priced(kind);
        Thing panel = Catalogue.shipped().find("solar-panel-175-w").orElseThrow();
        double cellWattHours = cells.battery().orElseThrow().energy() / WATT_HOUR;
        Chemistry chemistry = Chemistries.of(kind);
        List<Hours> years = panels.stream().map(watts -> own.year(weather, watts)).toList();
        List<Cell> all = new ArrayList<>();
        int done = 0;
        for (double store : stores) {
            Bank bank = new Bank(chemistry, store / chemistry.nominal(), CLASS, 1, 1);
            List<Cell> row = new ArrayList<>();
            for (int i = 0; i < panels.size(); i++) {
                double watts = panels.get(i);
                if (stop.getAsBoolean()) {
                    return judged(panels, stores, all);
                }
                int empty = own.simulation(bank).run(years.get(i), 1).emptyOccupied();
                double money = watts * panel.cost().planned() / panel.solar()
                        + store * cells.cost().planned() / cellWattHours;
                double mass = watts * panel.mass().value() / panel.solar()
                        + store * cells.mass().value() / cellWattHours;
                row.add(new Cell(watts, store, empty, money, mass, watts == peak && store == energy));
                progress.accept(++done / (double) (panels.size() * stores.size()));
            }
            all.addAll(row);
        }
        return judged(panels, stores, all);
    }

    private static CapabilityMap judged(List<Double> panels, List<Double> stores, List<Cell> all) {
        List<Cell> enough = all.stream().filter(c -> c.empty == 0).toList();
        return new CapabilityMap(panels, stores, List.copyOf(all),
                enough.stream().min(Comparator.comparingDouble(Cell::money)),
                enough.stream().min(Comparator.comparingDouble(Cell::mass)));
    }

    /// Round sizes up to a largest one, and the present one where there is one.
    private static List<Double> sizes(int from, double largest, int steps, double now) {
        double rough = largest / steps;
        double ten = Math.pow(10, Math.floor(Math.log10(rough)));
        double step = Math.ceil(rough / ten) * ten;
        TreeSet<Double> sizes = new TreeSet<>();
        for (int i = from; i <= steps; i++) {
            sizes.add(i * step);
        }
        if (now > 0) {
            sizes.add(now);
        }
        return List.copyOf(sizes);
    }

    /// The kind that stores most; lithium where there is none.
    private static Battery.Chemistry kind(Design design) {
        return design.things().stream().flatMap(t -> t.battery().stream())
                .max(Comparator.comparingDouble(Battery::energy)).map(Battery::chemistry)
                .orElse(Battery.Chemistry.LITHIUM_IRON);
    }

    private static Thing priced(Battery.Chemistry kind) {
        return Catalogue.shipped().things().stream()
                .filter(t -> t.battery().filter(b -> b.chemistry() == kind).isPresent()).findFirst().orElseThrow();
    }
}
