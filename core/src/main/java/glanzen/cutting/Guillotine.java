package glanzen.cutting;

import glanzen.cutting.SheetPlan.Cut;
import glanzen.cutting.SheetPlan.Sheet;
import glanzen.cutting.SheetPlan.Want;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** Ways of filling one sheet with cuts from edge to edge: each rest is cut once across and once along (Jylänki 2010). */
final class Guillotine {

    private record Rest(double x, double y, double width, double height) {}

    private record Fit(Rest rest, Want want, boolean turned, double slack) {}

    private static final List<ToDoubleFunction<Want>> ORDERS = List.of(
            Want::areaMm2,
            w -> Math.max(w.widthMm(), w.heightMm()),
            Want::heightMm,
            Want::widthMm,
            w -> Math.min(w.widthMm(), w.heightMm()));

    private final boolean turnable;
    private final boolean bestShortSide;
    private final boolean splitAcross;
    private final boolean splitByRest;
    private final List<Rest> rests = new ArrayList<>();
    private final List<Cut> cuts = new ArrayList<>();

    private Guillotine(boolean turnable, boolean bestShortSide, boolean splitAcross, boolean splitByRest) {
        this.turnable = turnable;
        this.bestShortSide = bestShortSide;
        this.splitAcross = splitAcross;
        this.splitByRest = splitByRest;
    }

    /** Every way tried. */
    static List<Sheet> all(List<Want> wants, double width, double height, boolean turnable) {
        List<Sheet> sheets = new ArrayList<>();
        for (ToDoubleFunction<Want> order : ORDERS) {
            List<Want> sorted = wants.stream()
                    .sorted(Comparator.comparingDouble(order).reversed())
                    .toList();
            for (int way = 0; way < 8; way++) {
                Guillotine g = new Guillotine(turnable, (way & 1) == 0, (way & 2) == 0, (way & 4) == 0);
                g.rests.add(new Rest(0, 0, width, height));
                sorted.forEach(g::fill);
                sheets.add(new Sheet(g.cuts));
            }
        }
        return sheets;
    }

    private void fill(Want want) {
        for (int i = 0; i < want.count(); i++) {
            Fit fit = best(want);
            if (fit == null) {
                return;
            }
            cut(fit);
        }
    }

    private @Nullable Fit best(Want want) {
        Fit best = null;
        for (Rest rest : rests) {
            for (boolean turned : turnable ? new boolean[] {false, true} : new boolean[] {false}) {
                double w = turned ? want.heightMm() : want.widthMm();
                double h = turned ? want.widthMm() : want.heightMm();
                if (w <= rest.width + 1e-9 && h <= rest.height + 1e-9) {
                    double slack = bestShortSide
                            ? Math.min(rest.width - w, rest.height - h)
                            : rest.width * rest.height - w * h;
                    if (best == null || slack < best.slack - 1e-9) {
                        best = new Fit(rest, want, turned, slack);
                    }
                }
            }
        }
        return best;
    }

    private void cut(Fit fit) {
        Rest r = fit.rest;
        double w = fit.turned ? fit.want.heightMm() : fit.want.widthMm();
        double h = fit.turned ? fit.want.widthMm() : fit.want.heightMm();
        cuts.add(new Cut(fit.want.what(), r.x, r.y, w, h));
        rests.remove(r);
        boolean across = splitByRest ? (r.width - w < r.height - h) == splitAcross : splitAcross;
        add(r.x + w, r.y, r.width - w, across ? h : r.height);
        add(r.x, r.y + h, across ? r.width : w, r.height - h);
    }

    private void add(double x, double y, double width, double height) {
        if (width > 0.5 && height > 0.5) {
            rests.add(new Rest(x, y, width, height));
        }
    }
}
