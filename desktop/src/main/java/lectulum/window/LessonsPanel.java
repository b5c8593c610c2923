package lectulum.window;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.design.logbook.LogEntry;
import lectulum.log.Diary;
import lectulum.workbench.State;

/// What the log teaches at the stage that is shown; hidden where it teaches nothing.
final class LessonsPanel extends VBox {
    private static final int MOST = 4;
    private List<LogEntry> shown = List.of();

    LessonsPanel() {
        setId("lessons");
        setSpacing(4);
        getStyleClass().add("guide");
        setVisible(false);
        setManaged(false);
    }

    void show(State state) {
        List<LogEntry> lessons = Diary.lessons(state.design(), state.stage());
        setVisible(!lessons.isEmpty());
        setManaged(!lessons.isEmpty());
        if (lessons.equals(shown)) {
            return;
        }
        shown = lessons;
        Label head = new Label("Learnt before");
        head.getStyleClass().add("heading");
        getChildren().setAll(head);
        lessons.stream().limit(MOST).forEach(e -> {
            Label line = new Label(e.text());
            line.setWrapText(true);
            getChildren().add(line);
        });
        if (lessons.size() > MOST) {
            Label more = new Label("and " + (lessons.size() - MOST) + " more in the log");
            more.getStyleClass().add("faint");
            getChildren().add(more);
        }
    }
}
