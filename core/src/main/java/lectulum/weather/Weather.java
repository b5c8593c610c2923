package lectulum.weather;

import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Climates;
import lectulum.design.Design;
import lectulum.design.brief.Climate;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Stage;
import lectulum.kernel.weather.SolarDay;
import lectulum.kernel.weather.WeatherYear;

/// Air and sun of 8 760 hours at a place. Two are equal where place, climate and seed are.
public final class Weather implements Result {
    public static final int HOURS = 24 * WeatherYear.DAYS;
    public static final Discipline<Weather> DISCIPLINE = new Discipline<>("weather", "Weather of a year", Stage.POWER,
            Discipline.Pace.REST, in -> of(in.part(Weather::asked)), () -> of(new Place(Climate.MARITIME, 45, 1)));

    /// What a year of weather hangs on.
    ///
    /// @param latitude \[°\]
    /// @param seed     of the chance
    public record Place(Climate climate, double latitude, long seed) {
    }

    private final Place place;
    private final WeatherYear year;
    private final double[] air = new double[HOURS];
    private final double[] level = new double[HOURS];
    private final SolarDay[] days = new SolarDay[WeatherYear.DAYS];
    private final SolarDay.Irradiance[] hours = new SolarDay.Irradiance[WeatherYear.DAYS];

    private Weather(Place place) {
        this.place = place;
        this.year = WeatherYear.of(Climates.of(place.climate), place.latitude, 0, place.seed);
        for (int d = 1; d <= WeatherYear.DAYS; d++) {
            days[d - 1] = new SolarDay(d, place.latitude);
            SolarDay.Irradiance sun = days[d - 1].hours(year.clearness()[d - 1], 0);
            hours[d - 1] = sun;
            for (int h = 0; h < 24; h++) {
                int at = 24 * (d - 1) + h;
                air[at] = year.air(d, h);
                level[at] = sun.global()[h];
            }
        }
    }

    private static Place asked(Design d) {
        return new Place(d.brief().climate(), d.brief().latitude(),
                Math.round(Assumed.value(d, Assumption.WEATHER_SEED)));
    }

    public static Weather of(Place place) {
        return new Weather(place);
    }

    public WeatherYear year() {
        return year;
    }

    /// Outside in an hour of the year \[°C\].
    public double air(int hour) {
        return air[hour];
    }

    /// On level ground in an hour of the year \[W/m²\].
    public double sun(int hour) {
        return level[hour];
    }

    /// On a tilted panel in an hour of the year \[W/m²\].
    ///
    /// @param tilt    \[rad\]
    /// @param heading from north over east \[rad\]
    public double sun(int hour, double tilt, double heading) {
        int day = hour / 24;
        return tilt == 0 || level[hour] <= 0
                ? level[hour]
                : days[day].tilted(hours[day], hour % 24, 0, tilt, heading);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Weather w && w.place.equals(place);
    }

    @Override
    public int hashCode() {
        return place.hashCode();
    }
}
