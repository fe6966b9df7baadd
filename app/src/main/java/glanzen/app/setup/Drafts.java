package glanzen.app.setup;

import glanzen.app.setup.Draft.DraftLayer;
import glanzen.app.setup.Draft.LayerKind;
import glanzen.app.setup.Draft.PlatformHeat;
import glanzen.app.setup.Draft.RollerHeat;
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
import glanzen.route.LayerRole;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
                .present("machineId", draft.machineId(), "a press or machine of your kit")
                .present("layers", draft.layers(), "the layers, bottom to top")
                .present("peel", draft.peel(), "where and how long it cools")
                .done();
        Machine machine = found("machineId", draft.machineId(), kit.machine(draft.machineId()));
        Plate design =
                draft.designId() == null ? null : found("designId", draft.designId(), kit.plate(draft.designId()));
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < draft.layers().size(); i++) {
            DraftLayer layer = draft.layers().get(i);
            String field = "layers[" + i + "]";
            new Checks()
                    .present(field + ".kind", layer.kind(), "platform, plate, film, stock or board")
                    .present(field + ".facing", layer.facing(), "up or down")
                    .done();
            Optional<? extends StackItem> item = switch (layer.kind()) {
                case PLATFORM -> kit.platform(layer.id());
                case PLATE -> kit.plate(layer.id());
                case FILM -> kit.film(layer.id());
                case STOCK -> kit.stock(layer.id());
                case BOARD -> kit.board(layer.id());
            };
            layers.add(new Layer(found(field, layer.id(), item), layer.facing()));
        }
        SetUp bare = new SetUp(
                draft.route(),
                machine,
                heat(draft, machine, kit),
                design,
                new Stack(layers),
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

    private static Heat heat(Draft draft, Machine machine, Kit kit) {
        PlatformHeat on = draft.onPlatform();
        RollerHeat hot = draft.hotRollers();
        new Checks()
                .holds(
                        on == null || hot == null,
                        "hotRollers",
                        "and onPlatform exclude each other",
                        "one of them, or none")
                .done();
        if (on != null) {
            new Checks()
                    .present("onPlatform.platformId", on.platformId(), "a platform of your kit")
                    .done();
            Platform platform = found("onPlatform.platformId", on.platformId(), kit.platform(on.platformId()));
            return new Heat.OnPlatform(platform, on.level(), on.heating(), on.soakSeconds(), on.holdSeconds());
        }
        if (hot == null) {
            return new Heat.None();
        }
        if (machine instanceof HeatedRollers rollers) {
            return new Heat.HotRollers(rollers, hot.setting(), hot.onSeconds());
        }
        throw new BadInput("hotRollers", "are not the machine's own", "nothing here, or a machine with heated rollers");
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
                                found("layout.patches.boardId", p.boardId(), kit.board(p.boardId())), p.outline()))
                        .toList());
    }

    private static Placed placed(PlacedDraft p, Kit kit) {
        Plate plate = found("layout.plates.plateId", p.plateId(), kit.plate(p.plateId()));
        return new Placed(p.key(), plate, p.quarterTurns(), p.across(), p.along(), p.foil());
    }

    /** A layout with its things named by key; none where nothing is laid out and the piece is not known. */
    public static @Nullable LayoutDraft draft(Layout layout) {
        return !layout.sized()
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

    private static <T> T found(String field, String id, Optional<? extends T> item) {
        return item.<T>map(i -> i)
                .orElseThrow(() -> new BadInput(field, "is not in your kit: " + id, "something from the kit"));
    }

    /** A set-up with its things named by key. */
    public static Draft draft(SetUp s) {
        List<DraftLayer> layers = s.stack().layers().stream()
                .map(l -> new DraftLayer(kind(l.item()), l.item().id(), l.facing()))
                .toList();
        return new Draft(
                s.route(),
                s.machine().id(),
                s.heat() instanceof Heat.OnPlatform on
                        ? new PlatformHeat(
                                on.platform().id(), on.level(), on.heating(), on.soakSeconds(), on.holdSeconds())
                        : null,
                s.heat() instanceof Heat.HotRollers hot ? new RollerHeat(hot.setting(), hot.onSeconds()) : null,
                s.design() == null ? null : s.design().id(),
                layers,
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

    /** Which shelf fills a role. */
    static LayerKind kind(LayerRole role) {
        return switch (role) {
            case PLATFORM -> LayerKind.PLATFORM;
            case TOOL -> LayerKind.PLATE;
            case FILM -> LayerKind.FILM;
            case STOCK -> LayerKind.STOCK;
            default -> LayerKind.BOARD;
        };
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
                both(distinct(s, Platform.class), s.platform().stream()),
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
