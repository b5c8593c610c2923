package lectulum.design.outing;

import io.soabase.recordbuilder.core.RecordBuilder;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// One day of a trip.
///
/// @param driving on the road, from nine o'clock on \[s\]
/// @param warmer  than the mean day of the month \[K\]
/// @param sun     as a part of that of the mean day
/// @param use     of water, as a part of the usual one
/// @param fills   fresh water, gas, fuel, food and ice are filled up in the morning
/// @param empties grey water and toilet are emptied in the morning
@RecordBuilder
public record OutingDay(@Means(value = "On the road", of = Quantity.DURATION, high = 43_200) double driving, Site site,
        @Means(value = "Warmer than usual, K", of = Quantity.COUNT, low = -40, high = 40) double warmer,
        @Means(value = "Sun, of the usual", of = Quantity.SHARE, high = 3) double sun,
        @Means(value = "Water, of the usual", of = Quantity.SHARE, high = 5) double use, boolean fills, boolean empties)
        implements
            OutingDayBuilder.With {
    public OutingDay {
        site = site == null ? Site.WILD : site;
    }

    /// A mean day somewhere out.
    public static final OutingDay USUAL = new OutingDay(0, Site.WILD, 0, 1, 1, false, false);

    /// Where the night is spent.
    public enum Site {
        WILD("away from everything"), SOCKET("a site with a socket");

        private final String label;

        Site(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
