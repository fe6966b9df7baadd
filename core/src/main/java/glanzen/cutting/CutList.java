package glanzen.cutting;

import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.layout.Fixing;
import glanzen.layout.Piece;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PositionedPlate;
import glanzen.leftover.FoilPiece;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;

/** What is cut for a layout, for one card or a batch. */
public final class CutList {

    /** Where plate, foil and ribbon are taped as one, the tape grips this much past the foil, mm. */
    public static final double TAPE_GRIP_MM = 5;

    /** What is cut. */
    public enum Kind {
        STOCK,
        FOIL
    }

    /**
     * One line of the list.
     *
     * @param kind stock or foil
     * @param key the plate a foil piece is for; empty for stock
     * @param what what it is for
     * @param widthMm width, mm
     * @param heightMm height, mm
     * @param count how many
     * @param trimmedShort whether it is cut shorter than its plate so that tape can grip past it
     */
    public record Line(
            Kind kind, String key, String what, double widthMm, double heightMm, int count, boolean trimmedShort) {}

    private CutList() {}

    /** The list for a number of cards. Foil that comes from a leftover is cut too, but not from a new sheet. */
    public static List<Line> of(Arrangement arrangement, Stock.Kind stock, int cards) {
        Piece piece = arrangement.layout().piece();
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(Kind.STOCK, "", "stock", piece.cutWidthMm(), piece.cutHeightMm(), cards, false));
        for (PositionedPlate lying : arrangement.plates()) {
            Envelope foil = foil(lying, stock, arrangement.layout().method());
            boolean trimmedShort = foil.getWidth() < lying.plateBox().getWidth();
            lines.add(new Line(
                    Kind.FOIL,
                    lying.placed().key(),
                    lying.placed().plate().name(),
                    foil.getWidth(),
                    foil.getHeight(),
                    cards,
                    trimmedShort));
        }
        return lines;
    }

    /** The foil piece of a plate, on the piece as read. On ribbon it is trimmed short along it, clear of the design. */
    public static Envelope foil(PositionedPlate lying, Stock.Kind stock, Fixing method) {
        Envelope box = lying.plateBox();
        if (stock == Stock.Kind.RIBBON && method != Fixing.LOOSE) {
            Envelope design = lying.designBox();
            double left = Math.min(design.getMinX() - 1, box.getMinX() + TAPE_GRIP_MM);
            double right = Math.max(design.getMaxX() + 1, box.getMaxX() - TAPE_GRIP_MM);
            return new Envelope(left, right, box.getMinY() - FoilPiece.MARGIN_MM, box.getMaxY() + FoilPiece.MARGIN_MM);
        }
        box.expandBy(FoilPiece.MARGIN_MM);
        return box;
    }

    /** Lines of one kind as what a sheet plan wants, alike sizes together. */
    public static List<SheetPlan.Want> wants(List<Line> lines, Kind kind) {
        Map<List<Double>, SheetPlan.Want> wants = new LinkedHashMap<>();
        for (Line line : lines) {
            if (line.kind == kind) {
                List<Double> size =
                        List.of(PlacementConstraint.rounded(line.widthMm), PlacementConstraint.rounded(line.heightMm));
                wants.merge(
                        size,
                        new SheetPlan.Want(line.what, size.get(0), size.get(1), line.count),
                        (a, b) -> new SheetPlan.Want(
                                a.what() + ", " + b.what(), a.widthMm(), a.heightMm(), a.count() + b.count()));
            }
        }
        return List.copyOf(wants.values());
    }
}
