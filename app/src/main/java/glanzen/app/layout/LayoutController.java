package glanzen.app.layout;

import glanzen.advice.MakeReady;
import glanzen.app.setup.Draft;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.LayoutDraft;
import glanzen.app.setup.SetUpReport.Expected;
import glanzen.forecast.Forecaster;
import glanzen.measure.Checks;
import glanzen.setup.SetUp;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Objects;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Stateless questions about a layout; what is to be kept is kept with its set-up. */
@RestController
@RequestMapping("/api/layouts")
class LayoutController {

    private final LayoutService layouts;
    private final ForecastService forecasts;
    private final Forecaster forecaster;

    LayoutController(LayoutService layouts, ForecastService forecasts, Forecaster forecaster) {
        this.layouts = layouts;
        this.forecasts = forecasts;
        this.forecaster = forecaster;
    }

    /** A draft, and what is to be done to its layout first. */
    record LayoutQuestion(Draft draft, List<LayoutStep> steps) {
        LayoutQuestion {
            steps = steps == null ? List.of() : steps;
            new Checks()
                    .present("draft", draft, "the set-up that is laid out")
                    .holds(steps.stream().noneMatch(Objects::isNull), "steps", "have a gap", "what to do")
                    .done();
        }
    }

    /** A patch to try. */
    record PatchView(String boardId, String name, String outline, Expected expected, LayoutDraft layout) {}

    @Operation(summary = "A draft's layout after some steps: both drawings, measures, findings")
    @PostMapping
    LayoutView look(@RequestBody LayoutQuestion question) {
        return layouts.look(question.draft, question.steps);
    }

    /** Make-ready worth trying behind weak places, with the forecast after patching. */
    @Operation(summary = "Patches behind weak places, with the forecast after patching")
    @PostMapping("/make-ready")
    List<PatchView> makeReady(@RequestBody Draft draft, @RequestParam MakeReady.Where where) {
        SetUp setUp = forecasts.computable(layouts.laidOut(draft));
        return new MakeReady(forecaster)
                .propose(setUp, forecasts.ensemble(setUp), forecasts.inventory().boards(), where).stream()
                        .map(p -> new PatchView(
                                p.board().id(),
                                p.board().name(),
                                p.outline(),
                                forecasts.expected(p.setUp(), p.forecast()),
                                Objects.requireNonNull(Drafts.draft(p.setUp().layout()))))
                        .toList();
    }
}
