package glanzen.heat;

import glanzen.kit.StackItem;

/**
 * One homogeneous layer as heat sees it.
 *
 * @param thicknessM thickness, m
 * @param conductivity k, W/(m·K)
 * @param volumetricHeat ρ·c, J/(m³·K)
 */
public record Slab(double thicknessM, double conductivity, double volumetricHeat) {

    private static final double CELL_M = 1e-4;
    private static final int FEWEST = 4;
    private static final int MOST = 16;
    /** Anything that conducts better than this is metal, W/(m·K). */
    private static final double METAL = 10;

    /** A layer of a stack. */
    public static Slab of(StackItem item) {
        return new Slab(
                item.thicknessMm() / 1000,
                item.material().conductivity(),
                item.material().density() * item.material().heatCapacity());
    }

    /** Cells of about 0.1 mm, at least 4 and at most 16; metal is nearly of one temperature and needs no more than 4. */
    int cells() {
        return conductivity > METAL ? FEWEST : (int) Math.max(FEWEST, Math.min(MOST, Math.round(thicknessM / CELL_M)));
    }
}
