package lectulum.standin;

import java.io.IOException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import lectulum.trip.TrueCamp;

/// Small stand-ins for tank senders and for a weather station with a heat meter: lines of JSON over a local port that tell a
/// made-up trip in fast time. The lines are described in docs/standin/camp-protocol.md.
public final class CampServer {
    private static final double LITRE_NOISE = 0.15;
    private static final double OHM_NOISE = 0.4;
    private static final double KELVIN_NOISE = 0.1;
    private static final double HUMID_NOISE = 0.01;
    private static final double WATT_NOISE = 10;

    private CampServer() {
    }

    /// Senders of all tanks that hold water.
    ///
    /// @throws IOException where the port is taken
    public static TellingServer tanks(int port, TrueCamp camp, long seed) throws IOException {
        return new TellingServer("tank-stand-in", port, to -> tellTanks(camp, seed, to));
    }

    /// A weather station.
    ///
    /// @throws IOException where the port is taken
    public static TellingServer weather(int port, TrueCamp camp, long seed) throws IOException {
        return new TellingServer("weather-stand-in", port, to -> tellWeather(camp, seed, to));
    }

    static void tellTanks(TrueCamp camp, long seed, Consumer<String> to) {
        SplittableRandom chance = new SplittableRandom(seed);
        Teller teller = new Teller(to, "tank senders stand-in");
        for (int h = 0; h < camp.hours().size(); h++) {
            for (TrueCamp.Tank t : camp.hours().get(h).tanks()) {
                if (t.ohms().isPresent()) {
                    teller.say(h,
                            String.format(Locale.ROOT, "\"k\":\"tank\",\"id\":\"%s\",\"ohms\":%.1f", id(t.thing()),
                                    Math.max(0, t.ohms().getAsDouble() + OHM_NOISE * chance.nextGaussian())));
                } else {
                    teller.say(h, String.format(Locale.ROOT, "\"k\":\"tank\",\"id\":\"%s\",\"l\":%.2f", id(t.thing()),
                            Math.max(0, 1000 * t.volume() + LITRE_NOISE * chance.nextGaussian())));
                }
            }
        }
        teller.bye(camp.hours().size());
    }

    static void tellWeather(TrueCamp camp, long seed, Consumer<String> to) {
        SplittableRandom chance = new SplittableRandom(seed);
        Teller teller = new Teller(to, "weather station stand-in");
        for (int h = 0; h < camp.hours().size(); h++) {
            TrueCamp.Hour hour = camp.hours().get(h);
            teller.say(h, String.format(Locale.ROOT, "\"k\":\"air\",\"out\":%.2f,\"in\":%.2f,\"rh\":%.3f",
                    hour.outside() + KELVIN_NOISE * chance.nextGaussian(),
                    hour.inside() + KELVIN_NOISE * chance.nextGaussian(),
                    Double.isNaN(hour.humid())
                            ? 0.6
                            : Math.clamp(hour.humid() + HUMID_NOISE * chance.nextGaussian(), 0, 1)));
            teller.say(h, String.format(Locale.ROOT, "\"k\":\"heat\",\"w\":%.1f", hour.heat() <= 0
                    ? 0
                    : Math.max(0, hour.heat() + WATT_NOISE * chance.nextGaussian())));
        }
        teller.bye(camp.hours().size());
    }

    private static String id(String thing) {
        return thing.replaceAll("[^A-Za-z0-9._-]", "");
    }

    /// Says lines with their time and number.
    private static final class Teller {
        private final Consumer<String> to;
        private int n;

        Teller(Consumer<String> to, String name) {
            this.to = to;
            say(0, "\"k\":\"hello\",\"name\":\"" + name + "\",\"version\":1,\"units\":\"SI\"");
        }

        void say(int hour, String what) {
            Instant t = MonitorServer.START.plus(hour, ChronoUnit.HOURS);
            to.accept("{\"t\":\"" + t + "\"," + what + ",\"n\":" + ++n + "}");
        }

        void bye(int hour) {
            say(hour, "\"k\":\"bye\"");
        }
    }
}
