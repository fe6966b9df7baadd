package glanzen.artwork;

import java.awt.geom.AffineTransform;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/** Lengths of SVG: user units are 1/96 in unless the view box says otherwise. */
final class SvgUnits {

    private static final Pattern LENGTH =
            Pattern.compile("\\s*([+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][+-]?\\d+)?)\\s*([a-z%]*)\\s*");
    private static final double PX_MM = 25.4 / 96;
    private static final Map<String, Double> MM = Map.of(
            "", PX_MM, "px", PX_MM, "mm", 1.0, "cm", 10.0, "in", 25.4, "pt", 25.4 / 72, "pc", 25.4 / 6, "q", 0.25);

    private SvgUnits() {}

    /** A length in user units; 0 where it is not given. */
    static double user(Element e, String attribute) {
        Double mm = mm(e.getAttribute(attribute), attribute);
        return mm == null ? 0 : mm / PX_MM;
    }

    /** From the user units of the root to mm. */
    static AffineTransform toMm(Element root) {
        Double width = mm(root.getAttribute("width"), "width");
        Double height = mm(root.getAttribute("height"), "height");
        String box = root.getAttribute("viewBox").trim();
        if (box.isEmpty()) {
            return AffineTransform.getScaleInstance(PX_MM, PX_MM);
        }
        String[] parts = box.split("[\\s,]+");
        double[] v = new double[4];
        try {
            for (int i = 0; i < 4; i++) {
                v[i] = Double.parseDouble(parts[i]);
            }
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException unread) {
            throw SvgReader.bad("has a view box that cannot be read: " + box);
        }
        if (!(v[2] > 0) || !(v[3] > 0)) {
            throw SvgReader.bad("has a view box without size");
        }
        double scale = width != null && height != null
                ? Math.min(width / v[2], height / v[3])
                : width != null ? width / v[2] : height != null ? height / v[3] : PX_MM;
        AffineTransform toMm = AffineTransform.getScaleInstance(scale, scale);
        toMm.translate(-v[0], -v[1]);
        return toMm;
    }

    /** A length with its unit, mm; null if it is not given or a share of something unknown. */
    private static @Nullable Double mm(String text, String attribute) {
        if (text.isBlank()) {
            return null;
        }
        Matcher m = LENGTH.matcher(text.toLowerCase(java.util.Locale.ROOT));
        Double unit = m.matches() ? MM.get(m.group(2)) : null;
        if (m.matches() && m.group(2).equals("%")) {
            return null;
        }
        if (unit == null) {
            throw SvgReader.bad("has a " + attribute + " that cannot be read: " + text);
        }
        return Double.parseDouble(m.group(1)) * unit;
    }
}
