package glanzen.artwork;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.measure.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Units, styles and transforms as files from many hands carry them. */
class SvgStyleTest {

    private static SvgReader.Outline read(String root, String inside) {
        return SvgReader.read("<svg xmlns='http://www.w3.org/2000/svg' " + root + ">" + inside + "</svg>");
    }

    @ParameterizedTest
    @CsvSource({
        "10mm, 10",
        "1cm, 10",
        "1in, 25.4",
        "72pt, 25.4",
        "6pc, 25.4",
        "96px, 25.4",
        "96, 25.4",
        "40q, 10",
        "1e1mm, 10",
        ".5in, 12.7"
    })
    void everyUnitIsKnown(String width, double mm) {
        assertEquals(mm, read("", "<rect width='" + width + "' height='20mm'/>").widthMm(), 0.02);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "width='100mm' height='100mm' viewBox='0 0 50 50'|20",
                "width='100mm' viewBox='0 0 50 50'|20",
                "height='50mm' viewBox='0 0 50 50'|10",
                "width='100%' height='100%' viewBox='0 0 96 96'|2.65",
                "viewBox='0,0,96,96'|2.65",
                "width='2in' height='2in' viewBox='-10 -10 101.6 101.6'|5"
            })
    void theViewBoxSetsTheScale(String root, double mm) {
        assertEquals(mm, read(root, "<rect width='10' height='10'/>").widthMm(), 0.02);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "translate(30,0)|40|20",
                "translate(30)|40|20",
                "scale(2)|80|40",
                "scale(2 1)|80|20",
                "rotate(90)|20|40",
                "rotate(90 10 10)|20|40",
                "matrix(1 0 0 1 5 5)|40|20",
                "matrix(0 1 -1 0 0 0)|20|40",
                "skewX(45)|60|20",
                "scale(0.5) translate(100 0) rotate(180)|20|10"
            })
    void everyTransformIsFollowed(String transform, double width, double height) {
        SvgReader.Outline outline = read(
                "width='200mm' height='200mm' viewBox='0 0 200 200'",
                "<g transform='" + transform + "'><rect width='40' height='20'/></g>");
        assertEquals(width, outline.widthMm(), 0.02);
        assertEquals(height, outline.heightMm(), 0.02);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<g fill='none'><rect width='40' height='20' stroke='#000' stroke-width='2'/></g>|240",
                "<g style='fill:none'><rect width='40' height='20' style='fill:#123'/></g>|800",
                "<g stroke='red' stroke-width='2'><rect width='40' height='20'/></g>|924",
                "<rect width='40' height='20'/><g visibility='hidden'><rect width='90' height='90'/></g>|800",
                "<rect width='40' height='20'/><rect width='90' height='90' opacity='0'/>|800",
                "<rect width='40' height='20'/><rect width='90' height='90' fill='transparent'/>|800",
                "<g display='none'><rect width='90' height='90'/></g><rect width='40' height='20'/>|800",
                "<rect width='40' height='20' rx='10'/>|714.2",
                "<polyline points='0,0 40,0 40,20 0,20'/>|800",
                "<symbol id='s'><rect width='40' height='20'/></symbol><use href='#s' transform='translate(9 9)'/>|800"
            })
    void whatIsRaisedIsWhatIsSeen(String inside, double area) {
        SvgReader.Outline outline = read("width='200mm' height='200mm' viewBox='0 0 200 200'", inside);
        assertEquals(area, outline.shape().getArea(), 0.01 * area);
    }

    @Test
    void whatIsPassedOverIsSaid() {
        SvgReader.Outline outline = read(
                "width='90mm' height='90mm' viewBox='0 0 90 90'",
                "<style>.a{fill:none}</style><image href='x.png'/><rect width='40' height='20'/>");
        assertEquals(2, outline.skipped().size());
        assertTrue(outline.skipped().get(0).startsWith("a style sheet"));
    }

    @Test
    void depthAndSizeHaveLimits() {
        String deep = "<g>".repeat(40) + "<rect width='9' height='9'/>" + "</g>".repeat(40);
        assertThrows(BadInput.class, () -> read("", deep));
        String many = "<rect width='9' height='9'/>".repeat(5000);
        assertThrows(BadInput.class, () -> read("", many));
        assertThrows(BadInput.class, () -> SvgReader.read(" ".repeat(SvgReader.MOST_CHARACTERS + 1)));
    }
}
