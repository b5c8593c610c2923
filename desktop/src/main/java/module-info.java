/// The window and the command line.
module lectulum.desktop {
    requires lectulum.core;
    requires javafx.controls;
    requires info.picocli;
    // For the compiler only: copies of records are generated.
    requires static io.soabase.recordbuilder.core;
    requires static java.compiler;
    requires java.desktop;
    requires ch.qos.logback.classic;
    requires ch.qos.logback.core;
    requires org.slf4j;
    // Pages of the book in pictures.
    requires org.apache.pdfbox;

    provides ch.qos.logback.classic.spi.Configurator with lectulum.parts.Quiet;

    opens lectulum.app to info.picocli, javafx.graphics;
    opens lectulum.theme;
}
