package lectulum.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.base.Raising;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.brief.Ability;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.layout.FreeFloor;
import lectulum.layout.Room;
import lectulum.space.Bodies;
import lectulum.space.Body;

/// What may bring the camper to what the brief asks: things of the catalogue where they fit, and changes of the shell.
final class BriefRemedies {
    private BriefRemedies() {
    }

    static Stream<Remedy> of(Known known, BriefRules rule, Finding finding) {
        Design d = known.design();
        String key = finding.about().key();
        return switch (rule) {
            case BRIEF_MUST -> give(known, ability(key));
            case BRIEF_COLD -> give(known, Optional.of(Ability.HEAT));
            case BRIEF_HOT -> give(known, Optional.of(Ability.AIR));
            case BRIEF_NOT -> ability(key).stream().flatMap(a -> leaveOut(known, a));
            case BRIEF_STAND -> Raising.standing(d, known.of(Bodies.DISCIPLINE).road(),
                    known.of(Bodies.DISCIPLINE).in(Mode.CAMP));
            case BRIEF_CLEARANCE -> higher(known);
            case BRIEF_SEASON -> Seasons.darkest(d.brief()).stream().map(m -> new Remedy(
                    Sentence.of("Judge it by {0}", Seasons.name(m)),
                    new Edit("Month: " + Seasons.name(m), x -> x.with(x.brief().withMonth(m)))));
            case BRIEF_ANCHORS -> rings(d, key);
            case BRIEF_NOBODY, BRIEF_DOG, BRIEF_FLOOR, BRIEF_PAYLOAD, BRIEF_MONTHS, BRIEF_EXCLUDES -> Stream.empty();
        };
    }

    private static Optional<Ability> ability(String key) {
        return Stream.of(Ability.values())
                .filter(a -> a.name().equals(key.toUpperCase(Locale.ROOT).replace('-', '_'))).findFirst();
    }

    /// What the catalogue has for it, where there is room for all of it.
    private static Stream<Remedy> give(Known known, Optional<Ability> wanted) {
        if (wanted.isEmpty()) {
            return Stream.empty();
        }
        Design d = known.design();
        List<Thing> added = new ArrayList<>();
        for (Thing t : Abilities.row(wanted.get()).things()) {
            if (t.role() != Role.BUILT_IN || d.things().stream().noneMatch(x -> Tiers.stands(x, t))) {
                Optional<Placement> at = place(known, t);
                if (at.isEmpty()) {
                    return Stream.empty();
                }
                added.add(t.with(at.get()));
            }
        }
        if (added.isEmpty()) {
            return Stream.empty();
        }
        double mass = added.stream().mapToDouble(t -> t.mass().value()).sum();
        double money = added.stream().mapToDouble(t -> t.cost().forecast()).sum();
        return Stream.of(new Remedy(Sentence.of("Add {0}: {1}, {2}",
                String.join(", ", added.stream().map(Thing::name).toList()), Amount.kg(mass),
                Amount.money(money)), new Edit("Add what gives: " + wanted.get().label(), x -> {
                    Design next = x;
                    for (Thing t : added) {
                        next = next.plus(t.withId(next.freeId(t.id())));
                    }
                    return next;
                })));
    }

    /// On free floor, in a wall, on the roof or on the tongue, as it is mounted.
    private static Optional<Placement> place(Known known, Thing t) {
        Base b = known.design().base();
        Body body = known.of(Bodies.DISCIPLINE).road();
        double side = body.halfWidth();
        return switch (t.mount()) {
            case INSIDE -> FreeFloor.find(known.of(Room.in(Mode.ROAD)), t.size().length(), t.size().width(),
                    t.size().height()).map(f -> new Placement(f.x(), f.y(), 0, f.turn()));
            case SET_IN -> Optional.of(new Placement(b.shell().length() * 0.4,
                    t.size().width() > 0.2 ? 0 : -(side - 0.005),
                    t.size().width() > 0.2 ? b.shell().height() - 0.08 : Math.min(0.3, b.shell().height() / 3), 0));
            case OUTSIDE -> Optional.of(t.size().length() > 2
                    ? new Placement(b.shell().length() / 2, side + t.size().width() / 2 + 0.01,
                            Math.max(0.2, b.shell().height() - 0.16), 0)
                    : t.size().length() > 0.9
                            ? new Placement(b.shell().length() / 2, 0, b.shell().height(), 0)
                            : new Placement(-0.30, side - 0.25, -0.10, 0));
            case STOWED, SPREAD -> Optional.of(new Placement(b.axle().x(), 0, 0.05, 0));
        };
    }

    /// Without what serves nothing else.
    private static Stream<Remedy> leaveOut(Known known, Ability ability) {
        Tiers.Cost cost = known.of(Tiers.DISCIPLINE).costs().get(ability);
        Abilities had = known.of(Tiers.DISCIPLINE).had();
        Set<String> only = new java.util.LinkedHashSet<>();
        had.serves().forEach((id, serves) -> {
            if (serves.equals(Set.of(ability))) {
                only.add(id);
            }
        });
        if (only.isEmpty() || cost == null) {
            return Stream.empty();
        }
        return Stream.of(new Remedy(Sentence.of("Leave it out: {0} and {1} less", Amount.kg(cost.more().mass()),
                Amount.money(cost.more().money())),
                new Edit("Without: " + ability.label(),
                        d -> d.withThings(d.things().stream().filter(t -> !only.contains(t.id())).toList()))));
    }

    /// Springs and wheels that carry it higher by what lacks.
    private static Stream<Remedy> higher(Known known) {
        Optional<Demand> ground = known.of(Demands.DISCIPLINE).all().stream().filter(x -> x.id().equals("ground"))
                .findFirst();
        double wanted = known.design().brief().travel().terrain().clearance();
        return ground.stream().map(g -> {
            double by = Raising.up(g.lack() * wanted);
            return Mend.base(Sentence.of("Carry the floor {0} higher", Amount.m(by)), "Higher floor",
                    b -> b.withFloorHeight(b.floorHeight() + by));
        });
    }

    /// The rings that lack, along both sides of the floor.
    private static Stream<Remedy> rings(Design d, String use) {
        Thing ring = Catalogue.shipped().find("floor-ring-500-kg").orElseThrow();
        long there = d.things().stream().filter(t -> t.symbol().equals("ring")).count();
        return d.brief().uses().stream().filter(u -> u.kind().name().toLowerCase(Locale.ROOT).equals(use))
                .filter(u -> u.anchors() > there).map(u -> {
                    int n = (int) (u.anchors() - there);
                    double half = d.base().shell().width() / 2 - d.base().wall() - 0.12;
                    double step = d.base().shell().length() / (n / 2 + 2);
                    return new Remedy(Sentence.of("Add {0} rings", n), new Edit("Lashing rings", x -> {
                        Design next = x;
                        for (int i = 0; i < n; i++) {
                            next = next.plus(ring.withId(next.freeId("ring")).with(
                                    new Placement(step * (i / 2 + 1), i % 2 == 0 ? half : -half, 0, 0)));
                        }
                        return next;
                    }));
                });
    }
}
