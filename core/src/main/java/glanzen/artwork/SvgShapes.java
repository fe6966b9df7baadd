package glanzen.artwork;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.io.StringReader;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.ParseException;
import org.w3c.dom.Element;

/** Shapes of SVG as paths in user units. */
final class SvgShapes {

    private SvgShapes() {}

    static Path2D of(Element e) {
        return switch (SvgReader.name(e)) {
            case "rect" -> rectangle(e);
            case "circle" -> ellipse(e, length(e, "r"), length(e, "r"));
            case "ellipse" -> ellipse(e, length(e, "rx"), length(e, "ry"));
            case "line" ->
                new Path2D.Double(
                        new Line2D.Double(length(e, "x1"), length(e, "y1"), length(e, "x2"), length(e, "y2")));
            case "polygon" -> points(e, true);
            case "polyline" -> points(e, false);
            default -> path(e.getAttribute("d"));
        };
    }

    private static double length(Element e, String attribute) {
        return SvgUnits.user(e, attribute);
    }

    private static Path2D rectangle(Element e) {
        double rx = e.hasAttribute("rx") ? length(e, "rx") : length(e, "ry");
        double ry = e.hasAttribute("ry") ? length(e, "ry") : rx;
        if (rx == 0 && ry == 0) {
            return new Path2D.Double(
                    new Rectangle2D.Double(length(e, "x"), length(e, "y"), length(e, "width"), length(e, "height")));
        }
        return new Path2D.Double(new RoundRectangle2D.Double(
                length(e, "x"), length(e, "y"), length(e, "width"), length(e, "height"), 2 * rx, 2 * ry));
    }

    private static Path2D ellipse(Element e, double rx, double ry) {
        return new Path2D.Double(new Ellipse2D.Double(length(e, "cx") - rx, length(e, "cy") - ry, 2 * rx, 2 * ry));
    }

    private static Path2D points(Element e, boolean closed) {
        String text = e.getAttribute("points").trim();
        return text.isEmpty() ? new Path2D.Double() : path("M" + text + (closed ? "Z" : ""));
    }

    private static Path2D path(String d) {
        if (d.isBlank()) {
            return new Path2D.Double();
        }
        try {
            return new Path2D.Double(AWTPathProducer.createShape(new StringReader(d), Path2D.WIND_NON_ZERO));
        } catch (ParseException unread) {
            throw SvgReader.bad("has a path that cannot be read: " + d);
        } catch (java.io.IOException never) {
            throw new IllegalStateException(never);
        }
    }
}
