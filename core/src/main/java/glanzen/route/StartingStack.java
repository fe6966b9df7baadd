package glanzen.route;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.layout.FirstLayout;
import glanzen.layout.Layout;
import glanzen.layout.Method;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The set-up a route begins with, built from boards the person owns. What is missing is left to the rules to say. */
public final class StartingStack {

    private static final double HOLD_SECONDS = 12;
    private static final double SPACER_MM = 3.0;
    private static final double PLASTIC_MM = 0.5;
    private static final double CARD_MM = 0.30;
    private static final double THIN_CARD_MM = 0.15;

    private StartingStack() {}

    /**
     * Builds it.
     *
     * @param shelf boards the person owns
     * @param roomC room temperature, °C
     */
    public static SetUp of(
            Route route,
            Press press,
            Platform platform,
            Plate plate,
            Film film,
            Stock stock,
            List<Board> shelf,
            double roomC) {
        List<Layer> layers = new ArrayList<>();
        layers.add(new Layer(platform, Facing.UP));
        layers.add(new Layer(plate, Facing.UP));
        layers.add(new Layer(film, Facing.DOWN));
        layers.add(new Layer(stock, Facing.DOWN));
        for (int i = 0; i < cards(route); i++) {
            nearest(shelf, Board.Kind.CARD_SHIM, route == Route.DIE_AS_PLATE ? THIN_CARD_MM : CARD_MM)
                    .ifPresent(b -> layers.add(new Layer(b, Facing.UP)));
        }
        nearest(shelf, Board.Kind.PLASTIC_SHIM, PLASTIC_MM).ifPresent(b -> layers.add(new Layer(b, Facing.UP)));
        nearest(shelf, Board.Kind.SPACER, SPACER_MM).ifPresent(b -> layers.add(new Layer(b, Facing.UP)));
        SetUp bare = new SetUp(
                route,
                press,
                platform,
                0,
                new Stack(layers),
                route.heating(),
                route.soakSeconds(),
                HOLD_SECONDS,
                Pace.SLOW,
                // Ribbon runs in and back out: the roll is never threaded through.
                route == Route.RIBBON ? 2 : 1,
                route.peel(),
                route == Route.OVER_MEDIA ? Medium.DRY : Medium.NONE,
                false,
                roomC,
                Layout.NONE);
        return bare.withLayout(
                FirstLayout.of(plate, stock, platform, press, route.taped() ? Method.TAPED : Method.LOOSE));
    }

    /** Card shims a route usually starts with. */
    private static int cards(Route route) {
        return switch (route) {
            case DIE_AS_PLATE, RIBBON -> 1;
            case SOLID_PLATE -> 2;
            default -> 0;
        };
    }

    /** The sound board of a kind that is nearest to the usual thickness, mm. */
    private static Optional<Board> nearest(List<Board> shelf, Board.Kind kind, double usualMm) {
        return shelf.stream()
                .filter(b -> b.kind() == kind && b.wear() <= 1 && b.bowMm() < 3)
                .min(Comparator.comparingDouble(b -> Math.abs(b.thicknessMm() - usualMm)));
    }
}
