package glanzen.app.template;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Files to be printed. */
public final class Printed {

    private Printed() {}

    /** A file that is named after what it is of. */
    public static ResponseEntity<byte[]> file(byte[] content, String of, String kind, String ending, MediaType type) {
        String name = slug(of) + "-" + slug(kind) + "." + ending;
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(type)
                .body(content);
    }

    /** A name as part of a file name, in whatever script it is written. */
    static String slug(String name) {
        return name.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
    }
}
