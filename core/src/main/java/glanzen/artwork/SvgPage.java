package glanzen.artwork;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Attr;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;

/**
 * An SVG file before it is drawn: parsed without entities, its odd numbers refused, what cannot be read named, and its masks
 * laid open.
 */
final class SvgPage {

    private static final int DEEPEST = 200;
    private static final int MOST_ELEMENTS = 40_000;
    /** No number of a drawing has more digits, or points after points; numbers without gaps, as “.5.25.5”, are many. */
    private static final Pattern ENDLESS = Pattern.compile("[0-9]{41}|\\.{3}");

    /** Where a path is closed a command must follow; its reader would look for one for ever. */
    private static final Pattern CLOSED_THEN_NUMBER = Pattern.compile("[zZ][\\s,]*[-+.0-9]");

    private static final Pattern FONT = Pattern.compile("font-family\\s*:\\s*([^;]+)");
    private static final int LONGEST_PLAIN = 4000;
    private static final Set<String> LONG = Set.of("d", "points", "style", "transform", "href", "class", "values");
    private static final String OWN_LETTERS = "atkinson hyperlegible next";
    private static final Map<String, Double> MM =
            Map.of("mm", 1.0, "cm", 10.0, "in", 25.4, "pt", 25.4 / 72, "pc", 25.4 / 6, "q", 0.25);

    private final Document document;
    private final Map<String, Element> byId = new HashMap<>();
    private final Set<String> passedOver = new LinkedHashSet<>();
    private int elements;

    private SvgPage(Document document) {
        this.document = document;
    }

    static SvgPage of(byte[] file) {
        SvgPage page = new SvgPage(parsed(file));
        Element root = page.document.getDocumentElement();
        if (!"svg".equals(name(root))) {
            throw SvgReader.bad("is no SVG");
        }
        framed(root);
        page.looked(root, 0);
        page.checked(root);
        new SvgMasks(page.document, page.byId, page.passedOver::add).open();
        return page;
    }

    private static Document parsed(byte[] file) {
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
            Document document = builder.parse(new ByteArrayInputStream(file));
            if (document.getDoctype() != null && document.getDoctype().getInternalSubset() != null) {
                throw SvgReader.bad("declares entities of its own, which are not read");
            }
            return document;
        } catch (SAXException unread) {
            throw SvgReader.bad("is not well-formed: " + unread.getMessage());
        } catch (IOException | ParserConfigurationException unread) {
            throw SvgReader.bad("cannot be read: " + unread.getMessage());
        }
    }

    /** How wide the file says it is, mm; nothing where it says so in its own units, or not at all. */
    OptionalDouble widthMm() {
        String width = document.getDocumentElement().getAttribute("width");
        if (width.isBlank()) {
            return OptionalDouble.empty();
        }
        SvgNumbers.Measured read = SvgNumbers.read(width, "width");
        Double mm = MM.get(read.unit());
        return mm == null ? OptionalDouble.empty() : OptionalDouble.of(mm * read.value());
    }

    private static void framed(Element root) {
        String box = root.getAttribute("viewBox").trim();
        if (!box.isEmpty()) {
            String[] parts = box.split("[\\s,]+", 5);
            if (parts.length != 4
                    || !(SvgNumbers.read(parts[2], "view box").value() > 0)
                    || !(SvgNumbers.read(parts[3], "view box").value() > 0)) {
                throw SvgReader.bad("has a view box that is not four numbers, the last two above nought");
            }
        }
    }

    /** What is in it and not read, in words. */
    List<String> passedOver() {
        return List.copyOf(passedOver);
    }

    /** The file as it is drawn; what it says of itself before its root is left out. */
    byte[] written() {
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            TransformerFactory factory = TransformerFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.newTransformer().transform(new DOMSource(document.getDocumentElement()), new StreamResult(bytes));
            return bytes.toByteArray();
        } catch (TransformerException unwritten) {
            throw SvgReader.bad("cannot be laid open: " + unwritten.getMessage());
        }
    }

    /** Goes through everything once: what it is, what it is called, and whether it is within bounds. */
    private void looked(Element element, int depth) {
        if (depth > DEEPEST) {
            throw SvgReader.bad("is nested too deep");
        }
        if (++elements > MOST_ELEMENTS) {
            throw SvgReader.bad("has more than " + MOST_ELEMENTS + " parts");
        }
        if (!element.getAttribute("id").isEmpty()) {
            byId.put(element.getAttribute("id"), element);
        }
        bounded(element);
        String passed = switch (name(element)) {
            case "image" -> "a picture";
            case "script" -> "a script";
            case "foreignObject" -> "something that is no drawing";
            case "filter" -> "a filter";
            case "animate", "animateTransform", "animateMotion", "set" -> "a movement";
            default -> null;
        };
        if (passed != null) {
            passedOver.add(passed);
        }
        for (Element child : children(element)) {
            looked(child, depth + 1);
        }
    }

    private static void bounded(Element element) {
        for (int i = 0; i < element.getAttributes().getLength(); i++) {
            Attr attribute = (Attr) element.getAttributes().item(i);
            String value = attribute.getValue();
            boolean drawn = !attribute.getName().startsWith("xmlns")
                    && !attribute.getName().contains("data");
            if (!LONG.contains(attribute.getName()) && drawn && value.length() > LONGEST_PLAIN
                    || ENDLESS.matcher(value).find() && drawn) {
                throw SvgReader.bad("has a " + attribute.getName() + " that is longer than any drawing needs");
            }
            if (attribute.getName().equals("d")
                    && CLOSED_THEN_NUMBER.matcher(value).find()) {
                throw SvgReader.bad("has a path that goes on with a number after it was closed");
            }
        }
    }

    /** What would be drawn otherwise than it looks, or from somewhere else. */
    private void checked(Element element) {
        switch (name(element)) {
            case "text" -> lettered(element);
            case "use" -> used(element);
            case "switch" -> chosen(element);
            default -> {
                // Drawn as it is.
            }
        }
        children(element).forEach(this::checked);
    }

    private void used(Element use) {
        String href = use.getAttribute("href").isEmpty()
                ? use.getAttributeNS("http://www.w3.org/1999/xlink", "href")
                : use.getAttribute("href");
        if (!href.startsWith("#") || !byId.containsKey(href.substring(1))) {
            throw SvgReader.bad("uses something that is not in the file: " + href);
        }
    }

    /** Only the first that asks for nothing special; a drawing program's own extension is for itself. */
    private void chosen(Element choice) {
        Element group = SvgMasks.made(document, "g");
        group.setAttribute("transform", choice.getAttribute("transform"));
        children(choice).stream()
                .filter(c -> !"foreignObject".equals(name(c))
                        && c.getAttribute("requiredExtensions").isBlank())
                .findFirst()
                .ifPresent(group::appendChild);
        choice.getParentNode().replaceChild(group, choice);
        checked(group);
    }

    /** Text is drawn only in the letters that ship: any other machine would draw it otherwise. */
    private static void lettered(Element element) {
        String family = "";
        for (Node at = element; at instanceof Element e && family.isEmpty(); at = at.getParentNode()) {
            Matcher style = FONT.matcher(e.getAttribute("style"));
            family = !e.getAttribute("font-family").isEmpty()
                    ? e.getAttribute("font-family")
                    : style.find() ? style.group(1) : "";
        }
        if (!element.getTextContent().isBlank()
                && !family.toLowerCase(Locale.ROOT)
                        .replaceAll("['\"]", "")
                        .trim()
                        .startsWith(OWN_LETTERS)) {
            throw SvgReader.bad("has text: turn it into outlines first, since its letters are not on every machine");
        }
    }

    static List<Element> children(Element element) {
        List<Element> children = new ArrayList<>();
        for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node instanceof Element child) {
                children.add(child);
            }
        }
        return children;
    }

    static String name(Element element) {
        return element.getLocalName() == null ? element.getTagName() : element.getLocalName();
    }
}
