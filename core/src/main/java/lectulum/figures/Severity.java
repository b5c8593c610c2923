package lectulum.figures;

/// How much a finding matters: something to know, something to mend before the trip, something that must not be towed
/// or built.
public enum Severity {
    NOTE, WARN, STOP
}
