package glanzen.stack;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.measure.Checks;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What goes through the press together.
 *
 * @param layers bottom to top; at least one, at most {@value #MOST}
 */
public record Stack(List<Layer> layers) {

    /** More layers than this no press takes, and no person stacks. */
    public static final int MOST = 24;

    public Stack {
        new Checks()
                .filled("layers", layers, "1 to " + MOST + " layers")
                .figure("layers", layers.size(), 0, MOST, "layers")
                .done();
        layers = List.copyOf(layers);
    }

    /** Sum of the free thicknesses, mm. */
    public double thicknessMm() {
        return layers.stream().mapToDouble(l -> l.item().thicknessMm()).sum();
    }

    /** {@code δ = Σt − g}: how much more there is than the opening, mm; not positive means the rollers do not grip. */
    public double overfillMm(double openingMm) {
        return thicknessMm() - openingMm;
    }

    /** Thickness of soft shims between tool, or else the sheet, and upper roller, mm: what makes the backing give. Stock does not count. */
    public double softBackingMm() {
        int tool = indexOf(Plate.class);
        return above(tool >= 0 ? tool : indexOf(Stock.class)).stream()
                .map(Layer::item)
                .filter(item -> !(item instanceof Stock)
                        && !(item instanceof Film)
                        && item.material().stiffness().soft())
                .mapToDouble(StackItem::thicknessMm)
                .sum();
    }

    /** How many more layers of a board there could be; negative where there are more than are owned. */
    public int left(Board board) {
        int laid = (int)
                layers.stream().filter(l -> l.item().id().equals(board.id())).count();
        return board.layers() - laid;
    }

    /** Place of the first layer of a kind, counted from the bottom; −1 if there is none. */
    public int indexOf(Class<? extends StackItem> kind) {
        return indexWhere(kind::isInstance);
    }

    /** Place of the first layer that fits, counted from the bottom; −1 if there is none. */
    public int indexWhere(Predicate<StackItem> fits) {
        for (int i = 0; i < layers.size(); i++) {
            if (fits.test(layers.get(i).item())) {
                return i;
            }
        }
        return -1;
    }

    /** The first item of a kind. */
    public <T extends StackItem> Optional<T> first(Class<T> kind) {
        return layers.stream()
                .map(Layer::item)
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst();
    }

    /** All items of a kind, bottom to top. */
    public <T extends StackItem> List<T> all(Class<T> kind) {
        return layers.stream()
                .map(Layer::item)
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    /** Layers above a place, bottom to top. */
    public List<Layer> above(int index) {
        return layers.subList(index + 1, layers.size());
    }

    /** The same with a layer put in at a place. */
    public Stack with(int index, Layer layer) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.add(Math.max(0, Math.min(index, changed.size())), layer);
        return new Stack(changed);
    }

    /** The same without the layer at a place. */
    public Stack without(int index) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.remove(index);
        return new Stack(changed);
    }

    /** The same with another layer at a place. */
    public Stack replaced(int index, Layer layer) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.set(index, layer);
        return new Stack(changed);
    }

    /** The same with one layer moved to another place. */
    public Stack moved(int from, int to) {
        List<Layer> changed = new ArrayList<>(layers);
        Layer layer = changed.remove(from);
        changed.add(Math.max(0, Math.min(to, changed.size())), layer);
        return new Stack(Collections.unmodifiableList(changed));
    }
}
