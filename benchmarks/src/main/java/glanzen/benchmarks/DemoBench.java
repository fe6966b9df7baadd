package glanzen.benchmarks;

import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Board.Kind;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.start.StartingStack;
import glanzen.start.StartingStack.Pick;
import java.util.List;

/** The demo world's machines and shims, as the application lays them out. */
final class DemoBench {

    static final Inventory SHOP = new Inventory(
            List.of(
                    board("Spacer", Kind.SPACER, Material.LAMINATE, 3.00, 1),
                    board("Plastic shim", Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.50, 2),
                    board("Thin plastic shim", Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.25, 1),
                    board("Metal shim", Kind.METAL_SHIM, Material.STEEL, 0.40, 1),
                    board("Thin metal shim", Kind.METAL_SHIM, Material.STEEL, 0.20, 1),
                    board("Card shim", Kind.CARD_SHIM, Material.CARD, 0.30, 6),
                    board("Paper shim", Kind.CARD_SHIM, Material.CARD, 0.16, 6),
                    board("Tissue shim", Kind.TISSUE_SHIM, Material.TISSUE, 0.04, 10),
                    board("Outer plate", Kind.OUTER_PLATE, Material.POLYCARBONATE, 3.10, 2),
                    board("Platform base", Kind.BASE, Material.POLYCARBONATE, 6.25, 1),
                    board("Magnetic shim", Kind.MAGNETIC_SHIM, Material.STEEL, 0.30, 1),
                    board("Embossing mat", Kind.EMBOSSING_MAT, Material.RUBBER, 1.50, 1),
                    board("Embossing plate", Kind.EMBOSSING_PLATE, Material.LAMINATE, 2.00, 1),
                    board("Carrier sheet", Kind.CARRIER, Material.ACETATE, 0.15, 2),
                    board("Folded paper", Kind.CARRIER, Material.CARD, 0.10, 10)),
            new ArtworkShelf());

    private static final Press OLD_IRON =
            new Press("old-iron", "Old Iron", Press.Kind.CRANK, 14.00, 2200, 15, 155, 2600, 0.10, 4, 6, 9);

    private static final Platform A5 = new Platform(
            "a5",
            "A5 platform",
            9.0,
            150,
            210,
            900,
            0.6,
            150,
            List.of(new Platform.Level("low", 112), new Platform.Level("high", 126)),
            25);

    private static final HeatedRollers ROLLERS = new HeatedRollers(
            "rollers",
            "Roller foiler",
            Machine.Kind.ROLLER_MACHINE,
            230,
            0.9,
            0.22,
            8,
            List.of(new Platform.Level("one", 112), new Platform.Level("two", 128)),
            300,
            0.10,
            5,
            9,
            15);

    static final SetUp BEE = started(
            Route.HOT_PLATE,
            new Plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 46, 40, Motif.of(Motif.Kind.BEE)));

    static final SetUp SOLID = started(
            Route.SOLID_PLATE,
            new Plate(
                    "band", "Band", Plate.Kind.SOLID_PLATE, Material.BRASS, 1.6, 100, 60, Motif.of(Motif.Kind.SOLID)));

    private DemoBench() {}

    private static Board board(String name, Kind kind, Material material, double mm, int owned) {
        return new Board(name, name, kind, material, mm, 150, 210, owned, 0, 10, 600);
    }

    private static SetUp started(Route route, Plate plate) {
        return StartingStack.of(pick(route, plate), SHOP);
    }

    /** What a person picks of the demo for a route. */
    static Pick pick(Route route) {
        return pick(
                route,
                switch (route) {
                    case TONER -> tool(Plate.Kind.PRINT, 0.02, 84, 60, Motif.Kind.COMB);
                    case GEL_COLD, FLOCK -> tool(Plate.Kind.STENCIL, 0.25, 50, 44, Motif.Kind.BEE);
                    case THIN_CUT -> tool(Plate.Kind.THIN_DIE, 1.1, 100, 74, Motif.Kind.OVAL);
                    case INTRICATE_CUT -> tool(Plate.Kind.THIN_DIE, 1.1, 84, 60, Motif.Kind.COMB);
                    case FLAT_FOLDER -> tool(Plate.Kind.FLAT_FOLDER, 1.5, 100, 140, Motif.Kind.COMB);
                    case CUTTING_FOLDER -> tool(Plate.Kind.CUTTING_FOLDER, 1.5, 64, 64, Motif.Kind.ROSETTE);
                    default -> tool(Plate.Kind.PLATE, 1.6, 46, 40, Motif.Kind.BEE);
                });
    }

    private static Plate tool(Plate.Kind kind, double mm, double width, double height, Motif.Kind motif) {
        return new Plate("tool", "Tool", kind, kind.usual(), mm, width, height, Motif.of(motif));
    }

    private static Pick pick(Route route, Plate tool) {
        Film film = route.film()
                .map(kind -> new Film(
                        "copper", "Copper", kind, kind == Film.Kind.FLOCK ? 0.4 : 0.012, 100, 5000, 4200, "#b8683a"))
                .orElse(null);
        boolean toner = route == Route.TONER;
        return new Pick(
                route,
                route.machines().contains(Machine.Kind.CRANK_PRESS) ? OLD_IRON : ROLLERS,
                route.heated() ? A5 : null,
                tool,
                film,
                new Stock(
                        "ivory",
                        "Ivory",
                        toner ? Stock.Kind.TONER_SHEET : Stock.Kind.CARD,
                        Surface.SMOOTH,
                        toner ? 0.19 : 0.34,
                        300,
                        108,
                        140,
                        42,
                        true,
                        false,
                        "#f6efdd"),
                21);
    }
}
