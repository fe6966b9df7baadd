package glanzen.app.template;

import glanzen.template.Template;
import glanzen.template.Template.Area;
import glanzen.template.Template.Line;
import glanzen.template.Template.Mark;
import glanzen.template.Template.Style;
import glanzen.template.Template.Words;
import java.awt.geom.PathIterator;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.locationtech.jts.awt.ShapeWriter;

/** A template as PDF at true scale, in tiles with an overlap where it is larger than the paper. */
public final class TemplatePdf {

    private static final double POINTS = 72 / 25.4;
    private static final double MARGIN_MM = 10;
    private static final double FOOT_MM = 22;
    private static final double OVERLAP_MM = 10;

    private final Template template;
    private final double pageWidthMm;
    private final double pageHeightMm;
    private final double roomWidthMm;
    private final double roomHeightMm;
    private final PDDocument document = new PDDocument();
    private final PdfLetters letters;

    /** @param paper what it is printed on */
    public TemplatePdf(Template template, Paper paper) {
        this.template = template;
        this.letters = new PdfLetters(document);
        // Laid across the paper only where that saves tiles.
        boolean upright = tiles(template, paper.widthMm(), paper.heightMm())
                <= tiles(template, paper.heightMm(), paper.widthMm());
        this.pageWidthMm = upright ? paper.widthMm() : paper.heightMm();
        this.pageHeightMm = upright ? paper.heightMm() : paper.widthMm();
        this.roomWidthMm = pageWidthMm - 2 * MARGIN_MM;
        this.roomHeightMm = pageHeightMm - 2 * MARGIN_MM - FOOT_MM;
    }

    private static int tiles(Template t, double widthMm, double heightMm) {
        return along(t.widthMm(), widthMm - 2 * MARGIN_MM) * along(t.heightMm(), heightMm - 2 * MARGIN_MM - FOOT_MM);
    }

    private static int along(double size, double room) {
        return size <= room ? 1 : (int) Math.ceil((size - OVERLAP_MM) / (room - OVERLAP_MM));
    }

    /** As a file. */
    public byte[] write() {
        int columns = along(template.widthMm(), roomWidthMm);
        int rows = along(template.heightMm(), roomHeightMm);
        try (document;
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(template.title());
            // True to scale: a printer must not make it fit.
            PDViewerPreferences wishes = new PDViewerPreferences(new COSDictionary());
            wishes.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(wishes);
            for (int row = 0; row < rows; row++) {
                for (int column = 0; column < columns; column++) {
                    page(document, row, column, rows, columns);
                }
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void page(PDDocument document, int row, int column, int rows, int columns) throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) (pageWidthMm * POINTS), (float) (pageHeightMm * POINTS)));
        document.addPage(page);
        double left = column * (roomWidthMm - OVERLAP_MM);
        double bottom = row * (roomHeightMm - OVERLAP_MM);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            out.saveGraphicsState();
            // A line on the very edge keeps its whole width.
            rectangle(out, MARGIN_MM - 1, MARGIN_MM + FOOT_MM - 1, roomWidthMm + 2, roomHeightMm + 2);
            out.clip();
            for (Mark mark : template.marks()) {
                mark(out, mark, MARGIN_MM - left, MARGIN_MM + FOOT_MM - bottom);
            }
            out.restoreGraphicsState();
            foot(out, rows * columns > 1 ? row * columns + column + 1 : 0, rows * columns);
            if (rows * columns > 1) {
                crosses(out);
            }
        }
    }

    private void mark(PDPageContentStream out, Mark mark, double right, double up) throws IOException {
        if (mark instanceof Area area) {
            style(out, area.style());
            path(out, area, right, up);
            if (area.style() == Style.DESIGN) {
                out.setNonStrokingColor(0.86f, 0.88f, 0.92f);
                out.fillAndStrokeEvenOdd();
                out.setNonStrokingColor(0f, 0f, 0f);
            } else {
                out.stroke();
            }
        } else if (mark instanceof Line line) {
            style(out, line.style());
            out.moveTo(pt(line.x1() + right), pt(line.y1() + up));
            out.lineTo(pt(line.x2() + right), pt(line.y2() + up));
            out.stroke();
        } else if (mark instanceof Words words) {
            double width = letters.width(words.text(), words.sizeMm());
            // Figures stand clear of whatever lines run under them.
            out.setNonStrokingColor(1f, 1f, 1f);
            rectangle(
                    out, words.x() + right - width / 2 - 0.8, words.y() + up - 0.9, width + 1.6, words.sizeMm() + 0.6);
            out.fill();
            out.setNonStrokingColor(0f, 0f, 0f);
            text(out, words.text(), words.x() + right - width / 2, words.y() + up, words.sizeMm());
        }
    }

    private static void path(PDPageContentStream out, Area area, double right, double up) throws IOException {
        double[] xy = new double[6];
        for (PathIterator it = new ShapeWriter().toShape(area.shape()).getPathIterator(null); !it.isDone(); it.next()) {
            switch (it.currentSegment(xy)) {
                case PathIterator.SEG_MOVETO -> out.moveTo(pt(xy[0] + right), pt(xy[1] + up));
                case PathIterator.SEG_LINETO -> out.lineTo(pt(xy[0] + right), pt(xy[1] + up));
                default -> out.closePath();
            }
        }
    }

    private static void style(PDPageContentStream out, Style style) throws IOException {
        out.setLineWidth((float) (POINTS
                * switch (style) {
                    case EDGE -> 0.5;
                    case PATCH -> 0.4;
                    case METAL -> 0.3;
                    default -> 0.15;
                }));
        out.setLineDashPattern(
                switch (style) {
                    case FOIL -> new float[] {8, 4};
                    case PATCH -> new float[] {2, 3};
                    case CENTRE -> new float[] {16, 4, 3, 4};
                    default -> new float[] {};
                },
                0);
    }

    private void foot(PDPageContentStream out, int tile, int tiles) throws IOException {
        style(out, Style.METAL);
        double y = MARGIN_MM + 12;
        bar(out, MARGIN_MM, y, 50, "50 mm");
        bar(out, MARGIN_MM + 58, y, 50.8, "2 in");
        text(
                out,
                template.title() + (tile > 0 ? ", sheet " + tile + " of " + tiles : ""),
                MARGIN_MM,
                MARGIN_MM + 4,
                3.2);
        text(out, "Measure the bars: if they are not true, print again at 100 %.", MARGIN_MM, MARGIN_MM, 2.8);
    }

    private void bar(PDPageContentStream out, double x, double y, double length, String label) throws IOException {
        out.moveTo(pt(x), pt(y));
        out.lineTo(pt(x + length), pt(y));
        out.stroke();
        for (double end : new double[] {x, x + length}) {
            out.moveTo(pt(end), pt(y - 1.5));
            out.lineTo(pt(end), pt(y + 1.5));
            out.stroke();
        }
        text(out, label, x + length / 2 - 5, y + 1.5, 3.2);
    }

    /** Where tiles meet: half the overlap in from each corner. */
    private void crosses(PDPageContentStream out) throws IOException {
        style(out, Style.MEASURE);
        double inset = OVERLAP_MM / 2;
        for (double x : new double[] {MARGIN_MM + inset, pageWidthMm - MARGIN_MM - inset}) {
            for (double y : new double[] {MARGIN_MM + FOOT_MM + inset, pageHeightMm - MARGIN_MM - inset}) {
                out.moveTo(pt(x - 3), pt(y));
                out.lineTo(pt(x + 3), pt(y));
                out.moveTo(pt(x), pt(y - 3));
                out.lineTo(pt(x), pt(y + 3));
                out.stroke();
            }
        }
    }

    private void text(PDPageContentStream out, String text, double x, double y, double sizeMm) throws IOException {
        letters.write(out, text, pt(x), pt(y), pt(sizeMm));
    }

    private void rectangle(PDPageContentStream out, double x, double y, double w, double h) throws IOException {
        out.addRect(pt(x), pt(y), pt(w), pt(h));
    }

    private static float pt(double mm) {
        return (float) (mm * POINTS);
    }
}
