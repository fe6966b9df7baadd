package glanzen.learning;

import glanzen.heat.Lump;
import glanzen.kit.Plate;
import glanzen.measure.Checks;
import org.jspecify.annotations.Nullable;

/**
 * What a clock tells of a heated platform: how long from cold to its ready light, and how long the light is out once a cold
 * plate was laid. The first goes with heat held over power, the second with power alone, since it is the plate that is
 * warmed. Nobody needs a meter for it.
 */
public final class PlatformGauge {

    /** No heater is ready sooner from cold, s. */
    public static final double SHORTEST_SECONDS = 20;

    /** What an ordinary platform's heater gives, W/cm², and what its faces lose, W/K/cm²: 150 W and 0.6 W/K on A5. */
    private static final double USUAL_W_PER_CM2 = 0.48;

    private static final double LOSS_W_PER_K_CM2 = 0.0019;
    /** A plate lying on aluminium, W/m²K; see the heat solver. */
    private static final double CONTACT = 500;

    private static final double STEP_SECONDS = 0.5;
    private static final double LONGEST_SECONDS = 1800;
    private static final double LEAST = 0.25;
    private static final double MOST = 5;

    /**
     * What a clock told.
     *
     * @param widthMm of the platform, mm
     * @param heightMm of the platform, mm
     * @param celsius its level, °C
     * @param roomC room temperature, °C
     * @param coldSeconds from cold to its ready light, s
     * @param plate what was laid on it cold, once it was ready; nothing if that was not tried
     * @param againSeconds from laying the plate to the ready light, s; 0 if the light never went out
     */
    public record Told(
            double widthMm,
            double heightMm,
            double celsius,
            double roomC,
            double coldSeconds,
            @Nullable Plate plate,
            double againSeconds) {

        public Told {
            new Checks()
                    .lengthMm("widthMm", widthMm, 40, 600)
                    .lengthMm("heightMm", heightMm, 40, 600)
                    .celsius("celsius", celsius, 40, 200)
                    .celsius("roomC", roomC, 0, 40)
                    .figure("coldSeconds", coldSeconds, SHORTEST_SECONDS, LONGEST_SECONDS, "s")
                    .figure("againSeconds", againSeconds, 0, LONGEST_SECONDS, "s")
                    .done();
        }

        double areaCm2() {
            return widthMm * heightMm / 100;
        }
    }

    /**
     * What follows.
     *
     * @param heatCapacityJPerK heat it holds, J/K
     * @param lossWPerK what it loses to the room, W/K
     * @param maxPowerW its heater, W
     */
    public record Figures(double heatCapacityJPerK, double lossWPerK, double maxPowerW) {}

    private PlatformGauge() {}

    /** Works it out; without a plate its heater is taken for an ordinary one of its size. */
    public static Figures of(Told told) {
        double loss = LOSS_W_PER_K_CM2 * told.areaCm2();
        double usual = USUAL_W_PER_CM2 * told.areaCm2();
        double least = Math.max(LEAST * usual, 1.05 * loss * (told.celsius - told.roomC));
        double power = Math.max(usual, least);
        if (told.plate != null && told.againSeconds > 0) {
            double low = least;
            double high = MOST * usual;
            for (int i = 0; i < 40; i++) {
                power = (low + high) / 2;
                // A stronger heater is ready again sooner.
                if (again(told.plate, lump(told, loss, power)) > told.againSeconds) {
                    low = power;
                } else {
                    high = power;
                }
            }
        }
        return new Figures(
                Math.round(lump(told, loss, power).heatCapacityJPerK()),
                Math.round(100 * loss) / 100.0,
                Math.round(power));
    }

    /** A platform of a power that takes as long from cold as was told: the time goes with the heat it holds. */
    private static Lump lump(Told told, double loss, double power) {
        double setPointK = told.celsius - told.roomC;
        double perJoule = new Lump(1, loss, power, setPointK).secondsToReady(0);
        return new Lump(told.coldSeconds / perJoule, loss, power, setPointK);
    }

    /** How long the ready light is out after a cold plate was laid, s. */
    static double again(Plate plate, Lump lump) {
        double contactWPerK = CONTACT * plate.areaCm2() / 1e4;
        double plateJPerK = plate.material().density()
                * plate.material().heatCapacity()
                * plate.areaCm2()
                / 1e4
                * plate.thicknessMm()
                / 1e3;
        double ready = lump.setPointK() - Lump.READY_WITHIN_K;
        double platformK = lump.setPointK();
        double plateK = 0;
        double litAgain = 0;
        for (double t = STEP_SECONDS; t < LONGEST_SECONDS; t += STEP_SECONDS) {
            double flow = contactWPerK * (platformK - plateK);
            double power = Math.max(0, Math.min(lump.maxPowerW(), lump.demandW(platformK)));
            platformK += STEP_SECONDS * (power - lump.lossWPerK() * platformK - flow) / lump.heatCapacityJPerK();
            plateK += STEP_SECONDS * flow / plateJPerK;
            if (platformK < ready) {
                litAgain = t + STEP_SECONDS;
            } else if (flow < 1) {
                break;
            }
        }
        return litAgain;
    }
}
