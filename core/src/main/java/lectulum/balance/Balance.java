package lectulum.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.vehicle.Rating;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Band;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Interval;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.Verdict;
import lectulum.figures.Working;
import lectulum.kernel.maths.Normal;
import lectulum.kernel.statics.AxlePlace;
import lectulum.kernel.statics.Statics;
import lectulum.units.Quantity;

/// Where the loaded trailer bears on the ground and on the ball, for every load case.
///
/// Static equilibrium of a rigid body on one ball and one axle line (see docs/method/balance.md). An axle that is not
/// behind the ball gives no reactions and one finding that says so.
public record Balance(List<LoadedState> states, Figures figures, List<Finding> findings) implements Result {

    public static final Discipline<Balance> DISCIPLINE = new Discipline<Balance>("balance", "Balance", Stage.BALANCE,
            Discipline.Pace.HAND, in -> of(in.design(Design.Part.BRIEF, Design.Part.VEHICLE, Design.Part.BASE,
                    Design.Part.THINGS, Design.Part.CASES, Design.Part.SETTINGS)),
            () -> new Balance(List.of(), Figures.NONE, List.of()))
            .checking(BalanceRules.class, BalanceRemedies::of);
    private static final String STATICS = "statics of a rigid body; see docs/method/balance.md";
    private static final String NO_AXLE = "the axle is not behind the ball";

    public static Balance of(Design design) {
        List<LoadedState> states = design.cases().stream().map(c -> LoadedState.of(design, c)).toList();
        List<Figure> figures = new ArrayList<>();
        for (LoadedState state : states) {
            figures.addAll(figures(design, state));
        }
        return new Balance(states, Figures.of(figures), BalanceFindings.of(design, states));
    }

    public Optional<LoadedState> state(String caseId) {
        return states.stream().filter(s -> s.loadCase().id().equals(caseId)).findFirst();
    }

    private static List<Figure> figures(Design design, LoadedState s) {
        String prefix = "balance." + s.loadCase().id() + ".";
        List<Figure> all = new ArrayList<>();
        all.add(massFigure(design, s, prefix + "mass"));
        all.add(tongueFigure(design, s, prefix + "tongue"));
        all.add(shareFigure(design, s, prefix + "tongueShare"));
        all.add(axleFigure(design, s, prefix + "axle"));
        all.add(wheel(design, s, prefix + "right", "Right wheels", s.right(), "A/2 + M·y/t"));
        all.add(wheel(design, s, prefix + "left", "Left wheels", s.left(), "A/2 − M·y/t"));
        all.add(Figure.of(prefix + "centre", "Centre of gravity behind the ball", s.roll().x(), Quantity.LENGTH,
                centre("Σm·x / M", s.roll().x(), s))
                .with(Interval.around(s.roll().x(), s.certainty().share() * s.ballToAxle())));
        all.add(Figure.of(prefix + "centreSide", "Centre of gravity right of the middle", s.roll().y(),
                Quantity.LENGTH, centre("Σm·y / M", s.roll().y(), s)));
        all.add(Figure.of(prefix + "centreHeight", "Centre of gravity above the ground", s.roll().z(),
                Quantity.LENGTH, centre("Σm·z / M", s.roll().z(), s)));
        all.add(neutral(s, prefix + "neutral"));
        all.add(payload(design, s, prefix + "payloadLeft"));
        for (Limit limit : s.limits()) {
            all.add(limitFigure(s, limit, prefix + "limit." + camel(limit.rating())));
        }
        return all.stream().map(f -> f.in(s.loadCase().id())).toList();
    }

    /// `TOW_BRAKED` as `towBraked`: how ratings are named in figure ids.
    public static String camel(Rating rating) {
        String[] words = rating.name().toLowerCase(Locale.ROOT).split("_");
        var text = new StringBuilder(words[0]);
        for (int i = 1; i < words.length; i++) {
            text.append(Character.toUpperCase(words[i].charAt(0))).append(words[i].substring(1));
        }
        return text.toString();
    }

    private static Figure massFigure(Design design, LoadedState s, String id) {
        Band band = design.base().rating(Rating.GROSS_PLATE).stream()
                .mapToObj(max -> Band.atMost(s.mass(), max, Sentence.of("of {0}", Amount.kg(max)))).findFirst()
                .orElse(new Band(Double.NaN, Double.NaN, Verdict.NONE, Sentence.of("no gross plate")));
        double built = s.mass() - design.base().empty().mass();
        return Figure.of(id, "Loaded", s.mass(), Quantity.MASS, new Working("M = base + Σ things + Σ contents",
                Sentence.of("{0} + {1} = {2}", Amount.kg(design.base().empty().mass()), Amount.kg(built),
                        Amount.kg(s.mass())),
                masses(s),
                "sum")).with(Interval.around(s.mass(), s.certainty().mass())).with(band);
    }

    private static List<Sentence> masses(LoadedState s) {
        List<Sentence> notes = new ArrayList<>();
        notes.add(Sentence.counted(s.parts().size(), "One mass; 95 %: ± {1}", "{0} masses; 95 %: ± {1}",
                Amount.kg(Normal.HALF_95 * s.certainty().mass())));
        s.parts().stream().filter(p -> p.thing().equals(Forgotten.ID))
                .forEach(p -> notes.add(Sentence.of(
                        "{0} of it for forgotten things: glue, screws, sealant, wire and paint",
                        Amount.kg(p.mass()))));
        return notes;
    }

    private static Figure tongueFigure(Design design, LoadedState s, String id) {
        var working = new Working("T = M·(a − c)/a",
                Sentence.of("{0} × ({1} − {2})/{1} = {3}", Amount.kg(s.mass()), Amount.m(s.ballToAxle()),
                        Amount.m(s.roll().x()), Amount.kg(s.tongue())),
                notes(design, s), STATICS);
        if (Double.isNaN(s.tongue())) {
            return Figure.absent(id, "Tongue", Quantity.MASS, NO_AXLE, working);
        }
        double max = tongueMax(design);
        Band share = shareBand(design.brief(), s);
        Band limit = Double.isInfinite(max)
                ? Band.NONE
                : Band.atMost(s.tongue(), max, Sentence.of("at most {0}", Amount.kg(max)));
        Verdict verdict = share.verdict().compareTo(limit.verdict()) > 0 ? share.verdict() : limit.verdict();
        Band band = new Band(design.brief().tongueLow() * s.mass(),
                Math.min(max, design.brief().tongueHigh() * s.mass()),
                verdict, share.says());
        return Figure.of(id, "Tongue", s.tongue(), Quantity.MASS, working)
                .with(Interval.around(s.tongue(), s.certainty().tongue())).with(band);
    }

    private static List<Sentence> notes(Design design, LoadedState s) {
        List<Sentence> notes = new ArrayList<>();
        notes.add(Sentence.of("a: ball to axle, c: ball to centre of gravity; 95 %: ± {0}",
                Amount.kg(Normal.HALF_95 * s.certainty().tongue())));
        s.certainty().next().ifPresent(next -> notes.add(Sentence.of("{0} is {1} of the doubt: weigh it next.",
                design.thing(next.thing()).map(t -> t.name()).orElse("The base"), Amount.share(next.part()))));
        return notes;
    }

    /// Smallest of the known tongue limits \[kg\]; infinite where none is known.
    public static double tongueMax(Design design) {
        double vehicle = Math.min(design.vehicle().rating(Rating.TONGUE_VEHICLE).orElse(Double.POSITIVE_INFINITY),
                design.vehicle().rating(Rating.TONGUE_RECEIVER).orElse(Double.POSITIVE_INFINITY));
        return Math.min(design.base().rating(Rating.TONGUE_COUPLER).orElse(Double.POSITIVE_INFINITY), vehicle);
    }

    /// Where the axle may stand so that every trip keeps its band and no limit is passed; empty without trips.
    ///
    /// @param states load cases; those that are no trip are left out
    public static Optional<AxlePlace> axlePlace(Design d, List<LoadedState> states) {
        double moving = d.base().axle().mass();
        double a = d.base().ballToMiddle();
        List<AxlePlace.Fixed> fixed = states.stream().filter(s -> s.trip() && s.mass() > moving)
                .map(s -> new AxlePlace.Fixed(s.loadCase().name(), s.mass() - moving,
                        (s.mass() * s.roll().x() - moving * a) / (s.mass() - moving)))
                .toList();
        double low = d.brief().tongueLow();
        double high = d.brief().tongueHigh();
        var wanted = new AxlePlace.Wanted(low, high, tongueMax(d),
                d.base().rating(Rating.AXLE).orElse(Double.POSITIVE_INFINITY));
        return AxlePlace.of(fixed, moving, -moving * d.base().axle().bearing(), wanted, (low + high) / 2);
    }

    private static Band shareBand(Brief brief, LoadedState s) {
        double low = brief.tongueLow();
        double high = brief.tongueHigh();
        Sentence says = Sentence.of("{0}, want {1}–{2}", Amount.share(s.share()), Amount.count(100 * low),
                Amount.share(high));
        if (!s.trip()) {
            return new Band(low, high, Verdict.NONE, says);
        }
        double p = s.share();
        Verdict verdict = p < low || p > high ? severe(p, low, high) ? Verdict.STOP : Verdict.WARN : Verdict.GOOD;
        return new Band(low, high, verdict, says);
    }

    /// Far enough outside the band that it must not be towed: under half the lower edge, over 1.3 times the upper.
    static boolean severe(double share, double low, double high) {
        return share < 0.5 * low || share > 1.3 * high;
    }

    private static Figure shareFigure(Design design, LoadedState s, String id) {
        var working = new Working("p = T/M",
                Sentence.of("{0} / {1} = {2}", Amount.kg(s.tongue()), Amount.kg(s.mass()), Amount.share(s.share())),
                List.of(Sentence.of("{0} band: {1} to {2} of the loaded mass", design.brief().school().label(),
                        Amount.share(design.brief().tongueLow()), Amount.share(design.brief().tongueHigh()))),
                "common practice by region; see docs/method/balance.md");
        if (Double.isNaN(s.share())) {
            return Figure.absent(id, "Tongue share", Quantity.SHARE, s.mass() > 0 ? NO_AXLE : "there is no mass",
                    working);
        }
        return Figure.of(id, "Tongue share", s.share(), Quantity.SHARE, working)
                .with(Interval.around(s.share(), s.certainty().share())).with(shareBand(design.brief(), s));
    }

    private static Figure axleFigure(Design design, LoadedState s, String id) {
        var working = new Working("A = M − T",
                Sentence.of("{0} − {1} = {2}", Amount.kg(s.mass()), Amount.kg(s.tongue()), Amount.kg(s.axle())),
                List.of(Sentence.of("95 %: ± {0}", Amount.kg(Normal.HALF_95 * s.certainty().axle()))), STATICS);
        if (Double.isNaN(s.axle())) {
            return Figure.absent(id, "Axle", Quantity.MASS, NO_AXLE, working);
        }
        Band band = design.base().rating(Rating.AXLE).stream()
                .mapToObj(max -> Band.atMost(s.axle(), max, Sentence.of("of {0}", Amount.kg(max)))).findFirst()
                .orElse(new Band(Double.NaN, Double.NaN, Verdict.NONE, Sentence.of("no axle rating")));
        return Figure.of(id, "Axle", s.axle(), Quantity.MASS, working)
                .with(Interval.around(s.axle(), s.certainty().axle())).with(band);
    }

    private static Figure wheel(Design design, LoadedState s, String id, String label, double value, String formula) {
        var working = new Working(formula,
                Sentence.of("A {0}, M {1}, y {2}, t {3}", Amount.kg(s.axle()), Amount.kg(s.mass()),
                        Amount.m(s.roll().y()), Amount.m(design.base().axle().track())),
                List.of(Sentence.of("y: centre of gravity right of the middle, t: track")), STATICS);
        return Double.isNaN(value)
                ? Figure.absent(id, label, Quantity.MASS, NO_AXLE, working)
                : Figure.of(id, label, value, Quantity.MASS, working);
    }

    private static Working centre(String formula, double value, LoadedState s) {
        return new Working(formula, Sentence.of("{0} over {1}", Amount.m(value), Amount.kg(s.mass())), List.of(),
                STATICS);
    }

    private static Figure neutral(LoadedState s, String id) {
        double station = Statics.neutralStation(s.ballToAxle(), s.share());
        var working = new Working("x = a·(1 − p)",
                Sentence.of("{0} × (1 − {1}) = {2}", Amount.m(s.ballToAxle()), Amount.share(s.share()),
                        Amount.m(station)),
                List.of(Sentence.of("Mass added here leaves the tongue share alone: tanks belong near it.")), STATICS);
        return Double.isNaN(station)
                ? Figure.absent(id, "Neutral station behind the ball", Quantity.LENGTH, NO_AXLE, working)
                : Figure.of(id, "Neutral station behind the ball", station, Quantity.LENGTH, working);
    }

    private static Figure payload(Design design, LoadedState s, String id) {
        double aboard = VehicleLoads.of(design).payload(design.vehicle().kerbMass());
        double rated = design.vehicle().rating(Rating.PAYLOAD).orElse(Double.NaN);
        double left = rated - aboard - s.tongue();
        var working = new Working("payload − people − luggage − tongue",
                Sentence.of("{0} − {1} − {2} = {3}", Amount.kg(rated), Amount.kg(aboard), Amount.kg(s.tongue()),
                        Amount.kg(left)),
                List.of(Sentence.of("People and luggage ride in the tow vehicle; its kerb mass counts {0}.",
                        design.vehicle().papers().kerb().label())),
                "sum");
        if (Double.isNaN(left)) {
            return Figure.absent(id, "Payload left", Quantity.MASS,
                    Double.isNaN(rated) ? "payload not known" : NO_AXLE, working);
        }
        Band band = new Band(0, Double.NaN, left < 0 ? Verdict.STOP : left < 0.1 * rated ? Verdict.WARN : Verdict.GOOD,
                Sentence.of("of {0}, tow vehicle", Amount.kg(rated)));
        return Figure.of(id, "Payload left", left, Quantity.MASS, working).with(band);
    }

    private static Figure limitFigure(LoadedState s, Limit limit, String id) {
        String label = (limit.rating().trailer() ? "Trailer, " : "Tow vehicle, ") + limit.rating().label();
        return Figure.of(id, label, limit.load(), Quantity.MASS,
                new Working("margin = (rating − load)/rating",
                        Sentence.of("({0} − {1})/{0} = {2}", Amount.kg(limit.rated()), Amount.kg(limit.load()),
                                Amount.share(limit.margin())),
                        List.of(Sentence.of("{0} left in {1}", Amount.kg(limit.left()), s.loadCase().name())),
                        "plates, labels and manuals rule over every figure here"))
                .with(Band.atMost(limit.load(), limit.rated(), Sentence.of("of {0}", Amount.kg(limit.rated()))));
    }
}
