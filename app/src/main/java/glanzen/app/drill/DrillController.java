package glanzen.app.drill;

import glanzen.app.drill.DrillView.DrillGrade;
import glanzen.app.drill.DrillView.DrillProgress;
import glanzen.app.web.Pictures;
import glanzen.measure.Checks;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/drills")
class DrillController {

    private final DrillService drills;

    DrillController(DrillService drills) {
        this.drills = drills;
    }

    @Operation(summary = "A drill without its answer: that of a seed, or the one that is most needed")
    @GetMapping("/next")
    DrillView next(@RequestParam(required = false) @Nullable Long seed) {
        return drills.next(seed);
    }

    @Operation(summary = "One of a drill's pictures")
    @GetMapping(path = "/{seed}/pictures/{number}", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] picture(
            @PathVariable long seed,
            @PathVariable int number,
            @RequestParam(defaultValue = "760") int width,
            @RequestParam(defaultValue = "520") int height) {
        Pictures.checkSize(width, height);
        return Pictures.png(drills.picture(seed, number).draw(width, height));
    }

    @Operation(summary = "The pull that would have come of an answer, once the drill is answered")
    @GetMapping(path = "/{seed}/after/{key}", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] after(
            @PathVariable long seed,
            @PathVariable String key,
            @RequestParam(defaultValue = "380") int width,
            @RequestParam(defaultValue = "260") int height) {
        Pictures.checkSize(width, height);
        return Pictures.png(drills.after(seed, key).draw(width, height));
    }

    /**
     * What somebody answers.
     *
     * @param seed of the drill
     * @param basis as the drill gave it
     * @param answers to each question the keys that were chosen; a number as it is written
     * @param sure whether they are sure of it
     */
    record DrillAnswer(long seed, String basis, List<List<String>> answers, boolean sure) {

        DrillAnswer {
            new Checks()
                    .present("basis", basis, "what the drill gave")
                    .present("answers", answers, "an answer to each question")
                    .done();
        }
    }

    @Operation(summary = "Grades an answer and says why; nothing of it reaches the logbook")
    @PostMapping("/answers")
    DrillGrade answer(@RequestBody DrillAnswer answer) {
        return drills.answer(answer.seed, answer.basis, answer.answers, answer.sure);
    }

    @Operation(summary = "How far somebody has come, skill by skill")
    @GetMapping("/progress")
    DrillProgress progress() {
        return drills.progress();
    }
}
