package glanzen;

import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Platform.Level;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.start.StartingStack.Pick;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Random;

/** A workshop as somebody may own one, drawn at random: makers differ in every figure, and few people own everything. */
public final class AnyShop {

    private final long seed;
    private final Random random;
    private int made;
    private final Press press;
    public final Inventory inventory;
    private final Platform platform;

    public AnyShop(long seed) {
        this.seed = seed;
        random = new Random(seed);
        press = press();
        platform = platform();
        inventory = new Inventory(boards(), new ArtworkShelf(), List.of(press));
    }

    private double from(double least, double most) {
        return least + (most - least) * random.nextDouble();
    }

    private boolean now(double share) {
        return random.nextDouble() < share;
    }

    private <T> T any(Collection<T> some) {
        return List.copyOf(some).get(random.nextInt(some.size()));
    }

    private <T> T any(T[] some) {
        return some[random.nextInt(some.length)];
    }

    private Press press() {
        double slow = from(2, 8);
        double steady = slow + from(0, 6);
        return new Press(
                "press",
                "Press",
                any(Press.Kind.values()),
                from(11, 19),
                from(1000, 4500),
                from(9, 25),
                from(130, 330),
                from(1500, 5000),
                from(0, 0.25),
                slow,
                steady,
                steady + from(0, 6),
                now(0.2));
    }

    private Platform platform() {
        double low = from(104, 119);
        List<Level> levels = now(0.3)
                ? List.of(new Level("on", low + 10))
                : List.of(new Level("low", low), new Level("high", low + from(5, 35)));
        return new Platform(
                "platform",
                "Platform",
                from(4, 10),
                from(90, Math.min(220, press.throatMm() - 5)),
                from(120, 300),
                from(250, 1500),
                from(0.3, 1.5),
                from(90, 400),
                levels,
                20);
    }

    private List<Board> boards() {
        List<Board> all = new ArrayList<>();
        // Platforms come with what fills the press they are made for, but for about a millimetre.
        double missing = press.openingMm() - platform.thicknessMm() - from(2.0, 3.5);
        if (missing > 1) {
            add(all, Board.Kind.SPACER, Material.LAMINATE, missing, 1);
        }
        double outer = from(2.5, 3.6);
        add(all, Board.Kind.OUTER_PLATE, Material.POLYCARBONATE, outer, 2 + random.nextInt(3));
        // And cold stacks with what fills it under a thin die between two plates.
        add(all, Board.Kind.BASE, Material.POLYCARBONATE, press.openingMm() - 2 * outer - from(1.2, 2.2), 1);
        maybe(all, 0.8, Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.2, 1, 2);
        maybe(all, 0.4, Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.2, 0.8, 3);
        maybe(all, 0.7, Board.Kind.METAL_SHIM, Material.STEEL, 0.3, 0.6, 1);
        maybe(all, 0.9, Board.Kind.CARD_SHIM, Material.CARD, 0.25, 0.4, 8);
        maybe(all, 0.7, Board.Kind.CARD_SHIM, Material.CARD, 0.1, 0.2, 8);
        maybe(all, 0.3, Board.Kind.TISSUE_SHIM, Material.TISSUE, 0.03, 0.06, 6);
        maybe(all, 0.7, Board.Kind.MAGNETIC_SHIM, Material.STEEL, 0.3, 0.8, 1);
        maybe(all, 0.7, Board.Kind.EMBOSSING_MAT, Material.RUBBER, 1, 2, 1);
        maybe(all, 0.6, Board.Kind.EMBOSSING_PLATE, Material.LAMINATE, 1.5, 3.5, 1);
        maybe(all, 0.6, Board.Kind.CARRIER, Material.ACETATE, 0.08, 0.15, 1);
        maybe(all, 0.5, Board.Kind.PARCHMENT, Material.CARD, 0.04, 0.06, 5);
        return all;
    }

    private void maybe(
            List<Board> all, double share, Board.Kind kind, Material material, double least, double most, int owned) {
        if (now(share)) {
            add(all, kind, material, from(least, most), 1 + random.nextInt(owned));
        }
    }

    private void add(List<Board> all, Board.Kind kind, Material material, double mm, int owned) {
        String id = "board-" + all.size();
        double wide = from(0.75, 1) * press.throatMm();
        all.add(new Board(
                id,
                id,
                kind,
                material,
                mm,
                wide,
                from(150, 320),
                owned,
                0,
                0,
                1000,
                0,
                0,
                press.opticalSensor(),
                null));
    }

    private Machine machine(Route route) {
        if (route.machines().contains(press.machine())) {
            return press;
        }
        Machine.Kind kind = any(
                route.machines().stream().filter(HeatedRollers.KINDS::contains).toList());
        double slow = from(3, 8);
        return new HeatedRollers(
                "rollers-" + ++made,
                "Rollers",
                kind,
                from(200, 340),
                from(0.6, 2),
                from(0.1, 0.35),
                from(4, 12),
                List.of(new Level("medium", from(95, 115)), new Level("high", from(120, 145))),
                from(120, 1800),
                from(0, 0.25),
                slow,
                slow + 3,
                slow + 8);
    }

    private Plate tool(Route route) {
        Plate.Kind kind = any(route.tools());
        double width = from(25, 100);
        double height = from(20, 130);
        double mm = switch (kind) {
            case STEEL_RULE -> from(6, 10);
            case THICK_DIE -> from(2, 4);
            case STENCIL -> from(0.1, 0.3);
            case PRINT -> from(0.01, 0.03);
            case STAMP -> from(1.5, 4);
            case THIN_DIE -> from(0.8, 1.3);
            default -> from(1.2, 2.5);
        };
        return new Plate("tool-" + ++made, "Tool", kind, kind.usual(), mm, width, height, motif(kind));
    }

    private Motif motif(Plate.Kind kind) {
        if (kind == Plate.Kind.SOLID_PLATE) {
            return Motif.of(Motif.Kind.SOLID);
        }
        List<Motif.Kind> blades =
                List.of(Motif.Kind.FRAME, Motif.Kind.OVAL, Motif.Kind.HEXAGON, Motif.Kind.SCALLOP, Motif.Kind.TAG);
        List<Motif.Kind> drawn =
                List.of(Motif.Kind.BEE, Motif.Kind.COMB, Motif.Kind.ROSETTE, Motif.Kind.DRIP, Motif.Kind.BORDER);
        return !kind.cuts() && now(0.3)
                ? Motif.words(any(List.of("Honey", "First Prize", "B")))
                : Motif.of(any(kind.cuts() ? blades : drawn));
    }

    private Stock stock(Route route) {
        Stock.Kind kind = any(route.stocks());
        double gsm = from(160, 400);
        double mm = switch (kind) {
            case CARD -> gsm * from(0.00095, 0.0013);
            case RIBBON -> from(0.15, 0.3);
            case ACETATE -> from(0.1, 0.3);
            case TONER_SHEET, TONER_ADHESIVE, LASER_PRINT -> from(0.12, 0.3);
            default -> from(0.8, 2.5);
        };
        Surface surface = switch (kind) {
            case RIBBON -> Surface.SATIN;
            case ACETATE -> Surface.ACETATE;
            case CARD -> any(List.of(Surface.SMOOTH, Surface.SMOOTH, Surface.TEXTURED));
            default -> Surface.SMOOTH;
        };
        double width = kind == Stock.Kind.RIBBON ? from(15, 40) : from(100, 160);
        double height = kind == Stock.Kind.RIBBON ? 4000 : from(140, 300);
        return new Stock(
                "stock-" + ++made,
                "Stock",
                kind,
                surface,
                mm,
                kind == Stock.Kind.CARD ? gsm : 0,
                width,
                height,
                40,
                true,
                false,
                "#f6efdd");
    }

    /** What somebody may pick here for a route. */
    public Pick pick(Route route) {
        Film film = route.film()
                .map(kind -> new Film(
                        "film-" + ++made,
                        "Film",
                        kind,
                        kind == Film.Kind.FLOCK ? from(0.3, 0.6) : 0.012,
                        150,
                        5000,
                        3000,
                        "#b8683a"))
                .orElse(null);
        return new Pick(
                route, machine(route), route.heated() ? platform : null, tool(route), film, stock(route), from(15, 27));
    }

    @Override
    public String toString() {
        return "shop " + seed;
    }
}
