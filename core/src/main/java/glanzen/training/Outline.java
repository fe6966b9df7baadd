package glanzen.training;

import glanzen.picture.Picture;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.List;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** A flat shape drawn: foil light, what is taken from it dark. */
final class Outline {

    private static final Color PAPER = new Color(0xf6f4ee);
    private static final Color FOIL = new Color(0xd9b36c);
    private static final Color TAKEN = new Color(0x4a4038);
    private static final double SHARE = 0.9;
    /** Shapes that cover each other by more than this look the same. */
    private static final double SAME = 0.75;

    private static final double PLATFORM_W = 150;
    private static final double PLATFORM_H = 210;

    private Outline() {}

    /** A shape, and what is taken from it. */
    static Picture of(Geometry shape, List<Geometry> taken) {
        return (widthPx, heightPx) -> draw(shape, taken, widthPx, heightPx);
    }

    /** A platform with a plate in one of its corners. */
    static Picture corner(boolean right, boolean upper) {
        GeometryFactory geometry = new GeometryFactory();
        double w = PLATFORM_W / 3;
        double x = right ? PLATFORM_W - w - 10 : 10;
        double y = upper ? PLATFORM_H - w - 10 : 10;
        return of(
                geometry.toGeometry(new Envelope(0, PLATFORM_W, 0, PLATFORM_H)),
                List.of(geometry.toGeometry(new Envelope(x, x + w, y, y + w))));
    }

    /** Whether a shape is seen to be upside down when it is. */
    static boolean tellsItsTop(Geometry shape) {
        Coordinate middle = shape.getEnvelopeInternal().centre();
        Geometry turned = AffineTransformation.rotationInstance(Math.PI, middle.x, middle.y)
                .transform(shape);
        return shape.intersection(turned).getArea() < SAME * shape.getArea();
    }

    /** Two pictures side by side. */
    static Picture beside(Picture left, Picture right) {
        return (widthPx, heightPx) -> {
            BufferedImage both = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_RGB);
            int half = Math.max(1, widthPx / 2 - 2);
            Graphics2D g = both.createGraphics();
            g.setColor(TAKEN);
            g.fillRect(0, 0, widthPx, heightPx);
            g.drawImage(left.draw(half, heightPx), 0, 0, null);
            g.drawImage(right.draw(half, heightPx), widthPx - half, 0, null);
            g.dispose();
            return both;
        };
    }

    private static BufferedImage draw(Geometry shape, List<Geometry> taken, int widthPx, int heightPx) {
        BufferedImage image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(PAPER);
        g.fillRect(0, 0, widthPx, heightPx);
        Envelope box = shape.getEnvelopeInternal();
        double scale = SHARE * Math.min(widthPx / box.getWidth(), heightPx / box.getHeight());
        AffineTransform onto = AffineTransform.getTranslateInstance(widthPx / 2.0, heightPx / 2.0);
        onto.scale(scale, -scale);
        onto.translate(-box.centre().x, -box.centre().y);
        g.transform(onto);
        ShapeWriter shapes = new ShapeWriter();
        g.setColor(FOIL);
        g.fill(shapes.toShape(shape));
        g.setColor(TAKEN);
        taken.forEach(t -> g.fill(shapes.toShape(t)));
        g.dispose();
        return image;
    }
}
