package glanzen.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/** A person's own workshop, empty to begin with, that can be switched off and on again. */
public final class OwnBench implements AutoCloseable {

    private final Path data;
    private final PassingClock clock = new PassingClock();
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
                .initializers(own -> ((GenericApplicationContext) own)
                        .registerBean("clockOfTests", Clock.class, () -> clock, bean -> bean.setPrimary(true)))
                .run("--server.port=" + port, "--glanzen.demo=false", "--glanzen.data=" + data);
    }

    public Caller caller() {
        return new Caller("http://localhost:" + port);
    }

    /** Lets time pass at the bench, as a person does who waits for a timer. */
    public void pass(Duration time) {
        clock.pass(time);
    }

    public void restart() {
        context.close();
        context = started();
    }

    @Override
    public void close() {
        context.close();
    }

    /** A clock on the wall that begins at ten in the morning, and what was waited besides: no test depends on the hour. */
    private static final class PassingClock extends Clock {

        private volatile Duration passed = Duration.between(
                ZonedDateTime.now(),
                ZonedDateTime.now().with(LocalTime.of(10, 0)).plusDays(1));

        void pass(Duration time) {
            passed = passed.plus(time);
        }

        @Override
        public Instant instant() {
            return Instant.now().plus(passed);
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }
    }
}
