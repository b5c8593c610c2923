/// The window and the command line.
module lectulum.desktop {
    requires lectulum.core;
    requires javafx.controls;
    requires info.picocli;
    requires java.desktop;
    requires java.logging;

    opens lectulum.app to info.picocli, javafx.graphics;
    opens lectulum.theme;
}
