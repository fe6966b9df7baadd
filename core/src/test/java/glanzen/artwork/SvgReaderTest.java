package glanzen.artwork;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.measure.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;

class SvgReaderTest {

    private static SvgReader.Outline read(String inside) {
        return SvgReader.read("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink'"
                + " width='100mm' height='50mm' viewBox='0 0 200 100'>" + inside + "</svg>");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<rect x='10' y='10' width='40' height='20'/>|20|10|200",
                "<circle cx='50' cy='50' r='20'/>|20|20|314.16",
                "<ellipse cx='50' cy='50' rx='20' ry='10'/>|20|10|157.08",
                "<polygon points='0,0 40,0 0,40'/>|20|20|200",
                "<path d='M0 0h40v40h-40z M10 10h20v20h-20z' fill-rule='evenodd'/>|20|20|300",
                "<path d='M0 0h40v40h-40z M10 10h20v20h-20z'/>|20|20|400",
                "<g transform='translate(5 5) rotate(90) scale(2)'><rect width='10' height='20'/></g>|20|10|200",
                "<line x1='0' y1='10' x2='40' y2='10' stroke='red' stroke-width='4'/>|20|2|40",
                "<rect width='40' height='20' style='fill:none;stroke:#000;stroke-width:2'/>|21|11|60",
                "<defs><path id='a' d='M0 0h20v20h-20z'/></defs><use href='#a'/><use xlink:href='#a' x='60'/>|40|10|200",
                "<rect width='1in' height='10mm'/>|48|18.9|907.1",
                "<path d='M0 0 C0 40 40 40 40 0z'/>|20|15|240",
                "<rect width='40' height='20'/><rect width='400' height='200' display='none'/>|20|10|200"
            })
    void shapesComeInAtTheirTrueSize(String inside, double width, double height, double area) {
        SvgReader.Outline outline = read(inside);
        assertEquals(width, outline.widthMm(), 0.05);
        assertEquals(height, outline.heightMm(), 0.05);
        assertEquals(area, outline.shape().getArea(), 0.005 * area);
        assertTrue(outline.shape().isValid());
        assertEquals(0, outline.shape().getEnvelopeInternal().getMinX(), 1e-6);
    }

    @Test
    void linesThatCrossThemselvesComeOutClean() {
        Geometry star = read("<path fill-rule='evenodd' d='M50 0L80 90L0 35H100L20 90Z'/>")
                .shape();
        assertTrue(star.isValid());
        assertEquals(5, star.getNumGeometries(), "the middle of a star is a hole by its own rule");
        assertTrue(read("<path d='M50 0L80 90L0 35H100L20 90Z'/>").shape().getArea() > star.getArea());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<text x='0' y='20'>First</text>",
                "<foreignObject/>",
                "<use href='http://example.invalid/a.svg#b'/>",
                "<g id='a'><use href='#a'/></g>",
                "<rect width='9000' height='10'/>",
                "<rect width='0.2' height='0.2'/>",
                "<rect width='ten' height='10'/>",
                "<path d='M0 0 L oops'/>",
                ""
            })
    void whatCannotBeUsedIsRefusedWithAReason(String inside) {
        BadInput bad = assertThrows(BadInput.class, () -> read(inside));
        assertEquals("svg", bad.problems().get(0).field());
        assertTrue(bad.problems().get(0).message().length() > 5);
    }

    /** Numbers without end, and numbers beyond all bounds: a clear answer, and at once. */
    @ParameterizedTest
    @Timeout(20)
    @ValueSource(
            strings = {
                "<rect width='%s' height='10'/>",
                "<rect width='10%s' height='10'/>",
                "<rect width='10' height='10' stroke='red' stroke-width='%s'/>",
                "<rect width='10' height='10' stroke='red' stroke-width='1%sx'/>",
                "<rect width='NaN' height='10'/>",
                "<rect width='10' height='10' stroke='red' stroke-width='Infinity'/>",
                "<rect x='1e300' width='10' height='10'/>",
                "<circle r='1e38'/>",
                "<path d='M0 0L1e300 1e300L-1e300 0Z'/>",
                "<path d='M0 0L1e38 1e38L-1e38 0Z'/>",
                "<path d='M%s 0h9v9z'/>",
                "<polygon points='0,0 1e400,4 4,4'/>",
                "<g transform='matrix(0 0 0 0 0 0)'><rect width='9' height='9'/></g>",
                "<g transform='scale(1e300)'><rect width='9' height='9'/></g>",
                "<g transform='rotate()'><rect width='9' height='9'/></g>",
                "<g transform='scale(%s)'><rect width='9' height='9'/></g>",
                "<circle r='-5'/>",
                "<rect width='-10' height='10'/>",
                "<polygon points='1 2 3'/>",
                "<line x1='0' x2='1e9' stroke='red'/>"
            })
    void oddNumbersAreAnsweredClearlyAndAtOnce(String inside) {
        for (String filling : new String[] {"9".repeat(20_000), ".".repeat(20_000), "a".repeat(20_000)}) {
            try {
                assertTrue(read(inside.replace("%s", filling)).shape().isValid());
            } catch (BadInput refused) {
                assertEquals("svg", refused.problems().get(0).field());
                assertTrue(refused.problems().get(0).message().length() < 200);
            }
        }
    }

    @ParameterizedTest
    @Timeout(20)
    @ValueSource(strings = {"%s 0 10 10", "0 0 NaN 10", "0 0 Infinity 10", "1 2 3", "0 0 10 10 10"})
    void oddViewBoxesToo(String box) {
        String svg = "<svg viewBox='" + box.replace("%s", "9".repeat(20_000)) + "'><rect width='9' height='9'/></svg>";
        assertThrows(BadInput.class, () -> SvgReader.read(svg));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg xmlns='http://www.w3.org/2000/svg'><text>&x;</text></svg>",
                "<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;&a;&a;&a;&a;'>]><svg><rect id='&b;' width='9' height='9'/></svg>",
                "<html/>",
                "not xml at all",
                "<svg viewBox='0 0 0 0'><rect width='9' height='9'/></svg>"
            })
    void hostileFilesAreRefused(String svg) {
        assertThrows(BadInput.class, () -> SvgReader.read(svg));
    }

    @Test
    void aBombOfUsesIsDefused() {
        StringBuilder bomb = new StringBuilder("<g id='l0'><rect width='9' height='9'/></g>");
        for (int i = 1; i < 12; i++) {
            bomb.append("<g id='l").append(i).append("'>");
            bomb.append(("<use href='#l" + (i - 1) + "'/>").repeat(9)).append("</g>");
        }
        BadInput bad = assertThrows(BadInput.class, () -> read(bomb.toString()));
        assertTrue(bad.problems().get(0).message().contains("nested"));
    }

    @Test
    void pathTextComesBackAsItWent() {
        Geometry ring = read("<path fill-rule='evenodd' d='M0 0h40v40h-40z M10 10h20v20h-20z M80 0h10v10z'/>")
                .shape();
        Geometry back = PathText.read("outline", PathText.write(ring));
        assertEquals(ring.getArea(), back.getArea(), 0.01);
        assertEquals(ring.getNumGeometries(), back.getNumGeometries());
        for (String bad : new String[] {"", "M0 0L1 1Z", "M0 0Q1 1Z", "M0 0L1 a Z"}) {
            assertThrows(BadInput.class, () -> PathText.read("outline", bad));
        }
    }
}
