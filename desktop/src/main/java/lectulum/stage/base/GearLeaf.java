package lectulum.stage.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import lectulum.base.gear.AxleSquare;
import lectulum.base.gear.AxleOrder;
import lectulum.base.gear.GearStudies;
import lectulum.base.gear.Guards;
import lectulum.design.Design;
import lectulum.design.Meaning;
import lectulum.design.base.Base;
import lectulum.design.base.Gear;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Entry;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.theme.Theme;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Running gear: the axle squared from the ball, spring hangers, what guides the axle, and the tyre in its guard.
public final class GearLeaf implements Leaf.Page {
    private final StudyLeaf studies;
    private final GearEntry entry;
    private final AssumedEntry assumed;

    private GearLeaf(Workbench bench, Supplier<Theme> theme) {
        entry = new GearEntry(bench);
        assumed = new AssumedEntry(bench, "gear");
        studies = new StudyLeaf(theme, s -> Stream.of(GearStudies.DISCIPLINE, AxleOrder.DISCIPLINE)
                .flatMap(d -> s.analysis().of(d).all().stream()).toList(),
                "Enter at the left what you know: two tapes from the ball tell whether the axle is square; the leaf and its"
                        + " shackle tell where the hangers go; the height of the guard tells which tyre fits.")
                .beside(new VBox(entry, assumed), true);
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
                int at = i;
                PartRows<Gear.Tapes> tapes = rows(f, Gear.Tapes.class,
                        b -> gear(b).tapes().stream().skip(at).findFirst(), (b, t) -> {
                            List<Gear.Tapes> all = new ArrayList<>(gear(b).tapes());
                            all.set(at, t);
                            return put(b, gear(b).withTapes(all));
                        });
                for (String end : List.of("left", "right", "between", "offset")) {
                    String label = Meaning.of(Gear.Tapes.class, end).label();
                    tapes.row(end, which.isEmpty() ? label : which + lower(label));
                }
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

        private static String lower(String label) {
            return Character.toLowerCase(label.charAt(0)) + label.substring(1);
        }

        private void springs(Form f, Base base) {
            if (gear(base).springs().isEmpty()) {
                f.note("A leaf fixed at its front eye, on a shackle at its rear one.");
                button(f, "gear-springs", "Enter the springs", b -> put(b, gear(b).withSprings(
                        Optional.of(new Gear.Springs(0.66, 0.075, 0.045, 0, 0.07, 0, Math.toRadians(15))))));
                return;
            }
            rows(f, Gear.Springs.class, b -> gear(b).springs(),
                    (b, s) -> put(b, gear(b).withSprings(Optional.of(s)))).row("leaf").row("free").row("laden")
                    .row("bump").row("shackle").row("rise").row("angle").unknownRow("hangers", "Holes as welded");
            button(f, "gear-springs-off", "Not on leaf springs",
                    b -> put(b, gear(b).withSprings(Optional.empty())));
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
            rows(f, Gear.Guide.class, b -> gear(b).guide(), (b, g) -> put(b, gear(b).withGuide(Optional.of(g))))
                    .row("arm", bar ? "Bar, joint to joint" : "Each arm")
                    .row("offset", bar ? "Higher at the frame by" : "Link, hole to hole");
            button(f, "gear-guide-off", bar ? "No bar" : "No link", b -> put(b, gear(b).withGuide(Optional.empty())));
        }

        private void guard(Form f, Base base) {
            if (gear(base).guard().isEmpty()) {
                f.note("Their height over the axle stands below, among the assumed values.");
                button(f, "gear-guard", "Enter their length and side", b -> put(b, gear(b).withGuard(
                        Optional.of(Guards.usualGuard(b.axle())))));
                return;
            }
            rows(f, Gear.Guard.class, b -> gear(b).guard(), (b, g) -> put(b, gear(b).withGuard(Optional.of(g))))
                    .row("length").row("inside");
            button(f, "gear-guard-off", "Not known", b -> put(b, gear(b).withGuard(Optional.empty())));
        }
    }
}
