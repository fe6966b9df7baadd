package glanzen.kit;

import glanzen.artwork.Motif;
import glanzen.artwork.SvgReader;
import glanzen.kit.Platform.Level;
import glanzen.material.Material;
import glanzen.material.Surface;
import java.util.List;

/** What a new thing of each shelf starts from; a person changes what is otherwise. Its name is for them to give. */
public final class Starts {

    private static final String UNNAMED = "new";

    /** A crank press of steel. */
    public static final Press PRESS = new Press("", UNNAMED, Press.Kind.CRANK, 14, 2200, 15, 155, 2600, 0.10, 4, 6, 9);

    /** A platform of A5 with one level. */
    public static final Platform PLATFORM =
            new Platform("", UNNAMED, 9, 150, 210, 900, 0.6, 150, List.of(new Level("low", 112)), 25);

    /** A roller machine that is warm in five minutes. */
    public static final HeatedRollers ROLLERS = new HeatedRollers(
            "",
            UNNAMED,
            Machine.Kind.ROLLER_MACHINE,
            230,
            0.9,
            0.2,
            8,
            List.of(new Level("setting 1", 118)),
            300,
            0.1,
            5,
            9,
            15);

    /** A plastic shim. */
    public static final Board BOARD = new Board(
            "",
            UNNAMED,
            Board.Kind.PLASTIC_SHIM,
            Material.POLYCARBONATE,
            0.5,
            150,
            210,
            1,
            0,
            0,
            500,
            0,
            0,
            false,
            null);

    /** A hot foil plate. */
    public static final Plate PLATE =
            new Plate("", UNNAMED, Plate.Kind.PLATE, Material.BRASS, 1.6, 60, 30, Motif.words("words"));

    /** Smooth card of 300 g/m². */
    public static final Stock STOCK =
            new Stock("", UNNAMED, Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300, 108, 140, 20, true, false, "#f6efdd");

    /** A roll of hot foil. */
    public static final Film FILM = new Film("", UNNAMED, Film.Kind.HOT_FOIL, 0.012, 100, 5000, 5000, "#b8683a");

    /** A piece as it is often left. */
    public static final Leftover LEFTOVER = new Leftover("", UNNAMED, "none", 100, 80, "", List.of());

    /** What falls out of a window. */
    public static final Offcut OFFCUT = new Offcut("", UNNAMED, "none", 60, 40, "", 1);

    /** A usual sheet of foam. */
    public static final FoamSheet FOAM = new FoamSheet("", UNNAMED, 2, 150, 200, 1);

    /** An envelope for a folded A5 sheet. */
    public static final Envelope ENVELOPE = new Envelope("", UNNAMED, 162, 114, 5);

    /** The metal reaches this far past a design on every side, mm. */
    private static final double RIM_MM = 2;

    private static final double THIN_DIE_MM = 1.1;

    private Starts() {}

    /** A tool that carries an outline from a file: a hot foil plate, or a thin die where it was drawn in hairlines. */
    public static Plate drawn(SvgReader.Outline outline) {
        boolean die = outline.hairline();
        return new Plate(
                "",
                UNNAMED,
                die ? Plate.Kind.THIN_DIE : PLATE.kind(),
                die ? Material.STEEL : PLATE.material(),
                die ? THIN_DIE_MM : PLATE.thicknessMm(),
                tenths(outline.widthMm() + 2 * RIM_MM),
                tenths(outline.heightMm() + 2 * RIM_MM),
                Motif.outlined(outline.shape()));
    }

    private static double tenths(double mm) {
        return Math.round(10 * mm) / 10.0;
    }
}
