package glanzen.cutting;

import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How pieces are cut out of sheets with straight cuts from edge to edge. Every sheet is filled by the best of many
 * simple ways of cutting (which piece next, which rest it is cut from, which way the rest is split), and for pieces of
 * one size by an exact search.
 *
 * @param widthMm width of a sheet, mm
 * @param heightMm height of a sheet, mm
 * @param sheets what is cut from each
 */
public record SheetPlan(double widthMm, double heightMm, List<Sheet> sheets) {

    /** Pieces that are wanted. */
    public record Want(String what, double widthMm, double heightMm, int count) {
        public Want {
            new Checks()
                    .lengthMm("widthMm", widthMm, 1, 2000)
                    .lengthMm("heightMm", heightMm, 1, 2000)
                    .figure("count", count, 1, 2000, "pieces")
                    .done();
        }

        double areaMm2() {
            return widthMm * heightMm;
        }
    }

    /** A piece where it is cut, from the sheet's lower left. */
    public record Cut(String what, double xMm, double yMm, double widthMm, double heightMm) {}

    /** One sheet. */
    public record Sheet(List<Cut> cuts) {
        public Sheet {
            cuts = List.copyOf(cuts);
        }
    }

    private static final int MOST_PIECES = 2000;

    public SheetPlan {
        sheets = List.copyOf(sheets);
    }

    /** Share of the sheets' area that becomes pieces, 0…1. */
    public double fill() {
        double used = sheets.stream()
                .flatMap(s -> s.cuts.stream())
                .mapToDouble(c -> c.widthMm * c.heightMm)
                .sum();
        return sheets.isEmpty() ? 0 : used / (sheets.size() * widthMm * heightMm);
    }

    /** Fewest sheets there can be, by area alone. */
    public static int areaBound(List<Want> wants, double widthMm, double heightMm) {
        double area = wants.stream().mapToDouble(w -> w.count * w.areaMm2()).sum();
        return (int) Math.ceil(area / (widthMm * heightMm) - 1e-9);
    }

    /**
     * Plans sheets.
     *
     * @param wants pieces
     * @param widthMm width of a sheet, mm
     * @param heightMm height of a sheet, mm
     * @param turnable false where the grain matters, so that no piece is turned
     * @throws BadInput if a piece does not fit on a sheet
     */
    public static SheetPlan of(List<Want> wants, double widthMm, double heightMm, boolean turnable) {
        int pieces = wants.stream().mapToInt(Want::count).sum();
        new Checks().figure("count", pieces, 1, MOST_PIECES, "pieces").done();
        for (Want w : wants) {
            if (!fits(w, widthMm, heightMm, turnable)) {
                throw new BadInput(
                        "sheet",
                        w.what + " does not fit on a sheet" + (turnable ? "" : " with its grain as it is"),
                        "a sheet of at least " + Math.round(w.widthMm) + " × " + Math.round(w.heightMm) + " mm");
            }
        }
        List<Want> left = new ArrayList<>(wants);
        List<Sheet> sheets = new ArrayList<>();
        while (!left.isEmpty()) {
            Sheet sheet = fullest(left, widthMm, heightMm, turnable);
            // The same pattern is cut as often as there are pieces for it: that is how people cut.
            do {
                sheets.add(sheet);
                left = without(left, sheet);
            } while (covers(left, sheet));
        }
        return new SheetPlan(widthMm, heightMm, sheets);
    }

    private static boolean fits(Want w, double width, double height, boolean turnable) {
        return w.widthMm <= width && w.heightMm <= height || turnable && w.heightMm <= width && w.widthMm <= height;
    }

    private static Sheet fullest(List<Want> left, double width, double height, boolean turnable) {
        List<Sheet> tried = new ArrayList<>(Guillotine.all(left, width, height, turnable));
        if (left.size() == 1) {
            Want only = left.get(0);
            tried.add(new Sheet(new UniformPacking(only, turnable).cuts(width, height)));
        }
        return tried.stream().max(Comparator.comparingDouble(SheetPlan::area)).orElseThrow();
    }

    private static double area(Sheet sheet) {
        return sheet.cuts.stream().mapToDouble(c -> c.widthMm * c.heightMm).sum();
    }

    private static long count(Sheet sheet, String what) {
        return sheet.cuts.stream().filter(c -> c.what.equals(what)).count();
    }

    private static boolean covers(List<Want> left, Sheet sheet) {
        return !left.isEmpty()
                && sheet.cuts.stream()
                        .map(Cut::what)
                        .distinct()
                        .allMatch(what ->
                                left.stream().anyMatch(w -> w.what.equals(what) && w.count >= count(sheet, what)));
    }

    private static List<Want> without(List<Want> left, Sheet sheet) {
        List<Want> rest = new ArrayList<>();
        for (Want w : left) {
            int still = w.count - (int) count(sheet, w.what);
            if (still > 0) {
                rest.add(new Want(w.what, w.widthMm, w.heightMm, still));
            }
        }
        return rest;
    }
}
