package glanzen.app.run;

import glanzen.app.preferences.PreferencesService;
import glanzen.app.template.Paper;
import glanzen.app.template.Printed;
import glanzen.app.template.TemplatePdf;
import glanzen.measure.Printer;
import glanzen.steps.Step;
import glanzen.template.TextSheet;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RunSheetController {

    private final RunService runs;
    private final PreferencesService preferences;

    RunSheetController(RunService runs, PreferencesService preferences) {
        this.runs = runs;
        this.preferences = preferences;
    }

    @Operation(summary = "A run as a sheet beside the press: what lies ready, and step by step what is done")
    @GetMapping(path = "/api/runs/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(@PathVariable String id, @RequestParam(defaultValue = "A4") Paper paper) {
        RunView run = runs.get(id);
        Printer printer = new Printer(preferences.get().length());
        TextSheet sheet = new TextSheet();
        sheet.heading("Get ready");
        run.preflight().forEach(line -> sheet.line("□ " + printer.said(line.text())));
        sheet.heading(
                "Step by step" + (run.batch().wanted() > 1 ? ", " + run.batch().wanted() + " times" : ""));
        int number = 0;
        for (Step step : run.steps()) {
            sheet.line(++number + "  " + printer.said(step.say()));
            if (!step.detail().isEmpty()) {
                sheet.line("      " + printer.said(step.detail()));
            }
            step.cautions().forEach(c -> sheet.line("      ! " + printer.said(c)));
        }
        byte[] pdf = new TemplatePdf(sheet.template(run.title()), paper).write();
        return Printed.file(pdf, run.title(), "run", "pdf", MediaType.APPLICATION_PDF);
    }
}
