package glanzen.app.parcel;

import glanzen.app.keeping.Json;
import glanzen.app.parcel.ParcelService.Arrived;
import glanzen.measure.Checks;
import io.swagger.v3.oas.annotations.Operation;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ParcelController {

    private final ParcelService parcels;
    private final Json json;

    ParcelController(ParcelService parcels, Json json) {
        this.parcels = parcels;
        this.json = json;
    }

    @Operation(summary = "A job as a file to send, with the set-ups and things it needs")
    @GetMapping(path = "/api/jobs/{id}/parcel", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> job(@PathVariable String id) {
        return file(parcels.job(id));
    }

    @Operation(summary = "A set-up as a file to send, with the things it needs")
    @GetMapping(path = "/api/set-ups/{id}/parcel", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> recipe(@PathVariable String id) {
        return file(parcels.recipe(id));
    }

    private ResponseEntity<byte[]> file(Parcel parcel) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(parcel.title() + ".json", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(json.writeFile(parcel));
    }

    /**
     * A parcel that came.
     *
     * @param parcel the file, as it was packed
     * @param answers by the key of each thing in it, the own one that stands in for it; for looking, none
     */
    record Arriving(Map<String, Object> parcel, Map<String, String> answers) {

        Arriving {
            answers = answers == null ? Map.of() : answers;
            new Checks()
                    .present("parcel", parcel, "a file that was packed by Glanzen")
                    .done();
        }
    }

    @Operation(summary = "What is in a parcel, and which own things could stand in for those it needs")
    @PostMapping("/api/parcels/look")
    ParcelView look(@RequestBody Arriving arriving) {
        return parcels.look(arriving.parcel);
    }

    @Operation(summary = "Takes a job or recipe in, with own things in the place of the sender's")
    @PostMapping("/api/parcels")
    @ResponseStatus(HttpStatus.CREATED)
    Arrived take(@RequestBody Arriving arriving) {
        return parcels.take(arriving.parcel, arriving.answers);
    }
}
