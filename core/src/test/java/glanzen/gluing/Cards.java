package glanzen.gluing;

import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Sheet;
import glanzen.card.Sheet.Decor;
import glanzen.card.Way;
import glanzen.kit.Stock;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.material.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.util.GeometricShapeFactory;

/** Cards to try things on. */
final class Cards {

    static final GeometryFactory GEOMETRY = new GeometryFactory();
    static final Stock STOCK = new Stock(
            "ivory", "Ivory card", Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300, 320, 450, 40, true, false, "#f6efdd");
    static final Stock CLEAR = new Stock(
            "clear", "Clear sheet", Stock.Kind.ACETATE, Surface.SMOOTH, 0.2, 0, 210, 297, 5, false, true, "#eef4f8");

    private Cards() {}

    static Base base(Fold fold) {
        return new Base(148, 105, fold, STOCK.id(), Grain.UPRIGHT, "");
    }

    static Sheet plain(String name, double widthMm, double heightMm) {
        return Sheet.plain(name, STOCK, widthMm, heightMm);
    }

    static Sheet round(String name, double acrossMm) {
        GeometricShapeFactory shapes = new GeometricShapeFactory();
        shapes.setSize(acrossMm);
        shapes.setNumPoints(48);
        return new Sheet(name, STOCK, acrossMm, acrossMm, shapes.createCircle(), List.of());
    }

    static Sheet windowed(String name, double widthMm, double heightMm, double hole) {
        Geometry opening = box((widthMm - hole) / 2, (heightMm - hole) / 2, hole, hole);
        Sheet plain = plain(name, widthMm, heightMm);
        return new Sheet(name, STOCK, widthMm, heightMm, plain.shape().difference(opening), List.of());
    }

    static Sheet worded(Sheet sheet, Geometry words) {
        Decor decor = new Decor("Honey", words, "#b87333", Sheet.Look.WORDS, false, 900, 120, 0);
        return new Sheet(sheet.name(), sheet.stock(), sheet.widthMm(), sheet.heightMm(), sheet.shape(), List.of(decor));
    }

    static Polygon box(double x, double y, double w, double h) {
        return GEOMETRY.createPolygon(new Coordinate[] {
            new Coordinate(x, y),
            new Coordinate(x + w, y),
            new Coordinate(x + w, y + h),
            new Coordinate(x, y + h),
            new Coordinate(x, y)
        });
    }

    static Mounted at(String piece, String on, double foamMm, double xMm, double yMm) {
        return Mounted.centred(piece, on, foamMm > 0 ? Way.RAISED : Way.FLAT, foamMm)
                .held(PlacementConstraint.at(Kind.FROM_LOW, xMm), PlacementConstraint.at(Kind.FROM_LOW, yMm));
    }

    static CardLook look(CardPlan plan, Sheet... sheets) {
        Map<String, Sheet> byName = new HashMap<>();
        for (Sheet s : sheets) {
            byName.put(s.name(), s);
        }
        return new CardLook(new Assembly(plan, STOCK, byName), FoamShelf.EMPTY, List.of());
    }

    /** Pieces of all kinds anywhere on a card, one on another. */
    static CardLook any(int pieces, long seed) {
        Random luck = new Random(seed);
        List<Mounted> mounted = new ArrayList<>();
        List<Sheet> sheets = new ArrayList<>();
        for (int n = 0; n < pieces; n++) {
            String name = "piece " + n;
            double size = 15 + 50 * luck.nextDouble();
            sheets.add(
                    switch (luck.nextInt(3)) {
                        case 0 -> round(name, size);
                        case 1 -> windowed(name, size + 20, size + 10, size / 2);
                        default -> worded(plain(name, size, 0.6 * size), box(2, 2, size / 2, size / 4));
                    });
            String on = luck.nextBoolean() ? luck.nextInt(4) == 0 ? Mounted.INSIDE : Mounted.FRONT : before(n, luck);
            mounted.add(at(name, on, luck.nextInt(4), 60 * luck.nextDouble(), 40 * luck.nextDouble()));
        }
        return look(new CardPlan(base(Fold.LEFT), null, mounted), sheets.toArray(Sheet[]::new));
    }

    private static String before(int n, Random luck) {
        return n == 0 ? Mounted.FRONT : "piece " + luck.nextInt(n);
    }

    static Geometry turnedOver(Geometry shape) {
        return AffineTransformation.reflectionInstance(0, 0, 0, 1).transform(shape);
    }
}
