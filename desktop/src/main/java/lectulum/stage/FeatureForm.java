package lectulum.stage;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.MenuItem;
import lectulum.design.Design;
import lectulum.design.Meaning;
import lectulum.design.Range;
import lectulum.design.feature.Feature;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.Thing;
import lectulum.parts.Form;
import lectulum.workbench.Workbench;

/// Fields for everything a thing is good for or needs, as its kinds describe themselves.
final class FeatureForm {
    private FeatureForm() {
    }

    static void add(Form form, Workbench bench, Thing thing) {
        for (Feature feature : thing.features()) {
            FeatureKind kind = FeatureKind.of(feature);
            String label = kind.label();
            form.heading(Character.toUpperCase(label.charAt(0)) + label.substring(1));
            kind.slots().forEach(slot -> slot(form, thing.id(), kind, slot));
            Button remove = new Button("Without " + label);
            remove.getStyleClass().addAll("link", "quiet");
            remove.setId("without-" + kind.word());
            remove.setOnAction(e -> bench.edit("Without " + label, d -> d.mapping(thing.id(), t -> without(t, kind))));
            form.node(remove);
        }
    }

    private static Thing without(Thing t, FeatureKind kind) {
        return t.withFeatures(t.features().stream().filter(f -> FeatureKind.of(f) != kind).toList());
    }

    /// Entries of the menu that gives a thing something it has not.
    static List<MenuItem> give(Workbench bench) {
        return FeatureKind.all().stream().map(kind -> {
            MenuItem item = new MenuItem(kind.label());
            item.setOnAction(e -> bench.edit("Give " + bench.names() + " " + kind.label(), d -> d.mapping(
                    bench.state().selection(),
                    t -> of(t, kind).isPresent() ? t : t.with(kind.usual(t)))));
            return item;
        }).toList();
    }

    private static Optional<Feature> of(Thing t, FeatureKind kind) {
        return t.features().stream().filter(f -> FeatureKind.of(f) == kind).findFirst();
    }

    private static Object value(Design d, String id, FeatureKind kind, Meaning slot) {
        return d.thing(id).flatMap(t -> of(t, kind)).map(slot::get).orElse(null);
    }

    private static Design with(Design d, String id, FeatureKind kind, Meaning slot, Object value) {
        return d.mapping(id, t -> of(t, kind).map(f -> t.with(kind.with(f, slot, value))).orElse(t));
    }

    private static void slot(Form form, String id, FeatureKind kind, Meaning slot) {
        if (slot.type() == boolean.class) {
            form.tick(slot.label(), d -> Boolean.TRUE.equals(value(d, id, kind, slot)),
                    (d, v) -> with(d, id, kind, slot, v));
        } else if (slot.type().isEnum()) {
            List<Object> options = Arrays.asList((Object[]) slot.type().getEnumConstants());
            form.choice(slot.label(), options, FeatureForm::label, d -> value(d, id, kind, slot),
                    (d, v) -> with(d, id, kind, slot, v));
        } else if (slot.type() == OptionalDouble.class) {
            form.optional(slot.label(), new Range(slot.quantity(), slot.low(), slot.high()),
                    d -> value(d, id, kind, slot) instanceof OptionalDouble n ? n.orElse(Double.NaN) : Double.NaN,
                    (d, v) -> with(d, id, kind, slot, Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v)));
        } else {
            boolean whole = slot.type() == int.class;
            form.quantity(slot.label(), new Range(slot.quantity(), slot.low(), slot.high()),
                    d -> value(d, id, kind, slot) instanceof Number n ? n.doubleValue() : Double.NaN,
                    (d, v) -> with(d, id, kind, slot, whole ? (Object) (int) Math.round(v) : (Object) v));
        }
    }

    private static String label(Object option) {
        return switch (option) {
            case Feature.Face f -> f.label();
            case Feature.WayUp w -> w.label();
            case Feature.Opening.Leaf l -> l.label();
            case Feature.Sanitary.Use u -> u.label();
            case lectulum.design.base.Stuff s -> s.label();
            case lectulum.kernel.beams.Bar b -> b.label();
            case lectulum.kernel.beams.Held h -> h.label();
            case lectulum.design.base.Carcass.Face f -> f.label();
            case lectulum.design.feature.Electric.Behaviour b -> b.label();
            case lectulum.design.feature.Electric.Known k -> k.label();
            case lectulum.design.feature.Electric.From f -> f.label();
            case lectulum.design.feature.Electric.Socket s -> s.label();
            case lectulum.design.feature.Electric.Zone z -> z.label();
            case lectulum.design.wiring.Part p -> p.label();
            default -> String.valueOf(option);
        };
    }
}
