package glanzen.app.pull;

import glanzen.app.setup.PastPulls;
import glanzen.app.setup.SetUpReport.Tick;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** Past pulls as ticks on the window. */
@Component
class PullTicks implements PastPulls {

    private static final int LAST_FEW = 6;

    private final PullRepository pulls;

    PullTicks(PullRepository pulls) {
        this.pulls = pulls;
    }

    @Override
    public List<Tick> ticks(String plateId, String filmId, String stockId) {
        return pulls.ticks(plateId, filmId, stockId, Limit.of(LAST_FEW));
    }
}
