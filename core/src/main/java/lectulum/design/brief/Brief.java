package lectulum.design.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.UnitSystem;

/// What the camper is for; every later check cites it.
///
/// @param nights        nights per trip without shore power or a tap, 1 to 365
/// @param budget        money for the whole build; empty where none is set
/// @param leftHandDrive drive side of the country
/// @param latitude      of the usual camp \[°\], −80 to 80, north positive
/// @param month         month of the trip, 1 to 12
/// @param ownLow        lower edge of an own tongue band, share of the loaded mass
/// @param ownHigh       upper edge of an own tongue band
/// @param travel        how it is travelled with over a year
/// @param kept          where it stands when nobody travels
/// @param effort        money a month, own time and skills
/// @param headroom      how upright the tallest wants to be inside
/// @param uses          what else it is for
/// @param wishes        what it must do, should do and need not do; what is absent is open
/// @param candidates    bases that could be built on
@RecordBuilder
public record Brief(CamperType type, List<Person> people,
        @Means(value = "Nights per trip", of = Quantity.NIGHTS, high = 365, says = "without shore power or a tap") double nights,
        @Means(value = "Budget", of = Quantity.MONEY, low = 1, high = 1e8, says = "for the whole build; null for none") OptionalDouble budget,
        String currency,
        boolean leftHandDrive, UnitSystem units,
        @Means(value = "Latitude, north +", of = Quantity.COUNT, low = -80, high = 80, says = "of the usual camp, degrees") double latitude,
        @Means(value = "Month", of = Quantity.COUNT, low = 1, high = 12, says = "of the trip") int month,
        Climate climate, WaterStyle water,
        Toilet toilet, TongueSchool school,
        @Means(value = "Band from", of = Quantity.SHARE, high = 0.5, says = "lower edge of an own tongue band") double ownLow,
        @Means(value = "Band to", of = Quantity.SHARE, high = 0.6, says = "upper edge of an own tongue band") double ownHigh,
        List<Dog> dogs, Travel travel, Kept kept, Effort effort, Headroom headroom, List<SecondUse> uses,
        Map<Ability, Wish> wishes, List<Candidate> candidates)
        implements
            BriefBuilder.With {

    public Brief {
        budget = budget == null ? OptionalDouble.empty() : budget;
        type = type == null ? CamperType.CARGO : type;
        people = people == null ? List.of() : List.copyOf(people);
        currency = currency == null ? "€" : currency;
        units = units == null ? UnitSystem.METRIC : units;
        climate = climate == null ? Climate.MARITIME : climate;
        water = water == null ? WaterStyle.NORMAL : water;
        toilet = toilet == null ? Toilet.NONE : toilet;
        school = school == null ? TongueSchool.NORTH_AMERICA : school;
        dogs = dogs == null ? List.of() : List.copyOf(dogs);
        travel = travel == null ? Travel.USUAL : travel;
        kept = kept == null ? Kept.ANYWHERE : kept;
        effort = effort == null ? Effort.USUAL : effort;
        headroom = headroom == null ? Headroom.SITTING : headroom;
        uses = uses == null ? List.of() : List.copyOf(uses);
        Map<Ability, Wish> said = new EnumMap<>(Ability.class);
        if (wishes != null) {
            said.putAll(wishes);
            said.values().removeIf(w -> w == null || w == Wish.OPEN);
        }
        wishes = Collections.unmodifiableMap(said);
        candidates = candidates == null ? List.of() : List.copyOf(candidates);
    }

    /// A brief of which only the trip is known.
    public Brief(CamperType type, List<Person> people, double nights, OptionalDouble budget, String currency,
            boolean leftHandDrive, UnitSystem units, double latitude, int month, Climate climate, WaterStyle water,
            Toilet toilet, TongueSchool school, double ownLow, double ownHigh) {
        this(type, people, nights, budget, currency, leftHandDrive, units, latitude, month, climate, water, toilet,
                school, ownLow, ownHigh, null, null, null, null, null, null, null, null);
    }

    /// How much an ability is wanted.
    public Wish wish(Ability ability) {
        return wishes.getOrDefault(ability, Wish.OPEN);
    }

    public Brief with(Ability ability, Wish wish) {
        Map<Ability, Wish> next = new EnumMap<>(Ability.class);
        next.putAll(wishes);
        next.put(ability, wish);
        return withWishes(next);
    }

    /// Height of the tallest \[m\]; 0 where nobody travels.
    public double tallest() {
        return people.stream().mapToDouble(Person::height).max().orElse(0);
    }

    public double tongueLow() {
        return school == TongueSchool.OWN ? ownLow : school.low();
    }

    public double tongueHigh() {
        return school == TongueSchool.OWN ? ownHigh : school.high();
    }

    public boolean south() {
        return latitude < 0;
    }

    /// How figures are shown to these people unless they switch units.
    public Style style() {
        return new Style(units, currency);
    }

    public Brief with(UnitSystem system) {
        return withUnits(system);
    }

    public Brief with(Climate band) {
        return withClimate(band);
    }

    public Brief with(WaterStyle style) {
        return withWater(style);
    }

    public Brief with(Toilet kind) {
        return withToilet(kind);
    }

    public Brief with(TongueSchool which) {
        return withSchool(which);
    }

    public Brief withOwnBand(double low, double high) {
        return withSchool(TongueSchool.OWN).withOwnLow(low).withOwnHigh(high);
    }
}
