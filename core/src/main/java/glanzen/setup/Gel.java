package glanzen.setup;

import glanzen.measure.Checks;
import glanzen.transfer.Drying;

/**
 * Transfer gel laid through a stencil.
 *
 * @param coatMm thickness of the coat when spread, mm
 * @param driedSeconds how long it has dried, s
 * @param humidity relative humidity of the room, 0…0.95
 * @param sprayed whether tacky spray held the stencil
 */
public record Gel(double coatMm, double driedSeconds, double humidity, boolean sprayed) {

    /** Longest drying that can be asked for, s. */
    public static final double LONGEST_SECONDS = 30 * 24 * 3600.0;

    /** Dampest room that can be asked for, relative humidity. */
    public static final double MOST_HUMIDITY = 0.95;

    /** A thin coat that has had a day in an ordinary room. */
    public static final Gel USUAL = new Gel(0.20, 24 * 3600.0, 0.5, false);

    public Gel {
        new Checks()
                .lengthMm("gel.coatMm", coatMm, 0.02, 3)
                .figure("gel.driedSeconds", driedSeconds, 0, LONGEST_SECONDS, "s")
                .figure("gel.humidity", humidity, 0, MOST_HUMIDITY, "")
                .done();
    }

    /** How it dries at a room temperature in °C. */
    public Drying drying(double roomC) {
        return new Drying(coatMm, roomC, humidity);
    }

    /** How dry it is, 0…1. */
    public double dryness(double roomC) {
        return drying(roomC).dryness(driedSeconds);
    }

    /** Share of such coats that are still too wet to be pressed, 0…1. */
    public double stillWet(double roomC) {
        return drying(roomC).stillWet(driedSeconds);
    }

    /** The same, dried for another time, s. */
    public Gel dried(double seconds) {
        return new Gel(coatMm, seconds, humidity, sprayed);
    }

    /** The same, with or without spray. */
    public Gel spraying(boolean spray) {
        return new Gel(coatMm, driedSeconds, humidity, spray);
    }
}
