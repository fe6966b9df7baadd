package glanzen.template;

import glanzen.card.Assembly;
import glanzen.card.CutLine;
import glanzen.card.Heights;
import glanzen.card.Laid;
import glanzen.gluing.Building.CardStep;
import glanzen.gluing.CardLook;
import glanzen.measure.Printer;
import glanzen.template.Template.Area;
import glanzen.template.Template.Line;
import glanzen.template.Template.Mark;
import glanzen.template.Template.Style;
import glanzen.template.Template.Words;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Sheets for putting a card together: where pieces lie, what foam to cut, and the order of the hands. */
public final class CardTemplates {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double LETTERS_MM = 3.2;
    private static final double LINE_MM = 5.2;
    private static final double SHEET_MM = 186;
    private static final double TALLER = 5;
    private static final double APART_MM = 26;
    private static final int LONGEST_LINE = 104;

    private CardTemplates() {}

    /** Where pieces lie, at true scale, to lie under the base or to be pricked through. */
    public static Template guide(CardLook look, boolean inside) {
        Assembly card = look.assembly();
        List<Mark> marks = new ArrayList<>();
        double w = card.plan().base().widthMm();
        double h = card.plan().base().heightMm();
        marks.add(new Area(card.baseShape(), Style.EDGE));
        marks.add(new Line(w / 2, 0, w / 2, h, Style.CENTRE));
        marks.add(new Line(0, h / 2, w, h / 2, Style.CENTRE));
        card.pieces().stream().filter(p -> p.inside() == inside).forEach(p -> {
            marks.add(new Area(p.shape(), Style.METAL));
            Envelope box = p.shape().getEnvelopeInternal();
            marks.add(new Words(box.centre().x, box.getMinY() + 1.2, LETTERS_MM, p.name()));
        });
        String face = inside ? "the inside of the back" : "the front";
        return new Template("Where pieces lie on " + face, w, h, marks);
    }

    /** Foam to cut for one card, each pad at true scale. */
    public static Template foam(CardLook look, int cards, Printer printer) {
        Rows rows = new Rows();
        look.joined().foam().forEach((key, foam) -> {
            for (Geometry pad : foam.pads()) {
                Envelope box = pad.getEnvelopeInternal();
                AffineTransformation to = rows.next(box);
                rows.add(new Area(to.transform(pad), Style.EDGE));
                Envelope there = new Envelope(to.transform(pad).getEnvelopeInternal());
                String sheets = String.join(
                        " + ",
                        look.foams().layersMm(foam.heightMm()).stream()
                                .map(printer::length)
                                .toList());
                rows.label(there, look.assembly().piece(key).name() + ", " + sheets);
            }
        });
        return rows.template("Foam to cut, " + cards + " of each");
    }

    /** The card pulled apart, cut through, and its steps. */
    public static Template sheet(CardLook look, String name, Printer printer) {
        List<String> lines = lines(look.steps(), printer);
        double order = lines.size() * LINE_MM;
        List<Mark> marks = new ArrayList<>();
        double y = order;
        for (String line : lines) {
            y -= LINE_MM;
            marks.add(new Words(SHEET_MM / 2, y + 1.5, LETTERS_MM, line));
        }
        double section = section(look, order + 6, marks);
        double top = apart(look, section + 8, marks);
        return new Template(name + ", from the bottom up", SHEET_MM, top, marks);
    }

    private static List<String> lines(List<CardStep> steps, Printer printer) {
        List<String> lines = new ArrayList<>();
        for (int n = 0; n < steps.size(); n++) {
            CardStep step = steps.get(n);
            String text = (n + 1) + ". " + step.title() + ": " + printer.said(step.detail());
            while (text.length() > LONGEST_LINE) {
                int cut = Math.max(1, text.lastIndexOf(' ', LONGEST_LINE));
                lines.add(text.substring(0, cut));
                text = text.substring(cut).trim();
            }
            lines.add(text);
        }
        return lines;
    }

    /** Cut through its middle, heights drawn larger; how far up it reaches. */
    private static double section(CardLook look, double foot, List<Mark> marks) {
        Assembly card = look.assembly();
        double scale = Math.min(1, SHEET_MM / card.box().getWidth());
        double left = (SHEET_MM - card.box().getWidth() * scale) / 2;
        double top = foot;
        for (Heights.Stretch s : look.cutThrough(CutLine.middle(card))) {
            Envelope box = new Envelope(
                    left + s.fromMm() * scale,
                    left + s.toMm() * scale,
                    foot + s.bottomMm() * TALLER * scale,
                    foot + s.topMm() * TALLER * scale);
            marks.add(new Area(
                    GEOMETRY.toGeometry(box), s.what() == Heights.Stretch.What.FOAM ? Style.DESIGN : Style.METAL));
            top = Math.max(top, box.getMaxY());
        }
        return top;
    }

    /** Pulled apart, seen slantwise; how far up it reaches. */
    private static double apart(CardLook look, double foot, List<Mark> marks) {
        Assembly card = look.assembly();
        Envelope base = card.baseBox();
        double scale = Math.min(0.75, SHEET_MM * 0.6 / (base.getWidth() + 0.5 * base.getHeight()));
        double lift = 0;
        double top = foot;
        List<Geometry> shapes = new ArrayList<>(List.of(card.baseShape()));
        List<String> names = new ArrayList<>(List.of("Base"));
        for (Laid p : card.pieces()) {
            shapes.add(p.shape());
            names.add(p.name());
        }
        for (int n = 0; n < shapes.size(); n++) {
            AffineTransformation slant = new AffineTransformation(scale, 0.5 * scale, 0, 0, 0.4 * scale, foot + lift);
            Geometry seen = slant.transform(shapes.get(n));
            marks.add(new Area(seen, Style.METAL));
            Envelope box = seen.getEnvelopeInternal();
            marks.add(new Words(SHEET_MM - 30, box.centre().y, LETTERS_MM, names.get(n)));
            top = Math.max(top, box.getMaxY());
            lift += APART_MM;
        }
        return top;
    }
}
