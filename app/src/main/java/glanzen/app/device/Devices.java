package glanzen.app.device;

import glanzen.app.device.Feeder.Fed;
import glanzen.app.keeping.Json;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Platform;
import glanzen.pull.PullOutcome;
import glanzen.setup.SetUp;
import glanzen.simulate.HiddenRig;
import java.awt.image.BufferedImage;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hands out the devices of the bench: those a person works, and simulated ones. A connected one would be a third kind. */
@Service
@Transactional
public class Devices {

    /** Machines with rollers stay on until somebody switches them off. */
    private static final Duration NEVER = Duration.ofDays(365);

    private final DeviceRepository devices;
    private final HiddenRig rig;
    private final BenchClock benchClock;
    private final Clock clock;
    private final Json json;

    Devices(DeviceRepository devices, BenchClock benchClock, Clock clock, Json json, HiddenRig rig) {
        this.rig = rig;
        this.devices = devices;
        this.benchClock = benchClock;
        this.clock = clock;
        this.json = json;
    }

    /** Devices that a person works; they go by the wall clock. */
    public Bench byHand() {
        return new Bench() {
            @Override
            public Optional<Heater> heater(SetUp setUp) {
                if (setUp.machine() instanceof HeatedRollers rollers) {
                    return Optional.of(handHeater(rollers.id(), NEVER));
                }
                return setUp.platform()
                        .map(p -> handHeater(p.id(), Duration.ofSeconds((long) (60 * p.offAfterMinutes()))));
            }

            @Override
            public Feeder feeder(Machine machine) {
                return new HandFeeder();
            }
        };
    }

    private Heater handHeater(String heaterId, Duration offAfter) {
        String id = "hand:" + heaterId;
        return new HandHeater(
                offAfter,
                kept(id, HandHeater.State.class, i -> HandHeater.State.OFF),
                clock.instant(),
                s -> keep(id, s));
    }

    /** Devices that stand in for real ones; they go by the bench clock. */
    public Bench simulated() {
        return new Bench() {
            @Override
            public Optional<Heater> heater(SetUp setUp) {
                if (setUp.machine() instanceof HeatedRollers rollers) {
                    return Optional.of(rollers(rollers));
                }
                return setUp.platform().map(Devices.this::platform);
            }

            @Override
            public Feeder feeder(Machine machine) {
                String id = "press:" + machine.id();
                return new SimulatedFeeder(
                        rig,
                        kept(id, SimulatedFeeder.State.class, i -> SimulatedFeeder.State.IDLE),
                        benchClock.now(),
                        state -> keep(id, state));
            }
        };
    }

    private Heater platform(Platform platform) {
        String id = "platform:" + platform.id();
        SimulatedPlatform.State before =
                kept(id, SimulatedPlatform.State.class, i -> SimulatedPlatform.State.cold(benchClock.now()));
        return new SimulatedPlatform(platform, before, benchClock.now(), state -> keep(id, state));
    }

    private Heater rollers(HeatedRollers rollers) {
        String id = "rollers:" + rollers.id();
        SimulatedRollers.State before =
                kept(id, SimulatedRollers.State.class, i -> SimulatedRollers.State.cold(benchClock.now()));
        return new SimulatedRollers(rollers, before, benchClock.now(), state -> keep(id, state));
    }

    /** What looks at a finished pull. */
    public Scanner scanner() {
        return new Scanner() {
            @Override
            public PullOutcome read(Fed pulled) {
                return rig.pull(pulled.setUp(), pulled.luck());
            }

            @Override
            public BufferedImage picture(Fed pulled, int widthPx, int heightPx) {
                return rig.picture(pulled.setUp(), pulled.luck(), widthPx, heightPx);
            }
        };
    }

    private <T> T kept(String id, Class<T> type, Function<String, T> fresh) {
        return devices.findById(id).map(d -> json.read(d.state, type)).orElseGet(() -> fresh.apply(id));
    }

    private void keep(String id, Object state) {
        DeviceEntity device = devices.findById(id).orElseGet(DeviceEntity::new);
        device.id = id;
        device.state = json.write(state);
        devices.save(device);
    }
}
