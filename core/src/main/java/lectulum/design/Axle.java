package lectulum.design;

/// The running gear: one axle, or two on rockers that share the load equally and act at their middle.
///
/// @param x             axle line, or the middle of the two, behind the foremost point of the body \[m\]
/// @param count         1 or 2
/// @param spacing       between two axles \[m\]
/// @param track         between the middles of the tyres \[m\]
/// @param wheelDiameter outer diameter of the tyre \[m\]
/// @param tyreWidth     \[m\]
/// @param mass          what moves along when the axle is moved: axles, wheels, springs, guards \[kg\]
public record Axle(double x, int count, double spacing, double track, double wheelDiameter, double tyreWidth,
        boolean braked, double mass) {

    public Axle at(double newX) {
        return new Axle(newX, count, spacing, track, wheelDiameter, tyreWidth, braked, mass);
    }

    public Axle with(int newCount, double newSpacing) {
        return new Axle(x, newCount, newSpacing, track, wheelDiameter, tyreWidth, braked, mass);
    }

    public Axle withWheels(double newTrack, double diameter, double width) {
        return new Axle(x, count, spacing, newTrack, diameter, width, braked, mass);
    }

    public Axle withBrakes(boolean brakes) {
        return new Axle(x, count, spacing, track, wheelDiameter, tyreWidth, brakes, mass);
    }

    public Axle withMass(double group) {
        return new Axle(x, count, spacing, track, wheelDiameter, tyreWidth, braked, group);
    }
}
