package glanzen.app.card;

import glanzen.app.card.CardService.SavedCard;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.template.Paper;
import glanzen.app.template.Printed;
import glanzen.app.template.TemplatePdf;
import glanzen.app.template.TemplateSvg;
import glanzen.gluing.CardLook;
import glanzen.measure.Printer;
import glanzen.template.CardTemplates;
import glanzen.template.Template;
import io.swagger.v3.oas.annotations.Operation;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is printed to put a card together. */
@RestController
class CardPapersController {

    private final CardService cards;
    private final PreferencesService preferences;

    CardPapersController(CardService cards, PreferencesService preferences) {
        this.cards = cards;
        this.preferences = preferences;
    }

    /** What can be printed. */
    enum CardPaper {
        ASSEMBLY,
        PLACES,
        PLACES_INSIDE,
        FOAM
    }

    @Operation(summary = "Assembly sheet, places and foam of a card at true scale, as SVG")
    @GetMapping(path = "/api/cards/{jobId}/paper.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(@PathVariable String jobId, @RequestParam CardPaper kind) {
        byte[] svg = TemplateSvg.write(template(jobId, kind)).getBytes(StandardCharsets.UTF_8);
        return Printed.file(svg, cards.get(jobId).name(), kind.name(), "svg", MediaType.valueOf("image/svg+xml"));
    }

    @Operation(summary = "Assembly sheet, places and foam of a card at true scale, as PDF")
    @GetMapping(path = "/api/cards/{jobId}/paper.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String jobId, @RequestParam CardPaper kind, @RequestParam Paper paper) {
        byte[] pdf = new TemplatePdf(template(jobId, kind), paper).write();
        return Printed.file(pdf, cards.get(jobId).name(), kind.name(), "pdf", MediaType.APPLICATION_PDF);
    }

    private Template template(String jobId, CardPaper kind) {
        SavedCard saved = cards.get(jobId);
        CardLook look = cards.look(jobId);
        Printer printer = new Printer(preferences.get().length());
        return switch (kind) {
            case ASSEMBLY -> CardTemplates.sheet(look, saved.name(), printer);
            case PLACES -> CardTemplates.guide(look, false);
            case PLACES_INSIDE -> CardTemplates.guide(look, true);
            case FOAM -> CardTemplates.foam(look, saved.cards(), printer);
        };
    }
}
