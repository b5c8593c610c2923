package lectulum.stage.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import lectulum.base.gear.AxleSquare;
import lectulum.base.gear.GearStudies;
import lectulum.base.gear.Guards;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.Gear;
import lectulum.parts.Form;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Entry;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Running gear: the axle squared from the ball, spring hangers, what guides the axle, and the tyre in its guard.
public final class GearLeaf implements Leaf.Page {
    private final StudyLeaf studies;
    private final GearEntry entry;
    private final AssumedEntry assumed;

    private GearLeaf(Workbench bench, Supplier<Theme> theme) {
        entry = new GearEntry(bench);
        assumed = new AssumedEntry(bench, "guard.", "spring.bump", "spring.droop", "spring.creep", "spring.lateral");
        studies = new StudyLeaf(theme, GearStudies.DISCIPLINE,
                "Enter at the left what you know: two tapes from the ball tell whether the axle is square; the leaf and its"
                        + " shackle tell where the hangers go; the height of the guard tells which tyre fits.")
                .beside(new VBox(entry, assumed));
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("gear", "Running gear", "Axle square, spring hangers, guides and mudguards",
                () -> new GearLeaf(bench.work(), bench.theme()));
    }

    @Override
    public Node node() {
        return studies.page();
    }

    @Override
    public void show(State s) {
        entry.show(s);
        assumed.show(s);
        studies.show(s);
    }

    private static final class GearEntry extends Entry {
        GearEntry(Workbench bench) {
            super(bench);
        }

        @Override
        protected String shape(Design d) {
            Gear g = gear(d.base());
            return g.tapes().size() + " " + g.springs().isPresent() + " " + g.guide().map(Gear.Guide::kind) + " "
                    + g.guard().isPresent() + " " + d.base().axle().count();
        }

        private static Gear gear(Base b) {
            return b.carcass().gear();
        }

        private static Base put(Base b, Gear g) {
            return b.with(b.carcass().with(g));
        }

        @Override
        protected void build(Form f, Design design) {
            f.heading("Tapes from the ball");
            tapes(f, design.base());
            f.heading("Leaf springs");
            springs(f, design.base());
            f.heading("Held sideways by");
            guide(f, design.base());
            f.heading("Mudguards");
            guard(f, design.base());
        }

        private void tapes(Form f, Base base) {
            int taped = gear(base).tapes().size();
            if (taped == 0) {
                f.note("From the middle of the ball to the same point at both ends of the axle.");
            }
            for (int i = 0; i < Math.min(taped, base.axle().count()); i++) {
                String which = base.axle().count() > 1 ? "Axle " + (i + 1) + ", " : "";
                tape(f, i, which + "to the left end", 0.3, 14, Gear.Tapes::left,
                        (t, v) -> new Gear.Tapes(v, t.right(), t.between(), t.offset()));
                tape(f, i, which + "to the right end", 0.3, 14, Gear.Tapes::right,
                        (t, v) -> new Gear.Tapes(t.left(), v, t.between(), t.offset()));
                tape(f, i, which + "between the points", 0.3, 3, Gear.Tapes::between,
                        (t, v) -> new Gear.Tapes(t.left(), t.right(), v, t.offset()));
                tape(f, i, which + "middle off to the right", -0.3, 0.3, Gear.Tapes::offset,
                        (t, v) -> new Gear.Tapes(t.left(), t.right(), t.between(), v));
            }
            if (taped < base.axle().count()) {
                int next = taped;
                button(f, "gear-tape", base.axle().count() > 1 ? "Tape axle " + (taped + 1) : "Tape the axle",
                        b -> put(b, gear(b).withTapes(plus(gear(b).tapes(), AxleSquare.asPlanned(b, next)))));
            }
            if (taped > 0) {
                button(f, "gear-tape-off", "Remove the tapes", b -> put(b, gear(b).withTapes(List.of())));
            }
        }

        private static List<Gear.Tapes> plus(List<Gear.Tapes> tapes, Gear.Tapes next) {
            List<Gear.Tapes> all = new ArrayList<>(tapes);
            all.add(next);
            return all;
        }

        private void tape(Form f, int which, String label, double low, double high, ToDoubleFunction<Gear.Tapes> read,
                BiFunction<Gear.Tapes, Double, Gear.Tapes> write) {
            length(f, Character.toUpperCase(label.charAt(0)) + label.substring(1), low, high,
                    b -> which < gear(b).tapes().size()
                            ? read.applyAsDouble(gear(b).tapes().get(which))
                            : Double.NaN,
                    (b, v) -> {
                        List<Gear.Tapes> all = new ArrayList<>(gear(b).tapes());
                        all.set(which, write.apply(all.get(which), v));
                        return put(b, gear(b).withTapes(all));
                    });
        }

        private void springs(Form f, Base base) {
            if (gear(base).springs().isEmpty()) {
                f.note("A leaf fixed at its front eye, on a shackle at its rear one.");
                button(f, "gear-springs", "Enter the springs", b -> put(b, gear(b).withSprings(
                        Optional.of(new Gear.Springs(0.66, 0.075, 0.045, 0, 0.07, 0, Math.toRadians(15), 0)))));
                return;
            }
            leaf(f, "Leaf, eye to eye along it", Quantity.LENGTH, 0.2, 2, Gear.Springs::leaf,
                    (s, v) -> new Gear.Springs(v, s.free(), s.laden(), s.bump(), s.shackle(), s.rise(), s.angle(),
                            s.hangers()));
            leaf(f, "Camber, wheel hanging", Quantity.LENGTH, 0, 0.6, Gear.Springs::free,
                    (s, v) -> new Gear.Springs(s.leaf(), v, s.laden(), s.bump(), s.shackle(), s.rise(), s.angle(),
                            s.hangers()));
            leaf(f, "Camber, laden", Quantity.LENGTH, -0.2, 0.6, Gear.Springs::laden,
                    (s, v) -> new Gear.Springs(s.leaf(), s.free(), v, s.bump(), s.shackle(), s.rise(), s.angle(),
                            s.hangers()));
            leaf(f, "Camber, full bump", Quantity.LENGTH, -0.6, 0.6, Gear.Springs::bump,
                    (s, v) -> new Gear.Springs(s.leaf(), s.free(), s.laden(), v, s.shackle(), s.rise(), s.angle(),
                            s.hangers()));
            leaf(f, "Shackle, hole to hole", Quantity.LENGTH, 0.02, 0.4, Gear.Springs::shackle,
                    (s, v) -> new Gear.Springs(s.leaf(), s.free(), s.laden(), s.bump(), v, s.rise(), s.angle(),
                            s.hangers()));
            leaf(f, "Shackle hole higher by", Quantity.LENGTH, -0.3, 0.3, Gear.Springs::rise,
                    (s, v) -> new Gear.Springs(s.leaf(), s.free(), s.laden(), s.bump(), s.shackle(), v, s.angle(),
                            s.hangers()));
            leaf(f, "Shackle wanted when laden", Quantity.ANGLE, -1, 1.4, Gear.Springs::angle,
                    (s, v) -> new Gear.Springs(s.leaf(), s.free(), s.laden(), s.bump(), s.shackle(), s.rise(), v,
                            s.hangers()));
            leaf(f, "Holes as welded, 0 before", Quantity.LENGTH, 0, 2.5, Gear.Springs::hangers, Gear.Springs::hung);
            button(f, "gear-springs-off", "Not on leaf springs",
                    b -> put(b, gear(b).withSprings(Optional.empty())));
        }

        private void leaf(Form f, String label, Quantity q, double low, double high,
                ToDoubleFunction<Gear.Springs> read, BiFunction<Gear.Springs, Double, Gear.Springs> write) {
            value(f, label, q, low, high, b -> gear(b).springs().map(read::applyAsDouble).orElse(Double.NaN),
                    (b, v) -> put(b, gear(b).withSprings(gear(b).springs().map(s -> write.apply(s, v)))));
        }

        private void guide(Form f, Base base) {
            Optional<Gear.Guide> guide = gear(base).guide();
            if (guide.isEmpty()) {
                f.note("The springs alone, unless a bar or a link does.");
                button(f, "gear-bar", "A bar across", b -> put(b, gear(b).withGuide(
                        Optional.of(new Gear.Guide(Gear.Guide.Kind.BAR, 0.8, 0.03)))));
                button(f, "gear-link", "Two arms and a link", b -> put(b, gear(b).withGuide(
                        Optional.of(new Gear.Guide(Gear.Guide.Kind.LINK, 0.4, 0.16)))));
                return;
            }
            boolean bar = guide.get().kind() == Gear.Guide.Kind.BAR;
            held(f, bar ? "Bar, joint to joint" : "Each arm", 0.05, 2.5, Gear.Guide::arm,
                    (g, v) -> new Gear.Guide(g.kind(), v, g.offset()));
            held(f, bar ? "Higher at the frame by" : "Link, hole to hole", bar ? -0.4 : 0.02, 1, Gear.Guide::offset,
                    (g, v) -> new Gear.Guide(g.kind(), g.arm(), v));
            button(f, "gear-guide-off", bar ? "No bar" : "No link", b -> put(b, gear(b).withGuide(Optional.empty())));
        }

        private void held(Form f, String label, double low, double high, ToDoubleFunction<Gear.Guide> read,
                BiFunction<Gear.Guide, Double, Gear.Guide> write) {
            length(f, label, low, high, b -> gear(b).guide().map(read::applyAsDouble).orElse(Double.NaN),
                    (b, v) -> put(b, gear(b).withGuide(gear(b).guide().map(g -> write.apply(g, v)))));
        }

        private void guard(Form f, Base base) {
            if (gear(base).guard().isEmpty()) {
                f.note("Their height over the axle stands below, among the assumed values.");
                button(f, "gear-guard", "Enter their length and side", b -> put(b, gear(b).withGuard(
                        Optional.of(Guards.usualGuard(b.axle())))));
                return;
            }
            around(f, "Length inside", 0.2, 3, Gear.Guard::length, (g, v) -> new Gear.Guard(v, g.inside()));
            around(f, "Middle of the camper to its inner side", 0, 2, Gear.Guard::inside,
                    (g, v) -> new Gear.Guard(g.length(), v));
            button(f, "gear-guard-off", "Not known", b -> put(b, gear(b).withGuard(Optional.empty())));
        }

        private void around(Form f, String label, double low, double high, ToDoubleFunction<Gear.Guard> read,
                BiFunction<Gear.Guard, Double, Gear.Guard> write) {
            length(f, label, low, high, b -> gear(b).guard().map(read::applyAsDouble).orElse(Double.NaN),
                    (b, v) -> put(b, gear(b).withGuard(gear(b).guard().map(g -> write.apply(g, v)))));
        }
    }
}
