package lectulum.design.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// How it is travelled with over a year.
///
/// @param weekends   trips of two nights a year
/// @param trips      long trips a year
/// @param tripNights nights of a long trip
/// @param distance   towed in a year \[m\]
/// @param coldest    night outside that should still be pleasant inside \[°C\]; empty where it does not matter
/// @param hottest    night outside that should still be pleasant inside \[°C\]; empty where it does not matter
/// @param years      it should do without being rebuilt
/// @param seasons    in which it is travelled, in the order of [Season]; none where nothing was said
@RecordBuilder
public record Travel(@Means(value = "Weekends a year", of = Quantity.COUNT, high = 52) double weekends,
        @Means(value = "Long trips a year", of = Quantity.COUNT, high = 52) double trips,
        @Means(value = "Nights of a long trip", of = Quantity.NIGHTS, high = 365) double tripNights,
        @Means(value = "Towed in a year", of = Quantity.DISTANCE, high = 2e8) double distance,
        Terrain terrain,
        @Means(value = "Coldest night", of = Quantity.TEMPERATURE, low = -50, high = 40, says = "outside, pleasant inside; null where it does not matter") OptionalDouble coldest,
        @Means(value = "Hottest night", of = Quantity.TEMPERATURE, low = -20, high = 50, says = "outside, pleasant inside; null where it does not matter") OptionalDouble hottest,
        @Means(value = "Years of use", of = Quantity.COUNT, high = 40, says = "without being rebuilt") double years,
        List<Season> seasons)
        implements
            TravelBuilder.With {
    /// What is taken where nothing is said: ten weekends and two trips of two weeks, 6 000 km on the road, five years.
    public static final Travel USUAL = new Travel(10, 2, 14, 6e6, Terrain.ROAD, OptionalDouble.empty(),
            OptionalDouble.empty(), 5);

    /// In no season said.
    public Travel(double weekends, double trips, double tripNights, double distance, Terrain terrain,
            OptionalDouble coldest, OptionalDouble hottest, double years) {
        this(weekends, trips, tripNights, distance, terrain, coldest, hottest, years, List.of());
    }

    public Travel {
        seasons = seasons == null ? List.of() : seasons.stream().distinct().sorted().toList();
        terrain = terrain == null ? Terrain.ROAD : terrain;
        coldest = coldest == null ? OptionalDouble.empty() : coldest;
        hottest = hottest == null ? OptionalDouble.empty() : hottest;
    }

    public boolean in(Season season) {
        return seasons.contains(season);
    }

    /// With a season, or without it.
    public Travel with(Season season, boolean travelled) {
        List<Season> next = new ArrayList<>(seasons);
        next.remove(season);
        if (travelled) {
            next.add(season);
        }
        return withSeasons(next);
    }

    /// Nights away in a year.
    public double nights() {
        return 2 * weekends + trips * tripNights;
    }
}
