package glanzen.learning;

import glanzen.kit.Board;
import glanzen.kit.Press;
import glanzen.material.Material;
import glanzen.measure.Checks;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.transfer.Normal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Measures a press with three card strips, at the left, the middle and the right: whether each slips, drags or tears when
 * it is pulled tells how hard the rollers hold it there.
 *
 * <p>A strip of width w under contact length a is held on both faces by {@code 2μ·p·w·a}. It slips where that is less
 * than a finger's pull and tears where it is more than the strip bears; in between it drags. What is not known, opening and
 * roller give, is weighed on a grid (Bayes, with the label as first guess); readings are taken as normal in ln of the hold.
 */
public final class StripGauge {

    /** Width of a strip, mm. */
    public static final double STRIP_MM = 15;
    /** How far out the side strips lie, as a share of half the throat. */
    public static final double OUT = 0.85;

    /** What a strip does when it is pulled. */
    public enum Pulled {
        SLIPS,
        DRAGS,
        TEARS
    }

    /**
     * One trial: the same thickness at all three places.
     *
     * @param stripMm thickness of each strip, mm
     */
    public record Trial(double stripMm, Pulled left, Pulled middle, Pulled right) {
        public Trial {
            new Checks()
                    .lengthMm("stripMm", stripMm, 0.02, 5)
                    .present("left", left, "slips, drags or tears")
                    .present("middle", middle, "slips, drags or tears")
                    .present("right", right, "slips, drags or tears")
                    .done();
        }
    }

    /**
     * What the trials tell.
     *
     * @param openingMm opening, mm
     * @param openingSdMm give or take, mm
     * @param crown roller give κ
     * @param crownSd give or take
     * @param holdsHarder the side that holds strips harder than the other; nothing if rollers lie level enough
     * @param nextMm thickness that would tell most next, mm
     */
    public record Measured(
            double openingMm,
            double openingSdMm,
            double crown,
            double crownSd,
            @Nullable Side holdsHarder,
            double nextMm) {}

    /** A side of the rollers, as it is fed. */
    public enum Side {
        LEFT,
        RIGHT
    }

    /** The thinnest board that carries strips without being squeezed itself, mm. */
    public static final double CARRIES_MM = 0.4;

    /** Up to this share of trials more to one side than to the other, rollers are level. */
    private static final double LEVEL = 0.4;

    private static final double FRICTION = 0.3;
    private static final double FINGER_N = 4;
    private static final double TEARING_N = 70;
    private static final double READING_SD = 0.35;
    private static final double OPENING_SD_MM = 0.15;
    private static final double LN_CROWN_SD = 0.5;
    private static final int OPENINGS = 81;
    private static final int CROWNS = 31;
    private static final double SPAN = 3;

    private final Press press;
    private final double boardsMm;
    private final double[] openings = new double[OPENINGS];
    private final double[] crowns = new double[CROWNS];
    private final double[][] weight = new double[OPENINGS][CROWNS];

    private StripGauge(Press press, double boardsMm) {
        this.press = press;
        this.boardsMm = boardsMm;
        for (int i = 0; i < OPENINGS; i++) {
            openings[i] = press.openingMm() + OPENING_SD_MM * at(i, OPENINGS);
        }
        for (int k = 0; k < CROWNS; k++) {
            crowns[k] = Math.max(0.01, press.crown()) * Math.exp(LN_CROWN_SD * at(k, CROWNS));
        }
        for (int i = 0; i < OPENINGS; i++) {
            for (int k = 0; k < CROWNS; k++) {
                double x = at(i, OPENINGS);
                double y = at(k, CROWNS);
                weight[i][k] = Math.exp(-(x * x + y * y) / 2);
            }
        }
    }

    private static double at(int i, int count) {
        return SPAN * (2.0 * i / (count - 1) - 1);
    }

    /**
     * Weighs all trials together.
     *
     * @param press the press as its label says
     * @param boards what carries the strips, below and above; at least one
     * @param trials what was seen; without any, only what to try first is told
     */
    public static Measured of(Press press, List<Board> boards, List<Trial> trials) {
        double boardsMm = boards.stream().mapToDouble(Board::thicknessMm).sum();
        new Checks()
                .filled("boards", boards, "the boards that carry the strips")
                .lengthMm("boards", boardsMm, press.openingMm() - 4, press.openingMm() + 0.3)
                .done();
        StripGauge gauge = new StripGauge(press, boardsMm);
        trials.forEach(gauge::weigh);
        return gauge.measured(trials);
    }

    private void weigh(Trial trial) {
        for (int i = 0; i < OPENINGS; i++) {
            for (int k = 0; k < CROWNS; k++) {
                Held held = held(openings[i], crowns[k], trial.stripMm);
                weight[i][k] *= likely(held.side, trial.left)
                        * likely(held.middle, trial.middle)
                        * likely(held.side, trial.right);
            }
        }
    }

    private record Held(double middle, double side) {}

    /** ln of the force that holds a strip in the middle and at the sides, N. */
    private Held held(double openingMm, double crown, double stripMm) {
        Frame frame = new Frame(openingMm, press.stiffnessNPerMm(), press.rollerRadiusMm(), crown);
        Nip nip = Nip.solve(
                frame, LoadPath.through(stripMm, Material.CARD), boardsMm + stripMm - openingMm, 3 * STRIP_MM);
        double all = 2 * FRICTION * nip.pressureMpa() * STRIP_MM * nip.contactMm();
        return new Held(
                Math.log(Math.max(1e-3, all * frame.pressureShare(1, nip.forceN(), 0))),
                Math.log(Math.max(1e-3, all * frame.pressureShare(1, nip.forceN(), OUT))));
    }

    private static double likely(double lnHold, Pulled pulled) {
        double slips = Normal.cdf((Math.log(FINGER_N) - lnHold) / READING_SD);
        double tears = Normal.cdf((lnHold - Math.log(TEARING_N)) / READING_SD);
        double likely = switch (pulled) {
            case SLIPS -> slips;
            case TEARS -> tears;
            case DRAGS -> 1 - slips - tears;
        };
        return 0.01 + 0.99 * Math.max(0, likely);
    }

    private Measured measured(List<Trial> trials) {
        double sum = 0;
        double opening = 0;
        double crown = 0;
        double openingSquare = 0;
        double crownSquare = 0;
        for (int i = 0; i < OPENINGS; i++) {
            for (int k = 0; k < CROWNS; k++) {
                double w = weight[i][k];
                sum += w;
                opening += w * openings[i];
                crown += w * crowns[k];
                openingSquare += w * openings[i] * openings[i];
                crownSquare += w * crowns[k] * crowns[k];
            }
        }
        opening /= sum;
        crown /= sum;
        return new Measured(
                opening,
                Math.sqrt(Math.max(0, openingSquare / sum - opening * opening)),
                crown,
                Math.sqrt(Math.max(0, crownSquare / sum - crown * crown)),
                harder(trials),
                telling(opening, crown));
    }

    /** One trial of a few may differ by chance; most must agree. */
    private static @Nullable Side harder(List<Trial> trials) {
        double leaning = trials.stream()
                .mapToDouble(t -> Integer.compare(t.right.ordinal(), t.left.ordinal()))
                .average()
                .orElse(0);
        return Math.abs(leaning) <= LEVEL ? null : leaning > 0 ? Side.RIGHT : Side.LEFT;
    }

    /** The thickness that would be dragged in the middle and half torn at the sides: where readings differ most. */
    private double telling(double openingMm, double crown) {
        double low = Math.max(0.02, openingMm - boardsMm);
        double high = low + 2;
        for (int i = 0; i < 24; i++) {
            double middle = (low + high) / 2;
            if (held(openingMm, crown, middle).middle < Math.log(Math.sqrt(FINGER_N * TEARING_N))) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Math.round(low * 50) / 50.0;
    }
}
