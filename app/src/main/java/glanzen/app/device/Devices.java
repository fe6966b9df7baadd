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
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hands out the devices of the bench. All are simulated; a real one would be handed out here instead. */
@Service
@Transactional
public class Devices {

    private final DeviceRepository devices;
    private final HiddenRig rig;
    private final BenchClock clock;
    private final Json json;

    Devices(DeviceRepository devices, BenchClock clock, Json json, HiddenRig rig) {
        this.rig = rig;
        this.devices = devices;
        this.clock = clock;
        this.json = json;
    }

    /** The device of a platform. */
    public Heater platform(Platform platform) {
        String id = "platform:" + platform.id();
        SimulatedPlatform.State before = devices.findById(id)
                .map(d -> json.read(d.state, SimulatedPlatform.State.class))
                .orElseGet(() -> SimulatedPlatform.State.cold(clock.now()));
        return new SimulatedPlatform(platform, before, clock.now(), state -> keep(id, state));
    }

    /** What heats a set-up: its platform, or its machine by itself. */
    public Optional<Heater> heater(SetUp setUp) {
        if (setUp.machine() instanceof HeatedRollers rollers) {
            return Optional.of(rollers(rollers));
        }
        return setUp.platform().map(this::platform);
    }

    private Heater rollers(HeatedRollers rollers) {
        String id = "rollers:" + rollers.id();
        SimulatedRollers.State before = devices.findById(id)
                .map(d -> json.read(d.state, SimulatedRollers.State.class))
                .orElseGet(() -> SimulatedRollers.State.cold(clock.now()));
        return new SimulatedRollers(rollers, before, clock.now(), state -> keep(id, state));
    }

    /** What feeds: a press, or a machine with heated rollers. */
    public Feeder feeder(Machine machine) {
        String id = "press:" + machine.id();
        SimulatedFeeder.State before = devices.findById(id)
                .map(d -> json.read(d.state, SimulatedFeeder.State.class))
                .orElse(SimulatedFeeder.State.IDLE);
        return new SimulatedFeeder(rig, before, clock.now(), state -> keep(id, state));
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

    private void keep(String id, Object state) {
        DeviceEntity device = devices.findById(id).orElseGet(DeviceEntity::new);
        device.id = id;
        device.state = json.write(state);
        devices.save(device);
    }
}
