package lectulum.materials;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lectulum.design.Design;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.Working;
import lectulum.units.Quantity;

/// The bill of materials: every thing once, like things counted together, grouped by system.
///
/// @param lines in the order of the systems, then as they were placed
public record Materials(List<Line> lines, Figures figures) implements Result {

    public static final Discipline<Materials> DISCIPLINE = new Discipline<>("materials", "The take-off",
            Stage.MATERIALS,
            Discipline.Pace.HAND, in -> of(in.unplaced(Design.Part.THINGS)),
            () -> new Materials(List.of(), Figures.NONE));

    /// Like things of one system.
    ///
    /// @param mass    of all of them \[kg\], without what tanks hold
    /// @param planned price of all of them
    /// @param paid    what was paid for those bought
    /// @param bought  how many are bought
    public record Line(SystemGroup system, String name, List<String> things, double mass, double planned, double paid,
            int bought) {
        public int count() {
            return things.size();
        }
    }

    public static Materials of(Design design) {
        Map<SystemGroup, Map<String, List<Thing>>> groups = new EnumMap<>(SystemGroup.class);
        for (Thing thing : design.things()) {
            groups.computeIfAbsent(thing.system(), s -> new LinkedHashMap<>())
                    .computeIfAbsent(thing.name(), n -> new ArrayList<>()).add(thing);
        }
        List<Line> lines = new ArrayList<>();
        List<Figure> figures = new ArrayList<>();
        groups.forEach((system, byName) -> {
            byName.forEach((name, things) -> lines.add(line(system, name, things)));
            figures.add(group(system, byName));
        });
        double mass = lines.stream().mapToDouble(Line::mass).sum();
        figures.addFirst(Figure.of("materials.mass", "Mass of all things", mass, Quantity.MASS,
                new Working("Σ masses, tanks empty",
                        Sentence.of("{0} lines, {1}", lines.size(), Amount.kg(mass)),
                        List.of(Sentence.of("The bare base is not in it.")), "sum")));
        return new Materials(List.copyOf(lines), Figures.of(figures));
    }

    private static Line line(SystemGroup system, String name, List<Thing> things) {
        return new Line(system, name, things.stream().map(Thing::id).toList(),
                things.stream().mapToDouble(t -> t.mass().value()).sum(),
                things.stream().mapToDouble(t -> t.cost().planned()).sum(),
                things.stream().mapToDouble(t -> t.cost().paid().orElse(0)).sum(),
                (int) things.stream().filter(t -> t.cost().paid().isPresent()).count());
    }

    private static Figure group(SystemGroup system, Map<String, List<Thing>> byName) {
        double mass = byName.values().stream().flatMap(List::stream).mapToDouble(t -> t.mass().value()).sum();
        long count = byName.values().stream().mapToLong(List::size).sum();
        return Figure.of("materials." + system.name().toLowerCase(Locale.ROOT) + ".mass", system.label() + ", mass",
                mass, Quantity.MASS,
                new Working("Σ masses, tanks empty",
                        Sentence.counted(count, "One thing, {1}", "{0} things, {1}", Amount.kg(mass)), List.of(),
                        "sum"));
    }
}
