package lectulum.materials.lighter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.base.Carcass;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Envelope;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Joined;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.joinery.Build;
import lectulum.materials.joinery.JoineryStudies;
import lectulum.materials.skins.Allowances;

/// Every way of building frame, walls and furniture otherwise, each worked out on a copy of the camper.
///
/// What stands already is not switched: of a conversion only linings, insulation and furniture.
public final class Switches {
    private static final List<Double> SPACINGS = List.of(0.3, 0.4, 0.5, 0.6);
    private static final List<Double> LININGS = List.of(0.003, 0.004, 0.006);
    private static final List<Double> INSULATIONS = List.of(0.0, 0.02, 0.025, 0.04);
    private static final List<Double> FLOORS = List.of(0.009, 0.012, 0.015);
    private static final List<Double> BOARDS = List.of(0.009, 0.012, 0.015, 0.018);
    private static final double SAME = 1e-4;
    private final Design d;
    private final List<Way> ways = new ArrayList<>();

    private Switches(Design d) {
        this.d = d;
    }

    /// A way before it is worked out.
    private record Way(String about, Sentence says, UnaryOperator<Design> change, double stiff) {
    }

    /// All that make a difference, the cheapest kilogram first.
    ///
    /// @param wanted whether somebody still waits; what was found until then is given otherwise
    /// @param done   told each, in order of the work
    public static List<Switch> of(Design d, BooleanSupplier wanted, Consumer<Switch> done) {
        Switches s = new Switches(d);
        if (d.brief().type() != CamperType.CARGO) {
            s.members();
            s.skins();
            s.floor();
        }
        s.linings();
        s.insulation();
        s.furniture();
        Runnable stillWanted = () -> {
            if (!wanted.getAsBoolean()) {
                throw new CancellationException();
            }
        };
        List<Switch> all = new ArrayList<>();
        double hour = Assumed.value(d, Assumption.HOUR_WORTH);
        try {
            s.tried(all, stillWanted, done);
        } catch (CancellationException nobodyWaits) {
            return all;
        }
        all.sort(Comparator.comparingDouble((Switch x) -> x.perKilogram(hour)).thenComparingDouble(Switch::mass));
        return all;
    }

    private void tried(List<Switch> all, Runnable stillWanted, Consumer<Switch> done) {
        Bulk now = Bulk.of(d, stillWanted);
        for (Way w : ways) {
            stillWanted.run();
            Edit edit = new Edit(w.about, x -> Allowances.taken(w.change.apply(x)));
            Bulk more = Bulk.of(w.change.apply(d), stillWanted).minus(now);
            if (Math.abs(more.mass()) > SAME || Math.abs(more.cost()) > 0.005) {
                Switch made = new Switch(w.about, new Remedy(w.says, edit), more.mass(), more.cost(), more.hours(),
                        more.tongue(), more.loss(), w.stiff);
                all.add(made);
                done.accept(made);
            }
        }
    }

    private void way(String about, double stiff, UnaryOperator<Design> change, String says, Object... parts) {
        ways.add(new Way(about, Sentence.of(says, parts), change, stiff));
    }

    private void members() {
        Map<Carcass.Face, Carcass.Framing> now = d.base().carcass().framing();
        if (now.values().stream().allMatch(f -> f.studs().isEmpty())) {
            return;
        }
        for (double s : SPACINGS) {
            Map<Carcass.Face, Carcass.Framing> next = spaced(d, s);
            way("Members", stiffness(next) / stiffness(now), x -> framed(x, spaced(x, s)), "Members {0} apart",
                    Amount.m(s));
        }
        boolean doubled = now.values().stream().anyMatch(f -> f.plies() > 1);
        way("Members", doubled ? 0.5 : 2, x -> framed(x, each(x, f -> f.plies(doubled ? 1 : 2))),
                doubled ? "Single members" : "Doubled members");
        boolean house = now.values().stream().anyMatch(Carcass.Framing::house);
        way("Members", 1, x -> framed(x, each(x, f -> f.house(!house))),
                house ? "Openings framed lightly" : "Openings framed as in houses");
    }

    private static Design framed(Design d, Map<Carcass.Face, Carcass.Framing> framing) {
        return d.with(d.base().withCarcass(d.base().carcass().withFraming(framing)));
    }

    private static Map<Carcass.Face, Carcass.Framing> each(Design d, UnaryOperator<Carcass.Framing> change) {
        Map<Carcass.Face, Carcass.Framing> all = new EnumMap<>(Carcass.Face.class);
        d.base().carcass().framing().forEach((face, f) -> all.put(face, change.apply(f)));
        return all;
    }

    /// Members of each face at another spacing between its first and its last.
    static Map<Carcass.Face, Carcass.Framing> spaced(Design d, double spacing) {
        return each(d, f -> {
            if (f.studs().size() < 2) {
                return f;
            }
            double from = f.studs().getFirst();
            double to = f.studs().getLast();
            int bays = (int) Math.max(1, Math.ceil((to - from) / spacing - 1e-9));
            List<Double> studs = new ArrayList<>();
            for (int i = 0; i < bays; i++) {
                studs.add(Math.min(to, from + i * spacing));
            }
            studs.add(to);
            return f.at(studs).measured(false);
        });
    }

    /// Of all members side by side: Σ plies b d³.
    private static double stiffness(Map<Carcass.Face, Carcass.Framing> framing) {
        return Math.max(1e-12, framing.values().stream()
                .mapToDouble(f -> f.studs().size() * f.plies() * f.width() * Math.pow(f.depth(), 3)).sum());
    }

    private Stream<Wall> walls() {
        return d.envelope().walls().stream().filter(w -> w.side() != Wall.Side.FLOOR);
    }

    private static Design walled(Design d, boolean floor, UnaryOperator<Wall> change) {
        return d.with(new Envelope(d.envelope().walls().stream()
                .map(w -> floor == (w.side() == Wall.Side.FLOOR) ? change.apply(w) : w).toList()));
    }

    private void linings() {
        Optional<Wall> lined = walls().filter(w -> w.lining() == Substance.PLYWOOD).findFirst();
        lined.ifPresent(w -> {
            for (double t : LININGS) {
                way("Linings", Math.pow(t / w.liningThick(), 3), x -> walled(x, false, q -> q.withLiningThick(
                        q.lining() == Substance.PLYWOOD ? t : q.liningThick())), "Linings of {0}", Amount.sag(t));
            }
        });
        if (walls().anyMatch(w -> w.lining() != Substance.NONE)) {
            way("Linings", 0, x -> walled(x, false, q -> q.withLining(Substance.NONE)), "No lining");
        }
    }

    private void skins() {
        Optional<Wall> any = walls().filter(w -> w.skin() != Substance.NONE).findFirst();
        any.ifPresent(w -> {
            skin(w, Substance.ALUMINIUM, 0.0008, 70);
            skin(w, Substance.ALUMINIUM, 0.001, 70);
            skin(w, Substance.FIBREGLASS, 0.0015, 10);
            skin(w, Substance.PLYWOOD, 0.005, 8);
            skin(w, Substance.PLYWOOD, 0.0035, 8);
        });
    }

    /// @param modulus \[GPa\]
    private void skin(Wall now, Substance of, double thick, double modulus) {
        double was = switch (now.skin()) {
            case ALUMINIUM -> 70;
            case FIBREGLASS -> 10;
            case STEEL -> 210;
            default -> 8;
        } * Math.pow(now.skinThick(), 3);
        way("Skins", was > 0 ? modulus * Math.pow(thick, 3) / was : 1,
                x -> walled(x, false, q -> q.withSkin(of).withSkinThick(thick)), "Skins of {0}, {1}", of.label(),
                Amount.sag(thick));
    }

    private void floor() {
        d.envelope().wall(Wall.Side.FLOOR).filter(w -> w.lining() == Substance.PLYWOOD).ifPresent(w -> {
            for (double t : FLOORS) {
                way("Floor", Math.pow(t / w.liningThick(), 3), x -> walled(x, true, q -> q.withLiningThick(t)),
                        "Floor board of {0}", Amount.sag(t));
            }
        });
    }

    private void insulation() {
        if (walls().noneMatch(w -> w.insulation() != Substance.NONE && w.insulationThick() > 0)) {
            return;
        }
        for (double t : INSULATIONS) {
            if (t > 0) {
                way("Insulation", 1, x -> walled(x, false, q -> q.withInsulationThick(t)), "Insulation of {0}",
                        Amount.sag(t));
            } else {
                way("Insulation", 1, x -> walled(x, false, q -> q.withInsulation(Substance.NONE)), "No insulation");
            }
        }
        way("Insulation", 1, x -> walled(x, false, q -> q.side() == Wall.Side.ROOF
                ? q
                : q.withInsulation(Substance.NONE)), "Insulation of the roof only");
        way("Insulation", 1, x -> walled(x, false, q -> q.withInsulation(Substance.PIR)), "Insulation of PIR board");
    }

    private void furniture() {
        Optional<Joined.Boards> any = d.things().stream().flatMap(t -> t.feature(Joined.Boards.class).stream())
                .findFirst();
        any.ifPresent(b -> {
            for (double t : BOARDS) {
                way("Furniture", Math.pow(t / b.thick(), 3), x -> built(x, q -> q.form() == Build.Form.BOARD
                        ? q
                        : q.thick(t)), "Furniture of {0}", Amount.sag(t));
            }
            way("Furniture", 1, x -> built(x, q -> q.joined(Build.Joint.ANGLE)), "Furniture on aluminium angle");
            way("Furniture", 1, x -> built(x, q -> q.joined(Build.Joint.DADO)), "Furniture let into grooves");
        });
    }

    /// Furniture built otherwise, put down as what its boards then come to; what is weighed stays.
    private static Design built(Design d, UnaryOperator<Joined.Boards> change) {
        Design next = d;
        for (Thing t : d.things()) {
            Optional<Joined.Boards> b = t.feature(Joined.Boards.class);
            if (b.isPresent()) {
                next = next.mapping(t.id(), x -> x.with(change.apply(b.get())));
                next = t.mass().source() == MassSource.WEIGHED ? next : JoineryStudies.taken(next, t.id());
            }
        }
        return next;
    }
}
