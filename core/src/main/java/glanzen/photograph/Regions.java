package glanzen.photograph;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.alg.filter.binary.Contour;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayS32;
import boofcv.struct.image.GrayU8;
import java.util.ArrayList;
import java.util.List;

/** Connected pixels. */
public final class Regions {

    private Regions() {}

    /** The places in the raster of each region of marked pixels, corners included. */
    public static List<int[]> of(boolean[] marked, int width) {
        GrayU8 binary = new GrayU8(width, marked.length / width);
        for (int i = 0; i < marked.length; i++) {
            binary.data[i] = (byte) (marked[i] ? 1 : 0);
        }
        GrayS32 labels = new GrayS32(binary.width, binary.height);
        List<Contour> contours = BinaryImageOps.contour(binary, ConnectRule.EIGHT, labels);
        int[] sizes = new int[contours.size() + 1];
        for (int label : labels.data) {
            sizes[label]++;
        }
        List<int[]> regions = new ArrayList<>();
        for (int k = 1; k < sizes.length; k++) {
            regions.add(new int[sizes[k]]);
        }
        int[] filled = new int[sizes.length];
        for (int i = 0; i < labels.data.length; i++) {
            int label = labels.data[i];
            if (label > 0) {
                regions.get(label - 1)[filled[label]++] = i;
            }
        }
        return regions;
    }
}
