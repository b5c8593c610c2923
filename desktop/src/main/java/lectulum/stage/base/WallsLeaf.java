package lectulum.stage.base;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import lectulum.base.walls.WallStudies;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass.Face;
import lectulum.design.base.Carcass.Framing;
import lectulum.discipline.Study;
import lectulum.parts.Form;
import lectulum.parts.Words;
import lectulum.space.Body;
import lectulum.stage.Bench;
import lectulum.stage.Entry;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.theme.Theme;
import lectulum.units.Entry.Read;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.TapeEntry;
import lectulum.units.UnitSystem;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Walls: studs and bows of every face, the holes in it, headers, and what is behind.
public final class WallsLeaf implements Leaf.Page {
    private final StudyLeaf studies;
    private final FramingEntry entry;

    private WallsLeaf(Workbench bench, Supplier<Theme> theme) {
        entry = new FramingEntry(bench);
        studies = new StudyLeaf(theme, this::chosenFirst,
                "Nothing is known about the walls yet. Give the members of a face at the left, or set a window or a door"
                        + " into the shell on the Layout stage.")
                .beside(entry, true);
    }

    public static Leaf leaf(Bench bench) {
        return new Leaf("walls", "Walls", "Studs, holes and headers of each face",
                () -> new WallsLeaf(bench.work(), bench.theme()));
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

    /// The face that is being edited first.
    private List<Study> chosenFirst(State s) {
        String first = "wall." + entry.face.name().toLowerCase(java.util.Locale.ROOT);
        return s.analysis().of(WallStudies.DISCIPLINE).all().stream()
                .sorted(java.util.Comparator.comparing(x -> !x.id().equals(first))).toList();
    }

    private final class FramingEntry extends Entry {
        private Face face = Face.LEFT;

        FramingEntry(Workbench bench) {
            super(bench);
        }

        @Override
        protected String shape(Design d) {
            return face + " " + d.base().carcass().framing().containsKey(face) + bench.state().units();
        }

        @Override
        protected void build(Form f, Design design) {
            f.heading("Members");
            ComboBox<Face> box = new ComboBox<>();
            box.setId("wall-face");
            box.setAccessibleText("Face");
            box.getItems().setAll(Face.values());
            box.setMaxWidth(Double.MAX_VALUE);
            box.setConverter(Words.by(option -> option.label()));
            box.setValue(face);
            box.setOnAction(e -> {
                face = box.getValue();
                WallsLeaf.this.show(bench.state());
            });
            f.node(box);
            if (design.base().carcass().framing().containsKey(face)) {
                known(f);
            } else {
                f.note("Where the studs, ribs, bows or cross-members of this face are. Measure them from the front of the"
                        + " body, or from its middle line for front and rear.");
                button(f, "framing-406", "Every " + pitch(0.4064), b -> even(b, 0.4064));
                button(f, "framing-610", "Every " + pitch(0.6096), b -> even(b, 0.6096));
            }
        }

        private String pitch(double metres) {
            return Units.text(metres, Quantity.LENGTH, bench.state().style());
        }

        private Base even(Base b, double pitch) {
            Body body = Body.of(b);
            boolean across = face == Face.FRONT || face == Face.REAR;
            double half = body.halfWidth() - b.wall();
            double from = across ? -half + 0.019 : body.shoulder() + 0.019;
            double to = across ? half - 0.019 : body.insideRear() - 0.019;
            return put(b, Framing.even(from, to, pitch, 0.038, 0.038));
        }

        private Base put(Base b, Framing framing) {
            return b.with(b.carcass().with(face, Optional.of(framing)));
        }

        private Framing of(Base b) {
            return b.carcass().framing().getOrDefault(face, new Framing(List.of(), 0.038, 0.038, false));
        }

        private void known(Form f) {
            rows(f, Framing.class, b -> Optional.of(of(b)), this::put).row("width").row("depth").row("plies")
                    .row("noggins");
            f.tick("Openings as in houses", d -> of(d.base()).house(),
                    (d, v) -> d.with(put(d.base(), of(d.base()).house(v))));
            f.note("A semicolon between two. Tape entries such as 2' 3 1/2\" are read.");
            f.longText("Their middles", d -> text(of(d.base())), (d, v) -> parsed(v).map(
                    studs -> d
                            .with(put(d.base(), of(d.base()).at(studs).measured(true))))
                    .orElse(d));
            button(f, "framing-shift", "Shift all 10 mm back", b -> put(b,
                    of(b).at(of(b).studs().stream().map(s -> s + 0.01).toList())));
            button(f, "framing-off", "Not known", b -> b.with(b.carcass().with(face, Optional.empty())));
        }

        private String text(Framing f) {
            Style style = bench.state().style();
            return f.studs().stream().map(s -> style.system() == UnitSystem.US
                    ? Units.entry(s, Quantity.LENGTH, style)
                    : String.valueOf(Math.round(s * 1000))).collect(Collectors.joining("; "));
        }

        /// Empty where a part is not understood: the old places stay.
        private Optional<List<Double>> parsed(String text) {
            List<Double> studs = new java.util.ArrayList<>();
            Range middles = Range.of(Framing.class, "studs");
            for (String part : text.split(";")) {
                if (part.isBlank()) {
                    continue;
                }
                if (TapeEntry.read(part.strip(), middles.quantity(), bench.state().style(), middles.low(),
                        middles.high()) instanceof Read(double v)) {
                    studs.add(v);
                } else {
                    return Optional.empty();
                }
            }
            return Optional.of(studs);
        }
    }
}
