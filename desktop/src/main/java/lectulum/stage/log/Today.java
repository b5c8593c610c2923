package lectulum.stage.log;

import java.time.LocalDate;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.workbench.Workbench;

/// What day it is: typed, or taken from the clock.
final class Today {
    private Today() {
    }

    static void row(Workbench work, Form form) {
        form.text("Today, as 2026-05-31", d -> d.purse().today(), (d, v) -> d.with(d.purse().withToday(v)));
        form.node(Buttons.of("It is " + LocalDate.now(), "today-clock", () -> work.edit("Today",
                d -> d.with(d.purse().withToday(LocalDate.now().toString())))));
    }
}
