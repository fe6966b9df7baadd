package glanzen.app.setup;

import glanzen.app.setup.SetUpService.Choice;
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

    @GetMapping
    List<SavedSetUp> all() {
        return setUps.all();
    }

    @GetMapping("/{id}")
    SavedSetUp get(@PathVariable String id) {
        return setUps.get(id);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SavedSetUp start(@RequestBody Choice choice) {
        return setUps.start(choice);
    }

    @PutMapping("/{id}")
    SavedSetUp change(@PathVariable String id, @RequestParam long version, @RequestBody NamedDraft named) {
        return setUps.change(id, named.name, named.draft, version);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @RequestParam long version) {
        setUps.remove(id, version);
    }
}
