package glanzen.measure;

import java.util.Locale;

/**
 * Quantities inside a sentence. The core speaks millimetres and °C; a person may think in inches, so a sentence carries
 * its quantities as marks such as <code>{mm:0.45}</code> and whoever shows it prints them in the person's units.
 */
public final class Figures {

    private Figures() {}

    /** A length, given in mm. */
    public static String length(double mm) {
        return mark("mm", mm, 3);
    }

    /** A temperature, given in °C. */
    public static String temperature(double celsius) {
        return mark("c", celsius, 1);
    }

    /** A difference of temperature, given in K. */
    public static String degrees(double kelvin) {
        return mark("k", kelvin, 1);
    }

    /** A duration, given in seconds. */
    public static String duration(double seconds) {
        return mark("s", seconds, 1);
    }

    /** A paper weight, given in g/m². */
    public static String weight(double gsm) {
        return mark("gsm", gsm, 0);
    }

    /** An area, given in cm². */
    public static String area(double cm2) {
        return mark("cm2", cm2, 1);
    }

    private static String mark(String kind, double value, int decimals) {
        String digits = String.format(Locale.ROOT, "%." + decimals + "f", value);
        return "{" + kind + ":" + (decimals > 0 ? digits.replaceAll("\\.?0+$", "") : digits) + "}";
    }
}
