package lectulum.balance;

import java.util.List;
import java.util.Optional;
import lectulum.kernel.statics.MassRoll;
import lectulum.kernel.statics.Part;
import lectulum.kernel.statics.Statics;

/// How sure mass, tongue and share are: linear propagation of the uncertainties of masses and places, with an error
/// that all guesses share, because people underestimate together (GUM, JCGM 100; see docs/method/balance.md).
///
/// Without an axle behind the ball only the mass has one; the others are NaN.
///
/// @param mass   standard uncertainty of the loaded mass \[kg\]
/// @param tongue of the tongue load \[kg\]
/// @param share  of the tongue share
/// @param axle   of the axle load \[kg\]
/// @param next   thing whose weighing would narrow the share most, with its part of the variance
public record Certainty(double mass, double tongue, double share, double axle, Optional<WeighNext> next) {
    /// Shared relative error of all guesses, standard uncertainty (assumed).
    public static final double SHARED_GUESS_ERROR = 0.10;

    /// @param part share of the variance of the tongue share that this thing causes, 0 to 1
    public record WeighNext(String thing, double part) {
    }

    /// @param a          ball to axle \[m\], > 0
    /// @param axlePlaceU standard uncertainty of a \[m\]
    public static Certainty of(List<Part> parts, double a, double axlePlaceU) {
        MassRoll roll = MassRoll.of(parts);
        if (roll.mass() <= 0) {
            return new Certainty(0, Double.NaN, Double.NaN, Double.NaN, Optional.empty());
        }
        if (a <= 0) {
            double guess = SHARED_GUESS_ERROR * parts.stream().filter(Part::guess).mapToDouble(Part::mass).sum();
            double own = parts.stream().mapToDouble(p -> square(p.u())).sum();
            return new Certainty(Math.sqrt(own + square(guess)), Double.NaN, Double.NaN, Double.NaN, Optional.empty());
        }
        double p = 1 - roll.x() / a;
        double m2 = 0;
        double t2 = 0;
        double p2 = 0;
        double a2 = 0;
        double mGuess = 0;
        double tGuess = 0;
        double pGuess = 0;
        double aGuess = 0;
        double largest = 0;
        String largestThing = "";
        for (Part part : parts) {
            double lever = Statics.lever(part.x(), a);
            double toShare = (lever - p) / roll.mass();
            double byPlace = part.mass() / a * part.ux();
            m2 += square(part.u());
            t2 += square(lever * part.u()) + square(byPlace);
            p2 += square(toShare * part.u()) + square(byPlace / roll.mass());
            a2 += square((1 - lever) * part.u()) + square(byPlace);
            if (part.guess()) {
                mGuess += part.mass();
                tGuess += lever * part.mass();
                pGuess += toShare * part.mass();
                aGuess += (1 - lever) * part.mass();
            }
            double mine = square(toShare * part.u());
            if (mine > largest && part.u() > 0.01 * part.mass() && !part.thing().equals(Forgotten.ID)) {
                largest = mine;
                largestThing = part.thing();
            }
        }
        double byAxle = roll.mass() * roll.x() / (a * a) * axlePlaceU;
        m2 += square(SHARED_GUESS_ERROR * mGuess);
        t2 += square(SHARED_GUESS_ERROR * tGuess) + square(byAxle);
        p2 += square(SHARED_GUESS_ERROR * pGuess) + square(byAxle / roll.mass());
        a2 += square(SHARED_GUESS_ERROR * aGuess) + square(byAxle);
        return new Certainty(Math.sqrt(m2), Math.sqrt(t2), Math.sqrt(p2), Math.sqrt(a2),
                largest > 0 ? Optional.of(new WeighNext(largestThing, largest / p2)) : Optional.empty());
    }

    private static double square(double value) {
        return value * value;
    }
}
