package lectulum.design.base;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.design.Plausible;
import lectulum.design.Whole;
import lectulum.kernel.beams.Bar;
import lectulum.kernel.beams.Section;
import lectulum.units.Quantity;

/// What the shell is built of and how it opens, as far as holes, mounts and mechanisms need to know.
///
/// @param framing studs, ribs, bows or cross-members of each face that has any
/// @param lift    a top that rises in camp and at night
/// @param hatch   a rear hatch of a profiled body
/// @param skin    sheet the curved roof is bent from
/// @param frame   rails of the trailer frame
/// @param gear    springs, guides and guards of the axle
@RecordBuilder
public record Carcass(@Means("Members by face") Map<Face, Framing> framing, Optional<Lift> lift, Optional<Hatch> hatch,
        Optional<Skin> skin,
        Optional<Frame> frame, Gear gear) implements CarcassBuilder.With {
    /// Nothing known.
    public static final Carcass UNKNOWN = new Carcass(Map.of(), Optional.empty(), Optional.empty(), Optional.empty(),
            Optional.empty(), Gear.UNKNOWN);

    public Carcass {
        Map<Face, Framing> faces = new EnumMap<>(Face.class);
        if (framing != null) {
            faces.putAll(framing);
        }
        faces.values().removeIf(Objects::isNull);
        framing = Collections.unmodifiableMap(faces);
        lift = lift == null ? Optional.empty() : lift;
        hatch = hatch == null ? Optional.empty() : hatch;
        skin = skin == null ? Optional.empty() : skin;
        frame = frame == null ? Optional.empty() : frame;
        gear = gear == null ? Gear.UNKNOWN : gear;
    }

    /// A face of the body.
    public enum Face {
        LEFT("left wall"), RIGHT("right wall"), ROOF("roof"), FLOOR("floor"), FRONT("front wall"), REAR("rear wall");

        private final String label;

        Face(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Members across one face, along the camper (across it for front and rear).
    ///
    /// @param studs  middles from the front of the body, or from the middle for front and rear, ascending \[m\]
    /// @param width  of one, along the face \[m\]
    /// @param depth  of one \[m\]
    /// @param measured whether the places were measured, not reckoned from a pitch
    /// @param plies    sticks on one another in the thickness of the wall
    /// @param noggins  rows of short sticks between studs, evenly up the wall
    /// @param house    openings framed as in houses, with jack studs and headers of two plies
    @Whole("Framing")
    public record Framing(
            @Means(value = "Member", low = -2, high = 14, says = "middles from the front of the body, or from the middle for front and rear") List<Double> studs,
            @Means(value = "Member width", low = 0.005, high = 0.3, says = "along the face") double width,
            @Means(value = "Member depth", low = 0.003, high = 0.4) double depth,
            boolean measured,
            @Means(value = "Plies", of = Quantity.COUNT, high = 4, says = "sticks on one another in the thickness of the wall") int plies,
            @Means(value = "Rows of noggins", of = Quantity.COUNT, high = 6, says = "short sticks between studs, evenly up the wall") int noggins,
            @Means("Openings framed as in houses") boolean house) implements Plausible {
        public Framing {
            plies = plies == 0 ? 1 : plies;
            studs = studs == null ? List.of() : studs.stream().sorted().toList();
        }

        /// Single sticks, no noggins, light framing.
        public Framing(List<Double> studs, double width, double depth, boolean measured) {
            this(studs, width, depth, measured, 1, 0, false);
        }

        /// With its members elsewhere.
        public Framing at(List<Double> places) {
            return new Framing(places, width, depth, measured, plies, noggins, house);
        }

        /// With places that were measured, or reckoned.
        public Framing measured(boolean taken) {
            return new Framing(studs, width, depth, taken, plies, noggins, house);
        }

        /// With so many sticks on one another.
        public Framing plies(int count) {
            return new Framing(studs, width, depth, measured, count, noggins, house);
        }

        /// Openings framed as in houses, or lightly.
        public Framing house(boolean heavy) {
            return new Framing(studs, width, depth, measured, plies, noggins, heavy);
        }

        @Override
        public boolean plausible() {
            return studs.size() <= 200;
        }

        /// Members at an even pitch.
        public static Framing even(double from, double to, double pitch, double width, double depth) {
            List<Double> studs = new java.util.ArrayList<>();
            for (double at = from; at <= to + 1e-9 && studs.size() < 200 && pitch > 0.01; at += pitch) {
                studs.add(Math.round(at * 1e6) / 1e6);
            }
            return new Framing(studs, width, depth, false);
        }
    }

    /// A roof that rises.
    ///
    /// @param rise  \[m\]
    /// @param panel thickness of the folding side panels \[m\]
    /// @param mass  of what rises \[kg\]
    /// @param drag  of its seals \[N\]
    /// @param lifters that share it
    /// @param side  height of the folding side and end panels \[m\]; empty for that of the rise
    @Whole("Lifting top")
    public record Lift(@Means(value = "Rises by", high = 1.5) double rise,
            @Means(value = "Folding panels", high = 0.1, says = "of the folding side panels") double panel,
            @Means(value = "Top weighs", of = Quantity.MASS, high = 400) double mass,
            @Means(value = "Seals drag", of = Quantity.FORCE, high = 2000) double drag,
            @Means(value = "Lifters", of = Quantity.COUNT, low = 1, high = 8) int lifters,
            @Means(value = "Panels are high", low = 0.01, high = 4, says = "null for as high as it rises") OptionalDouble side) {
        public Lift {
            side = side == null ? OptionalDouble.empty() : side;
        }

        /// With panels as high as it rises.
        public Lift(double rise, double panel, double mass, double drag, int lifters) {
            this(rise, panel, mass, drag, lifters, OptionalDouble.empty());
        }

        /// Height of a folding panel \[m\].
        public double panelHeight() {
            return side.orElse(rise);
        }

        /// Layers in which the folded panels lie: a pair lies in one layer where both fit side by side.
        ///
        /// @param width  clear \[m\]
        /// @param length clear \[m\]
        public int layers(double width, double length) {
            return (2 * panelHeight() <= width ? 1 : 2) + (2 * panelHeight() <= length ? 1 : 2);
        }
    }

    /// A hatch hinged on the roof line that carries all of the profile behind it.
    ///
    /// @param hinge behind the front of the body \[m\]
    /// @param open  angle \[rad\]
    /// @param sill  where its lip is, above the floor \[m\]
    @Whole("Hatch")
    public record Hatch(@Means(value = "Hinge behind the front", high = 12) double hinge,
            @Means(value = "Opens to", of = Quantity.ANGLE, low = 0.05, high = 3.1) double open,
            @Means(value = "Its lip above the floor", low = -1, high = 4) double sill) {
        /// A hatch that reaches down to the floor.
        public Hatch(double hinge, double open) {
            this(hinge, open, 0);
        }

        public Hatch hingedAt(double x) {
            return new Hatch(x, open, sill);
        }

        public Hatch opening(double angle) {
            return new Hatch(hinge, angle, sill);
        }
    }

    /// @param sheet  id of a sheet in the table of bending radii
    /// @param across bent across the face grain
    /// @param layers glued on one another
    @Whole("Skin")
    public record Skin(String sheet, boolean across,
            @Means(value = "Layers", of = Quantity.COUNT, low = 1, high = 8, says = "glued on one another") int layers)
            implements
                Plausible {
        @Override
        public boolean plausible() {
            return sheet != null;
        }

    }

    /// The trailer frame as a beam: a tongue of one section, then rails under the body.
    ///
    /// @param tongue  member from the ball to `until`
    /// @param until   where the rails of the body begin, behind the ball \[m\]
    /// @param rails   members under the body
    /// @param hangers half the distance between the spring hangers of one axle \[m\]
    /// @param yield   of the steel \[Pa\]
    @Whole("Frame")
    public record Frame(Member tongue, @Means(value = "Rails begin behind the ball", high = 8) double until,
            Member rails,
            @Means(value = "Hanger from the axle", low = 0.05, high = 1, says = "half the distance between the spring hangers of one axle") double hangers,
            @Means(value = "Yield", of = Quantity.STRESS, low = 5e7, high = 2e9, says = "of the steel") double yield)
            implements
                Plausible {
        @Override
        public boolean plausible() {
            return tongue != null && rails != null;
        }
    }

    /// Bars of one section side by side.
    ///
    /// @param width  \[m\]
    /// @param height \[m\]
    /// @param wall   \[m\]
    @Whole("Section")
    public record Member(@Means(value = "Width", low = 0.01, high = 0.3) double width,
            @Means(value = "Height", low = 0.01, high = 0.4) double height,
            @Means(value = "Wall", high = 0.1, says = "no meaning for solid bars") double wall,
            @Means(value = "Side by side", of = Quantity.COUNT, low = 1, high = 6) int count,
            Bar form) implements Plausible {
        public Member {
            form = form == null ? Bar.TUBE : form;
        }

        @Override
        public boolean plausible() {
            return (!form.hollow() || wall >= 0.0005) && Section.possible(form, width, height, wall);
        }

        /// Rectangular tubes.
        public Member(double width, double height, double wall, int count) {
            this(width, height, wall, count, Bar.TUBE);
        }

        public Member as(Bar bar) {
            return new Member(width, height, wall, count, bar);
        }

        public Member high(double newHeight) {
            return new Member(width, newHeight, wall, count, form);
        }

        public Member wide(double newWidth) {
            return new Member(newWidth, height, wall, count, form);
        }

        public Member thick(double newWall) {
            return new Member(width, height, newWall, count, form);
        }

        public Member beside(int many) {
            return new Member(width, height, wall, many, form);
        }
    }

    public Carcass with(Face face, Optional<Framing> members) {
        Map<Face, Framing> next = new EnumMap<>(Face.class);
        next.putAll(framing);
        members.ifPresentOrElse(m -> next.put(face, m), () -> next.remove(face));
        return withFraming(next);
    }

    public Carcass with(Gear axles) {
        return withGear(axles);
    }
}
