package lectulum.assumed;

import java.util.List;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.brief.TongueSchool;

/// What a region starts with: school of the tongue share, when brakes are needed, and speed. All assumed, all editable;
/// to be confirmed with the authority.
///
/// @param brake mass above which a trailer needs brakes \[kg\]
/// @param share part of the vehicle's mass above which it needs them; 0 for none
/// @param speed with a trailer \[m/s\]
public record Region(String label, TongueSchool school, double brake, double share, double speed) {
    private static final List<Region> TABLE = Table.rows("regions").stream()
            .map(row -> new Region(row.get("label"), TongueSchool.valueOf(row.get("school")),
                    Table.number(row, "brake_kg"), Table.number(row, "brake_share"),
                    Table.number(row, "speed_kmh") / 3.6))
            .toList();
    private static final String OWN = "own values";

    /// The shipped regions, and after them what the design has where that is none of them.
    public static List<Region> choices(Design design) {
        Region now = of(design);
        return TABLE.contains(now) ? TABLE : Stream.concat(TABLE.stream(), Stream.of(now)).toList();
    }

    /// The region whose values the design has; its own values else.
    public static Region of(Design design) {
        Region own = new Region(OWN, design.brief().school(), Assumed.value(design, Assumption.BRAKE_LAW),
                Assumed.value(design, Assumption.BRAKE_SHARE), Assumed.value(design, Assumption.ROAD_SPEED));
        return TABLE.stream().filter(r -> r.school == own.school && r.brake == own.brake && r.share == own.share
                && r.speed == own.speed).findFirst().orElse(own);
    }

    /// The design with the starts of this region.
    public Design in(Design design) {
        if (label.equals(OWN)) {
            return design;
        }
        Design d = design.with(design.settings().with(Assumption.BRAKE_LAW.id(), brake)
                .with(Assumption.BRAKE_SHARE.id(), share).with(Assumption.ROAD_SPEED.id(),
                        speed));
        return d.with(d.brief().with(school));
    }
}
