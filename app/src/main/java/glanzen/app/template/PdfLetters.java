package glanzen.app.template;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * Letters of a PDF file. Two typefaces ship, and the parts of them that are used travel in the file: our own, and one that has
 * Greek, Cyrillic, Hebrew, Armenian, Georgian and signs. Letters of other scripts are drawn as this machine draws them.
 */
final class PdfLetters {

    private static final List<String> FILES =
            List.of("/glanzen/artwork/atkinson-hyperlegible-next-medium.ttf", "/glanzen/artwork/dejavu-sans.ttf");
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private final PDDocument document;
    private final List<PDFont> fonts = new ArrayList<>();

    PdfLetters(PDDocument document) {
        this.document = document;
        fonts.add(embedded(FILES.get(0)));
    }

    /** The second is read only where something is written with it. */
    private PDFont font(int n) {
        if (n == fonts.size()) {
            fonts.add(embedded(FILES.get(n)));
        }
        return fonts.get(n);
    }

    private PDFont embedded(String file) {
        try (InputStream letters = PdfLetters.class.getResourceAsStream(file)) {
            return PDType0Font.load(document, letters, true);
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    /** A stretch of text in one typeface; in none of ours if it is drawn. */
    private record Stretch(String text, int font) {}

    /** How wide a text runs, in the unit of its size. */
    double width(String text, double size) throws IOException {
        double width = 0;
        for (Stretch s : stretches(text)) {
            width += width(s, size);
        }
        return width;
    }

    private double width(Stretch s, double size) throws IOException {
        return s.font < FILES.size()
                ? font(s.font).getStringWidth(s.text) / 1000 * size
                : layout(s.text).orElseThrow().getAdvance() * size;
    }

    /** Writes a text, pt. */
    void write(PDPageContentStream out, String text, double x, double y, double size) throws IOException {
        double at = x;
        for (Stretch s : stretches(text)) {
            if (s.font < FILES.size()) {
                out.beginText();
                out.setFont(font(s.font), (float) size);
                out.newLineAtOffset((float) at, (float) y);
                out.showText(s.text);
                out.endText();
            } else {
                AffineTransform placed = AffineTransform.getTranslateInstance(at, y);
                placed.scale(size, -size);
                fill(out, layout(s.text).orElseThrow().getOutline(placed));
            }
            at += width(s, size);
        }
    }

    private List<Stretch> stretches(String text) {
        List<Stretch> all = new ArrayList<>();
        text.codePoints().filter(c -> !Character.isISOControl(c)).forEach(c -> {
            int font = fontOf(c);
            String letter = font < 0 ? "?" : Character.toString(c);
            Stretch last = all.isEmpty() ? new Stretch("", Math.max(0, font)) : all.remove(all.size() - 1);
            if (last.font == Math.max(0, font)) {
                all.add(new Stretch(last.text + letter, last.font));
            } else {
                all.add(last);
                all.add(new Stretch(letter, Math.max(0, font)));
            }
        });
        return all;
    }

    /** The first that has a letter; one more than there are if this machine has it; less than nothing if nobody has. */
    private int fontOf(int letter) {
        String text = Character.toString(letter);
        for (int n = 0; n < FILES.size(); n++) {
            try {
                if (font(n).encode(text).length > 0) {
                    return n;
                }
            } catch (IOException | IllegalArgumentException unknown) {
                // Perhaps the next has it.
            }
        }
        return layout(text).isPresent() ? FILES.size() : -1;
    }

    /** A text as this machine would set it, of size 1; nothing if it has no such letters, or no typefaces at all. */
    private static Optional<TextLayout> layout(String text) {
        try {
            Font font = new Font(Font.SANS_SERIF, Font.PLAIN, 1);
            return font.canDisplayUpTo(text) < 0 ? Optional.of(new TextLayout(text, font, EXACT)) : Optional.empty();
        } catch (RuntimeException | LinkageError | InternalError none) {
            return Optional.empty();
        }
    }

    private static void fill(PDPageContentStream out, Shape outline) throws IOException {
        float[] p = new float[6];
        boolean drawn = false;
        float[] last = new float[2];
        for (PathIterator it = outline.getPathIterator(null); !it.isDone(); it.next()) {
            drawn = true;
            switch (it.currentSegment(p)) {
                case PathIterator.SEG_MOVETO -> out.moveTo(last[0] = p[0], last[1] = p[1]);
                case PathIterator.SEG_LINETO -> out.lineTo(last[0] = p[0], last[1] = p[1]);
                case PathIterator.SEG_QUADTO -> {
                    // A curve with one handle has two, each two thirds of the way to it.
                    out.curveTo(
                            (last[0] + 2 * p[0]) / 3,
                            (last[1] + 2 * p[1]) / 3,
                            (p[2] + 2 * p[0]) / 3,
                            (p[3] + 2 * p[1]) / 3,
                            p[2],
                            p[3]);
                    last = new float[] {p[2], p[3]};
                }
                case PathIterator.SEG_CUBICTO -> {
                    out.curveTo(p[0], p[1], p[2], p[3], p[4], p[5]);
                    last = new float[] {p[4], p[5]};
                }
                default -> out.closePath();
            }
        }
        if (drawn) {
            out.fill();
        }
    }
}
