package lectulum.stage.papers;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.files.AtomicFile;
import lectulum.papers.Document;
import lectulum.papers.Documents;
import lectulum.papers.Paper;
import lectulum.papers.book.Book;
import lectulum.papers.book.Edition;
import lectulum.papers.book.Plates;
import lectulum.parts.Background;
import lectulum.parts.Words;
import lectulum.sheet.BookPlates;
import lectulum.sheet.SheetPicture;
import lectulum.stage.Bench;
import lectulum.stage.Pages;
import lectulum.stage.StageView;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import lectulum.workbench.State;

/// Papers: everything that can be printed or written of the camper, each with one press.
public final class PapersStage implements StageView {
    private final Bench bench;
    private final VBox list = new VBox(6);
    private final ScrollPane page;
    private final VBox card = new VBox(8);
    private final ComboBox<Paper> paper = new ComboBox<>(FXCollections.observableArrayList(Paper.values()));
    private final ComboBox<Book.Cover> cover = new ComboBox<>(
            FXCollections.observableArrayList(Book.Cover.values()));
    private final Background writer = new Background("papers");
    private State state;
    private Analysis shown;
    private Style style;

    public PapersStage(Bench bench) {
        this.bench = bench;
        list.setId("documents");
        list.getStyleClass().add("page");
        page = Pages.content(list);
        Label title = new Label("Papers");
        title.getStyleClass().add("title");
        paper.setId("papers-paper");
        paper.setConverter(Words.by(Paper::label));
        paper.setOnAction(e -> {
            shown = null;
            show(state);
        });
        cover.setId("papers-cover");
        cover.setConverter(Words.by(Book.Cover::label));
        cover.setValue(Book.Cover.DRAWN);
        cover.setOnAction(e -> {
            shown = null;
            show(state);
        });
        HBox choice = chosen("Printed on", paper);
        HBox covered = chosen("Cover of books", cover);
        Button template = new Button("One panel, fitted to your printer…");
        template.setId("papers-template");
        template.setOnAction(e -> bench.host().command("Full-size template…"));
        Label caution = new Label(
                "Measure the 100 mm bar on the first page before you cut. A printer that scales to fit"
                        + " makes every panel wrong.");
        caution.getStyleClass().add("caution");
        caution.setWrapText(true);
        card.getChildren().addAll(title, choice, covered, template, caution);
    }

    private static HBox chosen(String says, ComboBox<?> box) {
        Label label = new Label(says);
        label.getStyleClass().add("row-label");
        label.setLabelFor(box);
        HBox row = new HBox(8, label, box);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    @Override
    public Optional<Node> page() {
        return Optional.of(page);
    }

    @Override
    public Node card() {
        return card;
    }

    @Override
    public void show(State next) {
        state = next;
        if (paper.getValue() == null) {
            paper.setValue(next.units() == UnitSystem.US ? Paper.LETTER : Paper.A4);
        }
        if (next.analysis() == shown && next.style().equals(style)) {
            return;
        }
        shown = next.analysis();
        style = next.style();
        List<Document> documents = new ArrayList<>(
                Documents.of(next.project().name(), next.analysis(), next.style(), paper.getValue()));
        documents.add(sheet(next));
        documents.addAll(0, books(next));
        list.getChildren().clear();
        for (Document.Kind kind : Document.Kind.values()) {
            Label head = new Label(kind.label());
            head.getStyleClass().add("heading");
            list.getChildren().add(head);
            documents.stream().filter(d -> d.kind() == kind).forEach(d -> list.getChildren().add(row(d)));
        }
    }

    /// The build book and its parts for others; what the window paints is painted beside the interface thread.
    private List<Document> books(State s) {
        Plates plates = new BookPlates(s, Stages::look, bench.host()::photo);
        Paper on = paper.getValue();
        Book.Cover with = cover.getValue();
        String day = s.design().purse().today();
        return Stream.of(Edition.values()).map(e -> new Document("book." + e.id(), Document.Kind.BOOK, e.label(),
                e.about(), List.of(new Document.Form("PDF", ".pdf", () -> Book.pdf(s.project().name(), s.analysis(), e,
                        with, on, s.style(), plates, day)))))
                .toList();
    }

    /// The sheet as it is now; the window's own painter draws it.
    private static Document sheet(State s) {
        return new Document("sheet", Document.Kind.PICTURE, "Sheet",
                "The camper to scale, plan and side, in the mode that is shown.",
                List.of(new Document.Form("PNG", ".png",
                        () -> SheetPicture.png(s, Theme.PAPER, Stages.look(s.stage()), 1600, 1000)),
                        new Document.Form("SVG", ".svg", () -> SheetPicture
                                .svg(s, Theme.PAPER, Stages.look(s.stage()), 1600, 1000)
                                .getBytes(StandardCharsets.UTF_8))));
    }

    private Node row(Document d) {
        Label name = new Label(d.name());
        name.setMinWidth(210);
        Label about = new Label(d.about());
        about.getStyleClass().add("faint");
        HBox.setHgrow(about, Priority.ALWAYS);
        about.setMaxWidth(Double.MAX_VALUE);
        about.setWrapText(true);
        HBox row = new HBox(10, name, about);
        row.getStyleClass().add("row");
        for (Document.Form f : d.forms()) {
            Button button = new Button(f.label());
            button.setId("write-" + d.id().replace('.', '-') + f.ending().replace('.', '-'));
            button.setAccessibleText(d.name() + " as " + f.label());
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(e -> write(d, f));
            row.getChildren().add(button);
        }
        return row;
    }

    private void write(Document d, Document.Form f) {
        bench.host().save(d.fileName(f), f.ending()).ifPresent(path -> {
            if (d.kind() == Document.Kind.PICTURE) {
                written(path, picture(path, f));
                return;
            }
            writer.run(() -> {
                AtomicFile.write(path, f.content().bytes());
                return "";
            }, trouble -> written(path, trouble), trouble -> written(path, trouble));
        });
    }

    /// Only the interface thread can paint.
    private static String picture(Path path, Document.Form f) {
        try {
            AtomicFile.write(path, f.content().bytes());
            return "";
        } catch (IOException e) {
            return e.getMessage();
        }
    }

    private void written(Path path, String trouble) {
        bench.host().say(trouble.isEmpty() ? "Written: " + path : "Not written: " + trouble);
    }

    @Override
    public boolean settled() {
        return writer.settled();
    }
}
