package lectulum.stage;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.parts.Columns;
import lectulum.theme.Theme;
import lectulum.units.Style;
import lectulum.workbench.State;

/// A page of studies, with a form beside them where something can be entered.
public final class StudyLeaf {
    /// Narrower than this a form beside the studies leaves no room for a table \[px\].
    private static final double NARROW = 720;
    /// Wider than this, studies stand in two columns \[px\].
    static final double WIDE = 1080;

    private final Supplier<Theme> theme;
    private final Function<State, List<Study>> studies;
    private final String empty;
    private final Columns list = new Columns(10, WIDE);
    private final VBox column = new VBox(10, list);
    private final HBox page = new HBox();
    private List<Study> shown;
    private Style style;
    private Theme look;
    private boolean waiting;

    /// @param empty what to do where there is nothing yet
    public StudyLeaf(Supplier<Theme> theme, Discipline<Studies> studies, String empty) {
        this(theme, s -> s.analysis().of(studies).all(), empty);
    }

    /// @param studies those that are shown, in their order
    /// @param empty   what to do where there is nothing yet
    public StudyLeaf(Supplier<Theme> theme, Function<State, List<Study>> studies, String empty) {
        this.theme = theme;
        this.studies = studies;
        this.empty = empty;
        page.getChildren().add(Pages.content(column));
        page.getStyleClass().add("leaf");
    }

    /// A form at the left of the studies, or in a small window in one column with them.
    ///
    /// @param first whether it then stands above them
    public StudyLeaf beside(Node form, boolean first) {
        ScrollPane left = Pages.form(form);
        page.getChildren().addFirst(left);
        page.widthProperty().addListener((o, was, now) -> {
            boolean narrow = now.doubleValue() > 0 && now.doubleValue() < NARROW;
            if (narrow == page.getChildren().contains(left)) {
                if (narrow) {
                    page.getChildren().remove(left);
                    left.setContent(null);
                    column.getChildren().add(first ? 0 : 1, form);
                } else {
                    column.getChildren().remove(form);
                    left.setContent(form);
                    page.getChildren().addFirst(left);
                }
            }
        });
        return this;
    }

    /// A short form under the studies.
    public StudyLeaf over(Node form) {
        column.getChildren().setAll(list, form);
        return this;
    }

    public Node page() {
        return page;
    }

    public void show(State state) {
        List<Study> next = studies.apply(state);
        boolean nothingYet = next.isEmpty() && state.analysis().sketched();
        if (next.equals(shown) && state.style().equals(style) && look == theme.get() && nothingYet == waiting) {
            return;
        }
        shown = next;
        waiting = nothingYet;
        style = state.style();
        look = theme.get();
        Label hint = nothingYet ? StudyPane.unanswered(state) : StudyPane.words(empty, "faint");
        hint.setMaxWidth(520);
        list.show(next.isEmpty() ? List.of(hint) : StudyPane.of(theme, next, style));
    }
}
