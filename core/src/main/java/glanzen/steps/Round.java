package glanzen.steps;

import glanzen.kit.HeatedRollers;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.layout.Fixing;
import glanzen.pull.Recovery;
import glanzen.route.Wait;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.steps.Cycle.Side;
import glanzen.steps.Cycle.Stretch;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * One pull of a batch among the others: what it takes of hands, machine and waiting. Job, Run and evening ask here, so that they say the
 * same.
 *
 * @param cycle what hands do in it, and meanwhile
 * @param platform what the batch does to its platform; nothing where there is none
 */
public record Round(Cycle cycle, @Nullable Standing platform) {

    /** Pulls that can cool beside each other on a usual mat. */
    private static final int PLACES = 3;
    /** A platform has settled to its round after so many pulls. */
    private static final int SETTLED = 4;

    private static final int LACE_PARTS = 12;
    /** With fewer free seconds in a pull nobody begins anything else, s. */
    private static final double WORTH_SECONDS = 15;

    /** Trimming one pull, done while others soak if there is room for it. */
    public static final Side TRIM = new Side("trim one", Hands.TRIM.seconds(), false, false);

    /**
     * A platform between two pulls: whether it is waited for, and what either way gives.
     *
     * @param waits whether it stands in its dock until it is ready again; what makes more good pulls an hour is chosen
     * @param waitSeconds how long it would stand there before the next soak, besides the time hands take anyway, s
     * @param behindK how far below its set-point it is, once it has settled, where it is not waited for, K
     * @param clean share of good pulls where it is waited for, 0…1
     * @param cleanBehind the same where it is not, 0…1
     * @param secondsWaiting from one pull to the next where it is waited for, s
     * @param secondsGoingOn the same where it is not, s
     */
    public record Standing(
            boolean waits,
            double waitSeconds,
            double behindK,
            double clean,
            double cleanBehind,
            double secondsWaiting,
            double secondsGoingOn) {

        /** Whether it falls behind so far that it is worth saying. */
        public boolean matters() {
            return Recovery.matters(behindK);
        }
    }

    /** Facts that the set-up does not tell: chances, and how long a platform really takes to be ready again. */
    public interface Known {

        /** Share of good pulls of a set-up, 0…1. */
        double clean(SetUp setUp);

        /** How long a platform that was put back takes to be ready again, as its owner told, s; nothing where nobody has. */
        OptionalDouble readyAgainSeconds(String platformId);
    }

    /** From one pull of a batch to the next, s. */
    public double seconds() {
        return cycle.seconds();
    }

    /** How much of it the platform is waited for, s; 0 where it is not. */
    public double waitSeconds() {
        return platform == null || !platform.waits ? 0 : platform.waitSeconds;
    }

    /** Each of so many pulls, s: a single one is finished before anything else is begun. */
    public double seconds(int pulls) {
        return pulls > 1 ? cycle.seconds() : cycle.oneByOneSeconds();
    }

    /** How long hands are free in each of so many pulls, s; 0 where nothing else fits into it. */
    public double freeSeconds(int pulls) {
        return pulls > 1 && cycle.idleSeconds() >= WORTH_SECONDS ? cycle.idleSeconds() : 0;
    }

    /** Cutting foil for one pull, done while others soak if there is room for it. */
    public static Side foil(SetUp s) {
        return new Side(
                "cut foil for one", Hands.CUT_FOIL.seconds() * s.plates().size(), false, false);
    }

    /**
     * Works out the round of a set-up.
     *
     * @param trimmed whether pulls are trimmed afterwards: some of that can be done while others soak
     */
    public static Round of(SetUp s, boolean trimmed, Known known) {
        if (s.heat() instanceof Heat.OnPlatform on) {
            return onPlatform(s, on, trimmed, known);
        }
        return new Round(s.machine() instanceof HeatedRollers ? rollers(s) : pressed(s), null);
    }

    /** Whether the machine keeps hands free once it has been fed. */
    private static boolean feedsItself(SetUp s) {
        return !(s.machine() instanceof Press press && press.kind() == Press.Kind.CRANK);
    }

    private static double passes(SetUp s) {
        return s.passes() * s.passSeconds() + (s.passes() - 1) * s.betweenSeconds();
    }

    /** Waiting for a platform costs time, going on costs good pulls: what makes more good pulls an hour is done. */
    private static Round onPlatform(SetUp s, Heat.OnPlatform on, boolean trimmed, Known known) {
        double place = taped(s) ? Hands.SET_TAPED.seconds() : Hands.LOOK.seconds();
        // It stands in its dock while the stack is taken apart and the next plate is laid.
        double docked = Hands.TAKE_APART.seconds() + place;
        Recovery recovery = Recovery.of(s, docked, SETTLED);
        double wait = Math.max(0, known.readyAgainSeconds(on.platform().id()).orElse(recovery.waitSeconds()) - docked);
        Cycle waiting = onPlatform(s, on, trimmed, place, wait);
        Cycle goingOn = onPlatform(s, on, trimmed, place, 0);
        double clean = known.clean(s);
        double behind = recovery.matters() ? known.clean(s.withHeat(on.behind(recovery.settledK()))) : clean;
        boolean waits = clean / waiting.seconds() > behind / goingOn.seconds();
        Standing standing =
                new Standing(waits, wait, recovery.settledK(), clean, behind, waiting.seconds(), goingOn.seconds());
        return new Round(waits ? waiting : goingOn, standing);
    }

    private static Cycle onPlatform(SetUp s, Heat.OnPlatform on, boolean trimmed, double place, double wait) {
        double work =
                Hands.LAY.seconds() + on.holdSeconds() + passes(s) + Hands.CARRY.seconds() + Hands.TAKE_APART.seconds();
        List<Stretch> chain = List.of(
                new Stretch(place, true),
                new Stretch(on.soakSeconds(), false),
                new Stretch(work, true),
                new Stretch(wait, false));
        List<Side> sides = new ArrayList<>(peeling());
        sides.add(new Side("brush the next", Hands.BRUSH.seconds(), false, true));
        sides.add(foil(s));
        if (trimmed) {
            sides.add(TRIM);
        }
        return Cycle.of(chain, sides, s.peel().seconds(), PLACES);
    }

    private static List<Side> peeling() {
        return List.of(new Side("peel the last one and look", Hands.PEEL.seconds() + Hands.LOOK.seconds(), true, true));
    }

    private static Cycle rollers(SetUp s) {
        double load = Hands.CARRIER.seconds();
        if (s.route().waits().contains(Wait.INK_KEY)) {
            load += Hands.STAMP.seconds() + Wait.KEY_SECONDS + Hands.LAY_SCRAPS.seconds();
        }
        List<Stretch> chain = List.of(new Stretch(load, true), new Stretch(passes(s), false));
        List<Side> sides = new ArrayList<>(peeling());
        sides.add(foil(s));
        return Cycle.of(chain, sides, s.peel().seconds(), PLACES);
    }

    /**
     * Dies on the same boards: loaded one after another, poked out one after another.
     *
     * @param some each by itself
     * @param together all as one
     */
    public static Round dies(List<SetUp> some, SetUp together) {
        double load = Hands.LOAD_CUT.seconds() + (some.size() - 1) * Hands.LAY.seconds();
        double poke = some.stream().mapToDouble(s -> poke(s.plate())).sum();
        Cycle cycle = Cycle.of(
                List.of(
                        new Stretch(load, true),
                        new Stretch(passes(together), !feedsItself(together)),
                        new Stretch(Hands.TAKE_APART.seconds(), true)),
                List.of(new Side("poke out the last ones", poke, true, true)),
                0,
                PLACES);
        return new Round(cycle, null);
    }

    private static int poke(Plate die) {
        return lace(die) ? Hands.POKE_LACE.seconds() : Hands.POKE.seconds();
    }

    private static Cycle pressed(SetUp s) {
        boolean cuts = s.route().mechanism().cuts();
        List<Stretch> chain = List.of(
                new Stretch(cuts ? Hands.LOAD_CUT.seconds() : Hands.LAY.seconds(), true),
                new Stretch(passes(s), !feedsItself(s)),
                new Stretch(Hands.TAKE_APART.seconds(), true));
        Side after = cuts
                ? new Side("poke out the last one", poke(s.plate()), true, true)
                : new Side("look at the last one", Hands.LOOK.seconds(), true, true);
        return Cycle.of(chain, List.of(after), 0, PLACES);
    }

    /** A design of many parts is poked out part by part. */
    private static boolean lace(Plate die) {
        return die.motif().outline().chars().filter(c -> c == 'M').count() > LACE_PARTS;
    }

    /** Whether plate and foil are taped to the stock, or set anew for each pull. */
    public static boolean taped(SetUp s) {
        return s.route().taped() || s.layout().method() == Fixing.TAPED;
    }
}
