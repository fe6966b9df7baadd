package glanzen.app.kit;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import glanzen.app.keeping.Json;
import glanzen.app.keeping.Remembered;
import glanzen.app.keeping.Versioned;
import glanzen.kit.Board;
import glanzen.kit.Envelope;
import glanzen.kit.Film;
import glanzen.kit.FoamSheet;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Leftover;
import glanzen.kit.Offcut;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How the kit is read. */
record KitReading(KitRepository items, Json json) implements Remembered.Reading<KitThing, KitView> {

    private static final Comparator<KitThing> AS_THEY_CAME = Comparator.comparing(
                    (KitThing k) -> k.row().place())
            .thenComparing(k -> k.row().id());

    @Override
    public Map<String, KitThing> everything() {
        return items.everything().stream().collect(toMap(KitThing.Written::id, this::thing));
    }

    @Override
    public Optional<KitThing> again(String id, @Nullable KitThing known) {
        return items.written(id).map(w -> known != null && known.row().equals(w.row()) ? known : thing(w));
    }

    private KitThing thing(KitThing.Written w) {
        return new KitThing(w.row(), json.read(w.body(), w.shelf().type()));
    }

    @Override
    public KitView view(Collection<KitThing> all) {
        Map<Class<?>, List<KitThing>> things = all.stream()
                .sorted(AS_THEY_CAME)
                .collect(groupingBy(k -> k.item().getClass()));
        return new KitView(
                on(things, Press.class),
                on(things, Platform.class),
                on(things, Board.class),
                on(things, Plate.class),
                on(things, Stock.class),
                on(things, Film.class),
                on(things, Leftover.class),
                on(things, HeatedRollers.class),
                on(things, Offcut.class),
                on(things, FoamSheet.class),
                on(things, Envelope.class));
    }

    private static <T extends Record> List<Versioned<T>> on(Map<Class<?>, List<KitThing>> things, Class<T> type) {
        return things.getOrDefault(type, List.of()).stream()
                .map(k -> new Versioned<>(
                        type.cast(k.item()), k.row().version(), k.row().retired()))
                .toList();
    }
}
