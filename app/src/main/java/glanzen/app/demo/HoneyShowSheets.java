package glanzen.app.demo;

import glanzen.app.kit.KitService;
import glanzen.kit.Film;
import glanzen.kit.Stock;
import glanzen.material.Surface;

/** Stock, foils and flock of the show. */
final class HoneyShowSheets {

    private final KitService kit;

    HoneyShowSheets(KitService kit) {
        this.kit = kit;
    }

    void lay() {
        stocks();
        others();
        films();
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
