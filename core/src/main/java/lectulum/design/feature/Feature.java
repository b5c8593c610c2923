package lectulum.design.feature;

import java.util.OptionalDouble;
import static lectulum.units.Quantity.ANGLE;
import static lectulum.units.Quantity.COUNT;
import static lectulum.units.Quantity.FORCE;
import static lectulum.units.Quantity.MASS;
import static lectulum.units.Quantity.SHARE;

import lectulum.design.Means;
import lectulum.design.base.Carcass;
import lectulum.design.base.Stuff;
import lectulum.kernel.beams.Bar;
import lectulum.kernel.beams.Held;

/// What a thing is good for or needs besides its box; a new kind fails to compile until every place handles it.
///
/// Faces are those of the thing before it is turned: its length runs from front to rear. Every component says by
/// [Means] what it is called and may be.
public sealed interface Feature permits Feature.Bed, Feature.Seat, Feature.Opening, Feature.Door, Feature.Drawer,
        Feature.Store, Feature.Packed, Feature.Service, Feature.KeepClear, Feature.Worktop, Feature.Step,
        Feature.Sanitary, Feature.Flame, Feature.StandsFor, Feature.Fabric, Feature.Handed, Feature.Timed, Feature.Lid,
        Feature.Rising,
        Feature.Rails, Feature.RollFront, Feature.Leg, Feature.Bearers, Feature.Hung, Feature.Cables, Feature.Hoist,
        Feature.Carried, Feature.FoldOut, Feature.Screwed, Feature.Soils, Electric, Aired, Fuelled,
        Plumbed, Joined {

    /// A side of a thing.
    enum Face {
        FRONT("front"), REAR("rear"), LEFT("left"), RIGHT("right"), TOP("top");

        private final String label;

        Face(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Somebody sleeps on its top.
    ///
    /// @param length  clear, along the lying line \[m\]
    /// @param width   clear \[m\]
    /// @param carries \[kg\]
    record Bed(@Means(value = "Lying length", low = 0.3, high = 3) double length,
            @Means(value = "Lying width", low = 0.2, high = 3) double width,
            @Means(value = "Carries", of = MASS, high = 2000) double carries) implements Feature {
    }

    /// Somebody sits on its top.
    record Seat(@Means(value = "Seats", of = COUNT, low = 1, high = 12) int places) implements Feature {
    }

    /// A hole in the shell that people use or might escape by.
    ///
    /// @param width     clear \[m\]
    /// @param height    clear \[m\]
    /// @param leaf      how it opens
    /// @param angle     it opens to \[rad\]; no meaning for what slides
    /// @param inside    can be opened from inside without key or tool
    /// @param barred    can be fastened from outside so that the inside release fails
    record Opening(@Means(value = "Clear width", low = 0.05, high = 4) double width,
            @Means(value = "Clear height", low = 0.05, high = 4) double height, @Means("Leaf") Leaf leaf,
            @Means(value = "Opens to", of = ANGLE, high = 3.2) double angle,
            @Means("Opens from inside") boolean inside,
            @Means("Can be barred outside") boolean barred) implements Feature {
        public Opening {
            leaf = leaf == null ? Leaf.HINGED_FRONT : leaf;
        }

        /// How an opening's leaf moves.
        public enum Leaf {
            HINGED_FRONT("hinged at its front or left edge"), HINGED_REAR("hinged at its rear or right edge"), TOP_HUNG(
                    "hung at the top"),
            RAMP("folds down"), SLIDING("slides"), FIXED("does not open");

            private final String label;

            Leaf(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }
    }

    /// A door or flap of a piece of furniture that swings about an upright edge.
    ///
    /// @param first  hinged at the edge of the face that is further forward (or further left)
    /// @param angle  it opens to \[rad\]
    /// @param leaves of one width side by side, ≥ 1
    record Door(@Means("Door on its") Face face, @Means("Hinged at the first edge") boolean first,
            @Means(value = "Opens to", of = ANGLE, high = 3.2) double angle,
            @Means(value = "Leaves", of = COUNT, low = 1, high = 12) int leaves) implements Feature {
        public Door {
            face = face == null ? Face.RIGHT : face;
        }
    }

    /// Something that is pulled out.
    ///
    /// @param travel \[m\]
    record Drawer(@Means("Pulled out of its") Face face,
            @Means(value = "Travel", low = 0.02, high = 3) double travel) implements Feature {
        public Drawer {
            face = face == null ? Face.RIGHT : face;
        }
    }

    /// A place to keep gear.
    ///
    /// @param length  inner sides \[m\]
    /// @param carries \[kg\]
    /// @param fill    part of it that can be filled
    record Store(@Means(value = "Inside length", low = 0.02, high = 4) double length,
            @Means(value = "Inside width", low = 0.02, high = 4) double width,
            @Means(value = "Inside height", low = 0.02, high = 4) double height,
            @Means(value = "May hold", of = MASS, high = 2000) double carries,
            @Means(value = "Can be filled", of = SHARE, high = 1) double fill) implements Feature {
    }

    /// Something that is packed.
    ///
    /// @param way    which side is down
    /// @param uses   how often a day it is taken out
    /// @param onRoad wanted at the roadside, without setting up camp
    record Packed(@Means("Packed") WayUp way, @Means(value = "Uses a day", of = COUNT, high = 100) double uses,
            @Means("Wanted on the road") boolean onRoad) implements Feature {
        public Packed {
            way = way == null ? WayUp.UP : way;
        }
    }

    /// Which sides of a packed thing may be down.
    enum WayUp {
        ANY("any way up"), UP("this way up"), FIXED("just so");

        private final String label;

        WayUp(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Has to be got at for repair.
    record Service(@Means("Cover on its") Face face) implements Feature {
        public Service {
            face = face == null ? Face.TOP : face;
        }
    }

    /// Space before a face that nothing may take: cooling, knees, a lid.
    ///
    /// @param depth \[m\]
    record KeepClear(@Means("Free before its") Face face,
            @Means(value = "Free depth", low = 0.01, high = 2) double depth) implements Feature {
        public KeepClear {
            face = face == null ? Face.RIGHT : face;
        }
    }

    /// Something people work or eat at.
    ///
    /// @param standing whether they stand at it
    record Worktop(@Means("Used standing") boolean standing) implements Feature {
    }

    /// Steps before a door.
    record Step(@Means(value = "Treads", of = COUNT, low = 1, high = 6) int treads) implements Feature {
    }

    /// Something that needs room for a body about it.
    record Sanitary(@Means("Used as") Use use) implements Feature {
        public Sanitary {
            use = use == null ? Use.TOILET : use;
        }

        /// What it is used as.
        public enum Use {
            TOILET("toilet"), SHOWER("shower");

            private final String label;

            Use(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }
    }

    /// An allowance for a part of the shell until that part is known.
    ///
    /// @param what it stands for
    record StandsFor(@Means("Stands for") Part what) implements Feature {
        public StandsFor {
            what = what == null ? Part.INSULATION : what;
        }

        /// A part of the shell.
        public enum Part {
            FRAMING("framing"), INSULATION("insulation"), LINING("linings"), FLOOR("the floor"), SKIN("skins"),
            PAINT("paint"), FIXINGS("sealant, glue, screws and trim");

            private final String label;

            Part(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }
    }

    /// Burns or glows: a way out past it may be closed by fire.
    record Flame() implements Feature {
    }

    /// Cloth that soaks up rain: a tent, an awning, a cover.
    ///
    /// @param wet its mass soaked through over its dry mass, 1.3 for tents and awnings is assumed
    record Fabric(@Means(value = "Soaked, times its dry weight", of = COUNT, low = 1, high = 3) double wet)
            implements
                Feature {
    }

    /// Is made for one side: mirrored it has to be bought in the other hand.
    record Handed() implements Feature {
    }

    /// How long it takes to bring it from one mode to the next, where the user knows better than the table.
    ///
    /// @param minutes ≥ 0
    record Timed(@Means(value = "Minutes to change", of = COUNT, high = 600) double minutes) implements Feature {
    }

    /// A lid or hatch held by gas struts; all places from the hinge with the lid shut, x away from the hinge, z up.
    ///
    /// @param mass     of the moving part \[kg\]
    /// @param open     angle \[rad\]
    /// @param bodyX    strut mount on the body \[m\]
    /// @param leafX    strut mount on the lid \[m\]
    /// @param struts   how many
    /// @param force    of one, extended at 20 °C \[N\]
    /// @param ratio    pushed-in over extended force
    /// @param stroke   \[m\]
    /// @param extended eye to eye \[m\]
    record Lid(@Means(value = "Lid weighs", of = MASS, high = 200) double mass,
            @Means(value = "Its centre out", low = -4, high = 4) double centreX,
            @Means(value = "Its centre up", low = -4, high = 4) double centreZ,
            @Means(value = "Handle out", low = -4, high = 4) double handleX,
            @Means(value = "Handle up", low = -4, high = 4) double handleZ,
            @Means(value = "Lid opens to", of = ANGLE, low = 0.05, high = 3.2) double open,
            @Means(value = "Body mount out", low = -4, high = 4) double bodyX,
            @Means(value = "Body mount up", low = -4, high = 4) double bodyZ,
            @Means(value = "Lid mount out", low = -4, high = 4) double leafX,
            @Means(value = "Lid mount up", low = -4, high = 4) double leafZ,
            @Means(value = "Struts", of = COUNT, high = 4) int struts,
            @Means(value = "Strut force", of = FORCE, low = 10, high = 5000) double force,
            @Means(value = "Force ratio", of = COUNT, low = 1.01, high = 3) double ratio,
            @Means(value = "Strut stroke", low = 0.02, high = 1.5) double stroke,
            @Means(value = "Strut extended", low = 0.05, high = 3) double extended) implements Feature {
    }

    /// A bed that rises level on uprights, on two pairs of leaning gas struts. Places along the bed from its front edge,
    /// heights above the floor.
    ///
    /// @param low      height of the ball studs with the bed down \[m\]
    /// @param high     with the bed up \[m\]
    /// @param centre   of gravity \[m\]
    /// @param depth    of its edge between the uprights \[m\]
    /// @param play     of the uprights beyond its length \[m\]
    /// @param locked   pins or ledges hold it up and down
    record Rising(@Means(value = "Studs, bed down", high = 3) double low,
            @Means(value = "Studs, bed up", high = 3) double high, @Means(value = "Centre of mass") double centre,
            @Means(value = "Front body mount", low = -5) double frontX,
            @Means(value = "Front mount height", high = 3) double frontZ,
            @Means(value = "Front bed mount", low = -5) double frontBed,
            @Means(value = "Rear body mount", low = -5) double rearX,
            @Means(value = "Rear mount height", high = 3) double rearZ,
            @Means(value = "Rear bed mount", low = -5) double rearBed,
            @Means(value = "Front strut", of = FORCE, low = 10, high = 5000) double frontForce,
            @Means(value = "Rear strut", of = FORCE, low = 10, high = 5000) double rearForce,
            @Means(value = "Force ratio", of = COUNT, low = 1.01, high = 3) double ratio,
            @Means(value = "Strut stroke", low = 0.02, high = 1.5) double stroke,
            @Means(value = "Strut extended", low = 0.05, high = 3) double extended,
            @Means(value = "Edge depth", low = 0.005, high = 1) double depth,
            @Means(value = "Play in the guides", high = 0.5) double play,
            @Means("Pins or ledges hold it") boolean locked) implements Feature {
    }

    /// The runners of something that is pulled out.
    ///
    /// @param overlap   that stays in when fully out \[m\]
    /// @param rated     evenly spread load they are made for \[kg\]
    /// @param stiffness E·I of both together \[N m²\]
    record Rails(@Means(value = "Overlap left in", low = 0.01, high = 3) double overlap,
            @Means(value = "Rails rated for", of = MASS, low = 1, high = 1000) double rated,
            @Means(value = "Stiffness, N·m²", of = COUNT, low = 1, high = 1e7) double stiffness) implements Feature {
    }

    /// A roll-front of slats in a groove.
    ///
    /// @param slat    width along the track \[m\]
    /// @param thick   \[m\]
    /// @param groove  width \[m\]
    /// @param radius  tightest of the groove, in its middle \[m\]
    /// @param opening it closes \[m\]
    /// @param overlap \[m\]
    /// @param run     straight track it parks in \[m\]
    /// @param exit    straight track at an end whose rail comes off \[m\], 0 for none
    record RollFront(@Means(value = "Slat width", low = 0.004, high = 0.2) double slat,
            @Means(value = "Slat thickness", low = 0.001, high = 0.05) double thick,
            @Means(value = "Groove width", low = 0.002, high = 0.06) double groove,
            @Means(value = "Tightest bend", low = 0.005, high = 2) double radius,
            @Means(value = "Opening", low = 0.05, high = 3) double opening,
            @Means(value = "Overlap", high = 0.5) double overlap,
            @Means(value = "Parks in", high = 3) double run,
            @Means(value = "Straight way out", high = 3) double exit) implements Feature {
    }

    /// A folding leg.
    ///
    /// @param length \[m\]
    /// @param thick  smaller side of its section \[m\]
    /// @param wide   larger side \[m\]
    /// @param load   it carries \[kg\]
    /// @param locked over centre or by a strut, not by a cord
    record Leg(@Means(value = "Leg length", low = 0.05, high = 3) double length,
            @Means(value = "Leg thickness", low = 0.003, high = 0.2) double thick,
            @Means(value = "Leg width", low = 0.003, high = 0.2) double wide, @Means("Leg made of") Stuff stuff,
            @Means(value = "Leg carries", of = MASS, high = 1000) double load,
            @Means("Leg locks") boolean locked) implements Feature {
        public Leg {
            stuff = stuff == null ? Stuff.SOFTWOOD : stuff;
        }
    }

    /// Bars or boards that carry: slats of a bed, a shelf, bars of a rack.
    ///
    /// @param count side by side, that share the load
    /// @param span  \[m\]
    /// @param width of one \[m\]
    /// @param thick of one, upright \[m\]
    /// @param even  spread load on all \[kg\]
    /// @param point load in one place, on two neighbours \[kg\]
    /// @param at    of it from one end, part of the span
    /// @param sag   that is allowed: span over this
    /// @param form  of their section
    /// @param wall  of it, where it is not solid \[m\]
    /// @param held  how their ends are held; an arm is as long as the span
    record Bearers(@Means(value = "Bars", of = COUNT, low = 1, high = 60) int count,
            @Means(value = "Span", low = 0.1, high = 4) double span,
            @Means(value = "Bar width", low = 0.002, high = 2) double width,
            @Means(value = "Bar thickness", low = 0.002, high = 0.3) double thick, @Means("Bars made of") Stuff stuff,
            @Means(value = "Spread load", of = MASS, high = 2000) double even,
            @Means(value = "Load in one place", of = MASS, high = 1000) double point,
            @Means(value = "Its place on the span", of = SHARE, high = 1) double at,
            @Means(value = "Sags no more than span over", of = COUNT, low = 50, high = 1000) double sag,
            @Means("Their section") Bar form, @Means(value = "Wall of the section", high = 0.02) double wall,
            @Means("Their ends") Held held) implements Feature {
        public Bearers {
            stuff = stuff == null ? Stuff.SOFTWOOD : stuff;
            form = form == null ? Bar.SOLID : form;
            held = held == null ? Held.RESTS : held;
        }

        /// So many bars so thick.
        public Bearers sized(int bars, double newThick) {
            return new Bearers(bars, span, width, newThick, stuff, even, point, at, sag, form, wall, held);
        }

        /// Solid bars that rest on both ends.
        public Bearers(int count, double span, double width, double thick, Stuff stuff, double even, double point,
                double at, double sag) {
            this(count, span, width, thick, stuff, even, point, at, sag, Bar.SOLID, 0, Held.RESTS);
        }
    }

    /// Hangs on a wall by two rows of fixings.
    ///
    /// @param off   centre of mass off the wall \[m\]
    /// @param rows  between them \[m\]
    /// @param top   fixings in the upper row
    /// @param all   fixings
    /// @param pull  allowed on one \[N\]
    /// @param shear allowed on one \[N\]
    record Hung(@Means(value = "Mass off the wall", high = 1) double off,
            @Means(value = "Rows apart", low = 0.02, high = 3) double rows,
            @Means(value = "Fixings above", of = COUNT, low = 1, high = 30) int top,
            @Means(value = "Fixings in all", of = COUNT, low = 1, high = 60) int all,
            @Means(value = "One holds, pulled", of = FORCE, low = 1, high = 20000) double pull,
            @Means(value = "One holds, sheared", of = FORCE, low = 1, high = 20000) double shear) implements Feature {
    }

    /// Hangs on cables or straps.
    ///
    /// @param lines    that share the load
    /// @param angle    above the level \[rad\]
    /// @param strength of one, at which it breaks \[N\]
    record Cables(@Means(value = "Cables", of = COUNT, low = 1, high = 12) int lines,
            @Means(value = "Above the level", of = ANGLE, low = 0.02, high = 1.5708) double angle,
            @Means(value = "One breaks at", of = FORCE, low = 10, high = 200000) double strength) implements Feature {
    }

    /// Is lifted by a winch.
    ///
    /// @param lines   that carry
    /// @param sheaves each runs over
    /// @param drum    radius \[m\]
    /// @param crank   radius \[m\]
    /// @param gear    turns of the crank for one of the drum
    /// @param holds   by itself: self-locking or braked
    record Hoist(@Means(value = "Lines", of = COUNT, low = 1, high = 12) int lines,
            @Means(value = "Sheaves on each", of = COUNT, high = 12) int sheaves,
            @Means(value = "Drum radius", low = 0.005, high = 0.5) double drum,
            @Means(value = "Crank radius", low = 0.02, high = 1) double crank,
            @Means(value = "Gear", of = COUNT, low = 0.1, high = 200) double gear,
            @Means("Holds by itself") boolean holds) implements Feature {
    }

    /// Rolls aboard over a ramp and is tied down.
    ///
    /// @param ramp      length \[m\]
    /// @param wheelbase \[m\]
    /// @param belly     clearance below it \[m\]
    /// @param ahead     end of its roof ahead of the front axle \[m\]
    /// @param back      end of its roof behind the front axle \[m\]
    /// @param friction  of what stands still on the floor; 0 for what rolls
    /// @param straps    that hold it forwards
    /// @param steep     of a strap above the floor \[rad\]
    /// @param aside     of a strap from straight ahead \[rad\]
    /// @param ring      what a ring is rated for \[N\]
    /// @param strap     what a strap is rated for \[N\]; empty where that is not known
    /// @param rearwards straps that hold it rearwards; empty for as many as forwards
    /// @param overhang  its foremost low point ahead of the front axle \[m\]; 0 for none
    /// @param chin      clearance below that point \[m\]
    record Carried(@Means(value = "Ramp length", low = 0.2, high = 6) double ramp,
            @Means(value = "Wheelbase", low = 0.1, high = 4) double wheelbase,
            @Means(value = "Belly clearance", high = 1) double belly,
            @Means(value = "Roof ahead of axle", low = -2, high = 3) double ahead,
            @Means(value = "Roof behind axle", low = -2, high = 5) double back,
            @Means(value = "Friction", of = COUNT, high = 1) double friction,
            @Means(value = "Straps forwards", of = COUNT, low = 1, high = 12) int straps,
            @Means(value = "Strap above floor", of = ANGLE, high = 1.5) double steep,
            @Means(value = "Strap aside", of = ANGLE, high = 1.5) double aside,
            @Means(value = "Ring rated for", of = FORCE, low = 10, high = 200000) double ring,
            @Means(value = "Strap rated for", of = FORCE, low = 10, high = 200000, says = "empty where that is not known") OptionalDouble strap,
            @Means(value = "Straps rearwards", of = COUNT, low = 1, high = 12, says = "empty for as many as forwards") OptionalDouble rearwards,
            @Means(value = "Nose ahead of the axle", high = 2) double overhang,
            @Means(value = "Clearance below its nose", high = 2) double chin) implements Feature {
        public Carried {
            strap = strap == null ? OptionalDouble.empty() : strap;
            rearwards = rearwards == null ? OptionalDouble.empty() : rearwards;
        }

        /// With as many straps rearwards, straps of unknown rating, and nothing ahead of its front axle.
        public Carried(double ramp, double wheelbase, double belly, double ahead, double back, double friction,
                int straps, double steep, double aside, double ring) {
            this(ramp, wheelbase, belly, ahead, back, friction, straps, steep, aside, ring, OptionalDouble.empty(),
                    OptionalDouble.empty(), 0, 0);
        }

        /// Over another ramp, with other straps forwards.
        public Carried over(double longer, int forwards) {
            return new Carried(longer, wheelbase, belly, ahead, back, friction, forwards, steep, aside, ring, strap,
                    rearwards, overhang, chin);
        }

        /// With straps that pull so far to the side.
        public Carried setAside(double angle) {
            return new Carried(ramp, wheelbase, belly, ahead, back, friction, straps, steep, angle, ring, strap,
                    rearwards, overhang, chin);
        }

        /// With so many straps rearwards.
        public Carried heldBack(int by) {
            return new Carried(ramp, wheelbase, belly, ahead, back, friction, straps, steep, aside, ring, strap,
                    OptionalDouble.of(by), overhang, chin);
        }

        /// What the weaker of strap and ring is rated for \[N\].
        public double weakest() {
            return Math.min(strap.orElse(ring), ring);
        }

        /// Straps that hold it rearwards.
        public int backStraps() {
            return rearwards.isPresent() ? (int) Math.round(rearwards.getAsDouble()) : straps;
        }
    }

    /// Folds out beside the camper in camp: an awning, a tent on the rack, a kitchen.
    ///
    /// @param out    \[m\]
    /// @param drop   of its outer edge below the inner one \[m\]
    /// @param pole   longest pole \[m\], 0 where it needs none
    /// @param ladder foot of a ladder stands out that far \[m\], 0 for none
    /// @param shortest its poles pushed together \[m\], 0 for not known
    record FoldOut(@Means("Folds out of its") Face face, @Means(value = "Reaches out", low = 0.05) double out,
            @Means(value = "Outer edge lower by", high = 2) double drop,
            @Means(value = "Longest pole", high = 4) double pole,
            @Means(value = "Ladder stands out", high = 3) double ladder,
            @Means(value = "Poles pushed together", high = 4) double shortest) implements Feature {
        public FoldOut {
            face = face == null ? Face.RIGHT : face;
        }

        /// With its outer edge and a ladder elsewhere.
        public FoldOut set(double newDrop, double newLadder) {
            return new FoldOut(face, out, newDrop, pole, newLadder, shortest);
        }

        /// Poles of which the shortest length is not known.
        public FoldOut(Face face, double out, double drop, double pole, double ladder) {
            this(face, out, drop, pole, ladder, 0);
        }
    }

    /// Is screwed to the shell by a row of holes along it, evenly apart: a rack foot, a strut mount, a cupboard, a bunk.
    ///
    /// @param holes of one row
    /// @param apart the first and the last \[m\]
    record Screwed(@Means("Screwed to the") Carcass.Face to,
            @Means(value = "Holes in a row", of = COUNT, low = 1, high = 24) int holes,
            @Means(value = "First to last hole") double apart) implements Feature {
        public Screwed {
            to = to == null ? Carcass.Face.LEFT : to;
        }

        /// Places of the holes from the middle of the row \[m\].
        public double[] row() {
            double[] at = new double[Math.max(0, holes)];
            for (int i = 0; i < at.length; i++) {
                at[i] = holes == 1 ? 0 : apart * ((double) i / (holes - 1) - 0.5);
            }
            return at;
        }
    }

    /// Comes back from its use in a state that nothing to eat, to drink or to sleep in should meet.
    ///
    /// @param closed whether it is kept in a box or bag of its own that shuts tight
    record Soils(@Means("Comes back") Soil soil, @Means("In a box that shuts") boolean closed) implements Feature {
        public Soils {
            soil = soil == null ? Soil.WET : soil;
        }

        /// What it brings along.
        public enum Soil {
            WET("wet or muddy"), FOUL("with waste water on it"), FUMES("smelling of fuel");

            private final String label;

            Soil(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }
    }
}
