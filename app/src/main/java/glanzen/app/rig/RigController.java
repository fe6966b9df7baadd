package glanzen.app.rig;

import glanzen.app.kit.KitService;
import glanzen.app.rig.PressMeasuring.Strips;
import glanzen.kit.Kit;
import glanzen.kit.Machine;
import glanzen.kit.Platform;
import glanzen.learning.RigReport;
import glanzen.learning.StripGauge.Measured;
import io.swagger.v3.oas.annotations.Operation;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What has been learned of rigs; and forgetting it. */
@RestController
@RequestMapping("/api/rigs")
class RigController {

    private final RigService rigs;
    private final KitService kit;
    private final PressMeasuring measuring;

    RigController(RigService rigs, KitService kit, PressMeasuring measuring) {
        this.rigs = rigs;
        this.kit = kit;
        this.measuring = measuring;
    }

    /** Stands in the path for no platform. */
    private static final String NONE = "-";

    private static final List<@Nullable Platform> NO_PLATFORM = Collections.singletonList(null);

    /** A machine, with a platform where there is one, and what is known of them together. */
    record Known(
            String machineId,
            String platformId,
            String press,
            @Nullable String platform,
            int pulls,
            List<RigReport.Remark> remarks) {}

    @Operation(summary = "What has been learned of each machine and platform")
    @GetMapping
    List<Known> all() {
        Kit things = kit.kit();
        return things.machines().stream()
                .flatMap(machine -> Stream.concat(things.platforms().stream(), NO_PLATFORM.stream())
                        .map(platform -> known(machine, platform)))
                .filter(known -> known.pulls > 0)
                .toList();
    }

    private Known known(Machine machine, @Nullable Platform platform) {
        String platformId = platform == null ? "" : platform.id();
        return new Known(
                machine.id(),
                platform == null ? NONE : platformId,
                machine.name(),
                platform == null ? null : platform.name(),
                rigs.learnedFrom(machine.id(), platformId).here(),
                rigs.remarks(machine, platform, null));
    }

    @Operation(summary = "Forgets what has been learned of a rig")
    @DeleteMapping("/{machineId}/{platformId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable String machineId, @PathVariable String platformId) {
        rigs.forget(machineId, platformId.equals(NONE) ? "" : platformId);
    }

    /** What strips tell of a press so far, and which thickness to try next. */
    @Operation(summary = "What strips in the rollers tell of a press, without keeping it")
    @PostMapping("/presses/{pressId}/strips")
    Measured weigh(@PathVariable String pressId, @RequestBody Strips strips) {
        return measuring.weigh(pressId, strips);
    }

    /** Keeps what strips told. */
    @Operation(summary = "Keeps what strips told of a press")
    @PutMapping("/presses/{pressId}/strips")
    Measured keep(@PathVariable String pressId, @RequestParam long version, @RequestBody Strips strips) {
        return measuring.keep(pressId, strips, version);
    }
}
