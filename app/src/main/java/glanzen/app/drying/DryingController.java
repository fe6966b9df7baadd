package glanzen.app.drying;

import glanzen.app.drying.DryingService.Spread;
import io.swagger.v3.oas.annotations.Operation;
import java.time.Instant;
import java.util.List;
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

@RestController
@RequestMapping("/api/dryings")
class DryingController {

    private final DryingService dryings;

    DryingController(DryingService dryings) {
        this.dryings = dryings;
    }

    @Operation(summary = "Gel panels that are on the bench")
    @GetMapping
    List<DryingPanel> all() {
        return dryings.all();
    }

    @Operation(summary = "Begins to dry a panel of gel")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    DryingPanel spread(@RequestBody Spread spread) {
        return dryings.spread(spread);
    }

    /** The person found it dry. */
    @Operation(summary = "Notes that a panel is dry, now or at a time")
    @PutMapping("/{id}/dry")
    DryingPanel dry(
            @PathVariable String id, @RequestParam long version, @RequestParam(required = false) @Nullable Instant at) {
        return dryings.dry(id, at, version);
    }

    @Operation(summary = "Takes a panel off the bench")
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @RequestParam long version) {
        dryings.remove(id, version);
    }
}
