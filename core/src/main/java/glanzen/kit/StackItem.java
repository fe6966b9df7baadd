package glanzen.kit;

import glanzen.material.Material;

/** Anything a person owns that goes through a press as one layer. */
public sealed interface StackItem extends Owned permits Platform, Board, Plate, Stock, Film {

    /** What it is made of, for conduction and stiffness. */
    Material material();

    /** Free thickness, mm. */
    double thicknessMm();

    /** Width across the feed, mm. */
    double widthMm();

    /** Length along the feed, mm. */
    double heightMm();
}
