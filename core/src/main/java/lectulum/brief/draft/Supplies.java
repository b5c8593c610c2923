package lectulum.brief.draft;

import java.util.ArrayList;
import java.util.List;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Figures;
import lectulum.power.Power;

/// How many tanks, batteries and panels a trip takes.
public final class Supplies {
    /// More than this is not carried; the brief's demand then fails \[m³\].
    private static final double MOST_WATER = 0.24;
    private static final int MOST_BATTERIES = 4;

    private Supplies() {
    }

    /// Ids of the tanks or cans that hold a volume, the fewest of the kind.
    ///
    /// @param cans whether cans do, as for a short trip
    static List<String> fresh(double volume, boolean cans) {
        double left = Math.min(volume, MOST_WATER);
        if (cans && left <= 0.0401) {
            return left <= 0
                    ? List.of()
                    : left <= 0.02
                            ? List.of("jerrycan-20-l")
                            : List.of("jerrycan-20-l",
                                    "jerrycan-20-l");
        }
        return of(left, List.of("fresh-tank-80-l", "fresh-tank-60-l", "fresh-tank-45-l", "fresh-tank-30-l"));
    }

    static List<String> grey(double volume) {
        double left = Math.min(volume, MOST_WATER);
        return of(left, List.of("grey-tank-60-l-under-floor", "grey-tank-40-l"));
    }

    /// The largest as long as more is missing, then the smallest that does.
    private static List<String> of(double volume, List<String> sizes) {
        List<String> all = new ArrayList<>();
        double left = volume;
        while (left > 1e-4) {
            String next = sizes.getFirst();
            for (String id : sizes) {
                if (capacity(id) >= left) {
                    next = id;
                }
            }
            all.add(next);
            left -= capacity(next);
        }
        return all;
    }

    private static double capacity(String id) {
        return Catalogue.shipped().find(id).flatMap(Thing::tank).map(Tank::capacity).orElseThrow();
    }

    /// What power a camper needs besides what it has.
    ///
    /// @param panels    ids
    /// @param batteries ids
    public record Electric(List<String> panels, List<String> batteries) {
    }

    /// Panels as long as there is roof and they help, then batteries until the nights are there.
    ///
    /// @param design with everything that draws, and neither panel nor battery
    /// @param flat   whether only a flexible panel fits
    /// @param room   panels that fit
    public static Electric electric(Design design, Taste taste, boolean flat, int room) {
        String panel = flat || taste == Taste.LIGHT ? "solar-panel-flexible-100-w" : "solar-panel-175-w";
        String battery = taste == Taste.CHEAP ? "battery-100-ah-agm" : "battery-100-ah-lithium";
        List<String> panels = new ArrayList<>();
        List<String> batteries = new ArrayList<>();
        batteries.add(taste == Taste.LIGHT ? "battery-50-ah-lithium" : battery);
        double wanted = Math.max(1, design.brief().nights());
        while (nights(design, panels, batteries) < wanted) {
            if (panels.size() < room && panels.size() <= batteries.size()) {
                panels.add(panel);
            } else if (batteries.size() < MOST_BATTERIES) {
                batteries.add(battery);
            } else if (panels.size() < room) {
                panels.add(panel);
            } else {
                break;
            }
        }
        return new Electric(panels, batteries);
    }

    private static double nights(Design design, List<String> panels, List<String> batteries) {
        Design with = design;
        for (String id : panels) {
            with = with.plus(thing(with, id));
        }
        for (String id : batteries) {
            with = with.plus(thing(with, id));
        }
        Figures figures = Power.of(with).figures();
        return figures.find("power.nights").map(f -> f.value().orElse(0)).orElse(0.0);
    }

    private static Thing thing(Design design, String id) {
        return Catalogue.shipped().find(id).orElseThrow().withId(design.freeId(id));
    }
}
