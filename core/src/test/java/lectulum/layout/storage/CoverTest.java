package lectulum.layout.storage;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Face;
import lectulum.design.feature.Feature.Opening.Leaf;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// A part is repaired from the side that its cover is on.
class CoverTest {
    private static final Thing DOOR = thing("door", 12, 2.9, 0).with(Mount.SET_IN).with(new Size(0.05, 0.7, 1.6))
            .with(new Placement(2.98, 0, 0.02, 0))
            .with(new Feature.Opening(0.7, 1.6, Leaf.HINGED_REAR, 1.6, true, false));

    private static boolean repairable(Face cover, double degrees) {
        Thing pump = thing("pump", 3, 1.5, -0.7).with(new Size(0.3, 0.3, 0.3)).with(Fix.FIXED)
                .with(new Placement(1.5, -0.7, 0, Math.toRadians(degrees))).with(new Feature.Service(cover));
        Design d = box(DOOR, pump);
        return Analysis.of(d).findings().stream().noneMatch(f -> f.rule() == StorageRules.REACH_SERVICE);
    }

    /// It stands at the left wall: what opens to the wall does not open.
    @ParameterizedTest
    @CsvSource({"RIGHT, 0, true", "TOP, 0, true", "FRONT, 0, true", "REAR, 0, true", "LEFT, 0, false",
            "RIGHT, 180, false",
            "LEFT, 180, true", "FRONT, 90, false", "REAR, 90, true"})
    void theCoverFacesTheRoom(Face cover, double degrees, boolean repairable) {
        assertThat(repairable(cover, degrees)).isEqualTo(repairable);
    }
}
