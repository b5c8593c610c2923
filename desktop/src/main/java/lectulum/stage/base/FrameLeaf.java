package lectulum.stage.base;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import javafx.scene.Node;
import lectulum.base.frame.FrameStudies;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass.Frame;
import lectulum.design.base.Carcass.Member;
import lectulum.kernel.beams.Bar;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
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
                .beside(entry, true);
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

        /// A sheet that is thinner than half a millimetre is no wall of a bar.
        private static final Range WALL = new Range(Quantity.LENGTH, 0.0005, Range.of(Member.class, "wall").high());

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
            PartRows<Frame> rails = rows(f, Frame.class, b -> b.carcass().frame(), RailEntry::put);
            member(f, "Tongue", Frame::tongue, (x, m) -> new Frame(m, x.until(), x.rails(), x.hangers(), x.yield()));
            rails.row("until");
            member(f, "Rails", Frame::rails, (x, m) -> new Frame(x.tongue(), x.until(), m, x.hangers(), x.yield()));
            rails.row("hangers").row("yield");
            button(f, "frame-off", "Not known", b -> b.with(b.carcass().withFrame(Optional.empty())));
        }

        private void member(Form f, String name, java.util.function.Function<Frame, Member> read,
                BiFunction<Frame, Member, Frame> write) {
            f.choice(name + ", section", List.of(Bar.values()), Bar::label,
                    d -> d.base().carcass().frame().map(x -> read.apply(x).form()).orElse(Bar.TUBE),
                    (d, v) -> d.with(d.base().with(d.base().carcass().withFrame(d.base().carcass().frame()
                            .map(x -> write.apply(x, read.apply(x).as(v)))))));
            rows(f, Member.class, b -> b.carcass().frame().map(read),
                    (b, m) -> b.carcass().frame().map(x -> put(b, write.apply(x, m))).orElse(b))
                    .row("height", name + ", height").row("width", name + ", width").row("wall", name + ", wall", WALL)
                    .row("count", name + ", side by side");
        }

        private static Base put(Base b, Frame rails) {
            return b.with(b.carcass().withFrame(Optional.of(rails)));
        }
    }
}
