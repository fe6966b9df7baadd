package glanzen.advice;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import glanzen.kit.Board;
import glanzen.kit.Press;
import glanzen.material.Material;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** All stacks that can be made with shims a person owns: which, how many, on which side. */
final class ShimChoices {

    static final int MOST_ADDED = 4;

    private static final double WORN_BOW_MM = 3;
    private static final double ALIKE_MM = 0.03;
    /** Soft layers lie against the stock, hard ones behind them. */
    private static final List<Board.Kind> ORDER =
            List.of(Board.Kind.TISSUE_SHIM, Board.Kind.CARD_SHIM, Board.Kind.METAL_SHIM, Board.Kind.PLASTIC_SHIM);

    /** Shims this much apart are one as good as the other, mm. */
    private static final double SAME_MM = 0.01;

    private final SetUp present;
    private final List<Board> shims;
    private final List<List<Board>> alike;

    /** What makes one shim as good as another. */
    private record Alike(Board.Kind kind, Material material, long thickness, double widthMm, double heightMm) {
        static Alike of(Board b) {
            return new Alike(b.kind(), b.material(), Math.round(b.thicknessMm() / SAME_MM), b.widthMm(), b.heightMm());
        }
    }

    ShimChoices(SetUp present, List<Board> shelf) {
        this.present = present;
        this.shims = shelf.stream()
                .filter(b -> b.kind().shim() && b.wear() <= 1 && b.bowMm() < WORN_BOW_MM)
                .filter(b ->
                        Math.min(b.widthMm(), b.heightMm()) <= present.machine().throatMm())
                .sorted(Comparator.comparingInt(b -> ORDER.indexOf(b.kind())))
                .toList();
        alike = shims.stream().collect(groupingBy(Alike::of, LinkedHashMap::new, toList())).values().stream()
                .map(ShimChoices::pieces)
                .toList();
    }

    /** As many of some that are alike as may be added. */
    private static List<Board> pieces(List<Board> some) {
        return some.stream()
                .flatMap(b -> Collections.nCopies(b.owned(), b).stream())
                .limit(MOST_ADDED)
                .toList();
    }

    List<Board> shims() {
        return shims;
    }

    /** Stacks that the rollers grip; of those that press and give alike, the one with fewest layers. */
    List<Stack> stacks() {
        if (!(present.machine() instanceof Press press)) {
            return List.of(present.stack());
        }
        List<Stack> found = new ArrayList<>();
        combine(0, 0, new ArrayList<>(), found);
        found.sort(Comparator.comparingInt(s -> s.layers().size()));
        Map<List<Long>, Stack> distinct = new LinkedHashMap<>();
        for (Stack stack : found) {
            double overfill = stack.overfillMm(press.openingMm());
            if (overfill > 0) {
                List<Long> key = List.of(Math.round(overfill / ALIKE_MM), Math.round(stack.softBackingMm() / ALIKE_MM));
                distinct.putIfAbsent(key, stack);
            }
        }
        return List.copyOf(distinct.values());
    }

    /** @param taken how many of those that are alike and come first are taken already */
    private void combine(int from, int taken, List<Board> chosen, List<Stack> found) {
        found.add(stack(chosen, null));
        // One plastic shim may also lie under the platform, where rollers may touch it.
        if (present.route().heated()) {
            chosen.stream()
                    .filter(b -> b.kind() == Board.Kind.PLASTIC_SHIM)
                    .findFirst()
                    .ifPresent(b -> found.add(stack(chosen, b)));
        }
        if (chosen.size() == MOST_ADDED) {
            return;
        }
        for (int i = from; i < alike.size(); i++) {
            int next = i == from ? taken : 0;
            if (next < alike.get(i).size()) {
                List<Board> more = new ArrayList<>(chosen);
                more.add(alike.get(i).get(next));
                combine(i, next + 1, more, found);
            }
        }
    }

    private Stack stack(List<Board> chosen, @Nullable Board under) {
        List<Layer> bare = present.stack().layers().stream()
                .filter(l -> !(l.item() instanceof Board board && board.kind().shim()))
                .toList();
        List<Board> above = new ArrayList<>(chosen);
        List<Layer> layers = new ArrayList<>(bare);
        int place = present.withStack(new Stack(bare)).shimPlace();
        if (under != null) {
            above.remove(under);
        }
        layers.addAll(place, above.stream().map(b -> new Layer(b, Facing.UP)).toList());
        if (under != null) {
            layers.add(0, new Layer(under, Facing.UP));
        }
        return new Stack(layers);
    }
}
