package glanzen.material;

/**
 * A colour as eyes tell it apart.
 *
 * @param lightness L*, 0 black to 100 white
 * @param a green to red
 * @param b blue to yellow
 */
public record Colour(double lightness, double a, double b) {

    /** Two colours no further apart than this pass for the same at arm's length (CIEDE2000). */
    public static final double LOOKS_ALIKE = 6;

    private static final double[] WHITE = {0.95047, 1, 1.08883};

    /**
     * A colour of a screen (sRGB, D65; IEC 61966-2-1, CIE 15).
     *
     * @param hex six hexadecimal digits after #
     */
    public static Colour of(String hex) {
        int rgb = Integer.parseInt(hex.substring(1), 16);
        double red = linear(rgb >> 16 & 0xFF);
        double green = linear(rgb >> 8 & 0xFF);
        double blue = linear(rgb & 0xFF);
        double x = bent((0.4124564 * red + 0.3575761 * green + 0.1804375 * blue) / WHITE[0]);
        double y = bent((0.2126729 * red + 0.7151522 * green + 0.0721750 * blue) / WHITE[1]);
        double z = bent((0.0193339 * red + 0.1191920 * green + 0.9503041 * blue) / WHITE[2]);
        return new Colour(116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    private static double linear(int channel) {
        double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    private static double bent(double t) {
        return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
    }

    /** How different two colours look: CIEDE2000 (CIE 142-2001, in the form of Sharma, Wu and Dalal 2005). */
    public double difference(Colour other) {
        double meanChroma = (Math.hypot(a, b) + Math.hypot(other.a, other.b)) / 2;
        double seventh = Math.pow(meanChroma, 7);
        double g = 0.5 * (1 - Math.sqrt(seventh / (seventh + Math.pow(25, 7))));
        double a1 = (1 + g) * a;
        double a2 = (1 + g) * other.a;
        double c1 = Math.hypot(a1, b);
        double c2 = Math.hypot(a2, other.b);
        double h1 = hue(a1, b);
        double h2 = hue(a2, other.b);
        boolean grey = c1 * c2 == 0;
        double turn = grey ? 0 : shorter(h2 - h1);
        double dL = other.lightness - lightness;
        double dC = c2 - c1;
        double dH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(turn / 2));
        double meanL = (lightness + other.lightness) / 2;
        double meanC = (c1 + c2) / 2;
        double meanH = grey ? h1 + h2 : middle(h1, h2);
        double t = 1
                - 0.17 * Math.cos(Math.toRadians(meanH - 30))
                + 0.24 * Math.cos(Math.toRadians(2 * meanH))
                + 0.32 * Math.cos(Math.toRadians(3 * meanH + 6))
                - 0.20 * Math.cos(Math.toRadians(4 * meanH - 63));
        double off = (meanL - 50) * (meanL - 50);
        double sL = 1 + 0.015 * off / Math.sqrt(20 + off);
        double sC = 1 + 0.045 * meanC;
        double sH = 1 + 0.015 * meanC * t;
        double rotation = 30 * Math.exp(-Math.pow((meanH - 275) / 25, 2));
        double c7 = Math.pow(meanC, 7);
        double rT = -2 * Math.sqrt(c7 / (c7 + Math.pow(25, 7))) * Math.sin(Math.toRadians(2 * rotation));
        double l = dL / sL;
        double c = dC / sC;
        double h = dH / sH;
        return Math.sqrt(l * l + c * c + h * h + rT * c * h);
    }

    private static double hue(double a, double b) {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return a == 0 && b == 0 ? 0 : degrees < 0 ? degrees + 360 : degrees;
    }

    private static double shorter(double degrees) {
        return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
    }

    private static double middle(double h1, double h2) {
        double sum = h1 + h2;
        if (Math.abs(h1 - h2) <= 180) {
            return sum / 2;
        }
        return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
    }
}
