package lectulum.balance.ratings;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lectulum.assumed.Assumption;
import lectulum.balance.Balance;
import lectulum.balance.CargoRoom;
import lectulum.balance.Limit;
import lectulum.balance.LoadedState;
import lectulum.balance.Rig;
import lectulum.balance.VehicleLoads;
import lectulum.design.LoadCase;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.gear.TyreLoad;
import lectulum.units.Quantity;

/// What limits, what limits first, how much may still be put where, and the ratings that are not a plain mass.
public final class RatingStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("ratings", "Ratings", Stage.BALANCE,
            in -> in.of(Rig.DISCIPLINE).studies(rig -> of(rig, in.of(Balance.DISCIPLINE))))
            .checking(RatingRules.class, RatingRemedies::of);

    private static final int COLUMNS = 12;
    private static final int ROWS = 4;
    /// Room below this is drawn as little \[kg\].
    private static final double LITTLE = 20;
    private static final int[] CLASSES = {907, 1588, 2268, 4536};

    private RatingStudies() {
    }

    public static List<Study> of(Rig rig, Balance balance) {
        return List.of(room(rig), chain(rig), vehicle(rig), brakes(rig), tyres(rig), dry(rig, balance));
    }

    /// The vehicle before the trailer hangs on it.
    private static Study vehicle(Rig rig) {
        Study.Notebook book = new Study.Notebook("vehicle", Stage.BALANCE, "The vehicle, before the trailer", "");
        VehicleLoads loads = rig.vehicleLoads();
        Vehicle v = rig.vehicle();
        Vehicle.Papers papers = v.papers();
        book.figure("vehicle.ready", "Ready to drive, nobody aboard", loads.ready(), Quantity.MASS,
                "kerb mass − its driver + fuel beyond it + options",
                Sentence.of("{0} − {1} + {2} + {3}; its papers count {4}", Amount.kg(v.kerbMass()),
                        Amount.kg(papers.driver()), Amount.kg(papers.fuel()), Amount.kg(papers.options()),
                        papers.kerb().label()),
                "definitions: North American curb, EU running order, Australian kerb and tare");
        String placed = v.seats().isPresent() ? "by seat and boot" : "half on each axle, as the seats are not known";
        book.figure("vehicle.aboard", "People and luggage in it", loads.aboard(), Quantity.MASS, "Σm",
                Sentence.of(rig.design.brief().dogs().isEmpty()
                        ? "{0} people, {1} of luggage"
                        : "{0} people, {1} of luggage, and the dogs with it", rig.design.brief().people().size(),
                        Amount.kg(v.luggage())),
                "sum");
        book.figure("vehicle.front", "Front axle, no trailer", loads.front(), Quantity.MASS, "Σm e/wheelbase",
                Sentence.of("aboard {0}", placed), "statics");
        book.figure("vehicle.rear", "Rear axle, no trailer", loads.rear(), Quantity.MASS, "Σm (1 − e/wheelbase)",
                Sentence.of("aboard {0}", placed), "statics");
        if (v.seats().isEmpty()) {
            book.note("Give seats and boot on Brief: luggage behind the rear axle loads it by more than its weight.");
        }
        return book.done();
    }

    /// The limit with the smallest margin over all trips.
    private record Tightest(LoadedState state, Limit limit) {
    }

    private static Optional<Tightest> tightest(Rig rig) {
        return rig.trips.stream().flatMap(s -> s.limits().stream().map(l -> new Tightest(s, l)))
                .min(Comparator.comparingDouble(t -> t.limit.margin()));
    }

    private static Study room(Rig rig) {
        Study.Notebook book = new Study.Notebook("room", Stage.BALANCE, "How much may still be put where", "");
        LoadedState s = rig.departure();
        CargoRoom.Levers levers = new CargoRoom.Levers(rig.axle, rig.track,
                rig.assumed(Assumption.SPRING_BASE) * rig.track, rig.vehicle().wheelbase(),
                rig.vehicle().overhang());
        double low = rig.design.brief().tongueLow();
        double high = rig.design.brief().tongueHigh();
        double half = rig.body.halfWidth();
        double front = rig.base().tongueLength();
        List<CargoRoom.Cell> cells = CargoRoom.map(s, levers, low, high, new double[]{front, -half},
                new double[]{rig.rearEnd(), half}, COLUMNS, ROWS);
        CargoRoom.Cell best = cells.stream().max(Comparator.comparingDouble(c -> c.room().room())).orElseThrow();
        CargoRoom most = best.room();
        CargoRoom least = cells.stream().map(CargoRoom.Cell::room).min(Comparator.comparingDouble(CargoRoom::room))
                .orElseThrow();
        Sketch.Board board = new Sketch.Board("From above: what may still be put there");
        double dx = (rig.rearEnd() - front) / COLUMNS / 2;
        double dy = half / ROWS;
        for (CargoRoom.Cell c : cells) {
            double room = c.room().room();
            double[][] cell = {{c.x() - dx, -c.y() - dy}, {c.x() + dx, -c.y() - dy}, {c.x() + dx, -c.y() + dy},
                    {c.x() - dx, -c.y() + dy}};
            board.path(room < 1 ? Sketch.Pen.FAULT : room < LITTLE ? Sketch.Pen.AREA : Sketch.Pen.SWEEP, cell, true,
                    Double.isFinite(room) ? Sentence.of("{0}", Amount.kg(Math.floor(room))) : Sentence.of("∞"));
        }
        if (Double.isInfinite(least.room())) {
            book.note("Nothing limits it yet: give the ratings on Base and Brief.");
        } else if (Double.isInfinite(most.room())) {
            book.note(
                    "No rating of the mass is known yet: give them on Base and Brief. The tongue alone allows {0} at the"
                            + " worst place, then {1}.",
                    Amount.kg(least.room()), least.by());
        } else {
            book.figure("room.most", "Most that may still be put anywhere", most.room(), Quantity.MASS,
                    "min (rating − load)/slope over the ratings",
                    Sentence.of("at {0} behind the ball, {1} from the middle; then {2}", Amount.m(best.x()),
                            Amount.m(Math.abs(best.y())), most.by()),
                    "each kilogram loads each rating by its lever");
            book.figure("room.least", "Least", least.room(), Quantity.MASS, "the same",
                    Sentence.of("there {0} is reached first", least.by()), "the same");
            book.note("Best at {0} behind the ball: {1}, then {2} is reached. Worst: {3}, {4}.", Amount.m(best.x()),
                    Amount.kg(most.room()), most.by(), Amount.kg(least.room()), least.by());
        }
        return book.sketch(board.done()).done();
    }

    private static Study chain(Rig rig) {
        Study.Notebook book = new Study.Notebook("chain", Stage.BALANCE, "The chain of ratings", "");
        Optional<Tightest> first = tightest(rig);
        if (first.isEmpty()) {
            return book.note("No rating is known yet: plates, labels and manuals say them. An absent rating is unknown,"
                    + " never fine.").done();
        }
        Limit limit = first.get().limit;
        book.figure("chain.margin", "Smallest margin", limit.margin(), Quantity.SHARE, "(rating − load)/rating",
                Sentence.of("{0} of {1}: {2}", Amount.kg(limit.load()), Amount.kg(limit.rated()),
                        limit.rating().label()),
                "plates, labels and manuals rule over every figure here");
        book.note("{0} limits first: {1} of {2} in {3}.", whose(limit.rating()), Amount.kg(limit.load()),
                Amount.kg(limit.rated()), first.get().state.loadCase().name());
        for (Limit l : rig.departure().limits()) {
            if (l.exceeded() > 0.01 && l.margin() > 0) {
                book.note("{0}: {1} left, and a chance of {2} that it is exceeded all the same.",
                        whose(l.rating()), Amount.kg(l.left()), Amount.share(l.exceeded()));
            }
        }
        double front = rig.front() - rig.departure().tongue() * rig.lever();
        rig.vehicle().rating(Rating.VEHICLE_GROSS).ifPresent(gross -> {
            double least = rig.assumed(Assumption.STEER_LEAST) * gross;
            book.figure("chain.front", "Vehicle's front axle", front, Quantity.MASS, "F − T · overhang/wheelbase",
                    Sentence.of("at least {0} is wanted", Amount.kg(least)), "statics; wanted share assumed");
            if (front < least) {
                book.say(RatingRules.CHAIN_FRONT, Severity.WARN, Sentence.of("The vehicle's front axle is light"),
                        Sentence.of("It carries {0}; {1} is wanted to steer and brake.", Amount.kg(front),
                                Amount.kg(least)));
            }
        });
        double gross = rig.base().rating(Rating.GROSS_PLATE).orElse(rig.departure().mass());
        int grade = 1;
        while (grade <= CLASSES.length && CLASSES[grade - 1] < gross) {
            grade++;
        }
        book.note(grade <= CLASSES.length
                ? "Coupling of class {0} or higher (SAE J684, by {1}); each of two chains must break above that mass."
                : "Beyond the classes of SAE J684 (class {0}): {1}.", Math.min(grade, CLASSES.length + 1),
                Amount.kg(gross));
        double vehicleGross = rig.vehicle().rating(Rating.VEHICLE_GROSS)
                .orElse(rig.vehicleLoads().mass());
        double d = TyreLoad.dValue(vehicleGross, gross);
        double rated = rig.assumed(Assumption.COUPLER_D);
        book.figure("chain.d", "D-value asked of the coupling, kN", d, Quantity.COUNT, "g m t/(m + t)",
                Sentence.of("{0} and {1}", Amount.kg(vehicleGross), Amount.kg(gross)), "UN R55");
        if (rated > 0 && d > rated) {
            book.say(RatingRules.CHAIN_D, Severity.STOP, Sentence.of("The coupling is too weak"),
                    Sentence.of("A D-value of {0} kN is needed, it has {1}.", Math.round(d * 10) / 10.0, rated));
        }
        return book
                .caution("Never exceed the lowest rating. A 50 mm coupler does not fit a 2 in ball, nor the reverse.")
                .done();
    }

    private static String whose(Rating rating) {
        return (rating.trailer() ? "Trailer, " : "Tow vehicle, ") + rating.label();
    }

    private static Study brakes(Rig rig) {
        Study.Notebook book = new Study.Notebook("brakes", Stage.BALANCE, "Brakes", "");
        double gross = rig.base().rating(Rating.GROSS_PLATE).orElse(rig.departure().mass());
        BrakeLimit needed = BrakeLimit.of(rig.design);
        double limit = needed.mass();
        String by = needed.by();
        boolean braked = rig.base().axle().braked();
        book.figure("brakes.limit", "Brakes needed above", limit, Quantity.MASS,
                "min (law, part of the vehicle, vehicle's limit)", Sentence.of("by {0}", by),
                "assumed: confirm with your authority");
        double laden = rig.vehicleLoads().ready();
        double longer = laden > 0 ? rig.departure().mass() / laden : 0;
        book.figure("brakes.longer", "Without brakes it stops longer by at least", longer, Quantity.SHARE,
                "M/m_vehicle", Sentence.of("{0} behind {1}", Amount.kg(rig.departure().mass()),
                        Amount.kg(laden)),
                "same braking force for more mass");
        if (gross > limit && !braked) {
            book.say(RatingRules.BRAKES_NEEDED, Severity.STOP, Sentence.of("It needs brakes"),
                    Sentence.of("{0} is over {1}, {2}. Take a braked axle, or a plate and a load below that.",
                            Amount.kg(gross), Amount.kg(limit), by));
        } else if (gross <= limit && !braked) {
            book.note("No brakes are needed by these rules; {0} remain.", Amount.kg(limit - gross));
        } else {
            book.note("Braked: a breakaway device, its cable and its supply belong to it.");
        }
        return book.caution("These limits are starting values, assumed. Your authority says what holds for you.")
                .done();
    }

    private static Study tyres(Rig rig) {
        Study.Notebook book = new Study.Notebook("tyres", Stage.BALANCE, "Tyres", "");
        LoadedState s = rig.trips.stream().max(Comparator.comparingDouble(x -> Math.max(x.left(), x.right())))
                .orElseThrow();
        double load = Math.max(s.left(), s.right()) * s.fullest();
        boolean passenger = rig.assumed(Assumption.TYRE_PASSENGER) >= 0.5;
        double reserve = rig.assumed(rig.axles() > 1 ? Assumption.TYRE_RESERVE_TWO : Assumption.TYRE_RESERVE);
        int index = (int) Math.round(rig.assumed(Assumption.TYRE_INDEX));
        double rated = index >= 50 && index <= 130
                ? TyreLoad.capacity(index, rig.assumed(Assumption.TYRE_PRESSURE), passenger)
                : rig.base().rating(Rating.TYRE).orElse(0);
        book.figure("tyres.load", "Fullest tyre carries", load, Quantity.MASS, "side × fullest axle's part",
                Sentence.of("{0}, {1} side", s.loadCase().name(), s.right() > s.left() ? "right" : "left"), "statics");
        OptionalInt wanted = TyreLoad.indexFor(load / (1 - reserve), passenger);
        if (wanted.isPresent()) {
            book.figure("tyres.index", "Load index wanted", wanted.getAsInt(), Quantity.COUNT, "load/(1 − reserve)",
                    Sentence.of("reserve {0}", Amount.share(reserve)), "ISO 4000-1, ETRTO; reserve assumed");
        }
        fitness(rig, book);
        if (rated <= 0) {
            return book.note("Type the load index from the side of the tyre, or the tyre's rating on Base.").done();
        }
        double margin = 1 - load / rated;
        book.figure("tyres.margin", "Reserve", margin, Quantity.SHARE, "1 − load/capacity",
                Sentence.of("{0} of {1}", Amount.kg(load), Amount.kg(rated)),
                "load index table; pressure exponent 0.8 assumed");
        boolean said = index < 50 && margin < 0.10;
        if (margin < reserve && !said) {
            book.say(RatingRules.TYRES_RESERVE, margin < 0 ? Severity.STOP : Severity.WARN,
                    margin < 0
                            ? Sentence.of("The tyres carry too much")
                            : Sentence.of("The tyres have little reserve"),
                    Sentence.of("{0} of {1}: {2} left, {3} wanted. A load index of {4} has it.", Amount.kg(load),
                            Amount.kg(rated), Amount.share(Math.max(0, margin)), Amount.share(reserve),
                            wanted.isPresent() ? wanted.getAsInt() : "more than 130"));
        }
        return book.done();
    }

    /// Speed symbol, age, and whether they were made for trailers.
    private static void fitness(Rig rig, Study.Notebook book) {
        double allowed = rig.assumed(Assumption.TYRE_SPEED);
        double speed = rig.assumed(Assumption.ROAD_SPEED);
        if (allowed > 0 && allowed < speed) {
            book.say(RatingRules.TYRES_SPEED, Severity.WARN, Sentence.of("The tyres are not made for that speed"),
                    Sentence.of("Their symbol allows {0}, you plan {1}.", new Amount(allowed, Quantity.SPEED),
                            new Amount(speed, Quantity.SPEED)));
        } else if (allowed <= 0) {
            book.note("The speed symbol is the letter after the load index: type what it allows.");
        }
        double age = rig.assumed(Assumption.TYRE_AGE);
        if (age > rig.assumed(Assumption.TYRE_OLD)) {
            book.say(RatingRules.TYRES_AGE, Severity.NOTE, Sentence.of("The tyres are {0} years old", (int) age),
                    Sentence.of("Above {0} years look for cracks inside and out, or renew them; sun and standing still"
                            + " age them more than miles.", (int) rig.assumed(Assumption.TYRE_OLD)));
        }
        if (rig.assumed(Assumption.TYRE_PRESSURE) < 1) {
            book.note("Below the pressure of the table they carry less; the maker's own table wins.");
        }
    }

    private static Study dry(Rig rig, Balance balance) {
        Study.Notebook book = new Study.Notebook("dry", Stage.BALANCE, "What the bare build uses of the axle",
                "");
        Optional<LoadedState> dry = balance.state(LoadCase.DRY.id());
        double rated = rig.base().rating(Rating.AXLE).orElse(0);
        if (dry.isEmpty() || rated <= 0) {
            return book.note("The axle's rating is not known.").done();
        }
        double share = dry.get().axle() / rated;
        double wanted = rig.departure().axle() / 0.85;
        book.figure("dry.share", "Dry build on the axle", share, Quantity.SHARE, "A_dry/rating",
                Sentence.of("{0} of {1}", Amount.kg(dry.get().axle()), Amount.kg(rated)), "statics");
        book.figure("dry.axle", "Axle wanted for the loaded camper", wanted, Quantity.MASS, "A_departure/0.85",
                Sentence.of("{0} and 15 % reserve", Amount.kg(rig.departure().axle())), "reserve assumed");
        double shell = rig.assumed(Assumption.AXLE_SHELL);
        double order = Math.max(wanted, dry.get().axle() / shell);
        book.figure("dry.order", "Axles to order, all together at least", order, Quantity.MASS,
                "larger of A_departure/0.85 and A_dry/share",
                Sentence.of("{0} loaded, {1} dry on {2}", Amount.kg(wanted), Amount.kg(dry.get().axle()),
                        Amount.share(shell)),
                "reserve and share assumed");
        if (share > shell) {
            book.say(RatingRules.DRY_AXLE, Severity.WARN, Sentence.of("The dry build alone uses {0} of the axle",
                    Amount.share(share)),
                    Sentence.of("{0} of {1}; loaded it carries {2}. An axle of {3} would have reserve.",
                            Amount.kg(dry.get().axle()), Amount.kg(rated), Amount.kg(rig.departure().axle()),
                            Amount.kg(wanted)));
        }
        return book.done();
    }
}
