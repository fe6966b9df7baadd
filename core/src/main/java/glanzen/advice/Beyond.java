package glanzen.advice;

import glanzen.forecast.RigEnsemble;
import glanzen.forecast.Twenty;
import glanzen.kit.Board;
import glanzen.kit.Press;
import glanzen.material.Material;
import glanzen.measure.Figures;
import glanzen.pull.Rig;
import glanzen.rules.Rules;
import glanzen.setup.Heat;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What could still be done where nothing on the shelf makes most pulls good: measure what is doubted most, or get a shim that is not
 * there. What measuring is worth is the value of partial perfect information (Howard 1966; Strong and Oakley 2014): how much more
 * often the best pull comes out when it may be chosen after the figure is known.
 */
final class Beyond {

    /** Fewer good ones of twenty than this are too few. */
    private static final int TOO_FEW = 15;
    /** One pull of twenty more is worth the trouble. */
    private static final double WORTH_IT = 0.05;
    /** A measurement is taken to give one of as many answers, each as likely as the other. */
    private static final int ANSWERS = 4;

    /** A shim is tried in so many of the best. */
    private static final int FROM = 2;

    private static final double SHEET_MM = 150;
    private static final int LIFE = 1000;

    private final Roughly roughly;
    private final RigEnsemble rigs;
    private final Inventory shop;
    private final Predicate<SetUp> bearable;

    /**
     * @param roughly forecasts on a few rigs
     * @param bearable whether a press takes it
     */
    Beyond(Roughly roughly, Inventory shop, Predicate<SetUp> bearable) {
        this.roughly = roughly;
        this.rigs = roughly.rigs();
        this.shop = shop;
        this.bearable = bearable;
    }

    /**
     * Looks beyond the shelf.
     *
     * @param found what lies there, and what else was found
     * @param clean how many of twenty are good with the best of them
     * @return the best first; nothing where enough are good
     */
    List<Wish> wishes(List<SetUp> found, int clean) {
        if (clean >= TOO_FEW) {
            return List.of();
        }
        SetUp present = found.get(0);
        List<SetUp> choices = new ArrayList<>(found);
        SingleChanges.of(present, new ShimChoices(present, shop.boards()).shims()).stream()
                .map(SingleChanges.Change::setUp)
                .filter(bearable)
                .filter(s -> Rules.pullable(Rules.check(s, shop)))
                .forEach(choices::add);
        double best = best(choices, rigs);
        return Stream.of(opening(present, choices, best), heat(present, choices, best), shim(choices, best))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparingInt((Wish w) -> -w.clean()))
                .toList();
    }

    private Optional<Wish> opening(SetUp present, List<SetUp> choices, double best) {
        return present.machine() instanceof Press press
                ? measured(
                        choices,
                        best,
                        Rig::openingErrorMm,
                        "Measure the opening of " + press.name() + " with card strips",
                        press.id())
                : Optional.empty();
    }

    private Optional<Wish> heat(SetUp present, List<SetUp> choices, double best) {
        return present.heat() instanceof Heat.OnPlatform on
                ? measured(
                        choices,
                        best,
                        Rig::setPointErrorK,
                        "Measure how hot " + on.platform().name() + " gets",
                        on.platform().id())
                : Optional.empty();
    }

    /** The best chosen for each answer by itself, against the one that is best over all. */
    private Optional<Wish> measured(
            List<SetUp> choices, double best, ToDoubleFunction<Rig> figure, String what, String thingId) {
        List<Rig> sorted =
                rigs.rigs().stream().sorted(Comparator.comparingDouble(figure)).toList();
        int each = sorted.size() / ANSWERS;
        double known = IntStream.range(0, ANSWERS)
                .mapToDouble(n -> best(choices, alike(sorted.subList(n * each, (n + 1) * each))))
                .average()
                .orElse(0);
        return wish(known, best, what, thingId);
    }

    private static RigEnsemble alike(List<Rig> some) {
        return new RigEnsemble(
                some.stream().map(r -> r.weighing(1.0 / some.size())).toList());
    }

    /** The best that one more shim of the usual kinds would do. */
    private Optional<Wish> shim(List<SetUp> choices, double best) {
        if (!(choices.get(0).machine() instanceof Press)) {
            return Optional.empty();
        }
        List<Board> all = new ArrayList<>(shop.boards());
        all.addAll(TO_GET);
        Inventory larger = new Inventory(all, shop.artworks(), shop.machines());
        record Tried(Board shim, double clean) {}
        return choices.stream()
                .sorted(Comparator.comparingDouble(s -> -clean(s, rigs)))
                .limit(FROM)
                .flatMap(from -> TO_GET.stream()
                        .flatMap(shim -> SingleChanges.of(from, List.of(shim)).stream()
                                .map(SingleChanges.Change::setUp)
                                .filter(s -> s.stack().indexWhere(shim::equals) >= 0)
                                .filter(bearable)
                                .filter(s -> Rules.pullable(Rules.check(s, larger)))
                                .map(s -> new Tried(shim, clean(s, rigs)))))
                .max(Comparator.comparingDouble(Tried::clean))
                .flatMap(t -> wish(
                        t.clean,
                        best,
                        "Get a " + t.shim.kind().label() + " " + Figures.length(t.shim.thicknessMm()) + " thick",
                        null));
    }

    private static Optional<Wish> wish(double then, double best, String what, @Nullable String thingId) {
        return then < best + WORTH_IT
                ? Optional.empty()
                : Optional.of(new Wish(what, (int) Math.round(Twenty.PULLS * then), thingId));
    }

    private double best(List<SetUp> choices, RigEnsemble some) {
        return choices.stream().mapToDouble(s -> clean(s, some)).max().orElse(0);
    }

    private double clean(SetUp setUp, RigEnsemble some) {
        return roughly.clean(setUp, some);
    }

    /** Shims as they are sold or cut; none is on the shelf. */
    private static final List<Board> TO_GET = List.of(
            shim(Board.Kind.TISSUE_SHIM, Material.TISSUE, 0.05),
            shim(Board.Kind.CARD_SHIM, Material.CARD, 0.15),
            shim(Board.Kind.CARD_SHIM, Material.CARD, 0.3),
            shim(Board.Kind.METAL_SHIM, Material.STEEL, 0.2),
            shim(Board.Kind.METAL_SHIM, Material.STEEL, 0.4),
            shim(Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.5));

    private static Board shim(Board.Kind kind, Material material, double thicknessMm) {
        return new Board(
                kind + "-" + thicknessMm, kind.label(), kind, material, thicknessMm, SHEET_MM, SHEET_MM, 1, 0, 0, LIFE);
    }
}
