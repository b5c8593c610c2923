package lectulum.space;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// What is kept in things, and moves along with them.
public final class Contents {
    private Contents() {
    }

    /// The thing that holds a stowed one: the smallest whose box its middle is in, stores first.
    public static Optional<Thing> home(Design design, Thing stowed, Mode mode) {
        if (stowed.mount() != Mount.STOWED) {
            return Optional.empty();
        }
        var p = stowed.at(mode);
        double middle = p.z() + stowed.sizeIn(mode).height() / 2;
        return design.things().stream().filter(t -> t.solid() && !t.id().equals(stowed.id())).filter(t -> {
            Solid s = Solid.of(t.size(), t.at(mode));
            return s.covers(p.x(), p.y()) && middle >= s.z1() && middle <= s.z2();
        }).min(Comparator.comparing((Thing t) -> !t.has(Feature.Store.class)).thenComparingDouble(
                t -> t.size().length() * t.size().width() * t.size().height()));
    }

    /// What moves along when things are moved: what is kept in them.
    public static List<String> along(Design design, Collection<String> moved, Mode mode) {
        List<Solid> boxes = moved.stream().flatMap(id -> design.thing(id).stream()).filter(Thing::solid)
                .map(t -> Solid.of(t.size(), t.at(mode))).toList();
        List<String> along = new ArrayList<>();
        for (Thing t : boxes.isEmpty() ? List.<Thing>of() : design.things()) {
            if (t.mount() == Mount.STOWED && !moved.contains(t.id())
                    && boxes.stream().anyMatch(b -> b.covers(t.at(mode).x(), t.at(mode).y()))
                    && home(design, t, mode).filter(h -> moved.contains(h.id())).isPresent()) {
                along.add(t.id());
            }
        }
        return along;
    }

    /// The design with things moved level or up, and with them what is kept in them.
    public static Design moved(Design design, Collection<String> ids, Mode mode, double dx, double dy, double dz) {
        Set<String> all = new HashSet<>(ids);
        all.addAll(along(design, ids, mode));
        return design.mapping(all, t -> t.placed(mode, t.at(mode).moved(dx, dy, dz)));
    }

    /// The design with things turned, each on its own middle and what is kept in it along with it.
    public static Design turned(Design design, Collection<String> ids, Mode mode, double by) {
        Design next = design.mapping(ids, t -> t.placed(mode, t.at(mode).turned(by)));
        for (String id : along(design, ids, mode)) {
            Thing held = design.thing(id).orElseThrow();
            Placement middle = home(design, held, mode).orElseThrow().at(mode);
            Placement p = held.at(mode);
            double c = Math.cos(by);
            double s = Math.sin(by);
            double dx = p.x() - middle.x();
            double dy = p.y() - middle.y();
            Placement to = p.turned(by).moved(c * dx - s * dy - dx, s * dx + c * dy - dy, 0);
            next = next.mapping(id, t -> t.placed(mode, to));
        }
        return next;
    }

    /// A thing put elsewhere on the road, with what is kept in it.
    public static Design put(Design design, Thing thing, Placement to) {
        Placement now = design.thing(thing.id()).orElse(thing).place();
        Design turned = turned(design, Set.of(thing.id()), Mode.ROAD, to.yaw() - now.yaw());
        Placement from = turned.thing(thing.id()).orElse(thing).place();
        return moved(turned, Set.of(thing.id()), Mode.ROAD, to.x() - from.x(), to.y() - from.y(),
                to.z() - from.z());
    }

    /// The remedy that moves a thing, with what is kept in it.
    ///
    /// @param amount \[m\]
    /// @param dx     direction, of length 1 with the others
    public static Remedy shift(Thing thing, Mode mode, double amount, double dx, double dy, double dz) {
        String direction = Math.abs(dz) > 0.5
                ? dz > 0 ? "up" : "down"
                : Math.abs(dx) >= Math.abs(dy) ? dx > 0 ? "back" : "forward" : dy > 0 ? "right" : "left";
        Sentence says = Sentence.of("Move {0} {1} {2}", thing.name(), Amount.m(amount), direction);
        return new Remedy(says, new Edit("Move " + thing.name() + " " + direction,
                d -> moved(d, Set.of(thing.id()), mode, dx * amount, dy * amount, dz * amount)));
    }
}
