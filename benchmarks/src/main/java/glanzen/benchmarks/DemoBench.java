package glanzen.benchmarks;

import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Board.Kind;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.route.Route;
import glanzen.route.SetUp;
import glanzen.route.StartingStack;
import glanzen.route.Workshop;
import java.util.List;

/** The demo world's machines and shims, as the application lays them out. */
final class DemoBench {

    static final Workshop SHOP = new Workshop(
            List.of(
                    board("Spacer", Kind.SPACER, Material.LAMINATE, 3.00, 1),
                    board("Plastic shim", Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.50, 2),
                    board("Thin plastic shim", Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.25, 1),
                    board("Metal shim", Kind.METAL_SHIM, Material.STEEL, 0.40, 1),
                    board("Thin metal shim", Kind.METAL_SHIM, Material.STEEL, 0.20, 1),
                    board("Card shim", Kind.CARD_SHIM, Material.CARD, 0.30, 6),
                    board("Paper shim", Kind.CARD_SHIM, Material.CARD, 0.16, 6),
                    board("Tissue shim", Kind.TISSUE_SHIM, Material.TISSUE, 0.04, 10)),
            new ArtworkShelf());

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
        return StartingStack.of(
                route,
                new Press("old-iron", "Old Iron", Press.Kind.CRANK, 14.00, 2200, 15, 155, 2600, 0.10, 4, 8, 14),
                new Platform(
                        "a5",
                        "A5 platform",
                        9.0,
                        150,
                        210,
                        900,
                        0.6,
                        150,
                        List.of(new Platform.Level("low", 112), new Platform.Level("high", 126)),
                        25),
                plate,
                new Film("copper", "Copper foil", Film.Kind.HOT_FOIL, 0.012, 100, 5000, 4200, "#b8683a"),
                new Stock(
                        "ivory",
                        "Ivory card",
                        Stock.Kind.CARD,
                        Surface.SMOOTH,
                        0.34,
                        300,
                        108,
                        140,
                        42,
                        true,
                        false,
                        "#f6efdd"),
                SHOP.boards(),
                21);
    }
}
