package glanzen.cutting;

import glanzen.kit.Stock;
import glanzen.layout.Layout;
import java.util.List;

/** How many pieces come out of a sheet or roll. */
public final class SheetYield {

    private static final int MOST = 400;

    private SheetYield() {}

    /** Pieces of a layout out of a sheet of stock; one where nothing is laid out or it does not fit. */
    public static int of(Stock sheet, Layout layout) {
        return layout.laid()
                ? of(sheet, layout.piece().cutWidthMm(), layout.piece().cutHeightMm())
                : 1;
    }

    /** Pieces of a size in mm out of a sheet of stock; one if it does not fit. */
    public static int of(Stock sheet, double widthMm, double heightMm) {
        boolean fits = Math.min(widthMm, heightMm) <= Math.min(sheet.widthMm(), sheet.heightMm())
                && Math.max(widthMm, heightMm) <= Math.max(sheet.widthMm(), sheet.heightMm());
        if (!fits) {
            return 1;
        }
        if (sheet.kind() == Stock.Kind.RIBBON) {
            return Math.max(1, (int) (sheet.heightMm() / Math.max(widthMm, heightMm)));
        }
        SheetPlan plan = SheetPlan.of(
                List.of(new SheetPlan.Want("piece", widthMm, heightMm, MOST)), sheet.widthMm(), sheet.heightMm(), true);
        return plan.sheets().get(0).cuts().size();
    }
}
