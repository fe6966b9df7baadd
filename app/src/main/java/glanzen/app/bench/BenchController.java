package glanzen.app.bench;

import glanzen.app.device.BenchClock;
import glanzen.app.drying.DryingPanel;
import glanzen.app.drying.DryingService;
import glanzen.app.kit.KitService;
import glanzen.app.pull.PullService;
import glanzen.app.pull.PullView;
import glanzen.app.run.RunService;
import glanzen.app.run.RunView;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.kit.Board;
import glanzen.kit.Kit;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is on, what was done, what is short. */
@RestController
class BenchController {

    private static final double SHORT_SHARE = 0.15;
    private static final int SHORT_PIECES = 8;
    private static final double NOTICED_BOW_MM = 3;

    private final RunService runs;
    private final SetUpService setUps;
    private final PullService pulls;
    private final KitService kit;
    private final DryingService dryings;
    private final BenchClock clock;

    BenchController(
            RunService runs,
            SetUpService setUps,
            PullService pulls,
            KitService kit,
            DryingService dryings,
            BenchClock clock) {
        this.runs = runs;
        this.setUps = setUps;
        this.pulls = pulls;
        this.kit = kit;
        this.dryings = dryings;
        this.clock = clock;
    }

    /**
     * The bench at a glance.
     *
     * @param now bench time
     * @param run the run that is on
     * @param setUps set-ups, last touched first
     * @param latest the last pulls, newest first
     * @param needs what is short or worn
     * @param dryings gel panels, longest drying first
     */
    record BenchView(
            Instant now,
            @Nullable RunView run,
            List<SavedSetUp> setUps,
            List<PullView> latest,
            List<Need> needs,
            List<DryingPanel> dryings) {}

    /** Something short or worn; the share that is left of it. */
    record Need(String id, String name, String what, double left) {}

    @GetMapping("/api/bench")
    BenchView bench() {
        return new BenchView(
                clock.now(), runs.open().orElse(null), setUps.all(), pulls.latest(), needs(), dryings.all());
    }

    /** Lets bench time jump ahead, for trying things out. */
    @PostMapping("/api/bench/skip")
    BenchView skip(@RequestParam double seconds) {
        clock.skip(seconds);
        return bench();
    }

    private List<Need> needs() {
        Kit inUse = KitService.kit(kit.view(), k -> !k.retired());
        List<Need> needs = new ArrayList<>();
        inUse.films().forEach(f -> {
            double left = f.leftCm2() / (f.widthMm() * f.heightMm() / 100);
            if (left < SHORT_SHARE) {
                needs.add(new Need(f.id(), f.name(), "nearly spent", left));
            }
        });
        inUse.stocks().stream()
                .filter(s -> s.left() < SHORT_PIECES)
                .forEach(s -> needs.add(new Need(s.id(), s.name(), sheets(s.left()) + " left", 0)));
        for (Board b : inUse.boards()) {
            if (b.bowMm() >= NOTICED_BOW_MM) {
                needs.add(new Need(b.id(), b.name(), "bowed: turn or swap it", Math.max(0, 1 - b.wear())));
            } else if (b.wear() > 1 - SHORT_SHARE) {
                needs.add(new Need(b.id(), b.name(), "nearly worn out", Math.max(0, 1 - b.wear())));
            }
        }
        return needs;
    }

    private static String sheets(double left) {
        double rounded = Math.round(left * 10) / 10.0;
        String figure = rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
        return figure + (rounded == 1 ? " sheet" : " sheets");
    }
}
