package lectulum.stage;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lectulum.figures.Figure;
import lectulum.figures.Stage;
import lectulum.sheet.SheetLook;
import lectulum.workbench.State;

/// One stage of the rail: all that window, palette and tally ask about it. What a stage does not have it leaves out.
public interface StageUnit {
    Stage stage();

    /// The card and what stands about the sheet; asked for when the stage is first opened.
    StageView open(Bench bench);

    /// Pictures of this stage beside the sheet, the sheet first; none where the stage has only one.
    default List<Leaf> leaves(Bench bench) {
        return List.of();
    }

    /// How it wants the sheet, with what it draws over it.
    default SheetLook look() {
        return SheetLook.PLAIN;
    }

    /// The figures of it that are always in sight.
    default List<TallyCell> tally() {
        return List.of();
    }

    /// A figure that is always in sight.
    ///
    /// @param id   stable, for tests
    /// @param read absent where there is nothing to show
    record TallyCell(String id, Function<State, Optional<Figure>> read) {
        /// A figure of the whole camper.
        public static TallyCell of(String id, String figure) {
            return new TallyCell(id, s -> s.analysis().figures().find(figure));
        }

        /// A figure of the chosen load case.
        public static TallyCell ofCase(String id, String figure) {
            return new TallyCell(id, s -> s.balance(figure));
        }
    }
}
