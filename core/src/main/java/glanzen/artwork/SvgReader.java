package glanzen.artwork;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.FloatSize;
import com.github.weisj.jsvg.view.ViewBox;
import glanzen.measure.BadInput;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * Reads an outline from an SVG file as drawing programs write it. A renderer draws it, and what is drawn is recorded as one
 * clean area in mm, y upwards, lower left at nought: white is ground and knocks out. Nothing is fetched and nothing is run.
 */
public final class SvgReader {

    /** Longest file read, bytes. */
    public static final int MOST_CHARACTERS = 4_000_000;
    /** User units to the inch, where a file says nothing of inches and millimetres. */
    public static final double USUAL_DPI = 96;
    /** What drawing programs have taken for an inch of user units. */
    public static final List<Double> KNOWN_DPI = List.of(72.0, 90.0, 96.0);

    private static final String ACCEPTED =
            "an SVG file of shapes, text turned into outlines, up to 4 MB and 400 mm a side";
    private static final int LONGEST_MESSAGE = 120;
    private static final int DEEPEST = 60;
    private static final int MOST_PATHS = 20_000;
    /** Largest outline, mm a side. */
    static final int LARGEST_MM = 400;

    private static final double FINE_MM = 0.02;

    /**
     * An outline that was read.
     *
     * @param shape the area, mm
     * @param widthMm its width, mm
     * @param heightMm its height, mm
     * @param sized whether the file says how large it is; otherwise it is a guess how many of its units are an inch
     * @param hairline whether it is drawn in hairlines alone, as cutting lines are; the area is then the line of a blade
     * @param skipped what was passed over, in words
     */
    public record Outline(
            Geometry shape, double widthMm, double heightMm, boolean sized, boolean hairline, List<String> skipped) {}

    /** Held, since a logger that nobody holds forgets its level. */
    private static final Logger RENDERER = Logger.getLogger("com.github.weisj.jsvg");

    static {
        // What it makes of a file is said to the person, not to the log.
        RENDERER.setLevel(Level.OFF);
    }

    private SvgReader() {}

    /** Reads one from its text. */
    public static Outline read(String svg) {
        return read(svg.getBytes(StandardCharsets.UTF_8), USUAL_DPI);
    }

    /**
     * Reads one.
     *
     * @param file the file as it is, in whatever encoding it says
     * @param dpi its units to the inch, where it does not say so itself
     * @throws BadInput naming {@code svg} if it cannot be used; it says why
     */
    public static Outline read(byte[] file, double dpi) {
        if (file.length > MOST_CHARACTERS) {
            throw bad("is too large");
        }
        SvgPage page = SvgPage.of(file);
        try {
            return outline(page, drawn(page, dpi));
        } catch (BadInput refused) {
            throw refused;
        } catch (RuntimeException tangled) {
            // Geometry gives up on numbers beyond all bounds in more ways than can be named.
            throw bad("has a shape that cannot be worked out; its numbers may be beyond all bounds");
        }
    }

    private static ShapeRecorder drawn(SvgPage page, double dpi) {
        LoaderContext bounds = LoaderContext.builder()
                .externalResourcePolicy(ResourcePolicy.DENY_ALL)
                .documentLimits(new DocumentLimits(DEEPEST, DEEPEST, MOST_PATHS))
                .build();
        @Nullable SVGDocument document = new SVGLoader().load(new ByteArrayInputStream(page.written()), null, bounds);
        if (document == null) {
            throw bad("is no drawing that can be read, or has too many shapes nested too deep");
        }
        FloatSize size = document.size();
        double mmPerPx = page.widthMm().isPresent() ? page.widthMm().getAsDouble() / size.width : 25.4 / dpi;
        ShapeRecorder recorder = new ShapeRecorder(new ViewBox(size), mmPerPx);
        document.renderWithPlatform(NullPlatformSupport.INSTANCE, recorder, new ViewBox(size));
        return recorder;
    }

    private static Outline outline(SvgPage page, ShapeRecorder recorder) {
        List<String> skipped = new ArrayList<>(page.passedOver());
        skipped.addAll(recorder.passedOver());
        Geometry ink = recorder.ink();
        boolean hairline = ink.isEmpty() && !recorder.hairlines().isEmpty();
        Geometry all = hairline ? recorder.hairlines() : TopologyPreservingSimplifier.simplify(ink, FINE_MM);
        if (all.isEmpty()) {
            throw bad("has nothing filled or stroked in it"
                    + (skipped.isEmpty() ? "" : "; passed over: " + String.join(", ", skipped)));
        }
        Envelope box = all.getEnvelopeInternal();
        if (box.getWidth() > LARGEST_MM || box.getHeight() > LARGEST_MM) {
            throw bad("is " + Math.round(box.getWidth()) + " × " + Math.round(box.getHeight()) + " mm");
        }
        if (Math.min(box.getWidth(), box.getHeight()) < 1) {
            throw bad("is smaller than a millimetre; check its units");
        }
        Geometry upright = AffineTransformation.translationInstance(-box.getMinX(), -box.getMaxY())
                .scale(1, -1)
                .transform(all);
        return new Outline(
                hairline ? MotifDrawer.blade(upright) : upright,
                box.getWidth(),
                box.getHeight(),
                page.widthMm().isPresent(),
                hairline,
                List.copyOf(skipped));
    }

    static BadInput bad(String message) {
        return new BadInput(
                "svg",
                message.length() > LONGEST_MESSAGE ? message.substring(0, LONGEST_MESSAGE) + "…" : message,
                ACCEPTED);
    }
}
