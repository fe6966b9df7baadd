package glanzen.anchor;

import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.forecast.Forecaster;
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
import glanzen.setup.Inventory;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** The kit of the anchors: what is usual, as a person would choose it from a shelf. */
public final class AnchorBench {

    public static final Inventory SHOP = new Inventory(
            List.of(
                    board("spacer", Kind.SPACER, Material.LAMINATE, 3.00, 1),
                    board("plastic", Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.50, 2),
                    board("thin-plastic", Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.25, 1),
                    board("metal", Kind.METAL_SHIM, Material.STEEL, 0.40, 1),
                    board("thin-metal", Kind.METAL_SHIM, Material.STEEL, 0.20, 1),
                    board("card", Kind.CARD_SHIM, Material.CARD, 0.30, 6),
                    board("paper", Kind.CARD_SHIM, Material.CARD, 0.16, 6),
                    board("tissue", Kind.TISSUE_SHIM, Material.TISSUE, 0.04, 10),
                    board("outer", Kind.OUTER_PLATE, Material.POLYCARBONATE, 3.10, 2),
                    dark("dark-outer", 3.10, 2),
                    dark("base", 6.25, 1),
                    board("magnetic", Kind.MAGNETIC_SHIM, Material.STEEL, 0.30, 1),
                    board("mat", Kind.EMBOSSING_MAT, Material.RUBBER, 1.50, 1),
                    board("embossing-plate", Kind.EMBOSSING_PLATE, Material.LAMINATE, 2.00, 1),
                    board("traced", Kind.TRACING, Material.CARD, 0.10, 1),
                    board("carrier", Kind.CARRIER, Material.ACETATE, 0.15, 2),
                    board("folded", Kind.CARRIER, Material.CARD, 0.10, 10),
                    board("parchment", Kind.PARCHMENT, Material.CARD, 0.05, 6)),
            new ArtworkShelf());

    static final Forecaster FORECASTER = new Forecaster(SHOP.artworks());

    static final Platform PLATFORM = new Platform(
            "platform",
            "Platform",
            9.0,
            150,
            210,
            900,
            0.6,
            150,
            List.of(new Platform.Level("low", 112), new Platform.Level("high", 126)),
            25);

    static final Map<String, Machine> MACHINES = Map.of(
            "crank", new Press("crank", "Crank", Press.Kind.CRANK, 14.00, 2200, 15, 155, 2600, 0.10, 4, 6, 9),
            "wide", new Press("wide", "Wide crank", Press.Kind.CRANK, 14.10, 2600, 17, 230, 3200, 0.12, 4, 6, 9),
            "motor", new Press("motor", "Motor", Press.Kind.MOTOR, 13.95, 1700, 14, 230, 1800, 0.20, 4.5, 7, 10, true),
            "plain-motor",
                    new Press("plain", "Plain motor", Press.Kind.MOTOR, 13.95, 1700, 14, 230, 1800, 0.20, 4.5, 7, 10),
            "foiler", rollers("foiler", Machine.Kind.ROLLER_MACHINE, 0.9, 0.22, 8, 300, 0.10, 112, 118, 128),
            "laminator", rollers("laminator", Machine.Kind.LAMINATOR, 0.7, 0.13, 6, 1800, 0.35, 105, 130),
            "heated-press", rollers("heated-press", Machine.Kind.HEATED_PRESS, 6, 0.30, 10, 480, 0.15, 112, 120, 135));

    static final Map<String, Plate> TOOLS = Map.ofEntries(
            plate("words", 46, 10, Motif.words("with love")),
            plate("greeting", 50, 12, Motif.words("Happy birthday")),
            plate("bold", 62, 20, Motif.words("Second")),
            plate("small", 32, 5, Motif.words("come and see the bees")),
            plate("bee", 46, 40, Motif.of(Motif.Kind.BEE)),
            plate("large-bee", 60, 52, Motif.of(Motif.Kind.BEE)),
            tool("solid", Plate.Kind.SOLID_PLATE, 1.6, 100, 140, Motif.Kind.SOLID),
            tool("band", Plate.Kind.SOLID_PLATE, 1.6, 100, 60, Motif.Kind.SOLID),
            tool("die", Plate.Kind.THIN_DIE, 1.25, 52, 52, Motif.Kind.ROSETTE),
            tool("oval", Plate.Kind.THIN_DIE, 1.1, 96, 72, Motif.Kind.OVAL),
            tool("scallop", Plate.Kind.THIN_DIE, 1.1, 76, 76, Motif.Kind.SCALLOP),
            tool("lace", Plate.Kind.THIN_DIE, 1.1, 84, 60, Motif.Kind.COMB),
            tool("a6", Plate.Kind.THIN_DIE, 1.1, 105, 148, Motif.Kind.FRAME),
            askew("a6-askew", 105, 148, 15),
            tool("a7", Plate.Kind.THIN_DIE, 1.1, 74, 105, Motif.Kind.FRAME),
            tool("edge", Plate.Kind.THIN_DIE, 1.1, 140, 30, Motif.Kind.FRAME),
            tool("long-oval", Plate.Kind.THIN_DIE, 1.1, 140, 70, Motif.Kind.OVAL),
            tool("thick", Plate.Kind.THICK_DIE, 8.05, 50, 70, Motif.Kind.TAG),
            tool("rule", Plate.Kind.STEEL_RULE, 7.95, 60, 60, Motif.Kind.SCALLOP),
            tool("flat-folder", Plate.Kind.FLAT_FOLDER, 1.5, 100, 140, Motif.Kind.COMB),
            tool("deep-folder", Plate.Kind.DEEP_FOLDER, 1.9, 100, 140, Motif.Kind.COMB),
            tool("cutting-folder", Plate.Kind.CUTTING_FOLDER, 1.5, 64, 64, Motif.Kind.ROSETTE),
            tool("stencil", Plate.Kind.STENCIL, 0.25, 50, 44, Motif.Kind.BEE),
            tool("drips", Plate.Kind.STENCIL, 0.25, 95, 130, Motif.Kind.DRIP),
            tool("stamp", Plate.Kind.STAMP, 3.0, 46, 40, Motif.Kind.BEE),
            tool("print", Plate.Kind.PRINT, 0.02, 84, 60, Motif.Kind.COMB));

    static final Map<String, Stock> STOCKS = Map.ofEntries(
            stock("smooth", Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300),
            stock("heavy", Stock.Kind.CARD, Surface.SMOOTH, 0.45, 400),
            stock("light", Stock.Kind.CARD, Surface.SMOOTH, 0.21, 180),
            stock("middling", Stock.Kind.CARD, Surface.SMOOTH, 0.29, 250),
            stock("stout", Stock.Kind.CARD, Surface.SMOOTH, 0.38, 350),
            stock("watercolour", Stock.Kind.CARD, Surface.TEXTURED, 0.42, 300),
            stock("copy", Stock.Kind.CARD, Surface.SMOOTH, 0.10, 80),
            stock("satin", Stock.Kind.RIBBON, Surface.SATIN, 0.22, 0),
            stock("acetate", Stock.Kind.ACETATE, Surface.ACETATE, 0.20, 0),
            stock("toner", Stock.Kind.TONER_SHEET, Surface.SMOOTH, 0.19, 160),
            stock("leather", Stock.Kind.LEATHER, Surface.LEATHER, 1.20, 0),
            stock("felt", Stock.Kind.FELT, Surface.TEXTURED, 1.20, 0));

    private AnchorBench() {}

    static Film film(Film.Kind kind) {
        return new Film("film", "Film", kind, kind == Film.Kind.FLOCK ? 0.4 : 0.012, 100, 5000, 4200, "#b8683a");
    }

    private static Board board(String id, Kind kind, Material material, double mm, int owned) {
        return new Board(id, id, kind, material, mm, 150, 210, owned, 0, 10, 600);
    }

    private static Board dark(String id, double mm, int owned) {
        Kind kind = id.equals("base") ? Kind.BASE : Kind.OUTER_PLATE;
        return new Board(id, id, kind, Material.POLYCARBONATE, mm, 150, 210, owned, 0, 10, 600, 0, 0, true, null);
    }

    private static HeatedRollers rollers(
            String id,
            Machine.Kind kind,
            double gapMm,
            double mpa,
            double nipMm,
            double warmUpSeconds,
            double uneven,
            double... celsius) {
        List<Platform.Level> settings = Arrays.stream(celsius)
                .mapToObj(c -> new Platform.Level("at " + c, c))
                .toList();
        return new HeatedRollers(id, id, kind, 230, gapMm, mpa, nipMm, settings, warmUpSeconds, uneven, 5, 9, 15);
    }

    private static Map.Entry<String, Plate> plate(String id, double width, double height, Motif motif) {
        return Map.entry(id, new Plate(id, id, Plate.Kind.PLATE, Material.BRASS, 1.6, width, height, motif));
    }

    private static Map.Entry<String, Plate> tool(
            String id, Plate.Kind kind, double mm, double width, double height, Motif.Kind motif) {
        return Map.entry(id, new Plate(id, id, kind, kind.usual(), mm, width, height, Motif.of(motif)));
    }

    /** A rectangular die as it lies on its bed, turned by a few degrees. */
    private static Map.Entry<String, Plate> askew(String id, double widthMm, double heightMm, double degrees) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        double width = widthMm * cos + heightMm * sin;
        double height = widthMm * sin + heightMm * cos;
        Geometry lying = AffineTransformation.rotationInstance(sin, cos)
                .translate(heightMm * sin, 0)
                .transform(new GeometryFactory().toGeometry(new Envelope(0, widthMm, 0, heightMm)));
        Plate.Kind kind = Plate.Kind.THIN_DIE;
        return Map.entry(id, new Plate(id, id, kind, kind.usual(), 1.1, width, height, Motif.outlined(lying)));
    }

    private static Map.Entry<String, Stock> stock(String id, Stock.Kind kind, Surface surface, double mm, double gsm) {
        double width = kind == Stock.Kind.RIBBON ? 25 : 108;
        double height = kind == Stock.Kind.RIBBON ? 4000 : 148;
        return Map.entry(id, new Stock(id, id, kind, surface, mm, gsm, width, height, 42, true, false, "#f6efdd"));
    }
}
