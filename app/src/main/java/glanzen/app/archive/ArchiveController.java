package glanzen.app.archive;

import glanzen.app.archive.Transfers.Stage;
import glanzen.app.archive.Transfers.Transfer;
import glanzen.app.folder.FolderKeeper;
import glanzen.app.web.AnyTime;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/workshop")
class ArchiveController {

    private final WorkshopArchive archive;
    private final Transfers transfers;
    private final FolderKeeper keeper;

    ArchiveController(WorkshopArchive archive, Transfers transfers, FolderKeeper keeper) {
        this.archive = archive;
        this.transfers = transfers;
        this.keeper = keeper;
    }

    @Operation(summary = "How far a workshop is that is being exported or imported")
    @GetMapping("/transfer")
    Stage stage() {
        return transfers.now();
    }

    @AnyTime
    @Operation(summary = "Cancels an export or import of a workshop; nothing is changed then")
    @DeleteMapping("/transfer")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel() {
        transfers.cancel();
    }

    /** Written whole before it is sent, so that what breaks on the way, or is given up, never leaves a file that looks whole. */
    @Operation(summary = "The whole workshop as one ZIP file")
    @ApiResponse(
            content = @Content(mediaType = "application/zip", schema = @Schema(type = "string", format = "binary")))
    @GetMapping(produces = "application/zip")
    void export(HttpServletResponse response) throws IOException {
        Path file = keeper.passing(".zip");
        try {
            try (OutputStream out = FolderKeeper.into(file);
                    Transfer transfer = transfers.begin()) {
                archive.write(out, transfer);
            }
            response.setContentType("application/zip");
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"glanzen-workshop.zip\"");
            response.setContentLengthLong(Files.size(file));
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
