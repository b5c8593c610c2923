package lectulum.layout.outside;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Face;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// What an awning covers.
class AwningTest {
    /// 2.5 m long on a rail; reaches 2.0 m out and falls by 0.6 m.
    private static Thing awning(Face face, double pole, double price) {
        boolean side = face != Face.FRONT && face != Face.REAR;
        return thing("awning", 14, 1.5, 0.96).with(Mount.OUTSIDE)
                .with(new Size(side ? 2.5 : 0.13, side ? 0.13 : 2.5, 0.13)).with(new Placement(1.5, 0.96, 1.6, 0))
                .with(new Feature.FoldOut(face, 2.0, 0.6, pole, 0)).with(Cost.planned(price));
    }

    private static double value(Design d, String figure) {
        return Analysis.of(d).figures().value("outside.awning." + figure);
    }

    @ParameterizedTest
    @EnumSource(value = Face.class, names = {"LEFT", "RIGHT", "FRONT", "REAR"})
    void shadesItsLengthTimesItsReach(Face face) {
        Design d = box(awning(face, 2.4, 250));

        assertThat(value(d, "shade")).isEqualTo(5.0, within(1e-9));
        assertThat(value(d, "worth")).as("5 m² for 250").isEqualTo(2.0, within(1e-9));
        assertThat(value(d, "cloth")).isEqualTo(Math.sqrt(4.36), within(1e-9));
    }

    @Test
    void ofNoPriceHasNoShadeForMoney() {
        Design d = box(awning(Face.RIGHT, 2.4, 0));

        assertThat(value(d, "shade")).isEqualTo(5.0, within(1e-9));
        assertThat(Analysis.of(d).figures().find("outside.awning.worth")).isEmpty();
    }

    @Test
    void withoutPolesIsATentAndShadesNothing() {
        assertThat(Analysis.of(box(awning(Face.RIGHT, 0, 250))).figures().find("outside.awning.shade")).isEmpty();
    }
}
