package glanzen.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application with demo data on a fresh database, started once for all tests of a run. */
public final class Server implements BeforeAllCallback, ParameterResolver {

    private static final ExtensionContext.Namespace SPACE = ExtensionContext.Namespace.create(Server.class);

    /** What the store closes at the end. */
    private record Running(ConfigurableApplicationContext context) implements AutoCloseable {
        @Override
        public void close() {
            context.close();
        }
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        running(context);
    }

    private static Running running(ExtensionContext context) {
        return context.getRoot().getStore(SPACE).getOrComputeIfAbsent("running", key -> start(), Running.class);
    }

    private static Running start() {
        try {
            System.setProperty("java.awt.headless", "true");
            Path data = Files.createTempDirectory(Path.of("target"), "data");
            return new Running(new SpringApplicationBuilder(GlanzenApplication.class)
                    .run("--server.port=0", "--glanzen.demo=true", "--glanzen.data=" + data.toAbsolutePath()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Caller.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        String port = running(context).context().getEnvironment().getProperty("local.server.port");
        return new Caller("http://localhost:" + port);
    }
}
