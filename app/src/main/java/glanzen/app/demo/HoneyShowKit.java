package glanzen.app.demo;

import glanzen.app.kit.KitService;
import glanzen.artwork.Motif;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.material.Material;
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

    /** Across the corners, mm. */
    private static final int[] HEXAGONS = {94, 85, 76, 67, 58, 49, 40};

    private static final double[] SCALLOPS = {84, 76, 68, 60, 52};

    private final KitService kit;

    HoneyShowKit(KitService kit) {
        this.kit = kit;
    }

    void lay() {
        machines();
        rollers();
        new HoneyShowBoards(kit).lay();
        plates();
        new HoneyShowTools(kit).lay();
        new HoneyShowSheets(kit).lay();
        new HoneyShowLeftovers(kit).lay();
        new HoneyShowGluing(kit).lay();
    }

    private void machines() {
        press(new Press(OLD_IRON, "Old Iron", Press.Kind.CRANK, 14.00, 2200, 15, 155, 2600, 0.10, 4, 6, 9));
        press(new Press(WHIRR, "Whirr", Press.Kind.MOTOR, 13.95, 1700, 14, 230, 1800, 0.20, 4.5, 7, 10, true));
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
        for (int across : HEXAGONS) {
            double high = Math.round(across * Math.sqrt(3) / 2);
            nested("hexagon-" + across, "Hexagon " + across, across, high, Motif.Kind.HEXAGON, "Hexagons");
        }
        for (int i = 0; i < SCALLOPS.length; i++) {
            double size = SCALLOPS[i];
            nested("scallop-" + (i + 1), "Scallop " + Math.round(size), size, size, Motif.Kind.SCALLOP, "Scallops");
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
}
