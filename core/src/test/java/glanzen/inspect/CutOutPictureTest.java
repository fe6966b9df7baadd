package glanzen.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.artwork.Artwork;
import glanzen.inspect.SimulatedPulls.Pull;
import glanzen.photograph.Photograph;
import glanzen.photograph.Placing;
import glanzen.simulate.Camera;
import glanzen.simulate.Camera.Conditions;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.util.GeometricShapeFactory;

/** Pictures of pieces that are cut out already, and pictures whose design a person has to point at. */
class CutOutPictureTest {

    enum Outline {
        OVAL,
        CIRCLE,
        BOX,
        TAG
    }

    private static Geometry outline(Outline kind, Envelope design) {
        Envelope box = new Envelope(design);
        box.expandBy(5);
        if (kind == Outline.BOX) {
            return new GeometryFactory().toGeometry(box);
        }
        if (kind == Outline.TAG) {
            double cut = box.getWidth() / 5;
            return new GeometryFactory().createPolygon(new Coordinate[] {
                new Coordinate(box.getMinX(), box.getMinY()),
                new Coordinate(box.getMaxX(), box.getMinY()),
                new Coordinate(box.getMaxX(), box.getMaxY() - cut),
                new Coordinate(box.getMaxX() - cut, box.getMaxY()),
                new Coordinate(box.getMinX() + cut, box.getMaxY()),
                new Coordinate(box.getMinX(), box.getMaxY() - cut),
                new Coordinate(box.getMinX(), box.getMinY())
            });
        }
        GeometricShapeFactory round = new GeometricShapeFactory();
        double across = Math.hypot(design.getWidth(), design.getHeight()) + 8;
        round.setCentre(box.centre());
        round.setWidth(kind == Outline.CIRCLE ? across : box.getWidth() * 1.42);
        round.setHeight(kind == Outline.CIRCLE ? across : box.getHeight() * 1.42);
        round.setNumPoints(160);
        return round.createEllipse();
    }

    @ParameterizedTest
    @CsvSource({"OVAL, 9, 0", "CIRCLE, 9, 40", "BOX, 7, 20", "TAG, 11, 170", "OVAL, 8, 95", "BOX, 0, 265"})
    void aPieceThatIsCutOutIsFoundByItsOutline(Outline kind, int design, double turn) {
        Pull pull = SimulatedPulls.pull(design, 1.3, 0, 300 + design);
        Artwork card = pull.expected().artwork();
        Geometry stays = outline(kind, card.designBox());
        Expected expected = new Expected(card, true, stays, card.middleXMm());
        Artwork cut = new Artwork(stays, card.widthMm(), card.heightMm());
        Camera camera = SimulatedPulls.camera(pull).cutTo(cut);
        Conditions how = turned(2000, 2400, turn);
        Reading read = new PictureReader(expected).read(List.of(Photograph.of(camera.shoot(how, 5))), null);
        assertEquals(pull.truth().coverage().value(), read.stays().coverage().value(), 0.03);
        assertEquals(pull.truth().spillMm().value(), read.stays().spillMm().value(), 0.12);
        double stray = SimulatedPulls.strayMm(pull, read.views().get(0).design(), camera.corners(how, 5));
        assertTrue(stray < 0.25, "laid " + stray + " mm off");
    }

    private static Conditions turned(int width, int height, double degrees) {
        return new Conditions(width, height, 1.0, 0.02, degrees, 0.7, 0.1, 0.6, 0.006, 0.7, 0x6a4a30);
    }

    @Test
    void twoEndsOfTheDesignAreEnoughWhereNoSheetIsSeen() {
        Pull pull = SimulatedPulls.pull(0, 1.4, 0, 12);
        Camera camera = SimulatedPulls.camera(pull);
        Conditions how = new Conditions(2400, 1400, 1.9, 0.01, 7, 0.7, 0.1, 0.6, 0.006, 0.7, 0x202020);
        BufferedImage close = camera.shoot(how, 12);
        Placing there = Placing.between(
                new double[] {
                    0,
                    0,
                    SimulatedPulls.CARD_W,
                    0,
                    SimulatedPulls.CARD_W,
                    SimulatedPulls.CARD_H,
                    0,
                    SimulatedPulls.CARD_H
                },
                camera.corners(how, 12));
        double[] ends = pull.expected().ends();
        double[] a = there.px(ends[0], ends[1]);
        double[] b = there.px(ends[2], ends[3]);
        Random hand = new Random(4);
        double[] marks = {a[0] + 8 * hand.nextGaussian(), a[1] + 8 * hand.nextGaussian(), b[0] - 6, b[1] + 5};
        Reading read = new PictureReader(pull.expected()).read(List.of(Photograph.of(close)), marks);
        assertEquals(pull.truth().coverage().value(), read.all().coverage().value(), 0.03);
        assertEquals(pull.truth().spillMm().value(), read.all().spillMm().value(), 0.12);
    }
}
