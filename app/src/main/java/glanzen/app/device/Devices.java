package glanzen.app.device;

import glanzen.app.web.Json;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hands out the devices of the bench. All are simulated; a real one would be handed out here instead. */
@Service
@Transactional
public class Devices {

    private final DeviceRepository devices;
    private final BenchClock clock;
    private final Json json;

    Devices(DeviceRepository devices, BenchClock clock, Json json) {
        this.devices = devices;
        this.clock = clock;
        this.json = json;
    }

    /** The device of a platform. */
    public PlatformDevice platform(Platform platform) {
        String id = "platform:" + platform.id();
        SimulatedPlatform.State before = devices.findById(id)
                .map(d -> json.read(d.state, SimulatedPlatform.State.class))
                .orElseGet(() -> SimulatedPlatform.State.cold(clock.now()));
        return new SimulatedPlatform(platform, before, clock.now(), state -> keep(id, state));
    }

    /** The device of a press. */
    public PressDevice press(Press press) {
        String id = "press:" + press.id();
        SimulatedPress.State before = devices.findById(id)
                .map(d -> json.read(d.state, SimulatedPress.State.class))
                .orElse(SimulatedPress.State.IDLE);
        return new SimulatedPress(before, clock.now(), state -> keep(id, state));
    }

    private void keep(String id, Object state) {
        DeviceEntity device = devices.findById(id).orElseGet(DeviceEntity::new);
        device.id = id;
        device.state = json.write(state);
        devices.save(device);
    }
}
