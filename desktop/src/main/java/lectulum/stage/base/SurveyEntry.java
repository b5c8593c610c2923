package lectulum.stage.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.Survey;
import lectulum.parts.Form;
import lectulum.space.Body;
import lectulum.stage.Entry;
import lectulum.units.Quantity;
import lectulum.workbench.Workbench;

/// Everything that is measured on the real body.
final class SurveyEntry extends Entry {
    private static final Survey.Post UPRIGHT = new Survey.Post(0, 0);

    SurveyEntry(Workbench bench) {
        super(bench);
    }

    @Override
    protected String shape(Design d) {
        Survey s = d.base().survey();
        return s.tapes().isPresent() + " " + s.lean().isPresent() + " " + s.stations().size() + " "
                + s.frame().isPresent() + " " + s.chain().map(c -> c.taken().size()).orElse(-1);
    }

    @Override
    protected void build(Form f, Design design) {
        f.heading("Six tapes at the floor");
        tapes(f, design.base());
        f.heading("Corner posts");
        lean(f, design.base());
        f.heading("Along the body");
        stations(f, design.base());
        f.heading("A rigid frame in it");
        frame(f, design.base());
        f.heading("What is left of a length");
        chain(f, design.base());
    }

    private static Base put(Base b, Survey s) {
        return b.with(s);
    }

    private static double[] nominal(Base b) {
        Body body = Body.of(b.with(Survey.NONE));
        return new double[]{2 * (body.halfWidth() - b.wall()), body.insideRear() - body.shoulder(),
                body.open() ? b.shell().height() : body.roofInside().highest()};
    }

    private interface Read {
        double of(Survey.Tapes t);
    }

    private interface Write {
        Survey.Tapes of(Survey.Tapes t, double v);
    }

    private void tapes(Form f, Base base) {
        if (base.survey().tapes().isEmpty()) {
            f.note("Inside, of the rectangle behind any nose. Equal diagonals alone do not prove it square.");
            button(f, "survey-tapes", "Enter six tapes", b -> {
                double[] n = nominal(b);
                double diagonal = Math.hypot(n[0], n[1]);
                return put(b, b.survey().with(Optional.of(
                        new Survey.Tapes(n[0], n[1], n[1], diagonal, diagonal, 0))));
            });
            return;
        }
        tape(f, "Front width", Survey.Tapes::front, (t, v) -> new Survey.Tapes(v, t.left(), t.right(), t.diagonalA(),
                t.diagonalB(), t.rear()));
        tape(f, "Left side", Survey.Tapes::left, (t, v) -> new Survey.Tapes(t.front(), v, t.right(), t.diagonalA(),
                t.diagonalB(), t.rear()));
        tape(f, "Right side", Survey.Tapes::right, (t, v) -> new Survey.Tapes(t.front(), t.left(), v, t.diagonalA(),
                t.diagonalB(), t.rear()));
        tape(f, "Front left to rear right", Survey.Tapes::diagonalA, (t, v) -> new Survey.Tapes(t.front(), t.left(),
                t.right(), v, t.diagonalB(), t.rear()));
        tape(f, "Front right to rear left", Survey.Tapes::diagonalB, (t, v) -> new Survey.Tapes(t.front(), t.left(),
                t.right(), t.diagonalA(), v, t.rear()));
        f.note("Type what you read over what is drawn. The rear width checks the other five.");
        tape(f, "Rear width, 0 for not read", Survey.Tapes::rear,
                (t, v) -> new Survey.Tapes(t.front(), t.left(), t.right(),
                        t.diagonalA(), t.diagonalB(), v));
        button(f, "survey-tapes-off", "Remove the tapes", b -> put(b, b.survey().with(Optional.empty())));
    }

    private void tape(Form f, String label, Read read, Write write) {
        length(f, label, label.startsWith("Rear") ? 0 : 0.3, 15,
                b -> b.survey().tapes().map(read::of).orElse(Double.NaN),
                (b, v) -> put(b, b.survey().with(b.survey().tapes().map(t -> write.of(t, v)))));
    }

    private void lean(Form f, Base base) {
        if (base.survey().lean().isEmpty()) {
            f.note("How far the top of each post is off its foot. Zero the level on the floor, not on the ground.");
            button(f, "survey-lean", "Enter the lean of the posts", b -> put(b, b.survey().withLean(
                    Optional.of(new Survey.Lean(nominal(b)[2], UPRIGHT, UPRIGHT, UPRIGHT, UPRIGHT)))));
            return;
        }
        length(f, "Measured at height", 0.2, 4, b -> lean(b).height(), (b, v) -> lean(b, new Survey.Lean(v,
                lean(b).frontLeft(), lean(b).frontRight(), lean(b).rearLeft(), lean(b).rearRight())));
        String[] names = {"Front left", "Front right", "Rear left", "Rear right"};
        for (int i = 0; i < 4; i++) {
            int at = i;
            length(f, names[i] + ", back", -0.3, 0.3, b -> posts(b)[at].back(),
                    (b, v) -> post(b, at, new Survey.Post(v, posts(b)[at].right())));
            length(f, names[i] + ", right", -0.3, 0.3, b -> posts(b)[at].right(),
                    (b, v) -> post(b, at, new Survey.Post(posts(b)[at].back(), v)));
        }
        button(f, "survey-lean-off", "Posts are upright", b -> put(b, b.survey().withLean(Optional.empty())));
    }

    private static Survey.Lean lean(Base b) {
        return b.survey().lean().orElse(new Survey.Lean(2, UPRIGHT, UPRIGHT, UPRIGHT, UPRIGHT));
    }

    private static Base lean(Base b, Survey.Lean l) {
        return put(b, b.survey().withLean(Optional.of(l)));
    }

    private static Survey.Post[] posts(Base b) {
        Survey.Lean l = lean(b);
        return new Survey.Post[]{l.frontLeft(), l.frontRight(), l.rearLeft(), l.rearRight()};
    }

    private static Base post(Base b, int at, Survey.Post p) {
        Survey.Post[] all = posts(b);
        all[at] = p;
        return lean(b, new Survey.Lean(lean(b).height(), all[0], all[1], all[2], all[3]));
    }

    private void stations(Form f, Base base) {
        f.note("Widths and heights at several places tighten the drawing where the body is narrower or lower.");
        for (int i = 0; i < base.survey().stations().size(); i++) {
            int at = i;
            String n = "Station " + (i + 1) + ", ";
            station(f, n + "behind the front", 0, 12, at, Survey.Station::at, (s, v) -> new Survey.Station(v,
                    s.widthLow(), s.widthHigh(), s.left(), s.right(), s.bow()));
            station(f, n + "width below", 0.3, 3, at, Survey.Station::widthLow, (s, v) -> new Survey.Station(s.at(), v,
                    s.widthHigh(), s.left(), s.right(), s.bow()));
            station(f, n + "width above", 0.3, 3, at, Survey.Station::widthHigh, (s, v) -> new Survey.Station(s.at(),
                    s.widthLow(), v, s.left(), s.right(), s.bow()));
            station(f, n + "height left", 0.2, 4, at, Survey.Station::left, (s, v) -> new Survey.Station(s.at(),
                    s.widthLow(), s.widthHigh(), v, s.right(), s.bow()));
            station(f, n + "height right", 0.2, 4, at, Survey.Station::right, (s, v) -> new Survey.Station(s.at(),
                    s.widthLow(), s.widthHigh(), s.left(), v, s.bow()));
            station(f, n + "bow inwards", -0.1, 0.1, at, Survey.Station::bow, (s, v) -> new Survey.Station(s.at(),
                    s.widthLow(), s.widthHigh(), s.left(), s.right(), v));
            button(f, "survey-station-off-" + i, "Remove station " + (i + 1), b -> {
                List<Survey.Station> rest = new ArrayList<>(b.survey().stations());
                rest.remove(at);
                return put(b, b.survey().withStations(rest));
            });
        }
        button(f, "survey-station", "Add a station", b -> {
            double[] n = nominal(b);
            List<Survey.Station> all = new ArrayList<>(b.survey().stations());
            all.add(new Survey.Station(all.isEmpty() ? n[1] / 2 : Math.min(n[1], all.getLast().at() + 0.5), n[0], n[0],
                    n[2], n[2], 0));
            return put(b, b.survey().withStations(all));
        });
    }

    private void station(Form f, String label, double low, double high, int at,
            java.util.function.ToDoubleFunction<Survey.Station> read,
            java.util.function.BiFunction<Survey.Station, Double, Survey.Station> write) {
        length(f, label, low, high,
                b -> at < b.survey().stations().size()
                        ? read.applyAsDouble(b.survey().stations().get(at))
                        : Double.NaN,
                (b, v) -> {
                    List<Survey.Station> all = new ArrayList<>(b.survey().stations());
                    all.set(at, write.apply(all.get(at), v));
                    return put(b, b.survey().withStations(all));
                });
    }

    private void frame(Form f, Base base) {
        if (base.survey().frame().isEmpty()) {
            f.note("A rising bed or a cabinet carcass stays square to itself: what may it measure, and where do spacers"
                    + " go? Needs tapes or leans.");
            button(f, "survey-frame", "Enter a frame", b -> {
                double[] n = nominal(b);
                return put(b, b.survey().withFrame(Optional.of(new Survey.Rigid(Math.min(1.9, 0.6 * n[1]),
                        n[0] - 0.04, n[1] / 2, 0.3, Math.max(0.6, n[2] - 0.4), 0.006))));
            });
            return;
        }
        rigid(f, "Frame length", 0.1, 6, Survey.Rigid::length, (r, v) -> new Survey.Rigid(v, r.width(), r.centre(),
                r.low(), r.high(), r.guide()));
        rigid(f, "Frame width", 0.1, 3, Survey.Rigid::width, (r, v) -> new Survey.Rigid(r.length(), v, r.centre(),
                r.low(), r.high(), r.guide()));
        rigid(f, "Its middle behind the front", 0, 12, Survey.Rigid::centre, (r, v) -> new Survey.Rigid(r.length(),
                r.width(), v, r.low(), r.high(), r.guide()));
        rigid(f, "From height", 0, 4, Survey.Rigid::low, (r, v) -> new Survey.Rigid(r.length(), r.width(), r.centre(),
                Math.min(v, r.high()), r.high(), r.guide()));
        rigid(f, "To height", 0, 4, Survey.Rigid::high, (r, v) -> new Survey.Rigid(r.length(), r.width(), r.centre(),
                r.low(), Math.max(v, r.low()), r.guide()));
        rigid(f, "Guide on each side", 0, 0.2, Survey.Rigid::guide, (r, v) -> new Survey.Rigid(r.length(), r.width(),
                r.centre(), r.low(), r.high(), v));
        button(f, "survey-frame-off", "Remove the frame", b -> put(b, b.survey().withFrame(Optional.empty())));
    }

    private void rigid(Form f, String label, double low, double high,
            java.util.function.ToDoubleFunction<Survey.Rigid> read,
            java.util.function.BiFunction<Survey.Rigid, Double, Survey.Rigid> write) {
        length(f, label, low, high, b -> b.survey().frame().map(read::applyAsDouble).orElse(Double.NaN),
                (b, v) -> put(b, b.survey().withFrame(b.survey().frame().map(r -> write.apply(r, v)))));
    }

    private void chain(Form f, Base base) {
        if (base.survey().chain().isEmpty()) {
            f.note("A length, what is taken off it, and what has to fit in the rest, each with its tolerance.");
            button(f, "survey-chain", "Enter a chain of sizes", b -> put(b, b.survey().withChain(Optional.of(
                    new Survey.Chain(new Survey.Link("inside length", nominal(b)[1], 1, 0.002),
                            List.of(new Survey.Link("lining", 0.006, 2, 0.002)), 2.0)))));
            return;
        }
        link(f, -1, "The whole");
        for (int i = 0; i < base.survey().chain().get().taken().size(); i++) {
            link(f, i, "Less " + (i + 1));
        }
        length(f, "Has to fit", 0, 15, b -> b.survey().chain().map(Survey.Chain::need).orElse(Double.NaN),
                (b, v) -> chain(b, c -> new Survey.Chain(c.whole(), c.taken(), v)));
        button(f, "survey-link", "Take another size off", b -> chain(b, c -> {
            List<Survey.Link> all = new ArrayList<>(c.taken());
            all.add(new Survey.Link("size " + (all.size() + 1), 0.1, 1, 0.005));
            return new Survey.Chain(c.whole(), all, c.need());
        }));
        button(f, "survey-link-off", "Remove the last size", b -> chain(b, c -> new Survey.Chain(c.whole(),
                c.taken().isEmpty() ? c.taken() : c.taken().subList(0, c.taken().size() - 1), c.need())));
        button(f, "survey-chain-off", "Remove the chain", b -> put(b, b.survey().withChain(Optional.empty())));
    }

    private static Base chain(Base b, java.util.function.UnaryOperator<Survey.Chain> change) {
        return put(b, b.survey().withChain(b.survey().chain().map(change)));
    }

    private static Survey.Link link(Base b, int at) {
        Survey.Chain c = b.survey().chain().orElseThrow();
        return at < 0 || at >= c.taken().size() ? c.whole() : c.taken().get(at);
    }

    private static Base link(Base b, int at, Survey.Link l) {
        return chain(b, c -> {
            if (at < 0) {
                return new Survey.Chain(l, c.taken(), c.need());
            }
            List<Survey.Link> all = new ArrayList<>(c.taken());
            all.set(at, l);
            return new Survey.Chain(c.whole(), all, c.need());
        });
    }

    private void link(Form f, int at, String label) {
        f.longText(label + ", what", d -> link(d.base(), at).name(),
                (d, v) -> d.with(link(d.base(), at, new Survey.Link(v,
                        link(d.base(), at).size(), link(d.base(), at).count(), link(d.base(), at).tolerance()))));
        length(f, label + ", size", 0, 15, b -> link(b, at).size(),
                (b, v) -> link(b, at, new Survey.Link(link(b, at).name(), v, link(b, at).count(),
                        link(b, at).tolerance())));
        value(f, label + ", times", Quantity.COUNT, 0, 20, b -> (double) link(b, at).count(),
                (b, v) -> link(b, at, new Survey.Link(link(b, at).name(), link(b, at).size(), (int) Math.round(v),
                        link(b, at).tolerance())));
        length(f, label + ", ±", 0, 1, b -> link(b, at).tolerance(),
                (b, v) -> link(b, at, new Survey.Link(link(b, at).name(), link(b, at).size(), link(b, at).count(), v)));
    }
}
