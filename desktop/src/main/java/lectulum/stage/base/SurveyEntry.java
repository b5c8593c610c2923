package lectulum.stage.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.Survey;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.space.Body;
import lectulum.stage.Entry;
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

    private void tapes(Form f, Base base) {
        if (base.survey().tapes().isEmpty()) {
            f.note("Inside, of the rectangle behind any nose. Equal diagonals alone do not prove it square.");
            button(f, "survey-tapes", "Enter six tapes", b -> {
                double[] n = nominal(b);
                double diagonal = Math.hypot(n[0], n[1]);
                return put(b, b.survey().with(Optional.of(
                        new Survey.Tapes(n[0], n[1], n[1], diagonal, diagonal))));
            });
            return;
        }
        PartRows<Survey.Tapes> tapes = rows(f, Survey.Tapes.class, b -> b.survey().tapes(),
                (b, t) -> put(b, b.survey().with(Optional.of(t))));
        tapes.row("front").row("left").row("right").row("diagonalA").row("diagonalB");
        f.note("Type what you read over what is drawn. The rear width checks the other five.");
        tapes.unknownRow("rear", "Rear width, if read");
        button(f, "survey-tapes-off", "Remove the tapes", b -> put(b, b.survey().with(Optional.empty())));
    }

    private void lean(Form f, Base base) {
        if (base.survey().lean().isEmpty()) {
            f.note("How far the top of each post is off its foot. Zero the level on the floor, not on the ground.");
            button(f, "survey-lean", "Enter the lean of the posts", b -> put(b, b.survey().withLean(
                    Optional.of(new Survey.Lean(nominal(b)[2], UPRIGHT, UPRIGHT, UPRIGHT, UPRIGHT)))));
            return;
        }
        rows(f, Survey.Lean.class, b -> b.survey().lean(), SurveyEntry::lean).row("height");
        String[] names = {"Front left", "Front right", "Rear left", "Rear right"};
        for (int i = 0; i < 4; i++) {
            int at = i;
            rows(f, Survey.Post.class, b -> Optional.of(posts(b)[at]), (b, p) -> post(b, at, p))
                    .row("back", names[i] + ", back").row("right", names[i] + ", right");
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
            rows(f, Survey.Station.class, b -> b.survey().stations().stream().skip(at).findFirst(), (b, s) -> {
                List<Survey.Station> all = new ArrayList<>(b.survey().stations());
                all.set(at, s);
                return put(b, b.survey().withStations(all));
            }).row("at", n + "behind the front").row("widthLow", n + "width below").row("widthHigh", n + "width above")
                    .row("left", n + "height left").row("right", n + "height right").row("bow", n + "bow inwards");
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
        rows(f, Survey.Rigid.class, b -> b.survey().frame(),
                (b, r) -> put(b, b.survey().withFrame(Optional.of(r.low() <= r.high()
                        ? r
                        : new Survey.Rigid(r.length(), r.width(), r.centre(), r.high(), r.high(), r.guide())))))
                .row("length").row("width").row("centre").row("low").row("high").row("guide");
        button(f, "survey-frame-off", "Remove the frame", b -> put(b, b.survey().withFrame(Optional.empty())));
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
        rows(f, Survey.Chain.class, b -> b.survey().chain(), (b, c) -> chain(b, old -> c)).row("need");
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
        rows(f, Survey.Link.class, b -> b.survey().chain().map(c -> link(b, at)), (b, l) -> link(b, at, l))
                .row("size", label + ", size").row("count", label + ", times").row("tolerance", label + ", ±");
    }
}
