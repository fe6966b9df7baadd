package glanzen.app.run;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import glanzen.app.device.Feeder;
import glanzen.app.setup.Draft;
import glanzen.app.web.NotFound;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

class RunFeedTest {

    private final RunService runs = mock(RunService.class);
    private final RunFeed feed = new RunFeed(runs);

    @Test
    void nobodyIsAskedForARunThatNobodyWatches() {
        feed.push();
        verify(runs, times(0)).get("run-1");
    }

    /** Seconds are counted by the page; only what it cannot know is sent. */
    @Test
    void onlyNewsIsToldAndSeldomThatAllIsQuiet() throws IOException {
        SseEmitter watching = mock(SseEmitter.class);
        when(runs.get("run-1")).thenReturn(run(3, 10), run(3, 10.4), run(3, 10.8), run(4, 0));
        feed.watch("run-1", watching);
        feed.push();
        feed.push();
        verify(watching, times(1)).send(any(SseEventBuilder.class));
        feed.push();
        verify(watching, times(2)).send(any(SseEventBuilder.class));
        for (int i = 0; i < 60; i++) {
            feed.push();
        }
        verify(watching, times(4)).send(any(SseEventBuilder.class));
    }

    private static final Draft DRAFT = mock(Draft.class);

    private static RunView run(int step, double elapsed) {
        return new RunView(
                "run-1",
                "Words",
                RunView.Status.OPEN,
                step,
                List.of(),
                List.of(),
                step,
                "It is laid",
                null,
                elapsed,
                1,
                null,
                new Feeder.PressReading(Feeder.State.IDLE, 0),
                List.of(),
                null,
                List.of(),
                DRAFT,
                true,
                false,
                false,
                new RunView.Batch(1, 0, 0, 0, 1));
    }

    @Test
    void aRunThatIsGoneIsNotAskedForAgain() {
        feed.watch("run-1");
        verify(runs, times(1)).get("run-1");
        when(runs.get("run-1")).thenThrow(new NotFound("This run"));
        feed.push();
        feed.push();
        feed.push();
        verify(runs, times(2)).get("run-1");
    }
}
