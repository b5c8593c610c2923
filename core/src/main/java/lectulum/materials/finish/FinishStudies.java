package lectulum.materials.finish;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Shell;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.design.workshop.Supply;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.takeoff.Coats;
import lectulum.kernel.takeoff.Cure;
import lectulum.kernel.takeoff.Joints;
import lectulum.kernel.takeoff.Laminate;
import lectulum.kernel.takeoff.Panel;
import lectulum.materials.skins.Allowances;
import lectulum.materials.skins.ShellSheets;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.units.Quantity;
import lectulum.weather.MeanDay;

/// What the outside is finished with, and what holds and closes its seams.
public final class FinishStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-finish", "Paint, sealant, screws",
            Stage.MATERIALS,
            in -> of(in.withOpenings(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.ENVELOPE,
                    Design.Part.SETTINGS, Design.Part.WORKSHOP)))
            .checking(FinishRules.class, FinishStudies::remedies);
    private static final String SOURCE = "see docs/method/materials.md";
    private static final String PRICES_OF = "prices of Stock, otherwise assumed";
    private static final List<String> MONTHS = List.of("January", "February", "March", "April", "May", "June", "July",
            "August", "September", "October", "November", "December");
    private static final double HOUR = 3600;
    private static final double DAY = 24;
    private static final double LONG = 72;
    private static final double MINUTES = 300;
    private static final double NINE = 9;
    private static final double INDOORS = -40;
    private static final double LEFT = 0.25;
    private static final double LITTLE = 0.0003;
    private static final List<Double> TINS = List.of(0.000375, 0.00075, 0.001, 0.0025);
    private static final double CARTRIDGE = 300e-6;
    private static final double WASTE = 0.10;
    private static final double MICRO = 1e-6;
    private static final double ENDS = 0.06;
    private static final double DRY_DENSITY = 1250;
    private static final double GLASS_PART = 0.45;
    private static final double WEAVE = 0.30;
    private static final double RESIN_LOSS = 0.12;
    private static final double OVERLAP = 0.08;
    private static final double KERF = 0.002;
    private static final double SEALANT_DENSITY = 1400;
    /// Part of an adhesive that does not go off as solvent.
    private static final double GLUE_STAYS = 0.5;
    private static final double ONE_SCREW = 0.0018;
    private static final List<Double> PACKS = List.of(50.0, 200.0, 500.0);
    private static final List<Double> PRICES = List.of(4.20, 13.90, 29.50);

    private FinishStudies() {
    }

    static List<Study> of(Design d) {
        Body body = Body.of(d.base());
        ShellSheets s = ShellSheets.of(d, Assumed.value(d, Assumption.CUT_SHEET_LONG),
                Assumed.value(d, Assumption.CUT_SHEET_WIDE));
        double area = s.layers().stream().filter(l -> l.role().equals("skin") && l.side() != Wall.Side.FLOOR)
                .mapToDouble(ShellSheets.Layer::area).sum();
        if (area <= 0 || body.open()) {
            return List.of(new Study.Notebook("mat-paint", Stage.MATERIALS, "Paint, sealant, screws", "")
                    .note("Say on Air, under Walls, what the walls are built of: coats, seams and screws follow.")
                    .done());
        }
        List<Study> all = new ArrayList<>();
        all.add(paint(d, area));
        all.add(cure(d));
        glass(d, area).ifPresent(all::add);
        all.add(seams(d));
        all.add(trim(d));
        all.add(membrane(d, body));
        all.add(glue(d, s));
        all.add(screws(d, s));
        sides(d, body).ifPresent(all::add);
        all.addFirst(weight(d, comes(all)));
        return all;
    }

    /// What paint and fixings come to, against what stands for them on the sheet.
    private static Study weight(Design d, Map<Feature.StandsFor.Part, Allowances.Comes> comes) {
        Study.Notebook book = new Study.Notebook("mat-finish", Stage.MATERIALS, "What it weighs and costs", "");
        Listing.Maker table = new Listing.Maker("").words("For").numbers("mass", "about");
        comes.forEach((part, c) -> table.row(part.label(), Amount.kg(c.mass()), Amount.money(c.cost())));
        book.figure("finish.mass", "All of it weighs",
                comes.values().stream().mapToDouble(Allowances.Comes::mass).sum(),
                Quantity.MASS, "paint dry, what stays of the others", Sentence.of("{0} parts", comes.size()), SOURCE);
        book.figure("finish.cost", "and costs about", comes.values().stream().mapToDouble(Allowances.Comes::cost).sum(),
                Quantity.MONEY, "Σ packs × price", Sentence.of("{0} parts", comes.size()), PRICES_OF);
        book.listing(table.done());
        if (d.brief().type() == CamperType.CARGO) {
            return book.note(
                    "As if the whole shell were built: of a body that stands already skins, seams and trim are there.")
                    .done();
        }
        Allowances.check(d, comes, FinishRules.TAKE_OFF, "the areas, seams and edges of this page", book);
        return book.done();
    }

    /// By the figures of the page.
    private static Map<Feature.StandsFor.Part, Allowances.Comes> comes(List<Study> all) {
        Figures f = Figures.of(all.stream().flatMap(s -> s.figures().stream()).toList());
        Map<Feature.StandsFor.Part, Allowances.Comes> comes = new EnumMap<>(Feature.StandsFor.Part.class);
        comes.put(Feature.StandsFor.Part.PAINT, new Allowances.Comes(value(f, "paint.mass") + value(f, "glass.mass"),
                value(f, "paint.cost")));
        comes.put(Feature.StandsFor.Part.FIXINGS, new Allowances.Comes(value(f, "seal.volume") * SEALANT_DENSITY
                + value(f, "glue.mass") * GLUE_STAYS + value(f, "trim.mass") + value(f, "membrane.mass")
                + value(f, "screw.count") * ONE_SCREW,
                value(f, "seal.cost") + value(f, "glue.cost") + value(f, "trim.cost") + value(f, "membrane.cost")
                        + value(f, "screw.cost")));
        return comes;
    }

    private static double value(Figures f, String id) {
        return f.find(id).map(Figure::value).filter(OptionalDouble::isPresent).map(OptionalDouble::getAsDouble)
                .orElse(0.0);
    }

    private static Study paint(Design d, double area) {
        Study.Notebook book = new Study.Notebook("mat-paint", Stage.MATERIALS, "Paint outside", "");
        Coats c = new Coats(area, (int) Math.round(Assumed.value(d, Assumption.PAINT_COATS)),
                MICRO * Assumed.value(d, Assumption.PAINT_DRY), Assumed.value(d, Assumption.PAINT_SOLIDS),
                Assumed.value(d, Assumption.PAINT_LOSS));
        Purchase p = Purchase.of(d, Supply.Goods.PAINT, c.all(), List.of(Assumed.value(d, Assumption.PAINT_KIT)),
                List.of(Assumed.value(d, Assumption.PAINT_PRICE)));
        Sentence numbers = Sentence.of("{0} coats on {1}", c.coats(), new Amount(area, Quantity.AREA));
        book.figure("paint.volume", "Paint", c.all(), Quantity.VOLUME, "A × coats × dry / (solids (1 − loss))", numbers,
                SOURCE);
        book.figure("paint.kits", "Tins or kits to buy", p.count(), Quantity.COUNT, "at least cost", packs(p), SOURCE);
        book.figure("paint.left", "Left over", p.over(), Quantity.VOLUME, "bought − wanted", numbers, SOURCE);
        book.figure("paint.cost", "for about", p.cost(), Quantity.MONEY, "tins × price", numbers, PRICES_OF);
        if (p.over() > LEFT * (p.there() + p.got()) && p.over() > LITTLE && p.count() > 0) {
            book.say(FinishRules.LEFT, Severity.NOTE,
                    Sentence.of("{0} of paint are left over", Amount.litres(p.over())),
                    Sentence.of("{0} are wanted, tins hold {1}.", Amount.litres(c.all()),
                            Amount.litres(p.packs().getFirst().content())));
        }
        book.figure("paint.mass", "It weighs, dry", c.mass(DRY_DENSITY), Quantity.MASS, "A × coats × dry × 1250 kg/m³",
                numbers, SOURCE);
        double resin = Assumed.value(d, Assumption.PAINT_HARDENER);
        if (resin > 0 && c.coats() > 0) {
            int batches = c.batches(Assumed.value(d, Assumption.PAINT_RATE) / 3600,
                    Assumed.value(d, Assumption.PAINT_POT));
            book.figure("paint.batches", "Batches a coat", batches, Quantity.COUNT, "area / (rate × pot life)", numbers,
                    SOURCE);
            book.note(
                    "A batch is {0}: {1} of resin and {2} of hardener by volume, never by weight. Warmer by 10 K it sets in"
                            + " half the time.",
                    Amount.litres(c.each() / batches),
                    Amount.litres(c.each() / batches * Coats.first(resin, 1)),
                    Amount.litres(c.each() / batches * Coats.first(1, resin)));
            book.note("On a scale that is {0} parts of resin to one of hardener, if they weigh what is assumed.",
                    Amount.count(Coats.byWeight(resin, Assumed.value(d, Assumption.PAINT_FIRST), 1,
                            Assumed.value(d, Assumption.PAINT_SECOND))));
        }
        return book
                .caution("Two-part paints and resins: gloves, and the filter or supplied air that their sheet asks for."
                        + " Rags with oil can burn by themselves.")
                .done();
    }

    /// How long coats take in each month outdoors, or in a heated shop.
    private static Study cure(Design d) {
        Study.Notebook book = new Study.Notebook("mat-cure", Stage.MATERIALS, "When it can be painted", "");
        double least = Assumed.value(d, Assumption.PAINT_LEAST);
        Cure next = new Cure(Assumed.value(d, Assumption.PAINT_RECOAT) / HOUR, 20, least);
        Cure hard = new Cure(Assumed.value(d, Assumption.PAINT_CURE) / HOUR, 20, least);
        double pot = Assumed.value(d, Assumption.PAINT_POT);
        double shop = Assumed.value(d, Assumption.PAINT_SHOP);
        int coats = (int) Math.round(Assumed.value(d, Assumption.PAINT_COATS));
        if (shop > INDOORS) {
            OptionalDouble again = next.steady(shop);
            again.ifPresent(h -> book.figure("paint.recoat", "Next coat after", h * HOUR, Quantity.DURATION,
                    "at 20 °C × 2^((20 − T) / 10)", Sentence.of("in a shop of {0}", new Amount(shop,
                            Quantity.TEMPERATURE)),
                    SOURCE));
            hard.steady(shop).ifPresent(h -> book.figure("paint.hard", "Hard after", h * HOUR, Quantity.DURATION,
                    "at 20 °C × 2^((20 − T) / 10)", Sentence.of("after the last of {0} coats", coats), SOURCE));
            if (again.isEmpty()) {
                book.say(FinishRules.COLD, Severity.WARN, Sentence.of("Paint does not cure in the shop"),
                        Sentence.of("It is {0} there; from {1} on it cures.", new Amount(shop, Quantity.TEMPERATURE),
                                new Amount(least, Quantity.TEMPERATURE)));
            }
            return book.done();
        }
        Listing.Maker table = new Listing.Maker("Outdoors, begun at nine in the morning").words("Month").numbers(
                "warmest hour", "coldest", "next coat", "hard", "a two-part mix lasts at noon");
        int fit = 0;
        for (int m = 1; m <= 12; m++) {
            double[] day = MeanDay.air(d.brief().latitude(), m, d.brief().climate());
            OptionalDouble again = next.daily(NINE, day);
            OptionalDouble whole = hard.daily(NINE, day);
            double noon = Arrays.stream(day).max().orElse(0);
            fit += again.isPresent() ? 1 : 0;
            table.row(MONTHS.get(m - 1), new Amount(noon,
                    Quantity.TEMPERATURE), new Amount(Arrays.stream(day).min().orElse(0), Quantity.TEMPERATURE),
                    time(again), time(whole), new Amount(MINUTES * Math.rint(Coats.pot(pot, 20, noon) / MINUTES),
                            Quantity.DURATION));
        }
        if (fit == 0) {
            book.say(FinishRules.COLD, Severity.WARN, Sentence.of("It is never warm enough to paint outdoors"),
                    Sentence.of("It cures from {0} on: a heated shop, or another product.",
                            new Amount(least, Quantity.TEMPERATURE)));
        }
        return book.listing(table.done())
                .note("In the mean day of the climate of the brief; a cure stands still where it is colder than {0}."
                        + " Two-part mixes set in half the time for each 10 K more.",
                        new Amount(least, Quantity.TEMPERATURE))
                .done();
    }

    private static Object time(OptionalDouble hours) {
        if (hours.isEmpty()) {
            return "too cold";
        }
        double h = hours.getAsDouble();
        return h > LONG ? Amount.days(Math.rint(h / DAY)) : new Amount(Math.rint(h) * HOUR, Quantity.DURATION);
    }

    /// Shops that are warm enough, 15 °C at least.
    private static Stream<Double> warm(Design d) {
        double least = Math.max(15, Math.ceil(Assumed.value(d, Assumption.PAINT_LEAST) / 5) * 5);
        return Stream.of(least, least + 5);
    }

    private static Stream<Remedy> remedies(Known known, FinishRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case TAKE_OFF -> Allowances.remedies(d, comes(of(d)), finding.things());
            case COLD -> warm(d).map(t -> Mend.assumed(Assumption.PAINT_SHOP, t,
                    Sentence.of("Paint in a shop of {0}", new Amount(t, Quantity.TEMPERATURE))));
            case LEFT -> d.workshop().supplies().stream().anyMatch(x -> x.goods() == Supply.Goods.PAINT && !x.own())
                    ? Stream.empty()
                    : TINS.stream().filter(t -> t < Assumed.value(d, Assumption.PAINT_KIT))
                            .map(t -> Mend.assumed(Assumption.PAINT_KIT, t,
                                    Sentence.of("Tins of {0}", Amount.litres(t))));
        };
    }

    private static Optional<Study> glass(Design d, double area) {
        int layers = (int) Math.round(Assumed.value(d, Assumption.GLASS_LAYERS));
        if (layers <= 0) {
            return Optional.empty();
        }
        Laminate l = Laminate.of(area, Assumed.value(d, Assumption.GLASS_CLOTH), layers, OVERLAP, GLASS_PART, WEAVE);
        Study.Notebook book = new Study.Notebook("mat-glass", Stage.MATERIALS, "Glass in resin", "");
        Sentence numbers = Sentence.of("{0} layers on {1}", layers, new Amount(area, Quantity.AREA));
        book.figure("glass.mass", "It weighs", l.mass(), Quantity.MASS, "glass + resin in it + resin that levels it",
                numbers, SOURCE);
        book.figure("glass.cloth", "Cloth", l.glass(), Quantity.MASS, "A (1 + 8 %) × cloth × layers", numbers, SOURCE);
        book.figure("glass.resin", "Resin to mix", l.mixed(RESIN_LOSS), Quantity.MASS,
                "(in the cloth + level) / (1 − 12 %)",
                numbers, SOURCE);
        return Optional.of(book.done());
    }

    private static Study seams(Design d) {
        Study.Notebook book = new Study.Notebook("mat-seams", Stage.MATERIALS, "Seams", "");
        Edges edges = Edges.of(d);
        double roof = Edges.sum(edges.roof());
        double frames = Edges.sum(edges.frames());
        double volume = Joints.fillet(Assumed.value(d, Assumption.SEAL_BEAD), roof + frames, WASTE);
        double roll = Assumed.value(d, Assumption.SEAL_TAPE);
        Sentence numbers = Sentence.of("{0} along the roof, {1} round openings", Amount.run(roof), Amount.run(frames));
        book.figure("seal.length", "Seams", roof + frames, Quantity.RUN, "Σ length", numbers, SOURCE);
        book.figure("seal.volume", "Sealant", volume, Quantity.VOLUME, "legs² / 2 × length × 110 %", numbers, SOURCE);
        Purchase sealant = Purchase.of(d, Supply.Goods.SEALANT, volume, List.of(CARTRIDGE),
                List.of(Assumed.value(d, Assumption.SEAL_PRICE)));
        book.figure("seal.cartridges", "Cartridges of sealant to buy", sealant.count(), Quantity.COUNT, "at least cost",
                packs(sealant), SOURCE);
        Optional<Integer> rolls = Joints.rolls(edges.roof(), ENDS, roll);
        double tape = roof + 2 * ENDS * edges.roof().size();
        book.figure("seal.tape", "Tape on the roof", tape, Quantity.RUN, "seams and their ends", numbers, SOURCE);
        if (rolls.isPresent()) {
            book.figure("seal.rolls", "Rolls of tape for the roof, no seam joined", rolls.get(), Quantity.COUNT,
                    "longest seams first", Sentence.of("{0} a roll; {1} rolls where they are joined", Amount.run(roll),
                            Joints.joined(roof, roll, 0.05)),
                    SOURCE);
        } else {
            book.note("A seam is longer than a roll of tape: it must be joined, {0} rolls in all.",
                    Joints.joined(roof, roll, 0.05));
        }
        Purchase taped = Purchase.of(d, Supply.Goods.TAPE, rolls.isPresent() ? rolls.get() * roll : tape, List.of(roll),
                List.of(Assumed.value(d, Assumption.SEAL_ROLL)));
        book.figure("seal.cost", "Sealant and tape for about", sealant.cost() + taped.cost(), Quantity.MONEY,
                "Σ packs × price", packs(taped), PRICES_OF);
        return book.done();
    }

    /// What a purchase buys, in words.
    private static Sentence packs(Purchase p) {
        if (p.packs().isEmpty()) {
            return p.need() > 0 ? Sentence.of("enough is there") : Sentence.of("none is wanted");
        }
        return Sentence.joined(p.packs().stream().map(k -> Sentence.of("{0} {1} of {2}", k.count(), p.goods().one(),
                new Amount(k.content(), p.goods().quantity()))).toList());
    }

    /// What holds linings and skins besides screws.
    private static Study glue(Design d, ShellSheets s) {
        Study.Notebook book = new Study.Notebook("mat-glue", Stage.MATERIALS, "Adhesive of linings and skins", "");
        double area = s.layers().stream().filter(l -> !l.role().equals("insulation"))
                .mapToDouble(ShellSheets.Layer::area).sum();
        double mass = area * Assumed.value(d, Assumption.GLUE_SPREAD);
        Purchase p = Purchase.of(d, Supply.Goods.ADHESIVE, mass, List.of(Assumed.value(d, Assumption.GLUE_TIN)),
                List.of(Assumed.value(d, Assumption.GLUE_PRICE)));
        Sentence numbers = Sentence.of("{0} of linings, floors and skins", new Amount(area, Quantity.AREA));
        book.figure("glue.mass", "Adhesive", mass, Quantity.MASS, "area × spread", numbers, SOURCE);
        book.figure("glue.tins", "Tins to buy", p.count(), Quantity.COUNT, "at least cost", packs(p), SOURCE);
        book.figure("glue.cost", "for about", p.cost(), Quantity.MONEY, "tins × price", packs(p), PRICES_OF);
        return book.caution("Solvents of contact adhesives burn and numb: open doors, no flame, no spark.").done();
    }

    /// Sheets from a roll that keep water out or vapour in.
    private static Study membrane(Design d, Body body) {
        Study.Notebook book = new Study.Notebook("mat-membrane", Stage.MATERIALS, "Membranes", "");
        double wide = Assumed.value(d, Assumption.MEMBRANE_WIDE);
        double lap = Math.min(Assumed.value(d, Assumption.MEMBRANE_LAP), wide / 2);
        double width = 2 * body.halfWidth();
        double roof = Math.round(Assumed.value(d, Assumption.MEMBRANE_ROOF))
                * Strips.area(ShellSheets.roofLine(body), width, wide, lap);
        double floor = Math.round(Assumed.value(d, Assumption.MEMBRANE_FLOOR))
                * Strips.area(body.length(), width, wide, lap);
        if (roof + floor <= 0) {
            return book.note("None: say below whether roof or floor get one.").done();
        }
        double covered = (roof > 0 ? ShellSheets.roofLine(body) * width : 0) + (floor > 0 ? body.length() * width : 0);
        double price = Assumed.value(d, Assumption.MEMBRANE_PRICE);
        double content = wide * Assumed.value(d, Assumption.MEMBRANE_LONG);
        Purchase p = Purchase.of(d, Supply.Goods.MEMBRANE, roof + floor, List.of(content), List.of(price));
        Sentence numbers = Sentence.of("roof {0}, floor {1}, strips of {2} with laps of {3}",
                new Amount(roof, Quantity.AREA), new Amount(floor, Quantity.AREA), Amount.m(wide), Amount.sag(lap));
        book.figure("membrane.area", "Membrane from the roll", roof + floor, Quantity.AREA, "strips × length × width",
                numbers, SOURCE);
        book.figure("membrane.mass", "It weighs", covered * Assumed.value(d, Assumption.MEMBRANE_MASS), Quantity.MASS,
                "area covered × mass of a square metre", numbers, SOURCE);
        book.figure("membrane.cost", "for about", p.cost(), Quantity.MONEY, "rolls × price", packs(p), PRICES_OF);
        return book.done();
    }

    /// Profiles over outer edges.
    private static Study trim(Design d) {
        Study.Notebook book = new Study.Notebook("mat-trim", Stage.MATERIALS, "Trim of outer edges", "");
        Edges edges = Edges.of(d);
        double length = Edges.sum(edges.trim());
        double bar = Assumed.value(d, Assumption.TRIM_BAR);
        double bars = Strips.bars(edges.trim(), bar);
        Purchase p = Purchase.of(d, Supply.Goods.TRIM, bars * bar, List.of(bar),
                List.of(Assumed.value(d, Assumption.TRIM_PRICE)));
        Sentence numbers = Sentence.of("{0} edges", edges.trim().size());
        book.figure("trim.length", "Edges", length, Quantity.RUN, "Σ length", numbers, SOURCE);
        book.figure("trim.bars", "Bars of trim", bars, Quantity.COUNT, "whole bars, rests shared between edges",
                Sentence.of("{0} each", Amount.m(bar)), SOURCE);
        book.figure("trim.mass", "It weighs", length * Assumed.value(d, Assumption.TRIM_MASS), Quantity.MASS,
                "length × mass of a metre", numbers, SOURCE);
        book.figure("trim.cost", "for about", p.cost(), Quantity.MONEY, "bars × price", packs(p), PRICES_OF);
        return book.note(
                "Openings have frames of their own. A bent edge takes a trim that bends that far: see the arcs on Base.")
                .done();
    }

    private static Study screws(Design d, ShellSheets s) {
        Study.Notebook book = new Study.Notebook("mat-screws", Stage.MATERIALS, "Screws of linings and skins", "");
        double edge = Assumed.value(d, Assumption.SCREW_EDGE);
        double field = Assumed.value(d, Assumption.SCREW_FIELD);
        int count = 0;
        for (ShellSheets.Panel p : s.panels()) {
            count += 2 * Joints.screws(p.width(), edge) + 2 * Joints.screws(p.height(), edge);
            int rows = (int) Math.floor(Math.max(p.width(), p.height()) / 0.4);
            count += rows * Joints.screws(Math.min(p.width(), p.height()), field);
        }
        Purchase p = Purchase.of(d, Supply.Goods.SCREWS, count, PACKS, PRICES);
        book.figure("screw.count", "Screws", count, Quantity.COUNT, "edges and studs between",
                Sentence.counted(s.panels().size(), "One panel", "{0} panels"), SOURCE);
        book.figure("screw.cost", "In packs for about", p.cost(), Quantity.MONEY, "least cost of whole packs",
                Sentence.of("{0} got", Math.round(p.got())), PRICES_OF);
        Listing.Maker table = new Listing.Maker("").words("Pack of").numbers("how many");
        p.packs().forEach(k -> table.row(new Amount(k.content(), Quantity.COUNT), k.count()));
        return book.listing(table.done()).note("Glued skins take fewer: raise the distances.").done();
    }

    /// The side panels of a curved body: what they weigh with their doors cut out, and what falls out that can be used.
    private static Optional<Study> sides(Design d, Body body) {
        if (!(d.base().shell() instanceof Shell.Profile)) {
            return Optional.empty();
        }
        List<double[]> outline = new ArrayList<>();
        outline.add(new double[]{0, 0});
        outline.add(new double[]{body.length(), 0});
        for (int i = 200; i >= 0; i--) {
            double x = body.length() * i / 200;
            outline.add(new double[]{x, body.roofInside().at(x)});
        }
        Study.Notebook book = new Study.Notebook("mat-sides", Stage.MATERIALS, "Side panels", "");
        Listing.Maker table = new Listing.Maker("").words("Panel").numbers("area", "edges", "middle behind the front",
                "middle above the floor");
        Listing.Maker drops = new Listing.Maker("What falls out and can be used").words("From").numbers("long", "wide");
        for (int side : new int[]{-1, 1}) {
            List<List<double[]>> holes = new ArrayList<>();
            for (Thing t : Edges.openings(d)) {
                Solid s = Solid.of(t.size(), t.place());
                if (t.place().y() * side > 0.5 * body.halfWidth() && s.reachX() > s.reachY()) {
                    holes.add(List.of(new double[]{s.minX(), s.z1()}, new double[]{s.maxX(), s.z1()},
                            new double[]{s.maxX(), s.z2()}, new double[]{s.minX(), s.z2()}));
                    double[] drop = Panel.openingDrop(2 * s.reachX(), s.z2() - s.z1(), KERF, 0);
                    drops.row(t.name(), Amount.m(Math.max(drop[0], drop[1])), Amount.m(Math.min(drop[0], drop[1])));
                }
            }
            Panel p = new Panel(outline, holes);
            table.row(side < 0 ? "Left" : "Right", new Amount(p.area(), Quantity.AREA), Amount.run(p.edge()),
                    Amount.m(p.centre()[0]), Amount.m(p.centre()[1]));
        }
        List<double[]> chain = new ArrayList<>();
        double top = 0;
        for (int i = 0; i <= 200 && body.roofInside().at(body.length() * i / 200) >= top; i++) {
            double x = body.length() * i / 200;
            top = body.roofInside().at(x);
            chain.add(new double[]{x, top});
        }
        double[] drop = Panel.cornerDrop(chain, KERF);
        if (drop[0] > 0.1 && drop[1] > 0.1) {
            drops.row("upper front corner, each side", Amount.m(Math.max(drop[0], drop[1])),
                    Amount.m(Math.min(drop[0], drop[1])));
        }
        return Optional.of(book.listing(table.done()).listing(drops.done())
                .note("Of the clear inside; a mirrored pair, good face out, cut as a stack for equality.").done());
    }
}
