package lectulum.kernel.finance;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/// What is bought, in whole packs, with tax on each line to the cent: what is spent, what it would cost anew, what is used and what is
/// left, and what each tier adds, packs counted anew for each.
///
/// @param tax     part that is added
/// @param freight and fixed fees of all lines
public record Bill(List<Line> lines, BigDecimal tax, BigDecimal freight) {
    private static final int DIGITS = 12;

    public Bill {
        lines = List.copyOf(lines);
    }

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

    /// A line.
    ///
    /// @param amounts built in for each tier, in the order of the tiers
    /// @param waste   part that is cut off or lost
    /// @param pack    that is sold, > 0
    /// @param price   of a pack before tax; of a gift or an own part what one is fairly worth
    public record Line(String name, List<BigDecimal> amounts, BigDecimal waste, BigDecimal pack, BigDecimal price,
            Cover cover) {
        public Line {
            amounts = List.copyOf(amounts);
        }

        private BigDecimal upTo(Tier tier) {
            BigDecimal sum = BigDecimal.ZERO;
            for (int i = 0; i <= tier.ordinal() && i < amounts.size(); i++) {
                sum = sum.add(amounts.get(i));
            }
            return sum;
        }

        /// With what is lost.
        private BigDecimal wanted(Tier tier) {
            return upTo(tier).multiply(BigDecimal.ONE.add(waste));
        }

        /// Whole packs.
        public BigDecimal packs(Tier tier) {
            return wanted(tier).divide(pack, 0, RoundingMode.CEILING);
        }
    }

    private BigDecimal total(Line l, Tier tier) {
        return Cents.of(l.packs(tier).multiply(l.price).multiply(BigDecimal.ONE.add(tax)));
    }

    private BigDecimal sum(Tier tier, boolean bought) {
        return lines.stream().filter(l -> (l.cover == Cover.BUY) == bought).map(l -> total(l, tier)).reduce(
                BigDecimal.ZERO, BigDecimal::add);
    }

    /// Spent on everything, with freight.
    public BigDecimal cash() {
        return sum(Tier.LUXURY, true).add(freight);
    }

    /// What it would cost where nothing were given or there.
    public BigDecimal replacement() {
        return cash().add(sum(Tier.LUXURY, false));
    }

    /// The share of what is bought that is used, its waste with it; without freight.
    public BigDecimal used() {
        return lines.stream().filter(l -> l.cover == Cover.BUY).map(this::used).reduce(BigDecimal.ZERO,
                BigDecimal::add);
    }

    private BigDecimal used(Line l) {
        BigDecimal bought = l.packs(Tier.LUXURY).multiply(l.pack);
        return bought.signum() == 0
                ? BigDecimal.ZERO
                : Cents.of(total(l, Tier.LUXURY).multiply(l.wanted(Tier.LUXURY)).divide(bought, DIGITS,
                        RoundingMode.HALF_UP));
    }

    /// Bought and not used: with [#used] all that was spent without freight.
    public BigDecimal left() {
        return sum(Tier.LUXURY, true).subtract(used());
    }

    /// Spent on a tier and those before it, without freight.
    public BigDecimal upTo(Tier tier) {
        return sum(tier, true);
    }

    /// What each tier adds.
    public List<BigDecimal> added() {
        List<BigDecimal> all = new ArrayList<>();
        BigDecimal before = BigDecimal.ZERO;
        for (Tier t : Tier.values()) {
            BigDecimal now = upTo(t);
            all.add(now.subtract(before));
            before = now;
        }
        return all;
    }
}
