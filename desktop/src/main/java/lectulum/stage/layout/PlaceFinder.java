package lectulum.stage.layout;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.analysis.FindPlace;
import lectulum.design.Mode;
import lectulum.design.thing.Thing;
import lectulum.figures.Remedy;
import lectulum.parts.Background;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Looks for better places of the selected thing beside the interface thread, shows the best as ghosts, and tries them.
public final class PlaceFinder extends VBox {
    private static final int MOST = 5;
    private static final Background WORKER = new Background("find-place");

    private final Workbench bench;
    private volatile long search;

    public PlaceFinder(Workbench bench) {
        this.bench = bench;
        setSpacing(2);
        setId("place-finder");
        start();
    }

    private void start() {
        Button find = new Button("Find a place");
        find.setId("find-place");
        find.setOnAction(e -> look());
        getChildren().setAll(find);
    }

    private void look() {
        Optional<Thing> thing = bench.state().selected().stream().findFirst();
        if (thing.isEmpty()) {
            return;
        }
        bench.setMode(Mode.ROAD);
        Analysis analysis = bench.state().analysis();
        String id = thing.get().id();
        long mine = ++search;
        Button stop = new Button("Stop");
        stop.setId("find-place-stop");
        stop.setOnAction(e -> {
            search++;
            start();
        });
        Label busy = new Label("Looking for places…");
        busy.getStyleClass().add("faint");
        getChildren().setAll(new HBox(8, busy, stop));
        WORKER.run(() -> FindPlace.of(analysis, id, MOST, () -> search != mine), found -> {
            if (search == mine) {
                show(id, found);
            }
        }, sentence -> {
            if (search == mine) {
                start();
                words(sentence);
            }
        });
    }

    private void show(String id, List<Remedy> found) {
        start();
        if (found.isEmpty()) {
            words("No better place inside: nothing fits, or there is no axle to balance on.");
            return;
        }
        State s = bench.state();
        bench.showGhosts(found.stream().flatMap(r -> r.edit().apply(s.project().design()).thing(id).stream())
                .map(t -> new State.Ghost(id, t.place())).toList());
        for (int i = 0; i < found.size(); i++) {
            Remedy r = found.get(i);
            Button place = new Button(i + 1 + ": " + r.says().text(s.style()));
            place.setId("place-" + i);
            place.getStyleClass().addAll("link", "place");
            place.setWrapText(true);
            place.setMinHeight(USE_PREF_SIZE);
            place.setOnAction(e -> bench.tryOut(r));
            getChildren().add(place);
        }
    }

    private void words(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().addAll("faint", "wrap");
        getChildren().add(label);
    }
}
