package lectulum.stage.money;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.brief.SavingStudies;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.purse.Economy;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Where to save: ways of one's own beside what the abilities cost that need not be.
final class SavingLeaf implements Leaf.Page {
    private final AssumedEntry entry;
    private final StudyLeaf studies;
    private final Ledger<Integer> ways = new Ledger<>("Ways to save",
            "None of your own yet. Ways of one group exclude one another.");
    private final Form names;
    private State state;

    private SavingLeaf(Bench bench) {
        Workbench work = bench.work();
        this.state = work.state();
        this.entry = new AssumedEntry(work, "money-save");
        this.names = new Form(work, "-way");
        ways.setId("ways");
        ways.text("Group", 64, i -> way(i).group()).text("Way", 210, i -> way(i).name())
                .entry("Saves", 60, Range.of(Economy.class, "saving"), i -> way(i).saving(),
                        (i, v) -> work.edit("A way to save",
                                d -> with(d, i, w -> w.withSaving(Double.isNaN(v) ? 0 : v))))
                .entry("Hours", 58, Range.of(Economy.class, "hours"), i -> way(i).hours(),
                        (i, v) -> work.edit("A way to save",
                                d -> with(d, i, w -> w.withHours(Double.isNaN(v) ? 0 : v))))
                .entry("Loss", 46, Range.of(Economy.class, "loss"), i -> way(i).loss(),
                        (i, v) -> work.edit("A way to save",
                                d -> with(d, i, w -> w.withLoss(Double.isNaN(v) ? 0 : v))));
        ways.setPrefHeight(150);
        ways.setMinHeight(120);
        names.text("Group", d -> way(d, chosen()).group(), write(Economy::withGroup));
        names.text("Way", d -> way(d, chosen()).name(), write(Economy::withName));
        ways.getSelectionModel().selectedIndexProperty().addListener((o, was, now) -> names.show(state));
        Button add = new Button("A way to save");
        add.setId("way-add");
        add.setOnAction(e -> work.edit("A way to save", d -> {
            List<Economy> all = new ArrayList<>(d.purse().ways());
            all.add(new Economy("way " + (all.size() + 1), "way " + (all.size() + 1), 0, 0, 1));
            return d.with(d.purse().withWays(all));
        }));
        Button remove = new Button("Without it");
        remove.setId("way-remove");
        remove.getStyleClass().addAll("link", "quiet");
        remove.setOnAction(e -> work.edit("Without a way", d -> {
            List<Economy> all = new ArrayList<>(d.purse().ways());
            if (chosen() < all.size()) {
                all.remove(chosen());
            }
            return d.with(d.purse().withWays(all));
        }));
        VBox own = new VBox(6, ways, new HBox(8, add, remove), names);
        studies = new StudyLeaf(bench.theme(), SavingStudies.DISCIPLINE, "").over(own).beside(entry, false);
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("money-save", "Save", "What costs least to do without", () -> new SavingLeaf(bench));
    }

    private int chosen() {
        return Math.max(0, ways.getSelectionModel().getSelectedIndex());
    }

    private Economy way(int at) {
        return way(state.design(), at);
    }

    private static Economy way(Design d, int at) {
        return at < d.purse().ways().size() ? d.purse().ways().get(at) : new Economy("", "", 0, 0, 0);
    }

    private <T> BiFunction<Design, T, Design> write(BiFunction<Economy, T, Economy> change) {
        return (d, v) -> with(d, chosen(), w -> change.apply(w, v));
    }

    private static Design with(Design d, int at, java.util.function.UnaryOperator<Economy> change) {
        List<Economy> all = new ArrayList<>(d.purse().ways());
        if (at < all.size()) {
            all.set(at, change.apply(all.get(at)));
        }
        return d.with(d.purse().withWays(all));
    }

    @Override
    public Node node() {
        return studies.page();
    }

    @Override
    public void show(State s) {
        state = s;
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i < s.design().purse().ways().size(); i++) {
            rows.add(i);
        }
        ways.show(rows, s.style());
        boolean any = !rows.isEmpty();
        names.setVisible(any);
        names.setManaged(any);
        entry.show(s);
        names.show(s);
        studies.show(s);
    }
}
