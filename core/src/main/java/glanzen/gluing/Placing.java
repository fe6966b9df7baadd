package glanzen.gluing;

import glanzen.card.Assembly;
import glanzen.card.Laid;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/** Where a piece lies on what carries it, said so that it can be measured with a ruler. */
final class Placing {

    private static final double SAME_MM = 0.3;

    private Placing() {}

    static String says(Assembly assembly, Laid piece) {
        Envelope ground =
                assembly.host(piece).map(h -> h.shape().getEnvelopeInternal()).orElse(assembly.baseBox());
        Envelope box = piece.shape().getEnvelopeInternal();
        double left = box.getMinX() - ground.getMinX();
        double right = ground.getMaxX() - box.getMaxX();
        double foot = box.getMinY() - ground.getMinY();
        double top = ground.getMaxY() - box.getMaxY();
        boolean across = Math.abs(left - right) < SAME_MM;
        boolean along = Math.abs(foot - top) < SAME_MM;
        if (across && along && Math.abs(left - foot) < SAME_MM && left >= 0) {
            return left < SAME_MM ? "edge on edge" : Figures.length(left) + " showing all round";
        }
        List<String> parts = new ArrayList<>();
        parts.add(across ? "centred across" : Figures.length(left) + " from the left");
        parts.add(along ? "centred up and down" : Figures.length(foot) + " from the foot");
        return String.join(", ", parts);
    }
}
