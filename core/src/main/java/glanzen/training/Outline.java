package glanzen.training;

import glanzen.picture.Picture;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.List;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** A flat shape drawn: foil light, what is taken from it dark. */
final class Outline {

    private static final Color PAPER = new Color(0xf6f4ee);
    private static final Color FOIL = new Color(0xd9b36c);
    private static final Color TAKEN = new Color(0x4a4038);
    private static final double SHARE = 0.9;
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
