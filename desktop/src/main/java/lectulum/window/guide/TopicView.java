package lectulum.window.guide;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lectulum.guide.Block;
import lectulum.guide.Reference;
import lectulum.guide.Topic;

/// A topic of the guide as it is read: text that wraps, lists, tables, and links that open other topics.
final class TopicView extends VBox {
    /// More columns than this are moved to, not squeezed.
    private static final int NARROW = 4;
    private static final double COLUMN = 84;

    private final Consumer<Reference> follow;

    /// @param follow opens what a link leads to
    TopicView(Topic topic, Consumer<Reference> follow) {
        this.follow = follow;
        getStyleClass().add("topic");
        if (!topic.title().isEmpty()) {
            Label title = new Label(topic.level() == 1 ? topic.title() : topic.page() + ": " + topic.title());
            title.getStyleClass().add(topic.level() == 1 ? "huge" : "heading");
            title.setWrapText(true);
            title.setMinHeight(USE_PREF_SIZE);
            getChildren().add(title);
        }
        topic.blocks().forEach(b -> getChildren().add(node(b)));
    }

    private Node node(Block block) {
        return switch (block) {
            case Block.Paragraph p -> flow(p.spans());
            case Block.Points p -> points(p);
            case Block.Table t -> table(t);
            case Block.Verbatim v -> {
                Label code = new Label(v.text());
                code.getStyleClass().add("verbatim");
                code.setWrapText(true);
                code.setMinHeight(USE_PREF_SIZE);
                yield code;
            }
        };
    }

    private TextFlow flow(List<Block.Span> spans) {
        TextFlow flow = new TextFlow();
        for (Block.Span s : spans) {
            if (s.to().isPresent()) {
                Hyperlink link = new Hyperlink(s.text());
                link.getStyleClass().add("guide-link");
                link.setOnAction(e -> follow.accept(s.to().get()));
                flow.getChildren().add(link);
            } else {
                Text text = new Text(s.text());
                text.getStyleClass().addAll("guide-text", "face-" + s.face().name().toLowerCase(Locale.ROOT));
                flow.getChildren().add(text);
            }
        }
        return flow;
    }

    private Node points(Block.Points points) {
        VBox all = new VBox(3);
        int number = 1;
        for (List<Block> point : points.points()) {
            Label mark = new Label(points.numbered() ? number++ + "." : "–");
            mark.setMinWidth(18);
            VBox text = new VBox(3);
            point.forEach(b -> text.getChildren().add(node(b)));
            HBox.setHgrow(text, Priority.ALWAYS);
            all.getChildren().add(new HBox(2, mark, text));
        }
        return all;
    }

    private Node table(Block.Table table) {
        GridPane grid = new GridPane(10, 3);
        int columns = table.rows().stream().mapToInt(List::size).max().orElse(0);
        for (int r = 0; r < table.rows().size(); r++) {
            List<List<Block.Span>> row = table.rows().get(r);
            for (int c = 0; c < row.size(); c++) {
                TextFlow cell = flow(row.get(c));
                cell.setMaxWidth(columns > NARROW ? COLUMN : Double.MAX_VALUE);
                cell.setMinWidth(columns > NARROW ? COLUMN : 0);
                if (r == 0) {
                    cell.getStyleClass().add("guide-head");
                }
                GridPane.setHgrow(cell, Priority.SOMETIMES);
                grid.add(cell, c, r);
            }
        }
        if (columns <= NARROW) {
            return grid;
        }
        ScrollPane wide = new ScrollPane(grid);
        wide.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        wide.setFitToHeight(true);
        wide.setMinHeight(Region.USE_PREF_SIZE);
        wide.getStyleClass().add("guide-wide");
        return wide;
    }
}
