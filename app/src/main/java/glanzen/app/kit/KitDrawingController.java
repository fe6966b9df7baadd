package glanzen.app.kit;

import glanzen.app.web.NotFound;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Plate;
import glanzen.material.PaperWeight;
import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.time.Duration;
import java.util.Locale;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawings of plates, and thickness from weight. */
@RestController
class KitDrawingController {

    private final KitService kit;
    private final ArtworkShelf artworks;

    KitDrawingController(KitService kit, ArtworkShelf artworks) {
        this.kit = kit;
        this.artworks = artworks;
    }

    /** Thickness reckoned from weight and bulk. */
    record Caliper(double thicknessMm) {}

    @GetMapping("/api/kit/caliper")
    Caliper caliper(@RequestParam double gsm, @RequestParam double bulk) {
        return new Caliper(PaperWeight.caliperMm(gsm, bulk));
    }

    /** The raised design of a plate, as it will be read, one user unit to the millimetre. */
    @GetMapping(path = "/api/plates/{id}/outline.svg", produces = "image/svg+xml")
    ResponseEntity<String> outline(@PathVariable String id) {
        Plate plate = kit.kit().plates().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("This plate"));
        Shape shape =
                artworks.of(plate.motif(), plate.widthMm(), plate.heightMm()).outline();
        String svg = String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %.2f %.2f\"><path fill=\"#4a3510\" d=\"%s\"/></svg>",
                plate.widthMm(),
                plate.heightMm(),
                path(shape));
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(5)).cachePrivate())
                .body(svg);
    }

    private static String path(Shape shape) {
        StringBuilder d = new StringBuilder();
        double[] xy = new double[6];
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            switch (it.currentSegment(xy)) {
                case PathIterator.SEG_MOVETO -> d.append(String.format(Locale.ROOT, "M%.2f %.2f", xy[0], xy[1]));
                case PathIterator.SEG_LINETO -> d.append(String.format(Locale.ROOT, "L%.2f %.2f", xy[0], xy[1]));
                default -> d.append('Z');
            }
        }
        return d.toString();
    }
}
