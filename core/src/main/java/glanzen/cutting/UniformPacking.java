package glanzen.cutting;

import glanzen.cutting.SheetPlan.Cut;
import glanzen.cutting.SheetPlan.Want;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Most pieces of one size out of a sheet by cuts from edge to edge: a cut is made at a sum of piece sides or not at all
 * (Herz 1972), each half is solved for itself and remembered.
 */
final class UniformPacking {

    private record Rest(long width, long height) {}

    private record Best(int count, long at, boolean upright) {}

    /** Tenths of a millimetre. */
    private static final double GRID = 10;

    private final Want want;
    private final long[] sides;
    private final boolean turnable;
    private final Map<Rest, Best> known = new HashMap<>();

    UniformPacking(Want want, boolean turnable) {
        this.want = want;
        this.turnable = turnable;
        this.sides = new long[] {Math.round(want.widthMm() * GRID), Math.round(want.heightMm() * GRID)};
    }

    /** As many as there are, or as are wanted. */
    List<Cut> cuts(double widthMm, double heightMm) {
        List<Cut> cuts = new ArrayList<>();
        lay(0, 0, new Rest((long) Math.floor(widthMm * GRID + 1e-6), (long) Math.floor(heightMm * GRID + 1e-6)), cuts);
        return cuts.subList(0, Math.min(cuts.size(), want.count()));
    }

    private Best best(Rest rest) {
        Best found = known.get(rest);
        if (found != null) {
            return found;
        }
        Best best = new Best(0, 0, false);
        if (holds(rest, sides[0], sides[1]) || turnable && holds(rest, sides[1], sides[0])) {
            best = new Best(1, 0, false);
        }
        int bound = (int) (rest.width * rest.height / (sides[0] * sides[1]));
        for (boolean upright : new boolean[] {true, false}) {
            long whole = upright ? rest.width : rest.height;
            for (long at : sums(whole / 2, upright)) {
                if (best.count == bound) {
                    break;
                }
                int count = best(first(rest, at, upright)).count + best(second(rest, at, upright)).count;
                best = count > best.count ? new Best(count, at, upright) : best;
            }
        }
        known.put(rest, best);
        return best;
    }

    /** Places where a cut makes sense: sums of sides that lie along this way. */
    private List<Long> sums(long most, boolean upright) {
        List<Long> sums = new ArrayList<>();
        long own = upright ? sides[0] : sides[1];
        long other = turnable ? upright ? sides[1] : sides[0] : 0;
        for (long a = 0; a <= most; a += own) {
            for (long b = 0; a + b <= most; b += other) {
                if (a + b > 0) {
                    sums.add(a + b);
                }
                if (other == 0) {
                    break;
                }
            }
        }
        return sums;
    }

    private static boolean holds(Rest rest, long w, long h) {
        return rest.width >= w && rest.height >= h;
    }

    private static Rest first(Rest r, long at, boolean upright) {
        return upright ? new Rest(at, r.height) : new Rest(r.width, at);
    }

    private static Rest second(Rest r, long at, boolean upright) {
        return upright ? new Rest(r.width - at, r.height) : new Rest(r.width, r.height - at);
    }

    private void lay(long x, long y, Rest rest, List<Cut> cuts) {
        Best best = best(rest);
        if (best.count == 0) {
            return;
        }
        if (best.at == 0) {
            boolean turned = !holds(rest, sides[0], sides[1]);
            cuts.add(new Cut(
                    want.what(),
                    x / GRID,
                    y / GRID,
                    turned ? want.heightMm() : want.widthMm(),
                    turned ? want.widthMm() : want.heightMm()));
            return;
        }
        lay(x, y, first(rest, best.at, best.upright), cuts);
        lay(best.upright ? x + best.at : x, best.upright ? y : y + best.at, second(rest, best.at, best.upright), cuts);
    }
}
