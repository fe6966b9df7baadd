package glanzen.app.layout;

import glanzen.advice.MakeReady;
import glanzen.app.layout.CuttingService.CutView;
import glanzen.app.layout.CuttingService.DieQuestion;
import glanzen.app.layout.CuttingService.DieView;
import glanzen.app.layout.CuttingService.PartialView;
import glanzen.app.layout.LeftoverService.FinderView;
import glanzen.app.layout.LeftoverService.LeftoverView;
import glanzen.app.layout.LeftoverService.PatchworkQuestion;
import glanzen.app.layout.LeftoverService.PatchworkView;
import glanzen.app.setup.Answer.Expected;
import glanzen.app.setup.Answers;
import glanzen.app.setup.Draft;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.LayoutDraft;
import glanzen.app.setup.SavedSetUp;
import glanzen.forecast.Forecaster;
import glanzen.measure.Checks;
import glanzen.route.SetUp;
import java.util.List;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Stateless questions about a layout; what is to be kept is kept with its set-up. */
@RestController
@RequestMapping("/api/layouts")
class LayoutController {

    private final LayoutService layouts;
    private final CuttingService cutting;
    private final LeftoverService leftovers;
    private final NegativeService negatives;
    private final Answers answers;
    private final Forecaster forecaster;

    LayoutController(
            LayoutService layouts,
            CuttingService cutting,
            LeftoverService leftovers,
            NegativeService negatives,
            Answers answers,
            Forecaster forecaster) {
        this.layouts = layouts;
        this.cutting = cutting;
        this.leftovers = leftovers;
        this.negatives = negatives;
        this.answers = answers;
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

    @PostMapping
    LayoutView look(@RequestBody LayoutQuestion question) {
        return layouts.look(question.draft, question.steps);
    }

    /** What to cut for a number of cards. */
    @PostMapping("/cuts")
    CutView cuts(@RequestBody Draft draft, @RequestParam int cards, @RequestParam boolean turnable) {
        return cutting.plan(draft, cards, turnable);
    }

    @PostMapping("/dies")
    List<DieView> dies(@RequestBody DieQuestion question) {
        return cutting.dies(question);
    }

    @GetMapping("/partial-cut")
    PartialView partial(@RequestParam String dieId, @RequestParam String boardId, @RequestParam double stopMm) {
        return cutting.partial(dieId, boardId, stopMm);
    }

    @GetMapping("/leftovers")
    List<LeftoverView> leftovers() {
        return leftovers.all();
    }

    /** Which leftovers still have foil for a plate, smallest first. */
    @PostMapping("/leftovers")
    FinderView find(@RequestBody Draft draft, @RequestParam String key) {
        return leftovers.find(draft, key);
    }

    /** A set-up that foils toner with what a leftover still gives. */
    @PostMapping("/leftovers/{id}/negative")
    @ResponseStatus(HttpStatus.CREATED)
    SavedSetUp negative(@PathVariable String id) {
        return negatives.onToner(id);
    }

    @PostMapping("/patchwork")
    PatchworkView patchwork(@RequestBody PatchworkQuestion question) {
        return leftovers.patchwork(question);
    }

    /** Make-ready worth trying behind weak places, with the forecast after patching. */
    @PostMapping("/make-ready")
    List<PatchView> makeReady(@RequestBody Draft draft, @RequestParam MakeReady.Where where) {
        SetUp setUp = answers.computable(layouts.laidOut(draft));
        return new MakeReady(forecaster)
                .propose(setUp, answers.crowd(setUp), answers.workshop().boards(), where).stream()
                        .map(p -> new PatchView(
                                p.board().id(),
                                p.board().name(),
                                p.outline(),
                                answers.expected(p.setUp(), p.forecast()),
                                Objects.requireNonNull(Drafts.draft(p.setUp().layout()))))
                        .toList();
    }
}
