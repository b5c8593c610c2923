package lectulum.figures;

import java.util.List;
import java.util.Optional;
import lectulum.design.Acceptance;

/// One thing a check has to say, in a plain sentence with the numbers in it.
///
/// @param rule       which check
/// @param about      what in the camper
/// @param title      one short sentence
/// @param detail     the numbers and why it matters
/// @param things     ids of the things to look at; empty where it is about the whole camper
/// @param acceptance why the user lives with it, once accepted
public record Finding(Rule rule, Subject about, Severity severity, Sentence title, Sentence detail, List<String> things,
        Optional<Acceptance> acceptance) {

    public Finding {
        things = List.copyOf(things);
    }

    public static Finding of(Rule rule, Subject about, Severity severity, Sentence title, Sentence detail,
            List<String> things) {
        return new Finding(rule, about, severity, title, detail, things, Optional.empty());
    }

    /// Stable: the rule and what it is about, such as `layout.overlap.bed+galley`.
    public String id() {
        return about.key().isEmpty() ? rule.id() : rule.id() + "." + about.key();
    }

    /// Whether it is what a rule says about something.
    public boolean says(Rule which, Subject what) {
        return rule.equals(which) && about.equals(what);
    }

    /// The stage it belongs to.
    public Stage stage() {
        return rule.stage();
    }

    public Finding accepted(Acceptance why) {
        return new Finding(rule, about, severity, title, detail, things, Optional.of(why));
    }

    /// Whether it still asks for something to be done.
    public boolean open() {
        return acceptance.isEmpty();
    }
}
