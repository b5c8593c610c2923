package lectulum.layout.storage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.kernel.packing.Packer;
import lectulum.space.Contents;
import lectulum.space.Solid;

/// Where the gear is kept: what each storage place holds, what does not fit, and what has no home.
///
/// @param shelves  storage places
/// @param home     id of the place of each stowed thing
/// @param homeless stowed gear that lies in no thing
public record Keeping(List<Shelf> shelves, Map<String, String> home, List<String> homeless) {

    /// A storage place and what is in it.
    ///
    /// @param contents ids
    /// @param used     volume of the contents \[m³\]
    /// @param room     that can be filled \[m³\]
    /// @param mass     of the contents \[kg\]
    /// @param out      ids of contents that do not fit in beside the others
    public record Shelf(String thing, String name, Feature.Store store, List<String> contents, double used,
            double room, double mass, List<String> out) {
        /// Part of the room that is used.
        public double share() {
            return used / room;
        }
    }

    public static Keeping of(Design design) {
        Map<String, String> home = new LinkedHashMap<>();
        List<String> homeless = new ArrayList<>();
        Map<String, List<Thing>> contents = new HashMap<>();
        for (Thing t : design.things()) {
            if (t.mount() != Mount.STOWED) {
                continue;
            }
            Optional<Thing> at = Contents.home(design, t, Mode.ROAD);
            at.ifPresentOrElse(h -> {
                home.put(t.id(), h.id());
                contents.computeIfAbsent(h.id(), k -> new ArrayList<>()).add(t);
            }, () -> {
                if (packed(t)) {
                    homeless.add(t.id());
                }
            });
        }
        List<Shelf> shelves = new ArrayList<>();
        for (Thing t : design.things()) {
            t.feature(Feature.Store.class)
                    .ifPresent(s -> shelves.add(shelf(t, s, contents.getOrDefault(t.id(), List.of()))));
        }
        return new Keeping(shelves, home, homeless);
    }

    public static boolean packed(Thing t) {
        return t.role() == Role.GEAR || t.role() == Role.PROVISIONS;
    }

    private static Shelf shelf(Thing t, Feature.Store s, List<Thing> contents) {
        Packer packer = Packer.pack(inner(s), contents.stream().filter(Keeping::packed).map(Keeping::piece).toList());
        double used = contents.stream().filter(Keeping::packed).mapToDouble(Keeping::volume).sum();
        double mass = contents.stream().mapToDouble(c -> c.mass().value()).sum();
        return new Shelf(t.id(), t.name(), s, contents.stream().map(Thing::id).toList(), used,
                s.fill() * s.length() * s.width() * s.height(), mass,
                packer.out().stream().map(Packer.Piece::id).toList());
    }

    private static double[] inner(Feature.Store s) {
        return new double[]{s.length(), s.width(), s.height()};
    }

    static double volume(Thing t) {
        return t.size().length() * t.size().width() * t.size().height();
    }

    private static Packer.Piece piece(Thing t) {
        Feature.WayUp way = t.feature(Feature.Packed.class).map(Feature.Packed::way).orElse(Feature.WayUp.UP);
        return new Packer.Piece(t.id(), t.size().length(), t.size().width(), t.size().height(),
                Packer.Rule.valueOf(way.name()));
    }

    /// The edit that gives every homeless thing a place: the smallest store with room for it beside what is there, heavy
    /// things low. Things for which there is no room stay where they are.
    public static Edit packHomeless(Design design) {
        Keeping now = of(design);
        Map<String, List<Thing>> contents = new HashMap<>();
        now.shelves.forEach(s -> contents.put(s.thing,
                new ArrayList<>(s.contents.stream().flatMap(id -> design.thing(id).stream()).filter(Keeping::packed)
                        .toList())));
        List<Thing> waiting = new ArrayList<>(now.homeless.stream().flatMap(id -> design.thing(id).stream()).toList());
        waiting.sort(java.util.Comparator.comparingDouble(Keeping::volume).reversed());
        Map<String, Placement> places = new HashMap<>();
        for (Thing t : waiting) {
            now.shelves.stream().filter(s -> hasRoom(s, contents.get(s.thing), t))
                    .min(java.util.Comparator.comparingDouble(s -> cost(design, s, t))).ifPresent(s -> {
                        contents.get(s.thing).add(t);
                        places.putAll(arrange(design, s, contents.get(s.thing)));
                    });
        }
        return new Edit("Pack what has no place",
                d -> d.mapping(places.keySet(), t -> t.placed(Mode.ROAD, places.get(t.id()))));
    }

    /// The edit that moves a thing into another store, and packs that store anew; where not all of it fits, the thing lies in
    /// the middle of it and the page says so.
    ///
    /// @return empty where there is no such thing or store, or it lies there already
    public static Optional<Edit> move(Design design, String thing, String store) {
        Optional<Thing> moved = design.thing(thing);
        Optional<Shelf> to = of(design).shelves.stream().filter(s -> s.thing.equals(store)).findFirst();
        if (moved.isEmpty() || to.isEmpty() || thing.equals(store) || to.get().contents.contains(thing)) {
            return Optional.empty();
        }
        List<Thing> contents = new ArrayList<>(
                to.get().contents.stream().flatMap(id -> design.thing(id).stream()).filter(Keeping::packed).toList());
        contents.add(moved.get());
        Map<String, Placement> places = new HashMap<>(arrange(design, to.get(), contents));
        Thing holder = design.thing(store).orElseThrow();
        places.computeIfAbsent(thing, id -> {
            Solid box = Solid.of(holder.size(), holder.place());
            return moved.get().place().at(box.x(), box.y(),
                    box.z1() + Math.max(0, (holder.size().height() - moved.get().size().height()) / 2),
                    holder.place().yaw());
        });
        return Optional.of(new Edit("Put " + moved.get().name() + " into " + holder.name(),
                d -> d.mapping(places.keySet(), t -> {
                    Thing put = t.placed(Mode.ROAD, places.get(t.id()));
                    return t.id().equals(thing) && t.mount() == Mount.INSIDE ? put.with(Mount.STOWED) : put;
                })));
    }

    /// Stores that would take a thing beside what is in them, those in which it lies low and leaves little room unused first.
    List<Shelf> withRoom(Design design, Thing t) {
        return shelves.stream().filter(s -> !s.thing.equals(t.id()) && !s.contents.contains(t.id()))
                .filter(s -> hasRoom(s, s.contents.stream().flatMap(id -> design.thing(id).stream())
                        .filter(Keeping::packed).toList(), t))
                .sorted(java.util.Comparator.comparingDouble(s -> cost(design, s, t))).toList();
    }

    private static boolean hasRoom(Shelf s, List<Thing> contents, Thing t) {
        List<Thing> with = new ArrayList<>(contents);
        with.add(t);
        double mass = with.stream().mapToDouble(c -> c.mass().value()).sum();
        double used = with.stream().mapToDouble(Keeping::volume).sum();
        return mass <= s.store.carries() && used <= s.room
                && Packer.pack(inner(s.store), with.stream().map(Keeping::piece).toList()).out().isEmpty();
    }

    private static double cost(Design design, Shelf s, Thing t) {
        double z = design.thing(s.thing).map(h -> h.place().z()).orElse(0.0);
        return t.mass().value() * z + s.room;
    }

    /// Places of all contents of a store, turned with it.
    private static Map<String, Placement> arrange(Design design, Shelf s, List<Thing> contents) {
        Thing holder = design.thing(s.thing).orElseThrow();
        Solid box = Solid.of(holder.size(), holder.place());
        Map<String, Placement> places = new HashMap<>();
        for (Packer.Placed p : Packer.pack(inner(s.store), contents.stream().map(Keeping::piece).toList()).placed()) {
            double l = p.x() + p.dx() / 2 - s.store.length() / 2;
            double w = p.y() + p.dy() / 2 - s.store.width() / 2;
            boolean turned = Math.abs(p.dx() - p.piece().length()) > 1e-6;
            double bottom = (holder.size().height() - s.store.height()) / 2;
            places.put(p.piece().id(), new Placement(box.x() + box.c() * l - box.s() * w,
                    box.y() + box.s() * l + box.c() * w, box.z1() + bottom + p.z(),
                    holder.place().yaw() + (turned ? Math.PI / 2 : 0)));
        }
        return places;
    }

}
