package lectulum.analysis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;
import java.util.function.Function;
import java.util.stream.Stream;
import lectulum.analysis.soundness.Soundness;
import lectulum.design.Acceptance;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;

/// Everything that follows from a design, worked out when it is asked for and remembered by what that had asked.
///
/// A discipline whose questions all have the answers they had for the design before keeps its result. One that fails says
/// so in one finding and in the log; what asks it has no answer either, and the others still answer. A published analysis
/// is [#complete()]; a [#peek] works out only what it is asked.
///
/// May be used from several threads at once.
public final class Analysis implements Known {
    private static final System.Logger LOG = System.getLogger("lectulum");
    private static final Order ALL = Order.of(Disciplines.ALL);

    private final Order order;
    private final Design given;
    private final Design design;
    private final List<Finding> unsound;
    private final boolean sketch;
    /// Results of the design before; none once everything is worked out, so that no chain of designs is held.
    private volatile Map<Discipline<?>, Kept<?>> before;
    private final Map<Discipline<?>, FutureTask<Kept<?>>> tasks = new ConcurrentHashMap<>();
    private volatile boolean overtaken;
    private volatile Told told;

    /// All figures and findings.
    private record Told(Figures figures, List<Finding> findings) {
    }

    /// Disciplines, the place of each among them, and all of them as they are begun, the longest first.
    private record Order(List<Discipline<?>> all, Map<Discipline<?>, Integer> place, List<Discipline<?>> begun) {
        static Order of(List<Discipline<?>> all) {
            Map<Discipline<?>, Integer> place = new IdentityHashMap<>();
            all.forEach(d -> place.put(d, place.size()));
            List<Discipline<?>> begun = Stream.concat(Disciplines.LONGEST.stream().filter(place::containsKey),
                    all.stream().filter(d -> !Disciplines.LONGEST.contains(d))).toList();
            return new Order(List.copyOf(all), place, begun);
        }
    }

    private Analysis(Order order, Design given, Optional<Analysis> earlier, boolean sketch) {
        this.order = order;
        Soundness.Checked checked = Soundness.of(given,
                earlier.filter(b -> b.design == b.given).map(Analysis::given));
        this.given = given;
        this.design = checked.design();
        this.unsound = checked.findings();
        this.sketch = sketch;
        this.before = earlier.map(Analysis::found).orElse(Map.of());
    }

    /// The analysis of a design of which nothing is known.
    public static Analysis of(Design given) {
        return of(given, ALL);
    }

    /// What the hand waits for of a design of which nothing is known; the rest says nothing until [#whole].
    public static Analysis first(Design given) {
        return new Analysis(ALL, given, Optional.empty(), true).complete();
    }

    /// The same by other disciplines.
    static Analysis of(Design given, List<Discipline<?>> disciplines) {
        return of(given, Order.of(disciplines));
    }

    private static Analysis of(Design given, Order order) {
        return new Analysis(order, given, Optional.empty(), false).complete();
    }

    /// The analysis of a design that came from this one's by an edit.
    public Analysis next(Design edited) {
        return edited == given && !sketch ? complete() : peek(edited).complete();
    }

    /// The same while something is being dragged: what the hand does not wait for is that of before.
    public Analysis sketch(Design edited) {
        return edited == given ? this : new Analysis(order, edited, Optional.of(this), true).complete();
    }

    /// The same as [#next], of which nothing is worked out before it is asked for.
    @Override
    public Analysis peek(Design edited) {
        return new Analysis(order, edited, Optional.of(this), false);
    }

    @Override
    public boolean worsensNothing(Edit edit) {
        return Remedies.worsensNothing(this, peek(edit.apply(given)));
    }

    /// The design as the user has it.
    @Override
    public Design given() {
        return given;
    }

    /// The same with impossible numbers replaced, fit to be drawn.
    @Override
    public Design design() {
        return design;
    }

    /// Whether slow disciplines are those of an earlier design.
    public boolean sketched() {
        return sketch;
    }

    /// Whether a result is of an earlier design, to be shown as such.
    public boolean old(Discipline<?> discipline) {
        return kept(discipline).old();
    }

    @Override
    public <R extends Result> R of(Discipline<R> discipline) {
        return kept(discipline).result();
    }

    @Override
    public <T> T part(Function<Design, T> lens) {
        return lens.apply(design);
    }

    @Override
    public Design design(Design.Part... parts) {
        return design;
    }

    @Override
    public Design seeing(Function<Thing, Sight> how, Design.Part... parts) {
        return design.seeing(how);
    }

    @Override
    public boolean stopped() {
        return findings().stream().anyMatch(f -> f.open() && f.severity() == Severity.STOP);
    }

    @Override
    public void stillWanted() {
        if (overtaken || Thread.currentThread().isInterrupted()) {
            throw new Overtaken();
        }
    }

    /// Nobody waits for this any more: what is being worked out ends soon, by [Reads.Overtaken].
    public void stop() {
        overtaken = true;
    }

    /// All figures, those of disciplines that were not asked yet too.
    public Figures figures() {
        return told().figures;
    }

    /// All findings, worst first, accepted ones marked.
    public List<Finding> findings() {
        return told().findings;
    }

    /// Findings of one stage.
    public List<Finding> findings(Stage stage) {
        return findings().stream().filter(f -> f.stage() == stage).toList();
    }

    /// The worst that is open in a stage.
    public Optional<Severity> worst(Stage stage) {
        return findings().stream().filter(f -> f.stage() == stage && f.open()).map(Finding::severity)
                .max(Comparator.naturalOrder());
    }

    /// The same with nothing in it of an earlier design.
    public Analysis whole() {
        return next(given);
    }

    /// What was replaced to make the design computable.
    List<Finding> unsound() {
        return unsound;
    }

    /// The discipline that says something, where any does.
    Optional<Discipline<?>> saying(Finding finding) {
        return order.all.stream()
                .filter(d -> of(d).findings().stream().anyMatch(f -> f.says(finding.rule(), finding.about())))
                .findFirst();
    }

    /// Works out all disciplines, on this thread and on those that have nothing else to do.
    public Analysis complete() {
        if (told == null) {
            int helpers = ForkJoinPool.getCommonPoolParallelism();
            for (int i = 0; i < helpers; i++) {
                ForkJoinPool.commonPool().execute(this::workThrough);
            }
            workThrough();
            told();
        }
        return this;
    }

    private void workThrough() {
        order.begun.forEach(d -> task(d).run());
    }

    private Told told() {
        Told known = told;
        if (known == null) {
            List<Figures> figures = new ArrayList<>();
            List<Finding> findings = new ArrayList<>(unsound);
            for (Discipline<?> d : order.all) {
                Kept<?> kept = kept(d);
                figures.add(kept.result().figures());
                findings.addAll(kept.result().findings());
                kept.fault().ifPresent(findings::add);
            }
            known = new Told(Figures.join(figures), marked(findings));
            told = known;
            before = Map.of();
        }
        return known;
    }

    /// What is said twice of one subject under one rule is said once, at its worst: it is accepted and mended as one.
    private List<Finding> marked(List<Finding> findings) {
        Set<String> said = new HashSet<>();
        Map<String, Acceptance> byFinding = new HashMap<>();
        given.accepted().forEach(a -> byFinding.put(a.finding(), a));
        return findings.stream().map(f -> byFinding.containsKey(f.id()) ? f.accepted(byFinding.get(f.id())) : f)
                .sorted(Comparator.comparing(Finding::open).reversed()
                        .thenComparing(Finding::severity, Comparator.reverseOrder()))
                .filter(f -> said.add(f.id())).toList();
    }

    /// Whether a stop that is not accepted was found before a discipline.
    boolean stopBefore(Discipline<?> asking) {
        Set<String> accepted = new HashSet<>();
        given.accepted().forEach(a -> accepted.add(a.finding()));
        return Stream.concat(unsound.stream(),
                order.all.subList(0, order.place.get(asking)).stream().flatMap(d -> of(d).findings().stream()))
                .anyMatch(f -> f.severity() == Severity.STOP && !accepted.contains(f.id()));
    }

    /// What has been found so far, and of the rest what had been found before.
    private Map<Discipline<?>, Kept<?>> found() {
        Map<Discipline<?>, Kept<?>> found = new HashMap<>(before);
        tasks.forEach((d, task) -> {
            if (task.state() == Future.State.SUCCESS) {
                found.put(d, task.resultNow());
            }
        });
        return found;
    }

    private FutureTask<Kept<?>> task(Discipline<?> discipline) {
        return tasks.computeIfAbsent(discipline, d -> new FutureTask<>(() -> work(d)));
    }

    /// What a discipline found: whoever comes first works it out, the others wait.
    @SuppressWarnings("unchecked")
    <R extends Result> Kept<R> kept(Discipline<R> discipline) {
        FutureTask<Kept<?>> task = task(discipline);
        task.run();
        try {
            return (Kept<R>) task.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Overtaken();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof Overtaken) {
                throw new Overtaken();
            }
            throw new IllegalStateException(e.getCause());
        }
    }

    @SuppressWarnings("unchecked")
    private <R extends Result> Kept<R> work(Discipline<R> d) {
        Kept<R> earlier = (Kept<R>) before.get(d);
        if (earlier != null && !earlier.failed()) {
            if (earlier.asked().stream().allMatch(a -> a.same(this))) {
                return new Kept<>(earlier.result(), earlier.asked(), false, Optional.empty(), false);
            }
        }
        if (sketch && d.pace() == Discipline.Pace.REST) {
            if (earlier == null || earlier.awaited()) {
                return Kept.awaited(d.nothing());
            }
            if (!earlier.failed()) {
                return earlier.ofEarlier();
            }
        }
        stillWanted();
        Asking asking = new Asking(this, d);
        long began = System.nanoTime();
        try {
            R now = d.from(asking);
            if (LOG.isLoggable(System.Logger.Level.DEBUG)) {
                LOG.log(System.Logger.Level.DEBUG, "%s %.1f ms".formatted(d.id(), (System.nanoTime() - began) / 1e6));
            }
            boolean equal = earlier != null && now.equals(earlier.result());
            return new Kept<>(equal ? earlier.result() : now, List.copyOf(asking.asked), asking.old, Optional.empty(),
                    false);
        } catch (Overtaken e) {
            throw e;
        } catch (Unknown e) {
            return new Kept<>(d.nothing(), List.of(), false, Optional.empty(), true);
        } catch (RuntimeException | StackOverflowError fault) {
            LOG.log(System.Logger.Level.ERROR, d.label() + " failed", fault);
            return new Kept<>(d.nothing(), List.of(), false, Optional.of(failed(d, fault)), true);
        }
    }

    private static Finding failed(Discipline<?> d, Throwable fault) {
        return Finding.of(new Failed(d.stage()), Subject.part(d.id()), Severity.WARN,
                Sentence.of("{0} could not be worked out", d.label()),
                Sentence.of("Something in the program failed on this camper ({0}). Its figures are missing, and those"
                        + " that follow from them; the others hold. Details are in the log.",
                        fault.getClass().getSimpleName()),
                List.of());
    }

    /// What one discipline sees: every question is noted with its answer.
    private static final class Asking implements Reads {
        private final Analysis analysis;
        private final Discipline<?> asking;
        private final List<Kept.Asked> asked = new ArrayList<>();
        private boolean old;

        private Asking(Analysis analysis, Discipline<?> asking) {
            this.analysis = analysis;
            this.asking = asking;
        }

        @Override
        public <T> T part(Function<Design, T> lens) {
            T answer = lens.apply(analysis.design);
            asked.add(new Kept.OfPart<>(lens, answer));
            return answer;
        }

        @Override
        public Design design(Design.Part... parts) {
            Design answer = analysis.design.only(List.of(parts));
            asked.add(new Kept.OfDesign(List.of(parts), answer));
            return answer;
        }

        @Override
        public Design seeing(Function<Thing, Sight> how, Design.Part... parts) {
            Design answer = analysis.design.only(List.of(parts));
            asked.add(new Kept.OfSeeing(how, List.of(parts), answer));
            return answer.seeing(how);
        }

        @Override
        public <R extends Result> R of(Discipline<R> earlier) {
            Map<Discipline<?>, Integer> place = analysis.order.place;
            if (place.getOrDefault(earlier, Integer.MAX_VALUE) >= place.get(asking)) {
                throw new IllegalArgumentException(
                        asking + " may not ask " + earlier + ", which does not stand before it");
            }
            Kept<R> kept = analysis.kept(earlier);
            if (kept.failed()) {
                throw new Unknown(earlier.label());
            }
            old |= kept.old();
            asked.add(new Kept.OfDiscipline<>(earlier, kept.result()));
            return kept.result();
        }

        @Override
        public boolean stopped() {
            boolean answer = analysis.stopBefore(asking);
            asked.add(new Kept.OfStop(asking, answer));
            return answer;
        }

        @Override
        public void stillWanted() {
            analysis.stillWanted();
        }
    }
}
