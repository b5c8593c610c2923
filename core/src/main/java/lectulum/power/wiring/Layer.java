package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Part;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.kernel.electric.Ways;

/// Lays wires: finds their ways along the raceways of a design and how long they are cut.
///
/// Where there is no way, a wire is taken to be half as long again as along the walls. Devices that stand close to one
/// another are joined directly.
final class Layer {
    private static final double NO_WAY = 1.5;
    /// So close are joined directly \[m\].
    static final double CLOSE = 1.5;

    private final Ways ways;
    private final Map<String, Raceway> raceways = new HashMap<>();
    private final double slack;
    private final double panel;
    private final double device;

    Layer(Design d) {
        List<Ways.Piece> pieces = new ArrayList<>();
        for (Raceway r : d.wiring().raceways()) {
            if (raceways.putIfAbsent(r.id(), r) == null) {
                pieces.add(new Ways.Piece(r.id(), at(r.from()), at(r.to()), r.part().name(), r.loop()));
            }
        }
        this.ways = new Ways(pieces);
        this.slack = Assumed.value(d, Assumption.WIRE_SLACK);
        this.panel = Assumed.value(d, Assumption.WIRE_TAIL_PANEL);
        this.device = Assumed.value(d, Assumption.WIRE_TAIL_DEVICE);
    }

    /// One end of a wire.
    record Place(String id, Spot spot, Part part) {
        static Place of(Thing t) {
            return new Place(t.id(), Groups.spot(t), t.feature(Electric.Rides.class).map(Electric.Rides::on)
                    .orElse(Part.BODY));
        }
    }

    private static Ways.At at(Spot s) {
        return new Ways.At(s.x(), s.y(), s.z());
    }

    Optional<Raceway> raceway(String id) {
        return Optional.ofNullable(raceways.get(id));
    }

    /// Wires from places to places, each as it is cut.
    ///
    /// @param direct places no farther apart are joined without a raceway where that is shorter \[m\]
    List<Run.Leg> legs(List<Place> from, List<Place> to, List<Double> direct, List<Double> amps) {
        List<Optional<Ways.Way>> found = ways.all(from.stream().map(Layer::terminal).toList(),
                to.stream().map(Layer::terminal).toList());
        List<Run.Leg> legs = new ArrayList<>();
        for (int i = 0; i < from.size(); i++) {
            legs.add(leg(from.get(i), to.get(i), found.get(i), direct.get(i), amps.get(i)));
        }
        return legs;
    }

    private static Ways.Terminal terminal(Place p) {
        return new Ways.Terminal(at(p.spot), p.part.name());
    }

    private Run.Leg leg(Place from, Place to, Optional<Ways.Way> way, double direct, double amps) {
        double walls = from.spot.alongWalls(to.spot);
        if (from.part == to.part && walls <= direct && way.map(w -> w.length() >= walls).orElse(true)) {
            return new Run.Leg(to.id, true, walls, cut(walls), List.of(from.spot, to.spot), List.of(), amps);
        }
        return way.map(w -> new Run.Leg(to.id, true, w.length(), cut(w.length()),
                w.points().stream().map(p -> new Spot(p.x(), p.y(), p.z())).toList(), w.along(), amps))
                .orElseGet(() -> new Run.Leg(to.id, false, NO_WAY * walls, cut(NO_WAY * walls),
                        List.of(from.spot, to.spot), List.of(), amps));
    }

    /// As it is cut \[m\].
    double cut(double route) {
        return route * (1 + slack) + panel + device;
    }
}
