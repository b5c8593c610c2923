package lectulum.base.profile;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Sheet;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Contents;
import lectulum.space.ProfileLine;
import lectulum.units.Quantity;

/// Arcs that fit, other skins, a hatch that opens elsewhere, a top that rises further.
final class ProfileRemedies {
    private ProfileRemedies() {
    }

    static Stream<Remedy> of(Known known, ProfileRules rule, Finding finding) {
        Design d = known.design();
        Carcass c = d.base().carcass();
        return switch (rule) {
            case SHELL_ARCS -> d.base().shell() instanceof Shell.Profile p ? rounded(p) : Stream.empty();
            case SHELL_RADIUS -> c.skin().stream().flatMap(s -> Sheet.all().stream()
                    .flatMap(sheet -> Stream.of(true, false).filter(a -> a || sheet.along().isPresent())
                            .map(across -> new Carcass.Skin(sheet.id(), across, s.layers())))
                    .filter(x -> !x.equals(s)).map(x -> Mend.base(
                            Sentence.of("Skin it with {0}, bent {1} the grain",
                                    Sheet.find(x.sheet()).map(Sheet::label).orElse(""),
                                    x.across() ? "across" : "along"),
                            "Other skin", b -> b.with(c.withSkin(Optional.of(x))))));
            case SHELL_HATCH_BLOCKED -> Stream.concat(aside(d, finding), opened(c));
            case SHELL_HATCH_HEADROOM -> opened(c);
            case SHELL_LIFT_LOW -> c.lift().stream().flatMap(l -> IntStream.rangeClosed(1, 12)
                    .mapToObj(i -> new Carcass.Lift(l.rise() + 0.05 * i, l.panel(), l.mass(), l.drag(), l.lifters(),
                            l.side())))
                    .map(l -> Mend.base(Sentence.of("Raise the top by {0}", Amount.m(l.rise())), "Rise of the top",
                            b -> b.with(c.withLift(Optional.of(l)))));
            case SHELL_LIFT_GAP -> Stream.empty();
        };
    }

    /// The hatch opened less or further.
    private static Stream<Remedy> opened(Carcass c) {
        return c.hatch().stream()
                .flatMap(h -> DoubleStream.of(-5, -10, -15, -20, 5, 10, 15, 20, 25)
                        .mapToObj(by -> h.opening(h.open() + Math.toRadians(by)))
                        .filter(x -> x.open() > 0.3 && x.open() < 2.2)
                        .map(x -> Mend.base(
                                Sentence.of("Open the hatch to {0}", new Amount(x.open(), Quantity.ANGLE)),
                                "Hatch angle", b -> b.with(c.withHatch(Optional.of(x))))));
    }

    /// What stops the hatch moved to the front or down, in camp where it has a place of its own there, or left out.
    private static Stream<Remedy> aside(Design d, Finding finding) {
        return finding.things().stream().flatMap(id -> d.thing(id).stream()).flatMap(t -> {
            Mode mode = t.elsewhere().containsKey(Mode.CAMP) ? Mode.CAMP : Mode.ROAD;
            return Stream.concat(DoubleStream.of(0.1, 0.2, 0.3, 0.5, 0.8, 1.2).boxed().flatMap(by -> Stream.of(
                    Contents.shift(t, mode, by, -1, 0, 0), Contents.shift(t, mode, by, 0, 0, -1))),
                    Stream.of(Mend.without("Without {0}", List.of(t))));
        });
    }

    /// The two arcs that do not fit their edge, made just small enough.
    private static Stream<Remedy> rounded(Shell.Profile p) {
        return ProfileLine.of(p.points()).flatMap(ProfileLine::crowded).stream()
                .map(w -> Mend.base(Sentence.of("Round both with {0}", Amount.m(floor(w.largest()))), "Smaller arcs",
                        b -> b.with(new Shell.Profile(p.width(), IntStream.range(0, p.points().size()).mapToObj(i -> {
                            Shell.Profile.Point q = p.points().get(i);
                            return i == w.node() || i == w.next()
                                    ? new Shell.Profile.Point(q.x(), q.z(), q.corner(),
                                            Math.min(q.radius(), floor(w.largest())))
                                    : q;
                        }).toList()))));
    }

    private static double floor(double metres) {
        return Math.floor(metres * 1000) / 1000;
    }
}
