package lectulum.design.envelope;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// One side of the cabin, from inside: lining, insulation between its studs, skin.
///
/// @param share part of its area that studs take; empty for what the framing says, or a usual share
@RecordBuilder
public record Wall(Side side, Substance lining,
        @Means(value = "Lining, thick", high = 0.1) double liningThick, Substance insulation,
        @Means(value = "Insulation, thick", high = 0.4) double insulationThick, Substance skin,
        @Means(value = "Skin, thick", high = 0.1) double skinThick, Studs studs,
        @Means(value = "Studs take", of = Quantity.SHARE, high = 0.8) OptionalDouble share, Finish finish)
        implements
            WallBuilder.With {
    public Wall {
        side = side == null ? Side.SIDES : side;
        lining = lining == null ? Substance.NONE : lining;
        insulation = insulation == null ? Substance.NONE : insulation;
        skin = skin == null ? Substance.NONE : skin;
        studs = studs == null ? Studs.TIMBER : studs;
        share = share == null ? OptionalDouble.empty() : share;
        finish = finish == null ? Finish.MID : finish;
    }

    /// Which wall.
    public enum Side {
        ROOF("roof"), SIDES("side walls"), FRONT("front"), REAR("rear"), FLOOR("floor");

        private final String label;

        Side(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// What stands between lining and skin.
    public enum Studs {
        NONE("no studs"), TIMBER("timber"), METAL("metal, touching the skin");

        private final String label;

        Studs(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// How much sun its outside takes up, 0 to 1 (assumed).
    public enum Finish {
        WHITE("white", 0.30), WHITE_DIRTY("white, not washed", 0.40), GREY("light grey", 0.50), MID("red, green, wood",
                0.70),
        DARK("black or dark", 0.90), BARE("bare aluminium", 0.45);

        private final String label;
        private final double absorbs;

        Finish(String label, double absorbs) {
            this.label = label;
            this.absorbs = absorbs;
        }

        public String label() {
            return label;
        }

        public double absorbs() {
            return absorbs;
        }
    }
}
