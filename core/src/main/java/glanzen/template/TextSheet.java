package glanzen.template;

import glanzen.template.Template.Mark;
import glanzen.template.Template.Words;
import java.util.ArrayList;
import java.util.List;

/** Lines of text on a sheet, under headings. */
public final class TextSheet {

    private static final double WIDTH_MM = 186;
    private static final double LETTERS_MM = 3.2;
    private static final double HEADING_MM = 4.4;
    private static final double LINE_MM = 5.2;
    private static final int LONGEST_LINE = 104;

    private record Line(String text, double lettersMm) {}

    private final List<Line> lines = new ArrayList<>();

    /** Begins a part. */
    public void heading(String text) {
        lines.add(new Line("", LETTERS_MM));
        lines.add(new Line(text, HEADING_MM));
    }

    /** A line, wrapped between words where it is too long. */
    public void line(String text) {
        String left = text;
        while (left.length() > LONGEST_LINE) {
            int cut = Math.max(1, left.lastIndexOf(' ', LONGEST_LINE));
            lines.add(new Line(left.substring(0, cut), LETTERS_MM));
            left = left.substring(cut).trim();
        }
        lines.add(new Line(left, LETTERS_MM));
    }

    /** The sheet. */
    public Template template(String title) {
        List<Mark> marks = new ArrayList<>();
        double y = lines.size() * LINE_MM;
        for (Line line : lines) {
            y -= LINE_MM;
            if (!line.text.isEmpty()) {
                marks.add(new Words(WIDTH_MM / 2, y + 1.5, line.lettersMm, line.text));
            }
        }
        return new Template(title, WIDTH_MM, Math.max(LINE_MM, lines.size() * LINE_MM), marks);
    }
}
