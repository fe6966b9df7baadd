package glanzen.artwork;

import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.Bidi;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
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

/**
 * Words in the letters that ship with the program: a medium weight, whose stems are a seventh of a capital's height, and where that has none
 * one with the letters of Greek, Cyrillic, Armenian, Georgian and Hebrew. Both make capitals equally high.
 */
final class Lettering {

    /** Typefaces in the order in which they are looked into, each with a flat capital of it. */
    private static final List<Source> SOURCES =
            List.of(new Source("atkinson-hyperlegible-next-medium.ttf", 'H'), new Source("dejavu-sans.ttf", '\u0397'));
    /** How high capitals are drawn. */
    private static final double CAPITALS = 10;
    /** Straight pieces lie this close to a curve; a four-hundredth of a capital. */
    private static final double FLATNESS = 0.025;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final Map<Source, Face> FACES = new ConcurrentHashMap<>();
    private static final Map<Integer, Letter> DRAWN = new ConcurrentHashMap<>();

    private Lettering() {}

    private record Source(String file, int capital) {}

    /** A drawn letter, and how far the next one stands. */
    private record Letter(Geometry shape, double advance) {}

    /** The letters of a text that cannot be drawn. */
    static List<String> unknown(String text) {
        return composed(text)
                .codePoints()
                .filter(c -> face(c).isEmpty())
                .distinct()
                .mapToObj(Character::toString)
                .toList();
    }

    /** The words as raised shapes, with the baseline at nought; capitals 10 high. */
    static Geometry outline(String text) {
        double x = 0;
        List<Geometry> letters = new ArrayList<>();
        for (int c : asSeen(composed(text)).codePoints().toArray()) {
            Letter letter = DRAWN.computeIfAbsent(c, Lettering::letter);
            letters.add(AffineTransformation.translationInstance(x, 0).transform(letter.shape));
            x += letter.advance;
        }
        Geometry words = UnaryUnionOp.union(letters);
        return words == null ? GEOMETRY.createPolygon() : words;
    }

    /** A letter and its accent are one shape, however they were typed. */
    private static String composed(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFC);
    }

    /** Letters from left to right, whichever way they are read. */
    private static String asSeen(String text) {
        Bidi ways = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        if (ways.isLeftToRight()) {
            return text;
        }
        int runs = ways.getRunCount();
        byte[] levels = new byte[runs];
        String[] seen = new String[runs];
        for (int i = 0; i < runs; i++) {
            levels[i] = (byte) ways.getRunLevel(i);
            String run = text.substring(ways.getRunStart(i), ways.getRunLimit(i));
            seen[i] = levels[i] % 2 == 0 ? run : mirrored(run);
        }
        Bidi.reorderVisually(levels, 0, seen, 0, runs);
        return String.join("", seen);
    }

    /** Read from the right, its letters stand the other way round, and brackets open to the other side. */
    private static String mirrored(String run) {
        StringBuilder seen = new StringBuilder(run).reverse();
        for (int i = 0; i < seen.length(); i++) {
            int pair = "()[]{}<>".indexOf(seen.charAt(i));
            if (pair >= 0) {
                seen.setCharAt(i, "()[]{}<>".charAt(pair ^ 1));
            }
        }
        return seen.toString();
    }

    private static Letter letter(int c) {
        return face(c).map(face -> face.letter(c)).orElseGet(() -> new Letter(GEOMETRY.createPolygon(), 0));
    }

    /** The first typeface that has a letter; a further one is read only where the first does not have it. */
    private static Optional<Face> face(int c) {
        return SOURCES.stream()
                .map(source -> FACES.computeIfAbsent(source, Face::of))
                .filter(face -> face.places.getGlyphId(c) != 0)
                .findFirst();
    }

    /** A typeface, at the size at which its capitals are as high as they are to be. */
    private record Face(TrueTypeFont font, CmapLookup places, double scale) {

        static Face of(Source source) {
            try (InputStream file = Objects.requireNonNull(
                    Lettering.class.getResourceAsStream("/glanzen/artwork/" + source.file),
                    "The letters are missing")) {
                TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(file));
                CmapLookup places = font.getUnicodeCmapLookup();
                GlyphData capital = font.getGlyph().getGlyph(places.getGlyphId(source.capital));
                return new Face(
                        font, places, CAPITALS / capital.getBoundingBox().getUpperRightY());
            } catch (IOException unread) {
                throw new UncheckedIOException(unread);
            }
        }

        Letter letter(int c) {
            try {
                int number = places.getGlyphId(c);
                GlyphData glyph = font.getGlyph().getGlyph(number);
                Geometry shape = glyph == null
                        ? GEOMETRY.createPolygon()
                        : FilledPath.of(new FlatteningPathIterator(
                                glyph.getPath().getPathIterator(AffineTransform.getScaleInstance(scale, scale)),
                                FLATNESS));
                return new Letter(shape, scale * font.getAdvanceWidth(number));
            } catch (IOException unread) {
                throw new UncheckedIOException(unread);
            }
        }
    }
}
