package glanzen.transfer;

import glanzen.measure.Checks;

/**
 * Transfer gel drying in the open: dryness {@code θ = 1 − e^{−t/τ}} with
 * {@code τ = 1 h · (coat / 0.20 mm)² · climate} and {@code climate = (0.5 / (1 − RH)) · 1.05^{(21 − T)}}. A film dries by
 * diffusion through its own thickness, hence the square; evaporation follows the air's deficit and warmth.
 *
 * @param coatMm thickness of the coat when spread, 0.02…3 mm
 * @param celsius air temperature, 5…40 °C
 * @param humidity relative humidity, 0…0.95
 */
public record Drying(double coatMm, double celsius, double humidity) {

    /** Dryness from which it looks clear. */
    public static final double CLEAR = 0.90;
    /** Dryness below which it is squashed to a blob when pressed. */
    public static final double BLOB = 0.95;
    /** Dryness from which it takes foil or flock well. */
    public static final double SOUND = 0.98;
    /** It stays tacky for a week, s. */
    public static final double USE_WITHIN_SECONDS = 7 * 24 * 3600.0;

    /** From this weight on, g/m², stock lies flat under drying gel: about 300, as it is sold. */
    public static final double LIES_FLAT_GSM = 280;

    /** How far the time strays that it takes to dry, ln: a coat by 15 % alone would make 30 % of it, what practice knows of the hours asks for a little less. */
    private static final double LN_TIME = 0.25;

    private static final double HOUR = 3600;
    private static final double REFERENCE_COAT_MM = 0.20;

    public Drying {
        new Checks()
                .lengthMm("coatMm", coatMm, 0.02, 3)
                .celsius("celsius", celsius, 5, 40)
                .figure("humidity", humidity, 0, 0.95, "")
                .done();
    }

    /**
     * Whether a sheet is light enough to curl as gel dries on it.
     *
     * @param gsm its weight, g/m²; 0 if not known, which is taken as heavy enough
     */
    public static boolean curls(double gsm) {
        return gsm > 0 && gsm < LIES_FLAT_GSM;
    }

    /** τ, s. */
    public double timeConstantSeconds() {
        double climate = 0.5 / (1 - humidity) * Math.pow(1.05, 21 - celsius);
        double coat = coatMm / REFERENCE_COAT_MM;
        return HOUR * coat * coat * climate;
    }

    /** Dryness after a time in s, 0…1. */
    public double dryness(double seconds) {
        return seconds <= 0 ? 0 : 1 - Math.exp(-seconds / timeConstantSeconds());
    }

    /**
     * Share of coats that are still too wet to be pressed, 0…1: nobody knows their coat better than to a seventh, nor the air, nor sees
     * exactly when gel has cleared, so that nothing turns within minutes. Half of them are too wet midway, in ln of time, between what is
     * surely squashed and what is sound.
     *
     * @param seconds since it was spread, s
     */
    public double stillWet(double seconds) {
        double half = Math.sqrt(secondsTo(BLOB) * secondsTo(SOUND));
        return seconds <= 0 ? 1 : 1 - Normal.cdf(Math.log(seconds / half) / LN_TIME);
    }

    /** Time to a dryness below 1, s. */
    public double secondsTo(double dryness) {
        return -timeConstantSeconds() * Math.log(1 - dryness);
    }
}
