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
import glanzen.pull.AsLabelled;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
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

    /** With so much room on either side, ln of dose, no other way is looked for. */
    private static final double ROOMY = 0.1;

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

    /** Builds it from the boards of a workshop: as is usual, or where that would not come out, in another way that would. */
    public static SetUp of(Pick pick, Inventory shop) {
        Tried best = null;
        Set<SetUp> seen = new HashSet<>();
        for (Layering.Way way : Layering.ways(pick, shop)) {
            if (best != null && best.stops == 0 && !way.plateBelow()) {
                // Whatever could be laid in its place, nobody takes the outer plate away from what can be pulled.
                continue;
            }
            SetUp built = new Layering(pick, shop, way).built();
            if (!seen.add(built)) {
                continue;
            }
            Tried tried = tried(built, shop);
            if (best == null || tried.betterThan(best)) {
                best = tried;
            }
            if (best.room >= ROOMY) {
                break;
            }
        }
        return Objects.requireNonNull(best).setUp;
    }

    private static Tried tried(SetUp s, Inventory shop) {
        long stops = Rules.check(s, shop).stream()
                .filter(f -> f.weight() == Weight.STOP)
                .count();
        boolean pulled = stops == 0 && Rules.computable(s);
        return new Tried(s, stops, pulled ? new AsLabelled(s, shop.artworks()).room() : Double.NEGATIVE_INFINITY);
    }

    /**
     * A way that was tried.
     *
     * @param stops how much stops it
     * @param room how far it is from too little and too much on a rig as labelled, ln of dose
     */
    private record Tried(SetUp setUp, long stops, double room) {

        /** What does not come out either way stays as is usual; what to change is then said beside it. */
        boolean betterThan(Tried other) {
            return stops < other.stops || stops == other.stops && Math.max(0, room) > Math.max(0, other.room);
        }
    }
}
