package glanzen.app.template;

import glanzen.app.layout.LayoutService;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.artwork.ArtworkShelf;
import glanzen.layout.Arrangement;
import glanzen.measure.Printer;
import glanzen.setup.SetUp;
import glanzen.template.Template;
import glanzen.template.Templates;
import io.swagger.v3.oas.annotations.Operation;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Templates of a saved set-up, at true scale. */
@RestController
class TemplateController {

    private final SetUpService setUps;
    private final LayoutService layouts;
    private final ArtworkShelf shelf;
    private final PreferencesService preferences;

    TemplateController(SetUpService setUps, LayoutService layouts, ArtworkShelf shelf, PreferencesService preferences) {
        this.setUps = setUps;
        this.layouts = layouts;
        this.shelf = shelf;
        this.preferences = preferences;
    }

    /** What can be printed. */
    enum Kind {
        TRACING,
        FOIL,
        STOCK,
        PATCHES
    }

    @Operation(summary = "The template of a set-up at true scale, as SVG")
    @GetMapping(path = "/api/set-ups/{id}/template.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(@PathVariable String id, @RequestParam Kind kind) {
        SavedSetUp saved = setUps.get(id);
        byte[] svg = TemplateSvg.write(template(saved, kind)).getBytes(StandardCharsets.UTF_8);
        return file(svg, saved, kind, "svg", MediaType.valueOf("image/svg+xml"));
    }

    @Operation(summary = "The template of a set-up at true scale, as PDF")
    @GetMapping(path = "/api/set-ups/{id}/template.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String id, @RequestParam Kind kind, @RequestParam Paper paper) {
        SavedSetUp saved = setUps.get(id);
        return file(
                new TemplatePdf(template(saved, kind), paper).write(), saved, kind, "pdf", MediaType.APPLICATION_PDF);
    }

    private Template template(SavedSetUp saved, Kind kind) {
        SetUp setUp = layouts.laidOut(saved.draft());
        Arrangement a = new Arrangement(setUp.layout(), shelf);
        Printer printer = new Printer(preferences.get().length());
        return switch (kind) {
            case TRACING -> Templates.tracing(a, setUp.onPlatform().platform(), printer);
            case FOIL -> Templates.foil(a, setUp.stock().kind(), printer);
            case STOCK -> Templates.stock(a, printer);
            case PATCHES -> Templates.patches(a);
        };
    }

    private static ResponseEntity<byte[]> file(
            byte[] content, SavedSetUp saved, Kind kind, String ending, MediaType type) {
        return Printed.file(content, saved.name(), kind.name(), ending, type);
    }
}
