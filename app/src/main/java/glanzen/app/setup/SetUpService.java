package glanzen.app.setup;

import glanzen.app.keeping.Json;
import glanzen.app.keeping.TriedAgain;
import glanzen.app.kit.KitService;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.setup.Draft.DraftLayer;
import glanzen.app.setup.Draft.LayerKind;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.kit.Kit;
import glanzen.kit.Stock;
import glanzen.layout.Layout;
import glanzen.layout.Piece;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.start.StartingStack;
import glanzen.start.StartingStack.Pick;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps set-ups and starts new ones. */
@Service
@Transactional
public class SetUpService {

    private final SetUpRepository setUps;
    private final KitService kit;
    private final PreferencesService preferences;
    private final ForecastService forecasts;
    private final Json json;
    private final Clock clock;
    private final EntityManager entities;

    SetUpService(
            SetUpRepository setUps,
            KitService kit,
            PreferencesService preferences,
            ForecastService forecasts,
            Json json,
            Clock clock,
            EntityManager entities) {
        this.setUps = setUps;
        this.kit = kit;
        this.preferences = preferences;
        this.forecasts = forecasts;
        this.json = json;
        this.clock = clock;
        this.entities = entities;
    }

    /**
     * What a person picks to begin with.
     *
     * @param machineId a press, or a machine with heated rollers
     * @param platformId a platform, for routes that are done on one
     * @param plateId the tool, or what laid the design
     * @param filmId foil or flock, for routes that take one
     * @param pieceWidthMm width of the piece it is for, mm; absent if it is for a whole sheet
     * @param pieceHeightMm its height, mm
     */
    public record Choice(
            String name,
            Route route,
            String machineId,
            @Nullable String platformId,
            String plateId,
            @Nullable String filmId,
            String stockId,
            @Nullable Double pieceWidthMm,
            @Nullable Double pieceHeightMm) {}

    /** All of them, last touched first. */
    @Transactional(readOnly = true)
    public List<SavedSetUp> all() {
        return setUps.findAllByOrderByTouchedAtDesc().stream().map(this::view).toList();
    }

    /** Those that are there of some. */
    @Transactional(readOnly = true)
    public List<SavedSetUp> those(Set<String> ids) {
        return setUps.findAllById(ids).stream().map(this::view).toList();
    }

    @Transactional(readOnly = true)
    public SavedSetUp get(String id) {
        return view(find(id));
    }

    /** Builds the stack a route begins with and keeps it. */
    public SavedSetUp start(Choice choice) {
        new Checks()
                .name("name", choice.name)
                .present("route", choice.route, "a route")
                .present("machineId", choice.machineId, "a press or a machine")
                .present("plateId", choice.plateId, "a tool or a design")
                .present("stockId", choice.stockId, "a stock")
                .done();
        Kit all = kit.kit();
        Pick pick = new Pick(
                choice.route,
                owned("machineId", all.machine(choice.machineId)),
                choice.platformId == null ? null : owned("platformId", all.platform(choice.platformId)),
                owned("plateId", all.plate(choice.plateId)),
                choice.filmId == null ? null : owned("filmId", all.film(choice.filmId)),
                sheet(choice, owned("stockId", all.stock(choice.stockId))),
                preferences.get().roomC());
        Inventory shop = forecasts.inventory();
        SetUp usual = forItsPiece(StartingStack.of(pick, shop), choice);
        return keep(choice.name, Drafts.draft(forecasts.first(usual, shop, forecasts.ensemble(usual))), false);
    }

    /** Where nothing is laid out, the size of the piece goes with the set-up all the same. */
    private static SetUp forItsPiece(SetUp setUp, Choice choice) {
        return choice.pieceWidthMm == null
                        || choice.pieceHeightMm == null
                        || setUp.layout().laid()
                ? setUp
                : setUp.withLayout(Layout.forPiece(new Piece(choice.pieceWidthMm, choice.pieceHeightMm, 0)));
    }

    /** The sheet as it is cut for its piece. */
    private static Stock sheet(Choice choice, Stock stock) {
        return choice.pieceWidthMm == null || choice.pieceHeightMm == null
                ? stock
                : stock.cut(choice.pieceWidthMm, choice.pieceHeightMm);
    }

    private static <T> T owned(String field, Optional<T> item) {
        return item.orElseThrow(() -> new BadInput(field, "is not in your kit", "something from the kit"));
    }

    /** Keeps a new set-up. */
    @TriedAgain
    public SavedSetUp keep(String name, Draft draft, boolean proven) {
        new Checks().name("name", name).done();
        Drafts.setUp(draft, kit.kit());
        SetUpEntity entity = new SetUpEntity();
        entity.id = "setup-" + UUID.randomUUID().toString().substring(0, 8);
        if (proven) {
            unprove(draft);
        }
        entity.recipeOf = proven ? recipeOf(draft) : null;
        write(entity, name, draft, proven);
        return view(entity);
    }

    /** Changes one, unless it was changed meanwhile. */
    public SavedSetUp change(String id, String name, Draft draft, long version) {
        new Checks().name("name", name).done();
        SetUpEntity entity = find(id);
        Conflict.unlessSame(version, entity.version);
        Drafts.setUp(draft, kit.kit());
        write(entity, name, draft, entity.proven);
        return view(entity);
    }

    public void remove(String id, long version) {
        SetUpEntity entity = find(id);
        Conflict.unlessSame(version, entity.version);
        setUps.delete(entity);
    }

    /**
     * Replaces all of them; the kit must be there already.
     *
     * @param version the version everything gets
     */
    public void replace(List<SavedSetUp> all, long version) {
        setUps.deleteAllInBatch();
        Kit present = kit.kit();
        Set<String> recipes = new HashSet<>();
        for (SavedSetUp saved : all) {
            Drafts.setUp(saved.draft(), present);
            SetUpEntity entity = new SetUpEntity();
            entity.id = saved.id();
            entity.name = saved.name().trim();
            entity.draft = json.write(saved.draft());
            // Files from before there was one recipe only may bring two; the first stays.
            entity.proven = saved.proven() && recipes.add(recipeOf(saved.draft()));
            entity.recipeOf = entity.proven ? recipeOf(saved.draft()) : null;
            entity.touchedAt = saved.touchedAt();
            entity.version = version;
            entities.persist(entity);
        }
    }

    /** There is one proven recipe for a plate, film and stock. */
    private void unprove(Draft draft) {
        Set<DraftLayer> made = madeOf(draft);
        setUps.findAll().stream()
                .filter(e -> e.proven && madeOf(json.read(e.draft, Draft.class)).equals(made))
                .forEach(e -> {
                    e.proven = false;
                    e.recipeOf = null;
                });
        // Before the new one is written: two are never there at once.
        setUps.flush();
    }

    /** What a recipe is for, in one word. */
    private static String recipeOf(Draft draft) {
        return madeOf(draft).stream().map(l -> l.kind() + " " + l.id()).sorted().collect(Collectors.joining("|"));
    }

    private static Set<DraftLayer> madeOf(Draft draft) {
        Set<DraftLayer> made = new HashSet<>();
        if (draft.designId() != null) {
            made.add(new DraftLayer(LayerKind.PLATE, draft.designId(), Facing.UP));
        }
        for (DraftLayer layer : draft.layers()) {
            if (layer.kind() != LayerKind.BOARD && layer.kind() != LayerKind.PLATFORM) {
                made.add(new DraftLayer(layer.kind(), layer.id(), Facing.UP));
            }
        }
        return made;
    }

    private void write(SetUpEntity entity, String name, Draft draft, boolean proven) {
        entity.name = name.trim();
        entity.draft = json.write(draft);
        entity.proven = proven;
        entity.touchedAt = clock.instant();
        setUps.saveAndFlush(entity);
    }

    private SetUpEntity find(String id) {
        return setUps.findById(id).orElseThrow(() -> new NotFound("This set-up"));
    }

    private SavedSetUp view(SetUpEntity e) {
        return new SavedSetUp(e.id, e.name, json.read(e.draft, Draft.class), e.proven, e.touchedAt, e.version);
    }
}
