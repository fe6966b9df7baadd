package glanzen;

import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.layout.Layout;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.route.Heating;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import glanzen.steps.Round;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** The kit of the reference cases, and set-ups made of it. */
public final class Bench {

    public static final Press CRANK =
            new Press("crank", "Old Iron", Press.Kind.CRANK, 14.00, 2200, 15, 155, 2600, 0.10, 4, 8, 14);
    public static final Platform PLATFORM = new Platform(
            "a5",
            "A5 platform",
            9.0,
            150,
            210,
            900,
            0.6,
            150,
            List.of(new Platform.Level("low", 112), new Platform.Level("high", 128)),
            20);
    public static final Plate WORDS =
            new Plate("words", "Words", Plate.Kind.PLATE, Material.BRASS, 1.60, 50, 40, Motif.words("First"));
    public static final Plate SOLID = new Plate(
            "solid", "Solid", Plate.Kind.SOLID_PLATE, Material.BRASS, 1.60, 100, 140, Motif.of(Motif.Kind.SOLID));
    public static final Plate DIE = new Plate(
            "die", "Thin die", Plate.Kind.THIN_DIE, Material.STEEL, 1.25, 80, 50, Motif.of(Motif.Kind.BORDER));
    public static final Stock SMOOTH = new Stock(
            "ivory", "Ivory card", Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300, 100, 140, 40, true, false, "#f6efdd");
    public static final Film COPPER =
            new Film("copper", "Copper foil", Film.Kind.HOT_FOIL, 0.012, 100, 5000, 3000, "#b8683a");
    public static final Board SPACER = board("spacer", Board.Kind.SPACER, Material.LAMINATE, 3.0);
    public static final Board PLASTIC = board("plastic", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.5);
    public static final Board CARD_SHIM = board("card", Board.Kind.CARD_SHIM, Material.CARD, 0.30);
    public static final Board THIN_CARD = board("thin", Board.Kind.CARD_SHIM, Material.CARD, 0.16);
    public static final Board METAL = board("metal", Board.Kind.METAL_SHIM, Material.STEEL, 0.4);

    /** Nine of ten come out, whatever is done, and nobody has told anything of a platform. */
    public static final Round.Known KNOWN = new Round.Known() {
        @Override
        public double clean(SetUp setUp) {
            return 0.9;
        }

        @Override
        public OptionalDouble readyAgainSeconds(String platformId) {
            return OptionalDouble.empty();
        }
    };

    private Bench() {}

    /** How long a set-up soaks on its platform, s. */
    public static double soak(SetUp setUp) {
        return setUp.onPlatform().soakSeconds();
    }

    public static Board board(String id, Board.Kind kind, Material material, double thicknessMm) {
        return new Board(id, id, kind, material, thicknessMm, 155, 215, 4, 0, 10, 500);
    }

    /** Platform, plate, film, stock, card shims, plastic shim, spacer; covered soak, slow, one pass. */
    public static SetUp setUp(Route route, Plate plate, int cardShims, double soakSeconds) {
        return setUp(route, plate, SMOOTH, cardShims, soakSeconds);
    }

    public static SetUp setUp(Route route, Plate plate, Stock stock, int cardShims, double soakSeconds) {
        List<Layer> layers = new ArrayList<>();
        layers.add(new Layer(PLATFORM, Facing.UP));
        layers.add(new Layer(plate, Facing.UP));
        layers.add(new Layer(COPPER, Facing.DOWN));
        layers.add(new Layer(stock, Facing.DOWN));
        for (int i = 0; i < cardShims; i++) {
            layers.add(new Layer(CARD_SHIM, Facing.UP));
        }
        layers.add(new Layer(PLASTIC, Facing.UP));
        layers.add(new Layer(SPACER, Facing.UP));
        return new SetUp(
                route,
                CRANK,
                new Heat.OnPlatform(PLATFORM, 0, Heating.COVERED, soakSeconds, 12),
                null,
                new Stack(layers),
                Pace.SLOW,
                1,
                false,
                Peel.COLD,
                Medium.NONE,
                false,
                null,
                21,
                Layout.NONE);
    }
}
