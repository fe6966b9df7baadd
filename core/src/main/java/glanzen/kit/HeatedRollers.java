package glanzen.kit;

import glanzen.kit.Platform.Level;
import glanzen.measure.Checks;
import java.util.List;

/**
 * A machine whose own rollers or bed are heated: a roller machine, a household laminator, or a heated press.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param kind which of them
 * @param throatMm widest stack it takes, mm
 * @param gapMm thickest stack it takes, mm
 * @param pressureMpa pressure of its rollers on a thin stack, MPa
 * @param nipMm length of the nip along the feed, mm
 * @param settings from setting to temperature, coolest first
 * @param warmUpSeconds from switching on until it is as hot as its setting says, s
 * @param unevenness how much less it presses in the middle than at the sides, as a share of the mean
 * @param slowMmPerS feed speed at a slow pace, mm/s
 * @param steadyMmPerS feed speed at a steady pace, mm/s
 * @param briskMmPerS feed speed at a brisk pace, mm/s
 */
public record HeatedRollers(
        String id,
        String name,
        Kind kind,
        double throatMm,
        double gapMm,
        double pressureMpa,
        double nipMm,
        List<Level> settings,
        double warmUpSeconds,
        double unevenness,
        double slowMmPerS,
        double steadyMmPerS,
        double briskMmPerS)
        implements Machine {

    /** The kinds of machine that heat by themselves. */
    public static final List<Kind> KINDS = List.of(Kind.ROLLER_MACHINE, Kind.LAMINATOR, Kind.HEATED_PRESS);

    /** After the warm-up this share of the way to the setting is still missing. */
    private static final double STILL_MISSING = 0.02;

    public HeatedRollers {
        new Checks()
                .name("name", name)
                .present("kind", kind, "a roller machine, a household laminator or a heated press")
                .holds(
                        kind == null || KINDS.contains(kind),
                        "kind",
                        "does not heat by itself",
                        "a roller machine, a household laminator or a heated press")
                .lengthMm("throatMm", throatMm, 50, 700)
                .lengthMm("gapMm", gapMm, 0.3, 20)
                .figure("pressureMpa", pressureMpa, 0.02, 3, "MPa")
                .lengthMm("nipMm", nipMm, 1, 40)
                .filled("settings", settings, "at least one setting")
                .figure("warmUpSeconds", warmUpSeconds, 10, 3600, "s")
                .figure("unevenness", unevenness, 0, 0.8, "")
                .figure("slowMmPerS", slowMmPerS, 0.5, 100, "mm/s")
                .figure("steadyMmPerS", steadyMmPerS, 0.5, 100, "mm/s")
                .figure("briskMmPerS", briskMmPerS, 0.5, 100, "mm/s")
                .holds(slowMmPerS <= steadyMmPerS, "steadyMmPerS", "is slower than slow", "at least the slow speed")
                .holds(steadyMmPerS <= briskMmPerS, "briskMmPerS", "is slower than steady", "at least the steady speed")
                .done();
        settings = List.copyOf(settings);
    }

    @Override
    public Kind machine() {
        return kind;
    }

    /**
     * How hot its rollers are some time after switching on: an exponential that is within 2 % when it is warmed up.
     *
     * @param setting which setting, from 0
     * @param onSeconds since switching on, s
     * @param roomC room temperature, °C
     */
    public double rollerC(int setting, double onSeconds, double roomC) {
        double missing = Math.pow(STILL_MISSING, onSeconds / warmUpSeconds);
        return roomC + (settings.get(setting).celsius() - roomC) * (1 - missing);
    }

    /** How long it has been on if its rollers are as hot as this: the inverse of {@link #rollerC}; s. */
    public double onSeconds(int setting, double rollerC, double roomC) {
        double span = settings.get(setting).celsius() - roomC;
        double missing = Math.max(1e-6, Math.min(1, 1 - (rollerC - roomC) / span));
        return warmUpSeconds * Math.log(missing) / Math.log(STILL_MISSING);
    }

    /**
     * Pressure across the throat relative to its mean: rollers give in the middle.
     *
     * @param give factor on the unevenness, 1 as labelled
     * @param xi place across the throat, −1…1
     */
    public double pressureShare(double give, double xi) {
        return 1 + give * unevenness * 1.5 * (xi * xi - 1.0 / 3);
    }
}
