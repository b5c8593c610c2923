package lectulum.layout.cutaway;

/// The eye that looks at a camper: an orthographic view on a plain canvas.
///
/// @param azimuth   of the viewer from +x toward +y \[rad\]
/// @param elevation of the viewer above level \[rad\]
/// @param scale     pixels per metre
public record View(double azimuth, double elevation, double scale) {
    /// Elevation from which the three axes are foreshortened alike \[rad\].
    public static final double ISOMETRIC = Math.atan(1 / Math.sqrt(2));

    /// Direction towards the viewer.
    public double[] toEye() {
        return new double[]{Math.cos(elevation) * Math.cos(azimuth), Math.cos(elevation) * Math.sin(azimuth),
                Math.sin(elevation)};
    }

    /// To the right on the canvas \[pixels\].
    public double x(double px, double py, double pz) {
        return (-Math.sin(azimuth) * px + Math.cos(azimuth) * py) * scale;
    }

    /// Down on the canvas \[pixels\].
    public double y(double px, double py, double pz) {
        double up = -Math.sin(elevation) * Math.cos(azimuth) * px - Math.sin(elevation) * Math.sin(azimuth) * py
                + Math.cos(elevation) * pz;
        return -up * scale;
    }

    /// How near to the viewer; more is nearer \[m\].
    public double depth(double px, double py, double pz) {
        double[] d = toEye();
        return px * d[0] + py * d[1] + pz * d[2];
    }
}
