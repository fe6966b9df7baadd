package glanzen.app.pull;

import glanzen.app.pull.PullPictures.Look;
import glanzen.app.pull.PullService.Comparison;
import glanzen.app.pull.PullService.PullPage;
import glanzen.app.pull.PullStories.RecipeTrend;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.web.Pictures;
import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Remedy;
import glanzen.diagnosis.Verdict;
import glanzen.learning.Fault;
import glanzen.learning.Observation.Outcome;
import glanzen.measure.Checks;
import glanzen.route.Route;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/pulls")
class PullController {

    private final PullService pulls;
    private final PullPictures pictures;
    private final PullStories stories;
    private final BatchPulls batch;
    private final Telling telling;

    PullController(PullService pulls, PullPictures pictures, PullStories stories, BatchPulls batch, Telling telling) {
        this.pulls = pulls;
        this.pictures = pictures;
        this.stories = stories;
        this.batch = batch;
        this.telling = telling;
    }

    /** A fault with its words. */
    record FaultView(Fault fault, String label, String cause, String next, List<Route> routes) {}

    /** What the logbook can be looked through for. */
    record Looking(List<Wanted> verdicts, List<Wanted> causes) {}

    /** A choice with its words. */
    record Wanted(String key, String label) {}

    @Operation(summary = "A page of the logbook, newest first")
    @GetMapping
    PullPage page(
            @RequestParam(required = false) @Nullable String plateId,
            @RequestParam(required = false) @Nullable String stockId,
            @RequestParam(required = false) @Nullable String filmId,
            @RequestParam(required = false) @Nullable String machineId,
            @RequestParam(required = false) @Nullable Route route,
            @RequestParam(required = false) @Nullable Outcome outcome,
            @RequestParam(required = false) Verdict.@Nullable Action verdict,
            @RequestParam(required = false) @Nullable Cause cause,
            @RequestParam(required = false) @Nullable LocalDate since,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "24") int size) {
        Instant from = since == null
                ? null
                : since.atStartOfDay(ZoneId.systemDefault()).toInstant();
        return pulls.page(
                new PullFilter(plateId, stockId, filmId, machineId, route, outcome, verdict, cause, from), page, size);
    }

    @Operation(summary = "Faults that can be seen, with cause and what to try")
    @GetMapping("/faults")
    List<FaultView> faults() {
        return Arrays.stream(Fault.values())
                .map(f -> new FaultView(f, f.label(), f.cause(), f.next(), f.routes()))
                .toList();
    }

    @Operation(summary = "Verdicts and causes that the logbook can be looked through for")
    @GetMapping("/looking")
    Looking looking() {
        return new Looking(
                Arrays.stream(Verdict.Action.values())
                        .map(v -> new Wanted(v.name(), v.label()))
                        .toList(),
                Arrays.stream(Cause.values())
                        .map(c -> new Wanted(c.name(), c.label()))
                        .toList());
    }

    @Operation(summary = "What differs between two pulls")
    @GetMapping("/compare")
    Comparison compare(@RequestParam String left, @RequestParam String right) {
        return pulls.compare(left, right);
    }

    @Operation(summary = "The pulls of a run, and whether they drift")
    @GetMapping("/of-run/{runId}")
    BatchPulls.OfRun ofRun(@PathVariable String runId) {
        return batch.of(runId);
    }

    @Operation(summary = "Logs the next pull of a run as the last one was")
    @PostMapping("/of-run/{runId}/same")
    @ResponseStatus(HttpStatus.CREATED)
    PullView same(@PathVariable String runId, @RequestParam(defaultValue = "true") boolean keepFoil) {
        return batch.same(runId, keepFoil);
    }

    @Operation(summary = "How pulls like this one have come out over time")
    @GetMapping("/{id}/trend")
    RecipeTrend trend(@PathVariable String id) {
        return stories.trend(id);
    }

    @Operation(summary = "The photograph of a pull seen straight from above, filled by its design")
    @GetMapping(path = "/{id}/straight", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> straight(@PathVariable String id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(stories.straight(id));
    }

    /** The change that is made for the pull after one. */
    record NextChange(Remedy remedy, Map<Cause, Double> shares) {
        NextChange {
            new Checks().present("remedy", remedy, "a change").done();
        }
    }

    @Operation(summary = "Writes down what is changed for the pull after this one")
    @PutMapping("/{id}/next")
    PullView next(@PathVariable String id, @RequestBody NextChange next) {
        stories.next(id, next.remedy(), next.shares());
        return pulls.get(id);
    }

    @Operation(summary = "Keeps what was read off a picture with a pull that is logged already")
    @PutMapping("/{id}/read")
    PullView read(@PathVariable String id, @RequestBody LogRead read) {
        stories.read(id, read);
        return pulls.get(id);
    }

    @Operation(summary = "One pull")
    @GetMapping("/{id}")
    PullView get(@PathVariable String id) {
        return pulls.get(id);
    }

    @Operation(summary = "Logs a pull, made with a run or by hand")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PullView log(@RequestBody LogEntry entry) {
        return telling.log(entry);
    }

    @Operation(summary = "Begins a set-up as a pull was made")
    @PostMapping("/{id}/set-up")
    @ResponseStatus(HttpStatus.CREATED)
    SavedSetUp again(@PathVariable String id) {
        return pulls.again(id);
    }

    @Operation(summary = "Makes a pull the proven recipe of its tool and stock")
    @PostMapping("/{id}/proven")
    @ResponseStatus(HttpStatus.CREATED)
    SavedSetUp prove(@PathVariable String id, @RequestParam long version) {
        return pulls.prove(id, version);
    }

    @Operation(summary = "Keeps a photograph of a pull")
    @PostMapping(path = "/{id}/picture", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PullView photograph(@PathVariable String id, @RequestParam MultipartFile picture) throws IOException {
        pictures.photograph(id, Pictures.bytes(picture));
        return pulls.get(id);
    }

    /** The photograph if there is one, else a drawing. */
    @Operation(summary = "The photograph of a pull, or a drawing of it")
    @GetMapping(
            path = "/{id}/picture",
            produces = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    ResponseEntity<byte[]> picture(
            @PathVariable String id,
            @RequestParam(defaultValue = "300") int width,
            @RequestParam(defaultValue = "200") int height) {
        Pictures.checkSize(width, height);
        Look look = pictures.of(id, width, height);
        return ResponseEntity.ok()
                .contentType(look.photographed() ? MediaType.IMAGE_JPEG : MediaType.IMAGE_PNG)
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(look.bytes());
    }
}
