package lectulum.analysis.soundness;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Tandem;
import lectulum.design.Design;
import lectulum.design.Meaning;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.design.brief.Brief;
import lectulum.design.feature.Feature;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;

/// Finds numbers that cannot be meant, whatever file or field they come from, and puts the nearest possible number in
/// their place for drawing and computing. The design itself is left as the user gave it; each replacement is a finding.
///
/// What a number may be is said where it is kept ([lectulum.design.Means]); here stands only what hangs on other numbers.
public final class Soundness {
    private static final double CLOSEST_AXLES = 0.3;
    private static final double LONGEST_NOSE = 0.9;
    private final List<Finding> findings = new ArrayList<>();
    private final Ranges ranges = new Ranges(findings);
    private final Optional<Design> known;

    private Soundness(Optional<Design> known) {
        this.known = known;
    }

    /// A design fit to be computed and drawn, and what had to be replaced for that.
    public record Checked(Design design, List<Finding> findings) {
    }

    /// @param sound an earlier design without faults: parts that it shares are not looked at again
    public static Checked of(Design design, Optional<Design> sound) {
        Soundness check = new Soundness(sound);
        Design mended = check.design(design);
        boolean replaced = !check.findings.isEmpty();
        if (Tandem.independent(mended) && mended.base().axle().bearing() != 0) {
            // Axles on springs of their own have no rocker, whatever was typed for one before.
            mended = mended.with(mended.base().with(mended.base().axle().withRockers(0, 0)));
            replaced = true;
        }
        check.assumed(design.settings().assumed(), "");
        design.garage().forEach(v -> check.assumed(v.own(), v.name() + ": "));
        return new Checked(replaced ? mended : design, List.copyOf(check.findings));
    }

    private Design design(Design d) {
        Ranges.Place garage = new Ranges.Place("garage", Stage.BALANCE, "", List.of());
        Ranges.Place days = new Ranges.Place("weighings", Stage.BALANCE, "", List.of());
        Ranges.Place cases = new Ranges.Place("cases", Stage.BALANCE, "", List.of());
        return new Design(
                looked(d, Design::brief, "brief", Stage.BRIEF, "", (b, at) -> band(ranges.mended(b, at), at)),
                looked(d, Design::vehicle, "vehicle", Stage.BRIEF, "the tow vehicle", ranges::mended),
                looked(d, Design::base, "base", Stage.BASE, "", this::base), things(d.things()),
                listed(d, Design::cases, cases), d.accepted(), d.settings(), listed(d, Design::weighings, days),
                listed(d, Design::garage, garage),
                looked(d, Design::wiring, "wiring", Stage.POWER, "the wiring", ranges::mended),
                looked(d, Design::envelope, "envelope", Stage.AIR, "the walls", ranges::mended),
                listed(d, Design::outings, new Ranges.Place("outings", Stage.TRIP, "", List.of())),
                looked(d, Design::workshop, "workshop", Stage.MATERIALS, "the stock", ranges::mended),
                looked(d, Design::purse, "purse", Stage.MONEY, "the receipts", ranges::mended),
                looked(d, Design::works, "works", Stage.BUILD, "the tasks", ranges::mended),
                looked(d, Design::logbook, "logbook", Stage.LOG, "the log", ranges::mended));
    }

    private <T> T looked(Design d, Function<Design, T> part, String id, Stage stage, String owner,
            BiFunction<T, Ranges.Place, T> check) {
        T now = part.apply(d);
        boolean seen = known.map(k -> part.apply(k) == now).orElse(false);
        return seen ? now : check.apply(now, new Ranges.Place(id, stage, owner, List.of()));
    }

    private <T> List<T> listed(Design d, Function<Design, List<T>> part, Ranges.Place place) {
        List<T> now = part.apply(d);
        return known.map(k -> part.apply(k) == now).orElse(false) ? now : ranges.list(now, place);
    }

    /// An own value that is out of range does not count: the shipped one does, and that is said.
    private void assumed(Map<String, Double> own, String whose) {
        own.forEach((id, value) -> Assumption.of(id).map(Assumed::entry)
                .filter(e -> !(value >= e.low() && value <= e.high()))
                .ifPresent(e -> findings
                        .add(Finding.of(SoundRules.ofTable(e.table()),
                                Subject.part("assumed." + (whose.isEmpty() ? "" : "other.") + id), Severity.WARN,
                                Sentence.of("{0} cannot be right", whose + e.label()),
                                Sentence.of("It is {0}; possible is {1} to {2}. Until it is mended, {3} is used.",
                                        Ranges.shown(value, e.quantity()), new Amount(e.low(), e.quantity()),
                                        new Amount(e.high(), e.quantity()), new Amount(e.value(), e.quantity())),
                                List.of()))));
    }

    /// The upper edge of an own band is not below the lower.
    private Brief band(Brief b, Ranges.Place place) {
        Meaning edge = Meaning.of(Brief.class, "ownHigh");
        double high = ranges.number(b.ownHigh(), b.ownLow(), edge.high(), edge.quantity(), edge.label(),
                place.then("ownHigh"));
        return high == b.ownHigh() ? b : b.withOwnBand(b.ownLow(), high);
    }

    private Base base(Base given, Ranges.Place place) {
        Base b = ranges.mended(given, place);
        Ranges.Place at = place.then("shell");
        Shell shell = switch (b.shell()) {
            case Shell.Nosed s -> nosed(s, at);
            case Shell.Profile s -> new ProfileSoundness(findings).shell(s);
            default -> b.shell();
        };
        Axle axle = b.axle();
        if (axle.count() > 1) {
            Meaning between = Meaning.of(Axle.class, "spacing");
            double apart = ranges.number(axle.spacing(), CLOSEST_AXLES, between.high(), between.quantity(),
                    between.label(), place.then("axle").then("spacing"));
            axle = apart == axle.spacing() ? axle : axle.with(axle.count(), apart);
        }
        Base shaped = shell == b.shell() ? b : b.with(shell);
        return axle == b.axle() ? shaped : shaped.with(axle);
    }

    /// The nose is a part of the body, and its flat no wider than it.
    private Shell.Nosed nosed(Shell.Nosed s, Ranges.Place place) {
        Meaning deep = Meaning.of(Shell.Nosed.class, "noseDepth");
        Meaning flat = Meaning.of(Shell.Nosed.class, "noseFlat");
        double depth = ranges.number(s.noseDepth(), 0, LONGEST_NOSE * s.length(), deep.quantity(), deep.label(),
                place.then("noseDepth"));
        double tip = ranges.number(s.noseFlat(), 0, s.width(), flat.quantity(), flat.label(), place.then("noseFlat"));
        return depth == s.noseDepth() && tip == s.noseFlat()
                ? s
                : new Shell.Nosed(s.length(), s.width(), s.height(), depth, tip, s.form());
    }

    private List<Thing> things(List<Thing> things) {
        List<Thing> before = known.map(Design::things).orElse(List.of());
        List<Thing> sound = new ArrayList<>(things.size());
        for (int i = 0; i < things.size(); i++) {
            Thing thing = things.get(i);
            boolean seen = i < before.size() && before.get(i) == thing;
            sound.add(seen ? thing : thing(thing));
        }
        return sound;
    }

    private Thing thing(Thing given) {
        Thing t = ranges.mended(given, Ranges.of(given));
        Size size = t.size();
        if (t.solid() && (size.length() == 0 || size.width() == 0 || size.height() == 0)) {
            findings.add(Finding.of(SoundRules.ON_LAYOUT, Subject.part("things." + t.id() + ".size"), Severity.NOTE,
                    Sentence.of("{0} has no size", t.name()),
                    Sentence.of("It is weighed where it stands, but nothing can be said about its fit."),
                    List.of(t.id())));
        }
        List<Feature> features = features(t);
        return features.size() == t.features().size() ? t : t.withFeatures(features);
    }

    /// What cannot be is left out, whole: half a bed is no bed.
    private List<Feature> features(Thing t) {
        Set<FeatureKind> seen = new HashSet<>();
        List<Feature> kept = new ArrayList<>();
        for (Feature f : t.features()) {
            FeatureKind kind = FeatureKind.of(f);
            String id = "things." + t.id() + "." + kind.word();
            Optional<Sentence> fault = Ranges.fault(f);
            if (fault.isPresent()) {
                findings.add(Finding.of(SoundRules.ON_LAYOUT, Subject.part(id), Severity.STOP,
                        Sentence.of("The {0} of {1} cannot be right", kind.word(), t.name()), fault.get(),
                        List.of(t.id())));
            } else if (seen.add(kind)) {
                kept.add(f);
            } else {
                findings.add(Finding.of(SoundRules.ON_LAYOUT, Subject.part(id + ".twice"), Severity.STOP,
                        Sentence.of("{0} has {1} twice", t.name(), kind.label()),
                        Sentence.of("A thing has at most one of a kind. Until it is mended, the second is left out."),
                        List.of(t.id())));
            }
        }
        return kept;
    }
}
