package glanzen.app.beginning;

import glanzen.beginning.Kind;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/beginnings")
class BeginningController {

    private final BeginningService beginnings;

    BeginningController(BeginningService beginnings) {
        this.beginnings = beginnings;
    }

    /** Kinds that are looked for together. */
    record KindGroup(Kind.Group group, String label, List<Kind> kinds) {}

    @Operation(summary = "Unbranded kinds of things with their usual figures, to choose from")
    @GetMapping
    List<KindGroup> kinds() {
        return List.of(Kind.Group.values()).stream()
                .map(group -> new KindGroup(
                        group,
                        group.label(),
                        beginnings.kinds().stream()
                                .filter(k -> k.group() == group)
                                .toList()))
                .toList();
    }

    @Operation(summary = "The kit that chosen kinds make and the forecast of its first pull; keeps both on wish")
    @PostMapping
    Begun begin(@RequestBody Chosen chosen, @RequestParam(defaultValue = "false") boolean keep) {
        return keep ? beginnings.keep(chosen) : beginnings.preview(chosen);
    }
}
