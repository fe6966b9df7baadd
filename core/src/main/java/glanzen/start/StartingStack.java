package glanzen.start;

import glanzen.artwork.ArtworkShelf;
import glanzen.finding.Weight;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.measure.BadInput;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The set-up a route begins with, built from boards the person owns. What is missing is left to the rules to say. */
public final class StartingStack {

    /**
     * What a person picks.
     *
     * @param route how it is done
     * @param machine what it goes through
     * @param platform what heats; nothing where the route needs none
     * @param tool what carries the design, or laid it
     * @param film foil or flock; nothing where the route takes none
     * @param stock what is worked on
     * @param roomC room temperature, °C
     */
    public record Pick(
            Route route,
            Machine machine,
            @Nullable Platform platform,
            Plate tool,
            @Nullable Film film,
            Stock stock,
            double roomC) {

        public Pick {
            if (route.heated() && platform == null) {
                throw new BadInput("platformId", "is missing", "a heated platform: " + route.label() + " needs one");
            }
            if (route.film().isPresent() && film == null) {
                throw new BadInput(
                        "filmId", "is missing", "a " + route.film().get().label());
            }
            if (!route.machines().contains(machine.machine())) {
                throw new BadInput(
                        "machineId",
                        "cannot do this: " + machine.name() + " is a "
                                + machine.machine().label(),
                        words(route));
            }
        }

        private static String words(Route route) {
            return String.join(
                    " or ", route.machines().stream().map(k -> "a " + k.label()).toList());
        }
    }

    /** Off what is usual by more than this share of it, another way is looked for. */
    private static final double FAR = 0.6;

    private StartingStack() {}

    /**
     * Builds it on a platform; the short way for routes that are done there.
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
        return of(
                new Pick(route, press, platform, plate, film, stock, roomC), new Inventory(shelf, new ArtworkShelf()));
    }

    /** Builds it from the boards of a workshop: as is usual, or where that cannot be pulled, in another way that can. */
    public static SetUp of(Pick pick, Inventory shop) {
        SetUp best = null;
        long least = Long.MAX_VALUE;
        for (Layering.Way way : Layering.ways(pick, shop)) {
            SetUp built = new Layering(pick, shop, way).built();
            long amiss = amiss(built, shop);
            if (amiss < least) {
                least = amiss;
                best = built;
            }
            if (least == 0) {
                break;
            }
        }
        return Objects.requireNonNull(best);
    }

    /** What stops it, and whether on a platform it is squeezed far otherwise than its route usually is. */
    private static long amiss(SetUp s, Inventory shop) {
        long stops = Rules.check(s, shop).stream()
                .filter(f -> f.weight() == Weight.STOP)
                .count();
        return 2 * stops + (s.route().heated() && far(s.overfillMm(), Squeeze.easyMm(s, shop)) ? 1 : 0);
    }

    private static boolean far(double squeezeMm, double usualMm) {
        return Math.abs(squeezeMm - usualMm) > FAR * usualMm;
    }
}
