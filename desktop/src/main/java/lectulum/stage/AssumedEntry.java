package lectulum.stage;

import lectulum.assumed.Assumed;
import lectulum.assumed.EscapeRule;
import lectulum.assumed.Region;
import lectulum.design.Design;
import lectulum.parts.Form;
import lectulum.workbench.Workbench;

/// The values a page assumes, to be replaced by the user's own.
public final class AssumedEntry extends Entry {
    private final String page;

    /// @param page by its id: what is assumed there
    public AssumedEntry(Workbench bench, String page) {
        super(bench);
        this.page = page;
    }

    @Override
    protected String shape(Design design) {
        return whole() ? EscapeRule.of(design).label() : regional() ? Region.of(design).label() : "";
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
        f.note("Values nobody can compute. Type your own; an emptied field goes back to what the program assumes.");
        if (whole()) {
            f.choice("Ways out by", EscapeRule.choices(design), EscapeRule::label, EscapeRule::of,
                    (d, rule) -> rule.in(d)).stacked();
        }
        if (regional()) {
            f.choice("Starts by region", Region.choices(design), Region::label, Region::of,
                    (d, region) -> region.in(d)).stacked();
        }
        for (Assumed.Entry e : Assumed.entries()) {
            if (e.pages().contains(page)) {
                f.optional(e.label(), e.range(), d -> Assumed.value(d, e.what()),
                        (d, v) -> d.with(d.settings().with(e.id(), v)));
            }
        }
    }
}
