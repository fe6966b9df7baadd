package glanzen.artwork;

import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.GlyphData;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Words in the letters that ship with the program: a medium weight, whose stems are a seventh of a capital's height. */
final class Lettering {

    private static final String FILE = "atkinson-hyperlegible-next-medium.ttf";
    /** How high capitals are drawn. */
    private static final double CAPITALS = 10;
    /** Straight pieces lie this close to a curve; a four-hundredth of a capital. */
    private static final double FLATNESS = 0.025;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final TrueTypeFont FONT;
    private static final CmapLookup PLACES;
    private static final double SCALE;
    private static final Map<Integer, Geometry> DRAWN = new ConcurrentHashMap<>();

    static {
        try (InputStream file = Objects.requireNonNull(
                Lettering.class.getResourceAsStream("/glanzen/artwork/" + FILE), "The letters are missing")) {
            FONT = new TTFParser().parse(new RandomAccessReadBuffer(file));
            PLACES = FONT.getUnicodeCmapLookup();
            SCALE = CAPITALS / Objects.requireNonNull(FONT.getOS2Windows()).getCapHeight();
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
    }

    private Lettering() {}

    /** The letters of a text that cannot be drawn. */
    static List<String> unknown(String text) {
        return text.codePoints()
                .filter(c -> PLACES.getGlyphId(c) == 0)
                .distinct()
                .mapToObj(Character::toString)
                .toList();
    }

    /** The words as raised shapes, with the baseline at nought; capitals 10 high. */
    static Geometry outline(String text) {
        double x = 0;
        List<Geometry> letters = new ArrayList<>();
        for (int c : text.codePoints().toArray()) {
            letters.add(AffineTransformation.translationInstance(x, 0).transform(letter(c)));
            x += advance(c);
        }
        Geometry words = UnaryUnionOp.union(letters);
        return words == null ? GEOMETRY.createPolygon() : words;
    }

    private static double advance(int c) {
        try {
            return SCALE * FONT.getAdvanceWidth(PLACES.getGlyphId(c));
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
    }

    private static Geometry letter(int c) {
        return DRAWN.computeIfAbsent(c, code -> {
            try {
                GlyphData glyph = FONT.getGlyph().getGlyph(PLACES.getGlyphId(code));
                return glyph == null
                        ? GEOMETRY.createPolygon()
                        : FilledPath.of(new FlatteningPathIterator(
                                glyph.getPath().getPathIterator(AffineTransform.getScaleInstance(SCALE, SCALE)),
                                FLATNESS));
            } catch (IOException unread) {
                throw new UncheckedIOException(unread);
            }
        });
    }
}
