package glanzen.artwork;

import java.awt.Color;
import java.awt.Paint;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Areas painted one over the other, in two tones: ink, and the white ground that knocks out what lies under it. Marks of
 * {@link SvgMasks} part off what is masked from what its mask lets through.
 */
final class Areas {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int MOST_SHAPES = 6000;
    private static final int MOST_POINTS = 200_000;
    /** From this lightness on a colour is the ground's; a mask lets through what is lighter than half. */
    private static final double GROUND = 0.95;

    private static final double LETS_THROUGH = 0.5;

    /** A sheet that is painted on. */
    private static final class Sheet {
        private final boolean mask;
        private final List<Geometry> inks = new ArrayList<>();
        private final List<Geometry> grounds = new ArrayList<>();

        Sheet(boolean mask) {
            this.mask = mask;
        }

        void ink(Geometry area) {
            inks.add(area);
            if (!grounds.isEmpty()) {
                Geometry left = union(grounds).difference(area);
                grounds.clear();
                grounds.add(left);
            }
        }

        void ground(Geometry area) {
            grounds.add(area);
            if (!inks.isEmpty()) {
                Geometry left = union(inks).difference(area);
                inks.clear();
                inks.add(left);
            }
        }
    }

    private final Deque<Sheet> sheets = new ArrayDeque<>(List.of(new Sheet(false)));
    private final List<Geometry> hairlines = new ArrayList<>();
    private final Set<String> passedOver = new LinkedHashSet<>();
    /** Nobody waits longer for a drawing, ns. */
    private static final long LONGEST_NS = 4_000_000_000L;

    private final long begun = System.nanoTime();
    private int shapes;
    private int points;

    /** One more shape is coming. */
    void counted() {
        if (++shapes > MOST_SHAPES) {
            throw SvgReader.bad("has more than " + MOST_SHAPES + " shapes");
        }
        if (System.nanoTime() - begun > LONGEST_NS) {
            throw SvgReader.bad("takes too long to work out: fewer shapes over each other, or fewer corners");
        }
    }

    void passOver(String what) {
        passedOver.add(what);
    }

    List<String> passedOver() {
        return List.copyOf(passedOver);
    }

    void hairline(Geometry enclosed) {
        if (!enclosed.isEmpty()) {
            hairlines.add(enclosed);
        }
    }

    void add(Geometry area, Paint paint, double opacity) {
        if (paint instanceof Color colour && marked(colour)) {
            return;
        }
        points += area.getNumPoints();
        if (points > MOST_POINTS) {
            throw SvgReader.bad("has more than " + MOST_POINTS + " corners");
        }
        if (!(paint instanceof Color)) {
            passOver("a gradient or pattern, taken as full colour");
        }
        double alpha = opacity * (paint instanceof Color colour ? colour.getAlpha() / 255.0 : 1);
        if (area.isEmpty() || ShapeRecorder.faint(alpha)) {
            return;
        }
        double light = paint instanceof Color colour ? lightness(colour) : 0;
        Sheet sheet = sheets.element();
        boolean ground = sheet.mask ? light * alpha < LETS_THROUGH : light >= GROUND;
        if (ground) {
            sheet.ground(area);
        } else {
            sheet.ink(area);
        }
    }

    private boolean marked(Color colour) {
        switch (colour.getRGB() & 0xFFFFFF) {
            case SvgMasks.BEGIN -> sheets.push(new Sheet(false));
            case SvgMasks.MASK -> sheets.push(new Sheet(true));
            case SvgMasks.END -> {
                Geometry through = union(sheets.pop().inks);
                Sheet masked = sheets.pop();
                Geometry ground = union(masked.grounds).intersection(through);
                Geometry ink = union(masked.inks).intersection(through);
                if (!ground.isEmpty()) {
                    sheets.element().ground(ground);
                }
                if (!ink.isEmpty()) {
                    sheets.element().ink(ink);
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Relative luminance of Rec. 709, 0…1. */
    private static double lightness(Color c) {
        return (0.2126 * c.getRed() + 0.7152 * c.getGreen() + 0.0722 * c.getBlue()) / 255;
    }

    /** What is seen. A drawing in white alone was meant to be seen on something dark. */
    Geometry ink() {
        Geometry ink = union(sheets.element().inks);
        return ink.isEmpty() ? union(sheets.element().grounds) : ink;
    }

    Geometry hairlines() {
        return union(hairlines);
    }

    private static Geometry union(List<Geometry> areas) {
        Geometry all = areas.isEmpty() ? null : OverlayNGRobust.union(areas);
        return all == null ? GEOMETRY.createPolygon() : all;
    }
}
