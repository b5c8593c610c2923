package lectulum.layout.outside;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.RigPicture;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Fuelled;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.standing.Ground;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.Faces;
import lectulum.space.Solid;
import lectulum.symbols.Unfolded;
import lectulum.symbols.Sketched;
import lectulum.symbols.Figure;
import lectulum.symbols.Facing;
import lectulum.design.thing.SystemGroup;
import lectulum.design.brief.Kept;
import lectulum.design.brief.Person;
import lectulum.units.Quantity;

/// Around the camper: widest, highest and longest, where it is kept, and what folds out in camp.
public final class OutsideStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("outside", "Outside", Stage.LAYOUT,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.VEHICLE, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.SETTINGS), in.of(Bodies.DISCIPLINE)))
            .checking(OutsideRules.class, OutsideRemedies::of);

    /// How far a sliding leaf stands off the wall \[m\] (assumed).
    private static final double SLIDES_OUT = 0.08;

    private OutsideStudies() {
    }

    public static List<Study> of(Design design, Bodies bodies) {
        List<Study> studies = new ArrayList<>();
        studies.add(extents(design, bodies.road()));
        for (Thing t : design.things()) {
            t.feature(Feature.FoldOut.class).filter(f -> t.mount() != Mount.SPREAD)
                    .ifPresent(f -> studies.add(foldOut(design, bodies.in(Mode.CAMP), t, f)));
        }
        return studies;
    }

    private static List<Solid> outside(Design design, Mode mode) {
        return design.things().stream().filter(t -> t.mount() == Mount.OUTSIDE && !t.at(mode).away())
                .map(t -> Solid.of(t.size(), t.at(mode))).toList();
    }

    private static Study extents(Design design, Body body) {
        Study.Notebook book = new Study.Notebook("outside", Stage.LAYOUT, "Over all", "");
        Extent e = Extent.of(design, body);
        double width = e.width();
        double top = e.height();
        String source = "largest of body, wheels and things outside, on the road";
        double length = e.length();
        book.figure("outside.width", "Width", width, Quantity.LENGTH, "2 × the farthest side",
                Sentence.of("body {0}", Amount.m(2 * body.halfWidth())), source);
        book.figure("outside.length", "Length with tongue", length, Quantity.LENGTH, "rear − front",
                Sentence.of("from {0} to {1} behind the ball", Amount.m(e.front()), Amount.m(e.rear())), source);
        book.figure("outside.height", "Height", top, Quantity.LENGTH, "highest above the ground",
                Sentence.of("body {0}", Amount.m(body.heightAboveGround())), source);
        double wide = Assumed.value(design, Assumption.LIMIT_WIDTH);
        double high = Assumed.value(design, Assumption.LIMIT_HEIGHT);
        if (width > wide) {
            book.say(OutsideRules.OUT_LIMIT_WIDTH, Severity.WARN, Sentence.of("It is wider than the road allows"),
                    Sentence.of("{0}; your limit is {1}.", Amount.m(width), Amount.m(wide)));
        }
        if (top > high) {
            book.say(OutsideRules.OUT_LIMIT_HEIGHT, Severity.WARN, Sentence.of("It is higher than the road allows"),
                    Sentence.of("{0}; your limit is {1}.", Amount.m(top), Amount.m(high)));
        }
        kept(design.brief().kept(), e, book);
        return book.caution("Check width, height, overhang and lamp rules where you drive.").done();
    }

    /// Where it is kept and what it passes on the way, as the brief says.
    private static void kept(Kept kept, Extent e, Study.Notebook book) {
        double stands = e.stands();
        if (kept.height().isPresent()) {
            double high = kept.height().getAsDouble();
            book.figure("outside.garage", "Free above it where it is kept", high - stands, Quantity.LENGTH,
                    "clear height − height on unloaded springs",
                    Sentence.of("{0} − {1}", Amount.m(high), Amount.m(stands)), "sum");
            if (e.overDoor(high) > 0) {
                book.say(OutsideRules.OUT_LIMIT_GARAGE, Severity.WARN, Sentence.of("It does not fit where it is kept"),
                        Sentence.of("Unloaded it stands {0} high; the brief has a door of {1}, and {2} is wanted free.",
                                Amount.m(stands), Amount.m(high), Amount.m(Extent.FREE)));
            }
        }
        kept.length().ifPresent(deep -> {
            if (e.length() > deep) {
                book.say(OutsideRules.OUT_LIMIT_DEEP, Severity.WARN,
                        Sentence.of("It is too long for where it is kept"),
                        Sentence.of("{0} with the tongue; the brief has a place of {1}.", Amount.m(e.length()),
                                Amount.m(deep)));
            }
        });
        kept.width().ifPresent(wide -> {
            if (e.besideDoor(wide) > 0) {
                book.say(OutsideRules.OUT_LIMIT_DOOR, Severity.WARN,
                        Sentence.of("It is too wide for where it is kept"),
                        Sentence.of("{0} wide; the brief has a door of {1}, and {2} is wanted free on each side.",
                                Amount.m(e.width()), Amount.m(wide), Amount.m(Extent.FREE)));
            }
        });
        kept.branch().ifPresent(low -> {
            if (e.height() > low) {
                book.say(OutsideRules.OUT_LIMIT_BRANCH, Severity.WARN,
                        Sentence.of("It does not pass the lowest branch"),
                        Sentence.of("{0} high; the brief has a branch or an arch at {1} on the usual way.",
                                Amount.m(e.height()), Amount.m(low)));
            }
        });
    }

    /// Ground plan of what is folded out: the strip beside the thing \[x1, y1, x2, y2\], body coordinates.
    public static double[] footprint(Solid s, Feature.FoldOut f) {
        return Unfolded.strip(s, f);
    }

    /// Height above the ground that a ladder leads to \[m\]: the floor of what somebody sleeps in, the upper side of anything
    /// else.
    public static double ladderTop(Design design, Thing t) {
        Solid s = Solid.of(t.size(), t.at(Mode.CAMP));
        return design.base().floorHeight() + (t.has(Feature.Bed.class) ? s.z1() : s.z2());
    }

    private static double[][] flipped(double[][] points) {
        double[][] out = new double[points.length][];
        for (int i = 0; i < points.length; i++) {
            out[i] = new double[]{points[i][0], -points[i][1]};
        }
        return out;
    }

    private static Study foldOut(Design design, Body body, Thing t, Feature.FoldOut f) {
        Study.Notebook book = new Study.Notebook("foldOut." + t.id(), Stage.LAYOUT, t.name() + ", folded out",
                t.id());
        Solid s = Solid.of(t.size(), t.at(Mode.CAMP));
        double[] place = footprint(s, f);
        double rail = design.base().floorHeight() + s.z2();
        double edge = rail - f.drop();
        String id = "outside." + t.id() + ".";
        double pitch = Math.atan2(f.drop(), f.out());
        book.figure(id + "edge", "Outer edge above the ground", edge, Quantity.LENGTH, "rail − drop",
                Sentence.of("{0} − {1}", Amount.m(rail), Amount.m(f.drop())), "sum");
        if (f.pole() > 0) {
            book.figure(id + "pitch", "Pitch", pitch, Quantity.ANGLE, "atan(drop/out)",
                    Sentence.of("{0} over {1}", Amount.m(f.drop()), Amount.m(f.out())), "plane geometry");
            poles(design, t, f, place, edge, book);
            shade(t, f, place, book);
            if (pitch < Assumed.value(design, Assumption.AWNING_PITCH) - 1e-9) {
                book.say(OutsideRules.OUT_PITCH, Subject.thing(t.id()), Severity.NOTE,
                        Sentence.of("Rain stands on {0}", t.name()),
                        Sentence.of("It falls {0}; {1} sheds rain. Drop its edge by {2}.",
                                new Amount(pitch, Quantity.ANGLE),
                                new Amount(Assumed.value(design, Assumption.AWNING_PITCH), Quantity.ANGLE),
                                Amount.m(f.out() * Math.tan(Assumed.value(design, Assumption.AWNING_PITCH)))));
            }
        }
        if (f.ladder() > 0) {
            double up = ladderTop(design, t);
            double steep = Math.atan2(up, f.ladder());
            book.figure(id + "ladder", "Ladder", steep, Quantity.ANGLE, "atan(height/foot)",
                    Sentence.of("{0} up, foot {1} out", Amount.m(up), Amount.m(f.ladder())), "plane geometry");
            double low = Assumed.value(design, Assumption.LADDER_LOW);
            double high = Assumed.value(design, Assumption.LADDER_HIGH);
            if (steep < low || steep > high) {
                book.say(OutsideRules.OUT_LADDER, Subject.thing(t.id()), Severity.NOTE,
                        Sentence.of("The ladder of {0} stands too {1}", t.name(), steep < low ? "flat" : "steep"),
                        Sentence.of("{0}; between {1} and {2} it neither slides nor tips. Its foot belongs {3} out.",
                                new Amount(steep, Quantity.ANGLE), new Amount(low, Quantity.ANGLE),
                                new Amount(high, Quantity.ANGLE),
                                Amount.m(up / Math.tan((low + high) / 2))));
            }
        }
        doors(design, body, t, f, place, rail, book);
        if (f.pole() > 0 || t.has(Feature.Bed.class) || t.has(Feature.Fabric.class)) {
            fires(design, body, t, place, book);
        }
        return book.sketch(picture(design, body, t, f, place)).caution(f.pole() > 0
                ? "Stow it in wind and when nobody is there. Guy each outer corner to a stake, and leave no pool of rain"
                        + " in it."
                : "Stow it in wind and when nobody is there.")
                .done();
    }

    /// What burns beside the camper, under the cloth or near to it.
    private static void fires(Design design, Body body, Thing cloth, double[] place, Study.Notebook book) {
        double least = Assumed.value(design, Assumption.AWNING_STOVE);
        for (Thing t : design.things()) {
            if (!t.has(Feature.Flame.class) && !t.has(Fuelled.Burner.class) || t.at(Mode.CAMP).away()) {
                continue;
            }
            Solid s = Solid.of(t.sizeIn(Mode.CAMP), t.at(Mode.CAMP));
            double away = apart(s, place);
            if (!beside(body, s) || away > least - 1e-6) {
                continue;
            }
            book.say(OutsideRules.OUT_FIRE, Subject.pair(t.id(), cloth.id()), Severity.WARN,
                    away > 0
                            ? Sentence.of("{0} burns {1} from {2}", t.name(), Amount.m(away), cloth.name())
                            : Sentence.of("{0} burns under {1}", t.name(), cloth.name()),
                    Sentence.of("Cloth nearer than {0} to a fire catches sparks and heat, and holds its fumes.",
                            Amount.m(least)),
                    List.of(t.id(), cloth.id()));
        }
    }

    /// Whether it stands beside the body, not in it.
    private static boolean beside(Body body, Solid s) {
        return s.x() < 0 || s.x() > body.length() || Math.abs(s.y()) > body.halfWidthOutside(s.x());
    }

    /// From a thing to a strip on the ground, in plan \[m\]; 0 where they share a place.
    static double apart(Solid s, double[] place) {
        return Math.hypot(Math.max(0, Math.max(place[0] - s.maxX(), s.minX() - place[2])),
                Math.max(0, Math.max(place[1] - s.maxY(), s.minY() - place[3])));
    }

    /// From behind where it folds out to a side, else from above: with somebody beside it.
    private static Sketch picture(Design design, Body body, Thing t, Feature.FoldOut f, double[] place) {
        boolean side = f.face() != Feature.Face.FRONT && f.face() != Feature.Face.REAR;
        Facing facing = side ? Facing.BEHIND : Facing.SIDE;
        Sketch.Board board = new Sketch.Board(side ? "From behind, in camp" : "From the left, in camp");
        double ground = design.base().floorHeight();
        double from = side ? place[1] : place[0];
        double to = side ? place[3] : place[2];
        double reach = Math.max(body.halfWidth(), Math.max(Math.abs(from), Math.abs(to))) + 0.8;
        RigPicture rig = new RigPicture(design, body, board, Mode.CAMP);
        if (side) {
            board.line(Sketch.Pen.SOLID, -reach, -ground, reach, -ground);
            rig.trailerFromBehind(p -> new double[]{p[0], p[1] - ground});
        } else {
            board.line(Sketch.Pen.SOLID, Math.min(0, from) - 0.8, -ground, Math.max(body.length(), to) + 0.8, -ground);
            rig.trailerFromTheSide(p -> new double[]{p[0] - design.base().tongueLength(), p[1] - ground}, true);
        }
        Unfolded.of(t, Mode.CAMP, ground)
                .ifPresent(form -> Sketched.put(board, form.seen(facing, 0), t.system(), p -> p));
        double tall = design.brief().people().stream().mapToDouble(Person::height).max().orElse(1.75);
        double beside = f.face() == Feature.Face.LEFT || f.face() == Feature.Face.FRONT ? from + 0.5 : to - 0.5;
        Sketched.put(board, Figure.standing(tall).seen(facing, 0), SystemGroup.CARGO,
                p -> new double[]{p[0] + beside, p[1] - ground});
        double edge = Solid.of(t.size(), t.at(Mode.CAMP)).z2() - f.drop();
        double outer = f.face() == Feature.Face.LEFT || f.face() == Feature.Face.FRONT ? from : to;
        board.dimension(outer, -ground, outer, edge, Sentence.of("{0}", Amount.m(edge + ground)));
        board.dimension(from, -ground - 0.15, to, -ground - 0.15, Sentence.of("{0}", Amount.m(to - from)));
        board.name((from + to) / 2, edge + 0.25, Sentence.of(t.name()));
        if (f.ladder() > 0) {
            double foot = outer + Math.signum(outer) * f.ladder();
            board.dimension(outer, -ground - 0.3, foot, -ground - 0.3, Sentence.of("{0}", Amount.m(f.ladder())));
        }
        return board.done();
    }

    /// Poles at the outer corners, on ground that slopes as it was typed for the site.
    private static void poles(Design design, Thing t, Feature.FoldOut f, double[] place, double edge,
            Study.Notebook book) {
        Ground ground = new Ground(Assumed.value(design, Assumption.SITE_PITCH),
                Assumed.value(design, Assumption.SITE_ROLL),
                design.base().axle().x(), design.base().axle().track());
        double[] first = corner(f, place, true);
        double[] second = corner(f, place, false);
        double one = edge - ground.height(first[0], first[1]);
        double other = edge - ground.height(second[0], second[1]);
        double longest = Math.max(one, other);
        double shortest = Math.min(one, other);
        String id = "outside." + t.id() + ".";
        Sentence how = Sentence.of("outer edge {0}; the ground is nose up by {1}, right side down by {2}",
                Amount.m(edge), new Amount(ground.pitch(), Quantity.ANGLE), new Amount(ground.roll(), Quantity.ANGLE));
        book.figure(id + "pole", "Longest pole it asks for", longest, Quantity.LENGTH, "edge − ground at the corner",
                how, "plane ground, the camper levelled on it");
        book.figure(id + "poleShort", "Shortest pole it asks for", shortest, Quantity.LENGTH,
                "edge − ground at the corner", how, "plane ground, the camper levelled on it");
        boolean level = ground.pitch() == 0 && ground.roll() == 0;
        if (longest > f.pole() + 1e-9) {
            book.say(OutsideRules.OUT_POLE, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("The poles of {0} are too short", t.name()),
                    Sentence.of(
                            "Its edge stands {0} above {1}; the longest pole is {2}: {3} are missing. Drop its edge, or"
                                    + " stand the pole on something.",
                            Amount.m(longest), where(level), Amount.m(f.pole()),
                            Amount.m(longest - f.pole())));
        } else if (f.shortest() > 0 && shortest < f.shortest() - 1e-9) {
            book.say(OutsideRules.OUT_POLE, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("The poles of {0} are too long", t.name()),
                    Sentence.of(
                            "Its edge stands {0} above {1}; pushed together a pole is {2}: {3} too much. Drop its edge"
                                    + " less, or dig the foot in.",
                            Amount.m(shortest), where(level), Amount.m(f.shortest()),
                            Amount.m(f.shortest() - shortest)));
        }
    }

    /// What an awning covers, what it costs by that, and what would be sewn for it.
    private static void shade(Thing t, Feature.FoldOut f, double[] place, Study.Notebook book) {
        String id = "outside." + t.id() + ".";
        boolean side = f.face() != Feature.Face.FRONT && f.face() != Feature.Face.REAR;
        double along = side ? place[2] - place[0] : place[3] - place[1];
        double area = along * f.out();
        book.figure(id + "shade", "Shade, the sun overhead", area, Quantity.AREA, "along × out",
                Sentence.of("{0} × {1}", Amount.m(along), Amount.m(f.out())), "plane geometry");
        double cost = t.cost().forecast();
        if (cost > 0) {
            book.figure(id + "worth", "Shade for each 100 of money", 100 * area / cost, Quantity.AREA,
                    "100 × shade / price", Sentence.of("it costs {0} and weighs {1}", Amount.money(cost),
                            Amount.kg(t.mass().value())),
                    "to compare a large automatic one with two plain ones");
        }
        double slope = Math.hypot(f.out(), f.drop());
        book.figure(id + "cloth", "Cloth from rail to edge", slope, Quantity.LENGTH, "√(out² + drop²)",
                Sentence.of("finished, by {0} along the rail; hems and the rope in the rail come on top",
                        Amount.m(along)),
                "plane geometry");
    }

    private static String where(boolean level) {
        return level ? "the ground" : "the sloping ground";
    }

    /// An outer corner of a footprint \[x, y\].
    private static double[] corner(Feature.FoldOut f, double[] place, boolean first) {
        return switch (f.face()) {
            case LEFT -> new double[]{first ? place[0] : place[2], place[1]};
            case RIGHT -> new double[]{first ? place[0] : place[2], place[3]};
            case FRONT -> new double[]{place[0], first ? place[1] : place[3]};
            default -> new double[]{place[2], first ? place[1] : place[3]};
        };
    }

    /// Doors whose leaf swings or slides into what is folded out below their top, or into the case that it hangs in.
    private static void doors(Design design, Body body, Thing t, Feature.FoldOut f, double[] place, double rail,
            Study.Notebook book) {
        Solid hung = Solid.of(t.size(), t.at(Mode.CAMP));
        for (Thing o : design.things()) {
            Optional<Feature.Opening> opening = o.feature(Feature.Opening.class);
            if (opening.isEmpty() || o.mount() != Mount.SET_IN
                    || opening.get().leaf() == Feature.Opening.Leaf.FIXED) {
                continue;
            }
            Carcass.Face face = Faces.of(body, o, Mode.CAMP);
            Solid s = Solid.of(o.size(), o.at(Mode.CAMP));
            boolean slides = opening.get().leaf() == Feature.Opening.Leaf.SLIDING;
            double reach = slides ? SLIDES_OUT : opening.get().width();
            double aside = slides ? opening.get().width() : 0;
            boolean beside = switch (face) {
                case LEFT -> place[1] < s.minY() && hung.maxY() > s.minY() - reach && place[0] < s.maxX() + aside
                        && place[2] > s.minX() - aside;
                case RIGHT -> place[3] > s.maxY() && hung.minY() < s.maxY() + reach && place[0] < s.maxX() + aside
                        && place[2] > s.minX() - aside;
                case REAR -> place[2] > s.maxX() && hung.minX() < s.maxX() + reach && place[1] < s.maxY()
                        && place[3] > s.minY();
                default -> false;
            };
            double top = design.base().floorHeight() + s.z2();
            double edge = Math.min(design.base().floorHeight() + hung.z1(),
                    rail - f.drop() * Math.min(1, reach / f.out()));
            if (beside && edge < top + 0.03) {
                book.say(OutsideRules.OUT_DOOR, Subject.pair(t.id(), o.id()), Severity.WARN,
                        Sentence.of("{0} is in the way of {1}", t.name(), o.name()),
                        Sentence.of("The leaf reaches up to {0}; over its way it hangs down to {1}.", Amount.m(top),
                                Amount.m(edge)),
                        List.of(t.id(), o.id()));
            }
        }
    }
}
