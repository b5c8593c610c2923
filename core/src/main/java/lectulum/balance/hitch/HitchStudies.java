package lectulum.balance.hitch;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumption;
import lectulum.balance.LoadedState;
import lectulum.balance.Rig;
import lectulum.balance.Tandem;
import lectulum.balance.camp.CampStudies;
import lectulum.design.vehicle.Rating;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.gear.TorsionTandem;
import lectulum.kernel.towing.Attitude;
import lectulum.kernel.towing.Bounce;
import lectulum.kernel.towing.DistributionHitch;
import lectulum.kernel.scales.HomeScales;
import lectulum.units.Quantity;

/// Heights at the hitch, two axles on springs of their own, rocking, and spring bars.
public final class HitchStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("hitch", "Hitch", Stage.BALANCE,
            in -> in.of(Rig.DISCIPLINE).studies(HitchStudies::of))
            .checking(HitchRules.class, HitchRemedies::of);

    private HitchStudies() {
    }

    public static List<Study> of(Rig rig) {
        List<Study> all = new ArrayList<>();
        all.add(attitude(rig));
        torsion(rig).ifPresent(all::add);
        all.add(ride(rig));
        all.add(bars(rig));
        return all;
    }

    private static Study attitude(Rig rig) {
        Study.Notebook book = new Study.Notebook("attitude", Stage.BALANCE, "Nose up, nose down", "");
        LoadedState s = rig.departure();
        Attitude.Springs springs = new Attitude.Springs(rig.vehicle().wheelbase(), rig.vehicle().overhang(),
                rig.assumed(Assumption.HITCH_REAR), rig.assumed(Assumption.HITCH_FRONT));
        double squat = rig.vehicle().wheelbase() > 0 ? springs.squat(s.tongue()) : 0;
        Attitude stands = Attitude.laden(squat, rig.ball(), rig.coupler(), rig.axle);
        double nose = stands.nose();
        String source = "statics on linear springs";
        book.figure("hitch.squat", "The ball sinks under the tongue by", squat, Quantity.LENGTH,
                "T g [(1 + r)²/k_rear + r²/k_front]", Sentence.of("tongue {0}", Amount.kg(s.tongue())), source);
        book.figure("hitch.unladen", "Ball before the trailer is on", stands.unladen(), Quantity.LENGTH,
                "laden + what it sinks", Sentence.of("people and luggage aboard; {0} with the trailer",
                        Amount.m(rig.ball())),
                source);
        book.figure("hitch.nose", "Nose up", nose, Quantity.ANGLE, "atan((ball − coupler)/x_A)",
                Sentence.of("ball {0} laden, coupler level at {1}", Amount.m(rig.ball()), Amount.m(rig.coupler())),
                "geometry");
        book.figure("hitch.tongue", "On the ball as it stands",
                HomeScales.raised(s.mass(), s.tongue(), s.roll().z(), nose,
                        rig.axle, rig.coupler(), rig.radius),
                Quantity.MASS,
                "(T x_A − M (Z − R) tan θ)/(x_A − (h − R) tan θ)", Sentence.of("{0} level, {1} nose up",
                        Amount.kg(s.tongue()), new Amount(nose, Quantity.ANGLE)),
                "wheels free to roll; what is said elsewhere is level");
        book.figure("hitch.mount", "Ball mount higher by", stands.mount(), Quantity.LENGTH,
                "coupler − ball", Sentence.of("to stand level"), "geometry");
        double departure = rig.rearEnd() > rig.axle
                ? Attitude.departure(rig.axle, rig.radius, rig.rearEnd(), rig.tailHeight())
                : Double.NaN;
        if (Double.isFinite(departure)) {
            book.figure("hitch.departure", "Departure angle", departure, Quantity.ANGLE,
                    "asin(R/√(Δx² + Δz²)) − atan(Δz/Δx)", Sentence.of("tail {0} above the ground",
                            Amount.m(rig.tailHeight())),
                    "geometry");
        }
        double most = rig
                .assumed(Tandem.independent(rig.design) ? Assumption.HITCH_LEVEL_TORSION : Assumption.HITCH_LEVEL);
        if (Math.abs(nose) > most) {
            book.say(HitchRules.HITCH_LEVEL, Severity.WARN,
                    Sentence.of(nose > 0 ? "It is towed {0} nose up" : "It is towed {0} nose down",
                            new Amount(Math.abs(nose), Quantity.ANGLE)),
                    Sentence.of("Up to {0} is good. A ball mount {1} {2} levels it.",
                            new Amount(most, Quantity.ANGLE), Amount.m(Math.abs(stands.mount())),
                            nose > 0 ? "lower" : "higher"));
        }
        if (!rig.given(Assumption.HITCH_COUPLER)) {
            book.note("The coupler's height when level is not measured: it is taken to be as high as the ball.");
        }
        Sketch.Board board = CampStudies.side(rig, "From the left: tow line, tail and ground");
        board.line(Sketch.Pen.MAIN, 0, rig.ball(), rig.axle, rig.coupler());
        board.dot(0, rig.ball(), Sentence.of("ball {0}", Amount.m(rig.ball())));
        if (Double.isFinite(departure)) {
            double run = rig.rearEnd() - rig.axle + 0.4;
            board.line(Sketch.Pen.DASHED, rig.axle, 0, rig.axle + run, Math.tan(departure) * run);
            board.dot(rig.rearEnd(), rig.tailHeight(), Sentence.of("{0}", new Amount(departure, Quantity.ANGLE)));
        }
        return book.sketch(board.done()).done();
    }

    private static Optional<Study> torsion(Rig rig) {
        if (!Tandem.independent(rig.design)) {
            return Optional.empty();
        }
        Study.Notebook book = new Study.Notebook("torsion", Stage.BALANCE, "Two axles on springs of their own", "");
        LoadedState s = rig.departure();
        Optional<TorsionTandem> coupled = Tandem.of(rig.design, s.mass(), s.roll().x(), rig.axle);
        Optional<TorsionTandem> lowered = Tandem.at(rig.design, s.mass(), s.roll().x(), rig.axle, rig.ball() - 0.025);
        if (coupled.isEmpty() || lowered.isEmpty()) {
            return Optional.empty();
        }
        TorsionTandem now = coupled.get();
        TorsionTandem lower = lowered.get();
        String source = "rigid body on linear springs, ball as the third support";
        book.figure("torsion.front", "Front axle", now.ground().get(0), Quantity.MASS, "k δ/g + unsprung",
                Sentence.of("rear axle {0}", Amount.kg(now.ground().get(1))), source);
        book.figure("torsion.rear", "Rear axle", now.ground().get(1), Quantity.MASS, "k δ/g + unsprung",
                Sentence.of("front axle {0}", Amount.kg(now.ground().get(0))), source);
        book.figure("torsion.tongue", "Tongue at this height", now.tongue(), Quantity.MASS, "M − Σ k δ/g",
                Sentence.of("ball {0}", Amount.m(rig.ball())), source);
        book.note("A ball {0} lower brings the tongue from {1} to {2} and the front axle to {3}.", Amount.m(0.025),
                Amount.kg(now.tongue()), Amount.kg(lower.tongue()), Amount.kg(lower.ground().get(0)));
        if (now.hanging()) {
            book.say(HitchRules.TORSION_HANGS, Severity.WARN, Sentence.of("One axle hangs in its springs"),
                    Sentence.of("At a ball height of {0} the other carries {1} of {2}.", Amount.m(rig.ball()),
                            Amount.kg(Math.max(now.ground().get(0), now.ground().get(1))), Amount.kg(s.axle())));
        }
        double one = rig.base().rating(Rating.AXLE_EACH).orElse(rig.base().rating(Rating.AXLE).orElse(Double.NaN) / 2);
        double most = Math.max(now.ground().get(0), now.ground().get(1));
        if (most > one) {
            book.say(HitchRules.TORSION_OVER, Severity.STOP,
                    Sentence.of("The {0} axle carries too much at this ball height",
                            now.ground().get(0) >= now.ground().get(1) ? "front" : "rear"),
                    Sentence.of("{0} on {1}: towed level each would carry {2}. A ball mount {3} {4} levels it.",
                            Amount.kg(most), Amount.kg(one), Amount.kg(s.axle() / 2),
                            Amount.m(Math.abs(rig.coupler() - rig.ball())),
                            rig.coupler() > rig.ball() ? "higher" : "lower"));
        }
        return Optional.of(book.done());
    }

    private static Study ride(Rig rig) {
        Study.Notebook book = new Study.Notebook("ride", Stage.BALANCE, "Springs", "");
        LoadedState s = rig.departure();
        double sprung = rig.sprung(s);
        if (sprung <= 0) {
            return book.note("Nothing rests on the springs.").done();
        }
        double z = rig.sprungHeight(s) - rig.ball();
        double centre = (s.mass() * s.roll().x() - rig.unsprung() * rig.axle) / sprung;
        double inertia = s.roll().pitchInertia() + sprung * (centre * centre + z * z);
        Bounce b = Bounce.of(2 * rig.sideRate(), 2 * rig.tyreRate(), rig.axle, inertia, s.axle() - rig.unsprung());
        book.figure("ride.frequency", "Rocks about the ball", b.frequency(), Quantity.FREQUENCY,
                "√(K x_A²/I)/2π", Sentence.of("springs {0} a side, tyres {1}",
                        new Amount(rig.sideRate(), Quantity.STIFFNESS), new Amount(rig.tyreRate(), Quantity.STIFFNESS)),
                "one degree of freedom");
        book.figure("ride.sag", "Springs pressed by", b.sag(), Quantity.LENGTH, "load/k",
                Sentence.of("{0} on them", Amount.kg(s.axle() - rig.unsprung())), "linear springs");
        double low = rig.assumed(Assumption.BOUNCE_LOW);
        double high = rig.assumed(Assumption.BOUNCE_HIGH);
        if (b.frequency() < low || b.frequency() > high) {
            book.say(HitchRules.RIDE_BOUNCE, Severity.NOTE, Sentence.of(b.frequency() > high
                    ? "The springs are stiff for this load"
                    : "The springs are soft for this load"),
                    Sentence.of("It rocks at {0}; {1} to {2} is good. Moving the axle does not cure bouncing: other"
                            + " springs or dampers do.", new Amount(b.frequency(), Quantity.FREQUENCY),
                            new Amount(low, Quantity.FREQUENCY), new Amount(high, Quantity.FREQUENCY)));
        }
        book.note("Tyre and mudguard at full bump are looked at on Base, Running gear.");
        return book.done();
    }

    private static Study bars(Rig rig) {
        Study.Notebook book = new Study.Notebook("bars", Stage.BALANCE, "Weight-distributing hitch", "");
        double length = rig.assumed(Assumption.BARS_LENGTH);
        LoadedState s = rig.departure();
        if (length <= 0 || rig.vehicle().wheelbase() <= 0) {
            return book.note("Type the length of the spring bars to see what they would move. They never cure a light"
                    + " tongue or an overload, and some couplers, surge brakes and vehicles forbid them.").done();
        }
        double restored = rig.assumed(Assumption.BARS_RESTORED);
        DistributionHitch d = DistributionHitch.of(s.tongue(), rig.axle, rig.vehicle().wheelbase(),
                rig.vehicle().overhang(), restored, length);
        String source = "statics of two bodies with a moment at the ball; SAE J2807 practice";
        book.figure("bars.front", "Front axle by trailer and bars", d.netFront(), Quantity.MASS,
                "−T r + M_w(x_A + oh)/(wb x_A g)",
                Sentence.of("{0} lost without them", Amount.kg(d.frontLost())), source);
        book.figure("bars.rear", "Rear axle by trailer and bars", d.netRear(), Quantity.MASS, "T(1 + r) − …",
                Sentence.of("bars take off {0}", Amount.kg(-d.toRear())), source);
        book.figure("bars.axle", "Added to the trailer's axle", d.toAxle(), Quantity.MASS, "M_w/(x_A g)",
                Sentence.of("{0} then", Amount.kg(s.axle() + d.toAxle())), source);
        book.figure("bars.force", "Each bar presses with", d.bar(), Quantity.FORCE, "M_w/2 length",
                Sentence.of("bars {0}", Amount.m(length)), source);
        rig.base().rating(Rating.AXLE).ifPresent(limit -> {
            double then = s.axle() + d.toAxle();
            if (then > limit) {
                book.say(HitchRules.BARS_AXLE, Severity.STOP, Sentence.of("With the bars the axle carries too much"),
                        Sentence.of("{0} on {1}: the bars add {2}.", Amount.kg(then), Amount.kg(limit),
                                Amount.kg(d.toAxle())));
            }
        });
        double rated = rig.assumed(Assumption.BARS_RATED);
        if (rated > 0 && d.bar() > rated) {
            book.say(HitchRules.BARS_RATED, Severity.WARN, Sentence.of("The spring bars are too weak"),
                    Sentence.of("Each would press with {0}; {1} is rated.", new Amount(d.bar(), Quantity.FORCE),
                            new Amount(rated, Quantity.FORCE)));
        }
        if (restored > 1 || rig.rear() + d.netRear() < rig.rear()) {
            book.say(HitchRules.BARS_REAR, Severity.STOP, Sentence.of("The bars take grip off the rear axle"),
                    Sentence.of("Bring back no more than the front axle lost; {0} is set.", Amount.share(restored)));
        }
        book.note("Tongue and its share stay as they are, for sway too. No rating is raised. Slacken the bars off the"
                + " road and on steep driveways.");
        return book
                .caution("Head, receiver and tongue must be rated for spring bars, and your vehicle must allow them.")
                .done();
    }
}
