package glanzen.measure;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Prints quantities in a person's units where no page does it: on templates, in lists and files. */
public final class Printer {

    private static final Pattern MARK = Pattern.compile("\\{(mm|cm2|c|k|s|gsm):(-?[\\d.]+)}");
    private static final int FRACTION = 32;
    private static final double CM2_PER_SQUARE_INCH = 6.4516;

    private final LengthUnit unit;

    /** @param unit how lengths are printed */
    public Printer(LengthUnit unit) {
        this.unit = unit;
    }

    /** A length with its unit; inches to the nearest 1/32. */
    public String length(double mm) {
        return unit == LengthUnit.MM ? millimetres(mm) + " mm" : fraction(mm / LengthUnit.IN.mm()) + " in";
    }

    /** A sentence with its lengths printed; other marks in SI. */
    public String said(String text) {
        return MARK.matcher(text).replaceAll(m -> Matcher.quoteReplacement(printed(m.group(1), m.group(2))));
    }

    private String printed(String kind, String digits) {
        return switch (kind) {
            case "mm" -> length(Double.parseDouble(digits));
            case "cm2" -> area(Double.parseDouble(digits));
            case "c" -> digits + " °C";
            case "k" -> digits + " K";
            case "gsm" -> digits + " g/m²";
            default -> duration(Double.parseDouble(digits));
        };
    }

    /** To a tenth below a hundred, as on the page. */
    private String area(double cm2) {
        double shown = unit == LengthUnit.MM ? cm2 : cm2 / CM2_PER_SQUARE_INCH;
        String figure = shown >= 100
                ? Long.toString(Math.round(shown))
                : String.format(Locale.ROOT, "%.1f", shown).replaceAll("\\.0$", "");
        return figure + (unit == LengthUnit.MM ? " cm²" : " sq in");
    }

    private static String duration(double seconds) {
        return seconds < 120 ? Math.round(seconds) + " s" : Math.round(seconds / 60) + " min";
    }

    private static String millimetres(double mm) {
        String text = String.format(Locale.ROOT, Math.abs(mm) < 20 ? "%.2f" : "%.1f", mm);
        return text.replaceAll("\\.?0+$", "");
    }

    private static String fraction(double inches) {
        long over = Math.round(Math.abs(inches) * FRACTION);
        long whole = over / FRACTION;
        over %= FRACTION;
        long under = FRACTION;
        while (over > 0 && over % 2 == 0) {
            over /= 2;
            under /= 2;
        }
        String sign = inches < 0 && (whole > 0 || over > 0) ? "-" : "";
        return sign + (over == 0 ? whole + "" : (whole > 0 ? whole + " " : "") + over + "/" + under);
    }
}
