package lectulum.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import lectulum.design.Design;
import lectulum.files.AtomicFile;
import lectulum.power.TrueTrip;
import lectulum.standin.CampServer;
import lectulum.standin.LevelServer;
import lectulum.standin.MonitorServer;
import lectulum.standin.PriceShop;
import lectulum.standin.ScaleServer;
import lectulum.standin.TellingServer;
import lectulum.standin.TrueMasses;
import lectulum.trip.TrueCamp;
import lectulum.units.Day;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Stand-ins for outside devices.
@Command(name = "standin", description = "Runs a stand-in for an outside device.", subcommands = {
        StandinCommand.Scale.class, StandinCommand.Level.class, StandinCommand.Monitor.class,
        StandinCommand.Tanks.class, StandinCommand.Weather.class, StandinCommand.Prices.class})
final class StandinCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        spec.commandLine().usage(spec.commandLine().getOut());
        return 0;
    }

    /// What every stand-in is told.
    static final class Served {
        @Option(names = "--seed", description = "Which truth is hidden. Default: ${DEFAULT-VALUE}.")
        private long seed = 1;

        @Option(names = "--for", description = "Seconds after which it stops by itself. Default: never.")
        private double seconds = Double.POSITIVE_INFINITY;

        @Spec(Spec.Target.MIXEE)
        private CommandSpec spec;

        /// Says where it listens, and stays.
        Integer stay(String name, int port) throws InterruptedException {
            PrintWriter out = spec.commandLine().getOut();
            out.println(name + " on port " + port + " of this machine.");
            out.flush();
            var never = new CountDownLatch(1);
            if (Double.isInfinite(seconds)) {
                never.await();
            } else {
                never.await(Math.round(seconds * 1000), TimeUnit.MILLISECONDS);
            }
            return 0;
        }
    }

    /// A project that is out for some days.
    static final class Outing {
        private static final int MOST_DAYS = 60;

        @Parameters(paramLabel = "FILE", description = "Project file or demo:NAME.")
        private String file;

        @Option(names = "--days", description = "Days of the trip, 1 to 60. Default: ${DEFAULT-VALUE}.")
        private int days = 4;

        @Spec(Spec.Target.MIXEE)
        private CommandSpec spec;

        Design design() throws IOException {
            if (days < 1 || days > MOST_DAYS) {
                throw new CommandLine.ParameterException(spec.commandLine(), "--days is 1 to " + MOST_DAYS + ".");
            }
            return Input.of(file).project().design();
        }
    }

    /// A deck scale with a project on it.
    @Command(name = "scale", description = {"A deck scale on this machine with a project on it, until it is stopped.",
            "Its lines are described in docs/standin/scale-protocol.md."})
    static final class Scale implements Callable<Integer> {
        @Parameters(paramLabel = "FILE", description = "Project file or demo:NAME.")
        private String file;

        @Option(names = "--port", description = "Port, 0 for any. Default: ${DEFAULT-VALUE}.")
        private int port = 7070;

        @Option(names = "--step", description = "Step of the decks in kg. Default: ${DEFAULT-VALUE}.")
        private double step = 10;

        @Option(names = "--case", description = "Load case that stands there. Default: ${DEFAULT-VALUE}.")
        private String loadCase = "departure";

        @Mixin
        private Served served;

        @Override
        public Integer call() throws IOException, InterruptedException {
            Design design = Input.of(file).project().design();
            TrueMasses truth = TrueMasses.of(design, design.loadCase(loadCase), served.seed);
            try (ScaleServer server = new ScaleServer(port, truth, step, 0.4, served.seed)) {
                return served.stay("The scale listens", server.port());
            }
        }
    }

    /// A level on a camper that stands somewhere.
    @Command(name = "level", description = {"A level on this machine on a made-up site, until it is stopped.",
            "Its lines are described in docs/standin/level-protocol.md."})
    static final class Level implements Callable<Integer> {
        @Option(names = "--port", description = "Port, 0 for any. Default: ${DEFAULT-VALUE}.")
        private int port = 7071;

        @Mixin
        private Served served;

        @Override
        public Integer call() throws IOException, InterruptedException {
            try (LevelServer server = new LevelServer(port, served.seed)) {
                return served.stay("The level listens", server.port());
            }
        }
    }

    /// A battery monitor on a trip with a project.
    @Command(name = "monitor", description = {
            "A battery monitor that tells a made-up trip with a project in fast time, until it is stopped.",
            "Its lines are described in docs/standin/monitor-protocol.md."})
    static final class Monitor implements Callable<Integer> {
        @Option(names = "--port", description = "Port, 0 for any. Default: ${DEFAULT-VALUE}.")
        private int port = 7072;

        @Mixin
        private Outing outing;

        @Mixin
        private Served served;

        @Override
        public Integer call() throws IOException, InterruptedException {
            TrueTrip trip = TrueTrip.of(outing.design(), outing.days, served.seed);
            try (MonitorServer server = new MonitorServer(port, trip, served.seed)) {
                return served.stay("The monitor listens", server.port());
            }
        }
    }

    /// Senders of the tanks of a project on a trip.
    @Command(name = "tanks", description = {
            "Tank senders that tell a made-up trip with a project in fast time, until they are stopped.",
            "Their lines are described in docs/standin/camp-protocol.md."})
    static final class Tanks implements Callable<Integer> {
        @Option(names = "--port", description = "Port, 0 for any. Default: ${DEFAULT-VALUE}.")
        private int port = 7073;

        @Mixin
        private Outing outing;

        @Mixin
        private Served served;

        @Override
        public Integer call() throws IOException, InterruptedException {
            TrueCamp camp = TrueCamp.of(outing.design(), outing.days, served.seed);
            try (TellingServer server = CampServer.tanks(port, camp, served.seed)) {
                return served.stay("The tank senders listen", server.port());
            }
        }
    }

    /// A weather station and a heat meter in a project on a trip.
    @Command(name = "weather", description = {
            "A weather station with a heat meter that tells a made-up trip with a project in fast time, until it is stopped.",
            "Its lines are described in docs/standin/camp-protocol.md."})
    static final class Weather implements Callable<Integer> {
        @Option(names = "--port", description = "Port, 0 for any. Default: ${DEFAULT-VALUE}.")
        private int port = 7074;

        @Mixin
        private Outing outing;

        @Mixin
        private Served served;

        @Override
        public Integer call() throws IOException, InterruptedException {
            TrueCamp camp = TrueCamp.of(outing.design(), outing.days, served.seed);
            try (TellingServer server = CampServer.weather(port, camp, served.seed)) {
                return served.stay("The weather station listens", server.port());
            }
        }
    }

    /// A shop that writes its price list.
    @Command(name = "prices", description = {
            "A made-up shop that writes its price list for sticks, sheets and what is used up.",
            "Its columns are described in docs/standin/price-list.md."})
    static final class Prices implements Callable<Integer> {
        @Parameters(paramLabel = "FILE", description = "Project file or demo:NAME, whose currency it asks.")
        private String file;

        @Option(names = "--seed", description = "Which shop. Default: ${DEFAULT-VALUE}.")
        private long seed = 1;

        @Option(names = "--day", description = "Day of the prices. Default: today of the project.")
        private String day;

        @Option(names = {"-o", "--out"}, paramLabel = "CSV", description = "Where to write it. Default: it is told.")
        private Path out;

        @Spec
        private CommandSpec spec;

        @Override
        public Integer call() throws IOException {
            Design design = Input.of(file).project().design();
            String asked = day == null ? design.purse().today() : day;
            if (Day.unreadable(asked)) {
                throw new CommandLine.ParameterException(spec.commandLine(), "--day is written as 2026-05-31.");
            }
            String list = PriceShop.list(design, asked, seed);
            if (out == null) {
                spec.commandLine().getOut().print(list);
                spec.commandLine().getOut().flush();
            } else {
                AtomicFile.write(out, list);
            }
            return 0;
        }
    }
}
