package lectulum.stage.money;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.purse.Tool;
import lectulum.money.ToolStudies;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.parts.PartRows;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.stage.TaskChoice;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Tools: bought and sold again, or hired.
final class ToolsLeaf implements Leaf.Page {
    private final Workbench work;
    private final Bench bench;
    private final Ledger<Tool> table = new Ledger<>("Tools", "No tool yet: press “A tool”.");
    private final LedgerForm<Tool> tools = new LedgerForm<>(table, s -> s.design().purse().tools(), Tool::id);
    private final VBox studies = new VBox(10);
    private final Node page;

    private ToolsLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        table.setId("tools");
        table.text("Tool", 190, Tool::name).text("Is", 120, t -> t.way().label())
                .entry("To buy", 74, Range.of(Tool.class, "price"), Tool::price, (t, v) -> edit(t, t.withPrice(or(v))))
                .entry("A day", 66, Range.of(Tool.class, "hire"), Tool::hire, (t, v) -> edit(t, t.withHire(or(v))))
                .entry("Days", 60, Range.of(Tool.class, "days"), Tool::days, (t, v) -> edit(t, t.withDays(or(v))));
        tools.high(200, 140).fromTheFirst().form(t -> t.way(), this::form);
        FlowPane buttons = new FlowPane(6, 4, Buttons.of("A tool", "tool-add", this::add),
                Buttons.of("Put it into the bill", "tool-bill",
                        () -> ToolStudies.bill(work.state().design(), tools.id())
                                .ifPresentOrElse(work::edit,
                                        () -> bench.host()
                                                .say("Nothing to put there: it costs nothing, or its line is paid."))),
                Buttons.quiet("Without it", "tool-remove", () -> work.edit("Without a tool", d -> d.with(d.purse()
                        .withTools(d.purse().tools().stream().filter(t -> !t.id().equals(tools.id())).toList())))));
        HBox.setHgrow(studies, Priority.ALWAYS);
        this.page = Pages.content(new VBox(10, table, buttons, new HBox(10, tools.panel(), studies)));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("money-tools", "Tools", "Bought and sold again, or hired", () -> new ToolsLeaf(bench));
    }

    private static double or(double v) {
        return Double.isNaN(v) ? 0 : v;
    }

    private void edit(Tool was, Tool now) {
        work.edit("A tool", d -> d.with(d.purse().tool(was.id(), t -> now)));
    }

    private void add() {
        String id = work.state().design().purse().freeTool();
        tools.choose(id);
        work.edit("A tool", d -> {
            List<Tool> all = new ArrayList<>(d.purse().tools());
            all.add(new Tool(id, "tool", 0, 0.5, 0, 1, Tool.Way.OPEN, ""));
            return d.with(d.purse().withTools(all));
        });
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State s) {
        tools.show(s);
        studies.getChildren().setAll(StudyPane.of(bench.theme(), s.analysis().of(ToolStudies.DISCIPLINE).all(),
                s.style()));
    }

    private Form form(Tool made) {
        String which = made.id();
        Form f = new Form(work, "-tool");
        f.heading("Tool");
        f.text("Name", d -> of(d, made).name(), write(which, Tool::withName));
        f.choice("It is", List.of(Tool.Way.values()), Tool.Way::label, d -> of(d, made).way(),
                write(which, Tool::withWay));
        new PartRows<Tool>(f, Tool.class, d -> Optional.of(of(d, made)),
                (d, t) -> d.with(d.purse().tool(which, x -> t)))
                .row("price").row("resale").row("hire").row("days");
        TaskChoice.add(f, "Task it is for", work.state().design(), d -> of(d, made).task(),
                write(which, Tool::withTask));
        f.note("It counts in the cost of the camper when it stands in the bill.");
        return f;
    }

    private static Tool of(Design d, Tool otherwise) {
        return d.purse().tools().stream().filter(t -> t.id().equals(otherwise.id())).findFirst().orElse(otherwise);
    }

    private static <T> BiFunction<Design, T, Design> write(String id, BiFunction<Tool, T, Tool> change) {
        return (d, v) -> d.with(d.purse().tool(id, t -> change.apply(t, v)));
    }
}
