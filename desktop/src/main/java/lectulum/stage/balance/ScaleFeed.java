package lectulum.stage.balance;

import java.io.IOException;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import lectulum.design.weighing.WeighPoint;
import lectulum.parts.Background;
import lectulum.stage.Address;
import lectulum.standin.ScaleClient;
import lectulum.standin.ScaleServer;
import lectulum.standin.TrueMasses;

/// A scale on the network, or a stand-in of this window's own, read beside the interface thread.
final class ScaleFeed {
    private static final Background WORKER = new Background("scale-feed");
    private static final double SETTLING = 0.25;
    private static final int LOOKS = 100;
    private static final int PAUSE = 50;

    private final Consumer<String> say;
    private final DoubleFunction<String> kg;
    private final Runnable changed;
    private Optional<ScaleClient> client = Optional.empty();
    private Optional<ScaleServer> standIn = Optional.empty();
    private boolean busy;

    /// @param say     shows a sentence
    /// @param kg      a mass in the user's units
    /// @param changed is run when a scale comes or goes
    ScaleFeed(Consumer<String> say, DoubleFunction<String> kg, Runnable changed) {
        this.say = say;
        this.kg = kg;
        this.changed = changed;
    }

    boolean connected() {
        return client.isPresent();
    }

    /// Whether nothing is being read.
    boolean settled() {
        return !busy;
    }

    /// Starts a stand-in with a hidden truth and connects to it.
    void rehearse(TrueMasses truth, double step, long seed) {
        try {
            ScaleServer server = new ScaleServer(0, truth, step, SETTLING, seed);
            standIn = Optional.of(server);
            connect("localhost:" + server.port());
        } catch (IOException e) {
            say.accept("The stand-in could not be started: " + e.getMessage());
        }
    }

    void connect(String address) {
        Optional<Address> where = Address.of(address);
        if (where.isEmpty()) {
            say.accept("Give it as name:port, such as localhost:7070.");
            return;
        }
        say.accept("Connecting…");
        busy = true;
        WORKER.run(() -> answer(() -> new ScaleClient(where.get().host(), where.get().port())),
                answer -> now(answer.got(), answer.got().map(found -> (standIn.isPresent()
                        ? "The stand-in hides true masses: read what it says. Step "
                        : "Connected. Step ") + kg.apply(found.step()) + ".").orElse(answer.trouble())),
                sentence -> now(Optional.empty(), sentence));
    }

    void disconnect() {
        Optional<ScaleClient> old = client;
        Optional<ScaleServer> server = standIn;
        standIn = Optional.empty();
        WORKER.run(() -> {
            old.ifPresent(ScaleFeed::hangUp);
            server.ifPresent(ScaleServer::close);
            return true;
        }, gone -> {
        }, say);
        now(Optional.empty(), "No scale is connected.");
    }

    private static void hangUp(ScaleClient client) {
        try {
            client.close();
        } catch (IOException e) {
            // It is gone already.
        }
    }

    private void now(Optional<ScaleClient> next, String words) {
        client = next;
        busy = false;
        say.accept(words);
        changed.run();
    }

    /// Waits until the display has come to rest, and gives what it shows \[kg\].
    void read(WeighPoint point, DoubleConsumer then) {
        if (client.isEmpty() || busy) {
            return;
        }
        ScaleClient scale = client.get();
        busy = true;
        say.accept(point.label() + ": waiting for the display to come to rest…");
        WORKER.run(() -> answer(() -> {
            scale.stand(point);
            return rested(scale);
        }), answer -> answer.got().ifPresentOrElse(rest -> {
            busy = false;
            say.accept(point.label() + ": " + kg.apply(rest.kg()) + (rest.stable() ? "." : ", not at rest."));
            then.accept(rest.kg());
        }, () -> now(Optional.empty(), answer.trouble())), sentence -> now(Optional.empty(), sentence));
    }

    /// What came of asking a scale: what it said, or a sentence on why it did not.
    private record Answer<T>(Optional<T> got, String trouble) {
    }

    private interface Asked<T> {
        T ask() throws IOException, InterruptedException;
    }

    private static <T> Answer<T> answer(Asked<T> asked) throws InterruptedException {
        try {
            return new Answer<>(Optional.of(asked.ask()), "");
        } catch (IOException e) {
            return new Answer<>(Optional.empty(), e.getMessage());
        }
    }

    private static ScaleClient.Shown rested(ScaleClient scale) throws IOException, InterruptedException {
        ScaleClient.Shown display = scale.read();
        for (int i = 0; i < LOOKS && !display.stable(); i++) {
            Thread.sleep(PAUSE);
            display = scale.read();
        }
        return display;
    }
}
