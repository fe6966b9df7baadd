package glanzen.start;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import glanzen.steps.RunSheet;
import glanzen.steps.Step;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every route on every machine that can do it. */
class EveryMachineTest {

    /** The timers of a run and the time a set-up is said to take are one sum. */
    @ParameterizedTest
    @EnumSource(Route.class)
    void theRunTakesWhatTheSetUpSays(Route route) {
        SetUp s = Crafts.started(route).withFeed(Pace.SLOW, 3);
        List<Step> passes = RunSheet.steps(s).stream()
                .filter(step -> step.kind() == Step.Kind.PASS)
                .toList();
        assertEquals(3, passes.size());
        double once = s.totalSeconds() - s.withFeed(Pace.SLOW, 2).totalSeconds();
        double between = s.machine() instanceof HeatedRollers ? 10 : 4;
        passes.forEach(step -> assertEquals(once - between, step.seconds(), 1e-6));
    }

    private static final List<Machine> MACHINES =
            List.of(Bench.CRANK, Crafts.MOTOR, Crafts.ROLLERS, Crafts.LAMINATOR, Crafts.HEATED_PRESS);

    static Stream<Arguments> ways() {
        return Stream.of(Route.values())
                .flatMap(route -> MACHINES.stream()
                        .filter(m -> route.machines().contains(m.machine()))
                        .map(m -> Arguments.of(route, m)));
    }

    private static SetUp started(Route route, Machine machine) {
        return Crafts.started(route, machine, Crafts.tool(route), Crafts.stock(route));
    }

    @ParameterizedTest
    @MethodSource("ways")
    void itIsPlannedForecastAndRunThere(Route route, Machine machine) {
        SetUp s = started(route, machine);
        assertTrue(Rules.pullable(Rules.check(s, Crafts.SHOP)), Rules.check(s, Crafts.SHOP) + "");
        assertSame(machine, s.machine());
        double all = Crafts.forecast(s).under() + Crafts.forecast(s).over();
        assertTrue(all >= 0 && all < 1.0001, all + "");
        assertFalse(RunSheet.steps(s).isEmpty());
    }

    @ParameterizedTest
    @MethodSource("ways")
    void itKnowsWhatHeatsItIfAnything(Route route, Machine machine) {
        SetUp s = started(route, machine);
        assertEquals(s.platform().isPresent() || machine instanceof HeatedRollers, s.heated());
        assertEquals(s.heated(), !s.heat().levels().isEmpty());
        assertEquals(route.heated(), !s.platformId().isEmpty());
        if (!s.heated()) {
            assertEquals(s.roomC(), s.setPointC());
        } else {
            assertTrue(s.setPointC() > 90, "hot enough to bond");
        }
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void whatCarriesTheDesignIsInTheStackOrHasLaidItBefore(Route route) {
        SetUp s = Crafts.started(route);
        assertEquals(Crafts.tool(route).kind(), s.plate().kind());
        assertEquals(route.toolInStack(), s.stack().first(Plate.class).isPresent());
        assertEquals(route.toolInStack(), s.design() == null);
        assertEquals(route.film().isPresent(), !s.needKey().equals(s.stock().id()));
    }

    @Test
    void anotherMachineHasItsOwnSettingsAndItsOwnTimeToWarmUp() {
        SetUp hot = started(Route.TONER, Crafts.ROLLERS).withLevel(1);
        SetUp laminated = hot.withMachine(Crafts.LAMINATOR);
        assertEquals(Crafts.LAMINATOR.warmUpSeconds(), laminated.heat().seconds());
        assertNotEquals(hot.setPointC(), laminated.setPointC());
        SetUp early = Crafts.on(laminated, 300);
        assertTrue(early.setPointC() < laminated.setPointC() - 10, "five minutes are not its half hour");
        assertTrue(Crafts.forecast(early).under() > Crafts.forecast(laminated).under());
    }

    @Test
    void aLaminatorPressesWeaklyAndAHeatedPressHarder() {
        double weak = Crafts.forecast(started(Route.TONER, Crafts.LAMINATOR))
                .nip()
                .middle()
                .pressureMpa();
        double usual = Crafts.forecast(started(Route.TONER, Crafts.ROLLERS))
                .nip()
                .middle()
                .pressureMpa();
        double strong = Crafts.forecast(started(Route.TONER, Crafts.HEATED_PRESS))
                .nip()
                .middle()
                .pressureMpa();
        assertTrue(weak < usual && usual < strong, weak + " " + usual + " " + strong);
    }
}
