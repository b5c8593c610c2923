package lectulum.stage.base;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import lectulum.base.frame.FrameStudies;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Carcass.Frame;
import lectulum.design.base.Carcass.Member;
import lectulum.kernel.beams.Bar;
import javafx.scene.Node;
import lectulum.parts.Form;
import lectulum.stage.Bench;
import lectulum.stage.Entry;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Frame: the rails of the trailer as a beam under what it carries when it leaves.
public final class FrameLeaf implements Leaf.Page {
    private static final double MPA = 1e6;
    private final StudyLeaf studies;
    private final RailEntry entry;

    private FrameLeaf(Workbench bench, Supplier<Theme> theme) {
        entry = new RailEntry(bench);
        studies = new StudyLeaf(theme, FrameStudies.DISCIPLINE,
                "Give the rails of the frame at the left: the stress along it then follows every move of a thing.")
                .beside(entry);
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("frame", "Frame", "Stress and sag of the trailer frame",
                () -> new FrameLeaf(bench.work(), bench.theme()));
    }

    @Override
    public Node node() {
        return studies.page();
    }

    @Override
    public void show(State s) {
        entry.show(s);
        studies.show(s);
    }

    private static final class RailEntry extends Entry {
        RailEntry(Workbench bench) {
            super(bench);
        }

        @Override
        protected String shape(Design d) {
            return String.valueOf(d.base().carcass().frame().isPresent());
        }

        private static Frame usual(Base b) {
            Member m = new Member(0.05, 0.1, 0.004, 2);
            return new Frame(m, b.tongueLength() + 0.2, m, 0.33, 235 * MPA);
        }

        @Override
        protected void build(Form f, Design design) {
            f.heading("Rails");
            if (design.base().carcass().frame().isEmpty()) {
                f.note("Steel bars side by side: the tongue from the ball, then the rails under the body.");
                button(f, "frame-on", "Enter the rails", b -> b.with(b.carcass().withFrame(Optional.of(usual(b)))));
                return;
            }
            member(f, "Tongue", Frame::tongue, (x, m) -> new Frame(m, x.until(), x.rails(), x.hangers(), x.yield()));
            of(f, "Rails begin behind the ball", Quantity.LENGTH, 0, 8, Frame::until,
                    (x, v) -> new Frame(x.tongue(), v, x.rails(), x.hangers(), x.yield()));
            member(f, "Rails", Frame::rails, (x, m) -> new Frame(x.tongue(), x.until(), m, x.hangers(), x.yield()));
            of(f, "Hanger from the axle", Quantity.LENGTH, 0.05, 1, Frame::hangers,
                    (x, v) -> new Frame(x.tongue(), x.until(), x.rails(), v, x.yield()));
            of(f, "Yield", Quantity.STRESS, 50 * MPA, 2000 * MPA, Frame::yield,
                    (x, v) -> new Frame(x.tongue(), x.until(), x.rails(), x.hangers(), v));
            button(f, "frame-off", "Not known", b -> b.with(b.carcass().withFrame(Optional.empty())));
        }

        private void member(Form f, String name, java.util.function.Function<Frame, Member> read,
                BiFunction<Frame, Member, Frame> write) {
            f.choice(name + ", section", List.of(Bar.values()), Bar::label,
                    d -> d.base().carcass().frame().map(x -> read.apply(x).form()).orElse(Bar.TUBE),
                    (d, v) -> d.with(d.base().with(d.base().carcass().withFrame(d.base().carcass().frame()
                            .map(x -> write.apply(x, read.apply(x).as(v)))))));
            of(f, name + ", height", Quantity.LENGTH, 0.01, 0.4, x -> read.apply(x).height(),
                    (x, v) -> write.apply(x, read.apply(x).high(v)));
            of(f, name + ", width", Quantity.LENGTH, 0.01, 0.3, x -> read.apply(x).width(),
                    (x, v) -> write.apply(x, read.apply(x).wide(v)));
            of(f, name + ", wall", Quantity.LENGTH, 0.0005, 0.02, x -> read.apply(x).wall(),
                    (x, v) -> write.apply(x, read.apply(x).thick(v)));
            of(f, name + ", side by side", Quantity.COUNT, 1, 6, x -> read.apply(x).count(),
                    (x, v) -> write.apply(x, read.apply(x).beside((int) Math.round(v))));
        }

        private void of(Form f, String label, Quantity q, double low, double high, ToDoubleFunction<Frame> read,
                BiFunction<Frame, Double, Frame> write) {
            value(f, label, q, low, high,
                    b -> b.carcass().frame().map(read::applyAsDouble).orElse(Double.NaN), (b, v) -> {
                        Carcass c = b.carcass();
                        return b.with(c.withFrame(c.frame().map(x -> write.apply(x, v))));
                    });
        }
    }
}
