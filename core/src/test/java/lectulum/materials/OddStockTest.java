package lectulum.materials;

import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.envelope.Substance;
import lectulum.design.workshop.HandPlan;
import lectulum.design.workshop.Stock;
import lectulum.design.workshop.Workshop;
import lectulum.figures.Stage;
import lectulum.materials.cutting.CutPlans;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Stock and hand plans that cannot be meant: said on Materials, and everything else is worked out.
class OddStockTest {
    private static Design with(double length, double width, double thick, double price) {
        return box()
                .with(new Workshop(List.of(new Stock("odd", Stock.Form.SHEET, Substance.PLYWOOD, length, width, thick,
                        OptionalDouble.of(2), false, "", price, "yesterday")), List.of(
                                new HandPlan(Stock.Form.SHEET,
                                        Substance.PLYWOOD, length, width, thick, true, true,
                                        List.of(new HandPlan.Laid(-1, Double.NaN, 0.3, 99))))));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, 0, Double.NaN, Double.POSITIVE_INFINITY, 1e9})
    void sizesThatCannotBeAreNamedOnMaterials(double size) {
        Analysis a = Analysis.of(with(size, 1.2, 0.012, 10));

        assertThat(a.findings(Stage.MATERIALS)).anyMatch(f -> f.id().startsWith("sound"));
        assertThat(a.of(CutPlans.DISCIPLINE).lots()).isNotNull();
        assertThat(a.figures().find("balance.departure.mass")).isPresent();
    }

    @Test
    void anAssumedValueOutOfRangeIsNamedOnMaterials() {
        Design d = box();
        Analysis a = Analysis.of(d.with(d.settings().with("cut.kerf", 0.5)));

        assertThat(a.findings(Stage.MATERIALS)).anyMatch(f -> f.id().contains("cut.kerf"));
    }
}
