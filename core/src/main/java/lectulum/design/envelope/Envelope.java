package lectulum.design.envelope;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.design.brief.CamperType;

/// How the cabin is closed in.
///
/// @param walls one for each side that is known; a side that is not is not reckoned
@RecordBuilder
public record Envelope(List<Wall> walls) implements EnvelopeBuilder.With {
    /// Nothing known.
    public static final Envelope NONE = new Envelope(List.of());

    public Envelope {
        List<Wall> once = new ArrayList<>();
        for (Wall w : walls == null ? List.<Wall>of() : walls) {
            once.removeIf(o -> o.side() == w.side());
            once.add(w);
        }
        once.sort(Comparator.comparing(Wall::side));
        walls = List.copyOf(once);
    }

    public Optional<Wall> wall(Wall.Side side) {
        return walls.stream().filter(w -> w.side() == side).findFirst();
    }

    /// With a wall in place of the one of its side.
    public Envelope with(Wall wall) {
        List<Wall> next = new ArrayList<>(walls);
        next.add(wall);
        return new Envelope(next);
    }

    /// The usual build of a kind of camper: ply or thin ply inside, foam between timber, metal or painted ply outside.
    public static Envelope usual(CamperType type) {
        boolean box = type == CamperType.CARGO;
        Substance skin = type == CamperType.TEARDROP ? Substance.PLYWOOD : Substance.ALUMINIUM;
        double thick = type == CamperType.TEARDROP ? 0.005 : 0.0008;
        Wall.Studs studs = box ? Wall.Studs.METAL : Wall.Studs.TIMBER;
        Wall.Finish finish = Wall.Finish.WHITE;
        List<Wall> all = new ArrayList<>();
        for (Wall.Side side : Wall.Side.values()) {
            all.add(switch (side) {
                case FLOOR -> new Wall(side, Substance.PLYWOOD, 0.012, Substance.XPS, 0.020, Substance.PLYWOOD, 0.004,
                        Wall.Studs.TIMBER, OptionalDouble.empty(), Wall.Finish.DARK);
                case ROOF -> new Wall(side, Substance.PLYWOOD, 0.004, Substance.XPS, 0.025, skin, thick, studs,
                        OptionalDouble.empty(), finish);
                case SIDES, FRONT, REAR -> new Wall(side, Substance.PLYWOOD, box ? 0.006 : 0.004, Substance.XPS,
                        box ? 0.025 : 0.020, skin, thick, studs, OptionalDouble.empty(), finish);
            });
        }
        return new Envelope(all);
    }
}
