package lectulum.balance.ratings;

import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Settings;
import lectulum.design.base.Axle;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.kernel.gear.TyreSize;
import lectulum.units.Quantity;

/// Tyres put on the trailer by what is written on their side.
///
/// @param design with their size and, where written on them, their load index and speed symbol
/// @param says   what was read
public record FittedTyres(Design design, Sentence says) {

    /// Empty where the text is no tyre size.
    ///
    /// @param text such as `205/75R14C 109/107Q`
    public static Optional<FittedTyres> of(Design design, String text) {
        return TyreSize.read(text).map(size -> new FittedTyres(fit(design, size), says(design, size)));
    }

    private static Design fit(Design design, TyreSize size) {
        Axle axle = design.base().axle();
        Settings settings = design.settings();
        if (size.loadIndex().isPresent()) {
            settings = settings.with(Assumption.TYRE_INDEX.id(), size.loadIndex().getAsInt())
                    .with(Assumption.TYRE_PASSENGER.id(), size.passenger() ? 1 : Double.NaN);
        }
        if (size.speed().isPresent()) {
            settings = settings.with(Assumption.TYRE_SPEED.id(), size.speed().getAsDouble());
        }
        return design.with(design.base().with(axle.withWheels(axle.track(), size.diameter(), size.width())))
                .with(settings);
    }

    private static Sentence says(Design design, TyreSize size) {
        Sentence across = size.exact()
                ? Sentence.of("{0} across, {1} wide", Amount.m(size.diameter()), Amount.m(size.width()))
                : Sentence.of("about {0} across, {1} wide: no profile is written on it", Amount.m(size.diameter()),
                        Amount.m(size.width()));
        Sentence index = size.loadIndex().isPresent()
                ? Sentence.of("load index {0}", size.loadIndex().getAsInt())
                : Assumed.value(design, Assumption.TYRE_INDEX) > 0
                        ? Sentence.of("no load index on it: {0} stays",
                                (int) Assumed.value(design, Assumption.TYRE_INDEX))
                        : Sentence.of("no load index on it");
        Sentence speed = size.speed().isPresent()
                ? Sentence.of("made for {0}", new Amount(size.speed().getAsDouble(), Quantity.SPEED))
                : Sentence.of("no speed symbol");
        return Sentence.of("{0}; {1}; {2}.", across, index, speed);
    }
}
