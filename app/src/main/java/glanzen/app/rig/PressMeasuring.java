package glanzen.app.rig;

import glanzen.app.keeping.Versioned;
import glanzen.app.kit.KitService;
import glanzen.app.web.NotFound;
import glanzen.kit.Board;
import glanzen.kit.Press;
import glanzen.learning.StripGauge;
import glanzen.learning.StripGauge.Measured;
import glanzen.learning.StripGauge.Trial;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Measures a press with card strips, and lets what is believed of it follow. */
@Service
class PressMeasuring {

    private final KitService kit;
    private final RigService rigs;

    PressMeasuring(KitService kit, RigService rigs) {
        this.kit = kit;
        this.rigs = rigs;
    }

    /**
     * What was laid and seen.
     *
     * @param boardIds boards that carry the strips; one that lies twice stands twice
     * @param trials what the strips did
     */
    record Strips(List<String> boardIds, List<Trial> trials) {
        Strips {
            boardIds = boardIds == null ? List.of() : boardIds;
            trials = trials == null ? List.of() : trials;
            new Checks()
                    .holds(boardIds.stream().noneMatch(Objects::isNull), "boardIds", "have a gap", "boards of your kit")
                    .holds(trials.stream().noneMatch(Objects::isNull), "trials", "have a gap", "what each strip did")
                    .done();
        }
    }

    Measured weigh(String pressId, Strips strips) {
        List<Board> boards = strips.boardIds.stream()
                .map(id -> kit.kit()
                        .board(id)
                        .orElseThrow(() -> new BadInput("boardIds", id + " is not in your kit", "boards of your kit")))
                .toList();
        return StripGauge.of(press(pressId).item(), boards, strips.trials);
    }

    /** Keeps it: the press has the measured opening and give as its figures from now on. */
    @Transactional
    Measured keep(String pressId, Strips strips, long version) {
        if (strips.trials.isEmpty()) {
            throw new BadInput("trials", "are none", "at least one trial with strips");
        }
        Press press = press(pressId).item();
        Measured measured = weigh(pressId, strips);
        double crown = Math.round(measured.crown() * 1000) / 1000.0;
        double openingMm = Math.round(measured.openingMm() * 100) / 100.0;
        kit.change(Press.class, pressId, press.measured(openingMm, crown), version);
        rigs.measured(
                pressId,
                measured.openingMm() - openingMm,
                measured.openingSdMm(),
                measured.crownSd() / measured.crown());
        return measured;
    }

    private Versioned<Press> press(String id) {
        return kit.view().presses().stream()
                .filter(k -> k.item().id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("This press"));
    }
}
