package lectulum.materials.skins;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.base.Carcass;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.StandsFor.Part;
import lectulum.design.thing.Thing;
import lectulum.discipline.Mend;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Rule;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Subject;
import lectulum.materials.framing.ShellFrame;
import lectulum.materials.framing.Yard;

/// Things that stand for a part of the shell against what that part comes to.
///
/// A body that stands already holds its frame, linings, floor and skins in the mass of the bare base: of a conversion only the
/// insulation is compared. A frame is compared where walls and roof have members.
public final class Allowances {
    private static final double LEAST = 1;
    private static final double PART = 0.15;

    private Allowances() {
    }

    /// What a part comes to.
    public record Comes(double mass, double cost) {
    }

    static Map<Part, Comes> known(Design d, ShellSheets s) {
        Map<Part, Comes> all = new EnumMap<>(Part.class);
        part(all, Part.INSULATION, s.layers().stream().filter(l -> l.role().equals("insulation")));
        if (d.brief().type() == CamperType.CARGO) {
            return all;
        }
        part(all, Part.LINING,
                s.layers().stream().filter(l -> l.role().equals("lining") && l.side() != Wall.Side.FLOOR));
        part(all, Part.SKIN, s.layers().stream().filter(l -> l.role().equals("skin") && l.side() != Wall.Side.FLOOR));
        part(all, Part.FLOOR,
                s.layers().stream().filter(l -> l.side() == Wall.Side.FLOOR && !l.role().equals("insulation")));
        ShellFrame f = ShellFrame.of(d);
        boolean whole = f.walls().keySet().containsAll(List.of(Carcass.Face.LEFT, Carcass.Face.RIGHT))
                && f.pieces().stream().anyMatch(p -> p.face() == Carcass.Face.ROOF);
        if (whole) {
            all.put(Part.FRAMING, new Comes(f.mass(),
                    Yard.of(d).cost(f) + f.ribs().stream().mapToDouble(ShellFrame.Rib::price).sum()));
        }
        return all;
    }

    private static void part(Map<Part, Comes> all, Part what, Stream<ShellSheets.Layer> layers) {
        List<ShellSheets.Layer> list = layers.toList();
        if (!list.isEmpty()) {
            all.put(what, new Comes(list.stream().mapToDouble(ShellSheets.Layer::mass).sum(),
                    list.stream().mapToDouble(ShellSheets.Layer::price).sum()));
        }
    }

    private static List<Thing> things(Design d, Part what) {
        return d.things().stream().filter(t -> t.feature(Feature.StandsFor.class).filter(f -> f.what() == what)
                .isPresent()).toList();
    }

    private static double mass(List<Thing> things) {
        return things.stream().mapToDouble(t -> t.mass().value()).sum();
    }

    /// Says where what is planned for a part is far from what it comes to.
    ///
    /// @param by what it comes to is worked out from
    public static void check(Design d, Map<Part, Comes> known, Rule rule, String by, Study.Notebook book) {
        known.forEach((what, comes) -> {
            List<Thing> things = things(d, what);
            double is = mass(things);
            if (!things.isEmpty() && Math.abs(is - comes.mass) > Math.max(LEAST, PART * comes.mass)) {
                book.say(rule, Subject.part(what.name().toLowerCase(Locale.ROOT)), Severity.NOTE,
                        Sentence.of("For {0} {1} are planned; it comes to {2}", what.label(), Amount.kg(is),
                                Amount.kg(comes.mass)),
                        Sentence.of("By {0}; material for about {1}.", by, Amount.money(comes.cost)),
                        things.stream().map(Thing::id).toList());
            }
        });
    }

    /// A design whose allowances are what its walls and members come to.
    public static Design taken(Design d) {
        ShellSheets s = ShellSheets.of(d, Assumed.value(d, Assumption.CUT_SHEET_LONG),
                Assumed.value(d, Assumption.CUT_SHEET_WIDE));
        Design next = d;
        for (Map.Entry<Part, Comes> e : known(d, s).entrySet()) {
            List<Thing> things = things(d, e.getKey());
            if (mass(things) > 0) {
                double k = e.getValue().mass / mass(things);
                next = next.mapping(things.stream().map(Thing::id).toList(), t -> Mend.grown(t, k));
            }
        }
        return next;
    }

    /// Every thing that stands for it grows or shrinks alike.
    public static Stream<Remedy> remedies(Design d, Map<Part, Comes> known, List<String> about) {
        return known.entrySet().stream().filter(e -> {
            List<String> ids = things(d, e.getKey()).stream().map(Thing::id).toList();
            return !ids.isEmpty() && ids.equals(about) && mass(things(d, e.getKey())) > 0;
        }).map(e -> {
            double k = e.getValue().mass / mass(things(d, e.getKey()));
            return new Remedy(
                    Sentence.of("As much for {0} as it comes to, {1}", e.getKey().label(),
                            Amount.kg(e.getValue().mass)),
                    new Edit("The shell as it comes to", x -> x.mapping(about, t -> Mend.grown(t, k))));
        });
    }
}
