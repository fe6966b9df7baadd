package glanzen.app.archive;

import glanzen.app.archive.WorkshopArchive.Contents;
import io.swagger.v3.oas.annotations.Operation;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/workshop")
class ArchiveController {

    private final WorkshopArchive archive;

    ArchiveController(WorkshopArchive archive) {
        this.archive = archive;
    }

    /** Written whole before it is sent, so that a fault on the way never leaves half a file. */
    @Operation(summary = "The whole workshop as one ZIP file")
    @GetMapping(produces = "application/zip")
    ResponseEntity<byte[]> export() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        archive.write(out);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"glanzen-workshop.zip\"")
                .body(out.toByteArray());
    }

    @Operation(summary = "Replaces the workshop by one from a ZIP file")
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Contents take(@RequestParam MultipartFile file) throws IOException {
        try (InputStream in = file.getInputStream()) {
            return archive.read(in);
        }
    }
}
