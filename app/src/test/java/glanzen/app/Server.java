package glanzen.app;

import glanzen.advice.ErrorBias;
import glanzen.app.archive.Transfers;
import glanzen.app.archive.Transfers.Transfer;
import glanzen.app.archive.Unpacked;
import glanzen.app.archive.WorkshopArchive;
import glanzen.app.device.BenchClock;
import glanzen.app.preferences.Preferences;
import glanzen.app.preferences.Preferences.Sound;
import glanzen.app.preferences.Preferences.TextSize;
import glanzen.app.preferences.Preferences.Theme;
import glanzen.app.preferences.PreferencesService;
import glanzen.measure.LengthUnit;
import glanzen.measure.TemperatureUnit;
import glanzen.measure.WeightUnit;
import glanzen.plan.RulesOfThumb;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application with demo data on a fresh database, started once for all tests of a run. Each class finds the demo
 * as it was laid out, whatever the classes before it did: they run in no particular order.
 */
public final class Server implements BeforeAllCallback, ParameterResolver {

    private static final ExtensionContext.Namespace SPACE = ExtensionContext.Namespace.create(Server.class);

    /** What the store closes at the end, and the demo as it was laid out. */
    private record Running(ConfigurableApplicationContext context, byte[] demo) implements AutoCloseable {

        void restore() throws IOException {
            context.getBean(BenchClock.class).speed(1);
            WorkshopArchive archive = context.getBean(WorkshopArchive.class);
            try (Transfer transfer = context.getBean(Transfers.class).begin();
                    Unpacked file = archive.unpack(new ByteArrayInputStream(demo), transfer)) {
                archive.take(file, transfer);
            }
            PreferencesService preferences = context.getBean(PreferencesService.class);
            preferences.put(new Preferences(
                    LengthUnit.MM,
                    TemperatureUnit.C,
                    WeightUnit.GSM,
                    Theme.LIGHT,
                    Sound.SOFT,
                    ErrorBias.OVER,
                    21,
                    RulesOfThumb.USUAL,
                    "",
                    TextSize.NORMAL,
                    List.of("every"),
                    preferences.get().version()));
        }

        @Override
        public void close() {
            context.close();
        }
    }

    @Override
    public void beforeAll(ExtensionContext context) throws IOException {
        running(context).restore();
    }

    private static Running running(ExtensionContext context) {
        return context.getRoot().getStore(SPACE).getOrComputeIfAbsent("running", key -> start(), Running.class);
    }

    private static Running start() {
        try {
            System.setProperty("java.awt.headless", "true");
            Path data = Files.createTempDirectory(Path.of("target"), "data");
            ConfigurableApplicationContext context = new SpringApplicationBuilder(GlanzenApplication.class)
                    .run(
                            "--server.port=0",
                            "--glanzen.demo=true",
                            "--glanzen.seed=7",
                            "--glanzen.data=" + data.toAbsolutePath());
            ByteArrayOutputStream demo = new ByteArrayOutputStream();
            try (Transfer transfer = context.getBean(Transfers.class).begin()) {
                context.getBean(WorkshopArchive.class).write(demo, transfer);
            }
            return new Running(context, demo.toByteArray());
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
