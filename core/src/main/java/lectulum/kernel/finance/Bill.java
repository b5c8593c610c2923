package lectulum.kernel.finance;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/// A product of a bill: bought in whole packs, with its tax to the cent, and how much of that is built in.
///
/// @param wanted built in and lost on the way, in the unit of the pack
/// @param pack   that is sold, > 0
/// @param price  of a pack before tax; of a gift or an own part what one is fairly worth
/// @param tax    part that is added
/// @param bought packs that were bought; empty for as many whole ones as hold what is wanted
public record Bill(BigDecimal wanted, BigDecimal pack, BigDecimal price, BigDecimal tax, Optional<BigDecimal> bought) {
    private static final int DIGITS = 12;

    /// How essential something is; each takes those before it along.
    public enum Tier {
        ESSENTIAL("essential"), COMFORT("comfort"), LUXURY("luxury");

        private final String label;

        Tier(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Where it comes from.
    public enum Cover {
        BUY("bought"), GIFT("a gift"), OWN("was there");

        private final String label;

        Cover(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Packs that were bought, otherwise whole ones.
    public BigDecimal packs() {
        return bought.orElseGet(() -> wanted.divide(pack, 0, RoundingMode.CEILING));
    }

    /// What it comes to, to the cent.
    ///
    /// @param rate what its currency is worth
    public BigDecimal total(BigDecimal rate) {
        return Cents.of(packs().multiply(price).multiply(BigDecimal.ONE.add(tax)).multiply(rate));
    }

    /// The share of that which is built in, with what is lost on the way.
    public BigDecimal used(BigDecimal rate) {
        BigDecimal holds = packs().multiply(pack);
        return holds.signum() == 0
                ? BigDecimal.ZERO
                : Cents.of(total(rate).multiply(wanted.min(holds)).divide(holds, DIGITS, RoundingMode.HALF_UP));
    }
}
