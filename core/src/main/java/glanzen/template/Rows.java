package glanzen.template;

import glanzen.template.Template.Mark;
import glanzen.template.Template.Words;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Things in rows, each with a label under it. */
final class Rows {

    private static final double LETTERS_MM = 3.4;
    private static final double GAP_MM = 6;
    private static final double WIDEST_ROW_MM = 180;

    private final List<Mark> marks = new ArrayList<>();
    private double x;
    private double y;
    private double rowHeight;
    private double width;

    void add(Mark mark) {
        marks.add(mark);
    }

    AffineTransformation next(Envelope box) {
        if (x > 0 && x + box.getWidth() > WIDEST_ROW_MM) {
            x = 0;
            y += rowHeight + 2 * GAP_MM;
            rowHeight = 0;
        }
        AffineTransformation to =
                AffineTransformation.translationInstance(x - box.getMinX(), y + GAP_MM - box.getMinY());
        x += box.getWidth() + GAP_MM;
        width = Math.max(width, x - GAP_MM);
        rowHeight = Math.max(rowHeight, box.getHeight());
        return to;
    }

    void label(Envelope box, String text) {
        marks.add(new Words(box.centre().x, box.getMinY() - 4, LETTERS_MM, text));
    }

    Template template(String title) {
        return new Template(title, Math.max(width, 60), y + rowHeight + GAP_MM, marks);
    }
}
