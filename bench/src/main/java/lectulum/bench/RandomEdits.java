package lectulum.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.assumed.Assumed;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;

/// What somebody might do next: add a thing, move, turn, put away, stow or drop one, give it a feature, change an assumed
/// value or the body, or change whatever else a camper has, in any stage.
final class RandomEdits {
    private static final List<Thing> CATALOGUE = Catalogue.shipped().things();
    private final SplittableRandom dice;
    private final RandomChange change;
    private int added;

    RandomEdits(long seed) {
        this.dice = new SplittableRandom(seed);
        this.change = new RandomChange(dice.split());
    }

    Design next(Design d) {
        return switch (dice.nextInt(20)) {
            case 0, 1, 2 -> add(d);
            case 3, 4 -> one(d, t -> t.with(place(d)));
            case 5 -> one(d, t -> t.placed(Mode.values()[1 + dice.nextInt(2)], place(d)));
            case 6 -> one(d, t -> t.with(Mount.values()[dice.nextInt(Mount.values().length)]));
            case 7 -> one(d, t -> t.with(Fix.values()[dice.nextInt(Fix.values().length)]));
            case 8 -> one(d, t -> {
                FeatureKind kind = FeatureKind.all().get(dice.nextInt(FeatureKind.all().size()));
                return t.features().stream().anyMatch(f -> FeatureKind.of(f) == kind) ? t : t.with(kind.usual(t));
            });
            case 9 -> drop(d);
            case 10 -> assumed(d);
            case 11 -> body(d);
            default -> change.in(d);
        };
    }

    private interface Change {
        Thing of(Thing thing);
    }

    private Design one(Design d, Change change) {
        if (d.things().isEmpty()) {
            return d;
        }
        Thing t = d.things().get(dice.nextInt(d.things().size()));
        return d.mapping(t.id(), change::of);
    }

    private Design add(Design d) {
        Thing t = CATALOGUE.get(dice.nextInt(CATALOGUE.size()));
        return d.things().size() > 60 ? d : d.plus(t.withId("added-" + added++).with(place(d)));
    }

    private Design drop(Design d) {
        List<Thing> left = new ArrayList<>(d.things());
        if (!left.isEmpty()) {
            left.remove(dice.nextInt(left.size()));
        }
        return d.withThings(left);
    }

    private Placement place(Design d) {
        double yaw = dice.nextInt(3) == 0 ? dice.nextDouble() * 6 - 3 : dice.nextInt(4) * Math.PI / 2;
        Placement at = new Placement(dice.nextDouble() * (d.base().shell().length() + 2) - 1, dice.nextDouble() * 2 - 1,
                dice.nextInt(3) == 0 ? 0 : dice.nextDouble() * 1.8, yaw);
        return dice.nextInt(12) == 0 ? at.away(true) : at;
    }

    private Design assumed(Design d) {
        List<Assumed.Entry> all = new ArrayList<>();
        Assumed.entries().forEach(all::add);
        Assumed.Entry e = all.get(dice.nextInt(all.size()));
        double v = switch (dice.nextInt(4)) {
            case 0 -> e.low();
            case 1 -> e.high();
            default -> e.low() + dice.nextDouble() * (e.high() - e.low());
        };
        return d.with(d.settings().with(e.id(), v));
    }

    private Design body(Design d) {
        double k = 0.5 + dice.nextDouble();
        return switch (dice.nextInt(4)) {
            case 0 -> d.with(d.base().with(d.base().shell().resized(d.base().shell().length() * k,
                    d.base().shell().width(), d.base().shell().height())));
            case 1 -> d.with(d.base().with(d.base().axle().at(d.base().axle().x() * k)));
            case 2 -> d.with(d.base().withTongueLength(d.base().tongueLength() * k));
            default -> d.with(d.base().with(d.base().axle().with(1 + dice.nextInt(2), 0.8)));
        };
    }
}
