package glanzen.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A person's own workshop, empty to begin with, that can be switched off and on again. */
public final class OwnBench implements AutoCloseable {

    private final Path data;
    private int port;
    private ConfigurableApplicationContext context;

    public OwnBench() {
        try {
            System.setProperty("java.awt.headless", "true");
            data = Files.createTempDirectory(Path.of("target"), "own").toAbsolutePath();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        context = started();
        port = Integer.parseInt(context.getEnvironment().getProperty("local.server.port", "0"));
    }

    private ConfigurableApplicationContext started() {
        return new SpringApplicationBuilder(GlanzenApplication.class)
                .run("--server.port=" + port, "--glanzen.demo=false", "--glanzen.data=" + data);
    }

    public Caller caller() {
        return new Caller("http://localhost:" + port);
    }

    public void restart() {
        context.close();
        context = started();
    }

    @Override
    public void close() {
        context.close();
    }
}
