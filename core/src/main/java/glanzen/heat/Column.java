package glanzen.heat;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A column of slabs conducting heat in one dimension, perhaps on a heated lump. Temperatures are kept above the room, in
 * K. Finite volumes in space; in time TR-BDF2 (Bank et al. 1985; second order, L-stable, two solves with one
 * factorisation). Its weights are also those of the energy book-keeping, so energy balances to rounding.
 */
public final class Column {

    private static final double GAMMA = 2 - Math.sqrt(2);
    private static final double ALPHA = GAMMA / 2;
    private static final double STAGE_WEIGHT = Math.sqrt(2) / 4;
    private static final double FROM_STAGE = 1 / (GAMMA * (2 - GAMMA));
    private static final double FROM_START = (1 - GAMMA) * (1 - GAMMA) / (GAMMA * (2 - GAMMA));

    private final int[] firstCell;
    private final double[] halfResistance;
    private final double[] capacity;
    private final double[] link;
    private final double[] loss;
    private final double[] contacts;
    private final double areaM2;
    private final @Nullable Lump lump;
    private double[] temperature;
    private double source;
    private boolean docked;
    private boolean limited;
    private double heaterJ;
    private double lostJ;

    private double factoredStep = -1;
    private final double[] pivot;
    private final double[] ratio;
    private double[] stage;
    private double[] next;

    /**
     * @param slabs bottom to top
     * @param contacts contact conductances W/(m²K): below each slab; the first counts only with a lump
     * @param lump what the column stands on; without one the bottom loses by {@code bottomLoss}
     * @param areaM2 area through which the lump gives heat, m²
     * @param bottomLoss convection from the bottom without a lump, W/(m²K)
     * @param topLoss convection from the top, W/(m²K)
     */
    public Column(
            List<Slab> slabs,
            double[] contacts,
            @Nullable Lump lump,
            double areaM2,
            double bottomLoss,
            double topLoss) {
        this.lump = lump;
        this.areaM2 = areaM2;
        this.contacts = contacts.clone();
        int cells = lump == null ? 0 : 1;
        firstCell = new int[slabs.size() + 1];
        for (int i = 0; i < slabs.size(); i++) {
            firstCell[i] = cells;
            cells += slabs.get(i).cells();
        }
        firstCell[slabs.size()] = cells;
        capacity = new double[cells];
        link = new double[cells];
        loss = new double[cells];
        halfResistance = new double[slabs.size()];
        temperature = new double[cells];
        pivot = new double[cells];
        ratio = new double[cells];
        stage = new double[cells];
        next = new double[cells];
        lay(slabs);
        loss[cells - 1] = surface(topLoss, halfResistance[slabs.size() - 1]);
        if (lump == null) {
            loss[0] += surface(bottomLoss, halfResistance[0]);
        } else {
            capacity[0] = lump.heatCapacityJPerK() / areaM2;
        }
    }

    private void lay(List<Slab> slabs) {
        for (int i = 0; i < slabs.size(); i++) {
            Slab slab = slabs.get(i);
            double dx = slab.thicknessM() / slab.cells();
            halfResistance[i] = dx / slab.conductivity() / 2;
            for (int cell = firstCell[i]; cell < firstCell[i + 1]; cell++) {
                capacity[cell] = slab.volumetricHeat() * dx;
                link[cell] = slab.conductivity() / dx;
            }
            if (firstCell[i] > 0) {
                double below = i == 0 ? 0 : halfResistance[i - 1];
                link[firstCell[i] - 1] = 1 / (below + 1 / contacts[i] + halfResistance[i]);
            }
        }
    }

    private static double surface(double convection, double halfResistance) {
        return convection == 0 ? 0 : 1 / (1 / convection + halfResistance);
    }

    /** Puts the lump into its dock, where its heater works, or takes it out. */
    public void dock(boolean inDock) {
        docked = inDock;
        factoredStep = -1;
    }

    /** Temperature of the lump above the room, K. */
    public double lumpTemperature() {
        return temperature[0];
    }

    /** Sets the lump's temperature above the room, K. */
    public void lumpTemperature(double kelvin) {
        temperature[0] = kelvin;
    }

    /** Temperatures of one slab's cells above the room, K, bottom to top. */
    public double[] slabTemperatures(int slab) {
        return Arrays.copyOfRange(temperature, firstCell[slab], firstCell[slab + 1]);
    }

    /** Sets the temperatures of one slab's cells. */
    public void slabTemperatures(int slab, double[] kelvin) {
        System.arraycopy(kelvin, 0, temperature, firstCell[slab], kelvin.length);
    }

    /** Mean of the two faces that meet below a slab, K above the room; from the flux through the contact. */
    public double contactTemperature(int slab) {
        int above = firstCell[slab];
        double flux = (temperature[above - 1] - temperature[above]) * link[above - 1];
        double below = temperature[above - 1] - (slab == 0 ? 0 : flux * halfResistance[slab - 1]);
        return (below + temperature[above] + flux * halfResistance[slab]) / 2;
    }

    /** True if the heater met its limit since the column was made. */
    public boolean wasLimited() {
        return limited;
    }

    /** Heat given by the heater since the column was made, J. */
    public double heaterJ() {
        return heaterJ;
    }

    /** Heat lost to the room since the column was made, J. */
    public double lostJ() {
        return lostJ;
    }

    /** Heat stored above room temperature, J. */
    public double storedJ() {
        double sum = 0;
        for (int i = 0; i < capacity.length; i++) {
            sum += capacity[i] * temperature[i];
        }
        return sum * areaM2;
    }

    /**
     * Goes on by one step.
     *
     * @param seconds step, s, positive
     */
    public void step(double seconds) {
        setHeater();
        factor(seconds);
        double h = ALPHA * seconds;
        double lostBefore = lostRate(temperature);
        double heatBefore = heaterRate(temperature);
        for (int i = 0; i < temperature.length; i++) {
            stage[i] = capacity[i] * temperature[i] + h * (flow(i) + (i == 0 ? 2 * source : 0));
        }
        solve(stage);
        for (int i = 0; i < temperature.length; i++) {
            next[i] = capacity[i] * (FROM_STAGE * stage[i] - FROM_START * temperature[i]) + (i == 0 ? h * source : 0);
        }
        solve(next);
        lostJ += seconds * (STAGE_WEIGHT * (lostBefore + lostRate(stage)) + ALPHA * lostRate(next));
        heaterJ += seconds * (STAGE_WEIGHT * (heatBefore + heaterRate(stage)) + ALPHA * heaterRate(next));
        double[] old = temperature;
        temperature = next;
        next = old;
    }

    /** Flow into a cell without the source, W/m². */
    private double flow(int i) {
        double sum = -loss[i] * temperature[i];
        if (i > 0) {
            sum += link[i - 1] * (temperature[i - 1] - temperature[i]);
        }
        if (i < temperature.length - 1) {
            sum += link[i] * (temperature[i + 1] - temperature[i]);
        }
        return sum;
    }

    /** Within its limits the heater is linear in the lump's temperature; at a limit it is a constant source. */
    private void setHeater() {
        if (lump == null) {
            return;
        }
        double demand = lump.demandW(temperature[0]);
        double newLoss = lump.lossWPerK() / areaM2;
        source = 0;
        if (docked && demand > lump.maxPowerW()) {
            source = lump.maxPowerW() / areaM2;
            limited = true;
        } else if (docked && demand > 0) {
            newLoss = Lump.GAIN_W_PER_K / areaM2;
            source = Lump.GAIN_W_PER_K * lump.setPointK() / areaM2;
        }
        if (loss[0] != newLoss) {
            loss[0] = newLoss;
            factoredStep = -1;
        }
    }

    private double heaterRate(double[] t) {
        if (lump == null || !docked || source == 0) {
            return 0;
        }
        return loss[0] == Lump.GAIN_W_PER_K / areaM2 ? lump.demandW(t[0]) : lump.maxPowerW();
    }

    private double lostRate(double[] t) {
        int top = t.length - 1;
        double fromTop = loss[top] * t[top] * areaM2;
        return fromTop + (lump == null ? (top == 0 ? 0 : loss[0] * t[0] * areaM2) : lump.lossWPerK() * t[0]);
    }

    private void factor(double seconds) {
        if (seconds == factoredStep) {
            return;
        }
        double h = ALPHA * seconds;
        int last = capacity.length - 1;
        double below = 0;
        for (int i = 0; i <= last; i++) {
            double up = i < last ? h * link[i] : 0;
            double diagonal = capacity[i] + h * loss[i] + below + up;
            double inverse = 1 / (i == 0 ? diagonal : diagonal - below * ratio[i - 1]);
            pivot[i] = inverse;
            ratio[i] = up * inverse;
            below = up;
        }
        factoredStep = seconds;
    }

    private void solve(double[] x) {
        double h = ALPHA * factoredStep;
        x[0] *= pivot[0];
        for (int i = 1; i < x.length; i++) {
            x[i] = (x[i] + h * link[i - 1] * x[i - 1]) * pivot[i];
        }
        for (int i = x.length - 2; i >= 0; i--) {
            x[i] += ratio[i] * x[i + 1];
        }
    }
}
