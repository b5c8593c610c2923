package lectulum.brief.draft;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Size;
import lectulum.kernel.bodies.Needs;
import lectulum.space.Body;

/// A bed under a curved roof with a door on each side and a kitchen under a hatch. Two sleep in it; who is more has no
/// bed, and the checks say so.
final class TeardropDraft {
    /// The profile at a body of 2.98 × 1.18 m.
    private static final double[][] LINE = {{0, 0.32}, {0.06, 0.66}, {0.24, 0.92}, {0.58, 1.10}, {1.10, 1.18},
            {1.70, 1.15}, {2.25, 1.04}, {2.66, 0.84}, {2.90, 0.55}, {2.98, 0.20}};
    private static final double HIGH = 1.18;
    /// So many bags lie on one another in the tongue box.
    private static final int IN_THE_BOX = 4;
    /// From the front to the middle of the highest part, and from the bulkhead to the rear \[m\].
    private static final double LEAD = 0.12;
    private static final double GALLEY = 0.55;
    private static final double OVER_GALLEY = 0.27;
    private static final double MATTRESS = 0.12;

    private final Design brief;
    private final Wanted wanted;
    private final Plan plan;
    private final double length;
    private final double width;
    private final double fx;
    private final double fz;
    private Furnishing in;

    TeardropDraft(Design brief, Wanted wanted, Plan plan) {
        this.brief = brief;
        this.wanted = wanted;
        this.plan = plan;
        List<Person> two = wanted.people().subList(0, Math.min(2, wanted.people().size()));
        double bed = wanted.bed(plan.toes());
        this.width = Furnishing.round(Math.clamp(Wanted.wide(two, plan.each()) + 0.18, 1.40, 1.70), 100);
        this.length = Furnishing.round(LEAD + bed + 0.06 + GALLEY + OVER_GALLEY + 0.03, 100);
        this.fx = length / 2.98;
        double sit = MATTRESS + new Needs(wanted.tallest()).sitUp() + 0.05;
        this.fz = Math.max(1, (sit + plan.higher()) / HIGH);
    }

    Design draw() {
        List<Shell.Profile.Point> points = new ArrayList<>();
        for (double[] p : LINE) {
            points.add(new Shell.Profile.Point(Furnishing.round(p[0] * fx, 1000), Furnishing.round(p[1] * fz, 1000)));
        }
        Shell shell = new Shell.Profile(width, points);
        double floor = Furnishing.round(Math.max(0.44, brief.brief().travel().terrain().clearance() + 0.16), 100);
        Base base = Rolling.base(Concept.TEARDROP, shell, floor, plan.tongue(), 750);
        in = new Furnishing(brief.with(base), false);
        double bed = wanted.bed(plan.toes());
        double wide = Math.min(width - 0.08, Math.max(0.75,
                Wanted.wide(wanted.people().subList(0, Math.min(2, wanted.people().size())), plan.each())));
        double head = LEAD + bed + 0.02;
        in.put("body-shell-ply-teardrop", "Body shell", length / 2, 0, 0.5 * fz, 0,
                Furnishing.times(fx * (0.5 + 0.5 * fz)))
                .put("floor-plywood-12-mm-per-4-m2", "Floor board", length / 2, 0, 0, 0,
                        Furnishing.times(length * width / 4))
                .put("insulation-foam-25-mm-per-10-m2", "Insulation", length / 2, 0, 0.65 * fz, 0)
                .mattress("Mattress", LEAD + bed / 2, 0, 0.02, bed, wide, Math.min(2, wanted.people().size()))
                .put("galley-bulkhead-ply-12-mm", "Bulkhead", head + 0.02, 0, 0, 0,
                        t -> t.with(new Size(0.012, width - 0.08, 0.9)));
        galley(head + 0.04);
        for (int side : new int[]{-1, 1}) {
            in.put("side-door-teardrop", side < 0 ? "Door left" : "Door right", 1.05 * fx, side * (width / 2 - 0.035),
                    0.08, 0);
        }
        in.put("galley-hatch-teardrop", "Hatch", length - 0.12, 0, 0.15, 0, t -> t.with(Mount.SPREAD))
                .put("gas-and-carbon-monoxide-alarm", "Gas and CO alarm", head - 0.24, -(width / 2 - 0.06), 0.2, 0)
                .put("rear-jacks-pair", "Rear jacks", length - 0.25, 0, -in.base().floor() - 0.13, 0,
                        t -> t.with(new Size(0.12, 1.1, 0.12)))
                .put("tongue-box", "Tongue box", -0.24, 0, -0.02, 0)
                .put("wiring-and-small-parts", "Wiring and small parts", 1.0, 0.2, 0.3, 0)
                .put("sealant-glue-and-screws", "Sealant, glue, screws", length / 2, 0, 0.5, 0)
                .put("duvet-and-pillows-two", "Bedding", -0.24, 0, 0.15, 1);
        comfort(head);
        int n = 0;
        for (Person p : wanted.people()) {
            in.put("clothes-bag", "Clothes of " + p.name(), -0.24, n % 2 == 0 ? 0.2 : -0.2,
                    0.02 + 0.1 * (n / 2 % IN_THE_BOX), 1);
            n++;
        }
        power();
        return in.done();
    }

    private void galley(double from) {
        double x = from + GALLEY / 2;
        in.put("rear-galley-teardrop", "Rear galley", x, 0, 0, 0,
                t -> t.with(new Size(GALLEY, width - 0.10, Math.min(0.70, 0.62 * HIGH * fz)))
                        .with(new Feature.Store(GALLEY - 0.03, width - 0.14, 0.60, 60, 0.6)))
                .put("hob-one-burner", "Hob", x, -0.35, 0.6, 1, Furnishing.stowed())
                .put("gas-bottle-2-75-kg", "Gas bottle", -0.24, -0.25, 0, 0, Furnishing.stowed())
                .put("food-box-dry", "Food box", x, -0.35, 0.08, 1, Furnishing.stowed())
                .put("cookware-set", "Cookware", x, 0.05, 0.3, 0, Furnishing.stowed());
        if (wanted.has(Ability.COLD_FOOD)) {
            boolean iced = plan.taste() == Taste.LIGHT || plan.taste() == Taste.CHEAP;
            in.put(iced ? "cool-box-iced-25-l" : "compressor-box-35-l", "Cool box", x, width / 2 - (iced ? 0.36 : 0.46),
                    0.08, 1,
                    Furnishing.stowed());
            if (iced) {
                in.put("ice-10-kg", "Ice", x, width / 2 - 0.35, 0.1, 0);
            } else {
                in.put("fridge-contents", "Cold food", x, width / 2 - 0.35, 0.1, 0);
            }
        }
        double left = Math.min(wanted.fresh(), 0.10);
        int n = 0;
        while (left > 1e-4) {
            in.put(left > 0.0101 ? "jerrycan-20-l" : "jerrycan-10-l", "Water can", x, -0.15 + 0.12 * n, 0.02, 0,
                    Furnishing.stowed());
            left -= left > 0.0101 ? 0.02 : 0.01;
            n++;
        }
        if (wanted.has(Ability.RUNNING_WATER)) {
            in.put("foot-pump", "Foot pump", x, 0.1, 0.05, 0).put("sink-folding", "Sink", x, 0.1, 0.55, 0);
            for (int i = 0; i < Math.min(3, Math.ceil(wanted.grey() / 0.025)); i++) {
                in.put("grey-tank-25-l", "Waste water", x, 0.25 - 0.2 * i, 0.02, 1, Furnishing.stowed());
            }
        }
    }

    private void comfort(double head) {
        if (wanted.has(Ability.AIR)) {
            in.put("roof-fan-two-way", "Roof fan", 1.3 * fx, 0, HIGH * fz - 0.09, 0);
        }
        if (wanted.has(Ability.HEAT)) {
            in.put("diesel-air-heater-2-kw", "Air heater", -0.30, 0.3, 0.02, 0, Furnishing.stowed())
                    .put("diesel-tank-7-l", "Heater fuel", -0.28, 0.62, -0.10, 0);
        }
        if (wanted.has(Ability.TOILET)) {
            in.put(wanted.toilet(plan.taste()), "Toilet", head - 0.3, 0, 0.13, 0, Furnishing.stowed());
        }
        if (wanted.has(Ability.SHADE)) {
            in.put("side-awning-2-5-m", "Awning", length / 2, width / 2 + 0.07, 1.10 * fz, 0);
        }
        if (wanted.has(Ability.SHOWER)) {
            in.put("shower-outside", "Outside shower", head + 0.3, -(width / 2 - 0.005), 0.25, 0);
        }
        if (wanted.has(Ability.WORK_LIGHT)) {
            in.put("outside-work-lamp", "Galley light", length - 0.4, 0, 0.7 * fz, 0);
        }
        if (wanted.has(Ability.MAINS)) {
            in.put("inverter-300-w", "Inverter", -0.3, -0.1, 0.05, 0).put("shore-inlet-and-breaker", "Shore inlet", 0.6,
                    -(width / 2 - 0.005), 0.2, 0);
        }
    }

    /// Highest point of the roof \[m\]: a curve may run over its points.
    private double roof() {
        return Body.of(in.base()).roofOutside().highest();
    }

    private void power() {
        if (!wanted.has(Ability.OFF_GRID)) {
            return;
        }
        in.put("led-spot", "Light", 1.1 * fx, 0, HIGH * fz - 0.13, 0).put("usb-socket-double", "USB socket", 1.8 * fx,
                width / 2 - 0.06, 0.5, 0);
        Supplies.Electric e = Supplies.electric(in.done(), plan.taste(), true, 1);
        in.put("fuse-panel-and-main-switch", "Fuse panel", -0.3, 0.1, 0.1, 0);
        int n = 0;
        for (String id : e.batteries()) {
            in.put(id, "Battery", -0.30, -0.05 + 0.19 * n, 0.02, 1, Furnishing.stowed());
            n++;
        }
        if (!e.panels().isEmpty()) {
            in.put(e.panels().getFirst(), "Solar panel", 1.25 * fx, 0, roof() + 0.004, 0)
                    .put("solar-controller-20-a", "Solar controller", -0.3, 0.2, 0.1, 0);
        }
    }
}
