package lectulum.layout.storage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Working;
import lectulum.layout.Floor;
import lectulum.layout.Room;
import lectulum.units.Quantity;

/// What is kept where, what has no home, and what can be got at on the road.
public record Storage(Keeping keeping, Access access, Figures figures, List<Finding> findings) implements Result {

    public static final Discipline<Storage> DISCIPLINE = new Discipline<Storage>("storage", "Storage and reach",
            Stage.LAYOUT,
            Discipline.Pace.REST, Storage::of, () -> new Storage(new Keeping(List.of(), Map.of(), List.of()),
                    new Access(Map.of()), Figures.NONE, List.of()))
            .checking(StorageRules.class, StorageRemedies::of);

    private static Storage of(Reads in) {
        Design design = in.design(Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS);
        Keeping keeping = Keeping.of(design);
        Access access = Access.of(design, in.of(Room.in(Mode.ROAD)), keeping,
                in.of(Floor.in(Mode.ROAD)).passage());
        Rules rules = new Rules(design, keeping, access, new ArrayList<>());
        rules.reach();
        rules.shelves();
        return new Storage(keeping, access, figures(design, keeping, access), List.copyOf(rules.all));
    }

    private static Figures figures(Design design, Keeping keeping, Access access) {
        List<Figure> all = new ArrayList<>();
        for (Keeping.Shelf s : keeping.shelves()) {
            Working how = new Working("Σ length × width × height of the gear in it",
                    Sentence.of("{0} of {1} that can be filled", Amount.stowage(s.used()), Amount.stowage(s.room())),
                    List.of(Sentence.of("{0} of {1}.", Amount.kg(s.mass()), Amount.kg(s.store().carries()))),
                    "fill limits assumed");
            all.add(Figure.of("layout.storage." + s.thing() + ".used", s.name() + ", used", s.used(), Quantity.STOWAGE,
                    how));
            all.add(Figure.of("layout.storage." + s.thing() + ".left", s.name() + ", left", s.room() - s.used(),
                    Quantity.STOWAGE, how));
        }
        all.add(count("layout.homeless", "Things without a home", keeping.homeless().size(),
                "stowed gear whose middle lies in no thing"));
        access.byThing().forEach((id, way) -> {
            Working how = new Working("things to take out first, each with what stands before it",
                    Sentence.of("{0}", way.open() ? way.behind().size() : "no way"), List.of(),
                    "separating boxes on the road");
            String label = "To get at " + design.thing(id).map(t -> t.name()).orElse(id);
            all.add(way.open()
                    ? Figure.of("layout.reach." + id, label, way.behind().size(), Quantity.COUNT, how)
                    : Figure.absent("layout.reach." + id, label, Quantity.COUNT, "it cannot be reached on the road",
                            how));
        });
        return Figures.of(all);
    }

    private static Figure count(String id, String label, double value, String rule) {
        return Figure.of(id, label, value, Quantity.COUNT,
                new Working(rule, Sentence.of("{0}", Amount.count(value)), List.of(), "see docs/method/living.md"));
    }

    private record Rules(Design design, Keeping keeping, Access access, List<Finding> all) {
        private void say(Rule rule, Severity severity, Sentence title, Sentence detail, List<String> things) {
            say(rule, Subject.WHOLE, severity, title, detail, things);
        }

        private void say(Rule rule, Subject about, Severity severity, Sentence title, Sentence detail,
                List<String> things) {
            all.add(Finding.of(rule, about, severity, title, detail, things));
        }

        private String name(String id) {
            return design.thing(id).map(Thing::name).orElse(id);
        }

        private void reach() {
            access.byThing().forEach((id, way) -> design.thing(id).ifPresent(t -> {
                boolean wanted = t.feature(Feature.Packed.class).filter(Feature.Packed::onRoad).isPresent();
                if (wanted && !way.free()) {
                    say(StorageRules.REACH_ROAD, Subject.thing(id), Severity.NOTE,
                            way.open()
                                    ? Sentence.counted(way.behind().size(), "{1} lies behind another thing on the road",
                                            "{1} lies behind {0} things on the road", t.name())
                                    : Sentence.of("{0} cannot be reached on the road", t.name()),
                            way.open()
                                    ? Sentence.of("Take out first: {0}{1}.",
                                            String.join(", ", way.behind().stream().map(this::name).toList()),
                                            way.door().isEmpty() ? "" : ", through " + name(way.door()))
                                    : way.ring().isEmpty()
                                            ? Sentence.of(
                                                    "Something fixed stands before it, or nobody can stand near it.")
                                            : Sentence.of("These wait for each other, none comes out first: {0}.",
                                                    String.join(", ", way.ring().stream().map(this::name).toList())),
                            List.of(id));
                }
                if (t.has(Feature.Service.class) && !way.open()) {
                    say(StorageRules.REACH_SERVICE, Subject.thing(id), Severity.NOTE,
                            Sentence.of("{0} cannot be got at for repair", t.name()),
                            Sentence.of("Leave {0} free before one of its faces, or make its cover removable.",
                                    Amount.m(Assumed.value(design, Assumption.REACH_ROOM))),
                            List.of(id));
                }
            }));
        }

        private void shelves() {
            if (!keeping.homeless().isEmpty()) {
                say(StorageRules.STORAGE_HOMELESS, Severity.WARN, Sentence.counted(keeping.homeless().size(),
                        "One thing has no place of its own", "{0} things have no place of their own"),
                        Sentence.counted(keeping.homeless().size(),
                                "{1} lies loose. Put it into a cupboard, a box or a bench.",
                                "{1} lie loose. Put them into a cupboard, a box or a bench.",
                                String.join(", ", keeping.homeless().stream().map(this::name).limit(6).toList())),
                        keeping.homeless());
            }
            double high = Assumed.value(design, Assumption.STORE_HIGH);
            double heavy = Assumed.value(design, Assumption.STORE_HEAVY);
            for (Keeping.Shelf s : keeping.shelves()) {
                if (s.mass() > s.store().carries()) {
                    say(StorageRules.STORAGE_HEAVY, Subject.thing(s.thing()), Severity.WARN,
                            Sentence.of("{0} carries too much", s.name()),
                            Sentence.of("{0} lie in it; it is made for {1}.", Amount.kg(s.mass()),
                                    Amount.kg(s.store().carries())),
                            List.of(s.thing()));
                }
                if (s.used() > s.room() || !s.out().isEmpty()) {
                    say(StorageRules.STORAGE_FULL, Subject.thing(s.thing()), Severity.NOTE,
                            s.used() > s.room()
                                    ? Sentence.of("{0} is too full", s.name())
                                    : Sentence.of("Not all fits into {0}", s.name()),
                            Sentence.of("{0} of gear for {1} that can be filled{2}.", Amount.stowage(s.used()),
                                    Amount.stowage(s.room()),
                                    s.out().isEmpty()
                                            ? ""
                                            : "; no room beside the rest for "
                                                    + String.join(", ", s.out().stream().map(this::name).toList())),
                            List.of(s.thing()));
                }
            }
            keeping.shelves().forEach(this::apart);
            for (Thing t : design.things()) {
                if (Keeping.packed(t) && t.mass().value() > heavy && t.place().z() > high && !t.place().away()
                        && t.mount() != lectulum.design.thing.Mount.OUTSIDE) {
                    say(StorageRules.STORAGE_HIGH, Subject.thing(t.id()), Severity.WARN,
                            Sentence.of("{0} is heavy and high", t.name()),
                            Sentence.of("{0} at {1} above the floor: it falls, and it makes the camper roll.",
                                    Amount.kg(t.mass().value()), Amount.m(t.place().z())),
                            List.of(t.id()));
                }
            }
        }

        private void apart(Keeping.Shelf shelf) {
            List<Thing> clean = Apart.clean(design, shelf);
            if (clean.isEmpty()) {
                return;
            }
            shelf.contents().stream().flatMap(id -> design.thing(id).stream())
                    .forEach(t -> Apart.soil(t).ifPresent(soil -> {
                        List<String> things = new ArrayList<>(List.of(t.id()));
                        clean.forEach(c -> things.add(c.id()));
                        say(StorageRules.STORAGE_APART, Subject.thing(t.id()),
                                soil == Feature.Soils.Soil.WET ? Severity.NOTE : Severity.WARN,
                                Sentence.of("{0}, {1}, lies with {2}", t.name(), soil.label(), clean.getFirst().name()),
                                Sentence.of(
                                        "{0} holds {1}: what people eat from, drink or sleep in. Give it a place of its"
                                                + " own, or a box that shuts.",
                                        shelf.name(),
                                        String.join(", ", clean.stream().limit(4).map(Thing::name).toList())),
                                things);
                    }));
        }
    }
}
