package glanzen.artwork;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.measure.BadInput;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.precision.GeometryPrecisionReducer;

class ArtworkTest {

    private static Motif motif(Motif.Kind kind) {
        return switch (kind) {
            case WORDS -> Motif.words("Honey Show");
            case OUTLINE -> Motif.outlined(new GeometryFactory().toGeometry(new Envelope(0, 40, 0, 12)));
            default -> Motif.of(kind);
        };
    }

    @ParameterizedTest
    @EnumSource(Motif.Kind.class)
    void everyMotifStaysOnItsPlateAndItsBandsAddUp(Motif.Kind kind) {
        Artwork artwork = Artwork.of(motif(kind), 80, 50);
        Geometry drawn = MotifDrawer.draw(motif(kind), 80, 50);
        assertTrue(new Envelope(0, 80, 0, 50).contains(drawn.getEnvelopeInternal()), drawn.getEnvelopeInternal() + "");
        assertTrue(drawn.isValid());
        assertEquals(1, artwork.bands(4).stream().mapToDouble(Band::share).sum(), 1e-9);
        assertTrue(artwork.bands(4).stream().allMatch(b -> b.widthMm() > 0 && b.widthMm() <= 80));
        assertTrue(artwork.bands(4).size() <= 14);
        assertTrue(artwork.solidShare() >= 0 && artwork.solidShare() <= 1);
    }

    @ParameterizedTest
    @EnumSource(Motif.Kind.class)
    void theRasterHasTheAreaOfTheShape(Motif.Kind kind) {
        Artwork artwork = Artwork.of(motif(kind), 80, 50);
        boolean[] mask = artwork.raster(960, 600, 12);
        int raised = 0;
        for (boolean pixel : mask) {
            raised += pixel ? 1 : 0;
        }
        assertEquals(artwork.areaMm2(), raised / 144.0, 0.03 * artwork.areaMm2() + 1);
    }

    @Test
    void aRectangleIsOneBandOfItsOwnWidth() {
        Geometry block = new GeometryFactory().toGeometry(new Envelope(10, 40, 5, 45));
        Artwork artwork = new Artwork(block, 50, 50);
        Band broadest = artwork.bands(4).get(artwork.bands(4).size() - 1);
        assertEquals(30, broadest.widthMm(), 0.5);
        assertTrue(broadest.share() > 0.8, "the nip carries less only where it passes over an end");
        assertEquals(15, artwork.raisedWidthMm(5, 4), 0.5, "half of the nip is past the end");
        assertEquals(30, artwork.raisedWidthAtMm(25), 0.2);
        assertEquals(0, artwork.raisedWidthAtMm(2));
        assertEquals(0.68, artwork.solidShare(), 0.01);
    }

    @Test
    void wordsHaveNoSolidGroundAndABandDoes() {
        assertTrue(Artwork.of(Motif.words("First"), 50, 20).solidShare() < 0.01);
        assertTrue(Artwork.of(Motif.of(Motif.Kind.SOLID), 100, 60).solidShare() > 0.8);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "ABCDEFGHIJKLMNOPQRSTUVWXYZ",
                "abcdefghijklmnopqrstuvwxyz",
                "0123456789",
                "Größe, Łódź & ‘crème brûlée’ – ½",
                "Κυψέλη μελιού",
                "Пчёлы и мёд",
                "Մեղր եւ մոմ",
                "თაფლი",
                "דבש ושעווה"
            })
    void theAlphabetIsWhole(String text) {
        Geometry letters = Lettering.outline(text);
        assertTrue(letters.isValid());
        assertTrue(letters.getEnvelopeInternal().getWidth() > 4 * text.length());
        assertTrue(letters.getEnvelopeInternal().getMinY() > -5
                && letters.getEnvelopeInternal().getMaxY() < 14);
    }

    @Test
    void lettersAreRealOnes() {
        // A capital H is 10 high with two stems and a bar of a seventh of that; an o has a hole.
        Geometry stems = Lettering.outline("H");
        assertEquals(10, stems.getEnvelopeInternal().getHeight(), 0.01);
        assertTrue(stems.getArea() > 30 && stems.getArea() < 45, "area " + stems.getArea());
        assertEquals(1, ((Polygon) Lettering.outline("o")).getNumInteriorRing());
        assertEquals(2, Lettering.outline("é").getNumGeometries());
    }

    @Test
    void anAccentTypedByItselfIsPartOfItsLetter() {
        assertTrue(Lettering.outline("e\u0301").equalsExact(Lettering.outline("é")));
    }

    /** Hebrew begins at the right; figures in it run from the left, and a bracket opens where it is read from. */
    @Test
    void lettersStandAsTheyAreRead() {
        assertTrue(firstFromTheRight("דבש").equalsTopo(atTheLeft(Lettering.outline("ד"))));
        assertTrue(firstFromTheRight("דבש 17").equalsTopo(atTheLeft(Lettering.outline("ד"))));
        assertTrue(firstFromTheRight("(דבש)").equalsTopo(atTheLeft(Lettering.outline(")"))));
    }

    private static Geometry firstFromTheRight(String text) {
        Geometry all = Lettering.outline(text);
        Geometry last = all.getGeometryN(0);
        for (int i = 1; i < all.getNumGeometries(); i++) {
            Geometry next = all.getGeometryN(i);
            if (next.getEnvelopeInternal().getMaxX()
                    > last.getEnvelopeInternal().getMaxX()) {
                last = next;
            }
        }
        return atTheLeft(last);
    }

    private static Geometry atTheLeft(Geometry shape) {
        Geometry moved = AffineTransformation.translationInstance(
                        -shape.getEnvelopeInternal().getMinX(), 0)
                .transform(shape);
        return GeometryPrecisionReducer.reduce(moved, new PrecisionModel(1e6));
    }

    @Test
    void whatCannotBeDrawnIsNamed() {
        BadInput refused = assertThrows(BadInput.class, () -> Motif.words("bee 蜂 雪"));
        assertEquals("cannot be drawn: 蜂 雪", refused.problems().get(0).message());
    }

    @Test
    void theShelfDrawsAPlateOnce() {
        ArtworkShelf shelf = new ArtworkShelf();
        Motif bee = Motif.of(Motif.Kind.BEE);
        assertSame(shelf.of(bee, 40, 40), shelf.of(bee, 40, 40));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void distancesAgreeWithLookingEverywhere(long seed) {
        Random random = new Random(seed);
        int width = 23;
        int height = 17;
        boolean[] marked = new boolean[width * height];
        for (int i = 0; i < marked.length; i++) {
            marked[i] = random.nextInt(30) == 0;
        }
        marked[random.nextInt(marked.length)] = true;
        float[] field = DistanceField.of(marked, width, 60);
        for (int i = 0; i < marked.length; i++) {
            double nearest = Double.MAX_VALUE;
            for (int j = 0; j < marked.length; j++) {
                if (marked[j]) {
                    nearest = Math.min(nearest, Math.hypot(i % width - j % width, i / width - j / width));
                }
            }
            assertEquals(nearest, field[i], 1e-4);
        }
    }
}
