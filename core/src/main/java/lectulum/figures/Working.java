package lectulum.figures;

import java.util.List;

/// How a figure came about: the formula, the same with the numbers in it, what else to know, and whence the rule.
///
/// @param formula symbols only
/// @param numbers the formula with this camper's numbers
/// @param notes   what the numbers are made of, how sure they are, what was assumed
/// @param source  standard, textbook or plain statement that it is arithmetic
public record Working(String formula, Sentence numbers, List<Sentence> notes, String source) {
    public Working {
        notes = List.copyOf(notes);
    }
}
