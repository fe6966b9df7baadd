package glanzen.measure;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads quantities as people write them: fractions, mixed numbers, units or none. */
public final class Quantities {

    /** What {@link #lengthMm} accepts, to be shown when it cannot read something. */
    public static final String LENGTHS = "4 1/4, 4-1/4\", 0.5 in, 108 mm or 10.8 cm";
    /** What {@link #celsius} accepts. */
    public static final String TEMPERATURES = "112, 112 °C or 234 °F";
    /** What {@link #gsm} accepts. */
    public static final String WEIGHTS = "300gsm, 300 g/m², 110 lb cover, 80 lb text or 90 lb index";
    /** What {@link #seconds} accepts. */
    public static final String DURATIONS = "45, 45 s, 4 min or 1:30";

    private static final String NUMBER = "(?<number>\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d*[.,]?\\d+|\\d+[.,])";
    private static final Pattern QUANTITY = Pattern.compile("(?<sign>-?)\\s*" + NUMBER + "\\s*(?<unit>[^\\d\\s].*)?");
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,3}):([0-5]\\d)");
    private static final Map<Character, String> VULGAR = Map.of(
            '½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8", '⅓', "1/3", '⅔', "2/3");

    private Quantities() {}

    /**
     * Reads a length.
     *
     * @param unit what a bare number means
     * @return the length in mm
     * @throws BadInput naming {@code field} if it cannot be read
     */
    public static double lengthMm(String field, String text, LengthUnit unit) {
        Read read = read(field, text, LENGTHS);
        double factor = switch (read.unit) {
            case "" -> unit.mm();
            case "mm", "millimetre", "millimetres" -> 1;
            case "cm" -> 10;
            case "in", "in.", "inch", "inches", "\"", "″", "”" -> LengthUnit.IN.mm();
            default -> throw unknownUnit(field, read.unit, LENGTHS);
        };
        return read.value * factor;
    }

    /**
     * Reads a temperature.
     *
     * @return the temperature in °C
     * @throws BadInput naming {@code field} if it cannot be read
     */
    public static double celsius(String field, String text, TemperatureUnit unit) {
        Read read = read(field, text, TEMPERATURES);
        TemperatureUnit meant =
                switch (read.unit.replace("°", "").replace("degrees", "").trim()) {
                    case "" -> unit;
                    case "c" -> TemperatureUnit.C;
                    case "f" -> TemperatureUnit.F;
                    default -> throw unknownUnit(field, read.unit, TEMPERATURES);
                };
        return meant == TemperatureUnit.C ? read.value : (read.value - 32) / 1.8;
    }

    /**
     * Reads a paper weight.
     *
     * @return grams per square metre
     * @throws BadInput naming {@code field} if it cannot be read
     */
    public static double gsm(String field, String text, WeightUnit unit) {
        Read read = read(field, text, WEIGHTS);
        WeightUnit meant = switch (read.unit
                .replaceAll("\\s+", " ")
                .replace("lbs", "lb")
                .replace("#", "lb")
                .trim()) {
            case "" -> unit;
            case "gsm", "g/m²", "g/m2", "g" -> WeightUnit.GSM;
            case "lb cover", "cover" -> WeightUnit.LB_COVER;
            case "lb text", "text" -> WeightUnit.LB_TEXT;
            case "lb index", "index" -> WeightUnit.LB_INDEX;
            case "lb" -> unit == WeightUnit.GSM ? WeightUnit.LB_COVER : unit;
            default -> throw unknownUnit(field, read.unit, WEIGHTS);
        };
        return read.value * meant.gsm();
    }

    /**
     * Reads a duration.
     *
     * @return seconds
     * @throws BadInput naming {@code field} if it cannot be read
     */
    public static double seconds(String field, String text) {
        Matcher clock = CLOCK.matcher(text.trim());
        if (clock.matches()) {
            return 60.0 * Integer.parseInt(clock.group(1)) + Integer.parseInt(clock.group(2));
        }
        Read read = read(field, text, DURATIONS);
        double factor = switch (read.unit) {
            case "", "s", "sec", "second", "seconds" -> 1;
            case "min", "m", "minute", "minutes" -> 60;
            case "h", "hour", "hours" -> 3600;
            default -> throw unknownUnit(field, read.unit, DURATIONS);
        };
        return read.value * factor;
    }

    private record Read(double value, String unit) {}

    private static Read read(String field, String text, String accepted) {
        Matcher m = QUANTITY.matcher(plainFractions(text).trim());
        if (text.length() > 40 || !m.matches()) {
            throw new BadInput(field, "“" + shortened(text) + "” cannot be read", accepted);
        }
        double value = number(field, m.group("number"), accepted);
        String unit = m.group("unit");
        return new Read(
                m.group("sign").isEmpty() ? value : -value,
                unit == null ? "" : unit.trim().toLowerCase(Locale.ROOT));
    }

    private static String plainFractions(String text) {
        StringBuilder plain = new StringBuilder();
        for (char c : text.toCharArray()) {
            String fraction = VULGAR.get(c);
            plain.append(fraction == null ? String.valueOf(c) : " " + fraction);
        }
        return plain.toString().replace('−', '-').replaceAll("\\s+", " ");
    }

    private static double number(String field, String text, String accepted) {
        int slash = text.indexOf('/');
        if (slash < 0) {
            return Double.parseDouble(text.replace(',', '.'));
        }
        int gap = Math.max(text.indexOf(' '), text.indexOf('-'));
        double whole = gap < 0 ? 0 : Double.parseDouble(text.substring(0, gap));
        double below = Double.parseDouble(text.substring(slash + 1));
        if (below == 0) {
            throw new BadInput(field, "a fraction cannot be over nought", accepted);
        }
        return whole + Double.parseDouble(text.substring(gap + 1, slash)) / below;
    }

    private static BadInput unknownUnit(String field, String unit, String accepted) {
        return new BadInput(field, "“" + shortened(unit) + "” is not a unit known here", accepted);
    }

    private static String shortened(String text) {
        return text.length() > 24 ? text.substring(0, 24) + "…" : text;
    }
}
