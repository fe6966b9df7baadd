package glanzen.app.preferences;

import glanzen.measure.Checks;
import glanzen.measure.Quantities;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Preferences, and the reading of quantities as a person writes them. */
@RestController
class PreferencesController {

    private final PreferencesService preferences;

    PreferencesController(PreferencesService preferences) {
        this.preferences = preferences;
    }

    enum QuantityKind {
        LENGTH,
        TEMPERATURE,
        WEIGHT,
        DURATION
    }

    /** Something a person typed into a field. */
    record Typed(QuantityKind kind, String field, String text) {
        Typed {
            field = field == null ? "text" : field;
            new Checks()
                    .present("kind", kind, "a length, a temperature, a weight or a duration")
                    .present("text", text, "what was typed")
                    .done();
        }
    }

    /** What it means, in mm, °C, g/m² or s. */
    record Meant(double value) {}

    @Operation(summary = "How the person likes things shown")
    @GetMapping("/api/preferences")
    Preferences get() {
        return preferences.get();
    }

    @Operation(summary = "Changes preferences")
    @PutMapping("/api/preferences")
    Preferences put(@RequestBody Preferences wanted) {
        return preferences.put(wanted);
    }

    @Operation(summary = "Reads a quantity as people type it")
    @PostMapping("/api/quantities")
    Meant read(@RequestBody Typed typed) {
        Preferences p = preferences.get();
        return new Meant(
                switch (typed.kind) {
                    case LENGTH -> Quantities.lengthMm(typed.field, typed.text, p.length());
                    case TEMPERATURE -> Quantities.celsius(typed.field, typed.text, p.temperature());
                    case WEIGHT -> Quantities.gsm(typed.field, typed.text, p.weight());
                    case DURATION -> Quantities.seconds(typed.field, typed.text);
                });
    }
}
