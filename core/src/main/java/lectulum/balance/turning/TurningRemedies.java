package lectulum.balance.turning;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// A longer tongue, with the jack that stands on it.
public final class TurningRemedies {
    private TurningRemedies() {
    }

    static Stream<Remedy> of(Known known, TurningRules rule, Finding finding) {
        return switch (rule) {
            case OUT_TURN, OUT_TAILGATE, TURN_CIRCLE -> tongues(known.design());
            case DRIVE_CLEAR, DRIVE_BENDS -> Stream.empty();
        };
    }

    /// The tongue longer by up to a metre, in steps of four centimetres.
    public static Stream<Remedy> tongues(Design d) {
        double now = d.base().tongueLength();
        return IntStream.rangeClosed(1, 25).mapToObj(i -> Math.round((now + 0.04 * i) * 100) / 100.0)
                .map(l -> new Remedy(Sentence.of("Make the tongue {0} long", Amount.m(l)),
                        new Edit("Longer tongue", x -> lengthened(x, l))));
    }

    /// A tongue of another length; the jack stands on the frame and moves along.
    ///
    /// @param length \[m\]
    public static Design lengthened(Design d, double length) {
        Assumed.Entry jack = Assumed.entry(Assumption.JACK_AT);
        double at = Assumed.value(d, Assumption.JACK_AT) + length - d.base().tongueLength();
        return d.with(d.base().withTongueLength(length))
                .with(d.settings().with(Assumption.JACK_AT.id(), Math.clamp(at, jack.low(), jack.high())));
    }
}
