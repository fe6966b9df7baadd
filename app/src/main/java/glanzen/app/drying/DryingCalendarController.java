package glanzen.app.drying;

import glanzen.app.calendar.CalendarFile;
import io.swagger.v3.oas.annotations.Operation;
import java.time.Duration;
import java.time.Instant;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DryingCalendarController {

    private static final Duration A_MOMENT = Duration.ofMinutes(5);

    private final DryingService dryings;

    DryingCalendarController(DryingService dryings) {
        this.dryings = dryings;
    }

    @Operation(summary = "Gel on the bench as a calendar: when each panel is sound, and until when it is to be used")
    @GetMapping(path = "/api/dryings.ics", produces = "text/calendar")
    ResponseEntity<byte[]> calendar() {
        Instant stamp = dryings.all().stream()
                .map(DryingPanel::spreadAt)
                .max(Instant::compareTo)
                .orElse(Instant.EPOCH);
        CalendarFile calendar = new CalendarFile(stamp);
        for (DryingPanel p : dryings.all()) {
            calendar.add(p.id(), p.version(), p.soundAt(), p.soundAt().plus(A_MOMENT), p.name() + ": sound", "", true);
            calendar.add(
                    p.id() + " until",
                    p.version(),
                    p.useBy().minus(A_MOMENT),
                    p.useBy(),
                    p.name() + ": to be used by now",
                    "Gel stays tacky for a week.",
                    true);
        }
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("gel.ics")
                                .build()
                                .toString())
                .contentType(CalendarFile.TYPE)
                .body(calendar.bytes());
    }
}
