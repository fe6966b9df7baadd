package glanzen.app.demo;

import glanzen.app.kit.KitService;
import glanzen.app.kit.KitView;
import glanzen.app.web.Conflict;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** The show's kit for an empty workshop, without its pulls: nobody's rig learns from those. */
@RestController
class ShelfController {

    private final KitService kit;

    ShelfController(KitService kit) {
        this.kit = kit;
    }

    @Operation(summary = "Fills an empty workshop's shelves with the demo's things")
    @PostMapping("/api/beginnings/demo-shelf")
    @Transactional
    public KitView fill() {
        if (!kit.view().presses().isEmpty() || !kit.view().rollers().isEmpty()) {
            throw new Conflict("There is a machine on your shelves already. Nothing was added.");
        }
        new HoneyShowKit(kit).lay();
        return kit.view();
    }
}
