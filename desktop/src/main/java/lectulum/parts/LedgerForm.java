package lectulum.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import lectulum.workbench.State;

/// A table and the form of the row that is chosen in it. The form is made anew only when another row is chosen or the chosen one
/// takes another shape; one that is gone is followed by the last, or by the first.
///
/// @param <T> a row
public final class LedgerForm<T> {
    private final Ledger<T> table;
    private final Function<State, List<T>> rows;
    private final Function<T, String> name;
    private final VBox panel = new VBox(6);
    private Function<T, Object> shape = row -> "";
    private Function<T, Form> maker = row -> null;
    private Function<T, List<Node>> more = row -> List.of();
    private Consumer<T> chosen = row -> {
    };
    private boolean first;
    private Optional<Form> form = Optional.empty();
    private List<Object> shown = List.of();
    private String id = "";
    private State state;
    private boolean showing;

    /// @param rows of a state, in their order
    /// @param name stable id of a row
    public LedgerForm(Ledger<T> table, Function<State, List<T>> rows, Function<T, String> name) {
        this.table = table;
        this.rows = rows;
        this.name = name;
        table.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                id = name.apply(now);
                chosen.accept(now);
                showForm();
            }
        });
        panel.getStyleClass().add("panel");
        panel.setPrefWidth(380);
        panel.setMinWidth(320);
    }

    /// Height that the table wants, and takes at least.
    public LedgerForm<T> high(double wanted, double least) {
        table.setPrefHeight(wanted);
        table.setMinHeight(least);
        return this;
    }

    /// What the form is made of.
    ///
    /// @param of of a row: when it changes, the form is made anew
    public LedgerForm<T> form(Function<T, Object> of, Function<T, Form> make) {
        shape = of;
        maker = make;
        return this;
    }

    /// What stands under the form.
    public LedgerForm<T> under(Function<T, List<Node>> nodes) {
        more = nodes;
        return this;
    }

    /// What else happens when a row is chosen by hand.
    public LedgerForm<T> choosing(Consumer<T> does) {
        chosen = does;
        return this;
    }

    /// Begins with the first row.
    public LedgerForm<T> fromTheFirst() {
        first = true;
        return this;
    }

    public Ledger<T> table() {
        return table;
    }

    /// The form of the chosen row.
    public Node panel() {
        return panel;
    }

    /// Id of the chosen row; empty for none.
    public String id() {
        return id;
    }

    /// The chosen row, as it is now.
    public Optional<T> row() {
        return table.getItems().stream().filter(r -> name.apply(r).equals(id)).findFirst();
    }

    /// Chooses a row that is about to be there.
    public void choose(String which) {
        id = which;
    }

    public void show(State next) {
        state = next;
        showing = true;
        List<T> all = rows.apply(next);
        table.show(all, next.style());
        if (all.stream().noneMatch(r -> name.apply(r).equals(id))) {
            id = all.isEmpty() ? "" : name.apply(first ? all.getFirst() : all.getLast());
        }
        row().ifPresent(r -> table.getSelectionModel().select(r));
        showing = false;
        showForm();
    }

    private void showForm() {
        Optional<T> row = row();
        List<Object> now = row.map(r -> List.of(name.apply(r), shape.apply(r))).orElse(List.of());
        if (!now.equals(shown)) {
            shown = now;
            form = row.map(maker).filter(Objects::nonNull);
            List<Node> nodes = new ArrayList<>();
            form.ifPresent(nodes::add);
            row.ifPresent(r -> nodes.addAll(more.apply(r)));
            panel.getChildren().setAll(nodes);
        }
        panel.setVisible(row.isPresent());
        panel.setManaged(row.isPresent());
        form.ifPresent(f -> f.show(state));
    }
}
