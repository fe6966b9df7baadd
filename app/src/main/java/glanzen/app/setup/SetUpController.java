package glanzen.app.setup;

import glanzen.app.setup.SetUpService.Choice;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
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
@RequestMapping("/api/set-ups")
class SetUpController {

    private final SetUpService setUps;

    SetUpController(SetUpService setUps) {
        this.setUps = setUps;
    }

    /** A set-up under a name. */
    record NamedDraft(String name, Draft draft) {}

    @Operation(summary = "Saved set-ups, the last changed first")
    @GetMapping
    List<SavedSetUp> all() {
        return setUps.all();
    }

    @Operation(summary = "One saved set-up")
    @GetMapping("/{id}")
    SavedSetUp get(@PathVariable String id) {
        return setUps.get(id);
    }

    @Operation(summary = "Builds the starting stack of a route and keeps it")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SavedSetUp start(@RequestBody Choice choice) {
        return setUps.start(choice);
    }

    @Operation(summary = "Changes a set-up on the version it was read as")
    @PutMapping("/{id}")
    SavedSetUp change(@PathVariable String id, @RequestParam long version, @RequestBody NamedDraft named) {
        return setUps.change(id, named.name, named.draft, version);
    }

    @Operation(summary = "Throws a set-up away")
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @RequestParam long version) {
        setUps.remove(id, version);
    }
}
