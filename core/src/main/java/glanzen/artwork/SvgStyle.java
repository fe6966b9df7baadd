package glanzen.artwork;

import java.util.HashMap;
import java.util.Map;
import org.w3c.dom.Element;

/** What of an element's style decides whether it is raised; inherited where it says nothing. */
final class SvgStyle {

    static final Map<String, String> PLAIN = Map.of("fill", "black", "stroke", "none", "stroke-width", "1");

    private static final String[] READ = {
        "fill", "stroke", "stroke-width", "fill-rule", "display", "visibility", "opacity"
    };

    private final Map<String, String> values;

    SvgStyle(Element element, SvgStyle parent) {
        this(element, parent.values);
    }

    SvgStyle(Element element, Map<String, String> parent) {
        values = new HashMap<>(parent);
        values.remove("display");
        values.remove("opacity");
        for (String key : READ) {
            if (!element.getAttribute(key).isBlank()) {
                values.put(key, element.getAttribute(key).trim());
            }
        }
        for (String rule : element.getAttribute("style").split(";")) {
            int colon = rule.indexOf(':');
            if (colon > 0) {
                values.put(
                        rule.substring(0, colon).trim(),
                        rule.substring(colon + 1).trim());
            }
        }
    }

    boolean hidden() {
        return "none".equals(values.get("display"))
                || "hidden".equals(values.get("visibility"))
                || "0".equals(values.get("opacity"));
    }

    boolean filled() {
        return !"none".equals(values.get("fill")) && !"transparent".equals(values.get("fill"));
    }

    boolean evenOdd() {
        return "evenodd".equals(values.get("fill-rule"));
    }

    /** In user units; 0 if it is not stroked. */
    double strokeWidth() {
        if ("none".equals(values.get("stroke"))) {
            return 0;
        }
        return Math.max(
                0,
                SvgNumbers.read(values.getOrDefault("stroke-width", "1"), "stroke width")
                        .value());
    }
}
