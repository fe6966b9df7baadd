package glanzen.app.folder;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.Map;
import org.springframework.boot.EnvironmentPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.config.ConfigDataEnvironmentPostProcessor;
import org.springframework.core.Ordered;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/** Looks at folder, database and port before anything is opened, so that what cannot work is said in a sentence and nothing is written. */
final class FolderFirst implements EnvironmentPostProcessor, Ordered {

    @Override
    public int getOrder() {
        return ConfigDataEnvironmentPostProcessor.ORDER + 1;
    }

    @Override
    public void postProcessEnvironment(ConfigurableEnvironment environment, SpringApplication application) {
        String name = environment.getProperty("glanzen.data", "");
        if (name.isEmpty()) {
            return;
        }
        free(environment);
        Path folder = DataFolder.ready(name);
        DatabaseCheck.look(folder);
        SpringApplication.getShutdownHandlers().add(() -> {
            DatabaseCheck.markClosed(folder);
            DataFolder.letGo(folder);
        });
        environment
                .getPropertySources()
                .addFirst(new MapPropertySource("folder", Map.of("glanzen.data", folder.toString())));
    }

    private static void free(ConfigurableEnvironment environment) {
        String written = environment.getProperty("server.port", "8080");
        int port;
        try {
            port = Integer.parseInt(written.trim());
        } catch (NumberFormatException odd) {
            throw new StartTrouble("This is no port: " + written + ".", "Name one from 1024 to 65535.");
        }
        if (port < 0 || port > 65535) {
            throw new StartTrouble("This is no port: " + written + ".", "Name one from 1024 to 65535.");
        }
        String address = environment.getProperty("server.address", "127.0.0.1");
        try (ServerSocket probe = new ServerSocket()) {
            probe.setReuseAddress(true);
            probe.bind(new InetSocketAddress(address, port));
        } catch (IOException taken) {
            throw new StartTrouble(
                    "Port " + port + " is taken, perhaps by a Glanzen that is running already.",
                    "Open http://localhost:" + port + ", or start with another one: ./start " + (port + 1) + ".");
        }
    }
}
