package lectulum.brief.draft;

import java.util.EnumMap;
import java.util.Map;
import lectulum.assumed.Table;
import lectulum.design.brief.CamperType;
import lectulum.units.Units;
import org.apache.commons.csv.CSVRecord;

/// A kind of camper that a brief may lead to.
public enum Concept {
    TEARDROP(CamperType.TEARDROP), TENT_BOX(CamperType.OVERLAND), CARGO_BOX(CamperType.CARGO),
    LOW_TRAY(CamperType.OVERLAND), LIFTING_ROOF(CamperType.CARGO), FULL_HEIGHT(CamperType.CARGO),
    BOUGHT_USED(CamperType.CARGO);

    private final CamperType type;

    Concept(CamperType type) {
        this.type = type;
    }

    public CamperType type() {
        return type;
    }

    public String label() {
        return figures().label;
    }

    /// Whom it suits, in a sentence.
    public String whom() {
        return figures().whom;
    }

    Figures figures() {
        return Rows.ALL.get(this);
    }

    /// What its body weighs, costs and takes.
    ///
    /// @param wall       thickness \[m\]
    /// @param skinMass   of a square metre of walls, roof and floor \[kg/m²\]
    /// @param skinHours  own time for a square metre \[s/m²\]
    /// @param frameMass  of a metre of frame and tongue \[kg/m\]
    /// @param frameHours own time for the rolling frame \[s\]
    /// @param extra      money for what only this concept has
    record Figures(String label, String whom, double wall, double floor, double roof, double skinMass,
            double skinMoney, double skinHours, double frameMass, double frameMoney, double frameHours, double extra) {
    }

    private static final class Rows {
        private static final Map<Concept, Figures> ALL = read();

        private static Map<Concept, Figures> read() {
            Map<Concept, Figures> rows = new EnumMap<>(Concept.class);
            for (CSVRecord r : Table.rows("concepts")) {
                rows.put(Concept.valueOf(r.get("concept")), new Figures(r.get("label"), r.get("whom"),
                        Table.number(r, "wall_mm") / 1000, Table.number(r, "floor_mm") / 1000,
                        Table.number(r, "roof_mm") / 1000, Table.number(r, "skin_kg_m2"),
                        Table.number(r, "skin_money_m2"), Table.number(r, "skin_hours_m2") * Units.HOUR,
                        Table.number(r, "frame_kg_m"), Table.number(r, "frame_money_m"),
                        Table.number(r, "frame_hours") * Units.HOUR, Table.number(r, "extra_money")));
            }
            return rows;
        }
    }
}
