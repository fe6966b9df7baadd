package glanzen.app.kit;

import glanzen.app.web.Csv;
import glanzen.app.web.Csv.Separator;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class KitTableController {

    private final KitService kit;

    KitTableController(KitService kit) {
        this.kit = kit;
    }

    @Operation(summary = "The whole kit as CSV, retired things too")
    @GetMapping(path = "/api/kit.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestParam(defaultValue = "false") boolean marked) {
        return Csv.file("kit", separator, marked, KitTable.HEADER, KitTable.rows(kit.view()));
    }
}
