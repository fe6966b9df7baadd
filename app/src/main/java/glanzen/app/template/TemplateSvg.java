package glanzen.app.template;

import glanzen.artwork.PathText;
import glanzen.template.Template;
import glanzen.template.Template.Area;
import glanzen.template.Template.Line;
import glanzen.template.Template.Mark;
import glanzen.template.Template.Style;
import glanzen.template.Template.Words;
import java.util.Locale;
import org.springframework.web.util.HtmlUtils;

/** A template as SVG whose user unit is a millimetre, with check bars under it. */
public final class TemplateSvg {

    private static final double MARGIN = 6;
    private static final double FOOT = 24;

    private TemplateSvg() {}

    /** As text. */
    public static String write(Template t) {
        double width = Math.max(t.widthMm(), 110) + 2 * MARGIN;
        double height = t.heightMm() + 2 * MARGIN + FOOT;
        StringBuilder svg = new StringBuilder(f(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\" viewBox=\"0 0 %.2f %.2f\""
                        + " font-family=\"sans-serif\" text-anchor=\"middle\" fill=\"none\" stroke=\"#17213a\""
                        + " stroke-width=\"0.2\">",
                width, height, width, height));
        svg.append("<title>").append(escaped(t.title())).append("</title>");
        svg.append(f("<g transform=\"translate(%.2f %.2f) scale(1 -1)\">", MARGIN, MARGIN + t.heightMm()));
        t.marks().forEach(m -> mark(m, svg));
        svg.append("</g>");
        foot(t, MARGIN + t.heightMm() + 10, svg);
        return svg.append("</svg>").toString();
    }

    private static void mark(Mark mark, StringBuilder svg) {
        if (mark instanceof Area area) {
            svg.append("<path d=\"")
                    .append(PathText.write(area.shape()))
                    .append("\" ")
                    .append(style(area.style()))
                    .append("/>");
        } else if (mark instanceof Line line) {
            svg.append(f(
                    "<path d=\"M%.3f %.3fL%.3f %.3f\" %s/>",
                    line.x1(), line.y1(), line.x2(), line.y2(), style(line.style())));
        } else if (mark instanceof Words words) {
            svg.append(f(
                            "<text transform=\"translate(%.2f %.2f) scale(1 -1)\" font-size=\"%.1f\" fill=\"#17213a\" stroke=\"#ffffff\" stroke-width=\"1.2\" paint-order=\"stroke\">",
                            words.x(), words.y(), words.sizeMm()))
                    .append(escaped(words.text()))
                    .append("</text>");
        }
    }

    private static String style(Style style) {
        return switch (style) {
            case DESIGN -> "fill=\"#d9dee8\" fill-rule=\"evenodd\" stroke-width=\"0.1\"";
            case METAL -> "stroke-width=\"0.3\"";
            case EDGE -> "stroke-width=\"0.5\"";
            case FOIL -> "stroke-dasharray=\"3 1.5\"";
            case PATCH -> "stroke-dasharray=\"0.6 1\" stroke-width=\"0.4\"";
            case CENTRE -> "stroke-dasharray=\"6 1.5 1 1.5\" stroke-width=\"0.15\"";
            case MEASURE -> "stroke-width=\"0.15\"";
        };
    }

    private static void foot(Template t, double y, StringBuilder svg) {
        svg.append(f(
                "<g font-size=\"3.4\" stroke-width=\"0.3\"><path id=\"check-50mm\" d=\"M%.2f %.2fh50\"/>", MARGIN, y));
        svg.append(f("<path id=\"check-2in\" d=\"M%.2f %.2fh50.8\"/>", MARGIN + 56, y));
        svg.append(f(
                "<g fill=\"#17213a\" stroke=\"none\"><text x=\"%.2f\" y=\"%.2f\">50 mm</text><text x=\"%.2f\" y=\"%.2f\">2 in</text>",
                MARGIN + 25, y + 5, MARGIN + 81, y + 5));
        svg.append(f("<text x=\"%.2f\" y=\"%.2f\" text-anchor=\"start\">", MARGIN, y + 11))
                .append(escaped(t.title()))
                .append(". Measure the bars: if they are not true, print again at 100 %.</text></g></g>");
    }

    /** The few letters that XML minds; all others are plain UTF-8. */
    private static String escaped(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }

    private static String f(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
