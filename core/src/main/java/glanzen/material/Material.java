package glanzen.material;

import glanzen.material.Stiffness.Hard;
import glanzen.material.Stiffness.Soft;

/** Materials of the bench with the values the pull model uses (docs/how-it-computes.md, table of materials). */
public enum Material {
    ALUMINIUM("aluminium", 160, 2700, 900, new Hard(70_000)),
    BRASS("brass or copper", 110, 8500, 380, new Hard(100_000)),
    MAGNESIUM("magnesium", 156, 1740, 1020, new Hard(45_000)),
    STEEL("steel", 45, 7850, 480, new Hard(200_000)),
    POLYCARBONATE("clear plastic", 0.20, 1200, 1200, new Hard(2_300)),
    LAMINATE("laminate", 0.30, 1400, 1400, new Hard(9_000)),
    CARD("card or paper", 0.10, 800, 1350, new Soft(2.0, 8.0)),
    TISSUE("tissue", 0.08, 600, 1350, new Soft(1.2, 7.0)),
    SATIN("satin ribbon", 0.06, 500, 1300, new Soft(1.0, 6.0)),
    ACETATE("polyester or acetate film", 0.20, 1300, 1300, new Hard(2_500)),
    RUBBER("rubber", 0.20, 1200, 1600, new Soft(8.0, 3.0)),
    POLYPROPYLENE("folder plastic", 0.20, 900, 1900, new Hard(1_300)),
    LEATHER("leather", 0.15, 860, 1500, new Soft(3.0, 5.0)),
    FABRIC("fabric or felt", 0.05, 250, 1300, new Soft(0.1, 5.0)),
    CORK("cork", 0.05, 200, 1900, new Soft(0.8, 5.0)),
    BALSA("balsa", 0.06, 160, 1700, new Soft(1.5, 6.0)),
    CORRUGATED("corrugated board", 0.06, 140, 1350, new Soft(0.2, 5.0));

    private final String label;
    private final double conductivity;
    private final double density;
    private final double heatCapacity;
    private final Stiffness stiffness;

    Material(String label, double conductivity, double density, double heatCapacity, Stiffness stiffness) {
        this.label = label;
        this.conductivity = conductivity;
        this.density = density;
        this.heatCapacity = heatCapacity;
        this.stiffness = stiffness;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    /** Thermal conductivity, W/(m·K). */
    public double conductivity() {
        return conductivity;
    }

    /** Density, kg/m³. */
    public double density() {
        return density;
    }

    /** Specific heat, J/(kg·K). */
    public double heatCapacity() {
        return heatCapacity;
    }

    /** How it gives under pressure. */
    public Stiffness stiffness() {
        return stiffness;
    }
}
