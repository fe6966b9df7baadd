package glanzen.cutting;

import glanzen.cutting.SheetPlan.Cut;
import glanzen.cutting.SheetPlan.Want;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Most pieces of one size out of a sheet by cuts from edge to edge: a cut is made at a sum of piece sides or not at all
 * (Herz 1972), each half is solved for itself and remembered. That takes long for pieces that are small beside their sheet, of which
 * hardly any is lost however they lie: strips of them are cut off until few enough are left.
 */
final class UniformPacking {

    private record Rest(long width, long height) {}

    private record Best(int count, long at, boolean upright) {}

    /** Tenths of a millimetre. */
    private static final double GRID = 10;
    /** Of more pieces strips are cut off, */
    private static final int FEW = 90;
    /** and where more sums of sides lie along a side. */
    private static final long FEW_SUMS = 600;
    /** So many strips are not cut off one by one: each would wait for all the others. */
    private static final int VERY_MANY = 100;

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
        int bound = (int) (rest.width * rest.height / (sides[0] * sides[1]));
        boolean few = bound <= FEW && sums(rest.width) <= FEW_SUMS && sums(rest.height) <= FEW_SUMS;
        Best best = few || bound < 2 ? anyCut(rest, bound) : strip(rest);
        known.put(rest, best);
        return best;
    }

    private long sums(long along) {
        return along / sides[0] * (along / sides[1]);
    }

    private Best anyCut(Rest rest, int bound) {
        Best best = new Best(0, 0, false);
        if (holds(rest, sides[0], sides[1]) || turnable && holds(rest, sides[1], sides[0])) {
            best = new Best(1, 0, false);
        }
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
        return best;
    }

    /** The strip that least is lost of, or half of them where there are very many, and what comes out of the rest. */
    private Best strip(Rest rest) {
        Best best = new Best(0, 0, false);
        double least = Double.POSITIVE_INFINITY;
        for (boolean upright : new boolean[] {true, false}) {
            long whole = upright ? rest.width : rest.height;
            long along = upright ? rest.height : rest.width;
            for (boolean turned : turnable ? new boolean[] {false, true} : new boolean[] {false}) {
                long at = sides[upright == turned ? 1 : 0];
                long each = sides[upright == turned ? 0 : 1];
                double lost = (double) (along % each) / along;
                if (at < whole && lost < least) {
                    least = lost;
                    best = new Best(0, whole / at > VERY_MANY ? whole / at / 2 * at : at, upright);
                }
            }
        }
        int count = best(first(rest, best.at, best.upright)).count + best(second(rest, best.at, best.upright)).count;
        return new Best(count, best.at, best.upright);
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
        if (best.count == 0 || cuts.size() >= want.count()) {
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
