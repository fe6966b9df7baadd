package glanzen.app.run;

import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;

import glanzen.app.device.BenchClock;
import glanzen.app.device.Devices;
import glanzen.app.keeping.Json;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Conflict;
import org.junit.jupiter.api.Test;

class RealBenchTest {

    @Test
    void nothingIsReadOffAPullThatWasMadeUpOutsideTheDemo() {
        Devices devices = mock(Devices.class);
        RunService runs = new RunService(
                mock(RunRepository.class),
                mock(SetUpService.class),
                mock(ForecastService.class),
                devices,
                mock(BenchClock.class),
                mock(Json.class),
                false);
        Conflict refused = assertThrows(Conflict.class, () -> runs.scan("run-1"));
        assertTrue(refused.getMessage().contains("Log what you see"));
        assertThrows(Conflict.class, () -> runs.scanned("run-1", 60, 40));
        verifyNoInteractions(devices);
    }
}
