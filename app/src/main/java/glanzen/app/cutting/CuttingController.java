package glanzen.app.cutting;

import glanzen.app.cutting.CuttingService.CutView;
import glanzen.app.cutting.CuttingService.DieQuestion;
import glanzen.app.cutting.CuttingService.DieView;
import glanzen.app.cutting.CuttingService.PartialView;
import glanzen.app.setup.Draft;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
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

    CuttingController(CuttingService cutting) {
        this.cutting = cutting;
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
}
