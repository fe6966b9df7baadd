package glanzen.app.pull;

import glanzen.app.web.Csv;
import glanzen.app.web.Csv.Separator;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PullTableController {

    private final PullService pulls;

    PullTableController(PullService pulls) {
        this.pulls = pulls;
    }

    @Operation(summary = "The whole logbook as CSV, oldest first")
    @GetMapping(path = "/api/pulls.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestParam(defaultValue = "false") boolean marked) {
        return Csv.file(
                "logbook",
                separator,
                marked,
                PullTable.HEADER,
                pulls.everything().map(PullTable::row));
    }
}
