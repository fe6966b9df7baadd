package glanzen.route;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.heat.HeatPlan;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.OnPlatform;
import glanzen.layout.Placed;
import glanzen.measure.Checks;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/**
 * Everything that decides how one pull comes out.
 *
 * @param route how it is done
 * @param press what presses
 * @param platform what heats; also a layer of the stack
 * @param level which of the platform's heat levels, from 0
 * @param stack the layers, bottom to top
 * @param heating what lies on the platform during the soak
 * @param soakSeconds from plate on platform to stock on plate, s
 * @param holdSeconds from undocking to the rollers, s
 * @param pace how fast it is fed
 * @param passes trips through the press
 * @param peel how the film comes off
 * @param medium ink or paint under the foil
 * @param filmPeeled whether the stock's protective film is off on the foil side
 * @param roomC room temperature, °C
 * @param layout where things lie; {@link Layout#NONE} leaves the plate by itself in the middle
 */
public record SetUp(
        Route route,
        Press press,
        Platform platform,
        int level,
        Stack stack,
        Heating heating,
        double soakSeconds,
        double holdSeconds,
        Pace pace,
        int passes,
        Peel peel,
        Medium medium,
        boolean filmPeeled,
        double roomC,
        Layout layout) {

    /** Longest soak that can be asked for, s. */
    public static final double LONGEST_SOAK = 1800;

    public SetUp {
        new Checks()
                .present("route", route, "a route")
                .present("heating", heating, "alone, covered or together")
                .present("pace", pace, "slow, steady or brisk")
                .present("medium", medium, "none, dry or wet")
                .present("layout", layout, "where things lie")
                .figure("level", level, 0, platform.levels().size() - 1, "")
                .figure("soakSeconds", soakSeconds, 0, LONGEST_SOAK, "s")
                .figure("holdSeconds", holdSeconds, 1, 300, "s")
                .figure("passes", passes, 1, 6, "passes")
                .celsius("roomC", roomC, 0, 40)
                .done();
    }

    /** The platform's set-point, °C. */
    public double setPointC() {
        return platform.levels().get(level).celsius();
    }

    /** The plate; a set-up without one cannot be forecast. */
    public Plate plate() {
        return stack.first(Plate.class).orElseThrow();
    }

    /** All plates that are pressed together: those laid out, or else the one in the stack. */
    public List<Plate> plates() {
        return layout.laid() ? layout.plates().stream().map(Placed::plate).toList() : List.of(plate());
    }

    /** What is pressed: the plate by itself, or all that is laid out as it lies under the rollers. */
    public Artwork artwork(ArtworkShelf shelf) {
        if (layout.laid()) {
            return shelf.of(layout, () -> new Arrangement(layout, shelf).together());
        }
        return shelf.of(plate().motif(), plate().widthMm(), plate().heightMm());
    }

    /** Length of all that is pressed along the feed, mm. */
    public double pressedLengthMm() {
        return layout.laid()
                ? Math.min(platform.heightMm(), new OnPlatform(layout).feedHeightMm())
                : plate().heightMm();
    }

    /** The film. */
    public Film film() {
        return stack.first(Film.class).orElseThrow();
    }

    /** The stock. */
    public Stock stock() {
        return stack.first(Stock.class).orElseThrow();
    }

    /** δ, mm. */
    public double overfillMm() {
        return stack.overfillMm(press.openingMm());
    }

    /** Feed speed, mm/s. */
    public double feedMmPerS() {
        return press.speedMmPerS(pace);
    }

    /** Time at the bench from plate on platform to peel, s: soak, hold, passes over the tool's length, cooling. */
    public double totalSeconds() {
        double onePass = pressedLengthMm() / feedMmPerS();
        return soakSeconds + holdSeconds + passes * onePass + (passes - 1) * HeatPlan.BETWEEN_SECONDS + peel.seconds();
    }

    /** The same done another way. */
    public SetUp withRoute(Route changed) {
        return changed(c -> c.route = changed);
    }

    /** The same with other layers. */
    public SetUp withStack(Stack changed) {
        return changed(c -> c.stack = changed);
    }

    /** The same with another heating and soak, s. */
    public SetUp withSoak(Heating changed, double seconds) {
        return changed(c -> {
            c.heating = changed;
            c.soakSeconds = seconds;
        });
    }

    /** The same with another feed. */
    public SetUp withFeed(Pace changedPace, int changedPasses) {
        return changed(c -> {
            c.pace = changedPace;
            c.passes = changedPasses;
        });
    }

    /** The same with another peel. */
    public SetUp withPeel(Peel changed) {
        return changed(c -> c.peel = changed);
    }

    /** The same with another medium under the foil. */
    public SetUp withMedium(Medium changed) {
        return changed(c -> c.medium = changed);
    }

    /** The same with the protective film off or on. */
    public SetUp withFilmPeeled(boolean changed) {
        return changed(c -> c.filmPeeled = changed);
    }

    /** The same at another heat level. */
    public SetUp withLevel(int changed) {
        return changed(c -> c.level = changed);
    }

    /** The same laid out otherwise; the stock in the stack becomes the piece that is laid out. */
    public SetUp withLayout(Layout changed) {
        return changed(c -> {
            c.layout = changed;
            int at = stack.indexOf(Stock.class);
            if (changed.laid() && at >= 0) {
                OnPlatform on = new OnPlatform(changed);
                double trim = 2 * changed.piece().trimMm();
                Stock piece = stock().cut(on.feedWidthMm() + trim, on.feedHeightMm() + trim);
                c.stack = stack.replaced(
                        at, new Layer(piece, stack.layers().get(at).facing()));
            }
        });
    }

    private SetUp changed(Consumer<Copy> change) {
        Copy copy = new Copy(this);
        change.accept(copy);
        return copy.done();
    }

    /** What a change works on. */
    private static final class Copy {
        private final SetUp from;
        private Route route;
        private int level;
        private Stack stack;
        private Heating heating;
        private double soakSeconds;
        private Pace pace;
        private int passes;
        private Peel peel;
        private Medium medium;
        private boolean filmPeeled;
        private Layout layout;

        Copy(SetUp s) {
            from = s;
            route = s.route;
            level = s.level;
            stack = s.stack;
            heating = s.heating;
            soakSeconds = s.soakSeconds;
            pace = s.pace;
            passes = s.passes;
            peel = s.peel;
            medium = s.medium;
            filmPeeled = s.filmPeeled;
            layout = s.layout;
        }

        SetUp done() {
            return new SetUp(
                    route,
                    from.press,
                    from.platform,
                    level,
                    stack,
                    heating,
                    soakSeconds,
                    from.holdSeconds,
                    pace,
                    passes,
                    peel,
                    medium,
                    filmPeeled,
                    from.roomC,
                    layout);
        }
    }

    /**
     * This set-up as heat sees it.
     *
     * @param nipSeconds length of one nip to follow, s
     */
    public HeatPlan heatPlan(double nipSeconds) {
        List<StackItem> above = new ArrayList<>();
        for (Layer layer : stack.above(stack.indexOf(Platform.class))) {
            if (!(layer.item() instanceof Film)) {
                above.add(layer.item());
            }
        }
        Plate plate = plate();
        int tool = above.indexOf(plate);
        List<Boolean> early = above.stream().map(item -> soaks(item, plate)).toList();
        return new HeatPlan(
                platform,
                setPointC(),
                roomC,
                above,
                early,
                tool,
                plates().stream().mapToDouble(Plate::areaCm2).sum(),
                plate.kind() != Plate.Kind.SOLID_PLATE,
                soakSeconds,
                holdSeconds,
                nipSeconds,
                passes,
                peel.cooling(),
                peel.seconds());
    }

    private boolean soaks(StackItem item, Plate plate) {
        boolean cover = item instanceof Board board && board.kind() == Board.Kind.SPACER;
        return switch (heating) {
            case ALONE -> item == plate;
            case COVERED -> item == plate || cover;
            case TOGETHER -> true;
        };
    }
}
