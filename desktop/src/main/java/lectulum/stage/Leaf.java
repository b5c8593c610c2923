package lectulum.stage;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import lectulum.workbench.State;

/// One picture of a stage that can take the sheet's place; made when it is first opened.
public final class Leaf {
    private final String id;
    private final String name;
    private final String tip;
    private final Optional<Supplier<Page>> maker;
    private Optional<Page> page = Optional.empty();

    /// What is shown.
    public interface Page {
        Node node();

        /// Brings the page up to a state.
        void show(State state);

        /// Whether nothing is being worked out beside the interface thread.
        default boolean settled() {
            return true;
        }

        /// Whether it holds more than what follows from the camper: a device that is listened to, results that took their time.
        default boolean stays() {
            return false;
        }

        /// Puts the keyboard where typing starts.
        default void focus() {
        }
    }

    private Leaf(String id, String name, String tip, Optional<Supplier<Page>> maker) {
        this.id = id;
        this.name = name;
        this.tip = tip;
        this.maker = maker;
    }

    /// @param id  stable, for tests and commands
    /// @param tip one sentence
    public Leaf(String id, String name, String tip, Supplier<Page> maker) {
        this(id, name, tip, Optional.of(maker));
    }

    /// The sheet.
    public static Leaf sheet() {
        return new Leaf("sheet", "Sheet", "The camper to scale", Optional.empty());
    }

    public String id() {
        return id;
    }

    public String name() {
        return name;
    }

    public String tip() {
        return tip;
    }

    public boolean isSheet() {
        return maker.isEmpty();
    }

    /// What takes the sheet's place; empty for the sheet itself.
    public Optional<Page> page() {
        if (page.isEmpty()) {
            page = maker.map(Supplier::get);
        }
        return page;
    }

    /// Gives the page up, to be made anew when it is opened again; one that stays or is at work is kept.
    public void forget() {
        page = page.filter(p -> p.stays() || !p.settled());
    }

    /// Whether nothing is being worked out for it.
    public boolean settled() {
        return page.map(Page::settled).orElse(true);
    }
}
