package glanzen.press;

import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.StackItem;
import glanzen.material.Material;
import glanzen.material.Stiffness;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;

/**
 * The layers between tool face and upper roller that carry the load of a raised tool, each with how far the load has spread when it gets there: 45°, so
 * {@code b_i = b + 2·s_i} with s_i the thickness of the layers strictly between tool face and layer i.
 * Films are so thin that they are left out; tool and platform are metal and give nothing that matters.
 */
public final class LoadPath {

    private record Carrier(double thicknessMm, Stiffness stiffness, double spreadMm) {}

    private final List<Carrier> carriers;

    private LoadPath(List<Carrier> carriers) {
        this.carriers = carriers;
    }

    /** @param stack a stack with a plate in it and a sheet above the plate */
    public static LoadPath of(Stack stack) {
        List<Carrier> carriers = new ArrayList<>();
        double between = 0;
        for (Layer layer : stack.above(stack.indexOf(Plate.class))) {
            StackItem item = layer.item();
            if (!(item instanceof Film)) {
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
