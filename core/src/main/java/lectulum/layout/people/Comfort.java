package lectulum.layout.people;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Subject;
import lectulum.figures.Working;
import lectulum.kernel.bodies.BunkStack;
import lectulum.kernel.bodies.Needs;
import lectulum.layout.Room;
import lectulum.layout.doors.Motion;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// Heights and room about people: standing, seats, tables, steps, toilet and shower, bunks above each other, and space
/// that has to stay clear.
///
/// @param bunks pairs of beds above each other, with how their height is best shared
public record Comfort(List<Bunks> bunks, List<Figure> figures, List<Finding> findings) {
    /// Nothing is said.
    static final Comfort NONE = new Comfort(List.of(), List.of(), List.of());
    private static final String SOURCE = "body-segment ratios after Drillis and Contini, rounded (assumed)";
    /// A rise people take without thought, and the highest \[m\] (assumed).
    private static final double EASY_RISE = 0.20;
    private static final double HIGH_RISE = 0.25;
    private static final double TOO_HIGH_RISE = 0.30;
    private static final double TABLE_SLACK = 0.06;
    private static final double CLOSE = 1.2;

    /// Two beds above each other.
    ///
    /// @param lower id of the bed below
    /// @param upper id of the bed above
    /// @param thick mattress top to underside of the upper bed \[m\]
    public record Bunks(String lower, String upper, double thick, BunkStack best) {
    }

    public static Comfort of(Design design, Map<Mode, Room> rooms, Sleeping sleeping) {
        Comfort c = new Comfort(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        Room camp = rooms.get(Mode.CAMP);
        c.standing(design, camp);
        c.seats(design, camp);
        c.worktops(design, camp);
        c.steps(design, camp);
        c.sanitary(design, rooms);
        c.bunks(design, rooms.get(Mode.NIGHT), sleeping);
        c.clear(design, rooms);
        return c;
    }

    private void figure(String id, String label, double value, String formula, Sentence numbers) {
        figures.add(Figure.of(id, label, value, Quantity.LENGTH, new Working(formula, numbers, List.of(), SOURCE)));
    }

    private void say(Rule rule, Severity severity, Sentence title, Sentence detail, List<String> things) {
        say(rule, Subject.WHOLE, severity, title, detail, things);
    }

    private void say(Rule rule, Subject about, Severity severity, Sentence title, Sentence detail,
            List<String> things) {
        findings.add(Finding.of(rule, about, severity, title, detail, things));
    }

    private static Optional<Person> tallest(Design design) {
        return design.brief().people().stream().max(Comparator.comparingDouble(Person::height));
    }

    private void standing(Design design, Room camp) {
        Optional<Person> tall = tallest(design);
        if (tall.isEmpty() || !camp.walkable() || camp.body().open()) {
            return;
        }
        double roof = camp.body().roofInside().highest();
        double need = new Needs(tall.get().height()).standing();
        figure("layout.headroom", "Headroom of the tallest", roof - tall.get().height(), "roof − stature",
                Sentence.of("{0} − {1}", Amount.m(roof), Amount.m(tall.get().height())));
        if (roof < need) {
            say(PeopleRules.PEOPLE_HEADROOM, Severity.NOTE, Sentence.of("{0} cannot stand upright", tall.get().name()),
                    Sentence.of("The roof is {0} above the floor; {1} is needed.", Amount.m(roof), Amount.m(need)),
                    List.of());
        }
    }

    private void seats(Design design, Room camp) {
        double mean = design.brief().people().stream().mapToDouble(Person::height).average().orElse(1.7);
        Optional<Person> tall = tallest(design);
        for (Room.Standing s : camp.inside()) {
            if (!s.thing().has(Feature.Seat.class) || tall.isEmpty()) {
                continue;
            }
            String id = s.thing().id();
            double top = cushion(camp, s);
            double high = top - floorBelow(s);
            double wanted = new Needs(mean).seatTop();
            figure("layout.seat." + id + ".height", s.thing().name() + ", seat", high, "top above the floor",
                    Sentence.of("{0} suits people of {1}", Amount.m(wanted), Amount.m(mean)));
            double above = headAbove(camp, s, top) - top;
            double head = new Needs(tall.get().height()).headAboveSeat();
            if (above < head) {
                say(PeopleRules.SEAT_HEAD, Subject.thing(id), Severity.NOTE,
                        Sentence.of("{0} sits bent on {1}", tall.get().name(), s.thing().name()),
                        Sentence.of("There is {0} above the seat; {1} is needed.", Amount.m(above), Amount.m(head)),
                        List.of(id));
            }
            if (Math.abs(high - wanted) > 0.10) {
                say(PeopleRules.SEAT_HEIGHT, Subject.thing(id), Severity.NOTE,
                        Sentence.of("{0} is a {1} seat", s.thing().name(), high > wanted ? "high" : "low"),
                        Sentence.of("Its top is {0} high; {1} suits people of {2}.", Amount.m(high), Amount.m(wanted),
                                Amount.m(mean)),
                        List.of(id));
            }
        }
    }

    private static double floorBelow(Room.Standing s) {
        return s.solid().z2() < 0.25 ? s.solid().z1() : 0;
    }

    /// Top of a seat with the mattress that lies on it.
    private static double cushion(Room room, Room.Standing s) {
        return room.inside().stream()
                .filter(o -> o.thing().has(Feature.Bed.class) && Math.abs(o.solid().z1() - s.solid().z2()) < 0.01)
                .filter(o -> o.solid().levelApartFrom(s.solid()).depth() > 0.1).mapToDouble(o -> o.solid().z2()).max()
                .orElse(s.solid().z2());
    }

    /// Clear height over the middle of a seat, above its top.
    private static double headAbove(Room room, Room.Standing s, double top) {
        Solid middle = new Solid(s.solid().x(), s.solid().y(), top, top + 1,
                Math.min(0.2, s.solid().hl()), Math.min(0.2, s.solid().hw()), s.solid().c(), s.solid().s());
        return room.ceiling(middle, top, s.thing().id());
    }

    private void worktops(Design design, Room camp) {
        double mean = design.brief().people().stream().mapToDouble(Person::height).average().orElse(1.7);
        for (Room.Standing s : camp.inside()) {
            Optional<Feature.Worktop> top = s.thing().feature(Feature.Worktop.class);
            if (top.isEmpty()) {
                continue;
            }
            String id = s.thing().id();
            double seat = camp.inside().stream().filter(o -> o.thing().has(Feature.Seat.class))
                    .filter(o -> Math.hypot(o.solid().x() - s.solid().x(), o.solid().y() - s.solid().y()) < CLOSE)
                    .mapToDouble(o -> o.solid().z2()).max().orElse(new Needs(mean).seatTop());
            double wanted = top.get().standing() ? new Needs(mean).worktop() : seat + Needs.TABLE;
            figure("layout.worktop." + id + ".height", s.thing().name() + ", top", s.solid().z2(),
                    "top above the floor", Sentence.of("{0} suits", Amount.m(wanted)));
            if (Math.abs(s.solid().z2() - wanted) > TABLE_SLACK) {
                say(PeopleRules.WORKTOP_HEIGHT, Subject.thing(id), Severity.NOTE,
                        Sentence.of("{0} is {1} too {2}", s.thing().name(),
                                Amount.m(Math.abs(s.solid().z2() - wanted)), s.solid().z2() > wanted ? "high" : "low"),
                        Sentence.of("Its top is at {0}; {1} suits {2}.", Amount.m(s.solid().z2()), Amount.m(wanted),
                                top.get().standing() ? "standing people" : "the seat beside it"),
                        List.of(id));
            }
        }
    }

    private void steps(Design design, Room camp) {
        Optional<Room.Gate> door = camp.door();
        if (door.isEmpty() || !camp.walkable()) {
            return;
        }
        double floor = design.base().floorHeight();
        int treads = camp.outside().stream().flatMap(s -> s.thing().feature(Feature.Step.class).stream())
                .mapToInt(Feature.Step::treads).sum();
        double rise = floor / (treads + 1);
        figure("layout.stepRise", "Rise of each step", rise, "floor above the ground/(steps + 1)",
                Sentence.of("{0} with {1} steps", Amount.m(floor), treads));
        boolean children = design.brief().people().stream().anyMatch(p -> p.age().orElse(99) < 12);
        if (rise > HIGH_RISE) {
            int wanted = (int) Math.ceil(floor / EASY_RISE) - 1;
            say(PeopleRules.FLOOR_STEP, rise > TOO_HIGH_RISE && children ? Severity.STOP : Severity.WARN,
                    Sentence.of("The way in is a step of {0}", Amount.m(rise)),
                    Sentence.of("The floor is {0} above the ground; {1} before the door make rises of {2}.",
                            Amount.m(floor), wanted == 1 ? "one step" : wanted + " steps",
                            Amount.m(floor / (wanted + 1))),
                    List.of(door.get().thing().id()));
        }
    }

    private void sanitary(Design design, Map<Mode, Room> rooms) {
        for (Mode mode : List.of(Mode.CAMP, Mode.NIGHT)) {
            Room room = rooms.get(mode);
            for (Room.Standing s : room.inside()) {
                Optional<Feature.Sanitary> use = s.thing().feature(Feature.Sanitary.class);
                String id = s.thing().id();
                boolean said = said(PeopleRules.SANITARY_ROOM, Subject.thing(id));
                if (use.isEmpty() || said) {
                    continue;
                }
                double tall = tallest(design).map(Person::height).orElse(1.8);
                switch (use.get().use()) {
                    case TOILET -> toilet(room, s, tall);
                    case SHOWER -> shower(room, s, tall);
                }
            }
        }
    }

    private void toilet(Room room, Room.Standing s, double tall) {
        double above = headAbove(room, s, s.solid().z2()) - s.solid().z2();
        double need = new Needs(tall).headAboveSeat();
        double free = 0;
        for (Feature.Face face : List.of(Feature.Face.FRONT, Feature.Face.REAR, Feature.Face.LEFT,
                Feature.Face.RIGHT)) {
            free = Math.max(free, freeBefore(room, s, face));
        }
        String mode = room.mode().label();
        figure("layout.toilet." + s.thing().id() + ".front." + mode.toLowerCase(Locale.ROOT),
                s.thing().name() + ", room in front in " + mode, free, "free before its best side",
                Sentence.of("{0} is wanted", Amount.m(0.60)));
        if (above < need || free < 0.60 - 1e-6) {
            say(PeopleRules.SANITARY_ROOM, Subject.thing(s.thing().id()), Severity.NOTE,
                    Sentence.of("There is little room about {0} in {1}", s.thing().name(), room.mode().label()),
                    Sentence.of("{0} in front of it and {1} above; {2} and {3} are wanted.", Amount.m(free),
                            Amount.m(above), Amount.m(0.60), Amount.m(need)),
                    List.of(s.thing().id()));
        }
    }

    /// How far the space before a face is free, up to 0.60 m.
    private static double freeBefore(Room room, Room.Standing s, Feature.Face face) {
        List<Room.Standing> others = room.between(0.15, 1.2).stream()
                .filter(o -> !o.thing().id().equals(s.thing().id())).toList();
        double free = 0;
        double blocked = 0.60 + 0.02;
        while (blocked - free > 0.02) {
            double depth = free == 0 && blocked > 0.60 ? 0.60 : (free + blocked) / 2;
            if (isFree(room, Motion.pulled(s.solid(), face, depth), others)) {
                free = depth;
                if (depth >= 0.60) {
                    return depth;
                }
            } else {
                blocked = depth;
            }
        }
        return free;
    }

    private static boolean isFree(Room room, Solid before, List<Room.Standing> others) {
        for (double[] c : before.corners()) {
            if (c[0] < room.body().insideFront() - 0.002 || c[0] > room.body().insideRear() + 0.002
                    || Math.abs(c[1]) > room.body().halfWidthInside(c[0]) + 0.002) {
                return false;
            }
        }
        return others.stream().noneMatch(o -> o.solid().levelApartFrom(before).depth() > 0.001);
    }

    private void shower(Room room, Room.Standing s, double tall) {
        double high = room.ceiling(s.solid(), s.solid().z1() + 0.01, s.thing().id()) - s.solid().z1();
        double least = 2 * Math.min(s.solid().hl(), s.solid().hw());
        if (high < new Needs(tall).standing() || least < 0.60 - 1e-6) {
            say(PeopleRules.SANITARY_ROOM, Subject.thing(s.thing().id()), Severity.NOTE,
                    Sentence.of("{0} is a tight shower", s.thing().name()),
                    Sentence.of("{0} wide and {1} high; {2} and {3} are wanted.", Amount.m(least), Amount.m(high),
                            Amount.m(0.60), Amount.m(new Needs(tall).standing())),
                    List.of(s.thing().id()));
        }
    }

    private void bunks(Design design, Room night, Sleeping sleeping) {
        List<Room.Standing> beds = night.inside().stream().filter(s -> s.thing().has(Feature.Bed.class)).toList();
        for (Room.Standing upper : beds) {
            for (Room.Standing lower : beds) {
                if (upper != lower && lower.solid().z2() <= upper.solid().z1() + 0.001
                        && lower.solid().levelApartFrom(upper.solid()).depth() > 0.3) {
                    pair(design, night, sleeping, lower, upper);
                }
            }
        }
    }

    private void pair(Design design, Room night, Sleeping sleeping, Room.Standing lower, Room.Standing upper) {
        double under = underside(night, upper);
        double thick = upper.solid().z2() - under;
        double ceiling = night.ceiling(upper.solid(), upper.solid().z2(), upper.thing().id());
        BunkStack best = BunkStack.of(ceiling, lower.solid().z2(), thick, tallestOn(design, sleeping, lower),
                tallestOn(design, sleeping, upper), 0.5);
        bunks.add(new Bunks(lower.thing().id(), upper.thing().id(), thick, best));
        String id = upper.thing().id();
        figure("layout.bunk." + id + ".surplus", "Height over when all sit up, " + upper.thing().name(),
                best.surplus(), "room − needs of both",
                Sentence.of("{0} − {1} − {2}", Amount.m(best.room()), Amount.m(best.lowerNeeds()),
                        Amount.m(best.upperNeeds())));
        figure("layout.bunk." + id + ".underside", "Best height of the underside of " + upper.thing().name(),
                best.underside(), "lower mattress + what is over or missing shared by both",
                best.surplus() < 0
                        ? Sentence.of("{0} below and {1} above; all sit up with {2} less of mattresses, or a ceiling as"
                                + " much higher", Amount.m(best.lowerGap()), Amount.m(best.upperGap()),
                                Amount.m(-best.surplus()))
                        : Sentence.of("{0} below and {1} above", Amount.m(best.lowerGap()), Amount.m(best.upperGap())));
        double off = best.underside() - under;
        if (best.surplus() >= 0 && Math.abs(off) > 0.02 && (under - lower.solid().z2() < best.lowerNeeds() - 1e-6
                || ceiling - upper.solid().z2() < best.upperNeeds() - 1e-6)) {
            say(PeopleRules.BUNK_HEIGHT, Subject.thing(id), Severity.NOTE,
                    Sentence.of("{0} hangs {1} too {2}", upper.thing().name(), Amount.m(Math.abs(off)),
                            off > 0 ? "low" : "high"),
                    Sentence.of("With its underside at {0} both can sit up.", Amount.m(best.underside())),
                    List.of(lower.thing().id(), id));
        }
    }

    /// Underside of what an upper mattress lies on.
    private static double underside(Room night, Room.Standing upper) {
        return night.inside().stream().filter(s -> Math.abs(s.solid().z2() - upper.solid().z1()) < 0.01)
                .filter(s -> s.solid().levelApartFrom(upper.solid()).depth() > 0.1)
                .mapToDouble(s -> s.solid().z1()).min().orElse(upper.solid().z1());
    }

    private static double tallestOn(Design design, Sleeping sleeping, Room.Standing bed) {
        List<Person> people = design.brief().people();
        double tall = 0;
        for (int i = 0; i < people.size(); i++) {
            OptionalInt at = sleeping.where().get(i);
            if (at.isPresent() && sleeping.nests().get(at.getAsInt()).thing().equals(bed.thing().id())) {
                tall = Math.max(tall, people.get(i).height());
            }
        }
        return tall > 0 ? tall : people.stream().mapToDouble(Person::height).max().orElse(1.7);
    }

    private boolean said(Rule rule, Subject about) {
        return findings.stream().anyMatch(f -> f.rule() == rule && f.about().equals(about));
    }

    private void clear(Design design, Map<Mode, Room> rooms) {
        for (Room room : rooms.values()) {
            for (Room.Standing s : room.inside()) {
                Optional<Feature.KeepClear> keep = s.thing().feature(Feature.KeepClear.class);
                Subject about = Subject.thing(s.thing().id());
                if (keep.isEmpty() || said(PeopleRules.ITEM_KEEPCLEAR, about)) {
                    continue;
                }
                Solid space = keep.get().face() == Feature.Face.TOP
                        ? new Solid(s.solid().x(), s.solid().y(), s.solid().z2(), s.solid().z2() + keep.get().depth(),
                                s.solid().hl(), s.solid().hw(), s.solid().c(), s.solid().s())
                        : Motion.pulled(s.solid(), keep.get().face(), keep.get().depth());
                room.inside().stream().filter(o -> o != s && o.solid().apartFrom(space).depth() > 0.001).findFirst()
                        .ifPresent(o -> say(PeopleRules.ITEM_KEEPCLEAR, about, Severity.WARN,
                                Sentence.of("{0} stands in the clear space of {1}", o.thing().name(),
                                        s.thing().name()),
                                Sentence.of("{0} before its {1} must stay free ({2}).",
                                        Amount.m(keep.get().depth()), keep.get().face().label(), room.mode().label()),
                                List.of(s.thing().id(), o.thing().id())));
            }
        }
    }
}
