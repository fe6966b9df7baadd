package glanzen.app.setup;

import glanzen.app.setup.Draft.DraftLayer;
import glanzen.app.setup.Draft.LayerKind;
import glanzen.app.setup.LayoutDraft.PatchDraft;
import glanzen.app.setup.LayoutDraft.PlacedDraft;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Kit;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.layout.Layout;
import glanzen.layout.MakeReadyPatch;
import glanzen.layout.Placed;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

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
                .present("pressId", draft.pressId(), "a press or machine of your kit")
                .present("layers", draft.layers(), "the layers, bottom to top")
                .present("peel", draft.peel(), "where and how long it cools")
                .done();
        Machine machine = find("pressId", draft.pressId(), kit.machines(), Machine::id);
        Platform platform = draft.platformId() == null
                ? null
                : find("platformId", draft.platformId(), kit.platforms(), Platform::id);
        Plate design = draft.designId() == null ? null : find("designId", draft.designId(), kit.plates(), Plate::id);
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
        SetUp bare = new SetUp(
                draft.route(),
                machine,
                platform,
                design,
                draft.level(),
                new Stack(layers),
                draft.heating(),
                draft.soakSeconds(),
                draft.holdSeconds(),
                draft.pace(),
                draft.passes(),
                Boolean.TRUE.equals(draft.turned()),
                draft.peel(),
                draft.medium(),
                draft.filmPeeled(),
                draft.gel(),
                draft.roomC(),
                Layout.NONE);
        LayoutDraft layout = draft.layout();
        return layout == null ? bare : bare.withLayout(layout(layout, kit));
    }

    /**
     * Looks up everything a layout names.
     *
     * @throws BadInput if something is not in the kit
     */
    public static Layout layout(LayoutDraft draft, Kit kit) {
        new Checks()
                .present("layout.plates", draft.plates(), "plates, perhaps none")
                .present("layout.cuts", draft.cuts(), "dies, perhaps none")
                .present("layout.patches", draft.patches(), "patches, perhaps none")
                .done();
        return new Layout(
                draft.piece(),
                draft.bed(),
                draft.method(),
                draft.hangs(),
                draft.plates().stream().map(p -> placed(p, kit)).toList(),
                draft.cuts().stream().map(p -> placed(p, kit)).toList(),
                draft.patches().stream()
                        .map(p -> new MakeReadyPatch(
                                find("layout.patches.boardId", p.boardId(), kit.boards(), Board::id), p.outline()))
                        .toList());
    }

    private static Placed placed(PlacedDraft p, Kit kit) {
        Plate plate = find("layout.plates.plateId", p.plateId(), kit.plates(), Plate::id);
        return new Placed(p.key(), plate, p.quarterTurns(), p.across(), p.along(), p.foil());
    }

    /** A layout with its things named by key; none where nothing is laid out. */
    public static @Nullable LayoutDraft draft(Layout layout) {
        return !layout.laid()
                ? null
                : new LayoutDraft(
                        layout.piece(),
                        layout.bed(),
                        layout.method(),
                        layout.hangs(),
                        layout.plates().stream().map(Drafts::draft).toList(),
                        layout.cuts().stream().map(Drafts::draft).toList(),
                        layout.patches().stream()
                                .map(p -> new PatchDraft(p.board().id(), p.outline()))
                                .toList());
    }

    private static PlacedDraft draft(Placed p) {
        return new PlacedDraft(p.key(), p.plate().id(), p.quarterTurns(), p.across(), p.along(), p.foil());
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
                s.machine().id(),
                s.platform() == null ? null : s.platform().id(),
                s.design() == null ? null : s.design().id(),
                s.level(),
                layers,
                s.heating(),
                s.soakSeconds(),
                s.holdSeconds(),
                s.pace(),
                s.passes(),
                s.turned(),
                s.peel(),
                s.medium(),
                s.filmPeeled(),
                s.gel(),
                s.roomC(),
                draft(s.layout()));
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
                s.machine() instanceof Press press ? List.of(press) : List.of(),
                both(distinct(s, Platform.class), Stream.ofNullable(s.platform())),
                both(distinct(s, Board.class), s.layout().patches().stream().map(MakeReadyPatch::board)),
                both(
                        distinct(s, Plate.class),
                        Stream.concat(
                                Stream.ofNullable(s.design()),
                                s.layout().all().stream().map(Placed::plate))),
                distinct(s, Stock.class),
                distinct(s, Film.class),
                s.machine() instanceof HeatedRollers rollers ? List.of(rollers) : List.of());
    }

    private static <T> List<T> both(List<T> some, Stream<T> more) {
        return Stream.concat(some.stream(), more).distinct().toList();
    }

    private static <T extends StackItem> List<T> distinct(SetUp s, Class<T> kind) {
        return s.stack().all(kind).stream().distinct().toList();
    }
}
