package lectulum.stage;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/// How a leaf is laid out: what is entered at the left, what follows from it beside it, each scrolled by itself.
public final class Pages {
    private Pages() {
    }

    public static HBox beside(Node form, Node content) {
        HBox page = new HBox(form(form), content(content));
        page.getStyleClass().add("leaf");
        return page;
    }

    static ScrollPane form(Node form) {
        ScrollPane scroll = upright(form);
        scroll.getStyleClass().add("leaf-form");
        return scroll;
    }

    public static ScrollPane content(Node content) {
        content.getStyleClass().add("page");
        ScrollPane scroll = upright(content);
        scroll.getStyleClass().add("page-scroll");
        // A table wider than a small window is moved to, not cut off.
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.AS_NEEDED);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        return scroll;
    }

    private static ScrollPane upright(Node node) {
        ScrollPane scroll = new ScrollPane(node);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        // The toolkit keeps a picture of what is scrolled, of every page that was ever open.
        scroll.skinProperty().addListener((o, was, now) -> {
            if (scroll.lookup(".viewport") instanceof Node view) {
                view.setCache(false);
            }
        });
        return scroll;
    }
}
