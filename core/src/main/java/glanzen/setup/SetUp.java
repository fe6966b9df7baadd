package glanzen.setup;

import glanzen.heat.HeatPlan;
import glanzen.heat.RollerPlan;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.layout.Layout;
import glanzen.layout.OnPlatform;
import glanzen.layout.Placed;
import glanzen.measure.Checks;
import glanzen.route.Heating;
import glanzen.route.Mechanism;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Everything that decides how one pull comes out.
 *
 * @param route how it is done
 * @param machine what the stack goes through
 * @param heat what warms it
 * @param design the stencil, stamp or print that laid the design, where no tool lies in the stack
 * @param stack the layers, bottom to top
 * @param pace how fast it is fed
 * @param passes trips through the machine
 * @param turned whether the stack is turned a quarter before every further pass
 * @param peel how the film comes off
 * @param medium ink or paint under the foil
 * @param filmPeeled whether the stock's protective film is off on the foil side
 * @param gel the gel under the film, on routes that want it
 * @param roomC room temperature, °C
 * @param layout where things lie; {@link Layout#NONE} leaves the plate by itself in the middle
 */
public record SetUp(
        Route route,
        Machine machine,
        Heat heat,
        @Nullable Plate design,
        Stack stack,
        Pace pace,
        int passes,
        boolean turned,
        Peel peel,
        Medium medium,
        boolean filmPeeled,
        @Nullable Gel gel,
        double roomC,
        Layout layout) {

    /** Most passes that can be asked for. */
    public static final int MOST_PASSES = 6;

    public SetUp {
        new Checks()
                .present("route", route, "a route")
                .present("heat", heat, "a platform, hot rollers or none")
                .present("pace", pace, "slow, steady or brisk")
                .present("medium", medium, "none, dry or wet")
                .present("layout", layout, "where things lie")
                .present("machine", machine, "a machine of your kit")
                .figure("passes", passes, 1, MOST_PASSES, "passes")
                .celsius("roomC", roomC, 0, 40)
                .done();
    }

    /** Whether anything heats. */
    public boolean heated() {
        return !(heat instanceof Heat.None);
    }

    /** How hot the platform or the rollers are meant to be when it is pressed, °C; the room's where nothing heats. */
    public double setPointC() {
        return heat.celsius(roomC);
    }

    /**
     * The press, on routes that go through one.
     *
     * @throws IllegalStateException if it goes through rollers
     */
    public Press press() {
        if (machine instanceof Press press) {
            return press;
        }
        throw new IllegalStateException(machine.name() + " is no press");
    }

    /**
     * The heat of a platform, on routes that are done on one.
     *
     * @throws IllegalStateException if it is not
     */
    public Heat.OnPlatform onPlatform() {
        if (heat instanceof Heat.OnPlatform on) {
            return on;
        }
        throw new IllegalStateException("Nothing lies on a platform");
    }

    /** The platform, if one heats it. */
    public Optional<Platform> platform() {
        return heat instanceof Heat.OnPlatform on ? Optional.of(on.platform()) : Optional.empty();
    }

    /** Key of what heats apart from the machine; empty where nothing does. */
    public String platformId() {
        return platform().map(Platform::id).orElse("");
    }

    /** What carries the design: the tool in the stack, or what laid it; a set-up without one cannot be forecast. */
    public Plate plate() {
        return stack.first(Plate.class).or(() -> Optional.ofNullable(design)).orElseThrow();
    }

    /** All plates that are pressed together: those laid out, or else the one in the stack. */
    public List<Plate> plates() {
        return layout.laid() ? layout.plates().stream().map(Placed::plate).toList() : List.of(plate());
    }

    /** Length of all that is pressed along the feed, mm; rollers roll over the whole sheet. */
    public double pressedLengthMm() {
        if (machine instanceof HeatedRollers) {
            return stock().heightMm();
        }
        return layout.laid() && heat instanceof Heat.OnPlatform on
                ? Math.min(on.platform().heightMm(), new OnPlatform(layout).feedHeightMm())
                : plate().heightMm();
    }

    /** The film, on routes that take one. */
    public Film film() {
        return stack.first(Film.class).orElseThrow();
    }

    /** The stock. */
    public Stock stock() {
        return stack.first(Stock.class).orElseThrow();
    }

    /** What the need for dose is learned of: the film, or else the stock. */
    public String needKey() {
        return needing().id();
    }

    /** The thing that is pressed: a film where there is one, else the stock. */
    public StackItem needing() {
        return stack.first(Film.class).map(StackItem.class::cast).orElseGet(this::stock);
    }

    /** δ, mm; heated rollers are sprung and have none. */
    public double overfillMm() {
        return machine instanceof Press press ? stack.overfillMm(press.openingMm()) : 0;
    }

    /** Where a shim is put in: on the stock, or what is folded around it, under foil; far from the blade of a cut. */
    public int shimPlace() {
        if (route.mechanism() == Mechanism.TRANSFER) {
            int on = Math.max(stack.indexOf(Film.class), stack.indexOf(Stock.class)) + 1;
            boolean folded = on < stack.layers().size()
                    && stack.layers().get(on).item() instanceof Board b
                    && b.kind().folded();
            return folded ? on + 1 : on;
        }
        return Math.max(
                0,
                stack.indexWhere(item -> !(item instanceof Board b && b.kind().filler())));
    }

    /** Feed speed, mm/s. */
    public double feedMmPerS() {
        return machine.speedMmPerS(pace);
    }

    /** How long one pass takes over all that is pressed, s. */
    public double passSeconds() {
        return pressedLengthMm() / feedMmPerS();
    }

    /** Time at the bench from plate on platform to peel, s. Rollers are warmed once an evening, not for each pull. */
    public double totalSeconds() {
        double heating = heat instanceof Heat.OnPlatform ? heat.seconds() : 0;
        return heating + passes * passSeconds() + (passes - 1) * betweenSeconds() + peel.seconds();
    }

    /** Time from the end of one pass to the start of the next, s: there and back is quick, taken out and turned is not. */
    public double betweenSeconds() {
        if (machine instanceof HeatedRollers) {
            return RollerPlan.BETWEEN_SECONDS;
        }
        return turned ? HeatPlan.FED_AGAIN_SECONDS : HeatPlan.THERE_AND_BACK_SECONDS;
    }

    /** The same done another way. */
    public SetUp withRoute(Route changed) {
        return changed(c -> c.route = changed);
    }

    /** The same through another machine; rollers bring their own heat, warmed through at the setting it had. */
    public SetUp withMachine(Machine changed) {
        return changed(c -> {
            c.machine = changed;
            if (changed instanceof HeatedRollers rollers) {
                int setting = Math.min(heat.level(), rollers.settings().size() - 1);
                c.heat = Heat.HotRollers.warm(rollers).at(setting);
            } else if (!route.heated()) {
                c.heat = new Heat.None();
            }
        });
    }

    /** The same warmed otherwise. */
    public SetUp withHeat(Heat changed) {
        return changed(c -> c.heat = changed);
    }

    /** The same with gel spread or dried otherwise. */
    public SetUp withGel(@Nullable Gel changed) {
        return changed(c -> c.gel = changed);
    }

    /** The same turned or not between passes. */
    public SetUp withTurned(boolean changed) {
        return changed(c -> c.turned = changed);
    }

    /** The same with other layers. */
    public SetUp withStack(Stack changed) {
        return changed(c -> c.stack = changed);
    }

    /** The same with another cover and soak on its platform, s; without one nothing soaks. */
    public SetUp withSoak(Heating changed, double seconds) {
        return heat instanceof Heat.OnPlatform on ? withHeat(on.soaking(changed, seconds)) : this;
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

    /** The same with another soak on its platform, s; without one nothing soaks. */
    public SetUp withSoak(double seconds) {
        return heat instanceof Heat.OnPlatform on ? withSoak(on.heating(), seconds) : this;
    }

    /** The same at another heat level or setting. */
    public SetUp withLevel(int changed) {
        return withHeat(heat.at(changed));
    }

    /** The same laid out otherwise; the stock in the stack becomes the piece that is laid out. */
    public SetUp withLayout(Layout changed) {
        return changed(c -> {
            c.layout = changed;
            int at = stack.indexOf(Stock.class);
            if (changed.sized() && at >= 0) {
                OnPlatform on = new OnPlatform(changed);
                double trim = 2 * changed.piece().trimMm();
                Stock piece = stock().cut(on.feedWidthMm() + trim, on.feedHeightMm() + trim);
                c.stack = stack.replaced(
                        at, new Layer(piece, stack.layers().get(at).facing()));
            }
        });
    }

    private SetUp changed(Consumer<SetUpCopy> change) {
        SetUpCopy copy = new SetUpCopy(this);
        change.accept(copy);
        return copy.done();
    }
}
