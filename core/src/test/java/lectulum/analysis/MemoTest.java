package lectulum.analysis;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.ToDoubleFunction;
import java.util.logging.Level;
import java.util.logging.Logger;
import lectulum.balance.BalanceRules;
import lectulum.design.Design;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.discipline.Studies;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.units.Style;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What is remembered, what is worked out again, and what happens when something fails, by disciplines of a few lines.
class MemoTest {
    private final AtomicInteger countings = new AtomicInteger();
    private final AtomicInteger doublings = new AtomicInteger();

    private record Number(double value) implements Result {
    }

    private final Discipline<Number> things = discipline("things", Discipline.Pace.HAND, in -> {
        countings.incrementAndGet();
        return in.part(Design::things).size();
    });
    private final Discipline<Number> doubled = discipline("doubled", Discipline.Pace.HAND, in -> {
        doublings.incrementAndGet();
        return 2 * in.of(things).value();
    });
    private final Discipline<Number> slow = discipline("slow", Discipline.Pace.REST,
            in -> in.part(Design::things).stream().mapToDouble(t -> t.mass().value()).sum());
    private final Discipline<Number> onSlow = discipline("onSlow", Discipline.Pace.REST,
            in -> 10 * in.of(slow).value());
    private final Discipline<Number> failing = discipline("failing", Discipline.Pace.HAND, in -> {
        if (!in.part(Design::things).isEmpty()) {
            throw new ArithmeticException("singular matrix");
        }
        return 7;
    });
    private final Discipline<Number> onFailing = discipline("onFailing", Discipline.Pace.HAND,
            in -> in.of(failing).value() + 1);

    private static Discipline<Number> discipline(String id, Discipline.Pace pace, ToDoubleFunction<Reads> work) {
        return new Discipline<>(id, "The " + id, Stage.BALANCE, pace, in -> new Number(work.applyAsDouble(in)),
                () -> new Number(-1));
    }

    private final Thing chest = thing("chest", 10, 1, 0);

    @BeforeEach
    void quiet() {
        Logger.getLogger("lectulum").setLevel(Level.OFF);
    }

    private Analysis start(Discipline<?>... disciplines) {
        return Analysis.of(box(chest), List.of(disciplines));
    }

    /// Two findings of one name could neither be accepted nor shown by themselves.
    @Test
    void whatIsSaidTwiceOfOneThingIsSaidOnceAtItsWorst() {
        Discipline<Studies> twice = new Discipline<>("twice", "Twice", Stage.BALANCE, Discipline.Pace.HAND,
                in -> new Studies(List.of(), Figures.NONE, List.of(said(Severity.NOTE, "chest"),
                        said(Severity.WARN, "chest"), said(Severity.NOTE, "stool"))),
                () -> Studies.NONE);

        assertThat(start(twice).findings()).map(f -> f.about().key() + " " + f.severity())
                .containsExactly("chest WARN", "stool NOTE");
    }

    private static Finding said(Severity severity, String thing) {
        return Finding.of(BalanceRules.BALANCE_UNWEIGHED, Subject.thing(thing), severity, Sentence.of("It is shut in"),
                Sentence.of("It needs air."), List.of(thing));
    }

    @Test
    void whatNobodyAskedAboutChangesNothing() {
        Analysis a = start(things, doubled);

        Analysis b = a.next(a.given().with(a.given().settings().with("road.speed", 20)));

        assertThat(countings).hasValue(1);
        assertThat(doublings).hasValue(1);
        assertThat(b.of(doubled)).isSameAs(a.of(doubled));
    }

    @Test
    void anEqualAnswerCutsOffWhatFollows() {
        Analysis a = start(things, doubled);

        Analysis b = a.next(a.given().mapping("chest", t -> t.with(Mass.weighed(12))));

        assertThat(countings).as("the things were asked for, and changed").hasValue(2);
        assertThat(doublings).as("their number did not").hasValue(1);
        assertThat(b.of(things)).isSameAs(a.of(things));
    }

    @Test
    void anotherAnswerIsFollowed() {
        Analysis a = start(things, doubled);

        Analysis b = a.next(a.given().plus(thing("box", 1, 1, 0)));

        assertThat(b.of(doubled).value()).isEqualTo(4);
        assertThat(a.of(doubled).value()).isEqualTo(2);
    }

    @Test
    void aPeekWorksOutOnlyWhatItIsAsked() {
        Analysis a = start(things, doubled);

        Analysis b = a.peek(a.given().plus(thing("box", 1, 1, 0)));

        assertThat(b.of(things).value()).isEqualTo(2);
        assertThat(countings).hasValue(2);
        assertThat(doublings).hasValue(1);
    }

    @Test
    void aDragKeepsWhatIsSlowAndSaysThatItIsOld() {
        Analysis a = start(things, slow, onSlow);
        Design moved = a.given().mapping("chest", t -> t.with(Mass.weighed(12)));

        Analysis drag = a.sketch(moved);

        assertThat(drag.of(onSlow).value()).isEqualTo(100);
        assertThat(List.of(drag.old(things), drag.old(slow), drag.old(onSlow))).containsExactly(false, true, true);
        assertThat(drag.next(moved).of(onSlow).value()).isEqualTo(120);
        assertThat(drag.sketch(a.given()).old(onSlow)).as("dragged back").isFalse();
        assertThat(drag.next(a.given()).of(onSlow)).isSameAs(a.of(onSlow));
    }

    @Test
    void whatFailsSaysSoOnceAndTheOthersAnswer() {
        Analysis a = start(things, failing, onFailing);

        assertThat(a.findings()).extracting(Finding::id).containsExactly("analysis.failing");
        assertThat(a.findings().getFirst().title().text(Style.PLAIN)).isEqualTo("The failing could not be worked out");
        assertThat(a.findings().getFirst().detail().text(Style.PLAIN)).contains("ArithmeticException");
        assertThat(a.of(failing).value()).isEqualTo(-1);
        assertThat(a.of(onFailing).value()).isEqualTo(-1);
        assertThat(a.of(things).value()).isEqualTo(1);
    }

    @Test
    void whatFailedIsTriedAgain() {
        Analysis mended = start(failing, onFailing).next(box());

        assertThat(mended.findings()).isEmpty();
        assertThat(mended.of(onFailing).value()).isEqualTo(8);
    }

    @Test
    void endlessRecursionIsAFailureLikeOthers() {
        Discipline<Number> deep = discipline("deep", Discipline.Pace.HAND, in -> endless(0));

        assertThat(start(deep).findings()).extracting(Finding::id).containsExactly("analysis.deep");
    }

    private static double endless(int depth) {
        return endless(depth + 1) + depth;
    }

    @Test
    void nobodyAsksWhatStandsBehindIt() {
        Analysis a = start(doubled, things);

        assertThat(a.findings()).extracting(Finding::id).containsExactly("analysis.doubled");
    }

    @Test
    void overtakenWorkEnds() {
        List<Analysis> now = new ArrayList<>();
        Discipline<Number> watchful = discipline("watchful", Discipline.Pace.HAND, in -> {
            in.part(Design::things);
            now.forEach(Analysis::stop);
            in.stillWanted();
            return 1;
        });
        Analysis a = start(watchful);
        Analysis b = a.peek(box());
        now.add(b);

        org.assertj.core.api.Assertions.assertThatThrownBy(() -> b.of(watchful))
                .isInstanceOf(Reads.Overtaken.class);
        assertThat(a.next(box()).of(watchful).value()).isEqualTo(1);
    }
}
