package lectulum.symbols;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import lectulum.design.thing.SystemGroup;

/// What a kind of thing looks like.
///
/// @param name   of the symbol, as files use it
/// @param label  what it is called in lists
/// @param family the system it is usual in
/// @param lies   how it is laid into the box of a thing
/// @param words  of a name by which it is guessed
/// @param minds  symbols whose presence in the thing changes this one
public record Symbol(String name, String label, SystemGroup family, Lie lies, List<String> words, List<Part> parts,
        Set<String> minds) {

    /// How a symbol is laid into the box of a thing.
    public enum Lie {
        /// As the thing is: its length along the length of the symbol.
        AS_IS,
        /// The longer level side is the length of the symbol.
        LONG,
        /// Its front looks away from the nearer side wall, unless a door or drawer of the thing says where it is.
        BACK
    }

    static Symbol of(String name, String label, SystemGroup family, Lie lies, List<String> words, List<Part> parts) {
        return new Symbol(name, label, family, lies, words, List.copyOf(parts),
                parts.stream().flatMap(p -> p.alone().stream()).collect(Collectors.toUnmodifiableSet()));
    }

    /// @param size    length, width, height in the directions of the symbol \[m\]
    /// @param company symbols of what is set into the thing
    Form form(double[] size, Set<String> company) {
        List<Piece> pieces = new ArrayList<>();
        parts.forEach(p -> pieces.addAll(p.pieces(size, company)));
        return new Form(pieces);
    }
}
