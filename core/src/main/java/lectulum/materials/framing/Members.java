package lectulum.materials.framing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.base.Carcass;
import lectulum.design.wiring.Spot;
import lectulum.space.Body;

/// Members of the shell where they stand, and the edits that move, add and take one away.
public final class Members {
    private static final double MILLIMETRE = 1000;
    private static final double BESIDE = 0.2;

    private Members() {
    }

    /// A member of a face.
    ///
    /// @param index among those of its face
    /// @param at    of its middle along the face, as the face counts \[m\]
    /// @param from  its lower or left end
    /// @param to    its upper or right end
    public record Member(Carcass.Face face, int index, double at, Spot from, Spot to) {
        /// Where it is taken hold of, apart from those of other faces.
        public Spot grip() {
            double part = switch (face) {
                case LEFT, ROOF -> 0.4;
                case RIGHT, FLOOR -> 0.6;
                case FRONT, REAR -> 0.5;
            };
            return new Spot(from.x() + part * (to.x() - from.x()), from.y() + part * (to.y() - from.y()),
                    from.z() + part * (to.z() - from.z()));
        }
    }

    /// All members of a design whose body is closed, face by face.
    public static List<Member> of(Design d) {
        List<Member> all = new ArrayList<>();
        Body body = Body.of(d.base());
        if (body.open()) {
            return all;
        }
        d.base().carcass().framing().forEach((face, f) -> {
            for (int i = 0; i < f.studs().size(); i++) {
                all.add(member(d, body, face, i, f.studs().get(i)));
            }
        });
        return all;
    }

    private static Member member(Design d, Body body, Carcass.Face face, int index, double at) {
        double half = body.halfWidth();
        double x = Math.clamp(at, 0, body.length());
        double roof = body.roofInside().at(x);
        return switch (face) {
            case LEFT -> new Member(face, index, at, new Spot(at, -half, 0), new Spot(at, -half, roof));
            case RIGHT -> new Member(face, index, at, new Spot(at, half, 0), new Spot(at, half, roof));
            case ROOF -> new Member(face, index, at, new Spot(at, -half, roof), new Spot(at, half, roof));
            case FLOOR -> new Member(face, index, at, new Spot(at, -half, 0), new Spot(at, half, 0));
            case FRONT -> {
                double end = NoseLine.of(d.base()).x(at);
                yield new Member(face, index, at, new Spot(end, at, 0), new Spot(end, at, body.roofInside().at(
                        Math.clamp(end, 0.02, Math.max(0.02, body.length() - 0.02)))));
            }
            case REAR -> {
                Optional<HatchRib> rib = HatchRib.of(d, d.base().carcass().framing().get(face).depth());
                if (rib.isPresent()) {
                    double[] hinge = rib.get().line().getFirst();
                    double[] lip = rib.get().line().getLast();
                    yield new Member(face, index, at, new Spot(lip[0], at, lip[1]), new Spot(hinge[0], at, hinge[1]));
                }
                double end = body.length();
                yield new Member(face, index, at, new Spot(end, at, 0), new Spot(end, at, body.roofInside().at(
                        Math.clamp(end, 0.02, Math.max(0.02, body.length() - 0.02)))));
            }
        };
    }

    /// A member moved, to the millimetre.
    public static Edit moved(Member m, double to) {
        return new Edit("Move a member of the " + m.face.label(), d -> with(d, m.face, studs(d, m.face, m.index, to)));
    }

    /// A member moved to where its grip is let go.
    public static Edit moved(Member m, Spot grip) {
        return moved(m, m.face == Carcass.Face.FRONT || m.face == Carcass.Face.REAR ? grip.y() : grip.x());
    }

    private static List<Double> studs(Design d, Carcass.Face face, int index, double to) {
        List<Double> studs = new ArrayList<>(places(d, face));
        if (index < studs.size()) {
            studs.set(index, rounded(to));
        }
        return studs;
    }

    /// One more where it is wanted.
    public static Edit added(Carcass.Face face, double at) {
        return new Edit("One more member of the " + face.label(), d -> {
            List<Double> studs = new ArrayList<>(places(d, face));
            studs.add(rounded(at));
            return with(d, face, studs);
        });
    }

    /// The one next to a place taken away; the design as it is where none stands near.
    public static Edit removed(Carcass.Face face, double at) {
        return new Edit("Without a member of the " + face.label(), d -> nearest(d, face, at).map(i -> {
            List<Double> studs = new ArrayList<>(places(d, face));
            studs.remove((int) i);
            return with(d, face, studs);
        }).orElse(d));
    }

    /// The member of a face that stands next to a place; empty where none is within 0.2 m.
    public static Optional<Integer> nearest(Design d, Carcass.Face face, double at) {
        List<Double> studs = places(d, face);
        int best = -1;
        for (int i = 0; i < studs.size(); i++) {
            if (Math.abs(studs.get(i) - at) < (best < 0 ? BESIDE : Math.abs(studs.get(best) - at))) {
                best = i;
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(best);
    }

    private static List<Double> places(Design d, Carcass.Face face) {
        Carcass.Framing f = d.base().carcass().framing().get(face);
        return f == null ? List.of() : f.studs();
    }

    private static Design with(Design d, Carcass.Face face, List<Double> studs) {
        Carcass.Framing f = d.base().carcass().framing().getOrDefault(face,
                new Carcass.Framing(List.of(), 0.038, 0.038, false));
        return d.with(d.base().withCarcass(d.base().carcass().with(face, Optional.of(f.at(studs)))));
    }

    private static double rounded(double metres) {
        return Math.round(metres * MILLIMETRE) / MILLIMETRE;
    }
}
