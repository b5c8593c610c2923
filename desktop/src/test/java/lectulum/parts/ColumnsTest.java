package lectulum.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Panels in one column or two.
class ColumnsTest {
    private static final double GAP = 10;

    private static Columns of(double... heights) {
        Columns columns = new Columns(GAP, 1000);
        columns.show(DoubleStream.of(heights).mapToObj(h -> {
            Region panel = new Region();
            panel.setMinHeight(h);
            panel.setPrefHeight(h);
            return panel;
        }).toList());
        return columns;
    }

    private static void lay(Columns columns, double width) {
        columns.resize(width, columns.prefHeight(width));
        columns.layout();
    }

    @ParameterizedTest
    @ValueSource(doubles = {300, 720, 999})
    void inANarrowWindowTheyStandBelowEachOther(double width) {
        Columns columns = of(100, 50, 70);
        lay(columns, width);

        assertThat(columns.getHeight()).isEqualTo(100 + 50 + 70 + 2 * GAP);
        assertThat(columns.panels()).extracting(n -> n.getLayoutX()).containsOnly(0.0);
        assertThat(columns.panels()).extracting(n -> n.getLayoutY()).containsExactly(0.0, 110.0, 170.0);
        assertThat(columns.panels()).extracting(n -> n.getLayoutBounds().getWidth()).containsOnly(width);
    }

    /// The first column takes so many that the taller of both is lowest, and the order stays.
    @ParameterizedTest
    @CsvSource({"'100,100,100,100', 2, 210", "'300,100,100', 1, 300", "'100,100,300', 2, 300",
            "'50,50,50,200,50', 3, 260",
            "'10,400', 1, 400"})
    void inAWideOneTheyShareTwoColumns(String heights, int first, double height) {
        double[] all = DoubleStream.of(java.util.Arrays.stream(heights.split(",")).mapToDouble(Double::parseDouble)
                .toArray()).toArray();
        Columns columns = of(all);
        lay(columns, 1210);

        assertThat(columns.getHeight()).isEqualTo(height);
        for (int i = 0; i < all.length; i++) {
            assertThat(columns.panels().get(i).getLayoutX()).as("panel " + i).isEqualTo(i < first ? 0 : 610);
            assertThat(columns.panels().get(i).getLayoutBounds().getWidth()).isEqualTo(600);
        }
        assertThat(columns.panels().get(first).getLayoutY()).isZero();
    }

    /// No way to part them is lower: all are tried.
    @Test
    void noOtherPartingIsLower() {
        for (int seed = 0; seed < 200; seed++) {
            double[] all = new java.util.Random(seed).ints(2 + seed % 7, 20, 400).asDoubleStream().toArray();
            Columns columns = of(all);
            lay(columns, 1400);
            double least = IntStream.rangeClosed(1, all.length)
                    .mapToDouble(k -> Math.max(tall(all, 0, k), tall(all, k, all.length))).min().orElseThrow();

            assertThat(columns.getHeight()).isEqualTo(least);
        }
    }

    private static double tall(double[] all, int from, int to) {
        return from == to ? 0 : IntStream.range(from, to).mapToDouble(i -> all[i]).sum() + GAP * (to - from - 1);
    }

    @Test
    void oneAloneAndNoneAreNoColumns() {
        Columns one = of(80);
        lay(one, 1500);
        assertThat(one.panels().getFirst().getLayoutBounds().getWidth()).isEqualTo(1500);
        Columns none = of();
        lay(none, 1500);
        assertThat(none.getHeight()).isZero();
        none.show(List.of(new Region()));
        assertThat(none.panels()).hasSize(1);
    }
}
