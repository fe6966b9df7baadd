package glanzen.layout;

import glanzen.measure.Checks;

/**
 * How the piece comes to lie on the platform.
 *
 * @param rightMm its middle right of the platform's middle, mm
 * @param upMm its middle above the platform's middle along the feed, mm
 * @param quarterTurns how often it is then turned anticlockwise by a quarter, 0…3
 * @param over how it is turned face down
 */
public record Bed(double rightMm, double upMm, int quarterTurns, TurnedOver over) {

    /** In the middle, turned over like a page. */
    public static final Bed MIDDLE = new Bed(0, 0, 0, TurnedOver.SIDEWAYS);

    public Bed {
        new Checks()
                .lengthMm("bed.rightMm", rightMm, -500, 500)
                .lengthMm("bed.upMm", upMm, -500, 500)
                .figure("bed.quarterTurns", quarterTurns, 0, 3, "quarter turns")
                .present("bed.over", over, "sideways or endways")
                .done();
    }

    /** The same moved. */
    public Bed moved(double right, double up) {
        return new Bed(Hold.rounded(rightMm + right), Hold.rounded(upMm + up), quarterTurns, over);
    }

    /** The same turned a quarter further. */
    public Bed turned() {
        return new Bed(rightMm, upMm, (quarterTurns + 1) % 4, over);
    }
}
