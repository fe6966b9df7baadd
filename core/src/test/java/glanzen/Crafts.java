package glanzen;

import static glanzen.Bench.board;

import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.advice.Schools;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform.Level;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.route.Route;
import glanzen.setup.Heat;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.start.StartingStack;
import glanzen.start.StartingStack.Pick;
import java.util.List;

/** A workshop that can do every route, and the set-up each begins with. */
public final class Crafts {

    public static final Press MOTOR =
            new Press("motor", "Whirr", Press.Kind.MOTOR, 14.00, 2000, 14, 230, 2400, 0.20, 5, 9, 13);
    public static final HeatedRollers ROLLERS = rollers("rollers", Machine.Kind.ROLLER_MACHINE, 0.22, 8, 130, 300);
    public static final HeatedRollers LAMINATOR = rollers("laminator", Machine.Kind.LAMINATOR, 0.13, 6, 135, 1800);
    public static final HeatedRollers HEATED_PRESS = rollers("heated", Machine.Kind.HEATED_PRESS, 0.30, 10, 135, 480);

    public static final Board BASE = board("base", Board.Kind.BASE, Material.POLYCARBONATE, 6.25);
    public static final Board OUTER = board("outer", Board.Kind.OUTER_PLATE, Material.POLYCARBONATE, 3.05);
    public static final Board MAGNETIC = board("magnetic", Board.Kind.MAGNETIC_SHIM, Material.STEEL, 0.3);
    public static final Board MAT = board("mat", Board.Kind.EMBOSSING_MAT, Material.RUBBER, 1.5);
    public static final Board EMBOSSING_PLATE = board("embossing", Board.Kind.EMBOSSING_PLATE, Material.LAMINATE, 2.0);
    public static final Board CARRIER = board("carrier", Board.Kind.CARRIER, Material.ACETATE, 0.1);
    public static final Board PARCHMENT = board("parchment", Board.Kind.PARCHMENT, Material.CARD, 0.05);
    public static final List<Board> SHELF = List.of(
            Bench.SPACER,
            Bench.PLASTIC,
            board("thin-plastic", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.25),
            Bench.CARD_SHIM,
            Bench.THIN_CARD,
            Bench.METAL,
            BASE,
            OUTER,
            MAGNETIC,
            MAT,
            EMBOSSING_PLATE,
            CARRIER,
            PARCHMENT);

    public static final Plate OVAL = tool("oval", Plate.Kind.THIN_DIE, 1.1, 86, 64, Motif.of(Motif.Kind.OVAL));
    public static final Plate LACE = tool("lace", Plate.Kind.THIN_DIE, 1.1, 96, 90, Motif.of(Motif.Kind.COMB));
    public static final Plate STENCIL = tool("stencil", Plate.Kind.STENCIL, 0.25, 46, 40, Motif.of(Motif.Kind.BEE));
    public static final Plate FLAT = tool("flat", Plate.Kind.FLAT_FOLDER, 1.5, 100, 140, Motif.of(Motif.Kind.COMB));
    public static final Plate DEEP = tool("deep", Plate.Kind.DEEP_FOLDER, 2.0, 100, 140, Motif.of(Motif.Kind.COMB));

    public static final Stock CARD = sheet("card-300", Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300);
    public static final Film FOIL =
            new Film("leaf", "Leaf foil", Film.Kind.TRANSFER_FOIL, 0.012, 100, 5000, 3000, "#3f7a52");
    public static final Film FLOCK = new Film("flock", "Flock", Film.Kind.FLOCK, 0.4, 150, 210, 300, "#7a3f52");

    public static final ArtworkShelf ARTWORKS = new ArtworkShelf();
    public static final Inventory SHOP =
            new Inventory(SHELF, ARTWORKS, List.of(Bench.CRANK, MOTOR, ROLLERS, LAMINATOR, HEATED_PRESS));
    private static final Forecaster FORECASTER = new Forecaster(ARTWORKS);
    private static final RigEnsemble FRESH = RigEnsemble.fresh();

    private Crafts() {}

    private static HeatedRollers rollers(
            String id, Machine.Kind kind, double mpa, double nipMm, double hottest, double warmUp) {
        List<Level> settings = List.of(new Level("medium", hottest - 12), new Level("high", hottest));
        return new HeatedRollers(id, kind.label(), kind, 230, 1.2, mpa, nipMm, settings, warmUp, 0.1, 5, 9, 15);
    }

    public static Plate tool(String id, Plate.Kind kind, double mm, double width, double height, Motif motif) {
        return new Plate(id, id, kind, kind.usual(), mm, width, height, motif);
    }

    public static Stock sheet(String id, Stock.Kind kind, Surface surface, double mm, double gsm) {
        return new Stock(id, id, kind, surface, mm, gsm, 105, 148, 40, true, false, "#f6efdd");
    }

    /** A tool a route works with. */
    public static Plate tool(Route route) {
        return switch (route) {
            case DIE_AS_PLATE -> Bench.DIE;
            case SOLID_PLATE -> Bench.SOLID;
            case TONER -> tool("comb", Plate.Kind.PRINT, 0.02, 84, 60, Motif.of(Motif.Kind.COMB));
            case GEL_HEATED, GEL_COLD, FLOCK, STENCIL_EMBOSS -> STENCIL;
            case REACTIVE_INK -> tool("stamp", Plate.Kind.STAMP, 3, 46, 40, Motif.of(Motif.Kind.BEE));
            case THIN_CUT, PARTIAL_CUT, CUT_THEN_EMBOSS -> OVAL;
            case INTRICATE_CUT -> LACE;
            case THICK_CUT -> tool("rule", Plate.Kind.STEEL_RULE, 8.2, 60, 60, Motif.of(Motif.Kind.SCALLOP));
            case FLAT_FOLDER -> FLAT;
            case DEEP_FOLDER -> DEEP;
            case CUTTING_FOLDER -> tool("both", Plate.Kind.CUTTING_FOLDER, 1.6, 64, 64, Motif.of(Motif.Kind.ROSETTE));
            default -> Bench.WORDS;
        };
    }

    /** A stock a route works on. */
    public static Stock stock(Route route) {
        return switch (route) {
            case RIBBON ->
                new Stock(
                        "r", "Ribbon", Stock.Kind.RIBBON, Surface.SATIN, 0.22, 0, 25, 4000, 5, true, false, "#ffffff");
            case ACETATE -> sheet("a", Stock.Kind.ACETATE, Surface.ACETATE, 0.2, 0);
            case TONER -> sheet("toner", Stock.Kind.TONER_SHEET, Surface.SMOOTH, 0.2, 160);
            case THICK_CUT -> sheet("felt", Stock.Kind.FELT, Surface.TEXTURED, 1.2, 0);
            case HOT_PLATE, TAPED_PLATE, DIE_AS_PLATE, SOLID_PLATE, OVER_MEDIA -> Bench.SMOOTH;
            default -> CARD;
        };
    }

    /** A machine that can do a route. */
    public static Machine machine(Route route) {
        return route.machines().contains(Machine.Kind.CRANK_PRESS)
                ? Bench.CRANK
                : route.machines().contains(Machine.Kind.ROLLER_MACHINE) ? ROLLERS : HEATED_PRESS;
    }

    /** What a route starts with on a machine. */
    public static SetUp started(Route route, Machine machine, Plate tool, Stock stock) {
        Film film = route.film()
                .map(kind -> kind == Film.Kind.HOT_FOIL ? Bench.COPPER : kind == Film.Kind.FLOCK ? FLOCK : FOIL)
                .orElse(null);
        return StartingStack.of(
                new Pick(route, machine, route.heated() ? Bench.PLATFORM : null, tool, film, stock, 21), SHOP);
    }

    /** What a route starts with. */
    public static SetUp started(Route route) {
        return started(route, machine(route), tool(route), stock(route));
    }

    /** The same, with its rollers switched on for so long, s. */
    public static SetUp on(SetUp setUp, double seconds) {
        return setUp.heat() instanceof Heat.HotRollers hot ? setUp.withHeat(hot.on(seconds)) : setUp;
    }

    /** What would be better, on a rig nobody has met. */
    public static Advice advice(SetUp setUp) {
        return new Advisor(FORECASTER, SHOP).advise(setUp, FRESH, ErrorBias.EVEN);
    }

    /** Where practice differs. */
    public static List<Schools.School> schools(SetUp setUp) {
        return Schools.of(setUp, FORECASTER, FRESH, SHOP);
    }

    /** What to expect of a set-up on a rig nobody has met. */
    public static Forecast forecast(SetUp setUp) {
        return FORECASTER.forecast(setUp, FRESH);
    }
}
