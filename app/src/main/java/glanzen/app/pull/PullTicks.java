package glanzen.app.pull;

import glanzen.app.setup.PastPulls;
import glanzen.app.setup.SetUpReport.Tick;
import java.util.List;
import org.springframework.stereotype.Component;

/** Past pulls as ticks on the window. */
@Component
class PullTicks implements PastPulls {

    private final PullRepository pulls;

    PullTicks(PullRepository pulls) {
        this.pulls = pulls;
    }

    @Override
    public List<Tick> ticks(String plateId, String filmId, String stockId) {
        return pulls.findTop6ByPlateIdAndFilmIdAndStockIdOrderByNumberDesc(plateId, filmId, stockId).stream()
                .map(p -> new Tick(p.number, p.position, p.outcome))
                .toList();
    }
}
