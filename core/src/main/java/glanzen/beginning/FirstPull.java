package glanzen.beginning;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Kit;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Stock;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.start.StartingStack;
import glanzen.start.StartingStack.Pick;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The first pull a kit is good for: the first route, in the order in which they stand, for which everything is there,
 * whatever its rules may say of it; or what is still missing for the nearest.
 *
 * @param setUp its starting stack; nothing where something is missing
 * @param missing what is missing, in words; empty where nothing is
 */
public record FirstPull(@Nullable SetUp setUp, List<String> missing) {

    public FirstPull {
        missing = List.copyOf(missing);
    }

    /**
     * Looks for it.
     *
     * @param kit what is owned
     * @param shop its boards and their artwork
     * @param roomC room temperature, °C
     */
    public static FirstPull of(Kit kit, Inventory shop, double roomC) {
        return Arrays.stream(Route.values())
                .map(route -> start(route, kit, shop, roomC))
                .flatMap(Optional::stream)
                .findFirst()
                .map(setUp -> new FirstPull(setUp, List.of()))
                .orElseGet(() -> new FirstPull(null, nearest(kit)));
    }

    private static Optional<SetUp> start(Route route, Kit kit, Inventory shop, double roomC) {
        if (!missing(route, kit).isEmpty()) {
            return Optional.empty();
        }
        Platform platform = route.heated() ? kit.platforms().get(0) : null;
        Film film = route.film().flatMap(kind -> film(kit, kind)).orElse(null);
        Machine machine = machine(route, kit).orElseThrow();
        Plate tool = tool(route, kit).orElseThrow();
        Stock stock = stock(route, kit).orElseThrow();
        return Optional.of(StartingStack.of(new Pick(route, machine, platform, tool, film, stock, roomC), shop));
    }

    /** What is missing for the route that wants least; the first of those in the order of routes. */
    private static List<String> nearest(Kit kit) {
        return Arrays.stream(Route.values())
                .map(route -> missing(route, kit))
                .min(Comparator.comparingInt(List::size))
                .orElseThrow();
    }

    private static List<String> missing(Route route, Kit kit) {
        List<String> missing = new ArrayList<>();
        if (machine(route, kit).isEmpty()) {
            missing.add(words(route.machines().stream().map(Machine.Kind::label).toList()));
        }
        if (route.heated() && kit.platforms().isEmpty()) {
            missing.add("a heated platform");
        }
        if (tool(route, kit).isEmpty()) {
            missing.add(words(route.tools().stream().map(Plate.Kind::label).toList()));
        }
        route.film().filter(kind -> film(kit, kind).isEmpty()).ifPresent(kind -> missing.add(one(kind.label())));
        if (stock(route, kit).isEmpty()) {
            missing.add(words(
                    route.stocks().stream().map(Stock.Kind::label).limit(3).toList()));
        }
        for (Board.Kind kind : route.boards()) {
            if (kit.boards().stream().noneMatch(b -> b.kind() == kind)) {
                missing.add(one(kind.label()));
            }
        }
        return missing;
    }

    private static Optional<Machine> machine(Route route, Kit kit) {
        return first(kit.machines(), m -> route.machines().contains(m.machine()));
    }

    private static Optional<Plate> tool(Route route, Kit kit) {
        return first(kit.plates(), p -> route.tools().contains(p.kind()));
    }

    private static Optional<Stock> stock(Route route, Kit kit) {
        return first(kit.stocks(), s -> route.stocks().contains(s.kind()) && (!route.heated() || s.heatProof()));
    }

    private static Optional<Film> film(Kit kit, Film.Kind kind) {
        return first(kit.films(), f -> f.kind() == kind);
    }

    private static <T> Optional<T> first(List<T> things, Predicate<T> fits) {
        return things.stream().filter(fits).findFirst();
    }

    private static String words(List<String> labels) {
        return labels.stream().map(FirstPull::one).collect(Collectors.joining(" or "));
    }

    private static String one(String label) {
        return ("aeiou".indexOf(label.charAt(0)) >= 0 ? "an " : "a ") + label;
    }
}
