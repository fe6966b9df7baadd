package glanzen.app.kit;

import glanzen.app.preferences.PreferencesService;
import glanzen.kit.Plate;
import glanzen.kit.PressFeel;
import glanzen.learning.PlatformGauge;
import glanzen.measure.BadInput;
import io.swagger.v3.oas.annotations.Operation;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Figures of machines from what everybody can say of them. */
@RestController
@RequestMapping("/api/kit/figures")
class FiguresController {

    private final KitService kit;
    private final PreferencesService preferences;

    FiguresController(KitService kit, PreferencesService preferences) {
        this.kit = kit;
        this.preferences = preferences;
    }

    /**
     * A press in words.
     *
     * @param feel how heavy it is
     * @param thickestMm thickest stack that just passes, mm; absent if not tried
     */
    record PressWords(PressFeel feel, @Nullable Double thickestMm) {}

    /** What follows for a press. */
    record PressFigures(
            double stiffnessNPerMm,
            double maxForceN,
            double crown,
            @Nullable Double openingMm) {}

    /**
     * A platform by the clock.
     *
     * @param coldSeconds from cold to its ready light, s
     * @param plateId what was laid on it cold then; absent if that was not tried
     * @param againSeconds from laying it to the ready light, s
     */
    record PlatformWords(
            double widthMm,
            double heightMm,
            double celsius,
            double coldSeconds,
            @Nullable String plateId,
            @Nullable Double againSeconds) {}

    @Operation(summary = "Figures of a press from how heavy it is and what just passes")
    @PostMapping("/press")
    PressFigures press(@RequestBody PressWords words) {
        if (words.feel == null) {
            throw new BadInput("feel", "is missing", "light, ordinary or heavy");
        }
        return new PressFigures(
                words.feel.stiffnessNPerMm(),
                words.feel.maxForceN(),
                words.feel.crown(),
                words.thickestMm == null ? null : words.feel.openingMm(words.thickestMm));
    }

    @Operation(summary = "Figures of a platform from how long it takes to its ready light")
    @PostMapping("/platform")
    PlatformGauge.Figures platform(@RequestBody PlatformWords words) {
        Plate plate = words.plateId == null || words.plateId.isEmpty()
                ? null
                : kit.kit()
                        .plate(words.plateId)
                        .orElseThrow(() -> new BadInput("plateId", "is not in your kit", "a plate of your kit"));
        return PlatformGauge.of(new PlatformGauge.Told(
                words.widthMm,
                words.heightMm,
                words.celsius,
                preferences.get().roomC(),
                words.coldSeconds,
                plate,
                words.againSeconds == null ? 0 : words.againSeconds));
    }
}
