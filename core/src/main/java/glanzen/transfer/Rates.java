package glanzen.transfer;

import glanzen.material.BondingLayer;
import java.util.Arrays;

/** {@link Transfer#rate} of one bonding layer from a table, for sums over many rigs; relative error below 5e-4. */
public final class Rates {

    private static final double FROM_C = 0;
    private static final double TO_C = 260;
    private static final double PER_K = 4;

    private final double[] table = new double[(int) ((TO_C - FROM_C) * PER_K) + 2];

    private final BondingLayer bonding;

    public Rates(BondingLayer bonding) {
        this.bonding = bonding;
        Arrays.setAll(table, i -> Transfer.rate(bonding, FROM_C + i / PER_K));
    }

    /** What wets. */
    public BondingLayer bonding() {
        return bonding;
    }

    /** @param celsius bond temperature, °C; what lies outside the table is taken as its end */
    public double at(double celsius) {
        double place = (Math.max(FROM_C, Math.min(TO_C, celsius)) - FROM_C) * PER_K;
        int i = (int) place;
        return table[i] + (place - i) * (table[i + 1] - table[i]);
    }
}
