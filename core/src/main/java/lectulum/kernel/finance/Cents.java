package lectulum.kernel.finance;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/// Money to the cent: what is rounded adds up exactly.
public final class Cents {
    private Cents() {
    }

    /// Half a cent goes up.
    public static BigDecimal of(double money) {
        return of(BigDecimal.valueOf(money));
    }

    public static BigDecimal of(BigDecimal money) {
        return money.setScale(2, RoundingMode.HALF_UP);
    }

    /// A sum divided by weights: cents are cut off, and those that are left go to the largest rests, the first where two are alike.
    ///
    /// @param weights ≥ 0; alike for all where they are all 0
    public static List<BigDecimal> split(BigDecimal sum, List<BigDecimal> weights) {
        BigDecimal all = weights.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        List<BigDecimal> of = all.signum() > 0 ? weights : weights.stream().map(w -> BigDecimal.ONE).toList();
        BigDecimal whole = all.signum() > 0 ? all : BigDecimal.valueOf(weights.size());
        List<BigDecimal> parts = new ArrayList<>();
        List<BigDecimal> rests = new ArrayList<>();
        BigDecimal given = BigDecimal.ZERO;
        for (BigDecimal w : of) {
            BigDecimal exact = sum.multiply(w).divide(whole, 12, RoundingMode.HALF_UP);
            BigDecimal part = exact.setScale(2, RoundingMode.FLOOR);
            parts.add(part);
            rests.add(exact.subtract(part));
            given = given.add(part);
        }
        int left = sum.subtract(given).movePointRight(2).intValue();
        List<Integer> order = IntStream.range(0, rests.size()).boxed()
                .sorted((a, b) -> rests.get(b).compareTo(rests.get(a))).toList();
        for (int i = 0; i < left && !order.isEmpty(); i++) {
            int at = order.get(i % order.size());
            parts.set(at, parts.get(at).add(new BigDecimal("0.01")));
        }
        return parts;
    }
}
