package glanzen.app.demo;

import glanzen.app.kit.KitService;
import glanzen.kit.Board;
import glanzen.kit.Board.Kind;
import glanzen.material.Material;

/** Boards and shims of the show, some of them worn. */
final class HoneyShowBoards {

    private final KitService kit;

    HoneyShowBoards(KitService kit) {
        this.kit = kit;
    }

    void lay() {
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
        board("traced", "Traced sheet", Kind.TRACING, Material.CARD, 0.10, 10, 0, 0, 1);
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
                        id.equals("outer-3") || id.equals("outer-dark"),
                        null),
                id);
    }

    /** For small dies: it bows less, and is cheaper to wear out. */
    private void half(String id, String name, double mm) {
        kit.add(
                Board.class,
                new Board(
                        id,
                        name,
                        Kind.OUTER_PLATE,
                        Material.POLYCARBONATE,
                        mm,
                        150,
                        105,
                        2,
                        0.1,
                        12,
                        420,
                        8,
                        0,
                        false,
                        null),
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
                new Board(id, name, kind, material, mm, 150, 210, owned, bowMm, passes, life, 0, 0, opaque, null),
                id);
    }
}
