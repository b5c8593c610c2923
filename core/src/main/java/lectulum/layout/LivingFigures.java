package lectulum.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Sentence;
import lectulum.figures.Working;
import lectulum.layout.change.Setup;
import lectulum.layout.keeping.Keeping;
import lectulum.layout.people.Sleeping;
import lectulum.units.Quantity;

/// The figures of living in a layout.
final class LivingFigures {
    private LivingFigures() {
    }

    static Figures of(Design design, Living living) {
        List<Figure> all = new ArrayList<>();
        sleep(design, living, all);
        ways(design, living, all);
        for (Setup s : living.setups()) {
            double minutes = s.order().minutes();
            Working how = new Working("Σ minutes of every step",
                    Sentence.of("{0} steps, {1} put outside on the way", s.order().steps().size(),
                            s.order().parked().size()),
                    List.of(Sentence.of("Two people: {0}.", Amount.hours(60 * s.order().minutes(2)))),
                    "assumed minutes, or the user's own");
            all.add(Figure.of("layout.change." + s.key() + ".steps", "Steps, " + title(s), s.order().steps().size(),
                    Quantity.COUNT, how));
            all.add(Figure.of("layout.change." + s.key() + ".minutes", "Time, " + title(s), 60 * minutes,
                    Quantity.DURATION, how));
        }
        for (Keeping.Shelf s : living.keeping().shelves()) {
            Working how = new Working("Σ length × width × height of the gear in it",
                    Sentence.of("{0} of {1} that can be filled", Amount.stowage(s.used()), Amount.stowage(s.room())),
                    List.of(Sentence.of("{0} of {1}.", Amount.kg(s.mass()), Amount.kg(s.store().carries()))),
                    "fill limits assumed");
            all.add(Figure.of("layout.storage." + s.thing() + ".used", s.name() + ", used", s.used(), Quantity.STOWAGE,
                    how));
            all.add(Figure.of("layout.storage." + s.thing() + ".left", s.name() + ", left", s.room() - s.used(),
                    Quantity.STOWAGE, how));
        }
        all.add(count("layout.homeless", "Things without a home", living.keeping().homeless().size(),
                "stowed gear whose middle lies in no thing"));
        living.access().byThing().forEach((id, way) -> {
            Working how = new Working("things to take out first, each with what stands before it",
                    Sentence.of("{0}", way.open() ? way.behind().size() : "no way"), List.of(),
                    "separating boxes on the road");
            String label = "To get at " + design.thing(id).map(t -> t.name()).orElse(id);
            all.add(way.open()
                    ? Figure.of("layout.reach." + id, label, way.behind().size(), Quantity.COUNT, how)
                    : Figure.absent("layout.reach." + id, label, Quantity.COUNT, "it cannot be reached on the road",
                            how));
        });
        all.addAll(living.comfort().figures());
        return Figures.of(all);
    }

    private static void sleep(Design design, Living living, List<Figure> all) {
        Sleeping s = living.sleeping();
        all.add(count("layout.sleep.assigned", "People with a bed",
                s.where().stream().filter(w -> w.isPresent()).count(), "assignment of least cost"));
        all.add(count("layout.sleep.honest", "Adults with 0.60 m each", s.honest(),
                "Σ ⌊width / 0.60 m⌋ over beds 1.75 m long that carry 80 kg"));
        all.add(count("layout.sleep.comfort", "Adults with 0.70 m each", s.comfort(),
                "Σ ⌊width / 0.70 m⌋ over beds 1.75 m long that carry 80 kg"));
        for (Sleeping.Nest n : s.nests()) {
            String id = "layout.bed." + n.thing() + ".";
            all.add(length(id + "length", n.name() + ", length", n.bed().length(), "clear length of the bed"));
            all.add(length(id + "width", n.name() + ", width", n.bed().width(), "clear width of the bed"));
            if (Double.isFinite(n.sit())) {
                all.add(length(id + "sit", n.name() + ", height to sit", n.sit(),
                        "lowest of roof and things above − top of the mattress, at the best place"));
            }
        }
        all.add(count("layout.exits", "Independent ways out", living.exits().independent().size(),
                "largest set on different walls or well apart, not all past a flame"));
    }

    private static void ways(Design design, Living living, List<Figure> all) {
        for (Mode mode : Mode.values()) {
            String name = mode.name().toLowerCase(Locale.ROOT);
            Living.Way way = living.passages().get(mode);
            Working how = new Working("2 × distance at which door and goal are joined",
                    way == null
                            ? Sentence.of("none")
                            : Sentence.of("to {0}", design.thing(way.to()).map(t -> t.name()).orElse(way.to())),
                    List.of(Sentence.of("To within {0}.", Amount.m(0.025))), "distance field on a 25 mm grid");
            all.add(way == null
                    ? Figure.absent("layout.passage." + name, "Way through, " + mode.label(), Quantity.LENGTH,
                            "nobody walks in it, or there is no door or nothing to go to", how)
                    : Figure.of("layout.passage." + name, "Way through, " + mode.label(), way.width(),
                            Quantity.LENGTH, how));
            Double free = living.standing().get(mode);
            all.add(free == null
                    ? Figure.absent("layout." + name + ".floorFree", "Floor to stand on, " + mode.label(),
                            Quantity.AREA, "nobody stands in it", how)
                    : Figure.of("layout." + name + ".floorFree", "Floor to stand on, " + mode.label(), free,
                            Quantity.AREA,
                            new Working("cells at least 0.20 m from everything", Sentence.of("25 mm grid"), List.of(),
                                    "distance field")));
        }
    }

    private static Figure count(String id, String label, double value, String rule) {
        return Figure.of(id, label, value, Quantity.COUNT,
                new Working(rule, Sentence.of("{0}", Amount.count(value)), List.of(), "see docs/method/living.md"));
    }

    private static Figure length(String id, String label, double value, String rule) {
        return Figure.of(id, label, value, Quantity.LENGTH,
                new Working(rule, Sentence.of("{0}", Amount.m(value)), List.of(), "see docs/method/living.md"));
    }

    static String title(Setup s) {
        return s.from().label() + " to " + s.to().label();
    }
}
