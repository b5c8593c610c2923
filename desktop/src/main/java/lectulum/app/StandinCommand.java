package lectulum.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import lectulum.design.Design;
import lectulum.power.TrueTrip;
import lectulum.standin.LevelServer;
import lectulum.standin.MonitorServer;
import lectulum.standin.ScaleServer;
import lectulum.standin.TrueMasses;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Stand-ins for outside devices.
@Command(name = "standin", description = "Runs a stand-in for an outside device.", subcommands = {
        StandinCommand.Scale.class, StandinCommand.Level.class, StandinCommand.Monitor.class})
final class StandinCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        spec.commandLine().usage(spec.commandLine().getOut());
        return 0;
    }

    /// A deck scale with a project on it.
    @Command(name = "scale", description = {"A deck scale on this machine with a project on it, until it is stopped.",
            "Its lines are described in docs/standin/scale-protocol.md."})
    static final class Scale implements Callable<Integer> {
        @Parameters(paramLabel = "FILE", description = "Project file or demo:NAME.")
        private String file;

        @Option(names = "--port", description = "Port, 0 for any. Default: ${DEFAULT-VALUE}.")
        private int port = 7070;

        @Option(names = "--seed", description = "Which truth is hidden. Default: ${DEFAULT-VALUE}.")
        private long seed = 1;

        @Option(names = "--step", description = "Step of the decks in kg. Default: ${DEFAULT-VALUE}.")
        private double step = 10;

        @Option(names = "--case", description = "Load case that stands there. Default: ${DEFAULT-VALUE}.")
        private String loadCase = "departure";

        @Option(names = "--for", description = "Seconds after which it stops by itself. Default: never.")
        private double seconds = Double.POSITIVE_INFINITY;

        @Spec
        private CommandSpec spec;

        @Override
        public Integer call() throws IOException, InterruptedException {
            Design design = Input.of(file).project().design();
            PrintWriter out = spec.commandLine().getOut();
            TrueMasses truth = TrueMasses.of(design, design.loadCase(loadCase), seed);
            try (ScaleServer server = new ScaleServer(port, truth, step, 0.4, seed)) {
                out.println("The scale listens on port " + server.port() + " of this machine.");
                out.flush();
                stay(seconds);
            }
            return 0;
        }
    }

    private static void stay(double seconds) throws InterruptedException {
        var never = new CountDownLatch(1);
        if (Double.isInfinite(seconds)) {
            never.await();
        } else {
            never.await(Math.round(seconds * 1000), java.util.concurrent.TimeUnit.MILLISECONDS);
        }
    }

    /// A level on a camper that stands somewhere.
    @Command(name = "level", description = {"A level on this machine on a made-up site, until it is stopped.",
            "Its lines are described in docs/standin/level-protocol.md."})
    static final class Level implements Callable<Integer> {
        @Option(names = "--port", description = "Port, 0 for any. Default: ${DEFAULT-VALUE}.")
        private int port = 7071;

        @Option(names = "--seed", description = "Which site it stands on. Default: ${DEFAULT-VALUE}.")
        private long seed = 1;

        @Option(names = "--for", description = "Seconds after which it stops by itself. Default: never.")
        private double seconds = Double.POSITIVE_INFINITY;

        @Spec
        private CommandSpec spec;

        @Override
        public Integer call() throws IOException, InterruptedException {
            PrintWriter out = spec.commandLine().getOut();
            try (LevelServer server = new LevelServer(port, seed)) {
                out.println("The level listens on port " + server.port() + " of this machine.");
                out.flush();
                stay(seconds);
            }
            return 0;
        }
    }

    /// A battery monitor on a trip with a project.
    @Command(name = "monitor", description = {
            "A battery monitor that tells a made-up trip with a project in fast time, until it is stopped.",
            "Its lines are described in docs/standin/monitor-protocol.md."})
    static final class Monitor implements Callable<Integer> {
        private static final int MOST_DAYS = 60;

        @Parameters(paramLabel = "FILE", description = "Project file or demo:NAME.")
        private String file;

        @Option(names = "--port", description = "Port, 0 for any. Default: ${DEFAULT-VALUE}.")
        private int port = 7072;

        @Option(names = "--seed", description = "Which truth is hidden. Default: ${DEFAULT-VALUE}.")
        private long seed = 1;

        @Option(names = "--days", description = "Days of the trip, 1 to 60. Default: ${DEFAULT-VALUE}.")
        private int days = 4;

        @Option(names = "--for", description = "Seconds after which it stops by itself. Default: never.")
        private double seconds = Double.POSITIVE_INFINITY;

        @Spec
        private CommandSpec spec;

        @Override
        public Integer call() throws IOException, InterruptedException {
            if (days < 1 || days > MOST_DAYS) {
                throw new CommandLine.ParameterException(spec.commandLine(), "--days is 1 to " + MOST_DAYS + ".");
            }
            Design design = Input.of(file).project().design();
            PrintWriter out = spec.commandLine().getOut();
            try (MonitorServer server = new MonitorServer(port, TrueTrip.of(design, days, seed), seed)) {
                out.println("The monitor listens on port " + server.port() + " of this machine.");
                out.flush();
                stay(seconds);
            }
            return 0;
        }
    }
}
