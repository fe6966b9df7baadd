package glanzen.route;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Nothing of the routes' vocabulary is idle, and no route is told half. */
class RoutesTest {

    private static <E extends Enum<E>> Set<E> used(Class<E> type, Function<Route, ? extends Iterable<E>> of) {
        Set<E> used = EnumSet.noneOf(type);
        for (Route route : Route.values()) {
            of.apply(route).forEach(used::add);
        }
        return used;
    }

    @Test
    void everyQuestionWaitToolStockAndMachineIsOfSomeRoute() {
        assertEquals(EnumSet.allOf(Question.class), used(Question.class, Route::questions));
        assertEquals(EnumSet.allOf(Wait.class), used(Wait.class, Route::waits));
        assertEquals(EnumSet.allOf(Plate.Kind.class), used(Plate.Kind.class, Route::tools));
        assertEquals(EnumSet.allOf(Stock.Kind.class), used(Stock.Kind.class, Route::stocks));
        assertEquals(EnumSet.allOf(Machine.Kind.class), used(Machine.Kind.class, Route::machines));
    }

    @Test
    void keysAndLabelsAreUnique() {
        Set<String> keys = new HashSet<>();
        Arrays.stream(Question.values()).forEach(q -> assertTrue(keys.add(q.key()), q.key()));
        Set<String> labels = new HashSet<>();
        Arrays.stream(Route.values()).forEach(r -> assertTrue(labels.add(r.label()), r.label()));
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void aRouteSaysHowItIsDone(Route route) {
        assertTrue(route.says().endsWith("."), "in a sentence");
        assertFalse(route.toolWord().isBlank());
        assertEquals(route.mechanism() == Mechanism.TRANSFER, route.film().isPresent());
        assertEquals(route.film().isPresent(), route.bonding().isPresent());
        assertTrue(route.mostSheets() == 1 || route.mechanism().cuts(), "only blades go through several sheets");
    }
}
