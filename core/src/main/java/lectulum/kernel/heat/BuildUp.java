package lectulum.kernel.heat;

import java.util.ArrayList;
import java.util.List;

/// A wall of layers, with studs or other strips through some of them.
///
/// Heat flow by EN ISO 6946: between the upper limit, in which heat stays in its path, and the lower one, in which each layer evens
/// its temperature out. Metal studs lie outside that standard; their resistance is taken nearer to the lower limit.
///
/// @param layers  from inside
/// @param inside  film \[m² K/W\]
/// @param outside film \[m² K/W\]
/// @param upper   weight of the upper limit: 0.5 for timber, 0.25 for metal that touches the skin
public record BuildUp(List<Layer> layers, double inside, double outside, double upper) {
    /// Films (EN ISO 6946) \[m² K/W\].
    public static final double WALL = 0.13;
    public static final double ROOF = 0.10;
    public static final double FLOOR = 0.17;
    public static final double OUTSIDE = 0.04;
    public static final double TIMBER = 0.5;
    public static final double METAL = 0.25;
    private static final double INSULATES = 0.06;
    private static final double DEEPEST = 0.1;

    /// @param thick       \[m\]
    /// @param conductivity \[W/(m K)\]
    /// @param density     \[kg/m³\]
    /// @param heat        \[J/(kg K)\]
    /// @param mu          times the resistance of air against vapour
    /// @param share       of the area that a stud takes, 0 to 1
    /// @param stud        conductivity of it \[W/(m K)\]
    public record Layer(double thick, double conductivity, double density, double heat, double mu, double share,
            double stud) {
        public static Layer of(double thick, double conductivity) {
            return new Layer(thick, conductivity, 0, 0, 1, 0, conductivity);
        }

        public Layer studded(double share, double stud) {
            return new Layer(thick, conductivity, density, heat, mu, share, stud);
        }

        /// Clear of studs \[m² K/W\].
        public double resistance() {
            return thick / conductivity;
        }
    }

    public BuildUp {
        layers = List.copyOf(layers);
    }

    /// A layer of still air closed in \[m² K/W\], between 5 and 25 mm and more (EN ISO 6946).
    public static double airGap(double thick) {
        double[] at = {0, 0.005, 0.010, 0.015, 0.025};
        double[] r = {0, 0.11, 0.15, 0.17, 0.18};
        for (int i = 1; i < at.length; i++) {
            if (thick <= at[i]) {
                return r[i - 1] + (thick - at[i - 1]) / (at[i] - at[i - 1]) * (r[i] - r[i - 1]);
            }
        }
        return r[r.length - 1];
    }

    /// Conductivity of a hollow stud \[W/(m K)\].
    ///
    /// @param width of it \[m\]
    /// @param webs  how many cross the wall
    /// @param thick of a web \[m\]
    /// @param metal conductivity \[W/(m K)\]
    public static double hollow(double width, int webs, double thick, double metal) {
        return (webs * thick * metal + (width - webs * thick) * 0.14) / width;
    }

    /// In the clear field, films included \[m² K/W\].
    public double clear() {
        return inside + outside + layers.stream().mapToDouble(Layer::resistance).sum();
    }

    /// Along a stud, films included \[m² K/W\].
    public double atStud() {
        return inside + outside
                + layers.stream().mapToDouble(l -> l.thick / (l.share > 0 ? l.stud : l.conductivity)).sum();
    }

    /// Largest share of a stud, 0 without any.
    public double share() {
        return layers.stream().mapToDouble(Layer::share).max().orElse(0);
    }

    /// Upper limit: each path by itself.
    public double upperLimit() {
        double f = share();
        return f <= 0 ? clear() : 1 / (f / atStud() + (1 - f) / clear());
    }

    /// Lower limit: each layer by itself.
    public double lowerLimit() {
        return inside + outside + layers.stream()
                .mapToDouble(l -> l.thick / (l.share * l.stud + (1 - l.share) * l.conductivity)).sum();
    }

    /// Of the whole \[m² K/W\].
    public double resistance() {
        return upper * upperLimit() + (1 - upper) * lowerLimit();
    }

    /// Heat that passes \[W/(m² K)\].
    public double u() {
        return 1 / resistance();
    }

    /// \[kg/m²\]
    public double mass() {
        return layers.stream().mapToDouble(l -> l.thick * l.density).sum();
    }

    /// \[m\]
    public double thick() {
        return layers.stream().mapToDouble(Layer::thick).sum();
    }

    /// Heat that the inner part takes up with the room \[J/(m² K)\]: inside of the middle of the first insulation, else half of
    /// the wall, no more than 0.1 m.
    public double capacity() {
        double depth = Math.min(DEEPEST, thick() / 2);
        double at = 0;
        for (Layer l : layers) {
            if (l.conductivity < INSULATES) {
                depth = at + l.thick / 2;
                break;
            }
            at += l.thick;
        }
        double sum = 0;
        at = 0;
        for (Layer l : layers) {
            double part = Math.clamp(depth - at, 0, l.thick);
            sum += part * l.density * l.heat;
            at += l.thick;
        }
        return sum;
    }

    /// Temperatures from the inner surface over each interface to the outer surface \[°C\].
    ///
    /// @param stud whether along a stud
    public List<Double> temperatures(double room, double out, boolean stud) {
        double all = stud ? atStud() : clear();
        List<Double> t = new ArrayList<>();
        double r = inside;
        t.add(room - (room - out) * r / all);
        for (Layer l : layers) {
            r += l.thick / (stud && l.share > 0 ? l.stud : l.conductivity);
            t.add(room - (room - out) * r / all);
        }
        return t;
    }

    /// Of the inner surface \[°C\] with another film inside: a corner, behind a mattress.
    public double surface(double room, double out, double film, boolean stud) {
        double all = (stud ? atStud() : clear()) - inside + film;
        return room - (room - out) * film / all;
    }

    /// Factor of the inner surface's temperature, 0 outside to 1 inside.
    public double factor(boolean stud) {
        return 1 - inside / (stud ? atStud() : clear());
    }
}
