package glanzen.artwork;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Artwork put together, cut round, and patched. */
class PlacedArtworkTest {

    private static Geometry box(double x1, double y1, double x2, double y2) {
        return new GeometryFactory().toGeometry(new Envelope(x1, x2, y1, y2));
    }

    private static Artwork.Placed at(Artwork artwork, double x, double y) {
        return new Artwork.Placed(artwork, AffineTransformation.translationInstance(x, y));
    }

    @Test
    void twoDesignsTogetherHaveTheAreaOfBoth() {
        Artwork bee = Artwork.of(Motif.of(Motif.Kind.BEE), 46, 40);
        Artwork words = Artwork.of(Motif.words("First"), 48, 20);
        Artwork both = Artwork.together(List.of(at(bee, 20, 60), at(words, 20, 20)), 105, 148, 52.5, List.of());
        assertEquals(bee.areaMm2() + words.areaMm2(), both.areaMm2(), 0.1);
        assertEquals(1, both.bands(4).stream().mapToDouble(Band::share).sum(), 1e-9);
        assertEquals(
                words.raisedWidthAtMm(10), both.raisedWidthAtMm(30), 1.5, "slices pass over the words where they lie");
    }

    @Test
    void designsBesideEachOtherCarryTheLoadTogether() {
        Artwork block = new Artwork(box(0, 0, 10, 30), 10, 30);
        Artwork one = Artwork.together(List.of(at(block, 10, 10)), 100, 100, 50, List.of());
        Artwork two = Artwork.together(List.of(at(block, 10, 10), at(block, 60, 10)), 100, 100, 50, List.of());
        assertEquals(10, one.meanWidthMm(), 0.3);
        assertEquals(20, two.meanWidthMm(), 0.3);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 12, 40})
    void spotsTellHowFarADesignLiesFromTheThroatsMiddle(double aside) {
        Artwork block = new Artwork(box(0, 0, 10, 30), 10, 30);
        Artwork placed = Artwork.together(List.of(at(block, 45 + aside, 10)), 200, 100, 50, List.of());
        for (Band band : placed.bands(4)) {
            assertEquals(1, band.spots().stream().mapToDouble(Band.Spot::share).sum(), 1e-9);
            for (Band.Spot spot : band.spots()) {
                assertTrue(spot.awayMm() >= Math.max(0, aside - 5.2) && spot.awayMm() <= aside + 5.2, spot + "");
            }
        }
    }

    @Test
    void aPatchTakesItsShareOfTheBand() {
        Artwork block = new Artwork(box(0, 0, 40, 30), 40, 30);
        Patch left = new Patch(box(30, 0, 50, 100), 0.05);
        Artwork patched = Artwork.together(List.of(at(block, 30, 20)), 100, 100, 50, List.of(left));
        Band band = patched.bands(4).get(0);
        assertTrue(band.patched());
        double share = band.spots().stream()
                .filter(s -> s.patchMm() > 0)
                .mapToDouble(Band.Spot::share)
                .sum();
        assertEquals(0.5, share, 0.02);
        assertEquals(List.of(left), patched.patches());
    }

    @ParameterizedTest
    @EnumSource(
            value = Motif.Kind.class,
            names = {"FRAME", "OVAL", "SCALLOP", "TAG"})
    void aCuttingLineRunsAlongTheEdgeAndCutsOutAWhole(Motif.Kind kind) {
        Artwork die = Artwork.of(Motif.of(kind), 80, 60);
        Geometry cut = die.silhouette();
        assertEquals(1, cut.getNumGeometries());
        assertTrue(cut.getArea() > 5 * die.areaMm2(), "a line has little area of its own");
        assertEquals(79, die.designBox().getWidth(), 0.2);
        assertEquals(59, die.designBox().getHeight(), 0.2);
        assertTrue(die.solidShare() < 0.01);
    }

    @Test
    void wordsStandOnALineAndAllElseOnItsFoot() {
        Artwork page = Artwork.of(Motif.words("page"), 50, 20);
        assertTrue(page.baselineMm() > page.designBox().getMinY() + 1, "tails hang below the line");
        Artwork first = Artwork.of(Motif.words("First"), 50, 20);
        assertEquals(first.designBox().getMinY(), first.baselineMm(), 0.4, "round letters dip a little below it");
        Artwork bee = Artwork.of(Motif.of(Motif.Kind.BEE), 50, 40);
        assertEquals(bee.designBox().getMinY(), bee.baselineMm(), 1e-9);
    }

    @Test
    void anOutlineFromOutsideKeepsItsSizeInTheMiddleOfItsPlate() {
        Artwork artwork = Artwork.of(Motif.outlined(box(0, 0, 30, 10)), 60, 40);
        assertEquals(30, artwork.designBox().getWidth(), 1e-9);
        assertEquals(30, artwork.designBox().centre().x, 1e-9);
        assertEquals(20, artwork.designBox().centre().y, 1e-9);
        assertEquals(300, artwork.areaMm2(), 1e-9);
    }

    @Test
    void theShelfDrawsAgainOnlyWhatItDoesNotKnow() {
        ArtworkShelf shelf = new ArtworkShelf();
        int[] drawn = {0};
        for (int i = 0; i < 3; i++) {
            shelf.of("the same", () -> {
                drawn[0]++;
                return Artwork.of(Motif.of(Motif.Kind.SOLID), 20, 20);
            });
        }
        assertEquals(1, drawn[0]);
    }
}
