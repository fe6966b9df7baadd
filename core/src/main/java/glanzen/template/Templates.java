package glanzen.template;

import glanzen.artwork.PathText;
import glanzen.cutting.CutList;
import glanzen.cutting.DieChoice;
import glanzen.kit.Platform;
import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.layout.Envelopes;
import glanzen.layout.MakeReadyPatch;
import glanzen.layout.Measures;
import glanzen.layout.Measures.Drawing;
import glanzen.layout.OnPlatform;
import glanzen.layout.Piece;
import glanzen.layout.PositionedPlate;
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

/** Sheets for the bench: what to trace on the platform, what to cut. */
public final class Templates {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double LETTERS_MM = 3.4;

    private Templates() {}

    /** The platform as it is loaded, to lie under the plates: mirrored, with centre lines, outlines and distances. */
    public static Template tracing(Arrangement a, Platform platform, Printer printer) {
        OnPlatform on = new OnPlatform(a.layout());
        double w = platform.widthMm();
        double h = platform.heightMm();
        AffineTransformation to = on.toPlatform().translate(w / 2, h / 2);
        List<Mark> marks = new ArrayList<>();
        marks.add(new Area(box(new Envelope(0, w, 0, h)), Style.EDGE));
        marks.add(new Line(w / 2, 0, w / 2, h, Style.CENTRE));
        marks.add(new Line(0, h / 2, w, h / 2, Style.CENTRE));
        marks.add(new Area(box(Envelopes.turned(a.pieceBox(), to)), Style.FOIL));
        for (PositionedPlate lying : a.plates()) {
            Envelope metal = Envelopes.turned(lying.plateBox(), to);
            marks.add(new Area(to.transform(lying.shape()), Style.DESIGN));
            marks.add(new Area(box(metal), Style.METAL));
        }
        for (Measures.Measure m : Measures.of(a, platform)) {
            if (m.drawing() == Drawing.PLATFORM) {
                measure(m, w / 2, h / 2, printer, marks);
            }
        }
        return new Template("Tracing sheet for " + platform.name() + ", mirrored, as the plates are laid", w, h, marks);
    }

    private static void measure(Measures.Measure m, double right, double up, Printer printer, List<Mark> marks) {
        marks.add(new Line(m.x1() + right, m.y1() + up, m.x2() + right, m.y2() + up, Style.MEASURE));
        boolean level = Math.abs(m.y1() - m.y2()) < 0.01;
        marks.add(new Words(
                (m.x1() + m.x2()) / 2 + right + (level ? 0 : 11),
                (m.y1() + m.y2()) / 2 + up + (level ? 1.5 : 0),
                LETTERS_MM,
                printer.length(m.mm())));
    }

    /** Foil pieces to cut, one beside the other, each with the design it is for. */
    public static Template foil(Arrangement a, Stock.Kind stock, Printer printer) {
        Rows rows = new Rows();
        for (PositionedPlate lying : a.plates()) {
            Envelope foil = CutList.foil(lying, stock, a.layout().method());
            AffineTransformation to = rows.next(foil);
            rows.add(new Area(box(Envelopes.turned(foil, to)), Style.FOIL));
            rows.add(new Area(to.transform(lying.shape()), Style.DESIGN));
            rows.label(
                    Envelopes.turned(foil, to),
                    lying.placed().plate().name() + ", " + printer.length(foil.getWidth()) + " × "
                            + printer.length(foil.getHeight()));
        }
        return rows.template("Foil to cut, as it will be read");
    }

    /** The piece as it is cut, with its finished edge, its designs and the cuts that follow. */
    public static Template stock(Arrangement a, Printer printer) {
        Piece piece = a.layout().piece();
        double trim = piece.trimMm();
        AffineTransformation to = AffineTransformation.translationInstance(trim, trim);
        List<Mark> marks = new ArrayList<>();
        marks.add(new Area(box(new Envelope(0, piece.cutWidthMm(), 0, piece.cutHeightMm())), Style.EDGE));
        if (trim > 0) {
            marks.add(new Area(box(Envelopes.turned(a.pieceBox(), to)), Style.METAL));
        }
        double middleX = piece.cutWidthMm() / 2;
        double middleY = piece.cutHeightMm() / 2;
        marks.add(new Line(middleX, 0, middleX, piece.cutHeightMm(), Style.CENTRE));
        marks.add(new Line(0, middleY, piece.cutWidthMm(), middleY, Style.CENTRE));
        a.plates().forEach(l -> marks.add(new Area(to.transform(l.shape()), Style.DESIGN)));
        a.cuts().forEach(l -> marks.add(new Area(to.transform(DieChoice.cutLine(l)), Style.METAL)));
        String size = printer.length(piece.cutWidthMm()) + " × " + printer.length(piece.cutHeightMm());
        return new Template(
                "Stock to cut, " + size + ", as it will be read", piece.cutWidthMm(), piece.cutHeightMm(), marks);
    }

    /** Patches to cut, where they lie on the back of the piece. */
    public static Template patches(Arrangement a) {
        Piece piece = a.layout().piece();
        // Behind the sheet means seen from its back: left and right swap.
        AffineTransformation back = new AffineTransformation().scale(-1, 1).translate(piece.widthMm(), 0);
        List<Mark> marks = new ArrayList<>();
        marks.add(new Area(box(a.pieceBox()), Style.EDGE));
        a.plates().forEach(l -> marks.add(new Area(back.transform(l.shape()), Style.DESIGN)));
        for (MakeReadyPatch patch : a.layout().patches()) {
            Geometry shape = back.transform(PathText.read("patches.outline", patch.outline()));
            marks.add(new Area(shape, Style.PATCH));
            marks.add(new Words(
                    shape.getCentroid().getX(),
                    shape.getCentroid().getY(),
                    LETTERS_MM,
                    patch.board().name()));
        }
        return new Template("Make-ready, seen from the back of the piece", piece.widthMm(), piece.heightMm(), marks);
    }

    private static Geometry box(Envelope box) {
        return GEOMETRY.toGeometry(box);
    }
}
