package glanzen.pull;

import glanzen.artwork.ArtworkShelf;
import glanzen.route.Standard;
import glanzen.setup.PressedArtwork;
import glanzen.setup.SetUp;

/**
 * What a rig that is just as its labels say makes of a set-up that can be computed: what rules go by. It is the forecast's
 * own sum for one rig; only heat is left out, since no rule needs it.
 */
public final class AsLabelled {

    private static final double SPARE = 2;

    private final SetUp setUp;
    private final ArtworkShelf shelf;

    /** @param shelf where artwork is drawn */
    public AsLabelled(SetUp setUp, ArtworkShelf shelf) {
        this.setUp = setUp;
        this.shelf = shelf;
    }

    /** The greatest force in the nip, N. */
    public double forceN() {
        return switch (setUp.route().mechanism()) {
            case TRANSFER -> pressedForceN();
            case CUT -> cut().forceN();
            case EMBOSS -> formed().forceN();
            case CUT_AND_EMBOSS -> Math.max(cut().forceN(), formed().forceN());
        };
    }

    /** Over the widest part of the design: more raised ground takes more force. */
    private double pressedForceN() {
        return Pressing.greatestForceN(setUp, PressedArtwork.of(setUp, shelf));
    }

    /** Whether all comes out where film is pressed on, heat and all, with something to spare for luck. */
    public boolean complete() {
        PullResponse doses = TransferModel.forOne(setUp, PressedArtwork.of(setUp, shelf), Rig.AS_LABELLED)
                .doses(Rig.AS_LABELLED);
        return doses.lnForKept(doses.standard().enough()) < -SPARE * RigPriors.LN_LUCK;
    }

    /**
     * How far the dose is from too little and from too much, heat and all, whichever is nearer; ln. Below nought it does not come out.
     */
    public double room() {
        PullResponse doses = PullModels.forOne(setUp, shelf, Rig.AS_LABELLED).doses(Rig.AS_LABELLED);
        if (doses.spoiled().isPresent()) {
            return Double.NEGATIVE_INFINITY;
        }
        Standard standard = doses.standard();
        return Math.min(-doses.lnForKept(standard.enough()), doses.lnForExcess(standard.mostExcessMm()));
    }

    private DoseField cut() {
        return new BladeModel(setUp, PressedArtwork.blade(setUp, shelf)).doses(Rig.AS_LABELLED);
    }

    private DoseField formed() {
        return relief().doses(Rig.AS_LABELLED);
    }

    private ReliefModel relief() {
        return new ReliefModel(setUp, PressedArtwork.of(setUp, shelf));
    }

    /** Line load over all passes where the blade gets least of it, against what cuts the stock through: 1 is just enough. */
    public double cutMargin() {
        return cut().least();
    }

    /** Pressure over all passes on the broadest part of the relief, against what forms it: 1 is just enough. */
    public double reliefDose() {
        return relief().mainDose(Rig.AS_LABELLED);
    }

    /** Pressure over all passes where the relief gets much of it, against what cracks the stock: from 1 it is seen to crack. */
    public double tearing() {
        return formed().most() / ReliefModel.tearing(setUp);
    }
}
