package glanzen.route;

import glanzen.heat.Cooling;
import glanzen.measure.Checks;
import java.util.List;

/**
 * How the film comes off.
 *
 * @param cooling where it cools first
 * @param seconds how long, s
 */
public record Peel(Cooling cooling, double seconds) {

    /** At once, while warm. */
    public static final Peel WARM = new Peel(Cooling.IN_AIR, 5);
    /** After cooling on a metal mat. */
    public static final Peel COLD = new Peel(Cooling.ON_MAT, 30);

    /** Ways of peeling as they are spoken of. */
    public static final List<Named> USUAL = List.of(
            new Named("warm, at once", WARM),
            new Named("cold, on the mat", COLD),
            new Named("cold, in air", new Peel(Cooling.IN_AIR, 90)),
            new Named("in the stack", new Peel(Cooling.IN_STACK, 120)));

    /** A way of peeling with its everyday name. */
    public record Named(String name, Peel peel) {}

    public Peel {
        new Checks()
                .present("peel.cooling", cooling, "in the stack, in air or on a mat")
                .figure("peel.seconds", seconds, 1, 3600, "s")
                .done();
    }
}
