package glanzen.app.archive;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/workshop")
class ArchiveController {

    private final WorkshopArchive archive;

    ArchiveController(WorkshopArchive archive) {
        this.archive = archive;
    }

    /** Written whole before it is sent, so that a fault on the way never leaves half a file. */
    @Operation(summary = "The whole workshop as one ZIP file")
    @ApiResponse(
            content = @Content(mediaType = "application/zip", schema = @Schema(type = "string", format = "binary")))
    @GetMapping(produces = "application/zip")
    ResponseEntity<StreamingResponseBody> export() throws IOException {
        Path file = Files.createTempFile("glanzen-workshop", ".zip");
        try (OutputStream out = Files.newOutputStream(file)) {
            archive.write(out);
        } catch (IOException | RuntimeException broken) {
            Files.deleteIfExists(file);
            throw broken;
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"glanzen-workshop.zip\"")
                .contentLength(Files.size(file))
                .body(out -> {
                    try {
                        Files.copy(file, out);
                    } finally {
                        Files.deleteIfExists(file);
                    }
                });
    }
}
