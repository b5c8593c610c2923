package lectulum.stage.brief;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.brief.Abilities;
import lectulum.brief.Tiers;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Wish;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// What the camper must, should and need not do, with what each costs, and what it comes to bare, usable and full.
final class WishesLeaf implements Leaf.Page {
    private static final List<Wish> CHOICES = List.of(Wish.MUST, Wish.WANT, Wish.OPEN, Wish.NOT);
    private static final List<String> HEADS = List.of("", "", "", "Mass", "Cost", "A day", "Water", "Own time",
            "Length");

    private final Workbench bench;
    private final GridPane sums = grid();
    private final GridPane wishes = grid();
    private final Map<Ability, Map<Wish, ToggleButton>> choices = new EnumMap<>(Ability.class);
    private final Map<Ability, List<Label>> cells = new EnumMap<>(Ability.class);
    private final Map<Tiers.Tier, List<Label>> totals = new EnumMap<>(Tiers.Tier.class);
    private final AssumedEntry assumed;
    private final Node page;

    private WishesLeaf(Bench in) {
        this.bench = in.work();
        this.assumed = new AssumedEntry(bench, "wishes");
        heads(sums, List.of("", "Mass", "Cost", "A day", "Water", "Own time"));
        for (Tiers.Tier tier : Tiers.Tier.values()) {
            total(tier);
        }
        heads(wishes, HEADS);
        for (Ability ability : Ability.values()) {
            wish(ability);
        }
        for (int i = 0; i < HEADS.size(); i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setHalignment(i > 2 ? HPos.RIGHT : HPos.LEFT);
            c.setMinWidth(i == 0 ? 88 : Region.USE_PREF_SIZE);
            c.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
            wishes.getColumnConstraints().add(c);
        }
        for (int i = 0; i < 6; i++) {
            ColumnConstraints c = new ColumnConstraints();
            c.setHalignment(i > 0 ? HPos.RIGHT : HPos.LEFT);
            c.setMinWidth(i == 0 ? 150 : 66);
            c.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
            sums.getColumnConstraints().add(c);
        }
        VBox content = new VBox(10, panel("What it comes to", sums,
                "Bare keeps what serves no line below: shell, beds, doors, what is packed. Usable adds what must be. Full"
                        + " leaves out only what is not wanted. Own time is for the things; the base has its own line."),
                panel("What it is to do", wishes,
                        "Costs are of what gives it in the design; where nothing does yet, of what the catalogue would"
                                + " give. A dot marks what it has. Point at a number to see which"
                                + " things, at a name to see how builders differ about it."),
                SchoolsLeaf.link(in), assumed);
        page = Pages.content(content);
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("wishes", "Wishes", "Must, want, not: what each costs", () -> new WishesLeaf(bench));
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.setHgap(6);
        grid.setVgap(3);
        return grid;
    }

    private static VBox panel(String title, Node content, String says) {
        Label head = new Label(title);
        head.getStyleClass().add("heading");
        VBox box = new VBox(6, head, StudyPane.words(says, "faint"), content);
        box.getStyleClass().add("panel");
        return box;
    }

    private static void heads(GridPane grid, List<String> names) {
        for (int i = 0; i < names.size(); i++) {
            Label head = new Label(names.get(i));
            head.getStyleClass().addAll("faint", "small");
            grid.add(head, i, 0);
        }
    }

    private static String id(Ability ability) {
        return ability.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private void total(Tiers.Tier tier) {
        int row = sums.getRowCount();
        Label name = new Label(capital(tier.label()));
        name.setTooltip(new Tooltip(tier.says()));
        name.getStyleClass().add("strong");
        sums.add(name, 0, row);
        List<Label> numbers = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            Label number = new Label();
            number.getStyleClass().add("row-value");
            number.setId("tier-" + tier.name().toLowerCase(Locale.ROOT) + "-" + i);
            sums.add(number, i + 1, row);
            numbers.add(number);
        }
        totals.put(tier, numbers);
    }

    private void wish(Ability ability) {
        int row = wishes.getRowCount();
        Label name = new Label(capital(ability.label()));
        name.setWrapText(true);
        name.setMinHeight(Region.USE_PREF_SIZE);
        Tooltip schools = new Tooltip(Abilities.row(ability).schools());
        schools.setWrapText(true);
        schools.setMaxWidth(360);
        name.setTooltip(schools);
        name.setAccessibleHelp(Abilities.row(ability).schools());
        wishes.add(name, 0, row);
        HBox segments = new HBox();
        segments.getStyleClass().addAll("segments", "tight");
        ToggleGroup group = new ToggleGroup();
        Map<Wish, ToggleButton> buttons = new EnumMap<>(Wish.class);
        for (Wish wish : CHOICES) {
            ToggleButton button = new ToggleButton(wish.label());
            button.setId("wish-" + id(ability) + "-" + wish.name().toLowerCase(Locale.ROOT));
            button.setAccessibleText(capital(ability.label()) + ": " + wish.label());
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setToggleGroup(group);
            button.setOnAction(e -> {
                button.setSelected(true);
                bench.edit(capital(ability.label()) + ": " + wish.label(),
                        d -> d.with(d.brief().with(ability, wish)));
            });
            segments.getChildren().add(button);
            buttons.put(wish, button);
        }
        choices.put(ability, buttons);
        wishes.add(segments, 1, row);
        List<Label> numbers = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            Label number = new Label();
            number.getStyleClass().addAll(i == 0 ? "met" : "row-value", "small");
            number.setMinWidth(Region.USE_PREF_SIZE);
            number.setId("cost-" + id(ability) + "-" + i);
            wishes.add(number, i + 2, row);
            numbers.add(number);
        }
        cells.put(ability, numbers);
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State state) {
        Tiers tiers = state.analysis().of(Tiers.DISCIPLINE);
        Style style = state.style();
        totals.forEach((tier, labels) -> {
            Tiers.Sum s = tiers.sums().get(tier);
            if (s != null) {
                fill(labels, s, style, "");
            }
        });
        cells.forEach((ability, labels) -> {
            Tiers.Cost c = tiers.costs().get(ability);
            if (c != null) {
                labels.getFirst().setText(c.given() ? "●" : "");
                labels.getFirst().setAccessibleText(c.given() ? "has it" : "does not have it");
                fill(labels.subList(1, 6), c.more(), style, "–");
                labels.getLast().setText(c.length() > 0.005 ? Units.text(c.length(), Quantity.LENGTH, style) : "–");
                String things = c.things().isEmpty() ? "Nothing of its own" : String.join(", ", c.things());
                Tooltip tip = new Tooltip((c.given() ? "In the design: " : "From the catalogue: ") + things);
                labels.forEach(l -> l.setTooltip(tip));
            }
        });
        choices.forEach((ability, buttons) -> {
            Wish now = state.analysis().given().brief().wish(ability);
            buttons.forEach((wish, button) -> button.setSelected(wish == now));
        });
        assumed.show(state);
    }

    /// @param none what stands for nothing
    private static void fill(List<Label> labels, Tiers.Sum s, Style style, String none) {
        double[] values = {s.mass(), s.money(), s.energy(), s.water(), s.hours()};
        Quantity[] of = {Quantity.MASS, Quantity.MONEY, Quantity.ENERGY, Quantity.VOLUME, Quantity.DURATION};
        for (int i = 0; i < values.length; i++) {
            double v = switch (of[i]) {
                case DURATION -> Math.rint(values[i] / Units.HOUR) * Units.HOUR;
                case MONEY -> Math.rint(values[i]);
                default -> values[i];
            };
            labels.get(i).setText(Math.abs(v) < 1e-9 && !none.isEmpty() ? none : Units.text(v, of[i], style));
        }
    }
}
