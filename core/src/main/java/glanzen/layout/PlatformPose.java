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
public record PlatformPose(double rightMm, double upMm, int quarterTurns, FlipAxis over) {

    /** In the middle, turned over like a page. */
    public static final PlatformPose MIDDLE = new PlatformPose(0, 0, 0, FlipAxis.SIDEWAYS);

    public PlatformPose {
        new Checks()
                .lengthMm("bed.rightMm", rightMm, -500, 500)
                .lengthMm("bed.upMm", upMm, -500, 500)
                .figure("bed.quarterTurns", quarterTurns, 0, 3, "quarter turns")
                .present("bed.over", over, "sideways or endways")
                .done();
    }

    /** The same moved. */
    public PlatformPose moved(double right, double up) {
        return new PlatformPose(
                PlacementConstraint.rounded(rightMm + right),
                PlacementConstraint.rounded(upMm + up),
                quarterTurns,
                over);
    }

    /** The same turned a quarter further. */
    public PlatformPose turned() {
        return new PlatformPose(rightMm, upMm, (quarterTurns + 1) % 4, over);
    }
}
