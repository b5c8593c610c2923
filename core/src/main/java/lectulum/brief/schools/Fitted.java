package lectulum.brief.schools;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.base.Shell;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.layout.FreePlace;
import lectulum.space.Solid;

/// Ways of what is fitted to the shell: spare wheel, windows, insulation.
final class Fitted {
    private static final String WHEEL = "spare-wheel";
    private static final String FOAM = "insulation-foam-25-mm-per-10-m2";

    private Fitted() {
    }

    static List<Way> of(Design d, Question question) {
        return switch (question) {
            case SPARE -> spare(d);
            case WINDOWS -> windows(d);
            case INSULATION -> insulation(d);
            default -> List.of();
        };
    }

    private static List<Way> spare(Design d) {
        Optional<Thing> wheel = d.things().stream().filter(t -> t.symbol().equals(WHEEL)).findFirst();
        boolean inside = wheel.filter(t -> t.mount() != Mount.OUTSIDE).isPresent();
        boolean outside = wheel.filter(t -> t.mount() == Mount.OUTSIDE).isPresent();
        String in = "Rubber ages slowly and nobody takes it; it takes floor and has to be carried past the bed.";
        String out = "Room inside, at hand when it is needed; sun and stones age it, and the mass is at an end.";
        String none = "Light and cheap; a repair kit and a telephone.";
        return List.of(
                inside ? Way.drawn("inside", "Inside", in) : placed(d, wheel, "inside", "Inside", in, Mount.INSIDE),
                outside
                        ? Way.drawn("outside", "Outside", out)
                        : placed(d, wheel, "outside", "Outside", out, Mount.OUTSIDE),
                wheel.isEmpty()
                        ? Way.drawn("none", "None", none)
                        : Way.by("none", "None", none, new Edit("No spare wheel", x -> x.withThings(
                                x.things().stream().filter(t -> !t.symbol().equals(WHEEL)).toList()))));
    }

    private static Way placed(Design d, Optional<Thing> wheel, String id, String label, String says, Mount mount) {
        Thing t = wheel.orElseGet(() -> Catalogue.shipped().find(WHEEL).orElseThrow().withId(d.freeId(WHEEL)))
                .with(mount);
        Design without = d.withThings(d.things().stream().filter(x -> !x.id().equals(t.id())).toList());
        Optional<Placement> at = mount == Mount.OUTSIDE ? outside(without, t) : FreePlace.find(without, t);
        return at.map(p -> Way.by(id, label, says,
                new Edit("Spare wheel " + label.toLowerCase(Locale.ROOT),
                        x -> x.withThings(
                                x.things().stream().filter(o -> !o.id().equals(t.id())).toList()).plus(t.with(p)))))
                .orElseGet(() -> Way.not(id, label, says, "no free place for it"));
    }

    /// Over the tongue, else on the rear wall.
    private static Optional<Placement> outside(Design d, Thing t) {
        return FreePlace.find(d, t).or(() -> {
            double x = d.base().shell().length() + t.size().length() / 2 + 0.02;
            Thing behind = t.with(new Placement(x, 0, 0.1, 0));
            return d.things().stream().filter(o -> o.mount() == Mount.OUTSIDE).noneMatch(
                    o -> Solid.of(o.size(), o.place()).apartFrom(Solid.of(behind.size(), behind.place())).depth() > 0)
                            ? Optional.of(behind.place())
                            : Optional.empty();
        });
    }

    private static boolean window(Thing t) {
        return Question.WINDOWS.replaced().contains(t.symbol());
    }

    private static List<Way> windows(Design d) {
        if (d.base().shell() instanceof Shell.Tray) {
            return List.of();
        }
        long left = d.things().stream().filter(t -> window(t) && t.place().y() < 0).count();
        long right = d.things().stream().filter(t -> window(t) && t.place().y() >= 0).count();
        String many = "Light, air across, and a second way out; each costs wall, store, warmth, and wants a seal for life.";
        String few = "Light and air from one side; the other wall stays whole for store and lining.";
        String none = "The cheapest and warmest wall; dark, and the door is the only way out.";
        double fewer = left < right ? -1 : 1;
        return List.of(left > 0 && right > 0 ? Way.drawn("both", "On both sides", many) : both(d, left == 0, many),
                left + right > 0 && (left == 0 || right == 0)
                        ? Way.drawn("one", "On one side", few)
                        : left + right == 0
                                ? added(d, "one", "On one side", few, 1)
                                : Way.by("one", "On one side", few, new Edit("Windows on one side",
                                        x -> x.withThings(x.things().stream()
                                                .filter(t -> !window(t) || t.place().y() * fewer < 0).toList()))),
                left + right == 0
                        ? Way.drawn("none", "None", none)
                        : Way.by("none", "None", none, new Edit("No windows", x -> x.withThings(
                                x.things().stream().filter(t -> !window(t)).toList()))));
    }

    private static Way both(Design d, boolean leftLacks, String says) {
        boolean none = d.things().stream().noneMatch(Fitted::window);
        return added(d, "both", "On both sides", says, none ? 2 : leftLacks ? 1 : -1);
    }

    /// @param which 1 for one more where it is free, -1 for one more in the other wall, 2 for one in each
    private static Way added(Design d, String id, String label, String says, int which) {
        Design next = d;
        for (int i = 0; i < Math.abs(which); i++) {
            Thing w = Catalogue.shipped().find("window-60-x-40-sliding").orElseThrow();
            Thing named = w.withId(next.freeId("window"));
            boolean right = which == -1 || i == 1;
            Optional<Placement> at = FreePlace.find(next, named)
                    .map(p -> right && p.y() < 0 || !right && p.y() > 0
                            ? new Placement(p.x(), -p.y(), p.z(), p.yaw())
                            : p);
            if (at.isEmpty()) {
                return Way.not(id, label, says, "no free wall");
            }
            next = next.plus(named.with(at.get()));
        }
        Design done = next;
        return Way.by(id, label, says, new Edit("Windows: " + label, x -> x.withThings(done.things())));
    }

    private static boolean foam(Thing t) {
        return t.feature(Feature.StandsFor.class).filter(f -> f.what() == Feature.StandsFor.Part.INSULATION)
                .isPresent();
    }

    /// By area: the roof alone, or floor, walls and roof.
    private static List<Way> insulation(Design d) {
        if (d.base().shell() instanceof Shell.Tray) {
            return List.of();
        }
        Shell s = d.base().shell();
        double roof = s.length() * s.width();
        double all = 2 * roof + 2 * (s.length() + s.width()) * s.height();
        double mass = d.things().stream().filter(Fitted::foam).mapToDouble(t -> t.mass().value()).sum();
        Thing foam = Catalogue.shipped().find(FOAM).orElseThrow();
        double area = 10 * mass / foam.mass().value();
        String top = "Where the sun heats and the warmth leaves; two bodies heat a small box.";
        String round = "For frost, heat and noise; three times the work, and thickness taken from the inside.";
        String none = "Bedding, and open windows; walls get wet.";
        boolean has = mass > 0;
        boolean most = area > 0.5 * all;
        return List.of(has && !most ? Way.drawn("roof", "Roof only", top) : foamed("roof", "Roof only", top, roof),
                most ? Way.drawn("round", "All round", round) : foamed("round", "All round", round, all),
                has ? foamed("none", "None", none, 0) : Way.drawn("none", "None", none));
    }

    private static Way foamed(String id, String label, String says, double area) {
        return Way.by(id, label, says, new Edit("Insulation: " + label.toLowerCase(Locale.ROOT), d -> {
            Design without = d.withThings(d.things().stream().filter(t -> !foam(t)).toList());
            if (area <= 0) {
                return without;
            }
            Thing foam = Catalogue.shipped().find(FOAM).orElseThrow();
            double k = area / 10;
            return without.plus(foam.named("Insulation").withId(without.freeId("insulation"))
                    .with(new Mass(Math.round(foam.mass().value() * k * 10) / 10.0, foam.mass().source(),
                            OptionalDouble.empty()))
                    .with(new Cost(Math.round(foam.cost().planned() * k), OptionalDouble.empty()))
                    .with(new Placement(d.base().shell().length() / 2, 0, d.base().shell().height() / 2, 0)));
        }));
    }
}
