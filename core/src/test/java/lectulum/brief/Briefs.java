package lectulum.brief;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Brief;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Climate;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Headroom;
import lectulum.design.brief.Kept;
import lectulum.design.brief.Person;
import lectulum.design.brief.SecondUse;
import lectulum.design.brief.Terrain;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.TongueSchool;
import lectulum.design.brief.Travel;
import lectulum.design.brief.WaterStyle;
import lectulum.design.brief.Wish;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;

/// Twenty briefs of all sorts, some that no camper can meet.
public final class Briefs {
    private static final Design START = Campers.start(CamperType.CARGO, "brief").design();
    private static final List<Person> TWO = List.of(adult(1, 1.82, 80), adult(2, 1.68, 65));
    private static final List<Person> FAMILY = List.of(adult(1, 1.83, 84), adult(2, 1.70, 66), child(3, 1.38, 32, 10),
            child(4, 1.12, 21, 6));

    private Briefs() {
    }

    static Person adult(int n, double height, double mass) {
        return new Person("p" + n, "P" + n, height, mass);
    }

    static Person child(int n, double height, double mass, double age) {
        return new Person("p" + n, "P" + n, height, mass, OptionalDouble.of(age));
    }

    private static List<Person> many(int n) {
        List<Person> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(adult(i, 1.75, 75));
        }
        return all;
    }

    private static Vehicle car(double tow, double tongue) {
        return new Vehicle("Car", 1600, 700, 2.75, 1.05, 0.45, 30, Map.of(Rating.TOW_BRAKED, tow, Rating.TOW_UNBRAKED,
                750.0, Rating.TONGUE_VEHICLE, tongue, Rating.PAYLOAD, 550.0));
    }

    private static Brief all(Brief brief, Wish wish) {
        Brief b = brief;
        for (Ability a : Ability.values()) {
            b = b.with(a, wish);
        }
        return b;
    }

    /// By what is special about each.
    public static Map<String, Design> all() {
        Brief b = START.brief();
        Brief two = b.withPeople(TWO);
        Map<String, Design> all = new LinkedHashMap<>();
        all.put("a usual couple", START.with(b));
        all.put("standing height", START.with(two.withNights(4).withHeadroom(Headroom.STANDING)));
        all.put("one who is tall", START.with(b.withPeople(List.of(adult(1, 1.94, 92))).withNights(3)));
        all.put("a family behind 100 kg of tongue",
                START.with(b.withPeople(FAMILY).withNights(5)).withVehicle(car(2000, 100)));
        all.put("small children", START.with(b.withPeople(List.of(adult(1, 1.83, 84), adult(2, 1.70, 66),
                child(3, 1.0, 16, 4), child(4, 0.8, 11, 1.5))).withNights(3).with(WaterStyle.NORMAL)));
        all.put("three adults", START.with(b.withPeople(many(3))));
        all.put("six adults", START.with(b.withPeople(many(6)).withNights(3)));
        all.put("forty sleepers", START.with(b.withPeople(many(40)).withNights(3)));
        all.put("nobody", START.with(b.withPeople(List.of())));
        all.put("frost, heat and tracks", START.with(two.withNights(6).withTravel(Travel.USUAL
                .withTerrain(Terrain.TRACK).withColdest(OptionalDouble.of(-8)).withHottest(OptionalDouble.of(30)))));
        all.put("everything must be", START.with(all(two, Wish.MUST).withNights(4)));
        all.put("nothing is wanted", START.with(all(two, Wish.NOT).withNights(1)));
        all.put("daily showers", START.with(two.with(Toilet.CASSETTE).with(WaterStyle.SHOWERS).withNights(5)));
        all.put("a table for four", START.with(b.withPeople(FAMILY).with(Ability.COOK_INSIDE, Wish.MUST)
                .with(Ability.SIT_INSIDE, Wish.MUST).withHeadroom(Headroom.STANDING)));
        all.put("a small car and a low garage", START.with(two.with(TongueSchool.EUROPE)
                .withKept(new Kept(OptionalDouble.of(2.0), OptionalDouble.of(2.2), OptionalDouble.of(4.5), null))
                .withHeadroom(Headroom.STANDING)).withVehicle(car(750, 50)));
        all.put("a dog", START.with(two.withDogs(List.of(new Dog("d", "Rolf", 0.75, 0.6, 30)))));
        all.put("hauls by weekday", START.with(two.with(TongueSchool.AUSTRALIA)
                .withUses(List.of(SecondUse.Kind.HAULING.usual(), SecondUse.Kind.HUT.usual()))));
        all.put("two giants for a fortnight",
                START.with(b.withPeople(List.of(adult(1, 2.05, 110), adult(2, 1.95, 100))).withNights(14)));
        all.put("a budget of one",
                START.with(b.withPeople(List.of(adult(1, 1.55, 50))).withBudget(OptionalDouble.of(1))));
        all.put("a week in the boreal winter", START.with(b.withPeople(FAMILY).withNights(7).with(TongueSchool.EUROPE)
                .with(Climate.BOREAL).withMonth(12)).withVehicle(car(1500, 75)));
        return all;
    }
}
