package lectulum.base.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.UsualTyre;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.base.Gear;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.gear.RunningGear;
import lectulum.units.Quantity;

/// The tyre in its mudguard at full bump, and which usual tyres fit it.
public final class Guards {
    private Guards() {
    }

    /// A guard to start from: 60 mm free before and behind the tyre, its inner side 50 mm from it.
    public static Gear.Guard usualGuard(Axle axle) {
        return new Gear.Guard(Math.round((axle.wheelDiameter() + 0.12) * 100) / 100.0,
                Math.max(0, Math.round(((axle.track() - axle.tyreWidth()) / 2 - 0.05) * 100) / 100.0));
    }

    /// What a tyre lacks, by the place where it lacks most.
    ///
    /// @param room left beyond what is wanted there \[m\]; negative where it is missing
    record Lack(String where, double room) {
    }

    /// Where a tyre has least room in its guard at full bump; empty where nothing of the guard is known.
    static Optional<Lack> least(Design design, double diameter, double width) {
        double height = Assumed.value(design, Assumption.GUARD_GAP);
        double bump = Assumed.value(design, Assumption.SPRING_BUMP);
        List<Lack> rooms = new ArrayList<>();
        if (height > 0) {
            rooms.add(new Lack("above it", height - bump - diameter / 2 - Assumed.value(design, Assumption.GUARD_MUD)));
        }
        design.base().carcass().gear().guard().ifPresent(g -> {
            RunningGear.GuardGaps gaps = gaps(design, g, diameter, width);
            rooms.add(new Lack("before and behind it", gaps.ends() - Assumed.value(design, Assumption.GUARD_ENDS)));
            rooms.add(new Lack("beside it", gaps.inner() - Assumed.value(design, Assumption.GUARD_INNER)));
        });
        return rooms.stream().min(java.util.Comparator.comparingDouble(Lack::room));
    }

    private static double creep(Design design) {
        return design.base().carcass().gear().springs().map(s -> LeafSprings.leaf(s).creep(s.laden(), s.bump()))
                .orElse(Assumed.value(design, Assumption.SPRING_CREEP));
    }

    private static RunningGear.GuardGaps gaps(Design design, Gear.Guard g, double diameter, double width) {
        return RunningGear.guard(Assumed.value(design, Assumption.GUARD_GAP), g.length() / 2,
                Assumed.value(design, Assumption.SPRING_BUMP), diameter / 2, creep(design),
                design.base().axle().track(), width,
                g.inside(), Guides.lateral(design));
    }

    static Optional<Study> guard(Design design) {
        Axle axle = design.base().axle();
        double d = axle.wheelDiameter();
        double height = Assumed.value(design, Assumption.GUARD_GAP);
        double bump = Assumed.value(design, Assumption.SPRING_BUMP);
        Optional<Gear.Guard> around = design.base().carcass().gear().guard();
        Optional<Lack> now = least(design, d, axle.tyreWidth());
        if (now.isEmpty()) {
            return Optional.empty();
        }
        Study.Notebook book = new Study.Notebook("gear.guard", Stage.BASE, "Tyre in its guard at full bump", "");
        String source = "plane geometry";
        if (height > 0) {
            double mud = Assumed.value(design, Assumption.GUARD_MUD);
            double gap = height - d / 2 - bump - mud;
            book.figure("ride.guard", "Tyre to guard at full bump", gap, Quantity.LENGTH,
                    "guard − D/2 − bump − allowance", Sentence.of("guard {0} over the axle, tyre {1}, bump {2},"
                            + " {3} for mud", Amount.m(height), Amount.m(d), Amount.m(bump), Amount.m(mud)),
                    source);
            if (gap < 0) {
                book.say(GearRules.RIDE_GUARD, Severity.STOP, Sentence.of("The tyre meets its guard"),
                        Sentence.of("At full bump it is {0} short; a tyre of {1} fits, or a guard that much higher.",
                                Amount.m(-gap), Amount.m(2 * (height - bump - mud))));
            }
        } else {
            book.note("Type how high the guard is above the middle of the axle to check it at full bump.");
        }
        around.ifPresent(g -> {
            RunningGear.GuardGaps gaps = gaps(design, g, d, axle.tyreWidth());
            book.figure("gear.guardEnds", "Tyre to the ends of its guard", gaps.ends(), Quantity.LENGTH,
                    "half length − D/2 − creep", Sentence.of("guard {0} long, axle wanders {1}", Amount.m(g.length()),
                            Amount.m(creep(design))),
                    source);
            book.figure("gear.guardInner", "Tyre to what is beside it", gaps.inner(), Quantity.LENGTH,
                    "track/2 − width/2 − inside − shift", Sentence.of("track {0}, tyre {1}, inside {2}, shift {3}",
                            Amount.m(axle.track()), Amount.m(axle.tyreWidth()), Amount.m(g.inside()),
                            Amount.m(Guides.lateral(design))),
                    source);
            beside(book, "ends", gaps.ends(), Assumed.value(design, Assumption.GUARD_ENDS), "before and behind it");
            beside(book, "inner", gaps.inner(), Assumed.value(design, Assumption.GUARD_INNER), "beside it");
        });
        if (height > 0) {
            sizes(design, axle, book);
        } else {
            book.absent("gear.tyreLargest", "Largest usual tyre that fits", Quantity.LENGTH,
                    "largest of the table with room on every side", "how high the guard is over the axle is not known");
        }
        return Optional.of(book.sketch(guardSketch(design, axle, height, bump, around)).done());
    }

    private static void beside(Study.Notebook book, String which, double gap, double wanted, String where) {
        if (gap < wanted - 1e-9) {
            book.say(GearRules.GEAR_GUARD, Subject.part(which), gap < 0 ? Severity.STOP : Severity.WARN,
                    gap < 0
                            ? Sentence.of("The tyre has no room {0}", where)
                            : Sentence.of("The tyre has little room {0}", where),
                    gap < 0
                            ? Sentence.of("{0} are missing, and {1} is wanted.", Amount.m(-gap), Amount.m(wanted))
                            : Sentence.of("{0} is left; {1} is wanted.", Amount.m(gap), Amount.m(wanted)));
        }
    }

    /// The usual sizes that fit the guard, the largest first.
    public static List<UsualTyre> fitting(Design design) {
        return UsualTyre.all().stream()
                .filter(t -> least(design, t.diameter(), t.width()).map(l -> l.room() >= -1e-9).orElse(true)).toList()
                .reversed();
    }

    private static void sizes(Design design, Axle axle, Study.Notebook book) {
        List<UsualTyre> fit = fitting(design);
        if (fit.isEmpty()) {
            book.note("No usual tyre fits it.");
            return;
        }
        UsualTyre largest = fit.getFirst();
        book.figure("gear.tyreLargest", "Largest usual tyre that fits", largest.diameter(), Quantity.LENGTH,
                "largest of the table with room on every side", Sentence.of("{0}", largest.size()),
                "sizes by their designation, ISO 4000-1");
        Optional<UsualTyre> next = UsualTyre.all().stream()
                .filter(t -> t.diameter() > axle.wheelDiameter() + 0.004).findFirst();
        next.ifPresent(t -> {
            Lack lack = least(design, t.diameter(), t.width()).orElseThrow();
            if (lack.room() >= -1e-9) {
                book.note("The next size up, {0} ({1}), fits with {2} to spare {3}.", t.size(), Amount.m(t.diameter()),
                        Amount.m(Math.max(0, lack.room())), lack.where());
            } else {
                book.note("The next size up, {0} ({1}), lacks {2} {3}.", t.size(), Amount.m(t.diameter()),
                        Amount.m(-lack.room()), lack.where());
            }
        });
        book.note(
                "Other tyres need rims, a load index and a speed symbol that fit, and stand the camper higher or lower.");
    }

    private static Sketch guardSketch(Design design, Axle axle, double height, double bump,
            Optional<Gear.Guard> around) {
        Sketch.Board board = new Sketch.Board("From the side: laden and at full bump");
        double r = axle.wheelDiameter() / 2;
        double half = around.map(g -> g.length() / 2).orElse(1.3 * r);
        double top = height > 0 ? height : bump + r + 0.1;
        boolean meets = least(design, axle.wheelDiameter(), axle.tyreWidth()).map(l -> l.room() < 0).orElse(false);
        board.circle(Sketch.Pen.DASHED, 0, 0, r);
        board.circle(meets ? Sketch.Pen.FAULT : Sketch.Pen.MAIN, 0, bump, r);
        if (height > 0) {
            board.line(Sketch.Pen.SOLID, -half, 0, -half, top, half, top, half, 0);
            board.dimension(half + 0.06, 0, half + 0.06, top, Sentence.of("{0}", Amount.m(top)));
        } else {
            board.line(Sketch.Pen.SOLID, -half, 0, -half, top).line(Sketch.Pen.SOLID, half, 0, half, top);
        }
        if (around.isPresent()) {
            board.dimension(-half, top + 0.06, half, top + 0.06, Sentence.of("{0}", Amount.m(2 * half)));
        }
        return board.done();
    }
}
