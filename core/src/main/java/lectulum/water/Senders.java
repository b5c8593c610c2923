package lectulum.water;

import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.kernel.flow.Sender;
import lectulum.kernel.flow.TankShape;

/// What the senders of tanks say of the water in them.
public final class Senders {
    /// A reading so little outside of its range is taken for empty or full.
    private static final double NEAR = 0.05;

    private Senders() {
    }

    /// The resistive sender of a tank; empty where it has none.
    static Optional<Sender> of(Thing t) {
        return t.feature(Plumbed.Vessel.class).flatMap(v -> switch (v.level()) {
            case FLOAT_US -> Optional.of(Sender.US);
            case FLOAT_EU -> Optional.of(Sender.EU);
            case NONE, PROBES -> Optional.empty();
        });
    }

    /// Litres that it is said to hold against those of its size.
    static double scale(TankShape s, Tank k) {
        return s.gross() > 0 ? k.capacity() / s.gross() : 1;
    }

    /// What is in a tank that stands level, by its sender \[m³\]; empty without one, and where nothing can read so.
    public static OptionalDouble volume(Thing t, double ohms) {
        Optional<Sender> sender = of(t);
        if (sender.isEmpty() || t.tank().isEmpty()) {
            return OptionalDouble.empty();
        }
        double part = sender.get().part(ohms);
        TankShape s = Tanks.shape(t);
        return part >= -NEAR && part <= 1 + NEAR
                ? OptionalDouble.of(s.volume(Math.clamp(part, 0, 1) * s.height()) * scale(s, t.tank().get()))
                : OptionalDouble.empty();
    }

    /// What its sender reads \[Ω\] with so much in it; empty without one.
    public static OptionalDouble ohms(Thing t, double volume) {
        Optional<Sender> sender = of(t);
        if (sender.isEmpty() || t.tank().isEmpty()) {
            return OptionalDouble.empty();
        }
        TankShape s = Tanks.shape(t);
        double scale = scale(s, t.tank().get());
        double gross = s.gross();
        return gross > 0 && scale > 0
                ? OptionalDouble.of(sender.get().ohms(s.level(Math.clamp(volume / scale, 0, gross)) / s.height()))
                : OptionalDouble.empty();
    }

    /// What stays in a fresh tank when nothing more is drawn \[m³\].
    public static double stays(Thing t) {
        return t.tank().filter(k -> k.use() == Tank.Use.FRESH).map(k -> k.capacity() * (1 - Tanks.drawn(t)))
                .orElse(0.0);
    }
}
