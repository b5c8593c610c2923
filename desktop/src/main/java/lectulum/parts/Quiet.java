package lectulum.parts;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.spi.Configurator;
import ch.qos.logback.core.spi.ContextAwareBase;
import org.slf4j.Logger;

/// Logs nothing until [Trouble#logTo] says where to.
public final class Quiet extends ContextAwareBase implements Configurator {
    /// For the service loader.
    public Quiet() {
        super();
    }

    @Override
    public ExecutionStatus configure(LoggerContext context) {
        context.getLogger(Logger.ROOT_LOGGER_NAME).setLevel(Level.WARN);
        return ExecutionStatus.DO_NOT_INVOKE_NEXT_IF_ANY;
    }
}
