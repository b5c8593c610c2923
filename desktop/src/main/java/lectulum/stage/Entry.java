package lectulum.stage;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.base.Base;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
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

    /// Rows for the numbers of a part of the base.
    protected static <P extends Record> PartRows<P> rows(Form f, Class<P> type, Function<Base, Optional<P>> read,
            BiFunction<Base, P, Base> write) {
        return new PartRows<>(f, type, d -> read.apply(d.base()), (d, p) -> d.with(write.apply(d.base(), p)));
    }

    /// A number of the base that is not kept as it is shown.
    protected final void value(Form f, String label, Range range, Function<Base, Double> read,
            BiFunction<Base, Double, Base> write) {
        f.quantity(label, range, d -> read.apply(d.base()),
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
