package lectulum.stage;

import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.parts.Form;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The form beside the studies of a leaf: built anew when parts come or go, else only refreshed.
public abstract class Entry extends VBox {
    protected final Workbench bench;
    private Form form;
    private String built = "";

    protected Entry(Workbench bench) {
        this.bench = bench;
        getStyleClass().add("entry-form");
        setSpacing(4);
    }

    /// Which parts there are.
    protected abstract String shape(Design design);

    protected abstract void build(Form fresh, Design design);

    public final void show(State state) {
        Design design = state.analysis().given();
        String now = shape(design);
        if (form == null || !now.equals(built)) {
            built = now;
            form = new Form(bench);
            build(form, design);
            getChildren().setAll(form);
        }
        form.show(state);
    }

    /// A length of the base.
    protected final void length(Form f, String label, double low, double high, Function<Base, Double> read,
            BiFunction<Base, Double, Base> write) {
        value(f, label, Quantity.LENGTH, low, high, read, write);
    }

    protected final void value(Form f, String label, Quantity quantity, double low, double high,
            Function<Base, Double> read,
            BiFunction<Base, Double, Base> write) {
        f.quantity(label, quantity, low, high, d -> read.apply(d.base()),
                (d, v) -> d.with(write.apply(d.base(), v)));
    }

    /// A button that changes the base.
    protected final void button(Form f, String id, String text, Function<Base, Base> change) {
        Button button = new Button(text);
        button.setId(id);
        button.setOnAction(e -> bench.edit(text, d -> d.with(change.apply(d.base()))));
        f.node(button);
    }
}
