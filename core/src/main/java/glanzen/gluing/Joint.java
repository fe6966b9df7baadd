package glanzen.gluing;

import glanzen.card.Assembly;
import glanzen.card.Laid;
import glanzen.card.Sheet.Decor;
import glanzen.card.Way;
import glanzen.kit.Stock;
import glanzen.measure.Figures;
import java.util.Locale;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * Where one piece is held on another.
 *
 * @param key of the piece
 * @param glue what holds it
 * @param areaMm2 where they touch, mm²
 * @param ml how much glue, ml
 * @param onFoil share of it that lies on foil, 0…1
 */
public record Joint(String key, Glue glue, double areaMm2, double ml, double onFoil) {

    /** Lines thinner than this take glue only from a thin tip, mm. */
    private static final double THIN_MM = 2;
    /** A piece smaller than this is put where it belongs at once, mm. */
    private static final double SMALL_MM = 30;
    /** So much of a piece must be thin for it to count as lace, as a share. */
    private static final double LACE = 0.5;

    /** How a piece is held. */
    static Joint of(Assembly assembly, Laid piece, Geometry ground, Geometry foiled, Geometry flocked) {
        Geometry touching = piece.shape().intersection(ground);
        double area = touching.getArea();
        Glue glue = glue(assembly, piece, touching.intersects(flocked));
        double onFoil = area == 0 ? 0 : touching.intersection(foiled).getArea() / area;
        return new Joint(piece.key(), glue, area, glue.ml(area), onFoil);
    }

    private static Glue glue(Assembly assembly, Laid piece, boolean onFlock) {
        Way way = piece.mounted().way();
        if (way == Way.LOOSE) {
            return Glue.NONE;
        }
        if (way == Way.PIVOTED) {
            return Glue.PIN;
        }
        if (piece.sheet().clear()) {
            return way == Way.BEHIND ? Glue.TAPE : Glue.DOTS;
        }
        if (piece.mounted().foamMm() > 0) {
            return Glue.FOAM;
        }
        if (onFlock) {
            return Glue.THICK;
        }
        if (lace(piece.shape())) {
            return Glue.THIN_TIP;
        }
        Envelope box = piece.shape().getEnvelopeInternal();
        boolean small = Math.max(box.getWidth(), box.getHeight()) < SMALL_MM;
        // A weight would press foam flat.
        boolean onFoam = assembly.host(piece).filter(h -> raised(assembly, h)).isPresent();
        return small || onFoam ? Glue.INSTANT : Glue.SLOW;
    }

    private static boolean raised(Assembly assembly, Laid piece) {
        return piece.mounted().foamMm() > 0
                || assembly.host(piece).filter(h -> raised(assembly, h)).isPresent();
    }

    /** Whether most of a shape is thinner than a thin tip's line. */
    private static boolean lace(Geometry shape) {
        Geometry thick = shape.buffer(-THIN_MM / 2).buffer(THIN_MM / 2);
        return thick.getArea() < LACE * shape.getArea();
    }

    /** Load that a millimetre of blade takes to go through a sheet, N. */
    static double bladeNPerMm(Stock stock) {
        return stock.kind().bladeNPerMm2() * stock.thicknessMm();
    }

    /** In words. */
    public String says() {
        StringBuilder text = new StringBuilder(glue.label());
        if (ml >= 0.05) {
            text.append(String.format(Locale.ROOT, ", %.1f ml", ml));
        }
        if (glue.slideSeconds() > 0) {
            text.append("; ").append(Figures.duration(glue.slideSeconds())).append(" to slide");
        }
        if (glue.weightMinutes() > 0) {
            text.append(", then a weight for ").append(Figures.duration(60 * glue.weightMinutes()));
        }
        return text.toString();
    }

    /** Whether a decor is something that glue does not hold on. */
    static boolean foil(Decor decor) {
        return !decor.colour().isEmpty() && !decor.flock();
    }
}
