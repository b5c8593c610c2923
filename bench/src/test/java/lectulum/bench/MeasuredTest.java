package lectulum.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lectulum.bench.Measured.Budget;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MeasuredTest {
    /// 1 to 100 ms in a wild order: the middle is 51, the 95th percentile 96.
    private static Measured hundred(Optional<Budget> budget) {
        return Measured.of("walk", 500, IntStream.range(0, 100).mapToDouble(i -> 1 + i * 37 % 100).toArray(), budget);
    }

    @Test
    void medianAndPercentileAreThoseOfTheSortedRuns() {
        assertThat(hundred(Optional.empty())).extracting(Measured::median, Measured::most95, Measured::worst)
                .containsExactly(51.0, 96.0, 100.0);
    }

    @Test
    void aBudgetIsHeldAgainstWhatItIsAbout() {
        assertThat(hundred(Budget.median(51)).verdict()).isEqualTo("met");
        assertThat(hundred(Budget.median(50)).verdict()).isEqualTo("OVER");
        assertThat(hundred(Budget.most95(60)).verdict()).isEqualTo("OVER");
        assertThat(hundred(Budget.most95(96)).verdict()).isEqualTo("met");
        assertThat(hundred(Optional.empty()).verdict()).isEmpty();
    }

    @Test
    void aRunIsKeptAndHeldAgainstTheNext(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("last.csv");
        assertThat(Measured.kept(file)).isEmpty();

        Measured.keep(file, List.of(hundred(Optional.empty())));

        Map<String, Double> kept = Measured.kept(file);
        assertThat(kept).containsExactly(Map.entry("walk,500", 51.0));
        Measured twice = Measured.of("walk", 500, new double[]{102}, Budget.median(200));
        assertThat(twice.row(kept)).contains("median 200", "met").endsWith("2.00");
    }
}
