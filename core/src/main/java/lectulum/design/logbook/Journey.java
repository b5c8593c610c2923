package lectulum.design.logbook;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// A trip that was made, as it was.
///
/// @param date      on which it began, as ISO
/// @param distance  towed \[m\]
/// @param water     used \[m³\]
/// @param energy    taken out of the battery \[J\]
/// @param gas       burned \[kg\]
/// @param generator ran \[s\]
/// @param packing   time to pack \[s\]
/// @param setup     time to set up camp \[s\]
/// @param striking  time to strike it \[s\]
/// @param coldest   outside \[°C\]
/// @param used      ids of things that were used; none where that was not looked at
@RecordBuilder
public record Journey(String id, String name, @Means("ISO date") String date,
        @Means(value = "Nights", of = Quantity.NIGHTS, high = 1000) double nights,
        @Means(value = "People", of = Quantity.COUNT, low = 1, high = 40) double people,
        @Means(value = "Towed", of = Quantity.DISTANCE, high = 1e8) double distance,
        @Means(value = "Water used", of = Quantity.VOLUME, high = 20) OptionalDouble water,
        @Means(value = "Energy used", of = Quantity.ENERGY, high = 1e10) OptionalDouble energy,
        @Means(value = "Gas burned", of = Quantity.MASS, high = 500) OptionalDouble gas,
        @Means(value = "Generator ran", of = Quantity.DURATION, high = 3.6e7) OptionalDouble generator,
        @Means(value = "Packed in", of = Quantity.DURATION, high = 1e6) OptionalDouble packing,
        @Means(value = "Camp set up in", of = Quantity.DURATION, high = 1e6) OptionalDouble setup,
        @Means(value = "Camp struck in", of = Quantity.DURATION, high = 1e6) OptionalDouble striking,
        @Means(value = "Coldest night", of = Quantity.TEMPERATURE, low = -60, high = 50) OptionalDouble coldest,
        String note, @Means("Ids of things that were used") List<String> used) implements JourneyBuilder.With {

    public Journey {
        id = id == null ? "" : id;
        name = name == null ? "" : name;
        date = date == null ? "" : date;
        water = water == null ? OptionalDouble.empty() : water;
        energy = energy == null ? OptionalDouble.empty() : energy;
        gas = gas == null ? OptionalDouble.empty() : gas;
        generator = generator == null ? OptionalDouble.empty() : generator;
        packing = packing == null ? OptionalDouble.empty() : packing;
        setup = setup == null ? OptionalDouble.empty() : setup;
        striking = striking == null ? OptionalDouble.empty() : striking;
        coldest = coldest == null ? OptionalDouble.empty() : coldest;
        note = note == null ? "" : note;
        used = used == null ? List.of() : List.copyOf(used);
    }

    /// A trip of which only nights and people are known.
    public static Journey of(String id, String name, String date, double nights, double people) {
        return new Journey(id, name, date, nights, people, 0, OptionalDouble.empty(), OptionalDouble.empty(),
                OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(),
                OptionalDouble.empty(), OptionalDouble.empty(), "", List.of());
    }
}
