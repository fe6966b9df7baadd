package glanzen.app.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import glanzen.app.web.NotFound;
import glanzen.schedule.Planner;
import glanzen.schedule.Planner.Found;
import glanzen.schedule.Schedule;
import glanzen.schedule.Workload;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.dao.OptimisticLockingFailureException;

/** Whoever looks for better plans stops as soon as the evening is another one, however that comes out. */
class EveningSearchTest {

    private final EveningService evenings = mock(EveningService.class);
    private final BlockingQueue<Boolean> wanted = new ArrayBlockingQueue<>(4);

    /** Tells the same plan again and again, and whether it was still wanted after the first. */
    private final EveningSearch search = new EveningSearch(evenings, new Planner() {
        @Override
        public Found improve(
                Workload work, Schedule start, double seconds, BooleanSupplier stopped, Consumer<Found> better) {
            Found found = new Found(start, 0, false);
            better.accept(found);
            wanted.add(!stopped.getAsBoolean());
            return found;
        }

        @Override
        public boolean available() {
            return true;
        }
    });

    @AfterEach
    void close() {
        search.close();
    }

    @ParameterizedTest
    @ValueSource(strings = {"kept", "another", "at this moment", "gone"})
    void whatIsNoLongerItsEveningEndsTheSearch(String became) throws InterruptedException {
        when(evenings.get("evening")).thenReturn(KeptTest.kept());
        when(evenings.better(anyString(), anyInt(), any(), any())).thenAnswer(call -> switch (became) {
            case "kept" -> true;
            case "another" -> false;
            case "gone" -> throw new NotFound("This evening");
            default -> throw new OptimisticLockingFailureException("changed");
        });
        search.begin("evening");
        assertEquals(became.equals("kept"), wanted.poll(20, TimeUnit.SECONDS));
    }
}
