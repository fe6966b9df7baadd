package glanzen.material;

import org.jspecify.annotations.Nullable;

/**
 * What lets a film hold on to a sheet. It wets the sheet as a viscous film whose viscosity follows Arrhenius (Dara and
 * Loos 1985, Lee and Springer 1987, for intimate contact of thermoplastics).
 */
public enum BondingLayer {
    HOT_FOIL("hot foil adhesive", Fitted.FOIL_ACTIVATION, Fitted.FOIL_NEED),
    TONER("toner", 150_000, Fitted.TONER_NEED),
    REACTIVE_INK("heat-reactive ink", 130_000, Fitted.INK_NEED),
    GEL_FOIL("transfer gel, for foil", 40_000, Fitted.GEL_FOIL_NEED),
    GEL_FLOCK("transfer gel, for flock", 40_000, Fitted.GEL_FLOCK_NEED);

    private final String label;
    private final double activationJoulePerMole;
    private final @Nullable Fitted fittedActivation;
    private final Fitted need;

    BondingLayer(String label, double activationJoulePerMole, Fitted need) {
        this.label = label;
        this.activationJoulePerMole = activationJoulePerMole;
        this.fittedActivation = null;
        this.need = need;
    }

    BondingLayer(String label, Fitted activation, Fitted need) {
        this.label = label;
        this.activationJoulePerMole = 0;
        this.fittedActivation = activation;
        this.need = need;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    /** Activation energy of its viscosity, J/mol. */
    public double activationJoulePerMole() {
        return fittedActivation == null ? activationJoulePerMole : fittedActivation.value();
    }

    /** Median need on smooth card at the reference temperature 383.15 K, MPa·s. */
    public double need() {
        return need.value();
    }
}
