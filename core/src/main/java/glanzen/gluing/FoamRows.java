package glanzen.gluing;

import glanzen.gluing.FoamCut.BegunFoam;
import glanzen.gluing.FoamCut.CutPad;
import glanzen.gluing.FoamPads.Lying;
import glanzen.gluing.FoamPads.Pad;
import glanzen.kit.FoamSheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Sheets filled row by row, the person's own before new ones. */
final class FoamRows {

    private final double thicknessMm;
    private final FoamSheet another;
    private final boolean across;
    private final List<BegunFoam> free = new ArrayList<>();
    private final List<BegunFoam> begun = new ArrayList<>();
    /** How much of each is used, from its foot, mm. */
    private final List<Double> used = new ArrayList<>();
    /** Rows that still hold something. */
    private final List<Row> rows = new ArrayList<>();

    private double narrowestMm;
    private final List<CutPad> cuts = new ArrayList<>();

    private static final class Row {
        final int sheet;
        final double yMm;
        final double heightMm;
        final double widthMm;
        double usedMm;

        Row(int sheet, double yMm, double heightMm, double widthMm) {
            this.sheet = sheet;
            this.yMm = yMm;
            this.heightMm = heightMm;
            this.widthMm = widthMm;
        }

        boolean holds(Pad pad) {
            return heightMm >= pad.heightMm() - 1e-9 && usedMm + pad.widthMm() <= widthMm + 1e-9;
        }
    }

    /** @param across whether sheets lie with their longer side across */
    FoamRows(double thicknessMm, FoamShelf shelf, boolean across) {
        this.thicknessMm = thicknessMm;
        this.across = across;
        this.another = shelf.another(thicknessMm);
        for (FoamSheet sheet : shelf.own(thicknessMm)) {
            for (int n = 0; n < sheet.left(); n++) {
                free.add(lying(sheet));
            }
        }
    }

    private BegunFoam lying(FoamSheet sheet) {
        double longer = Math.max(sheet.widthMm(), sheet.heightMm());
        double shorter = Math.min(sheet.widthMm(), sheet.heightMm());
        return across ? new BegunFoam(sheet.name(), longer, shorter) : new BegunFoam(sheet.name(), shorter, longer);
    }

    FoamCut cut(List<Pad> pads) {
        List<Pad> order = new ArrayList<>(pads);
        order.sort(Comparator.comparingDouble((Pad p) -> -p.heightMm()).thenComparingDouble(p -> -p.widthMm()));
        narrowestMm = order.stream().mapToDouble(Pad::widthMm).min().orElse(0);
        double area = 0;
        int from = 0;
        Pad before = null;
        for (Pad pad : order) {
            // Where one of the same size found no room there is none for the next.
            boolean same = before != null && before.widthMm() == pad.widthMm() && before.heightMm() == pad.heightMm();
            from = first(pad, same ? from : 0);
            Row row = from < rows.size() ? rows.get(from) : next(pad);
            place(pad, row.sheet, row.usedMm, row.yMm, false);
            row.usedMm += pad.widthMm();
            if (row.usedMm + narrowestMm > row.widthMm + 1e-9) {
                rows.remove(row);
            }
            area += pad.usedMm2();
            before = pad;
        }
        return new FoamCut(thicknessMm, begun, cuts, Math.max(0, 1 - area / begunMm2()));
    }

    private int first(Pad pad, int from) {
        int at = from;
        while (at < rows.size() && !rows.get(at).holds(pad)) {
            at++;
        }
        return at;
    }

    private void place(Pad pad, int sheet, double xMm, double yMm, boolean within) {
        cuts.add(new CutPad(sheet, xMm, yMm, pad.widthMm(), pad.heightMm(), within));
        for (Lying l : pad.within()) {
            place(l.pad(), sheet, xMm + l.xMm(), yMm + l.yMm(), true);
        }
    }

    /** A new row: on a sheet that is begun, or else on the smallest that holds it. */
    private Row next(Pad pad) {
        for (int n = 0; n < begun.size(); n++) {
            if (pad.widthMm() <= begun.get(n).widthMm() + 1e-9
                    && used.get(n) + pad.heightMm() <= begun.get(n).heightMm() + 1e-9) {
                return row(n, pad);
            }
        }
        BegunFoam sheet =
                free.stream().filter(s -> holds(s, pad)).findFirst().orElseGet(() -> large(lying(another), pad));
        free.remove(sheet);
        begun.add(sheet);
        used.add(0.0);
        return row(begun.size() - 1, pad);
    }

    private Row row(int sheet, Pad pad) {
        Row row =
                new Row(sheet, used.get(sheet), pad.heightMm(), begun.get(sheet).widthMm());
        used.set(sheet, row.yMm + row.heightMm);
        rows.add(row);
        return row;
    }

    private static boolean holds(BegunFoam sheet, Pad pad) {
        return pad.widthMm() <= sheet.widthMm() + 1e-9 && pad.heightMm() <= sheet.heightMm() + 1e-9;
    }

    /** What is larger than a sheet is pieced together. */
    private static BegunFoam large(BegunFoam sheet, Pad pad) {
        return new BegunFoam(
                sheet.name(), Math.max(sheet.widthMm(), pad.widthMm()), Math.max(sheet.heightMm(), pad.heightMm()));
    }

    private double begunMm2() {
        double sum = 0;
        for (int n = 0; n < begun.size(); n++) {
            sum += begun.get(n).widthMm() * used.get(n);
        }
        return sum;
    }
}
