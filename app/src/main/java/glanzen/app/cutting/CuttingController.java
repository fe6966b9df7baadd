package glanzen.app.cutting;

import glanzen.app.cutting.CuttingService.CutView;
import glanzen.app.cutting.CuttingService.DieQuestion;
import glanzen.app.cutting.CuttingService.DieView;
import glanzen.app.cutting.CuttingService.PartialView;
import glanzen.app.cutting.CuttingService.YieldView;
import glanzen.app.setup.Draft;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Csv;
import glanzen.app.web.Csv.Separator;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Locale;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What to cut: sheets into pieces, pieces by dies. */
@RestController
@RequestMapping("/api/layouts")
class CuttingController {

    private final CuttingService cutting;
    private final SetUpService setUps;

    CuttingController(CuttingService cutting, SetUpService setUps) {
        this.cutting = cutting;
        this.setUps = setUps;
    }

    /** What to cut for a number of cards. */
    @Operation(summary = "What is cut for a number of cards, and out of how many sheets")
    @PostMapping("/cuts")
    CutView cuts(@RequestBody Draft draft, @RequestParam int cards, @RequestParam boolean turnable) {
        return cutting.plan(draft, cards, turnable);
    }

    @Operation(summary = "Which die of a nested set goes round a design")
    @PostMapping("/dies")
    List<DieView> dies(@RequestBody DieQuestion question) {
        return cutting.dies(question);
    }

    @Operation(summary = "Where the top plate must end for a partial cut, straight across or over a corner")
    @GetMapping("/partial-cut")
    PartialView partial(
            @RequestParam String dieId,
            @RequestParam String boardId,
            @RequestParam double stopMm,
            @RequestParam(defaultValue = "0") double degrees) {
        return cutting.partial(dieId, boardId, stopMm, degrees);
    }

    @Operation(summary = "How often a die cuts out of one panel, and where")
    @GetMapping("/panel-yield")
    YieldView panelYield(@RequestParam String dieId, @RequestParam double widthMm, @RequestParam double heightMm) {
        return cutting.panelYield(dieId, widthMm, heightMm);
    }

    /** The cut list of a saved set-up as a table. */
    @Operation(summary = "What is cut for a number of cards of a saved set-up, as CSV")
    @GetMapping(path = "/{id}/cuts.csv", produces = "text/csv")
    ResponseEntity<byte[]> table(
            @PathVariable String id,
            @RequestParam(defaultValue = "1") int cards,
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestParam(defaultValue = "false") boolean marked) {
        SavedSetUp saved = setUps.get(id);
        CutView cuts = cutting.plan(saved.draft(), cards, false);
        return Csv.file(
                "cut-list-" + saved.name(),
                separator,
                marked,
                List.of("Kind", "What", "Width, mm", "Height, mm", "Pieces", "Trimmed short for tape"),
                cuts.lines().stream()
                        .map(l -> List.of(
                                l.kind().name().toLowerCase(Locale.ROOT),
                                l.what(),
                                l.widthMm(),
                                l.heightMm(),
                                l.count(),
                                l.trimmedShort() ? "yes" : "")));
    }
}
