package lectulum.stage;

import java.util.Comparator;
import java.util.List;
import java.util.stream.StreamSupport;
import javafx.scene.control.Hyperlink;
import lectulum.assumed.Assumed;
import lectulum.assumed.EscapeRule;
import lectulum.assumed.Region;
import lectulum.design.Design;
import lectulum.parts.Form;
import lectulum.workbench.Workbench;

/// The values a page assumes, to be replaced by the user's own.
public final class AssumedEntry extends Entry {
    /// So many need no folding.
    private static final int FEW = 6;

    private final String page;
    private boolean unfolded;

    /// @param page by its id: what is assumed there
    public AssumedEntry(Workbench bench, String page) {
        super(bench);
        this.page = page;
    }

    @Override
    protected String shape(Design design) {
        return unfolded + (whole() ? EscapeRule.of(design).label() : regional() ? Region.of(design).label() : "");
    }

    private boolean whole() {
        return page.equals("score");
    }

    private boolean regional() {
        return page.equals("ratings");
    }

    @Override
    protected void build(Form f, Design design) {
        f.heading("Assumed");
        f.note("Values nobody can compute. Type your own; an emptied field goes back to what is assumed.");
        if (whole()) {
            f.choice("Ways out by", EscapeRule.choices(design), EscapeRule::label, EscapeRule::of,
                    (d, rule) -> rule.in(d)).stacked();
        }
        if (regional()) {
            f.choice("Starts by region", Region.choices(design), Region::label, Region::of,
                    (d, region) -> region.in(d)).stacked();
        }
        List<Assumed.Entry> all = StreamSupport.stream(Assumed.entries().spliterator(), false)
                .filter(e -> e.pages().contains(page)).toList();
        List<Assumed.Entry> first = all.stream().filter(e -> e.first().contains(page)).toList();
        if (all.size() <= FEW || first.isEmpty()) {
            all.forEach(e -> row(f, e));
            return;
        }
        first.forEach(e -> row(f, e));
        Hyperlink fold = new Hyperlink(
                unfolded ? "Fewer of them" : "All " + all.size() + " assumed values of this page");
        fold.setId("assumed-all");
        fold.setOnAction(e -> {
            unfolded = !unfolded;
            show(bench.state());
        });
        f.node(fold);
        if (unfolded) {
            all.stream().filter(e -> !first.contains(e)).forEach(e -> row(f, e));
        }
    }

    /// A value as what it is: a number, yes or no, one of a few, or a number that may be unknown.
    private static void row(Form f, Assumed.Entry e) {
        switch (e.kind()) {
            case Assumed.Kind.Number n -> f.optional(e.label(), e.range(), d -> Assumed.value(d, e.what()),
                    (d, v) -> d.with(d.settings().with(e.id(), v)));
            case Assumed.Kind.YesNo y -> f.tick(e.label(), d -> Assumed.value(d, e.what()) >= 0.5,
                    (d, yes) -> d.with(d.settings().with(e.id(), yes ? 1 : 0)));
            case Assumed.Kind.Choice c -> f.choice(e.label(), c.options(), Assumed.Kind.Option::label,
                    d -> c.options().stream().min(Comparator
                            .comparingDouble(o -> Math.abs(o.value() - Assumed.value(d, e.what())))).orElseThrow(),
                    (d, o) -> d.with(d.settings().with(e.id(), o.value())));
            case Assumed.Kind.Unknown u -> f.optional(e.label(), e.range(), u.says(), d -> {
                double value = Assumed.value(d, e.what());
                return value == 0 ? Double.NaN : value;
            }, (d, v) -> d.with(d.settings().with(e.id(), Double.isNaN(v) && e.value() != 0 ? 0 : v)));
        }
        f.saying("Source: " + e.source());
    }
}
