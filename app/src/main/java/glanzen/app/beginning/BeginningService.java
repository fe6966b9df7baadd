package glanzen.app.beginning;

import glanzen.app.keeping.Json;
import glanzen.app.kit.KitService;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.rig.RigService;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.SetUpService;
import glanzen.artwork.ArtworkShelf;
import glanzen.beginning.FirstPull;
import glanzen.beginning.Kind;
import glanzen.beginning.Worded;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Kit;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.learning.Belief;
import glanzen.learning.Rigged;
import glanzen.measure.BadInput;
import glanzen.pull.Doubt;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Turns chosen kinds into a kit and a first pull. */
@Service
class BeginningService {

    private final List<Kind> kinds;
    private final KitService kit;
    private final SetUpService setUps;
    private final ForecastService forecasts;
    private final RigService rigs;
    private final PreferencesService preferences;
    private final ArtworkShelf artworks;

    BeginningService(
            @Value("classpath:glanzen/beginnings.json") Resource file,
            Json json,
            KitService kit,
            SetUpService setUps,
            ForecastService forecasts,
            RigService rigs,
            PreferencesService preferences,
            ArtworkShelf artworks)
            throws IOException {
        this.kinds = List.of(json.read(file.getContentAsString(StandardCharsets.UTF_8), Kind[].class));
        this.kit = kit;
        this.setUps = setUps;
        this.forecasts = forecasts;
        this.rigs = rigs;
        this.preferences = preferences;
        this.artworks = artworks;
    }

    /** All kinds, in the order in which they are shown. */
    List<Kind> kinds() {
        return kinds;
    }

    /** What a choice would make, without keeping anything. */
    Begun preview(Chosen chosen) {
        return begun(made(chosen, Function.identity()), doubts(chosen));
    }

    /** Puts everything chosen on the shelves, and keeps the first pull. */
    @Transactional
    Begun keep(Chosen chosen) {
        Map<String, String> keys = new HashMap<>();
        Kit made = made(chosen, item -> {
            Record kept = added(item);
            keys.put(id(item), id(kept));
            return kept;
        });
        Map<String, Doubt> doubts = new HashMap<>();
        doubts(chosen).forEach((id, doubt) -> doubts.put(keys.getOrDefault(id, id), doubt));
        rigs.doubt(doubts);
        Begun begun = begun(made, doubts);
        if (begun.draft() == null) {
            return begun;
        }
        SetUp setUp = Drafts.setUp(begun.draft(), made);
        String name = setUp.plate().name() + " on " + setUp.stock().name();
        String id = setUps.keep(name, begun.draft(), false).id();
        return new Begun(made, begun.draft(), begun.report(), begun.missing(), id);
    }

    private Inventory inventory(Kit all) {
        return new Inventory(all.boards(), artworks, all.machines());
    }

    private Begun begun(Kit made, Map<String, Doubt> doubts) {
        FirstPull first = FirstPull.of(made, inventory(made), preferences.get().roomC());
        SetUp usual = first.setUp();
        if (usual == null) {
            return new Begun(made, null, null, first.missing(), null);
        }
        RigEnsemble ensemble = Belief.NOTHING.doubting(doubts).rigs(Rigged.of(usual));
        SetUp setUp = forecasts.first(usual, inventory(made), ensemble);
        return new Begun(
                made, Drafts.draft(setUp), forecasts.answer(setUp, inventory(made), ensemble), List.of(), null);
    }

    /** By machine and platform. */
    private Map<String, Doubt> doubts(Chosen chosen) {
        Map<String, Doubt> doubts = new HashMap<>();
        for (Kind kind : kinds(chosen)) {
            Stream.concat(
                            kind.things().machines().stream().map(Machine::id),
                            kind.things().platforms().stream().map(Platform::id))
                    .forEach(id -> doubts.put(id, kind.doubt()));
        }
        return doubts;
    }

    private List<Kind> kinds(Chosen chosen) {
        return chosen.kinds().stream()
                .distinct()
                .map(id -> kinds.stream()
                        .filter(k -> k.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new BadInput("kinds", id + " is none", "keys of GET /api/beginnings")))
                .toList();
    }

    private Kit made(Chosen chosen, Function<Record, Record> each) {
        List<Record> things = new ArrayList<>();
        for (Kind kind : kinds(chosen)) {
            Kit of = kind.things();
            Stream.of(of.presses(), of.platforms(), of.rollers(), of.boards(), of.films(), of.stocks())
                    .flatMap(List::stream)
                    .forEach(things::add);
            of.plates().stream().map(p -> Worded.plate(p, chosen.words())).forEach(things::add);
        }
        if (chosen.plate() != null) {
            things.add(chosen.plate());
        }
        List<Record> kept = things.stream().map(each).toList();
        return new Kit(
                of(kept, Press.class),
                of(kept, Platform.class),
                of(kept, Board.class),
                of(kept, Plate.class),
                of(kept, Stock.class),
                of(kept, Film.class),
                of(kept, HeatedRollers.class));
    }

    private static <T> List<T> of(List<Record> things, Class<T> type) {
        return things.stream().filter(type::isInstance).map(type::cast).toList();
    }

    @SuppressWarnings("unchecked")
    private Record added(Record item) {
        return kit.add((Class<Record>) item.getClass(), item).item();
    }

    private static String id(Record item) {
        return item instanceof Machine machine ? machine.id() : item instanceof Platform platform ? platform.id() : "";
    }
}
