package lectulum.design.logbook;

/// An item of a checklist that was ticked.
///
/// @param item   id of it
/// @param second whether a second person has looked too
public record Tick(String item, boolean second) {
    public Tick {
        item = item == null ? "" : item;
    }
}
