package lectulum.base.gear;

import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumption;
import lectulum.balance.Rig;
import lectulum.balance.ratings.RatingStudies;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Figures;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.units.Quantity;

/// What an axle is ordered by: load, faces of the hubs, spring centres, how far it drops, flange, tyres.
///
/// A camper without an axle has nothing to order. What is not known stands as a line to fill in, never as a number. The frame
/// is level and laden; the maker's drawing wins.
public final class AxleOrder {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("axle-order", "The axle to order",
            Stage.BASE,
            in -> in.of(Rig.DISCIPLINE).studies(rig -> List.of(of(rig, in.of(RatingStudies.DISCIPLINE).figures()))));
    /// The study that is printed.
    public static final String ID = "axle-order";

    private static final String SOURCE = "plane geometry";
    private static final String OWN = "fill in";

    private AxleOrder() {
    }

    private static Study of(Rig rig, Figures ratings) {
        Study.Notebook book = new Study.Notebook(ID, Stage.BASE, "The axle to order", "");
        Design design = rig.design;
        Axle axle = design.base().axle();
        Listing.Maker table = new Listing.Maker("").words("What", "size", "good to", "from");
        int n = axle.count();
        table.row("Axles", n == 1 ? "one" : Sentence.of("two, {0} apart", Amount.m(axle.spacing())), "", "Base");
        ratings.find("dry.order").filter(f -> f.value().isPresent()).ifPresent(f -> {
            double each = f.value().getAsDouble() / n;
            book.figure("axle.load", "Each axle for at least", each, Quantity.MASS, "all together/axles",
                    Sentence.of("{0} for all of them", Amount.kg(f.value().getAsDouble())), "Balance, Ratings");
            table.row("Load of each, at least", Amount.kg(each), "", "Balance, Ratings");
        });
        double offset = rig.assumed(Assumption.WHEEL_OFFSET);
        double faces = axle.track() + 2 * offset;
        book.figure("axle.faces", "Hub face to hub face", faces, Quantity.LENGTH, "track + 2 × offset",
                Sentence.of("{0} + 2 × {1}", Amount.m(axle.track()), Amount.m(offset)), SOURCE);
        table.row("Track, middle to middle of the tyres", Amount.m(axle.track()), Amount.sag(0.003), "Base");
        table.row("Hub face to hub face", Amount.m(faces), Amount.sag(0.002),
                Sentence.of("wheels with an offset of {0}", Amount.m(offset)));
        double springs = rig.assumed(Assumption.SPRING_BASE) * axle.track();
        book.figure("axle.springs", "Spring centres", springs, Quantity.LENGTH, "share × track",
                Sentence.of("{0} × {1}", Amount.share(rig.assumed(Assumption.SPRING_BASE)), Amount.m(axle.track())),
                "assumed share; the rails decide");
        table.row("Spring centres, or arms of a rubber axle", Amount.m(springs), Amount.sag(0.002),
                "measure them on the rails");
        drop(rig, axle, book, table);
        table.row("Tyres", Sentence.of("{0} across, {1} wide", Amount.m(axle.wheelDiameter()),
                Amount.m(axle.tyreWidth())), "", "Base");
        table.row("Studs and bolt circle", OWN, "", "as on the vehicle, where one spare is to fit both");
        table.row("Flange for a brake", axle.braked() ? "yes, with brakes" : "yes, without: fitted later it is dear",
                "",
                "Base");
        table.row("Travel up and down", Sentence.of("{0} and {1}", Amount.m(rig.assumed(Assumption.SPRING_BUMP)),
                Amount.m(rig.assumed(Assumption.SPRING_DROOP))), "", "Hitch");
        return book.listing(table.done()).caution(
                "Weigh, or plan to the end, before it is ordered. Axles, hangers and their welds need a competent person"
                        + " and local approval.")
                .done();
    }

    /// From the middle of the hub, laden, up to what the axle is bolted under.
    private static void drop(Rig rig, Axle axle, Study.Notebook book, Listing.Maker table) {
        Optional<Double> rails = rig.base().carcass().frame().map(f -> f.rails().height());
        double under = rig.underside() - rails.orElse(0.0);
        double up = under - rig.radius;
        book.figure("axle.under", "Rails above the hub's middle, laden", up, Quantity.LENGTH,
                "floor − its thickness − rails − radius",
                Sentence.of("{0} − {1}", Amount.m(under), Amount.m(rig.radius)), SOURCE);
        table.row("Underside of the rails above the middle of the hub, laden", Amount.m(up), Amount.sag(0.005),
                rails.isPresent() ? "frame as entered" : "no frame entered: of the floor");
    }
}
