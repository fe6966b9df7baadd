package glanzen.app.demo;

import glanzen.app.kit.KitService;
import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Board.Kind;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.material.Surface;
import java.util.ArrayList;
import java.util.List;

/** What the people of the Alder Lane Honey Show own. */
final class HoneyShowKit {

    static final String OLD_IRON = "old-iron";
    static final String WHIRR = "whirr";
    static final String A5 = "a5-platform";
    static final String ROLLERS = "roller-foiler";
    static final String LAMINATOR = "laminator";
    static final String WARM_PRESS = "heated-press";

    private static final String[] ORDINALS = {"largest", "second", "third", "fourth", "fifth", "sixth"};
    private static final double[][] OVALS = {{96, 72}, {86, 64}, {76, 57}, {66, 50}, {56, 43}, {46, 36}};
    private static final double[] SCALLOPS = {84, 76, 68, 60, 52};

    private final KitService kit;

    HoneyShowKit(KitService kit) {
        this.kit = kit;
    }

    void lay() {
        machines();
        rollers();
        boards();
        plates();
        new HoneyShowTools(kit).lay();
        stocks();
        others();
        films();
        new HoneyShowLeftovers(kit).lay();
    }

    private void machines() {
        press(new Press(OLD_IRON, "Old Iron", Press.Kind.CRANK, 14.00, 2200, 15, 155, 2600, 0.10, 4, 8, 14));
        press(new Press(WHIRR, "Whirr", Press.Kind.MOTOR, 13.95, 1700, 14, 230, 2200, 0.20, 5, 9, 13, true));
        kit.add(
                Platform.class,
                new Platform(
                        A5,
                        "A5 platform",
                        9.0,
                        150,
                        210,
                        900,
                        0.6,
                        150,
                        List.of(new Platform.Level("low", 112), new Platform.Level("high", 126)),
                        25),
                A5);
    }

    private void rollers() {
        rollers(ROLLERS, "Roller foiler", Machine.Kind.ROLLER_MACHINE, 0.9, 0.22, 8, 300, 0.10, 112, 118, 128);
        rollers(LAMINATOR, "Household laminator", Machine.Kind.LAMINATOR, 0.7, 0.13, 6, 1800, 0.35, 105, 130);
        rollers(WARM_PRESS, "Heated press", Machine.Kind.HEATED_PRESS, 6, 0.30, 10, 480, 0.15, 112, 120, 135);
    }

    private void rollers(
            String id,
            String name,
            Machine.Kind kind,
            double gapMm,
            double mpa,
            double nipMm,
            double warmUpSeconds,
            double unevenness,
            double... celsius) {
        List<Platform.Level> settings = new ArrayList<>();
        for (double c : celsius) {
            settings.add(new Platform.Level("setting " + (settings.size() + 1), c));
        }
        kit.add(
                HeatedRollers.class,
                new HeatedRollers(
                        id, name, kind, 230, gapMm, mpa, nipMm, settings, warmUpSeconds, unevenness, 5, 9, 15),
                id);
    }

    private void press(Press press) {
        kit.add(Press.class, press, press.id());
    }

    private void boards() {
        board("spacer", "Spacer", Kind.SPACER, Material.LAMINATE, 3.00, 1, 0.2, 212, 1200);
        priced("outer-1", "Outer plate, clear", 3.05, 15, 4.1, 341);
        priced("outer-2", "Outer plate, new", 3.10, 15, 0.3, 18);
        priced("outer-3", "Outer plate, another maker’s", 2.75, 6, 6.4, 61);
        priced("outer-dark", "Outer plate, dark", 3.10, 18, 0.5, 26);
        half("outer-half", "Half-size outer plate", 3.10);
        board("plastic-05", "Plastic shim", Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.50, 2, 0.4, 148, 600);
        board("plastic-025", "Thin plastic shim", Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.25, 1, 0.1, 22, 400);
        board("metal-04", "Metal shim", Kind.METAL_SHIM, Material.STEEL, 0.40, 1, 0.2, 96, 2000);
        board("metal-02", "Thin metal shim", Kind.METAL_SHIM, Material.STEEL, 0.20, 1, 0.1, 31, 2000);
        board("magnetic", "Magnetic shim", Kind.MAGNETIC_SHIM, Material.STEEL, 0.30, 1, 0.3, 74, 1500);
        board("mat", "Embossing mat", Kind.EMBOSSING_MAT, Material.RUBBER, 1.50, 1, 0, 40, 500);
        board("embossing-plate", "Embossing plate", Kind.EMBOSSING_PLATE, Material.LAMINATE, 2.00, 1, 0.2, 33, 900);
        board("base", "Platform base", Kind.BASE, Material.POLYCARBONATE, 6.25, 1, 0.1, 120, 3000);
        board("carrier", "Carrier sheet", Kind.CARRIER, Material.ACETATE, 0.15, 2, 0, 41, 200);
        board("folded", "Folded paper", Kind.CARRIER, Material.CARD, 0.10, 10, 0, 4, 20);
        board("parchment", "Baking parchment", Kind.PARCHMENT, Material.CARD, 0.05, 6, 0, 5, 15);
        board("card-030", "Card shim", Kind.CARD_SHIM, Material.CARD, 0.30, 6, 0, 12, 60);
        board("card-016", "Paper shim", Kind.CARD_SHIM, Material.CARD, 0.16, 6, 0, 20, 60);
        board("tissue", "Tissue shim", Kind.TISSUE_SHIM, Material.TISSUE, 0.04, 10, 0, 3, 20);
    }

    private void priced(String id, String name, double mm, double price, double bowMm, int passes) {
        kit.add(
                Board.class,
                new Board(
                        id,
                        name,
                        Kind.OUTER_PLATE,
                        Material.POLYCARBONATE,
                        mm,
                        150,
                        210,
                        2,
                        bowMm,
                        passes,
                        420,
                        price,
                        0,
                        id.equals("outer-3") || id.equals("outer-dark")),
                id);
    }

    /** For small dies: it bows less, and is cheaper to wear out. */
    private void half(String id, String name, double mm) {
        kit.add(
                Board.class,
                new Board(
                        id, name, Kind.OUTER_PLATE, Material.POLYCARBONATE, mm, 150, 105, 2, 0.1, 12, 420, 8, 0, false),
                id);
    }

    private void board(
            String id,
            String name,
            Kind kind,
            Material material,
            double mm,
            int owned,
            double bowMm,
            int passes,
            int life) {
        // The base is grey: a press that looks for its plates sees it.
        boolean opaque = kind == Kind.BASE;
        kit.add(
                Board.class,
                new Board(id, name, kind, material, mm, 150, 210, owned, bowMm, passes, life, 0, 0, opaque),
                id);
    }

    private void plates() {
        plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.60, 46, 40, Motif.of(Motif.Kind.BEE));
        plate("first", "First", Plate.Kind.PLATE, Material.BRASS, 1.60, 48, 20, Motif.words("First"));
        plate("second", "Second", Plate.Kind.PLATE, Material.BRASS, 1.60, 62, 20, Motif.words("Second"));
        plate("third", "Third", Plate.Kind.PLATE, Material.BRASS, 1.60, 48, 20, Motif.words("Third"));
        plate("show", "Honey Show", Plate.Kind.PLATE, Material.BRASS, 1.60, 96, 18, Motif.words("Honey Show"));
        plate("alder-lane", "Alder Lane", Plate.Kind.PLATE, Material.BRASS, 1.60, 70, 14, Motif.words("Alder Lane"));
        plate("rosette", "Rosette", Plate.Kind.PLATE, Material.BRASS, 1.60, 64, 64, Motif.of(Motif.Kind.ROSETTE));
        plate("comb", "Comb ground", Plate.Kind.PLATE, Material.BRASS, 1.60, 84, 60, Motif.of(Motif.Kind.COMB));
        plate(
                "band",
                "Certificate band",
                Plate.Kind.SOLID_PLATE,
                Material.BRASS,
                1.60,
                100,
                60,
                Motif.of(Motif.Kind.SOLID));
        plate(
                "die-rosette",
                "Rosette die",
                Plate.Kind.THIN_DIE,
                Material.STEEL,
                1.25,
                52,
                52,
                Motif.of(Motif.Kind.ROSETTE));
        for (int i = 0; i < OVALS.length; i++) {
            nested("oval-" + (i + 1), "Oval, " + ORDINALS[i], OVALS[i][0], OVALS[i][1], Motif.Kind.OVAL, "Ovals");
        }
        for (int i = 0; i < SCALLOPS.length; i++) {
            double size = SCALLOPS[i];
            nested("scallop-" + (i + 1), "Scallop, " + ORDINALS[i], size, size, Motif.Kind.SCALLOP, "Scallops");
        }
        nested("tag-long", "Long tag", 52, 236, Motif.Kind.TAG, "");
        Motif oval = Motif.of(Motif.Kind.OVAL);
        plate("oval-ground", "Oval ground", Plate.Kind.STENCIL, Material.POLYCARBONATE, 0.25, 88, 72, oval);
        plate("die-bee", "Bee die", Plate.Kind.THIN_DIE, Material.STEEL, 1.25, 40, 36, Motif.of(Motif.Kind.BEE));
    }

    private void plate(
            String id,
            String name,
            Plate.Kind kind,
            Material material,
            double mm,
            double width,
            double height,
            Motif motif) {
        kit.add(Plate.class, new Plate(id, name, kind, material, mm, width, height, motif), id);
    }

    private void nested(String id, String name, double width, double height, Motif.Kind line, String set) {
        kit.add(
                Plate.class,
                new Plate(id, name, Plate.Kind.THIN_DIE, Material.STEEL, 1.1, width, height, Motif.of(line), set),
                id);
    }

    private void stocks() {
        card("ivory-300", "Ivory card", Surface.SMOOTH, 0.34, 300, 24, "#f6efdd");
        card("white-350", "White card", Surface.COATED, 0.37, 350, 15, "#fbfbf7");
        card("slate-270", "Slate card", Surface.VELLUM, 0.34, 270, 9, "#3f4a57");
        card("honey-216", "Honey paper", Surface.SMOOTH, 0.27, 216, 12, "#f2d48a");
        card("wash-300", "Watercolour sheet", Surface.TEXTURED, 0.45, 300, 6, "#f7f4ec");
        card("text-160", "White paper", Surface.SMOOTH, 0.19, 160, 40, "#ffffff");
        kit.add(
                Stock.class,
                new Stock(
                        "ribbon-25",
                        "Satin ribbon",
                        Stock.Kind.RIBBON,
                        Surface.SATIN,
                        0.22,
                        0,
                        25,
                        4000,
                        12,
                        true,
                        false,
                        "#f4e9ea"),
                "ribbon-25");
        kit.add(
                Stock.class,
                new Stock(
                        "acetate-hot",
                        "Heat-proof acetate",
                        Stock.Kind.ACETATE,
                        Surface.ACETATE,
                        0.20,
                        0,
                        105,
                        148,
                        10,
                        true,
                        true,
                        "#e6eef0"),
                "acetate-hot");
        kit.add(
                Stock.class,
                new Stock(
                        "acetate-plain",
                        "Plain acetate",
                        Stock.Kind.ACETATE,
                        Surface.ACETATE,
                        0.15,
                        0,
                        105,
                        148,
                        20,
                        false,
                        false,
                        "#e9f0f2"),
                "acetate-plain");
    }

    /** What is not card, ribbon or acetate. */
    private void others() {
        other("toner-comb", "Toner sheet, comb", Stock.Kind.TONER_SHEET, Surface.SMOOTH, 0.19, 160, 20, "#fdfdfb");
        other("toner-white", "White toner sheet", Stock.Kind.TONER_SHEET, Surface.SMOOTH, 0.19, 160, 6, "#f3f3f0");
        other("toner-clear", "Clear toner sheet", Stock.Kind.TONER_SHEET, Surface.ACETATE, 0.12, 0, 5, "#e6edf0");
        other("toner-black", "Black toner sheet", Stock.Kind.TONER_SHEET, Surface.SMOOTH, 0.19, 160, 8, "#2a2a2e");
        other("toner-sticky", "Sticky toner sheet", Stock.Kind.TONER_ADHESIVE, Surface.SMOOTH, 0.22, 180, 6, "#f4f6f7");
        other("laser", "Own laser print", Stock.Kind.LASER_PRINT, Surface.COATED, 0.27, 250, 30, "#fbfbf7");
        other("leather", "Tan leather", Stock.Kind.LEATHER, Surface.LEATHER, 1.20, 0, 3, "#a9794d");
        other("felt", "Yellow felt", Stock.Kind.FELT, Surface.TEXTURED, 1.20, 0, 5, "#e3b53a");
        other("cork", "Cork sheet", Stock.Kind.CORK, Surface.TEXTURED, 1.00, 0, 4, "#b98d5e");
        other("balsa", "Balsa sheet", Stock.Kind.BALSA, Surface.TEXTURED, 1.00, 0, 2, "#e2cfa8");
        other("corrugated", "Corrugated board", Stock.Kind.CORRUGATED, Surface.TEXTURED, 1.50, 0, 6, "#c3a27a");
    }

    private void other(
            String id, String name, Stock.Kind kind, Surface surface, double mm, double gsm, int left, String colour) {
        kit.add(Stock.class, new Stock(id, name, kind, surface, mm, gsm, 105, 148, left, true, false, colour, 1.2), id);
    }

    private void card(String id, String name, Surface surface, double mm, double gsm, int left, String colour) {
        kit.add(
                Stock.class,
                new Stock(id, name, Stock.Kind.CARD, surface, mm, gsm, 210, 297, left, true, false, colour, gsm / 700),
                id);
    }

    private void films() {
        film("copper", "Copper foil", 4200, "#b8683a");
        film("gold", "Gold foil", 3900, "#c69a3b");
        film("rose", "Rose foil", 2600, "#c77d78");
        film("silver", "Silver foil", 4700, "#a9b0b8");
        film("honey", "Honey foil", 2300, "#d68f1f");
        film("green", "Leaf foil", 4900, "#3f7a52");
        film("blue", "Dusk foil", 640, "#44638f");
        film("black", "Black foil", 4100, "#2b2b30");
        film("leaf-gold", "Gold transfer foil", Film.Kind.TRANSFER_FOIL, 0.012, 4400, "#cfa63f");
        film("leaf-copper", "Copper transfer foil", Film.Kind.TRANSFER_FOIL, 0.012, 3100, "#bb7146");
        film("flock-brown", "Brown flock", Film.Kind.FLOCK, 0.4, 4000, "#5b3d2b");
    }

    private void film(String id, String name, double leftCm2, String colour) {
        film(id, name, Film.Kind.HOT_FOIL, 0.012, leftCm2, colour);
    }

    private void film(String id, String name, Film.Kind kind, double mm, double leftCm2, String colour) {
        kit.add(
                Film.class,
                new Film(id, name, kind, mm, 100, 5000, leftCm2, colour, id.equals("silver") ? 7.5 : 11),
                id);
    }
}
