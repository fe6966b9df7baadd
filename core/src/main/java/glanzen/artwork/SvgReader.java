package glanzen.artwork;

import glanzen.measure.BadInput;
import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;

/**
 * Reads an outline from an SVG file: paths and basic shapes with their transforms, units and view box, filled or stroked.
 * What comes out is one clean area in mm, y upwards, lower left at nought. Nothing is fetched and nothing is run; text is
 * refused, since it must be outlines.
 */
public final class SvgReader {

    /** Longest file read, characters. */
    public static final int MOST_CHARACTERS = 4_000_000;

    private static final String ACCEPTED =
            "an SVG file of paths and basic shapes, text turned into outlines, up to 4 MB and 400 mm a side";
    private static final int LONGEST_MESSAGE = 120;
    private static final int MOST_SHAPES = 4000;
    private static final int MOST_POINTS = 200_000;
    private static final int DEEPEST = 24;
    /** Largest outline, mm a side. */
    static final int LARGEST_MM = 400;

    private static final double FINE_MM = 0.02;

    /**
     * An outline that was read.
     *
     * @param shape the area, mm
     * @param widthMm its width, mm
     * @param heightMm its height, mm
     * @param skipped what was passed over, in words
     */
    public record Outline(Geometry shape, double widthMm, double heightMm, List<String> skipped) {}

    private final Map<String, Element> byId = new HashMap<>();
    private final List<Geometry> areas = new ArrayList<>();
    private final List<String> skipped = new ArrayList<>();
    private int shapes;
    private int points;

    private SvgReader() {}

    /**
     * Reads one.
     *
     * @param svg the file's text
     * @throws BadInput naming {@code svg} if it cannot be used; it says why
     */
    public static Outline read(String svg) {
        if (svg.length() > MOST_CHARACTERS) {
            throw bad("is too large");
        }
        Element root = parsed(svg).getDocumentElement();
        if (!"svg".equals(name(root))) {
            throw bad("is no SVG");
        }
        try {
            SvgReader reader = new SvgReader();
            reader.index(root, 0);
            reader.draw(root, SvgUnits.toMm(root), new SvgStyle(root, SvgStyle.PLAIN), 0);
            return reader.outline();
        } catch (BadInput refused) {
            throw refused;
        } catch (RuntimeException tangled) {
            // Geometry gives up on numbers beyond all bounds in more ways than can be named.
            throw bad("has a shape that cannot be worked out; its numbers may be beyond all bounds");
        }
    }

    private static Document parsed(String svg) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setExpandEntityReferences(false);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_DTD, "");
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "");
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setErrorHandler(new DefaultHandler());
            builder.setEntityResolver((publicId, systemId) -> new InputSource(new StringReader("")));
            Document document = builder.parse(new InputSource(new StringReader(svg)));
            if (document.getDoctype() != null && document.getDoctype().getInternalSubset() != null) {
                throw bad("declares entities of its own, which are not read");
            }
            return document;
        } catch (SAXException unread) {
            throw bad("is not well-formed: " + unread.getMessage());
        } catch (ParserConfigurationException | java.io.IOException never) {
            throw new IllegalStateException(never);
        }
    }

    private void index(Element element, int depth) {
        if (depth > 200) {
            throw bad("is nested too deep");
        }
        if (!element.getAttribute("id").isEmpty()) {
            byId.put(element.getAttribute("id"), element);
        }
        for (Element child : children(element)) {
            index(child, depth + 1);
        }
    }

    private static List<Element> children(Element element) {
        List<Element> children = new ArrayList<>();
        for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node instanceof Element child) {
                children.add(child);
            }
        }
        return children;
    }

    private void draw(Element element, AffineTransform toMm, SvgStyle style, int depth) {
        if (depth > DEEPEST) {
            throw bad("is nested too deep");
        }
        if (++shapes > MOST_SHAPES) {
            throw bad("has more than " + MOST_SHAPES + " shapes");
        }
        if (style.hidden()) {
            return;
        }
        switch (name(element)) {
            case "svg", "g", "a", "switch" -> each(element, toMm, style, depth);
            case "use" -> use(element, toMm, style, depth);
            case "path", "rect", "circle", "ellipse", "polygon", "polyline", "line" ->
                add(SvgShapes.of(element), element, toMm, style);
            case "text", "tspan", "textPath" -> throw bad("has text: turn it into outlines first");
            case "script", "foreignObject" -> throw bad("carries a " + name(element) + ", which is not read");
            case "image" -> skip("a picture");
            case "style" -> skip("a style sheet; fill and stroke are read from the shapes themselves");
            default -> {
                // Definitions, titles, styles and filters draw nothing of themselves.
            }
        }
    }

    private void each(Element element, AffineTransform toMm, SvgStyle style, int depth) {
        for (Element child : children(element)) {
            AffineTransform own = new AffineTransform(toMm);
            own.concatenate(transform(child));
            draw(child, own, new SvgStyle(child, style), depth + 1);
        }
    }

    private void use(Element element, AffineTransform toMm, SvgStyle style, int depth) {
        String href = element.getAttribute("href").isEmpty()
                ? element.getAttributeNS("http://www.w3.org/1999/xlink", "href")
                : element.getAttribute("href");
        Element meant = href.startsWith("#") ? byId.get(href.substring(1)) : null;
        if (meant == null) {
            throw bad("uses something that is not in the file: " + href);
        }
        AffineTransform own = new AffineTransform(toMm);
        own.translate(SvgUnits.user(element, "x"), SvgUnits.user(element, "y"));
        own.concatenate(transform(meant));
        SvgStyle meantStyle = new SvgStyle(meant, style);
        if ("symbol".equals(name(meant))) {
            each(meant, own, meantStyle, depth + 1);
        } else {
            draw(meant, own, meantStyle, depth + 1);
        }
    }

    private static AffineTransform transform(Element element) {
        String text = element.getAttribute("transform");
        try {
            return text.isBlank() ? new AffineTransform() : AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException unread) {
            throw bad("has a transform that cannot be read: " + text);
        }
    }

    private void add(Path2D path, Element element, AffineTransform toMm, SvgStyle style) {
        if (style.filled() && !"line".equals(name(element))) {
            path.setWindingRule(style.evenOdd() ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
            area(path, toMm);
        }
        if (style.strokeWidth() > 0) {
            // Ends and corners as SVG draws them unless told otherwise.
            BasicStroke stroke =
                    new BasicStroke((float) style.strokeWidth(), BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 4);
            area(stroke.createStrokedShape(path), toMm);
        }
    }

    private void area(Shape shape, AffineTransform toMm) {
        PathIterator flat = shape.getPathIterator(toMm, FINE_MM);
        Geometry area = FilledPath.of(flat);
        points += area.getNumPoints();
        if (points > MOST_POINTS) {
            throw bad("has more than " + MOST_POINTS + " corners");
        }
        if (!area.isEmpty()) {
            areas.add(area);
        }
    }

    private void skip(String what) {
        if (!skipped.contains(what)) {
            skipped.add(what);
        }
    }

    private Outline outline() {
        if (areas.isEmpty()) {
            throw bad("has nothing filled or stroked in it");
        }
        Geometry all = TopologyPreservingSimplifier.simplify(UnaryUnionOp.union(areas), FINE_MM);
        Envelope box = all.getEnvelopeInternal();
        if (box.getWidth() > LARGEST_MM || box.getHeight() > LARGEST_MM) {
            throw bad("is " + Math.round(box.getWidth()) + " × " + Math.round(box.getHeight()) + " mm");
        }
        if (Math.min(box.getWidth(), box.getHeight()) < 1) {
            throw bad("is smaller than a millimetre; check its units");
        }
        Geometry upright = AffineTransformation.translationInstance(-box.getMinX(), -box.getMaxY())
                .scale(1, -1)
                .transform(all);
        return new Outline(upright, box.getWidth(), box.getHeight(), List.copyOf(skipped));
    }

    static String name(Element element) {
        return element.getLocalName() == null ? element.getTagName() : element.getLocalName();
    }

    static BadInput bad(String message) {
        return new BadInput(
                "svg",
                message.length() > LONGEST_MESSAGE ? message.substring(0, LONGEST_MESSAGE) + "…" : message,
                ACCEPTED);
    }
}
