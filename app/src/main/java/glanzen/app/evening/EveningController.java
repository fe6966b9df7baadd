package glanzen.app.evening;

import glanzen.app.calendar.CalendarFile;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.template.Paper;
import glanzen.app.template.Printed;
import glanzen.app.template.TemplatePdf;
import glanzen.measure.Printer;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import java.time.Instant;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/evenings")
class EveningController {

    private static final String EVENING = "evening";

    private final EveningService evenings;
    private final EveningSearch search;
    private final EveningFeed feed;
    private final PreferencesService preferences;

    EveningController(EveningService evenings, EveningSearch search, EveningFeed feed, PreferencesService preferences) {
        this.evenings = evenings;
        this.search = search;
        this.feed = feed;
        this.preferences = preferences;
    }

    private Printer printer() {
        return new Printer(preferences.get().length());
    }

    private EveningView view(String id) {
        return evenings.view(id, search.on(id), search.available());
    }

    private EveningView searched(String id) {
        search.begin(id);
        return view(id);
    }

    @Operation(
            summary = "Plans jobs into hours: a plan at once, better ones by events",
            description =
                    "Until it is stopped or nothing better is found; GET /api/evenings/{id}/events tells of each.")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    EveningView plan(@RequestBody EveningRequest asked) {
        return searched(evenings.plan(asked));
    }

    @Operation(summary = "When a job will be done, in the hours of the evening that was planned last")
    @GetMapping("/outlook")
    Outlook outlook(@RequestParam String jobId) {
        return evenings.outlook(jobId);
    }

    @Operation(summary = "An evening as it is now")
    @GetMapping("/{id}")
    EveningView get(@PathVariable String id) {
        return view(id);
    }

    @Hidden
    @GetMapping(path = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable String id) {
        evenings.get(id);
        return feed.watch(id);
    }

    @Operation(summary = "Looks for better plans than the one there is")
    @PostMapping("/{id}/search")
    EveningView look(@PathVariable String id) {
        return searched(id);
    }

    @Operation(summary = "Stops looking for better plans; the best so far stays")
    @PostMapping("/{id}/stop")
    EveningView stop(@PathVariable String id) {
        search.stop(id);
        return view(id);
    }

    @Operation(summary = "Plans what is left anew, from now on")
    @PostMapping("/{id}/again")
    EveningView again(@PathVariable String id, @RequestParam long sequence) {
        search.stop(id);
        evenings.again(id, sequence);
        return searched(id);
    }

    @Operation(summary = "Puts a stretch of work to a time by hand, or lets it go; the rest follows")
    @PutMapping("/{id}/fixed")
    EveningView fix(
            @PathVariable String id,
            @RequestParam String task,
            @RequestParam(required = false) @Nullable Instant at,
            @RequestParam long sequence) {
        search.stop(id);
        evenings.fix(id, task, at, sequence);
        return searched(id);
    }

    @Operation(summary = "Leaves a stretch of work out by hand, or takes it in again; the rest follows")
    @PutMapping("/{id}/left-out")
    EveningView leaveOut(
            @PathVariable String id,
            @RequestParam String task,
            @RequestParam boolean out,
            @RequestParam long sequence) {
        search.stop(id);
        evenings.leaveOut(id, task, out, sequence);
        return searched(id);
    }

    @Operation(
            summary = "Says that a stretch of work is begun now, or over",
            description = "With as many begun as there are hands, another is begun only where it is said to be beside.")
    @PostMapping("/{id}/happened")
    EveningView happened(
            @PathVariable String id,
            @RequestParam String task,
            @RequestParam boolean over,
            @RequestParam(defaultValue = "false") boolean beside,
            @RequestParam long sequence) {
        search.stop(id);
        evenings.happened(id, task, over, beside, sequence);
        return searched(id);
    }

    @Operation(summary = "Throws an evening's plan away; its jobs stay")
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @RequestParam long sequence) {
        search.stop(id);
        evenings.remove(id, sequence);
    }

    @Operation(summary = "An evening as a calendar: hours, starts, what dries, each with a reminder")
    @GetMapping(path = "/{id}.ics", produces = "text/calendar")
    ResponseEntity<byte[]> calendar(@PathVariable String id) {
        byte[] ics = EveningCalendar.of(view(id), evenings.plannedAt(id), printer());
        return Printed.file(ics, "glanzen", EVENING, "ics", CalendarFile.TYPE);
    }

    /** @param zone where the bench is: times are printed as its clocks show them */
    @Operation(summary = "An evening as a sheet to be printed: what when, and what must lie ready")
    @GetMapping(path = "/{id}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String id, @RequestParam Paper paper, @RequestParam ZoneId zone) {
        byte[] pdf = new TemplatePdf(new EveningSheet(view(id), zone, printer()).template(), paper).write();
        return Printed.file(pdf, "glanzen", EVENING, "pdf", MediaType.APPLICATION_PDF);
    }
}
