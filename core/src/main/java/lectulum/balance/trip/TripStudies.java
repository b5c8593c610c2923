package lectulum.balance.trip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumption;
import lectulum.balance.Certainty;
import lectulum.balance.Forgotten;
import lectulum.balance.LoadedState;
import lectulum.balance.Rig;
import lectulum.balance.WeldNow;
import lectulum.design.thing.Role;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.kernel.maths.Normal;
import lectulum.kernel.statics.Part;
import lectulum.kernel.statics.Statics;
import lectulum.kernel.statics.TankCorners;
import lectulum.kernel.statics.Trip;
import lectulum.units.Quantity;
import lectulum.water.Water;

/// The tongue over a trip, over all fills of the tanks, how sure it is, and whether the axle can be welded yet.
public final class TripStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("trip", "Trip", Stage.BALANCE,
            in -> in.of(Rig.DISCIPLINE).studies(rig -> of(rig, in.of(Water.DISCIPLINE))))
            .checking(TripRules.class, TripRemedies::of);

    private static final double DENSITY = 1000;
    private static final int NAMED = 5;

    /// Less of the doubt than this is not worth a weighing.
    private static final double LITTLE = 0.005;

    private TripStudies() {
    }

    public static List<Study> of(Rig rig, Water water) {
        return List.of(trip(rig, water), corners(rig), certainty(rig), weld(rig));
    }

    private static double low(Rig rig) {
        return rig.design.brief().tongueLow();
    }

    private static double high(Rig rig) {
        return rig.design.brief().tongueHigh();
    }

    /// Where the tanks of a use are, by what they hold; empty where there is none.
    private static Optional<double[]> tanks(Rig rig, Tank.Use use) {
        double held = 0;
        double moment = 0;
        for (Thing t : rig.design.things()) {
            double full = t.tank().filter(k -> k.use() == use).map(Tank::fullMass).orElse(0.0);
            held += full;
            moment += full * (rig.base().tongueLength() + t.place().x());
        }
        return held > 0 ? Optional.of(new double[]{held, moment / held}) : Optional.empty();
    }

    private static Study trip(Rig rig, Water water) {
        Study.Notebook book = new Study.Notebook("trip", Stage.BALANCE, "Tongue over the trip", "");
        double days = Math.max(1, rig.design.brief().nights());
        LoadedState start = rig.departure();
        Loads l = loads(rig, water, days);
        double[] fresh = {tanks(rig, Tank.Use.FRESH).map(f -> f[0]).orElse(0.0), l.water.freshX()};
        double freshThere = start.loadCase().fresh() * fresh[0];
        double usable = l.water.fresh();
        double returned = l.water.returned();
        double use = l.water.daily();
        double[] grey = {l.water.greyRoom(), l.water.greyX()};
        Trip trip = Trip.of(l.rest, l.centre, rig.axle, l.water, l.stores, days);
        String source = "linear between day marks, empty and full tanks; extremes stand at these";
        Trip.Point least = trip.lightest();
        Trip.Point most = trip.heaviest();
        book.figure("trip.least", "Smallest tongue share", least.share(), Quantity.SHARE, "min T/M",
                Sentence.of("day {0}: {1} of {2}", round(least.day()), Amount.kg(least.tongue()),
                        Amount.kg(least.mass())),
                source);
        book.figure("trip.most", "Largest tongue share", most.share(), Quantity.SHARE, "max T/M",
                Sentence.of("day {0}: {1} of {2}", round(most.day()), Amount.kg(most.tongue()),
                        Amount.kg(most.mass())),
                source);
        book.figure("trip.home", "Mass at home again", trip.points().getLast().mass(), Quantity.MASS, "M − used",
                Sentence.of("{0} at the start", Amount.kg(trip.points().getFirst().mass())), source);
        outside(rig, book, least, most);
        trip.greyFull().ifPresent(day -> book.say(TripRules.TRIP_GREY, Severity.NOTE,
                Sentence.of("Grey water overflows on day {0}", round(day)),
                Sentence.of("{0} fit; {1} of the {2} used in a day come back.", Amount.litres(grey[0] / DENSITY),
                        Amount.share(returned), Amount.litres(use / DENSITY))));
        trip.freshGone().ifPresent(day -> book.say(TripRules.TRIP_FRESH, Severity.NOTE,
                Sentence.of("Fresh water is gone on day {0} of {1}", round(day), round(days)),
                Sentence.of("{0} can be drawn of the {1} aboard, and {2} are used in a day.",
                        Amount.litres(usable / DENSITY), Amount.litres(freshThere / DENSITY),
                        Amount.litres(use / DENSITY))));
        chart(rig, trip, book);
        places(rig, start, fresh, returned, book);
        return book.done();
    }

    /// What rests and what changes on a trip.
    ///
    /// @param rest   everything that does not change \[kg\]
    /// @param centre of it behind the ball \[m\]
    /// @param food   provisions
    /// @param stores all that is used up evenly, food among them
    public record Loads(double rest, double centre, Trip.Water water, List<Trip.Store> food,
            List<Trip.Store> stores) {
    }

    /// At the departure.
    ///
    /// @param days over which food and half of the fuel are used up
    public static Loads loads(Rig rig, Water water, double days) {
        LoadedState start = rig.departure();
        double use = Math.max(0, water.figures().value("water.day.use")) * DENSITY;
        double[] fresh = tanks(rig, Tank.Use.FRESH).orElse(new double[]{0, rig.axle});
        double[] grey = tanks(rig, Tank.Use.GREY).orElse(new double[]{0, rig.axle});
        double freshThere = start.loadCase().fresh() * fresh[0];
        double greyThere = start.loadCase().waste() * grey[0];
        List<Trip.Store> food = food(rig, start, days);
        List<Trip.Store> stores = new ArrayList<>(food);
        stores.addAll(fuel(rig, start, days));
        double used = stores.stream().mapToDouble(Trip.Store::full).sum();
        double drawn = fresh[0] > 0 ? water.figures().value("water.fresh.usable") * DENSITY / fresh[0] : Water.USABLE;
        double usable = Math.max(0, freshThere - (1 - drawn) * fresh[0]);
        double rest = start.mass() - usable - greyThere - used;
        double moment = start.mass() * start.roll().x() - usable * fresh[1] - greyThere * grey[1]
                - stores.stream().mapToDouble(s -> s.full() * s.x()).sum();
        return new Loads(rest, rest > 0 ? moment / rest : 0,
                new Trip.Water(fresh[1], usable, grey[1], greyThere, grey[0], use, returned(water)), food, stores);
    }

    private static void outside(Rig rig, Study.Notebook book, Trip.Point least, Trip.Point most) {
        boolean said = rig.trips.stream().anyMatch(s -> s.share() < low(rig) || s.share() > high(rig));
        boolean light = least.share() < low(rig);
        boolean heavy = most.share() > high(rig);
        if (said || !light && !heavy) {
            return;
        }
        Trip.Point worst = light ? least : most;
        boolean severe = worst.share() < 0.5 * low(rig) || worst.share() > 1.3 * high(rig);
        book.say(TripRules.TRIP_SHARE, severe ? Severity.STOP : Severity.WARN,
                Sentence.of(light ? "On day {0} the tongue is light" : "On day {0} the tongue is heavy",
                        round(worst.day())),
                Sentence.of("{0} of {1} is {2}; your band is {3}–{4}.", Amount.kg(worst.tongue()),
                        Amount.kg(worst.mass()), Amount.share(worst.share()), Amount.count(100 * low(rig)),
                        Amount.share(high(rig))));
    }

    /// Food, used evenly over the trip; part of it stays as rubbish.
    private static List<Trip.Store> food(Rig rig, LoadedState start, double days) {
        return rig.design.things().stream().filter(t -> t.role() == Role.PROVISIONS).map(t -> {
            double mass = start.loadCase().times(t) * t.mass().value();
            return new Trip.Store(x(rig, t), mass, mass / days, rig.assumed(Assumption.TRIP_KEEP));
        }).toList();
    }

    /// Half of the fuel is used over the trip.
    private static List<Trip.Store> fuel(Rig rig, LoadedState start, double days) {
        return rig.design.things().stream().filter(t -> t.tank().filter(k -> k.use() == Tank.Use.GAS
                || k.use() == Tank.Use.PETROL || k.use() == Tank.Use.DIESEL).isPresent()).map(t -> {
                    double mass = start.loadCase().contents(t);
                    return new Trip.Store(x(rig, t), mass, mass / 2 / days, 0);
                }).toList();
    }

    private static double x(Rig rig, Thing t) {
        return rig.base().tongueLength() + t.place().x();
    }

    private static void chart(Rig rig, Trip trip, Study.Notebook book) {
        double[] x = trip.points().stream().mapToDouble(Trip.Point::day).toArray();
        double[] share = trip.points().stream().mapToDouble(Trip.Point::share).toArray();
        double[] tongue = trip.points().stream().mapToDouble(Trip.Point::tongue).toArray();
        double[] mass = trip.points().stream().mapToDouble(Trip.Point::mass).toArray();
        book.chart(new Chart("Tongue share", "day", Quantity.COUNT, "share", Quantity.SHARE,
                List.of(new Chart.Curve("share", x, share)),
                List.of(new Chart.Limit("band from", low(rig)), new Chart.Limit("band to", high(rig)))));
        book.chart(new Chart("Load", "day", Quantity.COUNT, "", Quantity.MASS,
                List.of(new Chart.Curve("loaded", x, mass), new Chart.Curve("tongue", x, tongue)), List.of()));
    }

    /// Part of the water drawn that comes back, as Water reckons it.
    private static double returned(Water water) {
        double use = water.figures().value("water.day.use");
        double grey = water.figures().value("water.day.grey");
        return use > 0 ? Math.clamp(grey / use, 0, 1) : 0;
    }

    private static void places(Rig rig, LoadedState start, double[] fresh, double returned, Study.Notebook book) {
        if (fresh[0] <= 0 || returned <= 0) {
            book.note("There is no fresh water tank: the tongue changes with food and fuel only.");
            return;
        }
        double place = Statics.greyForShare(rig.axle, start.share(), fresh[1], returned);
        book.figure("trip.greyPlace", "Grey tank that keeps the share, behind the ball", place, Quantity.LENGTH,
                "x_n − (x_n − x_fresh)/returned", Sentence.of("x_n {0}, fresh {1}",
                        Amount.m(Statics.neutralStation(rig.axle, start.share())), Amount.m(fresh[1])),
                "mass at the neutral station leaves the share alone");
        book.figure("trip.greyLoad", "Grey tank that keeps the load on the ball",
                Statics.greyForLoad(rig.axle, fresh[1],
                        returned),
                Quantity.LENGTH, "x_A − (x_A − x_fresh)/returned", Sentence.of("x_A {0}, fresh {1}",
                        Amount.m(rig.axle), Amount.m(fresh[1])),
                "mass at the axle leaves the load on the ball alone");
        if (place < 0 || place > rig.rearEnd()) {
            book.note("That is outside the camper: move the fresh tank nearer to {0}.",
                    Amount.m(Statics.neutralStation(rig.axle, start.share())));
        }
    }

    private static Study corners(Rig rig) {
        Study.Notebook book = new Study.Notebook("tanks", Stage.BALANCE, "All fills of the tanks", "");
        LoadedState start = rig.departure();
        List<TankCorners.Contents> tanks = new ArrayList<>();
        List<String> names = new ArrayList<>();
        double rest = start.mass();
        double moment = start.mass() * start.roll().x();
        for (Thing t : rig.design.things()) {
            double full = t.tank().map(Tank::fullMass).orElse(0.0);
            if (full > 0 && start.loadCase().share(t) > 0) {
                double x = rig.base().tongueLength() + t.place().x();
                tanks.add(new TankCorners.Contents(x, full));
                names.add(t.name());
                rest -= start.loadCase().contents(t);
                moment -= start.loadCase().contents(t) * x;
            }
        }
        if (tanks.isEmpty() || rest <= 0) {
            return book.note("There is no tank.").done();
        }
        TankCorners c = TankCorners.of(rest, moment / rest, rig.axle, tanks);
        String source = "a quotient of linear functions: extremes at empty and full tanks";
        book.figure("tanks.least", "Smallest tongue share", c.least(), Quantity.SHARE, "min over all fills",
                Sentence.of("full: {0}", full(names, c.leastFull())), source);
        book.figure("tanks.most", "Largest tongue share", c.most(), Quantity.SHARE, "max over all fills",
                Sentence.of("full: {0}", full(names, c.mostFull())), source);
        book.note("Smallest with full: {0}. Largest with full: {1}.", full(names, c.leastFull()),
                full(names, c.mostFull()));
        if (c.least() < low(rig) || c.most() > high(rig)) {
            book.note("Some fills leave your band of {0}–{1}.", Amount.count(100 * low(rig)), Amount.share(high(rig)));
        }
        return book.done();
    }

    private static String full(List<String> names, List<Boolean> full) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            if (full.get(i)) {
                all.add(names.get(i));
            }
        }
        return all.isEmpty() ? "none" : String.join(", ", all);
    }

    private static Study certainty(Rig rig) {
        Study.Notebook book = new Study.Notebook("certain", Stage.BALANCE, "How sure it is", "");
        LoadedState s = rig.departure();
        double below = Normal.below((low(rig) - s.share()) / s.certainty().share());
        double above = 1 - Normal.below((high(rig) - s.share()) / s.certainty().share());
        String source = "linear propagation, guesses share an error of 10 %; GUM";
        book.figure("certain.below", "Chance that the tongue is too light", below, Quantity.SHARE, "Φ((p_low − p)/u)",
                Sentence.of("{0} ± {1}", Amount.share(s.share()), Amount.share(Normal.HALF_95 * s.certainty().share())),
                source);
        book.figure("certain.above", "Chance that it is too heavy", above, Quantity.SHARE, "1 − Φ((p_high − p)/u)",
                Sentence.of("{0} ± {1}", Amount.share(s.share()), Amount.share(Normal.HALF_95 * s.certainty().share())),
                source);
        double variance = s.certainty().share() * s.certainty().share();
        List<Part> doubtful = s.parts().stream()
                .filter(p -> p.u() > 0.01 * p.mass() && !p.thing().equals(Forgotten.ID))
                .sorted(Comparator.comparingDouble(p -> -doubt(p, s))).limit(NAMED).toList();
        book.note("95 %: loaded {0} ± {1}, tongue {2} ± {3}.", Amount.kg(s.mass()),
                Amount.kg(Normal.HALF_95 * s.certainty().mass()), Amount.kg(s.tongue()),
                Amount.kg(Normal.HALF_95 * s.certainty().tongue()));
        for (Part p : doubtful) {
            if (doubt(p, s) < LITTLE * variance) {
                continue;
            }
            double left = Math.sqrt(Math.max(0, variance - doubt(p, s)));
            book.note("Weigh {0}: {1} of the doubt; the share would be known to ± {2}.", rig.name(p.thing()),
                    Amount.share(doubt(p, s) / variance), Amount.share(Normal.HALF_95 * left));
        }
        if (s.certainty().mass() > 0.2 * s.mass()) {
            book.note("The doubt is so large that these intervals are rough themselves.");
        }
        return book.done();
    }

    private static double doubt(Part p, LoadedState s) {
        double c = (Statics.lever(p.x(), s.ballToAxle()) - s.share()) / s.mass() * p.u();
        return c * c;
    }

    private static Study weld(Rig rig) {
        Study.Notebook book = new Study.Notebook("weld", Stage.BALANCE, "Weld the axle now, or wait", "");
        LoadedState s = rig.departure();
        double moving = rig.unsprung();
        List<Part> fixed = new ArrayList<>();
        for (Part p : s.parts()) {
            fixed.add(p.thing().isEmpty() && p.mass() > moving
                    ? p.with(p.mass() - moving,
                            (p.mass() * p.x() - moving * rig.base().ballToMiddle()) / (p.mass() - moving))
                    : p);
        }
        double aim = (low(rig) + high(rig)) / 2;
        WeldNow w = WeldNow.of(fixed, moving, -moving * rig.base().axle().bearing(), aim, Certainty.SHARED_GUESS_ERROR);
        if (!Double.isFinite(w.place())) {
            return book.absent("weld.place", "Axle belongs at, behind the ball", Quantity.LENGTH, "x",
                    "there is no mass to balance").done();
        }
        String source = "statics, uncertainty by linear propagation";
        book.figure("weld.place", "Axle belongs at, behind the ball", w.place(), Quantity.LENGTH,
                "(M_f X_f + Σm d)/(M_f − pM)", Sentence.of("for {0}; it stands at {1}", Amount.share(aim),
                        Amount.m(rig.axle)),
                source);
        book.figure("weld.slot", "Slot that holds it with 95 %", w.slot(), Quantity.LENGTH, "2 · 1.96 u",
                Sentence.of("u {0}", Amount.m(w.u())), source);
        if (w.slot() <= rig.assumed(Assumption.TRIP_SLOT)) {
            book.note("The masses are known well enough: weld it.");
        } else {
            book.note("Wait, or bolt it in a slot of {0}: weighing what is most in doubt shortens it.",
                    Amount.m(w.slot()));
        }
        return book.caution("Frames, welds, couplings and axles need a competent person and local approval.").done();
    }

    static double round(double day) {
        return Math.round(day * 10) / 10.0;
    }
}
