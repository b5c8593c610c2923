package lectulum.log;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Fuelled;
import lectulum.design.feature.Plumbed;
import lectulum.design.logbook.CheckItem;
import lectulum.design.logbook.CheckItem.Occasion;
import lectulum.design.logbook.Tick;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.layout.change.Setup;
import lectulum.units.Quantity;

/// Checklists from what the camper has: everything with two states stands on the list on which it must be in one of them.
public final class Checklists {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("log-lists", "Checklists", Stage.LOG,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS,
                    Design.Part.LOGBOOK)));
    private static final String SOURCE = "see docs/method/log.md";

    private Checklists() {
    }

    /// An item of a list.
    ///
    /// @param group  under which it stands
    /// @param second whether a second person looks too
    public record Item(String id, Occasion occasion, String group, String text, boolean second) {
    }

    /// All items of a list, in the order in which one walks.
    public static List<Item> items(Design d, Occasion occasion) {
        Maker m = new Maker(d, occasion);
        switch (occasion) {
            case FIRST_TOW -> m.firstTow();
            case LEAVING -> m.leaving();
            case ARRIVING -> m.arriving();
            case STORING -> m.storing();
            case SEASON -> m.season();
            case REGISTRATION -> m.registration();
        }
        d.logbook().items().stream().filter(i -> i.occasion() == occasion)
                .forEach(m::own);
        return List.copyOf(m.all.values());
    }

    /// How many are ticked, those with a second look only where that was had.
    public static long ticked(Design d, List<Item> items) {
        return items.stream().filter(i -> d.logbook().tick(i.id()).filter(t -> !i.second() || t.second()).isPresent())
                .count();
    }

    static List<Study> of(Design d) {
        Study.Notebook book = new Study.Notebook("log-lists", Stage.LOG, "Checklists", "");
        for (Occasion o : Occasion.values()) {
            List<Item> items = items(d, o);
            book.figure("log.list." + o.name().toLowerCase(Locale.ROOT).replace("_", ""), o.label() + ", items open",
                    items.size() - ticked(d, items), Quantity.COUNT, "all − ticked",
                    Sentence.of("of {0}", items.size()), SOURCE);
        }
        return List.of(book.done());
    }

    /// The edit that ticks an item, gives it its second look, or takes both away.
    public static Edit tick(Item item, boolean first, boolean second) {
        return new Edit(first ? "Ticked" : "Not ticked", d -> d.withLogbook(first
                ? d.logbook().ticked(new Tick(item.id(), second))
                : d.logbook().withTicks(
                        d.logbook().ticks().stream().filter(t -> !t.item().equals(item.id())).toList())));
    }

    /// The edit that takes all ticks of a list away.
    public static Edit anew(Occasion occasion) {
        return new Edit("A list begun anew", d -> {
            List<String> ids = items(d, occasion).stream().map(Item::id).toList();
            return d.withLogbook(d.logbook().withTicks(
                    d.logbook().ticks().stream().filter(t -> !ids.contains(t.item())).toList()));
        });
    }

    /// Collects a list.
    private static final class Maker {
        private final Design d;
        private final Occasion occasion;
        private final Map<String, Item> all = new LinkedHashMap<>();

        private Maker(Design d, Occasion occasion) {
            this.d = d;
            this.occasion = occasion;
        }

        private void item(String group, String id, String text, boolean second) {
            String key = occasion.name().toLowerCase(Locale.ROOT) + "." + id;
            all.putIfAbsent(key, new Item(key, occasion, group, text, second));
        }

        private void own(CheckItem i) {
            all.putIfAbsent(i.id(), new Item(i.id(), occasion, "Your own", i.text().isBlank() ? "own item" : i.text(),
                    i.second()));
        }

        private void every(String group, String id, Predicate<Thing> what, String text, boolean second) {
            d.things().stream().filter(what)
                    .forEach(t -> item(group, id + "." + t.id(), text.replace("{}", t.name()), second));
        }

        private boolean has(Predicate<Thing> what) {
            return d.things().stream().anyMatch(what);
        }

        private boolean braked() {
            return d.base().axle().braked();
        }

        private static boolean opens(Thing t) {
            return t.feature(Feature.Opening.class).filter(o -> o.leaf() != Feature.Opening.Leaf.FIXED).isPresent();
        }

        private void coupling() {
            String g = "At the ball";
            item(g, "coupler", "Coupler shut, locked and pinned; the ball is of its size", true);
            item(g, "lift", "Lifted on the jack, the coupler holds the ball", false);
            item(g, "chains", "Safety chains crossed and hooked", true);
            if (braked()) {
                item(g, "breakaway", "Breakaway cable clipped to the vehicle, not to the ball", true);
                item(g, "handbrake", "Parking brake off", false);
            }
            item(g, "plug", "Plug in, cable off the ground", false);
            item(g, "lamps", "Every lamp seen by somebody behind", true);
            item(g, "jack", "Jack up and turned away", false);
        }

        private void firstTow() {
            coupling();
            String lamps = "Lamp by lamp";
            for (String lamp : List.of("left tail", "right tail", "left stop", "right stop", "left indicator",
                    "right indicator", "number plate", "side markers", "reflectors")) {
                item(lamps, "lamp." + lamp.replace(' ', '-'), Character.toUpperCase(lamp.charAt(0))
                        + lamp.substring(1), false);
            }
            String wheels = "Wheels and brakes";
            item(wheels, "nuts", "Wheel nuts at their torque; three times again on the first 80 km (50 miles)", true);
            item(wheels, "pressure", "Tyres at their pressure, cold", false);
            item(wheels, "hubs", "After ten minutes and after half an hour: every hub felt by hand, none hot", false);
            if (braked()) {
                item(wheels, "brake", "Brakes tried at walking pace, pulling straight", false);
                item(wheels, "pulled", "Breakaway pulled once: the brakes hold", false);
            }
            String papers = "Papers";
            item(papers, "plate", "Number plate, plate of the maker and papers as local rules want them", false);
            item(papers, "width", "Width, length and lamps measured against local rules", false);
            item(papers, "scale", "Weighed loaded: mass, axle and ball within their ratings", true);
            if (has(t -> t.battery().isPresent())) {
                item(papers, "charge", "Charging while towed: current seen", false);
            }
        }

        /// What an office or an inspector usually wants to see; what is wanted here, local rules say.
        private void registration() {
            String papers = "Papers";
            item(papers, "rules", "Asked the office what it wants of a home-built or changed trailer", false);
            item(papers, "plate", "Identity plate and number asked for; where on the frame they go is known", false);
            item(papers, "base", "Receipt or papers of the base", false);
            item(papers, "axle", "Receipt and plate of the axle: rating and number legible", false);
            item(papers, "coupler", "Receipt and mark of the coupler: rating legible", false);
            item(papers, "drawing", "Sheet with main sizes and the sizes of the frame", false);
            item(papers, "insured", "Insurance asked for the first drive", false);
            String measured = "Measured";
            item(measured, "size", "Length, width and height over all, with everything that sticks out", true);
            item(measured, "ticket", "Ticket of a scale, empty and loaded: mass, axle, ball", false);
            item(measured, "ratings", "Lowest rating of axle, wheels, tyres, coupler and frame: the mass on the plate",
                    true);
            String fitted = "Fitted";
            item(fitted, "guards", "Mudguards over every tyre, nothing touches at full bump", false);
            item(fitted, "reflectors", "Reflectors and lamps at the places and heights of local rules", false);
            item(fitted, "chains", "Safety chains or cable of their rating", false);
            if (braked()) {
                item(fitted, "brakes", "Brakes, breakaway and parking brake tried before a witness", false);
            }
            String proofs = "Proofs";
            item(proofs, "welds", "Who welded what carries, and who looked at it", false);
            every(proofs, "gas", t -> t.has(Fuelled.Bottle.class), "{}: leak test by a competent person, on paper",
                    false);
            every(proofs, "mains", t -> t.has(Electric.Inlet.class),
                    "{}: mains tested by a licensed person, on paper", false);
            every(proofs, "alarm", t -> t.has(Aired.Alarm.class), "{}: date of the unit noted", false);
            String photographs = "Photographs";
            for (String what : List.of("four sides", "the plate and where it sits", "axle, springs and brakes",
                    "coupler and chains", "every lamp lit", "the frame before it was covered")) {
                item(photographs, "photo." + what.replace(' ', '-').replace(",", ""),
                        Character.toUpperCase(what.charAt(0)) + what.substring(1), false);
            }
        }

        private void leaving() {
            String in = "Inside";
            every(in, "gas", t -> t.has(Fuelled.Bottle.class), "{}: shut at the bottle", true);
            every(in, "flame", t -> t.has(Fuelled.Burner.class), "{}: off and cold", false);
            if (has(t -> t.has(Plumbed.WaterPump.class))) {
                item(in, "pump", "Water pump switched off", false);
            }
            moved(in);
            every(in, "latched", t -> t.has(Feature.Door.class) || t.has(Feature.Drawer.class),
                    "{}: latched", false);
            every(in, "strapped", t -> t.role() == Role.GEAR && t.mount() == Mount.INSIDE, "{}: strapped", false);
            String round = "Walking round";
            d.base().carcass().lift().ifPresent(l -> item(round, "roof", "Lifting roof down and latched", true));
            every(round, "fold", t -> t.has(Feature.FoldOut.class), "{}: folded and fastened", false);
            every(round, "step", t -> t.has(Feature.Step.class), "{}: in", false);
            every(round, "leg", t -> t.has(Feature.Leg.class) && t.mount() == Mount.OUTSIDE, "{}: up", false);
            every(round, "shore", t -> t.has(Electric.Inlet.class), "{}: cable off, flap shut", false);
            every(round, "door", Maker::opens, "{}: shut and locked", false);
            every(round, "vent", t -> t.has(Aired.Fan.class), "{}: shut", false);
            every(round, "outside", t -> t.role() != Role.BUILT_IN && t.mount() == Mount.OUTSIDE, "{}: straps tight",
                    false);
            every(round, "grey", t -> t.tank().filter(k -> k.use() == Tank.Use.GREY).isPresent(), "{}: emptied", false);
            item(round, "chocks", "Chocks and blocks picked up", false);
            item(round, "tyres", "Tyres looked at, wheel nuts tight", false);
            coupling();
            item("On the road", "stop", "After ten minutes on the road: once round it again", false);
        }

        /// What stands elsewhere in camp or at night.
        private void moved(String group) {
            for (Setup s : List.of(Setup.all(d).get(2), Setup.all(d).get(3))) {
                s.order().steps().stream().filter(x -> !x.id().equals(Setup.TOP))
                        .filter(x -> d.thing(x.id()).filter(t -> !t.has(Feature.FoldOut.class)
                                && !t.at(Mode.ROAD).equals(t.at(Mode.NIGHT))).isPresent())
                        .forEach(x -> item(group, "moved." + x.id(),
                                Setup.name(d, x.id()) + ": in its place for the road", false));
            }
        }

        private void arriving() {
            String park = "Standing";
            item(park, "chocks", "Wheels chocked on both sides before the coupler is opened", true);
            item(park, "level", "Level across with blocks, then along with the jack", false);
            every(park, "leg", t -> t.has(Feature.Leg.class) && t.mount() == Mount.OUTSIDE, "{}: down, on pads", false);
            item(park, "plug", "Plug and chains off, breakaway off", false);
            d.base().carcass().lift().ifPresent(l -> item(park, "roof", "Lifting roof up and held", true));
            every(park, "step", t -> t.has(Feature.Step.class), "{}: out", false);
            String services = "Services";
            every(services, "shore", t -> t.has(Electric.Inlet.class), "{}: breaker tested, then plugged in", false);
            every(services, "gas", t -> t.has(Fuelled.Bottle.class), "{}: opened, no smell", false);
            if (has(t -> t.has(Aired.Alarm.class))) {
                item(services, "alarm", "Alarms tested by their button", false);
            }
            every(services, "grey", t -> t.tank().filter(k -> k.use() == Tank.Use.GREY).isPresent(),
                    "{}: valve shut or can below it", false);
            every(services, "vent", t -> t.has(Aired.Vent.class) || t.has(Aired.Fan.class), "{}: open for the night",
                    false);
            every("Camp", "fold", t -> t.has(Feature.FoldOut.class), "{}: out and guyed", false);
            item("Camp", "ways", "Both ways out tried from inside", false);
        }

        private void storing() {
            String water = "Water";
            every(water, "tank", t -> t.tank().isPresent(), "{}: drained, lid open", false);
            every(water, "boiler", t -> t.has(Plumbed.Boiler.class), "{}: drained, by-pass open", false);
            every(water, "tap", t -> t.has(Plumbed.WaterTap.class), "{}: left open", false);
            if (has(t -> t.has(Plumbed.WaterPump.class))) {
                item(water, "pump", "Pump run dry for a moment, strainer emptied", false);
                item(water, "trap", "Antifreeze for drinking water in the traps", false);
            }
            String energy = "Power and gas";
            every(energy, "battery", t -> t.battery().isPresent(), "{}: charged, then disconnected", false);
            every(energy, "bottle", t -> t.has(Fuelled.Bottle.class), "{}: out, valve capped, stored outside", false);
            every(energy, "shore", t -> t.has(Electric.Inlet.class), "{}: flap shut", false);
            String body = "Body";
            item(body, "food", "No food left, crumbs out: mice", false);
            item(body, "cushions", "Cushions on edge, cupboards open", false);
            every(body, "cold", t -> t.has(Aired.ColdStore.class), "{}: dry, lid ajar", false);
            every(body, "vent", t -> t.has(Aired.Vent.class), "{}: open, with its screen", false);
            every(body, "cloth", t -> t.has(Feature.Fabric.class), "{}: dry before it is rolled", false);
            item(body, "tyres", "Tyres off the ground or well blown up, out of the sun", false);
            if (braked()) {
                item(body, "handbrake", "Parking brake off, wheels chocked: linings stick", false);
            }
            item(body, "lock", "Locked, papers taken out", false);
        }

        private void season() {
            String road = "For the road";
            item(road, "bearings", "Hubs turned and rocked by hand; grease in time", false);
            item(road, "tyres", "Tyres: cracks, age, pressure, the spare too", false);
            item(road, "nuts", "Wheel nuts at their torque", true);
            if (braked()) {
                item(road, "brakes", "Brakes hold alike, breakaway battery or cable sound", false);
            }
            item(road, "lamps", "Every lamp seen", false);
            item(road, "coupler", "Coupler cleaned, its wear mark read", false);
            item(road, "frame", "Frame: rust at hangers and welds, bolts tight", false);
            String body = "Body";
            item(body, "seals", "Sealant, corners and roof pressed with a thumb", false);
            item(body, "mice", "Nests, droppings, gnawed cables", false);
            every(body, "door", Maker::opens, "{}: seals dusted, lock oiled", false);
            every(body, "lid", t -> t.has(Feature.Lid.class), "{}: struts hold it", false);
            String services = "Services";
            every(services, "battery", t -> t.battery().isPresent(), "{}: connected, full, terminals tight", false);
            if (has(t -> t.has(Plumbed.WaterPump.class) || t.tank().isPresent())) {
                item(services, "water", "Tanks and pipes disinfected and rinsed", false);
            }
            every(services, "gas", t -> t.has(Fuelled.Bottle.class), "{}: hose in date, no leak under soap", true);
            every(services, "heater", t -> t.has(Aired.RoomHeater.class), "{}: intake and exhaust free, run outdoors",
                    false);
            every(services, "alarm", t -> t.has(Aired.Alarm.class), "{}: tested, in date", false);
            item(services, "extinguisher", "Extinguisher: gauge in the green, within reach of the door", false);
        }
    }

    /// The items under their groups.
    public static Map<String, List<Item>> grouped(List<Item> items) {
        Map<String, List<Item>> all = new LinkedHashMap<>();
        items.forEach(i -> all.computeIfAbsent(i.group(), k -> new ArrayList<>()).add(i));
        return all;
    }
}
