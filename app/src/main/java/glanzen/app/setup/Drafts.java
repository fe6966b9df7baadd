package glanzen.app.setup;

import glanzen.app.setup.Draft.DraftLayer;
import glanzen.app.setup.Draft.LayerKind;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Kit;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.route.SetUp;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** Turns drafts into set-ups and back. */
public final class Drafts {

    private Drafts() {}

    /**
     * Looks up everything a draft names.
     *
     * @throws BadInput if something is not in the kit
     */
    public static SetUp setUp(Draft draft, Kit kit) {
        new Checks()
                .present("pressId", draft.pressId(), "a press of your kit")
                .present("platformId", draft.platformId(), "a platform of your kit")
                .present("layers", draft.layers(), "the layers, bottom to top")
                .present("peel", draft.peel(), "where and how long it cools")
                .done();
        Press press = find("pressId", draft.pressId(), kit.presses(), Press::id);
        Platform platform = find("platformId", draft.platformId(), kit.platforms(), Platform::id);
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < draft.layers().size(); i++) {
            DraftLayer layer = draft.layers().get(i);
            String field = "layers[" + i + "]";
            new Checks()
                    .present(field + ".kind", layer.kind(), "platform, plate, film, stock or board")
                    .present(field + ".facing", layer.facing(), "up or down")
                    .done();
            List<? extends StackItem> shelf = switch (layer.kind()) {
                case PLATFORM -> kit.platforms();
                case PLATE -> kit.plates();
                case FILM -> kit.films();
                case STOCK -> kit.stocks();
                case BOARD -> kit.boards();
            };
            layers.add(new Layer(find(field, layer.id(), shelf, StackItem::id), layer.facing()));
        }
        return new SetUp(
                draft.route(),
                press,
                platform,
                draft.level(),
                new Stack(layers),
                draft.heating(),
                draft.soakSeconds(),
                draft.holdSeconds(),
                draft.pace(),
                draft.passes(),
                draft.peel(),
                draft.medium(),
                draft.filmPeeled(),
                draft.roomC());
    }

    private static <T> T find(String field, String id, List<? extends T> shelf, Function<T, String> key) {
        for (T item : shelf) {
            if (key.apply(item).equals(id)) {
                return item;
            }
        }
        throw new BadInput(field, "is not in your kit: " + id, "something from the kit");
    }

    /** A set-up with its things named by key. */
    public static Draft draft(SetUp s) {
        List<DraftLayer> layers = s.stack().layers().stream()
                .map(l -> new DraftLayer(kind(l.item()), l.item().id(), l.facing()))
                .toList();
        return new Draft(
                s.route(),
                s.press().id(),
                s.platform().id(),
                s.level(),
                layers,
                s.heating(),
                s.soakSeconds(),
                s.holdSeconds(),
                s.pace(),
                s.passes(),
                s.peel(),
                s.medium(),
                s.filmPeeled(),
                s.roomC());
    }

    private static LayerKind kind(StackItem item) {
        if (item instanceof Platform) {
            return LayerKind.PLATFORM;
        }
        if (item instanceof Plate) {
            return LayerKind.PLATE;
        }
        if (item instanceof Film) {
            return LayerKind.FILM;
        }
        return item instanceof Stock ? LayerKind.STOCK : LayerKind.BOARD;
    }

    /** The things a set-up is made of, so that it can be read again whatever becomes of the kit. */
    public static Kit excerpt(SetUp s) {
        return new Kit(
                List.of(s.press()),
                Stream.concat(Stream.of(s.platform()), s.stack().all(Platform.class).stream())
                        .distinct()
                        .toList(),
                distinct(s, Board.class),
                distinct(s, Plate.class),
                distinct(s, Stock.class),
                distinct(s, Film.class));
    }

    private static <T extends StackItem> List<T> distinct(SetUp s, Class<T> kind) {
        return s.stack().all(kind).stream().distinct().toList();
    }
}
