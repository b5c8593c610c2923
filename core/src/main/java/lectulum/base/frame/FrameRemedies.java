package lectulum.base.frame;

import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.base.Carcass;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// Higher rails, with a higher tongue or without.
final class FrameRemedies {
    private FrameRemedies() {
    }

    static Stream<Remedy> of(Known known, FrameRules rule, Finding finding) {
        return switch (rule) {
            case FRAME_STRESS, FRAME_SAG -> higher(known.design().base().carcass());
        };
    }

    private static Stream<Remedy> higher(Carcass c) {
        return c.frame().stream().flatMap(f -> Stream.of(1.25, 1.5, 2.0).flatMap(k -> Stream.of(
                Mend.base(Sentence.of("Rails {0} high", Amount.m(k * f.rails().height())), "Higher rails",
                        b -> b.with(
                                c.withFrame(Optional.of(new Carcass.Frame(f.tongue(), f.until(), higher(f.rails(), k),
                                        f.hangers(), f.yield()))))),
                Mend.base(Sentence.of("Tongue and rails {0} high", Amount.m(k * f.rails().height())), "Higher frame",
                        b -> b.with(c.withFrame(Optional.of(new Carcass.Frame(higher(f.tongue(), k), f.until(),
                                higher(f.rails(), k), f.hangers(), f.yield()))))))));
    }

    private static Carcass.Member higher(Carcass.Member m, double k) {
        return m.high(Math.round(k * m.height() * 1000) / 1000.0);
    }
}
