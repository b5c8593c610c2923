package lectulum.stage.balance;

import java.io.IOException;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lectulum.assumed.Assumption;
import lectulum.parts.Background;
import lectulum.stage.Address;
import lectulum.standin.LevelClient;
import lectulum.standin.LevelServer;
import lectulum.workbench.Workbench;

/// Takes pitch and roll over from a level: a device on the network, or the stand-in.
public final class LevelFeed extends VBox {
    private static final Background WORKER = new Background("level-feed");

    private final Workbench bench;
    private final Label said = new Label();
    private long site = 1;

    public LevelFeed(Workbench bench) {
        super(4);
        this.bench = bench;
        getStyleClass().add("entry-form");
        Label head = new Label("Level");
        head.getStyleClass().addAll("heading", "section");
        TextField address = new TextField("localhost:7071");
        address.setId("level-address");
        address.setPrefColumnCount(11);
        address.setAccessibleText("Level on the network");
        Button read = new Button("Read it");
        read.setId("level-read");
        read.setOnAction(e -> Address.of(address.getText()).ifPresentOrElse(a -> read(a.host(), a.port()),
                () -> said.setText("Give it as name:port, such as localhost:7071.")));
        Button rehearse = new Button("Stand-in on a site");
        rehearse.setId("level-rehearse");
        rehearse.setOnAction(e -> rehearse());
        said.setId("level-said");
        said.getStyleClass().addAll("faint", "wrap");
        said.setWrapText(true);
        getChildren().addAll(head, new FlowPane(6, 6, rehearse, address, read), said);
    }

    /// Stands on another made-up site each time.
    private void rehearse() {
        try {
            LevelServer server = new LevelServer(0, site++);
            read("localhost", server.port(), server::close);
        } catch (IOException e) {
            said.setText("The stand-in could not be started: " + e.getMessage());
        }
    }

    private void read(String host, int port) {
        read(host, port, () -> {
        });
    }

    private void read(String host, int port, Runnable then) {
        said.setText("Reading…");
        WORKER.run(() -> {
            try (LevelClient client = new LevelClient(host, port)) {
                return new Answer(Optional.of(client.read()), "Read. Type it over if it is wrong.");
            } catch (IOException e) {
                return new Answer(Optional.empty(), e.getMessage());
            } finally {
                then.run();
            }
        }, answer -> {
            said.setText(answer.words());
            answer.stands().ifPresent(stands -> bench.edit("Level",
                    d -> d.with(d.settings().with(Assumption.SITE_PITCH.id(), stands.pitch())
                            .with(Assumption.SITE_ROLL.id(), stands.roll()))));
        }, said::setText);
    }

    /// What came of reading a level.
    private record Answer(Optional<LevelClient.Stands> stands, String words) {
    }
}
