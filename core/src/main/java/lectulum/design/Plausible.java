package lectulum.design;

/// A part of the design whose numbers must also go together: a tube's wall fits into it, a highest place is above the
/// lowest.
public interface Plausible {

    /// Whether they do; asked only when each number by itself makes sense.
    boolean plausible();
}
