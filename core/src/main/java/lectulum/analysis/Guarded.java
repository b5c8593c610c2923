package lectulum.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;

/// Runs disciplines so that one that fails says so, in a finding and in the log, and the others still answer.
///
/// May be used from several threads at once.
final class Guarded {
    private static final System.Logger LOG = System.getLogger("lectulum");
    private final List<Finding> findings = new ArrayList<>();

    /// The result of a discipline; where it fails, what stands in for it, with no figures of its own.
    ///
    /// @param id      of the discipline
    /// @param name    as it is called in a sentence
    /// @param instead computes what the other disciplines need of it all the same
    <T> T run(String id, String name, Stage stage, Supplier<T> work, Supplier<T> instead) {
        try {
            return work.get();
        } catch (RuntimeException | StackOverflowError fault) {
            LOG.log(System.Logger.Level.ERROR, name + " failed", fault);
            note(id, name, stage, fault);
            return instead.get();
        }
    }

    private synchronized void note(String id, String name, Stage stage, Throwable fault) {
        findings.add(Finding.of("analysis." + id, stage, Severity.WARN,
                Sentence.of("{0} could not be worked out", name),
                Sentence.of("Something in the program failed on this camper ({0}). Its figures are missing; the others"
                        + " hold. Details are in the log.", fault.getClass().getSimpleName()),
                List.of()));
    }

    synchronized List<Finding> findings() {
        return List.copyOf(findings);
    }
}
