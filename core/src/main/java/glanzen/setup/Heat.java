package glanzen.setup;

import glanzen.heat.Lump;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Platform;
import glanzen.kit.Platform.Level;
import glanzen.measure.Checks;
import glanzen.route.Heating;
import java.util.List;

/** What warms a set-up: a platform, rollers that are hot by themselves, or nothing. */
public sealed interface Heat {

    /** Longest soak or warm-up that can be asked for, s. */
    double LONGEST_SECONDS = 3600;

    /** Temperatures to choose from, coolest first; none where nothing heats. */
    List<Level> levels();

    /** Which of them, from 0. */
    int level();

    /** The same at another of them. */
    Heat at(int level);

    /**
     * How hot it is meant to be when the stack is pressed, °C.
     *
     * @param roomC room temperature, °C
     */
    double celsius(double roomC);

    /** Time from laying the plate, or from switching on, to the rollers, s. */
    double seconds();

    /**
     * How long it takes from cold until it says that it is ready, s; 0 where nothing heats.
     *
     * @param roomC room temperature, °C
     */
    double warmUpSeconds(double roomC);

    /**
     * A heated platform under the stack.
     *
     * @param platform what heats, also a layer of the stack
     * @param level which of its levels, from 0
     * @param heating what lies on it during the soak
     * @param soakSeconds from plate on platform to stock on plate, s
     * @param holdSeconds from undocking to the rollers, s
     * @param behindK how far the platform is below its set-point when the plate is laid, as when pull follows pull, K
     */
    record OnPlatform(
            Platform platform, int level, Heating heating, double soakSeconds, double holdSeconds, double behindK)
            implements Heat {

        public OnPlatform {
            new Checks()
                    .present("onPlatform.platformId", platform, "a platform of your kit")
                    .present("onPlatform.heating", heating, "alone, covered or together")
                    .figure(
                            "onPlatform.level",
                            level,
                            0,
                            platform == null ? 0 : platform.levels().size() - 1,
                            "")
                    .figure("onPlatform.soakSeconds", soakSeconds, 0, LONGEST_SECONDS, "s")
                    .figure("onPlatform.holdSeconds", holdSeconds, 1, 300, "s")
                    .figure("onPlatform.behindK", behindK, 0, 150, "K")
                    .done();
        }

        /** On a platform that is as hot as it is set. */
        public OnPlatform(Platform platform, int level, Heating heating, double soakSeconds, double holdSeconds) {
            this(platform, level, heating, soakSeconds, holdSeconds, 0);
        }

        @Override
        public List<Level> levels() {
            return platform.levels();
        }

        @Override
        public OnPlatform at(int changed) {
            return new OnPlatform(platform, changed, heating, soakSeconds, holdSeconds, behindK);
        }

        /** The same with another cover and soak, s. */
        public OnPlatform soaking(Heating changed, double seconds) {
            return new OnPlatform(platform, level, changed, seconds, holdSeconds, behindK);
        }

        /** The same on a platform that is so far below its set-point, K. */
        public OnPlatform behind(double changedK) {
            return new OnPlatform(platform, level, heating, soakSeconds, holdSeconds, changedK);
        }

        @Override
        public double celsius(double roomC) {
            return platform.levels().get(level).celsius();
        }

        @Override
        public double warmUpSeconds(double roomC) {
            return Lump.of(platform, celsius(roomC) - roomC).secondsToReady(0);
        }

        @Override
        public double seconds() {
            return soakSeconds + holdSeconds;
        }
    }

    /**
     * Rollers that are hot by themselves.
     *
     * @param rollers the machine
     * @param setting which of its settings, from 0
     * @param onSeconds since they were switched on, s
     */
    record HotRollers(HeatedRollers rollers, int setting, double onSeconds) implements Heat {

        public HotRollers {
            new Checks()
                    .figure("hotRollers.setting", setting, 0, rollers.settings().size() - 1, "")
                    .figure("hotRollers.onSeconds", onSeconds, 0, LONGEST_SECONDS, "s")
                    .done();
        }

        /** Rollers at their coolest setting, warmed through. */
        public static HotRollers warm(HeatedRollers rollers) {
            return new HotRollers(rollers, 0, rollers.warmUpSeconds());
        }

        /** Rollers at the setting that is nearest to a temperature, °C, warmed through. */
        public static HotRollers warm(HeatedRollers rollers, double usualC) {
            int nearest = 0;
            for (int i = 1; i < rollers.settings().size(); i++) {
                double off = Math.abs(rollers.settings().get(i).celsius() - usualC);
                nearest = off < Math.abs(rollers.settings().get(nearest).celsius() - usualC) ? i : nearest;
            }
            return warm(rollers).at(nearest);
        }

        @Override
        public List<Level> levels() {
            return rollers.settings();
        }

        @Override
        public int level() {
            return setting;
        }

        @Override
        public HotRollers at(int changed) {
            return new HotRollers(rollers, changed, onSeconds);
        }

        /** The same, switched on for so long, s. */
        public HotRollers on(double seconds) {
            return new HotRollers(rollers, setting, seconds);
        }

        @Override
        public double celsius(double roomC) {
            return rollers.rollerC(setting, onSeconds, roomC);
        }

        @Override
        public double warmUpSeconds(double roomC) {
            return rollers.warmUpSeconds();
        }

        @Override
        public double seconds() {
            return onSeconds;
        }
    }

    /** Nothing heats. */
    record None() implements Heat {

        @Override
        public List<Level> levels() {
            return List.of();
        }

        @Override
        public int level() {
            return 0;
        }

        @Override
        public Heat at(int changed) {
            return this;
        }

        @Override
        public double celsius(double roomC) {
            return roomC;
        }

        @Override
        public double warmUpSeconds(double roomC) {
            return 0;
        }

        @Override
        public double seconds() {
            return 0;
        }
    }
}
