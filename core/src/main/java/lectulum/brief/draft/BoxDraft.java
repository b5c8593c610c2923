package lectulum.brief.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Person;
import lectulum.design.brief.Terrain;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.kernel.bodies.Needs;

/// A closed box: kitchen and door in front, beds behind. Up to four sleep along it, two over two where the height allows;
/// more sleep across it, in one row behind another.
final class BoxDraft {
    /// From the front of the body to the beds: kitchen and door \[m\].
    private static final double FRONT = 1.10;
    /// Top of a lower mattress and thickness of an upper bed with its mattress \[m\].
    private static final double LOWER = 0.50;
    private static final double UPPER = 0.16;
    /// Least clear height over a lower mattress with a bed above, and over an upper one \[m\].
    private static final double BETWEEN = 0.66;
    private static final double ABOVE = 0.50;
    private static final double CARGO_HIGH = 1.97;
    private static final double USED_HIGH = 1.98;
    private static final double WIDEST = 2.50;
    private static final double CLOSE = 0.005;
    /// Length that a wardrobe takes where nothing can be kept under a bed, and the height inside that it takes \[m\].
    private static final double CUPBOARD = 1.02;
    private static final double TALL = 1.60;

    private final Design brief;
    private final Concept concept;
    private final Wanted wanted;
    private final Plan plan;
    private double length;
    private double width;
    private double half;
    private double height;
    private double inside;
    private double low;
    private double wall;
    private double beds;
    private Furnishing in;

    BoxDraft(Design brief, Concept concept, Wanted wanted, Plan plan) {
        this.brief = brief;
        this.concept = concept;
        this.wanted = wanted;
        this.plan = plan;
    }

    /// A place where people lie side by side.
    private record Berth(boolean along, double x, double y, double z, double length, double width, List<Person> who) {
    }

    Design draw() {
        List<Berth> berths = size();
        Shell shell = new Shell.Box(length, width, height);
        double floor = floorHeight();
        Base base = Rolling.base(concept, shell, floor, plan.tongue(), 1000);
        if (concept == Concept.LIFTING_ROOF) {
            double rise = Math.max(0.3, Furnishing.round(standing() - low + 0.09, 20));
            base = base.with(Carcass.UNKNOWN.withLift(Optional.of(new Carcass.Lift(rise, 0.015,
                    Math.round(7 * length * width + 8), 60, 4))));
        }
        in = new Furnishing(brief.with(base), concept == Concept.BOUGHT_USED);
        berths.forEach(this::bed);
        kitchen();
        openings(berths);
        comfort();
        people(berths);
        water();
        structure();
        power();
        uses();
        return risen(in.done());
    }

    /// What stands on a top that rises goes up with it, and what is set into it.
    private static Design risen(Design d) {
        return d.base().carcass().lift().map(lift -> d.withThings(d.things().stream().map(t -> {
            boolean onTop = (t.mount() == Mount.OUTSIDE || t.mount() == Mount.SET_IN)
                    && t.place().z() > d.base().shell().height() - 0.10;
            return onTop ? t.placed(Mode.CAMP, t.place().moved(0, 0, lift.rise())) : t;
        }).toList())).orElse(d);
    }

    /// Whether beds fold up against the wall on the road, so that something big goes in over a ramp.
    private boolean carries() {
        return wanted.has(Ability.CARRY) && inside >= TALL;
    }

    private double standing() {
        return new Needs(wanted.tallest()).standing() + plan.higher();
    }

    private double floorHeight() {
        Terrain terrain = brief.brief().travel().terrain();
        double under = carries() ? 0.25 : wanted.has(Ability.RUNNING_WATER) && terrain != Terrain.TRACK ? 0.21 : 0.13;
        double clear = terrain.clearance() + concept.figures().floor() + under;
        double usual = width <= Rolling.BESIDE ? 0.46 : 0.66;
        return Furnishing.round(Math.max(usual, clear), 100);
    }

    /// Sizes, and where everybody lies.
    private List<Berth> size() {
        Concept.Figures f = concept.figures();
        wall = f.wall();
        double sit = LOWER + new Needs(wanted.tallest()).sitUp() + 0.02;
        inside = switch (concept) {
            case CARGO_BOX -> CARGO_HIGH - f.roof();
            case BOUGHT_USED -> USED_HIGH - f.roof();
            case LIFTING_ROOF -> Math.max(1.30, sit) + plan.higher();
            default -> Math.max(standing(), sit);
        };
        low = inside;
        height = Furnishing.round(inside + f.roof() + folded(), 1000);
        List<Person> people = wanted.people();
        boolean stack = !carries() && inside >= LOWER + BETWEEN + UPPER + ABOVE && people.size() > 2;
        beds = FRONT + plan.floor() + Math.max(0, Wanted.dogs(brief.brief()) - 0.50)
                + (wanted.has(Ability.SIT_INSIDE) ? 1.45 : wanted.has(Ability.TOILET) ? 0.46 : 0);
        if (carries()) {
            double more = wanted.has(Ability.SIT_INSIDE) ? 1.35 : wanted.has(Ability.TOILET) ? 0.46 : 0;
            beds = Math.max(beds, FRONT + CUPBOARD + more);
        }
        double bed = wanted.bed(plan.toes());
        return people.size() <= (stack ? 4 : 2) ? along(people, bed, stack) : across(people, bed, stack);
    }

    /// What the folded panels of a lifting top take under the roof.
    private double folded() {
        return concept == Concept.LIFTING_ROOF ? 0.06 : 0;
    }

    private double upper() {
        return Math.max(LOWER + BETWEEN, inside - ABOVE - UPPER - 0.08);
    }

    /// Beds along the left wall, the way past them on the right, one row behind another.
    private List<Berth> along(List<Person> people, double bed, boolean stack) {
        int levels = stack ? 2 : 1;
        List<List<Person>> groups = sides(people, Math.max(1, (people.size() + 1) / 2));
        double wide = Math.max(0.70, widest(groups));
        int rows = Math.min((groups.size() + levels - 1) / levels,
                (int) ((Drafts.LONGEST - beds - wall) / (bed + 0.02)));
        rows = Math.max(1, rows);
        width = Furnishing.round(Math.max(least(), wide + plan.aisle() + 2 * wall + 0.01), 100);
        half = width / 2 - wall;
        length = Furnishing.round(beds + rows * (bed + 0.02) + wall + 0.02, 100);
        List<Berth> all = new ArrayList<>();
        for (int i = 0; i < Math.min(groups.size(), rows * levels); i++) {
            double w = Math.max(i < rows ? wide : 0.65, Wanted.wide(groups.get(i), plan.each()));
            all.add(new Berth(true, beds + (bed + 0.02) * (i % rows) + bed / 2, -half + CLOSE + w / 2,
                    i < rows ? 0.40 : upper() + 0.06, bed, w, groups.get(i)));
        }
        return all;
    }

    /// The narrowest body of the concept \[m\].
    private double least() {
        boolean seats = wanted.has(Ability.SIT_INSIDE);
        return concept == Concept.BOUGHT_USED ? 2.05 : seats ? 1.86 : 1.55;
    }

    private double widest(List<List<Person>> groups) {
        return groups.stream().mapToDouble(p -> Wanted.wide(p, plan.each())).max().orElse(0.7);
    }

    /// Beds across, their heads at the left wall, the way past their feet on the right, one row behind another. Who is too
    /// tall for that lies along.
    private List<Berth> across(List<Person> people, double bed, boolean stack) {
        double needs = bed + plan.aisle() + 2 * wall + 0.02;
        if (needs > WIDEST) {
            return along(people, bed, stack);
        }
        int levels = stack ? 2 : 1;
        List<List<Person>> groups = sides(people, (people.size() + 1) / 2);
        double wide = Math.max(0.70, widest(groups));
        int rows = Math.min((groups.size() + levels - 1) / levels,
                (int) ((Drafts.LONGEST - beds - wall) / (wide + 0.02)));
        width = Furnishing.round(Math.max(least(), needs), 100);
        half = width / 2 - wall;
        length = Furnishing.round(beds + rows * (wide + 0.02) + wall + 0.02, 100);
        List<Berth> all = new ArrayList<>();
        for (int i = 0; i < Math.min(groups.size(), rows * levels); i++) {
            all.add(new Berth(false, beds + 0.01 + (wide + 0.02) * (i % rows) + wide / 2, -half + CLOSE + bed / 2,
                    i < rows ? 0.40 : upper() + 0.06, bed, wide, groups.get(i)));
        }
        return all;
    }

    /// The people by twos, the youngest first, who sleep below.
    private static List<List<Person>> sides(List<Person> people, int groups) {
        List<Person> byAge = people.stream()
                .sorted((a, b) -> Double.compare(a.age().orElse(99) < 6 ? 0 : 1, b.age().orElse(99) < 6 ? 0 : 1))
                .toList();
        List<List<Person>> all = new ArrayList<>();
        for (int i = 0; i < groups; i++) {
            int from = Math.min(byAge.size(), 2 * i);
            List<Person> two = byAge.subList(from, Math.min(byAge.size(), from + 2));
            if (!two.isEmpty() || i == 0) {
                all.add(two);
            }
        }
        return all;
    }

    private void bed(Berth b) {
        boolean along = b.along;
        double lx = along ? b.length : b.width;
        double ly = along ? b.width : b.length;
        int n = Math.max(1, b.who.size());
        boolean below = b.z < 0.5;
        if (carries()) {
            folding(b, lx, ly, n);
            return;
        }
        if (below) {
            in.put("bed-box-double", "Bed", b.x, b.y, 0, 0,
                    t -> Furnishing.sized(lx, ly, 0.40).apply(t).without(Feature.Bearers.class)
                            .with(new Feature.Store(lx - 0.04, ly - 0.04, 0.37, 120, 0.85)));
        } else {
            in.put("slatted-frame-double", "Upper bed", b.x, b.y, b.z - 0.06, 0, Furnishing.sized(lx, ly, 0.06));
        }
        in.put(n > 1 ? "mattress-double-10-cm" : "mattress-single-10-cm", below ? "Mattress" : "Upper mattress", b.x,
                b.y,
                b.z, 0, t -> Furnishing.sized(lx, ly, t.size().height()).apply(t)
                        .with(new Feature.Bed(b.length, b.width, n * 140.0)));
    }

    /// A frame with its mattress strapped to it that stands against the left wall by day and on the road.
    private void folding(Berth b, double lx, double ly, int n) {
        double tall = Math.min(ly, inside - 0.15);
        in.put("folding-bunk-upper", "Folding bed", b.x, b.y, 0.34, 0,
                t -> folded(Furnishing.sized(lx, ly, 0.16).apply(t)
                        .with(new Feature.Bed(b.length, b.width, n * 140.0)), b, new Size(lx, 0.16, tall),
                        -half + 0.09));
    }

    private static Thing folded(Thing t, Berth b, Size up, double y) {
        Placement night = t.place();
        return t.with(new Placement(b.x, y, 0.02, 0).shaped(Optional.of(up))).placed(Mode.NIGHT, night);
    }

    private double front() {
        return wall + 0.245;
    }

    private void kitchen() {
        double y = -half + 0.41;
        boolean cooks = wanted.has(Ability.COOK_INSIDE) || wanted.has(Ability.COOK_OUTSIDE);
        if (cooks) {
            in.put("galley-block-small", "Galley", front(), y, 0, -1)
                    .put("hob-one-burner", "Hob", front(), y - 0.17, 0.78, 1)
                    .put("cookware-set", "Cookware", front(), y + 0.13, 0.1, 0)
                    .put("gas-and-carbon-monoxide-alarm", "Gas and CO alarm", beds + 0.4, -half + 0.01, 0.3, 0);
            gas();
        }
        if (wanted.has(Ability.RUNNING_WATER)) {
            in.put("sink-folding", "Sink", front(), y + 0.23, 0.83, 0)
                    .put(plan.taste() == Taste.COMFORTABLE ? "pressure-pump-10-l-min" : "foot-pump", "Pump", beds + 0.2,
                            -half + 0.3, 0.05, 0);
        }
        if (wanted.has(Ability.COLD_FOOD)) {
            boolean iced = plan.taste() == Taste.CHEAP && brief.brief().nights() <= 2;
            in.put(iced ? "cool-box-iced-25-l" : "compressor-fridge-40-l", iced ? "Cool box" : "Fridge",
                    iced ? wall + 0.17 : front(), half - (iced ? 0.26 : 0.23), 0, iced ? 1 : 0)
                    .put(iced ? "ice-10-kg" : "fridge-contents", iced ? "Ice" : "Fridge contents", front(), half - 0.23,
                            0.05, 0);
        }
        in.put("food-box-dry", "Food box", front(), y, 0.1, 1,
                Furnishing.times(Math.clamp(wanted.people().size() / 2.0, 0.5, 1.5)));
        if (wanted.people().size() > 3) {
            in.put("food-box-dry", "More food", carries() ? cupboard() : beds + 0.9, -half + 0.22, 0.05, 0,
                    Furnishing.times(Math.min(3, (wanted.people().size() - 3) / 2.0)));
        }
        in.put("fire-extinguisher-2-kg", "Extinguisher", wall + 0.60, half - 0.06, Math.min(0.8, inside - 0.5), 0);
    }

    private void gas() {
        if (in.done().things().stream().noneMatch(t -> t.symbol().equals("tongue-box"))) {
            in.put("tongue-box", "Tongue box", -0.26, 0, -0.03, 0)
                    .put("gas-bottle-2-75-kg", "Gas bottle", -0.26, 0.2, 0, 0, Furnishing.stowed());
        }
    }

    private void openings(List<Berth> berths) {
        double door = Math.min(1.5, inside - 0.12);
        in.put("rear-jacks-pair", "Rear jacks", length - 0.20, 0, -in.base().floor() - 0.13, 0,
                t -> t.with(new Size(0.12, Math.min(1.3, width - 0.2), 0.12)))
                .put("side-door-60-cm", "Side door", 0.80, width / 2 - 0.005, 0, 0,
                        t -> t.with(new Size(0.6, 0.05, door)).with(new Feature.Opening(0.6, door,
                                Feature.Opening.Leaf.HINGED_FRONT, Math.toRadians(95), true, false)));
        double floor = in.base().floorHeight();
        if (floor > 0.40) {
            in.put("step-double-folding", "Step", 0.8, half - 0.22, -0.15, 0,
                    Furnishing.inCamp(new Placement(0.8, width / 2 + 0.235, -floor, 0), new Size(0.52, 0.45, 0.36)));
        }
        int k = 0;
        List<Double> done = new ArrayList<>();
        for (Berth b : berths) {
            if (done.contains(b.x)) {
                continue;
            }
            done.add(b.x);
            double z = Math.min(inside - 0.55, Math.max(LOWER + 0.12, 1.0));
            if (berths.stream().anyMatch(u -> u.z > 0.5)) {
                z = LOWER + 0.10;
            }
            double x = b.along ? b.x + 0.3 : b.x;
            in.put("window-90-x-45-hinged", "Escape window" + (k == 0 ? "" : " " + (k + 1)), x,
                    (k % 2 == 0 && !carries() ? -1 : 1) * (width / 2 - 0.005), z, 0);
            k++;
        }
    }

    /// A ramp at the rear, rings before it, and a wardrobe for what would lie under a bed.
    private void ramp() {
        double high = Math.min(1.75, inside - 0.10);
        double wide = 2 * half - 0.02;
        in.put("rear-ramp-door", "Ramp door", length - 0.03, 0, 0, 0,
                t -> t.with(new Size(0.06, wide, high)).with(new Feature.Opening(wide - 0.02, high - 0.05,
                        Feature.Opening.Leaf.RAMP, Math.toRadians(100), true, true)))
                .put("wardrobe", "Wardrobe", cupboard(), -half + 0.23, 0, 0,
                        t -> t.with(new Feature.Store(0.46, 0.41, 1.44, 60, 0.85)));
        for (int i = 0; i < 4; i++) {
            in.put("floor-ring-500-kg", "Ring", length - (i < 2 ? 0.35 : 1.75), (i % 2 == 0 ? 1 : -1) * (half - 0.25),
                    0, 0);
        }
        in.put("ratchet-straps-four", "Straps", cupboard(), -half + 0.2, 0.05, 0);
    }

    private double bench() {
        return carries() ? cupboard() + 0.25 + 0.60 : wall + 0.50 + 0.40 + 0.57;
    }

    private double cupboard() {
        return wall + 0.50 + 0.54 + 0.26;
    }

    private void comfort() {
        if (carries()) {
            ramp();
        }
        if (wanted.has(Ability.SIT_INSIDE)) {
            in.put("bench-seat-with-storage", "Bench", bench(), -half + 0.23, 0, 0)
                    .put("table-on-a-folding-leg", "Table", bench() + 0.03, -half + 0.75, 0.70, 0);
        }
        if (wanted.has(Ability.TOILET)) {
            String id = wanted.toilet(plan.taste());
            if (wanted.has(Ability.SIT_INSIDE)) {
                in.put(id, "Toilet", beds + 0.3, 0, 0, 0, Furnishing.stowed());
            } else {
                in.put(id, "Toilet", beds - 0.29, -half + 0.23, 0, 0);
            }
        }
        if (wanted.has(Ability.HEAT)) {
            in.put("diesel-air-heater-2-kw", "Air heater", beds + 0.20, -half + 0.20, 0, 0, Furnishing.stowed())
                    .put("diesel-tank-7-l", "Heater fuel", -0.30, 0.75, -0.10, 0);
        }
        double top = height - 0.08;
        if (wanted.has(Ability.AIR)) {
            in.put("roof-fan-two-way", "Roof fan", length - 0.60, 0, top, 0);
        }
        if (wanted.has(Ability.COOLING)) {
            in.put("roof-air-conditioner", "Air conditioner", 0.65, 0, height, 0);
        }
        if (wanted.has(Ability.SHOWER)) {
            in.put("shower-outside", "Outside shower", 0.9, -(width / 2 - 0.005), 0.3, 0);
        }
        if (wanted.has(Ability.HOT_WATER)) {
            in.put("water-heater-5-l-gas", "Water heater", beds + 0.45, -half + 0.5, 0, 0);
            gas();
        }
        if (wanted.has(Ability.SHADE)) {
            in.put("side-awning-2-5-m", "Awning", length / 2, width / 2 + 0.07, height - 0.16, 0);
        }
        if (wanted.has(Ability.WORK_LIGHT)) {
            in.put("outside-work-lamp", "Work light", 0.35, width / 2 - 0.01, height - 0.35, 0);
        }
        if (wanted.has(Ability.MAINS)) {
            in.put("inverter-1000-w", "Inverter", beds + 0.6, -half + 0.2, 0, 0)
                    .put("shore-inlet-and-breaker", "Shore inlet", 1.0, -(width / 2 - 0.005), 0.3, 0)
                    .put("shore-charger-20-a", "Charger", beds + 0.9, -half + 0.2, 0, 0);
        }
    }

    private void people(List<Berth> berths) {
        int n = 0;
        for (Person p : wanted.people()) {
            double x = carries() ? cupboard() : beds + 0.55 + 0.35 * (n % 4);
            in.put(p.height() < Needs.CHILD ? "clothes-bag-child" : "clothes-bag", "Clothes of " + p.name(), x,
                    carries() ? -half + 0.2 : n % 2 == 0 ? -half + 0.35 : 0, 0.05, 0);
            n++;
        }
        for (int i = 0; i < (wanted.people().size() + 1) / 2; i++) {
            in.put("duvet-and-pillows-two", "Bedding", carries() ? cupboard() : berths.getFirst().x,
                    carries() ? -half + 0.24 : berths.getFirst().y, 0.5, 0);
        }
    }

    private void water() {
        Brief b = brief.brief();
        boolean cans = plan.taste() == Taste.LIGHT || plan.taste() == Taste.CHEAP;
        int n = 0;
        if (carries() && b.travel().terrain() != Terrain.TRACK) {
            for (; n < Math.min(2, Math.ceil(wanted.fresh() / 0.1)); n++) {
                in.put("fresh-tank-100-l-under-floor", "Fresh water", Math.max(2.5, 0.56 * length),
                        n == 0 ? -0.30 : 0.30,
                        -in.base().floor() - 0.24, 0);
            }
        }
        double left = n > 0 ? 0 : wanted.fresh();
        // Water belongs over the axle, which stands behind the middle.
        double from = Math.max(beds + 0.30, 0.56 * length);
        for (String id : Supplies.fresh(wanted.has(Ability.RUNNING_WATER) || !b.people().isEmpty() ? left : 0,
                cans)) {
            in.put(id, "Fresh water", Math.min(from + 0.46 * (n / 2), length - 0.4), -half + (n % 2 == 0 ? 0.35 : 0.80),
                    0, 1,
                    Furnishing.stowed());
            n++;
        }
        if (!wanted.has(Ability.RUNNING_WATER)) {
            return;
        }
        boolean under = b.travel().terrain() != Terrain.TRACK;
        int k = 0;
        for (String id : Supplies.grey(wanted.grey())) {
            double x = (k % 2 == 0 ? 0.75 : 1.55) + 0.86 * (k / 2);
            if (under && x < length - 0.75) {
                in.put(id, "Grey water", x, k % 2 == 0 ? -0.3 : 0.3, -in.base().floor() - 0.20, 0);
            } else {
                in.put(id, "Grey water", Math.min(beds + 0.4 + 0.5 * k, length - 0.55), -half + 0.4, 0, 1,
                        Furnishing.stowed());
            }
            k++;
        }
    }

    private void structure() {
        double walls = 2 * (length + width) * height;
        in.put("insulation-foam-25-mm-per-10-m2", "Insulation", length / 2, 0, height / 2, 0,
                Furnishing.times((walls + length * width) / 10))
                .put("wall-lining-ply-3-mm-per-10-m2", "Lining", length / 2, 0, height / 2, 0,
                        Furnishing.times(walls / 10))
                .put("floor-covering-per-5-m2", "Floor covering", length / 2, 0, 0, 0,
                        Furnishing.times(length * width / 5))
                .put("wiring-and-small-parts", "Wiring and small parts", 1.0, 0.3, 0.5, 0)
                .put("sealant-glue-and-screws", "Sealant, glue, screws", length / 2, 0, 0.8, 0,
                        Furnishing.times(length / 3));
    }

    private void power() {
        if (!wanted.has(Ability.OFF_GRID)) {
            return;
        }
        in.put("led-strip-2-m", "Light strip", length / 2, 0, height - 0.08, 0)
                .put("usb-socket-double", "USB socket", beds + 0.8, half - 0.02, Math.min(0.8, low - 0.3), 0)
                .put("fuse-panel-and-main-switch", "Fuse panel", 0.7, half - 0.1, 0.45, 0)
                .put("solar-controller-20-a", "Solar controller", beds + 0.3, half - 0.6, 0.26, 0);
        double from = wanted.has(Ability.COOLING) ? 1.55 : 0.45;
        double to = length - (wanted.has(Ability.AIR) ? 0.85 : 0.10);
        Supplies.Electric e = Supplies.electric(in.done(), plan.taste(), false,
                (int) Math.floor(Math.max(0, to - from) / 0.72));
        int n = 0;
        for (String id : e.panels()) {
            in.put(id, "Solar panel", from + 0.36 + 0.72 * n, 0, height, 1);
            n++;
        }
        n = 0;
        for (String id : e.batteries()) {
            in.put(id, "Battery", beds + 0.25, half - 0.75 - 0.2 * n, 0, 0, Furnishing.stowed());
            n++;
        }
    }

    /// Lashing points for what else it is for.
    private void uses() {
        int anchors = brief.brief().uses().stream().mapToInt(u -> u.anchors()).max().orElse(0);
        for (int i = 0; i < anchors; i++) {
            in.put("floor-ring-500-kg", "Ring", 0.7 + 0.35 * (i / 2), i % 2 == 0 ? half - 0.1 : half - 0.35, 0, 0,
                    t -> t.with(Mount.SET_IN));
        }
    }
}
