package glanzen.artwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Lays the masks of a page open: they are drawn as shapes, between marks of their own colour that {@link Areas} knows. */
final class SvgMasks {

    /** Colours that no drawing has, which mark where something masked begins, where its mask does, and its end. */
    static final int BEGIN = 0x01FE03;

    static final int MASK = 0x01FE05;
    static final int END = 0x01FE07;

    private static final Pattern URL = Pattern.compile("url\\(\\s*['\"]?#([^)'\"]+)['\"]?\\s*\\)");
    private static final Pattern MASKED = Pattern.compile("mask\\s*:\\s*([^;]+)");

    private final Document document;
    private final Map<String, Element> byId;
    private final Consumer<String> passedOver;

    /** @param passedOver is told what cannot be laid open, in words */
    SvgMasks(Document document, Map<String, Element> byId, Consumer<String> passedOver) {
        this.document = document;
        this.byId = byId;
        this.passedOver = passedOver;
    }

    /** Every masked part becomes: mark, part, mark, what its mask draws, mark. */
    void open() {
        List<Element> masked = new ArrayList<>();
        collect(document.getDocumentElement(), masked);
        for (Element part : masked) {
            Element mask = byId.get(maskOf(part));
            part.removeAttribute("mask");
            part.setAttribute(
                    "style", MASKED.matcher(part.getAttribute("style")).replaceAll(""));
            if (mask == null || part.getParentNode() == null) {
                continue;
            }
            if ("objectBoundingBox".equals(mask.getAttribute("maskContentUnits"))) {
                passedOver.accept("a mask that is measured by what it masks");
                continue;
            }
            Element group = made(document, "g");
            part.getParentNode().replaceChild(group, part);
            group.appendChild(mark(BEGIN));
            group.appendChild(part);
            group.appendChild(mark(MASK));
            Element content = made(document, "g");
            content.setAttribute("transform", part.getAttribute("transform"));
            SvgPage.children(mask).forEach(child -> content.appendChild(child.cloneNode(true)));
            group.appendChild(content);
            group.appendChild(mark(END));
        }
    }

    private void collect(Element element, List<Element> masked) {
        SvgPage.children(element).forEach(child -> collect(child, masked));
        if (!"mask".equals(SvgPage.name(element)) && !maskOf(element).isEmpty()) {
            masked.add(element);
        }
    }

    private static String maskOf(Element element) {
        Matcher style = MASKED.matcher(element.getAttribute("style"));
        String told = element.getAttribute("mask").isEmpty()
                ? style.find() ? style.group(1) : ""
                : element.getAttribute("mask");
        Matcher url = URL.matcher(told);
        return url.find() ? url.group(1) : "";
    }

    static Element made(Document document, String name) {
        return document.createElementNS("http://www.w3.org/2000/svg", name);
    }

    private Element mark(int colour) {
        Element mark = made(document, "rect");
        mark.setAttribute("width", "1");
        mark.setAttribute("height", "1");
        mark.setAttribute(
                "style",
                String.format(
                        Locale.ROOT, "fill:#%06x;stroke:none;fill-opacity:1;opacity:1;visibility:visible", colour));
        return mark;
    }
}
