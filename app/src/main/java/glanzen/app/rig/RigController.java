package glanzen.app.rig;

import glanzen.app.kit.KitService;
import glanzen.kit.Kit;
import glanzen.learning.RigReport;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What has been learned of rigs; and forgetting it. */
@RestController
@RequestMapping("/api/rigs")
class RigController {

    private final RigService rigs;
    private final KitService kit;

    RigController(RigService rigs, KitService kit) {
        this.rigs = rigs;
        this.kit = kit;
    }

    /** A press with a platform, and what is known of them together. */
    record Known(
            String pressId,
            String platformId,
            String press,
            String platform,
            int pulls,
            List<RigReport.Remark> remarks) {}

    @GetMapping
    List<Known> all() {
        Kit things = kit.kit();
        return things.presses().stream()
                .flatMap(press -> things.platforms().stream()
                        .filter(platform -> rigs.pulls(press.id(), platform.id()) > 0)
                        .map(platform -> new Known(
                                press.id(),
                                platform.id(),
                                press.name(),
                                platform.name(),
                                rigs.pulls(press.id(), platform.id()),
                                rigs.remarks(press, platform))))
                .toList();
    }

    @DeleteMapping("/{pressId}/{platformId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable String pressId, @PathVariable String platformId) {
        rigs.forget(pressId, platformId);
    }
}
