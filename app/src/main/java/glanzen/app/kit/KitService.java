package glanzen.app.kit;

import glanzen.app.keeping.Json;
import glanzen.app.keeping.Remembered;
import glanzen.app.keeping.Versioned;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.kit.Board;
import glanzen.kit.Envelope;
import glanzen.kit.Film;
import glanzen.kit.FoamSheet;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Kit;
import glanzen.kit.Leftover;
import glanzen.kit.Offcut;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Keeps the kit. */
@Service
@Transactional
public class KitService {

    private final KitRepository items;
    private final Json json;
    private final JsonMapper mapper;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;

    /** A drawing that follows a hand asks for the kit many times a second. */
    private final Remembered<KitThing, KitView> mind;

    KitService(
            KitRepository items,
            Json json,
            JsonMapper mapper,
            EntityManager entities,
            ApplicationEventPublisher events) {
        this.items = items;
        this.json = json;
        this.mapper = mapper;
        this.entities = entities;
        this.events = events;
        this.mind = new Remembered<>(new KitReading(items, json));
    }

    /** Everything, with versions. */
    @Transactional(readOnly = true)
    public KitView view() {
        return mind.get();
    }

    /** Everything, as the core knows it; retired things too, since old set-ups may name them. */
    @Transactional(readOnly = true)
    public Kit kit() {
        return view().kit(k -> true);
    }

    /** Everything in use. */
    @Transactional(readOnly = true)
    public Kit inUse() {
        return view().kit(k -> !k.retired());
    }

    /** Whether nothing was ever entered. */
    @Transactional(readOnly = true)
    public boolean empty() {
        return items.empty();
    }

    /** Boards in use. */
    @Transactional(readOnly = true)
    public List<Board> boards() {
        return inUse().boards();
    }

    /** Leftovers in use. */
    @Transactional(readOnly = true)
    public List<Leftover> leftovers() {
        return KitView.items(view().leftovers(), k -> !k.retired());
    }

    /** Offcuts of stock in use. */
    @Transactional(readOnly = true)
    public List<Offcut> offcuts() {
        return KitView.items(view().offcuts(), k -> !k.retired());
    }

    /** Foam in use. */
    @Transactional(readOnly = true)
    public List<FoamSheet> foams() {
        return KitView.items(view().foams(), k -> !k.retired());
    }

    /** Envelopes in use. */
    @Transactional(readOnly = true)
    public List<Envelope> envelopes() {
        return KitView.items(view().envelopes(), k -> !k.retired());
    }

    /** Puts a new thing on its shelf. */
    public <T extends Record> Versioned<T> add(Class<T> type, T item) {
        return add(type, item, newId(type));
    }

    /** Puts a thing on its shelf under a given key. */
    public <T extends Record> Versioned<T> add(Class<T> type, T item, String id) {
        mind.changing(id);
        KitItemEntity entity = new KitItemEntity();
        entity.id = id;
        entity.shelf = shelf(type);
        entity.place = (int) items.count();
        entity.body = withId(dated(type, item), id);
        items.saveAndFlush(entity);
        return kept(entity, type);
    }

    /** Puts a thing that came from somebody else on its shelf, as new. Answers its key here. */
    public String takeOver(Record thing) {
        return takeOver(thing.getClass(), thing);
    }

    private <T extends Record> String takeOver(Class<T> type, Record thing) {
        String id = newId(type);
        add(type, type.cast(thing), id);
        return id;
    }

    /** What a thing of a type is called. */
    public static String word(Class<?> type) {
        return shelf(type).word();
    }

    /** A board is in use from the day it is entered, unless something else is said. */
    private static <T extends Record> T dated(Class<T> type, T item) {
        return item instanceof Board board ? type.cast(board.since(LocalDate.now())) : item;
    }

    /** Changes a thing, unless it was changed meanwhile. */
    public <T extends Record> Versioned<T> change(Class<T> type, String id, T item, long version) {
        mind.changing(id);
        KitItemEntity entity = find(type, id);
        Conflict.unlessSame(version, entity.version);
        T before = json.read(entity.body, type);
        entity.body = withId(item, id);
        items.saveAndFlush(entity);
        events.publishEvent(new Retyped(id, before, item));
        return kept(entity, type);
    }

    /** Takes a thing out of use, or back into it. */
    public <T extends Record> Versioned<T> retire(Class<T> type, String id, boolean retired, long version) {
        mind.changing(id);
        KitItemEntity entity = find(type, id);
        Conflict.unlessSame(version, entity.version);
        entity.retired = retired;
        items.saveAndFlush(entity);
        return kept(entity, type);
    }

    /** Changes a thing because it was used or has worn, whatever version a page knows; nothing if it is gone. */
    <T extends Record> void update(Class<T> type, String id, UnaryOperator<T> change) {
        mind.changing(id);
        items.findById(id).filter(e -> e.shelf == shelf(type)).ifPresent(e -> {
            e.body = json.write(change.apply(json.read(e.body, type)));
            items.save(e);
        });
    }

    /**
     * Replaces the whole kit.
     *
     * @param version the version everything gets
     */
    public void replace(KitView view, long version) {
        mind.changingEverything();
        items.deleteAllInBatch();
        Restoring restoring = new Restoring(version);
        view.presses().forEach(k -> restore(Press.class, k, k.item().id(), restoring));
        view.platforms().forEach(k -> restore(Platform.class, k, k.item().id(), restoring));
        view.boards().forEach(k -> restore(Board.class, k, k.item().id(), restoring));
        view.plates().forEach(k -> restore(Plate.class, k, k.item().id(), restoring));
        view.stocks().forEach(k -> restore(Stock.class, k, k.item().id(), restoring));
        view.films().forEach(k -> restore(Film.class, k, k.item().id(), restoring));
        view.leftovers().forEach(k -> restore(Leftover.class, k, k.item().id(), restoring));
        view.rollers().forEach(k -> restore(HeatedRollers.class, k, k.item().id(), restoring));
        view.offcuts().forEach(k -> restore(Offcut.class, k, k.item().id(), restoring));
        view.foams().forEach(k -> restore(FoamSheet.class, k, k.item().id(), restoring));
        view.envelopes().forEach(k -> restore(Envelope.class, k, k.item().id(), restoring));
    }

    private <T extends Record> void restore(Class<T> type, Versioned<T> kept, String id, Restoring restoring) {
        KitItemEntity entity = new KitItemEntity();
        entity.id = id;
        entity.shelf = shelf(type);
        entity.place = restoring.place++;
        entity.body = withId(kept.item(), id);
        entity.retired = kept.retired();
        entity.version = restoring.version;
        entities.persist(entity);
    }

    private static final class Restoring {
        private final long version;
        private int place;

        Restoring(long version) {
            this.version = version;
        }
    }

    private <T extends Record> KitItemEntity find(Class<T> type, String id) {
        return items.findById(id)
                .filter(e -> e.shelf == shelf(type))
                .orElseThrow(() -> new NotFound("This " + shelf(type).word()));
    }

    private <T extends Record> Versioned<T> kept(KitItemEntity entity, Class<T> type) {
        return new Versioned<>(json.read(entity.body, type), entity.version, entity.retired);
    }

    /** The key is ours to give, whatever a request says. */
    private String withId(Record item, String id) {
        ObjectNode node = mapper.valueToTree(item);
        node.put("id", id);
        return json.write(node);
    }

    private static Shelf shelf(Class<?> type) {
        for (Shelf shelf : Shelf.values()) {
            if (shelf.type() == type) {
                return shelf;
            }
        }
        throw new IllegalArgumentException(type + " is on no shelf");
    }

    private static String newId(Class<?> type) {
        return type.getSimpleName().toLowerCase(Locale.ROOT) + "-"
                + UUID.randomUUID().toString().substring(0, 8);
    }
}
