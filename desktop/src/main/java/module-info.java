/// The window and the command line.
module lectulum.desktop {
    requires lectulum.core;
    requires javafx.controls;
    requires info.picocli;
    requires java.desktop;
    requires ch.qos.logback.classic;
    requires ch.qos.logback.core;
    requires org.slf4j;

    opens lectulum.app to info.picocli, javafx.graphics;
    opens lectulum.theme;
}
