package glanzen.app.backup;

import glanzen.app.archive.WorkshopArchive.Contents;
import glanzen.app.backup.Backup.Kind;
import glanzen.app.web.Alone;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
class BackupController {

    private final BackupService backups;

    BackupController(BackupService backups) {
        this.backups = backups;
    }

    /**
     * Copies of the workshop.
     *
     * @param setAside a sentence on a damaged database that was set aside at the start; empty if none was
     * @param backups all there are, youngest first
     */
    record Backups(String setAside, List<Backup> backups) {}

    @Operation(summary = "Copies of the workshop, youngest first, and whether a damaged database was set aside")
    @GetMapping("/api/backups")
    Backups all() {
        return new Backups(backups.setAside(), backups.all());
    }

    @Operation(summary = "Makes a copy of the workshop now")
    @PostMapping("/api/backups")
    @ResponseStatus(HttpStatus.CREATED)
    Backup make() {
        return backups.make(Kind.ASKED);
    }

    @Alone
    @Operation(summary = "Brings a copy back; what is there now is copied first")
    @PostMapping("/api/backups/{id}/restore")
    Contents restore(@PathVariable String id) throws IOException {
        return backups.restore(id);
    }

    @Operation(summary = "Says that a database that was set aside is not missed")
    @DeleteMapping("/api/backups/set-aside")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letBe() throws IOException {
        backups.letBe();
    }

    @Alone
    @Operation(summary = "Replaces the workshop by one from a ZIP file; the one before is copied first")
    @PostMapping(path = "/api/workshop", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Contents take(@RequestParam MultipartFile file) throws IOException {
        try (InputStream in = file.getInputStream()) {
            return backups.take(in);
        }
    }

    /** The file as the body itself: nothing of it is written down before it is read. */
    @Alone
    @Operation(summary = "The same, with the file as the body itself")
    @RequestBody(
            content = @Content(mediaType = "application/zip", schema = @Schema(type = "string", format = "binary")))
    @PostMapping(path = "/api/workshop", consumes = "application/zip")
    Contents takeStream(@Parameter(hidden = true) InputStream body) throws IOException {
        return backups.take(body);
    }
}
