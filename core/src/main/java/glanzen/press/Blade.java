package glanzen.press;

import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.Fitted;
import glanzen.stack.Stack;
import java.util.function.DoubleUnaryOperator;

/**
 * A blade going through stock into the plate behind it. Once it is through, the stock no longer holds the rollers apart
 * under it, so what is left of the squeeze is {@code u = δ − Σt}. Frame, backing and the bite into the plate share it:
 * {@code u = F/K + Σc_i + q/H}, with line load {@code q = F/ℓ} on the blade ℓ inside the nip. {@code margin = q/q_req}
 * against the stock's need {@code q_req = Σ q_stock·t}.
 *
 * <p>A wedge of half angle 30° sinks into a plate of hardness 120 MPa by {@code q/(2·120·tan 30°)}: H = 138 N/mm per mm
 * (Tabor 1951, indentation of ductile solids).
 */
public final class Blade {

    private static final double BITE_N_PER_MM2 = 138;
    /** From here on a sheet above wedges fully, mm: card of 300 g/m². */
    private static final double SHEET_MM = 0.34;

    private static final double LEAST_BLADE = 0.1;
    private static final int MOST_STEPS = 40;
    private static final double EXACT_N = 1e-3;
    private static final double EXACT_MM = 1e-7;

    private Blade() {}

    /**
     * What is left of the squeeze once the blade is through, {@code u = δ − Σt}, mm. The blades of a folder stand proud of
     * it by the stock they are made for, so there it is all of δ.
     */
    public static double squeezeMm(Stack stack, double openingMm) {
        if (stack.first(Plate.class).filter(p -> p.kind().folder()).isPresent()) {
            return stack.overfillMm(openingMm);
        }
        double stock = stack.all(Stock.class).stream()
                .mapToDouble(s -> s.thicknessMm())
                .sum();
        return stack.overfillMm(openingMm) - stock;
    }

    /**
     * Line load that cuts all the stock of a stack, {@code q_req = Σ q_stock·t·(1 + f·T/t₀)}, N/mm: the cut edges of the sheets that a
     * blade has gone through, T thick together, wedge it on its way into the next; thin ones hardly do, so what counts is what it
     * must go through and not how many sheets that is.
     */
    public static double needNPerMm(Stack stack) {
        double passed = 0;
        double need = 0;
        for (Stock sheet : stack.all(Stock.class)) {
            double wedged = 1 + Fitted.FURTHER_SHEET.value() * Math.min(1, passed / SHEET_MM);
            need += sheet.kind().bladeNPerMm2() * sheet.thicknessMm() * wedged;
            passed += sheet.thicknessMm();
        }
        return need;
    }

    /**
     * The balance of a nip with a blade in it.
     *
     * @param behind the layers behind the blade, without the stock
     * @param squeezeMm u, mm; not positive means that the blade does not get through
     * @param bladeMm blade in the nip by the length of the nip, mm: over that length the load is shared
     * @return force F, N, line load q in place of the pressure, N/mm, and contact length a, mm
     */
    public static Nip solve(Frame frame, LoadPath behind, double squeezeMm, DoubleUnaryOperator bladeMm) {
        if (squeezeMm <= 0) {
            return Nip.OPEN;
        }
        double low = 0;
        double high = frame.stiffnessNPerMm() * squeezeMm;
        double slack = -squeezeMm;
        double tight = taken(frame, behind, squeezeMm, bladeMm, high) - squeezeMm;
        double force = high;
        // False position, halving the end that stays (Dowell and Jarratt 1971): what is taken up is nearly straight in
        // force.
        int kept = 0;
        for (int i = 0; i < MOST_STEPS && high - low > EXACT_N; i++) {
            force = (low * tight - high * slack) / (tight - slack);
            double off = taken(frame, behind, squeezeMm, bladeMm, force) - squeezeMm;
            if (Math.abs(off) < EXACT_MM) {
                break;
            }
            if (off < 0) {
                low = force;
                slack = off;
                tight *= kept == 1 ? 0.5 : 1;
                kept = 1;
            } else {
                high = force;
                tight = off;
                slack *= kept == -1 ? 0.5 : 1;
                kept = -1;
            }
        }
        double contact = frame.contactMm(squeezeMm - force / frame.stiffnessNPerMm());
        return new Nip(force, force / length(bladeMm, contact), contact);
    }

    /** What frame, backing and bite take up under a force, mm. */
    private static double taken(
            Frame frame, LoadPath behind, double squeezeMm, DoubleUnaryOperator bladeMm, double force) {
        double contact = frame.contactMm(squeezeMm - force / frame.stiffnessNPerMm());
        double blade = length(bladeMm, contact);
        return force / frame.stiffnessNPerMm()
                + behind.compressionMm(force / blade, blade / contact)
                + force / blade / BITE_N_PER_MM2;
    }

    /** A nip without any blade is balanced as if there were a little. */
    private static double length(DoubleUnaryOperator bladeMm, double contactMm) {
        return Math.max(LEAST_BLADE * contactMm, bladeMm.applyAsDouble(contactMm));
    }

    /** How far a blade bites into the plate with a line load beyond its need, mm. */
    public static double biteMm(double excessNPerMm) {
        return Math.max(0, excessNPerMm) / BITE_N_PER_MM2;
    }

    /** Line load beyond the need that bites by so much, N/mm. */
    public static double loadToBite(double mm) {
        return mm * BITE_N_PER_MM2;
    }
}
