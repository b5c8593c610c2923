package lectulum.air;

import lectulum.design.brief.Brief;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Person;

/// What people and dogs give off to the room (assumed, after textbooks of building physics).
///
/// @param heat   sensible \[W\]
/// @param vapour \[kg/s\]
/// @param breath carbon dioxide \[m³/s\]
public record Sleepers(double heat, double vapour, double breath) {
    private static final double CHILD = 1.4;
    private static final double DOG_MASS = 20;
    private static final double GRAM_HOUR = 1e-3 / 3600;
    private static final double LITRE_HOUR = 1e-3 / 3600;
    /// Heat that goes with a kilogram of vapour an hour as latent heat \[W per g/h\].
    private static final double LATENT = 0.694;

    /// What they do.
    public enum Doing {
        ASLEEP(50, 35, 13), SEATED(70, 50, 18), BUSY(85, 90, 30);

        private final double heat;
        private final double vapour;
        private final double breath;

        Doing(double heat, double vapour, double breath) {
            this.heat = heat;
            this.vapour = vapour;
            this.breath = breath;
        }
    }

    public static Sleepers of(Brief b, Doing doing) {
        double heat = 0;
        double vapour = 0;
        double breath = 0;
        for (Person p : b.people()) {
            double part = p.height() < CHILD ? 0.6 : 1;
            heat += part == 1 ? doing.heat : doing.heat * 0.7;
            vapour += part == 1 ? doing.vapour : doing.vapour * 4 / 7;
            breath += part == 1 ? doing.breath : doing.breath * 8 / 13;
        }
        for (Dog dog : b.dogs()) {
            heat += 30 * dog.mass() / DOG_MASS;
            vapour += 15 * dog.mass() / DOG_MASS;
            breath += 6 * dog.mass() / DOG_MASS;
        }
        return new Sleepers(heat, vapour * GRAM_HOUR, breath * LITRE_HOUR);
    }

    /// Latent heat of their vapour \[W\].
    public double latent() {
        return vapour / GRAM_HOUR * LATENT;
    }

}
