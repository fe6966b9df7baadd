package glanzen.artwork;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.util.GeometricShapeFactory;

/** Draws a motif to fit a plate; as it will be read, origin at the lower left, mm. */
final class MotifDrawer {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double MARGIN = 0.06;
    private static final double CELL_MM = 5.2;
    private static final double COMB_LINE_MM = 0.9;
    private static final int CURVE_POINTS = 144;

    private MotifDrawer() {}

    static Geometry draw(Motif motif, double widthMm, double heightMm) {
        return switch (motif.kind()) {
            case BEE -> fitted(bee(), widthMm, heightMm);
            case WORDS -> fitted(Lettering.outline(motif.text()), widthMm, heightMm);
            case ROSETTE -> fitted(rosette(), widthMm, heightMm);
            case COMB -> comb(widthMm, heightMm);
            case DRIP -> drip(widthMm, heightMm);
            case BORDER -> border(widthMm, heightMm);
            case SOLID -> rectangle(1, 1, widthMm - 1, heightMm - 1);
            case OUTLINE -> centred(PathText.read("motif.outline", motif.outline()), widthMm, heightMm);
            case FRAME -> blade(rectangle(0.5, 0.5, widthMm - 0.5, heightMm - 0.5));
            case OVAL -> blade(ellipse(widthMm / 2, heightMm / 2, widthMm / 2 - 0.5, heightMm / 2 - 0.5, CURVE_POINTS));
            case HEXAGON -> blade(hexagon(widthMm, heightMm));
            case SCALLOP -> blade(scallop(widthMm, heightMm));
            case TAG -> blade(tag(widthMm, heightMm));
        };
    }

    /** The line that words stand on, mm above the plate's lower edge; the foot of the design for all else. */
    static double baselineMm(Motif motif, Geometry drawn) {
        if (motif.kind() != Motif.Kind.WORDS) {
            return drawn.getEnvelopeInternal().getMinY();
        }
        Envelope box = drawn.getEnvelopeInternal();
        Envelope letters = Lettering.outline(motif.text()).getEnvelopeInternal();
        double scale = box.getHeight() / letters.getHeight();
        return box.getMinY() + -letters.getMinY() * scale;
    }

    /** A cutting line along the edge of a shape, inside it. */
    static Geometry blade(Geometry shape) {
        return shape.difference(shape.buffer(-BladeLine.DRAWN_MM, 12));
    }

    private static Geometry hexagon(double widthMm, double heightMm) {
        double left = 0.5;
        double right = widthMm - 0.5;
        double quarter = (right - left) / 4;
        return GEOMETRY.createPolygon(new Coordinate[] {
            new Coordinate(left, heightMm / 2),
            new Coordinate(left + quarter, 0.5),
            new Coordinate(right - quarter, 0.5),
            new Coordinate(right, heightMm / 2),
            new Coordinate(right - quarter, heightMm - 0.5),
            new Coordinate(left + quarter, heightMm - 0.5),
            new Coordinate(left, heightMm / 2)
        });
    }

    private static Geometry scallop(double widthMm, double heightMm) {
        double bump = Math.min(widthMm, heightMm) / 12;
        Geometry body =
                ellipse(widthMm / 2, heightMm / 2, widthMm / 2 - bump - 0.5, heightMm / 2 - bump - 0.5, CURVE_POINTS);
        List<Geometry> bumps = new ArrayList<>(List.of(body));
        for (int i = 0; i < 24; i++) {
            double angle = Math.PI * i / 12;
            bumps.add(ellipse(
                    widthMm / 2 + (widthMm / 2 - bump - 0.5) * Math.cos(angle),
                    heightMm / 2 + (heightMm / 2 - bump - 0.5) * Math.sin(angle),
                    bump,
                    bump,
                    48));
        }
        return UnaryUnionOp.union(bumps);
    }

    /** A label with two cut corners. */
    private static Geometry tag(double w, double h) {
        double cut = Math.min(w, h) / 4;
        return GEOMETRY.createPolygon(new Coordinate[] {
            new Coordinate(0.5, 0.5),
            new Coordinate(w - 0.5, 0.5),
            new Coordinate(w - 0.5, h - 0.5 - cut),
            new Coordinate(w - 0.5 - cut, h - 0.5),
            new Coordinate(0.5 + cut, h - 0.5),
            new Coordinate(0.5, h - 0.5 - cut),
            new Coordinate(0.5, 0.5)
        });
    }

    private static Geometry centred(Geometry shape, double widthMm, double heightMm) {
        Envelope box = shape.getEnvelopeInternal();
        return AffineTransformation.translationInstance(widthMm / 2 - box.centre().x, heightMm / 2 - box.centre().y)
                .transform(shape);
    }

    private static Geometry bee() {
        Geometry body = ellipse(0, 0, 11, 17);
        for (double y : new double[] {-9, -1, 7}) {
            body = body.difference(rectangle(-14, y, 14, y + 3.2));
        }
        Geometry wings = turned(ellipse(17, 9, 15, 7), 22)
                .difference(turned(ellipse(17, 9, 11, 4), 22))
                .union(turned(ellipse(13, -3, 10, 5), -12));
        Geometry right = wings.difference(ellipse(0, 0, 12.4, 18.4));
        Geometry left = AffineTransformation.reflectionInstance(0, 0, 0, 1).transform(right);
        Geometry head = ellipse(0, 20.5, 6.5, 5);
        Geometry feelers = line(2, 24, 4.5, 31, 9, 32.5).union(line(-2, 24, -4.5, 31, -9, 32.5));
        return UnaryUnionOp.union(List.of(body, left, right, head, feelers.buffer(0.8, 6)));
    }

    private static Geometry rosette() {
        List<Geometry> petals = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            double angle = Math.PI * i / 8;
            petals.add(ellipse(24 * Math.cos(angle), 24 * Math.sin(angle), 5.2, 5.2));
        }
        Geometry scallop = UnaryUnionOp.union(petals).union(ellipse(0, 0, 24, 24));
        Geometry rim = scallop.difference(scallop.buffer(-1.3, 6));
        Geometry ring = ellipse(0, 0, 18, 18).difference(ellipse(0, 0, 16, 16));
        List<Geometry> all = new ArrayList<>(List.of(rim, ring));
        for (int i = 0; i < 32; i++) {
            double angle = Math.PI * i / 16;
            double c = Math.cos(angle);
            double s = Math.sin(angle);
            all.add(line(19.6 * c, 19.6 * s, 24 * c, 24 * s).buffer(0.45, 4));
        }
        return UnaryUnionOp.union(all);
    }

    private static Geometry comb(double widthMm, double heightMm) {
        List<Geometry> rings = new ArrayList<>();
        double rise = CELL_MM * 1.5;
        double run = CELL_MM * Math.sqrt(3);
        for (int row = 0; row * rise + 2 * CELL_MM < heightMm; row++) {
            double shift = row % 2 == 0 ? 0 : run / 2;
            for (int column = 0; shift + (column + 1) * run < widthMm; column++) {
                // A few cells are left out, as in a comb that is being built.
                if ((row * 7 + column * 3) % 11 != 0) {
                    rings.add(hexagon(shift + (column + 0.5) * run, row * rise + CELL_MM, CELL_MM * 0.84));
                }
            }
        }
        Geometry comb = UnaryUnionOp.union(rings);
        return centred(comb, widthMm, heightMm);
    }

    /** Honey along the upper edge, running down in drops of several lengths. */
    private static Geometry drip(double widthMm, double heightMm) {
        double[] lengths = {0.42, 0.68, 0.34, 0.90, 0.52, 0.74, 0.30};
        double step = (widthMm - 2) / lengths.length;
        double shoulder = heightMm * 0.78;
        List<Geometry> honey = new ArrayList<>(List.of(rectangle(1, shoulder, widthMm - 1, heightMm - 1)));
        for (int i = 0; i < lengths.length; i++) {
            double x = 1 + (i + 0.5) * step;
            double foot = heightMm * (1 - lengths[i]) + step / 2;
            honey.add(line(x, shoulder, x, Math.min(foot, shoulder)).buffer(step * 0.36, 12));
            honey.add(ellipse(x, Math.min(foot, shoulder), step * 0.43, step * 0.6));
        }
        // Rounds the corners where the drops leave the edge.
        return UnaryUnionOp.union(honey).buffer(-step * 0.12, 8).buffer(step * 0.12, 8);
    }

    private static Geometry hexagon(double x, double y, double radius) {
        Coordinate[] corners = new Coordinate[7];
        for (int i = 0; i < 6; i++) {
            double angle = Math.PI * (2 * i + 1) / 6;
            corners[i] = new Coordinate(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
        }
        corners[6] = corners[0];
        return GEOMETRY.createPolygon(corners).getExteriorRing().buffer(COMB_LINE_MM / 2, 4);
    }

    private static Geometry border(double w, double h) {
        Geometry outer = rectangle(1, 1, w - 1, h - 1).difference(rectangle(2.2, 2.2, w - 2.2, h - 2.2));
        Geometry inner = rectangle(3.6, 3.6, w - 3.6, h - 3.6).difference(rectangle(4.2, 4.2, w - 4.2, h - 4.2));
        return outer.union(inner);
    }

    private static Geometry fitted(Geometry drawing, double widthMm, double heightMm) {
        Envelope box = drawing.getEnvelopeInternal();
        double scale =
                Math.min(widthMm * (1 - 2 * MARGIN) / box.getWidth(), heightMm * (1 - 2 * MARGIN) / box.getHeight());
        return new AffineTransformation()
                .translate(-box.centre().x, -box.centre().y)
                .scale(scale, scale)
                .translate(widthMm / 2, heightMm / 2)
                .transform(drawing);
    }

    private static Geometry ellipse(double x, double y, double rx, double ry) {
        return ellipse(x, y, rx, ry, 48);
    }

    private static Geometry ellipse(double x, double y, double rx, double ry, int points) {
        GeometricShapeFactory shape = new GeometricShapeFactory(GEOMETRY);
        shape.setNumPoints(points);
        shape.setCentre(new Coordinate(x, y));
        shape.setWidth(2 * rx);
        shape.setHeight(2 * ry);
        return shape.createEllipse();
    }

    private static Geometry turned(Geometry shape, double degrees) {
        return AffineTransformation.rotationInstance(
                        Math.toRadians(degrees),
                        shape.getCentroid().getX(),
                        shape.getCentroid().getY())
                .transform(shape);
    }

    private static Geometry rectangle(double left, double bottom, double right, double top) {
        return GEOMETRY.toGeometry(new Envelope(left, right, bottom, top));
    }

    private static Geometry line(double... xy) {
        Coordinate[] points = new Coordinate[xy.length / 2];
        for (int i = 0; i < points.length; i++) {
            points[i] = new Coordinate(xy[2 * i], xy[2 * i + 1]);
        }
        return GEOMETRY.createLineString(points);
    }
}
