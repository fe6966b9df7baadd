package glanzen.training;

import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Remedy;
import glanzen.picture.Picture;
import glanzen.picture.PullPicture;
import glanzen.pull.PullModel;
import glanzen.pull.PullOutcome;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;
import glanzen.pull.TransferModel;
import glanzen.setup.SetUp;
import glanzen.simulate.Mishap;
import java.util.Random;

/** A simulated pull with one thing wrong, and the next one after a change. */
record Spoilt(SetUp setUp, PullModel model, Cause cause, long seed) {

    /** How much a change for more or less changes what is given, as a share of the room between too little and too much. */
    private static final double CHANGE = 0.8;

    private static final double LEAST_ROOM_LN = 0.3;
    private static final double MOVED_MM = 0.4;

    private double given() {
        return Mishap.given(cause, new Random(seed));
    }

    /** A rig on which the set-up gives so much: from 0, just enough, to 1, as much as may be. */
    private Rig giving(double share) {
        PullResponse doses = model.doses(Rig.AS_LABELLED);
        double less = finite(doses.lnFor(setUp.route().standard().enough()), 0);
        double most =
                setUp.route().standard().counting(model.artwork().counterMm()).mostExcessMm();
        double room = Math.max(LEAST_ROOM_LN, finite(doses.lnForExcess(most), less + 1.5) - less);
        double ln = share < 0 ? less + share : share > 1 ? less + room + share - 1 : less + share * room;
        return Rig.AS_LABELLED.needing(Math.max(-4, Math.min(4, -ln)));
    }

    private static double finite(double ln, double otherwise) {
        return Double.isFinite(ln) ? ln : otherwise;
    }

    /** Whether what the set-up itself gives comes out as the cause means it: too little, too much, or clean. */
    boolean asMeant() {
        PullOutcome pull = model.pull(giving(given()));
        return switch (cause) {
            case TOO_LITTLE, SHEETS -> pull.under();
            case TOO_MUCH, STIFF -> pull.over();
            default -> pull.clean();
        };
    }

    /** What is put in front of a person. */
    String says() {
        return cause == Cause.SHEETS
                ? "Somebody cut two sheets at once and put them in front of you: the upper one on the left, the one below on the right."
                : "Somebody pulled this and put it in front of you.";
    }

    Picture picture() {
        return drawn(given(), cause, seed);
    }

    /** The next pull after one change. */
    Picture after(Remedy remedy) {
        if (remedy.cures(cause)) {
            return drawn(Mishap.given(Cause.AS_SET, new Random(seed)), Cause.AS_SET, seed + 1);
        }
        double changed = given() + (remedy == Remedy.MORE ? CHANGE : remedy == Remedy.LESS ? -CHANGE : 0);
        return drawn(changed, cause, seed + 1);
    }

    private Picture drawn(double given, Cause shown, long luck) {
        double widthMm = model.artwork().designBox().getWidth();
        Mishap mishap = new Mishap(shown, widthMm, luck);
        Rig rig = giving(given);
        Picture pull = shown == Cause.MOVED && model instanceof TransferModel transfer
                ? new PullPicture(setUp, transfer, rig, luck).ghosted(MOVED_MM).spoilt(mishap)
                : Picture.of(setUp, model, rig, luck, mishap);
        Picture seen = mishap.on(pull);
        return cause == Cause.SHEETS ? Outline.beside(upper(luck), seen) : seen;
    }

    /** Of two sheets the one next to the blade is through. */
    private Picture upper(long luck) {
        return Picture.of(setUp, model, giving(Mishap.given(Cause.AS_SET, new Random(seed))), luck);
    }
}
