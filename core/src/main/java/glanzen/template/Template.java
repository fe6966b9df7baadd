package glanzen.template;

import java.util.List;
import org.locationtech.jts.geom.Geometry;

/**
 * A sheet to be printed at true scale, mm, origin at the lower left.
 *
 * @param title what it is and how it is used
 * @param widthMm width of what is drawn, mm
 * @param heightMm height, mm
 * @param marks what is drawn
 */
public record Template(String title, double widthMm, double heightMm, List<Mark> marks) {

    /** How a mark is drawn. */
    public enum Style {
        /** A design that will be foiled: lightly filled. */
        DESIGN,
        /** The metal of a plate: a firm outline. */
        METAL,
        /** An edge to cut or to lay against: heavy. */
        EDGE,
        /** Foil: dashed. */
        FOIL,
        /** Make-ready: dotted. */
        PATCH,
        /** A centre line. */
        CENTRE,
        /** A measure line. */
        MEASURE
    }

    /** Something drawn. */
    public sealed interface Mark permits Area, Line, Words {}

    /** An area with its outline. */
    public record Area(Geometry shape, Style style) implements Mark {}

    /** A straight line. */
    public record Line(double x1, double y1, double x2, double y2, Style style) implements Mark {}

    /** Words, centred on a point; the size is the height of capitals' em, mm. */
    public record Words(double x, double y, double sizeMm, String text) implements Mark {}

    public Template {
        marks = List.copyOf(marks);
    }
}
