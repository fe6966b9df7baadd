package glanzen.app.setup;

import glanzen.app.preferences.PreferencesService;
import glanzen.app.setup.SetUpReport.AdviceView;
import glanzen.app.setup.SetUpReport.ProposalView;
import glanzen.app.setup.SetUpReport.SchoolView;
import glanzen.app.setup.SetUpReport.TwentyView;
import glanzen.app.web.Pictures;
import glanzen.measure.Checks;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Stateless questions about a draft; the browser asks them on every change. */
@RestController
class ForecastController {

    private final ForecastService forecasts;
    private final PreferencesService preferences;

    ForecastController(ForecastService forecasts, PreferencesService preferences) {
        this.forecasts = forecasts;
        this.preferences = preferences;
    }

    @Operation(summary = "Forecasts a draft, with findings, rig and dials")
    @PostMapping("/api/forecasts")
    SetUpReport forecast(@RequestBody Draft draft) {
        return forecasts.answer(draft);
    }

    @Operation(summary = "Twenty pulls of a draft, once what was learned of its machine and heat is forgotten")
    @PostMapping("/api/forecasts/forgotten")
    TwentyView forgotten(@RequestBody Draft draft) {
        return forecasts.forgotten(draft);
    }

    @Operation(summary = "Searches the shelf for better set-ups and the cheapest change")
    @PostMapping("/api/advice")
    AdviceView advice(@RequestBody Draft draft) {
        return forecasts.advise(draft, preferences.get().bias());
    }

    /** The cheapest single change towards a place on the window's scale; none if nothing on the shelf gets nearer. */
    @Operation(summary = "The cheapest change towards a place in the window")
    @PostMapping("/api/advice/toward")
    List<ProposalView> toward(@RequestBody Draft draft, @RequestParam double position) {
        new Checks().figure("position", position, -3, 4, "").done();
        return forecasts.toward(draft, position).stream().toList();
    }

    /** Where practice differs, and what each way would cost here. */
    @Operation(summary = "Where practice differs, and what each way would cost")
    @PostMapping("/api/schools")
    List<SchoolView> schools(@RequestBody Draft draft) {
        return forecasts.schools(draft);
    }

    @Operation(summary = "Draws the pull of a draft as it would likely look")
    @PostMapping(path = "/api/pictures", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] picture(
            @RequestBody Draft draft,
            @RequestParam(defaultValue = "600") int width,
            @RequestParam(defaultValue = "400") int height) {
        Pictures.checkSize(width, height);
        return Pictures.png(forecasts.picture(draft, width, height));
    }
}
