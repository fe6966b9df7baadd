package glanzen.kit;

import glanzen.measure.Checks;

/**
 * A die-cutting press: two rollers with a fixed opening.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param kind driven by hand or by motor
 * @param openingMm unloaded gap between the rollers, mm
 * @param stiffnessNPerMm frame stiffness K, N/mm
 * @param rollerRadiusMm R, mm
 * @param throatMm widest stack it takes, mm
 * @param maxForceN force at which it stalls, N
 * @param crown κ, how much the rollers give in the middle at 2000 N, without unit
 * @param slowMmPerS feed speed at a slow pace, mm/s
 * @param steadyMmPerS feed speed at a steady pace, mm/s
 * @param briskMmPerS feed speed at a brisk pace, mm/s
 * @param opticalSensor looks for the plates with a light beam, and does not see clear ones
 */
public record Press(
        String id,
        String name,
        Kind kind,
        double openingMm,
        double stiffnessNPerMm,
        double rollerRadiusMm,
        double throatMm,
        double maxForceN,
        double crown,
        double slowMmPerS,
        double steadyMmPerS,
        double briskMmPerS,
        boolean opticalSensor)
        implements Machine {

    /** What turns the rollers. */
    public enum Kind {
        CRANK("a crank"),
        MOTOR("a motor");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** What turns them, in words. */
        public String label() {
            return label;
        }
    }

    public Press {
        new Checks()
                .name("name", name)
                .present("kind", kind, "a crank or a motor press")
                .lengthMm("openingMm", openingMm, 3, 40)
                .figure("stiffnessNPerMm", stiffnessNPerMm, 200, 20_000, "N/mm")
                .lengthMm("rollerRadiusMm", rollerRadiusMm, 5, 60)
                .lengthMm("throatMm", throatMm, 50, 700)
                .figure("maxForceN", maxForceN, 200, 20_000, "N")
                .figure("crown", crown, 0, 0.6, "")
                .figure("slowMmPerS", slowMmPerS, 0.5, 100, "mm/s")
                .figure("steadyMmPerS", steadyMmPerS, 0.5, 100, "mm/s")
                .figure("briskMmPerS", briskMmPerS, 0.5, 100, "mm/s")
                .holds(slowMmPerS <= steadyMmPerS, "steadyMmPerS", "is slower than slow", "at least the slow speed")
                .holds(steadyMmPerS <= briskMmPerS, "briskMmPerS", "is slower than steady", "at least the steady speed")
                .done();
    }

    /**
     * The same press with figures that were measured instead of those of its label.
     *
     * @param measuredMm its opening, mm
     * @param measuredCrown how much its rollers give
     */
    public Press measured(double measuredMm, double measuredCrown) {
        return new Press(
                id,
                name,
                kind,
                measuredMm,
                stiffnessNPerMm,
                rollerRadiusMm,
                throatMm,
                maxForceN,
                measuredCrown,
                slowMmPerS,
                steadyMmPerS,
                briskMmPerS,
                opticalSensor);
    }

    /** A press without an optical sensor. */
    public Press(
            String id,
            String name,
            Kind kind,
            double openingMm,
            double stiffnessNPerMm,
            double rollerRadiusMm,
            double throatMm,
            double maxForceN,
            double crown,
            double slowMmPerS,
            double steadyMmPerS,
            double briskMmPerS) {
        this(
                id,
                name,
                kind,
                openingMm,
                stiffnessNPerMm,
                rollerRadiusMm,
                throatMm,
                maxForceN,
                crown,
                slowMmPerS,
                steadyMmPerS,
                briskMmPerS,
                false);
    }

    /** The squeeze at which it stalls, mm, as if all of a stack were hard: {@code F_max / K}. */
    public double stallsMm() {
        return maxForceN / stiffnessNPerMm;
    }

    @Override
    public Machine.Kind machine() {
        return kind == Kind.CRANK ? Machine.Kind.CRANK_PRESS : Machine.Kind.MOTOR_PRESS;
    }
}
