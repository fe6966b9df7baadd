package glanzen.app.run;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import glanzen.app.web.NotFound;
import org.junit.jupiter.api.Test;

class RunFeedTest {

    private final RunService runs = mock(RunService.class);
    private final RunFeed feed = new RunFeed(runs);

    @Test
    void nobodyIsAskedForARunThatNobodyWatches() {
        feed.push();
        verify(runs, times(0)).get("run-1");
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
