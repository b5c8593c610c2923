package lectulum.discipline;

import java.util.ArrayList;
import java.util.List;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Working;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.units.Quantity;

/// One thing worked out: its figures, what the checks say, drawings, curves, and the caution that goes with it.
///
/// @param id      stable
/// @param stage   on whose page it is shown
/// @param thing   id of the thing it is about; empty for the body
/// @param listings tables
/// @param notes   what else to know, in sentences
/// @param caution where the work can hurt somebody; empty elsewhere
public record Study(String id, Stage stage, String title, String thing, List<Figure> figures, List<Finding> findings,
        List<Sketch> sketches, List<Chart> charts, List<Listing> listings, List<Sentence> notes, String caution) {

    /// The same without its drawings, where something else shows them.
    public Study withoutSketches() {
        return new Study(id, stage, title, thing, figures, findings, List.of(), charts, listings, notes, caution);
    }

    /// Collects one study.
    public static final class Notebook {
        private final String id;
        private final Stage stage;
        private final String title;
        private final String thing;
        private final List<Figure> figures = new ArrayList<>();
        private final List<Finding> findings = new ArrayList<>();
        private final List<Sketch> sketches = new ArrayList<>();
        private final List<Chart> charts = new ArrayList<>();
        private final List<Listing> listings = new ArrayList<>();
        private final List<Sentence> notes = new ArrayList<>();
        private String caution = "";

        public Notebook(String id, Stage stage, String title, String thing) {
            this.id = id;
            this.stage = stage;
            this.title = title;
            this.thing = thing;
        }

        /// A figure with its formula, the numbers in it, and whence the rule.
        public Notebook figure(String name, String label, double value, Quantity quantity, String formula,
                Sentence numbers,
                String source) {
            figures.add(Figure.of(name, label, value, quantity, new Working(formula, numbers, List.of(), source)));
            return this;
        }

        /// A figure that says what is wanted of it.
        public Notebook figure(Figure figure) {
            figures.add(figure);
            return this;
        }

        public Notebook absent(String name, String label, Quantity quantity, String formula, String reason) {
            figures.add(Figure.absent(name, label, quantity, reason,
                    new Working(formula, Sentence.of("{0}", reason), List.of(), "")));
            return this;
        }

        /// Says something about the whole camper.
        public Notebook say(Rule rule, Severity severity, Sentence title, Sentence detail) {
            return say(rule, Subject.WHOLE, severity, title, detail);
        }

        public Notebook say(Rule rule, Subject about, Severity severity, Sentence title, Sentence detail) {
            return say(rule, about, severity, title, detail, thing.isEmpty() ? List.of() : List.of(thing));
        }

        /// Says something about the whole camper for which certain things are to be looked at.
        public Notebook say(Rule rule, Severity severity, Sentence title, Sentence detail, List<String> things) {
            return say(rule, Subject.WHOLE, severity, title, detail, things);
        }

        public Notebook say(Rule rule, Subject about, Severity severity, Sentence title, Sentence detail,
                List<String> things) {
            findings.add(Finding.of(rule, about, severity, title, detail, things));
            return this;
        }

        public Notebook sketch(Sketch sketch) {
            sketches.add(sketch);
            return this;
        }

        public Notebook chart(Chart chart) {
            charts.add(chart);
            return this;
        }

        /// A table without rows is left out.
        public Notebook listing(Listing listing) {
            if (!listing.rows().isEmpty()) {
                listings.add(listing);
            }
            return this;
        }

        public Notebook note(String template, Object... parts) {
            notes.add(Sentence.of(template, parts));
            return this;
        }

        public Notebook note(Sentence sentence) {
            notes.add(sentence);
            return this;
        }

        public Notebook caution(String words) {
            caution = words;
            return this;
        }

        public Study done() {
            return new Study(id, stage, title, thing, List.copyOf(figures), List.copyOf(findings),
                    List.copyOf(sketches), List.copyOf(charts), List.copyOf(listings), List.copyOf(notes),
                    caution);
        }
    }
}
