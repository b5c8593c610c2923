package lectulum.sheet;

import java.util.function.Function;
import lectulum.design.Edit;
import lectulum.design.wiring.Spot;

/// A point on the sheet that is dragged, though it is no thing.
///
/// @param name  what is dragged, for the pointer
/// @param at    where it is
/// @param moved the edit that brings it to another place
public record SheetHandle(String name, Spot at, Function<Spot, Edit> moved) {
}
