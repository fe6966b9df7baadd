package glanzen.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Plate;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.material.Material;
import glanzen.measure.BadInput;
import glanzen.measure.LengthUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** Placement by hold and by word, and the turned-over platform. */
public class ArrangementTest {

    public static final ArtworkShelf SHELF = new ArtworkShelf();

    public static Plate words(String text) {
        return new Plate(text.toLowerCase(), text, Plate.Kind.PLATE, Material.BRASS, 1.6, 48, 20, Motif.words(text));
    }

    public static Layout layout(Piece piece, Plate... plates) {
        List<Placed> placed = new ArrayList<>();
        for (Plate plate : plates) {
            placed.add(Placed.centred(plate));
        }
        return new Layout(piece, PlatformPose.MIDDLE, Fixing.LOOSE, HangingEnd.NEITHER, placed, List.of(), List.of());
    }

    private static final Layout THREE = layout(new Piece(105, 148, 0), words("First"), words("Second"), words("Third"));

    private static PositionedPlate place(String key, String text) {
        return new Arrangement(Wording.place(THREE, List.of(key), text, LengthUnit.MM), SHELF).of(key);
    }

    @Test
    void wordsStandOnTheirBaseline() {
        PositionedPlate first = place("first", "baseline 1 3/8 in from the bottom, centred");
        assertEquals(34.925, first.baselineMm(), 0.01);
        assertEquals(52.5, first.designBox().centre().x, 0.01);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12 mm from the left edge|12|minX",
                "8 from the right|97|maxX",
                "1/2 in from the top|135.3|maxY",
                "20 mm above the centre line|94|midY",
                "upper left quarter|26.25|midX",
                "upper left quarter|111|midY",
                "right half|78.75|midX",
                "centred|74|midY"
            })
    void distancesGoFromTheDesign(String text, double wanted, String what) {
        Envelope box = place("second", text).designBox();
        double found = switch (what) {
            case "minX" -> box.getMinX();
            case "maxX" -> box.getMaxX();
            case "maxY" -> box.getMaxY();
            case "midX" -> box.centre().x;
            default -> box.centre().y;
        };
        assertEquals(wanted, found, 0.01);
    }

    @Test
    void stackedWordsStayStackedWhenTheStockChanges() {
        Layout stacked = Wording.place(THREE, List.of("second"), "4 mm below First, in line with First", LengthUnit.MM);
        stacked = Wording.place(stacked, List.of("third"), "4 mm below Second, in line with First", LengthUnit.MM);
        stacked = Wording.place(stacked, List.of("first"), "1 in from the top, centred across", LengthUnit.MM);
        for (Piece piece : List.of(new Piece(105, 148, 0), new Piece(140, 200, 3))) {
            Arrangement a = new Arrangement(
                    new Layout(
                            piece,
                            PlatformPose.MIDDLE,
                            Fixing.LOOSE,
                            HangingEnd.NEITHER,
                            stacked.plates(),
                            List.of(),
                            List.of()),
                    SHELF);
            assertEquals(25.4, piece.heightMm() - a.of("first").designBox().getMaxY(), 0.01);
            assertEquals(
                    4,
                    a.of("first").designBox().getMinY()
                            - a.of("second").designBox().getMaxY(),
                    0.01);
            a.plates()
                    .forEach(
                            l -> assertEquals(piece.widthMm() / 2, l.designBox().centre().x, 0.01));
        }
        assertEquals(
                "{mm:4} below First",
                Wording.said(stacked, stacked.find("second").orElseThrow()).get(1));
    }

    @Test
    void threeInARowGetTheSameGap() {
        Layout apart = Wording.place(THREE, List.of("first"), "10 from the top", LengthUnit.MM);
        apart = Wording.place(apart, List.of("third"), "10 from the bottom", LengthUnit.MM);
        Arrangement a = new Arrangement(Moves.sameGaps(apart, List.of("first", "second", "third"), SHELF), SHELF);
        double below =
                a.of("second").designBox().getMinY() - a.of("third").designBox().getMaxY();
        double above =
                a.of("first").designBox().getMinY() - a.of("second").designBox().getMaxY();
        assertEquals(below, above, 1e-6);
        assertTrue(below > 5);
    }

    @Test
    void aRingOfHoldsIsRefused() {
        Layout ring = Wording.place(THREE, List.of("first"), "5 below Second", LengthUnit.MM);
        Layout closed = Wording.place(ring, List.of("second"), "5 below First", LengthUnit.MM);
        assertThrows(BadInput.class, () -> new Arrangement(closed, SHELF));
    }

    @ParameterizedTest
    @ValueSource(strings = {"somewhere nice", "4 mm below Nobody", "seven thumbs from the left", "same gap"})
    void whatIsNotUnderstoodIsSaid(String text) {
        BadInput bad = assertThrows(BadInput.class, () -> Wording.place(THREE, List.of("first"), text, LengthUnit.MM));
        assertEquals("words", bad.problems().get(0).field());
        assertFalse(bad.problems().get(0).accepted().isBlank());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aMoveMovesByJustThatAndComesBack(long seed) {
        Random random = new Random(seed);
        Layout held = Wording.place(THREE, List.of("second"), "6 mm below First, in line with First", LengthUnit.MM);
        double right = random.nextDouble() * 20 - 10;
        double up = random.nextDouble() * 20 - 10;
        Set<String> keys = random.nextBoolean() ? Set.of("first") : Set.of("first", "second");
        Layout moved = Moves.moved(held, keys, right, up, SHELF);
        Arrangement before = new Arrangement(held, SHELF);
        Arrangement after = new Arrangement(moved, SHELF);
        for (String key : List.of("first", "second")) {
            assertEquals(
                    before.of(key).designBox().getMinX() + right,
                    after.of(key).designBox().getMinX(),
                    0.011);
            assertEquals(
                    before.of(key).designBox().getMinY() + up,
                    after.of(key).designBox().getMinY(),
                    0.011);
        }
        Arrangement back = new Arrangement(Moves.moved(moved, keys, -right, -up, SHELF), SHELF);
        assertEquals(
                before.of("first").designBox().getMinX(),
                back.of("first").designBox().getMinX(),
                0.021);
    }

    @Test
    void whatHungOnAPlateStaysWhereItIsWhenThatIsTakenOff() {
        Layout held = Wording.place(THREE, List.of("second"), "6 mm below First, in line with First", LengthUnit.MM);
        Envelope before = new Arrangement(held, SHELF).of("second").designBox();
        Layout less = Moves.without(held, "first", SHELF);
        Envelope after = new Arrangement(less, SHELF).of("second").designBox();
        assertEquals(before.getMinX(), after.getMinX(), 0.01);
        assertEquals(before.getMinY(), after.getMinY(), 0.01);
        assertEquals(2, less.plates().size());
    }

    @Test
    void aPlateIsDrawnToTheCentreLineAndToABaselineButNotByItself() {
        Layout off =
                Wording.place(THREE, List.of("first"), "baseline 40 from the bottom, 3 from the left", LengthUnit.MM);
        Layout near = Wording.place(
                off, List.of("third"), "baseline 40.1 from the bottom, 1 mm right of the centre line", LengthUnit.MM);
        Moves.Snapped snapped = Moves.snapped(near, "third", 1.5, SHELF);
        Placed third = snapped.layout().find("third").orElseThrow();
        assertEquals(PlacementConstraint.CENTRED, third.across());
        assertEquals(Kind.BASELINE_OF, third.along().kind());
        assertEquals(List.of("first"), third.along().others());
        assertEquals(2, snapped.guides().size());
        assertTrue(Moves.snapped(near, "third", 0.05, SHELF).guides().isEmpty());
    }

    private static Layout anyBed(Random random) {
        PlatformPose bed = new PlatformPose(
                random.nextInt(40) - 20,
                random.nextInt(40) - 20,
                random.nextInt(4),
                random.nextBoolean() ? FlipAxis.SIDEWAYS : FlipAxis.ENDWAYS);
        return THREE.withBed(bed);
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18})
    void aPointsTwoPositionsAlwaysAgree(long seed) {
        Random random = new Random(seed);
        OnPlatform on = new OnPlatform(anyBed(random));
        for (int i = 0; i < 50; i++) {
            Coordinate point = new Coordinate(random.nextDouble() * 105, random.nextDouble() * 148);
            Coordinate other = new Coordinate(random.nextDouble() * 105, random.nextDouble() * 148);
            assertEquals(0, point.distance(on.piece(on.platform(point))), 1e-9);
            assertEquals(point.distance(other), on.platform(point).distance(on.platform(other)), 1e-9);
            double[] movement = on.movementOnPiece(3, 4);
            assertEquals(5, Math.hypot(movement[0], movement[1]), 1e-9);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"SIDEWAYS", "ENDWAYS"})
    void turningTwiceIsTheIdentity(String over) {
        Layout layout = THREE.withBed(new PlatformPose(0, 0, 0, FlipAxis.valueOf(over)));
        OnPlatform on = new OnPlatform(layout);
        Coordinate point = new Coordinate(20, 30);
        Coordinate once = on.platform(point);
        // Turned again about the piece's own middle, it lies as it was read.
        Coordinate twice = on.platform(new Coordinate(once.x + 52.5, once.y + 74));
        assertEquals(point.x - 52.5, twice.x, 1e-9);
        assertEquals(point.y - 74, twice.y, 1e-9);
        assertEquals(over.equals("SIDEWAYS"), Math.abs(once.y - (30 - 74)) < 1e-9, "left and right swap");
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24, 25, 26})
    void pressingSeesEachDesignAsFarFromTheThroatsMiddleAsThePlatformDoes(long seed) {
        Layout layout =
                anyBed(new Random(seed)).withPlates(List.of(THREE.plates().get(0)));
        Arrangement a = new Arrangement(layout, SHELF);
        Envelope onPlatform = new OnPlatform(layout).platform(a.of("first").designBox());
        double nearest = Math.min(Math.abs(onPlatform.getMinX()), Math.abs(onPlatform.getMaxX()));
        double furthest = Math.max(Math.abs(onPlatform.getMinX()), Math.abs(onPlatform.getMaxX()));
        boolean astride = onPlatform.getMinX() < 0 && onPlatform.getMaxX() > 0;
        a.together().bands(4).stream()
                .flatMap(b -> b.spots().stream())
                .forEach(s -> assertTrue(
                        s.awayMm() <= furthest + 0.2 && (astride || s.awayMm() >= nearest - 0.2),
                        s + " of " + onPlatform));
    }

    @Test
    void theReferencePlateInTheMiddleIsPressedAsByItself() {
        Layout alone = layout(new Piece(100, 140, 0), Bench.WORDS);
        double own = SHELF.of(Bench.WORDS.motif(), 50, 40).areaMm2();
        assertEquals(own, new Arrangement(alone, SHELF).together().areaMm2(), 0.5);
    }
}
