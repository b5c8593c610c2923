package lectulum.design;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lectulum.design.vehicle.Vehicle;

/// What the user set for this design instead of what the program assumes.
///
/// @param assumed own values by the id of the assumed one, SI
/// @param order   own order of the things to move, by change-over such as `road-camp`
public record Settings(Map<String, Double> assumed, Map<String, List<String>> order) {
    /// Nothing set.
    public static final Settings NONE = new Settings(Map.of(), Map.of());

    public Settings {
        Map<String, Double> values = new TreeMap<>();
        if (assumed != null) {
            assumed.forEach((id, value) -> {
                if (value != null) {
                    values.put(id, value);
                }
            });
        }
        assumed = Collections.unmodifiableMap(values);
        Map<String, List<String>> orders = new TreeMap<>();
        if (order != null) {
            order.forEach((change, ids) -> orders.put(change, ids == null ? List.of() : List.copyOf(ids)));
        }
        order = Collections.unmodifiableMap(orders);
    }

    /// @param value NaN goes back to what is assumed
    public Settings with(String id, double value) {
        Map<String, Double> next = new TreeMap<>(assumed);
        if (Double.isNaN(value)) {
            next.remove(id);
        } else {
            next.put(id, value);
        }
        return new Settings(next, order);
    }

    /// Own values that belong to the tow vehicle.
    Map<String, Double> ofVehicle() {
        Map<String, Double> own = new TreeMap<>(assumed);
        own.keySet().removeIf(id -> !Vehicle.owns(id));
        return own;
    }

    /// With the values of another tow vehicle in place of those of the one before.
    Settings forVehicle(Map<String, Double> own) {
        Map<String, Double> next = new TreeMap<>(assumed);
        next.keySet().removeIf(Vehicle::owns);
        next.putAll(own);
        return new Settings(next, order);
    }

    public Settings ordering(String change, List<String> ids) {
        Map<String, List<String>> next = new TreeMap<>(order);
        next.put(change, ids);
        return new Settings(assumed, next);
    }
}
