package lectulum.stage;

import java.io.IOException;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.parts.Background;

/// Where a device on the network is asked for what it tells: its host and port, a button to read and one to stop, and what was
/// said. It is read beside the interface thread.
///
/// @param <T> what it tells
public final class Listener<T> extends VBox {
    private static final String HERE = "localhost";

    private final Background worker;
    private final TextField host = new TextField(HERE);
    private final TextField port = new TextField();
    private final Button read;
    private final Button stop = new Button("Stop");
    private final Label said = StudyPane.words("", "faint");
    private final int usual;
    private volatile boolean stopped;
    private volatile String refused = "";

    /// Reads a device.
    public interface Reads<T> {
        /// @param stop asked between lines
        /// @throws IOException with a sentence where nothing answers
        T read(String host, int port, BooleanSupplier stop) throws IOException;
    }

    /// What is said of it, and who hears.
    ///
    /// @param id   what the ids of its fields begin with
    /// @param name of the device, as in "Monitor"
    public Listener(String id, String name, int usual, Reads<T> reads, java.util.function.Function<T, String> told,
            Consumer<T> heard) {
        super(8);
        this.usual = usual;
        this.worker = new Background(name);
        this.read = new Button("Read the " + name.toLowerCase(java.util.Locale.ROOT));
        host.setId(id + "-host");
        host.setAccessibleText("Host of the " + name);
        port.setText(String.valueOf(usual));
        port.setId(id + "-port");
        port.setAccessibleText("Port of the " + name);
        port.setPrefWidth(70);
        read.setId(id + "-read");
        stop.setId(id + "-stop");
        said.setId(id + "-said");
        read.setOnAction(e -> listen(reads, told, heard));
        stop.setOnAction(e -> stopped = true);
        HBox row = new HBox(8, new Label(name + " at"), host, port, read, stop);
        row.getStyleClass().add("row");
        getChildren().addAll(row, said);
        busy(false);
    }

    public void say(String sentence) {
        said.setText(sentence);
    }

    /// Whether nothing is being read.
    public boolean settled() {
        return worker.settled();
    }

    private void busy(boolean is) {
        read.setDisable(is);
        stop.setVisible(is);
        stop.setManaged(is);
    }

    private void listen(Reads<T> reads, java.util.function.Function<T, String> told, Consumer<T> heard) {
        int number;
        try {
            number = Integer.parseInt(port.getText().strip());
        } catch (NumberFormatException e) {
            say("A port is a number such as " + usual + ".");
            return;
        }
        String at = host.getText().strip();
        stopped = false;
        busy(true);
        say("Listening…");
        worker.run(() -> {
            try {
                return Optional.of(reads.read(at, number, () -> stopped));
            } catch (IOException e) {
                refused = e.getMessage();
                return Optional.<T>empty();
            }
        }, done -> {
            busy(false);
            say(done.map(told).orElse(refused));
            done.ifPresent(heard);
        }, sentence -> {
            busy(false);
            say(sentence);
        });
    }
}
