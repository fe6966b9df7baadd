package glanzen.evening;

import glanzen.evening.Cycle.Side;
import glanzen.evening.Cycle.Stretch;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.layout.Fixing;
import glanzen.pull.Recovery;
import glanzen.route.Wait;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;

/** The round of a set-up: what one pull takes of hands, machine and waiting. */
final class Rounds {

    /** Pulls that can cool beside each other on a usual mat. */
    private static final int PLACES = 3;
    /** A platform has settled to its round after so many pulls. */
    private static final int SETTLED = 4;

    private static final int LACE_PARTS = 12;

    private Rounds() {}

    /** What is done to each pull besides its chain if there is room for it. */
    static Side foil(SetUp s) {
        return new Side(
                "cut foil for one", Hands.CUT_FOIL.seconds() * s.plates().size(), false, false);
    }

    static final Side TRIM = new Side("trim one", Hands.TRIM.seconds(), false, false);

    /**
     * @param trimmed whether pulls are trimmed afterwards: some of that can be done while others soak
     */
    static Cycle of(SetUp s, boolean trimmed) {
        if (s.heat() instanceof Heat.OnPlatform on) {
            return onPlatform(s, on, trimmed);
        }
        return s.machine() instanceof HeatedRollers ? rollers(s) : pressed(s);
    }

    /** Whether the machine keeps hands free once it has been fed. */
    private static boolean feedsItself(SetUp s) {
        return !(s.machine() instanceof Press press && press.kind() == Press.Kind.CRANK);
    }

    private static double passes(SetUp s) {
        return s.passes() * s.passSeconds() + (s.passes() - 1) * s.betweenSeconds();
    }

    private static Cycle onPlatform(SetUp s, Heat.OnPlatform on, boolean trimmed) {
        boolean taped = taped(s);
        double place = taped ? Hands.SET_TAPED.seconds() : Hands.LOOK.seconds();
        double work =
                Hands.LAY.seconds() + on.holdSeconds() + passes(s) + Hands.CARRY.seconds() + Hands.TAKE_APART.seconds();
        double waits = Math.max(0, Recovery.of(s, place, SETTLED).waitSeconds() - place);
        List<Stretch> chain = List.of(
                new Stretch(place, true),
                new Stretch(on.soakSeconds(), false),
                new Stretch(work, true),
                new Stretch(waits, false));
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
    static Cycle dies(List<SetUp> some, SetUp together) {
        double load = Hands.LOAD_CUT.seconds() + (some.size() - 1) * Hands.LAY.seconds();
        double poke = some.stream().mapToDouble(s -> poke(s.plate())).sum();
        return Cycle.of(
                List.of(
                        new Stretch(load, true),
                        new Stretch(passes(together), !feedsItself(together)),
                        new Stretch(Hands.TAKE_APART.seconds(), true)),
                List.of(new Side("poke out the last ones", poke, true, true)),
                0,
                PLACES);
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

    static boolean taped(SetUp s) {
        return s.route().taped() || s.layout().method() == Fixing.TAPED;
    }
}
