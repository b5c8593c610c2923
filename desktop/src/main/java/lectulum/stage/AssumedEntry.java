package lectulum.stage;

import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.EscapeRule;
import lectulum.assumed.Region;
import lectulum.design.Design;
import lectulum.parts.Form;
import lectulum.workbench.Workbench;

/// The values a page assumes, to be replaced by the user's own.
public final class AssumedEntry extends Entry {
    private final List<String> prefixes;

    /// @param prefixes of the ids that are shown; none shows all of the layout
    public AssumedEntry(Workbench bench, String... prefixes) {
        super(bench);
        this.prefixes = List.of(prefixes);
    }

    @Override
    protected String shape(Design design) {
        return prefixes.isEmpty() ? EscapeRule.of(design).label() : regional() ? Region.of(design).label() : "";
    }

    private boolean regional() {
        return prefixes.contains("brake.");
    }

    @Override
    protected void build(Form f, Design design) {
        f.heading("Assumed");
        f.note("Values nobody can compute. Type your own; an emptied field goes back to what the program assumes.");
        if (prefixes.isEmpty()) {
            f.choice("Ways out by", EscapeRule.choices(design), EscapeRule::label, EscapeRule::of,
                    (d, rule) -> rule.in(d)).stacked();
        }
        if (regional()) {
            f.choice("Starts by region", Region.choices(design), Region::label, Region::of,
                    (d, region) -> region.in(d)).stacked();
        }
        for (Assumed.Entry e : Assumed.entries()) {
            if (prefixes.isEmpty() && e.table().equals("layout") || prefixes.stream().anyMatch(e.id()::startsWith)) {
                f.optional(e.label(), e.range(), d -> Assumed.value(d, e.id()),
                        (d, v) -> d.with(d.settings().with(e.id(), v)));
            }
        }
    }
}
