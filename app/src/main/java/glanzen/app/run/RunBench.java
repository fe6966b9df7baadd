package glanzen.app.run;

import glanzen.app.device.Bench;
import glanzen.app.device.BenchClock;
import glanzen.app.device.Devices;
import glanzen.app.device.Feeder;
import glanzen.app.device.Feeder.Fed;
import glanzen.app.device.Heater;
import glanzen.app.keeping.Json;
import glanzen.setup.SetUp;
import glanzen.steps.BenchReading;
import glanzen.steps.BenchReading.HeaterReading;
import glanzen.steps.DeviceCommand;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The devices and the clock of a run: simulated ones with theirs, or a person's hands and the clock on the wall. */
@Component
class RunBench {

    private final Devices devices;
    private final BenchClock benchClock;
    private final Clock clock;
    private final Json json;

    RunBench(Devices devices, BenchClock benchClock, Clock clock, Json json) {
        this.devices = devices;
        this.benchClock = benchClock;
        this.clock = clock;
        this.json = json;
    }

    Instant now(boolean simulated) {
        return simulated ? benchClock.now() : clock.instant();
    }

    double speed(RunEntity run) {
        return run.simulated ? benchClock.speed() : 1;
    }

    double elapsed(RunEntity run) {
        // A clock may be set back: nothing soaks for less than nothing.
        return Math.max(
                0, Duration.between(run.stepStartedAt, now(run.simulated)).toMillis() / 1000.0);
    }

    Optional<Heater> heater(RunEntity run, SetUp setUp) {
        return bench(run).heater(setUp);
    }

    Feeder feeder(RunEntity run, SetUp setUp) {
        return bench(run).feeder(setUp.machine());
    }

    private Bench bench(RunEntity run) {
        return run.simulated ? devices.simulated() : devices.byHand();
    }

    /** What clock and devices say now. */
    BenchReading reading(RunEntity run, SetUp setUp) {
        HeaterReading heater = heater(run, setUp)
                .map(Heater::read)
                .map(h -> new HeaterReading(h.docked(), h.celsius(), h.switchedItselfOff(), h.onSeconds()))
                .orElse(null);
        boolean stalled = feeder(run, setUp).read().state() == Feeder.State.STALLED;
        return new BenchReading(elapsed(run), speed(run) != 1, heater, stalled, !run.simulated, run.openLines(json));
    }

    void carryOut(DeviceCommand command, RunEntity run, SetUp setUp, long luck) {
        if (command instanceof DeviceCommand.SwitchOn on) {
            heater(run, setUp).ifPresent(h -> h.switchOn(on.celsius()));
        } else if (command instanceof DeviceCommand.SwitchOff) {
            heater(run, setUp).ifPresent(Heater::switchOff);
        } else if (command instanceof DeviceCommand.Dock dock) {
            heater(run, setUp).ifPresent(h -> h.dock(dock.inDock()));
        } else if (command instanceof DeviceCommand.Feed feed) {
            feeder(run, setUp).feed(new Fed(setUp, luck), feed.seconds());
        } else if (command instanceof DeviceCommand.Clear) {
            feeder(run, setUp).clear();
        }
    }
}
