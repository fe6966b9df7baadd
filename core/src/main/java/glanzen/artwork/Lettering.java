package glanzen.artwork;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.MultiLineString;

/**
 * A single-stroke alphabet of our own, so that words on plates need no font. Capitals are 10 high, small letters 7. A
 * glyph is strokes parted by <code>|</code>; a stroke is points <code>x,y</code> and arcs
 * <code>(cx,cy,rx,ry,from,to)</code> in degrees.
 */
final class Lettering {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double GAP = 2.6;
    private static final double SPACE = 4.2;
    private static final int ARC_STEP_DEGREES = 12;
    private static final Map<Character, String> GLYPHS = new HashMap<>();

    static {
        String round = "(3,3.5,3,3.5,0,360)";
        put("a", round + "|6,7 6,0", "b", "0,10.5 0,0|" + round, "c", "(3,3.5,3,3.5,50,310)");
        put("d", round + "|6,10.5 6,0", "e", "0,3.5 6,3.5 (3,3.5,3,3.5,0,310)");
        put(
                "f",
                "1.2,0 1.2,8.3 (3,8.3,1.8,2.2,180,60)|0,6.6 3.4,6.6",
                "g",
                round + "|6,7 6,-0.5 (3,-0.5,3,2.7,0,-150)");
        put("h", "0,10.5 0,0|0,4 (2.7,4,2.7,3,180,0) 5.4,0", "i", "0,0 0,7|0,9.4 0,9.5");
        put("j", "1.5,7 1.5,-1 (0,-1,1.5,2,0,-100)|1.5,9.4 1.5,9.5", "k", "0,10.5 0,0|4.8,7 0,2.8|1.8,4.3 5,0");
        put("l", "0,10.5 0,0", "n", "0,7 0,0|0,4 (2.7,4,2.7,3,180,0) 5.4,0", "o", "(3.2,3.5,3.2,3.5,0,360)");
        put("m", "0,7 0,0|0,4.5 (2.3,4.5,2.3,2.5,180,0) 4.6,0|4.6,4.5 (6.9,4.5,2.3,2.5,180,0) 9.2,0");
        put("p", "0,7 0,-3.2|" + round, "q", "6,7 6,-3.2|" + round, "r", "0,7 0,0|0,4 (2.6,4,2.6,3,180,60)");
        put(
                "s",
                "(2.4,5.2,2.1,1.8,40,270) (2.4,1.7,2.3,1.7,90,-140)",
                "t",
                "1.4,9.5 1.4,1.8 (3,1.8,1.6,1.8,180,290)|0,7 3.4,7");
        put("u", "0,7 0,3 (2.7,3,2.7,3,180,360) 5.4,7|5.4,3 5.4,0", "v", "0,7 2.7,0 5.4,7", "w", "0,7 2,0 4,6 6,0 8,7");
        put("x", "0,7 5,0|5,7 0,0", "y", "0,7 2.8,0|5.6,7 2,-3.2", "z", "0,7 5,7 0,0 5,0");
        put(
                "A",
                "0,0 4,10 8,0|1.4,3.5 6.6,3.5",
                "C",
                "(5,5,5,5,45,315)",
                "D",
                "0,0 0,10 2.6,10 (2.6,5,4.9,5,90,-90) 0,0");
        put("B", "0,0 0,10 3.2,10 (3.2,7.6,2.5,2.4,90,-90) 0,5.2|3.2,5.2 (3.4,2.6,2.9,2.6,90,-90) 0,0");
        put("E", "6,10 0,10 0,0 6,0|0,5.2 5,5.2", "F", "6,10 0,10 0,0|0,5.2 5,5.2", "G", "(5,5,5,5,45,360) 5.6,5");
        put(
                "H",
                "0,0 0,10|7.4,0 7.4,10|0,5.2 7.4,5.2",
                "I",
                "0,0 0,10",
                "J",
                "4.4,10 4.4,2.6 (2.2,2.6,2.2,2.6,0,-160)");
        put("K", "0,0 0,10|6.4,10 0,4|2.2,6.1 6.8,0", "L", "0,10 0,0 5.6,0", "M", "0,0 0,10 4.4,3 8.8,10 8.8,0");
        put(
                "N",
                "0,0 0,10 7.2,0 7.2,10",
                "O",
                "(5,5,5,5,0,360)",
                "P",
                "0,0 0,10 3.4,10 (3.4,7.3,2.8,2.7,90,-90) 0,4.6");
        put("Q", "(5,5,5,5,0,360)|6,2.6 9,-0.4", "R", "0,0 0,10 3.4,10 (3.4,7.3,2.8,2.7,90,-90) 0,4.6|3.2,4.6 6.4,0");
        put("S", "(3.2,7.5,2.9,2.5,40,270) (3.2,2.5,3.2,2.5,90,-145)", "T", "0,10 7.4,10|3.7,10 3.7,0");
        put(
                "U",
                "0,10 0,3.4 (3.5,3.4,3.5,3.4,180,360) 7,10",
                "V",
                "0,10 4,0 8,10",
                "W",
                "0,10 2.8,0 5.6,9 8.4,0 11.2,10");
        put("X", "0,0 7,10|0,10 7,0", "Y", "0,10 3.7,5 7.4,10|3.7,5 3.7,0", "Z", "0,10 7,10 0,0 7,0");
        put("0", "(3.2,5,3.2,5,0,360)", "1", "0,8 2.2,10 2.2,0", "2", "(2.9,7.2,2.9,2.8,160,-35) 0,0 6,0");
        put("3", "(2.8,7.5,2.7,2.5,150,-90) (2.8,2.6,3,2.6,90,-150)", "4", "4.6,0 4.6,10 0,3 6.4,3");
        put("5", "5.6,10 0.8,10 0.4,5.4 (3,3.2,3,3.2,130,-150)", "6", "4.6,10 0.5,4.6|(3,3,3,3,0,360)");
        put(
                "7",
                "0,10 6,10 2,0",
                "8",
                "(3,7.5,2.5,2.5,0,360)|(3,2.5,3,2.5,0,360)",
                "9",
                "(3,7,3,3,0,360)|5.6,5.6 1.8,0");
        put("-", "0,4 3.6,4", ".", "0,0 0,0.1", ",", "0.4,0.2 0,-1.4", "'", "0,10.5 0,8.4");
        put("&", "6.4,0 1.2,7 (2.9,8,1.9,2,200,-40) 0.6,4 (2.6,2.4,2.6,2.4,140,320) 6.2,4.6");
    }

    private Lettering() {}

    static boolean covers(String text) {
        return text.chars().allMatch(c -> c == ' ' || GLYPHS.containsKey((char) c));
    }

    /** The words as raised strokes, with the baseline at nought; capitals 10 high. */
    static Geometry outline(String text, double strokeWidth) {
        List<LineString> strokes = new ArrayList<>();
        double x = 0;
        for (char c : text.toCharArray()) {
            if (c == ' ') {
                x += SPACE;
                continue;
            }
            double right = x;
            for (LineString stroke : strokes(GLYPHS.get(c), x)) {
                strokes.add(stroke);
                right = Math.max(right, stroke.getEnvelopeInternal().getMaxX());
            }
            x = right + GAP;
        }
        MultiLineString lines = GEOMETRY.createMultiLineString(strokes.toArray(LineString[]::new));
        return lines.buffer(strokeWidth / 2, 6);
    }

    private static void put(String... glyphs) {
        for (int i = 0; i < glyphs.length; i += 2) {
            GLYPHS.put(glyphs[i].charAt(0), glyphs[i + 1]);
        }
    }

    private static List<LineString> strokes(String glyph, double shift) {
        List<LineString> strokes = new ArrayList<>();
        for (String stroke : glyph.split("\\|")) {
            List<Coordinate> points = new ArrayList<>();
            for (String part : stroke.split(" ")) {
                if (part.startsWith("(")) {
                    arc(numbers(part.substring(1, part.length() - 1)), shift, points);
                } else {
                    double[] xy = numbers(part);
                    points.add(new Coordinate(xy[0] + shift, xy[1]));
                }
            }
            strokes.add(GEOMETRY.createLineString(points.toArray(Coordinate[]::new)));
        }
        return strokes;
    }

    private static void arc(double[] a, double shift, List<Coordinate> points) {
        int steps = (int) Math.ceil(Math.abs(a[5] - a[4]) / ARC_STEP_DEGREES);
        for (int i = 0; i <= steps; i++) {
            double angle = Math.toRadians(a[4] + (a[5] - a[4]) * i / steps);
            points.add(new Coordinate(a[0] + shift + a[2] * Math.cos(angle), a[1] + a[3] * Math.sin(angle)));
        }
    }

    private static double[] numbers(String commas) {
        String[] parts = commas.split(",");
        double[] values = new double[parts.length];
        for (int i = 0; i < parts.length; i++) {
            values[i] = Double.parseDouble(parts[i]);
        }
        return values;
    }
}
