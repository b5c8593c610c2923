package lectulum.figures;

/// How a figure stands to its band. `NONE` where nothing is asked of it.
public enum Verdict {
    NONE, GOOD, WARN, STOP
}
