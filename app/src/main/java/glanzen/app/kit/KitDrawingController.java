package glanzen.app.kit;

import glanzen.app.web.NotFound;
import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.PathText;
import glanzen.artwork.SvgReader;
import glanzen.kit.Plate;
import glanzen.kit.Starts;
import glanzen.material.PaperWeight;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

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

    @Operation(summary = "Thickness of card by its weight and bulk")
    @GetMapping("/api/kit/caliper")
    Caliper caliper(@RequestParam double gsm, @RequestParam double bulk) {
        return new Caliper(PaperWeight.caliperMm(gsm, bulk));
    }

    /** The raised design of a plate as path text, mm, y upwards; and the place of its baseline. */
    record OutlineView(String path, double widthMm, double heightMm, double baselineMm) {}

    @Operation(summary = "The outline of a plate as a path, in mm")
    @GetMapping("/api/plates/{id}/outline")
    OutlineView path(@PathVariable String id) {
        Plate plate = plate(id);
        Artwork artwork = artworks.of(plate.motif(), plate.widthMm(), plate.heightMm());
        return new OutlineView(
                PathText.write(artwork.shape()), plate.widthMm(), plate.heightMm(), artwork.baselineMm());
    }

    /** How large a file is if so many of its units are an inch. */
    record Size(double dpi, double widthMm, double heightMm) {}

    /**
     * What was read from an SVG file.
     *
     * @param plate a tool that carries it
     * @param path the outline as path text, mm, y upwards
     * @param hairline whether it is drawn in hairlines, as lines to cut along are
     * @param sizes where the file does not say how large it is: how large it may be
     * @param skipped what was passed over, in words
     */
    record ReadOutline(
            Plate plate,
            String path,
            double widthMm,
            double heightMm,
            double areaMm2,
            boolean hairline,
            List<Size> sizes,
            List<String> skipped) {}

    @Operation(summary = "Reads the outline of a tool from an SVG file")
    @PostMapping(path = "/api/artworks", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ReadOutline read(@RequestParam MultipartFile svg, @RequestParam(defaultValue = "96") double dpi)
            throws IOException {
        new Checks().figure("dpi", dpi, 10, 1200, "units to the inch").done();
        if (svg.getSize() > SvgReader.MOST_CHARACTERS) {
            throw new BadInput("svg", "is too large", "an SVG file of up to 4 MB");
        }
        SvgReader.Outline outline = SvgReader.read(svg.getBytes(), dpi);
        Plate plate = Starts.drawn(outline);
        return new ReadOutline(
                plate,
                plate.motif().outline(),
                outline.widthMm(),
                outline.heightMm(),
                outline.shape().getArea(),
                outline.hairline(),
                outline.sized() ? List.of() : sizes(outline, dpi),
                outline.skipped());
    }

    private static List<Size> sizes(SvgReader.Outline outline, double dpi) {
        return SvgReader.KNOWN_DPI.stream()
                .map(known -> new Size(known, outline.widthMm() * dpi / known, outline.heightMm() * dpi / known))
                .toList();
    }

    private Plate plate(String id) {
        return kit.kit().plate(id).orElseThrow(() -> new NotFound("This plate"));
    }

    /** The raised design of a plate, as it will be read, one user unit to the millimetre. */
    @Operation(summary = "The outline of a plate, drawn")
    @GetMapping(path = "/api/plates/{id}/outline.svg", produces = "image/svg+xml")
    ResponseEntity<String> outline(@PathVariable String id) {
        Plate plate = plate(id);
        String svg = String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %.2f %.2f\">"
                        + "<path fill=\"#4a3510\" transform=\"translate(0 %.2f) scale(1 -1)\" d=\"%s\"/></svg>",
                plate.widthMm(),
                plate.heightMm(),
                plate.heightMm(),
                PathText.write(artworks.of(plate.motif(), plate.widthMm(), plate.heightMm())
                        .shape()));
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(5)).cachePrivate())
                .body(svg);
    }
}
