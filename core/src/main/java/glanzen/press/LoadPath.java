package glanzen.press;

import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.material.Stiffness;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The layers between tool face and upper roller that carry the load of a raised tool, each with how far the load has spread when it gets there: 45°, so
 * {@code b_i = b + 2·s_i} with s_i the thickness of the layers strictly between tool face and layer i.
 * Films are so thin that they are left out; tool and platform are metal and give nothing that matters.
 */
public final class LoadPath {

    private record Carrier(double thicknessMm, Stiffness stiffness, double spreadMm) {}

    /** Foil is thinner than this and gives nothing. */
    private static final double FOIL_MM = 0.05;

    private final List<Carrier> carriers;

    private LoadPath(List<Carrier> carriers) {
        this.carriers = carriers;
    }

    /**
     * From the tool's face towards the stock, and on to the roller there; where no tool lies in the stack, from the sheet
     * whose coat stands for it, upwards.
     */
    public static LoadPath of(Stack stack) {
        return of(facing(stack)).with(behindTool(stack));
    }

    /** What lies between platform and tool and gives: a traced sheet. The load comes to it through the tool. */
    private static LoadPath behindTool(Stack stack) {
        int platform = stack.indexOf(Platform.class);
        int tool = stack.indexOf(Plate.class);
        if (platform < 0 || tool < platform) {
            return new LoadPath(List.of());
        }
        double through = stack.layers().get(tool).item().thicknessMm();
        return new LoadPath(stack.layers().subList(platform + 1, tool).stream()
                .map(Layer::item)
                .map(item -> new Carrier(item.thicknessMm(), item.material().stiffness(), through))
                .toList());
    }

    private LoadPath with(LoadPath more) {
        if (more.carriers.isEmpty()) {
            return this;
        }
        List<Carrier> all = new ArrayList<>(carriers);
        all.addAll(more.carriers);
        return new LoadPath(all);
    }

    /** The same without the stock: what is left to give once a blade is through. */
    public static LoadPath behindBlade(Stack stack) {
        return of(facing(stack).stream()
                .filter(layer -> !(layer.item() instanceof Stock))
                .toList());
    }

    /** The layers the tool's face looks at, nearest first. */
    private static List<Layer> facing(Stack stack) {
        int tool = stack.indexOf(Plate.class);
        int stock = stack.indexOf(Stock.class);
        if (tool >= 0 && stock >= 0 && stock < tool) {
            List<Layer> below = new ArrayList<>(stack.layers().subList(0, tool));
            Collections.reverse(below);
            return below;
        }
        return stack.above(tool >= 0 ? tool : stock - 1);
    }

    private static LoadPath of(List<Layer> layers) {
        List<Carrier> carriers = new ArrayList<>();
        double between = 0;
        for (Layer layer : layers) {
            StackItem item = layer.item();
            if (item.thicknessMm() > FOIL_MM || !(item instanceof Film)) {
                carriers.add(new Carrier(item.thicknessMm(), item.material().stiffness(), between));
                between += item.thicknessMm();
            }
        }
        return new LoadPath(carriers);
    }

    /** A single layer between hard faces, mm. */
    public static LoadPath through(double thicknessMm, Material material) {
        return new LoadPath(List.of(new Carrier(thicknessMm, material.stiffness(), 0)));
    }

    /**
     * Compression of all layers together, {@code Σc_i}.
     *
     * @param imagePressureMpa pressure on the raised face, MPa
     * @param raisedWidthMm b, mm
     * @return mm
     */
    public double compressionMm(double imagePressureMpa, double raisedWidthMm) {
        double sum = 0;
        for (Carrier c : carriers) {
            double pressure = imagePressureMpa * raisedWidthMm / (raisedWidthMm + 2 * c.spreadMm);
            sum += c.stiffness.compressionMm(c.thicknessMm, pressure);
        }
        return sum;
    }

    /** Compression of the sheet touching the tool, mm: the dent that stays as deboss. */
    public double debossMm(double imagePressureMpa) {
        Carrier sheet = carriers.get(0);
        return sheet.stiffness.compressionMm(sheet.thicknessMm, imagePressureMpa);
    }
}
