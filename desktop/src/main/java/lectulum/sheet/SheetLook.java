package lectulum.sheet;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import lectulum.design.thing.SystemGroup;
import lectulum.workbench.State;

/// How a stage wants the sheet.
///
/// @param symbols   whether things look like what they are; else they are hatched by system
/// @param side      whether the side view stands under the plan
/// @param outlined  whether things are outlines without names in the side view, where a layer needs the room
/// @param clashes   whether overlaps and what goes through the shell are hatched
/// @param distances whether the distances of the selected thing are drawn
/// @param elsewhere whether the places of the selected thing in the other modes are drawn
/// @param axle      whether the wheels of the side view are a handle of the axle
/// @param beside    room kept free at the right, where the tools stand there \[px\]
/// @param below     room kept free under the side view \[px\]
/// @param lit       systems the stage is about; the others stay as outlines
/// @param still     drawn with what stays while something is dragged
/// @param moving    drawn anew with every step of a drag
/// @param handles   what can be dragged besides things
@RecordBuilder
public record SheetLook(boolean symbols, boolean side, boolean outlined, boolean clashes, boolean distances,
        boolean elsewhere,
        boolean axle, double beside, double below, Set<SystemGroup> lit, SheetLayer still,
        SheetLayer moving, Function<State, List<SheetHandle>> handles) implements SheetLookBuilder.With {
    private static final double TOOLS_ROOM = 38;

    /// Plan and side view of symbols with everything lit and nothing over it.
    public static final SheetLook PLAIN = new SheetLook(true, true, false, false, false, false, false, 0, TOOLS_ROOM,
            EnumSet.allOf(SystemGroup.class), SheetLayer.NONE, SheetLayer.NONE, s -> List.of());

    public SheetLook {
        lit = Set.copyOf(lit);
    }
}
