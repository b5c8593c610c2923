package lectulum.design;

import java.util.function.UnaryOperator;

/// A named change of a design; the name is what Undo says it undoes.
public record Edit(String name, UnaryOperator<Design> change) {

    public Design apply(Design design) {
        return change.apply(design);
    }
}
