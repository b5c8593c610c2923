package lectulum.weighing;

/// One reading of a weigh day as a sum of what is looked for: load of the vehicle's front axle and of its rear axle
/// without the trailer, mass of the trailer, and tongue load.
///
/// @param front  how often the front axle is in it
/// @param rear   how often the rear axle is in it
/// @param mass   how often the trailer's mass is in it
/// @param tongue how often the tongue load is in it
/// @param value  \[kg\], known corrections taken off
/// @param u      standard uncertainty \[kg\], > 0
public record Reading(String name, double front, double rear, double mass, double tongue, double value, double u) {

    double[] row() {
        return new double[]{front, rear, mass, tongue};
    }

    Reading named(String newName) {
        return new Reading(newName, front, rear, mass, tongue, value, u);
    }
}
