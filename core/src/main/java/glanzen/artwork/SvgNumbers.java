package glanzen.artwork;

import java.util.Locale;

/**
 * Numbers of SVG with what follows them. They are read letter by letter and only so far as a number may be long: nothing
 * a file says takes longer to read than it took to write.
 */
final class SvgNumbers {

    /** No drawing needs a number that is longer, or further from nought, than this. */
    private static final int LONGEST = 40;

    private static final double FURTHEST = 1e7;

    /**
     * A number and the unit behind it.
     *
     * @param value finite, at most ten million either way
     * @param unit lower case; empty if none is given
     */
    record Measured(double value, String unit) {}

    private SvgNumbers() {}

    /**
     * Reads one.
     *
     * @param what the attribute it stands in, for the message
     */
    static Measured read(String text, String what) {
        String trimmed = text.trim();
        int end = 0;
        while (end < trimmed.length() && belongs(trimmed, end)) {
            end++;
        }
        String unit = trimmed.substring(end).trim().toLowerCase(Locale.ROOT);
        if (end == 0 || end > LONGEST || unit.length() > LONGEST) {
            throw unread(text, what);
        }
        try {
            double value = Double.parseDouble(trimmed.substring(0, end));
            if (!(Math.abs(value) <= FURTHEST)) {
                throw unread(text, what);
            }
            return new Measured(value, unit);
        } catch (NumberFormatException notANumber) {
            throw unread(text, what);
        }
    }

    /** A digit, point or sign; an e only where an exponent follows, since em and ex are units. */
    private static boolean belongs(String text, int at) {
        char c = text.charAt(at);
        if (c == 'e' || c == 'E') {
            char next = at + 1 < text.length() ? text.charAt(at + 1) : ' ';
            return at > 0 && (Character.isDigit(next) || next == '-' || next == '+');
        }
        return c >= '0' && c <= '9' || c == '.' || c == '-' || c == '+';
    }

    private static RuntimeException unread(String text, String what) {
        return SvgReader.bad("has a " + what + " that cannot be read: " + text);
    }
}
