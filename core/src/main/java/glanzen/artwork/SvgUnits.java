package glanzen.artwork;

import glanzen.artwork.SvgNumbers.Measured;
import java.awt.geom.AffineTransform;
import java.util.Arrays;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/** Lengths of SVG: user units are 1/96 in unless the view box says otherwise. */
final class SvgUnits {

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
        String[] parts = box.split("[\\s,]+", 5);
        if (parts.length != 4) {
            throw SvgReader.bad("has a view box that is not four numbers");
        }
        double[] v = Arrays.stream(parts)
                .mapToDouble(part -> SvgNumbers.read(part, "view box").value())
                .toArray();
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
        Measured read = SvgNumbers.read(text, attribute);
        if (read.unit().equals("%")) {
            return null;
        }
        Double unit = MM.get(read.unit());
        if (unit == null) {
            throw SvgReader.bad("has a " + attribute + " in a unit that is not known: " + read.unit());
        }
        return read.value() * unit;
    }
}
