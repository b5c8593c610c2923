package lectulum.analysis;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.design.base.Survey;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Part;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.layout.Mirror;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A box of 600 × 400 turned by 90 degrees is a box of 400 × 600: every figure and finding of the camper stays, whichever way somebody
/// enters it.
class SamePlanTest {
    /// Features that say nothing about one side of a thing.
    private static final Set<Class<? extends Feature>> SIDELESS = Set.of(Feature.Bed.class, Feature.Seat.class,
            Feature.Opening.class, Feature.Worktop.class, Feature.Packed.class, Feature.Flame.class,
            Electric.Lamp.class, Electric.Draws.class, Electric.Outlet.class, Electric.Inlet.class,
            Electric.Module.class, Electric.Controller.class, Electric.Charger.class, Electric.Inverter.class,
            Electric.Blocks.class, Plumbed.Vessel.class, Plumbed.WaterPump.class, Plumbed.WaterTap.class,
            Aired.Glazing.class, Aired.Vent.class, Aired.Fan.class, Aired.Alarm.class, Aired.RoomHeater.class);

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void isTheSameCamper(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();
        Analysis before = Analysis.of(d);
        Map<String, Double> figures = figures(before);
        Set<String> findings = findings(before);
        List<Thing> turned = d.things().stream().filter(SamePlanTest::sideless).toList();

        assertThat(turned).hasSizeGreaterThan(15);
        for (Thing t : turned) {
            Analysis after = before.next(d.mapping(t.id(), x -> otherwise(t)));
            assertThat(changed(figures, figures(after))).as(t.id()).isEmpty();
            assertThat(findings(after)).as(t.id()).isEqualTo(findings);
        }
    }

    /// What has a left and a right, or looks at the sun or a measured body. All else is the same in a mirror.
    private static final List<String> SIDED = List.of("balance\\..*\\.(left|right|centreSide)", "camp\\.(foot|roll).*",
            "wall\\.(left|right)\\..*", "air\\.cool\\..*", "built\\..*\\.middle", "layout\\..*\\.floorFree");

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void isTheSameCamperInAMirror(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();
        Design upright = d.with(d.base().with(Survey.NONE)).with(d.wiring().plus(new Raceway("r", "along the left wall",
                Part.BODY, Raceway.Zone.CABIN, new Spot(0.3, -0.6, 0.2), new Spot(2.0, -0.6, 0.2), 0.02, 0.02, 0, 0)));
        Analysis before = Analysis.of(upright);
        // The ground falls to the other side too.
        double roll = Assumed.value(upright, Assumption.SITE_ROLL);
        Design mirrored = Mirror.edit().apply(upright);
        Analysis after = Analysis.of(roll == 0
                ? mirrored
                : mirrored.with(mirrored.settings().with(Assumption.SITE_ROLL.id(), -roll)));

        List<String> changed = changed(figures(before), figures(after)).stream()
                .filter(c -> SIDED.stream().noneMatch(s -> c.substring(0, c.indexOf(':')).matches(s))).toList();

        assertThat(changed).isEmpty();
        assertThat(findings(after)).isEqualTo(findings(before));
        assertThat(after.figures().value("wire.length")).isEqualTo(before.figures().value("wire.length"), within(1e-9));
    }

    @Test
    void aRowOfHolesGoesToTheOtherWall() {
        Design d = box(thing("rack", 9, 1, 0.6).with(new Feature.Screwed(Carcass.Face.RIGHT, 2, 0.4)),
                thing("shelf", 9, 2, -0.6).with(new Feature.Screwed(Carcass.Face.ROOF, 2, 0.4)));

        Design mirrored = Mirror.edit().apply(d);

        assertThat(mirrored.thing("rack").orElseThrow().feature(Feature.Screwed.class).orElseThrow().to())
                .isEqualTo(Carcass.Face.LEFT);
        assertThat(mirrored.thing("shelf").orElseThrow().feature(Feature.Screwed.class).orElseThrow().to())
                .isEqualTo(Carcass.Face.ROOF);
        assertThat(Mirror.edit().apply(mirrored)).isEqualTo(d);
    }

    private static boolean sideless(Thing t) {
        return t.mount() != Mount.SPREAD && t.elsewhere().isEmpty() && t.size().length() != t.size().width()
                && t.features().stream().allMatch(f -> SIDELESS.contains(f.getClass()));
    }

    private static Thing otherwise(Thing t) {
        Placement p = t.place();
        return t.with(new Size(t.size().width(), t.size().length(), t.size().height()))
                .with(new Placement(p.x(), p.y(), p.z(), p.yaw() - Math.PI / 2));
    }

    private static Map<String, Double> figures(Analysis a) {
        Map<String, Double> all = new TreeMap<>();
        for (Figure f : a.figures().all()) {
            all.put(f.id(), f.value().orElse(Double.NaN));
        }
        return all;
    }

    private static Set<String> findings(Analysis a) {
        return a.findings().stream().map(Finding::id).collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<String> changed(Map<String, Double> before, Map<String, Double> after) {
        Set<String> all = new TreeSet<>(before.keySet());
        all.addAll(after.keySet());
        List<String> changed = new ArrayList<>();
        for (String id : all) {
            double was = before.getOrDefault(id, Double.POSITIVE_INFINITY);
            double is = after.getOrDefault(id, Double.POSITIVE_INFINITY);
            if (!(Double.isNaN(was) && Double.isNaN(is))
                    && !(Math.abs(was - is) <= 1e-6 * Math.max(1, Math.abs(was)) || was == is)) {
                changed.add(id + ": " + was + " to " + is);
            }
        }
        return changed;
    }
}
