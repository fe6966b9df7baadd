package glanzen.app.leftover;

import glanzen.app.leftover.LeftoverService.FinderView;
import glanzen.app.leftover.LeftoverService.LeftoverView;
import glanzen.app.leftover.LeftoverService.PatchworkQuestion;
import glanzen.app.leftover.LeftoverService.PatchworkView;
import glanzen.app.setup.Draft;
import glanzen.app.setup.SavedSetUp;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Leftovers: drawn, searched, laid as patchwork, and their second life. */
@RestController
@RequestMapping("/api/layouts")
class LeftoverController {

    private final LeftoverService leftovers;
    private final NegativeService negatives;

    LeftoverController(LeftoverService leftovers, NegativeService negatives) {
        this.leftovers = leftovers;
        this.negatives = negatives;
    }

    @Operation(summary = "All leftovers as they look")
    @GetMapping("/leftovers")
    List<LeftoverView> leftovers() {
        return leftovers.all();
    }

    /** Which leftovers still have foil for a plate, smallest first. */
    @Operation(summary = "Leftovers that still have foil for a plate, smallest first")
    @PostMapping("/leftovers")
    FinderView find(@RequestBody Draft draft, @RequestParam String key) {
        return leftovers.find(draft, key);
    }

    /** A set-up that foils toner with what a leftover still gives. */
    @Operation(summary = "Begins a set-up that foils toner with what a leftover still has")
    @PostMapping("/leftovers/{id}/negative")
    @ResponseStatus(HttpStatus.CREATED)
    SavedSetUp negative(@PathVariable String id) {
        return negatives.onToner(id);
    }

    @Operation(summary = "Scraps laid over a stamp")
    @PostMapping("/patchwork")
    PatchworkView patchwork(@RequestBody PatchworkQuestion question) {
        return leftovers.patchwork(question);
    }
}
