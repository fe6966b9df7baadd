package glanzen.app.drill;

import glanzen.app.keeping.Json;
import glanzen.app.kit.KitService;
import glanzen.app.pull.PullService;
import glanzen.app.setup.Draft;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.SetUpService;
import glanzen.forecast.Forecaster;
import glanzen.kit.Kit;
import glanzen.kit.Leftover;
import glanzen.measure.BadInput;
import glanzen.training.Workshop;
import glanzen.training.Workshop.Named;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What drills are made from: the person's own kit, set-ups and worst pulls; and a practice workshop that ships, for what those lack. */
@Component
class DrillMaterial {

    private static final String PRACTICE = "/glanzen/practice.json";
    private static final int WORST = 8;

    private final KitService kit;
    private final SetUpService setUps;
    private final PullService pulls;
    private final Forecaster forecaster;
    private final Json json;
    private volatile @Nullable Workshop practice;

    DrillMaterial(KitService kit, SetUpService setUps, PullService pulls, Forecaster forecaster, Json json) {
        this.kit = kit;
        this.setUps = setUps;
        this.pulls = pulls;
        this.forecaster = forecaster;
        this.json = json;
    }

    /** Set-ups with all they name, as they ship. */
    private record Practice(List<Sent> setUps, Kit things, List<Leftover> leftovers) {}

    private record Sent(String id, String name, Draft draft) {}

    /**
     * Workshops, the person's own first.
     *
     * @param basis changes whenever what drills are made of does
     */
    record Material(List<Workshop> workshops, String basis) {}

    Material now() {
        Workshop own = own();
        String basis = Integer.toHexString((json.write(own.kit())
                        + json.write(own.leftovers())
                        + json.write(own.setUps().stream()
                                .map(n -> Drafts.draft(n.setUp()))
                                .toList()))
                .hashCode());
        return new Material(List.of(own, practice()), basis);
    }

    private Workshop own() {
        Kit all = kit.kit();
        List<Named> named = new ArrayList<>();
        pulls.worst(WORST).forEach(s -> named.add(new Named("", s)));
        setUps.all().forEach(saved -> {
            try {
                named.add(new Named(saved.name(), Drafts.setUp(saved.draft(), all)));
            } catch (BadInput gone) {
                // Something it names is gone; it says so where it is opened.
            }
        });
        return new Workshop(kit.inUse(), kit.leftovers(), named, forecaster);
    }

    private Workshop practice() {
        Workshop known = practice;
        if (known != null) {
            return known;
        }
        known = practice(json, forecaster);
        practice = known;
        return known;
    }

    /** The workshop that ships. */
    static Workshop practice(Json json, Forecaster forecaster) {
        try (InputStream in = DrillMaterial.class.getResourceAsStream(PRACTICE)) {
            Practice read = json.read(new String(in.readAllBytes(), StandardCharsets.UTF_8), Practice.class);
            List<Named> named = read.setUps.stream()
                    .map(s -> new Named(s.name, Drafts.setUp(s.draft, read.things)))
                    .toList();
            return new Workshop(read.things, read.leftovers, named, forecaster);
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
