package glanzen.app.reading;

import glanzen.app.reading.ReadingService.Asked;
import glanzen.app.setup.Draft;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Pictures;
import glanzen.diagnosis.Asking;
import glanzen.diagnosis.Signs;
import glanzen.learning.Fault;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.setup.SetUp;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/readings")
class ReadingController {

    private static final int MOST_PICTURES = 4;

    private final ReadingService readings;
    private final Why why;
    private final SimulatedCamera camera;
    private final SetUpService setUps;
    private final Underway underway;

    ReadingController(
            ReadingService readings, Why why, SimulatedCamera camera, SetUpService setUps, Underway underway) {
        this.underway = underway;
        this.readings = readings;
        this.why = why;
        this.camera = camera;
        this.setUps = setUps;
    }

    /** What a person saw without a picture. */
    record Ticked(Outcome outcome, Amount amount, Set<Fault> faults) {
        Ticked {
            new Checks()
                    .present("ticked.outcome", outcome, "under, clean, over or both")
                    .present("ticked.amount", amount, "a little or a lot")
                    .present("ticked.faults", faults, "faults, perhaps none")
                    .done();
        }
    }

    /**
     * What is known of a pull, to be asked about again.
     *
     * @param signs from an earlier reading; or else
     * @param ticked what a person saw
     * @param answers questions that were answered, yes or no
     * @param kept whether the pull is one to keep, by its verdict; no if nothing is said
     */
    record KnownSigns(
            @Nullable String setUpId,
            @Nullable String runId,
            @Nullable String pullId,
            @Nullable Signs signs,
            @Nullable Ticked ticked,
            Map<Asking, Boolean> answers,
            @Nullable Boolean kept) {
        KnownSigns {
            new Checks()
                    .holds(
                            (signs == null) != (ticked == null),
                            "signs",
                            "and ticked: one of them says what was seen",
                            "the signs of a reading, or what was ticked")
                    .present("answers", answers, "answers, perhaps none")
                    .done();
            signs = signs == null ? null : signs.checked();
        }
    }

    /** A set-up to be kept for the next pull. */
    record NextSetUp(String name, Draft draft) {
        NextSetUp {
            new Checks().name("name", name).present("draft", draft, "a set-up").done();
        }
    }

    @Operation(summary = "Reads a pull off its pictures: where it lies, what is covered, what to do, why, what next")
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ReadingView read(
            @RequestParam List<MultipartFile> picture,
            @RequestParam(required = false) @Nullable String setUpId,
            @RequestParam(required = false) @Nullable String runId,
            @RequestParam(required = false) @Nullable String pullId,
            @RequestParam(required = false) @Nullable String corners,
            @RequestParam(required = false) @Nullable String ends,
            @RequestParam(required = false) @Nullable String ticket)
            throws IOException {
        if (picture.isEmpty() || picture.size() > MOST_PICTURES) {
            throw new BadInput("picture", "are " + picture.size(), "one to four pictures of the same pull");
        }
        List<byte[]> files = new ArrayList<>();
        for (MultipartFile file : picture) {
            files.add(Pictures.bytes(file));
        }
        try {
            Asked asked = new Asked(setUpId, runId, pullId);
            return readings.read(asked, files, marks(corners, ends), stage -> underway.at(ticket, stage));
        } finally {
            underway.end(ticket);
        }
    }

    private static double @Nullable [] marks(@Nullable String corners, @Nullable String ends) {
        double[] found = numbers("corners", corners, 8, "four corners, x and y by turns in pixels");
        return found != null ? found : numbers("ends", ends, 4, "two ends of the design, x and y by turns in pixels");
    }

    private static double @Nullable [] numbers(String field, @Nullable String text, int count, String accepted) {
        if (text == null || text.isBlank()) {
            return null;
        }
        String[] parts = text.trim().split("[,\\s]+");
        double[] px = new double[parts.length];
        try {
            for (int i = 0; i < px.length; i++) {
                px[i] = Double.parseDouble(parts[i]);
            }
        } catch (NumberFormatException wrong) {
            px = new double[0];
        }
        if (px.length != count) {
            throw new BadInput(field, "are not " + count + " numbers", accepted);
        }
        return px;
    }

    @Operation(summary = "What a reading is at that was begun with a ticket")
    @GetMapping("/underway/{ticket}")
    Underway.ReadingStage underway(@PathVariable String ticket) {
        return underway.of(ticket);
    }

    @Operation(summary = "Ends a reading that was begun with a ticket")
    @DeleteMapping("/underway/{ticket}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable String ticket) {
        underway.cancel(ticket);
    }

    @Operation(summary = "The two ends of the design that are marked where nothing is found, and how the design looks")
    @GetMapping("/ends")
    ReadingService.Ends ends(
            @RequestParam(required = false) @Nullable String setUpId,
            @RequestParam(required = false) @Nullable String runId,
            @RequestParam(required = false) @Nullable String pullId) {
        return readings.ends(new Asked(setUpId, runId, pullId));
    }

    @Operation(summary = "Why a pull came out so, from signs that are known and questions that were answered")
    @PostMapping("/why")
    WhyView why(@RequestBody KnownSigns known) {
        SetUp setUp = readings.setUp(new Asked(known.setUpId(), known.runId(), known.pullId()));
        Ticked ticked = known.ticked();
        return ticked == null
                ? why.again(
                        setUp,
                        Objects.requireNonNull(known.signs()),
                        known.answers(),
                        Boolean.TRUE.equals(known.kept()))
                : why.ticked(setUp, ticked.outcome(), ticked.amount(), ticked.faults(), known.answers());
    }

    @Operation(summary = "Keeps a changed set-up for the next pull")
    @PostMapping("/next")
    @ResponseStatus(HttpStatus.CREATED)
    SavedSetUp next(@RequestBody NextSetUp next) {
        return setUps.keep(next.name(), next.draft(), false);
    }

    @Operation(summary = "A picture of a simulated pull, as a phone would take it")
    @GetMapping(path = "/simulated", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> simulated(@RequestParam String runId) {
        return ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).body(Pictures.jpeg(camera.of(runId)));
    }
}
