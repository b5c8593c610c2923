package lectulum.brief.draft;

import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.design.base.WheelArches;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Person;
import lectulum.design.brief.Terrain;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Size;
import lectulum.kernel.bodies.Needs;

/// A low body that carries kitchen, water and gear, with a tent on a rack over it: a closed box with a hatch, or an open
/// tray with a lid. A tent for two, or one for four; who is more has no bed, and the checks say so.
final class TentDraft {
    private static final double BOX_LONG = 2.70;
    private static final double BOX_WIDE = 1.70;
    private static final double BOX_HIGH = 1.18;
    private static final double TRAY_LONG = 2.40;
    private static final double TRAY_WIDE = 1.50;
    private static final double TRAY_HIGH = 0.60;
    private static final double LID = 0.04;

    private final Design brief;
    private final Concept concept;
    private final Wanted wanted;
    private final Plan plan;
    private final boolean tray;
    private double length;
    private double width;
    private double high;
    private Furnishing in;

    TentDraft(Design brief, Concept concept, Wanted wanted, Plan plan) {
        this.brief = brief;
        this.concept = concept;
        this.wanted = wanted;
        this.plan = plan;
        this.tray = concept == Concept.LOW_TRAY;
    }

    Design draw() {
        boolean large = wanted.people().size() > 2;
        length = tray ? TRAY_LONG : BOX_LONG + plan.floor();
        width = tray ? TRAY_WIDE : BOX_WIDE;
        high = tray ? TRAY_HIGH : BOX_HIGH;
        Shell shell = tray ? new Shell.Tray(length, width, high) : new Shell.Box(length, width, high);
        boolean rough = brief.brief().travel().terrain() == Terrain.TRACK;
        double floor = rough ? 0.66 : 0.52;
        double tongue = Math.max(plan.tongue(), large ? 1.45 : 1.25);
        Base base = Rolling.base(concept, shell, floor, tongue, 1000).with(WheelArches.NONE);
        in = new Furnishing(brief.with(base), false);
        double deck = tray ? high + LID : high;
        body();
        double rack = deck + 0.06;
        double middle = length / 2 + 0.04;
        in.put("roof-rack-with-bars", "Rack", middle, 0, deck, 0)
                .put(large ? "roof-tent-four-people" : "roof-tent-two-people", "Roof tent", middle, 0, rack + 0.01, 0);
        kitchen();
        gear();
        water();
        comfort(deck);
        power(deck);
        return in.done();
    }

    private void body() {
        if (tray) {
            in.put("floor-plywood-12-mm-per-4-m2", "Lid", length / 2, 0, high, 0,
                    t -> Furnishing.grown(t, length * width / 4).with(Mount.OUTSIDE)
                            .with(new Size(length, width, LID)))
                    .put("floor-plywood-12-mm-per-4-m2", "Floor board", length / 2, 0, 0, 0,
                            Furnishing.times(length * width / 4));
            return;
        }
        in.put("tube-frame-for-a-box-body", "Tube frame body", length / 2, 0, 0.5, 0,
                Furnishing.times(length / BOX_LONG))
                .put("aluminium-skin-1-mm-per-10-m2", "Aluminium skin", length / 2, 0, 0.6, 0,
                        Furnishing.times((2 * (length + width) * high + length * width) / 15))
                .put("floor-plywood-12-mm-per-4-m2", "Floor board", length / 2, 0, 0, 0,
                        Furnishing.times(length * width / 4))
                .put("side-hatch-galley", "Side hatch", 1.95, -(width / 2 - 0.015), 0.02, 0);
    }

    /// The kitchen slides out through the hatch; over the side of a tray it stands on the ground.
    private void kitchen() {
        if (tray) {
            in.put("storage-box-60-l", "Kitchen box", 1.75, -(width / 2 - 0.25), 0, 0)
                    .put("storage-box-60-l", "Pantry box", 1.13, -(width / 2 - 0.25), 0, 0)
                    .put("hob-one-burner", "Hob", 1.75, -(width / 2 - 0.25), 0.05, 0)
                    .put("camp-table-folded", "Camp table", 1.75, -(width / 2 - 0.25), 0.2, 0);
        } else {
            in.put("slide-out-galley", "Slide-out galley", 1.95, -(width / 2 - 0.38), 0, 0)
                    .put("hob-one-burner", "Hob", 1.95, -(width / 2 - 0.48), 0.36, 0);
        }
        in.put("food-box-dry", "Food box", tray ? 1.13 : 1.95, -(width / 2 - (tray ? 0.25 : 0.38)), 0.03, 0,
                Furnishing.times(Math.clamp(wanted.people().size() / 2.0, 0.5, 1.3)))
                .put("cookware-set", "Cookware", 1.75, -(width / 2 - (tray ? 0.25 : 0.38)), 0.05, 0)
                .put("tongue-box", "Tongue box", -0.38, 0, -0.03, 0)
                .put("gas-bottle-2-75-kg", "Gas bottle", -0.38, 0.2, 0, 0, Furnishing.stowed());
        if (wanted.has(Ability.COLD_FOOD)) {
            boolean iced = plan.taste() == Taste.LIGHT || plan.taste() == Taste.CHEAP && brief.brief().nights() <= 2;
            in.put(iced ? "cool-box-iced-45-l" : "compressor-box-50-l", "Cold box", 1.10, width / 2 - 0.30, 0, 0)
                    .put(iced ? "ice-10-kg" : "fridge-contents", iced ? "Ice" : "Cold food", 1.10, width / 2 - 0.30,
                            0.05,
                            0);
        }
        if (wanted.has(Ability.RUNNING_WATER)) {
            in.put("foot-pump", "Foot pump", 1.5, -0.5, 0.06, 0).put("sink-folding", "Sink", 1.6, -0.4, 0.3, 0);
        }
    }

    private void gear() {
        double rear = length - 0.45;
        in.put("rear-jacks-pair", "Rear jacks", length - 0.20, 0, -in.base().floor() - 0.13, 0,
                t -> t.with(new Size(0.12, 1.2, 0.12)))
                .put("storage-box-60-l", "Storage box", rear, width / 2 - 0.43, 0, 0);
        if (wanted.people().size() > 1) {
            in.put("storage-box-60-l", "Second storage box", rear, width / 2 - 0.84, 0, 0);
        }
        int n = 0;
        for (Person p : wanted.people()) {
            in.put(p.height() < Needs.CHILD ? "clothes-bag-child" : "clothes-bag", "Clothes of " + p.name(),
                    rear - 0.05,
                    width / 2 - (n % 2 == 0 ? 0.43 : 0.84), 0.03, 0);
            n++;
        }
        for (int i = 0; i < (wanted.people().size() + 1) / 2; i++) {
            in.put("duvet-and-pillows-two", "Bedding", -0.38, -0.1, 0.05, 0);
        }
        in.put("wiring-and-small-parts", "Wiring and small parts", 0.9, 0.2, 0.4, 0)
                .put("sealant-glue-and-screws", "Sealant, glue, screws", length / 2, 0, 0.4, 0);
        if (!tray && wanted.has(Ability.OFF_GRID)) {
            in.put("led-strip-2-m", "Light strip", length / 2, 0, high - 0.10, 0)
                    .put("usb-socket-double", "USB socket", 0.8, width / 2 - 0.15, high - 0.38, 0);
        }
    }

    private void water() {
        int n = 0;
        for (String id : Supplies.fresh(wanted.fresh(), plan.taste() == Taste.LIGHT || plan.taste() == Taste.CHEAP)) {
            boolean can = id.startsWith("jerrycan");
            in.put(id, "Fresh water", can ? 0.30 : 0.45 + 0.62 * (n % 2),
                    -(width / 2 - (can ? 0.30 : 0.45)) + (can ? n : n / 2) * 0.42, 0, 1,
                    t -> can ? t : t.with(Mount.STOWED));
            n++;
        }
        if (wanted.has(Ability.RUNNING_WATER) && wanted.grey() > 0) {
            for (int i = 0; i < Math.min(4, Math.ceil(wanted.grey() / 0.025)); i++) {
                in.put("grey-tank-25-l", "Waste water", 1.35, -0.2 + 0.1 * i, 0, 1, Furnishing.stowed());
            }
        }
    }

    private void comfort(double deck) {
        if (wanted.has(Ability.HEAT)) {
            in.put("diesel-air-heater-2-kw", "Air heater for the tent", 0.35, 0.0, 0, 0, Furnishing.stowed())
                    .put("diesel-tank-7-l", "Heater fuel", -0.38, 0.66, -0.10, 0);
        }
        if (wanted.has(Ability.TOILET)) {
            in.put(wanted.toilet(plan.taste()), "Toilet", length - 0.75, width / 2 - 0.40, 0, 0, Furnishing.stowed());
        }
        if (wanted.has(Ability.SHADE)) {
            in.put("side-awning-2-5-m", "Awning", length / 2, width / 2 + 0.07, deck - 0.14, 0);
        }
        if (wanted.has(Ability.SHOWER)) {
            in.put("shower-outside", "Outside shower", 0.9, -(width / 2 - 0.005), 0.2, 0);
        }
        if (wanted.has(Ability.HOT_WATER)) {
            in.put("water-heater-5-l-gas", "Water heater", 1.3, -0.4, 0, 0);
        }
        if (wanted.has(Ability.WORK_LIGHT)) {
            in.put("outside-work-lamp", "Work light", 1.9, -(width / 2 - 0.01), high - 0.12, 0);
        }
        if (wanted.has(Ability.AIR) && !tray) {
            in.put("floor-vent-with-screen", "Vent", 1.4, 0.2, 0, 0);
        }
        if (wanted.has(Ability.MAINS)) {
            in.put("inverter-1000-w", "Inverter", 0.5, 0.2, 0.05, 0).put("shore-inlet-and-breaker", "Shore inlet", 0.6,
                    -(width / 2 - 0.005), 0.2, 0).put("shore-charger-20-a", "Charger", 0.5, 0.4, 0.05, 0);
        }
        int anchors = brief.brief().uses().stream().mapToInt(u -> u.anchors()).max().orElse(0);
        for (int i = 0; i < anchors; i++) {
            in.put("floor-ring-500-kg", "Ring", 0.4 + 0.6 * (i / 2), i % 2 == 0 ? width / 2 - 0.12 : -width / 2 + 0.12,
                    0,
                    0);
        }
    }

    private void power(double deck) {
        if (!wanted.has(Ability.OFF_GRID)) {
            return;
        }
        in.put("fuse-panel-and-main-switch", "Fuse panel", 0.4, 0.3, 0.25, 0);
        Supplies.Electric e = Supplies.electric(in.done(), plan.taste(), true, length > 2.6 ? 1 : 0);
        int n = 0;
        for (String id : e.batteries()) {
            in.put(id, "Battery", 0.42, 0.30 - 0.2 * n, 0, 0, Furnishing.stowed());
            n++;
        }
        if (!e.panels().isEmpty()) {
            in.put(e.panels().getFirst(), "Solar panel", 0.30, 0, deck, 1).put("solar-controller-20-a",
                    "Solar controller", 0.42, 0.5, 0.1, 0);
        }
    }
}
